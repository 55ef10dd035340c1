"""A side view of a glass with marks to drag over it: the axis, a known length, and the wall's stations."""

import numpy as np
from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QImage, QMouseEvent, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.desk.bench.painter_paths import image_of
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.sketch import draw_words

_REACH = 12.0                      # px on screen within which a mark is taken hold of


class PictureView(QWidget):
    """Shows the picture whole; `marked` tells by its name which mark was dragged, and to which pixel."""

    marked = Signal(str, float, float)

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("pictureView")
        self.setAccessibleName(tr("The picture"))
        self.setMinimumHeight(360)
        self.image: QImage | None = None
        self.marks: dict[str, tuple[float, float]] = {}
        self.sides: tuple[Points, ...] = ()
        self.says = tr("open a picture of the glass from the side")
        self._held: str | None = None

    def show_pixels(self, rgb: np.ndarray) -> None:
        """Show a picture of (rows, columns, 3) bytes."""
        self.image = image_of(rgb)
        self.update()

    def _frame(self) -> tuple[float, QPointF]:
        assert self.image is not None
        scale = min(self.width() / self.image.width(), self.height() / self.image.height())
        left = (self.width() - scale * self.image.width()) / 2
        return scale, QPointF(left, (self.height() - scale * self.image.height()) / 2)

    def to_screen(self, column: float, row: float) -> QPointF:
        """A pixel of the picture to the widget."""
        scale, origin = self._frame()
        return origin + QPointF(column + 0.5, row + 0.5) * scale

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
            if self.image is None:
                draw_words(painter, QRectF(self.rect()), self.says)
                return
            scale, origin = self._frame()
            box = QRectF(origin.x(), origin.y(), scale * self.image.width(), scale * self.image.height())
            painter.drawImage(box, self.image)
            for side in self.sides:
                line = QPolygonF([self.to_screen(*place) for place in side.tolist()])
                painter.setPen(QPen(QColor(theme.BLACK_CARD), 4))
                painter.drawPolyline(line)
                painter.setPen(QPen(QColor(theme.LIT_ACCENT), 2))
                painter.drawPolyline(line)
            self._paint_pairs(painter)
            for name, place in self.marks.items():
                painter.setPen(QPen(QColor(theme.BLACK_CARD), 1.5))
                painter.setBrush(QColor(theme.LIT_TEXT if name.startswith("station") else theme.LIT_ACCENT))
                painter.drawEllipse(self.to_screen(*place), 5, 5)

    def _paint_pairs(self, painter: QPainter) -> None:
        """A line between the two marks of the axis and of the known length."""
        for pair in ("axis", "length"):
            ends = [place for name, place in self.marks.items() if name.startswith(pair)]
            if len(ends) == 2:
                painter.setPen(QPen(QColor(theme.LIT_ACCENT), 1.6, Qt.PenStyle.DashLine))
                painter.drawLine(self.to_screen(*ends[0]), self.to_screen(*ends[1]))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self.image is None:
            return
        away = {name: (self.to_screen(*place) - event.position()).manhattanLength()
                for name, place in self.marks.items()}
        nearest = min(away, key=away.__getitem__, default=None)
        self._held = nearest if nearest is not None and away[nearest] <= _REACH else None

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._held is not None:
            scale, origin = self._frame()
            place = (event.position() - origin) / scale
            self.marks[self._held] = (place.x() - 0.5, place.y() - 0.5)
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._held is not None:
            name, self._held = self._held, None
            self.marked.emit(name, *self.marks[name])
