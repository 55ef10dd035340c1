"""Words: the shipped faces, and text set in them."""

from vitrograph.core.artwork.words.faces import FaceInfo, face_named, faces, fonts_of
from vitrograph.core.artwork.words.lettering import Lettering, glyph_shape, set_text, shape_line

__all__ = ["FaceInfo", "Lettering", "face_named", "faces", "fonts_of", "glyph_shape", "set_text", "shape_line"]
