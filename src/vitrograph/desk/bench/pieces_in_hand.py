"""The pieces of the order in hand: gone to, put in, copied between orders, shared and taken out."""

from collections.abc import Callable, Sequence
from itertools import islice
from pathlib import Path
from typing import Protocol

import msgspec
from msgspec.structs import replace

from vitrograph.core.errors import JobError
from vitrograph.core.glass import ShelvedGlass, eye_before, usable_patch, wall_of
from vitrograph.core.job import Names, Order, Piece
from vitrograph.core.job.change import Resize
from vitrograph.core.job.pieces import parted, shared, with_piece_moved, with_pieces, without_piece
from vitrograph.core.language import tr
from vitrograph.core.results import OrderResults, Results
from vitrograph.core.storing.orderfile import load_order
from vitrograph.desk.bench.history import Place
from vitrograph.desk.bench.making import Making

CLIPBOARD = "application/x-vitrograph-pieces"
_MOST_ON_CLIPBOARD = 64_000_000


class HasPieces(Protocol):
    """What has an order in hand."""

    order: Order
    place: Place
    index: int
    order_results: OrderResults
    making: Making

    def put(self, label: str, order: Order, place: Place | None = None, *, merge: int = 0) -> None:
        """Make a changed order the one in hand."""

    def take_piece(self, at: int, row: int = 0) -> None:
        """Turn to another piece."""

    def attempt(self, work: Callable[[], object], told: str = "") -> bool:
        """Do what may be refused."""
        ...


class PiecesInHand:
    """What is done to the pieces of an order as wholes, each as one undo step."""

    def __init__(self, bench: HasPieces) -> None:
        self._bench = bench

    @property
    def at(self) -> int:
        """The number of the piece in hand."""
        return self._bench.place[0]

    @property
    def piece(self) -> Piece:
        """The piece in hand, with its own words where a list of names fills them."""
        return self._bench.order.pieces[self.at]

    def results_by_piece(self) -> list[tuple[Results, ...]]:
        """What is known of each piece: of each of its rows, where it has names."""
        known = iter(self._bench.order_results.pieces)
        return [tuple(islice(known, max(1, len(piece.names.rows)))) for piece in self._bench.order.pieces]

    def step(self, by: int) -> None:
        """Go to the next piece or row, or to one before."""
        places = self._bench.order.places
        self._bench.take_piece(*places[max(0, min(len(places) - 1, self._bench.index + by))])

    def add(self, label: str, pieces: Sequence[Piece]) -> bool:
        """Put pieces in behind the one in hand, and take up the first."""
        return self._do(label, lambda order: self._put_in(order, tuple(pieces)), self.at + 1)

    def _put_in(self, order: Order, pieces: tuple[Piece, ...]) -> Order:
        return with_pieces(order, pieces, self.at, self._bench.making.known)

    def copy(self) -> bool:
        """A copy of the piece in hand, behind it."""
        return self.add(tr("Copy the piece"), [self.piece])

    def add_file(self, path: Path) -> bool:
        """The pieces of another order's file."""
        return self._bench.attempt(lambda: self.add(f"Add {path.name}", load_order(path).pieces))

    def add_glass(self, kept: ShelvedGlass, begun: Piece) -> bool:
        """A glass from the shelf as a new piece that begins as it is given, its art still to come."""
        return self.add(tr("Add a piece"), [self._on(begun, kept)])

    def same_art_on(self, kept: ShelvedGlass, *, share: bool, together: bool) -> bool:
        """The art in hand on a glass of the shelf: as large, or as large a `share` of what is seen from the front.

        With `together` the two share their art from now on.
        """
        piece, behind = self._on(self.piece, kept), self.at + 1
        factor = _reading_width(piece) / _reading_width(self.piece) if share else 1.0

        def change(order: Order) -> Order:
            made = self._put_in(order, (piece,))
            made = made.changed(behind, **Resize(factor).paths(made.job(behind)))
            return shared(made, self.at, self.at + 1) if together else made

        return self._do(tr("The same art on another glass"), change, self.at + 1)

    def _on(self, piece: Piece, kept: ShelvedGlass) -> Piece:
        """A piece on another glass; how film was parted and laid was for the old one, but for designs on its sides."""
        fitted = self._bench.order_results.pieces[self._bench.index].fitted if piece is self.piece else None
        fit = replace(piece.fit, rows=1, columns=1 if fitted is None else len(fitted.designs), relief=False, warm=False)
        return replace(piece, name=kept.name, glass=kept.glass, features=kept.features, material=kept.material,
                       measured=(), count=1, fit=fit)

    def name_order(self, name: str) -> bool:
        """Another name for the order; its only piece is called as it is."""
        if len(self._bench.order.pieces) == 1:
            return self.rename(name)
        return self._do(tr("Name"), lambda order: order.changed(order__name=name))

    def rename(self, name: str) -> bool:
        """Another name for the piece in hand; the only piece of an order names that as well."""
        def change(order: Order) -> Order:
            named = order.changed(self.at, name=name)
            return named.changed(order__name=name) if len(order.pieces) == 1 else named

        return self._do(tr("Name"), change)

    def count(self, many: int) -> bool:
        """How many are made of what is in hand."""
        return self._do(tr("How many"), lambda order: order.changed(*self._bench.place, count=many))

    def move(self, by: int) -> bool:
        """The piece in hand nearer to the first, or to the last."""
        to = max(0, min(len(self._bench.order.pieces) - 1, self.at + by))
        return self._do(tr("Move the piece"), lambda order: with_piece_moved(order, self.at, to), to,
                        self._bench.place[1])

    def take_out(self) -> bool:
        """The piece in hand taken out of the order."""
        return self._do(tr("Take the piece out"), lambda order: without_piece(order, self.at), max(0, self.at - 1))

    def share_with(self, other: int) -> bool:
        """Share art with another piece from now on: that one's is taken over first, with the mends and ties on it."""
        def change(order: Order) -> Order:
            mine, theirs = order.pieces[self.at], order.pieces[other]
            made = order.changed(self.at, artwork=theirs.artwork, stencil__mends=theirs.stencil.mends,
                                 stencil__ties=theirs.stencil.ties)
            sized = Resize(mine.artwork.first_size / theirs.artwork.first_size)
            return shared(made.changed(self.at, **sized.paths(made.job(self.at))), self.at, other)

        return self._do(tr("Share the art"), change)

    def part(self) -> bool:
        """The art of the piece in hand its own again."""
        return self._do(tr("Art of its own"), lambda order: parted(order, self.at))

    def set_names(self, label: str, names: Names, row: int = 0) -> bool:
        """Another list of names for the piece in hand."""
        return self._do(label, lambda order: order.changed(self.at, names=names), self.at, row)

    def as_bytes(self) -> bytes:
        """The piece in hand for the clipboard."""
        return msgspec.msgpack.encode(self.piece)

    def paste(self, content: bytes) -> bool:
        """Pieces from the clipboard, of this order or another's, of this window or another's."""
        def read() -> None:
            if len(content) > _MOST_ON_CLIPBOARD:
                raise JobError(tr("the piece on the clipboard is too large: add it from its file"))
            try:
                piece = msgspec.msgpack.decode(content, type=Piece)
            except (msgspec.DecodeError, ValueError):
                raise JobError(tr("the clipboard holds no piece: copy one first")) from None
            self.add(tr("Paste the piece"), [piece])

        return self._bench.attempt(read)

    def _do(self, label: str, change: Callable[[Order], Order], at: int | None = None, row: int | None = None) -> bool:
        place = (self.at if at is None else at, (self._bench.place[1] if at is None else 0) if row is None else row)
        return self._bench.attempt(lambda: self._bench.put(label, change(self._bench.order), place))


def _reading_width(piece: Piece) -> float:
    """How much of a piece's wall reads from the front, mid-way up, mm."""
    wall, stencil = wall_of(piece.glass), piece.stencil
    eye = eye_before(wall, stencil.viewing_mm)
    return max(1.0, usable_patch(wall, wall.length / 2, 0.0, stencil.reading_angle, eye).widest)
