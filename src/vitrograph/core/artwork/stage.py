"""The artwork room's stage: all items as one shape."""

from vitrograph.core.artwork.composing.compose import compose
from vitrograph.core.stages import Stage

STAGES = (
    Stage("art", "artwork", lambda job: job.artwork, lambda artwork, _known, _still_wanted: compose(artwork)),
)
