"""The transfer room's stage: tape, marks and distances for each film of a sheet."""

from vitrograph.core.job import TransferChoices
from vitrograph.core.stages import Known, Stage, StillWanted
from vitrograph.core.transfer.plan import plan_transfer


def _plan(choices: TransferChoices, known: Known, _still_wanted: StillWanted) -> object:
    return plan_transfer(choices, known["sheet"], one_piece=known["demands"].proof.one_piece)


STAGES = (
    Stage("transfer", "transfer", lambda job: job.transfer, _plan, needs=("sheet", "demands")),
)
