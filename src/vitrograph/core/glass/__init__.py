"""Glass: from measurements to a wall with an exact flat development."""

from vitrograph.core.glass.measure import radius_of, wall_of
from vitrograph.core.glass.walls import Fan, Frustum, Pane, Wall, chord, fan_of, horizon, sagitta, slant_of

__all__ = [
    "Fan", "Frustum", "Pane", "Wall",
    "chord", "fan_of", "horizon", "radius_of", "sagitta", "slant_of", "wall_of",
]
