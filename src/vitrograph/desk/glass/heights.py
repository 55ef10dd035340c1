"""Slant or upright: the other height held against the readings."""

import msgspec
from PySide6.QtCore import QLineF, QPointF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from vitrograph.core.errors import GlassError
from vitrograph.core.glass import Frustum, Wall, check_heights, wall_of
from vitrograph.core.job import Job, TaperedGlass
from vitrograph.core.language import tr
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import LengthField
from vitrograph.desk.kit.sketch import Elevation, GlassSketch, draw_glass, draw_tool


class HeightsSketch(GlassSketch):
    """Both heights on the glass; dotted, the glass that the other reading would make of it."""

    def __init__(self) -> None:
        super().__init__("heightsSketch")
        self.other: float | None = None

    def paint_wall(self, painter: QPainter, wall: Wall) -> None:
        if not isinstance(wall, Frustum):
            return
        seen = self.elevation(wall, 110, 22, 38)
        draw_glass(painter, seen.outline())
        base, rim = seen.at(wall.base_radius, 0), seen.at(wall.rim_radius, wall.upright)
        beside = max(base.x(), rim.x()) + 44
        draw_tool(painter, QLineF(base, rim).translated(16, 0))
        draw_tool(painter, QLineF(beside, base.y(), beside, rim.y()))
        self.write_below(painter, tr("along the wall: the slant      beside the glass: the upright"))
        if self.other is not None:
            self._paint_other(painter, seen)

    def _paint_other(self, painter: QPainter, seen: Elevation) -> None:
        if not isinstance(self.glass, TaperedGlass):
            return
        other = "upright" if self.glass.height_is == "slant" else "slant"
        try:
            wall = wall_of(msgspec.structs.replace(self.glass, height=self.other, height_is=other))
        except GlassError:
            return
        assert isinstance(wall, Frustum)
        painter.setPen(QPen(QColor(theme.LIT_ACCENT), 1.4, Qt.PenStyle.DotLine))
        corners = [(-wall.base_radius, 0.0), (wall.base_radius, 0.0), (wall.rim_radius, wall.upright),
                   (-wall.rim_radius, wall.upright), (-wall.base_radius, 0.0)]
        points: list[QPointF] = [seen.at(x, z) for x, z in corners]
        painter.drawPolyline(points)


class HeightsPage(HelperPage):
    """Hold one height against the other."""

    name = "heights"
    title = tr("Slant or upright?")
    says = (tr("A ruler standing beside the glass reads the upright height, a tape laid on the wall the slant. "
               "Measure the other one too: on a wide cone the wrong one ruins the fit."))

    def build(self) -> None:
        self.sketch = HeightsSketch()
        self.other = LengthField(tr("The other height"), "other_height", least=1e-6)
        self.verdict = self.answer_label("heightsSay")
        self.stack(self.sketch, self.other, self.verdict)
        self.other.edited.connect(self._check)

    @staticmethod
    def suits(job: Job) -> bool:
        return isinstance(job.glass, TaperedGlass)

    def show_job(self, job: Job) -> None:
        if job.glass != self.sketch.glass:
            self.sketch.glass, self.sketch.other = job.glass, None
            self.verdict.setText("")
        slant = isinstance(job.glass, TaperedGlass) and job.glass.height_is == "upright"
        self.other.set_title(tr("Along the slant") if slant else tr("Upright, beside the glass"))
        self.other.show_mm(self.sketch.other, self.bench.unit)
        self.sketch.update()

    def _check(self, mm: float) -> None:
        glass, tools = self.bench.job.glass, self.bench.job.tools
        self.sketch.other = mm
        self.sketch.update()
        if isinstance(glass, TaperedGlass):
            self.answer(self.verdict, lambda: check_heights(glass, mm, tools).says)
