"""Words: the faces, fonts the maker brings, and text set in them."""

from vitrograph.core.artwork.words.faces import Face, face_named, face_of, faces, licence_text, shipped_face
from vitrograph.core.artwork.words.lettering import MOST_LETTERS, Lettering, glyph_shape, set_words, shape_line

__all__ = ["MOST_LETTERS", "Face", "Lettering", "face_named", "face_of", "faces", "glyph_shape", "licence_text",
           "set_words", "shape_line", "shipped_face"]
