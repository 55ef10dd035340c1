"""Triangles over a piece of film: quadratic elements (six nodes each), fitted to its outline and to its relief cuts.

Corners lie on the outline, on the cuts, and inside on a lattice of equal triangles; SciPy's Delaunay joins them. Nodes
along a cut are there twice, once for either side.
"""

from collections.abc import Sequence
from functools import cached_property
from itertools import pairwise
from math import ceil, sqrt

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import LineString, Polygon

from vitrograph.core.errors import FitError
from vitrograph.core.geometry import Points, turns_of
from vitrograph.core.language import tr

Index = NDArray[np.intp]

_CLEAR = 0.62                      # lattice points keep this many spacings from the outline and the cuts
_FLAT = 1e-3                       # a triangle of less area, in squared spacings, is a straight row of points


class Mesh(Struct, frozen=True, dict=True):
    """(n, 2) nodes in mm; (m, 6) triangles: corners, then the middles of the sides in the order 12, 23, 31.

    `cuts` gives each cut's corners on its left and on its right, from the edge to the tip, which they share.
    """

    nodes: Points
    triangles: Index
    cuts: tuple[tuple[Index, Index], ...] = ()

    @property
    def sides(self) -> Index:
        """(k, 3) sides of all triangles, each from corner by middle to corner, in the sense that the triangle turns."""
        return np.asarray(self.triangles[:, [[0, 3, 1], [1, 4, 2], [2, 5, 0]]].reshape(-1, 3))

    @cached_property
    def rim(self) -> tuple[Index, ...]:
        """The closed ways round its edges by nodes, middles among them: outline first, cuts walked down and up."""
        sides = self.sides
        middles, counts = np.unique(sides[:, 1], return_counts=True)
        free = sides[np.isin(sides[:, 1], middles[counts == 1])]
        following = {int(start): (int(middle), int(end)) for start, middle, end in free}
        ways = []
        while following:
            at = next(iter(following))
            way: list[int] = []
            while at in following:
                middle, end = following.pop(at)
                way += [at, middle]
                at = end
            ways.append((abs(_area(self.nodes[way])), np.array(way)))
        return tuple(way for _, way in sorted(ways, key=lambda one: -one[0]))


def mesh_over(outline: Polygon, nodes: int, cuts: Sequence[LineString] = ()) -> Mesh:
    """Cover an outline without holes by about so many nodes.

    Cuts are straight, start on the outline and lie within it, apart. Raises FitError for an outline that crosses itself
    or holds nothing.
    """
    if not outline.is_valid or not 1e-6 < outline.area < 1e9:
        raise FitError(tr("this film would fold over itself or shrink to nothing: make the art smaller, or move it "
                          "towards the middle of the wall"))
    spacing = sqrt(outline.area / max(nodes, 24) * 8 / sqrt(3))        # corners are a quarter of all nodes
    edge = _along_ring(outline, cuts, spacing)
    inner = [_along(cut, spacing * 0.7)[1:] for cut in cuts]
    lattice = _lattice(outline, cuts, spacing)
    corners = np.concatenate([edge, *inner, lattice])
    triangles = _delaunay(corners, outline, spacing)
    at, sides = len(edge), []
    for cut, row in zip(cuts, inner, strict=True):
        start = int(np.argmin(np.hypot(*(edge - _start(cut)).T)))
        way = np.array([start, *range(at, at + len(row))])
        corners, triangles, other = _opened(corners, triangles, way)
        sides.append((way, other))
        at += len(row)
    return _with_middles(corners, triangles, tuple(sides))


def _start(cut: LineString) -> Points:
    return np.asarray(cut.coords[0])


def _along(line: LineString, spacing: float) -> Points:
    pieces = max(2, ceil(line.length / spacing))
    return _points(shapely.line_interpolate_point(line, np.linspace(0, line.length, pieces + 1)))


def _points(geometry: NDArray[np.object_]) -> Points:
    return np.asarray(shapely.get_coordinates(geometry))


def _along_ring(outline: Polygon, cuts: Sequence[LineString], spacing: float) -> Points:
    """Points along the outline, its sharp corners and the starts of the cuts among them."""
    ring = outline.exterior
    around = np.asarray(ring.coords)[:-1]
    sharp = [ring.project(shapely.Point(point)) for point in around[turns_of(around) > 0.35]]
    stops = sorted({round(float(at), 9) for at in [*sharp, *(ring.project(shapely.Point(_start(c))) for c in cuts)]})
    stops = stops or [0.0]
    ends = np.array([*stops, stops[0] + ring.length])
    parts = [np.linspace(a, b, max(1, ceil((b - a) / spacing)), endpoint=False) if b - a > 1.5 * spacing
             else np.array([a]) for a, b in pairwise(ends.tolist())]
    return _points(shapely.line_interpolate_point(ring, np.concatenate(parts) % ring.length))


def _lattice(outline: Polygon, cuts: Sequence[LineString], spacing: float) -> Points:
    left, low, right, high = outline.bounds
    rows = np.arange(low, high + spacing, spacing * sqrt(3) / 2)
    across = np.arange(left - spacing, right + spacing, spacing)
    x, y = np.meshgrid(across, rows)
    x = x + (np.arange(len(rows)) % 2)[:, None] * spacing / 2
    points = np.column_stack([x.ravel(), y.ravel()])
    inside = outline.buffer(-_CLEAR * spacing)
    points = points[shapely.contains_xy(inside, points)]
    for cut in cuts:
        points = points[shapely.distance(shapely.points(points), cut) > _CLEAR * spacing * 0.7]
    return np.asarray(points)


def _delaunay(corners: Points, outline: Polygon, spacing: float) -> Index:
    """Triangles of the corners that lie in the outline, all turning left."""
    from scipy.spatial import Delaunay

    triangles = Delaunay(corners).simplices.astype(np.intp)
    a, b, c = (corners[triangles[:, k]] for k in range(3))
    area = ((b[:, 0] - a[:, 0]) * (c[:, 1] - a[:, 1]) - (b[:, 1] - a[:, 1]) * (c[:, 0] - a[:, 0])) / 2
    triangles[area < 0] = triangles[area < 0][:, [0, 2, 1]]
    middle = (a + b + c) / 3
    keep = (np.abs(area) > _FLAT * spacing**2) & shapely.contains_xy(outline, middle)
    return np.asarray(triangles[keep])


def _opened(corners: Points, triangles: Index, way: Index) -> tuple[Points, Index, Index]:
    """Part the triangles along a way of corners: all but its last are doubled for those on its right."""
    other = np.array([*range(len(corners), len(corners) + len(way) - 1), way[-1]])
    right = _right_of(corners, triangles, way)
    double = np.arange(len(corners))
    double[way] = other
    parted = triangles.copy()
    parted[right] = double[triangles[right]]
    return np.concatenate([corners, corners[way[:-1]]]), parted, other


def _right_of(corners: Points, triangles: Index, way: Index) -> Index:
    """The triangles that touch a straight way, but not with its last corner alone, and lie on its right."""
    touching = np.flatnonzero(np.isin(triangles, way[:-1]).any(axis=1))
    way_on = corners[way[-1]] - corners[way[0]]
    off = corners[triangles[touching]].mean(axis=1) - corners[way[0]]
    return np.asarray(touching[way_on[0] * off[:, 1] - way_on[1] * off[:, 0] < 0])


def _with_middles(corners: Points, triangles: Index, cuts: tuple[tuple[Index, Index], ...]) -> Mesh:
    """Add a node in the middle of each side; sides that two triangles share have one."""
    sides = np.sort(triangles[:, [[0, 1], [1, 2], [2, 0]]].reshape(-1, 2), axis=1)
    kinds, which = np.unique(sides, axis=0, return_inverse=True)
    middles = corners[kinds].mean(axis=1)
    six = np.concatenate([triangles, len(corners) + which.reshape(-1, 3)], axis=1)
    return Mesh(np.concatenate([corners, middles]), six, cuts)


def _area(ring: Points) -> float:
    x, y = ring.T
    return float((x * np.roll(y, -1) - y * np.roll(x, -1)).sum() / 2)
