"""Dimension lines over the glass: what to measure at the glass station, and where the art sits at the others."""

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from vitrograph.core.geometry import Points, half_turn
from vitrograph.core.glass import Turned, reading_turn
from vitrograph.core.language import tr
from vitrograph.core.transfer import TransferPlan
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.painter_paths import path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.camera import Camera

_GAP = 14.0
_RING_MM = 7.0                     # below the art
_IN_SIGHT = 1.2                    # radians from the middle, as far as a ruler's line is drawn


def draw_dimensions(painter: QPainter, camera: Camera, bench: Bench) -> None:
    """Draw the dimensions that the present station is about."""
    if bench.station == "glass":
        _draw_measurements(painter, camera, bench)
    elif bench.station == "transfer" and bench.results.transfer is not None:
        _draw_films(painter, camera, bench, bench.results.transfer)
    elif bench.station in {"artwork", "fit"}:
        if bench.station == "fit":
            _draw_reading(painter, camera, bench)
        _draw_placing(painter, camera, bench)


def _draw_measurements(painter: QPainter, camera: Camera, bench: Bench) -> None:
    wall = camera.wall
    half = np.pi / 2 if wall.closed else wall.span / 2
    sides = np.array([-half, half]) + (camera.turn if wall.closed else 0.0)
    rim, base = (camera.wall_to_screen(np.column_stack([sides, [s, s]])) for s in (wall.length, 0.0))
    behind = camera.wall_to_screen(np.array([[camera.turn + np.pi if wall.closed else 0.0, wall.length]]))
    widths = 2 * wall.scale(np.array([wall.length, 0.0])) * (1.0 if wall.closed else half)
    if widths[0] > 1:
        top = min(rim[:, 1].min(), behind[0, 1]) - _GAP
        _level(painter, rim, top, bench.length(float(widths[0]), 1), above=True)
    if widths[1] > 1 and widths[1] != widths[0]:
        _level(painter, base, base[:, 1].max() + 2.4 * _GAP, bench.length(float(widths[1]), 1), above=False)
    left = min(rim[:, 0].min(), base[:, 0].min()) - _GAP
    if isinstance(wall, Turned):
        s = np.linspace(0.0, wall.length, 101)
        widest = float(s[wall.scale(s).argmax()])
        belly = camera.wall_to_screen(np.column_stack([sides, [widest, widest]]))
        _level(painter, belly, float(belly[:, 1].mean()), bench.length(2 * wall.widest, 1), above=False)
        left = float(belly[:, 0].min()) - _GAP
    _upright(painter, left, rim[0][1], base[0][1], bench.length(wall.upright, 1))


def _draw_placing(painter: QPainter, camera: Camera, bench: Bench) -> None:
    """From the rim to the art's upper edge, along the middle of the art."""
    fitted = bench.results.fitted
    if fitted is None:
        return
    u, gap = fitted.chart.u0, fitted.from_rim
    top = fitted.wall.length - gap
    turned = abs(half_turn(u - camera.turn)) if camera.wall.closed else abs(camera.turn)
    if turned > 1.0 or top >= fitted.wall.length:
        return
    (x, y_rim), (_, y_art) = camera.wall_to_screen(np.array([[u, fitted.wall.length], [u, top]]))
    _upright(painter, x, y_rim, y_art, bench.length(gap, 1), side=1, tone=theme.LIT_ACCENT)


def _draw_films(painter: QPainter, camera: Camera, bench: Bench, plan: TransferPlan) -> None:
    """From the rim down to each film of the copy in hand, at its sides and in the middle; and up from the table."""
    wall = camera.wall
    for setting in plan.settings_of(bench.work.copy("transfer")):
        placing = setting.placing
        for spot in placing.spots:
            u, s = spot.at
            if wall.closed and abs(half_turn(u - camera.turn)) > _IN_SIGHT:
                continue
            rim = s + spot.down
            (x, top), (_, bottom) = camera.wall_to_screen(np.array([[u, min(rim, wall.length)], [u, s]])).tolist()
            words = bench.length(spot.down, 1) if spot is placing.middle else ""
            _upright(painter, x, top, bottom, words, side=1)
        u, s = placing.lower.at
        if not wall.closed or abs(half_turn(u - camera.turn)) <= _IN_SIGHT:
            (x, top), (_, bottom) = camera.wall_to_screen(np.array([[u, s], [u, 0.0]])).tolist()
            _upright(painter, x, top, bottom, bench.length(placing.lower.up, 1), side=1, tone=theme.LIT_GOOD)


def _draw_reading(painter: QPainter, camera: Camera, bench: Bench) -> None:
    """A ring under the art, drawn through as far round as the front reads."""
    fitted = bench.results.fitted
    if fitted is None or not camera.wall.closed:
        return
    s = max(0.0, fitted.wall_bounds[1] - _RING_MM)
    half = reading_turn(fitted.wall, s, bench.job.stencil.reading_angle, camera.distance) / 2
    edge = float(camera.edge(np.array([s]))[0])
    front = half_turn(fitted.angle - camera.turn)
    for low, high, style in ((-edge, edge, Qt.PenStyle.DotLine), (front - half, front + half, Qt.PenStyle.SolidLine)):
        round_it = np.linspace(max(low, -edge), min(high, edge), 60)
        if round_it[0] < round_it[-1]:
            line = camera.wall_to_screen(np.column_stack([camera.turn + round_it, np.full(60, s)]))
            painter.setPen(QPen(theme.colour(theme.LIT_GOOD, 0.9), 1.4, style))
            painter.drawPath(path_of_points(line))
    ends = camera.turn + front + np.array([-half, half])
    if abs(front) + half < edge:
        up, down = (camera.wall_to_screen(np.column_stack([ends, [at, at]])) for at in (s + 2.0, max(0.0, s - 2.0)))
        painter.setPen(QPen(theme.colour(theme.LIT_GOOD, 0.9), 1.6))
        painter.drawLines([QLineF(*a, *b) for a, b in zip(up.tolist(), down.tolist(), strict=True)])
        x = float(down[:, 0].mean())
        _tag(painter, QPointF(x, float(down[:, 1].max()) + 14), tr("the front reads {degrees:.0f}°",
                                                                   degrees=np.degrees(2 * half)))


def _pen(painter: QPainter, tone: str) -> None:
    painter.setPen(QPen(theme.colour(tone, 0.9), 1.2))


def _level(painter: QPainter, ends: Points, y: float, words: str, *, above: bool) -> None:
    left, right = ends[ends[:, 0].argsort()]
    _pen(painter, theme.LIT_ACCENT)
    painter.drawLine(QLineF(left[0], y, right[0], y))
    for x, end in ((left[0], left[1]), (right[0], right[1])):
        painter.drawLine(QLineF(x, y - 5, x, y + 5))
        painter.save()
        painter.setPen(QPen(theme.colour(theme.LIT_ACCENT, 0.35), 1, Qt.PenStyle.DotLine))
        painter.drawLine(QLineF(x, y, x, end))
        painter.restore()
    _tag(painter, QPointF((left[0] + right[0]) / 2, y - 12 if above else y + 12), words)


def _upright(painter: QPainter, x: float, top: float, bottom: float, words: str, *, side: int = -1,
             tone: str = theme.LIT_ACCENT) -> None:
    _pen(painter, tone)
    painter.drawLine(QLineF(x, top, x, bottom))
    for y in (top, bottom):
        painter.drawLine(QLineF(x - 5, y, x + 5, y))
    if not words:
        return
    half = painter.fontMetrics().horizontalAdvance(words) / 2 + 8
    _tag(painter, QPointF(x + side * half, (top + bottom) / 2), words)


def _tag(painter: QPainter, centre: QPointF, words: str) -> None:
    """Words on a patch of black card, so that lines do not run through them."""
    painter.setFont(theme.font(1.0))
    wide = painter.fontMetrics().horizontalAdvance(words) + 10
    box = QRectF(centre.x() - wide / 2, centre.y() - 10, wide, 20)
    painter.fillRect(box, theme.colour(theme.BLACK_CARD, 0.85))
    painter.setPen(QColor(theme.LIT_TEXT))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, words)
