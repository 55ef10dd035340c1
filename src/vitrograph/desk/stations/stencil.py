"""The stencil station: the border, the limits, and what would tear, leak or run off the glass."""

from PySide6.QtWidgets import QWidget

from vitrograph.core.job import Job
from vitrograph.core.pipeline import Results
from vitrograph.desk.fields import LengthField, label
from vitrograph.desk.findings_list import FindingList
from vitrograph.desk.stations.card import Readings, StationCard


class StencilCard(StationCard):
    """Look the stencil over before it is cut."""

    station = "stencil"
    heading = "Stencil"
    says = "Film stays where it is coloured; the openings are frosted. Click a finding to see its place; F8 goes on."

    def build(self) -> None:
        self.border = LengthField("Film round the art", "border", least=0.0)
        self.least_border = LengthField("Border, at least", "least_border", least=0.0)
        self.least_web = LengthField("Film between openings, at least", "least_web", least=0.0)
        self.least_opening = LengthField("Openings, at least", "least_opening", least=0.0)
        self.readings = Readings()
        self.findings = FindingList(self.bench)
        self.stack(self.border)
        self.section("What was found")
        self.stack(self.findings)
        self.section("What it is")
        self.stack(self.readings)
        self.section("Limits")
        self.stack(label("Common practice; change them to suit your film and hand.", "quiet"), self.least_border,
                   self.least_web, self.least_opening)
        edit = self.bench.edit
        self.border.edited.connect(lambda mm: edit("Border", stencil__border=mm))
        self.least_border.edited.connect(lambda mm: edit("Least border", stencil__least_border=mm))
        self.least_web.edited.connect(lambda mm: edit("Least web", stencil__least_web=mm))
        self.least_opening.edited.connect(lambda mm: edit("Least opening", stencil__least_opening=mm))

    def first_field(self) -> QWidget:
        return self.border.line

    def show_job(self, job: Job) -> None:
        unit, choices = self.bench.unit, job.stencil
        self.border.show_mm(choices.border, unit)
        self.least_border.show_mm(choices.least_border, unit)
        self.least_web.show_mm(choices.least_web, unit)
        self.least_opening.show_mm(choices.least_opening, unit)

    def show_results(self, results: Results) -> None:
        sheet = results.sheet
        if sheet is None:
            self.findings.hide()
            self.readings.show_rows([])
            return
        self.findings.show()
        if results.checked is not None:
            self.findings.show_findings(results.findings("stencil"), "Nothing to watch: it can be cut.")
        left, low, right, high = sheet.outline.bounds
        border = min(sheet.border)
        self.readings.show_rows([
            ("sheet", f"{self.bench.length(right - left, 0)} × {self.bench.length(high - low, 0)}"),
            ("narrowest border", self.bench.length(border, 1)),
            ("openings", str(len(sheet.openings.geoms))),
            ("islands", str(len(sheet.islands))),
            ("frosted", f"{sheet.openings.area / 100:.1f} cm²"),
        ])
