"""Lists of names as people keep them: typed, pasted from a spreadsheet, CSV or a text file; and written back.

Comma, semicolon or tab between cells, told by the first line; UTF-8 with and without mark, UTF-16, or Latin letters of
one byte (Windows-1252). Quotes as in RFC 4180. What is odd about a row is told and the row kept wherever that can be.
"""

import csv
import io
from collections.abc import Iterator, Sequence
from pathlib import Path

from msgspec import Struct

from vitrograph.core.artwork.opening import kind_of, read_drawing
from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.job import MOST_ROWS, Artwork, Drawing, Monogram, Names, Row
from vitrograph.core.job.names import COUNT, KINDS, Filled, column_for, folded, part_of, same_cells
from vitrograph.core.language import tr
from vitrograph.core.storing.cells import as_written, decoded, harmless
from vitrograph.core.storing.whole import read_plain, reason
from vitrograph.core.units import parse_whole

_MOST_BYTES = 4_000_000
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
    try:
        content = read_plain(path, _MOST_BYTES)
    except OSError as error:
        raise JobError(tr("{path} could not be opened: {reason}", path=path, reason=reason(error))) from None
    text = "" if kind_of(content) == "picture" or content.startswith(b"PK\x03\x04") else decoded(content)
    if content and (not text or text.lstrip().startswith("<")):
        raise JobError(tr("{name} holds no list of names: save it from the spreadsheet as CSV or as plain text",
                          name=path.name))
    return names_of(text or "", artwork, path.parent, path.name)


def names_of(text: str, artwork: Artwork, folder: Path | None = None, called: str = _LIST) -> Listed:
    """Read a list that was typed or pasted. Raises JobError with the row that cannot be."""
    records = _records(text, called, artwork, typed=folder is None)
    columns, below = _columns(records, artwork, called, typed=folder is None)
    told: list[str] = []
    rows = [Row(key, cells, count) for key, (cells, count) in enumerate(_rows(columns, records, below, told), start=1)]
    if not rows:
        raise JobError(tr("{called} holds no names: put one on each line", called=called))
    if len(rows) > MOST_ROWS:
        raise JobError(tr("{called} has {rows} rows, and {most} are the most in one list: part it into several",
                          called=called, rows=len(rows), most=MOST_ROWS))
    kept = tuple(column for column in columns if folded(column) != COUNT)
    names = Names(kept, tuple(rows))
    names = Names(kept, names.rows, _drawings(names, artwork, folder, told))
    told += [tr("row {at} says the same as row {first}: {says}", at=at + 1, first=first + 1, says=names.rows[at].says)
             for at, first in same_cells(names)]
    told += [tr("row {at} has a name of {map} letters: {says}…", at=at + 1, map=max(map(len, row.cells)),
                says=row.says[:24])
             for at, row in enumerate(names.rows) if max(map(len, row.cells)) >= _LONG]
    if (more := len(told) - _MOST_TOLD) > 0:
        told = [*told[:_MOST_TOLD], tr("and {n} rows more are odd", "and {n} row more is odd", n=more)]
    return Listed(names, tuple(told))


def _records(text: str, called: str, artwork: Artwork, *, typed: bool) -> list[list[str]]:
    """The cells of each line, lines of a quoted cell kept together; empty lines stay, so that lines keep their number.

    A comma in a line that was typed belongs to the name, unless the first line names columns.
    """
    text = text.lstrip("\ufeff")
    first = text.lstrip("\r\n ").split("\n", 1)[0]
    mark = max("\t;,", key=lambda one: (first.count(one), one == "\t"))
    if typed and not all(_is_known(cell, artwork) for cell in first.split(mark)):
        mark = "\t"                                            # as cells are pasted
    try:
        reader = csv.reader(io.StringIO(text, newline=""), delimiter=mark, strict=False)
        return [[as_written(cell.strip()) for cell in record] for record in reader]
    except csv.Error as error:
        raise JobError(tr("{called} cannot be read as a list ({error}): save it from the spreadsheet as CSV",
                          called=called, error=error)) from None


def _is_known(column: str, artwork: Artwork) -> bool:
    return folded(column) == COUNT or part_of(column, artwork) is not None


def _columns(records: list[list[str]], artwork: Artwork, called: str, *, typed: bool) -> tuple[list[str], int]:
    """The columns, and at which record what is below begins; one column without a header is what the art can take."""
    at = next((number for number, record in enumerate(records) if any(record)), None)
    if at is None:
        raise JobError(tr("{called} is empty: put one name on each line", called=called))
    header = records[at]
    while header and not header[-1]:
        header = header[:-1]
    known = [_is_known(cell, artwork) for cell in header]
    if len(header) == 1 and not known[0] and folded(header[0]) not in KINDS:
        return [column_for(artwork, typed=typed)], 0
    for column, number in ((column, number) for number, column in enumerate(header)):
        if not column:
            raise JobError(tr("{called}: column {number} has no name in its first line", called=called,
                              number=number + 1))
        if folded(column) in map(folded, header[:number]):
            raise JobError(tr("{called}: two columns are called '{column}', and each needs a name of its own",
                              called=called, column=column[:40]))
    for column, fits in zip(header, known, strict=True):
        if not fits:
            named = [f"'{item.name}'" for item in artwork.items if item.name]
            named += [kind for kind in (*KINDS, COUNT) if _is_known(kind, artwork)]
            raise JobError(tr("{called}: the column '{column}' belongs to no part of the art: call it one of {all}, "
                              "or give that name to a part", called=called, column=column[:40],
                              all=', '.join(named[:8])))
    return header, at + 1


def _rows(
    columns: Sequence[str], records: Sequence[list[str]], below: int, told: list[str]
) -> Iterator[tuple[tuple[str, ...], int]]:
    """The cells and the count of every row that says something; `told` takes what is odd."""
    width, counted = len(columns), next((at for at, column in enumerate(columns) if folded(column) == COUNT), None)
    for line, record in enumerate(records[below:], start=below + 1):
        if not any(record):
            told.append(tr("line {line} is empty and left out", line=line))
            continue
        if any(record[width:]):
            told.append(tr("line {line} has more cells than there are columns; '{record}' is left out", line=line,
                           record=record[width][:20]))
        cells = [*record, *[""] * width][:width]
        count = 1
        if counted is not None:
            typed = cells.pop(counted)
            many = parse_whole(typed, 1000, 1) if typed else 1
            if many is None:
                told.append(tr("line {line}: a count from 1 to 1000 was wanted, got '{typed}'; 1 is taken", line=line,
                               typed=typed[:20]))
            count = many or 1
            if not any(cell.strip() for cell in cells):
                told.append(tr("line {line} has a count and nothing to make; it is left out", line=line))
                continue
        if max(map(len, cells), default=0) > _MOST_CELL:
            raise JobError(tr("line {line} holds a name of more than {most} letters: shorten it", line=line,
                              most=_MOST_CELL))
        yield tuple(cells), count


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
