"""The transfer room's stage: tape, places, ways and steps for each film of a sheet."""

from vitrograph.core.stages import Known, Stage, StillWanted
from vitrograph.core.transfer.plan import TransferInput, plan_transfer


def _plan(given: TransferInput, known: Known, _still_wanted: StillWanted) -> object:
    return plan_transfer(given, known["sheet"], known["demands"])


STAGES = (
    Stage("transfer", "transfer", TransferInput.of, _plan, needs=("sheet", "demands")),
)
