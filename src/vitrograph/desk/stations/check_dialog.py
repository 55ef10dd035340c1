"""Checks of the glass in hand against the other height, a paper proof, and water; the window stays usable beside it."""

from pathlib import Path

from PySide6.QtWidgets import QDialog, QFileDialog, QLabel, QVBoxLayout, QWidget

from vitrograph.core.cut import proof_pdf
from vitrograph.core.errors import VitrographError
from vitrograph.core.files import write_whole
from vitrograph.core.glass import Frustum, check_heights, check_water, correct_by_proof, wall_of
from vitrograph.core.job import FlatGlass, Job, StraightGlass, TaperedGlass
from vitrograph.desk import theme
from vitrograph.desk.bench import Bench
from vitrograph.desk.fields import LengthField, NumberField, button, label


class CheckDialog(QDialog):
    """What a second measurement says of the first."""

    def __init__(self, bench: Bench, parent: QWidget) -> None:
        super().__init__(parent)
        self.bench = bench
        self.setObjectName("checkDialog")
        self.setWindowTitle("Check the measurements")
        self.setStyleSheet(f"QDialog#checkDialog {{ background: {theme.CARD}; }}")
        self.setMinimumWidth(440)
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(20, 16, 20, 20)
        self._column.setSpacing(2 * theme.STEP)
        self._heights = self._make_heights()
        self._proof = self._make_proof()
        self._water = self._make_water()
        bench.job_changed.connect(self._show)
        self._show(bench.job)

    def _part(self, title: str, says: str, *widgets: QWidget) -> QWidget:
        part = QWidget()
        column = QVBoxLayout(part)
        column.setContentsMargins(0, 0, 0, 3 * theme.STEP)
        column.addWidget(label(title, scale=1.15, bold=True))
        column.addWidget(label(says, "quiet"))
        for widget in widgets:
            column.addWidget(widget)
        self._column.addWidget(part)
        return part

    def _make_heights(self) -> QWidget:
        self.other = LengthField("The other height", "other_height", least=1e-6)
        self.heights_say = self._answer("heightsSay")
        self.other.edited.connect(self._check_heights)
        says = "Measure it the other way too: a ruler beside the glass reads the upright, a tape on the wall the slant."
        return self._part("Upright or slant?", says, self.other, self.heights_say)

    def _make_proof(self) -> QWidget:
        self.rim_overlap = LengthField("Overlap at the rim (a gap is negative)", "rim_overlap")
        self.base_overlap = LengthField("Overlap at the base", "base_overlap")
        self.print_proof = button("Write the paper proof")
        self.print_proof.setObjectName("printProof")
        self.print_proof.clicked.connect(self._choose_proof)
        self.apply_proof = button("Correct the girths", "accent")
        self.apply_proof.setObjectName("applyProof")
        self.apply_proof.clicked.connect(self._apply_proof)
        self._overlaps = {"rim": 0.0, "base": 0.0}
        for name, field in (("rim", self.rim_overlap), ("base", self.base_overlap)):
            field.edited.connect(lambda mm, where=name: self._overlaps.update({where: mm}))
        says = "Print the whole wall at true size, cut it out, wrap it round, and type by how much its ends overlap."
        return self._part("Paper proof", says, self.print_proof, self.rim_overlap, self.base_overlap, self.apply_proof)

    def _make_water(self) -> QWidget:
        self.wall = LengthField("The wall's thickness", "wall_mm", least=0.0)
        self.bottom = LengthField("The bottom's thickness", "bottom_mm", least=0.0)
        self.grams = NumberField("Water to the brim", "grams", suffix="g")
        self.water_says = self._answer("waterSays")
        self._weighed = {"wall_mm": 2.0, "bottom_mm": 5.0, "grams": 0.0}
        for name, field in (("wall_mm", self.wall), ("bottom_mm", self.bottom), ("grams", self.grams)):
            field.edited.connect(lambda value, what=name: self._weigh(what, value))
        return self._part("Water", "Weigh the water it holds to the brim, at room temperature.", self.wall, self.bottom,
                          self.grams, self.water_says)

    def _answer(self, name: str) -> QLabel:
        made = label("", "reading")
        made.setObjectName(name)
        return made

    def _show(self, job: Job) -> None:
        glass, unit = job.glass, self.bench.unit
        self._heights.setVisible(isinstance(glass, TaperedGlass))
        self._proof.setVisible(isinstance(glass, StraightGlass | TaperedGlass))
        self._water.setVisible(not isinstance(glass, FlatGlass))
        self.base_overlap.setVisible(isinstance(glass, TaperedGlass))
        if isinstance(glass, TaperedGlass):
            self.other.set_title("Along the slant" if glass.height_is == "upright" else "Upright height")
        self.rim_overlap.show_mm(self._overlaps["rim"], unit)
        self.base_overlap.show_mm(self._overlaps["base"], unit)
        self.wall.show_mm(self._weighed["wall_mm"], unit)
        self.bottom.show_mm(self._weighed["bottom_mm"], unit)
        self.heights_say.setText("")
        self.water_says.setText("")

    def _check_heights(self, other: float) -> None:
        glass = self.bench.job.glass
        if isinstance(glass, TaperedGlass):
            self._say(self.heights_say, lambda: check_heights(glass, other, self.bench.job.tools).says)

    def _weigh(self, what: str, value: float) -> None:
        self._weighed[what] = value
        if self._weighed["grams"]:
            job = self.bench.job
            self._say(self.water_says, lambda: check_water(job.glass, **self._weighed, tools=job.tools).says)

    def _say(self, answer: QLabel, work) -> None:
        try:
            says = work()
        except VitrographError as error:
            says = str(error)
        answer.setText(says[:1].upper() + says[1:] + ".")

    def _apply_proof(self) -> None:
        def correct() -> None:
            corrected = correct_by_proof(self.bench.job.glass, self._overlaps["rim"], self._overlaps["base"])
            self._overlaps = {"rim": 0.0, "base": 0.0}
            if self.bench.edit("Correct by the paper proof", glass=corrected):
                self.bench.told.emit("the girths are corrected: print the proof again if they moved by much")

        self.bench.attempt(correct)

    def _choose_proof(self) -> None:
        path, _ = QFileDialog.getSaveFileName(self, "Write the paper proof", "proof.pdf", "PDF (*.pdf)")
        if path:
            self.write_proof(Path(path))

    def write_proof(self, path: Path) -> None:
        """Write the paper proof, or say why it cannot be."""
        def write() -> None:
            wall = wall_of(self.bench.job.glass)
            assert isinstance(wall, Frustum)
            write_whole(path, proof_pdf(wall, f"Paper proof: {self.bench.job.name}"))

        self.bench.attempt(write, f"written: {path.name}; print it at 100 %")
