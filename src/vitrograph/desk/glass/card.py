"""The glass station: what kind of wall, and the readings that describe it."""

from math import degrees, pi
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QWidget

from vitrograph.core.glass import MATERIALS, TEST_SPOT, Frustum, Turned, fan_of, take_readings
from vitrograph.core.glass.readings import place_words
from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Girth, Glass, Job, StraightGlass, Taken, TaperedGlass
from vitrograph.core.language import capital, decimals, tr
from vitrograph.core.results import Results
from vitrograph.desk.glass.heights_table import StationTable
from vitrograph.desk.glass.measure_picture import MeasurePicture
from vitrograph.desk.glass.shelf_row import ShelfRow
from vitrograph.desk.kit.card import Readings, StationCard
from vitrograph.desk.kit.fields import (
    ChoiceRow,
    LengthField,
    NumberField,
    ReadingsField,
    button,
    chooser,
    drop_down,
    label,
)
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.wrapping import Tick

if TYPE_CHECKING:
    from vitrograph.desk.glass.window import MeasuringWindow

_SOME_READINGS = {"mm": "86.1; 86.3; 86.0", "in": "3.39; 3.4; 3 3/8"}
_FIRST = {"flat": "width", "straight": "rim", "taper": "rim", "ball": "diameter"}   # the field the first box edits
_NAMES = {"straight": (tr("A  across, anywhere"), tr("A  round, anywhere")),
          "taper": (tr("A  across the rim"),
                    tr("A  round the rim"))}


class GlassCard(StationCard):
    """Measure the glass."""

    station = "glass"
    heading = tr("Glass")
    says = tr("Measure the outside. Each reading may be typed in mm, cm or inches, with fractions.")

    def build(self) -> None:
        self.kind = ChoiceRow("", "kind", [("flat", tr("Flat")), ("straight", tr("Straight")), ("taper", tr("Tapered")),
                                           ("curved", tr("Curved")), ("ball", tr("Ball"))], columns=3)
        self.picture = MeasurePicture()
        self.girth = ChoiceRow(tr("Girths are measured"), "girth",
                               [("diameter", tr("across")), ("circumference", tr("round"))])
        self.rim = ReadingsField(tr("A  across the rim"), "rim")
        self.base = ReadingsField(tr("B  across the base"), "base")
        self.height_field = ReadingsField(tr("C  height"), "height")
        self.height_is = ChoiceRow(tr("Heights are"), "height_is",
                                   [("upright", tr("upright")), ("slant", tr("along the wall"))])
        self.stem = LengthField(tr("Stem under the wall"), "stem", least=0.0)
        self.taken = label("", "quiet", scale=0.9)
        self.outline = ChoiceRow(tr("Outline"), "outline",
                                 [("rectangle", tr("rectangle")), ("oval", tr("round or oval"))])
        self.frame = LengthField(tr("Hidden by a frame, all round"), "frame", least=0.0)
        self.lies = chooser("paneLies", tr("How it lies"), {"loose": tr("lies loose on the bench"),
                                                       "upright": tr("stands upright in its place"),
                                                       "hollow": tr("the hollow underside of a dish")})
        self.side = ChoiceRow(tr("Side worked"), "side", [("outside", tr("the front")), ("back", tr("the back"))])
        self.count = NumberField(tr("How many alike"), "how_many", suffix="", whole=True)
        self.stations = StationTable(self.bench)
        self.joined = ChoiceRow(tr("Between stations"), "joined",
                                [("smooth", tr("smooth")), ("parts", tr("straight parts"))])
        self.findings = FindingList(self.bench)
        self.stack(ShelfRow(self.bench), self.kind, self.picture, self.girth, self.rim, self.base, self.height_field,
                   self.height_is, self.stem, self.taken, self.outline, self.frame, self.lies, self.side,
                   self.stations, self.joined, self.count, self.findings)
        self._helpers: MeasuringWindow | None = None
        self._build_what_follows()
        self._build_material()
        self._connect()

    def _build_what_follows(self) -> None:
        self.readings = Readings()
        self.room = Readings()
        self.keep_clear = button(tr("Handle, seams, foot, rim"))
        self.keep_clear.setObjectName("keepClear")
        self.tools = {part: ChoiceRow(title, f"{part}_tool", [("ruler", tr("ruler")), ("tape", tr("tape")),
                                                              ("calipers", tr("calipers"))])
                      for part,
                      title in (("girth", tr("Girths measured with")), ("height", tr("Height measured with")))}
        self.trust = Readings()
        self.helpers = button(tr("Measuring helpers"))
        self.helpers.setObjectName("measuringHelpers")
        self.section(tr("What follows"))
        self.stack(self.readings)
        self.section(tr("Room for a motif"))
        self.stack(self.room, self.keep_clear)
        self.section(tr("How far to trust it"))
        self.stack(*self.tools.values(), self.trust, self.helpers)

    def _build_material(self) -> None:
        self.material = drop_down("material", tr("Kind of glass"))
        for name, material in MATERIALS.items():
            self.material.addItem(material.title, name)
        self.expect = label("", "quiet")
        self.caution = label("", "caution")
        self.use = ChoiceRow(tr("What it is for"), "use",
                             [("drinking", tr("drinking from")), ("display", tr("display only"))])
        self.on_it = chooser("onIt", tr("What is on it"), {
            "nothing": tr("nothing on it: new, or clean"), "label": tr("a label or its glue on it"),
            "paint": tr("old paint or varnish on it"),
            "wax": tr("wax or hand cream on it")})
        self.no_alcohol = named(Tick(tr("It bears no alcohol: painted or gilded")), "noAlcohol")
        self.section(tr("What it is made of"))
        self.stack(self.material, self.expect, self.caution, self.use, self.on_it, self.no_alcohol)

    def _connect(self) -> None:
        edit = self.bench.edit
        for part, row in self.tools.items():
            row.edited.connect(lambda tool, name=part: edit(tr("Tool"), **{f"tools__{name}": tool}))
        self.material.activated.connect(lambda index: edit(tr("Material"), material=self.material.itemData(index)))
        self.kind.edited.connect(self._change_kind)
        self.girth.edited.connect(lambda girth: edit(tr("Girth"), glass__girth=girth))
        self.rim.edited.connect(lambda readings: self._read(_FIRST[self.bench.job.glass.kind], readings))
        self.base.edited.connect(lambda readings: self._read("base", readings))
        self.height_field.edited.connect(lambda readings: self._read("height", readings))
        self.height_is.edited.connect(lambda kind: edit(tr("Upright or slant"), glass__height_is=kind))
        self.stem.edited.connect(lambda mm: edit(tr("Stem"), glass__stem=mm))
        self.outline.edited.connect(lambda outline: edit(tr("Outline"), glass__outline=outline))
        self.frame.edited.connect(lambda mm: edit(tr("Frame"), glass__frame=mm))
        self.lies.activated.connect(lambda at: edit(tr("How it lies"), glass__lies=self.lies.itemData(at)))
        self.on_it.activated.connect(lambda at: edit(tr("What is on it"), features__on_it=self.on_it.itemData(at)))
        self.no_alcohol.clicked.connect(lambda on: edit(tr("No alcohol"), features__no_alcohol=on))
        self.side.edited.connect(lambda face: edit(tr("Face", "of the glass"), fit__face=face))
        self.stations.edited.connect(self._change_stations)
        self.joined.edited.connect(lambda joined: edit(tr("Between stations"), glass__joined=joined))
        self.count.edited.connect(lambda count: edit(tr("How many"), count=count))
        self.use.edited.connect(lambda use: edit(tr("What it is for"), features__use=use))
        self.keep_clear.clicked.connect(lambda: self.open_helpers("keepout"))
        self.helpers.clicked.connect(lambda: self.open_helpers())

    def first_field(self) -> QWidget:
        return self.rim.line

    def show_job(self, job: Job) -> None:
        glass = job.glass
        flat, curved, ball = (isinstance(glass, kind) for kind in (FlatGlass, CurvedGlass, BallGlass))
        shown: dict[QWidget, bool] = {
            self.girth: not flat and not ball, self.rim: not curved, self.base: isinstance(glass, TaperedGlass),
            self.height_field: not curved and not ball, self.height_is: isinstance(glass, TaperedGlass | CurvedGlass),
            self.stem: not flat and not curved, self.outline: flat, self.frame: flat, self.lies: flat,
            self.side: flat,
            self.stations: curved, self.joined: curved, self.use: not flat,
            self.tools["girth"]: not flat, self.tools["height"]: not flat and not ball, self.trust: not flat,
        }
        for widget, wanted in shown.items():
            widget.setVisible(wanted)
        self.kind.show_choice(glass.kind)
        self.picture.show_glass(glass)
        if not isinstance(glass, FlatGlass | CurvedGlass):
            self.stem.show_mm(glass.stem, self.bench.unit)
        self.count.show_number(job.count)
        self._show_material(job)
        self.use.show_choice(job.features.use)
        self.on_it.setCurrentIndex(self.on_it.findData(job.features.on_it))
        self.no_alcohol.setChecked(job.features.no_alcohol)
        self._show_taken(job)
        for part, row in self.tools.items():
            row.show_choice(getattr(job.tools, part))
        if not isinstance(glass, FlatGlass | BallGlass):
            self.girth.show_choice(glass.girth)
        if isinstance(glass, CurvedGlass):
            self.stations.show_stations(glass)
            self.joined.show_choice(glass.joined)
            self.height_is.show_choice(glass.height_is)
        else:
            self._show_lengths(glass)
        if isinstance(glass, FlatGlass):
            self.outline.show_choice(glass.outline)
            self.frame.show_mm(glass.frame, self.bench.unit)
            self.lies.setCurrentIndex(self.lies.findData(glass.lies))
            self.side.show_choice(job.fit.face)

    def _show_taken(self, job: Job) -> None:
        """Which of the readings are means of several."""
        several = [taken for taken in job.tools.taken if len(taken.readings) > 1]
        means = [tr("{place}: mean of {readings}", place=place_words(taken.place), readings=len(taken.readings))
                 for taken in several]
        self.taken.setText("; ".join(means) or tr("Several readings of one place may be typed at once: {some}",
                                                   some=decimals(_SOME_READINGS[self.bench.unit])))
        self.taken.setVisible(bool(means) or not isinstance(job.glass, CurvedGlass))

    def _show_material(self, job: Job) -> None:
        material = MATERIALS[job.material]
        self.material.setCurrentIndex(self.material.findData(job.material))
        self.expect.setText(f"{material.expect} {TEST_SPOT}" if material.doubtful else material.expect)
        self.caution.setText(material.cautions)

    def _show_assessed(self, results: Results) -> None:
        """The room for a motif, and how far the readings can be trusted."""
        assessed, found = results.assessed, results.findings("glass")
        self.findings.setVisible(bool(found))
        self.findings.show_findings(found, "")
        if assessed is None:
            self.trust.show_rows([])
            self.room.show_rows([])
            return
        length = self.bench.length
        self.trust.show_rows([
            (tr("art's worst corner"), f"±{length(assessed.trust.corner, 2)}"),
            (tr("closing a full wrap"), f"±{length(assessed.trust.closing, 1)}"),
            (tr("worth measuring again"), assessed.trust.repeat),
        ])
        by_room = tr("by room alone") if isinstance(results.wall, Turned) else tr("largest that fits")
        rows = [(by_room, self.bench.size(assessed.largest))]
        if results.wall is not None and results.wall.closed:
            seen_from = length(results.job.stencil.viewing_mm, 0)
            rows.append((tr("reads from {seen_from}", seen_from=seen_from), self.bench.size(assessed.reading)))
        kept = ", ".join(dict.fromkeys(block.what for block in assessed.blocks))
        self.room.show_rows([*rows, (tr("kept clear"), kept or tr("nothing"))])

    def _show_lengths(self, glass: FlatGlass | StraightGlass | TaperedGlass | BallGlass) -> None:
        unit = self.bench.unit
        self.rim.set_title(_first_title(glass))
        self.rim.show_mm(getattr(glass, _FIRST[glass.kind]), unit)
        self.height_field.set_title(tr("B  height") if isinstance(glass, FlatGlass) else tr("C  height"))
        self.height_field.show_mm(glass.height, unit)
        if isinstance(glass, TaperedGlass):
            self.base.set_title(tr("B  round the base") if glass.girth == "circumference" else tr("B  across the base"))
            self.base.show_mm(glass.base, unit)
            self.height_is.show_choice(glass.height_is)

    def show_results(self, results: Results) -> None:
        wall, length = results.wall, self.bench.length
        self._show_assessed(results)
        if isinstance(wall, Turned):
            self.readings.show_rows([(tr("widest"), length(2 * wall.widest)),
                                     (tr("upright height"), length(wall.upright)),
                                     (tr("along the wall"), length(wall.length))])
            return
        if not isinstance(wall, Frustum):
            seen = [] if wall is None else [(tr("seen and worked"), f"{length(wall.span)} × {length(wall.length)}")]
            self.readings.show_rows(seen)
            return
        rows = [(tr("upright height"), length(wall.upright)), (tr("along the slant"), length(wall.slant))]
        fan = fan_of(wall)
        if fan is not None:
            rows += [(tr("fan, outer radius"), length(fan.outer_radius)),
                     (tr("fan, inner radius"), length(fan.inner_radius)),
                     (tr("fan, sweep"), decimals(f"{degrees(fan.sweep):.2f}°"))]
        else:
            rows += [(tr("once round"), length(2 * pi * wall.rim_radius))]
        self.readings.show_rows(rows)

    def open_helpers(self, name: str = "") -> "MeasuringWindow":
        """Open the measuring helpers beside the window, at one of them if it is named."""
        from vitrograph.desk.glass.window import MeasuringWindow  # the main window opens sooner without it

        if self._helpers is None:
            self._helpers = MeasuringWindow(self.bench, self, name)
        elif name:
            self._helpers.go(name)
        self._helpers.show()
        self._helpers.raise_()
        return self._helpers

    def _change_kind(self, kind: str) -> None:
        self.bench.edit(tr("Kind of glass"), glass=_as_kind(self.bench.job.glass, kind), tools__taken=[], measured=[])

    def _change_stations(self, stations: tuple[tuple[float, float], ...]) -> None:
        """Take other stations; the readings behind those that did not change stay known."""
        job = self.bench.job
        old = dict(enumerate(job.glass.stations, start=1)) if isinstance(job.glass, CurvedGlass) else {}
        same = {f"station {number}" for number, station in enumerate(stations, start=1) if old.get(number) == station}
        kept = [taken for taken in job.tools.taken
                if taken.place in same and len(old) == len(stations)]
        self.bench.edit(tr("Stations"), glass__stations=stations, tools__taken=kept)

    def _read(self, place: str, readings: tuple[float, ...]) -> None:
        """Take one reading, or the mean of several."""
        def read() -> None:
            job = self.bench.job
            glass, tools = take_readings(job.glass, job.tools, Taken(place, readings))
            self.bench.edit(capital(place_words(place)), glass=glass, tools=tools)

        if not self.bench.attempt(read):
            self.show_job(self.bench.job)


def _first_title(glass: FlatGlass | StraightGlass | TaperedGlass | BallGlass) -> str:
    if isinstance(glass, FlatGlass):
        return tr("A  width")
    if isinstance(glass, BallGlass):
        return tr("A  across, at its widest")
    return _NAMES[glass.kind][glass.girth == "circumference"]


def _as_kind(glass: Glass, kind: str) -> Glass:
    """The same readings, as far as they have a meaning, for another kind of glass."""
    girth: Girth = getattr(glass, "girth", "diameter")
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
