"""Room: the part of the glass that takes a motif and reads from the front, and the size of the art that fits there."""

from collections.abc import Iterator

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.findings import Remedy
from vitrograph.core.fit.designs import Design
from vitrograph.core.fit.placing import Fitted
from vitrograph.core.geometry import Points, distinct
from vitrograph.core.glass import Frustum, Pane, Wall, blocks_of, eye_before, patch_of, reading_turn
from vitrograph.core.job import Features, Job
from vitrograph.core.job.change import Resize
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.search import largest_that

_HEIGHTS = 25
_HALVINGS = 24
_DIRECTIONS = 96                   # of which the hull misses at most 0.06 % of the art's size
_EDGE_MM = 0.05
_SAFE = 0.9995


class Room(Struct, frozen=True):
    """The room for a motif, as an outline on the wall (u, s); whether the art fits; the factor at which it would.

    `place` is where the middle of the art goes when it is brought to that size; at a factor of 1 it need only move.
    """

    outline: Points
    fits: bool
    factor: float
    place: tuple[float, float]


class RoomInput(Struct, frozen=True):
    """What the room depends on beside the art as it lies: what is kept clear, the least border, and the eye."""

    features: Features
    least_border: float
    reading_angle: float
    viewing_mm: float

    @classmethod
    def of(cls, job: Job) -> "RoomInput":
        """What a job says of it."""
        return cls(job.features, *patch_of(job))


def room_for(given: RoomInput, fitted: Fitted) -> Room:
    """The room about the art's own front, with the least border, clear of places kept clear.

    Of designs that are looked at by themselves each has its own, and that of the one that fits the least is told.
    """
    rooms = ((_room_of(given, fitted, design), not design.is_before(fitted.angle)) for design in fitted.designs)
    return min(rooms, key=lambda one: (one[0].fits, one[0].factor, one[1]))[0]


def _room_of(given: RoomInput, fitted: Fitted, design: Design) -> Room:
    """One design's; its place is where the middle of all art goes."""
    angle = fitted.angle if len(fitted.designs) == 1 or design.is_before(fitted.angle) else design.middle
    outline = room_outline(fitted.wall, given.least_border, given.reading_angle,
                           eye_before(fitted.wall, given.viewing_mm), angle)
    area: BaseGeometry = Polygon(outline) if len(outline) else Polygon()
    for block in (kept.near(angle, fitted.wall) for kept in blocks_of(fitted.wall, given.features)):
        area = area.difference(block.shape)
    u_low, s_low, u_high, s_high = fitted.wall_bounds
    middle, beside = ((u_low + u_high) / 2, (s_low + s_high) / 2), design.middle - (u_low + u_high) / 2
    outermost = _outermost(shapely.get_coordinates(design.art))
    if area.covers(shapely.convex_hull(shapely.multipoints(fitted.chart.to_wall(outermost)))):
        return Room(outline, True, 1.0, middle)
    if area.is_empty:
        return Room(outline, False, 0.0, middle)
    hull = _Hull(fitted.wall, outermost - [beside * fitted.chart.middle_scale, 0.0])
    places = [(_largest(area, hull, place), place) for place in _places(area, hull, (design.middle, middle[1]))]
    factor, place = max(places, key=lambda one: one[0])       # of those alike the first: it is the nearest
    return Room(outline, False, factor, (place[0] - beside, place[1]))


class _Hull(Struct, frozen=True):
    """Nearly the convex hull of the art, in mm about its middle; an angle on the wall holds less of it lower down."""

    wall: Wall
    points: Points

    def at(self, place: tuple[float, float], factor: float = 1.0) -> BaseGeometry:
        """The hull on the wall (u, s), its middle at a place, at a size."""
        scale = float(self.wall.scale(np.array([place[1]]))[0])
        return shapely.convex_hull(shapely.multipoints(self.points * factor / [scale, 1.0] + place))


def _places(area: BaseGeometry, hull: _Hull, middle: tuple[float, float]) -> Iterator[tuple[float, float]]:
    """Where the art might go, the least moved first: slid within the room's bounds, where it is, the room's middle."""
    bounds = area.bounds
    low, high = hull.at(middle).bounds[1::2]
    s = _slid(middle[1], (low, high), (bounds[1], bounds[3]))
    slid = _slid(middle[0], hull.at((middle[0], s)).bounds[::2], (bounds[0], bounds[2])), s
    centre = area.centroid if area.contains(area.centroid) else area.representative_point()
    yield slid
    yield middle
    yield slid[0], float(centre.y)
    yield float(centre.x), float(centre.y)


def _slid(middle: float, span: tuple[float, float], within: tuple[float, float]) -> float:
    """The middle of a span moved as little as may be to bring it within another; the other's middle if it is longer."""
    if span[1] - span[0] > within[1] - within[0]:
        return (within[0] + within[1]) / 2
    return middle + max(within[0] - span[0], 0.0) - max(span[1] - within[1], 0.0)


def _largest(area: BaseGeometry, hull: _Hull, at: tuple[float, float]) -> float:
    """The largest factor, up to 1, at which the art lies in an area when its middle is at a place, by halving."""
    if area.covers(hull.at(at)):
        return 1.0
    return largest_that(lambda factor: bool(area.covers(hull.at(at, factor))), 0.0, 1.0, _HALVINGS)


def _outermost(points: Points) -> Points:
    """The outermost of (n, 2) points in many directions: nearly those of the convex hull."""
    angles = np.linspace(0.0, 2 * np.pi, _DIRECTIONS, endpoint=False)
    reaches = np.column_stack([np.cos(angles), np.sin(angles)]) @ points.T
    return np.asarray(points[distinct(reaches.argmax(axis=1))])


def make_it_fit(room: Room, fitted: Fitted) -> Remedy:
    """Bring the art to the size and the place at which it fits."""
    moves = room.factor == 1
    factor = 1.0 if moves else room.factor * _SAFE
    place = fitted.put_at(*room.place, factor)
    if moves:
        return Remedy.of(tr("Move it into the room"), *place)
    return Remedy.of(Says("Make it fit: {size} wide", size=Length(fitted.size[0] * factor)), Resize(factor), *place)


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
