"""The fit station: the art's size on the glass, the way it is laid, and the place."""

from math import degrees

from PySide6.QtWidgets import QWidget

from vitrograph.core.glass import Pane, eye_before, fan_of, usable_patch
from vitrograph.core.job import Job
from vitrograph.core.pipeline import Results
from vitrograph.desk.fields import AngleField, ChoiceRow, LengthField, label
from vitrograph.desk.findings_list import FindingList
from vitrograph.desk.stations.card import Readings, StationCard

_MODE_SAYS = {
    "rim": "Rows keep their height and run level with the rim; letters fan out a little with the glass.",
    "straight": "Laid flat with no bend: letters keep their shape, but on a taper level lines smile or droop.",
}
_FACE_SAYS = {
    "outside": "Cut the right way round.",
    "back": "Cut mirrored, so that it reads from the front through the glass.",
}


class FitCard(StationCard):
    """Lay the art on the glass."""

    station = "fit"
    heading = "Fit"
    says = "Sizes are as they will be on the glass. The art can also be dragged, in either picture."

    def build(self) -> None:
        self.size = LengthField("Width of all of it, on the glass", "size", least=1e-3)
        self.mode = ChoiceRow("Laid", "mode", [("rim", "following the rim"), ("straight", "straight")])
        self.mode_says = label("", "quiet")
        self.from_rim = LengthField("Rim to the art's top", "from_rim", empty="centred")
        self.angle = AngleField("Round from the front", "angle")
        self.across = LengthField("Across from the middle", "across")
        self.face = ChoiceRow("Face worked", "face", [("outside", "outside"), ("back", "back")])
        self.face_says = label("", "quiet")
        self.readings = Readings()
        self.findings = FindingList(self.bench)
        self.stack(self.size, self.mode, self.mode_says, self.from_rim, self.angle, self.across,
                   self.face, self.face_says)
        self.section("What follows")
        self.stack(self.readings, self.findings)
        edit = self.bench.edit
        self.size.edited.connect(lambda mm: self.bench.resize(width=mm))
        self.mode.edited.connect(lambda mode: edit("Way of laying", fit__mode=mode))
        self.from_rim.edited.connect(lambda mm: edit("From the rim", fit__from_rim=mm))
        self.angle.edited.connect(lambda angle: edit("Round the glass", fit__angle=angle))
        self.across.edited.connect(lambda mm: edit("Across", fit__across=mm))
        self.face.edited.connect(lambda face: edit("Face", fit__face=face))

    def first_field(self) -> QWidget:
        return self.size.line

    def show_job(self, job: Job) -> None:
        fit, unit = job.fit, self.bench.unit
        flat = job.glass.kind == "flat"
        self.mode.show_choice(fit.mode)
        self.mode.setVisible(not flat)
        self.mode_says.setVisible(not flat)
        self.mode_says.setText(_MODE_SAYS[fit.mode])
        self.from_rim.show_mm(fit.from_rim, unit)
        self.from_rim.set_title("Upper edge to the art's top" if flat else "Rim to the art's top")
        self.angle.setVisible(not flat)
        self.angle.show_radians(fit.angle)
        self.across.setVisible(flat)
        self.across.show_mm(fit.across, unit)
        self.face.show_choice(fit.face)
        self.face_says.setText(_FACE_SAYS[fit.face])

    def show_results(self, results: Results) -> None:
        fitted, found = results.fitted, results.findings("fit")
        self.findings.setVisible(bool(found))
        self.findings.show_findings(found, "")
        if fitted is None:
            self.readings.show_rows([])
            return
        length = self.bench.length
        width, height = fitted.size
        if results.job == self.bench.job:
            self.size.show_mm(round(width, 6), self.bench.unit)
        rows = [("art", f"{length(width, 1)} × {length(height, 1)}")]
        if not isinstance(fitted.wall, Pane):
            u_low, _, u_high, _ = fitted.wall_bounds
            rows.append(("goes round", f"{degrees(u_high - u_low):.0f}°"))
        choices = self.bench.job.stencil
        eye = eye_before(fitted.wall, choices.viewing_mm)
        patch = usable_patch(fitted.wall, fitted.lay.s0, choices.least_border, choices.reading_angle, eye)
        rows.append(("front reads up to" if fitted.wall.closed else "pane takes up to",
                     f"{length(patch.widest, 0)} wide"))
        rows.append(("room here, with border", f"{length(patch.tallest, 0)} high"))
        fan = fan_of(fitted.wall)
        if fan is not None:
            rows.append(("whole wall's fan", f"{degrees(fan.sweep):.2f}°"))
        rows.append(("ends off the level", length(fitted.droop, 1)))
        self.readings.show_rows(rows)
