"""Lists of names as people keep them: typed, pasted, a spreadsheet, CSV or a text file; and written back.

Comma, semicolon or tab between cells, told by the first line; UTF-8 with and without mark, UTF-16, or Latin letters of
one byte (Windows-1252). Quotes as in RFC 4180. What is odd about a row is told and the row kept wherever that can be;
a title above the headings and columns that are of no use here are left out, and told.
"""

import csv
import io
from collections.abc import Iterator, Sequence
from pathlib import Path

from msgspec import Struct

from vitrograph.core.artwork.opening import kind_of, read_drawing
from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.job import MOST_ROWS, Artwork, Drawing, Monogram, Names, Row
from vitrograph.core.job.names import COUNT, Filled, folded, part_of, same_cells
from vitrograph.core.language import tr
from vitrograph.core.storing.cells import as_written, decoded, harmless
from vitrograph.core.storing.headings import MOST_ABOVE, Columns, Table, are_headings, columns_of, is_known
from vitrograph.core.storing.whole import plain_name, read_plain, reason
from vitrograph.core.storing.workbooks import is_workbook, read_sheet
from vitrograph.core.units import parse_whole

_MOST_BYTES = 4_000_000
_MOST_READ, _MOST_UNPACKED = 20_000, 3_000_000   # rows of a spreadsheet; bytes of its cells
_MOST_TOLD = 12                    # odd rows told one by one
_LONG = 60                         # letters of a name that is looked at again
_MOST_CELL, _MOST_INITIALS, _MOST_NAME = 2000, 20, 200
_LIST = tr("the list")


class Listed(Struct, frozen=True):
    """A list as read, and what is odd about it, a sentence each."""

    names: Names
    notes: tuple[str, ...]


def read_names(path: Path, artwork: Artwork) -> Listed:
    """Read a file's list for some art; drawings it names are looked for beside it. Raises JobError."""
    return names_in(open_table(path, artwork), artwork)


def names_of(text: str, artwork: Artwork) -> Listed:
    """Read a list that was typed or pasted. Raises JobError with the row that cannot be."""
    return names_in(typed_table(text, artwork), artwork)


def typed_table(text: str, artwork: Artwork) -> Table:
    """The cells of a list that was typed or pasted."""
    return Table(_records(text, _LIST, artwork, typed=True), _LIST)


def open_table(path: Path, artwork: Artwork) -> Table:
    """The cells of a file: of a spreadsheet, CSV or plain text. Raises JobError."""
    try:
        content = read_plain(path, _MOST_BYTES)
    except OSError as error:
        raise JobError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    name = plain_name(path)
    if is_workbook(content):
        sheet = read_sheet(content, name, _MOST_READ, _MOST_UNPACKED)
        return Table(sheet.rows, name, path.parent, sheet.notes)
    text = "" if kind_of(content) == "picture" or content.startswith(b"PK\x03\x04") else decoded(content)
    if content and (not text or text.lstrip().startswith("<")):
        raise JobError(tr("{name} holds no list of names: a spreadsheet (XLSX, ODS), CSV or plain text is wanted",
                          name=name))
    return Table(_records(text or "", name, artwork, typed=False), name, path.parent)


def names_in(table: Table, artwork: Artwork, columns: Columns | None = None) -> Listed:
    """The names of a table for some art, its columns told by their headings or as they are chosen. Raises JobError."""
    called, told = table.called, [*table.notes]
    fill, below = columns or columns_of(table, artwork, told)
    kept = tuple(dict.fromkeys(column for column in fill if column and column != COUNT))
    rows = [Row(key, cells, count)
            for key, (cells, count) in enumerate(_rows(fill, kept, table.records, below, told), start=1)]
    if not rows:
        raise JobError(tr("{called} holds no names: put one on each line", called=called))
    if len(rows) > MOST_ROWS:
        raise JobError(tr("{called} has {rows} rows, and {most} are the most in one list: part it into several",
                          called=called, rows=len(rows), most=MOST_ROWS))
    names = Names(kept, tuple(rows))
    names = Names(kept, names.rows, _drawings(names, artwork, table.folder, told))
    told += [tr("row {at} says the same as row {first}: {says}", at=at + 1, first=first + 1, says=names.rows[at].says)
             for at, first in same_cells(names)]
    told += [tr("row {at} has a name of {map} letters: {says}…", at=at + 1, map=max(map(len, row.cells)),
                says=row.says[:24])
             for at, row in enumerate(names.rows) if max(map(len, row.cells)) >= _LONG]
    if (more := len(told) - _MOST_TOLD) > 0:
        told = [*told[:_MOST_TOLD], tr("and {n} rows more are odd", "and {n} row more is odd", n=more)]
    return Listed(names, tuple(told))


def _records(text: str, called: str, artwork: Artwork, *, typed: bool) -> list[list[str]]:
    """The cells of each line, those of a quoted cell together; empty lines stay, so that lines keep their number."""
    text = text.lstrip("\ufeff")
    mark = _mark_between([line for line in text.splitlines() if line.strip()][:MOST_ABOVE], artwork, typed=typed)
    try:
        reader = csv.reader(io.StringIO(text, newline=""), delimiter=mark, strict=False)
        return [[as_written(cell.strip()) for cell in record] for record in reader]
    except csv.Error as error:
        raise JobError(tr("{called} cannot be read as a list ({error}): save it from the spreadsheet as CSV",
                          called=called, error=error)) from None


def _mark_between(lines: list[str], artwork: Artwork, *, typed: bool) -> str:
    """What stands between cells: what parts the headings, else the first line.

    A comma in a line that was typed belongs to the name, unless the first line names columns.
    """
    first = lines[0] if lines else ""
    if typed:
        marks = [mark for mark in "\t;," if all(is_known(cell, artwork) for cell in first.split(mark))]
        return max(marks, key=first.count, default="\t")       # as cells are pasted
    for line in lines:
        for mark in "\t;,":
            if are_headings([cell.strip(' "') for cell in line.split(mark)], artwork):
                return mark
    return max("\t;,", key=lambda one: (first.count(one), one == "\t"))


def _rows(
    fill: Sequence[str], kept: Sequence[str], records: Sequence[list[str]], below: int, told: list[str]
) -> Iterator[tuple[tuple[str, ...], int]]:
    """The cells and the count of every row that says something; `told` takes what is odd."""
    places = {column: [at for at, one in enumerate(fill) if one == column] for column in (*kept, COUNT)}
    for line, record in enumerate(records[below:], start=below + 1):
        if not any(record):
            told.append(tr("line {line} is empty and left out", line=line))
            continue
        if any(record[len(fill):]):
            told.append(tr("line {line} has more cells than there are columns; '{record}' is left out", line=line,
                           record=record[len(fill)][:20]))
        words = {column: " ".join(cell for at in found if (cell := "".join(record[at:at + 1])))
                 for column, found in places.items()}
        cells, count = tuple(words[column] for column in kept), _count(words[COUNT], line, told)
        if not any(cell.strip() for cell in cells):
            told.append(tr("line {line} has a count and nothing to make; it is left out", line=line) if words[COUNT]
                        else tr("line {line} has nothing to make; it is left out", line=line))
            continue
        if max(map(len, cells), default=0) > _MOST_CELL:
            raise JobError(tr("line {line} holds a name of more than {most} letters: shorten it", line=line,
                              most=_MOST_CELL))
        yield cells, count


def _count(typed: str, line: int, told: list[str]) -> int:
    """How many are made of a row; 1 where nothing is typed."""
    many = parse_whole(typed, 1000, 1) if typed else 1
    if many is None:
        told.append(tr("line {line}: a count from 1 to 1000 was wanted, got '{typed}'; 1 is taken", line=line,
                       typed=typed[:20]))
    return many or 1


def _drawings(names: Names, artwork: Artwork, folder: Path | None, told: list[str]) -> tuple[Drawing, ...]:
    """The drawings that cells name, read once each; initials that are too many are refused."""
    found: dict[str, Drawing] = {}
    for number, column in enumerate(names.columns):
        part = part_of(column, artwork)
        for at, row in enumerate(names.rows, start=1):
            cell = row.cells[number]
            _refuse_too_long(part, at, cell)
            if part is None or not isinstance(part.item.what, Drawing) or not cell or folded(cell) in found:
                continue
            try:
                if folder is None:
                    raise JobError(tr("it was typed: open the list from a file beside its drawings"))
                found[folded(cell)] = Drawing(cell, (drawing := read_drawing(folder / cell)).data, drawing.kind)
            except VitrographError as error:
                told.append(tr("row {at}: the drawing '{cell}' is not there, the piece's own is kept ({error})", at=at,
                               cell=cell[:40], error=error))
    return tuple(found.values())


def _refuse_too_long(part: Filled | None, at: int, cell: str) -> None:
    if part is None or not isinstance(part.item.what, Monogram):
        return
    if part.field == "initials" and len(cell) > _MOST_INITIALS:
        raise JobError(tr("row {at}: '{cell}…' is too long for initials: {most} letters at most",
                          at=at, cell=cell[:24], most=_MOST_INITIALS))
    if len(cell) > _MOST_NAME:
        raise JobError(tr("row {at}: '{cell}…' is too long for the name of a monogram: {most} letters at most",
                          at=at, cell=cell[:24], most=_MOST_NAME))


def text_of(names: Names, mark: str = ",") -> str:
    """A list as CSV (RFC 4180) with a header; counts where not all are 1. Read back it is the same."""
    out = io.StringIO()
    writer = csv.writer(out, delimiter=mark)
    counted = any(row.count != 1 for row in names.rows)
    writer.writerow([*names.columns, *([COUNT] if counted else [])])
    for row in names.rows:
        writer.writerow([*map(harmless, row.cells), *([row.count] if counted else [])])
    return out.getvalue()
