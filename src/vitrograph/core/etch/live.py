"""An evening under way: how far each glass is by what was ticked off, what is next, and how the rest is planned."""

from collections.abc import Iterable, Iterator, Sequence
from itertools import pairwise

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.etch.evening import EveningPlan, planned_on
from vitrograph.core.etch.glasses import GlassWork
from vitrograph.core.work import Happened, Progress, StepRef
from vitrograph.core.work.evening import Begun, CalmPlan, Chain

_AWAY_S = 3 * 3600.0               # nothing ticked off for so long: the hands were away, over night or while it dried


class Live(Struct, frozen=True):
    """An evening as it stands: when it was begun, how far each glass is, and the plan of its rest.

    `origin` and `now` are seconds since 1970, and so is `resumed`, when the hands began after they were last away for
    long; the plan's are since the origin.
    """

    evening: EveningPlan
    origin: float
    now: float
    begun: tuple[Begun, ...]
    plan: CalmPlan
    paused: bool
    resumed: float

    @property
    def next(self) -> tuple[int, int] | None:
        """The glass and the task that the hands do now, or next; None where all is done."""
        slots = self.plan.evening.slots
        return (slots[0].glass, slots[0].task) if slots else None

    @property
    def waits(self) -> float:
        """Seconds until that begins."""
        slots = self.plan.evening.slots
        return max(0.0, self.origin + slots[0].start - self.now) if slots else 0.0

    @property
    def done_at(self) -> float:
        """When all will be done, seconds since 1970."""
        return self.origin + max([self.plan.evening.makespan, *(stand.end for stand in self.begun)])


def live_of(evening: EveningPlan, progress: Progress, happened: Sequence[Happened], now: float) -> Live | None:
    """How an evening stands at a time, and the plan of its rest; None where it was not begun."""
    start = next((one for one in happened if one.kind == "begun"), None)
    if start is None:
        return None
    out = broken_glasses(happened)
    begun = tuple(_begun(glass, progress, start.at, out=glass.whose in out) for glass in evening.glasses)
    paused = next((one.kind == "pause" for one in reversed(happened) if one.kind in ("pause", "go on")), False)
    chains = [_left(glass, stand.done, progress) for glass, stand in zip(evening.glasses, begun, strict=True)]
    plan = planned_on(evening, chains, begun, max(0.0, now - start.at))
    return Live(evening, start.at, now, begun, plan, paused, _resumed(start.at, progress.done.values(), now))


def _resumed(origin: float, ticked: Iterable[float], now: float) -> float:
    """When the hands began after they were last away for long, by what was ticked off; now, where they still are."""
    times = [origin, *sorted(at for at in ticked if origin < at < now), now]
    return max([after for before, after in pairwise(times) if after - before > _AWAY_S], default=origin)


def _left(glass: GlassWork, done: int, progress: Progress) -> Chain:
    """The chain of a glass with what is left of a task that is partly done."""
    if done >= len(glass.refs) or not glass.refs[done]:
        return glass.chain
    refs, tasks = glass.refs[done], glass.chain.tasks
    share = sum(ref not in progress.done for ref in refs) / len(refs)
    begun = replace(tasks[done], seconds=share * tasks[done].seconds)
    return replace(glass.chain, tasks=(*tasks[:done], begun, *tasks[done + 1:]))


def waits_passed(evening: EveningPlan, progress: Progress) -> Iterator[StepRef]:
    """Yield the waits that are over, by what was done since, and that nobody ticked off."""
    for glass in evening.glasses:
        for refs, waits in zip(glass.refs, glass.waits, strict=True):
            if refs and any(ref in progress.done for ref in refs):
                yield from (ref for ref in waits if ref not in progress.done)


def broken_glasses(happened: Sequence[Happened]) -> set[tuple[int, int]]:
    """The glasses that are out: broken, and not taken up again since."""
    last = {(one.piece, one.copy): one.kind for one in happened if one.kind in ("broken", "again")}
    return {whose for whose, kind in last.items() if kind == "broken"}


def _begun(glass: GlassWork, progress: Progress, origin: float, *, out: bool) -> Begun:
    """How far a glass is: as many tasks as are ticked off whole, one after the other."""
    done, start, end = 0, 0.0, 0.0
    for refs in glass.refs:
        if not all(ref in progress.done for ref in refs):
            break
        end = max((progress.done[ref] for ref in refs), default=origin + end) - origin
        started = [clock.since - origin for ref in refs
                   if (clock := progress.clocks.get(ref)) is not None and clock.since is not None]
        done, start = done + 1, min([end, *started])
    if 0 < done < len(glass.refs):
        start, end = _by_clock(glass, done, progress, origin, start, end)
    return Begun(done, start, end, out)


def _by_clock(
    glass: GlassWork, done: int, progress: Progress, origin: float, start: float, end: float
) -> tuple[float, float]:
    """When the last task began and ended, by the clock that runs since: a clock that was held counts what it ran."""
    clock = next((progress.clocks[ref] for ref in glass.waits[done] if ref in progress.clocks), None)
    if clock is None or clock.since is None:
        return start, end
    since = clock.since - clock.spent - origin
    return (since, max(end, since)) if glass.chain.tasks[done].from_start else (min(start, since), since)
