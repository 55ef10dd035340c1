"""The clocks of an etch: which run, what is to be done when each ends, and which start by what is ticked off."""

from collections.abc import Iterable, Iterator, Sequence
from math import inf

from msgspec import Struct

from vitrograph.core.etch.plan import EtchPlan
from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.stations import Station
from vitrograph.core.transfer import SETTLE, TransferPlan
from vitrograph.core.work import Clock, Progress, Step, StepRef, clock_words

_DOES = {"stir": tr("stir"), "scrape": tr("scrape and rinse"), "first": tr("scrape and rinse"),
         "check": tr("look at a spot"),
         "coat": tr("lay the next coat on"), "work": tr("work the cream"), "rest": tr("leave it alone")}
_SOON_S = 60.0                     # of a piece that is not known yet: late by more is too late
_SETTLED_S = 1800.0                # after which a film that has settled calls nobody any more


class Clocked(Struct, frozen=True):
    """A piece whose clocks may run: its job, and its steps as far as they are known."""

    job: Job
    etch: EtchPlan | None
    transfer: TransferPlan | None

    def steps(self, station: Station, copy: int) -> tuple[Step, ...]:
        """The steps of a copy at a station; none where they are not known."""
        if station == "etch":
            return self.etch.steps if self.etch is not None else ()
        return self.transfer.steps_of(copy) if station == "transfer" and self.transfer is not None else ()

    def glass_of(self, ref: StepRef) -> int:
        """Which of its glasses a step is for, from 1."""
        if ref.station == "transfer" and self.transfer is not None:
            return self.transfer.glass_of(ref.copy)
        return ref.copy


class UnderClock(Struct, frozen=True):
    """A glass under cream, or one whose film settles: its clock and name, what is done then, and seconds until that.

    `first` are those until it may be done, `last` until it is too late (infinite for what nobody can be late for); all
    are negative once they are past.
    """

    ref: StepRef
    name: str
    does: str
    left: float
    first: float
    last: float

    @property
    def late(self) -> bool:
        """Whether it is past its window."""
        return self.last < 0

    @property
    def says(self) -> str:
        """What to do, in few words."""
        if self.late:
            return tr("late: {does} at once", does=self.does)
        if self.left <= 0:
            return tr("{does} now", does=self.does)
        return tr("{does}, from now on", does=self.does) if self.first <= 0 else tr("then {does}", does=self.does)


def running_clocks(pieces: Iterable[Clocked], progress: Progress, now: float) -> tuple[UnderClock, ...]:
    """The clocks of all that stands under cream, the most urgent first."""
    by_key = {piece.job.key: piece for piece in pieces}
    found = [_under(ref, clock, by_key.get(ref.piece), now) for ref, clock in progress.running().items()
             if ref.station == "etch" and _is_cream(ref.step)]
    return tuple(sorted(found, key=lambda one: one.last))


def settling_clocks(pieces: Iterable[Clocked], progress: Progress, now: float) -> tuple[UnderClock, ...]:
    """The clocks of all films that settle, or have just settled; the next to be gone on with first."""
    by_key = {piece.job.key: piece for piece in pieces}
    found = []
    for ref, clock in progress.running().items():
        left = clock.left(now)
        if ref.station == "transfer" and ref.step.split(" ")[0] == SETTLE and left > -_SETTLED_S:
            found.append(UnderClock(ref, _called(ref, by_key.get(ref.piece)), tr("go on with it"), left, left, inf))
    return tuple(sorted(found, key=lambda one: one.left))


def _is_cream(key: str) -> bool:
    words = key.split(" ")
    return "rest" in words or "work" in words


def _called(ref: StepRef, piece: Clocked | None) -> str:
    if piece is None:
        return tr("a glass, {copy}", copy=ref.copy)
    return piece.job.called(piece.glass_of(ref))


def _under(ref: StepRef, clock: Clock, piece: Clocked | None, now: float) -> UnderClock:
    left, name = clock.left(now), _called(ref, piece)
    if piece is None or piece.etch is None:
        return UnderClock(ref, name, tr("see to it"), left, left, left + _SOON_S)
    steps = piece.etch.steps
    at = next((number for number, step in enumerate(steps) if step.key == ref.step), -1)
    following = steps[at + 1].key.split(" ") if 0 <= at < len(steps) - 1 else ["scrape"]
    does = _DOES.get(following[1] if following[0] == "second" else following[0], tr("see to it"))
    tolerance = next((one.phase.tolerance for part in piece.etch.under for one in part if one.step.key == ref.step),
                     _SOON_S)
    return UnderClock(ref, name, does, left, left - tolerance, left + tolerance)


def clocks_to_start(pieces: Sequence[Clocked], progress: Progress) -> Iterator[tuple[StepRef, Clock]]:
    """Yield the clocks that run by now though nobody started them: of waits whose step before is ticked off."""
    by_key = {piece.job.key: piece for piece in pieces}
    for ref, at in progress.done.items():
        piece = by_key.get(ref.piece)
        steps = piece.steps(ref.station, ref.copy) if piece is not None else ()
        number = next((number for number, step in enumerate(steps) if step.key == ref.step), None)
        if piece is None or number is None or number + 1 >= len(steps) or steps[number + 1].seconds is None:
            continue
        wait = StepRef(ref.station, ref.piece, ref.copy, steps[number + 1].key)
        if wait not in progress.clocks and wait not in progress.done:
            yield wait, Clock(float(steps[number + 1].seconds or 0.0), _since(piece, ref, at, progress))


def _since(piece: Clocked, ref: StepRef, at: float, progress: Progress) -> float:
    """When a clock began: as its step was done, or, by a recipe that says so, at the first dab of the first coat."""
    coat = progress.clocks.get(ref)
    first = piece.job.etch.recipe.clock == "first" and ref.step.endswith("coat 1")
    return coat.since if first and coat is not None and coat.since is not None else at


def words_of(clock: UnderClock) -> str:
    """A clock in a line: whose, how long, what then."""
    if clock.last == inf:
        return (tr("{name}: settles for {time}", name=clock.name, time=clock_words(clock.left)) if clock.left > 0 else
                tr("{name}: has settled, {does}", name=clock.name, does=clock.does))
    does = tr("{does} at once", does=clock.does) if clock.late else clock.says
    return f"{clock.name}: {clock_words(clock.left)}, {does}"
