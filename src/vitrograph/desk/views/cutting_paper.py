"""The pale cutting paper with its grid: the ground of the sheet, and what is seen through openings."""

import numpy as np
from PySide6.QtCore import QLineF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen, QPixmap

from vitrograph.core.units import MM_PER_IN, format_number
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.views.view import View


class CuttingPaper:
    """The paper of one view, painted anew only when it is looked at otherwise."""

    def __init__(self, view: View) -> None:
        self.view = view
        self._made: QPixmap | None = None
        self._key: object = None

    def painted(self, scale: float, x: float, y: float) -> QPixmap:
        """The paper with its grid: the ground, and what is seen through openings."""
        key = (self.view.size(), scale, x, y, self.view.bench.unit)
        if self._made is None or key != self._key:
            self._made, self._key = self.view.blank(QColor(theme.PAPER)), key
            with painting(self._made) as painter:
                self._paint_grid(painter, scale, x, y)
        return self._made

    def _paint_grid(self, painter: QPainter, scale: float, x: float, y: float) -> None:
        """A line each 10 mm (each inch for inches), with figures along two edges."""
        step = 10.0 if self.view.bench.unit == "mm" else MM_PER_IN
        while step * scale < 9:
            step *= 5
        painter.setPen(QPen(QColor(theme.PAPER_GRID), 1))
        ups = np.arange(np.ceil((0 - x) / scale / step), (self.view.width() - x) / scale / step) * step
        rows = np.arange(np.ceil((y - self.view.height()) / scale / step), y / scale / step) * step
        painter.drawLines([QLineF(x + at * scale, 0, x + at * scale, self.view.height()) for at in ups.tolist()])
        painter.drawLines([QLineF(0, y - at * scale, self.view.width(), y - at * scale) for at in rows.tolist()])
        self._paint_figures(painter, ups.tolist(), rows.tolist(), step, (scale, x, y))

    def _paint_figures(self, painter: QPainter, ups: list[float], rows: list[float], step: float,
                       frame: tuple[float, float, float]) -> None:
        scale, x, y = frame
        every = step * max(1, int(np.ceil(56 / (step * scale))))
        foot = self.view.height() - 20
        for at in ups:
            if abs(at / every - round(at / every)) < 1e-6 and 64 < x + at * scale < self.view.width() - 30:
                text = format_number(at, self.view.bench.unit, digits=0)
                self.view.write(painter, QRectF(x + at * scale - 24, foot, 48, 18), text, theme.PAPER_QUIET, scale=0.85,
                           align=Qt.AlignmentFlag.AlignHCenter)
        for at in rows:
            if abs(at / every - round(at / every)) < 1e-6 and 40 < y - at * scale < self.view.height() - 30:
                text = format_number(at, self.view.bench.unit, digits=0)
                self.view.write(painter, QRectF(2, y - at * scale - 9, 34, 18), text, theme.PAPER_QUIET, scale=0.85,
                           align=Qt.AlignmentFlag.AlignRight)
        self.view.write(painter, QRectF(2, foot, 34, 18), self.view.bench.unit, theme.PAPER_QUIET, scale=0.85,
                   align=Qt.AlignmentFlag.AlignRight)
