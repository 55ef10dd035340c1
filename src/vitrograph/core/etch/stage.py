"""The etch room's stage: the steps for one glass, and the area under cream."""

from vitrograph.core.etch.plan import EtchInput, plan_etch
from vitrograph.core.stages import Known, Stage, StillWanted
from vitrograph.core.stencil import below_rim


def _plan(given: EtchInput, known: Known, _still_wanted: StillWanted) -> object:
    sheet = known["sheet"]
    below = None if given.colour == "none" else below_rim(sheet)
    return plan_etch(given, float(sheet.frosted.area) * sheet.fitted.sheets, below)


STAGES = (
    Stage("etch", "etch", EtchInput.of, _plan, needs=("sheet",)),
)
