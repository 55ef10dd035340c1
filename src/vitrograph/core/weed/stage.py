"""The weed room's stage: the bits of a sheet. It reads no choices of its own."""

from vitrograph.core.stages import Stage
from vitrograph.core.weed.plan import plan_weeding

STAGES = (
    Stage("weed", "weed", lambda _job: None, lambda _given, known, _still_wanted: plan_weeding(known["sheet"]),
          needs=("sheet",)),
)
