"""Narrow places: webs of film and openings thinner than a limit, found by opening the shape and then measured.

Opening (erosion, then dilation, by half the limit; J. Serra, Image Analysis and Mathematical Morphology, chapter 2)
leaves as residue all that is thinner. Each residue is measured by the least distance between its two sides, so a
corner or a tip that tapers away, which has one side only, is told apart from a web.
"""

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon, Polygon
from shapely.geometry.base import BaseGeometry

_SMOOTH_MM = 0.004                 # vertices closer to the outline than this do not change a width
_SEAM_MM = 0.002                   # overlap that lets residue and core be told apart despite rounding
_TAPERS = 0.75                     # area over length times width: a strip has 1, a tip 0.5
_ARC_SEGMENTS = 6                  # a quarter circle; round joins, since a mitre would fill the very webs looked for


@dataclass(frozen=True, slots=True)
class NarrowPlace:
    """A place thinner than the limit: where it is thinnest, its least width and its length along, in mm."""

    where: tuple[float, float]
    width: float
    length: float


def narrow_places(shape: MultiPolygon, limit: float) -> Iterator[NarrowPlace]:
    """Yield where the shape is thinner than `limit` mm, thin specks included, corners and tapering tips left out.

    >>> from shapely.geometry import box
    >>> dumb_bell = box(0, 0, 4, 4) | box(4, 1.9, 8, 2.2) | box(8, 0, 12, 4)
    >>> [round(place.width, 3) for place in narrow_places(MultiPolygon([dumb_bell]), 0.8)]
    [0.3]
    """
    plain = _smoothed(shape)
    core = plain.buffer(-limit / 2, quad_segs=_ARC_SEGMENTS).buffer(limit / 2 + _SEAM_MM, quad_segs=_ARC_SEGMENTS)
    residues = shapely.get_parts(shapely.difference(plain, core))
    residues = residues[shapely.area(residues) > (limit / 10) ** 2]
    if not len(residues):
        return
    for residue in residues[~_plain_corners(residues, core, limit)]:
        place = _measure(residue, core, limit)
        if place is not None and place.width < limit - _SMOOTH_MM:
            yield place


def _smoothed(shape: MultiPolygon) -> BaseGeometry:
    """The shape with fewer vertices; the quick way first, which is nearly always valid."""
    quick = shapely.simplify(shape, _SMOOTH_MM, preserve_topology=False)
    return quick if quick.is_valid else shapely.simplify(shape, _SMOOTH_MM)


def _plain_corners(residues: NDArray[np.object_], core: BaseGeometry, limit: float) -> NDArray[np.bool_]:
    """Residues that are short and have one side only: most of them all, so they are told in bulk."""
    plain = (shapely.length(residues) < 3 * limit) & (shapely.get_num_interior_rings(residues) == 0)
    plain[plain] = _side_counts(residues[plain], core) == 1
    return np.asarray(plain)


def _side_counts(residues: NDArray[np.object_], core: BaseGeometry) -> NDArray[np.int64]:
    """How many stretches of each residue's outer boundary are not the cut to its core; 0 where it has no such cut."""
    if not len(residues):
        return np.zeros(0, dtype=np.int64)
    points, ring = shapely.get_coordinates(shapely.get_exterior_ring(residues), return_index=True)
    within = ring[:-1] == ring[1:]
    middles, ring = ((points[:-1] + points[1:]) / 2)[within], ring[:-1][within]
    shapely.prepare(core)
    own = ~shapely.dwithin(core, shapely.points(middles), 2 * _SEAM_MM)
    first = np.flatnonzero(np.diff(ring, prepend=-1))
    before = np.roll(own, 1)
    before[first] = own[np.append(first[1:], len(own)) - 1]     # a ring's first edge follows its last
    return np.bincount(ring[own & ~before], minlength=len(residues))


def _measure(residue: Polygon, core: BaseGeometry, limit: float) -> NarrowPlace | None:
    gap = _gap_between(_sides(residue, core))
    if gap is not None:
        middle = shapely.get_coordinates(gap).mean(axis=0)
        return NarrowPlace((float(middle[0]), float(middle[1])), float(gap.length), _longest_extent(residue))
    circle = shapely.maximum_inscribed_circle(residue, tolerance=limit / 100)
    length, width = _longest_extent(residue), 2 * float(circle.length)
    if length < 1.5 * limit and not _stands_alone(residue, core):
        return None                                           # a corner
    if residue.area < _TAPERS * length * width and not _stands_alone(residue, core):
        return None                                           # a tip that tapers away
    centre = shapely.get_coordinates(circle)[0]
    return NarrowPlace((float(centre[0]), float(centre[1])), width, length)


def _sides(residue: Polygon, core: BaseGeometry) -> NDArray[np.object_]:
    """The stretches of a residue's boundary that are the shape's own, not the cut to its core."""
    near = _core_near(residue, core).buffer(2 * _SEAM_MM)
    own = shapely.line_merge(shapely.difference(residue.boundary, near))
    parts = shapely.get_parts(own)
    return np.asarray(parts[shapely.length(parts) > 4 * _SEAM_MM])


def _core_near(residue: Polygon, core: BaseGeometry) -> BaseGeometry:
    left, low, right, high = residue.bounds
    return shapely.clip_by_rect(core, left - 0.1, low - 0.1, right + 0.1, high + 0.1)


def _stands_alone(residue: Polygon, core: BaseGeometry) -> bool:
    return not _core_near(residue, core).buffer(2 * _SEAM_MM).intersects(residue)


def _gap_between(sides: NDArray[np.object_]) -> BaseGeometry | None:
    """The shortest line between two sides; pieces of one side, parted only by rounding, do not face each other."""
    first, second = np.triu_indices(len(sides), 1)
    apart = shapely.distance(sides[first], sides[second])
    apart = np.where(apart < 6 * _SEAM_MM, np.inf, apart)
    if not np.isfinite(apart).any():
        return None
    best = int(np.argmin(apart))
    return shapely.shortest_line(sides[first[best]], sides[second[best]])


def _longest_extent(residue: Polygon) -> float:
    corners = shapely.get_coordinates(residue.minimum_rotated_rectangle)
    return float(np.hypot(*np.diff(corners, axis=0).T).max())
