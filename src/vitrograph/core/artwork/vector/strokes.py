"""What a stroke covers: its dashes, caps and joins.

It is the union of its pieces' buffers (SVG 2, section 13.5): bevelled, with a mitre added at each corner whose mitre is
no longer than the limit allows, and an arc where a curve bends so sharply that a bevel would cut off its outer side.
"""

from collections.abc import Iterator
from typing import NamedTuple

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.context import Context
from vitrograph.core.artwork.vector.outline import ROUNDING, Places
from vitrograph.core.artwork.vector.tree import Node
from vitrograph.core.artwork.vector.units import carried, diagonal, length_px, numbers_of
from vitrograph.core.geometry import Points, arc_pieces, length_of, stretch_of, union

_CAPS = {"round": "round", "square": "square"}
_MOST_DASHES = 20_000

Joins = NDArray[np.bool_]          # of each point of a line


def paint_order(style: dict[str, str]) -> tuple[str, str]:
    """Which of fill and stroke is painted first (SVG 2, section 13.8): the fill, unless the style says otherwise.

    >>> paint_order({"paint-order": "markers stroke"})
    ('stroke', 'fill')
    """
    named = [name for name in style.get("paint-order", "").split() if name in {"fill", "stroke"}]
    return ("stroke", "fill") if named[:1] == ["stroke"] else ("fill", "stroke")


def stroke_on_page(
    lines: list[Points], sharp: Places | None, context: Context, deviations: tuple[float, float]
) -> BaseGeometry:
    """What the stroke of lines in user space covers on the page; one that does not scale is laid on the page itself.

    `sharp` are the places where segments join, all points where that is not known; `deviations` those on the page and
    in user space.
    """
    style = context.style
    width = length_px(style.get("stroke-width"), 1.0, diagonal(context.size))
    if width <= 0:
        return MultiPolygon()
    joins = None if sharp is None else [_joins_of(line, sharp) for line in lines]
    if style.get("vector-effect") == "non-scaling-stroke":
        on_page = [carried(line, context.to_page) for line in lines]
        return stroke_area(on_page, width, style, deviations[0], joins)
    area = stroke_area(lines, width, style, deviations[1], joins)
    return shapely.transform(area, lambda xy: carried(xy, context.to_page))


def stroke_area(
    lines: list[Points], width: float, style: dict[str, str], max_deviation: float, joins: list[Joins] | None = None
) -> BaseGeometry:
    """What a stroke covers, in the lines' own units; `joins` says which points of a line join segments: else all do."""
    meeting = lines if joins is None else [line[at] for line, at in zip(lines, joins, strict=True)]
    joined_at = frozenset(place for line in meeting for place in map(tuple, line.tolist()))
    dashes = dash_lengths(style)
    if dashes:
        offset = length_px(style.get("stroke-dashoffset"), 0.0)
        lines = [piece for line in lines for piece in dashed(line, dashes, offset)]
    half, join = width / 2, style.get("stroke-linejoin", "miter")
    quarter = max(4, arc_pieces(half, np.pi / 2, max_deviation))
    cap = _CAPS.get(style.get("stroke-linecap", ""), "flat")
    dots = [line for line in lines if (line == line[0]).all()]
    drawn = [line for line in lines if not (line == line[0]).all()]
    corner = "round" if join == "round" else "bevel"
    # a line there and back is closed: joined, not capped
    there_and_back = [len(line) == 3 and bool((line[0] == line[-1]).all()) for line in drawn]
    areas = []
    for joined, ends in ((False, cap), (True, "round" if join == "round" else "flat")):
        parts = [_ring_or_line(line) for line, closed in zip(drawn, there_and_back, strict=True) if closed is joined]
        areas += list(shapely.buffer(parts, half, quad_segs=quarter, cap_style=ends, join_style=corner))
    if cap != "flat" and dots:
        areas += list(shapely.buffer(shapely.points([dot[0] for dot in dots]), half, quad_segs=quarter, cap_style=cap))
    limit = 0.0 if join in {"bevel", "round"} else length_px(style.get("stroke-miterlimit"), 4.0)
    for turns in (_turns(line, joined_at if join != "round" else frozenset()) for line in drawn):
        bends = half * (1 - np.cos(turns.turn / 2)) > max_deviation
        near = _near_flat_ends(turns, 2 * half, cap)
        lost = bends & (near[:-1] | near[1:])
        areas += _mitres(turns, half, limit)
        areas += _arcs(turns, lost if join == "round" else bends & ~turns.joins, half, max_deviation)
        if lost.any():
            areas += _bands(turns, near, half)
    return union(areas)


def _joins_of(line: Points, places: Places) -> Joins:
    """Which of a line's points are at places where segments join."""
    return np.array([place in places for place in map(tuple, line.tolist())], dtype=bool)


class _Turns(NamedTuple):
    """Where a line turns: (n, 2) places, the ways to and from there, radians, and whether two segments join there.

    `places` are those and the line's ends, and `long` how far it is from each to the next; a `ring` has no ends.
    """

    ring: bool
    places: Points
    long: Points
    at: Points
    before: Points
    after: Points
    turn: Points
    joins: Joins


def _turns(line: Points, joined_at: Places) -> _Turns:
    far = np.abs(np.diff(line, axis=0)).max(axis=1)
    ring, line = _is_ring(line), line[np.append(True, far > ROUNDING * far.max())]
    places = np.concatenate([line[-2:-1], line]) if ring else line
    step = np.diff(places, axis=0)
    long = np.hypot(*step.T)
    step /= long[:, None]
    before, after, at = step[:-1], step[1:], places[1:-1]
    turn = np.arctan2(before[:, 0] * after[:, 1] - before[:, 1] * after[:, 0], (before * after).sum(axis=1))
    return _Turns(ring, places, long, at, before, after, turn, _joins_of(at, joined_at))


def _mitres(turns: _Turns, half: float, limit: float) -> Iterator[BaseGeometry]:
    """The mitre beyond the bevel at each join whose mitre is within the limit."""
    ratio = 1 / np.maximum(np.cos(turns.turn / 2), 1e-9)       # mitre length over stroke width
    for at in np.flatnonzero(turns.joins & (turns.turn != 0) & (ratio <= limit)).tolist():
        corner, out = turns.at[at], _outward(turns, at, half)
        tip = out.sum(axis=0) / np.hypot(*out.sum(axis=0)) * half * ratio[at]
        yield shapely.polygons([corner, corner + out[0], corner + tip, corner + out[1]])


def _near_flat_ends(turns: _Turns, reach: float, cap: str) -> Joins:
    """Which of a line's pieces lie so near, along it, to an end of it that is cut off flat."""
    along = np.cumsum(turns.long)
    if cap != "flat" or turns.ring:
        return np.zeros(len(along), dtype=bool)
    return np.asarray((along - turns.long < reach) | (along > along[-1] - reach))


def _bands(turns: _Turns, chosen: Joins, half: float) -> Iterator[BaseGeometry]:
    """The band along each piece of a line that is chosen, and the bevels between: where a line bends within its own
    half width of a flat end, a buffer loses some of that.
    """
    ways = np.diff(turns.places, axis=0) / turns.long[:, None]
    aside = np.stack([-ways[:, 1], ways[:, 0]], axis=1) * half
    start, end = turns.places[:-1], turns.places[1:]
    yield from shapely.polygons(np.stack([start + aside, end + aside, end - aside, start - aside], axis=1)[chosen])
    out, between = -np.sign(turns.turn)[:, None], chosen[:-1] & chosen[1:]
    for side, of in ((out, between), (-out, between & ~turns.joins)):
        bevels = np.stack([turns.at, turns.at + aside[:-1] * side, turns.at + aside[1:] * side], axis=1)
        yield from shapely.polygons(bevels[of])


def _arcs(turns: _Turns, chosen: Joins, half: float, max_deviation: float) -> Iterator[BaseGeometry]:
    """The arc beyond the bevel at each turn that is chosen."""
    for at in np.flatnonzero(chosen).tolist():
        share = np.linspace(0.0, 1.0, arc_pieces(half, abs(turns.turn[at]), max_deviation) + 1)
        x, y = _outward(turns, at, half)[0]
        cos, sin = np.cos(share * turns.turn[at]), np.sin(share * turns.turn[at])
        arc = turns.at[at] + np.stack([x * cos - y * sin, x * sin + y * cos], axis=1)
        yield shapely.polygons(np.vstack([turns.at[at], arc]))


def _outward(turns: _Turns, at: int, half: float) -> Points:
    """From a turn to the two ends of its bevel, (2, 2), on its outer side."""
    ways = np.array([turns.before[at], turns.after[at]])
    return np.asarray(np.stack([-ways[:, 1], ways[:, 0]], axis=1) * -np.sign(turns.turn[at]) * half)


def dashes_by_own_length(node: Node, style: dict[str, str], lines: list[Points]) -> dict[str, str]:
    """Dashes of a shape that says how long it takes itself to be (SVG 2, section 9.6.1), in user units."""
    said, dashes = length_px(node.attrib.get("pathLength"), 0.0), dash_lengths(style)
    if said <= 0 or not dashes:
        return {}
    longer = sum(length_of(line) for line in lines) / said
    offset = length_px(style.get("stroke-dashoffset"), 0.0) * longer
    return {"stroke-dasharray": " ".join(str(dash * longer) for dash in dashes), "stroke-dashoffset": str(offset)}


def dash_lengths(style: dict[str, str]) -> list[float]:
    """Dashes and gaps by turns, an even number of them; empty for a whole line."""
    values = numbers_of(style.get("stroke-dasharray"))
    if not values or min(values) < 0 or sum(values) <= 0:
        return []
    return values if len(values) % 2 == 0 else values * 2


def dashed(line: Points, dashes: list[float], offset: float) -> list[Points]:
    """A line's dashes; the last of a closed line runs on into its first. A line of far too many is left whole."""
    period, length = sum(dashes), length_of(line)
    if length == 0 or length / period * len(dashes) > _MOST_DASHES:
        return [line]
    ends = np.cumsum([0.0, *dashes])
    pieces = []
    for turn in range(int(np.floor(offset / period)), int(np.ceil((length + offset) / period)) + 1):
        for start, end in zip(ends[:-1:2] + turn * period - offset, ends[1::2] + turn * period - offset, strict=True):
            low, high = max(float(start), 0.0), min(float(end), length)
            if low < high or low == high == start == end:
                pieces.append(stretch_of(line, low, high))
    if len(pieces) > 1 and (line[0] == line[-1]).all() and (pieces[0][0] == pieces[-1][-1]).all():
        pieces[0] = np.concatenate([pieces.pop(), pieces[0][1:]])
    return pieces


def _ring_or_line(line: Points) -> BaseGeometry:
    return shapely.linearrings(line) if _is_ring(line) else shapely.linestrings(line)


def _is_ring(line: Points) -> bool:
    return len(line) > 3 and bool((line[0] == line[-1]).all())
