"""Markers: small pictures at the beginning, the corners and the end of a line, such as arrowheads (SVG 2, 13.7)."""

import contextlib
from collections.abc import Callable, Iterator
from math import atan2, cos, radians, sin

import numpy as np
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.context import Context
from vitrograph.core.artwork.vector.outline import path_data, segments_of, way_to
from vitrograph.core.artwork.vector.paint import Rgb
from vitrograph.core.artwork.vector.regions import in_viewport
from vitrograph.core.artwork.vector.tree import INHERITED, Node, referred
from vitrograph.core.artwork.vector.units import (
    IDENTITY,
    carried,
    diagonal,
    length_px,
    moved,
    numbers_of,
    product,
    viewport_matrix,
)
from vitrograph.core.geometry import Points

MARKED = frozenset({"path", "line", "polyline", "polygon"})    # by SVG 1.1, and by what shows drawings today
_NAMES = ("marker-start", "marker-mid", "marker-end")
Paints = Iterator[tuple[BaseGeometry, Rgb]]


def marker_paints(
    node: Node, named: dict[str, Node], part: Callable[[Node, Context], Paints], context: Context
) -> Paints:
    """(area, colour) on the page of what stands along a shape's line. `part` walks what a marker holds."""
    style = context.style
    wanted = [referred(style.get(name, style.get("marker", "none")), named) for name in _NAMES]
    if not any(wanted) or style.get("visibility", "visible") != "visible":
        return
    corners = corners_of(path_data(node, context.size))
    for number, (at, way) in enumerate(corners):
        for which, here in enumerate((number == 0, 0 < number < len(corners) - 1, number == len(corners) - 1)):
            marker = wanted[which] if here else None
            if marker is not None and marker.tag == "marker":
                turn = _turn(marker.attrib.get("orient", "0"), way, first=which == 0)
                yield from _placed(marker, at, turn, part, context)


def _turn(orient: str, way: float, *, first: bool) -> float:
    """The angle a marker is turned by, radians."""
    if orient.startswith("auto"):
        return way + (np.pi if first and orient == "auto-start-reverse" else 0.0)
    with contextlib.suppress(ValueError):
        return radians(float(orient.removesuffix("deg")))
    return 0.0


def _placed(marker: Node, at: Points, turn: float, part: Callable[[Node, Context], Paints], context: Context) -> Paints:
    """One marker: its own viewport, its reference point on the line."""
    size = length_px(marker.attrib.get("markerWidth"), 3.0), length_px(marker.attrib.get("markerHeight"), 3.0)
    box = numbers_of(marker.attrib.get("viewBox"))
    scale = 1.0 if marker.attrib.get("markerUnits") == "userSpaceOnUse" else length_px(
        context.style.get("stroke-width"), 1.0, diagonal(context.size))
    if min(*size, scale) <= 0 or (len(box) == 4 and min(box[2:]) <= 0):
        return
    inside = IDENTITY if len(box) != 4 else viewport_matrix(box, size, marker.attrib.get("preserveAspectRatio", ""))
    held = carried(np.array([[length_px(marker.attrib.get(name), 0.0) for name in ("refX", "refY")]]), inside)[0]
    turned = scale * np.array([[cos(turn), -sin(turn)], [sin(turn), cos(turn)]])
    to_page = product(product(context.to_page, np.column_stack([turned, at])), moved(-held[0], -held[1]))
    # it inherits from where it is written, not from the line; of that it may take the colour (context-stroke)
    own = {name: value for name, value in marker.style.items() if name in INHERITED}
    stroke = context.style.get("stroke", "none")
    style = {"color": context.style.get("fill", "black") if stroke == "none" else stroke, **own}
    inner = in_viewport(marker, context._replace(to_page=to_page, style=style, deep=context.deep + 1), size)
    for child in marker.children:
        yield from part(child, inner)


def corners_of(data: str) -> list[tuple[Points, float]]:
    """Where the segments of path data begin and end, with the way the line goes there: half-way between both.

    The end of a closed line goes on to its beginning, which is turned as the line sets out: so drawings are shown.

    >>> [(at.tolist(), round(way, 3)) for at, way in corners_of("M0 0 H10 V10")]
    [([0.0, 0.0], 0.0), ([10.0, 0.0], 0.785), ([10.0, 10.0], 1.571)]
    """
    corners: list[tuple[Points, float]] = []
    for pieces, ends, closed in segments_of(data):
        ways = [_ways(piece) for piece in pieces]
        before = [None, *(way[1] for way in ways)]
        after = [*(way[0] for way in ways), ways[0][0] if closed else None]
        places = [pieces[0, 0], *pieces[:, 3]]
        corners += [(places[at], _between(before[at], after[at])) for at in (0, *(end + 1 for end in ends))]
    return corners


def _ways(piece: Points) -> tuple[Points, Points]:
    """The directions in which a cubic piece sets out and comes in; a point of no length goes to the right."""
    back, into = way_to(np.array([piece, piece[::-1]]))
    return (-back, into) if into.any() else (np.array([1.0, 0.0]), np.array([1.0, 0.0]))


def _between(before: Points | None, after: Points | None) -> float:
    told = [way / np.hypot(*way) for way in (before, after) if way is not None]
    x, y = sum(told)
    return atan2(y, x)
