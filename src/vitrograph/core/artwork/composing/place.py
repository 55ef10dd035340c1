"""Placing: an item's own shape carried to its place in the artwork's frame, once or several times.

An item is scaled, flipped, leant, turned and moved, in that order; copies of a repeat follow. Own shapes have their
anchor at (0, 0): words in ems, drawings in their heights, shapes and monograms in units of their own.
"""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field
from math import cos, floor, log2, pi, sin

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.source import Source
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Box, Points, multipolygon, union
from vitrograph.core.job import Item, Repeat, Shape
from vitrograph.core.language import tr

Affine = NDArray[np.float64]       # (2, 3): a matrix, and in the last column where (0, 0) goes

_TINY = 1e-9


class Mark(Struct, frozen=True):
    """A name for a spot of the art, so that an item of film can be called by its letter."""

    name: str
    x: float
    y: float


@dataclass(frozen=True)
class Local:
    """An item's own shape about its anchor: its ink's box (left, low, right, high), its capitals' height, names.

    `missing`, `dropped`, `turn` and `foot` (the last straight line's baseline) are those of lettering; `source` is a
    drawing as it was brought.
    """

    shape: MultiPolygon
    box: Box
    cap_height: float | None = None
    marks: tuple[Mark, ...] = ()
    missing: str = ""
    dropped: int = 0
    turn: float = 0.0
    foot: float | None = None
    source: Source | None = field(default=None, compare=False)

    @property
    def size(self) -> tuple[float, float]:
        """Width and height of the box."""
        left, low, right, high = self.box
        return right - left, high - low


class Placed(Struct, frozen=True):
    """An item in the artwork's frame, mm: its shape, its own shape, the maps of its copies, its box's corners.

    `index` is its row in the artwork; `units` are mm per own unit, across and upright.
    """

    item: Item
    index: int
    shape: MultiPolygon
    local: Local
    affines: tuple[Affine, ...]
    units: tuple[float, float]

    @property
    def box(self) -> Box:
        """The box of all copies."""
        return box_of(self.shape)

    @property
    def corners(self) -> Points:
        """(4, 2) corners of the first copy's own box: lower left, lower right, upper right, upper left."""
        return corners_of(self.local.box, self.affines[0])

    @property
    def size(self) -> tuple[float, float]:
        """The first copy's own width and height in mm, before it is leant and turned."""
        return self.local.size[0] * self.units[0], self.local.size[1] * self.units[1]

    @property
    def mending_unit(self) -> float:
        """mm per unit of the frame that a drawing's mends are told in: the height it had before it was mended."""
        source = self.local.source
        return self.units[1] / source.frame[2] if source is not None else self.units[1]

    def holds(self, point: Points, affine: Affine) -> bool:
        """Whether a point of the artwork lies in a copy's own box, or just beside it."""
        x, y = self._own(point, affine)
        left, low, right, high = self.local.box
        slack = 0.05 * (high - low)
        return left - slack <= x <= right + slack and low - slack <= y <= high + slack

    def _own(self, point: Points, affine: Affine) -> tuple[float, float]:
        x, y = np.linalg.solve(affine[:, :2], np.asarray(point, dtype=float) - affine[:, 2])
        return float(x), float(y)

    def affines_as(self, item: Item) -> tuple[Affine, ...]:
        """The maps of its copies, were it placed as another item is: quick, for what is held by the pointer."""
        if isinstance(self.item.what, Shape):
            width, height = sides(item)
            units = width / self.local.size[0], height / self.local.size[1]
        else:
            units = scales(item, self.local.size, self.local.cap_height)
        return tuple(copies(item, matrix_of(item, *units)))

    @property
    def cap_height(self) -> float | None:
        """Height of the first line's capitals in mm, for words."""
        return None if self.local.cap_height is None else self.local.cap_height * self.units[1]


def sides(item: Item) -> tuple[float, float]:
    """A plain shape's width and height, mm."""
    if item.size_is == "width":
        return item.size, item.size / item.stretch
    return item.size * item.stretch, item.size


def scales(item: Item, size: tuple[float, float], cap_height: float | None) -> tuple[float, float]:
    """mm per own unit, across and upright; a side of no length (a lone dash has no height) falls to the other.

    >>> scales(Item(None, size=84.0, stretch=2.0), (2.0, 1.0), None)
    (42.0, 21.0)
    """
    width, height = (side if side > _TINY else None for side in size)
    if item.size_is == "width":
        across = item.size / (width or height or 1.0)
        return across, across / item.stretch
    measured = cap_height if item.size_is == "caps" and cap_height else height or width
    upright = item.size / (measured or 1.0)
    return upright * item.stretch, upright


def matrix_of(item: Item, across: float, upright: float) -> Affine:
    """The first copy's map from own units to the artwork's mm."""
    turn = np.array([[cos(item.turn), -sin(item.turn)], [sin(item.turn), cos(item.turn)]])
    lean = np.array([[1.0, item.lean], [0.0, 1.0]])
    size = np.diag([-across if item.flip else across, upright])
    return np.column_stack([turn @ lean @ size, [item.x, item.y]])


def copies(item: Item, first: Affine) -> list[Affine]:
    """The maps of all copies of a repeated item. A row and a column stand about the item's place; a ring's copies
    stand upright on a circle about it, the first at the top, following each other clockwise.
    """
    repeat = item.repeat
    if repeat is None or repeat.times == 1:
        return [first]
    if repeat.way == "ring":
        return [_on_ring(first, repeat, number) for number in range(repeat.times)]
    steps = (np.arange(repeat.times) - (repeat.times - 1) / 2) * repeat.pitch
    way = np.array([1.0, 0.0] if repeat.way == "row" else [0.0, -1.0])
    return [np.column_stack([first[:, :2], first[:, 2] + step * way]) for step in steps]


def _on_ring(first: Affine, repeat: Repeat, number: int) -> Affine:
    angle = -2 * pi * number / repeat.times
    turn = np.array([[cos(angle), -sin(angle)], [sin(angle), cos(angle)]])
    return np.column_stack([turn @ first[:, :2], first[:, 2] + turn @ [0.0, repeat.pitch]])


def carried(shape: BaseGeometry, affine: Affine) -> BaseGeometry:
    """A shape through an affine map; a mirrored one is still valid."""
    return shapely.transform(shape, lambda xy: carry(xy, affine))


def carry(points: Points, affine: Affine) -> Points:
    """(n, 2) points through an affine map."""
    return np.asarray(points @ affine[:, :2].T + affine[:, 2])


def corners_of(local_box: Box, affine: Affine) -> Points:
    """(4, 2) corners of an item's own box in the artwork: lower left, lower right, upper right, upper left."""
    left, low, right, high = local_box
    return carry(np.array([[left, low], [right, low], [right, high], [left, high]]), affine)


def joined(shapes: Sequence[BaseGeometry] | NDArray[np.object_]) -> MultiPolygon:
    """All shapes as one. Only those that meet go through the kernel's union; most letters stand by themselves."""
    made = np.array(shapes, dtype=object)
    made = made[~shapely.is_empty(made)] if len(made) else made
    if not len(made):
        return MultiPolygon()
    one, other = shapely.STRtree(made).query(made, predicate="intersects")
    meeting = np.zeros(len(made), dtype=bool)
    meeting[one[one != other]] = True
    alone = shapely.get_parts(made[~meeting])
    if not meeting.any():
        return multipolygon(alone)
    return multipolygon(np.concatenate([alone, shapely.get_parts(union(list(made[meeting])))]))


def fineness(max_deviation: float, scale: float) -> float:
    """A deviation in own units that keeps `max_deviation` mm at a scale.

    It goes in powers of two, so that another size seldom flattens curves anew.
    """
    return float(2.0 ** floor(log2(max_deviation / max(scale, _TINY))))


def box_of(shape: BaseGeometry) -> Box:
    """The box of a shape; four zeros where there is nothing."""
    if shape.is_empty:
        return (0.0, 0.0, 0.0, 0.0)
    left, low, right, high = shape.bounds
    return left, low, right, high


def common_box(boxes: Iterable[Box]) -> Box:
    """The box round some boxes. Raises ArtworkError where there are none."""
    sides = list(zip(*boxes, strict=True))
    if not sides:
        raise ArtworkError(tr("there is nothing to be seen of these items: choose others"))
    left, low, right, high = sides
    return min(left), min(low), max(right), max(high)
