"""A list of names: rows that each fill named parts of a piece's art, so that every row is a stencil of its own.

A column belongs to an item of the art by the item's name; one called *words*, *initials* or *drawing* belongs to the
first such item where none is so named, and *name* to the name that goes with a monogram, or the first words. What is
decided about one row only (its mends and ties by place, a size of its own) is kept with the row.
"""

import re
from collections.abc import Iterable
from typing import Annotated, Any, Literal, NamedTuple
from unicodedata import combining, normalize

from msgspec import Meta
from msgspec.structs import replace

from vitrograph.core.job.artwork import Artwork, Item
from vitrograph.core.job.items import Drawing, Monogram, Words
from vitrograph.core.job.records import Place, Ratio, Record
from vitrograph.core.job.stencil import FilmMend, StencilChoices
from vitrograph.core.language import tr

MOST_ROWS = 1000
COUNT = "count"                    # the column that says how many are made of a row

Cell = Annotated[str, Meta(max_length=2000)]
Count = Annotated[int, Meta(ge=1, le=1000)]

_KINDS: dict[str, type] = {"words": Words, "initials": Monogram, "drawing": Drawing}
KINDS = ("words", "initials", "name", "drawing")
_FIELDS: dict[type, Literal["text", "initials", ""]] = {Words: "text", Monogram: "initials", Drawing: ""}
_INITIALS = 2                      # letters that name no row by themselves
_SPOKEN = 56                       # letters of a row that name it


class Row(Record, frozen=True):
    """What fills the art once: a cell for each column, how many are made, and what is so in this row only.

    `grown` is its size against the other rows'; `mends` and `ties_at` are those of its film that have a place.
    """

    key: Annotated[int, Meta(ge=0)]
    cells: Annotated[tuple[Cell, ...], Meta(max_length=40)]
    count: Count = 1
    grown: Ratio = 1.0
    mends: Annotated[tuple[FilmMend, ...], Meta(max_length=200)] = ()
    ties_at: Annotated[tuple[tuple[Place, Place], ...], Meta(max_length=200)] = ()

    def scaled(self, factor: float) -> "Row":
        """What has a place in its art, at that place of art that is so much larger or smaller."""
        return replace(self, mends=tuple(mend.scaled(factor) for mend in self.mends),
                       ties_at=tuple((x * factor, y * factor) for x, y in self.ties_at))

    @property
    def says(self) -> str:
        """What it is called by: its first cell that is not empty, and the next with it where that is but initials.

        >>> Row(1, ("Ada", "AL")).says, Row(1, ("K", "Kestrel")).says
        ('Ada', 'K Kestrel')
        """
        first, *others = [cell for cell in self.cells if cell.strip()] or ["empty"]
        return " ".join((first if len(first) > _INITIALS else " ".join([first, *others[:1]])).split())[:_SPOKEN]


class Names(Record, frozen=True):
    """Columns, each the name of a part of the art, and rows; `drawings` are those that cells name."""

    columns: Annotated[tuple[Annotated[str, Meta(min_length=1, max_length=120)], ...], Meta(max_length=40)] = ()
    rows: Annotated[tuple[Row, ...], Meta(max_length=MOST_ROWS)] = ()
    drawings: Annotated[tuple[Drawing, ...], Meta(max_length=200)] = ()

    def __post_init__(self) -> None:
        if len({folded(column) for column in self.columns}) < len(self.columns):
            raise ValueError(tr("two columns of the list have the same name, and each needs one of its own"))
        if len({row.key for row in self.rows}) < len(self.rows):
            raise ValueError(tr("two rows of the list have the same key, and each needs one of its own"))
        if any(len(row.cells) != len(self.columns) for row in self.rows):
            raise ValueError(tr("every row of the list needs one cell for each column"))

    def with_row(self, at: int, row: Row) -> "Names":
        """With another row in one place."""
        return replace(self, rows=(*self.rows[:at], row, *self.rows[at + 1:]))

    def resized(self, before: "Names", factor: float) -> "Names":
        """With what has a place in the art of rows there still, where all of it is so much larger or smaller.

        What was changed since `before` is there already.
        """
        return self if factor == 1.0 else replace(self, rows=tuple(
            row.scaled(factor) if (row.mends, row.ties_at) == (was.mends, was.ties_at) else row
            for row, was in zip(self.rows, before.rows, strict=True)))


def in_place_of(old: Names, new: Names, known: Iterable[int]) -> Names:
    """A list of names in place of another: a row of the same cells is the row it was, every other one is new.

    What is done of a row, and what is mended in it, goes by its key: a new one has a key beyond all that is `known`.
    """
    left: dict[tuple[str, ...], list[Row]] = {}
    for row in old.rows if old.columns == new.columns else ():
        left.setdefault(row.cells, []).append(row)
    free = max([*(row.key for row in old.rows), *known], default=0)
    rows = []
    for row in new.rows:
        if was := left.get(row.cells):
            rows.append(replace(was.pop(0), count=row.count))
        else:
            free += 1
            rows.append(replace(row, key=free))
    return replace(new, rows=tuple(rows))


def folded(name: str) -> str:
    """A name as names are compared: composed letters (UAX 15, form C), no case, no space about it."""
    return normalize("NFC", name).strip().casefold()


def sorting(name: str) -> tuple[tuple[int, str], ...]:
    """What names are sorted by: letters without their marks (UAX 15, form D) and case, numbers by what they count.

    >>> sorted(["Zoë", "adam 10", "Éva", "Adam 9"], key=sorting)
    ['Adam 9', 'adam 10', 'Éva', 'Zoë']
    """
    plain = "".join(letter for letter in normalize("NFKD", name).casefold() if not combining(letter))
    return tuple((int(part), "") if part.isdecimal() else (-1, part) for part in re.split(r"([0-9]+)", plain))


class Filled(NamedTuple):
    """What a column fills: an item of the art, and which of its words; "" where it is the whole of it."""

    item: Item
    field: Literal["text", "initials", ""]

    @property
    def hides(self) -> bool:
        """Whether the item is hidden by an empty cell: a monogram without a name is still one."""
        return not (isinstance(self.item.what, Monogram) and self.field == "text")

    def put(self, what: Any, cell: str, names: Names) -> Any:
        """The item's content with a cell in it."""
        if self.field:
            return replace(what, **{self.field: cell})
        return next((drawing for drawing in names.drawings if folded(drawing.name) == folded(cell)), what)


def part_of(column: str, artwork: Artwork) -> Filled | None:
    """What a column fills; None where there is nothing."""
    wanted = folded(column)
    for item in artwork.items:
        if wanted and folded(item.name) == wanted:
            return Filled(item, _FIELDS.get(type(item.what), ""))
    if wanted == "name":
        return _name_in(artwork)
    kind = _KINDS.get(wanted)
    return None if kind is None else next(
        (Filled(item, _FIELDS[kind]) for item in artwork.items if isinstance(item.what, kind)), None)


def _name_in(artwork: Artwork) -> Filled | None:
    """The name of the first monogram that has one; else the first words; else the name a monogram may have."""
    monograms = [item for item in artwork.items if isinstance(item.what, Monogram)]
    words = [item for item in artwork.items if isinstance(item.what, Words)]
    return next((Filled(item, "text") for item in (*_with_names(artwork), *words, *monograms)), None)


def _with_names(artwork: Artwork) -> list[Item]:
    """The monograms that a name goes with."""
    return [item for item in artwork.items if isinstance(item.what, Monogram) and item.what.text.strip()]


def column_for(artwork: Artwork, *, typed: bool) -> str:
    """The column that a list without a header is: words, or what else of the art it can fill; typed, it names no files.

    >>> column_for(Artwork(), typed=True)
    'words'
    >>> column_for(Artwork((Item(Monogram("split", "A", "Ada")),)), typed=True)
    'name'
    """
    kinds = ["words", *["name"] * bool(_with_names(artwork)), "initials", *["drawing"] * (not typed)]
    return next((column for column in kinds if part_of(column, artwork) is not None), "words")


def filled(artwork: Artwork, names: Names, row: Row) -> Artwork:
    """The art with a row's cells in it, at the row's size; an empty cell hides its item."""
    changes: dict[int, dict[str, Any]] = {}
    for column, cell in zip(names.columns, row.cells, strict=True):
        part = part_of(column, artwork)
        if part is None:
            continue
        change = changes.setdefault(part.item.key, {})
        if cell.strip() or not part.hides:
            change["what"] = part.put(change.get("what", part.item.what), cell, names)
        else:
            change["shown"] = False
    made = artwork.changed(changes)
    return _grown(made, row.grown)


def _grown(artwork: Artwork, factor: float) -> Artwork:
    """The art of a row that is larger or smaller than the others."""
    return artwork if factor == 1.0 else artwork.scaled(factor)


def grown_by(before: Artwork, after: Artwork) -> float:
    """How much larger the art of every row is than before; 1 where it differs by more than that."""
    if before.rule.by == after.rule.by == "width":
        return after.rule.most / before.rule.most
    return after.size_against(before) if before.rule.by == after.rule.by and after.only_resized(before) else 1.0


def absorbed(before: Artwork, names: Names, at: int, changed: Artwork) -> tuple[Artwork, Names]:
    """The art of all rows, and the list, so that row `at` filled in is the changed art of that row.

    Words typed into the row go to its cell; all else that was changed is so for all rows.
    """
    row = names.rows[at]
    template = _grown(changed, 1 / row.grown)
    cells: list[str] = list(row.cells)
    own: dict[int, dict[str, Any]] = {}
    for number, column in enumerate(names.columns):
        part = part_of(column, before)
        new = None if part is None else template.item(part.item.key)
        if part is None or new is None:
            continue
        change = own.setdefault(new.key, {"what": new.what})
        if type(new.what) is type(part.item.what) and part.field:
            cells[number] = getattr(new.what, part.field) if new.shown else cells[number]
            change["what"] = replace(change["what"], **{part.field: getattr(part.item.what, part.field)})
        elif isinstance(new.what, Drawing) and isinstance(part.item.what, Drawing):
            change["what"] = part.item.what
        if part.hides and not row.cells[number].strip():
            change["shown"] = part.item.shown
    return template.changed(own), names.with_row(at, replace(row, cells=tuple(cells)))


def stencil_of(stencil: StencilChoices, row: Row) -> StencilChoices:
    """The stencil's choices with a row's own mends and ties."""
    ties = replace(stencil.ties, placed="hand", at=row.ties_at) if row.ties_at else stencil.ties
    return replace(stencil, mends=(*stencil.mends, *row.mends), ties=ties)


def stencil_absorbed(before: StencilChoices, changed: StencilChoices, row: Row) -> tuple[StencilChoices, Row]:
    """What of a row's stencil is so for all rows, and the row with what has a place in its own letters."""
    placed = tuple(mend for mend in changed.mends if mend.at is not None)
    by_hand = changed.ties.placed == "hand" and bool(changed.ties.at)
    ties = replace(changed.ties, at=(), placed=before.ties.placed if by_hand else changed.ties.placed)
    kept = replace(changed, mends=tuple(mend for mend in changed.mends if mend.at is None), ties=ties)
    return kept, replace(row, mends=placed, ties_at=changed.ties.at if by_hand else ())


def same_cells(names: Names) -> list[tuple[int, int]]:
    """Rows, from 0, that say the same as an earlier one, and that earlier one."""
    seen: dict[tuple[str, ...], int] = {}
    found = []
    for at, row in enumerate(names.rows):
        first = seen.setdefault(tuple(map(folded, row.cells)), at)
        found += [(at, first)] if first != at else []
    return found

