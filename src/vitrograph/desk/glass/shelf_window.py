"""The shelf: find a glass measured before, look at it, take it, copy it, give it a picture, or put one on."""

from functools import partial
from pathlib import Path

import msgspec
from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QHideEvent, QPixmap
from PySide6.QtWidgets import (
    QDialog,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.glass import MATERIALS, ShelvedGlass, generic_glasses, glass_json, read_glass, search
from vitrograph.core.glass.readings import place_words
from vitrograph.core.language import day_words, tr
from vitrograph.core.pictures.reading import read_picture, thumbnail
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.telling.answers import readings_line
from vitrograph.core.value_words import word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.glass.measure_picture import MeasurePicture
from vitrograph.desk.glass.shelf_row import keep_apart
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import Column, NumberField, button, label
from vitrograph.desk.kit.message import Heard
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.picking import pick, pick_picture
from vitrograph.desk.kit.saving import ask_place
from vitrograph.desk.kit.scrolled import Scrolled
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.kit.text_box import TextBox

_PICTURE_HIGH = 150
_NOTES_MS = 800
_DEAREST = 1e6
_PICTURE_PIXELS = 4_000_000        # more than a small picture needs


class ShelfWindow(QDialog):
    """The maker's own glasses first, then the generic shapes."""

    def __init__(self, bench: Bench, parent: QWidget) -> None:
        super().__init__(parent)
        self.bench = bench
        theme.dress(self, "shelfWindow", tr("The shelf"), (820, 620))
        self._shown: list[tuple[ShelvedGlass, bool]] = []
        self._taken_off: list[ShelvedGlass] = []
        self._noted: ShelvedGlass | None = None                # whose notes are in their field
        self._notes_rest = QTimer(self, singleShot=True, interval=_NOTES_MS)
        self._notes_rest.timeout.connect(self._keep_notes)
        row = QHBoxLayout(self)
        row.setContentsMargins(16, 16, 16, 16)
        row.setSpacing(16)
        row.addLayout(self._make_list(), 2)
        row.addLayout(self._make_details(), 3)
        self.fill()

    def _make_list(self) -> QVBoxLayout:
        self.find_field = named(Line(), "findGlass")
        self.find_field.setPlaceholderText(tr("Find by name, kind or note"))
        self.find_field.setAccessibleName(tr("Find a glass"))
        self.find_field.setFont(theme.font())
        self.list = named(QListWidget(), "glasses")
        self.list.setAccessibleName(tr("Glasses on the shelf"))
        self.list.setFont(theme.font())
        self.list.setWordWrap(True)
        self.read = button(tr("Read a glass file"))
        self.find_field.textChanged.connect(lambda _text: self.fill())
        self.list.currentRowChanged.connect(lambda _row: self._show())
        self.list.itemDoubleClicked.connect(lambda _item: self.take())
        self.read.clicked.connect(self._choose_file)
        column = QVBoxLayout()
        for widget in (self.find_field, self.list, self.read):
            column.addWidget(widget)
        return column

    def _make_details(self) -> QVBoxLayout:
        self.title = label("", scale=1.3, bold=True)
        self.sketch = MeasurePicture()
        self.photo = QLabel()
        self.photo.setObjectName("glassPhoto")
        self.photo.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.known = Readings()
        self.notes = TextBox(self.bench, "glassNotes", tr("Notes"), 3, empty=tr("Notes"))
        self.notes.textChanged.connect(lambda: self._notes_rest.isActive() or self._notes_rest.start())
        self.price = NumberField(tr("What one costs, in your money"), "glassPrice", suffix="")
        self.price.edited.connect(self._keep_price)
        acts = {
            "take": (tr("Take it"), self.take, "accent"),
            "add_picture": (tr("Add a picture"), self._choose_picture, ""), "copy": (tr("Copy it"), self.copy, ""),
            "write": (tr("Write a glass file"), self._choose_export, ""),
            "remove": (tr("Take it off the shelf"), self.remove, ""),
            "put_back": (tr("Put back what was taken off"), self.put_back, ""),
        }
        self.acts = {}
        grid = QGridLayout()
        for number, (name, (text, work, role)) in enumerate(acts.items()):
            made = self.acts[name] = button(text, role)
            made.setObjectName(f"shelf_{name}")
            made.clicked.connect(lambda _checked=False, do=work: do())
            grid.addWidget(made, number // 2, number % 2)
        known = Column(2 * theme.STEP)
        known.stack(self.title, self.sketch, self.photo, self.known, self.price, self.notes)
        column = QVBoxLayout()
        column.addWidget(Scrolled(named(known, "cardBody")), 1)
        column.addLayout(grid)
        column.addWidget(Heard(self.bench))
        return column

    # -- what is shown -------------------------------------------------------------------------------------------

    def fill(self) -> None:
        """List what is on the shelf now and answers to the words typed."""
        self._keep_notes()
        own = self.bench.shelf.glasses()
        for sentence in self.bench.shelf.unread:
            self.bench.refused.emit(sentence)
        words, chosen = self.find_field.text(), self.current()
        self._shown = [(glass, mine) for glasses, mine in ((own, True), (generic_glasses(), False))
                       for glass in search(glasses, words)]
        self.list.blockSignals(True)
        self.list.clear()
        for glass, mine in self._shown:
            item = QListWidgetItem(f"{glass.name}\n{readings_line(glass.glass, self.bench.unit)}"
                                   + ("" if mine else "   " + tr("generic")))
            self.list.addItem(item)
        names = [glass.name for glass, _ in self._shown]
        self.list.setCurrentRow(names.index(chosen.name) if chosen and chosen.name in names else 0)
        self.list.blockSignals(False)
        self._show()

    def current(self) -> ShelvedGlass | None:
        """The glass chosen."""
        row = self.list.currentRow()
        return self._shown[row][0] if 0 <= row < len(self._shown) else None

    def _show(self) -> None:
        self._keep_notes()
        glass = self.current()
        for made in self.acts.values():
            made.setEnabled(glass is not None)
        self.acts["put_back"].setVisible(bool(self._taken_off))
        self.acts["put_back"].setEnabled(True)
        if glass is None:
            self.title.setText(tr("Nothing on the shelf answers to that"))
            self.known.show_rows([])
            self._noted = None
            return
        mine = self._shown[self.list.currentRow()][1]
        for name in ("add_picture", "remove"):
            self.acts[name].setEnabled(mine)
        self.notes.setReadOnly(not mine)
        self.price.setEnabled(mine)
        self.price.show_number(glass.price)
        self.title.setText(glass.name)
        self.sketch.show_glass(glass.glass)
        self._show_notes(glass, mine=mine)
        picture = QPixmap()
        picture.loadFromData(glass.picture)
        self.photo.setVisible(not picture.isNull())
        if not picture.isNull():
            self.photo.setPixmap(picture.scaledToHeight(_PICTURE_HIGH, Qt.TransformationMode.SmoothTransformation))
        self.known.show_rows(self._rows(glass))

    def _rows(self, glass: ShelvedGlass) -> list[tuple[str, str]]:
        tools = glass.tools
        rows = [(tr("size"), readings_line(glass.glass, self.bench.unit)),
                (tr("made of"), MATERIALS[glass.material].title)]
        if glass.measured_on:
            rows.append((tr("measured"), tr("{day}, {girth} and {height}", day=day_words(glass.measured_on),
                                            girth=word_of(tools.girth), height=word_of(tools.height))))
        rows += [(tr("readings of the {place}", place=place_words(taken.place)), str(len(taken.readings)))
                 for taken in tools.taken]
        if glass.pieces:
            rows.append((tr("glasses measured"), str(len(glass.pieces))))
        if glass.features.keep_out:
            rows.append((tr("kept clear"), ", ".join(word_of(place.what) for place in glass.features.keep_out)))
        return rows

    # -- what is done --------------------------------------------------------------------------------------------

    def take(self) -> None:
        """Put the chosen glass on the bench, as one undo step."""
        glass = self.current()
        if glass is not None and self.bench.edit(tr("Glass {name}", name=glass.name), *glass.changes()):
            self.bench.picture_glass(glass.picture)
            self.accept()

    def copy(self) -> None:
        """Put a copy of the chosen glass on the shelf under a name of its own."""
        glass = self.current()
        if glass is None:
            return
        self._keep_notes()
        name = self.bench.shelf.free_name(glass.name)
        self._keep(msgspec.structs.replace(glass, name=name), tr("copied: {name}", name=name))

    def remove(self) -> None:
        """Take the chosen glass off the shelf; the one in hand stays as it is."""
        glass = self.current()
        if glass is not None:
            self._keep_notes()
            told = tr("off the shelf: {name}; it can be put back while this window is open", name=glass.name)
            there = self.bench.shelf.of_name(glass.name) or glass
            if self.bench.attempt(lambda: self.bench.shelf.remove(glass.name), told):
                self._taken_off.append(there)
                self._noted = None
            self.fill()

    def put_back(self) -> None:
        """Put the glass that was taken off last on the shelf again."""
        if self._taken_off:
            keep_apart(self, self.bench, self._taken_off.pop())
            self.fill()

    def _show_notes(self, glass: ShelvedGlass, *, mine: bool) -> None:
        self._noted = None                                    # what is shown is not kept: it is there
        self.notes.setPlainText(glass.notes)
        self._notes_rest.stop()
        self._noted = glass if mine else None

    def _keep_notes(self) -> None:
        """Keep what was typed into the notes: when the hands rest, and before anything else is shown or done."""
        self._notes_rest.stop()
        if self._noted is None or self.notes.words() == self._noted.notes:
            return
        there = self.bench.shelf.of_name(self._noted.name)
        if there is None:                                     # gone from the shelf meanwhile, by other hands
            return
        noted = msgspec.structs.replace(there, notes=self.notes.words())
        if self.bench.attempt(lambda: self.bench.shelf.keep(noted)):
            self._shown = [(noted, mine) if shown is self._noted else (shown, mine) for shown, mine in self._shown]
            self._noted = noted

    def _keep_price(self, price: float) -> None:
        glass = self.current()
        if not 0 <= price <= _DEAREST:
            self.price.complain(tr("from 0 to {most:.0f}", most=_DEAREST))
        elif glass is not None and price != glass.price:
            self._keep(msgspec.structs.replace(glass, price=price), tr("price kept: {name}", name=glass.name))

    def add_picture(self, path: Path) -> None:
        """Keep a small copy of a picture with the chosen glass, or say why it cannot be."""
        glass = self.current()

        def add(chosen: ShelvedGlass) -> None:
            small = thumbnail(read_picture(path, _PICTURE_PIXELS))
            self._keep(msgspec.structs.replace(chosen, picture=small), tr("picture kept: {name}", name=chosen.name))

        if glass is not None:
            self.bench.attempt(partial(add, glass))

    def write(self, path: Path) -> None:
        """Write the chosen glass as a file, or say why it cannot be."""
        glass = self.current()
        if glass is not None:
            self.bench.attempt(lambda: write_whole(path, glass_json(glass)), tr("written: {name}", name=path.name))

    def read_file(self, path: Path) -> None:
        """Put a glass from a file on the shelf, or say why it cannot be."""
        def read() -> None:
            keep_apart(self, self.bench, read_glass(path))

        self.bench.attempt(read)
        self.fill()

    def _keep(self, glass: ShelvedGlass, told: str) -> None:
        self.bench.attempt(lambda: self.bench.shelf.keep(glass), told)
        self.fill()

    def hideEvent(self, event: QHideEvent) -> None:
        self._keep_notes()
        if not event.spontaneous():                           # closed, and not hidden by the desktop
            self._taken_off.clear()
        super().hideEvent(event)

    # -- asking for files ----------------------------------------------------------------------------------------

    def _choose_picture(self) -> None:
        path = pick_picture(self, tr("A picture of this glass"))
        if path is not None:
            self.add_picture(path)

    def _choose_export(self) -> None:
        path = ask_place(self, tr("Write a glass file"), tr("Glasses (*.json)"), "glass.json")
        if path is not None:
            self.write(path)

    def _choose_file(self) -> None:
        path = pick(self, tr("Read a glass file"), tr("Glasses (*.json)"))
        if path is not None:
            self.read_file(path)
