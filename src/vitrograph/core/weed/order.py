"""The order of weeding: large before small, safe before near, and near next.

Openings go in three sizes, the large ones first. Of two with thin film between them the larger goes first: the later
one is pulled along film that is already free at its other side, and a small one pulls less. Within a size the way from
hook to hook is the shortest that keeps to that: exactly so for few openings, by insertion for more.
"""

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from vitrograph.core.geometry import Points

SIZES_MM2 = (12.0, 150.0)          # small, middling, large (common practice, no published source)
_EXACT = 7                         # openings of one size that are ordered exactly
_ROUNDS = 30                       # of moving single openings, at most

Pair = tuple[int, int]


def weeding_order(spots: Points, areas: NDArray[np.float64], webs: Sequence[Pair], start: Points) -> list[int]:
    """The order of openings by their numbers, from a place where the hand begins.

    `spots` are (n, 2), `areas` mm²; `webs` are pairs that have thin film between them, whichever way round.
    """
    before: dict[int, set[int]] = {at: set() for at in range(len(spots))}
    for one, other in webs:
        first, second = sorted((one, other), key=lambda at: (-areas[at], at))
        before[second].add(first)
    order: list[int] = []
    here = start
    for size in (2, 1, 0):
        group = [at for at in range(len(spots)) if int(np.searchsorted(SIZES_MM2, areas[at], side="right")) == size]
        if not group:
            continue
        order += _shortest(group, spots, before, here)
        here = spots[order[-1]]
    return order


def way_length(order: Sequence[int], spots: Points, start: Points) -> float:
    """How far the hand goes in an order, mm."""
    places = np.concatenate([np.asarray(start)[None], spots[list(order)]])
    return float(np.hypot(*np.diff(places, axis=0).T).sum())


def _shortest(group: list[int], spots: Points, before: dict[int, set[int]], start: Points) -> list[int]:
    inside = {at: before[at] & set(group) for at in group}
    if len(group) <= _EXACT:
        return _exactly(group, spots, inside, start)
    return _improved(_greedy(group, spots, inside, start), spots, inside, start)


def _exactly(group: list[int], spots: Points, before: dict[int, set[int]], start: Points) -> list[int]:
    """The shortest way through all, none before those that go before it (M. Held and R. M. Karp, J. SIAM 10, 1962)."""
    many = len(group)
    places = spots[group]
    between = np.hypot(*(places[:, None] - places[None]).transpose(2, 0, 1))
    first = np.hypot(*(places - start).T)
    needs = [sum(1 << group.index(at) for at in before[one]) for one in group]
    best: dict[tuple[int, int], tuple[float, int]] = {
        (1 << at, at): (float(first[at]), -1) for at in range(many) if not needs[at]}
    for done in range(1, 1 << many):
        for last in range(many):
            if (done, last) not in best:
                continue
            far, _ = best[done, last]
            for one in range(many):
                if done >> one & 1 or needs[one] & ~done:
                    continue
                way = far + float(between[last, one])
                key = (done | 1 << one, one)
                if key not in best or way < best[key][0] - 1e-12:
                    best[key] = (way, last)
    done = (1 << many) - 1
    last = min((at for at in range(many) if (done, at) in best), key=lambda at: best[done, at][0])
    order = []
    while last >= 0:
        order.append(group[last])
        done, last = done & ~(1 << last), best[done, last][1]
    return order[::-1]


def _greedy(group: list[int], spots: Points, before: dict[int, set[int]], start: Points) -> list[int]:
    """Always the nearest that may go."""
    left, order, here = set(group), [], start
    while left:
        free = [at for at in sorted(left) if not before[at] & left]
        away = np.hypot(*(spots[free] - here).T)
        order.append(free[int(away.argmin())])
        left.remove(order[-1])
        here = spots[order[-1]]
    return order


def _improved(order: list[int], spots: Points, before: dict[int, set[int]], start: Points) -> list[int]:
    """The order with single openings moved to where they cost the least, until none gains."""
    after: dict[int, set[int]] = {at: set() for at in order}
    for one, others in before.items():
        for other in others:
            after[other].add(one)
    for _ in range(_ROUNDS):
        length = way_length(order, spots, start)
        for one in list(order):
            order = _moved(order, one, spots, before[one], after[one], start)
        if way_length(order, spots, start) > length - 1e-6:
            break
    return order


def _moved(order: list[int], one: int, spots: Points, before: set[int], after: set[int], start: Points) -> list[int]:
    rest = [at for at in order if at != one]
    low = max((rest.index(at) + 1 for at in before), default=0)
    high = min((rest.index(at) for at in after), default=len(rest))
    places = np.concatenate([start[None], spots[rest]])
    to = np.hypot(*(places - spots[one]).T)
    gap = np.append(np.hypot(*np.diff(places, axis=0).T), 0.0)
    more = to + np.append(to[1:], 0.0) - gap                   # set in after each place; the last has no next
    at = low + int(more[low:high + 1].argmin())
    return [*rest[:at], one, *rest[at:]]
