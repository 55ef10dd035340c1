"""The stencil room's stages: the sheet, what is found on it, and what it asks of the maker."""

from vitrograph.core.stages import Known, Stage, StillWanted
from vitrograph.core.stencil.checks import CheckInput, check_stencil
from vitrograph.core.stencil.demands import DemandsInput, demands_of
from vitrograph.core.stencil.sheet import SheetInput, build_sheet


def _build(given: SheetInput, known: Known, _still_wanted: StillWanted) -> object:
    return build_sheet(known["fitted"], given.choices, given.name)


STAGES = (
    Stage("sheet", "stencil", SheetInput.of, _build, needs=("fitted",)),
    Stage("stencil_findings", "stencil", CheckInput.of,
          lambda given, known, _still_wanted: check_stencil(given, known["sheet"]), needs=("sheet",)),
    Stage("demands", "stencil", DemandsInput.of,
          lambda given, known, _still_wanted: demands_of(given, known["sheet"]), needs=("sheet",)),
)
