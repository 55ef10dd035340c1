"""Fit: the way the art is laid on the glass, and the place."""

from vitrograph.core.fit.checks import check_fit
from vitrograph.core.fit.lay import Lay
from vitrograph.core.fit.place import Fitted, fit_art
from vitrograph.core.fit.room import Room, make_it_fit, room_for

__all__ = ["Fitted", "Lay", "Room", "check_fit", "fit_art", "make_it_fit", "room_for"]
