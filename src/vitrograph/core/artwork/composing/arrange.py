"""Arranging items: lined up, spaced, matched, stacked, brought to a size. Each gives a new artwork.

Boxes are (left, low, right, high) in the artwork's frame, mm, as `Placed.box` gives them.
"""

from collections.abc import Iterable, Mapping, Sequence
from typing import Literal

from vitrograph.core.artwork.composing.compose import compose, place
from vitrograph.core.artwork.composing.monogram import monogram_items
from vitrograph.core.artwork.composing.place import Placed, common_box
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Box
from vitrograph.core.job import Artwork, Item, Monogram, Words
from vitrograph.core.language import tr

Side = Literal["left", "centre", "right", "top", "middle", "foot"]

_NEAR = 1e-7                       # mm
_MOST_ROUNDS = 6                   # frames are drawn with lines of their own, so that a stretch is not all


def boxes_of(placed: Iterable[Placed]) -> dict[int, Box]:
    """The boxes of placed items, by their keys; items with nothing to see have none."""
    return {one.item.key: one.box for one in placed if not one.shape.is_empty}


def aligned(artwork: Artwork, boxes: Mapping[int, Box], keys: Sequence[int], side: Side) -> Artwork:
    """Line items up by one side of their common box; a single item by the artwork's own box, or its middle line.

    `centre` puts a single item on the middle line. Raises ArtworkError where nothing is to be seen of them.
    """
    chosen = {key: boxes[key] for key in keys if key in boxes}
    if len(chosen) == 1:
        whole = common_box(boxes.values())
        others = (0.0, whole[1], 0.0, whole[3]) if side == "centre" else whole
    else:
        others = common_box(chosen.values())
    return _moved(artwork, {key: _step(box, others, side) for key, box in chosen.items()})


def _step(box: Box, others: Box, side: Side) -> tuple[float, float]:
    if side in ("left", "right"):
        at = 0 if side == "left" else 2
        return others[at] - box[at], 0.0
    if side in ("foot", "top"):
        at = 1 if side == "foot" else 3
        return 0.0, others[at] - box[at]
    at = 0 if side == "centre" else 1
    step = (others[at] + others[at + 2] - box[at] - box[at + 2]) / 2
    return (step, 0.0) if side == "centre" else (0.0, step)


def spaced(artwork: Artwork, boxes: Mapping[int, Box], keys: Sequence[int], *, upright: bool) -> Artwork:
    """Make the clear gaps between three or more items equal; the outermost stay. Raises ArtworkError for fewer."""
    low = 1 if upright else 0
    chosen = sorted((key for key in keys if key in boxes), key=lambda key: boxes[key][low] + boxes[key][low + 2])
    if len(chosen) < 3:
        raise ArtworkError(tr("even spacing needs three items or more: choose them together"))
    first, last = boxes[chosen[0]], boxes[chosen[-1]]
    taken = sum(boxes[key][low + 2] - boxes[key][low] for key in chosen)
    gap = (last[low + 2] - first[low] - taken) / (len(chosen) - 1)
    steps, at = {}, first[low]
    for key in chosen:
        box = boxes[key]
        step = at - box[low]
        steps[key] = (0.0, step) if upright else (step, 0.0)
        at += box[low + 2] - box[low] + gap
    return _moved(artwork, steps)


def matched(artwork: Artwork, boxes: Mapping[int, Box], keys: Sequence[int], *, height: bool) -> Artwork:
    """Make items as wide (or high) as the first of them, each about its own place, proportions kept.

    Raises ArtworkError where fewer than two are to be seen.
    """
    low = 1 if height else 0
    chosen = [key for key in keys if key in boxes]
    if len(chosen) < 2:
        raise ArtworkError(tr("to match sizes takes two items or more: choose them together, the model first"))
    wanted = boxes[chosen[0]][low + 2] - boxes[chosen[0]][low]
    changes = {}
    for key in chosen[1:]:
        item, side = artwork.item(key), boxes[key][low + 2] - boxes[key][low]
        if item is not None and side > _NEAR:
            grown = item.stretched(wanted / side, wanted / side)
            changes[key] = {"size": grown.size, "what": grown.what, "repeat": grown.repeat}
    return artwork.changed(changes)


def _moved(artwork: Artwork, steps: Mapping[int, tuple[float, float]]) -> Artwork:
    return artwork.changed({key: {"x": item.x + steps[key][0], "y": item.y + steps[key][1]}
                            for key in steps if (item := artwork.item(key)) is not None})


def restacked(artwork: Artwork, key: int, by: int) -> Artwork:
    """Move an item up (or down, for a negative step) in the order in which items lie on each other."""
    items = list(artwork.items)
    at = artwork.index_of(key)
    if at is None:
        return artwork
    item = items.pop(at)
    items.insert(min(max(0, at + by), len(items)), item)
    return Artwork(tuple(items))


def stacked(items: Sequence[Item], gap: float) -> Artwork:
    """Items below each other, the first at the top, a clear gap between them, centred on the middle line.

    Raises ArtworkError where one cannot be made.
    """
    artwork, foot = Artwork(), 0.0
    for item in items:
        left, low, right, high = place(item).box
        artwork = artwork.added(item.with_(x=item.x - (left + right) / 2, y=item.y + foot - high))
        foot -= high - low + gap
    return artwork


def apart(item: Item) -> tuple[Item, ...]:
    """The items a monogram is made of, each where it stands in the art, copies and all. Raises ArtworkError."""
    assert isinstance(item.what, Monogram)
    parts, made = monogram_items(item.what), []
    for affine in place(item).affines:
        (a, b, x), (c, d, y) = affine.tolist()
        made += [part.through(((a, b), (c, d)), (x, y)) for part in parts]
    return tuple(made)


def sized(artwork: Artwork, width: float | None = None, height: float | None = None) -> Artwork:
    """Bring all of it to a width, a height, or both in mm; with one of them proportions are kept.

    With both, turned items are skewed as the whole is. Raises as `compose`.
    """
    for _ in range(_MOST_ROUNDS):
        wide, high = compose(artwork).size
        across = width / wide if width and wide > _NEAR else None
        upright = height / high if height and high > _NEAR else None
        if across is None and upright is None:
            return artwork
        both = (across or upright or 1.0, upright or across or 1.0)
        if max(abs(both[0] - 1), abs(both[1] - 1)) < 1e-9:
            return artwork
        artwork = artwork.stretched(*both)
    return artwork


def in_capitals(artwork: Artwork) -> Artwork:
    """The same art, the sizes of its words told by their capitals, so that other words have capitals as high."""
    changes: dict[int, dict[str, object]] = {}
    for item in artwork.items:
        if isinstance(item.what, Words) and item.size_is != "caps" and item.what.text.strip():
            changes[item.key] = {"size": place(item).cap_height or item.size, "size_is": "caps"}
    return artwork.changed(changes)
