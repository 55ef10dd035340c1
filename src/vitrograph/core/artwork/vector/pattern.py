"""Patterns: the paints of one tile, laid over all of an area (SVG 2, chapter 14)."""

from collections.abc import Callable, Iterator

import numpy as np
import shapely
from msgspec import Struct
from shapely import affinity
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.context import Context
from vitrograph.core.artwork.vector.paint import Rgb
from vitrograph.core.artwork.vector.tree import Node
from vitrograph.core.artwork.vector.units import (
    carried,
    length_px,
    matrix_of,
    moved,
    numbers_of,
    product,
    viewport_matrix,
)
from vitrograph.core.geometry import Points, union, within

_MOST_TILES, _MOST_POINTS = 4_000, 100_000
_SEAM_PX = 1e-4                    # by which tiles lap, so that what goes on from one to the next has no slit

Named = Callable[[str], Node | None]
Paints = Iterator[tuple[BaseGeometry, Rgb]]


class _Tile(Struct, frozen=True):
    """A pattern's tile: pattern space and its content's space to the page, its box in pattern space, what it holds."""

    to_page: Points
    content: Points
    box: tuple[float, float, float, float]
    children: list[Node]
    clipped: bool


def pattern_paints(
    area: BaseGeometry, node: Node, named: Named, part: Callable[[Node, Context], Paints], context: Context,
    box: tuple[float, ...], opacity: float,
) -> list[tuple[BaseGeometry, Rgb, float]] | None:
    """(area, colour, 1) of what a pattern paints of an area on the page, `box` being that of the part in user space.

    None where it has no tile, or more than some thousand of them. `part` walks what a tile holds.
    """
    tile = _tile_of(node, named, context, box)
    if tile is None or area.is_empty:
        return None if tile is None else []
    left, low, wide, high = tile.box
    back = np.linalg.inv(np.vstack([tile.to_page, [0, 0, 1]]))[:2]
    reach = shapely.transform(area.envelope, lambda xy: carried(xy, back)).bounds
    columns = range(int(np.floor((reach[0] - left) / wide)), int(np.ceil((reach[2] - left) / wide)))
    rows = range(int(np.floor((reach[1] - low) / high)), int(np.ceil((reach[3] - low) / high)))
    if len(columns) * len(rows) > _MOST_TILES:
        return None
    inner = Context(tile.content, {}, opacity, None, (wide, high), context.deep + 1)
    edge = shapely.transform(shapely.box(left, low, left + wide, low + high), lambda xy: carried(xy, tile.to_page))
    steps = [tile.to_page[:, :2] @ [column * wide, row * high] for row in rows for column in columns]
    paints = [paint for child in tile.children for paint in part(child, inner)]
    if len(steps) * sum(shapely.get_num_coordinates(painted) for painted, _ in paints) > _MOST_POINTS:
        return None
    made = []
    for painted, rgb in paints:
        whole = (within(painted, edge) if tile.clipped else painted).buffer(_SEAM_PX, join_style="mitre")
        laid = union([affinity.translate(whole, *step) for step in steps])
        made.append((within(laid, area), rgb, 1.0))
    return made


def _tile_of(node: Node, named: Named, context: Context, box: tuple[float, ...]) -> _Tile | None:
    attrib, style, children = _resolved(node, named)
    left, low, right, top = box
    own = attrib.get("patternUnits") != "userSpaceOnUse"
    sizes = (1.0, 1.0) if own else context.size
    x, y, wide, high = (length_px(attrib.get(name), 0.0, whole)
                        for name, whole in zip(("x", "y", "width", "height"), (*sizes, *sizes), strict=True))
    if own:
        x, y, wide, high = (left + x * (right - left), low + y * (top - low), wide * (right - left), high * (top - low))
    to_page = product(context.to_page, matrix_of(attrib.get("patternTransform") or style.get("transform")))
    if wide <= 0 or high <= 0 or not children or abs(np.linalg.det(to_page[:, :2])) < 1e-12:
        return None
    # what it holds is drawn from the tile's corner, as renderers do it
    content, view = product(to_page, moved(x, y)), numbers_of(attrib.get("viewBox"))
    if len(view) == 4:
        content = product(content, viewport_matrix(view, (wide, high), attrib.get("preserveAspectRatio", "")))
    elif attrib.get("patternContentUnits") == "objectBoundingBox":
        content = product(content, np.array([[right - left, 0.0, 0.0], [0.0, top - low, 0.0]]))
    return _Tile(to_page, content, (x, y, wide, high), children, style.get("overflow", "hidden") != "visible")


def _resolved(node: Node, named: Named) -> tuple[dict[str, str], dict[str, str], list[Node]]:
    """A pattern's attributes, style and children, with those of the patterns that it refers to."""
    attrib: dict[str, str] = {}
    style: dict[str, str] = {}
    children: list[Node] = []
    seen: set[int] = set()
    here: Node | None = node
    while here is not None and here.tag == "pattern" and id(here) not in seen:
        seen.add(id(here))
        attrib, style = {**here.attrib, **attrib}, {**here.style, **style}
        children = children or here.children
        here = named(here.href[1:]) if here.href.startswith("#") else None
    return attrib, style, children
