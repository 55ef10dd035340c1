"""The picture on the glass card: where to put the ruler or the tape, with the letters of the fields."""

from math import pi

from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Glass, TaperedGlass
from vitrograph.desk import theme

_WIDE, _HIGH = 150.0, 108.0        # px for the glass within the picture


class MeasurePicture(QWidget):
    """The shape typed so far; it follows the numbers."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("measurePicture")
        self.glass: Glass = TaperedGlass()
        self.setFixedHeight(168)

    def sizeHint(self) -> QSize:
        return QSize(280, 168)

    def show_glass(self, glass: Glass) -> None:
        """Draw another glass."""
        self.glass = glass
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
        painter.setPen(QPen(theme.colour(theme.FROST, 0.8), 1.6))
        painter.setBrush(theme.colour(theme.FROST, 0.07))
        if isinstance(self.glass, BallGlass):
            self._paint_ball(painter)
        else:
            self._paint_profile(painter)

    def _paint_ball(self, painter: QPainter) -> None:
        centre, radius = QPointF(self.width() / 2, 84.0), 56.0
        painter.drawEllipse(centre, radius, radius)
        self._arrow(painter, QLineF(centre - QPointF(radius, 0), centre + QPointF(radius, 0)), "A")

    def _paint_profile(self, painter: QPainter) -> None:
        profile = _profile(self.glass)
        widest, high = max(width for _, width in profile), profile[-1][0] - profile[0][0]
        room = min(_WIDE / widest, _HIGH / max(high, 1e-9))
        middle, foot = self.width() / 2 + 8, 30.0 + high * room
        sides = [[QPointF(middle + side * width * room / 2, foot - (z - profile[0][0]) * room) for z, width in profile]
                 for side in (-1, 1)]
        painter.drawPolygon(QPolygonF([*sides[0], *reversed(sides[1])]))
        if isinstance(self.glass, CurvedGlass):
            self._paint_stations(painter, sides)
            return
        base, rim = (QLineF(sides[0][at], sides[1][at]) for at in (0, -1))
        self._arrow(painter, rim.translated(0, -12), "A")
        if isinstance(self.glass, TaperedGlass):
            self._arrow(painter, base.translated(0, 12), "B")
        slant = isinstance(self.glass, TaperedGlass) and self.glass.height_is == "slant"
        beside = max(base.x2(), rim.x2()) + 14
        upright = QLineF(beside, rim.y1(), beside, base.y1())
        along = QLineF(rim.p2(), base.p2()).translated(12, 0)
        self._arrow(painter, along if slant else upright, "B" if isinstance(self.glass, FlatGlass) else "C")

    def _paint_stations(self, painter: QPainter, sides: list[list[QPointF]]) -> None:
        """A line across at each station, and its number beside it."""
        for number, (left, right) in enumerate(zip(*sides, strict=True), start=1):
            painter.setPen(QPen(QColor(theme.ACCENT), 1.2))
            painter.drawLine(QLineF(left, right))
            self._letter(painter, QPointF(self.width() / 2 + 100, right.y()), str(number))
            painter.setPen(QPen(theme.colour(theme.ACCENT, 0.4), 1, Qt.PenStyle.DotLine))
            painter.drawLine(QLineF(right, QPointF(self.width() / 2 + 90, right.y())))

    def _arrow(self, painter: QPainter, line: QLineF, letter: str) -> None:
        painter.setPen(QPen(QColor(theme.ACCENT), 1.5))
        painter.drawLine(line)
        for end in (line.p1(), line.p2()):
            normal = line.normalVector().unitVector()
            across = QPointF(normal.dx(), normal.dy()) * 5
            painter.drawLine(QLineF(end - across, end + across))
        self._letter(painter, line.center(), letter)

    def _letter(self, painter: QPainter, centre: QPointF, letter: str) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.ACCENT))
        painter.drawEllipse(centre, 10, 10)
        painter.setFont(theme.font(0.95, bold=True))
        painter.setPen(QColor(theme.ON_ACCENT))
        box = QRectF(centre.x() - 10, centre.y() - 10, 20, 20)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, letter)


def _profile(glass: FlatGlass | CurvedGlass | TaperedGlass) -> list[tuple[float, float]]:
    """(height, width) from the base up, for the picture alone."""
    if isinstance(glass, FlatGlass):
        return [(0.0, glass.width), (glass.height, glass.width)]
    share = 1.0 if glass.girth == "diameter" else 1 / pi
    if isinstance(glass, CurvedGlass):
        return sorted((height, girth * share) for height, girth in glass.stations) or [(0.0, 1.0), (1.0, 1.0)]
    base = glass.base if isinstance(glass, TaperedGlass) else glass.rim
    return [(0.0, base * share), (glass.height, glass.rim * share)]
