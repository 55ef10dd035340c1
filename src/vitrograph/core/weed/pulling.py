"""How one opening is pulled: where to hook it, which way to draw it off, what to hold down, and what could go wrong.

The rules are common practice, no published source: hook a corner that is away from thin film; draw it low, into the
opening and never through a web that is too thin; hold the thinnest film beside it, or what stands in it.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from math import atan2, tau
from typing import Literal

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import Polygon

from vitrograph.core.geometry import Points
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
_ENOUGH_MM = 6.0                   # away from thin film is far enough
_HIGH = 0.75                       # of the limit: thinner film tears
_LEAST_REACH_MM = 3.0


@dataclass(frozen=True, slots=True)
class Pull:
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

    def beside(self, part: Polygon) -> list[Fault]:
        """The webs that a part borders on."""
        if not self.webs:
            return []
        at = self.tree.query(part, predicate="dwithin", distance=_BESIDE * self.limit)
        return [self.webs[k] for k in sorted(at.tolist())]

    def room(self, places: Points, number: int) -> NDArray[np.float64]:
        """How far places on an opening are from thin film, or from the next opening, mm."""
        points = shapely.points(places)
        away = np.full(len(places), _ENOUGH_MM)
        if self.webs:
            at, found = self.tree.query_nearest(points, max_distance=_ENOUGH_MM, return_distance=True,
                                                all_matches=False)
            away[at[0]] = np.minimum(away[at[0]], found)
        near = self.openings.query(points, predicate="dwithin", distance=_ENOUGH_MM)
        others = near[1] != number
        gaps = shapely.distance(points[near[0][others]], self.openings.geometries[near[1][others]])
        np.minimum.at(away, near[0][others], gaps)
        return away

    def free_way(self, hook: Points, part: Polygon, wanted: float) -> float | None:
        """The direction nearest to the wanted one in which no web is crossed; None where there is none."""
        left, low, right, high = part.bounds
        reach = max(np.hypot(right - left, high - low), _LEAST_REACH_MM)
        ways = wanted + np.linspace(0, tau, _WAYS, endpoint=False)
        if not self.webs:
            return _turned(wanted)
        rays = shapely.linestrings(np.stack([np.broadcast_to(hook, (_WAYS, 2)),
                                             hook + reach * np.column_stack([np.cos(ways), np.sin(ways)])], axis=1))
        crossing = np.zeros(_WAYS, dtype=bool)
        crossing[self.tree.query(rays, predicate="dwithin", distance=1e-6)[0]] = True
        free = np.flatnonzero(~crossing)
        if not len(free):
            return None
        off = np.minimum(free, _WAYS - free)
        return _turned(float(ways[free[int(off.argmin())]]))


def _turned(angle: float) -> float:
    return float((angle + tau / 2) % tau - tau / 2)


def pull_of(part: Polygon, number: int, thin: ThinFilm) -> Pull:
    """How the opening of that number is pulled."""
    beside = thin.beside(part)
    hooks = _hooks(part)
    hooks = hooks[np.argsort(-thin.room(hooks, number), kind="stable")[:_HOOKS]]
    edge = shapely.get_coordinates(part.exterior)
    hook, way = hooks[0], None
    for place in hooks:
        far = edge[int(((edge - place) ** 2).sum(axis=1).argmax())]
        way = thin.free_way(place, part, atan2(*(far - place)[::-1]))
        if way is not None:
            hook = place
            break
    risk, why = _risk(part, beside, way)
    return Pull((float(hook[0]), float(hook[1])), way, _hold(part, beside), risk, why)


def _hooks(part: Polygon) -> Points:
    """(n, 2) corners of an opening that a hook gets under; of one without corners, its outermost points."""
    ring = shapely.get_coordinates(shapely.simplify(part.exterior, _PLAIN_MM))[:-1]
    if not part.exterior.is_ccw:
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
        return min(beside, key=lambda fault: fault.value / fault.limit).where
    if not part.interiors:
        return None
    smallest = min((Polygon(ring) for ring in part.interiors), key=lambda island: float(island.area))
    x, y = shapely.get_coordinates(shapely.point_on_surface(smallest))[0].tolist()
    return x, y


def _risk(part: Polygon, beside: Sequence[Fault], way: float | None) -> tuple[Risk, Says | str]:
    """How likely pulling takes something along, and the reason."""
    small = sum(Polygon(ring).area < HOOK_MM2 for ring in part.interiors)
    if beside:
        worst = min(beside, key=lambda fault: fault.value / fault.limit)
        high = worst.value < _HIGH * worst.limit or way is None
        up = "; no way off it is free, so lift straight up" if way is None else ""
        why = Says("film {width} wide is beside it{up}", width=Length(worst.value, 2), up=up)
        return "high" if high else "some", why
    if small > SURROUNDS:
        return "high", f"{small} small islands stand in it"
    if small:
        return "some", "a small island stands in it" if small == 1 else f"{small} small islands stand in it"
    return "low", "it is small: lift it with the hook" if part.area < HOOK_MM2 else "nothing thin is near"
