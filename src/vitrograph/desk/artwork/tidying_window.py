"""The window in which a brought drawing or picture is tidied; every change shows in the main window as well."""

import numpy as np
from PySide6.QtWidgets import QDialog, QHBoxLayout, QVBoxLayout, QWidget

from vitrograph.core.artwork import Placed
from vitrograph.core.job import Drawing, Job
from vitrograph.core.language import capital, tr
from vitrograph.core.pictures.reading import MOST_TRACED_PIXELS, rgba_of, unpack_picture
from vitrograph.core.results import Results
from vitrograph.desk.artwork.colour_sections import ColoursSection, DrawnSection
from vitrograph.desk.artwork.size_field import size_line
from vitrograph.desk.artwork.source_view import SourceView
from vitrograph.desk.artwork.tidying_sections import MendSection, PictureSection
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.scrolled import Scrolled
from vitrograph.desk.kit.steady import Line

_SHOWN_PIXELS = 2_000_000


class TidyWindow(QDialog):
    """The drawing large at the left, what can be decided about it at the right."""

    def __init__(self, bench: Bench, parent: QWidget) -> None:
        super().__init__(parent)
        self.bench = bench
        theme.dress(self, "tidyWindow", tr("Tidy the drawing"), (1080, 740))
        self.key = 0                       # of the item whose drawing is tidied
        self.view = SourceView()
        self.readings = Readings()
        self.wrong = label("", "error")
        self.wrong.setObjectName("tidyWrong")
        self.drawn, self.colours = DrawnSection(bench), ColoursSection(bench)
        self.picture, self.mending = PictureSection(bench), MendSection(bench)
        self.licence = named(Line(), "licence")
        self.licence.setAccessibleName(tr("Licence note"))
        self.licence.setPlaceholderText(tr("whose it is, and what its licence allows"))
        self._loaded: bytes | None = None
        self._loading = BackgroundTask(self)
        self._lay_out()
        self._connect()
        self._show_job(bench.job)
        self._show_results(bench.results)

    def _lay_out(self) -> None:
        column = named(QWidget(), "cardBody")
        stack = QVBoxLayout(column)
        stack.setContentsMargins(16, 16, 16, 16)
        for widget in (self.wrong, self.readings, self.drawn, self.colours, self.picture, self.mending,
                       label(tr("Licence note, for the papers"), bold=True), self.licence):
            stack.addWidget(widget)
        stack.addStretch(1)
        area = Scrolled(column)
        area.setFixedWidth(max(380, self.fontMetrics().averageCharWidth() * 52))
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        row.addWidget(self.view, 1)
        row.addWidget(area)

    def _connect(self) -> None:
        self.bench.job_changed.connect(self._show_job)
        self.bench.results_changed.connect(self._show_results)
        self.view.clicked.connect(self._click)
        self.view.levelled.connect(self.picture.take_level)
        self.view.picked.connect(self.picture.take_colour)
        self.picture.picking.connect(lambda wanted: setattr(self.view, "picking", wanted))
        self.picture.levelling.connect(lambda wanted: setattr(self.view, "levelling", wanted))
        self.mending.placing.connect(self._place)
        self._loading.answered.connect(self._show_image)
        self.licence.editingFinished.connect(
            lambda: self.bench.edit_item(tr("Licence note"), self.key, what__licence=self.licence.text()[:400]))

    def take(self, key: int) -> None:
        """Take the drawing of an item in hand."""
        self.key = key
        self._show_job(self.bench.job)
        self._show_results(self.bench.results)

    @property
    def drawing(self) -> Drawing | None:
        """The drawing in hand."""
        item = self.bench.job.artwork.item(self.key)
        return item.what if item is not None and isinstance(item.what, Drawing) else None

    def _placed(self, results: Results) -> Placed | None:
        return results.art.of(self.key) if results.art is not None else None

    def _show_job(self, job: Job) -> None:
        drawing = self.drawing
        if drawing is None:
            self.close()
            return
        self._show_sections(self.bench.results)
        if not self.licence.hasFocus():
            self.licence.setText(drawing.licence)
        if drawing.kind == "picture" and drawing.data is not self._loaded:
            self._loaded = content = drawing.data
            self._loading.ask(lambda: _small(content))
        elif drawing.kind != "picture":
            self._loaded = None
            self.view.show_image(None)

    def _show_results(self, results: Results) -> None:
        drawing = self.drawing
        if drawing is None:
            return
        failed = dict(results.art.failed) if results.art is not None else {}
        error = results.error("artwork") or failed.get(self.key)
        self.wrong.setText(f"{capital(str(error))}." if error else "")
        self.wrong.setVisible(error is not None)
        placed = self._placed(results)
        if placed is not None:
            self.view.show_source(placed.local.source, drawing)
        self._show_sections(results)
        self.readings.show_rows(size_line(placed, self.bench) if placed is not None else [])

    def _show_sections(self, results: Results) -> None:
        item = self.bench.job.artwork.item(self.key)
        for section in (self.drawn, self.colours, self.picture, self.mending):
            if item is not None:
                section.take(item, self._placed(results))

    def _show_image(self, found: tuple[np.ndarray, int]) -> None:
        self.view.show_image(*found)

    def _click(self, x: float, y: float) -> None:
        """A place pointed at: where to mend."""
        if self.mending.where_is_here():
            self.mending.place = (x, y)
            self.view.marked = (x, y, self.mending.reach_units)
            self.view.update()

    def _place(self, wanted: bool) -> None:
        if not wanted:
            self.view.marked = None
            self.view.update()


def _small(content: bytes) -> tuple[np.ndarray, int]:
    """A picture's pixels for showing, and the width it is traced at."""
    whole = unpack_picture(content, tr("the picture"), MOST_TRACED_PIXELS)
    share = max(1.0, (whole.width * whole.height / _SHOWN_PIXELS) ** 0.5)
    small = whole.resize((max(1, round(whole.width / share)), max(1, round(whole.height / share))))
    return rgba_of(small)[..., :3], whole.width
