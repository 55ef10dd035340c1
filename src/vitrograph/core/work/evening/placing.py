"""Placing tasks in the time of one pair of hands: gaps, and blocks whose waits have a least and a most.

A block is placed exactly: the starts that each of its tasks may have are carried on as intervals, one task after the
other, and the earliest end is then followed back.
"""

from bisect import bisect_left, insort
from itertools import pairwise
from math import inf

from vitrograph.core.work.evening.chains import Task

Interval = tuple[float, float]

_LEAST_PART = 60.0                 # seconds for which it is worth taking up a task that can be put down again
_EPS = 1e-6


class Hands:
    """The time of one pair of hands: what is taken of it, from a time on."""

    def __init__(self, now: float = 0.0) -> None:
        self._taken: list[Interval] = [(-inf, now)]

    def take(self, start: float, end: float) -> None:
        """Take a stretch of it; stretches that touch become one."""
        if end - start < _EPS:
            return
        taken = self._taken
        at = bisect_left(taken, (start, end))
        if at > 0 and taken[at - 1][1] >= start - _EPS:
            at -= 1
            start, end = taken[at][0], max(end, taken[at][1])
            del taken[at]
        while at < len(taken) and taken[at][0] <= end + _EPS:
            end = max(end, taken[at][1])
            del taken[at]
        insort(taken, (start, end))

    def starts(self, first: float, last: float, seconds: float) -> list[Interval]:
        """The times, as intervals, from a first to a last one, at which a task of so many seconds may begin.

        One that takes no time of the hands may begin at any.
        """
        if seconds <= 0:
            return [(first, last)] if first <= last else []
        taken = self._taken
        at = max(0, bisect_left(taken, (first, -inf)) - 1)
        found = []
        while at < len(taken):
            low = max(first, taken[at][1])
            if low > last:
                break
            high = min(last, (taken[at + 1][0] if at + 1 < len(taken) else inf) - seconds)
            if high >= low - _EPS:
                found.append((low, max(low, high)))
            at += 1
        return found

    def parts(self, first: float, seconds: float) -> list[Interval]:
        """The earliest stretches in which a task that may be put down is done."""
        taken, at, left, found = self._taken, 0, seconds, []
        at = max(0, bisect_left(taken, (first, -inf)) - 1)
        while True:
            low = max(first, taken[at][1])
            high = taken[at + 1][0] if at + 1 < len(taken) else inf
            if high - low >= min(left, _LEAST_PART) - _EPS:
                found.append((low, min(high, low + left)))
                left -= found[-1][1] - low
                if left <= _EPS:
                    return found
            at += 1


def place_block(hands: Hands, tasks: tuple[Task, ...], first: float, last: float = inf) -> list[float] | None:
    """The starts of a block's tasks such that it ends the earliest; None where there are none.

    Its first task begins from `first` to `last`.
    """
    levels = [hands.starts(first, last, tasks[0].seconds)]
    for before, task in pairwise(tasks):
        least, most = _lag(before, task)
        levels.append(_joined([one for low, high in levels[-1]
                               for one in hands.starts(low + least, high + most, task.seconds)]))
        if not levels[-1]:
            return None
    if not levels[0]:
        return None
    starts = [levels[-1][0][0]]
    for number in range(len(tasks) - 1, 0, -1):
        least, most = _lag(tasks[number - 1], tasks[number])
        starts.append(_nearest(levels[number - 1], starts[-1] - most, starts[-1] - least,
                               starts[-1] - _meant(tasks[number - 1], tasks[number])))
    return starts[::-1]


def _lag(before: Task, task: Task) -> Interval:
    """How long after the start of the one before a task may begin."""
    return task.earliest(0.0, before.seconds), task.latest(0.0, before.seconds)


def _meant(before: Task, task: Task) -> float:
    return max(before.seconds, task.planned + (0.0 if task.from_start else before.seconds))


def _nearest(starts: list[Interval], low: float, high: float, wanted: float) -> float:
    """Of starts within limits the one nearest to a wanted one."""
    inside = [(max(low, a), min(high, b)) for a, b in starts if a <= high + _EPS and b >= low - _EPS]
    found = [min(max(wanted, a), b) for a, b in inside]
    return min(found, key=lambda start: abs(start - wanted))


def _joined(intervals: list[Interval]) -> list[Interval]:
    """Intervals in order, those that overlap as one."""
    joined: list[Interval] = []
    for low, high in sorted(intervals):
        if joined and low <= joined[-1][1] + _EPS:
            joined[-1] = (joined[-1][0], max(high, joined[-1][1]))
        else:
            joined.append((low, high))
    return joined
