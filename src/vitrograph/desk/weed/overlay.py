"""The weed station's overlay: numbers on what is to be pulled, and how far the work is."""

import numpy as np
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QPainter
from shapely.geometry.base import BaseGeometry

from vitrograph.core.results import Results
from vitrograph.core.weed import Bit
from vitrograph.desk.kit import theme
from vitrograph.desk.views.overlay import fill
from vitrograph.desk.views.sheet_view import Overlay, SheetView


class WeedOverlay(Overlay):
    """Numbers on what is to be pulled; what is done turns to paper, what the step is about stands out."""

    def region(self, results: Results) -> BaseGeometry | None:
        return results.weed.pull[0].shape if results.weed else None

    def paint(self, painter: QPainter, view: SheetView) -> None:
        weed = view.results.weed
        if weed is None:
            return
        at = view.bench.work.step_at("weed")
        for index, bit in enumerate(weed.pull):
            self._paint_bit(painter, view, bit, done=index < at, now=index == at)
        for bit in weed.stay:
            fill(painter, view, bit.shape, QColor(theme.ACCENT if at == len(weed.pull) else theme.ISLAND))
        taken: list[QRectF] = []
        for bit in weed.pull[max(at, 1):] if at < len(weed.pull) else weed.stay:
            _number(painter, view, bit, taken)

    def _paint_bit(self, painter: QPainter, view: SheetView, bit: Bit, *, done: bool, now: bool) -> None:
        if now:
            fill(painter, view, bit.shape, QColor(theme.ACCENT))
        elif done and bit.kind == "frame":
            return                                            # bare paper, as it is
        elif done:
            fill(painter, view, bit.shape, QColor(theme.PAPER))
        else:
            fill(painter, view, bit.shape, QColor("#8CC5BC"))


def _number(painter: QPainter, view: SheetView, bit: Bit, taken: list[QRectF]) -> None:
    """A bit's number on it, unless that would cover one already written; enlarging makes room for more."""
    x, y = view.to_screen(np.array([bit.spot]))[0]
    text = str(bit.number)
    painter.setFont(theme.font(0.8, bold=True))
    wide = max(16.0, painter.fontMetrics().horizontalAdvance(text) + 6.0)
    box = QRectF(x - wide / 2, y - 8, wide, 16)
    if any(box.intersects(other) for other in taken):
        return
    taken.append(box)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(theme.PAPER, 0.92))
    painter.drawRoundedRect(box, 8, 8)
    painter.setPen(QColor(theme.PAPER_INK))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)
