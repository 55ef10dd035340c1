"""The artwork station: items put together, each with a panel of its own; the size of all of it on the glass."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QLabel, QWidget

from vitrograph.core.fit import make_it_fit
from vitrograph.core.job import Job, Words
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.artwork.items_list import ItemsList
from vitrograph.desk.artwork.kinds_panel import DrawingPanel, MonogramPanel, ShapePanel
from vitrograph.desk.artwork.place_panel import PlacePanel, SizePanel, TogetherPanel
from vitrograph.desk.artwork.words_panel import WordsPanel
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit.card import StationCard
from vitrograph.desk.kit.fields import LengthField, button, label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.panel import Panel

if TYPE_CHECKING:
    from vitrograph.desk.artwork.tidying_window import TidyWindow


class ArtworkCard(StationCard):
    """Make the art."""

    station = "artwork"
    heading = tr("Artwork")
    says = tr("Each item frosts the glass, or clears what lies below it. Drag items on the sheet.")

    def build(self) -> None:
        bench = self.bench
        self.width_all = LengthField(tr("Overall width"), "allWidth", least=1e-3)
        self.height_all = LengthField(tr("Overall height"), "allHeight", least=1e-3)
        self.lock = button(tr("Proportions kept"), "choice")
        self.lock.setObjectName("lock")
        self.lock.setCheckable(True)
        self.lock.setChecked(True)
        self.room = label("", "quiet")
        self.shrink = button("")
        self.shrink.setObjectName("makeItFit")
        self.items = ItemsList(bench)
        self.busy = label("", "quiet")
        self.busy.hide()
        self.none = label(tr("Add an item, or open a drawing, to begin."), "quiet")
        self.words, self.size_panel, self.place = WordsPanel(bench), SizePanel(bench), PlacePanel(bench)
        self.drawing, self.monogram = DrawingPanel(bench), MonogramPanel(bench)
        self.kinds: tuple[Panel, ...] = (self.words, self.drawing, ShapePanel(bench), self.monogram)
        self.together = TogetherPanel(bench)
        self.findings = FindingList(bench)
        self.stack(self.width_all, self.height_all, self.lock, self.room, self.shrink)
        self.section(tr("Items, uppermost first"))
        self.stack(self.items, self.busy, self.none, self.findings)
        self._about = self._heading()
        self.stack(*self.kinds, self.size_panel)
        self._place_heading = self._heading(tr("Line up"))
        self.stack(self.together)
        self._turn_heading = self._heading(tr("Place, turn, repeat"))
        self.stack(self.place)
        self._connect()

    def _heading(self, title: str = "") -> QLabel:
        made = label(title, bold=True)
        self.stack(made)
        return made

    def _connect(self) -> None:
        self.bench.chosen_changed.connect(lambda _keys: self._show_chosen())
        self.width_all.edited.connect(lambda mm: self.bench.resize(width=mm))
        self.height_all.edited.connect(lambda mm: self.bench.resize(height=mm))
        self.lock.toggled.connect(self._show_lock)
        self.shrink.clicked.connect(self._make_it_fit)
        self.items.opening.connect(lambda name: self._show_busy(tr("Reading {name} …", name=name)))
        self.items.added.connect(self._go_to_words)
        self.items.opened.connect(lambda: self._show_busy(""))

    def first_field(self) -> QWidget:
        return self.words.first_field()

    # -- showing -------------------------------------------------------------------------------------------------

    def show_job(self, job: Job) -> None:
        self.items.show_job(job)
        self._show_chosen()

    def _show_chosen(self) -> None:
        """The panels follow the item in hand: the first that is chosen."""
        artwork, art = self.bench.job.artwork, self.bench.results.art
        item = artwork.item(self.bench.chosen[0]) if self.bench.chosen else None
        for widget in (self._about, self.size_panel, self.place, self.together, self._place_heading,
                       self._turn_heading):
            widget.setVisible(item is not None)
        self.none.setVisible(item is None)
        panels: tuple[Panel, ...] = (*self.kinds, self.size_panel, self.place)
        for panel in panels:
            if item is not None:
                panel.take(item, art.of(item.key) if art is not None else None)
            else:
                panel.hide()
        if item is not None:
            kind = {WordsPanel: tr("These words"), DrawingPanel: tr("This drawing"), ShapePanel: tr("This shape"),
                    MonogramPanel: tr("This monogram")}
            self._about.setText(next((kind[type(panel)] for panel in self.kinds if panel.suits(item)), ""))

    def show_results(self, results: Results) -> None:
        found = results.findings("artwork")
        self.findings.setVisible(bool(found))
        self.findings.show_findings(found, "")
        size = results.art.size if results.art is not None and results.job == self.bench.job else None
        for field, side in ((self.width_all, 0), (self.height_all, 1)):
            field.setEnabled(results.art is not None)
            if size is not None or (results.complete and results.art is None):
                field.show_mm(None if size is None else round(size[side], 6), self.bench.unit)
        self._show_room(results)

    def _show_room(self, results: Results) -> None:
        room, fitted = results.room, results.fitted
        self.room.setVisible(room is not None)
        too_large = room is not None and not room.fits and room.factor > 0
        self.shrink.setVisible(too_large)
        if room is None or fitted is None:
            return
        if room.fits:
            self.room.setText(tr("It fits the room that the glass has, with the least border."))
        elif room.factor > 0:
            self.room.setText(tr("It stands outside the room.") if room.factor == 1
                              else tr("It is too large for the room."))
            self.shrink.setText(self.bench.words(make_it_fit(room, fitted).label))
        else:
            self.room.setText(tr("This glass has no room for a motif with the least border."))

    def _go_to_words(self) -> None:
        """The keyboard goes where the new item's words are typed."""
        for panel in (self.words, self.monogram):
            if panel.isVisible():
                panel.first_field().setFocus()

    def _show_busy(self, words: str) -> None:
        self.busy.setText(words)
        self.busy.setVisible(bool(words))

    # -- changing ------------------------------------------------------------------------------------------------

    def _show_lock(self, kept: bool) -> None:
        self.lock.setText(tr("Proportions kept") if kept else tr("Proportions may change"))
        self.bench.set_free(not kept)

    def _make_it_fit(self) -> None:
        room, fitted = self.bench.results.room, self.bench.results.fitted
        if room is not None and fitted is not None:
            self.bench.remedy(make_it_fit(room, fitted))

    def take_drawing(self, path: Path) -> None:
        """Put in a drawing the maker named."""
        self.items.open_drawing(path)

    def take_font(self, path: Path) -> None:
        """Set the words in hand in a font the maker named; words are put in where there are none in hand."""
        item = self.bench.job.artwork.item(self.bench.chosen[0]) if self.bench.chosen else None
        if item is None or not isinstance(item.what, Words):
            self.items.begin("words")
        self.words.open_faces().add_file(path)

    @property
    def reading(self) -> BackgroundTask:
        """The work of reading a drawing."""
        return self.items.reading

    def open_tidying(self) -> "TidyWindow":
        """Open the window in which the drawing in hand is tidied."""
        return self.drawing.open_tidying()
