"""Cells of CSV that a spreadsheet would run: written so that it does not, and read back as they were."""

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
