"""Fitting: the art at its size on the glass, placed, laid, and developed to the sheet."""

from collections.abc import Callable
from functools import cached_property
from math import atan2, pi
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork import Art, Mark, Placed
from vitrograph.core.errors import FitError
from vitrograph.core.fit.band import Seams
from vitrograph.core.fit.chart import Chart, bounds_on_wall, check_reach, half_size, longest_edge, warp
from vitrograph.core.fit.designs import Design, designs_of
from vitrograph.core.fit.films import WARP_DEVIATION_MM, Film, FilmChoices, Films, cut_films, on_wall
from vitrograph.core.fit.ground import Ground
from vitrograph.core.fit.stand import angle_of, held_from_rim, middle_height, moved_round, rim_at
from vitrograph.core.geometry import Box, Points, as_polygons, multipolygon, union
from vitrograph.core.glass import Fan, Wall, eye_before, fan_of
from vitrograph.core.job import Features, Fit, Job, Mode
from vitrograph.core.job.change import Put, put
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.search import smallest_that

SizeIs = Literal["on the glass", "as seen", "on the film"]

_MOST_FACTOR, _HALVINGS, _AS_TYPED = 8.0, 44, 1e-6
_TOLD_IN = 200                     # points across the art, at least, where its size on the glass is taken
_FILMS, _PLAIN = FilmChoices(), Features()


class FitChoices(Struct, frozen=True):
    """What a fit depends on beside the job's own fit part: the eye that looks at the glass, and what the films take.

    `ground` is what is frosted round the art, where the art itself stays clear.
    """

    viewing_mm: float = 600.0
    reading_angle: float = pi * 2 / 3
    films: FilmChoices = _FILMS
    ground: Ground | None = None

    @classmethod
    def of(cls, job: Job) -> "FitChoices":
        """The choices that a job makes in its other parts."""
        stencil = job.stencil
        films = FilmChoices(Seams(stencil.borders, job.transfer.least_lap), stencil.least_border,
                            job.fit.limit(job.cut.film))
        ground = Ground(stencil.ground_shape, stencil.ground) if stencil.kind == "clear" else None
        return cls(stencil.viewing_mm, stencil.reading_angle, films, ground)


def size_told(mode: Mode, *, closed: bool) -> SizeIs:
    """What a typed size tells: laid for the eye, art is larger on a round wall; laid straight, it is so on film."""
    told: dict[Mode, SizeIs] = {"eye": "as seen", "straight": "on the film"}
    return told.get(mode, "on the glass") if closed else "on the glass"


class Fitted(Struct, frozen=True, dict=True):
    """Art on its glass: its size there (mm), its sheet shape, its names' places on the sheet, and its films.

    `art` is all that one sheet carries about the art's own middle: several copies where they are wrapped round the
    glass, while `size` is that of one. `middle` is where that middle lies in the artwork's own frame, in which its
    items are placed; `angle` is how far round the artwork's upright middle line stands, `baseline` how far its lowest
    words' foot is above the middle. `elsewhere` says how much farther round other copies stand, and `copy_angles`
    how far from this sheet's middle its own do, radians. The rim
    stands `rim_rise` higher there than its mean.
    """

    wall: Wall
    chart: Chart
    art: MultiPolygon
    size: tuple[float, float]
    sheet_art: MultiPolygon
    marks: tuple[tuple[str, float, float], ...]
    middle: tuple[float, float]
    placed: tuple[Placed, ...]
    films: tuple[Film, ...]
    angle: float
    baseline: float = 0.0
    elsewhere: tuple[float, ...] = ()
    copy_angles: tuple[float, ...] = (0.0,)
    rim_rise: float = 0.0

    @property
    def fan(self) -> Fan | None:
        """The whole wall's development."""
        return fan_of(self.wall)

    @cached_property
    def wall_art(self) -> MultiPolygon:
        """The art in wall coordinates (u, s)."""
        return on_wall(self.art, self.chart)

    @cached_property
    def wall_bounds(self) -> Box:
        """u and s bounds (u_low, s_low, u_high, s_high) of the art on the wall."""
        return bounds_on_wall(self.art, self.chart) or self.wall_art.bounds

    @cached_property
    def designs(self) -> tuple[Design, ...]:
        """What of the art is looked at by itself, from left to right: all of it, unless films stand apart."""
        return designs_of(self.art, self.chart, self.films, (self.wall_bounds[0], self.wall_bounds[2]))

    @property
    def widest(self) -> Design:
        """The design that goes farthest round."""
        return max(self.designs, key=lambda design: design.turn)

    @property
    def size_is(self) -> SizeIs:
        """What `size` tells."""
        return size_told(self.chart.mode, closed=self.wall.closed)

    def factor_for(self, wide: float, *, held_top: bool) -> float:
        """The factor to make art larger by at which it is so wide on the glass, where that is not what is typed.

        `held_top` says that its upper edge keeps its place, so that its middle sinks as it grows. Raises FitError where
        no size does, since the wall goes out of sight.
        """
        points, _ = self._told_of

        def reached(factor: float) -> float:
            sinks = self.size[1] / 2 * (factor - 1) if held_top else 0.0
            chart = replace(self.chart, s0=self.chart.s0 - sinks)
            return float(np.ptp(chart.way.to_wall(points * factor)[:, 0])) * chart.middle_scale

        factor = smallest_that(lambda size: reached(size) >= wide, 0.0, _MOST_FACTOR, _HALVINGS)
        if abs(reached(factor) - wide) > _AS_TYPED * wide:
            raise FitError(Says("no art is {wide} wide there, seen so: choose another way of laying, or less width",
                                wide=Length(wide)))
        return factor

    @cached_property
    def on_glass(self) -> tuple[float, float]:
        """One copy's width along the parallel through its middle and height along the wall, before it is turned."""
        points, copies = self._told_of
        across, up = np.ptp(self.chart.way.to_wall(points), axis=0)
        return float(across - copies) * self.chart.middle_scale, float(up)

    @cached_property
    def _told_of(self) -> tuple[Points, float]:
        """(n, 2) points round what a size on the glass is told of, and how far its outermost copies are apart, radians.

        It is the art, or where that has the ground round it, or is off the glass, the box of the typed size.
        """
        (wide, high), (_, low, _, top), copies = self.size, self.art.bounds, self.copy_angles[-1] - self.copy_angles[0]
        shape: BaseGeometry = self.art
        if self.art.is_empty or top - low > high * (1 + 1e-9):
            shape, copies = shapely.box(-wide / 2, -high / 2, wide / 2, high / 2), 0.0
        rings = shapely.segmentize(shapely.get_rings(shapely.get_parts(shape)), wide / _TOLD_IN)
        return shapely.get_coordinates(rings), copies

    @property
    def from_rim(self) -> float:
        """From the rim along the wall to the art's top edge, at its middle, before it is turned."""
        top = self.chart.way.to_wall(np.array([[0.0, self.size[1] / 2]]))
        return self.wall.length + self.rim_rise - float(top[0, 1])

    def in_artwork(self, spot: tuple[float, float]) -> tuple[float, float]:
        """A sheet point in the artwork's own frame, mm."""
        x, y = (self.chart.sheet_to_art(np.array([spot]))[0] + self.middle).tolist()
        return x, y

    def on_sheet(self, place: tuple[float, float]) -> Points:
        """(n, 2) sheet points of a place in the artwork's own frame: one on each copy that the sheet carries."""
        here = np.array([place]) - self.middle
        if len(self.copy_angles) > 1:
            pitch = self.chart.middle_scale * (self.copy_angles[1] - self.copy_angles[0])
            copies = here + np.column_stack([pitch * np.arange(1 - len(self.copy_angles), len(self.copy_angles)),
                                             np.zeros(2 * len(self.copy_angles) - 1)])
            here = copies[np.abs(copies[:, 0]) <= half_size(self.art)[0] + 1e-6]
        return self.chart.to_sheet(here)

    def where_held(self, line: str) -> Put:
        """The change of a job that holds another line of the art (top, baseline or middle) where it is now."""
        if line == "top":
            return held_from_rim(round(self.from_rim, 2))[1]
        place = self.chart.way.to_wall(np.array([[0.0, 0.0 if line == "middle" else self.baseline]]))
        upright = float(self.wall.in_space(place)[0, 2])
        return put(lambda job: job.fit.above_table, round(upright + self.wall.stands, 2))

    def put_at(self, u: float, s: float, grown: float) -> tuple[Put, ...]:
        """The changes that bring the middle of one copy to a place on the wall, when it is so many times as large."""
        # of an even number of copies on one sheet none stands at its middle
        own = self.middle[0] + self.copy_angles[(len(self.copy_angles) - 1) // 2] * self.chart.middle_scale
        beside = own * grown / float(self.wall.scale(np.array([s]))[0])
        return (*held_from_rim(self.wall.length - s - self.size[1] * grown / 2),
                *moved_round(self.wall, u - beside, 0.0))

    @property
    def sheets(self) -> int:
        """How many such sheets one item of glass takes: one for each copy, unless all are on one."""
        return 1 + len(self.elsewhere)

    @property
    def curved(self) -> bool:
        """Whether the wall is curved both ways, so that film must give."""
        return self.films[0].pressed is not None

    @property
    def on_one_wall(self) -> bool:
        """Whether its sheet is a part of the whole wall laid flat: no film gives, and the art is not parted."""
        return not self.curved and len(self.films) == 1

    @property
    def squeeze(self) -> float:
        """The most any film is squeezed, as a share; 0 where the wall has an exact flat shape."""
        return max((film.pressed.squeeze for film in self.films if film.pressed), default=0.0)

    @property
    def stretch(self) -> float:
        """The most any film is stretched, as a share."""
        return max((film.pressed.stretch for film in self.films if film.pressed), default=0.0)

    @property
    def strain_at_openings(self) -> float:
        """The most any film gives along its openings, where it must seal."""
        return max(film.strain_at_openings for film in self.films)

    @cached_property
    def droop(self) -> float:
        """How far level lettering laid this way leaves the level at its ends, mm along the wall: above is positive.

        Zero where rows follow the rim.
        """
        level = replace(self.chart, turn=0.0)
        end = level.to_wall(np.array([[self.size[0] / 2, 0.0]]))
        return float(end[0, 1] - self.chart.s0)

    @cached_property
    def off_the_eye(self) -> float:
        """How far from its true place any of the art is seen, mm, by the eye it is laid for; 0 for other ways."""
        eye = self.chart.eye
        if eye is None:
            return 0.0
        left, low, right, high = self.art.bounds
        edge = np.array([[x, y] for x in np.linspace(left, right, 41) for y in (low, 0.0, high)])
        away = np.abs(eye.to_wall(edge)[:, 0]) <= pi / 2
        gaps = eye.seen(eye.to_wall(edge)) - edge
        return float(np.hypot(*gaps[away].T).max(initial=0.0))


class MappedArt(Struct, frozen=True, eq=False):
    """Art laid from its own middle and its films cut, wherever round the glass it is to stand: what takes long."""

    chart: Chart
    art: MultiPolygon
    marks: tuple[Mark, ...]
    films: Films


def map_art(
    art: Art, wall: Wall, fit: Fit, choices: FitChoices | None = None, features: Features = _PLAIN
) -> MappedArt:
    """Find the art's height on the wall and cut its films. Raises OffGlassError, FitError or GlassError."""
    width, height = art.size
    choices = choices or FitChoices()
    eye = eye_before(wall, choices.viewing_mm)
    first = Chart(wall, wall.sheeting(0.4 * wall.length, 0.6 * wall.length), fit.mode, wall.length / 2, 0.0, False, 0.0,
                eye, choices.reading_angle / 2)
    rise, climb = rim_at(features, angle_of(fit, features)) if wall.closed and features.rim_rise else (0.0, 0.0)
    s0 = middle_height(first, fit, height, art.baseline) + (rise if fit.held == "top" and fit.from_rim is not None
                                                            else 0.0)
    flat = wall.sheeting(s0 - height / 2, s0 + height / 2)
    check_reach(wall, flat, fit.mode, s0, width / 2, height / 2)
    level = atan2(climb, float(wall.scale(np.array([s0]))[0])) if fit.level == "rim" else 0.0
    chart = replace(first, flat=flat, s0=s0, turn=fit.turn + level)
    far = wall.closed and not fit.wrap and width > choices.reading_angle * chart.middle_scale
    seams = replace(choices.films.seams, far=far)
    alone = art.shape if choices.ground is None else choices.ground.round(art.shape, fit.rows, fit.columns, seams)
    shape, marks = _round_the_glass(alone, art, chart, fit)
    turned = as_polygons(shapely.transform(shape, lambda xy: chart.turned(xy))) if chart.turn else shape
    stands = 0.0 if wall.closed else fit.across + art.middle[0] / chart.middle_scale
    films = cut_films(turned, replace(chart, turn=0.0), fit, replace(choices.films, seams=seams), stands)
    return MappedArt(replace(chart, flat=films.flat), shape, marks, films)


def fit_art(art: Art, wall: Wall, fit: Fit, features: Features = _PLAIN, mapped: MappedArt | None = None) -> Fitted:
    """Place the art and develop it to the sheet; `mapped` saves laying it anew.

    Raises OffGlassError where this wall cannot carry it at all, FitError where it cannot be laid or placed as asked.
    """
    mapped = map_art(art, wall, fit, None, features) if mapped is None else mapped
    angle = angle_of(fit, features) if wall.closed else fit.across
    # the artwork's upright middle line stands at the place asked for, not the middle of its box: no item moves
    # because another was put beside it
    beside = art.middle[0] / mapped.chart.middle_scale
    if fit.wrap and fit.times % 2 == 0:                        # of an even number of copies one stands there too
        beside += pi / fit.times
    chart = replace(mapped.chart, u0=angle + beside, mirrored=fit.face == "back")
    longest = longest_edge(chart, half_size(mapped.art), WARP_DEVIATION_MM)
    spots = chart.to_sheet(np.array([[mark.x, mark.y] for mark in mapped.marks]).reshape(-1, 2))
    marks = tuple((mark.name, float(x), float(y)) for mark, (x, y) in zip(mapped.marks, spots, strict=True))
    copies = fit.times if wall.closed and not fit.wrap else 1
    return Fitted(wall, chart, mapped.art, art.size, warp(mapped.art, chart.to_sheet, longest), marks,
                  _middle_of(art, chart, fit), art.placed, mapped.films.films, angle, art.baseline,
                  tuple(2 * pi * k / copies for k in range(1, copies)), _beside(fit),
                  rim_at(features, angle)[0])


def _middle_of(art: Art, chart: Chart, fit: Fit) -> tuple[float, float]:
    """Where the sheet's middle lies in the artwork's frame: of an even number of copies, half a pitch beside one."""
    half = pi * chart.middle_scale / fit.times if fit.wrap and fit.times % 2 == 0 else 0.0
    return art.middle[0] + half, art.middle[1]


def _beside(fit: Fit) -> tuple[float, ...]:
    """How far round from the sheet's middle its copies are, radians."""
    if not fit.wrap:
        return (0.0,)
    return tuple(2 * pi / fit.times * (k - (fit.times - 1) / 2) for k in range(fit.times))


def _round_the_glass(
    shape: MultiPolygon, art: Art, chart: Chart, fit: Fit
) -> tuple[MultiPolygon, tuple[Mark, ...]]:
    """What one sheet carries: the art, or where it is wrapped all its copies, so spaced that the last meets the first.

    Raises FitError where rows would not come round level.
    """
    if not fit.wrap or fit.times == 1:
        return shape, art.marks
    if not chart.wall.closed:
        raise FitError(tr("art goes all round a round glass only: take the wrap away on a pane"))
    if fit.mode not in ("rim", "letters") or chart.turn:
        raise FitError(tr("art that goes all round must come back to where it began: lay it following the rim or "
                          "keeping letter shapes, and not turned"))
    pitch = 2 * pi * chart.middle_scale / fit.times
    shifts = [pitch * (k - (fit.times - 1) / 2) for k in range(fit.times)]
    copies = np.concatenate([shapely.get_parts(shapely.transform(shape, _moved(by))) for by in shifts])
    wide = shape.bounds[2] - shape.bounds[0]
    joined = multipolygon(copies) if wide < pitch else as_polygons(union(copies.tolist()))
    return joined, tuple(Mark(mark.name, mark.x + by, mark.y) for by in shifts for mark in art.marks)


def _moved(by: float) -> Callable[[Points], Points]:
    return lambda xy: xy + [by, 0.0]
