"""One sheet for several films: each cell of the art has its own flat shape, and its own place on the sheet."""

from collections.abc import Callable, Sequence

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Box, Points, distinct
from vitrograph.core.glass import Cone, Sheeting

_EDGE = 1e-6                       # of u or mm: less than anything is told by

Cells = NDArray[np.intp]


class Shifted(Struct, frozen=True, eq=False):
    """A sheeting that lies elsewhere on the sheet, mm, and whose own middle stands at a turn u0."""

    flat: Sheeting
    shift: tuple[float, float]
    u0: float = 0.0

    @property
    def bend(self) -> float:
        """Unchanged."""
        return self.flat.bend

    @property
    def cone(self) -> Cone | None:
        """Unchanged."""
        return self.flat.cone

    def develop(self, wall: Points) -> Points:
        """Lay wall points flat, there."""
        return self.flat.develop(wall - [self.u0, 0.0]) + self.shift

    def undevelop(self, sheet: Points) -> Points:
        """The inverse of `develop`."""
        return self.flat.undevelop(sheet - self.shift) + [self.u0, 0.0]


class Parted(Struct, frozen=True, eq=False):
    """Cells of the art in art mm (left, low, right, high), that fill the plane; the flat shape of each; its sheet box.

    `wall` are the same cells on the wall (u, s), for wall points that come from no art.
    """

    art: tuple[Box, ...]
    wall: tuple[Box, ...]
    flats: tuple[Shifted, ...]
    sheet: tuple[Box, ...]

    @property
    def bend(self) -> float:
        """The first film's."""
        return self.flats[0].bend

    @property
    def cone(self) -> Cone | None:
        """The first film's."""
        return self.flats[0].cone

    def develop(self, wall: Points) -> Points:
        """Lay wall points flat, each by the cell it lies in."""
        return self.develop_in(_nearest(wall, self.wall), wall)

    def undevelop(self, sheet: Points) -> Points:
        """Roll sheet points back, each by the film it lies on or nearest to."""
        return self._each(_nearest(sheet, self.sheet), sheet, [flat.undevelop for flat in self.flats])

    def cells_of(self, art: Points) -> Cells:
        """The cell of each art point."""
        return _nearest(art, self.art)

    def cells_on(self, sheet: Points) -> Cells:
        """The cell of each sheet point."""
        return _nearest(sheet, self.sheet)

    def develop_in(self, cells: Cells, wall: Points) -> Points:
        """Lay wall points flat, each by a stated cell."""
        return self._each(cells, wall, [flat.develop for flat in self.flats])

    def own(self, cell: int) -> Box:
        """The part of the wall that is laid by a cell, its edges left out: they are its neighbours' as well."""
        left, low, right, high = self.wall[cell]
        return left + _EDGE, low + _EDGE, right - _EDGE, high - _EDGE

    def shifts(self, cells: Cells) -> Points:
        """Where each cell's film lies on the sheet, from where it would lie alone."""
        return np.array([flat.shift for flat in self.flats])[cells]

    def _each(self, cells: Cells, points: Points, maps: Sequence[Callable[[Points], Points]]) -> Points:
        made = np.empty_like(points)
        for cell in distinct(cells):
            here = cells == cell
            made[here] = maps[cell](points[here])
        return made


def _nearest(points: Points, boxes: Sequence[Box]) -> Cells:
    """The box each point lies in, or is nearest to."""
    low, high = np.array(boxes)[:, :2], np.array(boxes)[:, 2:]
    off = np.maximum(np.maximum(low - points[:, None], points[:, None] - high), 0.0)
    return np.asarray((off**2).sum(axis=2).argmin(axis=1))


def set_out(boxes: Sequence[Box], apart: float) -> list[tuple[float, float]]:
    """Shifts that set boxes out on a sheet, each above the last and so far apart; the first stays where it is."""
    shifts, top = [], boxes[0][1]
    for index, (_, low, _, high) in enumerate(boxes):
        up = 0.0 if index == 0 else top + apart - low
        shifts.append((0.0, up))
        top = high + up
    return shifts
