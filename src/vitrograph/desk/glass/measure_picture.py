"""The picture on the glass card: where to put the ruler or the tape, with the letters of the fields."""

from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from vitrograph.core.glass import Frustum, Pane, Wall, radius_of
from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Glass, TaperedGlass
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.sketch import Elevation, GlassSketch, draw_glass, draw_letter, draw_tool


class MeasurePicture(GlassSketch):
    """The shape typed so far, to scale; it follows the numbers."""

    high = 168

    def __init__(self) -> None:
        super().__init__("measurePicture")

    def show_glass(self, glass: Glass) -> None:
        """Draw another glass."""
        self.glass = glass
        self.update()

    def paint_wall(self, painter: QPainter, wall: Wall) -> None:
        seen = self.elevation(wall, 76, 30, 30)
        if isinstance(wall, Pane):
            self._paint_pane(painter, seen, wall)
            return
        draw_glass(painter, seen.outline())
        if isinstance(self.glass, CurvedGlass):
            self._paint_stations(painter, seen)
        elif isinstance(self.glass, BallGlass):
            radius = self.glass.diameter / 2
            draw_tool(painter, QLineF(seen.at(-radius, radius), seen.at(radius, radius)), "A")
        elif isinstance(wall, Frustum):
            self._paint_heights(painter, seen, wall)

    def _paint_heights(self, painter: QPainter, seen: Elevation, wall: Frustum) -> None:
        feet, tops = ((seen.at(-r, z), seen.at(r, z)) for r, z in ((wall.base_radius, 0.0),
                                                                   (wall.rim_radius, wall.upright)))
        draw_tool(painter, QLineF(*tops).translated(0, -12), "A")
        if isinstance(self.glass, TaperedGlass):
            draw_tool(painter, QLineF(*feet).translated(0, 12), "B")
        beside = max(feet[1].x(), tops[1].x()) + 14
        along = isinstance(self.glass, TaperedGlass) and self.glass.height_is == "slant"
        line = QLineF(tops[1], feet[1]).translated(12, 0) if along else (
            QLineF(beside, tops[1].y(), beside, feet[1].y()))
        draw_tool(painter, line, "C")

    def _paint_pane(self, painter: QPainter, seen: Elevation, pane: Pane) -> None:
        """The whole pane with the ruler along two sides; what a frame hides stays dim, what is seen is bright."""
        assert isinstance(self.glass, FlatGlass)
        frame, half = self.glass.frame, self.glass.width / 2
        whole = QRectF(seen.at(-half, pane.height + frame), seen.at(half, -frame))
        if frame:
            painter.setPen(QPen(theme.colour(theme.FROST, 0.4), 1.2, Qt.PenStyle.DashLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            if pane.oval:
                painter.drawEllipse(whole)
            else:
                painter.drawRect(whole)
        draw_glass(painter, seen.outline())
        draw_tool(painter, QLineF(whole.topLeft(), whole.topRight()).translated(0, -12), "A")
        draw_tool(painter, QLineF(whole.topRight(), whole.bottomRight()).translated(14, 0), "B")

    def _paint_stations(self, painter: QPainter, seen: Elevation) -> None:
        """A line across at each station, and its number beside it, clear of its neighbour's."""
        assert isinstance(self.glass, CurvedGlass)
        foot, beside, last = self.glass.stations[0][0], self.width() / 2 + 100, float("inf")
        for number, (height, girth) in enumerate(self.glass.stations, start=1):
            radius = radius_of(girth, self.glass.girth)
            left, right = (seen.at(side * radius, height - foot) for side in (-1, 1))
            painter.setPen(QPen(QColor(theme.LIT_ACCENT), 1.2))
            painter.drawLine(QLineF(left, right))
            place = QPointF(beside, min(right.y(), last - 21))
            last = place.y()
            painter.setPen(QPen(theme.colour(theme.LIT_ACCENT, 0.4), 1, Qt.PenStyle.DotLine))
            painter.drawLine(QLineF(right, place - QPointF(10, 0)))
            draw_letter(painter, place, str(number))
