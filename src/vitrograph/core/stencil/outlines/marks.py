"""Marks on the film, outside its openings: centre ticks, a level line, an arrow to the top, and the job's name.

They are lines of no width, drawn on paper patterns, or cut as slits that open nothing; none comes near an opening.
"""

from collections.abc import Iterator, Sequence
from functools import lru_cache

import numpy as np
import shapely
from msgspec import Struct
from shapely import ops
from shapely.affinity import translate
from shapely.geometry import LineString, MultiPolygon, Point, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork import place
from vitrograph.core.errors import ArtworkError
from vitrograph.core.fit import Film, Fitted
from vitrograph.core.geometry import Points, within, without
from vitrograph.core.job import Item, Words

CLEAR_MM = 4.0                     # a mark keeps so far from every opening (common practice, no published source)
TICK_MM = 5.0
_ARROW_MM = 2.2                    # each barb's reach, across and along
_CAPITALS_MM = (4.0, 3.0, 2.5)     # of the name, the largest that there is room for
_EDGE_MM = 1.5                     # the name keeps so far from the film's edge and from other marks
_STEP_MM = 2.0                     # places tried for the name
_LONGEST_NAME = 40
_BEYOND_MM = 100.0
_POINTS = 65                       # along the lines on the wall


class Marks(Struct, frozen=True, eq=False):
    """(n, 2) polylines on the sheet, the name's outlines, and whether they are cut or only drawn."""

    lines: tuple[Points, ...]
    name: MultiPolygon
    cut: bool

    @property
    def paths(self) -> tuple[Points, ...]:
        """All that is drawn, or cut, as polylines."""
        rings = shapely.get_rings(shapely.get_parts(self.name))
        return self.lines + tuple(shapely.get_coordinates(ring) for ring in rings)


def marks_for(
    fitted: Fitted, covers: Sequence[Polygon], openings: MultiPolygon, name: str, *, cut: bool
) -> Marks:
    """The marks of all films, each on what it covers. Where there is no room for one it is left out."""
    lines: list[Points] = []
    names: list[Polygon] = []
    many = len(fitted.films)
    for number, (film, cover) in enumerate(zip(fitted.films, covers, strict=True), start=1):
        free = without(cover, shapely.buffer(within(openings, cover), CLEAR_MM))
        made = list(_lines(fitted, film, cover, free))
        lines += made
        words = name if many == 1 else f"{name} {number}/{many}"
        names += shapely.get_parts(_name(words[:_LONGEST_NAME], free, made)).tolist()
    return Marks(tuple(lines), MultiPolygon(names), cut)


def _lines(fitted: Fitted, film: Film, cover: Polygon, free: BaseGeometry) -> Iterator[Points]:
    """Ticks where the middle lines leave the film, the level line as far as it may go, and the arrow."""
    upright, level = _middle_lines(fitted, film)
    ends = list(_ends_of(upright, free, cover))
    for end in ends:
        yield _first(end, TICK_MM)
    for end in _ends_of(level, free, cover):
        yield end
    if ends:
        top = _first(ends[-1], TICK_MM)
        way = (top[0] - top[-1]) / max(float(np.hypot(*(top[0] - top[-1]))), 1e-9)
        aside = np.array([-way[1], way[0]])
        barbs = np.stack([top[0] + _ARROW_MM * (-way + side * 0.6 * aside) for side in (1.0, -1.0)])
        arrow = np.stack([barbs[0], top[0], barbs[1]])
        if shapely.covers(free.buffer(1e-6), LineString(arrow)):
            yield arrow


def _middle_lines(fitted: Fitted, film: Film) -> tuple[Points, Points]:
    """On the sheet, the upright through the film's middle from below up, and the level through it."""
    band, u0 = film.band, film.middle or 0.0
    middle = (band.u_low + band.u_high) / 2 if film.middle else u0
    s = fitted.chart.s0 if len(fitted.films) == 1 else (band.s_low + band.s_high) / 2
    up = np.column_stack([np.full(_POINTS, middle), np.linspace(band.s_low, band.s_high, _POINTS)])
    across = np.column_stack([np.linspace(band.u_low, band.u_high, _POINTS), np.full(_POINTS, s)])
    return fitted.chart.flipped(film.flat.develop(up)), fitted.chart.flipped(film.flat.develop(across))


def _ends_of(line: Points, free: BaseGeometry, cover: Polygon) -> Iterator[Points]:
    """The stretches of a line from the film's edge inward to where openings come near; the first, then the last."""
    parts = shapely.get_parts(shapely.line_merge(shapely.intersection(LineString(_beyond(line)), free)))
    at_edge = [part for part in parts if part.length > 1.0 and part.distance(cover.exterior) < 1e-6]
    for end, other in ((line[0], line[-1]), (line[-1], line[0])):
        near = [part for part in at_edge if part.distance(Point(*end)) < part.distance(Point(*other))]
        if near:
            points = shapely.get_coordinates(min(near, key=lambda part: part.distance(Point(*end))))
            first = np.hypot(*(points[0] - end)) <= np.hypot(*(points[-1] - end))
            yield points if first else points[::-1]


def _beyond(line: Points) -> Points:
    """A line carried on at both ends, so that it crosses the edge wherever that is."""
    first, last = line[0] - line[1], line[-1] - line[-2]
    return np.concatenate([[line[0] + _BEYOND_MM * first / np.hypot(*first)], line,
                           [line[-1] + _BEYOND_MM * last / np.hypot(*last)]])


def _first(line: Points, length: float) -> Points:
    return np.asarray(shapely.get_coordinates(ops.substring(LineString(line), 0.0, length)))


def _name(words: str, free: BaseGeometry, lines: list[Points]) -> MultiPolygon:
    """The name where the film has room for it, from the lower left on; empty where there is none."""
    inside = free.buffer(-_EDGE_MM)
    drawn = shapely.union_all([LineString(line) for line in lines]).buffer(_EDGE_MM) if lines else None
    room = inside if drawn is None else without(inside, drawn)
    for capitals in _CAPITALS_MM:
        letters = _letters(words, capitals)
        left, low, right, high = letters.bounds if not letters.is_empty else (0.0,) * 4
        if right <= left or room.is_empty:
            continue
        x_low, y_low, x_high, y_high = room.bounds
        x, y = (places.ravel() for places in np.meshgrid(np.arange(x_low, x_high - (right - left), _STEP_MM),
                                                         np.arange(y_low, y_high - (high - low), _STEP_MM)))
        shapely.prepare(room)
        fits = np.flatnonzero(shapely.covers(room, shapely.box(x, y, x + right - left, y + high - low)))
        if len(fits):
            return translate(letters, x[fits[0]] - left, y[fits[0]] - low)
    return MultiPolygon()


@lru_cache(maxsize=64)
def _letters(words: str, capitals: float) -> MultiPolygon:
    """A name's outlines; empty where the face has no letters for it."""
    try:
        return place(Item(Words(words, "Barlow Bold"), size=capitals, size_is="caps")).shape
    except ArtworkError:
        return MultiPolygon()
