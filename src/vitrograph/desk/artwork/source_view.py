"""The drawing as it came and as it is now, large: frost on black card over the picture it was traced from."""

from math import cos, sin

import numpy as np
import shapely
from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QTransform, QWheelEvent
from PySide6.QtWidgets import QWidget

from vitrograph.core.artwork import Source
from vitrograph.core.job import Drawing
from vitrograph.core.language import tr
from vitrograph.desk.bench.painter_paths import image_of, path_of
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.sketch import draw_words

_MARGIN = 28


class SourceView(QWidget):
    """Wheel enlarges, dragging shifts, a click tells the place; while O is held the drawing is shown as it came.

    While `picking`, a click tells the picture's colour; while `levelling`, a drag tells the angle of an edge.

    Places are in the frame that mends are told in: heights of the drawing from its lower left corner, y up.
    """

    clicked = Signal(float, float)
    picked = Signal(str)
    levelled = Signal(float)

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("sourceView")
        self.setAccessibleName(tr("The drawing, frosted parts in white; hold O to see it as it came"))
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMinimumSize(300, 300)
        self.source: Source | None = None
        self.drawing: Drawing | None = None
        self.image: QImage | None = None
        self.says = ""
        self.as_it_came = False
        self.levelling = False
        self.picking = False
        self._px_per_image = 1.0
        self._level_from: QPointF | None = None
        self._level_to: QPointF | None = None
        self.marked: tuple[float, float, float] | None = None
        self.zoom, self.shift = 1.0, QPointF(0, 0)
        self._pressed: QPointF | None = None
        self._moved = False

    def show_source(self, source: Source | None, drawing: Drawing | None) -> None:
        """Show another state of the drawing."""
        self.source, self.drawing = source, drawing
        self.update()

    def show_image(self, rgb: np.ndarray | None, full_width: int = 0) -> None:
        """Show the picture under it, given as (rows, columns, 3) bytes of a picture that was `full_width` px wide."""
        self.image = None
        if rgb is not None:
            self.image = image_of(rgb)
            self._px_per_image = full_width / self.image.width()
        self.update()

    # -- places --------------------------------------------------------------------------------------------------

    def _frame(self) -> QTransform:
        """From the drawing's frame to the screen."""
        wide = self.source.before.bounds[2] if self.source is not None else 1.0
        room = QRectF(self.rect()).adjusted(_MARGIN, _MARGIN, -_MARGIN, -_MARGIN)
        scale = min(room.width() / max(wide, 1e-6), room.height()) * self.zoom
        middle = room.center() + self.shift
        return QTransform(scale, 0, 0, -scale, middle.x() - wide / 2 * scale, middle.y() + scale / 2)

    def _image_frame(self) -> QTransform:
        """From the shown picture's pixels to the screen."""
        assert self.source is not None and self.drawing is not None
        mm = self._px_per_image * (self.source.mm_per_px or 1.0)
        c, s = cos(self.drawing.trace.turn), sin(self.drawing.trace.turn)
        left, low = self.source.corner
        # a pixel (x, y down) turns as outlines do, becomes mm with y up, then heights of the drawing
        unit = mm / self.source.tall
        corner = -left / self.source.tall, -low / self.source.tall
        to_frame = QTransform(c * unit, s * unit, s * unit, -c * unit, *corner)
        return to_frame * self._frame()

    def place(self, point: QPointF) -> tuple[float, float]:
        """A point on the screen in the drawing's frame."""
        inverse, _ = self._frame().inverted()
        here = inverse.map(point)
        return here.x(), here.y()

    def colour_at(self, point: QPointF) -> str | None:
        """The picture's colour under a point on the screen, as #rrggbb."""
        if self.image is None or self.source is None:
            return None
        inverse, _ = self._image_frame().inverted()
        here = inverse.map(point)
        column, row = int(here.x()), int(here.y())
        if not self.image.rect().contains(column, row):
            return None
        return self.image.pixelColor(column, row).name()

    # -- painting ------------------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
            if self.source is None:
                draw_words(painter, QRectF(self.rect()).adjusted(20, 0, -20, 0), self.says)
                return
            if self.image is not None:
                painter.save()
                painter.setOpacity(1.0 if self.as_it_came else 0.28)
                painter.setTransform(self._image_frame())
                painter.drawImage(QPointF(0, 0), self.image)
                painter.restore()
            if not (self.as_it_came and self.image is not None):
                self._paint_shape(painter)
            self._paint_marks(painter)
            words = tr("as it came") if self.as_it_came else tr("hold O to see it as it came")
            draw_words(painter, QRectF(0, self.height() - 28, self.width(), 22), words)

    def _paint_shape(self, painter: QPainter) -> None:
        assert self.source is not None
        shape = self.source.before
        if not self.as_it_came:
            left, low, tall = self.source.frame
            shape = shapely.transform(self.source.shape, lambda xy: xy * tall + [left, low])
        painter.save()
        painter.setTransform(self._frame())
        path = path_of(shape)
        painter.fillPath(path, theme.colour(theme.FROST, 0.9 if self.image is None else 0.78))
        if self.image is not None:
            pen = QPen(QColor(theme.LIT_ACCENT), 1.4)
            pen.setCosmetic(True)
            painter.strokePath(path, pen)
        painter.restore()

    def _paint_marks(self, painter: QPainter) -> None:
        painter.setPen(QPen(QColor(theme.LIT_ACCENT), 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        if self.marked is not None:
            x, y, reach = self.marked
            frame = self._frame()
            radius = max(6.0, reach * frame.m11())
            painter.drawEllipse(frame.map(QPointF(x, y)), radius, radius)
        if self._level_from is not None and self._level_to is not None:
            painter.drawLine(self._level_from, self._level_to)

    # -- pointing ------------------------------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.setFocus()
        self._pressed, self._moved = event.position(), False
        if self.levelling:
            self._level_from = self._level_to = event.position()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._pressed is None:
            return
        step = event.position() - self._pressed
        if self.levelling:
            self._level_to = event.position()
        elif self._moved or step.manhattanLength() > 5:
            self._moved = True
            self.shift += step
            self._pressed = event.position()
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        pressed, self._pressed = self._pressed, None
        if self.levelling and self._level_from is not None:
            along = event.position() - self._level_from
            self._level_from = self._level_to = None
            if along.manhattanLength() > 20:
                self.levelled.emit(float(np.arctan2(along.y(), along.x())))
        elif self.picking and (colour := self.colour_at(event.position())) is not None:
            self.picked.emit(colour)
        elif pressed is not None and not self._moved:
            self.clicked.emit(*self.place(event.position()))
        self.update()

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom = min(40.0, max(0.5, self.zoom * 1.2 ** (event.angleDelta().y() / 120)))
        self.update()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_O and not event.isAutoRepeat():
            self.show_as_it_came(True)
        else:
            super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_O and not event.isAutoRepeat():
            self.show_as_it_came(False)
        else:
            super().keyReleaseEvent(event)

    def show_as_it_came(self, wanted: bool) -> None:
        """Show the drawing before tracing and mending, or as it is now."""
        self.as_it_came = wanted
        self.update()
