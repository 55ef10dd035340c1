"""A tool of one station on the sheet, such as handling the artwork's items, or placing ties by hand."""

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QPainter


class SheetTool:
    """What the pointer and the keys do at one station, before the sheet itself is taken hold of; here, nothing."""

    @property
    def works(self) -> bool:
        """Whether the station in hand is the tool's."""
        return False

    def press(self, at: QPointF, modifiers: Qt.KeyboardModifier) -> bool:
        """Take hold of what is there; whether there was anything."""
        return False

    def move(self, at: QPointF) -> bool:
        """Carry what is held; whether anything is."""
        return False

    def release(self) -> None:
        """Let go."""

    def take_key(self, key: int, modifiers: Qt.KeyboardModifier) -> bool:
        """Whether a key was the tool's."""
        return False

    def cursor_at(self, at: QPointF) -> Qt.CursorShape:
        """What the pointer would take hold of."""
        return Qt.CursorShape.ArrowCursor

    def paint(self, painter: QPainter) -> None:
        """Draw what it works on."""
