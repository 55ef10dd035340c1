"""The films that an art is cut from: one, or several laid one after the other, each with a fit of its own.

All is told from the art's own middle, wherever that stands round the glass.
"""

from collections.abc import Iterator
from contextlib import suppress
from functools import cached_property
from itertools import pairwise

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.errors import FitError, GlassError
from vitrograph.core.film import NODES, SPACINGS_MM, Pressed, Snip, press, relief_cuts
from vitrograph.core.fit.band import ALL, Band, Seams, Sides, band_edge, band_round, parts_of
from vitrograph.core.fit.chart import Chart, bounds_on_wall, half_size, longest_edge, warp
from vitrograph.core.fit.parted import Parted, Shifted, set_out
from vitrograph.core.geometry import Box, Points, largest, without
from vitrograph.core.glass import AT_A_POLE, Ball, Sheeting, TurnedWall, Wall
from vitrograph.core.job import Fit
from vitrograph.core.language import tr

APART_MM = 12.0                    # between stencils on one sheet, to be parted with scissors (common practice)
WARP_DEVIATION_MM = 0.004          # how far split edges may stray after the warp
_NOTCH_MM = 2.0                    # a notch's depth, where the border is three times that at least
_CUT_SHARE = 1.4                   # of the border's width a relief cut may be long, where there is room for it
_SAMPLES = 500                     # places along the openings where the film's strain is looked at

Notch = tuple[float, float, float, float]                      # wall (u, s), and the way inward in mm (round, up)


class FilmChoices(Struct, frozen=True):
    """What the films depend on beside the fit: the borders and laps, how near to an opening a snip may come, mm.

    `limit` is what a film may give, `nodes` are those of the membrane.
    """

    seams: Seams = Seams()
    safe: float = 12.0
    limit: float = 0.015
    nodes: int = NODES


class Film(Struct, frozen=True, eq=False, dict=True):
    """One stencil's film: its band of wall, the border left at each side, and its flat shape where it lies.

    `edge` is (n, 2) wall points round it. `pressed` is None where the wall has an exact flat shape; `openings` are the
    least and the most strain along the openings' edges. `notches` are where it is set to the film laid before it.
    """

    band: Band
    border: Sides
    flat: Sheeting
    edge: Points
    pressed: Pressed | None = None
    openings: tuple[float, float] = (0.0, 0.0)
    notches: tuple[Notch, ...] = ()

    @property
    def strain_at_openings(self) -> float:
        """The larger of the squeeze and the stretch along the openings, as a share."""
        return _larger(self.openings)

    @property
    def middle(self) -> float:
        """How far round from the art's middle its own middle stands."""
        return self.flat.u0 if isinstance(self.flat, Shifted) else 0.0

    @property
    def shift(self) -> tuple[float, float]:
        """How far it lies on the sheet from where it would lie alone."""
        return self.flat.shift if isinstance(self.flat, Shifted) else (0.0, 0.0)

    @property
    def snips(self) -> tuple[Snip, ...]:
        """Its relief cuts, where they lie on the sheet."""
        across, up = self.shift
        return tuple(replace(snip, edge=(snip.edge[0] + across, snip.edge[1] + up),
                             tip=(snip.tip[0] + across, snip.tip[1] + up))
                     for snip in (self.pressed.snips if self.pressed else ()))

    @property
    def marks(self) -> tuple[tuple[float, float], ...]:
        """Its notches' tips on the sheet."""
        tips = [self._triangle(notch).exterior.coords[0] for notch in self.notches]
        return tuple((float(x), float(y)) for x, y in tips)

    @cached_property
    def outline(self) -> Polygon:
        """Its edge on the sheet, mm, notched where it is snipped and where it is set by. Raises FitError."""
        if self.pressed is not None and self.pressed.outline is not None:
            outline = shapely.transform(self.pressed.outline, lambda xy: xy + self.shift)
        else:
            outline = Polygon(self.flat.develop(self.edge))
        if self.notches and not outline.is_valid:
            raise FitError(tr("this film's edge would cross itself: make the art smaller, or lay it another way"))
        for notch in self.notches:
            outline = largest(without(outline, self._triangle(notch)))
        return largest(outline)

    def _triangle(self, notch: Notch) -> Polygon:
        """A notch on the sheet: its base a little outside the edge, so that it opens it."""
        u, s, across, up = notch
        scale = self.flat.cone.radius if self.flat.cone is not None else 1.0
        ways = np.array([[across, up], [-0.1 * across - 0.75 * up, -0.1 * up + 0.75 * across],
                         [-0.1 * across + 0.75 * up, -0.1 * up - 0.75 * across]])
        return Polygon(self.flat.develop(np.array([[u, s]]) + ways / [scale, 1.0]))


class Films(Struct, frozen=True, eq=False):
    """The films of an art, in the order they are laid, and the map of the sheet they all lie on."""

    films: tuple[Film, ...]
    flat: Sheeting


class _Cell(Struct, frozen=True, eq=False, dict=True):
    """A part of the art that one film carries: its cell of the art's plane, and its shape there and on the wall."""

    cell: Box
    art: MultiPolygon
    chart: Chart

    @cached_property
    def wall(self) -> MultiPolygon:
        """Its shape on the wall."""
        return on_wall(self.art, self.chart)

    @cached_property
    def bounds(self) -> Box:
        """Its box on the wall (u_low, s_low, u_high, s_high)."""
        return bounds_on_wall(self.art, self.chart) or self.wall.bounds


def cut_films(art: MultiPolygon, chart: Chart, fit: Fit, choices: FilmChoices, stands: float = 0.0) -> Films:
    """Cut the films of an art; they are laid from below upward, and from left to right.

    Each next film lies over the edge of the one before it, as shingles do, so that cream runs over the joint, unless
    there is so much room between their openings that they stand apart. `chart`
    has u0 and turn 0; on a pane the art stands so far (mm) to the right of the middle. Raises GlassError where a film
    reaches a pole.
    """
    rows = [[_Cell(cell, part, chart) for cell, part in parts_of(row, 0, fit.columns, cell, choices.seams)]
            for cell, row in parts_of(art, 1, fit.rows, ALL, choices.seams)]
    cells = [cell for row in rows for cell in row]
    boxes = _boxes(rows, chart.wall, choices.seams, wrap=fit.wrap)
    bands = [band_round(chart.wall, box, sides, stands) for box, sides in boxes]
    alone = len(cells) == 1
    made = [_film(chart, cell, band, border, fit, choices, alone=alone)
            for cell, (band, border) in zip(cells, bands, strict=True)]
    if alone:
        return Films((made[0],), made[0].flat)
    shifts = set_out([film.outline.bounds for film in made], APART_MM)
    flats = tuple(Shifted(film.flat.flat, shift, film.flat.u0) for film, shift in zip(made, shifts, strict=True)
                  if isinstance(film.flat, Shifted))
    placed = tuple(replace(film, flat=flat, notches=notches)
                   for film, flat, notches in zip(made, flats, _notches(rows, bands), strict=True))
    return Films(placed, Parted(tuple(cell.cell for cell in cells),
                                tuple(_cell_on_wall(cell.cell, chart) for cell in cells), flats,
                                tuple(film.outline.bounds for film in placed)))


def on_wall(art: MultiPolygon, chart: Chart) -> MultiPolygon:
    """Art in wall coordinates (u, s), its edges split so that they stray by no more than is told."""
    return warp(art, chart.to_wall, longest_edge(chart, half_size(art), WARP_DEVIATION_MM, wall=True))


def _cell_on_wall(cell: Box, chart: Chart) -> Box:
    """A cell's edges on the wall, taken from its middle lines; those it has in common with the plane stay far off."""
    ends = np.clip(np.array(cell), -1000.0, 1000.0)
    (left, _), (right, _) = chart.way.to_wall(np.array([[ends[0], 0.0], [ends[2], 0.0]])).tolist()
    (_, low), (_, high) = chart.way.to_wall(np.array([[0.0, ends[1]], [0.0, ends[3]]])).tolist()
    near = [left, low, right, high]
    box = [ALL[k] if cell[k] == ALL[k] else near[k] for k in range(4)]
    return box[0], box[1], box[2], box[3]


def _boxes(
    rows: list[list[_Cell]], wall: Wall, seams: Seams, *, wrap: bool
) -> Iterator[tuple[Box, Sides]]:
    """Of each film the box of its art on the wall, and the border wanted at each side; a wrap's film closes behind."""
    bounds, border = [_bounds(row) for row in rows], seams.border
    u_low, u_high = min(box[0] for box in bounds), max(box[2] for box in bounds)
    scales = [float(wall.scale(np.array([(box[1] + box[3]) / 2]))[0]) for box in bounds]
    if min(scales) <= 0:
        raise GlassError(AT_A_POLE)
    spare = max(0.0, wall.span - (u_high - u_low)) / 2 if wall.closed else np.inf
    outer = [spare if wrap and wall.closed else min(border[side] / min(scales), spare) for side in (0, 2)]
    for i, (row, scale, (_, s_low, _, s_high)) in enumerate(zip(rows, scales, bounds, strict=True)):
        lower = seams.reach(s_low - bounds[i - 1][3], 1) if i else border[1]
        upper = seams.reach(bounds[i + 1][1] - s_high, 3) if i + 1 < len(rows) else border[3]
        # rows of one film each are all as wide as the widest, so that their sides line up
        ends = [(cell.bounds[0], cell.bounds[2]) for cell in row] if len(row) > 1 else [(u_low, u_high)]
        for k, (start, end) in enumerate(ends):
            left = seams.reach((start - ends[k - 1][1]) * scale, 0) if k else outer[0] * scale
            right = seams.reach((ends[k + 1][0] - end) * scale, 2) if k + 1 < len(ends) else outer[1] * scale
            yield (start, s_low, end, s_high), (left, lower, right, upper)


def _bounds(row: list[_Cell]) -> Box:
    left, low, right, high = np.transpose([cell.bounds for cell in row])
    return float(left.min()), float(low.min()), float(right.max()), float(high.max())


def _notches(rows: list[list[_Cell]], bands: list[tuple[Band, Sides]]) -> Iterator[tuple[Notch, ...]]:
    """For each film, the notches that line up with those of the films before and after it, unless they stand apart."""
    at = iter(bands)
    grid = [[next(at) for _ in row] for row in rows]
    heights = [_bounds(row) for row in rows]
    joints = [(low[3] + high[1]) / 2 for low, high in pairwise(heights)]
    for i, row in enumerate(grid):
        levels = [joints[j] for j in (i - 1, i) if 0 <= j < len(joints)] if len(row) == 1 else []
        for k, (band, (left, lower, right, upper)) in enumerate(row):
            made = [(u, s, inward, 0.0) for s in levels for u, inward, side in
                    ((band.u_low, _NOTCH_MM, left), (band.u_high, -_NOTCH_MM, right)) if side >= 3 * _NOTCH_MM]
            turns = [(rows[i][j].bounds[2] + rows[i][j + 1].bounds[0]) / 2 for j in (k - 1, k)
                     if 0 <= j < len(row) - 1 and row[j][0].meets(row[j + 1][0])]
            made += [(u, s, 0.0, inward) for u in turns for s, inward, side in
                     ((band.s_low, _NOTCH_MM, lower), (band.s_high, -_NOTCH_MM, upper)) if side >= 3 * _NOTCH_MM]
            yield tuple(made)


def _film(chart: Chart, cell: _Cell, band: Band, border: Sides, fit: Fit, choices: FilmChoices, *, alone: bool) -> Film:
    """One film, not yet set out on the sheet. Laid straight, or alone, it is told from the art's middle."""
    middle = 0.0 if alone or chart.mode == "straight" else (band.u_low + band.u_high) / 2
    own = Band(band.u_low - middle, band.s_low, band.u_high - middle, band.s_high)
    flat = chart.wall.sheeting(band.s_low, band.s_high)
    pressed, ends = None, (0.0, 0.0)
    if isinstance(chart.wall, TurnedWall | Ball):
        wall_art = shapely.transform(cell.wall, lambda us: us - [middle, 0.0])
        pressed, ends = _pressed(chart.wall, own, wall_art, fit, choices)
        flat = pressed.sheeting
    edge = band_edge(flat, own) + [middle, 0.0]
    return Film(band, border, flat if alone else Shifted(flat, (0.0, 0.0), middle), edge, pressed, ends)


def _pressed(
    wall: TurnedWall | Ball, band: Band, art: MultiPolygon, fit: Fit, choices: FilmChoices
) -> tuple[Pressed, tuple[float, float]]:
    """The film pressed on, and its strain along the openings.

    With relief it is snipped at ever shorter spacings until it gives no more than it may; where no spacing does, the
    one that comes nearest. Film so large that it has no least-energy shape is cut by the best cone: the strain that it
    is told of says that it is too large.
    """
    cone, by_cone = wall.sheeting(band.s_low, band.s_high), fit.film_shape == "best cone"
    edge = band_edge(cone, band)
    openings = shapely.transform(art, cone.develop)
    try:
        best = press(wall, cone, edge, openings, by_cone=by_cone, nodes=choices.nodes)
    except FitError:
        by_cone, best = True, press(wall, cone, edge, openings, by_cone=True, nodes=choices.nodes)
    ends = _strain_along(best, art)
    for spacing in SPACINGS_MM if fit.relief and not by_cone else ():
        if _larger(ends) <= choices.limit:
            break
        longest = _CUT_SHARE * min(choices.seams.border)
        cuts = relief_cuts(Polygon(cone.develop(edge)), openings, choices.safe, longest, spacing)
        with suppress(FitError):                               # so deep that no shape is found: these are no help
            snipped = press(wall, cone, edge, openings, cuts, nodes=choices.nodes) if cuts else best
            best, ends = min((best, ends), (snipped, _strain_along(snipped, art)), key=lambda one: _larger(one[1]))
    return best, ends


def _larger(ends: tuple[float, float]) -> float:
    """The larger of a squeeze and a stretch, as a share."""
    return max(-ends[0], ends[1])


def _strain_along(pressed: Pressed, art: MultiPolygon) -> tuple[float, float]:
    """The least and the most strain along the openings' edges."""
    strains = pressed.at(along_edges(art))
    return float(min(strains[:, 0].min(), 0.0)), float(max(strains[:, 1].max(), 0.0))


def along_edges(art: MultiPolygon) -> Points:
    """Places all over the edges of art, as many as it takes to find the worst of them."""
    points = shapely.get_coordinates(art)
    return np.asarray(points[:: max(1, len(points) // _SAMPLES)])
