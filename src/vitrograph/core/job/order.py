"""Design, piece, job and order: the frozen tree of everything the maker decided.

Lengths are mm and angles radians. Nothing is changed in place: `changed` returns a new tree, so undo is a stack of
orders and every result can be cached by the choices it depends on. The parts are msgspec structs: immutable, hashable,
and checked against their types and bounds whenever plain data is read into them.
"""

import secrets
from typing import Annotated, Any, Literal, Self

import msgspec
from msgspec import Meta

from vitrograph.core.errors import JobError
from vitrograph.core.job.artwork import Artwork
from vitrograph.core.job.fit import Fit
from vitrograph.core.job.glass import Features, Glass, MaterialName, TaperedGlass, Tools
from vitrograph.core.job.names import Count, Names, Row, absorbed, filled, grown_by, stencil_absorbed, stencil_of
from vitrograph.core.job.records import Record
from vitrograph.core.job.shared import CutChoices, EtchChoices, TransferChoices
from vitrograph.core.job.stencil import StencilChoices
from vitrograph.core.job.tree import changed_record, plain, read_record
from vitrograph.core.language import tr, tr_later
from vitrograph.core.units import parse_whole

ORDER_VERSION = 10                 # docs/formats.md; raised, with a migration, when the tree changes
MOST_PIECES = 1000

Name = Annotated[str, Meta(min_length=1, max_length=120)]
_OWN = ("name", "like", "key", "names")     # what is the piece's own and not a row's
_OF_ALL_ART = ("artwork", "artwork__rule__most")      # what may make all of it larger, and not an item
_ROW_KEY = 1_000_000               # a row's key among pieces: whatever is done of it is kept by that


class Tree(Record, frozen=True, kw_only=True):
    """A record that stands by itself: written as plain data, and read back."""

    def as_tree(self) -> dict[str, Any]:
        """It as plain data, ready for JSON."""
        tree: dict[str, Any] = plain(self)
        return tree

    @classmethod
    def read(cls, tree: Any) -> Self:
        """Build it from plain data. Raises JobError with one sentence about the first bad value."""
        return read_record(tree, cls)


class Design(Tree, frozen=True, kw_only=True):
    """What is decided about one stencil, from its glass to its film.

    `measured` are the glasses measured of a set that is meant to be equal; `glass` is what the stencil is made for.
    """

    glass: Glass = TaperedGlass()
    features: Features = Features()
    measured: Annotated[tuple[Glass, ...], Meta(max_length=200)] = ()
    material: MaterialName = "ordinary"
    tools: Tools = Tools()
    artwork: Artwork = Artwork()
    fit: Fit = Fit()
    stencil: StencilChoices = StencilChoices()


class Work(Design, frozen=True, kw_only=True):
    """A design, its name, and how many are made of it. Its `key` tells it from others of its order."""

    key: Annotated[int, Meta(ge=0)] = 1
    name: Name = "Untitled"
    count: Count = 1

    def called(self, copy: int) -> str:
        """The name of a copy, from 1: with its number where there are several, told apart from that of a name."""
        return self.name if self.count == 1 else tr("{name}, {copy} of {count}", name=self.name, copy=copy,
                                                    count=self.count)


class Piece(Work, frozen=True, kw_only=True):
    """A piece of an order. Pieces of one `like` number, other than 0, share their art.

    `names` are rows that fill its art, each made by itself.
    """

    like: Annotated[int, Meta(ge=0)] = 0
    names: Names = Names()


class Shared(Tree, frozen=True, kw_only=True):
    """What all pieces of an order share: film and cutter, tape, and the way of etching."""

    cut: CutChoices = CutChoices()
    transfer: TransferChoices = TransferChoices()
    etch: EtchChoices = EtchChoices()


class Job(Work, frozen=True, kw_only=True):
    """One piece together with what its order shares: all that one stencil's results can depend on.

    Of a piece with names it is one row filled in, and `row` tells its cells by their columns.
    """

    row: tuple[tuple[str, str], ...] = ()
    cut: CutChoices = CutChoices()
    transfer: TransferChoices = TransferChoices()
    etch: EtchChoices = EtchChoices()

    def changed(self, **changes: Any) -> Self:
        """Return a job with some values replaced; `part__field` reaches into a part, and a number into a row.

        Raises JobError, saying which value cannot be and why.

        >>> Job().changed(stencil__border=25.0).stencil.border
        25.0
        """
        return changed_record(self, changes)


class Order(Shared, frozen=True, kw_only=True):
    """What is made together: pieces of work, and what they share. `id` tells an order from every other.

    `units` are those its maker reads and types lengths in; inside, all is mm.
    """

    version: Literal[10] = 10
    id: Annotated[str, Meta(max_length=64)] = ""
    name: Name = "Untitled"
    units: Literal["mm", "in"] = "mm"
    pieces: Annotated[tuple[Piece, ...], Meta(min_length=1, max_length=MOST_PIECES)] = (Piece(),)

    @classmethod
    def of(cls, *jobs: Job, name: str = "", id: str = "", units: Literal["mm", "in"] = "mm") -> Self:
        """An order of jobs put together; what they share is the first one's. It is called after that, or by a name."""
        first = jobs[0]
        shared = {field: getattr(first, field) for field in Shared.__struct_fields__}
        pieces = tuple(msgspec.structs.replace(piece_of(job), key=key) for key, job in enumerate(jobs, start=1))
        return cls(id=id, name=name or first.name, units=units, pieces=pieces, **shared)

    def is_made_as(self, other: "Order") -> bool:
        """Whether another order is the same, whatever unit its lengths are told in."""
        return msgspec.structs.replace(self, units=other.units) == other

    def __post_init__(self) -> None:
        if len({piece.key for piece in self.pieces}) < len(self.pieces):
            raise ValueError(tr("two pieces have the same key, and each needs one of its own"))

    def job(self, at: int = 0, row: int = 0) -> Job:
        """The piece of that number, from 0, with what the order shares; of one with names the row of that number."""
        made = self.pieces[at]
        if not made.names.rows:
            return self._with_shared(made)
        names, one = made.names, made.names.rows[row]
        made = msgspec.structs.replace(
            made, key=_row_key(made, one), name=f"{made.name[:60]}: {one.says}", count=one.count,
            artwork=filled(made.artwork, names, one), stencil=stencil_of(made.stencil, one))
        return self._with_shared(made, tuple(zip(names.columns, one.cells, strict=True)))

    def _with_shared(self, piece: Piece, row: tuple[tuple[str, str], ...] = ()) -> Job:
        fields = {field: getattr(piece, field) for field in Work.__struct_fields__}
        return Job(**fields, cut=self.cut, transfer=self.transfer, etch=self.etch, row=row)

    def piece_with(self, key: int) -> Piece:
        """The piece that a job of this key is made of, or one of its rows is. Raises StopIteration for none."""
        return next(piece for piece in self.pieces
                    if key == piece.key or any(key == _row_key(piece, row) for row in piece.names.rows))

    def place_of(self, key: int) -> tuple[int, int] | None:
        """Where the job of a key is made: the numbers of its piece and of its row; None where there is none."""
        keys = {(at, row): _row_key(self.pieces[at], self.pieces[at].names.rows[row]) if self.pieces[at].names.rows
                else self.pieces[at].key for at, row in self.places}
        return next((place for place, mine in keys.items() if mine == key), None)

    @property
    def places(self) -> tuple[tuple[int, int], ...]:
        """All that is made, each by the numbers of its piece and of its row."""
        return tuple((at, row) for at, piece in enumerate(self.pieces) for row in range(max(1, len(piece.names.rows))))

    @property
    def jobs(self) -> tuple[Job, ...]:
        """All that is made: each piece, or each of its rows, with what the order shares."""
        return tuple(self.job(at, row) for at, row in self.places)

    @property
    def count(self) -> int:
        """How many glasses are made in all."""
        return sum(row.count for piece in self.pieces for row in piece.names.rows or (piece,))

    def changed(self, at: int = 0, row: int = 0, **changes: Any) -> Self:
        """Return an order with some values replaced, as in `Job.changed`; a design's are those of the piece `at`.

        The order's own name and a piece's are told apart as `order__name` and `name`. Of a piece with names, words that
        the list fills, mends and ties by place and the count are the row's; all else is so for all its rows. Raises
        JobError.

        >>> Order().changed(fit__across=60.0, order__name="Open night").pieces[0].fit.across
        60.0
        """
        own = {path.removeprefix("order__"): value for path, value in changes.items() if belongs_to_order(path)}
        rest = {path: value for path, value in changes.items() if not belongs_to_order(path)}
        pieces = self.pieces
        if rest:
            pieces = (*pieces[:at], self._changed_piece(at, row, rest), *pieces[at + 1:])
        changed = msgspec.structs.replace(self, pieces=pieces)
        return changed_record(changed, own) if own else changed

    def _changed_piece(self, at: int, row: int, changes: dict[str, Any]) -> Piece:
        piece = self.pieces[at]
        of_all = {path: value for path, value in changes.items() if path.split("__", 1)[0] in _OWN}
        of_row = {path: value for path, value in changes.items() if path not in of_all}
        if of_row and piece.names.rows:
            changed = changed_record(piece_of(self.job(at, row)), of_row)
            artwork, names = absorbed(piece.artwork, piece.names, row, changed.artwork)
            stencil, one = stencil_absorbed(piece.stencil, changed.stencil, names.rows[row])
            names = names.with_row(row, msgspec.structs.replace(one, count=changed.count))
            if not of_row.keys().isdisjoint(_OF_ALL_ART):
                names = names.resized(piece.names, grown_by(piece.artwork, artwork))
            piece = msgspec.structs.replace(changed, key=piece.key, name=piece.name, count=piece.count, like=piece.like,
                                            names=names, artwork=artwork, stencil=stencil)
        elif of_row:
            piece = changed_record(piece, of_row)
        return changed_record(piece, of_all) if of_all else piece

    def piece_named(self, name: str) -> int:
        """The number of the piece of a name, or of that number from 1. Raises JobError where there is none, or two."""
        at = [number for number, piece in enumerate(self.pieces) if piece.name == name]
        number = None if at else parse_whole(name, len(self.pieces), 1)
        if number is not None:
            at = [number - 1]
        if len(at) == 1:
            return at[0]
        names = ", ".join(piece.name for piece in self.pieces[:6])
        says = (tr_later("{n} pieces are called '{name}': name one of {names}, or give its number from 1") if at else
                tr_later("no piece is called '{name}': name one of {names}, or give its number from 1"))
        raise JobError(tr(says, n=len(at), name=name[:40], names=names))


def new_id() -> str:
    """An id that no other order has."""
    return secrets.token_hex(8)


def belongs_to_order(path: str) -> bool:
    """Whether a path of changes is the order's own and not a piece's."""
    first = path.split("__", 1)[0]
    return first == "order" or (first in Order.__struct_fields__ and first not in Piece.__struct_fields__)


def piece_of(job: Job) -> Piece:
    """A job without what its order shares."""
    return Piece(**{field: getattr(job, field) for field in Work.__struct_fields__})


def _row_key(piece: Piece, row: Row) -> int:
    return piece.key + _ROW_KEY * (row.key + 1)


def parts_of_key(key: int) -> tuple[int, int | None]:
    """The keys of the piece and of the row that a key of what is made stands for; None where it has no rows.

    >>> parts_of_key(3), parts_of_key(5_000_003)
    ((3, None), (3, 4))
    """
    rows, piece = divmod(key, _ROW_KEY)
    return piece, rows - 1 if rows else None
