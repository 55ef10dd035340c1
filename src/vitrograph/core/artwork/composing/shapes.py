"""Plain shapes and frames, drawn for this program: an outline filled, or drawn along as an edge of lines.

All in mm about the middle of the shape's box, y up. Frames lie within the outline, so their size is the outline's.
"""

from collections.abc import Callable
from functools import lru_cache
from math import cos, pi, sin

import numpy as np
import shapely
from shapely.geometry import MultiPolygon, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points, arc_pieces, as_polygons, flatten_bezier
from vitrograph.core.job import OutlineName, Shape

NATURAL_ASPECT: dict[OutlineName, float] = {       # width over height a shape begins with
    "rectangle": 1.6, "rounded": 1.6, "oval": 1.0, "diamond": 1.0, "shield": 0.86, "plaque": 1.5, "hexagon": 1.15,
    "arch": 0.8, "star": 1.05,
}
_CORNER = 0.2                      # radius of a rounded or hollow corner against the shorter side
_BEAD_PITCH = 1.7                  # from bead to bead, in bead diameters, so that film holds between them
_NEAREST = 0.88                    # of the pitch, that beads keep to
_STAR_WAIST = 0.45                 # a star's inner radius against its outer one


def shape_area(shape: Shape, width: float, height: float, max_deviation: float) -> MultiPolygon:
    """A shape of a size in mm; its curves stray at most `max_deviation` mm.

    >>> round(shape_area(Shape("rectangle", "line", line=1.0), 10.0, 8.0, 0.01).area, 6)
    32.0
    """
    return as_polygons(_EDGES[shape.edge](outline_area(shape.outline, width, height, max_deviation), shape.line,
                                          max_deviation))


@lru_cache(maxsize=256)
def outline_area(outline: OutlineName, width: float, height: float, max_deviation: float) -> Polygon:
    """The filled outline of a shape of a size in mm."""
    unit = _OUTLINES[outline](width, height, max_deviation)
    left, low, right, high = unit.bounds                      # a star's points do not fill its circle's box
    grown = np.array([width / (right - left), height / (high - low)])
    return shapely.transform(unit, lambda xy: (xy - [(left + right) / 2, (low + high) / 2]) * grown)


def _arc(centre: tuple[float, float], radii: tuple[float, float], start: float, end: float, deviation: float) -> Points:
    """Points along an elliptic arc, both ends included; angles in radians."""
    items = arc_pieces(max(radii), end - start, deviation)
    angles = np.linspace(start, end, items + 1)
    return np.column_stack([centre[0] + radii[0] * np.cos(angles), centre[1] + radii[1] * np.sin(angles)])


def _rectangle(width: float, height: float, deviation: float) -> Polygon:
    return shapely.box(-width / 2, -height / 2, width / 2, height / 2)


def _oval(width: float, height: float, deviation: float) -> Polygon:
    return Polygon(_arc((0.0, 0.0), (width / 2, height / 2), 0.0, 2 * pi, deviation))


def _cornered(width: float, height: float, deviation: float, *, hollow: bool) -> Polygon:
    """A rectangle with its corners rounded outward, or hollowed out."""
    r = _CORNER * min(width, height)
    points = []
    for quarter, (x, y) in enumerate(((1, 1), (-1, 1), (-1, -1), (1, -1))):
        start = quarter * pi / 2
        if hollow:
            arc = _arc((x * width / 2, y * height / 2), (r, r), start + pi, start + 1.5 * pi, deviation)[::-1]
        else:
            arc = _arc((x * (width / 2 - r), y * (height / 2 - r)), (r, r), start, start + pi / 2, deviation)
        points.append(arc)
    return Polygon(np.concatenate(points))


def _polygon(corners: list[tuple[float, float]]) -> Callable[[float, float, float], Polygon]:
    """An outline through corners given in half widths and half heights."""
    return lambda width, height, deviation: Polygon([(x * width / 2, y * height / 2) for x, y in corners])


def _shield(width: float, height: float, deviation: float) -> Polygon:
    """A level top, upright sides, and two curves to the point."""
    side = np.array([[1.0, -0.05], [1.0, -0.55], [0.45, -0.85], [0.0, -1.0]])
    half = np.array([width / 2, height / 2])
    right = np.concatenate([[[1.0, 1.0], [1.0, -0.05]] * half, flatten_bezier(side * half, deviation)])
    return Polygon(np.concatenate([right, right[-2::-1] * [-1, 1]]))


def _arch(width: float, height: float, deviation: float) -> Polygon:
    """Upright sides under a half-round head."""
    head = min(width / 2, 0.6 * height)
    top = _arc((0.0, height / 2 - head), (width / 2, head), 0.0, pi, deviation)
    return Polygon(np.concatenate([[[width / 2, -height / 2]], top, [[-width / 2, -height / 2]]]))


def _star_corners() -> list[tuple[float, float]]:
    return [((1.0, _STAR_WAIST)[at % 2] * sin(at * pi / 5), (1.0, _STAR_WAIST)[at % 2] * cos(at * pi / 5))
            for at in range(10)]


_OUTLINES: dict[OutlineName, Callable[[float, float, float], Polygon]] = {
    "rectangle": _rectangle,
    "rounded": lambda width, height, deviation: _cornered(width, height, deviation, hollow=False),
    "oval": _oval,
    "diamond": _polygon([(1, 0), (0, 1), (-1, 0), (0, -1)]),
    "shield": _shield,
    "plaque": lambda width, height, deviation: _cornered(width, height, deviation, hollow=True),
    "hexagon": _polygon([(1, 0), (0.5, 1), (-0.5, 1), (-1, 0), (-0.5, -1), (0.5, -1)]),
    "arch": _arch,
    "star": _polygon(_star_corners()),
}


def _inset(area: BaseGeometry, by: float) -> BaseGeometry:
    return area.buffer(-by, join_style="mitre", mitre_limit=8.0)


def _lined(area: Polygon, line: float, deviation: float) -> BaseGeometry:
    return area.difference(_inset(area, line))


def _double_lined(area: Polygon, line: float, deviation: float) -> BaseGeometry:
    """A line, a clear gap as wide, and a line half as wide within."""
    inner = _inset(area, 2 * line)
    return shapely.union(_lined(area, line, deviation), inner.difference(_inset(inner, line / 2)))


def _beaded(area: Polygon, line: float, deviation: float) -> BaseGeometry:
    """Beads of the line's width, evenly spaced along the edge."""
    return shapely.union_all(_beads(_inset(area, line / 2), line, line / 2, deviation))


def _scalloped(area: Polygon, line: float, deviation: float) -> BaseGeometry:
    """A line with a scalloped outer edge."""
    body = _inset(area, line)
    return shapely.union_all([_lined(body, line, deviation), *_beads(body, 2 * line, line, deviation, pitch=1.0)])


def _beads(
    area: BaseGeometry, size: float, radius: float, deviation: float, pitch: float = _BEAD_PITCH
) -> list[Polygon]:
    """Discs along the edge of an area, a whole number of them, `pitch` sizes apart as nearly as may be."""
    edge = max((part.exterior for part in as_polygons(area).geoms), key=lambda ring: ring.length, default=None)
    if edge is None:
        return []
    count = max(3, round(edge.length / (pitch * size)))
    centres = shapely.get_coordinates(shapely.line_interpolate_point(edge, np.arange(count) / count, normalized=True))
    if pitch > 1:                                              # across a corner they come near each other
        centres = _apart(centres, _NEAREST * pitch * size)
    disc = _oval(2 * radius, 2 * radius, deviation)
    return [shapely.transform(disc, lambda xy, at=centre: xy + at) for centre in centres]


def _apart(centres: Points, least: float) -> Points:
    """Those of the centres that are so far from every other that stays."""
    kept: list[int] = []
    for at, centre in enumerate(centres):
        if np.hypot(*(centres[kept] - centre).T).min(initial=np.inf) >= least:
            kept.append(at)
    return centres[kept]


_EDGES: dict[str, Callable[[Polygon, float, float], BaseGeometry]] = {
    "filled": lambda area, line, deviation: area,
    "line": _lined, "two lines": _double_lined, "beads": _beaded, "scallops": _scalloped,
}
