"""Two buttons on the glass card: take a glass from the shelf, or keep the one in hand."""

from datetime import date
from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QHBoxLayout, QInputDialog, QMenu, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.glass import Shelf, ShelvedGlass, generic_glasses, read_glass
from vitrograph.core.summary import readings_line
from vitrograph.desk import theme
from vitrograph.desk.bench import Bench
from vitrograph.desk.fields import button


class ShelfRow(QWidget):
    """The shelf's door. The menu lists the maker's own glasses first, then the generic shapes."""

    def __init__(self, bench: Bench, shelf: Shelf) -> None:
        super().__init__()
        self.bench, self.shelf = bench, shelf
        self.take_button, self.keep_button = button("From the shelf"), button("Keep on the shelf")
        self.take_button.setObjectName("fromShelf")
        self.keep_button.setObjectName("keepOnShelf")
        self.menu = QMenu(self)
        self.menu.setFont(theme.font())
        self.menu.setToolTipsVisible(True)
        self.menu.aboutToShow.connect(self.fill_menu)
        self.take_button.setMenu(self.menu)
        self.keep_button.clicked.connect(self._ask_name)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(self.take_button, 1)
        row.addWidget(self.keep_button, 1)

    def fill_menu(self) -> None:
        """List what is on the shelf now."""
        self.menu.clear()
        try:
            own = self.shelf.glasses()
        except VitrographError as error:
            own = ()
            self.bench.refused.emit(str(error))
        for title, glasses in (("Your own", own), ("Generic shapes, to begin from", generic_glasses())):
            if glasses:
                self.menu.addSection(title)
            for glass in glasses:
                action = self.menu.addAction(f"{glass.name}   {readings_line(glass.glass, self.bench.unit)}")
                action.setToolTip(glass.notes)
                action.triggered.connect(lambda _checked, taken=glass: self.take(taken))
        self.menu.addSeparator()
        self.menu.addAction("Read a glass file", self._choose_file)

    def take(self, kept: ShelvedGlass) -> None:
        """Put a kept glass on the bench, as one undo step."""
        self.bench.edit(f"Glass {kept.name}", glass=kept.glass, material=kept.material, tools=kept.tools)

    def keep_as(self, name: str, notes: str = "") -> None:
        """Put the glass in hand on the shelf, or say why it cannot be."""
        job, name = self.bench.job, name.strip()[:80]
        if not name:
            self.bench.refused.emit("a glass on the shelf needs a name")
            return
        kept = ShelvedGlass(name=name, glass=job.glass, notes=notes, material=job.material, tools=job.tools,
                            measured_on=date.today().isoformat())
        self.bench.attempt(lambda: self.shelf.keep(kept), f"kept on the shelf: {name}")

    def _ask_name(self) -> None:
        name, agreed = QInputDialog.getText(self, "Keep it on the shelf", "A name for this glass:")
        if agreed:
            self.keep_as(name)

    def _choose_file(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self, "Read a glass file", "", "Glasses (*.json)")
        if path:
            self.read_file(Path(path))

    def read_file(self, path: Path) -> None:
        """Take a glass from a file, or say why it cannot be."""
        self.bench.attempt(lambda: self.take(read_glass(path)))
