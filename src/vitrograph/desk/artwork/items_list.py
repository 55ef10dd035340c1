"""The list of items, uppermost first: which are chosen, shown, and in what order they lie on each other."""

from math import hypot
from pathlib import Path
from typing import NamedTuple

from PySide6.QtCore import QItemSelectionModel, Qt, Signal
from PySide6.QtWidgets import QAbstractItemView, QInputDialog, QListWidget, QListWidgetItem, QMenu, QVBoxLayout, QWidget

from vitrograph.core.artwork import Art, bring, label_of
from vitrograph.core.artwork.composing.arrange import restacked
from vitrograph.core.artwork.opening import pages_of, path_of_page, read_drawing
from vitrograph.core.job import Drawing, Item, Job, Monogram, Shape, Words
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, in_a_row
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.picking import DRAWINGS, globs, pick

_LOOK_DEVIATION = 1e-3             # fine enough to tell whether a drawing can be read
_ROWS_SHOWN = 5
_NEW_SHARE = 0.6                   # of the room's width, for an item that is put in
_NEW_MM = 40.0
_STEP_DOWN = 1.15                  # of its own height, that a new item stands below the others
_ROUND_GAP = 6.0                   # mm, from the art to a shape that is put round it
_THIN = 10.0                       # width over height beyond which a shape is a bar


class ItemsList(QWidget):
    """The items, and the buttons that add, double, restack and take out."""

    opening = Signal(str)              # a drawing is being read
    opened = Signal()
    added = Signal()

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.list = named(QListWidget(), "items")
        self.list.setAccessibleName(tr("Items, uppermost first"))
        self.list.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.list.setFont(theme.font())
        self.add = button(tr("Add an item"), tip=tr("words, a drawing or picture, a shape or frame, a monogram"))
        self.add.setObjectName("addPiece")
        self.add.setMenu(self._menu())
        self.up, self.down = button(tr("Up")), button(tr("Down"))
        self.double, self.remove = button(tr("Double")), button(tr("Take out"))
        for name, made in (("up", self.up), ("down", self.down), ("double", self.double), ("takeOut", self.remove)):
            made.setObjectName(f"piece_{name}")
            made.setStyleSheet("padding: 6px 4px;")
        self.reading = BackgroundTask(self)
        self._filling = False
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(2 * theme.STEP)
        for widget in (self.add, self.list, in_a_row(self.up, self.down, self.double, self.remove)):
            column.addWidget(widget)
        self._connect()

    def _menu(self) -> QMenu:
        menu = QMenu(self)
        menu.setFont(theme.font())
        menu.addAction(tr("Words"), lambda: self.begin("words"))
        menu.addAction(tr("A drawing or a picture …"), self._choose_drawing)
        menu.addAction(tr("A frame"), lambda: self.put_in(Item(Shape("oval", "line"), name="")))
        menu.addAction(tr("A filled shape"), lambda: self.put_in(Item(Shape("rounded", "filled"), stretch=3.0)))
        menu.addAction(tr("A bar"), lambda: self.put_in(Item(Shape("rectangle", "filled"), stretch=30.0)))
        menu.addAction(tr("A monogram"), lambda: self.begin("monogram"))
        return menu

    def _connect(self) -> None:
        self.list.itemSelectionChanged.connect(self._choose)
        self.list.itemChanged.connect(self._show_or_hide)
        self.bench.chosen_changed.connect(lambda _keys: self._mark_chosen())
        self.up.clicked.connect(lambda: self._restack(1))
        self.down.clicked.connect(lambda: self._restack(-1))
        self.double.clicked.connect(self._double)
        self.remove.clicked.connect(self._take_out)
        self.reading.answered.connect(self._take)
        self.reading.refused.connect(self._refuse)

    # -- showing -------------------------------------------------------------------------------------------------

    def show_job(self, job: Job) -> None:
        """List the job's items, uppermost first."""
        items = job.artwork.items[::-1]
        self._filling = True
        while self.list.count() > len(items):
            self.list.takeItem(self.list.count() - 1)
        while self.list.count() < len(items):
            self.list.addItem(QListWidgetItem())
        for row, item in enumerate(items):
            self._show_row(self.list.item(row), item)
        self._filling = False
        self._mark_chosen()
        rows = min(max(2, len(items)), _ROWS_SHOWN)
        self.list.setFixedHeight(rows * self.list.sizeHintForRow(0) + 6 if items else 40)
        for widget in (self.up, self.down, self.double, self.remove):
            widget.setEnabled(bool(items))

    def _show_row(self, row: QListWidgetItem, item: Item) -> None:
        text = label_of(item) + ("   " + tr("clears") if item.does == "clears" else "")
        state = Qt.CheckState.Checked if item.shown else Qt.CheckState.Unchecked
        if (row.text(), row.data(Qt.ItemDataRole.UserRole), row.checkState()) != (text, item.key, state):
            row.setText(text)
            row.setData(Qt.ItemDataRole.UserRole, item.key)
            row.setCheckState(state)
            row.setToolTip(tr("ticked: shown and cut"))

    def _mark_chosen(self) -> None:
        self._filling = True
        for row in range(self.list.count()):
            item = self.list.item(row)
            chosen = item.data(Qt.ItemDataRole.UserRole) in self.bench.chosen
            if item.isSelected() != chosen:
                item.setSelected(chosen)
            if chosen and item.data(Qt.ItemDataRole.UserRole) == self.bench.chosen[0]:
                self.list.setCurrentItem(item, QItemSelectionModel.SelectionFlag.NoUpdate)
        self._filling = False

    def _choose(self) -> None:
        if self._filling:
            return
        keys = [item.data(Qt.ItemDataRole.UserRole) for item in self.list.selectedItems()]
        kept = [key for key in self.bench.chosen if key in keys]
        self.bench.choose(*kept, *(key for key in keys if key not in kept))

    # -- changing ------------------------------------------------------------------------------------------------

    def _show_or_hide(self, item: QListWidgetItem) -> None:
        if not self._filling:
            shown = item.checkState() == Qt.CheckState.Checked
            self.bench.edit_item(tr("Show an item") if shown else tr("Hide an item"),
                                 item.data(Qt.ItemDataRole.UserRole),
                                  shown=shown)

    def _restack(self, by: int) -> None:
        artwork = self.bench.job.artwork
        for key in self.bench.chosen:
            artwork = restacked(artwork, key, by)
        self.bench.edit(tr("Restack"), artwork=artwork)

    def _double(self) -> None:
        artwork, made = self.bench.job.artwork, []
        for key in self.bench.chosen:
            item = artwork.item(key)
            if item is not None:
                made.append(artwork.free_key())
                artwork = artwork.added(item.with_(x=item.x + 4.0, y=item.y - 4.0))
        if self.bench.arrange(tr("Double"), artwork):
            self.bench.choose(*made)

    def _take_out(self) -> None:
        self.bench.arrange(tr("Take an item out"), self.bench.job.artwork.without(set(self.bench.chosen)))

    def put_in(self, item: Item) -> None:
        """Put an item in and choose it: below the art, at a size the glass has room for; a shape goes round the art.

        A filled shape lies under the others, where words may clear it.
        """
        artwork, art = self.bench.job.artwork, self.bench.art()
        key = artwork.free_key()
        if item.size_is != "caps":
            item = item.with_(size=_new_width(self.bench.results))
        if art is not None and artwork.items:
            item = _round_the_art(item, art) if isinstance(item.what, Shape) else _below_the_art(item, art)
        made = artwork.added(item)
        if isinstance(item.what, Shape) and item.what.edge == "filled" and item.stretch <= _THIN:
            made = restacked(made, key, -len(artwork.items))
        if self.bench.arrange(tr("Add an item"), made):
            self.bench.choose(key)
            self.added.emit()

    def begin(self, what: str) -> None:
        """Put in words or a monogram, or ask for the file of a drawing or a photograph."""
        if what == "words":
            self.put_in(Item(Words(), size_is="caps", size=9.0))
        elif what == "monogram":
            self.put_in(Item(Monogram(initials="KPO")))
        else:
            self._choose_drawing()

    # -- drawings ------------------------------------------------------------------------------------------------

    def _choose_drawing(self) -> None:
        path = pick(self, tr("Open a drawing or a picture"), tr("Drawings and pictures ({endings})",
                                                                endings=globs(DRAWINGS)))
        if path is not None:
            self.open_drawing(path)

    def open_drawing(self, path: Path) -> None:
        """Put in a drawing the maker named, if it can be read; otherwise say why and keep what there is.

        It is read and tried off the GUI thread, for the piece that is in hand now. Of several pages one is asked for.
        """
        self.opening.emit(path.name)
        whose = self.bench.order.id, self.bench.job.key
        self.reading.ask(lambda: _Brought(*whose, path, pages) if (pages := pages_of(path)) > 1
                         else _Brought(*whose, path, 1, _tried(path)))

    def _ask_for_page(self, brought: "_Brought") -> None:
        order_id, key, path, pages, _ = brought
        page, agreed = QInputDialog.getInt(self, tr("Which page"), tr(
            "{name} has {pages} pages. Which one holds the art?", name=path.name, pages=pages), 1, 1, pages)
        if agreed:
            self.reading.ask(lambda: _Brought(order_id, key, path, 1, _tried(path_of_page(path, page))))
        else:
            self.opened.emit()

    def _take(self, brought: "_Brought") -> None:
        order_id, key, _, _, drawing = brought
        if drawing is None:
            self._ask_for_page(brought)
            return
        place = self.bench.order.place_of(key) if self.bench.order.id == order_id else None
        if place is not None:
            self.bench.take_piece(*place)                      # another may be in hand by now
            self.put_in(Item(drawing))
        self.opened.emit()
        if place is None:
            self.bench.refused.emit(tr("{name} was opened for a piece that is not there any more: open it again",
                                       name=drawing.name))

    def _refuse(self, sentence: str) -> None:
        self.opened.emit()
        self.bench.refused.emit(sentence)


def _below_the_art(item: Item, art: Art) -> Item:
    high = item.size if item.size_is == "caps" else item.size / 4
    return item.with_(x=art.middle[0], y=art.middle[1] - art.size[1] / 2 - _STEP_DOWN * high)


def _round_the_art(item: Item, art: Art) -> Item:
    """A shape about all there is, with a gap; a round one about the corners. A bar, which is thin, goes below."""
    assert isinstance(item.what, Shape)
    if item.stretch > _THIN:
        return _below_the_art(item.with_(size=art.size[0]), art)
    wide, high = (side + 2 * _ROUND_GAP for side in art.size)
    if item.what.outline == "oval":
        wide = high = hypot(*art.size) + _ROUND_GAP
    return item.with_(x=art.middle[0], y=art.middle[1], size=wide, stretch=min(max(wide / high, 0.02), 50.0))


def _new_width(results: Results) -> float:
    largest = results.assessed.reading if results.assessed is not None else None
    return _NEW_MM if largest is None else round(max(2.0, _NEW_SHARE * largest.width), 1)


class _Brought(NamedTuple):
    """What a file holds for a piece of an order: a drawing, or several pages of which one is to be named."""

    order_id: str
    key: int
    path: Path
    pages: int
    drawing: Drawing | None = None


def _tried(path: Path) -> Drawing:
    """A drawing that has been read once, roughly. Raises ArtworkError."""
    drawing = read_drawing(path)
    bring(drawing, _LOOK_DEVIATION)
    return drawing
