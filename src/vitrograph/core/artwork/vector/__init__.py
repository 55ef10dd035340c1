"""Vector drawings, SVG and DXF, reduced to paints in the order painted."""

from vitrograph.core.artwork.vector.dxf import read_dxf
from vitrograph.core.artwork.vector.paint import Paint
from vitrograph.core.artwork.vector.svg import VectorDrawing, read_svg

__all__ = ["Paint", "VectorDrawing", "read_dxf", "read_svg"]
