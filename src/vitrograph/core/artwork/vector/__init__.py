"""Vector drawings, SVG and DXF, reduced to paints in the order painted. `dxf` is read where a DXF file is."""

from vitrograph.core.artwork.vector.paint import Paint
from vitrograph.core.artwork.vector.svg import VectorDrawing, read_svg

__all__ = ["Paint", "VectorDrawing", "read_svg"]
