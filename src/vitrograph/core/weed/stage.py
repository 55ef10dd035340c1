"""The weed room's stage: the bits of a sheet in the order they are pulled."""

from vitrograph.core.stages import Stage
from vitrograph.core.weed.plan import WeedInput, plan_weeding

STAGES = (
    Stage("weed", "weed", WeedInput.of, lambda given, known, _still_wanted: plan_weeding(given, known["sheet"]),
          needs=("sheet",)),
)
