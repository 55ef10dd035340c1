"""Ties: strips of film left across openings, which hold islands to the film round them.

Which film is tied to which is the minimum spanning tree over the shortest crossings (J. Kruskal, On the shortest
spanning subtree of a graph, Proc. AMS 7, 1956), so that ties are as few, and all but as short, as can be. Of crossings
nearly as short as the shortest one is taken on a side where the letter stays legible (see `legible`), and of those on
the side where most islands have one, straight above, below or beside its middle. An island that would hang too far is
given more.
"""

from collections import Counter
from collections.abc import Iterator

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from numpy.typing import NDArray
from shapely.geometry import LineString, Point, Polygon

from vitrograph.core.geometry import Points, as_polygons, within
from vitrograph.core.job import TieChoices
from vitrograph.core.stencil.mending.cutting import Cutting
from vitrograph.core.stencil.mending.faults import Fault, FaultKind, Limits
from vitrograph.core.stencil.mending.mends import Placing, blunted, fattened, filled
from vitrograph.core.stencil.tying.carry import MOST_DROOP, droop
from vitrograph.core.stencil.tying.crossings import Crossings, Footing, crossing_at, crossings_of
from vitrograph.core.stencil.tying.legible import SIDES, Side, legible_sides, letter_round

_AS_SHORT = 1.3                    # times the shortest crossing, and a little: as short, to the eye
_AS_SHORT_MM = 0.5
_BETWEEN_ISLANDS = 1.8             # times its length, what a tie to another island counts: it carries that one as well
_BESIDE = 8.0                      # widths of a tie: what it leaves beside it is no longer
_MOST_EACH = 4                     # ties an island is given by the program
_SCRAPS: frozenset[FaultKind] = frozenset(("opening", "speck"))
_WEBS: frozenset[FaultKind] = frozenset(("web", "near"))
_TIPS: frozenset[FaultKind] = frozenset(("needle",))


class Tie(Struct, frozen=True, eq=False):
    """One tie: its middle on the sheet, the (2, 2) ends of its crossing, its width, and the film it is, mm."""

    at: tuple[float, float]
    line: Points
    width: float
    shape: Polygon

    @property
    def length(self) -> float:
        """Across the opening, mm."""
        return float(np.hypot(*(self.line[1] - self.line[0])))


class Ties(Struct, frozen=True, eq=False):
    """A cutting with its ties, how far each island hangs on its own, and places by hand with no opening to cross.

    `doubtful` are places of islands whose letter a tie, wherever it may be, makes read as another.
    """

    cutting: Cutting
    ties: tuple[Tie, ...]
    droops: tuple[float, ...] = ()
    missed: tuple[tuple[float, float], ...] = ()
    doubtful: tuple[tuple[float, float], ...] = ()


def tie_islands(
    cutting: Cutting, choices: TieChoices, limits: Limits, placed: Placing
) -> Ties:
    """Tie the islands as chosen; what ties leave beside them keeps to the limits.

    `placed` tells where on the sheet a place by hand lies.
    """
    islands = cutting.islands
    by_hand = choices.placed == "hand"
    if not (choices.at if by_hand else len(islands)):
        return Ties(cutting, ())
    cutting = cutting.sound()
    crossings = crossings_of(cutting, islands)
    if by_hand:
        wanted = [(float(x), float(y)) for place in choices.at for x, y in placed(place)]
        found = [crossing_at(crossings, spot) for spot in wanted]
        missed = tuple(spot for spot, one in zip(wanted, found, strict=True) if one is None)
        chosen = [one for one in found if one is not None]
        return _made(cutting, crossings, chosen, islands, choices.width, limits, missed)
    between = crossings.taken(crossings.films[:, 0] != crossings.films[:, 1])
    picked, doubtful = _chosen(Footing(cutting, between, choices.width), islands, choices)
    made = _made(cutting, between, picked, islands, choices.width, limits)
    return replace(made, doubtful=tuple(_spot(islands[island - 1]) for island in doubtful))


def _spot(island: Polygon) -> tuple[float, float]:
    spot = island.representative_point()
    return float(spot.x), float(spot.y)


def _chosen(footing: Footing, islands: NDArray[np.object_], choices: TieChoices) -> tuple[list[int], list[int]]:
    """The crossings that are tied: the tree's first, then more where an island hangs too far or more are asked for.

    And the islands whose letter does not stay itself.
    """
    crossings = footing.crossings
    holders = _tree(crossings, len(islands))
    boxes = shapely.bounds(islands)
    offered = {island: _as_short(crossings, island, holder) for island, holder in holders.items()}
    sides = {island: _sides_of(crossings, at, boxes[island - 1]) for island, at in offered.items()}
    legible, doubtful = _legible(footing, islands, offered, sides)
    loads = _loads(holders, shapely.area(islands))
    chosen: list[int] = []
    for island, side in _shared_sides(legible).items():
        mine = [_most_central(footing, offered[island][sides[island] == side], boxes[island - 1], side)]
        everywhere = _from(crossings, island)
        many = choices.each or _MOST_EACH
        while len(mine) < many:
            hangs = _droop(crossings, mine, islands[island - 1], loads[island], choices.width)
            if not choices.each and hangs <= MOST_DROOP:
                break
            more = _opposite(footing, everywhere, mine, islands[island - 1])
            if more is None:
                break
            mine.append(more)
        chosen += mine
    return chosen, doubtful


def _from(crossings: Crossings, island: int) -> NDArray[np.intp]:
    """The crossings of an island to the frame; to other islands where there are none."""
    mine = (crossings.films == island).any(axis=1)
    framed = mine & (crossings.films == 0).any(axis=1)
    return np.flatnonzero(framed if framed.any() else mine)


def _loads(holders: dict[int, int], areas: NDArray[np.float64]) -> dict[int, float]:
    """What the ties of each island carry, mm² of film: the island, and all that hangs on it."""
    loads = {island: float(areas[island - 1]) for island in holders}
    for island, holder in reversed(holders.items()):           # the farthest from the frame come last
        if holder:
            loads[holder] += loads[island]
    return loads


def _tree(crossings: Crossings, islands: int) -> dict[int, int]:
    """What each island hangs on in the minimum spanning tree, those nearest to the frame first."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import breadth_first_order, minimum_spanning_tree

    pairs = np.sort(crossings.films, axis=1)
    counted = crossings.lengths * np.where((pairs == 0).any(axis=1), 1.0, _BETWEEN_ISLANDS)
    order = np.lexsort((counted, pairs[:, 1], pairs[:, 0]))
    pairs, counted = pairs[order], counted[order]
    shortest = np.concatenate([[True], (np.diff(pairs, axis=0) != 0).any(axis=1)]) & (pairs[:, 0] != pairs[:, 1])
    graph = coo_array((counted[shortest], tuple(pairs[shortest].T)), shape=(islands + 1, islands + 1))
    reached, holders = breadth_first_order(minimum_spanning_tree(graph.tocsr()), 0, directed=False)
    return {int(island): int(holders[island]) for island in reached[1:]}


def _as_short(crossings: Crossings, island: int, holder: int) -> NDArray[np.intp]:
    """The crossings between two films that are as short as the shortest, to the eye."""
    both = (crossings.films == island).any(axis=1) & (crossings.films == holder).any(axis=1)
    least = crossings.lengths[both].min()
    return np.flatnonzero(both & (crossings.lengths <= _AS_SHORT * least + _AS_SHORT_MM))


def _sides_of(crossings: Crossings, at: NDArray[np.intp], box: NDArray[np.float64]) -> NDArray[np.str_]:
    """On which side of an island's box each crossing lies, by the diagonals."""
    x, y = ((crossings.middles[at] - box.reshape(2, 2).mean(axis=0)) / np.maximum(np.ptp(box.reshape(2, 2), axis=0),
                                                                                 1e-9)).T
    return np.where(np.abs(y) >= np.abs(x), np.where(y < 0, "below", "above"), np.where(x < 0, "left", "right"))


def _legible(
    footing: Footing, islands: NDArray[np.object_], offered: dict[int, NDArray[np.intp]],
    sides: dict[int, NDArray[np.str_]],
) -> tuple[dict[int, set[str]], list[int]]:
    """For each island the sides on which a tie leaves its letter the most legible; the islands that have none such."""
    crossings, openings = footing.crossings, shapely.get_parts(footing.cutting.openings)
    tree, made, doubtful = shapely.STRtree(openings), {}, []
    for island, at in offered.items():
        letter = letter_round(islands[island - 1], openings, tree)
        made[island], stays = (set(sides[island].tolist()), True) if letter is None else legible_sides(
            islands[island - 1], letter, sides[island], crossings.middles[at], crossings.lengths[at])
        doubtful += [] if stays else [island]
    return made, doubtful


def _shared_sides(sides: dict[int, set[str]]) -> dict[int, Side]:
    """A side for each island, one that most of the others have as well, so that ties line up across letters."""
    left, shared = dict(sides), {}
    while left:
        votes = Counter(side for offered in left.values() for side in offered)
        best = max(SIDES, key=lambda side: (votes[side], -SIDES.index(side)))
        for island in [island for island, offered in left.items() if best in offered]:
            shared[island] = best
            del left[island]
    return shared


def _most_central(footing: Footing, at: NDArray[np.intp], box: NDArray[np.float64], side: Side) -> int:
    """The crossing nearest to the island's middle line, and of those alike the shortest, that has firm ends."""
    crossings = footing.crossings
    axis = 0 if side in ("above", "below") else 1
    middle = (box[axis] + box[axis + 2]) / 2
    aside = np.abs(crossings.middles[at, axis] - middle)
    way = np.abs((crossings.far - crossings.near)[at, axis])   # askew to the middle line
    return footing.firmest(at[np.argsort(np.round(aside + way, 2) + 0.3 * crossings.lengths[at])])


def _opposite(footing: Footing, at: NDArray[np.intp], mine: list[int], island: Polygon) -> int | None:
    """The crossing of an island farthest round from those it has, of those not much longer than the shortest there."""
    crossings, width = footing.crossings, footing.width
    middle = np.array(island.centroid.coords[0])
    ways = [np.arctan2(*(crossings.middles[k] - middle)[::-1]) for k in mine]
    angles = np.arctan2(*(crossings.middles[at] - middle).T[::-1])
    apart = np.min([np.abs((angles - way + np.pi) % (2 * np.pi) - np.pi) for way in ways], axis=0)
    clear = np.min([np.hypot(*(crossings.middles[at] - crossings.middles[k]).T) for k in mine], axis=0) > 2 * width
    if not clear.any():
        return None
    score = apart - 0.5 * crossings.lengths[at] / crossings.lengths[mine[0]]
    return footing.firmest(at[clear][np.argsort(-score[clear])])


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
    holders = _tree(tied, len(islands))
    loads = _loads(holders, shapely.area(islands))
    for island, shape in enumerate(islands, start=1):
        # what hangs on it pulls at it, and does not hold it
        mine = [at for at, films in enumerate(tied.films.tolist()) if island in holders and island in films
                and all(holders.get(other) != island for other in films)]
        yield _droop(tied, mine, shape, loads.get(island, 0.0), width)


def _droop(crossings: Crossings, mine: list[int], island: Polygon, load: float, width: float) -> float:
    """How far an island hangs on some crossings, by so much film."""
    return droop(island, load, crossings.middles[mine], crossings.lengths[mine].tolist(), width)


def _tie(cutting: Cutting, near: Points, far: Points, width: float) -> Tie | None:
    """A strip across the opening, as far into the film on both sides as closes its corners."""
    way = (far - near) / np.hypot(*(far - near))
    line = LineString([near - 0.5 * width * way, far + 0.5 * width * way])
    strip = as_polygons(within(line.buffer(width / 2, cap_style="flat"), cutting.openings))
    middle = (near + far) / 2
    parts = [part for part in strip.geoms if part.distance(Point(*middle)) < 1e-3]
    return Tie((float(middle[0]), float(middle[1])), np.stack([near, far]), width, parts[0]) if parts else None


def _tidied(cutting: Cutting, tied: Cutting, ties: tuple[Tie, ...], limits: Limits) -> Cutting:
    """What ties left of openings beside them, too narrow to be of use, filled; webs that they made, fattened; tips cut.
    """
    for does, kinds, to in ((filled, _SCRAPS, limits.opening), (fattened, _WEBS, limits.web),
                            (blunted, _TIPS, limits.web)) * 2:
        tied = does(tied, _new_beside(cutting, tied, ties, limits, kinds), to)
    return tied


def _new_beside(
    cutting: Cutting, tied: Cutting, ties: tuple[Tie, ...], limits: Limits, kinds: frozenset[FaultKind]
) -> list[Fault]:
    """Grave faults of some kinds beside ties, where there was none of them before."""
    before = shapely.points(np.array([fault.where for fault in cutting.faults(limits)
                                      if fault.kind in kinds and fault.grave]).reshape(-1, 2))
    shapes, reach = shapely.union_all([tie.shape for tie in ties]), max(limits.web, limits.opening)
    openings, scrap = shapely.get_parts(tied.openings), max(ties[0].width, limits.opening) ** 2
    return [fault for fault in tied.faults(limits)
            if fault.grave and fault.kind in kinds and fault.length <= _BESIDE * ties[0].width
            and shapely.distance(shapes, Point(fault.where)) <= reach + ties[0].width / 2
            and (not len(before) or shapely.distance(before, Point(fault.where)).min() > reach)
            and not (fault.kind == "opening" and fault.alone and _part_at(openings, fault).area > scrap)]


def _part_at(openings: NDArray[np.object_], fault: Fault) -> Polygon:
    """The opening that a fault lies in: one that is thin all over may be a whole letter, and no scrap."""
    part: Polygon = openings[int(shapely.distance(openings, Point(fault.where)).argmin())]
    return part
