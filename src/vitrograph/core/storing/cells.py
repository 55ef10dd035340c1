"""Lists as spreadsheets write and read them: their letters, and cells they would run as formulas.

Such cells are written so that they are not run, and read back as they were.
"""

_RUN = ("=", "+", "-", "@", "\t", "\r", "\n")


def harmless(text: str) -> str:
    """A cell with an apostrophe before what a spreadsheet takes for a formula.

    OWASP, CSV Injection: = + - @, and the tabs and line ends that are passed over before them.
    """
    return f"'{text}" if text.startswith(_RUN) or (text.startswith("'") and text[1:].startswith(_RUN)) else text


def as_written(cell: str) -> str:
    """The cell without that apostrophe.

    >>> as_written(harmless("=2+3")), as_written("'s-Hertogenbosch")
    ('=2+3', "'s-Hertogenbosch")
    """
    return cell[1:] if cell.startswith("'") and cell[1:].lstrip("'").startswith(_RUN) else cell


def decoded(content: bytes) -> str | None:
    """The text of a file: UTF-8 with and without mark, UTF-16, or Latin letters of one byte; None where it is none.

    >>> decoded("Ä".encode("utf-16")), decoded(b"\\xc4"), decoded(b"\\x00\\x01\\x02")
    ('Ä', 'Ä', None)
    """
    if content.startswith((b"\xff\xfe", b"\xfe\xff")):
        encodings = ["utf-16"]
    elif content[1:40:2].count(0) > 4 or content[:40:2].count(0) > 4:
        encodings = ["utf-16-le" if content[1:40:2].count(0) > 4 else "utf-16-be"]
    else:
        encodings = ["utf-8-sig", "cp1252", "latin-1"]
    for encoding in encodings:
        try:
            text = content.decode(encoding)
        except UnicodeDecodeError:
            continue
        if "\0" not in text:
            return text
    return None
