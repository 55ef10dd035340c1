"""Glass: from measurements to a wall with an exact flat development."""

from vitrograph.core.glass.crosscheck import check_heights, check_water, correct_by_proof
from vitrograph.core.glass.material import CARE, MATERIALS, TEST_SPOT, Material, check_material
from vitrograph.core.glass.measure import radius_of, wall_of
from vitrograph.core.glass.patch import Patch, usable_patch
from vitrograph.core.glass.shelf import Shelf, ShelvedGlass, default_folder, generic_glasses, read_glass
from vitrograph.core.glass.trust import TOOL_ERRORS, Trust, trust_in
from vitrograph.core.glass.turned import Ball, Turned, TurnedWall
from vitrograph.core.glass.walls import (
    Cone,
    Fan,
    Frustum,
    Pane,
    Sheeting,
    Wall,
    fan_of,
    horizon,
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
    "Patch",
    "Sheeting",
    "Shelf",
    "ShelvedGlass",
    "Trust",
    "Turned",
    "TurnedWall",
    "Wall",
    "check_heights",
    "check_material",
    "check_water",
    "correct_by_proof",
    "default_folder",
    "fan_of",
    "generic_glasses",
    "horizon",
    "radius_of",
    "read_glass",
    "slant_of",
    "trust_in",
    "usable_patch",
    "wall_of",
]
