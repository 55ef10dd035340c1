"""Results off the GUI thread: the newest order is worked on, older ones are dropped or cancelled."""

from threading import Event, Lock
from time import perf_counter

from PySide6.QtCore import QObject, QSemaphore, QThread, Signal

from vitrograph.core.errors import Cancelled
from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import OrderResults, Results

_QUICK_SECONDS = 0.005             # art that is laid sooner waits for its stencil: both are drawn at once
_COLD_SECONDS = 0.5                # the same for the first art of all, which much is read for
_DRAWING_SECONDS = 0.15            # at most: what was answered is drawn before the processor is taken again


class Runner(QThread):
    """One worker thread over one pipeline. `answered` carries growing results; the last of an order is complete.

    `reached` tells how many stages of the order are done; `ended` that nothing is being worked on any more.
    """

    asked = Signal()
    reached = Signal(int)
    answered = Signal(object)
    ended = Signal()
    broke = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._lock = Lock()
        self._wanted: tuple[Order, int] | None = None
        self._cancel = Event()
        self._work = QSemaphore()
        self._drawn = Event()
        self._heard = True                 # false while an answer is on its way to the window's thread
        self._closing = False
        self._idle = True
        self._quick = _COLD_SECONDS

    @property
    def idle(self) -> bool:
        """Whether nothing was asked for since the last work ended: `ended` may come when newer work has begun."""
        with self._lock:
            return self._idle

    def ask(self, order: Order, at: int) -> None:
        """Ask for an order's results, those of one piece first; whatever was being worked on is outdated."""
        with self._lock:
            self._cancel.set()
            self._wanted = order, at
            self._idle = False
        self._drawn.set()
        self._work.release()
        self.asked.emit()

    def stop(self) -> None:
        """Break off what is being worked on, at the next place where that can be done."""
        with self._lock:
            self._cancel.set()
            self._wanted = None
        self._drawn.set()

    def hear(self) -> None:
        """The last answer has come: what is drawn from now on may be it."""
        self._heard = True

    def go_on(self) -> None:
        """All that has come is drawn: work on, unless that was the answer before the last, which is on its way."""
        if self._heard:
            self._drawn.set()

    def close(self) -> None:
        """Stop the thread and wait for it."""
        with self._lock:
            self._closing = True
            self._cancel.set()
            self._drawn.set()
        self._work.release()
        self.wait()

    def run(self) -> None:
        """The thread's own loop."""
        pipeline = Pipeline()
        while True:
            self._work.acquire()
            with self._lock:
                if self._closing:
                    return
                wanted, self._wanted = self._wanted, None
                self._cancel = cancel = Event()
            if wanted is not None:
                self._answer(pipeline, *wanted, cancel)
                with self._lock:
                    idle = self._idle = self._wanted is None
                if idle:
                    self.ended.emit()

    def _answer(self, pipeline: Pipeline, order: Order, at: int, cancel: Event) -> None:
        try:
            begun = perf_counter()
            for made in pipeline.steps_of_order(order, at, cancel):
                results = made.pieces[at]
                self.reached.emit(made.done)
                if _worth_showing(results, slow=perf_counter() - begun > self._quick) and not cancel.is_set():
                    self._heard = False
                    self._drawn.clear()
                    self.answered.emit(made)
                    if not results.complete and not cancel.is_set():
                        self._drawn.wait(_DRAWING_SECONDS)
            self._quick = _QUICK_SECONDS
            _weed_ahead(made, at, cancel)
        except Cancelled:
            return
        except Exception as error:      # a fault of ours must not freeze the window: say it, keep the job
            self.broke.emit(tr("this could not be worked out ({name}: {error}): undo the last change",
                               name=type(error).__name__, error=error))


def _weed_ahead(made: OrderResults, at: int, cancel: Event) -> None:
    """Work out how every piece is weeded, the one in hand first: so far nobody has asked, but the window soon will."""
    for results in (made.pieces[at], *made.pieces):
        if results.weed is not None and not cancel.is_set():
            _ = results.weed.steps


def _worth_showing(results: Results, *, slow: bool) -> bool:
    """The stencil is shown as soon as it stands, then everything at the end; large art as soon as it is laid."""
    mapped = results.fitted is not None and results.sheet is None and slow
    return results.complete or mapped or (results.room is not None and results.assessed is None)
