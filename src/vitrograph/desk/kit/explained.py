"""What a finding is about, where it stands: the word of the trade, a picture of it, and its sentence."""

from PySide6.QtCore import QByteArray, QRectF, QSize
from PySide6.QtGui import QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.language import tr
from vitrograph.desk.kit.fields import Column, label
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.terms import picture_of, term_of, terms

_SIZE = QSize(240, 100)


class _Drawing(QWidget):
    """A drawing as wide as it was drawn, or as there is room for."""

    def __init__(self, code: str) -> None:
        from PySide6.QtSvg import QSvgRenderer  # wanted with the first drawing: the window opens sooner without it

        super().__init__()
        self._drawing = QSvgRenderer(QByteArray(picture_of(code).read_bytes()), self)
        self.setAccessibleName(tr("{term_of}, drawn", term_of=term_of(code)))
        self.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)

    def sizeHint(self) -> QSize:
        return _SIZE

    def paintEvent(self, event: QPaintEvent) -> None:
        wide = min(_SIZE.width(), self.width())
        with painting(self) as painter:
            self._drawing.render(painter, QRectF(0, 0, wide, wide * _SIZE.height() / _SIZE.width()))


class Explained(Column):
    """What the word means that a finding of this code is about."""

    def __init__(self, code: str) -> None:
        super().__init__(6)
        self.setObjectName(f"explained_{code}")
        term = term_of(code)
        self.stack(_Drawing(code), label(f"{term}: {terms()[term]}", "quiet", scale=0.9))
