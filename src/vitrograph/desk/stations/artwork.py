"""The artwork station: words in a shipped face, a drawing, and how the two stand together."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QComboBox, QFileDialog, QPlainTextEdit, QWidget

from vitrograph.core.artwork import bring, faces
from vitrograph.core.files import read_drawing
from vitrograph.core.job import Drawing, Job
from vitrograph.core.pipeline import Results
from vitrograph.desk import theme
from vitrograph.desk.fields import ChoiceRow, NumberField, button, in_a_row, label
from vitrograph.desk.findings_list import FindingList
from vitrograph.desk.later import Later
from vitrograph.desk.stations.card import Readings, StationCard
from vitrograph.desk.tidying.size import size_line

if TYPE_CHECKING:
    from vitrograph.desk.tidying.window import TidyWindow

_KINDS = ("Drawings and pictures (*.svg *.dxf *.png *.jpg *.jpeg *.webp *.tif *.tiff);;All files (*)")
_LOOK_DEVIATION = 1e-3             # fine enough to tell whether a drawing can be read


class WordsBox(QPlainTextEdit):
    """The words to etch, a line a line. Tab leaves it, as in every other field."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("words")
        self.setAccessibleName("Words")
        self.setTabChangesFocus(True)
        self.setFont(theme.font(1.15))
        self.setFixedHeight(3 * self.fontMetrics().lineSpacing() + 24)
        self.setPlaceholderText("Type the words to etch")


class ArtworkCard(StationCard):
    """Make the art."""

    station = "artwork"
    heading = "Artwork"
    says = "Two tones only: what is drawn here is frosted, the rest stays clear."

    def build(self) -> None:
        self.words = WordsBox()
        self.face = QComboBox(objectName="face")
        self.face.setAccessibleName("Lettering face")
        for face in faces().values():
            self.face.addItem(f"{face.name}  ({face.kind})", face.name)
            self.face.setItemData(self.face.count() - 1, f"licence {face.licence}", Qt.ItemDataRole.ToolTipRole)
        self.align = ChoiceRow("Lines", "align", [("left", "left"), ("centre", "centre"), ("right", "right")])
        self.letter_spacing = NumberField("Between letters", "letter_spacing", suffix="%", factor=0.01)
        self.line_spacing = NumberField("Line to line", "line_spacing", suffix="%", factor=0.01)
        self.drawing_name = label("", "quiet")
        self.open_drawing = button("Open a drawing")
        self.open_drawing.setObjectName("openDrawing")
        self.remove_drawing = button("Take it out")
        self.tidy = button("Tidy it: tones, outlines, mends")
        self.tidy.setObjectName("tidyDrawing")
        self.about_drawing = Readings()
        self.place = ChoiceRow("The drawing stands", "drawing_place", [
            ("above", "above"), ("below", "below"), ("left", "left"), ("right", "right")])
        self.drawing_size = NumberField("Its height, in letter sizes", "drawing_size", suffix="×")
        self.gap = NumberField("Gap, in letter sizes", "gap", suffix="×")
        self.findings = FindingList(self.bench)
        self.reading = Later(self)
        self._window: TidyWindow | None = None
        self.section("Words")
        self.stack(self.words, self.face, self.align, self.letter_spacing, self.line_spacing)
        self.section("Drawing")
        self.stack(self.drawing_name, in_a_row(self.open_drawing, self.remove_drawing), self.about_drawing, self.tidy,
                   self.place, self.drawing_size, self.gap, self.findings)
        self._connect()

    def _connect(self) -> None:
        edit = self.bench.edit
        self.words.textChanged.connect(self._take_words)
        self.face.activated.connect(lambda index: edit("Face", artwork__face=self.face.itemData(index)))
        self.align.edited.connect(lambda value: edit("Align", artwork__align=value))
        self.letter_spacing.edited.connect(lambda value: edit("Letter spacing", artwork__letter_spacing=value))
        self.line_spacing.edited.connect(lambda value: edit("Line spacing", artwork__line_spacing=value))
        self.place.edited.connect(lambda value: edit("Drawing's place", artwork__drawing_place=value))
        self.drawing_size.edited.connect(lambda value: edit("Drawing's size", artwork__drawing_size=value))
        self.gap.edited.connect(lambda value: edit("Gap", artwork__gap=value))
        self.open_drawing.clicked.connect(self._choose_drawing)
        self.tidy.clicked.connect(self.open_tidying)
        self.reading.answered.connect(self._take)
        self.reading.refused.connect(self._refuse)
        self.remove_drawing.clicked.connect(lambda: edit("Take out the drawing", artwork__drawing=None))

    def first_field(self) -> QWidget:
        return self.words

    def show_job(self, job: Job) -> None:
        art = job.artwork
        if self.words.toPlainText() != art.text:
            self.words.blockSignals(True)
            self.words.setPlainText(art.text)
            self.words.blockSignals(False)
        self.face.setCurrentIndex(self.face.findData(art.face))
        self.align.show_choice(art.align)
        self.letter_spacing.show_number(art.letter_spacing)
        self.line_spacing.show_number(art.line_spacing)
        none = "None. A drawing (SVG, DXF) or a picture (PNG, JPEG, WebP, TIFF) can stand beside them."
        self.drawing_name.setText(art.drawing.name if art.drawing else none)
        for widget in (self.remove_drawing, self.tidy, self.about_drawing, self.place, self.drawing_size, self.gap):
            widget.setVisible(art.drawing is not None)
        self.open_drawing.setText("Open another" if art.drawing else "Open a drawing")
        self.place.show_choice(art.drawing_place)
        self.drawing_size.show_number(art.drawing_size)
        self.gap.show_number(art.gap)

    def show_results(self, results: Results) -> None:
        found = results.findings("artwork")
        self.findings.setVisible(bool(found))
        self.findings.show_findings(found, "")
        self.about_drawing.show_rows(size_line(self.bench.job, results, self.bench))

    def open_tidying(self) -> "TidyWindow":
        """Open the window in which the drawing is tidied."""
        from vitrograph.desk.tidying.window import TidyWindow  # the main window opens sooner without it

        if self._window is None:
            self._window = TidyWindow(self.bench, self)
        self._window.show()
        self._window.raise_()
        return self._window

    def _take_words(self) -> None:
        self.bench.edit("Words", merge=True, artwork__text=self.words.toPlainText())

    def _choose_drawing(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self, "Open a drawing or a picture", "", _KINDS)
        if path:
            self.take_drawing(Path(path))

    def take_drawing(self, path: Path) -> None:
        """Take a drawing the maker named, if it can be read; otherwise say why and keep what there is.

        It is read and tried off the GUI thread.
        """
        self.drawing_name.setText(f"Reading {path.name} …")
        self.reading.ask(lambda: _tried(path))

    def _take(self, drawing: Drawing) -> None:
        self.bench.edit("Open a drawing", artwork__drawing=drawing)
        self.show_job(self.bench.job)

    def _refuse(self, sentence: str) -> None:
        self.show_job(self.bench.job)
        self.bench.refused.emit(sentence)


def _tried(path: Path) -> Drawing:
    """A drawing that has been read once, roughly. Raises ArtworkError."""
    drawing = read_drawing(path)
    bring(drawing, _LOOK_DEVIATION)
    return drawing
