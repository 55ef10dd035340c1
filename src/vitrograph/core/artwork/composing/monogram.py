"""Monograms: recipes that turn initials, a name and a frame into items, which can be taken apart and edited.

Drawn in units in which a plain initial is 60 high. The frame is the smallest of its outline that clears the letters.
"""

from collections.abc import Callable
from functools import lru_cache

import numpy as np
import shapely
from msgspec.structs import replace
from shapely.geometry import Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.composing.local import local_shape, local_words
from vitrograph.core.artwork.composing.place import (
    Local,
    Mark,
    box_of,
    carried,
    carry,
    common_box,
    joined,
    matrix_of,
    scales,
)
from vitrograph.core.artwork.composing.shapes import NATURAL_ASPECT, outline_area
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Box, as_polygons, without
from vitrograph.core.job import Item, Monogram, OutlineName, Shape, Words
from vitrograph.core.language import tr
from vitrograph.core.search import smallest_that

INITIAL_HIGH = 60.0                # an initial's capitals
_SMALLER = 2 / 3                   # the outer initials against the middle one (common practice, no published source)
_GAP = 5.0
_BAR = 2.4
_LINE = 3.6                        # a frame's line: wide enough to be etched where the monogram is 40 mm high
_NAME_MOST = 20.0                  # the largest capitals of a name standing upright beside an initial
_FINE = 2.0**-9                    # ems: fine enough to measure by
_COARSE = 0.05                     # mm, for fitting a frame
_STEP = 0.5                        # in which letters are looked at as they are pushed together
_HALVINGS = 40


def monogram_items(monogram: Monogram) -> tuple[Item, ...]:
    """The items of a monogram, lowest first, about the middle of their box. Raises ArtworkError: nothing to set."""
    items = list(_STYLES[monogram.style](monogram))
    if not items:
        raise ArtworkError(tr("a monogram needs its initials") if monogram.style != "block" else
                           tr("a block of lines needs its lines"))
    if monogram.frame is not None:
        items.append(_framing(items, monogram))
    left, low, right, high = _box(items)
    x, y = (left + right) / 2, (low + high) / 2
    return tuple(item.with_(x=item.x - x, y=item.y - y, key=key) for key, item in enumerate(items, start=1))


@lru_cache(maxsize=64)
def local_monogram(monogram: Monogram, max_deviation: float) -> Local:
    """A monogram as one shape in its own units. Raises ArtworkError."""
    shape: BaseGeometry = joined([])
    marks: list[Mark] = []
    missing, dropped = "", 0
    for item in monogram_items(monogram):
        local, affine = _own(item, max_deviation)
        part = carried(local.shape, affine)
        shape = joined([shape, part]) if item.does == "frosts" else without(shape, part)
        spots = carry(np.array([[mark.x, mark.y] for mark in local.marks]).reshape(-1, 2), affine)
        marks += [Mark(mark.name, x, y) for mark, (x, y) in zip(local.marks, spots.tolist(), strict=True)]
        missing, dropped = missing + local.missing, dropped + local.dropped
    made = as_polygons(shape)
    return Local(made, box_of(made), None, tuple(marks), "".join(dict.fromkeys(missing)), dropped)


def _own(item: Item, max_deviation: float) -> tuple[Local, np.ndarray]:
    """An item of a monogram by itself, and its map into the monogram; only words and shapes are among them."""
    if isinstance(item.what, Words):
        local = local_words(item.what, max_deviation / INITIAL_HIGH)
        return local, matrix_of(item, *scales(item, local.size, local.cap_height))
    assert isinstance(item.what, Shape)
    return local_shape(item.what, item.size, item.size / item.stretch, max_deviation), matrix_of(item, 1.0, 1.0)


def _box(items: list[Item]) -> Box:
    return common_box(box_of(carried(local.shape, affine))
                      for local, affine in (_own(item, _COARSE) for item in items))


# -- the recipes -------------------------------------------------------------------------------------------------------


def _letters(monogram: Monogram) -> list[str]:
    return [char for char in monogram.initials if not char.isspace() and char not in ",;."]


def _words(monogram: Monogram, text: str, *, name: bool = False) -> Words:
    """Words of a monogram: in its own face, or the name's."""
    return Words(text, monogram.text_face if name else monogram.face, None if name else monogram.font)


def _measured(words: Words) -> Local:
    return local_words(words, _FINE)


def _name(monogram: Monogram, most_high: float, most_wide: float) -> tuple[Item, Local, float]:
    """The name with capitals as high as may be and no wider than may be; it by itself, and its units to an em."""
    text = monogram.text.strip()
    words = _words(monogram, text, name=True)
    local = _measured(words)
    cap = local.cap_height or 1.0
    high = min(most_high, most_wide * cap / max(local.size[0], 1e-6))
    return Item(words, name=text[:120], size=high, size_is="caps"), local, high / cap


def _in_a_row(monogram: Monogram) -> list[Item]:
    """Initials side by side, the middle one larger, centred on each other."""
    letters = _letters(monogram)
    middle = len(letters) // 2 if len(letters) > 1 else 0
    items: list[Item] = []
    pen = 0.0
    for at, letter in enumerate(letters):
        words = _words(monogram, letter)
        high = INITIAL_HIGH if at == middle else INITIAL_HIGH * _SMALLER
        local = _measured(words)
        wide = local.size[0] * high / (local.cap_height or 1.0)
        item = Item(words, name=letter, size=high, size_is="caps", x=pen + wide / 2)
        if items and monogram.overlap:
            item = _reaching_into(items[-1], item, monogram.overlap * INITIAL_HIGH)
        items.append(item)
        pen = item.x + wide / 2 + _GAP
    return _with_name(items, monogram)


def _reaching_into(before: Item, item: Item, by: float) -> Item:
    """A letter moved to the left until it touches the one before, and farther by an amount."""
    one, other = (carried(local.shape, affine) for local, affine in (_own(each, _COARSE) for each in (before, item)))
    most = item.x - before.x
    shapely.prepare(one)

    def touches(step: float) -> bool:
        return bool(one.intersects(shapely.transform(other, lambda xy: xy - [step, 0.0])))

    steps = np.arange(0.0, most, _STEP)
    first = next((step for step in steps if touches(step)), most)
    met = smallest_that(touches, first - _STEP, first, _HALVINGS)
    # it may leave what it met first, under a bowl say: then it goes on to what comes next
    return item.with_(x=item.x - next((step for step in (met + by, *steps[steps > met + by]) if touches(step)), most))


def _single(monogram: Monogram) -> list[Item]:
    """The initials as they are typed, in one line."""
    text = "".join(_letters(monogram))
    items = [Item(_words(monogram, text), name=text, size=INITIAL_HIGH, size_is="caps")] if text else []
    return _with_name(items, monogram)


def _with_name(items: list[Item], monogram: Monogram) -> list[Item]:
    """A name below, where there is one, no wider than the initials."""
    if not items or not monogram.text.strip():
        return items
    left, low, right, _ = _box(items)
    name, local, unit = _name(monogram, INITIAL_HIGH / 4, right - left)
    y = low - _GAP - local.box[3] * unit
    return [*items, name.with_(x=(left + right) / 2, y=y)]


def _split(monogram: Monogram) -> list[Item]:
    """One initial, split by a gap that carries a name."""
    letters = _letters(monogram)[:1]
    if not letters:
        return []
    initial = Item(_words(monogram, letters[0]), name=letters[0], size=INITIAL_HIGH, size_is="caps")
    if not monogram.text.strip():
        return [initial]
    left, _, right, _ = _box([initial])
    name, local, unit = _name(monogram, INITIAL_HIGH / 5, 1.15 * (right - left))
    gap = local.size[1] * unit + 2 * min(_GAP, 0.5 * name.size)
    x, wide = (left + right) / 2, 1.2 * (right - left)
    middle = (local.box[1] + local.box[3]) / 2 * unit
    return [initial,
            Item(Shape("rectangle", "filled"), name="gap", does="clears", size=wide, stretch=wide / gap, x=x),
            name.with_(x=x, y=-middle)]


def _beside(monogram: Monogram) -> list[Item]:
    """An initial, a bar of its height, and a name standing upright beside it, as long as the bar where it can be."""
    letters = _letters(monogram)[:1]
    if not letters:
        return []
    initial = Item(_words(monogram, letters[0]), name=letters[0], size=INITIAL_HIGH, size_is="caps")
    _, _, right, _ = _box([initial])
    bar = Item(Shape("rectangle", "filled"), name="bar", size=_BAR, stretch=_BAR / INITIAL_HIGH,
               x=right + _GAP + _BAR / 2)
    if not monogram.text.strip():
        return [initial, bar]
    name, local, unit = _name(monogram, _NAME_MOST, INITIAL_HIGH)
    x = right + 2 * _GAP + _BAR + local.box[3] * unit         # turned to the left, its top faces the bar
    return [initial, bar, name.with_(x=x, turn=np.pi / 2)]


def _block(monogram: Monogram) -> list[Item]:
    """Lines as wide as each other: a name and a date, the initials above them if there are any."""
    initials = "".join(_letters(monogram))
    text = "\n".join(line for line in [initials, *monogram.text.splitlines()] if line.strip())
    if not text:
        return []
    words = replace(_words(monogram, text), align="even", line_spacing=1.15)
    return [Item(words, name=" / ".join(text.splitlines())[:120], size=1.4 * INITIAL_HIGH, size_is="width")]


_STYLES: dict[str, Callable[[Monogram], list[Item]]] = {
    "three": _in_a_row, "single": _single, "split": _split, "beside": _beside, "block": _block,
}


# -- the frame ---------------------------------------------------------------------------------------------------------


def _framing(items: list[Item], monogram: Monogram) -> Item:
    """The smallest frame that clears the letters by a gap, its middle moved up or down if that makes it smaller."""
    assert monogram.frame is not None
    ink = joined([carried(local.shape, affine) for local, affine in (_own(item, _COARSE) for item in items)])
    left, low, right, high = ink.bounds
    line = _LINE * {"two lines": 2.5}.get(monogram.edge, 1.0)
    kept = ink.convex_hull.buffer(_GAP + line)
    aspect = NATURAL_ASPECT[monogram.frame]
    if monogram.frame in ("rectangle", "rounded", "plaque"):
        aspect = (right - left + 4 * _GAP) / (high - low + 4 * _GAP)
    found = []
    for shift in np.linspace(-0.2, 0.2, 9).tolist():
        x, y = (left + right) / 2, (low + high) / 2 + shift * (high - low)
        found.append((_smallest(monogram.frame, aspect, kept, (x, y)), x, y))
    tall, x, y = min(found, key=lambda one: (round(one[0], 6), abs(one[2] - (low + high) / 2)))
    return Item(Shape(monogram.frame, monogram.edge, _LINE), name=monogram.frame, size=tall * aspect, stretch=aspect,
                 x=x, y=y)


def _smallest(outline: OutlineName, aspect: float, kept: Polygon, at: tuple[float, float]) -> float:
    """The least height of an outline about a point that holds an area, by halving."""
    unit = outline_area(outline, aspect, 1.0, 1e-3)
    moved = shapely.transform(kept, lambda xy: xy - [at[0], at[1]])

    def holds(tall: float) -> bool:
        return bool(shapely.transform(unit, lambda xy: xy * tall).covers(moved))

    return smallest_that(holds, 0.0, 40 * INITIAL_HIGH, _HALVINGS)
