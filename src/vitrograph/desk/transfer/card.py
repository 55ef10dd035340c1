"""The transfer station: the tape, where the stencil goes, and the steps on to the glass."""

from collections.abc import Sequence

import shapely

from vitrograph.core.job import Job
from vitrograph.core.results import Results
from vitrograph.core.transfer import PRESS_EDGES
from vitrograph.core.work import Step
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import LengthField
from vitrograph.desk.kit.steps_card import StepsCard

_LIT_MM = 1.6                      # about each risky place


class TransferCard(StepsCard):
    """Carry the stencil to the glass."""

    station = "transfer"
    heading = "Transfer"
    done_words = "On the glass. Every edge of every opening is down."

    def build(self) -> None:
        super().build()
        self.readings = Readings()
        self.roll = LengthField("Tape on the roll, wide", "roll_width", least=1e-6)
        self.section("Where it goes")
        self.stack(self.readings)
        self.section("Tape")
        self.stack(self.roll)
        self.roll.edited.connect(lambda mm: self.bench.edit("Tape width", transfer__roll_width=mm))

    def steps_of(self, results: Results) -> Sequence[Step]:
        return results.transfer.steps if results.transfer else ()

    def show_step(self, step: int) -> None:
        """At the step that presses edges down, the riskiest places of the seal are lit."""
        results = self.bench.results
        steps = self.steps_of(results)
        lit = None
        if results.demands is not None and step < len(steps) and steps[step].key == PRESS_EDGES:
            places = [risk.where for risk in results.demands.seal.risks]
            lit = shapely.multipoints(places).buffer(_LIT_MM) if places else None
        self.bench.spotlight.emit(lit)

    def show_job(self, job: Job) -> None:
        self.roll.show_mm(job.transfer.roll_width, self.bench.unit)

    def show_results(self, results: Results) -> None:
        super().show_results(results)
        plan = results.transfer
        if plan is None:
            self.readings.show_rows([])
            return
        length, edge = self.bench.length, "rim" if plan.round_glass else "upper edge"
        rows = []
        for number, film in enumerate(plan.settings, start=1):
            which = f"film {number}" if len(plan.settings) > 1 else "film"
            rows += [(f"{edge} to {which}, left", length(film.rim_left, 1)),
                     (f"{edge} to {which}, right", length(film.rim_right, 1)),
                     (f"table to {which}, upright", length(film.above_table, 1)),
                     (f"tape for {which}" if len(plan.settings) > 1 else "tape",
                      f"{length(film.tape_size[0], 0)} × {length(film.tape_size[1], 0)}")]
        self.readings.show_rows([*rows, ("strips", str(len(plan.strips)))])
