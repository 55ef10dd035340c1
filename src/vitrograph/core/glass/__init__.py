"""Glass: from measurements to a wall with an exact flat development."""

from vitrograph.core.glass.measure import radius_of, wall_of
from vitrograph.core.glass.turned import Ball, Turned, TurnedWall
from vitrograph.core.glass.walls import (
    Cone,
    Fan,
    Frustum,
    Pane,
    Sheeting,
    Wall,
    chord,
    fan_of,
    horizon,
    sagitta,
    slant_of,
)

__all__ = [
    "Ball", "Cone", "Fan", "Frustum", "Pane", "Sheeting", "Turned", "TurnedWall", "Wall",
    "chord", "fan_of", "horizon", "radius_of", "sagitta", "slant_of", "wall_of",
]
