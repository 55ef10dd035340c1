"""What overlays of the rooms have in common: what is kept clear, lines and areas told in sheet mm, and the front."""

import numpy as np
import shapely
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPen
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.desk.bench.painter_paths import path_of, path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.sheet_view import Overlay, SheetView

_SEEN_PX = 0.2                     # less than an eye sees

def paint_kept_clear(painter: QPainter, view: SheetView) -> None:
    """Hatch what no film may lie on."""
    fitted, assessed = view.results.fitted, view.results.assessed
    if fitted is None or assessed is None:
        return
    wall, chart = fitted.wall, fitted.chart
    middle = chart.u0 if wall.closed else 0.0
    whole = shapely.box(middle - wall.span / 2, 0.0, middle + wall.span / 2, wall.length)
    hatch = QBrush(theme.colour(theme.PAPER_LEVELS["stop"], 0.6), Qt.BrushStyle.BDiagPattern)
    for block in assessed.blocks:
        for turn in (-1, 0, 1) if wall.closed else (0,):
            moved = shapely.transform(block.shape, lambda us, by=turn * wall.span: us + [by, 0.0])
            seen = shapely.segmentize(shapely.intersection(moved, whole), 0.05 if wall.closed else 1e6)
            if not seen.is_empty:
                on_sheet = shapely.transform(seen, lambda us: view.to_screen(chart.wall_to_sheet(us)))
                painter.fillPath(path_of(on_sheet), hatch)


def stroke(painter: QPainter, lines: list[Points], pen: QPen) -> None:
    """Stroke lines of screen points, with no more of them than can be seen."""
    long = [line for line in lines if len(line) > 1]
    if long:
        index = np.repeat(np.arange(len(long)), [len(line) for line in long])
        seen = shapely.simplify(shapely.linestrings(np.concatenate(long), indices=index), _SEEN_PX)
        points, which = shapely.get_coordinates(seen, return_index=True)
        painter.strokePath(path_of_points(points, np.flatnonzero(np.diff(which, prepend=-1))), pen)


def fill(painter: QPainter, view: SheetView, shape: BaseGeometry, tone: QColor) -> None:
    """Fill an area of the sheet."""
    painter.fillPath(path_of(shapely.transform(shape, view.to_screen)), tone)


class FrontOverlay(Overlay):
    """Where the front of the glass is on the whole wall, a tick at the rim and at the base; and what is kept clear."""

    def paint(self, painter: QPainter, view: SheetView) -> None:
        paint_kept_clear(painter, view)
        fitted = view.results.fitted
        if fitted is None or not fitted.wall.closed:
            return
        low, high = (fitted.films[0].band.s_low, fitted.films[-1].band.s_high) if fitted.curved else (
            0.0, fitted.wall.length)
        tick = 0.04 * (high - low)
        front = np.array([[0.0, s] for s in (low, low + tick, high - tick, high)])
        ends = [QPointF(x, y) for x, y in view.to_screen(fitted.chart.wall_to_sheet(front))]
        painter.setPen(QPen(QColor(theme.PAPER_LEVELS["watch"]), 2))
        painter.drawLines([QLineF(ends[0], ends[1]), QLineF(ends[2], ends[3])])
        view.write(painter, QRectF(ends[3].x() - 40, ends[3].y() - 20, 80, 18), tr("front"),
                   theme.PAPER_LEVELS["watch"], scale=0.85, align=Qt.AlignmentFlag.AlignHCenter)
