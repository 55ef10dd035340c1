"""A shorter evening from one that is known: tasks change places in the hands' sequence, and all times follow.

With the sequence given, the earliest times are those of a simple temporal network (R. Dechter, I. Meiri and J. Pearl,
*Temporal constraint networks*, Artificial Intelligence 49, 1991): a wait that would be too long draws the task before
it later. Sequences are searched by simulated annealing (S. Kirkpatrick, C. D. Gelatt and M. P. Vecchi, Science 220,
1983).
"""

from collections.abc import Sequence
from math import exp, inf
from random import Random

from msgspec.structs import replace

from vitrograph.core.work.evening.chains import Evening, Slot, Task
from vitrograph.core.work.evening.setting import Setting

_WARM = 0.02                       # of the evening: how much longer one may be that is still gone on from, at first
_CHANGED = 0.3                     # moves in which two glasses change their times
_ALONE = 0.2                       # moves of one node; the others move a glass by a while, s
_SHIFTS = (30.0, 120.0, 600.0)
_EPS = 1e-6
_TURNS = 200                       # of raising times, after which a sequence is given up


class _Line:
    """The slots of an evening as a line of nodes that is put in other sequences."""

    def __init__(self, setting: Setting, slots: Sequence[Slot]) -> None:
        self.setting = setting
        self.begin = max(setting.now, setting.busy)
        self.nodes = sorted(slots)
        many = range(len(self.nodes))
        self.tasks: list[Task] = [setting.chains[slot.glass].tasks[slot.task] for slot in self.nodes]
        self.seconds = [slot.end - slot.start for slot in self.nodes]
        self.before: list[int | None] = [None] * len(self.nodes)
        self.after: list[int | None] = [None] * len(self.nodes)
        last: dict[int, int] = {}
        for at in many:
            glass = self.nodes[at].glass
            if glass in last:
                self.before[at], self.after[last[glass]] = last[glass], at
            last[glass] = at
        lags = [self._lags(at) for at in many]
        self._least = [least for least, _ in lags]
        self._timed = [(at, before, lags[at][1] + 2 * _EPS) for at in reversed(many)
                       if (before := self.before[at]) is not None and lags[at][1] < inf]
        firsts = [self._first_of(at) for at in many]
        self._first = [first for first, _ in firsts]
        self._due = [(at, due + _EPS) for at, (_, due) in enumerate(firsts) if due < inf]
        places = [self._places_at(at) for at in many]
        self._places = {at: taken for at, taken in enumerate(places) if taken}

    def _lags(self, at: int) -> tuple[float, float]:
        """How long after the start of the node before it, of its glass, it begins: at least and at most."""
        before, task = self.before[at], self.tasks[at]
        if before is None:
            return 0.0, inf
        if self.nodes[before].task == self.nodes[at].task:                 # the next part of one that was put down
            return self.seconds[before], inf
        return task.earliest(0.0, self.seconds[before]), task.latest(0.0, self.seconds[before])

    def _first_of(self, at: int) -> tuple[float, float]:
        """From when to when it may begin, by the clock."""
        if self.before[at] is not None:
            return self.begin, inf
        stand = self.setting.stands[self.nodes[at].glass]
        return (max(self.begin, self.tasks[at].earliest(stand.start, stand.end)),
                max(self.begin, self.tasks[at].latest(stand.start, stand.end)))

    def times(self, order: Sequence[int], most: float) -> list[float] | None:
        """The earliest starts of nodes done in an order; None where a window is missed, or all takes longer."""
        starts, seconds, before, least = self._first.copy(), self.seconds, self.before, self._least
        for _ in range(_TURNS):
            free = self.begin
            for at in order:
                begin, last = starts[at], before[at]
                if last is not None and starts[last] + least[at] > begin:
                    begin = starts[last] + least[at]
                if seconds[at] > 0:
                    if free > begin:
                        begin = free
                    free = begin + seconds[at]
                starts[at] = begin
            if free > most or any(starts[at] > due for at, due in self._due):
                return None
            drawn = False
            for at, last, wait in self._timed:                # the last first: one draws the one before it along
                if starts[last] < starts[at] - wait:
                    starts[last] = starts[at] - wait + _EPS
                    drawn = True
            if not drawn:
                return starts
        return None

    def has_places(self, order: Sequence[int]) -> bool:
        """Whether there is a place for every glass that needs one, when tasks are done in an order."""
        many, most, places = 0, self.setting.places, self._places
        for at in order:
            if at in places:
                many += places[at]
                if many > most:
                    return False
        return True

    def _places_at(self, at: int) -> int:
        """How many places a node takes, or gives back."""
        node = self.nodes[at]
        return sum((node.task == first) - (node.task == last)
                   for first, last in self.setting.chains[node.glass].places)

    def moved(self, order: list[int], starts: list[float], chance: Random) -> list[int]:
        """An order in which one node, or all of a glass from one node on, stands somewhere else."""
        if chance.random() < _ALONE:
            return self._with_one_moved(order, chance)
        shifted = list(starts)
        node, other = chance.choice(order), chance.choice(order)
        if self.nodes[node].glass != self.nodes[other].glass and chance.random() < _CHANGED:
            by = starts[other] - starts[node]
            self._shift(shifted, other, -by)
        else:
            by = chance.gauss(0.0, 1.0) * chance.choice(_SHIFTS)
        self._shift(shifted, node, by)
        return sorted(order, key=shifted.__getitem__)

    def _shift(self, starts: list[float], node: int, by: float) -> None:
        """Shift a node and those of its glass after it, as far as the one before it lets."""
        glass, before = self.nodes[node].glass, self.before[node]
        if before is not None:
            by = max(by, starts[before] - starts[node] + _EPS)
        for at in range(node, len(starts)):
            if self.nodes[at].glass == glass:
                starts[at] += by

    def _with_one_moved(self, order: list[int], chance: Random) -> list[int]:
        """An order with one node somewhere else between its glass's nodes before and after it."""
        at = chance.randrange(len(order))
        node = order[at]
        before, after = self.before[node], self.after[node]
        rest = order[:at] + order[at + 1:]
        low = rest.index(before) + 1 if before is not None else 0
        high = rest.index(after) if after is not None else len(rest)
        to = chance.randint(low, high) if chance.random() < 0.5 else min(max(at + chance.choice((-1, 1)), low), high)
        return [*rest[:to], node, *rest[to:]]


def shortened(setting: Setting, evening: Evening, work: int) -> Evening:
    """The evening, or a shorter one of the same slots in another sequence; `work` bounds how many nodes are timed."""
    line = _Line(setting, evening.slots)
    order = best = list(range(len(line.nodes)))
    if len(order) < 2 or evening.late:
        return evening
    length = shortest = evening.makespan
    chance, rounds = Random(len(order)), work // len(order)
    starts: list[float] | None = None
    now = [slot.start for slot in line.nodes]
    for number in range(rounds):
        if shortest <= evening.bound + 1.0:
            break
        warmth = _WARM * evening.makespan * (1.0 - number / rounds) ** 2
        tried = line.moved(order, now, chance)
        if not line.has_places(tried):
            continue
        found = line.times(tried, length + 10 * warmth)
        if found is None:
            continue
        ends = max(start + seconds for start, seconds in zip(found, line.seconds, strict=True))
        if ends <= length or chance.random() < exp((length - ends) / max(warmth, 1e-9)):
            order, length, now = tried, ends, found
            if ends < shortest - 1e-6:
                best, shortest, starts = tried, ends, found
    if starts is None:
        return evening
    slots = tuple(sorted(Slot(starts[at], starts[at] + line.seconds[at], line.nodes[at].glass, line.nodes[at].task)
                         for at in best))
    return replace(evening, slots=slots, makespan=shortest)
