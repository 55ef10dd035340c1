"""Ties: strips of film left across openings, which hold islands to the film round them.

Where a tie may cross is read off the Voronoi diagram of the openings' edges: two pieces of edge that are neighbours in
it, one on an island and one on other film, are the ends of a crossing with nothing between them. Which film is tied to
which is the minimum spanning tree over the shortest crossings (J. Kruskal, On the shortest spanning subtree of a graph,
Proc. AMS 7, 1956), so that ties are as few, and all but as short, as can be. Of crossings nearly as short as the
shortest one is taken that lies on the side of the island where most islands have one, and straight above, below or
beside its middle. An island that would hang too far is given more.
"""

from collections import Counter
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from typing import Literal

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import LineString, Point, Polygon

from vitrograph.core.geometry import Points, as_polygons
from vitrograph.core.job import TieChoices
from vitrograph.core.stencil.carry import MOST_DROOP, droop
from vitrograph.core.stencil.faults import Fault, Limits
from vitrograph.core.stencil.mending import Cutting, fattened, filled
from vitrograph.core.widths import Edges, axis_of, edges_of, segments_apart

Side = Literal["below", "above", "left", "right"]

_SPACING_MM = 0.5                  # pieces of edge
_AS_SHORT = 1.3                    # times the shortest crossing, and a little: as short, to the eye
_AS_SHORT_MM = 0.3
_BETWEEN_ISLANDS = 1.8             # times its length, what a tie to another island counts: it carries that one as well
_MOST_EACH = 4                     # ties an island is given by the program
_BY_HAND_MM = 4.0                  # how near a crossing a place by hand must be
_NEAR_MM = 0.8                     # crossings so near a place all pass there
_TRIED = 40                        # crossings, the best of them, whose ends are looked at
_LOOSE = 0.12                      # of a tie's end, that may lie over an opening
_SIDES: tuple[Side, ...] = ("below", "above", "left", "right")


@dataclass(frozen=True, eq=False)
class Tie:
    """One tie: its middle on the sheet, the (2, 2) ends of its crossing, its width, and the film it is, mm."""

    at: tuple[float, float]
    line: Points
    width: float
    shape: Polygon

    @property
    def length(self) -> float:
        """Across the opening, mm."""
        return float(np.hypot(*(self.line[1] - self.line[0])))


@dataclass(frozen=True, eq=False)
class Ties:
    """A cutting with its ties, how far each island hangs on its own, and places by hand with no opening to cross."""

    cutting: Cutting
    ties: tuple[Tie, ...]
    droops: tuple[float, ...] = ()
    missed: tuple[tuple[float, float], ...] = ()


@dataclass(frozen=True, eq=False)
class Crossings:
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


def tie_islands(
    cutting: Cutting, choices: TieChoices, limits: Limits, placed: Callable[[tuple[float, float]], Points]
) -> Ties:
    """Tie the islands as chosen; what ties leave beside them keeps to the limits.

    `placed` tells where on the sheet a place by hand lies.
    """
    islands = cutting.islands
    by_hand = choices.placed == "hand"
    if not (choices.at if by_hand else len(islands)):
        return Ties(cutting, ())
    crossings = _crossings(cutting, islands)
    if by_hand:
        wanted = [(float(x), float(y)) for place in choices.at for x, y in placed(place)]
        found = [_crossing_at(crossings, spot) for spot in wanted]
        missed = tuple(spot for spot, one in zip(wanted, found, strict=True) if one is None)
        chosen = [one for one in found if one is not None]
        return _made(cutting, crossings, chosen, islands, choices.width, limits, missed)
    between = crossings.taken(crossings.films[:, 0] != crossings.films[:, 1])
    return _made(cutting, between, _chosen(_Ground(cutting, between, choices.width), islands, choices), islands,
                 choices.width, limits)


def _crossings(cutting: Cutting, islands: NDArray[np.object_]) -> Crossings:
    """All crossings of the openings, from one film to another or across a stroke of one."""
    pieces = edges_of(cutting.openings).tiled(_SPACING_MM)
    axis = axis_of(pieces)
    film = _film_of_rings(pieces, islands)[pieces.ring]
    one, other = axis.parted.T
    kept = axis.inside & (axis.facing | (film[one] != film[other]))
    one, other = one[kept], other[kept]
    lengths, near, far = segments_apart((pieces.start[one], pieces.end[one]), (pieces.start[other], pieces.end[other]))
    real = lengths > 1e-6
    return Crossings(near[real], far[real], lengths[real], np.column_stack([film[one], film[other]])[real])


def _film_of_rings(pieces: Edges, islands: NDArray[np.object_]) -> NDArray[np.intp]:
    """Which film each ring of the openings bounds: islands from 1 on, and 0 for film joined to the sheet's edge."""
    film = np.zeros(len(pieces.around), dtype=np.intp)
    if len(islands):
        rings, first = np.unique(pieces.ring, return_index=True)
        at, island = shapely.STRtree(islands).query(shapely.points(pieces.middles[first]), predicate="dwithin",
                                                    distance=1e-6)
        film[rings[at]] = island + 1
    return film


@dataclass(frozen=True, eq=False)
class _Ground:
    """Crossings of a cutting for ties of a width, and whether both ends of one stand on firm film."""

    cutting: Cutting
    crossings: Crossings
    width: float

    def firmest(self, order: NDArray[np.intp]) -> int:
        """The first of some crossings, the best before the others, whose tie has film under all of its two ends."""
        shapely.prepare(self.cutting.openings)
        tried = order[:_TRIED].tolist()
        loose = [self._loose(at) for at in tried]
        firm = [at for at, share in zip(tried, loose, strict=True) if share < _LOOSE]
        return firm[0] if firm else int(tried[int(np.argmin(np.round(loose, 1)))])

    def _loose(self, at: int) -> float:
        """The share of a tie's worse end that lies over an opening."""
        near, far = self.crossings.near[at], self.crossings.far[at]
        way = (far - near) / self.crossings.lengths[at]
        ends = [LineString([end, end + side * 0.5 * self.width * way]).buffer(self.width / 2, cap_style="flat")
                for end, side in ((near, -1.0), (far, 1.0))]
        return float(max(end.intersection(self.cutting.openings).area / end.area for end in ends))


def _chosen(ground: _Ground, islands: NDArray[np.object_], choices: TieChoices) -> list[int]:
    """The crossings that are tied: the tree's first, then more where an island hangs too far or more are asked for."""
    crossings = ground.crossings
    owners = _tree(crossings, len(islands))
    boxes = shapely.bounds(islands)
    offered = {island: _as_short(crossings, pair) for island, pair in owners.items()}
    sides = {island: _sides_of(crossings, at, boxes[island - 1]) for island, at in offered.items()}
    loads = _loads(owners, shapely.area(islands))
    chosen: list[int] = []
    for island, side in _shared_sides(sides).items():
        mine = [_most_central(ground, offered[island][sides[island] == side], boxes[island - 1], side)]
        everywhere = _from(crossings, island)
        many = choices.each or _MOST_EACH
        while len(mine) < many:
            hangs = _droop(crossings, mine, islands[island - 1], loads[island], choices.width)
            if not choices.each and hangs <= MOST_DROOP:
                break
            more = _opposite(ground, everywhere, mine, islands[island - 1])
            if more is None:
                break
            mine.append(more)
        chosen += mine
    return chosen


def _from(crossings: Crossings, island: int) -> NDArray[np.intp]:
    """The crossings of an island to the frame; to other islands where there are none."""
    mine = (crossings.films == island).any(axis=1)
    framed = mine & (crossings.films == 0).any(axis=1)
    return np.flatnonzero(framed if framed.any() else mine)


def _loads(owners: dict[int, tuple[int, int]], areas: NDArray[np.float64]) -> dict[int, float]:
    """What the ties of each island carry, mm² of film: the island, and all that hangs on it."""
    loads = {island: float(areas[island - 1]) for island in owners}
    for island in reversed(owners):                            # the farthest from the frame come last
        holder = owners[island][0]
        if holder:
            loads[holder] += loads[island]
    return loads


def _tree(crossings: Crossings, islands: int) -> dict[int, tuple[int, int]]:
    """For each island the pair of films that it is tied by in the minimum spanning tree, where anything is near it."""
    pairs = np.sort(crossings.films, axis=1)
    order = np.argsort(crossings.lengths * np.where((pairs == 0).any(axis=1), 1.0, _BETWEEN_ISLANDS), kind="stable")
    group = list(range(islands + 1))

    def root(film: int) -> int:
        while group[film] != film:
            film = group[film]
        return film

    joined: dict[int, list[int]] = {film: [] for film in group}
    for at in order.tolist():
        one, other = pairs[at].tolist()
        if root(one) != root(other):
            group[root(other)] = root(one)
            joined[one].append(other)
            joined[other].append(one)
    owners: dict[int, tuple[int, int]] = {}
    front = [0]
    while front:                                               # outward from the frame: each island by what holds it
        film = front.pop(0)
        for other in joined[film]:
            if other and other not in owners:
                owners[other] = (film, other)
                front.append(other)
    return owners


def _as_short(crossings: Crossings, pair: tuple[int, int]) -> NDArray[np.intp]:
    """The crossings between two films that are as short as the shortest, to the eye."""
    both = (np.sort(crossings.films, axis=1) == sorted(pair)).all(axis=1)
    least = crossings.lengths[both].min()
    return np.flatnonzero(both & (crossings.lengths <= _AS_SHORT * least + _AS_SHORT_MM))


def _sides_of(crossings: Crossings, at: NDArray[np.intp], box: NDArray[np.float64]) -> NDArray[np.str_]:
    """On which side of an island's box each crossing lies, by the diagonals."""
    x, y = ((crossings.middles[at] - box.reshape(2, 2).mean(axis=0)) / np.maximum(np.ptp(box.reshape(2, 2), axis=0),
                                                                                 1e-9)).T
    return np.where(np.abs(y) >= np.abs(x), np.where(y < 0, "below", "above"), np.where(x < 0, "left", "right"))


def _shared_sides(sides: dict[int, NDArray[np.str_]]) -> dict[int, Side]:
    """A side for each island, one that most of the others have as well, so that ties line up across letters."""
    left, shared = dict(sides), {}
    while left:
        votes = Counter(side for offered in left.values() for side in set(offered.tolist()))
        best = max(_SIDES, key=lambda side: (votes[side], -_SIDES.index(side)))
        for island in [island for island, offered in left.items() if best in offered]:
            shared[island] = best
            del left[island]
    return shared


def _most_central(ground: _Ground, at: NDArray[np.intp], box: NDArray[np.float64], side: Side) -> int:
    """The crossing nearest to the island's middle line, and of those alike the shortest, that has firm ends."""
    crossings = ground.crossings
    axis = 0 if side in ("above", "below") else 1
    middle = (box[axis] + box[axis + 2]) / 2
    aside = np.abs(crossings.middles[at, axis] - middle)
    way = np.abs((crossings.far - crossings.near)[at, axis])   # askew to the middle line
    return ground.firmest(at[np.argsort(np.round(aside + way, 2) + 0.3 * crossings.lengths[at])])


def _opposite(ground: _Ground, at: NDArray[np.intp], mine: list[int], island: Polygon) -> int | None:
    """The crossing of an island farthest round from those it has, of those not much longer than the shortest there."""
    crossings, width = ground.crossings, ground.width
    middle = np.array(island.centroid.coords[0])
    ways = [np.arctan2(*(crossings.middles[k] - middle)[::-1]) for k in mine]
    angles = np.arctan2(*(crossings.middles[at] - middle).T[::-1])
    apart = np.min([np.abs((angles - way + np.pi) % (2 * np.pi) - np.pi) for way in ways], axis=0)
    clear = np.min([np.hypot(*(crossings.middles[at] - crossings.middles[k]).T) for k in mine], axis=0) > 2 * width
    if not clear.any():
        return None
    score = apart - 0.5 * crossings.lengths[at] / crossings.lengths[mine[0]]
    return ground.firmest(at[clear][np.argsort(-score[clear])])


def _crossing_at(crossings: Crossings, spot: tuple[float, float]) -> int | None:
    """The shortest crossing that passes a place; None where none comes near."""
    lines = shapely.linestrings(np.stack([crossings.near, crossings.far], axis=1))
    away = shapely.distance(lines, Point(spot)) if len(lines) else np.empty(0)
    if not len(away) or away.min() > _BY_HAND_MM:
        return None
    passing = away <= away.min() + _NEAR_MM
    return int(np.argmin(np.where(passing, crossings.lengths + away, np.inf)))


def _made(
    cutting: Cutting, crossings: Crossings, chosen: list[int], islands: NDArray[np.object_],
    width: float, limits: Limits, missed: tuple[tuple[float, float], ...] = (),
) -> Ties:
    """The ties at some crossings, and the cutting with them."""
    droops = tuple(_droops(crossings, chosen, islands, width))
    ties = tuple(tie for at in dict.fromkeys(chosen)
                 if (tie := _tie(cutting, crossings.near[at], crossings.far[at], width)) is not None)
    if not ties:
        return Ties(cutting, (), droops, missed)
    tied = cutting.with_more(film=[tie.shape.buffer(1e-4) for tie in ties])
    return Ties(_tidied(cutting, tied, ties, limits), ties, droops, missed)


def _droops(
    crossings: Crossings, chosen: list[int], islands: NDArray[np.object_], width: float
) -> Iterator[float]:
    """How far each island hangs on the chosen crossings, with all it carries; boundless where nothing holds it."""
    tied = crossings.taken(np.array(chosen, dtype=np.intp))
    owners = _tree(tied, len(islands))
    loads = _loads(owners, shapely.area(islands))
    for island, shape in enumerate(islands, start=1):
        mine: list[int] = []
        if island in owners:                                   # what hangs on it pulls at it, and does not hold it
            mine = [at for at, films in enumerate(tied.films.tolist()) if island in films
                    and all(owners.get(other, (0, 0))[0] != island for other in films)]
        yield _droop(tied, mine, shape, loads.get(island, 0.0), width)


def _droop(crossings: Crossings, mine: list[int], island: Polygon, load: float, width: float) -> float:
    """How far an island hangs on some crossings, by so much film."""
    return droop(island, load, crossings.middles[mine], crossings.lengths[mine].tolist(), width)


def _tie(cutting: Cutting, near: Points, far: Points, width: float) -> Tie | None:
    """A strip across the opening, as far into the film on both sides as closes its corners."""
    way = (far - near) / np.hypot(*(far - near))
    line = LineString([near - 0.5 * width * way, far + 0.5 * width * way])
    strip = as_polygons(line.buffer(width / 2, cap_style="flat").intersection(cutting.openings))
    middle = (near + far) / 2
    parts = [part for part in strip.geoms if part.distance(Point(*middle)) < 1e-3]
    return Tie((float(middle[0]), float(middle[1])), np.stack([near, far]), width, parts[0]) if parts else None


def _tidied(cutting: Cutting, tied: Cutting, ties: tuple[Tie, ...], limits: Limits) -> Cutting:
    """What ties left of openings beside them, too narrow to be of use, filled, and webs that they made fattened."""
    whole = filled(tied, [fault for fault in _new_beside(cutting, tied, ties, limits) if fault.kind in (
        "opening", "speck")], limits.opening)
    return fattened(whole, [fault for fault in _new_beside(cutting, whole, ties, limits) if fault.kind in (
        "web", "near")], limits.web)


def _new_beside(cutting: Cutting, tied: Cutting, ties: tuple[Tie, ...], limits: Limits) -> list[Fault]:
    """Grave faults beside ties, where there was none before."""
    before = shapely.points(np.array([fault.where for fault in cutting.faults(limits)]).reshape(-1, 2))
    shapes, reach = shapely.union_all([tie.shape for tie in ties]), max(limits.web, limits.opening)
    return [fault for fault in tied.faults(limits)
            if fault.grave and fault.length <= 3 * ties[0].width
            and shapely.distance(shapes, Point(fault.where)) <= reach
            and (not len(before) or shapely.distance(before, Point(fault.where)).min() > reach)]
