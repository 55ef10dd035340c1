"""What has been done of an order: steps ticked off, and clocks that run by the wall's clock, whatever the program does.

Progress belongs to one making of an order. It is data: the logbook's file keeps it (core/logbook/makings.py).
"""

from collections.abc import Iterable, Mapping
from types import MappingProxyType
from typing import Literal

from msgspec import Struct, field

from vitrograph.core.language import tr
from vitrograph.core.stations import Station
from vitrograph.core.units import format_minutes

State = Literal["planned", "under way", "done"]


class StepRef(Struct, frozen=True, order=True):
    """A step by its key, of one copy (from 1) of a piece (by its key) at a station."""

    station: Station
    piece: int
    copy: int
    step: str


class Clock(Struct, frozen=True):
    """A clock of a step: since when it runs (seconds since 1970, None while held), and the seconds before that.

    One of 0 seconds only tells when something was begun.
    """

    seconds: float
    since: float | None
    spent: float = 0.0

    def left(self, now: float) -> float:
        """Seconds left at a time; negative when late."""
        return self.seconds - self.ran(now)

    def ran(self, now: float) -> float:
        """Seconds it ran by a time. A clock of the computer set back counts as standing still."""
        return self.spent + (0.0 if self.since is None else max(0.0, now - self.since))

    def started(self, now: float) -> "Clock":
        """It, running."""
        return self if self.since is not None else Clock(self.seconds, now, self.spent)

    def held(self, now: float) -> "Clock":
        """It, standing still."""
        return Clock(self.seconds, None, self.ran(now))


class Progress(Struct, frozen=True):
    """The steps that are done, each with when (seconds since 1970), and the clocks of steps."""

    done: Mapping[StepRef, float] = field(default_factory=lambda: MappingProxyType({}))
    clocks: Mapping[StepRef, Clock] = field(default_factory=lambda: MappingProxyType({}))

    @property
    def pieces(self) -> frozenset[int]:
        """The keys of the pieces of which anything is done, or a clock was started."""
        return frozenset(ref.piece for ref in (*self.done, *self.clocks))

    def first_open(self, refs: Iterable[StepRef]) -> int:
        """How many steps in a row are done from the first one on."""
        count = 0
        for ref in refs:
            if ref not in self.done:
                break
            count += 1
        return count

    def begun(self) -> dict[StepRef, Clock]:
        """The clocks that run now, of steps not yet done; those too that only tell when something was begun."""
        return {ref: clock for ref, clock in self.clocks.items() if clock.since is not None and ref not in self.done}

    def running(self) -> dict[StepRef, Clock]:
        """The clocks that run now, of steps not yet done, the most urgent first."""
        running = {ref: clock for ref, clock in self.begun().items() if clock.seconds > 0}
        return dict(sorted(running.items(), key=lambda one: one[1].left(one[1].since or 0.0) + (one[1].since or 0.0)))


def state_of_work(refs: Iterable[StepRef], progress: Progress) -> State:
    """Whether a station's work is planned, under way, or done.

    >>> state_of_work([StepRef("weed", 1, 1, "a")], Progress())
    'planned'
    """
    wanted = set(refs)
    done = wanted & set(progress.done)
    begun = done or any(ref in wanted for ref in progress.clocks)
    return "done" if wanted and done == wanted else "under way" if begun else "planned"


def clock_words(left: float) -> str:
    """What a clock shows: the time left, or how late it is.

    >>> clock_words(125.0), clock_words(-61.0)
    ('2:05', 'late 1:01')
    """
    return tr("late {left}", left=format_minutes(-left)) if left <= -1 else format_minutes(max(0.0, left))
