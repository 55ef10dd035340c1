"""Crossings: where a tie may cross an opening, read off the Voronoi diagram of the openings' edges.

Two pieces of edge that are neighbours in it, one on an island and one on other film, or facing each other across a
stroke, are the ends of a crossing with nothing between them; its length is the exact distance of the two.
"""

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import LineString, Point

from vitrograph.core.geometry import Points
from vitrograph.core.stencil.mending.cutting import Cutting
from vitrograph.core.widths import Edges, axis_of, edges_of, segments_apart

_SPACING_MM = 0.5                  # pieces of edge
_BY_HAND_MM = 4.0                  # how near a crossing a place by hand must be
_NEAR_MM = 0.8                     # crossings so near a place all pass there
_LEAST_MM = 0.05
_ON_MM = 1e-3                      # how near an edge is to the film it bounds: overlays round where outlines touch
_TRIED = 40                        # crossings, the best of them, whose ends are looked at
_LOOSE = 0.12                      # of a tie's end, that may lie over an opening


class Crossings(Struct, frozen=True, eq=False):
    """Places where a tie may cross: (n, 2) ends on either side, lengths, and which film each end lies on (0: frame)."""

    near: Points
    far: Points
    lengths: NDArray[np.float64]
    films: NDArray[np.intp]

    @property
    def middles(self) -> Points:
        """(n, 2) half-way points."""
        return (self.near + self.far) / 2

    def taken(self, which: NDArray[np.bool_] | NDArray[np.intp]) -> "Crossings":
        """Some of them."""
        return Crossings(self.near[which], self.far[which], self.lengths[which], self.films[which])


def crossings_of(cutting: Cutting, islands: NDArray[np.object_]) -> Crossings:
    """All crossings of the openings, from one film to another or across a stroke of one."""
    pieces = edges_of(cutting.openings).tiled(_SPACING_MM)
    axis = axis_of(pieces)
    film = _film_at(pieces, islands)
    one, other = axis.parted.T
    kept = axis.inside & (axis.facing | (film[one] != film[other]))
    one, other = one[kept], other[kept]
    lengths, near, far = segments_apart((pieces.start[one], pieces.end[one]), (pieces.start[other], pieces.end[other]))
    real = lengths > _LEAST_MM                                 # where outlines all but touch there is nothing to cross
    return Crossings(near[real], far[real], lengths[real], np.column_stack([film[one], film[other]])[real])


def _film_at(pieces: Edges, islands: NDArray[np.object_]) -> NDArray[np.intp]:
    """Which film each piece of edge bounds: islands from 1 on, and 0 for film joined to the sheet's edge.

    One outline may bound several: where openings touch at a point, the film beside them is parted there.
    """
    film = np.zeros(len(pieces), dtype=np.intp)
    if len(islands):
        at, island = shapely.STRtree(islands).query(shapely.points(pieces.middles), predicate="dwithin",
                                                    distance=_ON_MM)
        film[at] = island + 1
    return film


class Footing(Struct, frozen=True, eq=False):
    """Crossings of a cutting for ties of a width, and whether both ends of one stand on firm film."""

    cutting: Cutting
    crossings: Crossings
    width: float

    def firmest(self, order: NDArray[np.intp]) -> int:
        """The first of some crossings, the best before the others, whose tie has film under all of its two ends."""
        shapely.prepare(self.cutting.openings)
        preview = order[:_TRIED].tolist()
        loose = [self._loose(at) for at in preview]
        firm = [at for at, share in zip(preview, loose, strict=True) if share < _LOOSE]
        return firm[0] if firm else int(preview[int(np.argmin(np.round(loose, 1)))])

    def _loose(self, at: int) -> float:
        """The share of a tie's worse end that lies over an opening."""
        near, far = self.crossings.near[at], self.crossings.far[at]
        way = (far - near) / self.crossings.lengths[at]
        ends = [LineString([end, end + side * 0.5 * self.width * way]).buffer(self.width / 2, cap_style="flat")
                for end, side in ((near, -1.0), (far, 1.0))]
        return float(max(end.intersection(self.cutting.openings).area / end.area for end in ends))


def crossing_at(crossings: Crossings, spot: tuple[float, float]) -> int | None:
    """The shortest crossing that passes a place; None where none comes near."""
    lines = shapely.linestrings(np.stack([crossings.near, crossings.far], axis=1))
    away = shapely.distance(lines, Point(spot)) if len(lines) else np.empty(0)
    if not len(away) or away.min() > _BY_HAND_MM:
        return None
    passing = away <= away.min() + _NEAR_MM
    return int(np.argmin(np.where(passing, crossings.lengths + away, np.inf)))
