"""What has been done of the order in hand: steps and clocks, kept in the logbook's file at once."""

from collections.abc import Sequence
from time import monotonic

from PySide6.QtCore import QObject, QTimer, Signal

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import OwnTimes
from vitrograph.core.language import tr
from vitrograph.core.logbook import Makings, Worked
from vitrograph.core.logbook.acts import AnyAct, End, KeepReading, Known, Note, SetClock, Shift, Tick, Untick, after
from vitrograph.core.logbook.waiting import WaitingFile
from vitrograph.core.stations import Station
from vitrograph.core.work import (
    Clock,
    Happened,
    Progress,
    Reading,
    State,
    Step,
    StepRef,
    Wall,
    jump_between,
    state_of_work,
)

_TICK_MS = 500
_WATCH_MS = 2000
_FORGOTTEN_S = 7200.0              # late by so much, a clock calls nobody any more
_AGAIN_S = 10.0                    # after the book could not be used


class Making(QObject):
    """The making of the order in hand that is under way. `changed` says that steps or clocks did."""

    changed = Signal()
    ticked = Signal()                   # while a clock runs, twice a second
    refused = Signal(str)               # one sentence: what could not be kept, and why
    jumped = Signal(str)                # one sentence: the computer slept, or its clock was set

    def __init__(self, makings: Makings, wall: Wall | None = None) -> None:
        super().__init__()
        self._makings, self.wall = makings, wall or Wall()
        self._order = ""
        self._ended: str | None = None                         # the order whose making was ended here
        self._seen: Reading | None = None
        self.noticed = ""                                      # told of the clock last: the window may come later
        self._written, self._shared = 0, False                 # when the book was last written, as far as is known here
        self.progress = Progress()
        self.happened: tuple[Happened, ...] = ()
        self._stencils: dict[int, int] = {}
        self._gaps: dict[Station, list[float]] = {}            # read anew once something was ticked,
        self._own: OwnTimes | None = None                      # as these are
        self._known = Known()                                  # of the book, when it could be read last
        self._file = WaitingFile(makings.book.path)
        self._waiting = self._file.take_over()                 # what could not be written yet, each with its order,
        self._kept = list(self._waiting)                       # what of it is safe elsewhere till then
        self._again = 0.0                                      # when the book is tried again,
        self._wrong, self._told = "", ""                       # what is wrong with it, and what was told of that
        self._timer = QTimer(self, interval=_TICK_MS)
        self._timer.timeout.connect(self._look)
        self._watch = QTimer(self, interval=_WATCH_MS)         # for what another window does while no clock runs
        self._watch.timeout.connect(self._look_at_book)
        self._watch.start()

    def now(self) -> float:
        """Seconds since 1970."""
        return self.wall.now()

    def take(self, order_id: str) -> None:
        """Turn to the making of an order."""
        if order_id != self._order:
            self._order, self._known = order_id, Known()
            self._again = 0.0                                  # of another order nothing is known yet: it is looked at
            self._stencils = {}
            self._seen = None
            self._read()
            self._mind_since_last()

    @property
    def begun(self) -> bool:
        """Whether anything of the order is done, or a clock of it was started."""
        return bool(self.progress.done or self.progress.clocks)

    @property
    def known(self) -> frozenset[int]:
        """The keys of the pieces of which anything is known, whether they are in the order still or not."""
        return self.progress.pieces | {one.piece for one in self.happened}

    def stencil_of(self, piece: int) -> int:
        """Which stencil of a piece is in hand, from 1: of its first glass, then of the next."""
        return self._stencils.get(piece, 1)

    def take_stencil(self, piece: int, stencil: int) -> None:
        """Turn to another stencil of a piece."""
        self._stencils[piece] = stencil
        self.changed.emit()

    def refs(self, station: Station, piece: int, copy: int, steps: Sequence[Step]) -> list[StepRef]:
        """The steps of one copy of a piece, as they are kept."""
        return [StepRef(station, piece, copy, step.key) for step in steps]

    def state(self, station: Station, piece: int, copies: int, steps: Sequence[Step]) -> State:
        """Whether all copies' work at a station is planned, under way or done."""
        refs = [ref for copy in range(1, copies + 1) for ref in self.refs(station, piece, copy, steps)]
        return state_of_work(refs, self.progress)

    def tick(self, *refs: StepRef) -> None:
        """Steps are done."""
        self._do(*(Tick(ref, self.now()) for ref in refs))

    def untick(self, *refs: StepRef) -> None:
        """Steps are not done after all."""
        self._do(*(Untick(ref, self.now()) for ref in refs))

    def note(self, happened: Happened) -> None:
        """Note something that happened of the evening."""
        self._do(Note(happened))

    def coats(self) -> list[tuple[str, float, float]]:
        """Every coat timed so far: the tool, mm² and seconds; none where they cannot be read."""
        try:
            return self._makings.coats()
        except VitrographError:
            return []

    def worked(self) -> dict[int, Worked]:
        """What the order's pieces really took, by their keys; nothing where it cannot be read."""
        try:
            return self._makings.worked(self._order) if self.begun or self.happened else {}
        except VitrographError:
            return {}

    def start_clocks(self, clocks: Sequence[tuple[StepRef, Clock]]) -> None:
        """Keep clocks that run by now."""
        if clocks:
            self._do(*(SetClock(ref, clock, self.now()) for ref, clock in clocks), KeepReading(self.wall.reading()))

    def gaps(self, station: Station) -> list[float]:
        """The seconds between ticks at a station, of this and all earlier makings; none where they cannot be read."""
        if station not in self._gaps:
            try:
                self._gaps[station] = self._makings.gaps(station)
            except VitrographError:
                self._gaps[station] = []
        return self._gaps[station]

    def own_times(self) -> OwnTimes:
        """How long this maker's hands take, by all that was ticked off; a guess where that cannot be read."""
        if self._own is None:
            try:
                self._own = self._makings.own_times()
            except VitrographError:
                self._own = OwnTimes()
        return self._own

    def clock(self, ref: StepRef, seconds: float) -> Clock:
        """How a step's clock stands; one never started stands at its beginning."""
        return self.progress.clocks.get(ref, Clock(seconds, None))

    def toggle_clock(self, ref: StepRef, seconds: float) -> None:
        """Start a step's clock, or hold it."""
        clock, now = self.clock(ref, seconds), self.now()
        after = clock.started(now) if clock.since is None else clock.held(now)
        self.start_clocks([(ref, after)])

    def begin_anew(self) -> None:
        """End this making: the order is made again, from the first step."""
        self._ended = self._order
        self._do(End(self.now()))

    @property
    def can_go_back(self) -> bool:
        """Whether the making was ended here, and nothing has been done since: it may have been a slip."""
        return self._ended == self._order and not self.begun and not self._waiting

    def go_back(self) -> None:
        """Go on with the making that was ended here."""
        try:
            self._makings.reopen(self._order)
        except VitrographError as error:
            self.refused.emit(str(error))
            return
        self._ended = None
        self._read()

    @property
    def minded(self) -> frozenset[StepRef]:
        """The steps whose clocks run, but for those that nobody has come to for long."""
        return frozenset(ref for ref, clock in self.progress.begun().items() if clock.left(self.now()) > -_FORGOTTEN_S)

    def most_urgent(self) -> tuple[StepRef, Clock] | None:
        """The running clock that ends first."""
        return next(iter(self.progress.running().items()), None)

    def _do(self, *acts: AnyAct) -> None:
        """Do something, and write it down; while the book cannot be written it waits, and counts here all the same."""
        if acts:
            self._waiting += [(self._order, act) for act in acts]
            self._write()
            self._read()

    def _write(self) -> None:
        """Write what waits; say once that it cannot be, while it cannot."""
        if monotonic() >= self._again:
            try:
                if self._waiting:
                    with self._makings.together():
                        for order_id, act in self._waiting:
                            act.write(self._makings, order_id)
                    self._waiting = []
            except VitrographError as error:
                self._missed(error)
        if self._waiting != self._kept and self._file.keep(self._waiting):
            self._kept = list(self._waiting)
        if not self._waiting:
            self._told = ""
        elif self._wrong != self._told:
            self._told = self._wrong
            self.refused.emit(tr("{reason}; steps and clocks go on in this window, and are written down once that can "
                                 "be", reason=self._wrong))

    def _missed(self, error: VitrographError) -> None:
        """The book cannot be used: it is tried again, but not at every step, for each would wait for it."""
        self._again, self._wrong = monotonic() + _AGAIN_S, str(error)

    @property
    def unkept(self) -> bool:
        """Whether something was done that could be written down nowhere: it is lost if the program ends now."""
        return self._waiting != self._kept

    def close(self) -> None:
        """Look at the clocks no more, and leave what waits for the next start."""
        self._timer.stop()
        self._watch.stop()
        self._file.let_go()

    def _look(self) -> None:
        """Twice a second: whether anything happened to the computer's clock, and what the clocks show."""
        self._write()
        self._look_at_book()
        reading = self.wall.reading()
        if self._seen is not None:
            self._mind(self._seen, reading)
        self._seen = reading
        self.ticked.emit()

    def _look_at_book(self) -> None:
        """Read it anew where it was written by another window on the same order."""
        if self._makings.book.written() != self._written:
            before = self.progress, self.happened
            self._read()
            if before != (self.progress, self.happened) and not self._shared:
                self._shared = True
                self.jumped.emit(tr("another window is at work on this too: what is done there is shown here"))

    def _mind(self, before: Reading, now: Reading) -> None:
        """Put the clocks right where the computer's was set, and tell of that and of sleep."""
        jump = jump_between(before, now)
        if jump.set_by:
            self._do(Shift(jump.set_by))
        if jump.set_by or jump.slept:
            self._do(KeepReading(now))
            self.noticed = jump.says
            self.jumped.emit(jump.says)

    def _mind_since_last(self) -> None:
        """What happened to the computer's clock while the program did not run."""
        try:
            kept = self._makings.reading(self._order)
        except VitrographError:
            return
        if kept is not None and self.progress.running():
            self._mind(kept, self.wall.reading())

    def _read(self) -> None:
        self._gaps.clear()
        self._own = None
        if monotonic() >= self._again:
            try:
                self._known = (Known(self._makings.progress(self._order), self._makings.happened(self._order))
                               if self._order else Known())
            except VitrographError as error:
                self._missed(error)
                self.refused.emit(self._wrong)
        known = after(self._known, (act for order_id, act in self._waiting if order_id == self._order))
        self.progress, self.happened = known.progress, known.happened
        self._written = self._makings.book.written()
        if self._waiting or self.progress.running() or any(one.kind == "begun" for one in self.happened):
            self._timer.start()
        else:
            self._timer.stop()
            self._seen = None
        self.changed.emit()
