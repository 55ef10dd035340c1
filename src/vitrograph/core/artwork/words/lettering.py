"""Lettering: words shaped by HarfBuzz and set in lines, straight or on an arc, as polygons in ems.

y runs up. (0, 0) is the words' anchor: the middle of the ink across and, upright, half-way between the top of the first
line's capitals and the last line's foot; on an arc, half-way up the first line's capitals at the arc's middle.
"""

from collections.abc import Iterator
from functools import lru_cache
from itertools import pairwise

import numpy as np
import shapely
import uharfbuzz as hb
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.words.faces import Face, face_of
from vitrograph.core.artwork.words.runs import Run, is_unseen, missing_in, plain_line, runs_of
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points, flatten_bezier
from vitrograph.core.job import Words
from vitrograph.core.language import tr

MOST_LETTERS = 2000                # set in one piece: more than any glass can carry
_LEAST_RADIUS = 0.05               # ems: a line nearer to its arc's middle has no room to turn

Geometries = NDArray[np.object_]


class Glyph(Struct, frozen=True):
    """One placed glyph: which font of the face, glyph number, origin, the letters it stands for, and their middle."""

    font: int
    number: int
    x: float
    y: float
    letters: str
    middle: float


class Line(Struct, frozen=True):
    """One set line: its glyphs from x = 0, its advance width in ems, and what its face has not."""

    glyphs: tuple[Glyph, ...]
    width: float
    missing: str


class Inked(Struct, frozen=True):
    """The inked glyphs of a line: their shapes on the baseline, the middles they turn about on an arc, their letters.

    `blank` are letters that a font names but has no outline for, such as those drawn in colour only.
    """

    shapes: Geometries
    middles: NDArray[np.float64]
    letters: tuple[str, ...]
    blank: str

    @property
    def ends(self) -> tuple[float, float]:
        """Where the ink begins and ends; (0, 0) where there is none."""
        if not len(self.shapes):
            return 0.0, 0.0
        left, _, right, _ = shapely.total_bounds(self.shapes)
        return float(left), float(right)


class Lettering(Struct, frozen=True):
    """Set words: a shape for each inked glyph, the letters each stands for, the capitals' height of the first line.

    `missing` are letters the face has not or has no outline for, `dropped` how many control characters were left out,
    `turn` the widest angle a line takes on its arc.
    """

    shapes: Geometries
    letters: tuple[str, ...]
    cap_height: float
    missing: str
    dropped: int
    turn: float
    foot: float | None


@lru_cache(maxsize=128)
def set_words(words: Words, max_deviation: float) -> Lettering:
    """Set all lines; outlines stray at most `max_deviation` ems.

    Raises ArtworkError: no such face, more letters than are set, an arc with no room for its lines.
    """
    if len(words.text) > MOST_LETTERS:
        raise ArtworkError(tr("these words have {text} letters and {most} are the most that are set in one "
                              "piece: part them into several pieces", text=len(words.text), most=MOST_LETTERS))
    face = face_of(words)
    read = [plain_line(text) for text in words.text.splitlines()]
    lines = [ink_of(face, text, words.letter_spacing, max_deviation) for text, _ in read]
    cap, sizes = face.cap_height, line_sizes(words, lines)
    feet = _feet(words, sizes, cap)
    shapes, turn = _arranged(words, lines, sizes, feet, cap)
    missing = dict.fromkeys("".join(
        [shape_line(face, text, words.letter_spacing).missing for text, _ in read] + [line.blank for line in lines]))
    letters = tuple(name for line in lines for name in line.letters)
    dropped = sum(gone for _, gone in read)
    # the anchor is midway between the first line's capitals' tops and the last line's foot
    foot = (feet[-1] - cap * sizes[0]) / 2 if sizes and not words.bend else None
    return Lettering(shapes, letters, cap * (sizes[0] if sizes else 1.0), "".join(missing), dropped, turn, foot)


def line_sizes(words: Words, lines: list[Inked]) -> list[float]:
    """Each line's size against an em, as it was given or evened out."""
    given = dict(enumerate(words.line_sizes))
    sizes = [given.get(row, 1.0) for row in range(len(lines))]
    if words.align != "even":
        return sizes
    wide = [line.ends[1] - line.ends[0] for line in lines]
    widest = max((size * width for size, width in zip(sizes, wide, strict=True)), default=0.0)
    return [widest / width if width > 0 else size for size, width in zip(sizes, wide, strict=True)]


def _feet(words: Words, sizes: list[float], cap: float) -> list[float]:
    """The baselines' heights, the first at 0: the clear space between lines follows the sizes of both."""
    feet = [0.0] if sizes else []
    for above, below in pairwise(sizes):
        feet.append(feet[-1] - cap * below - (words.line_spacing - cap) * (above + below) / 2)
    return feet


def _arranged(
    words: Words, lines: list[Inked], sizes: list[float], feet: list[float], cap: float
) -> tuple[Geometries, float]:
    """The glyphs of all lines where they belong about the anchor, and the widest angle a line takes on the arc."""
    ends = [tuple(size * end for end in line.ends) for line, size in zip(lines, sizes, strict=True)]
    widest = max((right - left for left, right in ends), default=0.0)
    share = {"left": 0.0, "right": 1.0}.get(words.align, 0.5)
    made: list[Geometries] = [np.empty(0, dtype=object)]
    first, last = (cap * sizes[0], feet[-1]) if sizes else (0.0, 0.0)
    lower = first / 2 if words.bend else (first + last) / 2
    turn = 0.0
    for line, size, foot, (left, right) in zip(lines, sizes, feet, ends, strict=True):
        start = (widest - (right - left)) * share - left - widest / 2
        if words.bend:
            radius = abs(words.bend) + (foot if words.bend > 0 else -foot)
            if radius < _LEAST_RADIUS:
                raise ArtworkError(tr("the arc is too tight for these lines: give it a larger radius"))
            turn = max(turn, (right - left) / radius)
            made.append(_on_arc(line, size, start, foot, words.bend, lower))
        else:
            made.append(shapely.transform(line.shapes, lambda xy, by=size, to=(start, foot - lower): xy * by + to))
    return np.concatenate(made), turn


def _on_arc(line: Inked, size: float, start: float, foot: float, bend: float, lower: float) -> Geometries:
    """The glyphs of a line, each turned whole about the middle of its letters, on an arc with its middle at x = 0."""
    over = 1.0 if bend > 0 else -1.0                          # an arch has its centre below, a bowl above
    radius = abs(bend) + over * foot
    points, which = shapely.get_coordinates(line.shapes, return_index=True)
    middles = line.middles * size
    angles = ((middles + start) / radius)[which]
    across, up = points[:, 0] * size - middles[which], over * points[:, 1] * size + radius
    placed = np.column_stack([across * np.cos(angles) + up * np.sin(angles),
                              over * (up * np.cos(angles) - across * np.sin(angles)) - bend - lower])
    return np.asarray(shapely.set_coordinates(line.shapes.copy(), placed))


@lru_cache(maxsize=512)
def ink_of(face: Face, text: str, spacing: float, max_deviation: float) -> Inked:
    """The inked glyphs of one line on its baseline, in ems."""
    glyphs = shape_line(face, text, spacing).glyphs
    outlines = np.empty(len(glyphs), dtype=object)
    outlines[:] = [glyph_shape(face, glyph.font, glyph.number, max_deviation) for glyph in glyphs]
    inked = ~shapely.is_empty(outlines)
    drawn = [glyph for glyph, has_ink in zip(glyphs, inked, strict=True) if has_ink]
    letters = tuple(glyph.letters for glyph in drawn)
    points, which = shapely.get_coordinates(outlines[inked], return_index=True)
    origins = np.array([[glyph.x, glyph.y] for glyph in drawn]).reshape(-1, 2)
    blank = [glyph.letters for glyph in glyphs if glyph.letters not in letters]
    return Inked(shapely.set_coordinates(outlines[inked], points + origins[which]),
                 np.array([glyph.middle for glyph in drawn]), letters,
                 "".join(letter for letter in blank if letter.strip() and letter.isprintable()))


@lru_cache(maxsize=512)
def shape_line(face: Face, text: str, spacing: float = 0.0) -> Line:
    """Shape one line with kerning and ligatures, filling letters the first font lacks from the face's others."""
    glyphs: list[Glyph] = []
    pen = 0.0
    for run in runs_of(face, text):
        for cluster in _clusters(face, run, spaced=spacing > 0):
            advance = sum(step for _, step in cluster)
            begun = pen
            for glyph, step in cluster:
                glyphs.append(Glyph(run.font, glyph.number, pen + glyph.x, glyph.y, glyph.letters, begun + advance / 2))
                pen += step
            pen += spacing if advance else 0.0
    width = pen - spacing if glyphs else 0.0
    return Line(tuple(glyphs), width, missing_in(face, text))


def _clusters(face: Face, run: Run, *, spaced: bool) -> Iterator[list[tuple[Glyph, float]]]:
    """The glyphs of a run with their advances, those of one cluster (a letter and its marks) together."""
    font = face.fonts[run.font]
    em = font.face.upem
    buffer = hb.Buffer()
    buffer.add_str(run.text)
    buffer.guess_segment_properties()
    buffer.direction = "rtl" if run.right_to_left else "ltr"
    # with letters set apart on purpose, a ligature would close the gap again
    hb.shape(font, buffer, {"liga": not spaced, "clig": not spaced})
    starts = sorted({info.cluster for info in buffer.glyph_infos}) + [len(run.text)]
    after = dict(pairwise(starts))
    cluster: list[tuple[Glyph, float]] = []
    now = None
    for info, place in zip(buffer.glyph_infos, buffer.glyph_positions, strict=True):
        if cluster and info.cluster != now:
            yield cluster
            cluster = []
        now = info.cluster
        letters = "".join(char for char in run.text[now:after[now]] if not is_unseen(char))
        glyph = Glyph(run.font, info.codepoint, place.x_offset / em, place.y_offset / em, letters, 0.0)
        cluster.append((glyph, place.x_advance / em))
    if cluster:
        yield cluster


@lru_cache(maxsize=4096)
def glyph_shape(face: Face, font: int, number: int, max_deviation: float) -> MultiPolygon:
    """One glyph as polygons in ems: its outlines filled by the non-zero rule, as fonts define it."""
    em = face.fonts[font].face.upem
    pen = _Outlines(max_deviation * em)
    face.fonts[font].draw_glyph(number, _draw_functions(), pen)
    shape = fill_outlines(pen.closed(), "nonzero")
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


