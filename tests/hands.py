"""What a maker's hands do to a window: type over a field, press a button."""

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLineEdit, QPushButton, QWidget


def type_over(line: QLineEdit, text: str) -> None:
    """Type over what a field holds, and press Return."""
    line.selectAll()
    if text:
        QTest.keyClicks(line, text)
    else:
        QTest.keyClick(line, Qt.Key.Key_Delete)
    QTest.keyClick(line, Qt.Key.Key_Return)


def type_into(window: QWidget, name: str, text: str) -> None:
    """Type over the field of that name."""
    line = window.findChild(QLineEdit, name)
    line.setFocus()
    type_over(line, text)


def click(window: QWidget, name: str) -> None:
    """Press the button of that name."""
    QTest.mouseClick(window.findChild(QPushButton, name), Qt.MouseButton.LeftButton)
