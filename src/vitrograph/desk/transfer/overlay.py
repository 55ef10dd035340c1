"""The transfer station's overlay: tape, centre marks, and the rim with the distances to set the film by."""

import numpy as np
import shapely
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench.painter_paths import path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.sheet_view import Overlay, SheetView


class TransferOverlay(Overlay):
    """Tape over the stencil, the centre marks, and the rim with the distances to set it by."""

    def region(self, results: Results) -> BaseGeometry | None:
        plan, sheet = results.transfer, results.sheet
        if plan is None or sheet is None:
            return None
        tape = [shapely.box(s.x, s.y, s.x + s.width, s.y + s.height) for s in plan.strips]
        rim = [] if len(sheet.films) > 1 else [shapely.linestrings(_rim_line(results))]
        return shapely.union_all([*tape, *rim])

    def paint(self, painter: QPainter, view: SheetView) -> None:
        plan = view.results.transfer
        if plan is None:
            return
        for strip in plan.strips:
            corners = np.array([[strip.x, strip.y + strip.height], [strip.x + strip.width, strip.y]])
            (x0, y0), (x1, y1) = view.to_screen(corners)
            painter.setPen(QPen(QColor("#7A6A3A"), 1.2, Qt.PenStyle.DashLine))
            painter.setBrush(theme.colour("#F7E7B4", 0.35))
            painter.drawRect(QRectF(x0, y0, x1 - x0, y1 - y0))
        self._paint_marks(painter, view)
        if view.results.sheet is not None and len(view.results.sheet.films) > 1:
            self._paint_gaps(painter, view)
        else:
            self._paint_rim(painter, view)

    def _paint_marks(self, painter: QPainter, view: SheetView) -> None:
        plan = view.results.transfer
        for setting in plan.settings if plan else ():
            self._paint_arrows(painter, view.to_screen(np.array(setting.marks)))

    def _paint_arrows(self, painter: QPainter, marks: Points) -> None:
        middle = marks.mean(axis=0)
        for x, y in marks:
            way = np.array([x, y]) - middle
            way = way / max(1e-9, float(np.hypot(*way)))
            across = np.array([-way[1], way[0]]) * 6
            tip = QPointF(x, y)
            back = np.array([x, y]) + way * 12
            triangle = QPolygonF([tip, QPointF(*(back + across)), QPointF(*(back - across))])
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(theme.PAPER_INK))
            painter.drawPolygon(triangle)

    def _paint_rim(self, painter: QPainter, view: SheetView) -> None:
        results = view.results
        if results.transfer is None or results.sheet is None:
            return
        rim = _rim_line(results)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(QColor(theme.PAPER_LEVELS["watch"]), 2))
        painter.drawPath(path_of_points(view.to_screen(rim)))
        copy = view.bench.work.copy("transfer")
        top = results.transfer.settings_of(copy)[-1].placing
        name, gaps = top.edge, (top.left.down, top.right.down)
        painter.setFont(theme.font(0.9))
        ends = view.to_screen(rim[[0, -1]])
        for at, (gap, (x, y)) in enumerate(zip(gaps, ends, strict=True)):
            words = tr("{length} to the {name}", length=view.bench.length(gap, tool=True), name=name)
            wide = painter.fontMetrics().horizontalAdvance(words) + 16
            outside = abs(ends[1, 0] - ends[0, 0]) < 2 * wide  # a short line has no room for both above it
            left = x - (0 if at == 1 else wide) if outside else x - (wide if at == 1 else 0)
            view.write(painter, QRectF(left, y - 26, wide, 20), words, theme.PAPER_INK, scale=0.9)


    def _paint_gaps(self, painter: QPainter, view: SheetView) -> None:
        """Of several films the distances alone, at each one's upper corners: above it lies the next."""
        plan, sheet = view.results.transfer, view.results.sheet
        assert plan is not None and sheet is not None
        painter.setFont(theme.font(0.9))
        for setting, film in zip(plan.settings_of(view.bench.work.copy("transfer")), sheet.outlines, strict=True):
            left, _, right, top = film.bounds
            placing, ends = setting.placing, view.to_screen(np.array([[left, top], [right, top]]))
            words = [tr("{length} to the {name}", length=view.bench.length(gap, tool=True), name=placing.edge)
                     for gap in (placing.left.down, placing.right.down)]
            wide = max(painter.fontMetrics().horizontalAdvance(one) for one in words) + 16
            if 2 * wide > ends[1, 0] - ends[0, 0]:             # no room for both above it
                words = words[:1]
            for one, x in zip(words, (ends[0, 0], ends[1, 0] - wide), strict=False):
                view.write(painter, QRectF(x, ends[0, 1] - 22, wide, 20), one, theme.PAPER_INK, scale=0.9)


def _rim_line(results: Results) -> Points:
    """The rim over the stencil, on the sheet, from its left end to its right."""
    assert results.sheet is not None
    band, fitted = results.sheet.band, results.sheet.fitted
    across = np.linspace(band.u_low, band.u_high, 60)
    line = fitted.chart.wall_to_sheet(np.column_stack([across, np.full_like(across, fitted.wall.length)]))
    return np.asarray(line[np.argsort(line[:, 0])])
