"""The guarded glass: how far cream is kept off round the openings, by film and, where that ends sooner, by tape."""

from math import ceil

import numpy as np
from msgspec import Struct
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.fit import Band, band_edge
from vitrograph.core.geometry import as_polygons, union, without
from vitrograph.core.stencil.sheet import Sheet

_LEAST_MM = 0.05                   # less than a hand can tape, and more than rounding leaves
LAP_MM = 5.0                       # by which tape lies on the film, and on the tape before it (common practice)


class Guard(Struct, frozen=True):
    """What tape adds at the left, lower, right and upper side, mm; how much tape, mm; and where it lies on the sheet.

    `allowed` is the widest border that the glass has room for at each of them. `zone` is empty where the wall has no
    exact flat shape.
    """

    sides: tuple[float, float, float, float]
    allowed: tuple[float, float, float, float]
    tape: float
    zone: MultiPolygon


def guard_of(sheet: Sheet, reach: float, tape_width: float) -> Guard:
    """Work out the tape that brings the film up to the guard asked for, as far as there is glass."""
    fitted, band = sheet.fitted, sheet.band
    wall, chart = fitted.wall, fitted.chart
    wanted = [more if (more := reach - border) > _LEAST_MM else 0.0 for border in sheet.border]
    middle = float(wall.scale(np.array([(band.s_low + band.s_high) / 2]))[0])
    beside = [max(0.0, room) * middle for room in _beside(sheet)]
    room = (beside[0], band.s_low, beside[1], wall.length - band.s_high)
    left, lower, right, upper = (min(pair) for pair in zip(wanted, room, strict=True))
    here, there, beyond, above = (border + more for border, more in zip(sheet.border, room, strict=True))
    allowed = (here, there, beyond, above)
    ends = wall.scale(np.array([max(0.0, band.s_low - lower / 2), min(wall.length, band.s_high + upper / 2)]))
    wide, tall = band.u_high - band.u_low, band.s_high - band.s_low + lower + upper
    lengths = (tall, wide * float(ends[0]), tall, wide * float(ends[1]))
    tape = sum(courses(more, tape_width) * length
               for more, length in zip((left, lower, right, upper), lengths, strict=True))
    if not fitted.on_one_wall or tape == 0:
        return Guard((left, lower, right, upper), allowed, tape, MultiPolygon())
    whole = Band(band.u_low - left / middle, band.s_low - lower, band.u_high + right / middle, band.s_high + upper)
    edge = band_edge(chart.flat, whole.shifted(-chart.u0)) + [chart.u0, 0.0]
    zone = without(Polygon(chart.wall_to_sheet(edge)).buffer(0), union(list(sheet.outlines)))
    return Guard((left, lower, right, upper), allowed, tape, as_polygons(zone))


def _beside(sheet: Sheet) -> tuple[float, float]:
    """How much wall is left at the left and the right of the film, in units of u."""
    wall, band = sheet.fitted.wall, sheet.band
    if wall.closed:
        return ((wall.span - (band.u_high - band.u_low)) / 2,) * 2
    return band.u_low + wall.span / 2, wall.span / 2 - band.u_high


def courses(more: float, tape: float) -> int:
    """How many strips of tape side by side it takes to add so much, each lapping the last."""
    return ceil(more / max(tape - LAP_MM, tape / 4) - 1e-9) if more > 0 else 0
