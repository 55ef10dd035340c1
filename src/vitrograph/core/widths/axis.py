"""The medial axis of a shape and of what surrounds it, from the Voronoi diagram of short pieces of its edges.

A Voronoi edge between two pieces that face each other lies on the axis, half-way between two sides, and their distance
is the width there. Source: J. Brandt and V. Algazi, Continuous skeleton computation by Voronoi diagram, CVGIP: Image
Understanding 55 (1992). Where two pieces face each other (see `edges`) is the pruning: corners have no axis.
"""

from functools import cached_property
from typing import Any

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points
from vitrograph.core.widths.edges import Edges, Indices, Numbers, dot, edges_of, norms, segments_apart

_FAR = 100.0
_SUPER = 3                         # corners of the triangle that a triangulation starts from, its first points
_TAPER = 0.35                      # change of width along the axis beyond which it runs into a tip


class Axis(Struct, frozen=True, dict=True):
    """Voronoi edges off the outline: (k, 2) numbers of their ends among `vertices`, and of the two pieces each parts.

    `inside` says which lie within the shape, `facing` which are on the axis; the rest run into corners. `radii` of the
    vertices are their distance to the outline. An edge without end, into the open, has -1 for its second vertex.
    """

    pieces: Edges
    vertices: Points
    radii: Numbers
    ends: Indices
    parted: Indices
    inside: NDArray[np.bool_]
    facing: NDArray[np.bool_]

    def lengths(self, which: Indices) -> Numbers:
        """Of some of the Voronoi edges, mm; boundless where they have no end."""
        first, second = self.ends.take(which, 0).T
        made = norms(self.vertices.take(second, 0) - self.vertices.take(first, 0))
        return np.where(second >= 0, made, np.inf)

    @cached_property
    def spans(self) -> tuple[Numbers, Points, Points]:
        """Of each facing edge the width, and the points of the outline that it is taken between."""
        one, other = self.parted[self.facing].T
        ends = self.pieces.start, self.pieces.end
        return segments_apart(*((ends[0].take(at, 0), ends[1].take(at, 0)) for at in (one, other)))

    @cached_property
    def along(self) -> Numbers:
        """Lengths of all Voronoi edges along the strip they lie in, without the zigzag that the pieces give them.

        None where they are not on the axis.
        """
        made = np.zeros(len(self.ends))
        made[self.facing] = norms(self.reaches)
        return made

    @cached_property
    def reaches(self) -> Points:
        """Of each facing edge the way from its first vertex to its second, as far as that goes along the strip."""
        one, other = self.parted[self.facing].T
        ahead = self.pieces.steps / self.pieces.lengths[:, None]
        way = ahead.take(one, 0) - ahead.take(other, 0)
        first, second = self.ends[self.facing].T
        steps = self.vertices.take(second, 0) - self.vertices.take(first, 0)
        return np.asarray(way * (dot(steps, way) / dot(way, way))[:, None])

    @cached_property
    def widths(self) -> Numbers:
        """Of all Voronoi edges; boundless where they are not on the axis."""
        made = np.full(len(self.ends), np.inf)
        made[self.facing] = self.spans[0]
        return made


def axis_of(pieces: Edges, within: float = np.inf) -> Axis:
    """The axis on both sides of an outline, from pieces of it that are short against the widths looked for.

    Where it is wider than `within` mm it is not told as such: none of its edges is `facing`.
    """
    middles = pieces.middles
    if len(middles) < 4:
        return _none(pieces)
    triangles, opposite = triangles_of(middles)
    if not len(triangles):
        return _none(pieces)
    vertices, radii = _circumcentres(middles, triangles)
    ends, parted = _ridges(triangles, opposite)
    far = ~(radii <= np.hypot(*map(np.ptp, middles.T)))       # where rounding tells its place, or of flat ones
    if far.any():
        vertices[far], radii[far] = 0.0, np.inf
        ends[(ends >= 0) & far[ends]] = -1
    apart, half = _apart(pieces, parted)
    # between neighbours on the outline the diagram's edge crosses it, and belongs to neither side
    touching = np.flatnonzero(apart <= half * (1 + 1e-6))
    crossing = np.zeros(len(ends), dtype=bool)
    crossing[touching] = pieces.are_neighbours(*parted.take(touching, 0).T)
    first, second = np.ascontiguousarray(ends.T)
    kept = np.flatnonzero((np.maximum(first, second) >= 0) & ~crossing)
    first, second, parted = first.take(kept), second.take(kept), parted.take(kept, 0)
    ends = np.column_stack([np.maximum(first, second), np.minimum(first, second)])
    facing = (ends[:, 1] >= 0) & (apart <= within + half)[kept]
    facing[facing] = pieces.face_each_other(*parted[facing].T)
    one, other = (pieces.normals.take(parted[:, side], 0) for side in (0, 1))
    up_to = dot(middles, pieces.normals)                       # where each piece lies along its own normal
    inside = dot(_seen(middles, vertices, ends, parted), one + other) > up_to[parted[:, 0]] + up_to[parted[:, 1]]
    return Axis(pieces, vertices, radii, ends, parted, inside, facing)


def triangles_of(points: Points) -> tuple[Indices, Indices]:
    """The Delaunay triangles of (n, 2) points, and the triangle opposite each of their corners, -1 where none is.

    Of points that coincide one is taken. It takes a fifth of the time of SciPy's.
    """
    import pythoncdt as cdt  # not always wanted

    taken = _once_each(points)
    made = cdt.Triangulation(cdt.VertexInsertionOrder.AUTO, cdt.IntersectingConstraintEdges.DONT_CHECK, 0.0)
    vertices: Any = np.ascontiguousarray(points[taken])        # a buffer, for which Python 3.11 has no type
    made.insert_vertices(vertices)
    told = made.triangles_array()
    corners = told["vertices"].astype(np.intp) - _SUPER        # erasing the triangle about all of them here is quicker
    whole = np.logical_and.reduce([corner >= 0 for corner in corners.T])
    number = np.append(np.where(whole, np.cumsum(whole) - 1, -1), -1)
    kept = np.flatnonzero(whole)
    beside = told["neighbors"].take(kept, 0).astype(np.intp)   # the first lies beyond the first and second corner
    beside[beside == cdt.NO_NEIGHBOR] = -1
    numbers = corners.take(kept, 0)
    return (numbers if len(taken) == len(points) else taken.take(numbers),
            np.column_stack([number.take(beside[:, at]) for at in (1, 2, 0)]))


def _once_each(points: Points) -> Indices:
    """Numbers of the points without repeats, in order: along an outline, which is twice as quick as left to right."""
    mixed = np.sort(points @ np.array([1.0, 0.7320508]))
    if (mixed[1:] > mixed[:-1]).all():                         # sorted in a quarter of the time
        return np.arange(len(points))
    return np.sort(np.unique(np.ascontiguousarray(points).view(np.complex128), return_index=True)[1])


def _ridges(triangles: Indices, neighbours: Indices) -> tuple[Indices, Indices]:
    """The Voronoi edges dual to a triangulation's edges: the triangles that each joins (-1: none), its two points."""
    many = np.arange(len(triangles))
    ends, parted = [], []
    for corner in range(3):
        other = neighbours[:, corner]
        once = np.flatnonzero((other < 0) | (many < other))
        ends.append(np.column_stack([once, other[once]]))
        parted.append(np.column_stack([triangles[once, corner - 2], triangles[once, corner - 1]]))
    return np.concatenate(ends), np.concatenate(parted)


def _apart(pieces: Edges, pairs: Indices) -> tuple[Numbers, Numbers]:
    """How far the middles of pairs of pieces are apart, and half the length of the two."""
    one, other = pairs.T
    between = pieces.middles.take(one, 0) - pieces.middles.take(other, 0)
    return norms(between), (pieces.lengths[one] + pieces.lengths[other]) / 2


def _circumcentres(points: Points, triangles: Indices) -> tuple[Points, Numbers]:
    """Centres and radii of the circles through the corners of triangles; neither is finite where they are flat.

    Taken apart into columns it is done in half the time.
    """
    x, y = np.ascontiguousarray(points.T)
    at, second, third = np.ascontiguousarray(triangles.T)
    left, low = x.take(at), y.take(at)
    bx, by, cx, cy = x.take(second) - left, y.take(second) - low, x.take(third) - left, y.take(third) - low
    b2, c2 = bx * bx + by * by, cx * cx + cy * cy
    with np.errstate(divide="ignore", invalid="ignore"):
        share = 0.5 / (bx * cy - by * cx)
        right, up = (cy * b2 - by * c2) * share, (bx * c2 - cx * b2) * share
        return np.column_stack([left + right, low + up]), np.sqrt(right * right + up * up)


def _seen(middles: Points, vertices: Points, ends: Indices, parted: Indices) -> Points:
    """A point of each Voronoi edge: half-way along it; of one without end, which leaves the outline behind, far out."""
    points = (vertices.take(ends[:, 0], 0) + vertices.take(ends[:, 1], 0)) / 2
    endless = ends[:, 1] < 0
    one, other = middles[parted[endless, 0]], middles[parted[endless, 1]]
    between = (one + other) / 2
    out = np.column_stack([one[:, 1] - other[:, 1], other[:, 0] - one[:, 0]]) * _FAR
    away = dot(between - middles.mean(axis=0), out) >= 0
    points[endless] = between + np.where(away[:, None], out, -out)
    return np.asarray(points)


def _none(pieces: Edges) -> Axis:
    flags = np.zeros(0, dtype=bool)
    return Axis(pieces, np.empty((0, 2)), np.empty(0), np.empty((0, 2), dtype=np.intp), np.empty((0, 2), dtype=np.intp),
                flags, flags)


class Strokes(Struct, frozen=True):
    """Pieces of the axis between two sides: (n, 2) middles, widths there, and lengths of the pieces."""

    places: Points
    widths: Numbers
    lengths: Numbers

    def exceeded_by_all_but(self, share: float) -> tuple[float, tuple[float, float]] | None:
        """The width that all but a share of the axis's length exceeds, and its place; None where there is no axis."""
        if not len(self.widths):
            return None
        order = np.argsort(self.widths)
        along = np.cumsum(self.lengths[order])
        at = order[np.searchsorted(along, share * along[-1])]
        return float(self.widths[at]), (float(self.places[at, 0]), float(self.places[at, 1]))


def strokes_of(shape: BaseGeometry, spacing: float) -> Strokes:
    """The strokes of a shape, its outline taken every `spacing`; tips that taper away are left out."""
    axis = axis_of(edges_of(shape).tiled(spacing))
    radii = axis.radii[axis.ends]
    steady = 2 * np.abs(radii[:, 1] - radii[:, 0]) <= _TAPER * np.maximum(axis.lengths(np.arange(len(radii))), 1e-12)
    kept = axis.inside & axis.facing & steady
    middles = axis.vertices.take(axis.ends[kept], 0).mean(axis=1)
    return Strokes(middles, axis.widths[kept], axis.along[kept])
