"""What the two views share: results, the linked pointer, dragging the art, and quiet words."""

from collections.abc import Callable
from functools import partial
from time import perf_counter

import numpy as np
import shapely
from msgspec import Struct
from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPixmap, QResizeEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.fit import Fitted, moved_round, moved_up
from vitrograph.core.job import Fit
from vitrograph.core.job.change import Put
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.held import HeldArt
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting

_HELD_MM = 0.03                    # how far outlines may stray while the art is held
_REST_MS = 180                     # without a movement: the hand rests, and the stations may follow
_MARKED = "logbook"                # the station at which a click marks a place, and the art is not taken hold of
_CLICK_PX = 4                      # what moves less is a click
_NEAR_MM = 2.0                     # how near the art a press must be to take hold of it


class View(QWidget):
    """One of the two linked views of the piece."""

    painted = Signal(float)        # seconds a frame took, for bench/
    drawn_of: tuple[str, ...] = ("wall", "fitted", "sheet")      # the results that `take_results` makes ready
    waits_ms = 0                   # when a station is entered: its card and both views at once would be a halt
    next_ms = 0                    # when results of the piece in hand are in, for the same reason

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.results: Results = bench.results
        self.last = QPixmap()                      # how it looked when it was left, until the first results are in
        self.mark: tuple[float, float] | None = None
        self._drag_from: QPointF | None = None
        self._pressed = QPointF()
        self._held: _Held | None = None
        self.setMouseTracking(True)
        self.setMinimumSize(theme.LEAST_VIEW)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setFocusPolicy(Qt.FocusPolicy.ClickFocus)
        bench.results_changed.connect(self._take)
        bench.pointed.connect(self._take_mark)
        self._rest = QTimer(self, interval=_REST_MS, singleShot=True)
        self._rest.timeout.connect(self._commit)
        self._backdrop: QPixmap | None = None      # what does not move while pieces are held
        bench.held_changed.connect(self._take_live)
        bench.station_changed.connect(lambda _station: QTimer.singleShot(self.waits_ms, self, self.update))

    # -- to be given by each view --------------------------------------------------------------------------------

    def take_results(self, results: Results) -> None:
        """Make ready for painting."""

    def prepare(self, results: Results) -> None:
        """Begin beside the GUI thread what `take_results` will need."""

    def paint(self, painter: QPainter) -> None:
        """Paint everything but the title."""

    def paint_held(self, painter: QPainter, held_art: HeldArt) -> None:
        """Paint the pieces in the hand, and those that lie over them."""

    def wall_at(self, x: float, y: float) -> tuple[float, float] | None:
        """The wall point under the pointer."""
        raise NotImplementedError

    def hold(self) -> Callable[[float, float], tuple[float, float] | None]:
        """How the pointer is read while art is held; here, as ever."""
        return self.wall_at

    def drag_view(self, dx: float, dy: float) -> None:
        """Turn or shift what is looked at."""

    # -- shared --------------------------------------------------------------------------------------------------

    def _take(self, results: Results) -> None:
        if self.bench.held_art is not None:                   # it is shown over what stood when it was taken hold of
            return
        if results.job.key != self.results.job.key:           # another piece: card and views in frames of their own
            QTimer.singleShot(self.waits_ms, self, self._show_newest)
        elif self.next_ms and self.results.wall is not None:  # likewise, counted from when all the others were told
            self.prepare(results)
            QTimer.singleShot(0, self, partial(QTimer.singleShot, self.next_ms, self, self._show_newest))
        else:
            self._show(results)

    def _show_newest(self) -> None:
        self._show(self.bench.results)

    def _show(self, results: Results) -> None:
        before = self.results
        changed = any(getattr(results, name) is not getattr(before, name) for name in self.drawn_of)
        self.results = results
        if changed:
            self.take_results(results)
        self.update()

    def _take_live(self) -> None:
        if self.bench.held_art is None:
            self._backdrop = None
        self.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        self._backdrop = None
        super().resizeEvent(event)

    def blank(self, tone: QColor, size: QSize | None = None) -> QPixmap:
        """A picture of so many pixels of the view, or as large as it, all of one tone."""
        ratio = self.devicePixelRatioF()
        made = QPixmap((size or self.size()) * ratio)
        made.setDevicePixelRatio(ratio)
        made.fill(tone)
        return made

    def _painted_backdrop(self) -> QPixmap:
        """All but the pieces in the hand and those over them, painted once for as long as they are held."""
        if self._backdrop is None:
            self._backdrop = self.blank(QColor(theme.BLACK_CARD))
            with painting(self._backdrop) as painter:
                self.paint(painter)
        return self._backdrop

    def _take_mark(self, point: tuple[float, float] | None) -> None:
        self.mark = point
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        begun = perf_counter()
        with painting(self) as painter:
            held_art = self.bench.held_art
            if self.results.sheet is not None or self.results.failed:
                self.last = QPixmap()
            if not self.last.isNull():
                painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
                painter.drawPixmap(0, 0, self.last)
            elif held_art is None:
                self.paint(painter)
            else:
                painter.drawPixmap(0, 0, self._painted_backdrop())
                self.paint_held(painter, held_art)
        self.painted.emit(perf_counter() - begun)

    def write(self, painter: QPainter, box: QRectF, text: str, tone: str | QColor, *, scale: float = 1.0,
              bold: bool = False, align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignLeft) -> None:
        """Write quiet words into a box."""
        painter.setFont(theme.font(scale, bold=bold))
        painter.setPen(QColor(tone))
        painter.drawText(box, align | Qt.AlignmentFlag.AlignVCenter, text)

    def say(self, painter: QPainter, text: str, tone: str) -> None:
        """One sentence in the middle of an otherwise empty view."""
        self.write(painter, QRectF(self.rect()).adjusted(24, 0, -24, 0), text, tone, scale=1.15,
                   align=Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._drag_from = self._pressed = event.position()
        if self.bench.station != _MARKED:
            self.take_hold(event.position())

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._drag_from is None:
            x, y = event.position().x(), event.position().y()
            at = self.wall_at(x, y)
            self.bench.pointed.emit(at)
            self.setCursor(Qt.CursorShape.SizeAllCursor if at and self._on_art(at) else Qt.CursorShape.ArrowCursor)
        elif self._held is not None:
            self.drag_to(event.position())
        else:
            moved = event.position() - self._drag_from
            self._drag_from = event.position()
            self.drag_view(moved.x(), moved.y())

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._drag_from = None
        self.release_art()
        place = event.position()
        if self.bench.station == _MARKED and (place - self._pressed).manhattanLength() < _CLICK_PX:
            wall = self.wall_at(place.x(), place.y())
            if wall is not None:
                self.bench.clicked.emit(wall)

    # -- the art in the hand: it follows by the map alone, and what follows from its place is worked out at rest ------

    def take_hold(self, at: QPointF) -> None:
        """Take hold of the art, if it is there."""
        wall, fitted = self.wall_at(at.x(), at.y()), self.results.fitted
        self._held = None
        if wall is not None and fitted is not None and self.bench.held_art is None and self._on_art(wall):
            self._held = _Held(wall, self.bench.job.fit, fitted, self.hold())

    def drag_to(self, at: QPointF) -> None:
        """Carry the art that is held by as much as the pointer moved on the wall since then."""
        wall = self._held.wall_under(at.x(), at.y()) if self._held is not None else None
        if self._held is None or wall is None:
            return
        if self.bench.held_art is None:
            self.bench.hold(HeldArt(self.results, self.results.art.keys if self.results.art else (), _HELD_MM))
        assert self.bench.held_art is not None
        self._held.step = wall[0] - self._held.at[0], wall[1] - self._held.at[1]
        self.bench.held_art.carry(*self._held.step)
        self.bench.held_changed.emit()
        self._rest.start()

    def release_art(self) -> None:
        """Let go of the art where it is."""
        self._rest.stop()
        if self._held is not None and self.bench.held_art is not None:
            self._commit()
            self.bench.let_go()
        self._held = None

    def _commit(self) -> None:
        """Take over into the job where the hand has brought the art, as one undo step."""
        held = self._held
        if held is None:
            return
        du, ds = held.step
        changes = (*moved_up(held.fit, held.fitted.wall, held.fitted.from_rim, ds),
                   *moved_round(held.fitted.wall, held.fitted.angle, du))
        self.bench.edit(tr("Move the art"), *map(_to_hundredths, changes), merge=True)

    def leaveEvent(self, event: object) -> None:
        self.bench.pointed.emit(None)

    def _on_art(self, wall_point: tuple[float, float]) -> bool:
        fitted = self.results.fitted
        if fitted is None:
            return False
        u_low, s_low, u_high, s_high = fitted.wall_bounds
        u, s = wall_point
        if fitted.wall.closed:
            u += 2 * np.pi * np.round((fitted.chart.u0 - u) / (2 * np.pi))
        slack = _NEAR_MM / fitted.chart.middle_scale
        return bool(u_low - slack <= u <= u_high + slack and s_low - _NEAR_MM <= s <= s_high + _NEAR_MM)


class _Held(Struct):
    """Art taken hold of: where on the wall, its placing then, how the pointer is read, how far it has been carried."""

    at: tuple[float, float]
    fit: Fit
    fitted: Fitted
    wall_under: Callable[[float, float], tuple[float, float] | None]
    step: tuple[float, float] = (0.0, 0.0)


def _to_hundredths(change: Put) -> Put:
    """Lengths that a hand sets need no more digits than a ruler has."""
    if not isinstance(change.value, float) or change.path == "fit__angle":
        return change
    return Put(change.path, round(change.value, 2))


def bounds_of(*shapes: shapely.Geometry) -> tuple[float, float, float, float]:
    """The box round some shapes."""
    left, low, right, high = shapely.total_bounds(np.array(shapes))
    return float(left), float(low), float(right), float(high)
