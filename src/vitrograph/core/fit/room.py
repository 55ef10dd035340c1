"""Room: the part of the glass that takes a motif and reads from the front, and the size of the art that fits there."""

from dataclasses import dataclass

import numpy as np
import shapely
from shapely.affinity import scale, translate
from shapely.geometry import Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.findings import Remedy
from vitrograph.core.fit.place import Fitted
from vitrograph.core.geometry import Points
from vitrograph.core.glass import Frustum, Pane, Wall, blocks_of, eye_before, reading_turn
from vitrograph.core.job import Job
from vitrograph.core.units import format_length

_HEIGHTS = 25
_HALVINGS = 24
_DIRECTIONS = 96                   # of which the hull misses at most 0.06 % of the art's size
_EDGE_MM = 0.05
_SAFE = 0.9995
_SLACK_MM = 0.01


@dataclass(frozen=True)
class Room:
    """The room for a motif, as an outline on the wall (u, s); whether the art fits; the factor at which it would.

    `place` is where the middle of the art goes when it is brought to that size.
    """

    outline: Points
    fits: bool
    factor: float
    place: tuple[float, float]


def room_for(fitted: Fitted, job: Job) -> Room:
    """The room about the art's own front, with the least border, clear of places kept clear."""
    choices = job.stencil
    outline = room_outline(fitted.wall, choices.least_border, choices.reading_angle,
                           eye_before(fitted.wall, choices.viewing_mm), job.fit.angle)
    area: BaseGeometry = Polygon(outline) if len(outline) else Polygon()
    for block in (kept.near(job.fit.angle, fitted.wall) for kept in blocks_of(fitted.wall, job.features)):
        area = area.difference(block.shape)
    u_low, s_low, u_high, s_high = fitted.wall_bounds
    middle = ((u_low + u_high) / 2, (s_low + s_high) / 2)
    hull = translate(_hull(fitted), -middle[0], -middle[1])
    if area.covers(translate(scale(hull, 1 - _SLACK_MM / 100, 1 - _SLACK_MM / 100, origin=(0, 0)), *middle)):
        return Room(outline, True, 1.0, middle)
    spot = shapely.Point(*middle) if area.contains(shapely.Point(*middle)) else _middle_of(area)
    return Room(outline, False, _largest(area, hull, (spot.x, spot.y)), (spot.x, spot.y))


def make_it_fit(room: Room, fitted: Fitted, job: Job) -> Remedy:
    """Bring the art to the size and the place at which it fits."""
    factor = room.factor * _SAFE
    u, s = room.place
    beside = fitted.middle[0] * factor / float(fitted.wall.scale(np.array([s]))[0])
    across = {"fit__angle" if fitted.wall.closed else "fit__across": u - beside}
    rim = fitted.wall.length - s - fitted.size[1] * factor / 2
    return Remedy.of(f"Make it fit: {format_length(fitted.size[0] * factor)} wide",
                     artwork=job.artwork.scaled(factor), fit__from_rim=rim, **across)


def _hull(fitted: Fitted) -> BaseGeometry:
    """Nearly the convex hull of the art on the wall: through its outermost points in many directions."""
    points = shapely.get_coordinates(fitted.wall_art)
    scaled = points * [fitted.lay.middle_scale, 1.0]
    angles = np.linspace(0.0, 2 * np.pi, _DIRECTIONS, endpoint=False)
    reaches = np.column_stack([np.cos(angles), np.sin(angles)]) @ scaled.T
    outermost = np.unique(reaches.argmax(axis=1))
    return shapely.convex_hull(shapely.multipoints(points[outermost]))


def _middle_of(area: BaseGeometry) -> shapely.Point:
    return area.centroid if area.contains(area.centroid) else area.representative_point()


def _largest(area: BaseGeometry, hull: BaseGeometry, at: tuple[float, float]) -> float:
    """The largest factor at which a shape about (0, 0) lies in an area when moved to a place, by halving."""
    least, most = 0.0, 1.0
    for _ in range(_HALVINGS):
        factor = (least + most) / 2
        grown = translate(scale(hull, factor, factor, origin=(0, 0)), *at)
        least, most = (factor, most) if area.covers(grown) else (least, factor)
    return least


def room_outline(wall: Wall, border: float, reading_angle: float, eye_mm: float, angle: float) -> Points:
    """(n, 2) outline on the wall of what takes a motif with its border and reads from the front at `angle`.

    Empty where the glass is too small for its border.
    """
    low, high = border, wall.length - border
    if high <= low:
        return np.empty((0, 2))
    if isinstance(wall, Pane) and wall.oval:
        edge = wall.edge(_EDGE_MM)
        middle = np.array([0.0, wall.length / 2])
        half = np.array([wall.span / 2, wall.length / 2])
        return np.asarray(middle + (edge - middle) * np.maximum(half - border, 0.0) / half)
    # a cone leaves sight at one angle from rim to base
    heights = np.linspace(low, high, 2 if isinstance(wall, Frustum) else _HEIGHTS)
    if wall.closed:
        turns = np.array([reading_turn(wall, s, reading_angle, eye_mm) / 2 for s in heights.tolist()])
        left, right = angle - turns, angle + turns
    else:
        half_span = max(0.0, wall.span / 2 - border)
        left, right = np.full(len(heights), -half_span), np.full(len(heights), half_span)
    return np.concatenate([np.column_stack([right, heights]), np.column_stack([left, heights])[::-1]])
