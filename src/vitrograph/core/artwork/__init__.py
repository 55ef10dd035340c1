"""Artwork: words and drawings become one clean two-tone shape."""

from vitrograph.core.artwork.compose import DRAWING, Art, Mark, compose
from vitrograph.core.artwork.drawing import draw
from vitrograph.core.artwork.faces import FaceInfo, face_named, faces
from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.lettering import set_text, shape_line

__all__ = ["DRAWING", "Art", "FaceInfo", "Mark", "compose", "draw", "face_named", "faces", "fill_outlines",
           "set_text", "shape_line"]
