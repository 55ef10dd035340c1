"""The glass station: what kind of wall, and the readings that describe it."""

from math import degrees, pi
from typing import Any

from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen, QPolygonF
from PySide6.QtWidgets import QWidget

from vitrograph.core.glass import Frustum, fan_of
from vitrograph.core.job import FlatGlass, Glass, Job, StraightGlass, TaperedGlass
from vitrograph.core.pipeline import Results
from vitrograph.desk import theme
from vitrograph.desk.fields import ChoiceRow, LengthField, NumberField
from vitrograph.desk.stations.card import Readings, StationCard

_NAMES = {"straight": ("A  across, anywhere", "A  round, anywhere"), "taper": ("A  across the rim", "A  round the rim")}


class MeasurePicture(QWidget):
    """Where to put the ruler or the tape: the shape typed so far, with the letters of the fields."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("measurePicture")
        self.glass: Glass = TaperedGlass()
        self.setFixedHeight(168)

    def sizeHint(self) -> QSize:
        return QSize(280, 168)

    def show_glass(self, glass: Glass) -> None:
        """Draw another glass."""
        self.glass = glass
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
        rim, base, high = self._sides()
        room = min(150 / max(rim, base), 108 / high)
        middle, top, foot = self.width() / 2 + 8, 30.0, 30.0 + high * room
        left = [QPointF(middle - rim * room / 2, top), QPointF(middle - base * room / 2, foot)]
        right = [QPointF(middle + rim * room / 2, top), QPointF(middle + base * room / 2, foot)]
        painter.setPen(QPen(theme.colour(theme.FROST, 0.8), 1.6))
        painter.setBrush(theme.colour(theme.FROST, 0.07))
        painter.drawPolygon(QPolygonF([left[0], right[0], right[1], left[1]]))
        self._arrow(painter, QLineF(left[0], right[0]).translated(0, -12), "A")
        if isinstance(self.glass, TaperedGlass):
            self._arrow(painter, QLineF(left[1], right[1]).translated(0, 12), "B")
        letter = "B" if isinstance(self.glass, FlatGlass) else "C"
        slant = isinstance(self.glass, TaperedGlass) and self.glass.height_is == "slant"
        beside = max(right[0].x(), right[1].x()) + 14
        upright = QLineF(beside, top, beside, foot)
        self._arrow(painter, QLineF(right[0], right[1]).translated(12, 0) if slant else upright, letter)

    def _sides(self) -> tuple[float, float, float]:
        """Widths at rim and base, and the height, for the picture alone; never so odd that it cannot be drawn."""
        glass = self.glass
        if isinstance(glass, FlatGlass):
            return glass.width, glass.width, glass.height
        base = glass.base if isinstance(glass, TaperedGlass) else glass.rim
        share = 1.0 if glass.girth == "diameter" else 1 / pi
        return glass.rim * share, base * share, glass.height

    def _arrow(self, painter: QPainter, line: QLineF, letter: str) -> None:
        painter.setPen(QPen(QColor(theme.ACCENT), 1.5))
        painter.drawLine(line)
        for end in (line.p1(), line.p2()):
            normal = line.normalVector().unitVector()
            across = QPointF(normal.dx(), normal.dy()) * 5
            painter.drawLine(QLineF(end - across, end + across))
        centre = line.center()
        box = QRectF(centre.x() - 10, centre.y() - 10, 20, 20)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.ACCENT))
        painter.drawEllipse(centre, 10, 10)
        painter.setFont(theme.font(0.95, bold=True))
        painter.setPen(QColor(theme.ON_ACCENT))
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, letter)


class GlassCard(StationCard):
    """Measure the glass."""

    station = "glass"
    heading = "Glass"
    says = "Measure the outside. Each reading may be typed in mm, cm or inches, with fractions."

    def build(self) -> None:
        self.kind = ChoiceRow("", "kind", [("flat", "Flat"), ("straight", "Straight"), ("taper", "Tapered")])
        self.picture = MeasurePicture()
        self.girth = ChoiceRow("Girths are measured", "girth", [("diameter", "across"), ("circumference", "round")])
        self.rim = LengthField("A  across the rim", "rim", least=1e-6)
        self.base = LengthField("B  across the base", "base", least=1e-6)
        self.height = LengthField("C  height", "height", least=1e-6)
        self.height_is = ChoiceRow("The height is", "height_is", [("upright", "upright"), ("slant", "along the slant")])
        self.how_many = NumberField("How many alike", "how_many", suffix="", whole=True)
        self.readings = Readings()
        self.stack(self.kind, self.picture, self.girth, self.rim, self.base, self.height, self.height_is, self.how_many)
        self.section("What follows")
        self.stack(self.readings)
        self.kind.edited.connect(self._change_kind)
        self.girth.edited.connect(lambda girth: self.bench.edit("Girth", glass__girth=girth))
        self.rim.edited.connect(self._change_rim)
        self.base.edited.connect(lambda mm: self._change_girth_or_height("base", mm))
        self.height.edited.connect(lambda mm: self.bench.edit("Height", glass__height=mm))
        self.height_is.edited.connect(lambda kind: self.bench.edit("Upright or slant", glass__height_is=kind))
        self.how_many.edited.connect(lambda count: self.bench.edit("How many", how_many=count))

    def first_field(self) -> QWidget:
        return self.rim.line

    def show_job(self, job: Job) -> None:
        glass, unit = job.glass, self.bench.unit
        flat, taper = isinstance(glass, FlatGlass), isinstance(glass, TaperedGlass)
        self.kind.show_choice(glass.kind)
        self.picture.show_glass(glass)
        self.girth.setVisible(not flat)
        self.base.setVisible(taper)
        self.height_is.setVisible(taper)
        self.rim.show_mm(glass.width if isinstance(glass, FlatGlass) else glass.rim, unit)
        self.height.show_mm(glass.height, unit)
        self.how_many.show_number(job.how_many)
        if isinstance(glass, FlatGlass):
            self.rim.set_title("A  width")
            self.height.set_title("B  height")
            return
        around = glass.girth == "circumference"
        self.rim.set_title(_NAMES[glass.kind][around])
        self.height.set_title("C  height")
        self.girth.show_choice(glass.girth)
        if isinstance(glass, TaperedGlass):
            self.base.set_title("B  round the base" if around else "B  across the base")
            self.base.show_mm(glass.base, unit)
            self.height_is.show_choice(glass.height_is)

    def show_results(self, results: Results) -> None:
        wall = results.wall
        if not isinstance(wall, Frustum):
            self.readings.show_rows([])
            return
        length = self.bench.length
        rows = [("upright height", length(wall.upright)), ("along the slant", length(wall.slant))]
        fan = fan_of(wall)
        if fan is not None:
            rows += [("fan, outer radius", length(fan.outer_radius)), ("fan, inner radius", length(fan.inner_radius)),
                     ("fan, sweep", f"{degrees(fan.sweep):.2f}°")]
        else:
            rows += [("once round", length(2 * pi * wall.rim_radius))]
        self.readings.show_rows(rows)

    def _change_kind(self, kind: str) -> None:
        self.bench.edit("Kind of glass", glass=_as_kind(self.bench.job.glass, kind))

    def _change_rim(self, mm: float) -> None:
        name = "width" if isinstance(self.bench.job.glass, FlatGlass) else "rim"
        self._change_girth_or_height(name, mm)

    def _change_girth_or_height(self, name: str, mm: float) -> None:
        self.bench.edit(name.capitalize(), **{f"glass__{name}": mm})


def _as_kind(glass: Glass, kind: str) -> Glass:
    """The same readings, as far as they have a meaning, for another kind of glass."""
    if isinstance(glass, FlatGlass):
        known: dict[str, Any] = {"height": glass.height}
    else:
        known = {"rim": glass.rim, "girth": glass.girth, "height": glass.height}
    if kind == "flat":
        return FlatGlass(height=glass.height)
    return StraightGlass(**known) if kind == "straight" else TaperedGlass(**known)
