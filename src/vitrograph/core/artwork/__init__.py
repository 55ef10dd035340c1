"""Artwork: words, drawings, pictures, shapes and monograms become one clean two-tone shape."""

from vitrograph.core.artwork.composing.arrange import in_capitals, sized, stacked
from vitrograph.core.artwork.composing.compose import Art, compose, place
from vitrograph.core.artwork.composing.found import gone_nowhere, label_of
from vitrograph.core.artwork.composing.local import DRAWING
from vitrograph.core.artwork.composing.monogram import monogram_items
from vitrograph.core.artwork.composing.place import Mark, Placed
from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.mend import mended
from vitrograph.core.artwork.provenance import provenance
from vitrograph.core.artwork.source import Colour, Source, bring
from vitrograph.core.artwork.words import Face, face_named, faces, set_words, shape_line
from vitrograph.core.artwork.words.runs import missing_in

__all__ = [
    "DRAWING", "Art", "Colour", "Face", "Mark", "Placed", "Source", "bring", "compose", "face_named", "faces",
    "fill_outlines", "gone_nowhere", "in_capitals", "label_of", "mended", "missing_in", "monogram_items", "place",
    "provenance", "set_words", "shape_line", "sized", "stacked",
]
