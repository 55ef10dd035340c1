"""Sturdiness: the thinnest stroke of words in a face, which is what lifts in the cream and is hard to see."""

from functools import lru_cache
from math import inf

import numpy as np
import shapely
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork.words.faces import Face, face_of
from vitrograph.core.artwork.words.lettering import glyph_shape, ink_of, line_sizes, shape_line
from vitrograph.core.artwork.words.runs import plain_line
from vitrograph.core.job import Words
from vitrograph.core.widths import strokes_of

CAP_MM = 20.0                      # letters are measured with capitals so high
_SPACING_MM = 0.25
_SHARE = 0.03                      # of the strokes' length, that may be thinner: joins and the ends of curves
_FINE = 2.0**-11                   # ems
_MOST_LETTERS = 60                 # different ones that are measured


@lru_cache(maxsize=512)
def thinnest_stroke(words: Words, stretch: float = 1.0) -> float | None:
    """Width of the thinnest strokes of the words' letters, as a share of the first line's capitals' height.

    All but 3 % of the strokes' length is wider; `stretch` is how much wider the letters are made than the face has
    them. None where there is no stroke to measure. Raises ArtworkError.
    """
    found = strokes_of(letters_in_a_row(words, stretch), _SPACING_MM).exceeded_by_all_but(_SHARE)
    return None if found is None else found[0] / CAP_MM


def letters_in_a_row(words: Words, stretch: float = 1.0) -> MultiPolygon:
    """The different letters of some words beside each other, well apart, the first line's capitals 20 mm high.

    A letter of several lines is as small as the smallest of them has it.
    """
    face = face_of(words)
    scale, pen, made = CAP_MM / face.cap_height, 0.0, []
    for glyph, size in _different_glyphs(face, words)[:_MOST_LETTERS]:
        both = np.array([stretch, 1.0]) * scale * size
        letter = shapely.transform(glyph, lambda xy, both=both: xy * both)
        left, _, right, _ = letter.bounds
        made += list(shapely.get_parts(shapely.transform(letter, lambda xy, by=pen - left: xy + [by, 0.0])))
        pen += right - left + CAP_MM / 2
    return MultiPolygon(made)


def _different_glyphs(face: Face, words: Words) -> list[tuple[MultiPolygon, float]]:
    """Each letter's outline once, in ems, and its size against the first line's."""
    texts = [plain_line(text)[0] for text in words.text.splitlines()]
    sizes = line_sizes(words, [ink_of(face, text, words.letter_spacing, _FINE) for text in texts])
    smallest: dict[tuple[int, int], float] = {}
    for text, size in zip(texts, sizes, strict=True):
        for glyph in shape_line(face, text, words.letter_spacing).glyphs:
            known = smallest.get((glyph.font, glyph.number), inf)
            smallest[glyph.font, glyph.number] = min(known, size / sizes[0])
    shapes = [(glyph_shape(face, font, number, _FINE), size) for (font, number), size in smallest.items()]
    return [(shape, size) for shape, size in shapes if not shape.is_empty]
