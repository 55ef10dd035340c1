"""The stencil station's overlay: guard, marks, ties, and what was found."""

import numpy as np
import shapely
from PySide6.QtCore import QLineF, QPointF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPen

from vitrograph.core.findings import Finding, Level
from vitrograph.desk.bench.painter_paths import path_of
from vitrograph.desk.kit import theme
from vitrograph.desk.views.overlay import paint_kept_clear, stroke
from vitrograph.desk.views.sheet_view import Overlay, SheetView


class StencilOverlay(Overlay):
    """What is kept clear, where tape guards the glass, marks, ties, and a ring at each finding that has a place."""

    def paint(self, painter: QPainter, view: SheetView) -> None:
        paint_kept_clear(painter, view)
        demands, sheet = view.results.demands, view.results.sheet
        if demands is not None and sheet is not None and sheet.kind != "decal" and not demands.guard.zone.is_empty:
            zone = path_of(shapely.transform(demands.guard.zone, view.to_screen))
            painter.fillPath(zone, QBrush(theme.colour(theme.PAPER_QUIET, 0.35), Qt.BrushStyle.FDiagPattern))
        if sheet is not None and sheet.marks is not None:
            stroke(painter, [view.to_screen(path) for path in sheet.marks.paths], QPen(QColor(theme.PAPER), 1.4))
        view.tying.paint(painter)
        for found in view.results.findings("stencil") if view.preview is None else ():
            if found.where is not None:                       # a change that is tried is not hidden by what it mends
                _mark_finding(painter, view, found)


def _mark_finding(painter: QPainter, view: SheetView, found: Finding) -> None:
    x, y = view.to_screen(np.array([found.where]))[0]
    tone = QColor(theme.PAPER_LEVELS[found.level])
    painter.setPen(QPen(QColor(theme.PAPER), 4))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawEllipse(QPointF(x, y), 7, 7)
    painter.setPen(QPen(tone, 2))
    painter.drawEllipse(QPointF(x, y), 7, 7)
    if found.level is Level.STOP:
        painter.drawLine(QLineF(x - 5, y - 5, x + 5, y + 5))
