"""The transfer station: the steps on to the glass, where each film goes, the way it is set, tape and settling."""

from collections.abc import Callable, Sequence
from functools import partial
from pathlib import Path

import shapely

from vitrograph.core.export import collar_pdf
from vitrograph.core.job import Job
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.transfer import LEAST_MM, PRESS_EDGES, SEAL, Setting, TransferPlan
from vitrograph.core.transfer.placing import Beside
from vitrograph.core.work import Step
from vitrograph.core.workshop import load_workshop
from vitrograph.desk.bench.file_task import PageTask
from vitrograph.desk.kit.card import Readings
from vitrograph.desk.kit.fields import LengthField, NumberField, button, drop_down, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.saving import ask_place
from vitrograph.desk.kit.steps_card import StepsCard
from vitrograph.desk.kit.wrapping import Tick

_LIT_MM = 1.6                      # about a risky place
_EDGE_MM = 0.6                     # of film along the openings, where it must be down


_BESIDE = {("handle", "right"): tr("right of the handle"), ("handle", "left"): tr("left of the handle"),
           ("seam", "right"): tr("right of the seam"), ("seam", "left"): tr("left of the seam")}


class TransferCard(StepsCard):
    """Carry the stencil to the glass."""

    station = "transfer"
    heading = tr("Transfer")
    done_words = tr("On the glass. Every edge of every opening is down.")
    copies_are = tr("Stencil")

    def build(self) -> None:
        super().build()
        self._pages = PageTask(self.bench, self)
        self.readings = Readings()
        self.collar = named(button(
            tr("Collar on paper"),
            tip=tr("a paper ring that hangs on the rim, or a strip for a pane, with windows for the film's corners")),
            "collar")
        self.way = drop_down("settingWay", tr("Way to set it"))
        self.why = label("", "quiet")
        self.roll = LengthField(tr("Tape on the roll, wide"), "roll_width", least=1e-6)
        self.clear = named(Tick(tr("The tape is clear")), "clearTape")
        self.uses = NumberField(tr("A piece of tape serves"), "tapeUses", suffix="×", whole=True)
        self.margin = LengthField(tr("Tape beyond the film"), "tapeMargin", least=0.0)
        self.top_extra = LengthField(tr("Tape to hold it by, above"), "tapeTop", least=0.0)
        self.overlap = LengthField(tr("Strips of tape lap by"), "tapeOverlap", least=0.0)
        self.lap = LengthField(tr("Films lap by at least"), "least_lap", least=0.0)
        self.settle = NumberField(tr("Settles for"), "settle", suffix="min")
        self.warmed = named(Tick(tr("Warmed while it settles")), "warmed")
        self.section(tr("Where it goes"))
        self.stack(self.readings, self.collar)
        self.section(tr("How it is set"))
        self.stack(self.way, self.why, self.roll, self.clear, self.uses, self.margin, self.top_extra,
                   self.overlap, self.lap, self.settle, self.warmed)
        self._connect()

    def _connect(self) -> None:
        edit = self.bench.edit
        self.way.activated.connect(lambda at: edit(tr("Way to set it"), transfer__way=self.way.itemData(at)))
        self.roll.edited.connect(lambda mm: edit(tr("Tape width"), transfer__roll_width=mm))
        self.clear.clicked.connect(lambda on: edit(tr("Clear tape"), transfer__clear=on))
        self.uses.edited.connect(lambda many: edit(tr("Uses of a piece of tape"), transfer__uses=round(many)))
        self.margin.edited.connect(lambda mm: edit(tr("Tape beyond the film"), transfer__margin=mm))
        self.top_extra.edited.connect(lambda mm: edit(tr("Tape to hold it by"), transfer__top_extra=mm))
        self.overlap.edited.connect(lambda mm: edit(tr("Lap of the strips"), transfer__overlap=mm))
        self.lap.edited.connect(lambda mm: edit(tr("Least lap"), transfer__least_lap=mm))
        self.settle.edited.connect(lambda minutes: edit(tr("Settling"), transfer__settle=minutes))
        self.warmed.clicked.connect(lambda on: edit(tr("Warmed"), transfer__warmed=on))
        self.collar.clicked.connect(self._choose_collar)

    def steps_of(self, results: Results) -> Sequence[Step]:
        return results.transfer.steps_of(self.copies.copy) if results.transfer else ()

    def show_step(self, step: int) -> None:
        """Light what the step is about: a risky place of the seal, the openings' edges, or where tape masks."""
        results = self.bench.results
        steps = self.steps_of(results)
        lit = None
        if results.demands is not None and step < len(steps):
            key, demands = steps[step].key, results.demands
            if key.startswith(SEAL):
                place = demands.seal.risks[int(key.split()[1]) - 1].where
                lit = shapely.Point(place).buffer(_LIT_MM)
            elif key == PRESS_EDGES and results.sheet is not None:
                lit = results.sheet.openings.buffer(_EDGE_MM).difference(results.sheet.openings)
            elif key.startswith("mask") and not demands.guard.zone.is_empty:
                lit = demands.guard.zone
        self.bench.spotlight.emit(lit)

    def show_job(self, job: Job) -> None:
        choices, unit = job.transfer, self.bench.unit
        self.roll.show_mm(choices.roll_width, unit)
        for field, mm in ((self.margin, choices.margin), (self.top_extra, choices.top_extra),
                          (self.overlap, choices.overlap), (self.lap, choices.least_lap)):
            field.show_mm(mm, unit)
        self.clear.setChecked(choices.clear)
        self.uses.show_number(choices.uses)
        self.settle.show_number(choices.settle)
        self.warmed.setChecked(choices.warmed)

    def show_results(self, results: Results) -> None:
        super().show_results(results)
        plan = results.transfer
        if plan is None:
            self.readings.show_rows([])
            return
        self._show_ways(plan)
        self.lap.setVisible(len(plan.settings) > 1)
        self.collar.setVisible(plan.has_rim or not plan.round_glass)
        rows = []
        for setting in plan.settings_of(self.copies.copy):
            rows += self._rows(setting)
        self.readings.show_rows(rows)

    def _show_ways(self, plan: TransferPlan) -> None:
        """All ways that can be gone, the one that suits first."""
        self.way.clear()
        taken = plan.settings[0].way
        suits = next(offer for offer in plan.ways if offer.way == taken)
        self.way.addItem(tr("The way that suits"), "suits")
        for offer in plan.ways:
            if offer.can:
                self.way.addItem(offer.title, offer.way)
        self.way.setCurrentIndex(max(0, self.way.findData(self.bench.job.transfer.way)))
        self.why.setText(f"{suits.title}: {suits.why}.")

    def _rows(self, setting: Setting) -> list[tuple[str, str]]:
        placing, length = setting.placing, self.bench.length
        whose = tr("film {number}, ", number=setting.number) if setting.many > 1 else ""
        middle = placing.middle
        if middle.across is not None:
            rows = [(tr("from the {side}", side=placing.side), length(middle.across, 1))]
        else:
            mm = middle.round_glass or 0.0
            rows = [(tr("at the front mark") if abs(mm) < LEAST_MM else tr("right of the front mark") if mm > 0 else
                     tr("left of the front mark"), length(abs(mm), 1))]
            rows += [(_beside(one), length(one.mm, 1)) for one in placing.beside[:1]]
        rows += [(tr("down to {name}", name=spot.name), length(spot.down, 1)) for spot in placing.spots]
        rows.append((tr("up from the table") if middle.across is None else tr("up from the lower edge"),
                     length(placing.lower.up, 1)))
        if placing.water is not None:
            rows.append((tr("water to its lower edge"), tr("{water:.0f} ml", water=placing.water)))
        if setting.taped:
            rows.append((tr("tape", "transfer tape"),
                         f"{length(setting.tape_size[0], 0)} × {length(setting.tape_size[1], 0)}"))
        return [(f"{whose}{what}", much) for what, much in rows]

    def _choose_collar(self) -> None:
        path = ask_place(self, tr("Write the collar"), tr("PDF (*.pdf)"), "collar.pdf")
        if path is not None:
            self.write_collar(path)

    def write_collar(self, path: Path) -> None:
        """Write the collar of the copy in hand at true size, in tiles where it is larger than the paper."""
        def prepare() -> Callable[[], bytes]:
            paper = load_workshop(self.workshop).house.paper
            return partial(collar_pdf, self.bench.results.finished(), self.copies.copy, paper, self.bench.unit)

        self._pages.write(path, prepare)


def _beside(one: Beside) -> str:
    return _BESIDE[one.what, one.side]
