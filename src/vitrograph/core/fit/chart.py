"""Laying flat art on a wall: the maps between art, wall and sheet, by the way chosen (see `ways`).

Art points are (x, y) in mm about the art's middle, which lies at height s0 on the wall. The sheet has its own frame:
its u is counted from the art's middle, so the same stencil serves wherever round the glass it is laid.
"""

from collections.abc import Callable
from functools import cached_property
from math import cos, radians, sin, sqrt

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiPolygon

from vitrograph.core.errors import FitError, OffGlassError
from vitrograph.core.fit.band import Band, band_edge
from vitrograph.core.fit.parted import Parted
from vitrograph.core.fit.ways import Eye, Way, way_on
from vitrograph.core.geometry import Box, Points, as_polygons, split_edges
from vitrograph.core.glass import Cone, Pane, Sheeting, Wall
from vitrograph.core.job import Mode
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says

_FLIP = np.array([-1.0, 1.0])
_MOST_POINTS = 400_000             # of art carried through a map; the finest lettering takes a tenth
_TOO_SHARP = (tr("laid this way the art bends too sharply to be cut: make it smaller, move it towards the middle of "
                 "the wall, or lay it another way"))
_PROBES = 13                       # places across and up where the bend of a map is looked at
_PANE_EDGE_MM = 0.05               # how far an oval pane's outline may stray
_SAFE = 1.25                       # of a bend that was only looked at in places


class Chart(Struct, frozen=True, eq=False, dict=True):
    """How art goes on a wall: the mode, the middle's height s0 (mm) and turn u0, and whether the sheet is mirrored.

    `flat` is what the film is cut by: the wall's own development, or the flat shape found for a wall that has none.
    `turn` turns the art about its middle, to the left. The eye of "as the eye sees it" is `eye_mm` from the axis, and
    the art is true for it up to `eye_angle`.
    """

    wall: Wall
    flat: Sheeting
    mode: Mode
    s0: float
    u0: float
    mirrored: bool
    turn: float = 0.0
    eye_mm: float = 600.0
    eye_angle: float = radians(60)

    @cached_property
    def way(self) -> Way:
        """The map from art to wall, u from the art's middle."""
        return way_on(self.wall, self.flat, self.mode, self.s0, self.eye_mm, self.eye_angle)

    def to_sheet(self, art: Points) -> Points:
        """Map (n, 2) art points to (n, 2) sheet points, mm."""
        art = self.turned(art)
        if isinstance(self.flat, Parted):
            flat = self._to_parted(self.flat, art)
        else:
            flat = art + [0.0, self.s0] if self.mode == "straight" else self.flat.develop(self.way.to_wall(art))
        return self.flipped(flat)

    def _to_parted(self, flat: Parted, art: Points) -> Points:
        cells = flat.cells_of(art)
        if self.mode == "straight":
            return art + [0.0, self.s0] + flat.shifts(cells)
        return flat.develop_in(cells, self.way.to_wall(art))

    def to_wall(self, art: Points) -> Points:
        """Map (n, 2) art points to (n, 2) wall points (u, s), u counted from the glass's front."""
        if self.mode == "straight" and isinstance(self.flat, Parted):
            return self.sheet_to_wall(self.to_sheet(art))
        return self.way.to_wall(self.turned(art)) + [self.u0, 0.0]

    def sheet_to_art(self, sheet: Points) -> Points:
        """Map sheet points back to the art: the inverse of `to_sheet`."""
        flat = self.flipped(sheet)
        if self.mode != "straight":
            art = self.way.to_art(self.flat.undevelop(flat))
        elif isinstance(self.flat, Parted):
            art = flat - [0.0, self.s0] - self.flat.shifts(self.flat.cells_on(flat))
        else:
            art = flat - [0.0, self.s0]
        return self.turned(art, back=True)

    def sheet_to_wall(self, sheet: Points) -> Points:
        """Map sheet points to the wall, u from the glass's front."""
        return self.flat.undevelop(self.flipped(sheet)) + [self.u0, 0.0]

    def wall_to_sheet(self, wall: Points) -> Points:
        """Map wall points to this sheet: the inverse of `sheet_to_wall`."""
        flat = self.flat.develop(wall - [self.u0, 0.0])
        return self.flipped(flat)

    def flipped(self, points: Points) -> Points:
        """Points of a film as they lie on the sheet: mirrored for a back face, and so back again."""
        return points * _FLIP if self.mirrored else points

    def turned(self, art: Points, *, back: bool = False) -> Points:
        """Art points turned about the middle, as they are before they are laid; or back again."""
        if self.turn == 0:
            return art
        by = -self.turn if back else self.turn
        return np.asarray(art @ np.array([[cos(by), sin(by)], [-sin(by), cos(by)]]))

    @property
    def middle_scale(self) -> float:
        """mm per unit of u on the parallel through the art's middle."""
        return float(self.wall.scale(np.array([self.s0]))[0])

    @property
    def eye(self) -> Eye | None:
        """The eye, where the art is laid as it sees it."""
        return self.way if isinstance(self.way, Eye) else None


def whole_wall(chart: Chart) -> Points:
    """(n, 2) sheet outline of a wall that has an exact flat shape: rim to base, once round from the art's middle."""
    wall = chart.wall
    if isinstance(wall, Pane):
        return chart.wall_to_sheet(wall.edge(_PANE_EDGE_MM))
    whole = Band(chart.u0 - wall.span / 2, 0.0, chart.u0 + wall.span / 2, wall.length)
    return chart.wall_to_sheet(band_edge(chart.flat, whole))


def bounds_on_wall(art: MultiPolygon, chart: Chart) -> Box | None:
    """The box (u_low, s_low, u_high, s_high) of art on the wall, where its own box tells it; None where it does not.

    Rows that follow the rim and are not turned go by themselves, and so do columns: the box's corners are enough.
    """
    if chart.mode != "rim" or chart.turn:
        return None
    left, low, right, high = art.bounds
    (u_low, s_low), (u_high, s_high) = chart.to_wall(np.array([[left, low], [right, high]])).tolist()
    return u_low, s_low, u_high, s_high


def half_size(art: MultiPolygon) -> tuple[float, float]:
    """How far art reaches from (0, 0), across and up."""
    left, low, right, high = art.bounds
    return max(abs(left), abs(right)), max(abs(low), abs(high))


def longest_edge(chart: Chart, half_size: tuple[float, float], max_deviation: float, *, wall: bool = False) -> float:
    """How long an art edge may be so that its image on the sheet (or the wall) strays at most so far from the chord.

    A chord strays at most L²/8 times the largest second derivative. Rows that follow the rim of a cone have a known
    one: with phi = x/rho0 and rho = rho0 + y it is at most (rho/rho0 + 1)/rho0. Other maps are looked at in places.
    """
    if chart.mode == "rim" and wall:
        return float("inf")                                    # each side goes by itself: edges stay straight
    if not chart.wall.closed or (chart.mode == "straight" and not wall):
        return float("inf")
    if chart.mode == "rim" and isinstance(chart.flat, Cone) and chart.turn == 0:
        bend = abs(chart.flat.taper) / chart.middle_scale
        return sqrt(8 * max_deviation / max(bend * (2 + bend * half_size[1]), 1e-12))
    return sqrt(8 * max_deviation / max(_SAFE * _bend_of(chart, half_size, wall=wall), 1e-12))


def _bend_of(chart: Chart, half_size: tuple[float, float], *, wall: bool) -> float:
    """The largest second derivative of a map, in any of four directions, at places all over the art; 1/mm."""
    reach = 1.02 * float(np.hypot(*half_size)) if chart.turn else 1.02
    x, y = (np.linspace(-half, half, _PROBES) * 1.02 for half in ((reach, reach) if chart.turn else half_size))
    places = np.array(np.meshgrid(x, y)).reshape(2, -1).T
    step = max(0.02 * max(half_size), 0.05)
    scale = np.array([chart.middle_scale, 1.0]) if wall else np.ones(2)
    most = 0.0
    for way in ([1.0, 0.0], [0.0, 1.0], [0.7071, 0.7071], [0.7071, -0.7071]):
        off = step * np.array(way)
        there, here, back = (_within_cell(chart, places, places + side * off, wall=wall) for side in (1, 0, -1))
        second = (there - 2 * here + back) * scale / step**2
        most = max(most, float(np.hypot(*second.T).max()))
    return most


def _within_cell(chart: Chart, places: Points, moved: Points, *, wall: bool) -> Points:
    """Moved places on the sheet or the wall, each by the film of the place it was moved from: there is no jump."""
    if wall or not isinstance(chart.flat, Parted) or chart.mode == "straight":
        return chart.to_wall(moved) if wall else chart.to_sheet(moved)
    return chart.flat.develop_in(chart.flat.cells_of(places), chart.way.to_wall(moved))


def check_reach(wall: Wall, flat: Sheeting, mode: Mode, s0: float, half_width: float, half_height: float) -> None:
    """Refuse art that no place on this wall can carry: it would reach the cone's apex or lie behind it.

    Raises OffGlassError, saying the size that came.
    """
    ends = wall.scale(np.array([s0 - half_height, s0 + half_height]))
    corners = np.array([[half_width, s0 - half_height], [half_width, s0 + half_height], [0.0, s0 - half_height],
                        [0.0, s0 + half_height]])
    foot = flat.cone.at if flat.cone is not None else 0.0
    behind = mode == "straight" and (1 + flat.bend * (corners[:, 1] - foot) <= 0).any()
    if (ends <= 0).any() or behind:
        raise OffGlassError(
            Says("art {width} x {height} reaches past the point where this wall's cone closes: make it smaller, or "
                 "move it towards the wider end", width=Length(2 * half_width, 0), height=Length(2 * half_height, 0))
        )


def warp(shape: MultiPolygon, mapping: Callable[[Points], Points], longest: float) -> MultiPolygon:
    """Carry polygons through a map after splitting their edges to at most `longest` mm.

    Raises FitError where that would take more points than any film needs, or has no place for one of them: the map
    bends without end there.
    """
    if not shape.length <= _MOST_POINTS * longest:
        raise FitError(_TOO_SHARP)
    try:
        return as_polygons(shapely.transform(split_edges(shape, longest), mapping))
    except shapely.GEOSException:                              # a ring with a point that is no number does not close
        raise FitError(_TOO_SHARP) from None
