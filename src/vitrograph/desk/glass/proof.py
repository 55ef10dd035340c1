"""The paper proof: print the whole wall, wrap it, and let the girths be corrected from what the paper does."""

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PySide6.QtCore import QPointF
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from vitrograph.core.glass import Frustum, Wall, correct_by_proof, frustum_of
from vitrograph.core.job import Job, StraightGlass, TaperedGlass
from vitrograph.core.language import tr
from vitrograph.core.paper import proof_pdf
from vitrograph.desk.bench.file_task import PageTask
from vitrograph.desk.glass.page import HelperPage
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import LengthField, button
from vitrograph.desk.kit.saving import ask_place
from vitrograph.desk.kit.sketch import GlassSketch, draw_glass, draw_letter

_LARGER = 4.0                      # gaps are drawn so much larger than they are


class ProofSketch(GlassSketch):
    """The back of the glass, where the paper's ends meet: its overlaps and its climb, drawn large."""

    def __init__(self) -> None:
        super().__init__("proofSketch")
        self.seen = {"rim": 0.0, "base": 0.0, "climb": 0.0}

    def paint_wall(self, painter: QPainter, wall: Wall) -> None:
        if not isinstance(wall, Frustum):
            return
        seen = self.elevation(wall, 60, 20, 40)
        draw_glass(painter, seen.outline())
        lift = self.seen["climb"] * _LARGER
        for side in (-1, 1):
            ends = [(self.seen[part] * _LARGER / 2 * -side, z + lift)
                    for part, z in (("base", 0.0), ("rim", wall.upright))]
            outer = [(side * r, z) for r, z in ((wall.rim_radius, wall.upright), (wall.base_radius, 0.0))]
            painter.setPen(QPen(QColor(theme.PAPER), 1.2))
            painter.setBrush(theme.colour(theme.PAPER, 0.35))
            painter.drawPolygon(QPolygonF([seen.at(*place) for place in (*ends, *outer)]))
        draw_letter(painter, seen.at(0, wall.upright) + QPointF(0, 2), "R")
        draw_letter(painter, seen.at(0, 0), "B")
        self.write_below(painter, tr("the back, where the paper's ends meet"))


class ProofPage(HelperPage):
    """Correct the girths by a paper proof."""

    name = "proof"
    title = tr("Paper proof")
    says = (tr("Print the whole wall at true size, cut it out and wrap it, its rim on the glass's rim at the front. "
               "Type what its ends do at the back; a gap is a negative overlap."))

    def build(self) -> None:
        self.sketch, self._pages = ProofSketch(), PageTask(self.bench, self)
        self.print_proof = button(tr("Write the paper proof"))
        self.print_proof.setObjectName("printProof")
        self.rim = LengthField(tr("R  overlap at the rim"), "rim_overlap")
        self.base = LengthField(tr("B  overlap at the base"), "base_overlap")
        self.climb = LengthField(tr("Paper above the rim, at the back"), "climb", empty=tr("held to it"))
        self.apply_proof = button(tr("Correct the girths"), "accent")
        self.apply_proof.setObjectName("applyProof")
        self._climb: float | None = None
        self.stack(self.sketch, self.print_proof, self.rim, self.base, self.climb, self.apply_proof)
        self.print_proof.clicked.connect(self._choose_proof)
        self.apply_proof.clicked.connect(self._apply)
        self.rim.edited.connect(lambda mm: self._see("rim", mm))
        self.base.edited.connect(lambda mm: self._see("base", mm))
        self.climb.edited.connect(self._take_climb)

    @staticmethod
    def suits(job: Job) -> bool:
        return isinstance(job.glass, StraightGlass | TaperedGlass)

    def show_job(self, job: Job) -> None:
        self.sketch.glass = job.glass
        unit = self.bench.unit
        self.rim.show_mm(self.sketch.seen["rim"], unit)
        self.base.show_mm(self.sketch.seen["base"], unit)
        self.climb.show_mm(self._climb, unit)
        for field in (self.base, self.climb):
            field.setVisible(isinstance(job.glass, TaperedGlass))
        self.sketch.update()

    def _see(self, part: str, mm: float) -> None:
        self.sketch.seen[part] = mm
        self.sketch.update()

    def _take_climb(self, mm: float | None) -> None:
        self._climb = mm
        self._see("climb", mm or 0.0)

    def _apply(self) -> None:
        def correct() -> None:
            seen = self.sketch.seen
            glass = self.bench.job.glass
            assert isinstance(glass, StraightGlass | TaperedGlass)
            corrected = correct_by_proof(glass, seen["rim"], seen["base"], self._climb)
            self._climb, self.sketch.seen = None, dict.fromkeys(seen, 0.0)
            if self.bench.edit(tr("Correct by the paper proof"), glass=corrected):
                self.bench.told.emit(tr("the girths are corrected: print the proof again if they moved by much"))

        self.bench.attempt(correct)

    def _choose_proof(self) -> None:
        path = ask_place(self, tr("Write the paper proof"), tr("PDF (*.pdf)"), "proof.pdf")
        if path is not None:
            self.write_proof(path)

    def write_proof(self, path: Path) -> None:
        """Write the paper proof, or say why it cannot be."""
        def prepare() -> Callable[[], bytes]:
            glass = self.bench.job.glass
            assert isinstance(glass, StraightGlass | TaperedGlass)
            title = tr("Paper proof: {name}", name=self.bench.job.name)
            return partial(proof_pdf, frustum_of(glass), title, self.bench.unit)

        self._pages.write(path, prepare)
