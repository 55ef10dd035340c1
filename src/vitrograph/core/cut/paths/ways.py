"""Ways between places on rings: the nearest each time, the best places for an order, and where to put a stretch."""

from math import hypot, inf

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Points

SPOTS = 16                         # places of a ring that are tried as its start while the order is looked for
_FINE = 6                          # places on each side of one that are tried at the end

Numbers = NDArray[np.float64]
Indices = NDArray[np.intp]


def spots_of(ring: Points) -> Points:
    """Places on a ring, evenly by their number; those of a smaller one more than once."""
    return ring[np.linspace(0, len(ring) - 1, SPOTS + 1)[:-1].astype(np.intp)]


def middles_of(spots: Points) -> tuple[Points, Numbers]:
    """The middles of rings by their (n, k, 2) spots, and how far from those the spots lie at most."""
    middles = spots.mean(axis=1)
    return middles, np.sqrt(((spots - middles[:, None]) ** 2).sum(axis=2)).max(axis=1)


def about_spot(ring: Points, spot: Points) -> Indices:
    """Numbers of the vertices of a ring about one of its spots, as far as the next spots."""
    many = len(ring) - 1
    at = int(((ring[:-1] - spot) ** 2).sum(axis=1).argmin())
    reach = many / SPOTS
    return np.linspace(at - reach, at + reach, 2 * _FINE + 1).round().astype(np.intp) % many


def nearest_first(
    spots: Points, about: tuple[Points, Numbers], home: Points, inside: list[Indices], around: Indices
) -> tuple[Indices, Points]:
    """An order by the nearest spot each time, and that spot of each ring; `about` are their middles and reaches."""
    waiting = np.array([len(rings) for rings in inside])
    done = np.zeros(len(spots), dtype=bool)
    order, chosen, at = [], np.empty((len(spots), 2)), home
    middles, reaches = about
    for _ in range(len(spots)):
        off = np.sqrt(((middles - at) ** 2).sum(axis=1))
        off[done | (waiting > 0)] = np.inf
        near = np.flatnonzero(off - reaches <= (off + reaches).min())        # none of the others has a nearer spot
        gaps = ((spots[near] - at) ** 2).sum(axis=2)
        which, spot = divmod(int(gaps.argmin()), spots.shape[1])
        ring = int(near[which])
        at = chosen[ring] = spots[ring, spot]
        done[ring] = True
        order.append(ring)
        if around[ring] >= 0:
            waiting[around[ring]] -= 1
    return np.array(order), chosen


def best_starts(spots: Points, ends: Points) -> Points:
    """Of (n, k, 2) spots, ring after ring, the one of each that makes the way between its two ends shortest."""
    cost = np.hypot(*(spots[0] - ends[0]).T)
    came = np.empty(spots.shape[:2], dtype=np.intp)
    steps = spots[1:, None] - spots[:-1, :, None]              # (n - 1, k, k, 2): from, to
    apart = np.sqrt(steps[..., 0] ** 2 + steps[..., 1] ** 2)
    for at, step in enumerate(apart, start=1):
        total = cost[:, None] + step
        came[at] = total.argmin(axis=0)
        cost = total[came[at], np.arange(len(cost))]
    last = int((cost + np.hypot(*(spots[-1] - ends[1]).T)).argmin())
    taken = [last]
    for at in range(len(spots) - 1, 0, -1):
        taken.append(int(came[at, taken[-1]]))
    return np.asarray(spots[np.arange(len(spots)), taken[::-1]])


def apart(one: Points, other: Points) -> Numbers:
    """(n, m) distances."""
    across, up = one[:, None, 0] - other[None, :, 0], one[:, None, 1] - other[None, :, 1]
    return np.asarray(np.sqrt(across * across + up * up))


class Laid(Struct, frozen=True):
    """A way as it lies: the place of each ring, the columns of its stops, and the steps between those."""

    places: Indices
    x: Numbers
    y: Numbers
    steps: Numbers

    @classmethod
    def of(cls, stops: Points, places: Indices) -> "Laid":
        """By its (n + 2, 2) stops, between its two ends."""
        x, y = np.ascontiguousarray(stops.T)
        across, up = np.diff(x), np.diff(y)
        return cls(places, x, y, np.sqrt(across * across + up * up))

    def _off(self, spot: Points, first: int, after: int) -> Numbers:
        """How far the stops about the gaps from one up to another are from a spot."""
        across, up = self.x[first: after + 1] - spot[0], self.y[first: after + 1] - spot[1]
        return np.asarray(np.sqrt(across * across + up * up))

    def cost_there(self, at: int, many: int) -> float:
        """What a stretch costs where it is, beside its own inner way."""
        joined = hypot(self.x[at + many + 1] - self.x[at], self.y[at + many + 1] - self.y[at])
        return float(self.steps[at] + self.steps[at + many]) - joined

    def cheapest(self, start: Points, end: Points, first: int, after: int, turned: bool) -> tuple[float, int, int]:
        """The least that a stretch would cost in a gap, that gap, and 1 where it is turned round for it."""
        here, there = self._off(start, first, after), self._off(end, first, after)
        ways = [here[:-1] + there[1:], there[:-1] + here[1:]] if turned else [here[:-1] + there[1:]]
        costs = [way - self.steps[first:after] for way in ways]
        gaps = [int(cost.argmin()) for cost in costs]
        least = [float(cost[gap]) for cost, gap in zip(costs, gaps, strict=True)]
        which = least.index(min(least))
        return least[which], first + gaps[which], which

    def cheapest_of(
        self, spots: Points, about: tuple[Points, float], first: int, after: int, best: float
    ) -> tuple[float, int, int]:
        """The least that a ring would cost in a gap if that is under the best, that gap, and the number of its spot.

        By the ring's middle and its reach it is seen which gaps may be worth a look at its spots.
        """
        middle, reach = about
        off = self._off(middle, first, after)
        near = first + np.flatnonzero(off[:-1] + off[1:] - self.steps[first:after] - 2 * reach < best)
        if not len(near):
            return inf, -1, -1
        before, behind = (np.column_stack([self.x[at], self.y[at]]) for at in (near, near + 1))
        cost = apart(spots, before) + apart(spots, behind) - self.steps[near]
        spot, gap = divmod(int(cost.argmin()), len(near))
        return float(cost[spot, gap]), int(near[gap]), spot
