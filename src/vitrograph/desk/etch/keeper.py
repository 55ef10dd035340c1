"""The evening of the order in hand: planned off the window's thread, followed as it happens, its clocks watched."""

from collections.abc import Iterator
from itertools import chain

from PySide6.QtCore import QObject, QTimer, Signal

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import (
    Clocked,
    EveningPlan,
    GlassWork,
    Live,
    OwnTimes,
    UnderClock,
    broken_glasses,
    clocks_to_start,
    live_of,
    running_clocks,
    settling_clocks,
    waits_passed,
)
from vitrograph.core.language import tr
from vitrograph.core.results import FinishedOrder, OrderResults
from vitrograph.core.work import Happened, StepRef
from vitrograph.core.work.happened import Kind
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask

_AGAIN_MS = 10_000                 # while an evening is under way its rest is planned anew so often


class EveningKeeper(QObject):
    """`changed` says that the plan, or how it stands, is another; `ticked` that its clocks show another time."""

    changed = Signal()
    ticked = Signal()

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self.bench = bench
        self.evening: EveningPlan | None = None
        self.live: Live | None = None
        self.trouble = ""                                      # one sentence: why there is no plan
        self.left_out = ""                                     # another: which piece it does without
        self._of: OrderResults | None = None
        self._planning, self._following = BackgroundTask(self), BackgroundTask(self)
        self._planning.answered.connect(self._take)
        self._planning.refused.connect(self._refuse)
        self._following.answered.connect(self._take_live)
        self._following.refused.connect(self._refuse)
        self._again = QTimer(self, interval=_AGAIN_MS)
        self._again.timeout.connect(self.follow)
        bench.results_changed.connect(lambda _results: self.look())
        bench.order_changed.connect(self.look)
        bench.station_changed.connect(lambda _station: self.look())
        bench.making.changed.connect(self._take_making)
        bench.making.ticked.connect(self.ticked)
        self.look()

    @property
    def under_way(self) -> bool:
        """Whether the evening was begun."""
        return any(one.kind == "begun" for one in self.bench.making.happened)

    @property
    def clocks(self) -> tuple[UnderClock, ...]:
        """The clocks of all that stands under cream now, the most urgent first."""
        making = self.bench.making
        return running_clocks(self._clocked(), making.progress, making.now())

    @property
    def settling(self) -> tuple[UnderClock, ...]:
        """The clocks of the films that settle: other work goes on meanwhile."""
        making = self.bench.making
        return settling_clocks(self._clocked(), making.progress, making.now())

    def look(self) -> None:
        """Plan anew where the order is another, and the etch is entered or the evening under way."""
        self._let_go_of_others()
        results = self.bench.order_results
        wanted = self.bench.station == "etch" or self.under_way
        if self._of is results or not wanted or not results.complete:
            return
        of = self._of.order if self._of is not None else None
        if of == results.order or (of is not None and of.is_made_as(results.order) and not self.left_out):
            self._of = results
            return
        self._of = results
        lost = self._lost(results)
        if lost is not None:
            self.left_out = tr("the plan stays as it was begun: {says}", says=lost.words(self.bench.unit))
            self.changed.emit()
            return
        own = self.bench.making.own_times()
        self._planning.ask(lambda: _planned(results, own))
        self._start_clocks()

    def _lost(self, results: OrderResults) -> VitrographError | None:
        """Why a glass of an evening under way has no plan any more: what has begun is not dropped for that."""
        if self.evening is None or not self.under_way:
            return None
        planned = {glass.piece for glass in self.evening.glasses}
        return next((error for piece in results.pieces if piece.job.key in planned for _, error in piece.failed), None)

    def _let_go_of_others(self) -> None:
        """Of another order than the one in hand nothing is followed."""
        if self._of is not None and self._of.order.id != self.bench.order.id:
            self._planning.forget()
            self._following.forget()
            self._of, self.evening, self.live, self.trouble = None, None, None, ""
            self._again.stop()
            self.changed.emit()

    def follow(self) -> None:
        """Plan the rest of an evening under way, as it stands now."""
        making, evening = self.bench.making, self.evening
        if evening is None:
            return
        progress, happened, now = making.progress, making.happened, making.now()
        self._following.ask(lambda: live_of(evening, progress, happened, now))

    # -- what a maker does ---------------------------------------------------------------------------------------

    def begin(self) -> None:
        """Begin the evening now."""
        self._note("begun")

    def pause(self) -> None:
        """The hands are called away, or are back."""
        self._note("go on" if self.live is not None and self.live.paused else "pause")

    def skip(self, glass: GlassWork, task: int) -> None:
        """A task of a glass is not needed."""
        self._note("skip", glass.whose, glass.chain.tasks[task].name)
        self.bench.making.tick(*glass.waits[task], *glass.refs[task])

    def again(self, glass: GlassWork) -> None:
        """A glass is etched again: its steps at the etch are open; one that broke is made again from its film on."""
        making, anew = self.bench.making, glass.whose in self.broken_ones
        begun = {*making.progress.done, *making.progress.clocks}
        making.untick(*(ref for ref in _steps_of(glass) if ref in begun and (anew or ref.station == "etch")))
        self._note("again", glass.whose)

    def broken(self, glass: GlassWork) -> None:
        """A glass broke: nothing more is done of it, and its clocks call nobody."""
        making, mine, now = self.bench.making, set(_steps_of(glass)), self.bench.making.now()
        making.start_clocks([(ref, clock.held(now)) for ref, clock in making.progress.begun().items() if ref in mine])
        self._note("broken", glass.whose)

    def trouble_noted(self, glass: GlassWork | None, note: str, seconds: float = 0.0) -> None:
        """Keep what went wrong with a glass; with the one in hand where the evening is not planned."""
        piece = self.bench.job.key
        whose = (piece, self.bench.work.copy("etch")) if glass is None else glass.whose
        self._note("trouble", whose, note, seconds)

    def go_there(self) -> None:
        """Take what is next in hand, at its own station."""
        hand = self.at_hand()
        if hand is None:
            return
        glass, task = hand
        done = self.bench.making.progress.done
        ref = next((ref for ref in glass.refs[task] if ref not in done), None)
        if ref is not None:
            self.take_in_hand(ref)
            self.bench.go(ref.station)

    def take_in_hand(self, ref: StepRef) -> None:
        """Have the piece and the copy of a step in hand."""
        place = self.bench.order.place_of(ref.piece)
        if place is not None:
            self.bench.take_piece(*place)
            self.bench.work.take(ref.station, ref.copy)

    def at_hand(self) -> tuple[GlassWork, int] | None:
        """The glass and the task that the hands do now, or next."""
        if self.live is None or self.live.next is None:
            return None
        number, task = self.live.next
        return self.live.evening.glasses[number], task

    @property
    def glasses(self) -> tuple[GlassWork, ...]:
        """Every glass of the evening; none before it is planned."""
        return self.evening.glasses if self.evening is not None else ()

    @property
    def broken_ones(self) -> set[tuple[int, int]]:
        """The glasses that broke, by piece and copy."""
        return broken_glasses(self.bench.making.happened)

    def shown(self) -> GlassWork | None:
        """The glass whose steps the station shows."""
        piece = self.bench.job.key
        whose = piece, self.bench.work.copy("etch")
        return next((glass for glass in self.glasses if glass.whose == whose), None)

    def _note(self, kind: Kind, whose: tuple[int, int] = (0, 0), note: str = "", number: float = 0.0) -> None:
        self.bench.making.note(Happened(self.bench.making.now(), kind, *whose, note, number))

    # -- following -----------------------------------------------------------------------------------------------

    def _clocked(self) -> list[Clocked]:
        return [Clocked(results.job, results.etch, results.transfer) for results in self.bench.order_results.pieces]

    def _take_making(self) -> None:
        self._let_go_of_others()
        making = self.bench.making
        passed = list(waits_passed(self.evening, making.progress)) if self.evening is not None else []
        if passed and self.under_way:
            making.tick(*passed)                               # which brings us here again
            return
        self._start_clocks()
        self.look()
        self.follow()
        self.ticked.emit()

    def _start_clocks(self) -> None:
        making = self.bench.making
        if making.begun:
            making.start_clocks(list(clocks_to_start(self._clocked(), making.progress)))

    def _take(self, done: FinishedOrder) -> None:
        self.evening, self.live, self.trouble = done.evening, None, ""
        self.left_out = done.says_lacking(self.bench.unit)
        self.changed.emit()
        self.follow()

    def _take_live(self, live: Live | None) -> None:
        before, self.live = self.live, live
        if before is not None and live is not None and before.next != live.next:
            self._take_next()
        if live is not None:
            self._again.start()
        else:
            self._again.stop()
        self.changed.emit()

    def _take_next(self) -> None:
        """Where the hands go on with another glass at this station, have it in hand."""
        hand = self.at_hand()
        refs = hand[0].refs[hand[1]] if hand is not None else ()
        if refs and self.bench.station == "etch" and refs[0].station == "etch":
            self.take_in_hand(refs[0])

    def _refuse(self, sentence: str) -> None:
        self.evening, self.live, self.trouble, self.left_out = None, None, sentence, ""
        self.changed.emit()


def _planned(results: OrderResults, own: OwnTimes) -> FinishedOrder:
    """The order with its evening worked out."""
    done = results.finished().by(own)
    _ = done.evening
    return done


def _steps_of(glass: GlassWork) -> Iterator[StepRef]:
    """Every step of a glass, at all its stations."""
    return chain.from_iterable((*glass.refs, *glass.waits))
