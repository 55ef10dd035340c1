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
from vitrograph.core.job.records import Record
from vitrograph.core.job.shared import CutChoices, EtchChoices, TransferChoices
from vitrograph.core.job.stencil import StencilChoices
from vitrograph.core.job.tree import changed_record, plain, read_record
from vitrograph.core.units import parse_whole

ORDER_VERSION = 6                  # docs/formats.md; raised, with a migration, when the tree changes
MOST_PIECES = 1000

Name = Annotated[str, Meta(min_length=1, max_length=120)]
Count = Annotated[int, Meta(ge=1, le=1000)]


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


class Piece(Design, frozen=True, kw_only=True):
    """A piece of an order: a design, its name, and how many are made of it. Its `key` tells it from the others."""

    key: Annotated[int, Meta(ge=0)] = 1
    name: Name = "Untitled"
    count: Count = 1


class Shared(Tree, frozen=True, kw_only=True):
    """What all pieces of an order share: film and cutter, tape, and the way of etching."""

    cut: CutChoices = CutChoices()
    transfer: TransferChoices = TransferChoices()
    etch: EtchChoices = EtchChoices()


class Job(Piece, frozen=True, kw_only=True):
    """One piece together with what its order shares: all that one stencil's results can depend on."""

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

    version: Literal[6] = 6
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

    def __post_init__(self) -> None:
        if len({piece.key for piece in self.pieces}) < len(self.pieces):
            raise ValueError("two pieces have the same key, and each needs one of its own")

    def job(self, at: int = 0) -> Job:
        """The piece of that number, from 0, together with what the order shares."""
        piece = {field: getattr(self.pieces[at], field) for field in Piece.__struct_fields__}
        return Job(**piece, cut=self.cut, transfer=self.transfer, etch=self.etch)

    @property
    def jobs(self) -> tuple[Job, ...]:
        """All pieces, each with what the order shares."""
        return tuple(self.job(at) for at in range(len(self.pieces)))

    def changed(self, at: int = 0, **changes: Any) -> Self:
        """Return an order with some values replaced, as in `Job.changed`; a design's are those of the piece `at`.

        The order's own name and a piece's are told apart as `order__name` and `name`. Raises JobError.

        >>> Order().changed(fit__across=60.0, order__name="Open night").pieces[0].fit.across
        60.0
        """
        own = {path.removeprefix("order__"): value for path, value in changes.items() if belongs_to_order(path)}
        rest = {path: value for path, value in changes.items() if not belongs_to_order(path)}
        pieces = self.pieces
        if rest:
            pieces = (*pieces[:at], changed_record(pieces[at], rest), *pieces[at + 1:])
        changed = msgspec.structs.replace(self, pieces=pieces)
        return changed_record(changed, own) if own else changed

    def piece_named(self, name: str) -> int:
        """The number of the piece of a name, or of that number from 1. Raises JobError where there is none, or two."""
        at = [number for number, piece in enumerate(self.pieces) if piece.name == name]
        number = None if at else parse_whole(name, len(self.pieces), 1)
        if number is not None:
            at = [number - 1]
        if len(at) == 1:
            return at[0]
        names = ", ".join(piece.name for piece in self.pieces[:6])
        some = "no piece is" if not at else f"{len(at)} pieces are"
        raise JobError(f"{some} called '{name[:40]}': name one of {names}, or give its number from 1")


def new_id() -> str:
    """An id that no other order has."""
    return secrets.token_hex(8)


def belongs_to_order(path: str) -> bool:
    """Whether a path of changes is the order's own and not a piece's."""
    first = path.split("__", 1)[0]
    return first == "order" or (first in Order.__struct_fields__ and first not in Piece.__struct_fields__)


def piece_of(job: Job) -> Piece:
    """A job without what its order shares."""
    return Piece(**{field: getattr(job, field) for field in Piece.__struct_fields__})
