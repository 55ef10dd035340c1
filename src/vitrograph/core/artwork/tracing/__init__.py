"""Tracing: from a picture's pixels to smooth outlines with true corners."""

from vitrograph.core.artwork.tracing.curves import Curve, fit_rings
from vitrograph.core.artwork.tracing.levels import level_field, otsu
from vitrograph.core.artwork.tracing.trace import Traced, trace

__all__ = ["Curve", "Traced", "fit_rings", "level_field", "otsu", "trace"]
