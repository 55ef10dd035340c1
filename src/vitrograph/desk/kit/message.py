"""One sentence along the foot of a window, for a while: what was done, or why something was not."""

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QLabel, QVBoxLayout, QWidget

from vitrograph.core.language import capital
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import label

_SHOWN_MS = 7000


class Message(QWidget):
    """Takes no room while nothing is said."""

    def __init__(self) -> None:
        super().__init__()
        self._label: QLabel = label("")
        self._label.setObjectName("message")
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self._label)
        self._time = QTimer(self, singleShot=True, interval=_SHOWN_MS)
        self._time.timeout.connect(self.hide)
        self.hide()

    def text(self) -> str:
        """What was said last."""
        return self._label.text()

    def say(self, text: str, *, wrong: bool = False) -> None:
        """Say a sentence."""
        edge = theme.STOP if wrong else theme.GOOD
        self._label.setStyleSheet(f"color: {theme.TEXT}; background: {theme.CARD}; border-left: 6px solid {edge};"
                                  f"padding: 8px 16px;")
        self._label.setText(capital(text))
        self.show()
        self._time.start()


class Heard(Message):
    """What the bench says, in a window of its own that may lie over the foot of the shell."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        bench.told.connect(self._hear)
        bench.refused.connect(self._hear_refused)

    def _hear(self, text: str) -> None:
        if self.window().isVisible():
            self.say(text)

    def _hear_refused(self, text: str) -> None:
        if self.window().isVisible():
            self.say(text, wrong=True)
