"""The cut station's overlay: the blade's paths, planned or as the simulated cutter has cut them."""

from itertools import pairwise

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from vitrograph.core.geometry import Points, length_of, stretch_of
from vitrograph.desk.kit import theme
from vitrograph.desk.views.overlay import stroke
from vitrograph.desk.views.sheet_view import Overlay, SheetView


class CutOverlay(Overlay):
    """The blade's planned paths with the moves between; or what the simulated cutter has cut so far."""

    def paint(self, painter: QPainter, view: SheetView) -> None:
        cut = view.results.cut
        if cut is None:
            return
        if view.trace is not None:
            self._paint_trace(painter, view, view.trace, view.trace_mm)
            return
        paths = [view.to_screen(path - cut.offset) for path in cut.paths]
        moves = [np.array([a[-1], b[0]]) for a, b in pairwise(paths)]
        stroke(painter, moves, QPen(theme.colour(theme.PAPER_INK, 0.7), 1, Qt.PenStyle.DotLine))
        stroke(painter, paths, QPen(QColor("#0E2B28"), 1.3))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.ACCENT))
        for path in paths:
            painter.drawEllipse(QPointF(*path[0]), 2.6, 2.6)

    def _paint_trace(self, painter: QPainter, view: SheetView, trace: tuple[Points, ...], length: float) -> None:
        left = length
        shown = []
        for line in trace:
            part = stretch_of(line, 0.0, min(left, length_of(line)))
            left -= length_of(line)
            if len(part) > 1:
                shown.append(view.to_screen(part))
            if left <= 0:
                break
        stroke(painter, shown, QPen(QColor(theme.PAPER), 2.2))
        if shown:
            painter.setPen(QPen(QColor(theme.PAPER_INK), 1.5))
            painter.setBrush(QColor(theme.ACCENT))
            painter.drawEllipse(QPointF(*shown[-1][-1]), 6, 6)
