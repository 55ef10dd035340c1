"""The edges of a shape, each with the shape on its left, and pieces of them so short that each stands for its place.

Two pieces face each other, as two sides of a strip do, if they turn at least 130 degrees from one to the other and the
way along the outline between them is 2.37 times their distance or more. On the sides of a corner of angle a these are
180 - a degrees and 1 / sin(a/2): corners of 50 degrees and more have no sides that face each other. It is the angle
criterion of D. Attali and A. Montanvert, Computing and simplifying 2D and 3D continuous skeletons, CVIU 67 (1997), told
by the outline.
"""

from functools import cached_property
from math import cos, radians, sin

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points

_CORNER = radians(50)
_OPPOSITE = -cos(_CORNER)
_ROUNDABOUT = 1 / sin(_CORNER / 2)

Numbers = NDArray[np.float64]
Indices = NDArray[np.intp]


class Edges(Struct, frozen=True, dict=True):
    """Edges from `start` to `end`, both (n, 2) in mm: the ring each is of, how far along it it begins, its length.

    `ring` numbers rings, `around` is how long each ring is.
    """

    start: Points
    end: Points
    ring: Indices
    along: Numbers
    around: Numbers

    def __len__(self) -> int:
        return len(self.start)

    @cached_property
    def steps(self) -> Points:
        """(n, 2) from start to end."""
        return self.end - self.start

    @cached_property
    def lengths(self) -> Numbers:
        """Of each, mm."""
        return norms(self.steps)

    @cached_property
    def middles(self) -> Points:
        """(n, 2) half-way points."""
        return (self.start + self.end) / 2

    @cached_property
    def normals(self) -> Points:
        """(n, 2) unit vectors to the left: into the shape."""
        steps = self.steps / self.lengths[:, None]
        return np.column_stack([-steps[:, 1], steps[:, 0]])

    def taken(self, which: NDArray[np.bool_] | Indices) -> "Edges":
        """Some of them."""
        numbers = np.flatnonzero(which) if which.dtype == np.bool_ else which
        return Edges(self.start.take(numbers, 0), self.end.take(numbers, 0), self.ring[numbers], self.along[numbers],
                     self.around)

    def tiled(self, spacing: float) -> "Edges":
        """The same edges in pieces of at most `spacing`."""
        many = np.maximum(1, np.ceil(self.lengths / spacing)).astype(np.intp)
        of = np.repeat(np.arange(len(self)), many)
        number = np.arange(len(of)) - np.repeat(np.cumsum(many) - many, many)
        share = np.stack([number, number + 1]) / many[of]
        start, steps = self.start.take(of, 0), self.steps.take(of, 0)
        return Edges(start + share[0, :, None] * steps, start + share[1, :, None] * steps, self.ring[of],
                     self.along[of] + share[0] * self.lengths[of], self.around)

    def are_neighbours(self, one: Indices, other: Indices) -> NDArray[np.bool_]:
        """Whether pairs of edges follow each other on a ring."""
        lengths = self.lengths
        return np.asarray(self.apart_along(one, other) <= (lengths[one] + lengths[other]) / 2 * (1 + 1e-6))

    def face_each_other(self, one: Indices, other: Indices, spare: float = 0.0) -> NDArray[np.bool_]:
        """Whether pairs of edges are two sides of a strip, by the rule above; or may be, `spare` mm from there."""
        made = dot(self.normals.take(one, 0), self.normals.take(other, 0)) <= _OPPOSITE
        one, other = one[made], other[made]                    # few are left
        across = self.middles.take(other, 0) - self.middles.take(one, 0)
        made[made] = self.apart_along(one, other) + spare >= _ROUNDABOUT * (norms(across) - spare)
        return np.asarray(made)

    def apart_along(self, one: Indices, other: Indices) -> Numbers:
        """How far it is along the ring between the middles of pairs of edges; boundless between different rings."""
        middles = self.along + self.lengths / 2
        around = self.around[self.ring[one]]
        way = np.abs(middles[one] - middles[other])
        return np.where(self.ring[one] == self.ring[other], np.minimum(way, around - way), np.inf)


def edges_of(shape: BaseGeometry, smooth: float = 0.0) -> Edges:
    """The edges of areas, without vertices that stray at most `smooth` from what is left."""
    parts = shapely.get_parts(_smoothed(shape, smooth))
    rings = shapely.get_rings(shapely.orient_polygons(parts))
    points, which = shapely.get_coordinates(rings, return_index=True)
    follow = (which[1:] == which[:-1]) & (points[1:] != points[:-1]).any(axis=1)
    start, end, ring = points[:-1][follow], points[1:][follow], which[1:][follow]
    lengths = norms(end - start)
    begun = np.concatenate([[0.0], np.cumsum(lengths)])
    around = np.asarray(np.bincount(ring, lengths, minlength=len(rings)), dtype=float)
    before = np.concatenate([[0.0], np.cumsum(around)])
    return Edges(start, end, ring, begun[:-1] - before[ring], around)


def _smoothed(shape: BaseGeometry, smooth: float) -> BaseGeometry:
    """The shape with fewer vertices; the quick way first, which is nearly always valid."""
    if smooth <= 0:
        return shape
    quick = shapely.simplify(shape, smooth, preserve_topology=False)
    return quick if quick.is_valid else shapely.simplify(shape, smooth)


def dot(one: Points, other: Points) -> Numbers:
    """The products of pairs of (n, 2) vectors. Columns are added far quicker than rows are summed."""
    return np.asarray(one[:, 0] * other[:, 0] + one[:, 1] * other[:, 1])


def norms(vectors: Points) -> Numbers:
    """The lengths of (n, 2) vectors."""
    return np.asarray(np.sqrt(dot(vectors, vectors)))


def segments_apart(one: tuple[Points, Points], other: tuple[Points, Points]) -> tuple[Numbers, Points, Points]:
    """The least distances of pairs of segments that do not cross, and the nearest points on each.

    Segments that do not cross are nearest at an end of one of them.
    """
    (a, b), (c, d) = one, other
    near, far = a, _nearest_on(a, c, d)
    gaps = dot(far - near, far - near)
    for end, start, stop, turned in ((b, c, d, False), (c, a, b, True), (d, a, b, True)):
        foot = _nearest_on(end, start, stop)
        apart = dot(end - foot, end - foot)
        nearer = (apart < gaps)[:, None]
        on_one, on_other = (foot, end) if turned else (end, foot)
        near, far = np.where(nearer, on_one, near), np.where(nearer, on_other, far)
        gaps = np.minimum(gaps, apart)
    return np.asarray(np.sqrt(gaps)), near, far


def _nearest_on(point: Points, start: Points, end: Points) -> Points:
    way = end - start
    share = dot(point - start, way) / np.maximum(dot(way, way), 1e-300)
    return np.asarray(start + np.clip(share, 0.0, 1.0)[:, None] * way)
