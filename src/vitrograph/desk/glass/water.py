"""Water: what the glass holds to the brim, against its readings and its thicknesses."""

import numpy as np
from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QPainter, QPolygonF

from vitrograph.core.glass import Wall, check_water, profile_at
from vitrograph.core.job import FlatGlass, Job
from vitrograph.core.language import tr
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit.fields import LengthField, NumberField
from vitrograph.desk.kit.sketch import GlassSketch, draw_glass

_WATER = "#4C7A9E"


class WaterSketch(GlassSketch):
    """The glass cut through its axis, filled to the brim."""

    def __init__(self) -> None:
        super().__init__("waterSketch")
        self.wall_mm, self.bottom_mm = 0.0, 0.0

    def paint_wall(self, painter: QPainter, wall: Wall) -> None:
        seen = self.elevation(wall, 60, 18, 36)
        draw_glass(painter, seen.outline())
        s = np.linspace(0.0, wall.length, 160)
        outside = np.column_stack(profile_at(wall, s)).tolist()
        inside = [(r - self.wall_mm, z) for r, z in outside if z >= self.bottom_mm and r > self.wall_mm]
        if inside:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(_WATER))
            right, left = ([seen.at(side * r, z) for r, z in inside] for side in (1, -1))
            painter.drawPolygon(QPolygonF([*right, *reversed(left)]))
        self.write_below(painter, tr("weigh it empty and full to the brim"))


class WaterPage(HelperPage):
    """Check the readings by the water a glass holds."""

    name = "water"
    title = tr("Water check")
    says = (tr("Weigh the water it holds to the brim, at room temperature. Type how thick the wall and the bottom "
               "are; the program says whether the weight agrees with your readings."))

    def build(self) -> None:
        self.sketch = WaterSketch()
        self.wall = LengthField(tr("The wall's thickness"), "wall_mm", least=0.0)
        self.bottom = LengthField(tr("The bottom's thickness"), "bottom_mm", least=0.0)
        self.grams = NumberField(tr("Water to the brim"), "grams", suffix="g")
        self.verdict = self.answer_label("waterSays")
        self._grams = 0.0
        self.stack(self.sketch, self.wall, self.bottom, self.grams, self.verdict)
        self.wall.edited.connect(lambda mm: self.bench.edit(tr("Wall's thickness"), features__thickness=mm))
        self.bottom.edited.connect(lambda mm: self.bench.edit(tr("Bottom's thickness"), features__bottom=mm))
        self.grams.edited.connect(self._weigh)

    @staticmethod
    def suits(job: Job) -> bool:
        return not isinstance(job.glass, FlatGlass)

    def show_job(self, job: Job) -> None:
        sketch, kept = self.sketch, job.features
        sketch.glass, sketch.wall_mm, sketch.bottom_mm = job.glass, kept.thickness, kept.bottom
        sketch.update()
        self.wall.show_mm(kept.thickness, self.bench.unit)
        self.bottom.show_mm(kept.bottom, self.bench.unit)
        self._say()

    def _weigh(self, grams: float) -> None:
        self._grams = grams
        self._say(asked=True)

    def _say(self, *, asked: bool = False) -> None:
        job = self.bench.job
        if self._grams or asked:
            self.answer(self.verdict, lambda: check_water(job.glass, job.features.thickness, job.features.bottom,
                                                          self._grams, job.tools).says)
