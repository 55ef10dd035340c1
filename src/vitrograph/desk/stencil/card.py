"""The stencil station: what it is, what would tear, leak or get lost, mends and ties, and the work it will be."""

from PySide6.QtWidgets import QWidget

from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.kit.card import StationCard
from vitrograph.desk.kit.fields import AreaField, LengthField, label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.stencil.mend_panel import MendPanel
from vitrograph.desk.stencil.sheet_panel import BorderPanel, EdgePanel, KindPanel
from vitrograph.desk.stencil.ties_panel import TiesPanel
from vitrograph.desk.stencil.work_panel import SealPanel, WorkPanel


class StencilCard(StationCard):
    """Look the stencil over before it is cut."""

    station = "stencil"
    heading = tr("Stencil")
    says = (tr("Film stays where it is coloured. Click a finding to see its place. Point at a remedy to see what it "
               "would do."))

    def build(self) -> None:
        bench = self.bench
        self.border = BorderPanel(bench)
        self.mending = MendPanel(bench)
        self.findings = FindingList(bench)
        self.ties = TiesPanel(bench)
        self.parts = [KindPanel(bench), self.border, self.mending, self.ties, WorkPanel(bench), SealPanel(bench),
                      EdgePanel(bench)]
        kind, _, _, _, work, seal, edge = self.parts
        self.least_border = LengthField(tr("Border, at least"), "least_border", least=0.0)
        self.least_web = LengthField(tr("Film between openings, at least"), "least_web", least=0.0)
        self.least_opening = LengthField(tr("Openings, at least"), "least_opening", least=0.0)
        self.least_island = AreaField(tr("An island a finger holds"), "least_island")
        self.stack(kind, self.border)
        for title, parts in ((tr("What was found"), (self.findings, self.mending)),
                             (tr("Islands and ties"), (self.ties,)),
                             (tr("The work"), (work,)), (tr("The seal"), (seal,)),
                             (tr("Edge, marks and tape"), (edge,))):
            self.section(title)
            self.stack(*parts)
        self.section(tr("Limits"))
        self.seal = LengthField(tr("Film that seals beside an opening"), "seal", least=0.0)
        self.stack(label(tr("Common practice; change them to suit your film and hand."), "quiet"), self.least_border,
                   self.least_web, self.least_opening, self.least_island, self.seal)
        edit = bench.edit
        self.least_border.edited.connect(lambda mm: edit(tr("Least border"), stencil__least_border=mm))
        self.least_web.edited.connect(lambda mm: edit(tr("Least web"), stencil__least_web=mm))
        self.least_opening.edited.connect(lambda mm: edit(tr("Least opening"), stencil__least_opening=mm))
        self.seal.edited.connect(lambda mm: edit(tr("Width of the seal"), stencil__seal=mm))
        self.least_island.edited.connect(lambda area: edit(tr("Least island"), stencil__least_island=area))

    def first_field(self) -> QWidget:
        return self.border.first_field().line

    def show_job(self, job: Job) -> None:
        unit, choices = self.bench.unit, job.stencil
        for part in self.parts:
            part.show_job(job)
        self.least_border.show_mm(choices.least_border, unit)
        self.seal.show_mm(choices.seal, unit)
        self.least_web.show_mm(choices.least_web, unit)
        self.least_opening.show_mm(choices.least_opening, unit)
        self.least_island.show_area(choices.least_island, unit)

    def show_results(self, results: Results) -> None:
        self.findings.setVisible(results.sheet is not None)
        if results.stencil_findings is not None:
            self.findings.show_findings(results.findings("stencil"), tr("Nothing to watch: it can be cut."))
        for part in self.parts:
            part.show_results(results)
