"""Geometry every room shares: curves to polylines within a stated chord deviation, and areas of any geometry."""

from math import asin, ceil, sqrt

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

Points = NDArray[np.float64]

_MOST_PIECES = 4096


def flatten_bezier(control: Points, max_deviation: float) -> Points:
    """Points along a quadratic or cubic Bezier of (3|4, 2) control points, its start left out.

    The chord of a piece 1/n long strays at most max|B''| / (8 n²), and B'' is bounded by the second differences of
    the control points (G. Farin, Curves and Surfaces for CAGD, section 4: the hodograph), which gives n.
    """
    degree = len(control) - 1
    second = control[2:] - 2 * control[1:-1] + control[:-2]
    bound = degree * (degree - 1) * float(np.hypot(*second.T).max())
    pieces = _pieces(sqrt(bound / (8 * max_deviation)))
    t = np.linspace(0.0, 1.0, pieces + 1)[1:, None]
    level = control[:, None]                                  # de Casteljau, for every t at once
    while len(level) > 1:
        level = level[:-1] * (1 - t) + level[1:] * t
    return np.asarray(level[0])


def arc_pieces(radius: float, sweep: float, max_deviation: float) -> int:
    """How many chords keep an arc of `radius` and `sweep` radians within `max_deviation`: sagitta of a chord.

    >>> arc_pieces(10.0, 3.0, 0.01)
    34
    """
    if radius <= max_deviation:
        return _pieces(abs(sweep))
    # the chord's angle is 2 acos(1 - d/r), written as 4 asin(sqrt(d/2r)) so that huge radii keep their digits
    return _pieces(abs(sweep) / (4 * asin(sqrt(max_deviation / (2 * radius)))))


def _pieces(wanted: float) -> int:
    return min(max(1, ceil(wanted)), _MOST_PIECES)


def as_polygons(geometry: BaseGeometry) -> MultiPolygon:
    """The areas of any geometry as a MultiPolygon; lines and points left by an overlay are dropped."""
    parts = shapely.get_parts(geometry)
    if len(parts) and (shapely.get_type_id(parts) == shapely.GeometryType.GEOMETRYCOLLECTION).any():
        parts = shapely.get_parts(parts)
    return MultiPolygon(list(parts[shapely.get_type_id(parts) == shapely.GeometryType.POLYGON]))
