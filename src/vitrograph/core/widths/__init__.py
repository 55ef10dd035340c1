"""Widths of a shape and of what lies between its parts, on the medial axis."""

from vitrograph.core.widths.axis import Axis, Strokes, axis_of, strokes_of
from vitrograph.core.widths.edges import Edges, edges_of, segments_apart
from vitrograph.core.widths.thin import Thin, thin_places

__all__ = ["Axis", "Edges", "Strokes", "Thin", "axis_of", "edges_of", "segments_apart", "strokes_of", "thin_places"]
