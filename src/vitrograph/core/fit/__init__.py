"""Fit: the way the art is laid on the glass, and the place."""

from vitrograph.core.fit.band import Band, band_edge
from vitrograph.core.fit.checks import check_fit
from vitrograph.core.fit.film import Pressed, Snip
from vitrograph.core.fit.films import Film
from vitrograph.core.fit.lay import Lay
from vitrograph.core.fit.place import FitChoices, Fitted, Laid, fit_art, lay_art
from vitrograph.core.fit.room import Room, make_it_fit, room_for

__all__ = [
    "Band",
    "Film",
    "FitChoices",
    "Fitted",
    "Laid",
    "Lay",
    "Pressed",
    "Room",
    "Snip",
    "band_edge",
    "check_fit",
    "fit_art",
    "lay_art",
    "make_it_fit",
    "room_for",
]
