"""The artwork station's overlay: the room the glass has for a motif, behind the art, and what is chosen, over it."""

from collections.abc import Callable
from itertools import pairwise

import numpy as np
import shapely
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen
from shapely.geometry import Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench.painter_paths import path_of, path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.overlay import on_sheet, paint_kept_clear
from vitrograph.desk.views.sheet_view import Overlay, SheetView

_STEP = 0.05                       # of u, radians, along an outline that is carried to the sheet
_ALONG = np.linspace(0.0, 1.0, 13)[:, None]


class ComposingOverlay(Overlay):
    """Room and reading width, what is too large, the chosen items with their handles, the lines they snap to."""

    def __init__(self) -> None:
        self._room: BaseGeometry | None = None                 # of these results, on the sheet: each frame asks for it
        self._room_of: tuple[object, object] = (None, None)

    def region(self, results: Results) -> BaseGeometry | None:
        if results.room is not self._room_of[0] or results.fitted is not self._room_of[1]:
            self._room, self._room_of = room_on_sheet(results), (results.room, results.fitted)
        return self._room

    def paint(self, painter: QPainter, view: SheetView) -> None:
        paint_kept_clear(painter, view)
        self._paint_room(painter, view)
        if view.bench.held_art is None:
            view.handling.paint(painter)

    def _paint_room(self, painter: QPainter, view: SheetView) -> None:
        results = view.results
        room = self.region(results)
        if room is None or results.room is None or results.fitted is None:
            return
        tone = QColor(theme.PAPER_INK if results.room.fits else theme.PAPER_LEVELS["stop"])
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(tone, 1.6, Qt.PenStyle.DashDotLine))
        seen = shapely.transform(room, view.to_screen)
        painter.drawPath(path_of(seen))
        left, _, right, bottom = seen.bounds
        words = tr("room that reads from the front") if results.fitted.wall.closed else tr("room within the border")
        if not results.room.fits:
            words = _too_large(view, results.room.factor, results.fitted.size[0])
        wide = painter.fontMetrics().horizontalAdvance(words) * 1.1 + 16
        foot = min(bottom + 4, view.height() - 44.0)
        box = QRectF((left + right - wide) / 2, foot, wide, 20)       # above, the turning handle may stand
        painter.fillRect(box, theme.colour(theme.PAPER, 0.85))
        view.write(painter, box, words, tone, scale=0.9, align=Qt.AlignmentFlag.AlignHCenter)


def _too_large(view: SheetView, factor: float, wide: float) -> str:
    if factor == 0:
        return tr("this glass has no room for art with its border")
    if factor == 1:
        return tr("the art stands outside the room")
    return tr("the art is too large: {length} wide would fit", length=view.bench.length(wide * factor, 0))


def room_on_sheet(results: Results) -> BaseGeometry | None:
    """The room on the sheet; None where there is none to show."""
    if results.room is None or results.fitted is None or not len(results.room.outline):
        return None
    outline = results.room.outline
    if results.fitted.wall.closed:
        around = np.concatenate([outline, outline[:1]]) * [1.0, 1e-3]
        outline = shapely.get_coordinates(shapely.segmentize(shapely.linestrings(around), _STEP)) / [1.0, 1e-3]
    room = on_sheet(results.fitted, Polygon(outline))
    return None if room.is_empty else room


def paint_quad(
    painter: QPainter, corners: Points, to_screen: Callable[[Points], Points], pens: tuple[QPen, ...]
) -> None:
    """An item's box as it lies on the sheet, its sides bent as the art is, with one pen over the other."""
    around = np.concatenate([corners, corners[:1]])
    sides = [start + (end - start) * _ALONG for start, end in pairwise(around)]
    path = path_of_points(to_screen(np.concatenate(sides)))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for pen in pens:
        painter.setPen(pen)
        painter.drawPath(path)


def paint_dot(painter: QPainter, at: Points, *, round_: bool) -> None:
    """A handle: square at corners and sides, round for turning."""
    box = QRectF(at[0] - 4.5, at[1] - 4.5, 9, 9)
    painter.setPen(QPen(QColor(theme.PAPER_INK), 1.4))
    painter.setBrush(QColor(theme.LIT_ACCENT))
    if round_:
        painter.drawEllipse(box)
    else:
        painter.drawRect(box)


def paint_line(painter: QPainter, start: Points, end: Points, pen: QPen) -> None:
    """A line between two screen points."""
    painter.setPen(pen)
    painter.drawLine(QLineF(QPointF(*start), QPointF(*end)))
