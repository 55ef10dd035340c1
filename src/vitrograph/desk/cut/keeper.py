"""The cut of the order in hand: laid out off the window's thread while the cut station is entered, and nested
closer."""

from threading import Event

from PySide6.QtCore import QObject, Signal

from vitrograph.core.cut import CutWork, closer
from vitrograph.core.errors import Cancelled
from vitrograph.core.job import Lying, Order
from vitrograph.core.results import FinishedOrder, OrderResults
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask


class CutKeeper(QObject):
    """`laid` says that `work` is another; `shorter` how long the film is by now, mm, while it is nested closer."""

    laid = Signal()
    shorter = Signal(float)
    nested = Signal(object)

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self.bench = bench
        self.work: CutWork | None = None
        self.says = ""                                         # why there is none, or what is left out of it
        self._of: OrderResults | None = None
        self._stop = Event()
        self._nested_of: Order | None = None                   # the order that is nested closer
        self._laying, self._nesting = BackgroundTask(self), BackgroundTask(self)
        self._laying.answered.connect(self._take)
        self._laying.refused.connect(self._refuse)
        self._nesting.answered.connect(self._take_nested)
        self._nesting.refused.connect(lambda _sentence: self.nested.emit(()))
        bench.results_changed.connect(lambda _results: self.look())
        bench.order_changed.connect(self.look)
        for changed in (bench.order_changed, bench.job_changed):
            changed.connect(lambda *_: self._mind_changes())
        bench.station_changed.connect(lambda _station: self.look())
        self.look()                                            # the station may have been entered before it was made

    @property
    def nesting(self) -> bool:
        """Whether stencils are being nested closer."""
        return self._nesting.busy

    def look(self) -> None:
        """Lay out anew where the order is another, and the cut station is entered."""
        results = self.bench.order_results
        if self._of is results or self.bench.station != "cut" or not results.complete:
            return
        before = self._of.order if self._of is not None and self.work is not None else None
        if before is not None and before.is_made_as(results.order):
            self._of = results
            if before != results.order:                        # nothing lies otherwise, but is told in the other unit
                self.says = results.finished().says_lacking(self.bench.unit)
                self.laid.emit()
            return
        self._of, self.says = results, ""
        self._laying.ask(lambda: _worked_out(results))

    def nest(self, seconds: float) -> None:
        """Nest the stencils of each film closer, for so many seconds; `nested` carries places, none where stopped."""
        done, self._stop = self.bench.order_results.finished(), Event()
        self._nested_of = self.bench.order
        stop = self._stop

        def still_wanted() -> None:
            if stop.is_set():
                raise Cancelled("stopped")

        self._nesting.ask(lambda: done.nested(closer(seconds, still_wanted, self.shorter.emit)))

    def stop(self) -> None:
        """Leave the stencils where they lie."""
        self._stop.set()

    def _refuse(self, sentence: str) -> None:
        """Nothing can be cut of an order without any stencil: what lay there is no longer so."""
        self.work, self.says = None, sentence
        self.bench.refused.emit(sentence)
        self.laid.emit()

    def _take(self, done: FinishedOrder) -> None:
        self.work, self.says = done.cut, done.says_lacking(self.bench.unit)
        self.laid.emit()

    def _mind_changes(self) -> None:
        """Places that are looked for an order are none for another: who changes it wants no more of them."""
        if self.nesting and self._nested_of != self.bench.order:
            self.stop()

    def _take_nested(self, laid: tuple[Lying, ...]) -> None:
        self.nested.emit(laid if self._nested_of == self.bench.order else ())


def _worked_out(results: OrderResults) -> FinishedOrder:
    """The order with all that the window shows of its cut worked out, so that the window need not."""
    done = results.finished()
    for run in done.cut.runs:
        _ = run.tips, run.paths, run.travel_mm
    return done
