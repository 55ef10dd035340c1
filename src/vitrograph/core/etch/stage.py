"""The etch room's stage: the steps for one glass, and the area under cream."""

from vitrograph.core.etch.plan import EtchInput, plan_etch
from vitrograph.core.stages import Known, Stage, StillWanted


def _plan(given: EtchInput, known: Known, _still_wanted: StillWanted) -> object:
    sheet = known["sheet"]
    return plan_etch(given, float(sheet.frosted.area) * sheet.fitted.sheets)


STAGES = (
    Stage("etch", "etch", EtchInput.of, _plan, needs=("sheet",)),
)
