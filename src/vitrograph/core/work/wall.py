"""The wall's clock, and what happens to it: a computer that slept, a clock that was set.

The cream works while the computer sleeps, so sleeping time counts; a clock that was set changes nothing on the glass,
so clocks that run are put right. Both are told apart by the time since the computer was started, with and without sleep
(clock_gettime(2): CLOCK_BOOTTIME, CLOCK_MONOTONIC).
"""

import time
from collections.abc import Callable
from pathlib import Path

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.language import tr

_BOOT_ID = Path("/proc/sys/kernel/random/boot_id")
_NOTICED_S = 3.0                   # less is what any clock is put right by now and then


class Reading(Struct, frozen=True):
    """Seconds since 1970, since the computer was started (all, and without sleep), and which start that was."""

    wall: float
    since_start: float
    awake: float
    boot: str


def read_system() -> Reading:
    """The computer's clocks now."""
    try:
        boot = _BOOT_ID.read_text().strip()
    except OSError:
        boot = ""
    return Reading(time.time(), time.clock_gettime(time.CLOCK_BOOTTIME), time.monotonic(), boot)


class Wall:
    """A clock that may go faster than the wall's, to try an evening out."""

    def __init__(self, faster: float = 1.0, read: Callable[[], Reading] = read_system) -> None:
        self.faster, self._read = faster, read
        self._begun = read()

    def reading(self) -> Reading:
        """What it shows."""
        now, begun = self._read(), self._begun
        if self.faster == 1.0:
            return now
        return replace(now, wall=begun.wall + self.faster * (now.wall - begun.wall),
                       since_start=begun.since_start + self.faster * (now.since_start - begun.since_start),
                       awake=begun.awake + self.faster * (now.awake - begun.awake))

    def now(self) -> float:
        """Seconds since 1970."""
        return self.reading().wall


class Jump(Struct, frozen=True):
    """What happened to the clock between two readings: by how much it was set, how long the computer slept, seconds."""

    set_by: float
    slept: float

    @property
    def says(self) -> str:
        """It in words, for one who has just come back; "" where nothing happened."""
        told = []
        if self.slept:
            told.append(tr("the computer slept for {words}: the clocks ran on, the cream does not wait",
                           words=_words(self.slept)))
        if self.set_by:
            way = tr("forward") if self.set_by > 0 else tr("back", "a clock")
            told.append(tr("the computer's clock was set {way} by {words}: the clocks here were put right", way=way,
                           words=_words(abs(self.set_by))))
        return "; ".join(told)


def jump_between(before: Reading, now: Reading) -> Jump:
    """What happened between two readings. After another start of the computer nobody can say: nothing is told.

    >>> jump_between(Reading(100, 50, 50, "a"), Reading(3800, 150, 90, "a"))
    Jump(set_by=3600, slept=60)
    """
    if before.boot != now.boot or not now.boot:
        return Jump(0.0, 0.0)
    passed = now.since_start - before.since_start
    set_by, slept = (now.wall - before.wall) - passed, passed - (now.awake - before.awake)
    return Jump(set_by if abs(set_by) > _NOTICED_S else 0.0, slept if slept > _NOTICED_S else 0.0)


def _words(seconds: float) -> str:
    whole = round(seconds)
    hours, minutes = whole // 3600, whole % 3600 // 60
    parts = [f"{hours} h"] * (hours > 0) + [f"{minutes} min"] * (minutes > 0) + [f"{whole % 60} s"] * (whole < 600)
    return " ".join(parts)
