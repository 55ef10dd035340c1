"""A set meant to be alike: several of them measured, and whether one stencil fits them all."""

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen
from PySide6.QtWidgets import QListWidget

from vitrograph.core.errors import GlassError
from vitrograph.core.glass import mean_glass, wall_of
from vitrograph.core.job import Glass, Job
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.says import Joined
from vitrograph.core.telling.answers import readings_line
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, in_a_row
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.sketch import Elevation, Sketch, draw_words

_LARGER = 12


class SetSketch(Sketch):
    """The glasses' outlines over each other."""

    def __init__(self) -> None:
        super().__init__("piecesSketch")
        self.measured: tuple[Glass, ...] = ()
        self.worst = 0

    def paint(self, painter: QPainter) -> None:
        if not self.measured:
            draw_words(painter, QRectF(self.rect()), tr("measure one glass on the card, then add it here"))
            return
        try:
            walls = [wall_of(glass) for glass in self.measured]
        except GlassError as error:
            draw_words(painter, QRectF(self.rect()), error.words(self.unit))
            return
        shapes = [Elevation(wall, QRectF(0, 0, 1, 1)).shape for wall in walls]
        if len({len(shape) for shape in shapes}) > 1:
            draw_words(painter, QRectF(self.rect()), tr("glasses of different kinds cannot be compared"))
            return
        seen = Elevation(walls[0], QRectF(60, 20, self.width() - 120, self.high - 62))
        middle = sum(shapes) / len(shapes)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for number, shape in enumerate(shapes, start=1):
            odd = number == self.worst
            tone = QColor(theme.LIT_ACCENT) if odd else theme.colour(theme.FROST, 0.5)
            painter.setPen(QPen(tone, 1.6 if odd else 1.1))
            painter.drawPolyline([seen.at(x, z) for x, z in (middle + _LARGER * (shape - middle)).tolist()])
        draw_words(painter, QRectF(0, self.high - 28, self.width(), 22), tr("differences drawn {times} times as large",
                                                                            times=_LARGER))


class SetPage(HelperPage):
    """Measure several glasses of a set."""

    name = "pieces"
    title = tr("Glasses meant to be alike")
    says = (tr("Glasses of one set differ. Measure a few, each the same way: type its readings on the card and add it "
               "here. The spread decides whether one stencil fits them all."))

    def build(self) -> None:
        self.sketch = SetSketch()
        self.list = named(QListWidget(), "pieces")
        self.list.setAccessibleName(tr("Measured glasses"))
        self.list.setFont(theme.font())
        self.list.setFixedHeight(140)
        self.add, self.drop, self.use = button(tr("Add the glass in hand")), button(tr("Take one out")), button(
            tr("Use the mean"), "accent")
        for made, name in ((self.add, "addPiece"), (self.drop, "dropPiece"), (self.use, "usePieces")):
            made.setObjectName(name)
        self.verdict = self.answer_label("piecesSay")
        self.stack(self.sketch, self.list, in_a_row(self.add, self.drop), self.verdict, self.use)
        self.add.clicked.connect(self._add)
        self.drop.clicked.connect(self._drop)
        self.use.clicked.connect(self._use)

    def show_job(self, job: Job) -> None:
        self.sketch.measured = job.measured
        self.sketch.update()
        row = self.list.currentRow()
        self.list.clear()
        self.list.addItems([f"{number}   {readings_line(glass, self.bench.unit)}"
                            for number, glass in enumerate(job.measured, start=1)])
        self.list.setCurrentRow(min(row, self.list.count() - 1))
        self.drop.setEnabled(bool(job.measured))
        self.use.setEnabled(bool(job.measured))

    def show_results(self, results: Results) -> None:
        alike = results.assessed.alike if results.assessed else None
        self.sketch.worst = alike.worst if alike and not alike.wrap_fits else 0
        said = [found.says for found in results.findings("glass") if found.code == "set"]
        self.answer(self.verdict, lambda: alike.says if alike else Joined("; ", tuple(said)))
        self.sketch.update()

    def _edit(self, name: str, measured: tuple[Glass, ...]) -> None:
        self.bench.edit(name, measured=measured)

    def _add(self) -> None:
        self._edit(tr("Add a measured glass"), (*self.bench.job.measured, self.bench.job.glass))

    def _drop(self) -> None:
        measured = self.bench.job.measured
        at = self.list.currentRow() if self.list.currentRow() >= 0 else len(measured) - 1
        self._edit(tr("Take a measured glass out"), measured[:at] + measured[at + 1:])

    def _use(self) -> None:
        def use() -> None:
            self.bench.edit(tr("The mean of the set"), glass=mean_glass(self.bench.job.measured))

        self.bench.attempt(use, tr("the stencil is made for the mean of the measured glasses"))
