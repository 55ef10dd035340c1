"""SVG drawings as paints on a page in mm (y up), in painting order; what cannot be shown as drawn is named."""

from collections.abc import Iterator
from functools import lru_cache

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.context import Context
from vitrograph.core.artwork.vector.limits import refuse_beyond
from vitrograph.core.artwork.vector.paint import Paint, Rgb
from vitrograph.core.artwork.vector.regions import everything, page
from vitrograph.core.artwork.vector.tree import Node, parse_tree
from vitrograph.core.artwork.vector.units import MM_PER_PX, carried, length_px, numbers_of, stretch
from vitrograph.core.artwork.vector.walk import Walker
from vitrograph.core.errors import ArtworkError
from vitrograph.core.language import tr

_FINER = 3


class VectorDrawing(Struct, frozen=True):
    """A drawing's paints on its page in mm, what was not shown as drawn, and the pictures it carries."""

    paints: tuple[Paint, ...]
    notes: tuple[str, ...]
    pictures: tuple[bytes, ...] = ()


@lru_cache(maxsize=4)
def read_svg(content: bytes, max_deviation: float) -> VectorDrawing:
    """Read a drawing whose outlines stray at most `max_deviation` of its own height from the drawn curves.

    Raises ArtworkError where the content is no drawing or nothing in it is painted.
    """
    root = parse_tree(content)
    rough = _Measurer(root, 1.0)
    sheet = _page_of(root)
    high = _height(_on(sheet, list(rough.paints())))
    for _ in range(_FINER):
        reader = Walker(root, (high or 1.0) * max_deviation, rough.outlines)
        whole = list(reader.paints())
        found = _on(sheet, whole)
        seen = _height(found)
        if seen >= 0.5 * high:
            break
        high = seen                                           # much was clipped away: what is left needs finer steps
    if not found and rough.pictures:
        raise PictureInside(tuple(rough.pictures))
    if not found:
        raise ArtworkError(tr("nothing in the drawing is painted: fill its shapes with black and save it again"))
    to_mm = np.array([MM_PER_PX, -MM_PER_PX])
    paints = tuple(Paint(shapely.transform(area, lambda xy: xy * to_mm), rgb) for area, rgb in found)
    beyond = (tr("parts that lie off the page, left out"),) if len(found) < len(whole) else ()
    return VectorDrawing(paints, (*reader.notes, *beyond), tuple(reader.pictures))


def _page_of(root: Node) -> BaseGeometry:
    """The drawing's page in px; everything, where it has none of its own."""
    wide, high, to_page = page(root)
    box = numbers_of(root.attrib.get("viewBox"))
    sides = [root.attrib.get(name, "%") for name in ("width", "height")]
    if len(box) != 4 and any(side.strip().endswith("%") for side in sides):
        return everything()
    left, low = box[:2] if len(box) == 4 else (0.0, 0.0)
    return shapely.transform(shapely.box(left, low, left + wide, low + high), lambda xy: carried(xy, to_page))


def _on(sheet: BaseGeometry, paints: list[tuple[BaseGeometry, Rgb]]) -> list[tuple[BaseGeometry, Rgb]]:
    """The paints that touch the page; all, where none does."""
    touching = shapely.intersects(sheet, np.array([area.envelope for area, _ in paints], dtype=object))
    return [paint for paint, kept in zip(paints, touching, strict=True) if kept] or paints


class PictureInside(ArtworkError):
    """A drawing that holds nothing but pictures; `pictures` are their files."""

    def __init__(self, pictures: tuple[bytes, ...]) -> None:
        super().__init__(tr("the drawing holds nothing but a picture: it is traced instead"))
        self.pictures = pictures


def _height(paints: list[tuple[BaseGeometry, Rgb]]) -> float:
    bounds = shapely.bounds([area for area, _ in paints]) if paints else np.zeros((0, 4))
    bounds = bounds[np.isfinite(bounds).all(axis=1)]
    if not len(bounds):
        return 0.0
    refuse_beyond(bounds)
    (left, low), (right, high) = bounds[:, :2].min(axis=0), bounds[:, 2:].max(axis=0)
    return float(high - low) or float(right - left)


class _Measurer(Walker):
    """A quick walk that only learns how large a drawing is: boxes of control points, nothing clipped."""

    def _clip_region(self, clip: Node, node: Node, context: Context) -> BaseGeometry:
        return everything()

    def _mask_region(self, mask: Node, node: Node, context: Context) -> BaseGeometry:
        return everything()

    def _shape(self, node: Node, context: Context) -> Iterator[tuple[BaseGeometry, Rgb]]:
        pieces = [pieces for pieces, _, _ in self._segments(node, context)]
        stroke = context.style.get("stroke", "none") != "none"
        if pieces and (stroke or context.style.get("fill", "black") != "none"):
            points = carried(np.concatenate(pieces).reshape(-1, 2), context.to_page)
            wide = length_px(context.style.get("stroke-width"), 1.0) if stroke else 0.0
            grows = stretch(context.to_page)
            low, high = points.min(axis=0) - wide / 2 * grows, points.max(axis=0) + wide / 2 * grows
            if np.isfinite([*low, *high]).all():
                yield shapely.box(*low, *high), (0, 0, 0)
