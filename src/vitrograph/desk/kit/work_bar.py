"""What is being worked out, once that takes longer than a moment: which step, how far it is, and a way to stop it."""

from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QColor, QPaintEvent
from PySide6.QtWidgets import QHBoxLayout, QWidget

from vitrograph.core.language import tr
from vitrograph.core.stage_table import STAGES
from vitrograph.core.stations import station_title
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting

_MOMENT_MS = 500
_MARGIN = 12                       # px from the corner of the widget that it lies on


class HowFar(QWidget):
    """A share of a whole as a line. Qt's own bar paints at once, and all that lies below it, at every step."""

    def __init__(self) -> None:
        super().__init__()
        self.setFixedSize(90, 6)
        self.done, self.whole = 0, 1

    def tell(self, done: int, whole: int) -> None:
        """Show that so much is done, when next something is painted."""
        self.done, self.whole = done, whole
        self.update()

    def paintEvent(self, _event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.fillRect(self.rect(), QColor(theme.LINE))
            painter.fillRect(0, 0, round(self.width() * self.done / self.whole), self.height(), QColor(theme.ACCENT))


class WorkBar(QWidget):
    """Lies in the upper left corner of another widget while results are waited for, and after they were stopped."""

    def __init__(self, bench: Bench, over: QWidget) -> None:
        super().__init__(over)
        named(self, "workBar")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.bench = bench
        self._says = label("")
        self._says.setWordWrap(False)
        self._far = HowFar()
        self._button = button(tr("Stop"))
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
        whole = len(STAGES) * len(self.bench.order.places)
        self._far.tell(self._done, whole)
        station = station_title(STAGES[self._done % len(STAGES)].station)
        self._tell(tr("Working out: {station}, {done} of {whole} steps done", station=station, done=self._done,
                      whole=whole), tr("Stop"))

    def _tell(self, words: str, does: str) -> None:
        self._says.setText(words)
        self._far.setVisible(not self._stopped)
        self._button.setText(does)
        self.adjustSize()

    def _press(self) -> None:
        if self._stopped:
            self.bench.work_out()
            return
        self._stopped = True
        self.bench.runner.stop()
        self._tell(tr("Stopped: the views show what was worked out before"), tr("Go on"))

    def _end(self) -> None:
        if not self.bench.runner.idle:                         # told of older work, after newer was asked for
            return
        self._moment.stop()
        if not self._stopped:
            self.hide()

    def _show(self) -> None:
        self._tell_how_far()
        self.move(_MARGIN, _MARGIN)
        self.show()
        self.raise_()
