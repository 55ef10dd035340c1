"""Thin places: where a shape, or what lies between its parts, is thinner than a limit, measured on the medial axis.

Only pieces of the outline that another one faces within the limit, and those about them, go into the Voronoi diagram. A
thin place is a connected stretch of the axis on which the width is below the limit. Where it ends, the axis comes to a
place as wide as the limit before long, or it does not: then the end is free. Two wide ends make a neck, one makes a
tongue; one that tapers away at its free end is a tip, and a short one, or one that tapers faster than an angle of 20
degrees does, is a corner, of which nothing is said.
"""

from collections.abc import Iterator
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiLineString
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points
from vitrograph.core.widths.axis import Axis, axis_of
from vitrograph.core.widths.edges import Edges, Indices, Numbers, dot, edges_of, norms
from vitrograph.core.widths.stretches import Stretches, stretches_of

Kind = Literal["neck", "tongue", "tip", "alone", "corner"]

SMOOTH_MM = 0.004                  # vertices closer to the outline than this do not change a width
SPACING = 5                       # pieces to a limit
_COARSE = 3                        # pieces in one of those that are looked at first
_NEAR = 1.2                        # limits: how near a piece must be that faces another
_ABOUT = 1.6                       # limits: how far about such pieces all others are taken
_WALK = 1.6                        # limits: how far an end's axis is followed to a wide place
_WIDE_ENOUGH = 0.98                # of the limit: pieces of the outline are told by their middles
_PLAIN_TREE = {"compact_nodes": False, "balanced_tree": False, "leafsize": 16}     # quicker made, and asked only once
_CORNER = 1.5                      # limits: a tongue not longer than this is a corner
_ALONE = 0.75                      # limits: the least axis of a part that is thin all over
_CORNER_SLOPE = 0.35               # of the length, by which a corner's width falls: it has 20 degrees or more
_TAPERS = 0.4                      # a tip's width at its free end, against its widest


class Thin(Struct, frozen=True, eq=False):
    """One thin place: inside the shape or between its parts, its kind, where it is thinnest, and how it runs.

    `width` is the least, `length` is along the axis, mm. `across` are the two points of the outline that it is least
    between, `rings` the rings those lie on; `axis` is (n, 2, 2) line pieces. `free` is where a tongue or a tip ends.
    """

    inside: bool
    kind: Kind
    where: tuple[float, float]
    width: float
    length: float
    across: Points
    rings: tuple[int, int]
    axis: NDArray[np.float64]
    free: tuple[float, float] | None = None

    @property
    def line(self) -> MultiLineString:
        """The axis as lines."""
        return shapely.multilinestrings(shapely.linestrings(self.axis))


def thin_places(shape: BaseGeometry, inside: float, outside: float = 0.0, smooth: float = SMOOTH_MM) -> list[Thin]:
    """Where a shape is thinner than `inside` mm, or what lies between its parts than `outside` mm.

    >>> from shapely.geometry import box
    >>> dumb_bell = box(0, 0, 4, 4) | box(4, 1.9, 8, 2.2) | box(8, 0, 12, 4)
    >>> [(place.kind, round(place.width, 3)) for place in thin_places(dumb_bell, 0.8)]
    [('neck', 0.3)]
    """
    largest = max(inside, outside)
    if largest <= 0 or shape.is_empty:
        return []
    pieces = facing_pieces(edges_of(shape, smooth), largest)
    if not len(pieces):
        return []
    found = list(_places(axis_of(pieces, largest), inside, outside))
    return [place for side in (True, False) for place in found if place.inside == side]


def facing_pieces(edges: Edges, limit: float) -> Edges:
    """Pieces of edges that another faces within the limit, and all about them; `SPACING` of them to the limit.

    They are looked for in pieces three times as long, with something to spare that none is missed.
    """
    from scipy.spatial import KDTree

    step = limit / SPACING
    pieces = edges.tiled(_COARSE * step)
    middles = pieces.middles
    pairs = KDTree(middles, **_PLAIN_TREE).query_pairs(_NEAR * limit, output_type="ndarray")
    kept = np.zeros(len(pieces), dtype=bool)
    kept[pairs[pieces.face_each_other(pairs[:, 0], pairs[:, 1], _COARSE * step / 2)]] = True
    if kept.any():
        rest = np.flatnonzero(~kept)
        facing = KDTree(middles[kept], **_PLAIN_TREE)
        kept[rest] = np.isfinite(facing.query(middles.take(rest, 0), distance_upper_bound=_ABOUT * limit)[0])
    return pieces.taken(kept).tiled(step)


def _places(axis: Axis, inside: float, outside: float) -> Iterator[Thin]:
    """The thin places of both sides at once: no vertex of the axis is on both."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import connected_components

    limits = np.where(axis.inside, inside, outside)
    thin = axis.facing & (axis.widths < limits)
    if not thin.any():
        return
    numbers, many = np.flatnonzero(thin), len(axis.vertices)
    ends = axis.ends[numbers]
    graph = coo_array((np.ones(len(ends)), (ends[:, 0], ends[:, 1])), shape=(many, many))
    _, group_of = connected_components(graph, directed=False)
    group = group_of[ends[:, 0]]
    opens = _way_to_wide(axis, limits, thin) <= _WALK
    short = np.bincount(group, axis.along[numbers], minlength=many)[group] < _ALONE * limits[numbers]
    told = ~(short & (np.bincount(group_of, opens, minlength=many) < 2)[group])        # most are corners
    if told.any():
        yield from _told(stretches_of(axis, numbers[told], group_of, opens), limits)


def _told(stretches: Stretches, limits: Numbers) -> Iterator[Thin]:
    """What the thin stretches are, without those that are corners, or specks, which are told by their area."""
    axis, which, lengths = stretches.axis, stretches.which, stretches.lengths
    limit, inside = limits[which[stretches.first]], axis.inside[which[stretches.first]].tolist()
    free = stretches.free_ends(0.4 * np.minimum(lengths, limit))
    kinds = np.where(stretches.wide_ends > 0, "neck", "alone")
    kinds = np.where(free >= 0, _loose_kinds(stretches, free, limit), kinds)
    kept = np.flatnonzero((kinds != "corner") & ((kinds != "alone") | (lengths >= _ALONE * limit)))
    _, near, far = axis.spans
    least = stretches.thinnest[kept]
    at = stretches.spans[least]
    across = np.stack([near[at], far[at]], axis=1)
    where, rings = across.mean(axis=1).tolist(), axis.pieces.ring[axis.parted[which[least]]].tolist()
    lines, loose = stretches.lines, axis.vertices[free].tolist()
    for number, of in enumerate(kept.tolist()):
        (x, y), (one, other) = where[number], rings[number]
        yield Thin(inside[of], kinds[of].item(), (x, y), float(axis.widths[which[least[number]]]), float(lengths[of]),
                   across[number], (one, other), lines[stretches.first[of]: stretches.after[of]],
                   (loose[of][0], loose[of][1]) if free[of] >= 0 else None)


def _loose_kinds(stretches: Stretches, free: Indices, limit: Numbers) -> NDArray[np.str_]:
    """What stretches with one free end are: tongues as wide to the end, tips that taper away, or only corners."""
    axis, which, lengths = stretches.axis, stretches.which, stretches.lengths
    widths = axis.widths[which]
    one, other = (axis.vertices.take(axis.ends[which, side], 0) for side in (0, 1))
    away = norms((one + other) / 2 - axis.vertices.take(free[stretches.of], 0))
    close = away <= (stretches.least(away) + 0.25 * limit)[stretches.of]
    at_end, widest = stretches.least(np.where(close, widths, np.inf)), -stretches.least(-widths)
    corner = (widest - at_end >= _CORNER_SLOPE * lengths) | (lengths < _CORNER * limit - 0.7 * at_end)
    return np.where(corner, "corner", np.where(at_end < _TAPERS * widest, "tip", "tongue"))


def _way_to_wide(axis: Axis, limits: Numbers, thin: NDArray[np.bool_]) -> Numbers:
    """From the vertices of the thin stretches the way, off them, to a place as wide as the limit; boundless if far.

    It is told in limits, which are those of the Voronoi edges; where one is 0 nothing is looked for.

    Only narrow places are walked through: whatever comes to a wide one is there.
    """
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import dijkstra

    many = len(axis.vertices)
    rest = np.flatnonzero((limits > 0) & ~thin)
    limit_at = np.full(many + 1, np.inf)                       # the last stands for no end
    limit_at[axis.ends.take(rest, 0)] = limits[rest, None]
    wide = np.append(axis.radii, np.inf) >= _WIDE_ENOUGH * limit_at / 2
    one, other = wide.take(axis.ends.take(rest, 0).T)
    narrow, into_wide = rest[~(one | other)], rest[one != other]
    begun = np.where(wide[axis.ends[into_wide, 0]], axis.ends[into_wide, 1], axis.ends[into_wide, 0])
    doors = np.where(wide, 0.0, np.inf)
    np.minimum.at(doors, begun, _way_along(axis, into_wide, begun, limits[into_wide]))
    asked = np.zeros(many, dtype=bool)
    asked[axis.ends[narrow]] = asked[axis.ends[thin]] = True
    opened = np.flatnonzero(asked & np.isfinite(doors[:many]))
    lengths = np.concatenate([axis.lengths(narrow) / limits[narrow], doors[opened]])
    first = np.concatenate([axis.ends[narrow, 0], opened])
    second = np.concatenate([axis.ends[narrow, 1], np.full(len(opened), many)])        # a node beyond all wide places
    graph = coo_array((np.maximum(lengths, 1e-12), (first, second)), shape=(many + 1, many + 1))
    return np.asarray(dijkstra(graph.tocsr(), directed=False, indices=many, limit=_WALK))[:many]


def _way_along(axis: Axis, which: Indices, begun: Indices, limit: Numbers) -> Numbers:
    """How far along each Voronoi edge, from its end `begun`, the shape becomes as wide as its limit; all of it at most.

    It is told in limits. One without end goes straight away from what it parts.
    """
    first, second = axis.ends.take(which, 0).T
    start = axis.vertices.take(begun, 0) - axis.pieces.middles.take(axis.parted[which, 0], 0)
    on = np.where(begun == first, second, first)
    way = np.where((on >= 0)[:, None], axis.vertices.take(on, 0) - axis.vertices.take(begun, 0), start)
    way /= np.maximum(norms(way), 1e-300)[:, None]
    ahead = dot(start, way)
    reached = np.sqrt(np.maximum(limit**2 / 4 - dot(start, start) + ahead**2, 0.0)) - ahead
    return np.clip(reached, 0.0, axis.lengths(which)) / limit
