"""What to do when a bit of film tore or got lost: patch it, tie it, or cut this one stencil again."""

from functools import partial
from pathlib import Path

from PySide6.QtCore import Signal

from vitrograph.core.language import tr
from vitrograph.core.paper import patch_pdf
from vitrograph.core.results import Results
from vitrograph.core.weed import Bit
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.bench.file_task import PageTask
from vitrograph.desk.kit.fields import Column, button, drop_down, in_a_row
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.saving import ask_place


class Trouble(Column):
    """The piece in question, and three answers. `again_wanted` carries the cut of one stencil alone."""

    again_wanted = Signal(object)

    def __init__(self, bench: Bench) -> None:
        super().__init__(gap=8)
        self._pages = PageTask(bench, self)
        self.bench = bench
        self._bits: tuple[Bit, ...] = ()
        self.which = drop_down("tornBit", tr("Which bit tore or got lost"))
        self.patch = named(button(tr("Patch"), tip=tr("its outline at true size, to cut a scrap of film by")),
                           "patchBit")
        self.tie = named(button(tr("Tie"), tip=tr("strips of film hold the islands; then cut it again")), "tieBits")
        self.again = named(button(tr("Cut again"),
                                  tip=tr("this stencil alone, on the cutter named at the cut station")),
                           "cutAgain")
        self._cutting = BackgroundTask(self)
        self._cutting.answered.connect(self.again_wanted)
        self._cutting.refused.connect(bench.refused)
        self.stack(self.which, in_a_row(self.patch, self.tie, self.again))
        self.which.activated.connect(self._light)
        self.patch.clicked.connect(self._choose_patch)
        self.tie.clicked.connect(self._tie)
        self.again.clicked.connect(lambda: bench.attempt(self._cut_again))

    def show_plan(self, results: Results) -> None:
        """Offer the bits that may be torn: what stays, and what lies beside thin film."""
        weed = results.weed
        bits = () if weed is None else (*weed.stay, *(bit for bit in weed.pull if bit.kind == "opening"))
        if bits == self._bits:
            return
        self._bits = bits
        self.which.clear()
        for bit in bits:
            self.which.addItem(f"{bit.number}  {bit.name}, {bit.where}")
        for widget in (self.which, self.patch):
            widget.setEnabled(bool(bits))
        self.tie.setEnabled(weed is not None and bool(weed.stay))

    @property
    def chosen(self) -> Bit | None:
        """The bit in question."""
        at = self.which.currentIndex()
        return self._bits[at] if 0 <= at < len(self._bits) else None

    def _light(self) -> None:
        if self.chosen is not None:
            self.bench.spotlight.emit(self.chosen.shape)

    def _choose_patch(self) -> None:
        path = ask_place(self, tr("Write the outline of a patch"), tr("PDF (*.pdf)"), "patch.pdf")
        if path is not None:
            self.write_patch(path)

    def write_patch(self, path: Path) -> None:
        """Write the outline of the bit in question at true size."""
        bit = self.chosen
        if bit is not None:
            title = f"{self.bench.job.name}: {bit.name}"
            self._pages.write(path, lambda: partial(patch_pdf, bit.shape, title, self.bench.unit))

    def _tie(self) -> None:
        self.bench.edit(tr("Tie the islands"), stencil__ties__placed="auto")
        self.bench.go("stencil")

    def _cut_again(self) -> None:
        """Cut the film that the bit in question is of; films that lap were cut one by one, and the others are whole."""
        done, key = self.bench.order_results.finished(), self.bench.job.key
        film = 0 if self.chosen is None else self.chosen.film
        self._cutting.ask(lambda: done.again(key, film).runs[0])
