"""Work off the GUI thread for a dialog: one question at a time; what a newer one outdates is dropped."""

from collections.abc import Callable

from PySide6.QtCore import QCoreApplication, QObject, QThreadPool, Signal

from vitrograph.core.errors import VitrographError
from vitrograph.core.language import tr


class BackgroundTask(QObject):
    """`answered` carries what the work returned, `refused` the sentence of what it raised."""

    answered = Signal(object)
    refused = Signal(str)
    _done = Signal(int, object, object)

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._asked = self._told = 0
        self._pool = QThreadPool(self)
        self._pool.setMaxThreadCount(1)
        self._done.connect(self._tell)
        # work under way is waited for while the interpreter can still run it to its end
        program = QCoreApplication.instance()
        assert program is not None
        program.aboutToQuit.connect(self._finish)
        parent.destroyed.connect(self._finish)

    @property
    def busy(self) -> bool:
        """Whether an answer is still to come."""
        return self._told < self._asked

    def ask(self, work: Callable[[], object]) -> None:
        """Do some work; only the newest is answered."""
        self._asked += 1
        self._pool.clear()
        self._pool.start(lambda number=self._asked: self._do(work, number))

    def forget(self) -> None:
        """Want no answer to what was asked."""
        self._asked += 1
        self._told = self._asked
        self._pool.clear()

    def _finish(self) -> None:
        self._pool.clear()
        self._pool.waitForDone()

    def _do(self, work: Callable[[], object], number: int) -> None:
        """On the pool's thread: do it, and tell the GUI thread by a signal."""
        try:
            self._done.emit(number, work(), None)
        except VitrographError as error:
            self._done.emit(number, None, error)
        except Exception as error:      # a fault of ours must not take the window down: say it
            told = VitrographError(tr("this could not be worked out ({name}: {error})", name=type(error).__name__,
                                      error=error))
            self._done.emit(number, None, told)

    def _tell(self, number: int, answer: object, error: VitrographError | None) -> None:
        if number != self._asked:
            return
        self._told = number
        if error is None:
            self.answered.emit(answer)
        else:
            self.refused.emit(str(error))
