"""The headings of a list of names: which column fills which part of the art, and what is left out.

Lists come as their owners keep them: under a title, with columns for seats and telephone numbers, called in their own
words.
"""

from collections.abc import Iterator, Sequence
from pathlib import Path
from typing import NamedTuple

from msgspec import Struct

from vitrograph.core.errors import JobError
from vitrograph.core.job import Artwork
from vitrograph.core.job.names import COUNT, KINDS, column_for, folded, part_of
from vitrograph.core.language import tr

MOST_ABOVE = 10                    # rows among which headings are looked for
_EXAMPLES = 3                      # cells of a column that are shown
_ALSO = {                          # what headings of lists say for it, in English and German
    COUNT: {"qty", "quantity", "how many", "pieces", "amount", "anzahl", "menge", "stück", "stückzahl"},
    "name": {"names", "full name", "first name", "guest", "guest name", "namen", "vorname", "gast"},
    "words": {"text", "word", "inscription", "lettering", "wörter", "worte", "beschriftung", "aufschrift"},
    "initials": {"initial", "monogram", "initialen", "monogramm"},
    "drawing": {"file", "logo", "picture", "zeichnung", "datei", "bild"},
}


class Table(Struct, frozen=True):
    """The cells of a list, a row each, empty rows among them so that rows keep their number; what is odd about it.

    `folder` is where its drawings are looked for; None where it was typed.
    """

    records: list[list[str]]
    called: str
    folder: Path | None = None
    notes: tuple[str, ...] = ()


class Columns(NamedTuple):
    """What each column of a table fills, by name, "" where it is left out; and the first row that is no heading."""

    fill: tuple[str, ...]
    below: int


def is_known(column: str, artwork: Artwork) -> bool:
    """Whether a heading names a part of the art, or how many are made."""
    return bool(_called(column, artwork))


def are_headings(cells: list[str], artwork: Artwork) -> bool:
    """Whether a row of several cells names a part of the art; how many there are of each is none."""
    return sum(map(bool, cells)) > 1 and bool({_called(cell, artwork) for cell in cells} - {"", COUNT})


def _called(heading: str, artwork: Artwork) -> str:
    """The column that a heading names, for what is usual in lists, too; "" where it is none of the art."""
    wanted = folded(heading)
    for column in (heading.strip(), *(column for column, also in _ALSO.items() if wanted in also)):
        if folded(column) == COUNT or part_of(column, artwork) is not None:
            return COUNT if folded(column) == COUNT else column
    return ""


def _fill_of(header: Sequence[str], artwork: Artwork) -> tuple[str, ...]:
    """What columns are taken for by their headings; "" where that is nothing, or what an earlier one fills."""
    fill = [_called(heading, artwork) for heading in header]
    parts = [_part(column, artwork) for column in fill]
    return tuple("" if part in parts[:number] else column
                 for number, (column, part) in enumerate(zip(fill, parts, strict=True)))


def _headings_at(records: list[list[str]], artwork: Artwork) -> int:
    """The row of the headings: the first that holds anything, unless headings stand under a title."""
    filled = [at for at, record in enumerate(records) if any(record)]
    return next((at for at in filled[:MOST_ABOVE] if are_headings(records[at], artwork)), filled[0])


def columns_of(table: Table, artwork: Artwork, told: list[str]) -> Columns:
    """What the columns fill; a column without a heading is what the art can take. `told` takes what is left out."""
    records, called = table.records, table.called
    if not any(map(any, records)):
        raise JobError(tr("{called} is empty: put one name on each line", called=called))
    at = _headings_at(records, artwork)
    header = records[at]
    names = [cell for cell in header if cell]
    if len(names) == 1 and not is_known(names[0], artwork) and folded(names[0]) not in KINDS:
        column = column_for(artwork, typed=table.folder is None)
        return Columns((*[""] * header.index(names[0]), column), 0)
    if twice := [one for number, one in enumerate(names) if folded(one) in map(folded, names[:number])]:
        raise JobError(tr("{called}: two columns are called '{column}', and each needs a name of its own",
                          called=called, column=twice[0][:40]))
    columns = Columns(_fill_of(header, artwork), at + 1)
    if not {*columns.fill} - {"", COUNT}:
        unknown = next(name for name in names if _called(name, artwork) != COUNT)
        raise JobError(tr("{called}: the column '{column}' belongs to no part of the art: call it one of {all}, "
                          "or give that name to a part", called=called, column=unknown[:40], all=_may_be(artwork)))
    if any(map(any, records[:at])):
        told.append(tr("what stands above the headings in line {line} is left out", line=at + 1))
    told += _left_out(header, columns.fill, artwork)
    told += [tr("column {number} has no heading and is left out", number=number + 1)
             for number, heading in enumerate(header)
             if not heading and any(record[number] for record in records[at + 1:] if len(record) > number)]
    return columns


def _left_out(header: list[str], fill: Sequence[str], artwork: Artwork) -> Iterator[str]:
    """What is told of columns that fill nothing."""
    unknown = [heading for heading in header if heading and not _called(heading, artwork)]
    for heading, column in zip(header, fill, strict=True):
        if heading and not column and heading not in unknown:
            yield tr("the column '{column}' is left out: an earlier one fills the same part of the art",
                     column=heading[:40])
    if unknown:
        yield tr("columns that belong to no part of the art are left out: {columns}; a column is known by {all}, or by "
                 "the name of a part", columns=", ".join(f"'{heading[:40]}'" for heading in unknown[:8]),
                 all=_may_be(artwork))


def _may_be(artwork: Artwork) -> str:
    """What a column may be called, for people: parts in quotes."""
    return ", ".join([one if one in (*KINDS, COUNT) else f"'{one}'" for one in _known_by(artwork)][:8])


class Heading(NamedTuple):
    """A column of a table: what stands above it, some of its cells, and what it is taken for."""

    says: str
    examples: tuple[str, ...]
    fills: str


def headings_of(table: Table, artwork: Artwork) -> tuple[list[Heading], int]:
    """The columns of a table that hold anything, empty ones nameless; and the first row that is no heading."""
    at = _headings_at(table.records, artwork)
    called = choices(artwork)
    width = max(map(len, table.records))
    header = [*table.records[at], *[""] * width][:width]
    made = []
    for number, column in enumerate(_fill_of(header, artwork)):
        cells = [record[number] for record in table.records[at + 1:] if len(record) > number and record[number]]
        made.append(Heading(header[number], tuple(cells[:_EXAMPLES]), called.get(_part(column, artwork), "")))
    return made, at + 1


def is_unsure(table: Table, artwork: Artwork) -> bool:
    """Whether a table has several columns, and headings among them that are not known."""
    if not any(map(any, table.records)):
        return False
    headings, _ = headings_of(table, artwork)
    filled = [heading for heading in headings if heading.says or heading.examples]
    return len(filled) > 1 and not all(is_known(heading.says, artwork) for heading in filled)


def choices(artwork: Artwork) -> dict[tuple[int, str], str]:
    """What a column can fill, each part once, and a column that fills it; at last how many are made."""
    made: dict[tuple[int, str], str] = {}
    for column in _known_by(artwork):
        made.setdefault(_part(column, artwork), column)
    return made


def _part(column: str, artwork: Artwork) -> tuple[int, str]:
    """A part of the art by its item's key and which of its words; no item where it is but how many."""
    part = part_of(column, artwork)
    return (-1, column) if part is None else (part.item.key, part.field)


def _known_by(artwork: Artwork) -> list[str]:
    """All that a column may be called: parts of the art by their names, then the kinds there are, then how many."""
    named = [item.name for item in artwork.items if item.name]
    return [*named, *(kind for kind in (*KINDS, COUNT) if is_known(kind, artwork))]
