"""The picture laid flat: what the camera saw at each place of the stencil's sheet, beside what was drawn there."""

from collections.abc import Callable, Sequence

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.geometry import Box, Points, as_polygons, within
from vitrograph.core.logbook.inspection.camera import Camera
from vitrograph.core.logbook.inspection.seat import Seat

Picture = NDArray[np.float32]

FACING = 0.3                       # a wall that turns away more cannot be judged: cos 72.5 degrees
_BETWEEN_MM = 2.0                  # between places that are carried through the maps one by one, or so many pixels
_LEAST_BETWEEN = 4


class Grid(Struct, frozen=True):
    """Square pixels over a part of the sheet: its lower left corner, mm a pixel, columns and rows, rows upward."""

    left: float
    low: float
    step: float
    columns: int
    rows: int

    @classmethod
    def over(cls, box: Box, step: float) -> "Grid":
        """The grid over a box of the sheet."""
        left, low, right, high = box
        return cls(left, low, step, max(2, round((right - left) / step)), max(2, round((high - low) / step)))

    def places(self, columns: NDArray[np.float64], rows: NDArray[np.float64]) -> Points:
        """(n, 2) sheet places of pixels' middles."""
        return np.column_stack([self.left + (columns + 0.5) * self.step, self.low + (rows + 0.5) * self.step])

    def followed(self, told: Callable[[Points], Sequence[NDArray[np.float64]]], every: int) -> list[Picture]:
        """(rows, columns) values of a smooth map of sheet places, followed every so many pixels and laid between."""
        import cv2

        columns, rows = np.meshgrid(*(np.arange(0, many + every, every, dtype=float)
                                      for many in (self.columns, self.rows)))
        across, up = np.meshgrid(*(np.arange(many, dtype=np.float32) / every for many in (self.columns, self.rows)))
        known = [np.nan_to_num(one, nan=-1e6).reshape(columns.shape).astype(np.float32)
                 for one in told(self.places(columns.ravel(), rows.ravel()))]
        return [np.asarray(cv2.remap(one, across, up, cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE),
                           dtype=np.float32) for one in known]

    def drawn(self, shape: MultiPolygon) -> Picture:
        """(rows, columns) how much of each pixel a shape covers, 0 to 1: exactly, where OpenCV's own drawing makes
        shapes larger by more than half a pixel all round.

        Each piece of an edge within one pixel covers what lies right of it; what it covers of the pixels farther on is
        summed up along the row (the way font rasterizers go).
        """
        box = shapely.box(self.left, self.low, self.left + self.columns * self.step, self.low + self.rows * self.step)
        inside = shapely.transform(as_polygons(within(shape, box)), lambda xy: (xy - [self.left, self.low]) / self.step)
        rings = [_turned(np.asarray(ring.coords), hole=number > 0) for part in inside.geoms
                 for number, ring in enumerate((part.exterior, *part.interiors))]
        if not rings:
            return np.zeros((self.rows, self.columns), dtype=np.float32)
        starts, ends = np.vstack([ring[:-1] for ring in rings]), np.vstack([ring[1:] for ring in rings])
        starts, ends = _split(*_split(starts, ends, 0), 1)
        middle, climbs = (starts + ends) / 2, starts[:, 1] - ends[:, 1]
        column, row = (np.clip(middle[:, axis].astype(int), 0, many - 1)
                       for axis, many in ((0, self.columns), (1, self.rows)))
        at = row * (self.columns + 1) + column
        right = climbs * (column + 1 - middle[:, 0])           # of its own pixel; the rest is the next one's
        cover = np.bincount(at, right, self.rows * (self.columns + 1))
        cover += np.bincount(at + 1, climbs - right, len(cover))
        summed = np.cumsum(cover.reshape(self.rows, -1), axis=1)[:, :-1]
        return np.clip(summed, 0.0, 1.0).astype(np.float32)


def _turned(ring: Points, *, hole: bool) -> Points:
    """A ring to the left round its area, a hole to the right: by its own area, since GEOS errs on rings with spikes."""
    area = float((ring[:-1, 0] * ring[1:, 1] - ring[1:, 0] * ring[:-1, 1]).sum())
    return ring[::-1] if (area > 0) == hole else ring


def _split(starts: Points, ends: Points, axis: int) -> tuple[Points, Points]:
    """Edges parted where they cross whole numbers along an axis."""
    first, last = np.minimum(starts[:, axis], ends[:, axis]), np.maximum(starts[:, axis], ends[:, axis])
    crossings = np.maximum(np.ceil(last) - np.floor(first) - 1, 0).astype(int)
    edge = np.repeat(np.arange(len(starts)), crossings + 1)
    number = np.arange(len(edge)) - np.repeat(np.cumsum(crossings + 1) - crossings - 1, crossings + 1)
    run = ends[:, axis] - starts[:, axis]
    up = (run >= 0)[edge]
    line = np.where(up, np.floor(first)[edge] + number, np.ceil(last)[edge] - number)      # the one before each piece
    safe = np.where(run == 0, 1.0, run)[edge]
    begins = np.where(number == 0, 0.0, (line - starts[edge, axis]) / safe)
    following = np.where(up, line + 1, line - 1)
    closes = np.where(number == crossings[edge], 1.0, (following - starts[edge, axis]) / safe)
    way = (ends - starts)[edge]
    return starts[edge] + way * begins[:, None], starts[edge] + way * closes[:, None]


class Photo(Struct, frozen=True):
    """A picture, (rows, columns) of light, 0 to 1; and the pixels that black lies behind, 0 or 1."""

    light: Picture
    black: Picture


def unroll(photo: Photo, camera: Camera, seat: Seat, grid: Grid) -> tuple[Picture, NDArray[np.bool_]]:
    """(rows, columns) what was seen at each place of the grid, and where it can be told from it.

    That is where the wall faces the camera enough, and black lies behind.

    The maps are smooth: they are followed at places 2 mm apart, or four pixels, and laid between by straight lines,
    which strays by b²/8r: 0.012 mm for 2 mm on a glass of 40 mm radius.
    """
    import cv2

    def told(sheet: Points) -> Sequence[NDArray[np.float64]]:
        pixels, facing = seat.seen(sheet, camera)
        return *pixels.T, facing

    x, y, square = grid.followed(told, max(_LEAST_BETWEEN, int(_BETWEEN_MM / grid.step)))
    seen, black = (cv2.remap(one, x, y, cv2.INTER_LINEAR, borderMode=cv2.BORDER_CONSTANT)
                   for one in (photo.light, photo.black))
    return np.asarray(seen, dtype=np.float32), np.asarray((square > FACING) & (black > 0.99))
