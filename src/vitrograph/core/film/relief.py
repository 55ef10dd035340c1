"""Relief cuts: where to snip the border of film on a wall curved both ways, between features and off the openings."""

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import LineString, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points, turns_of

SPACINGS_MM = (32.0, 22.0, 15.0, 11.0)     # between cuts, tried in turn until the strain is low enough
_LEAST_MM = 3.0                    # a shorter cut relieves nothing
_MOST_SHARE = 0.42                 # of the film's width a cut may reach through
_STEP_MM = 1.0
_CORNER_MM = 5.0                   # cuts keep off the film's corners
_APART_MM = 2.0                    # and off each other


def relief_cuts(outline: Polygon, openings: BaseGeometry, safe: float, longest: float, spacing: float
                ) -> list[LineString]:
    """Cuts straight inward from the outline, one in each `spacing` mm of it: where it can be deepest.

    None is longer than `longest` or comes nearer to an opening than `safe` mm. Where the outline is alike on both
    sides of x = 0, so are they.
    """
    edge, inward = _edge_points(outline)
    reach = np.minimum(_reach(outline, openings, safe, edge, inward), longest)
    twin = _mirrored(edge)
    if twin is not None:
        reach = np.minimum(reach, reach[twin])
    along = np.arange(len(edge)) * (outline.exterior.length / len(edge))
    kept: list[LineString] = []
    for window in range(int(outline.exterior.length // spacing)):
        here = np.flatnonzero((along >= window * spacing) & (along < (window + 1) * spacing))
        best = int(here[np.argmax(reach[here] - 0.02 * np.abs(along[here] - (window + 0.5) * spacing))])
        for at in dict.fromkeys((best, best if twin is None else int(twin[best]))):
            cut = LineString([edge[at], edge[at] + inward[at] * reach[at]])
            clear = all(cut.distance(other) > _APART_MM and _starts_apart(cut, other) > 0.6 * spacing
                        for other in kept)
            if reach[at] >= _LEAST_MM and clear:
                kept.append(cut)
    return kept


def _starts_apart(one: LineString, other: LineString) -> float:
    (x, y), (x2, y2) = one.coords[0], other.coords[0]
    return float(np.hypot(x - x2, y - y2))


def _mirrored(edge: Points) -> NDArray[np.intp] | None:
    """For each edge point the one across x = 0; None where the edge is not alike on both sides."""
    gaps = np.hypot(edge[:, None, 0] + edge[None, :, 0], edge[:, None, 1] - edge[None, :, 1])
    twin = gaps.argmin(axis=1)
    return twin if gaps.min(axis=1).max() <= _STEP_MM else None


def _edge_points(outline: Polygon) -> tuple[Points, Points]:
    """(n, 2) points along the outline, even steps apart, and the directions straight inward there."""
    ring = shapely.orient_polygons(outline).exterior
    many = max(16, round(ring.length / _STEP_MM))
    along = np.arange(many) * (ring.length / many)
    ahead, behind = (shapely.get_coordinates(shapely.line_interpolate_point(ring, (along + step) % ring.length))
                     for step in (0.2, -0.2))
    way = ahead - behind
    way /= np.hypot(*way.T)[:, None]
    edge = shapely.get_coordinates(shapely.line_interpolate_point(ring, along))
    return edge, np.column_stack([-way[:, 1], way[:, 0]])


def _reach(outline: Polygon, openings: BaseGeometry, safe: float, edge: Points, inward: Points) -> Points:
    """How deep a cut may go from each edge point: to the openings' safe distance, or nearly half through."""
    far = float(np.hypot(*np.ptp(shapely.get_coordinates(outline), axis=0)))
    rays = shapely.linestrings(np.stack([edge + 1e-6 * inward, edge + far * inward], axis=1))
    starts = shapely.points(edge)
    through = shapely.distance(starts, shapely.intersection(rays, outline.exterior))
    kept_clear = openings.buffer(safe)
    hit = shapely.intersection(rays, kept_clear)
    free = np.where(shapely.is_empty(hit), np.inf, shapely.distance(starts, hit))
    free[shapely.contains_xy(kept_clear, edge)] = 0.0
    through = np.where(np.isfinite(through), through, far)
    return np.where(_near_corner(outline, edge), 0.0, np.minimum(free - 1e-3, _MOST_SHARE * through))


def _near_corner(outline: Polygon, edge: Points) -> NDArray[np.bool_]:
    around = np.asarray(outline.exterior.coords)[:-1]
    corners = around[turns_of(around) > 0.5]
    if not len(corners):
        return np.zeros(len(edge), dtype=bool)
    return np.asarray(shapely.distance(shapely.points(edge), shapely.multipoints(corners)) < _CORNER_MM)
