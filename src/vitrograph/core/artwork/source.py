"""What the maker brought, of any kind, as one clean two-tone shape of height 1 with its own size in mm.

A drawing's colours become tones, a picture is traced, and the mends are done, in that order, every time the source or
a choice changes.
"""

from collections.abc import Iterable
from functools import lru_cache

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork.inverted import looks_like_film, turned_round
from vitrograph.core.artwork.mend import mended
from vitrograph.core.artwork.opening import kind_of
from vitrograph.core.artwork.vector import VectorDrawing, read_svg
from vitrograph.core.artwork.vector.merging import merged
from vitrograph.core.artwork.vector.paint import guess_tones, two_tones
from vitrograph.core.artwork.vector.svg import PictureInside
from vitrograph.core.errors import ArtworkError, PictureError
from vitrograph.core.geometry import sound
from vitrograph.core.job import Drawing, ToneName
from vitrograph.core.language import tr


class Colour(Struct, frozen=True):
    """A colour of a drawing, how much of all that is painted it covers, and what it does."""

    hex: str
    share: float
    does: ToneName


class Source(Struct, frozen=True):
    """A brought drawing: its shape with height 1 and lower left corner at (0, 0), its width, and its own size in mm.

    `left_out` names what is not as drawn; `smallest` is the short side of the smallest part or hole, in mm at its own
    size; `before` is the shape without the mends, with height 1 as well; `corner` and `tall` are where that shape's
    lower left corner lies on its page (mm, y up from the page's upper left corner) and how high it is; `frame` is where
    the mended shape lies in that of `before`: its lower left corner and its height; `pictures` are the files of
    pictures within the drawing; `film` says that it looks like a stencil already, whose holes are the art; `merged` are
    the colours that disappear among others that frost as well. A traced picture has `mm_per_px` and the `threshold`
    that was used; `by_opacity` says that what is opaque in it was traced, and not what is dark.
    """

    shape: MultiPolygon
    width: float
    size_mm: tuple[float, float]
    left_out: tuple[str, ...]
    colours: tuple[Colour, ...]
    nodes: int
    pixel_nodes: int
    mm_per_px: float | None
    threshold: float | None
    smallest: float
    before: MultiPolygon
    corner: tuple[float, float]
    tall: float
    frame: tuple[float, float, float]
    pictures: tuple[bytes, ...]
    film: bool = False
    merged: tuple[str, ...] = ()
    by_opacity: bool = False


@lru_cache(maxsize=24)
def bring(drawing: Drawing, max_deviation: float) -> Source:
    """Read, trace and mend a drawing; outlines stray at most `max_deviation` of its height.

    Raises ArtworkError where it cannot be read or nothing is left of it.
    """
    if drawing.kind == "picture":
        return _traced(drawing, drawing.data, max_deviation, ())
    try:
        vector = _read(drawing, max_deviation)
    except PictureInside as inside:
        largest = largest_picture(inside.pictures)
        if largest is None:
            raise ArtworkError(tr("the drawing holds nothing but a picture of a kind that is not read")) from None
        return _traced(drawing, largest, max_deviation, (tr("nothing but a picture, which is traced"),))
    return _toned(drawing, vector)


def largest_picture(pictures: Iterable[bytes]) -> bytes | None:
    """The largest of the files of pictures within a drawing that can be traced; None where none can."""
    return max((content for content in pictures if kind_of(content) == "picture"), key=len, default=None)


def _read(drawing: Drawing, max_deviation: float) -> VectorDrawing:
    if drawing.kind == "svg":
        return read_svg(drawing.data, max_deviation)
    from vitrograph.core.artwork.vector.dxf import read_dxf  # seldom wanted: the window opens sooner without it

    return read_dxf(drawing.data, max_deviation)


def _toned(drawing: Drawing, vector: VectorDrawing) -> Source:
    chosen = {tone.colour: tone.does for tone in drawing.tones}
    tones = {colour: chosen.get(colour, guess) for colour, guess in guess_tones(vector.paints).items()}
    areas = dict.fromkeys(tones, 0.0)
    for paint in vector.paints:
        areas[paint.hex] += paint.area.area
    whole = sum(areas.values()) or 1.0
    colours = tuple(Colour(colour, areas[colour] / whole, does) for colour, does in tones.items())
    shape = two_tones(vector.paints, tones)
    if shape.is_empty:
        raise ArtworkError(tr("no colour of the drawing frosts: let at least one of them frost"))
    lost = merged(vector.paints, tones, shape)
    shape = lost.kept_apart(shape, drawing.between * (shape.bounds[3] - shape.bounds[1]))
    nodes = len(shapely.get_coordinates(shape))
    made = _finished(drawing, shape, vector.notes, colours, (nodes, 0), (None, None), vector.pictures)
    return replace(made, merged=() if drawing.between else lost.colours)


def _traced(drawing: Drawing, content: bytes, max_deviation: float, notes: tuple[str, ...]) -> Source:
    from vitrograph.core.artwork.tracing import trace  # as above

    try:
        found = trace(content, drawing.trace)
    except PictureError as error:
        raise ArtworkError(str(error).replace("the picture", drawing.name, 1)) from None
    high = found.size_px[1] * found.mm_per_px
    shape = found.shape(max_deviation * high / 4)             # the art may be much smaller than its picture
    if shape.is_empty:
        raise ArtworkError(tr("nothing is left of the picture: choose another threshold"))
    nodes = found.nodes or found.pixel_nodes, found.pixel_nodes
    made = _finished(drawing, shape, notes, (), nodes, (found.mm_per_px, found.threshold), ())
    return replace(made, by_opacity=found.by_opacity)


def _finished(
    drawing: Drawing, shape: MultiPolygon, notes: tuple[str, ...], colours: tuple[Colour, ...], nodes: tuple[int, int],
    traced: tuple[float | None, float | None], pictures: tuple[bytes, ...],
) -> Source:
    film = drawing.drawn == "guess" and looks_like_film(shape)
    before, corner, size = _upright(turned_round(shape) if drawing.drawn == "film" else shape)
    after = mended(before, drawing.mends)
    if after.is_empty:
        raise ArtworkError(tr("nothing is left of the drawing after mending: take the last mend back"))
    left, low, right, high = after.bounds
    tall = (high - low) or 1.0
    final = sound(shapely.transform(after, lambda xy: (xy - [left, low]) / tall))
    size_mm = (right - left) * size, (high - low) * size
    return Source(final, (right - left) / tall, size_mm, notes, colours, nodes[0], nodes[1], *traced,
                  smallest_side(final) * tall * size, before, corner, size, (left, low, tall), pictures, film)


def _upright(shape: MultiPolygon) -> tuple[MultiPolygon, tuple[float, float], float]:
    """A shape scaled to height 1 with its corner at (0, 0), and that corner and its height before."""
    left, low, right, high = shape.bounds
    size = high - low or right - left or 1.0
    return sound(shapely.transform(shape, lambda xy: (xy - [left, low]) / size)), (left, low), size


def smallest_side(shape: MultiPolygon) -> float:
    """The short side of the box about the smallest part or hole."""
    rings = shapely.get_rings(shapely.get_parts(shape))
    bounds = shapely.bounds(rings)
    return float(np.minimum(bounds[:, 2] - bounds[:, 0], bounds[:, 3] - bounds[:, 1]).min())
