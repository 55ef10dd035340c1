"""Glass: from measurements to a wall with an exact flat development."""

from vitrograph.core.glass.assess import AssessInput, Assessment, assess, eye_before, patch_of
from vitrograph.core.glass.crosscheck import check_heights, check_water
from vitrograph.core.glass.inside import WATER_G_PER_ML, Inside, inside_of
from vitrograph.core.glass.keepout import Block, along_at, blocks_of
from vitrograph.core.glass.material import MATERIALS, TEST_SPOT, Material
from vitrograph.core.glass.measure import frustum_of, radius_of, wall_of
from vitrograph.core.glass.motif import Motif, largest_motif
from vitrograph.core.glass.patch import Patch, reading_turn, usable_patch
from vitrograph.core.glass.picture.silhouette import (
    BENT_LENS,
    STRAIGHT_LENS,
    Sighting,
    Silhouette,
    apparent_radius,
    measure_silhouette,
)
from vitrograph.core.glass.proof import ProofSeen, correct_by_proof, wrap_paper
from vitrograph.core.glass.readings import (
    Reading,
    girth_at,
    parse_readings,
    places_of,
    reading_at,
    take_readings,
    weigh_readings,
    weigh_taken,
)
from vitrograph.core.glass.sets import SetCheck, check_set, mean_glass
from vitrograph.core.glass.shelf import (
    Shelf,
    ShelvedGlass,
    default_folder,
    generic_glasses,
    glass_json,
    read_glass,
    search,
)
from vitrograph.core.glass.trust import Trust, trust_in
from vitrograph.core.glass.turned import AT_A_POLE, Ball, Turned, TurnedWall
from vitrograph.core.glass.walls import (
    Cone,
    Fan,
    Frustum,
    Pane,
    Sheeting,
    Wall,
    fan_of,
    horizon,
    profile_at,
    slant_of,
)

__all__ = [
    "AT_A_POLE",
    "BENT_LENS",
    "MATERIALS",
    "STRAIGHT_LENS",
    "TEST_SPOT",
    "WATER_G_PER_ML",
    "AssessInput",
    "Assessment",
    "Ball",
    "Block",
    "Cone",
    "Fan",
    "Frustum",
    "Inside",
    "Material",
    "Motif",
    "Pane",
    "Patch",
    "ProofSeen",
    "Reading",
    "SetCheck",
    "Sheeting",
    "Shelf",
    "ShelvedGlass",
    "Sighting",
    "Silhouette",
    "Trust",
    "Turned",
    "TurnedWall",
    "Wall",
    "along_at",
    "apparent_radius",
    "assess",
    "blocks_of",
    "check_heights",
    "check_set",
    "check_water",
    "correct_by_proof",
    "default_folder",
    "eye_before",
    "fan_of",
    "frustum_of",
    "generic_glasses",
    "girth_at",
    "glass_json",
    "horizon",
    "inside_of",
    "largest_motif",
    "mean_glass",
    "measure_silhouette",
    "parse_readings",
    "patch_of",
    "places_of",
    "profile_at",
    "radius_of",
    "read_glass",
    "reading_at",
    "reading_turn",
    "search",
    "slant_of",
    "take_readings",
    "trust_in",
    "usable_patch",
    "wall_of",
    "weigh_readings",
    "weigh_taken",
    "wrap_paper",
]
