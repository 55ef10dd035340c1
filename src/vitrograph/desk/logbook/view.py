"""The logbook's picture: the photograph with what was found, or every piece as a dot and the curve of the advice."""

from math import log

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QImage, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.logbook.advice import Advice
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.logbook.looking import Looked

_LEFT, _RIGHT, _TOP, _FOOT = 64.0, 24.0, 64.0, 92.0
_TICKS = (0.5, 1, 2, 3, 5, 8, 10, 15, 20, 30, 45, 60, 90, 120, 240, 480)
_NEAR_PX = 18.0
_ROUND = 0.15                      # of the design's size: what is shown round it
_TOO_MUCH = ("leak", "drip", "not pulled")
_GOOD_INK, _PALE_INK, _LEAK_INK = "#1F6F66", "#8A5A00", "#B3261E"


class LogbookView(QWidget):
    """Shows a photograph where one is looked at, and the advice where none is. `picked` carries a fault's number."""

    picked = Signal(int)

    def __init__(self) -> None:
        super().__init__()
        named(self, "logbookView")
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self._advice: Advice | None = None
        self._looked: Looked | None = None
        self._kept, self._image = QImage(), QImage()
        self._under_way = ""
        self._rings: list[QPolygonF] = []
        self._tell()

    def sizeHint(self) -> QSize:
        return QSize(480, 480)

    def show_advice(self, advice: Advice | None) -> None:
        """Show what is advised, once no photograph is looked at."""
        self._advice = advice
        self._tell()

    def show_looked(self, looked: Looked | None) -> None:
        """Show a photograph with what was found, or the advice again."""
        before, self._looked = self._looked, looked
        if looked is not None and (before is None or looked.photo is not before.photo):
            gray = (np.clip(looked.photo.light, 0, 1) * 255).astype(np.uint8)
            self._image = QImage(gray.tobytes(), gray.shape[1], gray.shape[0], gray.shape[1],
                                 QImage.Format.Format_Grayscale8).copy()
        self._tell()

    def show_kept(self, picture: bytes) -> None:
        """Show a picture kept with an entry; nothing where it is empty."""
        self._kept = QImage.fromData(picture) if picture else QImage()
        self._tell()

    def show_under_way(self, says: str) -> None:
        """Say what is being done with a photograph."""
        self._under_way = says
        self.update()

    def _tell(self) -> None:
        says = self._advice.says if self._advice is not None else "nothing is written down yet"
        self.setAccessibleName(f"Photograph: {', '.join(self._looked.kept.outcomes)}" if self._looked is not None
                               else f"Advice: {says}")
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            dark = self._looked is not None or not self._kept.isNull()
            painter.fillRect(self.rect(), QColor(theme.BLACK_CARD if dark else theme.PAPER))
            if self._looked is not None:
                self._paint_photo(painter, self._looked)
            elif not self._kept.isNull():
                self._draw_image(painter, self._kept, QRectF(self._kept.rect()))
            elif self._advice is not None:
                self._paint_advice(painter, self._advice)
            if self._under_way:
                painter.fillRect(QRectF(0, 0, self.width(), 34), QColor(theme.CHROME))
                painter.setPen(QColor(theme.TEXT))
                painter.setFont(theme.font(0.95))
                painter.drawText(QPointF(14, 23), f"The photograph: {self._under_way} …")

    # -- a photograph --------------------------------------------------------------------------------------------

    def _draw_image(self, painter: QPainter, image: QImage, part: QRectF) -> tuple[float, QPointF]:
        """Draw a part of a picture as large as it fits; its scale, and where the whole picture's corner would lie."""
        scale = min(self.width() / part.width(), self.height() / part.height())
        corner = QPointF((self.width() - scale * part.width()) / 2, (self.height() - scale * part.height()) / 2)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(QRectF(corner, part.size() * scale), image, part)
        return scale, corner - part.topLeft() * scale

    def _part(self, looked: Looked) -> QRectF:
        """The part of a photograph that shows the design and some of what is round it."""
        from vitrograph.core.logbook.inspection import design_on

        box = QPolygonF([QPointF(x, y) for x, y in design_on(looked.seen).tolist()]).boundingRect()
        by = _ROUND * max(box.width(), box.height())
        return box.adjusted(-by, -by, by, by).intersected(QRectF(self._image.rect()))

    def _paint_photo(self, painter: QPainter, looked: Looked) -> None:
        from vitrograph.core.logbook.inspection import outline_on

        scale, corner = self._draw_image(painter, self._image, self._part(looked))
        painter.setFont(theme.font(0.9, bold=True))
        self._rings = []
        for number, fault in enumerate(looked.seen.faults):
            ring = QPolygonF([corner + QPointF(x, y) * scale for x, y in outline_on(looked.seen, fault).tolist()])
            self._rings.append(ring)
            none = number in looked.none
            colour = QColor(theme.QUIET if none else theme.ACCENT if fault.kind in _TOO_MUCH else theme.FROST)
            painter.setPen(QPen(colour, 2, Qt.PenStyle.DotLine if none else Qt.PenStyle.SolidLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPolygon(ring)
            box = ring.boundingRect().adjusted(-8, -8, 8, 8)
            painter.drawEllipse(box)
            words = f"{number + 1} {fault.kind}, {self._area(fault.area)}" + (", is none" if none else "")
            where = QPointF(min(box.right() + 4, self.width() - painter.fontMetrics().horizontalAdvance(words) - 6),
                            max(box.top(), 16))
            back = QColor(theme.BLACK_CARD)
            back.setAlpha(190)
            painter.fillRect(QRectF(painter.fontMetrics().boundingRect(words)).translated(where).adjusted(-3, -1, 3, 1),
                             back)
            painter.drawText(where, words)
        painter.setPen(QColor(theme.TEXT))
        painter.setFont(theme.font(0.9))
        if looked.seen.faults:
            painter.drawText(QPointF(14, self.height() - 14), "Click what is none, and again what is after all")

    @staticmethod
    def _area(mm2: float) -> str:
        return f"{mm2:.1f} mm²"

    def mousePressEvent(self, event: QMouseEvent) -> None:
        place = event.position()
        near = [(QLineF(place, ring.boundingRect().center()).length() - ring.boundingRect().width() / 2, number)
                for number, ring in enumerate(self._rings)] if self._looked is not None else []
        if near and min(near)[0] < _NEAR_PX:
            self.picked.emit(min(near)[1])

    # -- the advice ----------------------------------------------------------------------------------------------

    def _paint_advice(self, painter: QPainter, advice: Advice) -> None:
        painter.setPen(QColor(theme.PAPER_INK))
        painter.setFont(theme.font(1.1, bold=True))
        where = f" on {advice.material} glass" if advice.material else ""
        painter.drawText(QPointF(16, 28), f"How long for '{advice.cream}'{where}?")
        if not advice.dots:
            painter.setFont(theme.font(0.95))
            painter.drawText(self.rect().adjusted(24, 60, -24, -24), Qt.TextFlag.TextWordWrap
                             | Qt.AlignmentFlag.AlignTop, advice.says[:1].upper() + advice.says[1:] + ".")
            return
        low, high = self._span(advice)
        self._paint_axes(painter, low, high)
        self._paint_curve(painter, advice, low, high)
        self._paint_dots(painter, advice, low, high)
        painter.setPen(QColor(theme.PAPER_INK))
        painter.setFont(theme.font(0.9))
        box = QRectF(16, self.height() - 52, self.width() - 32, 50)
        painter.drawText(box, Qt.TextFlag.TextWordWrap, advice.says[:1].upper() + advice.says[1:] + ".")

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
                         Qt.AlignmentFlag.AlignRight, "minutes under cream")
        painter.drawText(QPointF(16, _TOP - 14), "pieces that frosted well; a larger disc is more "
                         "pieces, brown: some came out faint, a red ring: some leaked")

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
            painter.drawText(QRectF(x + 6, _TOP + tall - 22, 130, 18), Qt.AlignmentFlag.AlignLeft, "1 in 10 leaks")

    def _paint_dots(self, painter: QPainter, advice: Advice, low: float, high: float) -> None:
        for dot in advice.dots:
            share = 1 - dot.pale / dot.many
            reach = min(14.0, 3.0 + 1.4 * dot.many**0.5)
            painter.setPen(QPen(QColor(_LEAK_INK if dot.leaked else theme.PAPER), 2 if dot.leaked else 1))
            painter.setBrush(QColor(_PALE_INK if dot.pale else _GOOD_INK))
            painter.drawEllipse(self._at(dot.minutes, share, low, high), reach, reach)
