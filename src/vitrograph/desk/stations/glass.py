"""The glass station: what kind of wall, and the readings that describe it."""

from math import degrees, pi

from PySide6.QtWidgets import QComboBox, QWidget

from vitrograph.core.glass import CARE, MATERIALS, TEST_SPOT, Frustum, Shelf, Turned, default_folder, fan_of, trust_in
from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Glass, Job, StraightGlass, TaperedGlass
from vitrograph.core.pipeline import Results
from vitrograph.desk.fields import ChoiceRow, LengthField, NumberField, button, label
from vitrograph.desk.stations.card import Readings, StationCard
from vitrograph.desk.stations.check_dialog import CheckDialog
from vitrograph.desk.stations.measure_picture import MeasurePicture
from vitrograph.desk.stations.shelf_row import ShelfRow
from vitrograph.desk.stations.station_table import StationTable

_FIRST = {"flat": "width", "straight": "rim", "taper": "rim", "ball": "diameter"}   # the field the first box edits
_NAMES = {"straight": ("A  across, anywhere", "A  round, anywhere"), "taper": ("A  across the rim", "A  round the rim")}


class GlassCard(StationCard):
    """Measure the glass."""

    station = "glass"
    heading = "Glass"
    says = "Measure the outside. Each reading may be typed in mm, cm or inches, with fractions."

    def build(self) -> None:
        self.kind = ChoiceRow("", "kind", [("flat", "Flat"), ("straight", "Straight"), ("taper", "Tapered"),
                                           ("curved", "Curved"), ("ball", "Ball")], columns=3)
        self.picture = MeasurePicture()
        self.girth = ChoiceRow("Girths are measured", "girth", [("diameter", "across"), ("circumference", "round")])
        self.rim = LengthField("A  across the rim", "rim", least=1e-6)
        self.base = LengthField("B  across the base", "base", least=1e-6)
        self.height = LengthField("C  height", "height", least=1e-6)
        self.height_is = ChoiceRow("The height is", "height_is", [("upright", "upright"), ("slant", "along the slant")])
        self.how_many = NumberField("How many alike", "how_many", suffix="", whole=True)
        self.readings = Readings()
        self.stations = StationTable(self.bench)
        self.joined = ChoiceRow("Between stations", "joined", [("smooth", "smooth"), ("parts", "straight parts")])
        self.tools = {part: ChoiceRow(title, f"{part}_tool", [("ruler", "ruler"), ("tape", "tape"),
                                                              ("calipers", "calipers")])
                      for part, title in (("girth", "Girths measured with"), ("height", "Height measured with"))}
        self.material = QComboBox(objectName="material")
        self.material.setAccessibleName("Kind of glass")
        for name, material in MATERIALS.items():
            self.material.addItem(material.title, name)
        self.expect = label("", "quiet")
        self.care = label("", "caution")
        self.trust = Readings()
        self.shelf_row = ShelfRow(self.bench, Shelf(default_folder()))
        self.stack(self.shelf_row, self.kind, self.picture, self.girth, self.rim, self.base, self.height,
                   self.height_is, self.stations, self.joined, self.how_many)
        self.section("What follows")
        self.stack(self.readings)
        self.section("How far to trust it")
        self.check = button("Check the measurements")
        self.check.setObjectName("checkMeasurements")
        self.check.clicked.connect(self.open_checks)
        self.stack(*self.tools.values(), self.trust, self.check)
        self.section("What it is made of")
        self.stack(self.material, self.expect, self.care)
        for part, row in self.tools.items():
            row.edited.connect(lambda tool, name=part: self.bench.edit("Tool", **{f"tools__{name}": tool}))
        self.material.activated.connect(
            lambda index: self.bench.edit("Material", material=self.material.itemData(index)))
        self.kind.edited.connect(self._change_kind)
        self.girth.edited.connect(lambda girth: self.bench.edit("Girth", glass__girth=girth))
        self.rim.edited.connect(self._change_rim)
        self.base.edited.connect(lambda mm: self._change_girth_or_height("base", mm))
        self.height.edited.connect(lambda mm: self.bench.edit("Height", glass__height=mm))
        self.height_is.edited.connect(lambda kind: self.bench.edit("Upright or slant", glass__height_is=kind))
        self.stations.edited.connect(lambda stations: self.bench.edit("Stations", glass__stations=stations))
        self.joined.edited.connect(lambda joined: self.bench.edit("Between stations", glass__joined=joined))
        self.how_many.edited.connect(lambda count: self.bench.edit("How many", how_many=count))

    def first_field(self) -> QWidget:
        return self.rim.line

    def show_job(self, job: Job) -> None:
        glass = job.glass
        self.kind.show_choice(glass.kind)
        self.picture.show_glass(glass)
        self.how_many.show_number(job.how_many)
        self._show_material(job)
        for part, row in self.tools.items():
            row.show_choice(getattr(job.tools, part))
            row.setVisible(not isinstance(glass, FlatGlass) and not (part == "height" and isinstance(glass, BallGlass)))
        self.check.setVisible(not isinstance(glass, FlatGlass))
        curved, ball = isinstance(glass, CurvedGlass), isinstance(glass, BallGlass)
        self.girth.setVisible(not isinstance(glass, FlatGlass | BallGlass))
        self.rim.setVisible(not curved)
        self.base.setVisible(isinstance(glass, TaperedGlass))
        self.height.setVisible(not curved and not ball)
        self.height_is.setVisible(isinstance(glass, TaperedGlass))
        self.stations.setVisible(curved)
        self.joined.setVisible(curved)
        if not isinstance(glass, FlatGlass | BallGlass):
            self.girth.show_choice(glass.girth)
        if isinstance(glass, CurvedGlass):
            self.stations.show_stations(glass)
            self.joined.show_choice(glass.joined)
        else:
            self._show_lengths(glass)

    def _show_material(self, job: Job) -> None:
        material = MATERIALS[job.material]
        self.material.setCurrentIndex(self.material.findData(job.material))
        self.expect.setText(f"{material.expect} {TEST_SPOT}" if material.doubtful else material.expect)
        self.care.setText(material.caution or CARE)

    def _show_trust(self, results: Results) -> None:
        fitted, glass = results.fitted, results.job.glass
        if fitted is None or isinstance(glass, FlatGlass):
            self.trust.show_rows([])
            return
        trust = trust_in(glass, results.job.tools, *fitted.size, fitted.lay.s0)
        self.trust.show_rows([
            ("art's worst corner", f"±{self.bench.length(trust.corner, 2)}"),
            ("closing a full wrap", f"±{self.bench.length(trust.closing, 1)}"),
            ("worth measuring again", trust.repeat),
        ])

    def _show_lengths(self, glass: FlatGlass | StraightGlass | TaperedGlass | BallGlass) -> None:
        unit = self.bench.unit
        self.rim.set_title(_first_title(glass))
        self.rim.show_mm(getattr(glass, _FIRST[glass.kind]), unit)
        self.height.set_title("B  height" if isinstance(glass, FlatGlass) else "C  height")
        self.height.show_mm(glass.height, unit)
        if isinstance(glass, TaperedGlass):
            self.base.set_title("B  round the base" if glass.girth == "circumference" else "B  across the base")
            self.base.show_mm(glass.base, unit)
            self.height_is.show_choice(glass.height_is)

    def show_results(self, results: Results) -> None:
        wall, length = results.wall, self.bench.length
        self._show_trust(results)
        if isinstance(wall, Turned):
            self.readings.show_rows([("widest", length(2 * wall.widest)), ("upright height", length(wall.upright)),
                                     ("along the wall", length(wall.length))])
            return
        if not isinstance(wall, Frustum):
            self.readings.show_rows([])
            return
        rows = [("upright height", length(wall.upright)), ("along the slant", length(wall.slant))]
        fan = fan_of(wall)
        if fan is not None:
            rows += [("fan, outer radius", length(fan.outer_radius)), ("fan, inner radius", length(fan.inner_radius)),
                     ("fan, sweep", f"{degrees(fan.sweep):.2f}°")]
        else:
            rows += [("once round", length(2 * pi * wall.rim_radius))]
        self.readings.show_rows(rows)

    def open_checks(self) -> CheckDialog:
        """Open the checks beside the window."""
        dialog = CheckDialog(self.bench, self)
        dialog.show()
        return dialog

    def _change_kind(self, kind: str) -> None:
        self.bench.edit("Kind of glass", glass=_as_kind(self.bench.job.glass, kind))

    def _change_rim(self, mm: float) -> None:
        self._change_girth_or_height(_FIRST[self.bench.job.glass.kind], mm)

    def _change_girth_or_height(self, name: str, mm: float) -> None:
        self.bench.edit(name.capitalize(), **{f"glass__{name}": mm})


def _first_title(glass: FlatGlass | StraightGlass | TaperedGlass | BallGlass) -> str:
    if isinstance(glass, FlatGlass):
        return "A  width"
    if isinstance(glass, BallGlass):
        return "A  across, at its widest"
    return _NAMES[glass.kind][glass.girth == "circumference"]


def _as_kind(glass: Glass, kind: str) -> Glass:
    """The same readings, as far as they have a meaning, for another kind of glass."""
    girth = getattr(glass, "girth", "diameter")
    height = max(glass.height, 1.0)
    if isinstance(glass, CurvedGlass):
        (_, base), (_, rim) = glass.stations[0], glass.stations[-1]
    else:
        rim = getattr(glass, _FIRST[glass.kind])
        base = getattr(glass, "base", rim)
    if kind == "flat":
        return FlatGlass(height=height)
    if kind == "ball":
        return BallGlass(diameter=rim if girth == "diameter" else rim / pi)
    if kind == "curved":
        return CurvedGlass(stations=((0.0, base), (height / 2, max(base, rim) * 1.15), (height, rim)), girth=girth)
    if kind == "straight":
        return StraightGlass(rim=rim, girth=girth, height=height)
    return TaperedGlass(rim=rim, base=base if base != rim else rim * 0.75, girth=girth, height=height)
