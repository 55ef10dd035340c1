"""Items held by the pointer: carried through the map alone, so that both views follow the hand at once.

What was worked out when they were taken hold of serves until they are let go; nothing is joined, split or checked.
"""

from collections.abc import Iterable

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from PySide6.QtGui import QPainterPath

from vitrograph.core.artwork import Placed
from vitrograph.core.artwork.composing.place import carry
from vitrograph.core.geometry import Box, Points
from vitrograph.core.job import Item
from vitrograph.core.results import Results
from vitrograph.desk.bench.painter_paths import path_of_points

_BEND = 30.0                       # sides at most so many deviations long, to bend with the glass


class _Rings(Struct, frozen=True):
    """The rings of a shape in a row, and where each begins."""

    points: Points
    starts: np.ndarray


class HeldArt:
    """The items of a job as they are while some of them are held; points are in the artwork's frame unless named."""

    def __init__(self, results: Results, keys: Iterable[int], max_deviation: float) -> None:
        """Take hold of the items of some keys; outlines may stray `max_deviation` mm while they are held."""
        assert results.art is not None and results.fitted is not None
        self.results = results
        self.chart = self._taken = results.fitted.chart
        self.middle = np.array(results.art.middle)
        self.placed: dict[int, Placed] = {one.item.key: one for one in results.art.placed}
        self.held: dict[int, Item] = {key: self.placed[key].item for key in keys if key in self.placed}
        self._own = {key: _rings_of(self.placed[key].local.shape, max_deviation / max(self.placed[key].units))
                     for key in self.held}
        self._points = {key: _rings_of(one.shape, max_deviation) for key, one in self.placed.items()}
        self._sheet: dict[int, QPainterPath] = {}
        self._wall: dict[int, _Rings] = {}
        self._beside, self._turns = results.fitted.copy_angles, (0.0, *results.fitted.elsewhere)

    def carry(self, du: float, ds: float) -> None:
        """Carry all of it round the glass and up the wall from where it was taken hold of."""
        self.chart = replace(self._taken, u0=self._taken.u0 + du, s0=self._taken.s0 + ds)
        self._sheet, self._wall = {}, {}

    def move(self, items: Iterable[Item]) -> None:
        """Place held items elsewhere."""
        for item in items:
            own = self._own[item.key]
            copies = [carry(own.points, affine) for affine in self.placed[item.key].affines_as(item)]
            starts = np.concatenate([own.starts + at * len(own.points) for at in range(len(copies))])
            self.held[item.key] = item
            self._points[item.key] = _Rings(np.concatenate(copies), starts)
            self._sheet.pop(item.key, None)
            self._wall.pop(item.key, None)

    def box(self, key: int) -> Box:
        """The box of an item as it is now."""
        points = self._points[key].points
        (left, low), (right, high) = points.min(axis=0), points.max(axis=0)
        return float(left), float(low), float(right), float(high)

    def top(self) -> float:
        """How high the frosted items reach now."""
        return max((self.box(key)[3] for key, one in self.placed.items() if one.item.does == "frosts"), default=0.0)

    def _layer(self, moving: bool) -> list[int]:
        """The lowest held item and all that lie over it, or those under it."""
        keys = list(self.placed)
        first = min((keys.index(key) for key in self.held), default=len(keys))
        return keys[first:] if moving else keys[:first]

    def on_sheet(self, *, moving: bool) -> list[tuple[bool, QPainterPath]]:
        """Whether each item of a layer frosts, and its path in sheet mm, lowest first."""
        return [(self._frosts(key), self._sheet_path(key)) for key in self._layer(moving)]

    def _frosts(self, key: int) -> bool:
        return self.placed[key].item.does == "frosts"

    def _sheet_path(self, key: int) -> QPainterPath:
        if key not in self._sheet:
            rings, taken = self._points[key], self._taken
            if self.chart is taken and len(self._beside) == 1:
                at, starts = taken.to_sheet(rings.points - self.middle), rings.starts
            else:                  # carried art is shown on the film as that was when it was taken hold of
                on_wall = self._on_wall(key)
                at, starts = taken.wall_to_sheet(on_wall.points), on_wall.starts
            self._sheet[key] = path_of_points(at, starts)
        return self._sheet[key]

    def _on_wall(self, key: int) -> "_Rings":
        """An item's rings on the wall, with those of its copies on the same sheet."""
        if key not in self._wall:
            rings = self._points[key]
            self._wall[key] = _again(_Rings(self.chart.to_wall(rings.points - self.middle), rings.starts), self._beside)
        return self._wall[key]

    def on_wall(self, *, moving: bool) -> list[tuple[bool, Points, np.ndarray]]:
        """Whether each item of a layer frosts, its points on the wall (u, s) and where each of its rings begins."""
        return [(self._frosts(key), rings.points + [turn, 0.0], rings.starts)
                for key in self._layer(moving) for rings in [self._on_wall(key)] for turn in self._turns]


def _again(rings: _Rings, beside: tuple[float, ...]) -> _Rings:
    """Rings once more for each copy, so far round."""
    if len(beside) == 1:
        return rings
    points = np.concatenate([rings.points + [by, 0.0] for by in beside])
    return _Rings(points, np.concatenate([rings.starts + at * len(rings.points) for at in range(len(beside))]))


def _rings_of(shape: shapely.MultiPolygon, max_deviation: float) -> _Rings:
    """A shape's rings with as few points as the eye needs, but enough to bend with the glass."""
    rings = shapely.simplify(shapely.get_rings(shapely.get_parts(shape)), max_deviation, preserve_topology=False)
    # a ring too small to be seen is simplified to a point, which cannot be split
    rings = shapely.segmentize(rings[shapely.length(rings) > 0], _BEND * max_deviation)
    points, which = shapely.get_coordinates(rings, return_index=True)
    return _Rings(points, np.flatnonzero(np.diff(which, prepend=-1)))
