"""What is done to a making: written into the book, or done to what is known of it while the book cannot be written.

What waits is kept in a file by its kinds' names: they and their fields stay as they are.
"""

from collections.abc import Iterable
from types import MappingProxyType
from typing import Protocol

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.logbook.makings import Makings
from vitrograph.core.work import Clock, Happened, Progress, Reading, StepRef


class Known(Struct, frozen=True):
    """What is known of a making under way."""

    progress: Progress = Progress()
    happened: tuple[Happened, ...] = ()


class Act(Protocol):
    """One thing done."""

    def write(self, makings: Makings, order_id: str) -> None:
        """Write it into the book. Raises LogbookError."""
        ...

    def on(self, known: Known) -> Known:
        """What is known after it: what the book would tell, had it been written."""
        ...


class Tick(Struct, frozen=True, tag=True):
    """A step is done, at a time (seconds since 1970)."""

    ref: StepRef
    at: float

    def write(self, makings: Makings, order_id: str) -> None:
        makings.tick(order_id, self.ref, self.at)

    def on(self, known: Known) -> Known:
        return _with(known, done={self.ref: self.at, **known.progress.done})


class Untick(Struct, frozen=True, tag=True):
    """A step is not done after all; its clock begins anew."""

    ref: StepRef
    at: float

    def write(self, makings: Makings, order_id: str) -> None:
        makings.untick(order_id, self.ref, self.at)

    def on(self, known: Known) -> Known:
        return _with(known, done={ref: at for ref, at in known.progress.done.items() if ref != self.ref},
                     clocks={ref: clock for ref, clock in known.progress.clocks.items() if ref != self.ref})


class SetClock(Struct, frozen=True, tag=True):
    """A step's clock stands so."""

    ref: StepRef
    clock: Clock
    at: float

    def write(self, makings: Makings, order_id: str) -> None:
        makings.set_clock(order_id, self.ref, self.clock, self.at)

    def on(self, known: Known) -> Known:
        return _with(known, clocks={**known.progress.clocks, self.ref: self.clock})


class Note(Struct, frozen=True, tag=True):
    """Something happened."""

    happened: Happened

    def write(self, makings: Makings, order_id: str) -> None:
        makings.note(order_id, self.happened)

    def on(self, known: Known) -> Known:
        return replace(known, happened=(*known.happened, self.happened))


class Shift(Struct, frozen=True, tag=True):
    """The computer's clock was set by so many seconds: all times are put right."""

    seconds: float

    def write(self, makings: Makings, order_id: str) -> None:
        makings.shift(order_id, self.seconds)

    def on(self, known: Known) -> Known:
        clocks = {ref: clock if clock.since is None else replace(clock, since=clock.since + self.seconds)
                  for ref, clock in known.progress.clocks.items()}
        made = _with(known, done={ref: at + self.seconds for ref, at in known.progress.done.items()}, clocks=clocks)
        return replace(made, happened=tuple(replace(one, at=one.at + self.seconds) for one in known.happened))


class KeepReading(Struct, frozen=True, tag=True):
    """What the computer's clocks show is kept beside the clocks that run."""

    reading: Reading

    def write(self, makings: Makings, order_id: str) -> None:
        makings.keep_reading(order_id, self.reading)

    def on(self, known: Known) -> Known:
        return known


class End(Struct, frozen=True, tag=True):
    """The making is at its end: the order may be made again."""

    at: float

    def write(self, makings: Makings, order_id: str) -> None:
        makings.end(order_id, self.at)

    def on(self, known: Known) -> Known:
        return Known()


AnyAct = Tick | Untick | SetClock | Note | Shift | KeepReading | End


def after(known: Known, acts: Iterable[Act]) -> Known:
    """What is known after some acts."""
    for act in acts:
        known = act.on(known)
    return known


def _with(known: Known, *, done: dict[StepRef, float] | None = None,
          clocks: dict[StepRef, Clock] | None = None) -> Known:
    before = known.progress
    return replace(known, progress=Progress(before.done if done is None else MappingProxyType(done),
                                            before.clocks if clocks is None else MappingProxyType(clocks)))
