"""Masking tape round a film: the runs that keep stray cream off the glass, in the order they are laid.

Below first, then the sides, then above: each lies over the end of the one before, as shingles do, so that what runs
down runs over the joints (common practice, no published source). Round a film that leaves its own corners bare, an oval
or one that follows its art, tape goes in short pieces.
"""

import numpy as np
from msgspec import Struct
from shapely.affinity import scale
from shapely.geometry import Polygon

from vitrograph.core.fit import NEAR_MM, SIDES, Film, joints_of
from vitrograph.core.geometry import union
from vitrograph.core.glass import Wall
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import LAP_MM, Demands, Sheet, courses

_IN_ORDER = ("lower", "left", "right", "upper")
ROUND = "round"                    # the side of a run that follows the film's edge
_WHERE = {"lower": tr("below"), "upper": tr("above"), "left": tr("at the left"), "right": tr("at the right")}


class Run(Struct, frozen=True):
    """Tape along one side of a film, or its edge: how long a course of it is, mm, and how many lie side by side.

    `joined` tells that another film laps the edge that it follows, `cupped` that drips run to its lower edge.
    """

    side: str
    length: float
    courses: int
    joined: bool = False
    cupped: bool = False

    def says(self, width: float) -> Says:
        """What to do, with tape so wide."""
        many = tr("one course") if self.courses == 1 else tr("{courses} courses side by side", courses=self.courses)
        if self.side == ROUND:
            joint = tr(" where no other film laps it") if self.joined else ""
            drips = tr(" Begin below, and leave its lower edge standing off, cupped, to catch drips.")
            return Says("Mask along the film's edge{joint}: tape in short pieces, {length} in all, {width} wide, "
                        "{many}, each lapping {lap} on the film and on the piece before.{cup}", joint=joint,
                        length=Length(self.length, 0, tool=True), width=Length(width, 0, tool=True), many=many,
                        lap=Length(LAP_MM, 0, tool=True), cup=drips if self.cupped else "")
        return Says("Mask {where}: tape {length} long, {width} wide, {many}, lapping {lap} on the film.{cup}",
                    where=_WHERE[self.side],
                    length=Length(self.length, 0, tool=True), width=Length(width, 0, tool=True), many=many,
                    lap=Length(LAP_MM, 0, tool=True),
                    cup=tr(" Leave its lower edge standing off, cupped, to catch drips.") if self.cupped else "")


def mask_of(sheet: Sheet, number: int, demands: Demands, width: float) -> tuple[Run, ...]:
    """The runs round one film of a sheet, in order: at the sides where film ends sooner than cream is to be kept off.

    No tape goes on a side where the next film laps, nor on a decal, which takes no cream. One side more than the
    guard asks for is always masked: the lower one, where drips run.
    """
    if sheet.kind == "decal":
        return ()
    film, wall = sheet.films[number], sheet.fitted.wall
    guard = dict(zip(SIDES, demands.guard.sides, strict=True))
    joints = joints_of([film.band for film in sheet.films], number)
    lengths = _lengths(film, wall)
    most = max((guard[side] for side in SIDES if side not in joints), default=0.0)
    on_glass = _films_mm(sheet)
    own = on_glass.pop(number)
    if most > 0 and not film.band.closes(wall) and _leaves_corners(sheet.laid[number], own):
        along = own.exterior.difference(union(on_glass)).length
        return (Run(ROUND, along, courses(most, width), bool(joints), "lower" not in joints),)
    made = []
    for side in _IN_ORDER:
        more = guard[side]
        if side in joints or (more <= 0 and (side != "lower" or film.band.s_low <= NEAR_MM)):
            continue
        made.append(Run(side, lengths[side] + 2 * LAP_MM, max(1, courses(more, width)), cupped=side == "lower"))
    return tuple(made)


def _leaves_corners(on_sheet: Polygon, on_glass: Polygon) -> bool:
    """Whether straight tape along the sides of a film would leave glass bare between them and it.

    The sides of a fan are straight on the wall, those of a rectangle on the sheet.
    """
    return not any(_fills_box(film) for film in (on_glass, on_sheet))


def _fills_box(film: Polygon) -> bool:
    """Whether a film reaches its own box, within what tape lies on it."""
    return bool(film.buffer(LAP_MM).covers(film.envelope))


def _films_mm(sheet: Sheet) -> list[Polygon]:
    """The films on the glass in mm, distances round it taken at the middle of them all."""
    _, s = sheet.band.middle
    wide = float(sheet.fitted.wall.scale(np.array([s]))[0])
    return [scale(film, wide, origin=(0.0, 0.0)) for film in sheet.on_wall]


def _lengths(film: Film, wall: Wall) -> dict[str, float]:
    """How long a film is along each of its sides on the glass, mm."""
    band = film.band
    low, high = wall.scale(np.array([band.s_low, band.s_high])).tolist()
    wide, tall = band.u_high - band.u_low, band.s_high - band.s_low
    return {"lower": wide * low, "upper": wide * high, "left": tall, "right": tall}
