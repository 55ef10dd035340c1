"""Fields that the wheel does not change: whoever scrolls a card over them meant the card."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QWheelEvent
from PySide6.QtWidgets import QComboBox, QSlider, QSpinBox


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


class Slider(_Steady, QSlider):
    """A value from left to right."""

    def __init__(self) -> None:
        super().__init__(Qt.Orientation.Horizontal)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
