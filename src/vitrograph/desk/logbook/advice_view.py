"""The picture of the advice: every piece as a dot, and the curve of how many frost well by their minutes."""

from math import log

import numpy as np
from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.language import capital, tr
from vitrograph.core.logbook.advice import Advice
from vitrograph.core.value_words import word_of
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting

_LEFT, _RIGHT, _TOP, _FOOT = 64.0, 24.0, 64.0, 92.0
_TICKS = (0.5, 1, 2, 3, 5, 8, 10, 15, 20, 30, 45, 60, 90, 120, 240, 480)
_GOOD_INK, _PALE_INK, _LEAK_INK = "#1F6F66", "#8A5A00", "#B3261E"


class AdviceView(QWidget):
    """Shows what is advised for the cream and the glass of the piece in hand."""

    def __init__(self) -> None:
        super().__init__()
        named(self, "adviceView")
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self._advice: Advice | None = None
        self.show_advice(None)

    def sizeHint(self) -> QSize:
        return QSize(480, 480)

    def show_advice(self, advice: Advice | None) -> None:
        """Show an advice."""
        self._advice = advice
        self.setAccessibleName(tr("Advice: {says}", says=tr("nothing is written down yet") if advice is None
                                  else advice.says))
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.fillRect(self.rect(), QColor(theme.PAPER))
            if self._advice is not None:
                self._paint_advice(painter, self._advice)

    def _paint_advice(self, painter: QPainter, advice: Advice) -> None:
        painter.setPen(QColor(theme.PAPER_INK))
        painter.setFont(theme.font(1.1, bold=True))
        where = tr(" on {material} glass", material=word_of(advice.material)) if advice.material else ""
        heading = painter.fontMetrics().elidedText(tr("How long for '{cream}'{where}?", cream=advice.cream,
                                                      where=where),
                                                   Qt.TextElideMode.ElideRight, self.width() - 24)
        painter.drawText(QPointF(16, 28), heading)
        if not advice.dots:
            painter.setFont(theme.font(0.95))
            painter.drawText(self.rect().adjusted(24, 60, -24, -24), Qt.TextFlag.TextWordWrap
                             | Qt.AlignmentFlag.AlignTop, capital(advice.says) + ".")
            return
        low, high = self._span(advice)
        self._paint_axes(painter, low, high)
        self._paint_curve(painter, advice, low, high)
        self._paint_dots(painter, advice, low, high)
        painter.setPen(QColor(theme.PAPER_INK))
        painter.setFont(theme.font(0.9))
        box = QRectF(16, self.height() - 52, self.width() - 32, 50)
        painter.drawText(box, Qt.TextFlag.TextWordWrap, capital(advice.says) + ".")

    @staticmethod
    def _span(advice: Advice) -> tuple[float, float]:
        minutes = [dot.minutes for dot in advice.dots] + list(advice.interval or ())
        return log(min(minutes) / 1.5), log(max(minutes) * 1.5)

    def _at(self, minutes: float, share: float, low: float, high: float) -> QPointF:
        wide, tall = self.width() - _LEFT - _RIGHT, self.height() - _TOP - _FOOT
        return QPointF(_LEFT + (log(minutes) - low) / (high - low) * wide, _TOP + (1 - share) * tall)

    def _paint_axes(self, painter: QPainter, low: float, high: float) -> None:
        painter.setFont(theme.font(0.85))
        for share in (0.0, 0.25, 0.5, 0.75, 1.0):
            at = self._at(np.exp(low), share, low, high)
            painter.setPen(QColor(theme.PAPER_GRID))
            painter.drawLine(at, QPointF(self.width() - _RIGHT, at.y()))
            painter.setPen(QColor(theme.PAPER_INK))
            painter.drawText(QRectF(0, at.y() - 9, _LEFT - 8, 18), Qt.AlignmentFlag.AlignRight, f"{share:.0%}")
        for minutes in (one for one in _TICKS if low <= log(one) <= high):
            at = self._at(minutes, 0.0, low, high)
            painter.drawText(QRectF(at.x() - 30, at.y() + 4, 60, 18), Qt.AlignmentFlag.AlignHCenter, f"{minutes:g}")
        painter.drawText(QRectF(_LEFT, self.height() - _FOOT + 20, self.width() - _LEFT - _RIGHT, 18),
                         Qt.AlignmentFlag.AlignRight, tr("minutes under cream"))
        told = (tr("pieces that frosted well; a larger disc is more pieces, brown: some came out faint, a red ring: "
                   "some leaked"))
        painter.drawText(QPointF(16, _TOP - 14), painter.fontMetrics().elidedText(told, Qt.TextElideMode.ElideRight,
                                                                                  self.width() - 24))

    def _paint_curve(self, painter: QPainter, advice: Advice, low: float, high: float) -> None:
        if advice.frost is None or advice.interval is None or advice.minutes is None:
            return
        left, right = (self._at(one, 1.0, low, high).x() for one in advice.interval)
        tall = self.height() - _TOP - _FOOT
        band = QColor(theme.FILM)
        band.setAlpha(46)
        painter.fillRect(QRectF(left, _TOP, right - left, tall), band)
        minutes = np.exp(np.linspace(low, high, 60))
        chances = advice.frost.chance(minutes)
        painter.setPen(QPen(QColor(_GOOD_INK), 2.5))
        painter.drawPolyline(QPolygonF([self._at(m, c, low, high) for m, c in zip(minutes.tolist(), chances.tolist(),
                                                                                  strict=True)]))
        at = self._at(advice.minutes, 0.0, low, high).x()
        painter.setPen(QPen(QColor(theme.PAPER_INK), 2, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(at, _TOP), QPointF(at, _TOP + tall))
        if advice.latest is not None and low < log(advice.latest) < high:
            x = self._at(advice.latest, 0.0, low, high).x()
            painter.setPen(QPen(QColor(_LEAK_INK), 2, Qt.PenStyle.DotLine))
            painter.drawLine(QPointF(x, _TOP), QPointF(x, _TOP + tall))
            painter.drawText(QRectF(x + 6, _TOP + tall - 22, 130, 18), Qt.AlignmentFlag.AlignLeft, tr("1 in 10 leaks"))

    def _paint_dots(self, painter: QPainter, advice: Advice, low: float, high: float) -> None:
        for dot in advice.dots:
            share = 1 - dot.pale / dot.many
            reach = min(14.0, 3.0 + 1.4 * dot.many**0.5)
            painter.setPen(QPen(QColor(_LEAK_INK if dot.leaked else theme.PAPER), 2 if dot.leaked else 1))
            painter.setBrush(QColor(_PALE_INK if dot.pale else _GOOD_INK))
            painter.drawEllipse(self._at(dot.minutes, share, low, high), reach, reach)
