"""The photograph at the logbook: what was found in it, what a hand adds, or the piece's corners pointed at."""

from functools import partial

import numpy as np
from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QMenu, QSizePolicy, QWidget

from vitrograph.core.language import tr
from vitrograph.core.says import Area
from vitrograph.core.units import Unit
from vitrograph.core.value_words import word_of
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.logbook.looking import Looked

_NEAR_PX = 18.0
_DRAG_PX = 5.0                     # less is a click: a small ring is drawn
_RING_PX = 8.0
_ROUND = 0.15                      # of the design's size: what is shown round it
_TOO_MUCH = ("leak", "drip", "not pulled")
_LOUPE_PX, _LOUPE_TIMES = 150.0, 6.0                           # how wide it is, and how much larger it shows
_CORNERS = (tr("upper left"), tr("upper right"), tr("lower right"), tr("lower left"))


class PhotoView(QWidget):
    """One photograph. `picked` carries a fault's number; `marked` a kind and two pixels; `cornered` four pixels."""

    picked = Signal(int)
    marked = Signal(str, object, object)
    cornered = Signal(object)

    def __init__(self) -> None:
        super().__init__()
        named(self, "photoView")
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setFocusPolicy(Qt.FocusPolicy.ClickFocus)
        self.unit: Unit = "mm"
        self._looked: Looked | None = None
        self._image = QImage()
        self._rings: list[QPolygonF] = []
        self._corners: list[QPointF] | None = None             # in the picture, while they are asked for
        self._drag: tuple[QPointF, QPointF] | None = None
        self._at: QPointF | None = None                        # the pointer's place, while a corner is asked for
        self._scale, self._corner = 1.0, QPointF()             # of the picture as it was painted last

    def sizeHint(self) -> QSize:
        return QSize(480, 480)

    # -- what is shown -------------------------------------------------------------------------------------------

    def show_looked(self, looked: Looked, unit: Unit) -> None:
        """Show a photograph with what was found."""
        before, self._looked, self._corners, self.unit = self._looked, looked, None, unit
        if before is None or looked.photo is not before.photo:
            self._take_picture(looked.photo.light)
        self.setAccessibleName(tr("Photograph: {all}", all=', '.join(map(word_of, looked.kept.outcomes))))
        self.update()

    def ask_corners(self, light: np.ndarray) -> None:
        """Ask for the piece's four corners in a picture."""
        self._looked, self._corners, self._at = None, [], None
        self.setMouseTracking(True)
        self._take_picture(light)
        self._tell_corner()

    def _take_picture(self, light: np.ndarray) -> None:
        gray = (np.clip(light, 0, 1) * 255).astype(np.uint8)
        self._image = QImage(gray.tobytes(), gray.shape[1], gray.shape[0], gray.shape[1],
                             QImage.Format.Format_Grayscale8).copy()

    def _tell_corner(self) -> None:
        self.setAccessibleName(self._corner_words())
        self.update()

    def _corner_words(self) -> str:
        at = len(self._corners or ())
        return tr("Click the {corner} corner of the piece",
                  corner=_CORNERS[at]) + (tr(" (Backspace: the last one again)") if at else "")

    # -- painting ------------------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
            if self._image.isNull():
                return
            self._draw_image(painter, self._part(self._looked) if self._looked else QRectF(self._image.rect()))
            if self._looked is not None:
                self._paint_faults(painter, self._looked)
            if self._corners is not None:
                self._paint_corners(painter, self._corners)
            if self._drag is not None:
                painter.setPen(QPen(QColor(theme.LIT_ACCENT), 2, Qt.PenStyle.DashLine))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                reach = max(_RING_PX, QLineF(*self._drag).length())
                painter.drawEllipse(self._drag[0], reach, reach)

    def _draw_image(self, painter: QPainter, part: QRectF) -> None:
        """Draw a part of the picture as large as it fits."""
        self._scale = min(self.width() / part.width(), self.height() / part.height())
        size = part.size() * self._scale
        corner = QPointF((self.width() - size.width()) / 2, (self.height() - size.height()) / 2)
        self._corner = corner - part.topLeft() * self._scale
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(QRectF(corner, size), self._image, part)

    def _part(self, looked: Looked) -> QRectF:
        """The part of a photograph that shows the design and some of what is round it."""
        from vitrograph.core.logbook.inspection import design_on

        box = QPolygonF([QPointF(x, y) for x, y in design_on(looked.seen).tolist()]).boundingRect()
        by = _ROUND * max(box.width(), box.height())
        return box.adjusted(-by, -by, by, by).intersected(QRectF(self._image.rect()))

    def _paint_faults(self, painter: QPainter, looked: Looked) -> None:
        from vitrograph.core.logbook.inspection import outline_on

        painter.setFont(theme.font(0.9, bold=True))
        self._rings = []
        for number, fault in enumerate(looked.faults):
            ring = QPolygonF([self._corner + QPointF(x, y) * self._scale
                              for x, y in outline_on(looked.seen, fault).tolist()])
            self._rings.append(ring)
            none = number in looked.none
            colour = QColor(theme.LIT_QUIET if none else theme.LIT_ACCENT if fault.kind in _TOO_MUCH else theme.FROST)
            painter.setPen(QPen(colour, 2, Qt.PenStyle.DotLine if none else Qt.PenStyle.SolidLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPolygon(ring)
            box = ring.boundingRect().adjusted(-8, -8, 8, 8)
            painter.drawEllipse(box)
            words = (f"{number + 1} {word_of(fault.kind)}, {Area(fault.area).words(self.unit)}"
                     + (tr(", is none") if none else ""))
            where = QPointF(min(box.right() + 4, self.width() - painter.fontMetrics().horizontalAdvance(words) - 6),
                            max(box.top(), 16))
            self._write(painter, where, words)
        painter.setPen(QColor(theme.LIT_TEXT))
        painter.setFont(theme.font(0.9))
        fix = tr("Click a ring that is no fault.  ") if looked.faults else ""
        self._write(painter, QPointF(14, self.height() - 14), tr("{fix}Draw a ring where one was missed.", fix=fix))

    def _write(self, painter: QPainter, where: QPointF, words: str) -> None:
        painter.fillRect(QRectF(painter.fontMetrics().boundingRect(words)).translated(where).adjusted(-3, -1, 3, 1),
                         theme.colour(theme.BLACK_CARD, 0.75))
        painter.drawText(where, words)

    def _paint_corners(self, painter: QPainter, corners: list[QPointF]) -> None:
        painter.setFont(theme.font(1.0, bold=True))
        painter.setPen(QPen(QColor(theme.LIT_ACCENT), 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for number, corner in enumerate(corners, start=1):
            at = self._corner + corner * self._scale
            painter.drawEllipse(at, _RING_PX, _RING_PX)
            self._write(painter, at + QPointF(12, -6), str(number))
        painter.setPen(QColor(theme.LIT_TEXT))
        self._write(painter, QPointF(14, 26), self._corner_words())
        if self._at is not None:
            self._paint_loupe(painter, self._at)

    def _paint_loupe(self, painter: QPainter, at: QPointF) -> None:
        """What lies under the pointer, larger, in the corner that is away from it: a pixel may be half a millimetre."""
        away = QPointF(14 if at.x() > self.width() / 2 else self.width() - _LOUPE_PX - 14,
                       self.height() - _LOUPE_PX - 14)
        frame, reach = QRectF(away.x(), away.y(), _LOUPE_PX, _LOUPE_PX), _LOUPE_PX / self._scale / _LOUPE_TIMES
        middle = QPointF(*self._pixel(at))
        painter.fillRect(frame, QColor(theme.BLACK_CARD))
        painter.save()
        painter.setClipRect(frame)
        painter.drawImage(frame, self._image, QRectF(middle.x() - reach / 2, middle.y() - reach / 2, reach, reach))
        painter.setPen(QPen(QColor(theme.LIT_ACCENT), 1))
        centre = frame.center()
        painter.drawLine(QPointF(frame.left(), centre.y()), QPointF(frame.right(), centre.y()))
        painter.drawLine(QPointF(centre.x(), frame.top()), QPointF(centre.x(), frame.bottom()))
        painter.restore()
        painter.setPen(QPen(QColor(theme.LIT_QUIET), 1))
        painter.drawRect(frame)

    # -- the hand ------------------------------------------------------------------------------------------------

    def _pixel(self, place: QPointF) -> tuple[float, float]:
        at = (place - self._corner) / self._scale
        return at.x(), at.y()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        place = event.position()
        if self._corners is not None:
            self._take_corner(place)
        elif self._looked is not None:
            near = [(QLineF(place, ring.boundingRect().center()).length() - ring.boundingRect().width() / 2, number)
                    for number, ring in enumerate(self._rings)]
            if near and min(near)[0] < _NEAR_PX:
                self.picked.emit(min(near)[1])
            else:
                self._drag = (place, place)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._corners is not None:
            self._at = event.position()
            self.update()
        elif self._drag is not None:
            self._drag = (self._drag[0], event.position())
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._drag is None or self._looked is None:
            return
        middle, edge = self._drag
        if QLineF(middle, edge).length() < _DRAG_PX:
            edge = middle + QPointF(_RING_PX, 0)
        self._ask_kind(self._looked, self._pixel(middle), self._pixel(edge)).popup(event.globalPosition().toPoint())

    def _ask_kind(self, looked: Looked, middle: tuple[float, float], edge: tuple[float, float]) -> QMenu:
        """A menu of what there is to mark where a ring was drawn."""
        from vitrograph.core.logbook.inspection import FILM_KINDS, KINDS

        menu = named(QMenu(self), "markFault")
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        for kind in FILM_KINDS if looked.seen.film else KINDS:
            menu.addAction(tr("Mark it: {kind}", kind=word_of(kind)), partial(self.marked.emit, kind, middle, edge))
        menu.aboutToHide.connect(self._drop_ring)
        return menu

    def _drop_ring(self) -> None:
        self._drag = None
        self.update()

    def _take_corner(self, place: QPointF) -> None:
        assert self._corners is not None
        self._corners.append(QPointF(*self._pixel(place)))
        if len(self._corners) == len(_CORNERS):
            told, self._corners = [(corner.x(), corner.y()) for corner in self._corners], None
            self.setMouseTracking(False)
            self.cornered.emit(told)
        else:
            self._tell_corner()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Backspace and self._corners:
            self._corners.pop()
            self._tell_corner()
            return
        super().keyPressEvent(event)
