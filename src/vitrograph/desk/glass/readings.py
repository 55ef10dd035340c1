"""Several readings of one place: their mean, how far they spread, and what the tape's thickness adds."""

from functools import partial
from math import cos, pi, sin

from PySide6.QtCore import QLineF, QPointF, QRectF
from PySide6.QtGui import QColor, QPainter, QPen

from vitrograph.core.errors import VitrographError
from vitrograph.core.glass import (
    Reading,
    girth_at,
    parse_readings,
    places_of,
    reading_at,
    take_readings,
    weigh_taken,
)
from vitrograph.core.glass.readings import place_words
from vitrograph.core.job import Job, Taken
from vitrograph.core.language import tr
from vitrograph.core.units import format_number
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import LengthField, button, drop_down, label
from vitrograph.desk.kit.sketch import Sketch, draw_tool, draw_words
from vitrograph.desk.kit.text_box import TextBox


class ReadingsSketch(Sketch):
    """The ring from above with a tool across for each reading, or rulers side by side; differences drawn large."""

    def __init__(self) -> None:
        super().__init__("readingsSketch")
        self.values: tuple[float, ...] = ()
        self.upright = False

    def paint(self, painter: QPainter) -> None:
        words = tr("turn the glass a little for each reading") if not self.upright else tr("each from a fresh start")
        draw_words(painter, QRectF(0, self.high - 26, self.width(), 22), words)
        values = self.values or (1.0,)
        mean = sum(values) / len(values)
        spread = max(values) - min(values) or 1.0
        shares = [(value - mean) / spread for value in values]
        if self.upright:
            self._paint_rulers(painter, shares)
        else:
            self._paint_ring(painter, shares)

    def _paint_ring(self, painter: QPainter, shares: list[float]) -> None:
        centre, radius = QPointF(self.width() / 2, 82), 58.0
        painter.setPen(QPen(theme.colour(theme.FROST, 0.8), 1.6))
        painter.setBrush(theme.colour(theme.FROST, 0.07))
        painter.drawEllipse(centre, radius, radius)
        for number, share in enumerate(shares):
            turn = pi * number / len(shares)
            out = QPointF(cos(turn), -sin(turn)) * (radius + 10 * share)
            draw_tool(painter, QLineF(centre - out, centre + out))

    def _paint_rulers(self, painter: QPainter, shares: list[float]) -> None:
        apart = min(34.0, (self.width() - 80) / len(shares))
        left = self.width() / 2 - apart * (len(shares) - 1) / 2
        painter.setPen(QPen(QColor(theme.FROST), 1.2))
        painter.drawLine(QLineF(left - 30, 146, left + apart * (len(shares) - 1) + 30, 146))
        for number, share in enumerate(shares):
            x = left + number * apart
            draw_tool(painter, QLineF(x, 146, x, 42 - 14 * share))


class ReadingsPage(HelperPage):
    """Take the mean of several readings."""

    name = "readings"
    title = tr("Several readings")
    says = (tr("One reading may be a slip. Take three or more at a place, a line each, in any unit; the glass takes "
               "their mean."))

    def build(self) -> None:
        self.sketch = ReadingsSketch()
        self.place = drop_down("readingsPlace", tr("Where they were taken"))
        self.lines = TextBox(self.bench, "readingLines", tr("Readings, a line each"), 6)
        self.tape = LengthField(tr("The tape's thickness"), "tape_thickness", least=0.0)
        self.found = Readings()
        self.verdict = self.answer_label("readingsSay")
        self.use = button(tr("Use the mean"), "accent")
        self.use.setObjectName("useMean")
        self.stack(self.sketch, label(tr("Where they were taken")), self.place, label(tr("Readings, a line each")),
                   self.lines,
                   self.tape, self.found, self.verdict, self.use)
        self._tape_mm = 0.0
        self.place.activated.connect(lambda _index: self._show_place())
        self.lines.textChanged.connect(self._weigh)
        self.tape.edited.connect(self._take_tape)
        self.use.clicked.connect(self._use)

    def show_job(self, job: Job) -> None:
        places = places_of(job.glass)
        if tuple(self.place.itemData(row) for row in range(self.place.count())) != places:
            self.place.clear()
            for place in places:
                self.place.addItem(place_words(place), place)
        if not self.lines.hasFocus():
            self._show_place()

    def _show_place(self) -> None:
        """Show what was read at this place before, or the reading in use."""
        job, place = self.bench.job, self.place.currentData()
        kept = next((taken for taken in job.tools.taken if taken.place == place), None)
        values = kept.readings if kept else (reading_at(job.glass, place),)
        self._tape_mm = kept.tape if kept else 0.0
        self.lines.setPlainText("\n".join(format_number(mm, self.bench.unit, digits=2) for mm in values))
        self.tape.show_mm(self._tape_mm, self.bench.unit)
        self.tape.setVisible(girth_at(job.glass, place) == "circumference")
        self._weigh()

    def _take_tape(self, mm: float) -> None:
        self._tape_mm = mm
        self._weigh()

    def _taken(self) -> Taken:
        readings = parse_readings(self.lines.words(), self.bench.unit)
        return Taken(self.place.currentData(), readings, self._tape_mm)

    def _weigh(self) -> None:
        job, length = self.bench.job, self.bench.length
        self.sketch.upright = girth_at(job.glass, self.place.currentData()) is None
        try:
            taken = self._taken()
            found: Reading = weigh_taken(job.glass, job.tools, taken)
        except VitrographError as error:
            self.found.show_rows([])
            self.answer(self.verdict, partial(str, error.words(self.bench.unit)))
            self.use.setEnabled(False)
            return
        self.sketch.values = taken.readings
        self.sketch.update()
        self.use.setEnabled(True)
        self.found.show_rows([
            (tr("readings"), str(found.count)), (tr("mean"), length(found.mean, 2)),
            (tr("spread"), length(found.spread, 2)),
            (tr("the mean may be off by"), f"±{length(found.error, 2)}")])
        self.answer(self.verdict, lambda: found.says)

    def _use(self) -> None:
        def use() -> None:
            job, taken = self.bench.job, self._taken()
            glass, tools = take_readings(job.glass, job.tools, taken)
            self.bench.edit(tr("Mean of the {place}", place=place_words(taken.place)), glass=glass, tools=tools)

        self.bench.attempt(use, tr("the {place} is now the mean of its readings",
                                   place=self.place.currentText()))
