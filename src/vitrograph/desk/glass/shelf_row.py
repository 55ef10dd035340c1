"""Two buttons on the glass card: open the shelf, or keep the glass in hand on it."""

from datetime import date
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QInputDialog, QVBoxLayout, QWidget

from vitrograph.core.glass import ShelvedGlass
from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.fields import button, in_a_row

if TYPE_CHECKING:
    from vitrograph.desk.glass.shelf_window import ShelfWindow


class ShelfRow(QWidget):
    """The shelf's door."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self._window: ShelfWindow | None = None
        self.open_button, self.keep_button = button(tr("From the shelf")), button(tr("Keep on the shelf"))
        self.open_button.setObjectName("fromShelf")
        self.keep_button.setObjectName("keepOnShelf")
        self.open_button.clicked.connect(self.open)
        self.keep_button.clicked.connect(self._ask_name)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(in_a_row(self.open_button, self.keep_button))

    def open(self) -> "ShelfWindow":
        """Open the shelf beside the window."""
        from vitrograph.desk.glass.shelf_window import ShelfWindow  # the main window opens sooner without it

        if self._window is None:
            self._window = ShelfWindow(self.bench, self)
        self._window.fill()
        self._window.show()
        self._window.raise_()
        return self._window

    def keep_as(self, name: str) -> None:
        """Put the glass in hand on the shelf, or say why it cannot be."""
        job, name = self.bench.job, name.strip()[:80]
        if not name:
            self.bench.refused.emit(tr("a glass on the shelf needs a name"))
            return
        kept = ShelvedGlass.of(job, name, measured_on=date.today().isoformat(), picture=self.bench.glass_picture)
        self.bench.attempt(lambda: self.bench.shelf.keep(kept), tr("kept on the shelf: {name}", name=name))

    def _ask_name(self) -> None:
        name, agreed = QInputDialog.getText(self, tr("Keep it on the shelf"), tr("A name for this glass:"))
        if agreed:
            self.keep_as(name)
