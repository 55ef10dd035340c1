"""A state as a shape: told by its form as well as by its colour."""

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from vitrograph.desk.kit import theme


def draw_state(painter: QPainter, at: QPointF, state: str, size: float = 6.0) -> None:
    """A state as a shape: open ring, disc, triangle, square; half a disc while work is under way, a tick when done."""
    tone = QColor(theme.level_colour(state))
    painter.setPen(QPen(tone, 2))
    painter.setBrush(tone if state not in {"open", "note"} else Qt.BrushStyle.NoBrush)
    if state == "under way":
        painter.drawPie(QRectF(at.x() - size * 0.9, at.y() - size * 0.9, size * 1.8, size * 1.8), 90 * 16, 180 * 16)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(at, size * 0.9, size * 0.9)
    elif state == "done":
        painter.drawPolyline([QPointF(at.x() - size, at.y()), QPointF(at.x() - size * 0.2, at.y() + size * 0.8),
                              QPointF(at.x() + size * 1.1, at.y() - size * 0.9)])
    elif state == "watch":
        corners = [QPointF(at.x(), at.y() - size), QPointF(at.x() + size, at.y() + size * 0.8),
                   QPointF(at.x() - size, at.y() + size * 0.8)]
        painter.drawPolygon(QPolygonF(corners))
    elif state == "stop":
        painter.drawRect(QRectF(at.x() - size * 0.85, at.y() - size * 0.85, size * 1.7, size * 1.7))
    else:
        painter.drawEllipse(at, size * 0.9, size * 0.9)
