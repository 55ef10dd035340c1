"""The cut of a whole order: its stencils laid on film, and every sheet's cuts in their order."""

from collections.abc import Callable, Iterable
from functools import cached_property

from msgspec import Struct

from vitrograph.core.cut.laying.bed import Bed, Packer, bed_of
from vitrograph.core.cut.laying.nest import Part
from vitrograph.core.cut.paths.checks import findings_of
from vitrograph.core.cut.paths.lines import lines_of
from vitrograph.core.cut.paths.sheet_run import Lines, SheetRun, runs_of
from vitrograph.core.findings import Finding
from vitrograph.core.job import CutChoices
from vitrograph.core.stencil import Sheet


class Wanted(Struct, frozen=True, eq=False):
    """What is to be cut of one job: its key and name, how many, its stencil, and which films of that; None: all."""

    key: int
    name: str
    count: int
    sheet: Sheet
    films: tuple[int, ...] | None = None


class CutWork(Struct, frozen=True, eq=False, dict=True):
    """All of it: the bed, and the run of every sheet on it."""

    bed: Bed
    runs: tuple[SheetRun, ...]

    @cached_property
    def findings(self) -> tuple[Finding, ...]:
        """What was found of all stencils together."""
        return (*self.bed.findings, *(found for run in self.runs for found in findings_of(run)))

    @property
    def stencils(self) -> int:
        """How many are laid."""
        return sum(len(sheet.laid) for sheet in self.bed.sheets)

    @property
    def paths(self) -> int:
        """How many lines are cut."""
        return sum(len(run.cuts) for run in self.runs)

    @cached_property
    def nodes(self) -> int:
        """Points sent to the cutter."""
        return sum(run.nodes for run in self.runs)

    @cached_property
    def cut_mm(self) -> float:
        """Length cut."""
        return sum(run.cut_mm for run in self.runs)

    @cached_property
    def travel_mm(self) -> float:
        """Length moved with the blade up."""
        return sum(run.travel_mm for run in self.runs)

    @property
    def seconds(self) -> float:
        """How long the cutter works."""
        return sum(run.seconds for run in self.runs)


def parts_of(wanted: Iterable[Wanted]) -> list[Part]:
    """Every stencil that is to be cut: each film of each copy."""
    return [Part(one.key, film, copy, outline, one.name, one.count, len(one.sheet.outlines))
            for one in wanted for copy in range(one.count) for film, outline in enumerate(one.sheet.outlines)
            if one.films is None or film in one.films]


def cut_work(wanted: Iterable[Wanted], choices: CutChoices, still_wanted: Callable[[], None] = lambda: None,
             pack: Packer | None = None) -> CutWork:
    """Lay out an order's stencils and order their cuts. `still_wanted` raises where nobody waits any more."""
    every = list(wanted)
    return cut_on(bed_of(parts_of(every), choices, still_wanted, pack), every, choices, still_wanted)


def cut_on(bed: Bed, wanted: Iterable[Wanted], choices: CutChoices,
           still_wanted: Callable[[], None] = lambda: None) -> CutWork:
    """Order the cuts of stencils that are laid out already."""
    box = choices.gap / 2 if choices.boxes else None
    parting = choices.gap / 2 if choices.parted else None
    lines: Lines = {(one.key, film): lines_of(one.sheet, film, "quick", box, parting)
                    for one in wanted for film in range(len(one.sheet.outlines))}
    return CutWork(bed, runs_of(bed, lines, choices, still_wanted))
