"""What an evening is made of: for each glass a chain of tasks for one pair of hands, and the waits between them."""

from itertools import pairwise
from math import inf

from msgspec import Struct


class Task(Struct, frozen=True):
    """One task of a glass: how many seconds it takes the hands, and how long the glass waits before it.

    It begins at least `least` and at most `most` seconds after the task before it has ended, or, where `from_start`,
    has begun; where `most` is finite it is a window that must not be missed. `planned` is the wait meant. What is
    `droppable` may be put down and taken up again. `waits` says what the glass does meanwhile.
    """

    name: str
    seconds: float
    least: float = 0.0
    most: float = inf
    planned: float = 0.0
    waits: str = ""
    from_start: bool = False
    droppable: bool = False

    @property
    def timed(self) -> bool:
        """Whether it must not come too late."""
        return self.most < inf

    def earliest(self, start: float, end: float) -> float:
        """When it may begin, after a task that began and ended at those times."""
        return max(end, (start if self.from_start else end) + self.least)

    def latest(self, start: float, end: float) -> float:
        """When it must have begun; inf where that is all the same."""
        return max(end, (start if self.from_start else end) + self.most)


class Chain(Struct, frozen=True):
    """The tasks of one glass, in order; `places` are from the start of which task to that of which it takes a place.

    Both lie in one block.
    """

    tasks: tuple[Task, ...]
    places: tuple[tuple[int, int], ...] = ()

    @property
    def hands(self) -> float:
        """Seconds of hands in all."""
        return sum(task.seconds for task in self.tasks)

    def legs(self, done: int = 0) -> tuple[tuple[int, int], ...]:
        """The tasks from a number on in legs, each (first, after its last): a wait without an end parts them."""
        starts = [at for at, task in enumerate(self.tasks) if at > done and not task.timed and task.least > 0]
        edges = [done, *starts, len(self.tasks)]
        return tuple((a, b) for a, b in pairwise(edges) if a < b)

    def blocks(self, first: int, end: int) -> tuple[tuple[int, int], ...]:
        """The tasks of a leg in blocks, each (first, after its last): one that must not wait long joins the one before.

        >>> Chain((Task("coat", 30), Task("rinse", 60, 540, 660), Task("wash", 60))).blocks(0, 3)
        ((0, 2), (2, 3))
        """
        starts = [at for at in range(first, end) if at == first or not self.tasks[at].timed]
        return tuple(zip(starts, [*starts[1:], end], strict=True))


class Begun(Struct, frozen=True):
    """How far a glass is: how many of its tasks are done, and when the last of these began and ended.

    A glass that is `out` (broken, or given up) has no more tasks.
    """

    done: int = 0
    start: float = 0.0
    end: float = 0.0
    out: bool = False


class Slot(Struct, frozen=True, order=True):
    """When the hands are at a task of a glass: seconds from the evening's start; `late` tells by how much too late."""

    start: float
    end: float
    glass: int
    task: int
    late: float = 0.0


class Evening(Struct, frozen=True):
    """The hands' slots in order of time, when all is done, and the least time that any plan takes (a bound)."""

    chains: tuple[Chain, ...]
    slots: tuple[Slot, ...]
    makespan: float
    bound: float

    @property
    def late(self) -> tuple[Slot, ...]:
        """The slots that come too late."""
        return tuple(slot for slot in self.slots if slot.late > 0)

    def of(self, glass: int) -> tuple[Slot, ...]:
        """The slots of one glass."""
        return tuple(slot for slot in self.slots if slot.glass == glass)

    @property
    def ends(self) -> tuple[float, ...]:
        """When each glass that has anything to do is done, in order of time."""
        last = {slot.glass: slot.end for slot in self.slots}
        return tuple(sorted(last.values()))

    @property
    def half_done(self) -> float:
        """When half of the glasses are done."""
        return self.ends[(len(self.ends) - 1) // 2]

    @property
    def at_once(self) -> int:
        """How many glasses wait for a timed task at the same time, at most."""
        edges = []
        for number, chain in enumerate(self.chains):
            slots = [slot for slot in self.of(number) if slot.task > 0]
            timed = [slot for slot in slots if chain.tasks[slot.task].timed]
            if timed:
                before = [slot.start for slot in self.of(number) if slot.task == timed[0].task - 1]
                edges += [(min(before, default=0.0), 1), (timed[-1].start, -1)]
        many = most = 0
        for _, change in sorted(edges):
            many += change
            most = max(most, many)
        return most
