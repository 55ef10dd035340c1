"""What the helpers' drawings share: a glass to scale, from the side or from above, and where to put the tool."""

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from vitrograph.core.errors import GlassError
from vitrograph.core.glass import Pane, Wall, profile_at, wall_of
from vitrograph.core.job import Glass, TaperedGlass
from vitrograph.core.units import Unit
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting

_SAMPLES = 160


class Sketch(QWidget):
    """A drawing on black card. Subclasses paint; where the readings describe no glass they are not asked to."""

    high = 190

    def __init__(self, name: str) -> None:
        super().__init__()
        self.unit: Unit = "mm"             # what lengths are told in, where it tells any
        self.setObjectName(name)
        self.setFixedHeight(self.high)

    def sizeHint(self) -> QSize:
        return QSize(280, self.high)

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
            self.paint(painter)

    def paint(self, painter: QPainter) -> None:
        """Draw on the card."""


class Elevation:
    """A glass from the side, to scale and centred in a box: mm across and up from the base to pixels."""

    def __init__(self, wall: Wall, box: QRectF) -> None:
        if isinstance(wall, Pane):
            edge = wall.edge(0.3)
            self.shape = np.concatenate([edge, edge[:1]])
        else:
            s = np.linspace(0.0, wall.length, _SAMPLES)
            right = np.column_stack(profile_at(wall, s))
            self.shape = np.concatenate([right, right[::-1] * [-1, 1], right[:1]])
        low, high = self.shape.min(axis=0), self.shape.max(axis=0)
        self.scale = float(min(box.width() / (high - low)[0], box.height() / max((high - low)[1], 1e-9)))
        self._origin = QPointF(box.center().x(), box.center().y() + self.scale * (low + high)[1] / 2)

    def at(self, x: float, z: float) -> QPointF:
        """A place mm across from the axis and up from the base, in pixels."""
        return self._origin + QPointF(x * self.scale, -z * self.scale)

    def outline(self) -> QPolygonF:
        """The outline in pixels."""
        return QPolygonF([self.at(x, z) for x, z in self.shape.tolist()])


class GlassSketch(Sketch):
    """A sketch of a glass; where its readings describe none, it says so instead."""

    def __init__(self, name: str) -> None:
        super().__init__(name)
        self.glass: Glass = TaperedGlass()

    def paint(self, painter: QPainter) -> None:
        try:
            wall = wall_of(self.glass)
        except GlassError as error:
            draw_words(painter, QRectF(self.rect()).adjusted(12, 0, -12, 0), error.words(self.unit))
            return
        self.paint_wall(painter, wall)

    def paint_wall(self, painter: QPainter, wall: Wall) -> None:
        """Draw the glass."""

    def elevation(self, wall: Wall, left: float, top: float, below: float) -> Elevation:
        """The glass from the side, with so much room left at either side, above and below."""
        return Elevation(wall, QRectF(left, top, self.width() - 2 * left, self.high - top - below))

    def write_below(self, painter: QPainter, words: str) -> None:
        """A quiet line along the foot."""
        draw_words(painter, QRectF(0, self.high - 28, self.width(), 22), words)


def draw_glass(painter: QPainter, outline: QPolygonF) -> None:
    """A glass: a pale edge and a breath of light inside."""
    painter.setPen(QPen(theme.colour(theme.FROST, 0.8), 1.6))
    painter.setBrush(theme.colour(theme.FROST, 0.07))
    painter.drawPolygon(outline)


def draw_tool(painter: QPainter, line: QLineF, letter: str = "") -> None:
    """A tool laid along a line, with a stop at either end and the letter of its field."""
    painter.setPen(QPen(QColor(theme.LIT_ACCENT), 1.5))
    painter.drawLine(line)
    if line.length() > 0:
        normal = line.normalVector().unitVector()
        across = QPointF(normal.dx(), normal.dy()) * 5
        for end in (line.p1(), line.p2()):
            painter.drawLine(QLineF(end - across, end + across))
    if letter:
        draw_letter(painter, line.center(), letter)


def draw_letter(painter: QPainter, centre: QPointF, letter: str) -> None:
    """A field's letter or a station's number, on a disc."""
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(theme.LIT_ACCENT))
    painter.drawEllipse(centre, 10, 10)
    painter.setFont(theme.font(0.95, bold=True))
    painter.setPen(QColor(theme.ON_ACCENT))
    painter.drawText(QRectF(centre.x() - 10, centre.y() - 10, 20, 20), Qt.AlignmentFlag.AlignCenter, letter)


def draw_words(painter: QPainter, box: QRectF, words: str, tone: str = theme.LIT_QUIET,
               align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignHCenter) -> None:
    """Quiet words in a box."""
    painter.setFont(theme.font(0.9))
    painter.setPen(QColor(tone))
    painter.drawText(box, int(align | Qt.AlignmentFlag.AlignVCenter | Qt.TextFlag.TextWordWrap), words)
