"""Masking tape round a film: the runs that keep stray cream off the glass, in the order they are laid.

Below first, then the sides, then above: each lies over the end of the one before, as shingles do, so that what runs
down runs over the joints (common practice, no published source).
"""

import numpy as np
from msgspec import Struct

from vitrograph.core.fit import Film
from vitrograph.core.glass import Wall
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import LAP_MM, Demands, Sheet, courses

_SIDES = ("lower", "left", "right", "upper")
_WHERE = {"lower": tr("below"), "upper": tr("above"), "left": tr("at the left"), "right": tr("at the right")}
_NEAR_MM = 0.5                     # films no farther apart than that are joined
_SHARE = 0.5                       # of the shorter of two films' sides, by which they lie along each other


class Run(Struct, frozen=True):
    """Tape along one side of a film: how long each course of it is, mm, and how many lie side by side."""

    side: str
    length: float
    courses: int

    def says(self, width: float) -> Says:
        """What to do, with tape so wide."""
        many = tr("one course") if self.courses == 1 else tr("{courses} courses side by side", courses=self.courses)
        return Says("Mask {where}: tape {length} long, {width} wide, {many}, lapping {lap} on the film.{cup}",
                    where=_WHERE[self.side],
                    length=Length(self.length, 0, tool=True), width=Length(width, 0, tool=True), many=many,
                    lap=Length(LAP_MM, 0, tool=True),
                    cup=tr(" Leave its lower edge standing off, cupped, to catch drips.") if self.side == "lower"
                    else "")


def mask_of(sheet: Sheet, number: int, demands: Demands, width: float) -> tuple[Run, ...]:
    """The runs round one film of a sheet, in order: at the sides where film ends sooner than cream is to be kept off.

    No tape goes on a side where the next film laps, nor on a decal, which takes no cream. One side more than the
    guard asks for is always masked: the lower one, where drips run.
    """
    if sheet.kind == "decal":
        return ()
    film, wall = sheet.films[number], sheet.fitted.wall
    guard = dict(zip(("left", "lower", "right", "upper"), demands.guard.sides, strict=True))
    joints = _joints(sheet.films, number)
    lengths = _lengths(film, wall)
    made = []
    for side in _SIDES:
        more = guard[side]
        if side in joints or (more <= 0 and (side != "lower" or film.band.s_low <= _NEAR_MM)):
            continue
        made.append(Run(side, lengths[side] + 2 * LAP_MM, max(1, courses(more, width))))
    return tuple(made)


def _lengths(film: Film, wall: Wall) -> dict[str, float]:
    """How long a film is along each of its sides on the glass, mm."""
    band = film.band
    low, high = wall.scale(np.array([band.s_low, band.s_high])).tolist()
    wide, tall = band.u_high - band.u_low, band.s_high - band.s_low
    return {"lower": wide * low, "upper": wide * high, "left": tall, "right": tall}


def _joints(films: tuple[Film, ...], number: int) -> set[str]:
    """The sides of a film at which another one of the same sheet lies beside it, or on it."""
    own, found = films[number].band, set()
    for other in (film.band for at, film in enumerate(films) if at != number):
        beside = min(own.s_high, other.s_high) - max(own.s_low, other.s_low)
        over = min(own.u_high, other.u_high) - max(own.u_low, other.u_low)
        stacked = over > _SHARE * min(own.u_high - own.u_low, other.u_high - other.u_low)
        in_a_row = beside > _SHARE * min(own.s_high - own.s_low, other.s_high - other.s_low)
        if stacked and own.s_high < other.s_high and other.s_low <= own.s_high + _NEAR_MM:
            found.add("upper")
        if stacked and own.s_low > other.s_low and other.s_high >= own.s_low - _NEAR_MM:
            found.add("lower")
        if in_a_row and own.u_high < other.u_high and other.u_low <= own.u_high:
            found.add("right")
        if in_a_row and own.u_low > other.u_low and other.u_high >= own.u_low:
            found.add("left")
    return found
