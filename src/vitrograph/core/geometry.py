"""Geometry every room shares: curves to polylines within a stated chord deviation, and areas of any geometry."""

from collections.abc import Callable, Sequence
from functools import lru_cache
from math import asin, ceil, comb, pi, sqrt
from typing import Any

import numpy as np
import shapely
from numpy.typing import ArrayLike, NDArray
from shapely.geometry import MultiPolygon, Polygon
from shapely.geometry.base import BaseGeometry

Points = NDArray[np.float64]
Box = tuple[float, float, float, float]        # left, low, right, high

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
    return _weights(degree, pieces) @ control


def flatten_cubics(pieces: Points, max_deviation: float) -> Points:
    """Points along (k, 4, 2) cubic Beziers in a row, the first start left out; the same bound as `flatten_bezier`."""
    second = pieces[:, 2:] - 2 * pieces[:, 1:-1] + pieces[:, :-2]
    bound = 6 * np.hypot(second[..., 0], second[..., 1]).max(axis=1)
    counts = np.clip(np.ceil(np.sqrt(bound / (8 * max_deviation))), 1, _MOST_PIECES).astype(int)
    ends = np.cumsum(counts)
    points = np.empty((int(ends[-1]), 2))
    for count in set(counts.tolist()):
        alike = np.flatnonzero(counts == count)
        made = _weights(3, count) @ pieces[alike]
        points[(ends[alike, None] - count + np.arange(count)).ravel()] = made.reshape(-1, 2)
    return points


@lru_cache(maxsize=256)
def _weights(degree: int, pieces: int) -> NDArray[np.float64]:
    """(pieces, degree + 1) weights of the control points at even steps, the start left out: Bernstein polynomials."""
    t = np.linspace(0.0, 1.0, pieces + 1)[1:]
    return np.stack([comb(degree, k) * t**k * (1 - t) ** (degree - k) for k in range(degree + 1)], axis=1)


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


def distinct(values: ArrayLike) -> NDArray[Any]:
    """Values of one dimension in order, each once: `np.unique`, which reads the masked arrays as the window opens.

    >>> distinct([3, 1, 3, 2]).tolist()
    [1, 2, 3]
    """
    ordered = np.sort(values)
    return ordered[np.append(True, ordered[1:] != ordered[:-1])] if len(ordered) else ordered


def lengths_along(line: Points) -> NDArray[np.float64]:
    """How far along a line of (n, 2) points each of them lies."""
    return np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(line, axis=0).T))])


def length_of(line: Points) -> float:
    """A line's length."""
    return float(np.hypot(*np.diff(line, axis=0).T).sum())


def points_at(line: Points, at: NDArray[np.float64]) -> Points:
    """The places so far along a line."""
    along = lengths_along(line)
    return np.column_stack([np.interp(at, along, line[:, 0]), np.interp(at, along, line[:, 1])])


def stretch_of(line: Points, low: float, high: float) -> Points:
    """The part of a line between two lengths along it, its ends where they fall.

    >>> stretch_of(np.array([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0]]), 1.0, 5.0).tolist()
    [[1.0, 0.0], [4.0, 0.0], [4.0, 1.0]]
    """
    along = lengths_along(line)
    x, y = (np.interp([low, high], along, line[:, k]) for k in (0, 1))
    inner = line[np.searchsorted(along, low, side="right"):np.searchsorted(along, high, side="left")]
    return np.concatenate([[[x[0], y[0]]], inner, [[x[1], y[1]]]])


def largest(shape: BaseGeometry) -> Polygon:
    """The largest polygon of areas; an empty one where there is none."""
    return max(as_polygons(shape).geoms, key=lambda part: part.area, default=Polygon())


def turns_of(ring: Points) -> Points:
    """How far a closed way turns at each of its (n, 2) points, radians, whichever way; the first is not told twice."""
    ahead, behind = np.roll(ring, -1, axis=0) - ring, ring - np.roll(ring, 1, axis=0)
    across = behind[:, 0] * ahead[:, 1] - behind[:, 1] * ahead[:, 0]
    return np.asarray(np.abs(np.arctan2(across, (ahead * behind).sum(axis=1))))


def rings_are_apart(rings: NDArray[np.object_]) -> bool:
    """Whether no ring crosses or touches itself or another, so that they need no noding."""
    if not shapely.is_simple(rings).all():
        return False
    one, other = shapely.STRtree(rings).query(rings, predicate="intersects")
    return bool((one == other).all())


def union(shapes: Sequence[BaseGeometry]) -> BaseGeometry:
    """The union of areas; where rounding defeats the exact way, on a grid far finer than any cut."""
    parts = np.array(shapes, dtype=object)
    try:
        return shapely.union_all(parts)
    except shapely.GEOSException:
        return shapely.union_all(shapely.make_valid(parts), grid_size=_grid_for(parts))


def without(shape: BaseGeometry, gone: BaseGeometry) -> BaseGeometry:
    """An area without another, as robust as `union`; parts that the other does not touch are left as they are."""
    parts, touched = parts_touched(shape, shapely.get_parts(gone))
    if touched.all():
        return _overlaid(shapely.difference, shape, gone)
    cut = _overlaid(shapely.difference, multipolygon(parts[touched]), gone)
    return multipolygon(np.concatenate([parts[~touched], shapely.get_parts(as_polygons(cut))]))


def parts_touched(shape: BaseGeometry, others: NDArray[np.object_]) -> tuple[NDArray[np.object_], NDArray[np.bool_]]:
    """The parts of an area, and which of them any other shape touches."""
    parts = shapely.get_parts(shape)
    touched = np.zeros(len(parts), dtype=bool)
    touched[shapely.STRtree(parts).query(others, predicate="intersects")[1]] = True
    return parts, touched


def within(shape: BaseGeometry, other: BaseGeometry) -> BaseGeometry:
    """What of an area lies in another, as robust as `union`."""
    return _overlaid(shapely.intersection, shape, other)


def _overlaid(overlay: Callable[..., BaseGeometry], one: BaseGeometry, other: BaseGeometry) -> BaseGeometry:
    try:
        return overlay(one, other)
    except shapely.GEOSException:
        valid = [sound(shape) for shape in (one, other)]
        return overlay(*valid, grid_size=_grid_for(np.array(valid, dtype=object)))


def _grid_for(shapes: NDArray[np.object_]) -> float:
    bounds = shapely.total_bounds(shapes)
    return float(np.abs(bounds[np.isfinite(bounds)]).max(initial=1.0)) * 1e-9


def as_polygons(geometry: BaseGeometry) -> MultiPolygon:
    """The areas of any geometry as a MultiPolygon; lines and points left by an overlay are dropped."""
    if isinstance(geometry, MultiPolygon):
        return geometry
    parts = shapely.get_parts(geometry)
    while len(parts) and (shapely.get_type_id(parts) >= shapely.GeometryType.MULTIPOINT).any():    # a collection's own
        parts = shapely.get_parts(parts)
    return multipolygon(parts[shapely.get_type_id(parts) == shapely.GeometryType.POLYGON])


def sound(shape: BaseGeometry) -> MultiPolygon:
    """Areas whose outlines do not cross themselves: moved points are rounded, and outlines that touch may come to."""
    return as_polygons(shape if shapely.is_valid(shape) else shapely.make_valid(shape))


def split_edges(shape: BaseGeometry, longest: float) -> BaseGeometry:
    """A shape with its edges split to at most `longest`; most lettering has none so long, and is given back as it is.

    >>> len(split_edges(shapely.box(0, 0, 4, 1), 2.0).exterior.coords)
    7
    """
    points, which = shapely.get_coordinates(shapely.get_rings(shapely.get_parts(shape)), return_index=True)
    steps = np.diff(points, axis=0)[which[1:] == which[:-1]]
    if not len(steps) or np.einsum("ij,ij->i", steps, steps).max() <= longest**2:
        return shape
    return shapely.segmentize(shape, longest)


def multipolygon(polygons: NDArray[np.object_]) -> MultiPolygon:
    """Polygons as one, without looking at each of them in turn."""
    some = polygons[~shapely.is_empty(polygons)] if len(polygons) else polygons
    return shapely.multipolygons(some) if len(some) else MultiPolygon()


def half_turn(angle: float) -> float:
    """An angle brought within half a turn either way.

    >>> half_turn(1.5 * pi) == -pi / 2
    True
    """
    return (angle + pi) % (2 * pi) - pi
