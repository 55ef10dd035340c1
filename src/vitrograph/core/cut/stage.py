"""The cut room's stage: the blade's paths for one stencil."""

from vitrograph.core.cut.plan import plan_cut
from vitrograph.core.stages import Stage

STAGES = (
    Stage("cut", "cut", lambda job: job.cut, lambda choices, known, _still_wanted: plan_cut(choices, known["sheet"]),
          needs=("sheet",)),
)
