"""Widths along the medial axis of a shape, from the Voronoi diagram of points along its outline.

A Voronoi edge within the shape is a piece of the axis; the two outline points it parts are the axis's nearest ones.
Where they face each other the shape has two sides there and their distance is its width; where they do not, the edge
runs into a corner. Source: J. Brandt and V. Algazi, Continuous skeleton computation by Voronoi diagram, CVGIP: Image
Understanding 55 (1992); the pruning by the angle at which the axis sees its two points is that of D. Attali and
A. Montanvert, Computing and simplifying 2D and 3D continuous skeletons, CVIU 67 (1997).
"""

from dataclasses import dataclass
from math import cos, radians

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points

_FACING = cos(radians(25))         # the axis must see its two points at least 130 degrees apart: a corner has two sides
_TAPER = 0.35                      # change of width along the axis beyond which it runs into a tip


@dataclass(frozen=True)
class Strokes:
    """Pieces of the axis between two sides: (n, 2) middles, widths there, and lengths of the pieces."""

    places: Points
    widths: NDArray[np.float64]
    lengths: NDArray[np.float64]

    def exceeded_by_all_but(self, share: float) -> tuple[float, tuple[float, float]] | None:
        """The width that all but a share of the axis's length exceeds, and its place; None where there is no axis."""
        if not len(self.widths):
            return None
        order = np.argsort(self.widths)
        along = np.cumsum(self.lengths[order])
        at = order[np.searchsorted(along, share * along[-1])]
        return float(self.widths[at]), (float(self.places[at, 0]), float(self.places[at, 1]))


def strokes_of(shape: BaseGeometry, spacing: float) -> Strokes:
    """The strokes of a shape, its outline taken every `spacing`: widths are good to about a tenth of that.

    Strokes narrower than twice the spacing are not told from corners. Tips that taper away are left out.
    """
    from scipy.spatial import Voronoi  # slow to read, and seldom wanted

    points = _outline_points(shape, spacing)
    if len(points) < 8:
        return Strokes(np.empty((0, 2)), np.empty(0), np.empty(0))
    diagram = Voronoi(points)
    ends = np.array(diagram.ridge_vertices)
    finite = (ends >= 0).all(axis=1)
    ends, parted = ends[finite], points[diagram.ridge_points[finite]]
    start, end = diagram.vertices[ends[:, 0]], diagram.vertices[ends[:, 1]]
    middles = (start + end) / 2
    apart = np.hypot(*(parted[:, 1] - parted[:, 0]).T)
    reach = np.hypot(*(middles - parted[:, 0]).T)
    facing = apart >= 2 * _FACING * reach
    shapely.prepare(shape)
    within = facing & (apart > 1.5 * spacing)
    within[within] = shapely.contains_xy(shape, *middles[within].T)
    lengths = np.hypot(*(end - start).T)
    return _without_tips(ends[within], diagram.vertices, points, diagram.ridge_points[finite][within],
                         Strokes(middles[within], apart[within], lengths[within]))


def _outline_points(shape: BaseGeometry, spacing: float) -> Points:
    rings = shapely.get_rings(shapely.get_parts(shape))
    return np.unique(shapely.get_coordinates(shapely.segmentize(rings, spacing)), axis=0)


def _without_tips(
    ends: NDArray[np.int_], vertices: Points, points: Points, parted: NDArray[np.int_], strokes: Strokes
) -> Strokes:
    """Without the pieces along which the width changes fast: the radii at their ends tell."""
    first = points[parted[:, 0]]
    radii = np.stack([np.hypot(*(vertices[ends[:, side]] - first).T) for side in (0, 1)])
    steady = 2 * np.abs(radii[0] - radii[1]) <= _TAPER * np.maximum(strokes.lengths, 1e-12)
    return Strokes(strokes.places[steady], strokes.widths[steady], strokes.lengths[steady])
