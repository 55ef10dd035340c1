"""What each kind of item looks like by itself, before it is placed."""

from functools import lru_cache

import numpy as np
import shapely
from numpy.typing import NDArray

from vitrograph.core.artwork.composing.place import Local, Mark, box_of, joined
from vitrograph.core.artwork.composing.shapes import shape_area
from vitrograph.core.artwork.source import bring
from vitrograph.core.artwork.words import face_of, set_words, shape_line
from vitrograph.core.artwork.words.lettering import MOST_LETTERS
from vitrograph.core.artwork.words.runs import plain_line
from vitrograph.core.job import Drawing, Shape, Words

DRAWING = "drawing"                # the name of the marks that are not letters


@lru_cache(maxsize=128)
def local_words(words: Words, max_deviation: float) -> Local:
    """Lettering in ems, its overlaps joined. Raises ArtworkError."""
    lettering = set_words(words, max_deviation)
    shape = joined(lettering.shapes)
    parts, whose = shapely.get_parts(lettering.shapes, return_index=True)      # the dot of an i is pulled by itself
    marks = tuple(Mark(lettering.letters[at], x, y) for at, (x, y) in zip(whose.tolist(), spots_on(parts).tolist(),
                                                                          strict=True))
    return Local(shape, box_of(shape), lettering.cap_height, marks, lettering.missing, lettering.dropped,
                 lettering.turn, foot=lettering.foot)


def rough_width(words: Words) -> float | None:
    """About how wide straight lettering is in ems, without drawing it; None where that is not known."""
    if words.bend or words.align == "even" or words.line_sizes or len(words.text) > MOST_LETTERS:
        return None
    face = face_of(words)
    lines = [plain_line(text)[0] for text in words.text.splitlines()]
    return max((shape_line(face, line, words.letter_spacing).width for line in lines), default=0.0) or None


@lru_cache(maxsize=64)
def local_drawing(drawing: Drawing, max_deviation: float) -> Local:
    """A brought drawing with height 1. Raises ArtworkError."""
    source = bring(drawing, max_deviation)
    middle = np.array([source.width / 2, 0.5])
    shape = shapely.transform(source.shape, lambda xy: xy - middle)
    marks = tuple(Mark(DRAWING, x, y) for x, y in spots_on(shapely.get_parts(shape)).tolist())
    return Local(shape, (-source.width / 2, -0.5, source.width / 2, 0.5), None, marks, source=source)


@lru_cache(maxsize=256)
def local_shape(shape: Shape, width: float, height: float, max_deviation: float) -> Local:
    """A plain shape or frame at its size in mm."""
    made = shape_area(shape, width, height, max_deviation)
    marks = tuple(Mark(shape.outline, x, y) for x, y in spots_on(shapely.get_parts(made)).tolist())
    return Local(made, (-width / 2, -height / 2, width / 2, height / 2), None, marks)


def spots_on(shapes: NDArray[np.object_]) -> NDArray[np.float64]:
    """(n, 2) points that are surely on the ink of n shapes."""
    return np.asarray(shapely.get_coordinates(shapely.point_on_surface(shapes)))
