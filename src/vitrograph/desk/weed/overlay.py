"""The weed station's overlay: numbers on what is to be pulled, and how far the work is."""

import numpy as np
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath
from shapely.geometry.base import BaseGeometry

from vitrograph.core.results import Results
from vitrograph.core.weed import Bit, WeedPlan
from vitrograph.desk.bench.painter_paths import path_of
from vitrograph.desk.kit import theme
from vitrograph.desk.views.sheet_view import Overlay, SheetView


class WeedOverlay(Overlay):
    """Numbers on what is to be pulled; what is done turns to paper, what the step is about stands out."""

    def region(self, results: Results) -> BaseGeometry | None:
        return results.weed.pull[0].shape if results.weed else None

    def __init__(self) -> None:
        self._paths: dict[int, QPainterPath] = {}             # of each bit by its number, in sheet mm
        self._plan: WeedPlan | None = None

    def paint(self, painter: QPainter, view: SheetView) -> None:
        weed = view.results.weed
        if weed is None:
            return
        if weed is not self._plan:
            self._plan, self._paths = weed, {bit.number: path_of(bit.shape) for bit in weed.bits}
        at = view.bench.work.step_at("weed")
        with view.in_sheet_mm(painter):
            for index, bit in enumerate(weed.pull):
                self._paint_bit(painter, bit, done=index < at, now=index == at)
            stays = QColor(theme.ACCENT if at == len(weed.pull) else theme.ISLAND)
            for bit in weed.stay:
                painter.fillPath(self._paths[bit.number], stays)
        taken: list[QRectF] = []
        for bit in weed.pull[max(at, 1):] if at < len(weed.pull) else weed.stay:
            _number(painter, view, bit, taken)

    def _paint_bit(self, painter: QPainter, bit: Bit, *, done: bool, now: bool) -> None:
        if done and bit.kind == "frame":
            return                                            # bare paper, as it is
        tone = theme.ACCENT if now else theme.PAPER if done else "#8CC5BC"
        painter.fillPath(self._paths[bit.number], QColor(tone))


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
