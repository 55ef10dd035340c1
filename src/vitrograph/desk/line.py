"""The line of stations: the map of the job, each with its state (shape and word) and its live answer."""

from typing import Literal

from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QAbstractButton, QHBoxLayout, QSizePolicy, QWidget

from vitrograph.core.errors import NothingYet
from vitrograph.core.findings import Level, worst
from vitrograph.core.pipeline import STATIONS, Results, Station
from vitrograph.core.telling.answers import answer
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme

State = Literal["open", "good", "watch", "stop"]

_HAS = {"glass": "wall", "artwork": "art", "fit": "fitted", "stencil": "sheet", "cut": "cut", "weed": "weed",
        "transfer": "transfer", "etch": "etch"}
_WORDS: dict[State, str] = {"open": "nothing yet", "good": "good", "watch": "to watch", "stop": "to mend"}


def state_of(results: Results, station: Station) -> State:
    """A station's state: open where it has no answer, else as grave as the gravest thing found there."""
    error = results.error(station)
    if error is not None:
        return "open" if isinstance(error, NothingYet) else "stop"
    if getattr(results, _HAS[station]) is None:
        return "open"
    level = worst(results.findings(station))
    return "stop" if level is Level.STOP else "watch" if level is Level.WATCH else "good"


class StationButton(QAbstractButton):
    """One station: its mark on the line, its name, and its answer below."""

    def __init__(self, station: Station, number: int) -> None:
        super().__init__()
        self.station, self.number = station, number
        self.state: State = "open"
        self.answer = ""
        self.setObjectName(f"station_{station}")
        self.setText(station.capitalize())
        self.setCheckable(True)
        self.setAutoExclusive(True)
        self.setToolTip(f"{station.capitalize()}  (Ctrl+{number})")
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)

    def show_state(self, state: State, text: str) -> None:
        """Take a new state and answer."""
        self.state = state
        self.answer = text or {"open": "–", "stop": "to mend"}.get(state, "")
        self.setAccessibleName(f"{self.text()}: {_WORDS[state]}, {self.answer}")
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(96, 3 * self.fontMetrics().height() + 20)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        middle, line = self.width() / 2, 18.0
        if self.isChecked():
            painter.fillRect(self.rect(), QColor(theme.CARD))
            painter.fillRect(QRectF(0, self.height() - 3, self.width(), 3), QColor(theme.ACCENT))
        elif self.underMouse():
            painter.fillRect(self.rect(), theme.colour(theme.CARD, 0.5))
        painter.setPen(QPen(QColor(theme.LINE), 2))
        if self.number > 1:
            painter.drawLine(QLineF(0, line, middle - 11, line))
        if self.number < len(STATIONS):
            painter.drawLine(QLineF(middle + 11, line, self.width(), line))
        draw_state(painter, QPointF(middle, line), self.state)
        self._write(painter)
        if self.hasFocus():
            painter.setPen(QPen(QColor(theme.ACCENT), 1))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5))

    def _write(self, painter: QPainter) -> None:
        high = self.fontMetrics().height()
        painter.setFont(theme.font(1.0, bold=self.isChecked()))
        painter.setPen(QColor(theme.TEXT))
        painter.drawText(QRectF(0, 30, self.width(), high), Qt.AlignmentFlag.AlignCenter, self.text())
        painter.setFont(theme.font(0.9))
        painter.setPen(QColor(theme.QUIET))
        room = QRectF(2, 32 + high, self.width() - 4, high)
        shown = painter.fontMetrics().elidedText(self.answer, Qt.TextElideMode.ElideRight, int(room.width()))
        painter.drawText(room, Qt.AlignmentFlag.AlignCenter, shown)


def draw_state(painter: QPainter, at: QPointF, state: str, size: float = 6.0) -> None:
    """A state as a shape: open ring, disc, triangle, square."""
    tone = QColor(theme.LEVEL_COLOURS[state])
    painter.setPen(QPen(tone, 2))
    painter.setBrush(tone if state not in {"open", "note"} else Qt.BrushStyle.NoBrush)
    if state == "watch":
        corners = [QPointF(at.x(), at.y() - size), QPointF(at.x() + size, at.y() + size * 0.8),
                   QPointF(at.x() - size, at.y() + size * 0.8)]
        painter.drawPolygon(QPolygonF(corners))
    elif state == "stop":
        painter.drawRect(QRectF(at.x() - size * 0.85, at.y() - size * 0.85, size * 1.7, size * 1.7))
    else:
        painter.drawEllipse(at, size * 0.9, size * 0.9)


class StationLine(QWidget):
    """The nine stations in the order of the work."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.setObjectName("stationLine")
        self.bench = bench
        row = QHBoxLayout(self)
        row.setContentsMargins(8, 0, 8, 0)
        row.setSpacing(0)
        self.buttons: dict[Station, StationButton] = {}
        for number, station in enumerate(STATIONS, start=1):
            made = StationButton(station, number)
            made.clicked.connect(lambda _checked, name=station: bench.go(name))
            row.addWidget(made)
            self.buttons[station] = made
        bench.station_changed.connect(self._mark)
        bench.results_changed.connect(self._show)
        self._mark(bench.station)
        self._show(bench.results)

    def _mark(self, station: Station) -> None:
        self.buttons[station].setChecked(True)

    def _show(self, results: Results) -> None:
        for station, made in self.buttons.items():
            if station == "logbook":
                kept = self.bench.kept
                made.show_state("good" if kept else "open", f"{kept} kept" if kept else "")
            else:
                made.show_state(state_of(results, station), answer(results, station, self.bench.unit))
