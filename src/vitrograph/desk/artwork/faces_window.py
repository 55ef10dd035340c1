"""The window of faces: the maker's own words in each, with how sturdy it is at this size, before one is chosen."""

from collections.abc import Callable, Sequence
from contextlib import suppress
from functools import partial
from pathlib import Path

import shapely
from msgspec import Struct
from msgspec.structs import replace
from PySide6.QtCore import QPointF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QColor, QIcon, QPixmap
from PySide6.QtWidgets import (
    QAbstractItemView,
    QDialog,
    QHeaderView,
    QPlainTextEdit,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.artwork import place
from vitrograph.core.artwork.words import face_of, faces, licence_text, set_words
from vitrograph.core.artwork.words.fontfile import SUFFIXES, FontFacts, facts_of, read_fonts
from vitrograph.core.artwork.words.installed import InstalledFont, installed_fonts
from vitrograph.core.artwork.words.sturdy import thinnest_stroke
from vitrograph.core.errors import ArtworkError, VitrographError
from vitrograph.core.job import FontFile, Item, Words
from vitrograph.core.language import capital, tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.bench.painter_paths import path_of
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, in_a_row, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.picking import globs, pick

_SAMPLE = QSize(330, 46)
_SAMPLE_LETTERS = 24
_SAMPLE_DEVIATION = 4e-3           # ems
_COLUMNS = (tr("Your words"), tr("Face"), tr("Thinnest stroke"), tr("Good for"), tr("Licence"))
_LAID_OUT_MS = 60                  # until the rows have their places
_SIDES = {"width": tr("wide"), "height": tr("high"), "caps": tr("high")}
_AT_A_TIME = 6                     # faces judged before the table grows
_SALE = {"yes": tr("open"), "no": tr("may not cover sale"), "unknown": tr("does not say")}


class Sample(Struct, frozen=True):
    """A face as it would set the maker's words: its outlines, its thinnest stroke in mm, what it lacks."""

    words: Words
    name: str
    kind: str
    licence: str
    shape: shapely.Geometry
    stroke: float | None
    missing: str
    facts: FontFacts | None = None


class _ByNumber(QTableWidgetItem):
    """A cell that is sorted by a number behind its words."""

    def __init__(self, text: str, value: float) -> None:
        super().__init__(text)
        self.value = value

    def __lt__(self, other: QTableWidgetItem) -> bool:
        return self.value < other.value if isinstance(other, _ByNumber) else super().__lt__(other)


class FacesWindow(QDialog):
    """A table of faces; a click on a heading sorts it."""

    taken = Signal(object)             # changes of the item that take the face chosen

    def __init__(self, bench: Bench, parent: QWidget) -> None:
        super().__init__(parent)
        self.bench = bench
        theme.dress(self, "facesWindow", tr("Faces for your words"), (1040, 680))
        self.says = label("", "quiet")
        self.table = named(QTableWidget(0, len(_COLUMNS)), "faces")
        self.table.setAccessibleName(tr("Faces"))
        self.licence = named(QPlainTextEdit(), "licenceText")
        self.licence.setReadOnly(True)
        self.licence.setAccessibleName(tr("Licence of the face"))
        self.licence.setFixedHeight(104)
        self.installed = button(tr("Fonts on this machine"))
        self.installed.setObjectName("installedFonts")
        self.open_file = button(tr("Open a font file"))
        self.open_file.setObjectName("openFont")
        self.use = button(tr("Set the words in it"), "accent")
        self.use.setObjectName("useFace")
        self.samples: list[Sample] = []
        self._item = Item(Words("Kestrel"))
        self._waiting: Sequence[Callable[[], Words]] = ()
        self._work, self._finding = BackgroundTask(self), BackgroundTask(self)
        self._laid_out = QTimer(self, singleShot=True, interval=_LAID_OUT_MS)
        self._lay_out()
        self._connect()

    def _lay_out(self) -> None:
        table = self.table
        table.setHorizontalHeaderLabels(list(_COLUMNS))
        table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        table.setSelectionMode(QAbstractItemView.SelectionMode.SingleSelection)
        table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        table.setShowGrid(False)
        table.horizontalHeader().setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        table.sortByColumn(1, Qt.SortOrder.AscendingOrder)
        table.verticalHeader().hide()
        table.setIconSize(_SAMPLE)
        table.verticalHeader().setDefaultSectionSize(_SAMPLE.height() + 8)
        for column, wide in enumerate((_SAMPLE.width() + 24, 200, 170, 160)):
            table.setColumnWidth(column, wide)
        table.horizontalHeader().setSectionResizeMode(len(_COLUMNS) - 1, QHeaderView.ResizeMode.Stretch)
        whole = QVBoxLayout(self)
        whole.setContentsMargins(16, 16, 16, 16)
        whole.setSpacing(2 * theme.STEP)
        for widget in (self.says, table, self.licence, in_a_row(self.installed, self.open_file, self.use)):
            whole.addWidget(widget)

    def _connect(self) -> None:
        self._work.answered.connect(self._grow)
        self._work.refused.connect(self._refuse)
        self._laid_out.timeout.connect(self._show_current)
        self._finding.answered.connect(self._add_installed)
        self.table.itemSelectionChanged.connect(self._show_chosen)
        self.table.itemDoubleClicked.connect(lambda _item: self._use())
        self.use.clicked.connect(self._use)
        self.open_file.clicked.connect(self._choose_file)
        self.installed.clicked.connect(self.show_installed)

    @property
    def busy(self) -> bool:
        """Whether faces are still being judged."""
        return self._work.busy or self._finding.busy

    # -- filling -------------------------------------------------------------------------------------------------

    @property
    def words(self) -> Words:
        """The words it is about."""
        assert isinstance(self._item.what, Words)
        return self._item.what

    def show_words(self, item: Item, cap_height: float | None) -> None:
        """Show the shipped faces, and the font in use, on words as they are placed, their capitals so high in mm."""
        self._item = item
        words = self.words
        self.samples = []
        self.table.setSortingEnabled(False)
        self.table.setRowCount(0)
        shipped = [partial(replace, words, face=name, font=None) for name in faces()]
        self._ask([*shipped, *([partial(replace, words)] if words.font is not None else [])])
        limit = self.bench.length(self.bench.job.stencil.least_opening, 2)
        large = tr("In each face so large as to be as {side} as now", side=_SIDES[item.size_is]) if (
            item.size_is != "caps" or cap_height is None) else tr(
            "Capitals {length} high on the glass", length=self.bench.length(cap_height, 1))
        self.says.setText(tr("{large}. Strokes thinner than your limit of {limit} fill badly and lift in the cream.",
                             large=large, limit=limit))

    def _ask(self, wanted: Sequence[Callable[[], Words]]) -> None:
        """Judge faces off the GUI thread, a few at a time."""
        now, self._waiting = wanted[:_AT_A_TIME], wanted[_AT_A_TIME:]
        if now:
            self._work.ask(partial(_judged, self._item, now))

    def _grow(self, samples: list[Sample]) -> None:
        self.table.setSortingEnabled(False)
        for sample in samples:
            self.samples.append(sample)
            self._add_row(len(self.samples) - 1, sample)
        self.table.setSortingEnabled(True)
        self._ask(self._waiting)
        if self.table.currentRow() < 0:
            self._choose(self.words.font.name if self.words.font is not None else self.words.face)
        self._laid_out.start()

    def _show_current(self) -> None:
        if self.table.currentItem() is not None:
            self.table.scrollToItem(self.table.currentItem(), QAbstractItemView.ScrollHint.PositionAtCenter)

    def _choose(self, name: str) -> None:
        for row in range(self.table.rowCount()):
            cell = self.table.item(row, 1)
            if cell is not None and cell.text() == name:
                self.table.selectRow(row)

    def _add_row(self, number: int, sample: Sample) -> None:
        row = self.table.rowCount()
        self.table.insertRow(row)
        icon, pixmap = QIcon(), _pixmap(sample.shape)
        for mode in (QIcon.Mode.Normal, QIcon.Mode.Selected):  # the style would tint it in the row chosen
            icon.addPixmap(pixmap, mode)
        picture = QTableWidgetItem(icon, "")
        picture.setData(Qt.ItemDataRole.UserRole, number)
        stroke, good = self._stroke_words(sample)
        lacks = tr("lacks {all}", all=' '.join(sample.missing[:8])) if sample.missing else ""
        cells = (picture, QTableWidgetItem(sample.name), _ByNumber(stroke, sample.stroke or 9.0),
                 QTableWidgetItem(lacks or sample.kind), QTableWidgetItem(sample.licence))
        for column, item in enumerate(cells):
            item.setToolTip(sample.licence if column == len(cells) - 1 else "")
            if (column == 2 and not good) or (column == 3 and lacks):
                item.setForeground(QColor(theme.WATCH))
            self.table.setItem(row, column, item)

    def _stroke_words(self, sample: Sample) -> tuple[str, bool]:
        if sample.stroke is None:
            return tr("nothing to measure"), True
        mm, limit = sample.stroke, self.bench.job.stencil.least_opening
        good = mm >= limit
        word = tr("sturdy") if mm >= 1.5 * limit else tr("will do") if good else tr("too thin")
        return f"{self.bench.length(mm, 2)}  {word}", good

    # -- choosing ------------------------------------------------------------------------------------------------

    def chosen(self) -> Sample | None:
        """The face chosen."""
        cell = self.table.item(self.table.currentRow(), 0)
        return None if cell is None else self.samples[cell.data(Qt.ItemDataRole.UserRole)]

    def _show_chosen(self) -> None:
        sample = self.chosen()
        self.use.setEnabled(sample is not None)
        if sample is None:
            return
        if sample.facts is None:
            self.licence.setPlainText(licence_text(sample.name))
            return
        sale = {"yes": tr("Its licence is an open one."), "no": tr("Its licence may not cover items that are sold."),
                "unknown": tr("It does not say whether items may be sold: ask where you got it.")}[sample.facts.sale]
        self.licence.setPlainText(tr("{sale}\nIt says: {licence}", sale=sale, licence=sample.facts.licence))

    def _use(self) -> None:
        sample = self.chosen()
        if sample is not None:
            self.taken.emit({"what__face": sample.words.face, "what__font": sample.words.font})
            self.close()

    # -- fonts of the maker's ------------------------------------------------------------------------------------

    def _choose_file(self) -> None:
        path = pick(self, tr("Open a font"), tr("Fonts ({endings})", endings=globs(SUFFIXES)))
        if path is not None:
            self.add_file(path)

    def add_file(self, path: Path) -> None:
        """Add the faces of a font file the maker named, or say why it cannot be."""
        try:
            fonts = read_fonts(path)
        except VitrographError as error:
            self._refuse(str(error))
            return
        self.table.clearSelection()
        self.table.setCurrentCell(-1, -1)
        self._item = self._item.with_(what=replace(self.words, font=fonts[0]))
        self._ask([partial(replace, self.words, font=_at_usual_weight(font)) for font in fonts])

    def show_installed(self) -> None:
        """Look for the fonts of this machine, off the GUI thread, and add them."""
        self.installed.setEnabled(False)
        self._finding.ask(installed_fonts)

    def _add_installed(self, found: tuple[InstalledFont, ...]) -> None:
        known = {sample.name for sample in self.samples}
        self._ask([partial(_with_installed, self.words, font) for font in found if font.name not in known])

    def _refuse(self, sentence: str) -> None:
        self.says.setText(capital(sentence) + ".")


def _with_installed(words: Words, font: InstalledFont) -> Words:
    """Words in a font of this machine, its file read when it is its turn."""
    return replace(words, font=_brought(font))


def _brought(font: InstalledFont) -> FontFile:
    return _at_usual_weight(font.bring())


def _at_usual_weight(font: FontFile) -> FontFile:
    """A variable font at its usual weight, so that another can be typed."""
    weights = facts_of(font).weights
    return font if weights is None else replace(font, weight=weights[1])


def _judged(item: Item, wanted: Sequence[Callable[[], Words]]) -> list[Sample]:
    """Samples of the words in some faces, as large as the item has them; a face that cannot be used is passed over."""
    samples = []
    for make in wanted:
        with suppress(ArtworkError):
            samples.append(_sample(item, make()))
    return samples


def _sample(item: Item, words: Words) -> Sample:
    line = next((line for line in words.text.splitlines() if line.strip()), "") or "Kestrel Point"
    short = replace(words, text=line[:_SAMPLE_LETTERS], bend=0.0, line_sizes=())
    lettering, face = set_words(short, _SAMPLE_DEVIATION), face_of(words)
    facts = facts_of(words.font) if words.font is not None else None
    whole = words if words.text.strip() else short
    missing = set_words(whole, _SAMPLE_DEVIATION).missing
    licence = face.licence if facts is None else _SALE[facts.sale]
    share, cap = thinnest_stroke(whole, item.stretch), place(item.with_(what=whole, repeat=None)).cap_height
    return Sample(words, face.name, face.kind, licence, shapely.geometrycollections(lettering.shapes),
                  None if share is None or cap is None else share * cap, missing, facts)


def _pixmap(shape: shapely.Geometry) -> QPixmap:
    """Words as they would be frosted, on black card."""
    made = QPixmap(_SAMPLE * 2)
    made.setDevicePixelRatio(2.0)
    made.fill(QColor(theme.BLACK_CARD))
    if shape.is_empty:
        return made
    left, low, right, high = shape.bounds
    scale = min((_SAMPLE.width() - 16) / (right - left), (_SAMPLE.height() - 14) / (high - low))
    with painting(made) as painter:
        painter.translate(QPointF(8, _SAMPLE.height() / 2 + (low + high) / 2 * scale))
        painter.scale(scale, -scale)
        painter.translate(-left, 0)
        for part in shapely.get_parts(shape):
            painter.fillPath(path_of(part), QColor(theme.FROST))
    return made
