"""What is higher than a window scrolls in it: on a low screen, or with large writing, its foot stays in sight."""

from PySide6.QtCore import QSize, Qt
from PySide6.QtWidgets import QFrame, QScrollArea, QWidget

_LEAST_PX = 120


class Scrolled(QScrollArea):
    """What stands in it goes up and down behind it; across it is never cut, the window is as wide as that takes."""

    def __init__(self, inside: QWidget | None = None) -> None:
        super().__init__()
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setWidgetResizable(True)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        if inside is not None:
            self.setWidget(inside)

    def minimumSizeHint(self) -> QSize:
        inside = self.widget()
        wide = 0 if inside is None else inside.minimumSizeHint().width() + self.verticalScrollBar().sizeHint().width()
        return QSize(wide, _LEAST_PX)
