"""Sturdiness: the thinnest stroke of words in a face, which is what lifts in the cream and is hard to see."""

from functools import lru_cache

import shapely
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork.words.faces import Face, face_of
from vitrograph.core.artwork.words.lettering import glyph_shape, shape_line
from vitrograph.core.artwork.words.runs import plain_line
from vitrograph.core.job import Words
from vitrograph.core.widths import strokes_of

CAP_MM = 20.0                      # letters are measured with capitals so high
_SPACING_MM = 0.25
_SHARE = 0.03                      # of the strokes' length, that may be thinner: joins and the ends of curves
_FINE = 2.0**-11                   # ems
_MOST_LETTERS = 60                 # different ones that are measured


@lru_cache(maxsize=512)
def thinnest_stroke(words: Words) -> float | None:
    """Width of the thinnest strokes of the words' letters, as a share of the capitals' height.

    All but 3 % of the strokes' length is wider. None where there is no stroke to measure. Raises ArtworkError.
    """
    found = strokes_of(letters_in_a_row(words), _SPACING_MM).exceeded_by_all_but(_SHARE)
    return None if found is None else found[0] / CAP_MM


def letters_in_a_row(words: Words) -> MultiPolygon:
    """The different letters of some words beside each other, well apart, with capitals 20 mm high."""
    face = face_of(words)
    scale, pen, made = CAP_MM / face.cap_height, 0.0, []
    for glyph in _different_glyphs(face, words)[:_MOST_LETTERS]:
        letter = shapely.transform(glyph, lambda xy: xy * scale)
        left, _, right, _ = letter.bounds
        made += list(shapely.get_parts(shapely.transform(letter, lambda xy, by=pen - left: xy + [by, 0.0])))
        pen += right - left + CAP_MM / 2
    return MultiPolygon(made)


def _different_glyphs(face: Face, words: Words) -> list[MultiPolygon]:
    lines = [shape_line(face, plain_line(text)[0], words.letter_spacing) for text in words.text.splitlines()]
    glyphs = dict.fromkeys((glyph.font, glyph.number) for line in lines for glyph in line.glyphs)
    shapes = [glyph_shape(face, font, number, _FINE) for font, number in glyphs]
    return [shape for shape in shapes if not shape.is_empty]
