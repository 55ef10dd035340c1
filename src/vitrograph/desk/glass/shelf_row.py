"""Two buttons on the glass card: open the shelf, or keep the glass in hand on it; and a name that is taken."""

from datetime import date
from typing import TYPE_CHECKING, Literal

from msgspec.structs import replace
from PySide6.QtWidgets import QInputDialog, QMessageBox, QVBoxLayout, QWidget

from vitrograph.core.glass import ShelvedGlass
from vitrograph.core.language import tr
from vitrograph.core.telling.answers import readings_line
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
        keep_apart(self, self.bench, kept)

    def _ask_name(self) -> None:
        name, agreed = QInputDialog.getText(self, tr("Keep it on the shelf"), tr("A name for this glass:"))
        if agreed:
            self.keep_as(name)


def keep_apart(parent: QWidget, bench: Bench, glass: ShelvedGlass) -> None:
    """Put a glass on the shelf; where another has its name the maker says which of them stays, or that both do.

    What takes another's place has its notes, price and picture, unless it brings its own.
    """
    there = bench.shelf.of_name(glass.name)
    if there is not None:
        glass = replace(glass, notes=glass.notes or there.notes, price=glass.price or there.price,
                        picture=glass.picture or there.picture)
        if replace(glass, name=there.name, measured_on=there.measured_on) != there:
            answer = ask_which(parent, bench, there, glass)
            if answer == "neither":
                return
            if answer == "both":
                glass = replace(glass, name=bench.shelf.free_name(glass.name))
    bench.attempt(lambda: bench.shelf.keep(glass), tr("kept on the shelf: {name}", name=glass.name))


def ask_which(parent: QWidget, bench: Bench, there: ShelvedGlass, new: ShelvedGlass
              ) -> Literal["new", "both", "neither"]:
    """Ask what becomes of a glass on the shelf whose name another is to have."""
    box = QMessageBox(parent)
    box.setWindowTitle(tr("Keep it on the shelf"))
    box.setText(tr("“{name}” is on the shelf already: {there}. The one to be kept now: {new}.", name=there.name,
                   there=readings_line(there.glass, bench.unit), new=readings_line(new.glass, bench.unit)))
    both = box.addButton(tr("Keep both"), QMessageBox.ButtonRole.AcceptRole)
    instead = box.addButton(tr("Keep it in the other's place"), QMessageBox.ButtonRole.DestructiveRole)
    box.setEscapeButton(box.addButton(tr("Leave it as it is"), QMessageBox.ButtonRole.RejectRole))
    box.setDefaultButton(both)
    box.exec()
    return "both" if box.clickedButton() is both else "new" if box.clickedButton() is instead else "neither"
