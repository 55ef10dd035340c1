"""The computer is kept from falling asleep by itself while a clock runs or a film is cut: it would call nobody."""

import shutil

from PySide6.QtCore import QObject, QProcess

from vitrograph.core.language import tr


class Awake(QObject):
    """Holds systemd's inhibitor lock (systemd-inhibit(1)) by a process that ends with this one, however it ends.

    Where there is no systemd nothing is done: a sleep is then noticed, and said.
    """

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._lock: QProcess | None = None

    def keep(self, awake: bool) -> None:
        """Keep it awake from now on, or no longer."""
        if awake == (self._lock is not None):
            return
        if not awake:
            self._let_go()
        elif (program := shutil.which("systemd-inhibit")) is not None:
            self._lock = QProcess(self)
            # cat ends when its input does, and that is ours
            self._lock.start(program, ["--what=idle:sleep", "--mode=block", "--who=Vitrograph",
                                       "--why=" + tr("a clock is running, or a film is being cut"), "cat"])

    def close(self) -> None:
        """Let go of the lock, and see it end."""
        if (lock := self._let_go()) is not None:
            lock.waitForFinished(500)

    def _let_go(self) -> QProcess | None:
        lock, self._lock = self._lock, None
        if lock is not None:
            lock.finished.connect(lock.deleteLater)
            lock.closeWriteChannel()
        return lock
