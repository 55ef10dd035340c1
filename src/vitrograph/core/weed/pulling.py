"""How one opening is pulled: where to hook it, which way to draw it off, what to hold down, and what could go wrong.

The rules are common practice, no published source: hook a corner that is away from thin film; draw it low, into the
opening and never through a web that is too thin; hold the thinnest film beside it, or what stands in it.
"""

from collections.abc import Sequence
from itertools import combinations
from math import atan2, tau
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import LinearRing, Polygon

from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import Fault, Sheet

Risk = Literal["low", "some", "high"]

HOOK_MM2 = 12.0                    # a smaller bit is lifted with the hook, from a corner
SURROUNDS = 3                      # parts: film round so many must not take them along
_THIN = ("web", "near", "needle", "island")     # an island that is told gravely is thin all over
_WAYS = 48                         # directions that are looked at
_PLAIN_MM = 0.05                   # corners are told on the outline without finer detail
_CORNER = np.radians(50)           # a turn that can be hooked
_BESIDE = 1.5                      # limits: thin film so near to an opening is beside it
_HOOKS = 8                         # corners that are tried, those farthest from thin film first
_ENOUGH_MM = 3.0                   # away from thin film is far enough
_HIGH = 0.75                       # of the limit: thinner film tears
_LEAST_REACH_MM = 3.0
_TOUCH_MM = 1e-6


class Pull(Struct, frozen=True):
    """Hook (mm), direction (radians from the sheet's x axis; None: straight up), what to hold (mm), risk and why."""

    hook: tuple[float, float]
    direction: float | None
    hold: tuple[float, float] | None
    risk: Risk
    why: Says | str


class ThinFilm:
    """The thin film of a sheet that pulls must keep off: webs and islands under the limit, for all its openings."""

    def __init__(self, sheet: Sheet, faults: Sequence[Fault]) -> None:
        self.webs = [fault for fault in faults if fault.kind in _THIN and fault.grave]
        self.lines = np.array([fault.shape for fault in self.webs], dtype=object)
        self.tree = shapely.STRtree(self.lines)
        self.openings = shapely.STRtree(shapely.get_parts(sheet.openings))
        self.limit = max((web.limit for web in self.webs), default=0.0)

    def beside(self, parts: NDArray[np.object_]) -> list[list[Fault]]:
        """The webs that each part borders on."""
        found: list[list[Fault]] = [[] for _ in parts]
        if self.webs:
            near = self.tree.query(parts, predicate="dwithin", distance=_BESIDE * self.limit)
            for part, web in sorted(near.T.tolist()):
                found[part].append(self.webs[web])
        return found

    def between(self) -> set[tuple[int, int]]:
        """The pairs of openings, by their numbers, that have thin film between them."""
        spots = shapely.points([web.where for web in self.webs]) if self.webs else np.array([])
        if not len(spots):
            return set()
        near = self.openings.query(spots, predicate="dwithin", distance=[web.value for web in self.webs])
        beside: dict[int, list[int]] = {}
        for web, opening in near.T.tolist():
            beside.setdefault(web, []).append(opening)
        return {pair for openings in beside.values() for pair in combinations(sorted(openings), 2)}

    def room(self, places: Points, numbers: NDArray[np.intp]) -> NDArray[np.float64]:
        """How far places on openings of those numbers are from thin film, or from the next opening, mm."""
        points = shapely.points(places)
        away = np.full(len(places), _ENOUGH_MM)
        if self.webs:
            at, found = self.tree.query_nearest(points, max_distance=_ENOUGH_MM, return_distance=True,
                                                all_matches=False)
            away[at[0]] = np.minimum(away[at[0]], found)
        near = self.openings.query(points, predicate="dwithin", distance=_ENOUGH_MM)
        others = near[1] != numbers[near[0]]
        gaps = shapely.distance(points[near[0][others]], self.openings.geometries[near[1][others]])
        np.minimum.at(away, near[0][others], gaps)
        return away

    def are_free(self, hooks: Points, ways: NDArray[np.float64], parts: NDArray[np.object_]) -> NDArray[np.bool_]:
        """Whether openings drawn off those ways from their hooks cross no web; one part and its hook may serve all."""
        free = np.ones(len(ways), dtype=bool)
        if self.webs:
            tips = hooks + _reach(parts)[:, None] * np.column_stack([np.cos(ways), np.sin(ways)])
            rays = shapely.linestrings(np.stack(np.broadcast_arrays(hooks, tips), axis=1))
            free[self.tree.query(rays, predicate="dwithin", distance=_TOUCH_MM)[0]] = False
        return free

    def free_way(self, hook: Points, part: Polygon, wanted: float) -> float | None:
        """The direction nearest to the wanted one in which no web is crossed; None where there is none."""
        ways = wanted + np.linspace(0, tau, _WAYS, endpoint=False)
        free = np.flatnonzero(self.are_free(hook, ways, np.array([part])))
        if not len(free):
            return None
        off = np.minimum(free, _WAYS - free)
        return _turned(float(ways[free[int(off.argmin())]]))


def _reach(parts: NDArray[np.object_]) -> NDArray[np.float64]:
    """How far openings are drawn off: as long as each is across, or a little farther, mm."""
    left, low, right, high = shapely.bounds(parts).T
    return np.asarray(np.maximum(np.hypot(right - left, high - low), _LEAST_REACH_MM))


def _turned(angle: float) -> float:
    return float((angle + tau / 2) % tau - tau / 2)


def pulls_of(parts: NDArray[np.object_], thin: ThinFilm) -> list[Pull]:
    """How each of the openings is pulled."""
    exteriors = shapely.get_exterior_ring(parts)
    plain = shapely.simplify(exteriors, _PLAIN_MM, preserve_topology=False)
    hooks = [_hooks(ring, exact) for ring, exact in zip(plain, exteriors, strict=True)]
    if not hooks:
        return []
    numbers = np.repeat(np.arange(len(parts)), [len(places) for places in hooks])
    room = thin.room(np.concatenate(hooks), numbers)
    ends = np.cumsum([0, *map(len, hooks)])
    hooks = [places[np.argsort(-room[ends[at]:ends[at + 1]], kind="stable")[:_HOOKS]]
             for at, places in enumerate(hooks)]
    ways = [_across(places[0], ring) for places, ring in zip(hooks, plain, strict=True)]
    free = thin.are_free(np.array([places[0] for places in hooks]), np.array(ways), parts)
    beside = thin.beside(parts)
    return [_pull_of(part, plain[at], hooks[at], ways[at] if free[at] else None, beside[at], thin)
            for at, part in enumerate(parts)]


def _across(hook: Points, ring: LinearRing) -> float:
    """The direction from a hook to the farthest place on an opening's edge."""
    edge = shapely.get_coordinates(ring)
    far = edge[int(((edge - hook) ** 2).sum(axis=1).argmax())] - hook
    return atan2(float(far[1]), float(far[0]))


def _pull_of(
    part: Polygon, ring: LinearRing, hooks: Points, way: float | None, beside: Sequence[Fault], thin: ThinFilm
) -> Pull:
    """How one opening is pulled, from the first of its hooks that has a free way; `way` is the first one's, if free."""
    hook = hooks[0]
    for place in hooks if way is None else ():
        way = thin.free_way(place, part, _across(place, ring))
        if way is not None:
            hook = place
            break
    risk, why = _risk(part, beside, way)
    return Pull((float(hook[0]), float(hook[1])), way, _hold(part, beside), risk, why)


def _hooks(plain: LinearRing, exterior: LinearRing) -> Points:
    """(n, 2) corners of an opening that a hook gets under; of one without corners, its outermost points.

    `plain` is its outline without finer detail.
    """
    ring = shapely.get_coordinates(plain)[:-1]
    if not exterior.is_ccw:
        ring = ring[::-1]
    ahead, behind = np.roll(ring, -1, axis=0) - ring, ring - np.roll(ring, 1, axis=0)
    turn = np.arctan2(behind[:, 0] * ahead[:, 1] - behind[:, 1] * ahead[:, 0], (ahead * behind).sum(axis=1))
    corners = ring[turn > _CORNER]                             # not those where the film comes to a point
    if len(corners):
        return np.asarray(corners)
    ways = np.linspace(0, tau, 8, endpoint=False)
    return np.asarray(ring[np.argmax(ring @ np.array([np.cos(ways), np.sin(ways)]), axis=0)])


def _hold(part: Polygon, beside: Sequence[Fault]) -> tuple[float, float] | None:
    """What a finger holds down: the thinnest film beside an opening, or the smallest island in it."""
    if beside:
        return _worst(beside).where
    if not part.interiors:
        return None
    smallest = min((Polygon(ring) for ring in part.interiors), key=lambda island: float(island.area))
    x, y = shapely.get_coordinates(shapely.point_on_surface(smallest))[0].tolist()
    return x, y


def _worst(beside: Sequence[Fault]) -> Fault:
    """The film that is the thinnest for its limit."""
    return min(beside, key=lambda fault: fault.value / fault.limit)


def _risk(part: Polygon, beside: Sequence[Fault], way: float | None) -> tuple[Risk, Says | str]:
    """How likely pulling takes something along, and the reason."""
    small = sum(Polygon(ring).area < HOOK_MM2 for ring in part.interiors)
    if beside:
        worst = _worst(beside)
        high = worst.value < _HIGH * worst.limit or way is None
        up = tr("; no way off it is free, so lift straight up") if way is None else ""
        why = Says("film {width} wide is beside it{up}", width=Length(worst.value, 2), up=up)
        return "high" if high else "some", why
    if small > SURROUNDS:
        return "high", tr("{small} small islands stand in it", small=small)
    if small:
        return "some", tr("a small island stands in it") if small == 1 else tr("{small} small islands stand in it",
                                                                               small=small)
    return "low", tr("it is small: lift it with the hook") if part.area < HOOK_MM2 else tr("nothing thin is near")
