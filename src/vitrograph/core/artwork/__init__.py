"""Artwork: words, drawings and pictures become one clean two-tone shape."""

from vitrograph.core.artwork.compose import DRAWING, Art, Mark, compose
from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.mend import mended
from vitrograph.core.artwork.provenance import provenance
from vitrograph.core.artwork.source import Colour, Source, bring
from vitrograph.core.artwork.words import FaceInfo, face_named, faces, set_text, shape_line

__all__ = [
    "DRAWING", "Art", "Colour", "FaceInfo", "Mark", "Source", "bring", "compose",
    "face_named", "faces", "fill_outlines", "mended", "provenance", "set_text", "shape_line",
]
