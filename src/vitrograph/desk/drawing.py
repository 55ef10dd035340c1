"""From core geometry and pixels to Qt painter paths and images, in bulk."""

from itertools import pairwise

import numpy as np
import shapely
from PySide6.QtCore import QByteArray, QDataStream
from PySide6.QtGui import QImage, QPainterPath
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points

_ELEMENT = np.dtype([("kind", ">i4"), ("x", ">f8"), ("y", ">f8")])
_MOVE, _LINE, _ODD_EVEN = 0, 1, 0
_CHUNK = 500                       # points of a path, about, where a shape is parted into several


def path_of(shape: BaseGeometry) -> QPainterPath:
    """A painter path of polygons or lines; holes stay open by the odd-even rule."""
    rings = _rings(shape)
    if not len(rings):
        return QPainterPath()
    coordinates, which = shapely.get_coordinates(rings, return_index=True)
    starts = np.flatnonzero(np.diff(which, prepend=-1))
    return path_of_points(coordinates, starts)


def paths_of(shape: BaseGeometry) -> list[QPainterPath]:
    """Painter paths of many polygons, a few of them in each: filled so, they take a fraction of the time of one."""
    parts = shapely.get_parts(shape)
    rings, owner = shapely.get_rings(parts[shapely.get_type_id(parts) == shapely.GeometryType.POLYGON],
                                     return_index=True)
    if not len(rings):
        return []
    points, which = shapely.get_coordinates(rings, return_index=True)
    return paths_of_points(points, np.flatnonzero(np.diff(which, prepend=-1)), owner)


def paths_of_points(points: Points, starts: np.ndarray, owner: np.ndarray) -> list[QPainterPath]:
    """Painter paths of rings that begin at `starts` and belong to polygons by number; see `paths_of`."""
    first = starts[np.flatnonzero(np.diff(owner, prepend=-1))]           # where each polygon begins
    cuts = [0, *first[np.searchsorted(first, np.arange(_CHUNK, len(points), _CHUNK))
                      .clip(max=len(first) - 1)].tolist(), len(points)]
    made = []
    for low, high in pairwise(sorted(set(cuts))):
        begun = np.searchsorted(starts, [low, high])
        made.append(path_of_points(points[low:high], starts[begun[0]:begun[1]] - low))
    return made


def path_of_points(points: Points, starts: np.ndarray | None = None) -> QPainterPath:
    """A path through (n, 2) points; a new line begins at each index in `starts`.

    Written as QPainterPath's own stream format, which is read ten times faster than point by point.
    """
    elements = np.empty(len(points), dtype=_ELEMENT)
    elements["kind"] = _LINE
    elements["kind"][0 if starts is None else starts] = _MOVE
    elements["x"], elements["y"] = points.T
    head, tail = len(points).to_bytes(4, "big"), (0).to_bytes(4, "big") + _ODD_EVEN.to_bytes(4, "big")
    path = QPainterPath()
    QDataStream(QByteArray(head + elements.tobytes() + tail)) >> path
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
