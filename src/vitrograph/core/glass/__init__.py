"""Glass: from measurements to a wall with an exact flat development."""

from vitrograph.core.glass.material import CARE, MATERIALS, TEST_SPOT, Material, check_material
from vitrograph.core.glass.measure import radius_of, wall_of
from vitrograph.core.glass.trust import TOOL_ERRORS, Trust, trust_in
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
    "CARE",
    "MATERIALS",
    "TEST_SPOT",
    "TOOL_ERRORS",
    "Ball",
    "Cone",
    "Fan",
    "Frustum",
    "Material",
    "Pane",
    "Sheeting",
    "Trust",
    "Turned",
    "TurnedWall",
    "Wall",
    "check_material",
    "chord",
    "fan_of",
    "horizon",
    "radius_of",
    "sagitta",
    "slant_of",
    "trust_in",
    "wall_of",
]
