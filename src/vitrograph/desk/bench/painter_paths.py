"""From core geometry and pixels to Qt painter paths and images, in bulk."""

from collections.abc import Sequence
from ctypes import memmove
from itertools import pairwise

import numpy as np
import shapely
from msgspec import Struct
from PySide6.QtGui import QImage, QPainterPath, QPolygonF
from shapely.geometry.base import BaseGeometry
from shiboken6 import Shiboken

from vitrograph.core.geometry import Points

_POINT = 16                        # bytes of a QPointF: two float64
_CHUNK = 500                       # points of a path, about, where a shape is parted into several


def path_of(shape: BaseGeometry) -> QPainterPath:
    """A painter path of polygons or lines; holes stay open by the odd-even rule."""
    rings = _rings(shape)
    if not len(rings):
        return QPainterPath()
    coordinates, which = shapely.get_coordinates(rings, return_index=True)
    starts = np.flatnonzero(np.diff(which, prepend=-1))
    return path_of_points(coordinates, starts)


class Outlines(Struct, frozen=True):
    """The rings of many polygons in a row: their points, where each ring begins, and where polygons may be parted."""

    points: Points
    starts: np.ndarray
    cuts: tuple[int, ...]

    def paths(self, points: Points | None = None) -> list[QPainterPath]:
        """Painter paths, a few polygons in each: filled so, they take a fraction of the time of one.

        `points` are those of the outlines carried elsewhere.
        """
        at, made = self.points if points is None else points, []
        for low, high in pairwise(self.cuts):
            begun = np.searchsorted(self.starts, [low, high])
            made.append(path_of_points(at[low:high], self.starts[begun[0]:begun[1]] - low))
        return made


def outlines_of(shape: BaseGeometry) -> Outlines:
    """The outlines of a shape's polygons."""
    parts = shapely.get_parts(shape)
    rings, owner = shapely.get_rings(parts[shapely.get_type_id(parts) == shapely.GeometryType.POLYGON],
                                     return_index=True)
    points, which = shapely.get_coordinates(rings, return_index=True)
    if not len(points):
        return Outlines(points, np.zeros(0, dtype=int), ())
    starts = np.flatnonzero(np.diff(which, prepend=-1))
    first = starts[np.flatnonzero(np.diff(owner, prepend=-1))]           # where each polygon begins
    whole = np.searchsorted(first, np.arange(_CHUNK, len(points), _CHUNK)).clip(max=len(first) - 1)
    return Outlines(points, starts, tuple(sorted({0, *first[whole].tolist(), len(points)})))


def paths_of(shape: BaseGeometry) -> list[QPainterPath]:
    """Painter paths of many polygons, as `Outlines.paths` gives them."""
    return outlines_of(shape).paths()


def path_of_each(shapes: Sequence[BaseGeometry]) -> list[QPainterPath]:
    """The painter path of each of many polygons, as `path_of` gives them; gathered in one go."""
    parts, shape_of = shapely.get_parts(np.array(shapes, dtype=object), return_index=True)
    rings, part_of = shapely.get_rings(parts, return_index=True)
    points, ring_of = shapely.get_coordinates(rings, return_index=True)
    starts = np.flatnonzero(np.diff(ring_of, prepend=-1))
    ring_owner = shape_of[part_of]
    ends = np.searchsorted(ring_owner[ring_of], np.arange(len(shapes) + 1))
    begun = np.searchsorted(ring_owner, np.arange(len(shapes) + 1))
    return [path_of_points(points[low:high], starts[first:last] - low)
            for (low, high), (first, last) in zip(pairwise(ends.tolist()), pairwise(begun.tolist()), strict=True)]


def path_of_points(points: Points, starts: np.ndarray | None = None) -> QPainterPath:
    """A path through (n, 2) points; a new line begins at each index in `starts`.

    The points are copied into a polygon's own memory, line by line, and the path takes them over from there: point by
    point it takes a hundred times as long, and by QPainterPath's stream format ten times for long lines.
    """
    path, line = QPainterPath(), QPolygonF()
    pairs = np.ascontiguousarray(points, dtype=np.float64)
    first = pairs.ctypes.data
    begun = [0] * min(len(pairs), 1) if starts is None else starts.tolist()
    for low, high in pairwise([*begun, len(pairs)]):
        line.resize(high - low)
        memory, = Shiboken.getCppPointer(line.data())
        memmove(memory, first + _POINT * low, _POINT * (high - low))
        path.addPolygon(line)
    return path


def image_of(rgb: np.ndarray) -> QImage:
    """An image of (rows, columns, 3) bytes, which are copied."""
    pixels = np.ascontiguousarray(rgb)
    rows, columns, _ = pixels.shape
    return QImage(pixels.data, columns, rows, 3 * columns, QImage.Format.Format_RGB888).copy()


def _rings(shape: BaseGeometry) -> np.ndarray:
    parts = shapely.get_parts(shape)
    polygons = parts[shapely.get_type_id(parts) == shapely.GeometryType.POLYGON]
    lines = parts[shapely.get_type_id(parts) == shapely.GeometryType.LINESTRING]
    return np.concatenate([shapely.get_rings(polygons), lines])
