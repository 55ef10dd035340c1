"""What is being worked out, once that takes longer than a moment: which step, how far it is, and a way to stop it."""

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import QHBoxLayout, QProgressBar, QWidget

from vitrograph.core.stage_table import STAGES
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named

_MOMENT_MS = 500
_MARGIN = 12                       # px from the corner of the widget that it lies on


class WorkBar(QWidget):
    """Lies in the upper left corner of another widget while results are waited for, and after they were stopped."""

    def __init__(self, bench: Bench, over: QWidget) -> None:
        super().__init__(over)
        named(self, "workBar")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.bench = bench
        self._says = label("")
        self._says.setWordWrap(False)
        self._far = QProgressBar()
        self._far.setFixedSize(90, 6)
        self._far.setTextVisible(False)
        self._button = button("Stop")
        self._button.setObjectName("stopWork")
        self._button.clicked.connect(self._press)
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 4, 6, 4)
        row.setSpacing(12)
        for widget in (self._says, self._far, self._button):
            row.addWidget(widget)
        self._moment = QTimer(self, singleShot=True, interval=_MOMENT_MS)
        self._moment.timeout.connect(self._show)
        self._stopped, self._done = False, 0
        bench.runner.asked.connect(self._begin)
        bench.runner.reached.connect(self._reach)
        bench.runner.ended.connect(self._end)
        self.hide()

    def _begin(self) -> None:
        """Newer work: what is shown of older work stays until this one, too, takes longer than a moment."""
        self._stopped = False
        self._reach(0)
        self._moment.start()

    def _reach(self, done: int) -> None:
        self._done = done
        if self.isVisible() and not self._stopped:             # what takes a moment is written for nobody
            self._tell_how_far()

    def _tell_how_far(self) -> None:
        whole = len(STAGES) * len(self.bench.order.pieces)
        self._far.setRange(0, whole)
        self._far.setValue(self._done)
        station = STAGES[self._done % len(STAGES)].station
        self._tell(f"Working out: {station}, {self._done} of {whole} steps done", "Stop")

    def _tell(self, words: str, does: str) -> None:
        self._says.setText(words)
        self._far.setVisible(does == "Stop")
        self._button.setText(does)
        self.adjustSize()

    def _press(self) -> None:
        if self._stopped:
            self.bench.work_out()
            return
        self._stopped = True
        self.bench.runner.stop()
        self._tell("Stopped: the views show what was worked out before", "Go on")

    def _end(self) -> None:
        self._moment.stop()
        if not self._stopped:
            self.hide()

    def _show(self) -> None:
        self._tell_how_far()
        self.move(_MARGIN, _MARGIN)
        self.show()
        self.raise_()
