"""Fit: the art's size on the glass, the way it is laid, and the place."""

from vitrograph.core.fit.checks import check_fit
from vitrograph.core.fit.lay import Lay
from vitrograph.core.fit.place import CURVE_DEVIATION_MM, Fitted, fit_art, size_factor

__all__ = ["CURVE_DEVIATION_MM", "Fitted", "Lay", "check_fit", "fit_art", "size_factor"]
