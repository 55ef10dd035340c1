"""Drawn evenings: how often a glass misses its window when hands are slow and somebody calls.

The hands keep to the plan's order, and to its waits where they can; a glass's clock is started no sooner after the
one before it than planned; weeding is put down when a clock calls. Every
evening has a pace of its own and every task luck of its own, each up to a fifth quicker or slower, all alike likely;
now and then, once an hour on the average, something takes the hands away for a while.
"""

from math import inf
from typing import TYPE_CHECKING

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.work.evening.chains import Begun, Evening, Slot, Task

if TYPE_CHECKING:
    from numpy.random import Generator

EVENINGS = 10_000
OFF = 0.2                          # of a task's time, either way: the evening's pace, and each task's luck
CALLS_S = 3600.0                   # of work, on the average, between interruptions
CALL_S = (15.0, 90.0)              # an interruption takes so long
_SEED = 1954

Times = NDArray[np.float64]


class Risk(Struct, frozen=True):
    """The share of glasses outside their window, also of each glass, and when all is done in 5, 50, 95 of 100."""

    late: float
    of_glass: tuple[float, ...]
    ends: tuple[float, float, float]


def risk_of(evening: Evening, begun: tuple[Begun, ...] = (), now: float = 0.0, many: int = EVENINGS) -> Risk:
    """Draw evenings that follow a plan, and count. The same for the same plan."""
    run = _Run(evening, begun, now, many)
    for number, slot in enumerate(evening.slots):
        run.do(number, slot)
    glasses = [float(run.late.get(glass, np.zeros(1)).mean()) for glass in range(len(evening.chains))]
    timed = [late for late, chain in zip(glasses, evening.chains, strict=True) if any(t.timed for t in chain.tasks)]
    low, middle, high = np.percentile(np.maximum(run.last, run.free + run.debt), (5, 50, 95)).tolist()
    return Risk(float(np.mean(timed)) if timed else 0.0, tuple(glasses), (low, middle, high))


class _Run:
    """Many evenings at once, each a row: where the hands are, and when each glass's last task began and ended."""

    def __init__(self, evening: Evening, begun: tuple[Begun, ...], now: float, many: int) -> None:
        chance = np.random.default_rng(_SEED)
        self.slots, self.chains, self.calls = evening.slots, evening.chains, _calls(evening)
        pace = chance.uniform(1 - OFF, 1 + OFF, many)
        self.seconds = [_drawn(slot.end - slot.start, pace, chance) for slot in self.slots]
        self.free: Times = np.full(many, now)
        self.debt: Times = np.zeros(many)                      # of work that was put down
        self.delay: Times = np.zeros(many)                     # of the glass whose clock was started last
        stands = begun or tuple(Begun(start=now, end=now) for _ in self.chains)
        self.stand = {glass: (np.full(many, one.start), np.full(many, one.end)) for glass, one in enumerate(stands)}
        self.planned = {glass: (one.start, one.end) for glass, one in enumerate(stands)}
        self.late: dict[int, NDArray[np.bool_]] = {}
        self.last: Times = np.full(many, now)

    def do(self, number: int, slot: Slot) -> None:
        """Do the next slot of the plan in all evenings."""
        task = self.chains[slot.glass].tasks[slot.task]
        start, end = self.stand[slot.glass]
        if task.droppable:
            ended = self._work_on(number, start, end, task)
        else:
            self._clear(number)
            begin = self._wanted(slot, task)
            if slot.end > slot.start:
                begin = np.maximum(begin, self.free)
            ended = begin + self.seconds[number]
            if self._starts_clock(slot):
                begin = np.maximum(begin, slot.start + self.delay)
                ended = begin + self.seconds[number]
                self.delay = begin - slot.start
            if task.timed:
                due = np.maximum(end, (start if task.from_start else end) + task.most)
                missed = begin > due + 1e-6
                self.late[slot.glass] = self.late.get(slot.glass, np.zeros(len(missed), dtype=bool)) | missed
            start = begin
            self.free = np.maximum(self.free, ended) if slot.end > slot.start else self.free
        self.stand[slot.glass] = (start, ended)
        self.planned[slot.glass] = (slot.start, slot.end)
        self.last = np.maximum(self.last, ended)

    def _starts_clock(self, slot: Slot) -> bool:
        tasks = self.chains[slot.glass].tasks
        return not tasks[slot.task].timed and slot.task + 1 < len(tasks) and tasks[slot.task + 1].timed

    def _wanted(self, slot: Slot, task: Task) -> Times:
        """When the hands mean to begin a task: as long after the one before as the plan says, but never too early."""
        start, end = self.stand[slot.glass]
        from_, planned_from = (start, self.planned[slot.glass][0]) if task.from_start else (
            end, self.planned[slot.glass][1])
        meant = max(task.least, min(slot.start - planned_from, task.most)) if task.timed else task.least
        return np.asarray(np.maximum(end, from_ + meant))

    def _work_on(self, number: int, start: Times, end: Times, task: Task) -> Times:
        """Work at what may be put down, until the next clock calls; what is left is owed."""
        begin = np.maximum(self.free, np.maximum(end, (start if task.from_start else end) + task.least))
        self.free = begin
        self.debt = self.debt + self.seconds[number]
        self._clear(number)
        return self.free

    def _clear(self, number: int) -> None:
        """Work off what is owed, as far as the next clock lets."""
        if self.debt.any():
            worked = np.clip(self._next_call(number) - self.free, 0.0, self.debt)
            self.free = self.free + worked
            self.debt = self.debt - worked

    def _next_call(self, number: int) -> Times:
        """When the next clock calls: when the hands mean to begin the next timed task of a glass that waits for it."""
        at = self.calls[number]
        if at is None:
            return np.full(len(self.free), inf)
        slot = self.slots[at]
        return self._wanted(slot, self.chains[slot.glass].tasks[slot.task])


def _calls(evening: Evening) -> list[int | None]:
    """For each slot the next timed one, itself or later, whose glass has by then done all that goes before it."""
    before: dict[int, int] = {}
    waits_since: list[tuple[int, int]] = []                    # timed slots, each with the slot before it of its glass
    for at, slot in enumerate(evening.slots):
        if evening.chains[slot.glass].tasks[slot.task].timed:
            waits_since.append((at, before.get(slot.glass, -1)))
        before[slot.glass] = at
    return [next((at for at, since in waits_since if at >= number > since), None) for number in
            range(len(evening.slots))]


def _drawn(seconds: float, pace: Times, chance: "Generator") -> Times:
    """How long a task takes in each evening."""
    luck = chance.uniform(1 - OFF, 1 + OFF, len(pace))
    called = chance.random(len(pace)) < -np.expm1(-seconds / CALLS_S)
    return np.asarray(seconds * pace * luck + called * chance.uniform(*CALL_S, len(pace)))
