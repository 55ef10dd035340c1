"""Thin places: where a shape, or what lies between its parts, is thinner than a limit, measured on the medial axis.

Only pieces of the outline that another one faces within the limit, and those about them, go into the Voronoi diagram. A
thin place is a connected stretch of the axis on which the width is below the limit. Where it ends, the axis comes to a
place as wide as the limit before long, or it does not: then the end is free. Two wide ends make a neck, one makes a
tongue; one that tapers away at its free end is a tip, and a short one, or one that tapers faster than an angle of 20
degrees does, is a corner, of which nothing is said.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Literal

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import MultiLineString
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points
from vitrograph.core.widths.axis import Axis, axis_of
from vitrograph.core.widths.edges import Edges, Indices, Numbers, edges_of

Kind = Literal["neck", "tongue", "tip", "alone", "corner"]

SMOOTH_MM = 0.004                  # vertices closer to the outline than this do not change a width
SPACING = 5                       # pieces to a limit
_NEAR = 1.2                        # limits: how near a piece must be that faces another
_ABOUT = 1.5                       # limits: how far about such pieces all others are taken
_WALK = 1.6                        # limits: how far an end's axis is followed to a wide place
_WIDE_ENOUGH = 0.98                # of the limit: pieces of the outline are told by their middles
_PLAIN_TREE = {"compact_nodes": False, "balanced_tree": False}     # quicker made, and asked only once
_CORNER = 1.5                      # limits: a tongue not longer than this is a corner
_ALONE = 0.75                      # limits: the least axis of a part that is thin all over
_CORNER_SLOPE = 0.35               # of the length, by which a corner's width falls: it has 20 degrees or more
_TAPERS = 0.4                      # a tip's width at its free end, against its widest


@dataclass(frozen=True, eq=False)
class Thin:
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
    pieces = facing_pieces(edges_of(shape, smooth).tiled(largest / SPACING), largest)
    if not len(pieces):
        return []
    axis = axis_of(pieces)
    return [place for side, limit in ((True, inside), (False, outside)) for place in _places(axis, side, limit)]


def facing_pieces(pieces: Edges, limit: float) -> Edges:
    """Pieces that another faces within the limit, and all about them."""
    from scipy.spatial import KDTree

    middles = pieces.middles
    pairs = KDTree(middles, **_PLAIN_TREE).query_pairs(_NEAR * limit, output_type="ndarray")
    facing = np.unique(pairs[pieces.face_each_other(pairs[:, 0], pairs[:, 1])])
    if not len(facing):
        return pieces.taken(facing)
    away, _ = KDTree(middles[facing], **_PLAIN_TREE).query(middles, distance_upper_bound=_ABOUT * limit)
    return pieces.taken(np.isfinite(away))


def _places(axis: Axis, inside: bool, limit: float) -> Iterator[Thin]:
    """The thin places of one side."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import connected_components

    thin = axis.facing & (axis.inside == inside) & (axis.widths < limit)
    if not thin.any():
        return
    numbers, many = np.flatnonzero(thin), len(axis.vertices)
    ends = axis.ends[numbers]
    graph = coo_array((np.ones(len(ends)), (ends[:, 0], ends[:, 1])), shape=(many, many))
    _, group_of = connected_components(graph, directed=False)
    group = group_of[ends[:, 0]]
    to_wide = _way_to_wide(axis, inside, limit, thin)
    opens = np.bincount(group_of, to_wide <= _WALK * limit, minlength=many)
    short = np.bincount(group, axis.along[numbers], minlength=many) < _ALONE * limit
    told = ~(short & (opens < 2))[group]                       # most of them all are corners, and told in bulk
    numbers, group = numbers[told], group[told]
    order = np.argsort(group, kind="stable")
    spans = np.cumsum(axis.facing) - 1
    for which in np.split(numbers[order], np.flatnonzero(np.diff(group[order])) + 1):
        place = _place(axis, which, spans, to_wide, limit, inside) if len(which) else None
        if place is not None:
            yield place


def _way_to_wide(axis: Axis, inside: bool, limit: float, thin: NDArray[np.bool_]) -> Numbers:
    """From each vertex the way, off the thin stretches, to a place as wide as the limit; boundless if none is near."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import dijkstra

    rest = np.flatnonzero((axis.inside == inside) & ~thin)
    many = len(axis.vertices)
    doors = np.full(many, np.inf)
    for turned in (False, True):
        at, ways = axis.ends[rest, int(turned)], _way_along(axis, rest, turned, limit)
        np.minimum.at(doors, at[at >= 0], ways[at >= 0])
    opened = np.flatnonzero(np.isfinite(doors))
    if not len(opened):
        return doors
    ended = rest[axis.ends[rest, 1] >= 0]
    lengths = np.concatenate([axis.lengths[ended], doors[opened]])
    one = np.concatenate([axis.ends[ended, 0], opened])
    other = np.concatenate([axis.ends[ended, 1], np.full(len(opened), many)])      # a node beyond all wide places
    graph = coo_array((np.maximum(lengths, 1e-12), (one, other)), shape=(many + 1, many + 1))
    return np.asarray(dijkstra(graph.tocsr(), directed=False, indices=many, limit=_WALK * limit))[:many]


def _way_along(axis: Axis, which: Indices, turned: bool, limit: float) -> Numbers:
    """How far along each Voronoi edge, from its first vertex or its second, the shape becomes as wide as the limit."""
    first, second = axis.ends[which].T[:: -1 if turned else 1]
    begun = first >= 0
    start = axis.vertices[first] - axis.pieces.middles[axis.parted[which, 0]]
    way = axis.vertices[second] - axis.vertices[first]
    endless = second < 0
    way[endless] = start[endless]                              # it goes straight away from what it parts
    way /= np.maximum(np.hypot(*way.T), 1e-300)[:, None]
    ahead = (start * way).sum(axis=1)
    aside = np.maximum((start**2).sum(axis=1) - ahead**2, 0.0)
    reached = np.sqrt(np.maximum(limit**2 / 4 - aside, 0.0)) - ahead
    there = (start**2).sum(axis=1) >= (_WIDE_ENOUGH * limit / 2) ** 2
    fits = there | (aside <= limit**2 / 4) & ((reached <= axis.lengths[which]) | endless)
    return np.where(begun & fits, np.where(there, 0.0, np.maximum(reached, 0.0)), np.inf)


def _place(
    axis: Axis, which: Indices, spans: Indices, to_wide: Numbers, limit: float, inside: bool
) -> Thin | None:
    """What a connected thin stretch is; None where it is a corner."""
    widths, length = axis.widths[which], float(axis.along[which].sum())
    nodes, ends = np.unique(axis.ends[which], return_inverse=True)
    wide, free = _ends(axis, nodes, np.bincount(ends.ravel()), to_wide, limit, length)
    kind: Kind = "alone" if not len(wide) else "neck"
    if len(free):
        kind = _loose_kind(axis, which, free, limit, length)
    if kind == "corner" or (kind == "alone" and length < _ALONE * limit):      # or a speck, that is told by its area
        return None
    _, near, far = axis.spans
    at = spans[which]
    least = int(widths.argmin())
    across = np.stack([near[at[least]], far[at[least]]])
    one, other = axis.pieces.ring[axis.parted[which[least]]].tolist()
    return Thin(inside, kind, _pair(across.mean(axis=0)), float(widths[least]), length, across, (one, other),
                _between((near[at] + far[at]) / 2, axis.reaches[at], ends)[ends], _pair(free) if len(free) else None)


def _pair(point: Points) -> tuple[float, float]:
    return float(point[0]), float(point[1])


def _between(middles: Points, reaches: Points, ends: Indices) -> Points:
    """The ends of a stretch's pieces set half-way between the two sides, from where the Voronoi vertices lie aside.

    Where pieces meet the longer ones tell the place: short ones may be taken between points a little way off.
    """
    weights = np.repeat(np.hypot(*reaches.T) + 1e-9, 2)
    places = np.stack([middles - reaches / 2, middles + reaches / 2], axis=1).reshape(-1, 2)
    total = np.bincount(ends.ravel(), weights)
    return np.column_stack([np.bincount(ends.ravel(), weights * places[:, k]) / total for k in (0, 1)])


def _ends(
    axis: Axis, nodes: Indices, degree: Indices, to_wide: Numbers, limit: float, length: float
) -> tuple[Points, Points]:
    """Where a stretch comes to wide places, and the free end of one that has a wide place at one end only.

    Wide places nearer to each other than the stretch is long are one.
    """
    opens = to_wide[nodes] <= _WALK * limit
    wide, loose = axis.vertices[nodes[opens]], axis.vertices[nodes[(degree == 1) & ~opens]]
    if not len(wide) or not len(loose) or np.hypot(*np.ptp(wide, axis=0)) > 0.4 * min(length, limit):
        return wide, np.empty(0)
    return wide, loose[np.hypot(*(loose - wide[0]).T).argmax()]


def _loose_kind(axis: Axis, which: Indices, free: Points, limit: float, length: float) -> Kind:
    """What a stretch with one free end is: a tongue as wide to its end, a tip that tapers away, or only a corner."""
    widths = axis.widths[which]
    away = np.hypot(*(axis.vertices[axis.ends[which]].mean(axis=1) - free).T)
    at_end = float(widths[away <= away.min() + 0.25 * limit].min())
    if widths.max() - at_end >= _CORNER_SLOPE * length or length < _CORNER * limit - 0.7 * at_end:
        return "corner"
    return "tip" if at_end < _TAPERS * widths.max() else "tongue"
