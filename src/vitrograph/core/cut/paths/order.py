"""The order of cutting: closed rings, each after all that lies inside it, with little way between them.

It is a travelling salesman's way with a free start on every ring and an order in part: a first way by the nearest
neighbour is bettered by turning stretches round (2-opt: G. A. Croes, A method for solving traveling-salesman problems,
Operations Research 6, 1958), by moving one to three rings elsewhere (Or-opt: I. Or, 1976), and by choosing all starts
at once by dynamic programming, until nothing helps; then stretches are shaken loose and it is tried again.
"""

from collections.abc import Sequence
from typing import TYPE_CHECKING, Literal

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import Polygon

from vitrograph.core.cut.paths.ways import (
    Indices,
    Laid,
    Numbers,
    about_spot,
    apart,
    best_starts,
    middles_of,
    nearest_first,
    spots_of,
)
from vitrograph.core.geometry import Points

if TYPE_CHECKING:
    from numpy.random import Generator

_LONGEST = 3                       # rings moved together
_NEST = 4                          # rings inside one that is ordered together with them
_NEAR = 60                         # rings of a part of the way that is shaken
_SHAKES = 60                       # for a shaken way
_SHAKEN_RINGS = 6000               # of many rings it is shaken less: it takes as long to settle them at all
_LITTLE = 1e-9                     # mm: less is no gain

Effort = Literal["quick", "settled", "shaken"]
Place = tuple[float, float] | Points


def order_rings(
    rings: Sequence[Points], home: Place = (0.0, 0.0), effort: Effort = "settled", *, then: Place | None = None
) -> list[tuple[int, int]]:
    """Order closed (n, 2) rings: the number of each, and the vertex it is begun at; it ends there too.

    Each comes after all that lie inside it, and the way between them begins at `home` and ends there, or leads on to
    `then`. A `quick` one goes to the nearest each time, a `settled` one is bettered until nothing helps, a `shaken` one
    is then shaken loose and settled again, many times.
    """
    if not rings:
        return []
    around, ends = _inner_of(rings), np.array([home, home if then is None else then])
    if effort == "quick":
        way = _Way.begun(rings, ends, around)
    else:
        shakes = min(_SHAKES, _SHAKEN_RINGS // len(rings)) if effort == "shaken" else 0
        way = _settled(rings, ends, around, shakes)
    return list(zip(way.order.tolist(), way.finest_starts(rings), strict=True))


def _settled(rings: Sequence[Points], ends: Points, around: Indices, shakes: int) -> "_Way":
    nests = _nests(around)
    coarse = np.array(sorted(nests))
    number = np.full(len(rings) + 1, -1)                       # the last stands for no ring around
    number[coarse] = np.arange(len(coarse))
    way = _Way.begun([rings[at] for at in coarse], ends, number[around[coarse]])
    way.settle(set(range(len(coarse))))
    if len(coarse) > _LONGEST:
        _shaken(way, shakes)
    way = _Way.of(rings, ends, around, [one for at in coarse[way.order].tolist() for one in nests[at]])
    way.settle(set(range(len(rings))))
    return way


def _nests(around: Indices) -> dict[int, list[int]]:
    """Rings with few inside them, together with those, insides first; other rings by themselves.

    While the order is looked for in the large a letter is one with its counters: what must stay behind each other keeps
    a stretch from being turned round.
    """
    inside: dict[int, list[int]] = {at: [] for at in range(len(around))}
    for at, outer in enumerate(around.tolist()):
        while outer >= 0:
            inside[outer].append(at)
            outer = int(around[outer])
    depth = {at: len(rings) for at, rings in inside.items()}
    small = {at for at, rings in inside.items() if len(rings) <= _NEST}
    return {at: [*sorted(inside[at] if at in small else [], key=depth.__getitem__), at]
            for at, outer in enumerate(around.tolist()) if outer not in small}


def begun_at(ring: Points, start: int) -> Points:
    """A closed ring begun, and ended, at one of its vertices."""
    return np.concatenate([ring[start:-1], ring[: start + 1]])


class _Way(Struct):
    """A way over all rings: their `order`, and for each ring the spot it is begun at.

    `spots` is (n, k, 2), places on each ring, about its middle as far as its reach; `inside` tells of each ring those
    that must come before it, `around` the one that must come after it, -1 where none does. Only rings directly inside
    each other are told. The way leads from the first of `ends` to the second.
    """

    order: Indices
    spots: Points
    middles: Points
    reaches: Numbers
    chosen: Points
    ends: Points
    inside: list[Indices]
    around: Indices

    @classmethod
    def begun(cls, rings: Sequence[Points], ends: Points, around: Indices) -> "_Way":
        """By the nearest neighbour."""
        way = cls._over(rings, ends, around, range(len(rings)))
        way.order, way.chosen = nearest_first(way.spots, (way.middles, way.reaches), way.ends[0], way.inside,
                                               around)
        return way

    @classmethod
    def of(cls, rings: Sequence[Points], ends: Points, around: Indices, order: Sequence[int]) -> "_Way":
        """In an order, each begun where it is best."""
        way = cls._over(rings, ends, around, order)
        way.choose_starts()
        return way

    @classmethod
    def _over(cls, rings: Sequence[Points], ends: Points, around: Indices, order: Sequence[int]) -> "_Way":
        """In an order, each begun at its first spot."""
        spots = np.stack([spots_of(ring) for ring in rings])
        inside = [np.flatnonzero(around == at) for at in range(len(rings))]
        return cls(np.array(order), spots, *middles_of(spots), spots[:, 0].copy(), ends, inside, around)

    def part(self, first: int, after: int) -> tuple["_Way", Indices]:
        """The way from one place up to another, as a way of its own, and the numbers its rings have here."""
        which, stops = self.order[first:after].copy(), self.stops
        number = np.full(len(self.order) + 1, -1)
        number[which] = np.arange(len(which))
        around = number[self.around[which]]
        inside = [np.flatnonzero(around == at) for at in range(len(which))]
        ends = stops[[first, first + len(which) + 1]]
        part = _Way(np.arange(len(which)), self.spots[which], self.middles[which], self.reaches[which],
                    self.chosen[which], ends, inside, around)
        return part, which

    @property
    def stops(self) -> Points:
        """(n + 2, 2): the starts in order, between the way's ends."""
        return np.concatenate([self.ends[:1], self.chosen[self.order], self.ends[1:]])

    @property
    def length(self) -> float:
        """Of the way with the blade up, mm."""
        steps = np.diff(self.stops, axis=0)
        return float(np.hypot(steps[:, 0], steps[:, 1]).sum())

    def settle(self, restless: set[int]) -> None:
        """Better it until nothing helps, by moving rings that are restless: they, or those beside them, were moved."""
        length = np.inf
        while self.length < length - 1e-6:
            length = self.length
            restless |= self.turn_stretches()
            restless = self.move_rings(restless)
            self.choose_starts()

    def choose_starts(self) -> None:
        """The best starts for this order, all at once."""
        self.chosen[self.order] = best_starts(self.spots[self.order], self.ends)

    def finest_starts(self, rings: Sequence[Points]) -> list[int]:
        """The vertex each ring is begun at, in order: the best of those about its spot."""
        which = np.stack([about_spot(rings[at], self.chosen[at]) for at in self.order.tolist()])
        spots = np.stack([rings[at][numbers] for at, numbers in zip(self.order.tolist(), which, strict=True)])
        best = best_starts(spots, self.ends)
        at = (spots == best[:, None]).all(axis=2).argmax(axis=1)
        return [int(number) for number in which[np.arange(len(which)), at]]

    def _places(self) -> Indices:
        places = np.empty(len(self.order), dtype=np.intp)
        places[self.order] = np.arange(len(self.order))
        return places

    def turn_stretches(self) -> set[int]:
        """Turn stretches of the order round while that makes it shorter, and no ring comes before one inside it.

        Returned are the rings at the ends of those that were turned.
        """
        turned: set[int] = set()
        while True:
            stops = self.stops
            gaps = apart(stops, stops)
            steps = np.diagonal(gaps, 1)
            gain = gaps[:-2, 1:-1] + gaps[1:-1, 2:] - steps[:-1, None] - steps[None, 1:]
            number = np.arange(len(self.order))
            allowed = (number[None] > number[:, None]) & (number[None] < self._reach()[:, None])
            gain = np.where(allowed, gain, 0.0)
            ends = self._turned_by(gain)
            if not ends:
                return turned
            turned |= ends

    def _reach(self) -> Indices:
        """For each place the first after it up to which a stretch from there may not be turned round."""
        many = len(self.order)
        places = np.append(self._places(), many)               # whatever lies in none comes after all
        outer = places[self.around[self.order]]
        return np.minimum.accumulate(outer[::-1])[::-1]

    def _turned_by(self, gain: Numbers) -> set[int]:
        """Turn the stretches that gain most, of those that do not meet; the rings at their ends, and beside those."""
        ends: set[int] = set()
        worth = np.flatnonzero(gain < -_LITTLE)
        worth = worth[np.argsort(gain.ravel()[worth], kind="stable")][:200]
        taken = np.zeros(len(self.order) + 2, dtype=bool)
        for first, last in zip(*np.divmod(worth, gain.shape[1]), strict=True):
            if not taken[first: last + 3].any():
                taken[first: last + 3] = True
                self.order[first: last + 1] = self.order[first: last + 1][::-1].copy()
                ends |= self.about(first, last + 1)
        return ends

    def about(self, first: int, after: int) -> set[int]:
        """The rings at the ends of a stretch, and those beside it."""
        return {*self.order[max(first - 1, 0): first + 2].tolist(), *self.order[max(after - 2, 0): after + 1].tolist()}

    def move_rings(self, which: set[int]) -> set[int]:
        """Move stretches of one to three rings, begun by these, to where they cost least; one may begin anywhere.

        Returned are those that were moved, and their neighbours before and after.
        """
        moved: set[int] = set()
        laid = Laid.of(self.stops, self._places())
        for ring in sorted(which):
            for many in range(1, _LONGEST + 1):
                if found := self._move(ring, many, laid):
                    moved |= found
                    laid = Laid.of(self.stops, self._places())
        return moved

    def _move(self, ring: int, many: int, laid: Laid) -> set[int]:
        at = int(laid.places[ring])
        moved = self.order[at: at + many]
        if len(moved) < many:
            return set()
        low, high = self._room_for(moved, at, laid.places)
        before = laid.cost_there(at, many)
        spots, turned = self.spots[ring], many > 1 and self._may_turn(moved)
        best, put, spot = before - _LITTLE, moved, -1
        to = -1
        for first, after, off in ((low, min(at, high + 1), 0), (max(at + 1, low) + many, high + 1 + many, many)):
            if first >= after:
                continue
            if many == 1:
                about = self.middles[ring], float(self.reaches[ring])
                cost, gap, which = laid.cheapest_of(spots, about, first, after, best)
            else:
                cost, gap, which = laid.cheapest(self.chosen[moved[0]], self.chosen[moved[-1]], first, after, turned)
            if cost < best:
                best, to, spot = cost, gap - off, which
                put = moved[::-1] if many > 1 and which else moved
        if to < 0:
            return set()
        if many == 1:
            self.chosen[ring] = spots[spot]
        left = self.about(at, at + many)
        rest = np.concatenate([self.order[:at], self.order[at + many:]])
        self.order = np.concatenate([rest[:to], put, rest[to:]])
        return left | self.about(to, to + many)

    def _room_for(self, moved: Indices, at: int, places: Indices) -> tuple[int, int]:
        """Between which places of the rest a stretch may go: after all that lies inside it, before what is around."""
        many, last = len(moved), len(places)
        inside = [place for one in moved.tolist() for place in places[self.inside[one]].tolist() if place < at]
        outer = [int(places[one]) - many for one in self.around[moved].tolist() if one >= 0]
        return max(inside, default=-1) + 1, min([place for place in outer if place >= at], default=last - many)

    def _may_turn(self, moved: Indices) -> bool:
        return not set(self.around[moved].tolist()) & set(moved.tolist())


def _shaken(way: _Way, many: int) -> None:
    """Change stretches near each other about, settle that, and keep it where it is shorter; so many times.

    It is done in parts of the way that overlap, so that a shake takes as long however many rings there are.
    """
    chance = np.random.default_rng(len(way.order))             # the same rings are always cut in the same order
    firsts = range(0, max(1, len(way.order) - _NEAR), _NEAR // 2)
    for number, first in enumerate(firsts):
        part, which = way.part(first, first + _NEAR)
        for _ in range(many * (number + 1) // len(firsts) - many * number // len(firsts)):
            _shake(part, chance)
        way.order[first: first + _NEAR], way.chosen[which] = which[part.order], part.chosen
    way.choose_starts()


def _shake(way: _Way, chance: "Generator") -> None:
    """Change the way, and change it back where it is no shorter once it has settled."""
    before = way.length, way.order.copy(), way.chosen.copy()
    way.settle(_exchange(way, chance))
    if way.length > before[0] - 1e-6:
        _, way.order, way.chosen = before


def _exchange(way: _Way, chance: "Generator") -> set[int]:
    """Exchange two stretches that follow each other, where that may be done; the rings at their ends."""
    many = len(way.order)
    first = int(chance.integers(0, many - 1))
    middle, last = np.sort(chance.integers(first + 1, many + 1, 2)).tolist()
    one, other = way.order[first:middle], way.order[middle:last]
    if not len(other) or set(way.around[one].tolist()) & set(other.tolist()):
        return set()                                           # what lies inside would come after what is around it
    way.order[first:last] = np.concatenate([other, one])
    return way.about(first, last) | way.about(first + len(other), first + len(other))


def _inner_of(rings: Sequence[Points]) -> Indices:
    """For each ring the number of the one directly around it, or -1; rings never cross, so a point tells."""
    areas = np.array([Polygon(ring) for ring in rings])
    size, spots = shapely.area(areas), shapely.point_on_surface(areas)
    inner, outer = shapely.STRtree(areas).query(spots, predicate="within")
    real = size[inner] < size[outer]
    inner, outer = inner[real], outer[real]
    by_size = np.argsort(-size[outer], kind="stable")          # the smallest is told last
    around = np.full(len(rings), -1)
    around[inner[by_size]] = outer[by_size]
    return around
