"""Fit: the way the art is laid on the glass, and the place."""

from vitrograph.core.film import Pressed, Snip
from vitrograph.core.fit.band import (
    EDGE_DEVIATION_MM,
    LEAST_LAP_MM,
    NEAR_MM,
    SEAL_MM,
    SIDES,
    Band,
    Seams,
    band_edge,
    cut_places,
    gaps_in,
    joints_of,
)
from vitrograph.core.fit.chart import Chart, whole_wall
from vitrograph.core.fit.checks import check_fit
from vitrograph.core.fit.films import Film
from vitrograph.core.fit.parted import Parted
from vitrograph.core.fit.placing import FitChoices, Fitted, MappedArt, fit_art, map_art, size_told
from vitrograph.core.fit.remedies import FitCheckInput, parting
from vitrograph.core.fit.room import Room, RoomInput, make_it_fit, room_for
from vitrograph.core.fit.stand import held_from_rim, moved_round, moved_up
from vitrograph.core.fit.ways import MODES

__all__ = [
    "EDGE_DEVIATION_MM",
    "LEAST_LAP_MM",
    "MODES",
    "NEAR_MM",
    "SEAL_MM",
    "SIDES",
    "Band",
    "Chart",
    "Film",
    "FitCheckInput",
    "FitChoices",
    "Fitted",
    "MappedArt",
    "Parted",
    "Pressed",
    "Room",
    "RoomInput",
    "Seams",
    "Snip",
    "band_edge",
    "check_fit",
    "cut_places",
    "fit_art",
    "gaps_in",
    "held_from_rim",
    "joints_of",
    "make_it_fit",
    "map_art",
    "moved_round",
    "moved_up",
    "parting",
    "room_for",
    "size_told",
    "whole_wall",
]
