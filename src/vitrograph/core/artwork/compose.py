"""Composing: lettering and a drawing joined to one two-tone shape, in ems, centred on (0, 0)."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.affinity import affine_transform, translate
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.source import Source, bring, largest_picture
from vitrograph.core.artwork.words import Lettering, set_text
from vitrograph.core.errors import ArtworkError, NothingYet
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.geometry import as_polygons
from vitrograph.core.job import Artwork, Drawing

DRAWING = "drawing"                # the name of the marks that are not letters


@dataclass(frozen=True, slots=True)
class Mark:
    """A name for a spot of the art, so that a piece of film can be called by its letter."""

    name: str
    x: float
    y: float


@dataclass(frozen=True)
class Art:
    """The art as one shape in its own units, centred; how far outlines may stray; names; what was found.

    `source` is the drawing as it was brought; `drawing_at` is where the frame that mends are told in lies: the place of
    its (0, 0) and the length of its unit.
    """

    shape: MultiPolygon
    max_deviation: float
    marks: tuple[Mark, ...]
    findings: tuple[Finding, ...]
    source: Source | None = None
    drawing_at: tuple[float, float, float] | None = None

    @property
    def size(self) -> tuple[float, float]:
        """Width and height of the shape's box."""
        left, low, right, high = self.shape.bounds
        return right - left, high - low


def compose(artwork: Artwork, max_deviation: float) -> Art:
    """Join the job's lettering and drawing; outlines stray at most `max_deviation` ems.

    Raises NothingYet where there is neither, ArtworkError where one of them cannot be read.
    """
    lettering = set_text(artwork, max_deviation)
    words = _joined(lettering.shapes)
    marks = [Mark(name, *_spot(shape)) for name, shape in zip(lettering.letters, lettering.shapes, strict=True)]
    findings = list(_missing_letters(lettering, artwork.face))
    picture: BaseGeometry = MultiPolygon()
    drawn: Source | None = None
    if artwork.drawing is not None:
        drawn = bring(artwork.drawing, max_deviation / artwork.drawing_size)
        picture = _beside(drawn, words, artwork)
        marks += [Mark(DRAWING, *_spot(part)) for part in shapely.get_parts(picture)]
        findings += _left_out(drawn, artwork.drawing)
    if words.is_empty and picture.is_empty and findings:
        raise ArtworkError(f"{findings[0].says}: choose another face")
    if words.is_empty and picture.is_empty:
        raise NothingYet("type some words, or open a drawing")
    shape = words if picture.is_empty else _joined((words, picture))
    left, low, right, high = shape.bounds
    dx, dy = -(left + right) / 2, -(low + high) / 2
    moved = tuple(Mark(mark.name, mark.x + dx, mark.y + dy) for mark in marks)
    at = None if drawn is None else _mend_place(drawn, picture, artwork.drawing_size, (dx, dy))
    return Art(as_polygons(translate(shape, dx, dy)), max_deviation, moved, tuple(findings), drawn, at)


def _joined(shapes: Sequence[BaseGeometry]) -> BaseGeometry:
    """All shapes as one. Only those that meet go through the kernel's union; most letters stand by themselves."""
    made = np.array(shapes, dtype=object)
    one, other = shapely.STRtree(made).query(made, predicate="intersects")
    meeting = np.zeros(len(made), dtype=bool)
    meeting[one[one != other]] = True
    alone = shapely.get_parts(made[~meeting]) if len(made) else made
    return MultiPolygon([*alone, *shapely.get_parts(shapely.union_all(made[meeting]))])


def _beside(drawn: Source, words: BaseGeometry, artwork: Artwork) -> BaseGeometry:
    """Scale the drawing and set it beside the words, centred on them."""
    size, gap, place = artwork.drawing_size, artwork.gap, artwork.drawing_place
    width, height = drawn.width * size, size
    left, low, right, high = (0.0, 0.0, 0.0, 0.0) if words.is_empty else words.bounds
    x = {"left": left - gap - width, "right": right + gap}.get(place, (left + right - width) / 2)
    y = {"above": high + gap, "below": low - gap - height}.get(place, (low + high - height) / 2)
    return affine_transform(drawn.shape, [size, 0, 0, size, x, y])


def _mend_place(
    drawn: Source, picture: BaseGeometry, size: float, shift: tuple[float, float]
) -> tuple[float, float, float]:
    left, low, tall = drawn.frame
    unit = size / tall
    return picture.bounds[0] + shift[0] - left * unit, picture.bounds[1] + shift[1] - low * unit, unit


def _spot(shape: BaseGeometry) -> NDArray[np.float64]:
    """A point that is surely on the shape's ink."""
    return np.asarray(shapely.get_coordinates(shapely.point_on_surface(shape))[0])


def _missing_letters(lettering: Lettering, face: str) -> list[Finding]:
    if not lettering.missing:
        return []
    return [Finding(Code.LETTERS, Level.STOP, f"{face} has no letter for {' '.join(lettering.missing)}",
                    "what a face lacks would be cut as an empty box, so it is left out: choose another face",
                    value=float(len(lettering.missing)), limit=0.0)]


def _left_out(drawn: Source, drawing: Drawing) -> list[Finding]:
    """What of a drawing is not cut as drawn; a picture within it can be traced instead."""
    found = []
    if drawn.left_out:
        found.append(Finding(
            Code.DRAWING, Level.WATCH, f"the drawing holds {', '.join(drawn.left_out)}, not cut as drawn",
            "compare the sheet with your drawing; turn these into plain filled shapes if they matter",
            value=float(len(drawn.left_out)), limit=0.0, remedy=_trace_inside(drawn, drawing)))
    cleared = [colour.hex for colour in drawn.colours if colour.does == "clear"]
    if cleared:
        found.append(Finding(
            Code.DRAWING, Level.NOTE, f"what is painted {', '.join(cleared[:4])} clears what lies below it",
            "a light colour is taken for bare glass: say otherwise in the list of colours"))
    return found


def _trace_inside(drawn: Source, drawing: Drawing) -> Remedy | None:
    largest = largest_picture(drawn.pictures)
    if largest is None:
        return None
    inside = Drawing(name=f"{drawing.name} (picture)"[:200], data=largest, kind="picture",
                     licence=drawing.licence)
    return Remedy.of("Trace the picture inside it", artwork__drawing=inside)
