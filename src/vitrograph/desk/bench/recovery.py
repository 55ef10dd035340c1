"""Unsaved work survives a crash: a safety copy, a few seconds old at most, offered again at the next start."""

from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from vitrograph.core.errors import OrderFileError
from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.core.storing.unsaved import LeftBehind, SafetyCopy
from vitrograph.core.storing.whole import reason
from vitrograph.desk.bench import Bench

_REST_MS = 1500
_LATEST_MS = 3000         # with the writing itself, at most five seconds of work are lost


class Recovery(QObject):
    """Keeps a copy of the order in hand while it differs from what was saved.

    The files are written on a thread of their own, one after the other, so that a slow disk halts nobody.
    """

    _failed = Signal(str)

    def __init__(self, bench: Bench, folder: Path) -> None:
        super().__init__(bench)
        self.bench, self.folder = bench, folder
        self._copy: SafetyCopy | None = None          # the thread's alone
        self._files = ThreadPoolExecutor(1, "safety copies")
        self._warned = False
        self._rest = QTimer(self, singleShot=True, interval=_REST_MS)
        self._latest = QTimer(self, singleShot=True, interval=_LATEST_MS)
        for timer in (self._rest, self._latest):
            timer.timeout.connect(self.keep)
        self._failed.connect(self._warn)
        bench.job_changed.connect(lambda _job: self._changed())
        bench.undo_stack.cleanChanged.connect(lambda clean: self.forget() if clean else self._changed())

    def _changed(self) -> None:
        self._rest.start()
        if not self._latest.isActive():
            self._latest.start()

    def keep(self) -> None:
        """Have the copy written, if there is anything unsaved."""
        self._stop()
        if not self.bench.undo_stack.isClean():
            order, path = self.bench.order, self.bench.path
            self._do(lambda: self._keep(order, path))

    def forget(self) -> None:
        """The work is saved, or given up on purpose: drop the copy."""
        self._stop()
        self._do(self._forget)

    def adopt(self, left: LeftBehind) -> None:
        """Go on with a copy left behind as our own: its work stays safe in it from this moment on."""
        def adopt() -> None:
            self._forget()
            self._copy = left.copy

        self._do(adopt)

    def wait(self) -> None:
        """Wait until the files are as asked for."""
        self._files.submit(lambda: None).result()

    def close(self) -> None:
        """End; a copy that was not dropped is left for the next start."""
        self._stop()
        self._do(self._let_go)
        self._files.shutdown(wait=True)

    def _stop(self) -> None:
        self._rest.stop()
        self._latest.stop()

    def _do(self, work: Callable[[], None]) -> None:
        """On the files' thread; a disk that refuses must not stop the work."""
        def attempt() -> None:
            try:
                work()
            except OrderFileError as error:
                self._failed.emit(str(error))
            except OSError as error:
                self._failed.emit(f"{self.folder}: {reason(error)}")

        self._files.submit(attempt)

    def _keep(self, order: Order, path: Path | None) -> None:
        if self._copy is None:
            self._copy = SafetyCopy.begin(self.folder)
        self._copy.keep(order, path)

    def _forget(self) -> None:
        copy, self._copy = self._copy, None
        if copy is not None:
            copy.drop()

    def _let_go(self) -> None:
        copy, self._copy = self._copy, None
        if copy is not None:
            copy.let_go()

    def _warn(self, why: str) -> None:
        """Say once that the work is not guarded: a sentence every three seconds would be in the way."""
        if not self._warned:
            self._warned = True
            self.bench.refused.emit(tr("no safety copy could be kept ({why}): save the order yourself", why=why))
