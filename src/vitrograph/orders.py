"""Commands that put orders together and change them, without working them out."""

import argparse
from pathlib import Path

from msgspec.structs import replace

from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.job import Order, Piece, Shared, new_id, with_settings
from vitrograph.core.job.pieces import carried, with_pieces
from vitrograph.core.language import tr
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.units import parse_whole


def put_together(options: argparse.Namespace) -> int:
    """Write an order of the pieces of other files. What they share is the first one's; where others differ is said."""
    orders = [_added(word) for word in options.add]
    made = replace(orders[0], name=options.name or orders[0].name, id=new_id())
    for order in orders[1:]:
        made = with_pieces(made, order.pieces, after=len(made.pieces) - 1)
    save_order(made, options.out)
    print(tr("{name}: {n} pieces", "{name}: {n} piece", name=made.name, n=len(made.pieces)))
    for number, piece in enumerate(made.pieces, start=1):
        print(f"  {number}  {piece.name} ({piece.count})")
    for word, order in zip(options.add[1:], orders[1:], strict=True):
        mine, theirs = (replace(one, cut=replace(one.cut, laid=())) for one in (orders[0], order))
        differs = [name for name in Shared.__struct_fields__ if getattr(theirs, name) != getattr(mine, name)]
        if differs:
            print("  " + tr("{all} of {word}: set otherwise there; the first file's are used",
                            all=tr(" and ").join(differs), word=word))
    return 0


def _added(word: str) -> Order:
    """The order of `FILE` or `FILE:COUNT`; a count is for a file of one piece. Raises VitrographError."""
    name, colon, count = word.rpartition(":")
    if not colon or Path(word).exists():
        return load_order(Path(word))
    many = parse_whole(count, 1000, 1)
    if many is None:
        raise VitrographError(tr("--add {word}: a count from 1 to 1000 was wanted after the colon, got '{count}'",
                                 word=word, count=count[:20]))
    order = load_order(Path(name))
    if len(order.pieces) > 1:
        raise VitrographError(tr("--add {word}: {name} holds {pieces} pieces, each with a count of its own: add it "
                                 "without one", word=word, name=name, pieces=len(order.pieces)))
    return order.changed(count=many)


def change_order(options: argparse.Namespace) -> int:
    """Do settings to an order's file. Raises VitrographError; the file then stays as it was."""
    order = load_order(options.order)
    if not options.set:
        raise VitrographError(tr("say what to change: --set PATH=VALUE, as in --set fit.across=60mm"))
    if options.piece is None and len(order.pieces) > 1 and any(_of_a_piece(setting) for setting in options.set):
        names = ", ".join(piece.name for piece in order.pieces[:6])
        raise JobError(tr("{order} holds {pieces} pieces: say whose with --piece ({names})", order=options.order,
                          pieces=len(order.pieces), names=names))
    at = 0 if options.piece is None else order.piece_named(options.piece)
    save_order(carried(order, with_settings(order, options.set, at), at), options.out or options.order)
    return 0


def _of_a_piece(setting: str) -> bool:
    first = setting.partition("=")[0].partition(".")[0].strip()
    return first in Piece.__struct_fields__ or first == "piece"
