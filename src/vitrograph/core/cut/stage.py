"""The cut room's stage: the blade's paths for one stencil."""

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.cut.plan import plan_cut
from vitrograph.core.job import CutChoices, Job
from vitrograph.core.stages import Known, Stage, StillWanted


class CutInput(Struct, frozen=True):
    """What one stencil's cut depends on: not the film in stock, nor where on it stencils lie."""

    choices: CutChoices
    least_lap: float

    @classmethod
    def of(cls, job: Job) -> "CutInput":
        """What a job says of it."""
        return cls(replace(job.cut, stock=(), laid=()), job.transfer.least_lap)


def _cut(given: CutInput, known: Known, _still_wanted: StillWanted) -> object:
    return plan_cut(given.choices, known["sheet"], given.least_lap)


STAGES = (Stage("cut", "cut", CutInput.of, _cut, needs=("sheet",)),)
