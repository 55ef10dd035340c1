"""An order's pieces: put in, taken out, moved, and art that several of them share on purpose.

Pieces of one `like` number share their art: what is changed in one is changed in all, each at its own size.
"""

from collections import Counter
from collections.abc import Iterable, Sequence

from msgspec.structs import replace

from vitrograph.core.errors import JobError
from vitrograph.core.job.order import MOST_PIECES, Order, Piece, parts_of_key
from vitrograph.core.job.stencil import FilmMend
from vitrograph.core.language import tr


def with_pieces(order: Order, pieces: tuple[Piece, ...], after: int, known: Iterable[int] = ()) -> Order:
    """With pieces put in behind the one of number `after`, from 0, under keys of their own. Raises JobError.

    What is done of a piece goes by its key: none is one of those `known`, nor of one that is laid on the film, for they
    may be of a piece that is gone. A name that is taken gets a number behind it. Art that some of them share they share
    among themselves.
    """
    if len(order.pieces) + len(pieces) > MOST_PIECES:
        raise JobError(tr("an order holds {most} pieces at most: make a second order of the rest",
                          most=MOST_PIECES))
    gone = (parts_of_key(key)[0] for key in (*known, *(one.key for one in order.cut.laid)))
    key, like = max(*(piece.key for piece in order.pieces), *gone, 0), max(piece.like for piece in order.pieces)
    likes = Counter(piece.like for piece in pieces)
    taken, new = {piece.name for piece in order.pieces}, []
    for number, piece in enumerate(pieces, start=1):
        name = free_name(piece.name, taken)
        taken.add(name)
        together = piece.like and likes[piece.like] > 1
        new.append(replace(piece, key=key + number, name=name, like=like + piece.like if together else 0))
    return replace(order, pieces=(*order.pieces[:after + 1], *new, *order.pieces[after + 1:]))


def free_name(name: str, taken: set[str]) -> str:
    """A name that nobody has: the name itself, or with a number behind it.

    >>> free_name("Flute", {"Flute", "Flute 2"})
    'Flute 3'
    """
    if name not in taken:
        return name
    return next(made for number in range(2, len(taken) + 3)
                if (made := f"{name[:110].rstrip('0123456789').rstrip() or name[:110]} {number}") not in taken)


def without_piece(order: Order, at: int) -> Order:
    """Without one piece. Raises JobError for the last one."""
    if len(order.pieces) == 1:
        raise JobError(tr("an order holds at least one piece: put another in before this one is taken out"))
    rest = (*order.pieces[:at], *order.pieces[at + 1:])
    like = order.pieces[at].like
    alone = like and sum(piece.like == like for piece in rest) == 1
    return replace(order, pieces=tuple(replace(piece, like=0) if alone and piece.like == like else piece
                                       for piece in rest))


def with_piece_moved(order: Order, at: int, to: int) -> Order:
    """With the piece of one number at another."""
    rest = [*order.pieces[:at], *order.pieces[at + 1:]]
    rest.insert(max(0, min(len(rest), to)), order.pieces[at])
    return replace(order, pieces=tuple(rest))


def with_mends(order: Order, at: int, row: int, mends: Sequence[FilmMend]) -> Order:
    """With the mends found for one stencil, which of a list of names are that row's alone."""
    names = order.pieces[at].names
    if not names.rows:
        return order.changed(at, stencil__mends=tuple(mends))
    of_all = order.pieces[at].stencil.mends
    own = tuple(mend for mend in mends if mend not in of_all)
    return order.changed(at, names=names.with_row(row, replace(names.rows[row], mends=own)))


def shared(order: Order, at: int, other: int) -> Order:
    """With the art of two pieces shared from now on; what either was shared with goes along."""
    likes = {order.pieces[at].like, order.pieces[other].like} - {0}
    like = min(likes, default=max(piece.like for piece in order.pieces) + 1)
    return replace(order, pieces=tuple(
        replace(piece, like=like) if number in (at, other) or piece.like in likes else piece
        for number, piece in enumerate(order.pieces)))


def parted(order: Order, at: int) -> Order:
    """With a piece's art its own again."""
    like = order.pieces[at].like
    left = [number for number, piece in enumerate(order.pieces) if piece.like == like and number != at]
    own = {at, *(left if len(left) == 1 else [])}
    return replace(order, pieces=tuple(replace(piece, like=0) if number in own else piece
                                       for number, piece in enumerate(order.pieces)))


def carried(before: Order, after: Order, at: int) -> Order:
    """An order in which the art of one piece was changed, with that done to all pieces that share it."""
    old, new = before.pieces[at], after.pieces[at]
    if not new.like or new.artwork == old.artwork or new.like != old.like or new.artwork.only_resized(old.artwork):
        return after
    return replace(after, pieces=tuple(
        replace(piece, artwork=new.artwork.scaled(piece.artwork.size_against(old.artwork)))
        if number != at and piece.like == new.like else piece for number, piece in enumerate(after.pieces)))
