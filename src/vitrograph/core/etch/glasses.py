"""Each glass of an order as a chain of tasks for one pair of hands, with the steps that each task stands for.

How long things take is common practice put in numbers, no published source, until the maker's own ticks say otherwise.
"""

from collections.abc import Iterable, Mapping, Sequence
from math import inf

from msgspec import Struct, field

from vitrograph.core.etch.phases import TimedStep
from vitrograph.core.etch.plan import EtchPlan
from vitrograph.core.fit import Fitted
from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.stations import Station
from vitrograph.core.transfer import TransferPlan
from vitrograph.core.weed import WeedPlan, weeding_seconds
from vitrograph.core.work import Pace, Step, StepRef, kind_of, pace_from
from vitrograph.core.work.evening import Chain, Task

_STEP_S = 30.0                     # a step of the hands, where nothing else is known
_STEPS_S = {"tape": 60.0, "set": 60.0, "lay": 60.0, "press": 60.0, "seal": 10.0, "bed": 15.0, "half": 120.0,
            "other": 120.0, "look": 45.0, "scrape": 45.0, "rinse": 60.0, "peel": 90.0, "wash": 90.0,
            "wax": 300.0, "buff": 90.0, "tint": 300.0, "gloves": 10.0, "nothing": 60.0}
_RINSING = ("scrape", "rinse")     # one task of the hands
_AT_ONCE_S = 30.0                  # what must follow at once may come so much later
_LIKELY = 0.1, 10.0                # times the guess: what is less was ticked off later, what is more was a rest
_LEAST_OWN = 5                     # ticks of a kind that say more than the guess
_TITLES = {"coat": tr("Cream on"), "work": tr("Work the cream"), "stir": tr("Stir"), "check": tr("Look at a spot"),
           "look": tr("Look"), "peel": tr("Peel"), "wash": tr("Wash"), "wax": tr("Wax"), "buff": tr("Buff")}
_KINDS = {
    "tape": tr("tape", "a step"), "backing": tr("backing", "a step"), "clean": tr("clean", "a step"),
    "bed": tr("bed", "a step"), "set": tr("set", "a step"), "lay": tr("lay", "a step"),
    "tape off": tr("tape off", "a step"), "seal": tr("seal", "a step"), "press edges": tr("press edges", "a step"),
    "mask upper": tr("mask upper", "a step"), "mask lower": tr("mask lower", "a step"),
    "mask left": tr("mask left", "a step"), "mask right": tr("mask right", "a step"), "patch": tr("patch", "a step"),
    "gloves": tr("gloves", "a step"), "look over": tr("look over", "a step"), "half": tr("half", "a step"),
    "other half": tr("other half", "a step"), "coat": tr("coat", "a step"), "work": tr("work", "a step"),
    "stir": tr("stir", "a step"), "check": tr("check", "a step"), "scrape": tr("scrape", "a step"),
    "rinse": tr("rinse", "a step"), "look": tr("look", "a step"), "peel": tr("peel", "a step"),
    "wash": tr("wash", "a step"), "wax": tr("wax", "a step"), "buff": tr("buff", "a step"),
    "tint": tr("tint", "a step"),
}


class GlassWork(Struct, frozen=True):
    """One glass of an order: whose it is, what it is called, its chain, and for each task the steps it stands for.

    `waits` are the steps, each with a clock, that the glass waits for before the task. Of its `area` so much is under
    cream `at_once`.
    """

    piece: int
    name: str
    copy: int
    called: str
    chain: Chain
    refs: tuple[tuple[StepRef, ...], ...]
    waits: tuple[tuple[StepRef, ...], ...]
    area: float
    at_once: float

    @property
    def whose(self) -> tuple[int, int]:
        """Its piece and copy: what tells it from all others of its order."""
        return self.piece, self.copy


class OwnTimes(Struct, frozen=True):
    """How long this maker's hands take, where that is known: a bit weeded, and steps by station and kind."""

    bit: Pace | None = None
    steps: Mapping[tuple[Station, str], Pace] = field(default_factory=dict)

    def seconds(self, station: Station, kind: str) -> float:
        """How long a kind of step takes: a guess where that is not known."""
        own = self.steps.get((station, kind))
        return own.seconds if own is not None else _guess(kind)

    @property
    def says(self) -> str:
        """What the minutes of hands rest on."""
        known = [*([tr("weeding")] if self.bit else []),
                 *dict.fromkeys(_KINDS.get(kind, kind) for _, kind in self.steps)]
        if not known:
            return tr("how long hands take is a guess, until {least} steps of a kind are ticked off",
                      least=_LEAST_OWN)
        ticks = sum(pace.ticks for pace in (*self.steps.values(), *([self.bit] if self.bit else [])))
        return tr("by your own times, from {ticks} ticks: {all}; the rest is a guess", ticks=ticks,
                  all=', '.join(known))


def own_times(bit: Pace | None, gaps: Mapping[tuple[Station, str], Sequence[float]]) -> OwnTimes:
    """The maker's own times from the pace of weeding and the seconds that steps took before."""
    told = {key: pace for key, seconds in gaps.items() if key[0] in ("transfer", "etch") and
            (pace := _own(key[1], seconds)) is not None}
    return OwnTimes(bit, told)


def _own(kind: str, seconds: Sequence[float]) -> Pace | None:
    guess = _guess(kind)
    return pace_from(seconds, (guess * _LIKELY[0], guess * _LIKELY[1]), _LEAST_OWN)


class WorkOfPiece(Struct, frozen=True):
    """What a piece's glasses are made from: its job, what is planned for it, and how long the maker takes."""

    job: Job
    fitted: Fitted
    weed: WeedPlan
    transfer: TransferPlan
    etch: EtchPlan
    own: OwnTimes = field(default_factory=OwnTimes)


def glasses_of(pieces: Iterable[WorkOfPiece]) -> tuple[GlassWork, ...]:
    """All glasses of an order, piece after piece."""
    return tuple(_glass(piece, copy) for piece in pieces for copy in range(1, piece.job.count + 1))


class _Line(Struct):
    """A chain as it grows: what a task waits for is kept until that task comes."""

    own: OwnTimes
    tasks: list[Task] = field(default_factory=list)
    refs: list[tuple[StepRef, ...]] = field(default_factory=list)
    waits: list[tuple[StepRef, ...]] = field(default_factory=list)
    least: float = 0.0
    most: float = inf
    planned: float = 0.0
    waits_for: str = ""
    from_start: bool = False
    waiting: tuple[StepRef, ...] = ()

    def wait(self, seconds: float, says: str, tolerance: float = inf, *, from_start: bool = False) -> None:
        """The next task comes after so many seconds, or later by a tolerance.

        Sooner would do as well, by as much, but no cream is planned a shorter time than its recipe has.
        """
        self.planned = self.least = seconds
        self.most = seconds + tolerance
        self.waits_for, self.from_start = says, from_start

    def by(self, ref: StepRef) -> None:
        """What it waits for is this step's clock."""
        self.waiting = (*self.waiting, ref)

    def add(self, name: str, seconds: float, refs: Sequence[StepRef], *, droppable: bool = False) -> None:
        """Add a task, after what was waited for."""
        self.tasks.append(Task(name, seconds, self.least, self.most, self.planned, self.waits_for, self.from_start,
                               droppable))
        self.refs.append(tuple(refs))
        self.waits.append(self.waiting)
        self.least, self.most, self.planned, self.waits_for, self.from_start = 0.0, inf, 0.0, "", False
        self.waiting = ()


def _glass(piece: WorkOfPiece, copy: int) -> GlassWork:
    key = piece.job.key
    line = _Line(piece.own)
    etched = [StepRef("etch", key, copy, step.key) for step in piece.etch.steps]
    by_key = {ref.step: ref for ref in etched}
    _plain(line, piece.etch.first, "etch", key, copy, tr("Tint the inside"))
    sheets = piece.fitted.sheets
    for stencil in range((copy - 1) * sheets + 1, copy * sheets + 1):
        refs = [StepRef("weed", key, stencil, step.key) for step in piece.weed.steps]
        line.add(tr("Weed"), weeding_seconds(piece.weed.edges, piece.own.bit), refs, droppable=True)
    for stencil in range((copy - 1) * sheets + 1, copy * sheets + 1):
        if stencil > (copy - 1) * sheets + 1:                  # films round the glass do not wait for each other
            line.wait(0.0, "")
        _plain(line, piece.transfer.steps_of(stencil), "transfer", key, stencil, tr("Tape and set"))
    places = []
    _plain(line, piece.etch.before, "etch", key, copy, tr("Look over") if piece.etch.under else tr("Rub down"))
    for number, part in enumerate(piece.etch.under):
        if number:
            line.wait(120.0, tr("dries"))
            _plain(line, piece.etch.between, "etch", key, copy, tr("Cover the other half"))
        first = len(line.tasks)
        _under(line, part, piece.etch.recipe.clock == "first", by_key)
        rinse = piece.etch.rinses[number]
        rinsing = sum(piece.own.seconds("etch", kind) for kind in _RINSING)
        line.add(tr("Scrape and rinse"), rinsing, [by_key[step.key] for step in rinse])
        places.append((first, len(line.tasks) - 1))
    _plain(line, piece.etch.after, "etch", key, copy, "")
    return GlassWork(key, piece.job.name, copy, piece.job.called(copy), Chain(tuple(line.tasks), tuple(places)),
                     tuple(line.refs), tuple(line.waits), piece.etch.area, piece.etch.at_once)


def _under(line: _Line, part: Sequence[TimedStep], from_start: bool, by_key: dict[str, StepRef]) -> None:
    """The tasks under cream: rests are waits within their tolerance, all else follows at once."""
    for number, timed in enumerate(part):
        ref = by_key[timed.step.key]
        if timed.phase.does == "rest":
            line.wait(timed.phase.seconds, tr("under cream"), timed.phase.tolerance,
                      from_start=from_start and number == 1)
            line.by(ref)
            continue
        if number and not line.waiting:                        # nothing was waited for
            tolerance = part[number - 1].phase.tolerance if part[number - 1].phase.does == "work" else _AT_ONCE_S
            line.least, line.most = 0.0, max(tolerance, _AT_ONCE_S)
        coats = sum(one.phase.does == "coat" for one in part[:number])
        title = tr("Another coat") if timed.phase.does == "coat" and coats else _TITLES[timed.phase.does]
        line.add(title, timed.hands, (ref,))
    if part[-1].phase.does != "rest":
        line.least, line.most = 0.0, max(part[-1].phase.tolerance, _AT_ONCE_S)


def _plain(
    line: _Line, steps: Sequence[Step], station: Station, piece: int, copy: int, title: str
) -> None:
    """Steps that no clock hurries: those between two waits are a task; each by itself where no title is given."""
    group: list[Step] = []

    def close() -> None:
        if group:
            line.add(title or _TITLES[group[0].key],
                     sum(line.own.seconds(station, kind_of(step.key)) for step in group),
                     [StepRef(station, piece, copy, step.key) for step in group])
            group.clear()

    for step in steps:
        if not step.hands:
            close()
            line.wait(step.seconds or 0.0, _waits(step))
            line.by(StepRef(station, piece, copy, step.key))
        else:
            group.append(step)
            if not title:
                close()
    close()


def _guess(kind: str) -> float:
    return _STEPS_S.get(kind.split(" ", 1)[0], _STEP_S)


def _waits(step: Step) -> str:
    return tr("settles") if step.key.startswith("settle") else tr("dries")
