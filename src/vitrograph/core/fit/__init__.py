"""Fit: the way the art is laid on the glass, and the place."""

from vitrograph.core.fit.band import EDGE_DEVIATION_MM, Band, band_edge
from vitrograph.core.fit.checks import check_fit
from vitrograph.core.fit.film import Pressed, Snip
from vitrograph.core.fit.films import Film
from vitrograph.core.fit.lay import Lay, whole_wall
from vitrograph.core.fit.place import FitChoices, Fitted, Laid, fit_art, lay_art
from vitrograph.core.fit.room import Room, make_it_fit, room_for
from vitrograph.core.fit.stand import at_top, raised, stood
from vitrograph.core.fit.ways import MODES

__all__ = [
    "EDGE_DEVIATION_MM",
    "MODES",
    "Band",
    "Film",
    "FitChoices",
    "Fitted",
    "Laid",
    "Lay",
    "Pressed",
    "Room",
    "Snip",
    "at_top",
    "band_edge",
    "check_fit",
    "fit_art",
    "lay_art",
    "make_it_fit",
    "raised",
    "room_for",
    "stood",
    "whole_wall",
]
