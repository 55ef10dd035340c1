"""Vector drawings, SVG, DXF and PDF pages, as paints in the order painted. `dxf` and `pdf` are read where used."""

from vitrograph.core.artwork.vector.paint import Paint
from vitrograph.core.artwork.vector.svg import VectorDrawing, read_svg

__all__ = ["Paint", "VectorDrawing", "read_svg"]
