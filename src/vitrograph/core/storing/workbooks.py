"""The rows of a spreadsheet's own file (Office Open XML, ISO/IEC 29500; OpenDocument 1.3), its cells as words.

Of several sheets the first is read that shows and holds anything. A file is unpacked within bounds, and read row by
row, so that a cell far out in an empty sheet costs nothing.
"""

import datetime
import io
import struct
import warnings
import zipfile
import zlib
from collections.abc import Iterable, Iterator, Mapping, Sequence
from itertools import islice, repeat
from typing import TYPE_CHECKING, NamedTuple

from msgspec import Struct

from vitrograph.core.errors import JobError
from vitrograph.core.language import tr

if TYPE_CHECKING:
    from xml.etree.ElementTree import Element

_MOST_EMPTY = 1000                 # empty rows in a row, after which nothing more is looked for
_MOST_CELLS = 60                   # of a row
_OLD = b"\xd0\xcf\x11\xe0"         # the container of spreadsheets before 2007, and of those locked by a password
_XLSX = "xl/workbook.xml"
_ODS = b"application/vnd.oasis.opendocument.spreadsheet"
_DAMAGE = (zipfile.BadZipFile, zlib.error, struct.error, ValueError, TypeError, LookupError, AttributeError,
           SyntaxError, EOFError, OSError, RuntimeError)
_TABLE, _TEXT, _OFFICE, _STYLE = (f"{{urn:oasis:names:tc:opendocument:xmlns:{name}:1.0}}"
                                  for name in ("table", "text", "office", "style"))


class Sheet(Struct, frozen=True):
    """The rows of one sheet, empty ones among them so that rows keep their number; what is odd, a sentence each."""

    rows: list[list[str]]
    notes: tuple[str, ...] = ()


class _Line(NamedTuple):
    """The cells of a row, how many rows after each other are so, and whether a date is among them."""

    cells: list[str]
    many: int = 1
    dated: bool = False


class _Found(NamedTuple):
    """A sheet that shows: its name, and its rows as they are read."""

    name: str
    lines: Iterator[_Line]


def is_workbook(content: bytes) -> bool:
    """Whether a file is a spreadsheet's own, of a kind that may be read or must be refused by name."""
    if content.startswith(_OLD):
        return True
    if not content.startswith(b"PK\x03\x04"):
        return False
    try:
        with zipfile.ZipFile(io.BytesIO(content)) as archive:
            if _XLSX in (names := archive.namelist()) or "mimetype" not in names:
                return _XLSX in names
            with archive.open("mimetype") as member:
                return member.read(len(_ODS)) == _ODS
    except _DAMAGE:
        return False


def read_sheet(content: bytes, called: str, most_rows: int, most_bytes: int) -> Sheet:
    """Read at most so many rows of a spreadsheet, of cells of so many bytes at most. Raises JobError."""
    if content.startswith(_OLD):
        raise JobError(tr("{called} is an old kind of spreadsheet, or locked with a password: save it without one as "
                          "XLSX, ODS or CSV", called=called))
    try:
        parts = _unpacked(content, called, most_bytes)
        return _first_filled(_sheets_of_xlsx(parts) if _XLSX in parts else _sheets_of_ods(parts), most_rows)
    except JobError:
        raise
    except _DAMAGE:
        raise JobError(tr("{called} is damaged or no spreadsheet that can be read: save it anew, or as CSV",
                          called=called)) from None


def _unpacked(content: bytes, called: str, most: int) -> dict[str, bytes]:
    """The parts that cells may be in, within bounds whatever size they are said to have."""
    parts: dict[str, bytes] = {}
    with zipfile.ZipFile(io.BytesIO(content)) as archive:
        for name in archive.namelist():
            if name.endswith((".xml", ".rels")):
                with archive.open(name) as member:
                    parts[name] = member.read(most + 1)
                most -= len(parts[name])
                if most < 0:
                    raise JobError(tr("{called} holds too much to be a list: leave in it what is wanted, or save it as "
                                      "CSV", called=called))
    return parts


def _first_filled(sheets: Iterable[_Found], most_rows: int) -> Sheet:
    """The first sheet that holds anything; what it is called is told where others do, too."""
    rows: list[list[str]] = []
    notes: list[str] = []
    name, others = "", 0
    for sheet in sheets:
        if rows:
            others += next(_filled(sheet.lines), None) is not None
            continue
        for line in islice(_filled(sheet.lines), most_rows):
            rows.append(line.cells)
            if line.dated and not notes:
                notes = [tr("dates are taken as 2026-12-31: make them text in the spreadsheet to have them otherwise")]
        name = sheet.name
    if others:
        notes.insert(0, tr("the sheet '{name}' is read; {n} sheets more hold something",
                           "the sheet '{name}' is read; {n} sheet more holds something", name=name[:40], n=others))
    return Sheet(rows, tuple(notes))


def _filled(lines: Iterable[_Line]) -> Iterator[_Line]:
    """Each row by itself, up to the last that holds anything."""
    empty = 0
    for line in lines:
        if not any(line.cells):
            empty += line.many
            if empty > _MOST_EMPTY:
                return
            continue
        yield from repeat(_Line([]), empty)
        yield from repeat(line, line.many)
        empty = 0


def _trimmed(cells: list[str]) -> list[str]:
    """A row up to its last cell that holds anything."""
    return cells[:max((at for at, cell in enumerate(cells, start=1) if cell), default=0)]


# -- Office Open XML ---------------------------------------------------------------------------------------------------


def _sheets_of_xlsx(parts: Mapping[str, bytes]) -> Iterator[_Found]:
    from openpyxl import load_workbook  # seldom wanted

    within = io.BytesIO()                                      # what was not unpacked cannot be asked for
    with zipfile.ZipFile(within, "w") as archive:
        for name, part in parts.items():
            archive.writestr(name, part)
    warnings.filterwarnings("ignore", module="openpyxl")       # of what it leaves out: pictures, rules for colours
    book = load_workbook(within, read_only=True, data_only=True, keep_links=False)
    for sheet in book.worksheets:
        if sheet.sheet_state == "visible":
            sheet.reset_dimensions()                           # what a file says of its extent may be wrong
            yield _Found(sheet.title, map(_line_of_xlsx, sheet.iter_rows(max_col=_MOST_CELLS, values_only=True)))


def _line_of_xlsx(values: Sequence[object]) -> _Line:
    dated = any(isinstance(value, datetime.date) for value in values)
    return _Line(_trimmed([*map(_as_words, values)]), dated=dated)


def _as_words(value: object) -> str:
    """A cell's value as it would be typed.

    >>> [_as_words(value) for value in (None, 7.0, 0.1 + 0.2, True, " Ada ", datetime.datetime(2026, 6, 21))]
    ['', '7', '0.3', 'TRUE', 'Ada', '2026-06-21']
    """
    if value is None:
        return ""
    if isinstance(value, bool):
        return str(value).upper()
    if isinstance(value, int | float):
        return f"{value:.15g}"
    if isinstance(value, datetime.datetime):
        at_midnight = value.time() == datetime.time()
        return value.date().isoformat() if at_midnight else value.isoformat(" ", "minutes")
    return str(value).strip()


# -- OpenDocument ------------------------------------------------------------------------------------------------------


def _sheets_of_ods(parts: Mapping[str, bytes]) -> Iterator[_Found]:
    from defusedxml.ElementTree import iterparse  # likewise

    hidden, style = set(), ""
    steps = iter(iterparse(io.BytesIO(parts["content.xml"]), events=("start", "end")))
    for event, part in steps:
        if event == "end":
            continue
        if part.tag == f"{_STYLE}style":
            style = part.get(f"{_STYLE}name", "")
        elif part.tag == f"{_STYLE}table-properties" and part.get(f"{_TABLE}display") == "false":
            hidden.add(style)
        elif part.tag == f"{_TABLE}table":
            lines = _lines_of_ods(steps)
            if part.get(f"{_TABLE}style-name") not in hidden:
                yield _Found(part.get(f"{_TABLE}name", ""), lines)
            for _ in lines:                                    # to its end, whatever was read of it
                pass


def _lines_of_ods(steps: Iterator[tuple[str, "Element"]]) -> Iterator[_Line]:
    """The rows of a table whose beginning was read."""
    for event, part in steps:
        if event == "start":
            continue
        if part.tag == f"{_TABLE}table":
            return
        if part.tag == f"{_TABLE}table-row":
            yield _Line(_trimmed(_cells_of_ods(part)), int(part.get(f"{_TABLE}number-rows-repeated", "1")))
            part.clear()                                       # it is not needed any more


def _cells_of_ods(row: "Element") -> list[str]:
    """The words of a row's cells as they show; a cell that stands for several is told as often."""
    cells: list[str] = []
    for cell in row:
        if cell.tag in (f"{_TABLE}table-cell", f"{_TABLE}covered-table-cell"):
            many = min(int(cell.get(f"{_TABLE}number-columns-repeated", "1")), _MOST_CELLS - len(cells))
            lines = ("".join(_words_of_ods(line)) for line in cell.findall(f"{_TEXT}p"))
            cells += ["\n".join(lines).strip()] * many
    return cells


def _words_of_ods(part: "Element") -> Iterator[str]:
    """The words of a paragraph: spaces, tabs and line ends have marks of their own (OpenDocument 1.3, 6.1)."""
    if part.tag == f"{_TEXT}s":
        yield " " * min(int(part.get(f"{_TEXT}c", "1")), _MOST_CELLS)
    elif part.tag in (f"{_TEXT}tab", f"{_TEXT}line-break"):
        yield " " if part.tag == f"{_TEXT}tab" else "\n"
    yield part.text or ""
    for inner in part:
        if inner.tag != f"{_OFFICE}annotation":
            yield from _words_of_ods(inner)
        yield inner.tail or ""
