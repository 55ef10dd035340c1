"""What a stroke covers: its dashes, caps and joins.

It is the union of its pieces' buffers (SVG 2, section 13.5): bevelled, with a mitre added at each corner whose mitre is
no longer than the limit allows.
"""

from collections.abc import Iterator

import numpy as np
import shapely
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.tree import Node
from vitrograph.core.artwork.vector.units import length_px, numbers_of
from vitrograph.core.geometry import Points, arc_pieces, length_of, stretch_of, union

_CAPS = {"round": "round", "square": "square"}
_MOST_DASHES = 20_000
_JOIN_TURN = 0.03                  # radians: a smaller turn is a curve's own


def paint_order(style: dict[str, str]) -> tuple[str, str]:
    """Which of fill and stroke is painted first (SVG 2, section 13.8): the fill, unless the style says otherwise.

    >>> paint_order({"paint-order": "markers stroke"})
    ('stroke', 'fill')
    """
    named = [name for name in style.get("paint-order", "").split() if name in {"fill", "stroke"}]
    return ("stroke", "fill") if named[:1] == ["stroke"] else ("fill", "stroke")


def stroke_area(lines: list[Points], width: float, style: dict[str, str], max_deviation: float) -> BaseGeometry:
    """What a stroke covers, in the lines' own units."""
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
    if join not in {"round", "bevel"}:
        limit = length_px(style.get("stroke-miterlimit"), 4.0)
        areas += [wedge for line in drawn for wedge in _mitres(line, half, limit)]
    return union(areas)


def _mitres(line: Points, half: float, limit: float) -> Iterator[BaseGeometry]:
    """The mitre beyond the bevel at each corner whose mitre is within the limit."""
    line = line[np.append(True, (np.diff(line, axis=0) != 0).any(axis=1))]
    corners = np.concatenate([line[-2:-1], line]) if _is_ring(line) else line
    if len(corners) < 3:
        return
    step = np.diff(corners, axis=0)
    step /= np.hypot(*step.T)[:, None]
    before, after = step[:-1], step[1:]
    turn = np.arctan2(before[:, 0] * after[:, 1] - before[:, 1] * after[:, 0], (before * after).sum(axis=1))
    ratio = 1 / np.maximum(np.cos(turn / 2), 1e-9)             # mitre length over stroke width
    for at in np.flatnonzero((np.abs(turn) > _JOIN_TURN) & (ratio <= limit)):
        corner, side = corners[at + 1], -np.sign(turn[at]) * half
        out = np.array([[-before[at, 1], before[at, 0]], [-after[at, 1], after[at, 0]]]) * side
        tip = out.sum(axis=0) / np.hypot(*out.sum(axis=0)) * half * ratio[at]
        yield shapely.polygons([corner, corner + out[0], corner + tip, corner + out[1]])


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
