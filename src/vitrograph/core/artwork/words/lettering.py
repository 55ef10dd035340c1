"""Lettering: text shaped by HarfBuzz, set in lines, as polygons in ems (y up, first baseline at 0)."""

from collections.abc import Iterator
from dataclasses import dataclass
from functools import lru_cache
from itertools import groupby, pairwise

import numpy as np
import shapely
import uharfbuzz as hb
from shapely.affinity import affine_transform
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.words.faces import FaceInfo, face_named, fonts_of
from vitrograph.core.geometry import Points, flatten_bezier
from vitrograph.core.job import Artwork


@dataclass(frozen=True, slots=True)
class Glyph:
    """One placed glyph: which font of the face, glyph number, origin in ems, and the letters it stands for."""

    font: int
    number: int
    x: float
    y: float
    letters: str


@dataclass(frozen=True, slots=True)
class Line:
    """One set line: its glyphs from x = 0, and its advance width, in ems."""

    glyphs: tuple[Glyph, ...]
    width: float
    missing: str


@dataclass(frozen=True, slots=True)
class Lettering:
    """Set text: a shape for each inked glyph, the letters each stands for, and letters the face has not."""

    shapes: tuple[MultiPolygon, ...]
    letters: tuple[str, ...]
    missing: str


def set_text(art: Artwork, max_deviation: float) -> Lettering:
    """Set all lines of the job's text; outlines stray at most `max_deviation` ems. Raises ArtworkError: no face."""
    face = face_named(art.face)
    lines = [shape_line(face, text, art.letter_spacing) for text in art.text.splitlines()]
    widest = max((line.width for line in lines), default=0.0)
    share = {"left": 0.0, "centre": 0.5, "right": 1.0}[art.align]
    shapes, letters = [], []
    for row, line in enumerate(lines):
        start = (widest - line.width) * share
        for glyph in line.glyphs:
            outline = glyph_shape(face, glyph.font, glyph.number, max_deviation)
            if not outline.is_empty:
                shift = [1, 0, 0, 1, start + glyph.x, glyph.y - row * art.line_spacing]
                shapes.append(affine_transform(outline, shift))
                letters.append(glyph.letters)
    return Lettering(tuple(shapes), tuple(letters), "".join(dict.fromkeys("".join(ln.missing for ln in lines))))


@lru_cache(maxsize=512)
def shape_line(face: FaceInfo, text: str, spacing: float = 0.0) -> Line:
    """Shape one line with kerning and ligatures, filling letters the main file lacks from the face's others."""
    glyphs: list[Glyph] = []
    pen = 0.0
    for font, run in _runs(face, text):
        for glyph, advance in _shape_run(face, font, run, spacing > 0):
            glyphs.append(Glyph(font, glyph.number, pen + glyph.x, glyph.y, glyph.letters))
            pen += advance + spacing
    width = pen - spacing if glyphs else 0.0
    return Line(tuple(glyphs), width, "".join(c for c in text if _font_with(face, c) is None and c.isprintable()))


def _runs(face: FaceInfo, text: str) -> Iterator[tuple[int, str]]:
    """Split text where the file that has its letters changes; what no file has is left out and named elsewhere."""
    known = [(font, char) for char in text if (font := _font_with(face, char)) is not None]
    for font, run in groupby(known, key=lambda pair: pair[0]):
        yield font, "".join(char for _, char in run)


@lru_cache(maxsize=4096)
def _font_with(face: FaceInfo, char: str) -> int | None:
    for index, font in enumerate(fonts_of(face)):
        if font.get_nominal_glyph(ord(char)):
            return index
    return None


def _shape_run(face: FaceInfo, index: int, text: str, spaced: bool) -> Iterator[tuple[Glyph, float]]:
    font = fonts_of(face)[index]
    em = font.face.upem
    buffer = hb.Buffer()
    buffer.add_str(text)
    buffer.guess_segment_properties()
    # with letters set apart on purpose, a ligature would close the gap again
    hb.shape(font, buffer, {"liga": not spaced, "clig": not spaced})
    starts = sorted({info.cluster for info in buffer.glyph_infos}) + [len(text)]
    after = dict(pairwise(starts))
    for info, place in zip(buffer.glyph_infos, buffer.glyph_positions, strict=True):
        letters = text[info.cluster:after[info.cluster]]
        yield Glyph(index, info.codepoint, place.x_offset / em, place.y_offset / em, letters), place.x_advance / em


@lru_cache(maxsize=4096)
def glyph_shape(face: FaceInfo, font: int, number: int, max_deviation: float) -> MultiPolygon:
    """One glyph as polygons in ems: its outlines filled by the non-zero rule, as fonts define it."""
    pen = _Outlines(max_deviation * fonts_of(face)[font].face.upem)
    fonts_of(face)[font].draw_glyph(number, _draw_functions(), pen)
    shape = fill_outlines(pen.closed(), "nonzero")
    em = fonts_of(face)[font].face.upem
    return shapely.transform(shape, lambda xy: xy / em)


class _Outlines:
    """Collects a glyph's contours as flattened polylines, in font units."""

    def __init__(self, max_deviation: float) -> None:
        self.max_deviation = max_deviation
        self.contours: list[list[Points]] = []

    def move(self, x: float, y: float) -> None:
        self.contours.append([np.array([[x, y]])])

    def to(self, *control: tuple[float, float]) -> None:
        contour = self.contours[-1]
        if len(control) == 1:
            contour.append(np.array(control, dtype=float))
        else:
            contour.append(flatten_bezier(np.array([contour[-1][-1], *control]), self.max_deviation))

    def closed(self) -> list[Points]:
        return [np.concatenate(contour) for contour in self.contours]


@lru_cache(maxsize=1)
def _draw_functions() -> hb.DrawFuncs:
    functions = hb.DrawFuncs()
    functions.set_move_to_func(lambda x, y, pen: pen.move(x, y))
    functions.set_line_to_func(lambda x, y, pen: pen.to((x, y)))
    functions.set_quadratic_to_func(lambda a, b, x, y, pen: pen.to((a, b), (x, y)))
    functions.set_cubic_to_func(lambda a, b, c, d, x, y, pen: pen.to((a, b), (c, d), (x, y)))
    functions.set_close_path_func(lambda pen: None)
    return functions
