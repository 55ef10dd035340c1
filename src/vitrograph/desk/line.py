"""The line of stations: the map of the job, each with its state (shape and word) and its live answer."""

from typing import Literal

from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt, QTimer
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QAbstractButton, QHBoxLayout, QSizePolicy, QWidget

from vitrograph.core.errors import NothingYet
from vitrograph.core.findings import Level, worst
from vitrograph.core.language import capital, tr
from vitrograph.core.stations import STATIONS, Station, station_title
from vitrograph.core.telling.answers import answer, order_answer
from vitrograph.core.work import clock_words
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.state_mark import draw_state

State = Literal["open", "good", "watch", "stop", "under way", "done"]

_HAS = {"glass": "wall", "artwork": "art", "fit": "fitted", "stencil": "sheet", "cut": "cut", "weed": "weed",
        "transfer": "transfer", "etch": "etch"}
_OF_ALL: tuple[Station, ...] = ("cut", "weed", "transfer", "etch")     # told of the whole order
_WALKED: tuple[Station, ...] = ("weed", "transfer", "etch")
_WORDS: dict[State, str] = {"open": tr("nothing yet"), "good": tr("good"), "watch": tr("to watch"),
                            "stop": tr("to mend"),
                          "under way": tr("under way"), "done": tr("done")}


def state_of(bench: Bench, station: Station) -> State:
    """A station's state: open where it has no answer, else as grave as what was found there, or how far its work is."""
    every = bench.order_results.pieces if station in _OF_ALL else (bench.results,)
    errors = [error for results in every if (error := results.error(station)) is not None]
    if errors:
        return "open" if all(isinstance(error, NothingYet) for error in errors) else "stop"
    if not bench.logged if station == "logbook" else all(getattr(results, _HAS[station]) is None for results in every):
        return "open"
    level = bench.order_results.worst_at(station) if station in _OF_ALL else worst(bench.findings(station))
    if level in (Level.STOP, Level.WATCH):
        return "stop" if level is Level.STOP else "watch"
    if station == "logbook":
        written, many = _written_down(bench)
        return "done" if written == many else "under way" if written else "good"
    work = bench.work.order_state(station) if station in _WALKED else "planned"
    return "good" if work == "planned" else work


def answer_of(bench: Bench, station: Station) -> str:
    """A station's answer in a few words: what is planned, or how far the work is, with its clock."""
    if station == "logbook":
        written, every = _written_down(bench)
        kept = tr("{logged} kept", logged=bench.logged) if bench.logged else ""
        return tr("{n} of {every} written down", n=written, every=every) if written else kept
    state = bench.work.order_state(station) if station in _WALKED else "planned"
    if state == "done":
        return _WORDS[state]
    urgent = bench.making.most_urgent()
    if urgent is not None and urgent[0].station == station and (station == "etch" or urgent[1].left(
            bench.making.now()) > 0):                          # nobody is late for film that has settled
        return tr("under way {time}", time=clock_words(urgent[1].left(bench.making.now())))
    if state == "under way":
        return tr("under way, {done} done", done=bench.work.steps_done(station))
    whole = order_answer(bench.order_results, station) if len(bench.order_results.pieces) > 1 else ""
    return whole or answer(bench.results, station, bench.unit)


def _written_down(bench: Bench) -> tuple[int, int]:
    """How many of the order's pieces are written in the logbook as they were made this time, and how many there are."""
    keys = {results.job.key for results in bench.order_results.pieces}
    return len(keys & bench.pieces_logged), len(keys)


class StationButton(QAbstractButton):
    """One station: its mark on the line, its name, and its answer below."""

    def __init__(self, station: Station, number: int) -> None:
        super().__init__()
        self.station, self.number = station, number
        self.state: State = "open"
        self.answer = ""
        self.setObjectName(f"station_{station}")
        title = capital(station_title(station))
        self.setText(title)
        self.setCheckable(True)
        self.setAutoExclusive(True)
        self.setToolTip(f"{title}  (Ctrl+{number})")
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)

    def show_state(self, state: State, text: str) -> None:
        """Take a new state and answer."""
        answer = text or {"open": "–", "stop": tr("to mend")}.get(state, "")
        if (state, answer) == (self.state, self.answer):
            return
        self.state, self.answer = state, answer
        self.setAccessibleName(f"{self.text()}: {_WORDS[state]}, {self.answer}")
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(96, 3 * self.fontMetrics().height() + 20)

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
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
        self._later = QTimer(self, singleShot=True, interval=theme.AFTER_VIEWS_MS)
        self._later.timeout.connect(self._show)
        bench.results_changed.connect(lambda _results: self._take())
        bench.order_changed.connect(self._take)
        bench.making.changed.connect(self._show)
        bench.making.ticked.connect(self._show)
        self._mark(bench.station)
        self._show()

    def _mark(self, station: Station) -> None:
        self.buttons[station].setChecked(True)

    def _take(self) -> None:
        """Show what is known; while it grows still, once the views stand: they are looked at while one types."""
        if self.bench.results.complete:
            self._show()
        elif not self._later.isActive():
            self._later.start()

    def _show(self) -> None:
        self._later.stop()
        for station, made in self.buttons.items():
            made.show_state(state_of(self.bench, station), answer_of(self.bench, station))
