"""Fields that neither the wheel nor a dropped file changes.

Whoever scrolls a card over them meant the card, and a file is for the window, which knows what each is for.
"""

from PySide6.QtCore import Qt
from PySide6.QtGui import QDragEnterEvent, QWheelEvent
from PySide6.QtWidgets import QApplication, QComboBox, QLineEdit, QSlider, QSpinBox


class _Steady:
    """Hands the wheel on to what it lies in, and is not given the keyboard by it."""

    def wheelEvent(self, event: QWheelEvent) -> None:
        event.ignore()


class DropDown(_Steady, QComboBox):
    """A list of choices that drops down. An open list scrolls as any other."""

    def __init__(self) -> None:
        super().__init__()
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)


class CountBox(_Steady, QSpinBox):
    """A whole number with an arrow up and one down."""

    def __init__(self) -> None:
        super().__init__()
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.lineEdit().setTextMargins(6, 0, 0, 0)


class Slider(_Steady, QSlider):
    """A value from left to right."""

    def __init__(self) -> None:
        super().__init__(Qt.Orientation.Horizontal)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)


class Line(QLineEdit):
    """A line to type into. Text may be dropped on it."""

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasUrls():
            event.ignore()
        else:
            super().dragEnterEvent(event)


def take_typed() -> None:
    """Take what is being typed into a line, as if it had been left; the keyboard stays with it."""
    line = QApplication.focusWidget()
    if isinstance(line, QLineEdit):
        line.clearFocus()
        line.setFocus()
