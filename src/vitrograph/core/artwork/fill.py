"""Filling closed outlines by the even-odd or the non-zero rule, whatever they cross.

The outlines are noded and polygonised, and each face is kept or dropped by its winding number (W3C, Scalable Vector
Graphics 2, section 13.4.2, the fill-rule property).
"""

from collections.abc import Sequence
from typing import Literal

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points, as_polygons, rings_are_apart
from vitrograph.core.language import tr

FillRule = Literal["nonzero", "evenodd"]

_CHUNK = 2_000_000
_QUERIED, _MOST_MEETINGS = 2_000, 400_000      # sides asked about at a time; pairs whose boxes meet


def fill_outlines(outlines: Sequence[Points], rule: FillRule = "nonzero") -> MultiPolygon:
    """The area inside (n, 2) outlines, each closed by itself, as valid polygons.

    >>> square = np.array([[0, 0], [4, 0], [4, 4], [0, 4.0]])
    >>> fill_outlines([square, square / 2 + 1], "evenodd").area
    12.0
    """
    rings = [ring for ring in map(_closed, outlines) if len(ring) >= 4]
    if not rings:
        return MultiPolygon()
    lines = np.array([shapely.linearrings(ring) for ring in rings])
    noded = lines if rings_are_apart(lines) else shapely.get_parts(shapely.union_all(_not_too_tangled(lines)))
    faces = shapely.get_parts(shapely.polygonize(noded))
    if not len(faces):
        return MultiPolygon()
    turns = winding_numbers(shapely.get_coordinates(shapely.point_on_surface(faces)), rings)
    inside = turns != 0 if rule == "nonzero" else turns % 2 == 1
    return as_polygons(shapely.union_all(faces[inside]))


def polygons_of_rings(rings: Sequence[Points]) -> MultiPolygon:
    """The area inside an odd number of (n, 2) rings: `fill_outlines` by the even-odd rule, quicker for rings apart."""
    lines = np.array([shapely.linearrings(ring) for ring in rings if len(ring) >= 3])
    if len(lines) and rings_are_apart(lines):
        return as_polygons(shapely.build_area(shapely.geometrycollections(lines)))
    return fill_outlines(rings, "evenodd")


def _not_too_tangled(lines: NDArray[np.object_]) -> NDArray[np.object_]:
    """The same lines, if they cross each other within reason: every crossing becomes a node. Raises ArtworkError."""
    points, which = shapely.get_coordinates(lines, return_index=True)
    follow = which[:-1] == which[1:]
    sides = shapely.linestrings(np.stack([points[:-1][follow], points[1:][follow]], axis=1))
    tree, meetings = shapely.STRtree(sides), 0
    for first in range(0, len(sides), _QUERIED):
        meetings += tree.query(sides[first:first + _QUERIED]).shape[1]
        if meetings > 12 * len(sides) + _MOST_MEETINGS:
            raise ArtworkError(tr("the outlines cross each other far too often to be filled: simplify the drawing "
                                  "first"))
    return lines


def winding_numbers(points: Points, rings: Sequence[Points]) -> NDArray[np.int64]:
    """How often closed (n, 2) rings wind counter-clockwise round each of (m, 2) points, in all."""
    start = np.concatenate([ring[:-1] for ring in rings])
    end = np.concatenate([ring[1:] for ring in rings])
    step = max(1, _CHUNK // len(start))
    return np.concatenate([_winding(points[i:i + step], start, end) for i in range(0, len(points), step)])


def _winding(points: Points, start: Points, end: Points) -> NDArray[np.int64]:
    """Signed crossings of each point's rightward ray."""
    px, py = points[:, :1], points[:, 1:]
    rises = (start[:, 1] <= py) & (py < end[:, 1])
    falls = (end[:, 1] <= py) & (py < start[:, 1])
    side = (end[:, 0] - start[:, 0]) * (py - start[:, 1]) - (px - start[:, 0]) * (end[:, 1] - start[:, 1])
    return np.asarray((rises & (side > 0)).sum(axis=1) - (falls & (side < 0)).sum(axis=1), dtype=np.int64)


def _closed(outline: Points) -> Points:
    if len(outline) and (outline[0] != outline[-1]).any():
        return np.concatenate([outline, outline[:1]])
    return outline
