"""Results off the GUI thread: the newest job is worked on, older ones are dropped or cancelled."""

from threading import Event, Lock
from time import perf_counter

from PySide6.QtCore import QObject, QSemaphore, QThread, Signal

from vitrograph.core.errors import Cancelled
from vitrograph.core.job import Job
from vitrograph.core.pipeline import Pipeline, Results

_QUICK_SECONDS = 0.008             # art that is laid sooner waits for its stencil: both are drawn at once
_DRAWING_SECONDS = 0.15            # at most: what was answered is drawn before the processor is taken again


class Runner(QThread):
    """One worker thread over one pipeline. `answered` carries growing results; the last of a job is complete."""

    answered = Signal(object)
    broke = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._lock = Lock()
        self._wanted: Job | None = None
        self._cancel = Event()
        self._work = QSemaphore()
        self._drawn = Event()
        self._closing = False

    def ask(self, job: Job) -> None:
        """Ask for a job's results; whatever was being worked on is outdated."""
        with self._lock:
            self._cancel.set()
            self._wanted = job
        self._drawn.set()
        self._work.release()

    def go_on(self) -> None:
        """What was answered has been drawn: work on."""
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
                job, self._wanted = self._wanted, None
                self._cancel = cancel = Event()
            if job is not None:
                self._answer(pipeline, job, cancel)

    def _answer(self, pipeline: Pipeline, job: Job, cancel: Event) -> None:
        try:
            begun = perf_counter()
            for results in pipeline.steps(job, cancel):
                if _worth_showing(results, perf_counter() - begun) and not cancel.is_set():
                    self._drawn.clear()
                    self.answered.emit(results)
                    if not results.complete and not cancel.is_set():
                        self._drawn.wait(_DRAWING_SECONDS)
        except Cancelled:
            return
        except Exception as error:      # a fault of ours must not freeze the window: say it, keep the job
            self.broke.emit(f"this could not be worked out ({type(error).__name__}: {error}): undo the last change")


def _worth_showing(results: Results, seconds: float) -> bool:
    """The stencil is shown as soon as it stands, then everything at the end; large art as soon as it is laid."""
    mapped = results.fitted is not None and results.room is None and seconds > _QUICK_SECONDS
    return results.complete or mapped or (results.sheet is not None and results.cut is None)
