"""The cut room's stage: the blade's paths for one stencil."""

from msgspec.structs import replace

from vitrograph.core.cut.plan import plan_cut
from vitrograph.core.job import CutChoices, Job
from vitrograph.core.stages import Stage


def _of_one_stencil(job: Job) -> CutChoices:
    """What its cut depends on: not the film in stock, nor where on it stencils lie."""
    return replace(job.cut, stock=(), laid=())


STAGES = (
    Stage("cut", "cut", _of_one_stencil, lambda choices, known, _still_wanted: plan_cut(choices, known["sheet"]),
          needs=("sheet",)),
)
