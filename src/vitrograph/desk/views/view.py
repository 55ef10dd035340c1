"""What the two views share: results, the linked pointer, dragging the art, and quiet words."""

from collections.abc import Callable
from dataclasses import dataclass
from time import perf_counter

import numpy as np
import shapely
from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPixmap, QResizeEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.fit import Fitted, raised, stood
from vitrograph.core.job import Fit
from vitrograph.core.pipeline import Results
from vitrograph.desk import theme
from vitrograph.desk.bench import Bench
from vitrograph.desk.live import Live

_NEAR_MM = 2.0                     # how near the art a press must be to take hold of it


class View(QWidget):
    """One of the two linked views of the piece."""

    painted = Signal(float)        # seconds a frame took, for bench/

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.results: Results = bench.results
        self.mark: tuple[float, float] | None = None
        self._drag_from: QPointF | None = None
        self._held: _Held | None = None
        self.setMouseTracking(True)
        self.setMinimumSize(280, 320)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setFocusPolicy(Qt.FocusPolicy.ClickFocus)
        bench.results_changed.connect(self._take)
        bench.pointed.connect(self._take_mark)
        self._backdrop: QPixmap | None = None      # what does not move while pieces are held
        bench.live_changed.connect(self._take_live)
        bench.station_changed.connect(lambda _station: self.update())

    # -- to be given by each view --------------------------------------------------------------------------------

    def take_results(self, results: Results) -> None:
        """Prepare for painting."""

    def paint(self, painter: QPainter) -> None:
        """Paint everything but the title."""

    def paint_held(self, painter: QPainter, live: Live) -> None:
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
        if self.bench.live is not None:                       # what is held is shown over what stood when it was taken
            return
        before = self.results
        changed = (results.sheet is not before.sheet or results.wall is not before.wall
                   or results.fitted is not before.fitted or results.assessed is not before.assessed)
        self.results = results
        if changed:
            self.take_results(results)
        self.update()

    def _take_live(self) -> None:
        if self.bench.live is None:
            self._backdrop = None
        self.update()

    def resizeEvent(self, event: QResizeEvent) -> None:
        self._backdrop = None
        super().resizeEvent(event)

    def blank(self, tone: QColor) -> QPixmap:
        """A picture as large as the view, all of one tone."""
        ratio = self.devicePixelRatioF()
        made = QPixmap(self.size() * ratio)
        made.setDevicePixelRatio(ratio)
        made.fill(tone)
        return made

    def _painted_backdrop(self) -> QPixmap:
        """All but the pieces in the hand and those over them, painted once for as long as they are held."""
        if self._backdrop is None:
            self._backdrop = self.blank(QColor(theme.BLACK_CARD))
            painter = QPainter(self._backdrop)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            self.paint(painter)
            painter.end()
        return self._backdrop

    def _take_mark(self, point: tuple[float, float] | None) -> None:
        self.mark = point
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        begun = perf_counter()
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        live = self.bench.live
        if live is None:
            self.paint(painter)
        else:
            painter.drawPixmap(0, 0, self._painted_backdrop())
            self.paint_held(painter, live)
        painter.end()
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
        self._drag_from = event.position()
        at = self.wall_at(event.position().x(), event.position().y())
        self._held = None
        if at is not None and self._on_art(at):
            fitted = self.results.fitted
            self._held = None if fitted is None else _Held(at, self.bench.job.fit, fitted, self.hold())

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        x, y = event.position().x(), event.position().y()
        if self._drag_from is None:
            at = self.wall_at(x, y)
            self.bench.pointed.emit(at)
            self.setCursor(Qt.CursorShape.SizeAllCursor if at and self._on_art(at) else Qt.CursorShape.ArrowCursor)
        elif self._held is not None:
            self._move_art(self._held, self._held.wall_under(x, y))
        else:
            moved = event.position() - self._drag_from
            self._drag_from = event.position()
            self.drag_view(moved.x(), moved.y())

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._drag_from = self._held = None

    def leaveEvent(self, event: object) -> None:
        self.bench.pointed.emit(None)

    def _on_art(self, wall_point: tuple[float, float]) -> bool:
        fitted = self.results.fitted
        if fitted is None:
            return False
        u_low, s_low, u_high, s_high = fitted.wall_bounds
        u, s = wall_point
        if fitted.wall.closed:
            u += 2 * np.pi * np.round((fitted.lay.u0 - u) / (2 * np.pi))
        slack = _NEAR_MM / fitted.lay.middle_scale
        return bool(u_low - slack <= u <= u_high + slack and s_low - _NEAR_MM <= s <= s_high + _NEAR_MM)

    def _move_art(self, held: "_Held", at: tuple[float, float] | None) -> None:
        """Move the art by as much as the pointer moved on the wall since it was taken hold of, as one undo step."""
        if at is None:
            return
        du, ds = at[0] - held.at[0], at[1] - held.at[1]
        changes = {**raised(held.fit, held.fitted.wall, held.fitted.from_rim, ds),
                   **stood(held.fitted.wall, held.fitted.angle, du)}
        self.bench.edit("Move the art", merge=True, **{path: _to_hundredths(path, value)
                                                       for path, value in changes.items()})


@dataclass(frozen=True, slots=True)
class _Held:
    """Art taken hold of: where on the wall, its placing then, and how the pointer is read while it is held."""

    at: tuple[float, float]
    fit: Fit
    fitted: Fitted
    wall_under: Callable[[float, float], tuple[float, float] | None]


def _to_hundredths(path: str, value: object) -> object:
    """Lengths that a hand sets need no more digits than a ruler has."""
    return round(value, 2) if isinstance(value, float) and path != "fit__angle" else value


def bounds_of(*shapes: shapely.Geometry) -> tuple[float, float, float, float]:
    """The box round some shapes."""
    left, low, right, high = shapely.total_bounds(np.array(shapes))
    return float(left), float(low), float(right), float(high)
