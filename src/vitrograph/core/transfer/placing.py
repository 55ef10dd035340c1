"""Placing: where each film goes on this very glass, in lengths that a ruler, a tape or a string can take.

All distances are taken from what the hand can reach: a rim as it leans, the edges of a pane, of a frame's aperture or
of a hollow underside, and the table. *Left* and *right* are those of whoever sets the film: from behind a pane they
are the other way round.
"""

from collections.abc import Iterator
from functools import cached_property
from math import degrees, hypot

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import Polygon

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points, half_turn
from vitrograph.core.glass import WATER_G_PER_ML, Pane, Wall, inside_of
from vitrograph.core.job import Features, FlatGlass, Glass
from vitrograph.core.language import tr
from vitrograph.core.stencil import Sheet

LEAST_MM = 0.05                    # no ruler tells less
_ARM_MM = 3.0                      # along the film's edge, by which a corner is told
_SHARP = np.radians(140)           # a corner of the film turns no wider than that
_RIM_SHARE = 0.5                   # of the radius at the film: a narrower rim is a poor place to measure from


class Spot(Struct, frozen=True):
    """A place on a film's edge, in mm: across a pane from its reachable left edge, or round the glass; down; and up.

    `round_glass` is told along the rim from the front mark, positive to the right, `round_here` at the place's own
    height; where there is no rim both are that. `down` is along the wall from the rim or the upper edge that can be
    reached, negative where the film reaches over it; `up` is upright above the table, or from a pane's lower edge.
    `at` is the place itself, (u, s) on the wall.
    """

    name: str
    across: float | None
    round_glass: float | None
    down: float
    up: float
    at: tuple[float, float]
    round_here: float | None = None


class Beside(Struct, frozen=True):
    """How far a film's upper middle stands from a handle or a seam, mm along the rim, to the `side` of that."""

    what: str
    mm: float
    side: str


class Placing(Struct, frozen=True):
    """Where one film goes: its left, middle and right places from the left, and the middle of its lower edge.

    `angle` is how far round its middle stands, radians; `edge` says which edge `down` is told from, `side` which one
    `across`, `foot` what a pane's `up`. `water` brings the water in the standing glass to the film's lower edge, ml,
    where that is known; `no_water` says why it is not. `by` is the better of the two ways to find its height.
    `has_corners` tells that its upper edge ends in corners, and not in a round; `has_rim` that the edge is a rim.
    """

    left: Spot
    middle: Spot
    right: Spot
    lower: Spot
    angle: float | None
    edge: str
    side: str
    foot: str
    by: str
    behind: bool
    beside: tuple[Beside, ...]
    water: float | None
    no_water: str
    art_mm: float
    turn_per_mm: float
    shift_per_mm: float
    has_corners: bool
    has_rim: bool

    @property
    def spots(self) -> tuple[Spot, Spot, Spot]:
        """What is measured down to, from the left."""
        return self.left, self.middle, self.right

    @property
    def over(self) -> float:
        """How far the film reaches over the edge that can be reached, mm."""
        return max(0.0, *(-spot.down for spot in self.spots))

    @property
    def angle_deg(self) -> float | None:
        """The angle in degrees."""
        return None if self.angle is None else degrees(self.angle)


class Surroundings(Struct, frozen=True, dict=True):
    """What films are measured from: the wall, what the piece has beside it, and the glass as it was typed."""

    wall: Wall
    glass: Glass
    features: Features

    @property
    def edge(self) -> str:
        """The edge from which one measures down."""
        if self.wall.closed:
            return tr("rim") if self.has_rim else tr("top of the glass")
        return self._of_pane(tr("ring's upper inner edge"), tr("frame's upper inner edge"), tr("pane's upper edge"))

    @property
    def side(self) -> str:
        """The edge from which one measures across; nothing on a round glass."""
        return self._of_pane(tr("ring's left inner edge"), tr("frame's left inner edge"), tr("pane's left edge"))

    @property
    def foot(self) -> str:
        """The edge from which one measures up a pane; nothing on a round glass, which stands on the table."""
        return self._of_pane(tr("ring's lower inner edge"), tr("frame's lower inner edge"), tr("pane's lower edge"))

    def _of_pane(self, of_ring: str, of_frame: str, own: str) -> str:
        """Which of a pane's edges the hand can reach; nothing on a round glass."""
        if not isinstance(self.glass, FlatGlass):
            return ""
        if self.glass.lies == "hollow":
            return of_ring
        return of_frame if self.glass.frame > 0 else own

    def rim_at(self, u: float) -> float:
        """Where the edge above a place is, mm along the wall: a rim that leans, or a pane's, which may be oval."""
        wall = self.wall
        if isinstance(wall, Pane):
            half = wall.height / 2
            return half + half * _chord(u, wall.width / 2) if wall.oval else wall.height
        return wall.length + self.features.rim_rise / 2 * float(np.cos(u - self.features.rim_high))

    @cached_property
    def rim_radius(self) -> float:
        """The rim's outside radius, mm."""
        return float(self.wall.scale(np.array([self.wall.length]))[0])

    def spot(self, name: str, place: Points, middle: float, *, behind: bool) -> Spot:
        """The place at (u, s) on the wall as it is measured; round the glass the way its film's middle is told."""
        wall = self.wall
        u, s = float(place[0]), float(place[1])
        up = float(wall.in_space(np.array([[u, s]]))[0, 2]) + wall.stands
        down = self.rim_at(u) - s
        if isinstance(wall, Pane):
            half, foot = wall.width / 2, 0.0
            if wall.oval:
                half *= _chord(s - wall.height / 2, wall.height / 2)
                foot = wall.height / 2 * (1 - _chord(u, wall.width / 2))
            return Spot(name, half - u if behind else half + u, None, down, up - foot, (u, s))
        turn = half_turn(middle) + u - middle                  # a film that goes all round ends at both sides
        here = turn * float(wall.scale(np.array([s]))[0])
        return Spot(name, None, turn * self.rim_radius if self.has_rim else here, down, up, (u, s), here)

    @property
    def has_rim(self) -> bool:
        """Whether there is a rim to measure along and to hang a collar on."""
        return self.wall.closed and self.rim_radius > 1.0


def _chord(at: float, half: float) -> float:
    """The share of an oval's half axis that is left at a distance along the other one."""
    return float(np.sqrt(max(0.0, 1 - (at / half) ** 2)))


def placing_of(sheet: Sheet, number: int, about: Surroundings, round_by: float = 0.0) -> Placing:
    """Where one film of a sheet goes; `round_by` is how much farther round this copy of it stands, radians.

    Raises FitError where none of it lies on the glass.
    """
    sheet.require_on_glass(number)
    chart, wall = sheet.fitted.chart, sheet.fitted.wall
    behind = not wall.closed and chart.mirrored
    edge = sheet.laid_edges[number] + [round_by, 0.0]
    u, s = sheet.laid_bands[number].middle
    middle = u + chart.u0 + round_by
    upper, lower = np.array([middle, end_of(edge, middle, 1)]), np.array([middle, end_of(edge, middle, -1)])
    corners, ends = _ends(sheet.laid[number], edge, behind=behind)
    names = ((tr("upper left corner"), tr("upper right corner")) if corners else
             (tr("leftmost point"), tr("rightmost point")))
    left, right = (about.spot(name, place, middle, behind=behind) for name, place in zip(names, ends, strict=True))
    art = float(wall.scale(np.array([s]))[0])                  # mm per unit of u at the film's middle
    chord = hypot(*(ends[1] - ends[0]) * [float(wall.scale(np.array([upper[1]]))[0]), 1.0])
    reach = float(np.ptp(np.reshape(sheet.art_boxes[number], (2, 2))[:, 0])) if not sheet.seen.is_empty else 0.0
    water, no_water = _water(about, lower)
    by = "edge" if not wall.closed or (about.has_rim and about.rim_radius > _RIM_SHARE * art) else "table"
    return Placing(left, about.spot(tr("upper middle"), upper, middle, behind=behind), right,
                   about.spot(tr("lower middle"), lower, middle, behind=behind),
                   half_turn(middle) if wall.closed else None,
                   about.edge, about.side, about.foot, by, behind, tuple(_beside(about, middle)), water, no_water,
                   reach, reach / 2 / max(chord, 1e-9), art / about.rim_radius if about.has_rim else 1.0,
                   corners, about.has_rim)


def end_of(edge: Points, u: float, side: int) -> float:
    """The height along the wall at which a film ends straight above (1) or below (-1) its middle.

    With the columns of `edge` changed over, and a height, it is how far to the right (1) or left (-1) it ends there.
    """
    ends = np.array([edge[:-1], edge[1:]])
    crossing = (ends[0, :, 0] - u) * (ends[1, :, 0] - u) <= 0
    start, end = ends[0][crossing], ends[1][crossing]
    across = end[:, 0] - start[:, 0]
    share = np.divide(u - start[:, 0], across, out=np.zeros(len(start)), where=np.abs(across) > 1e-12)
    heights = start[:, 1] + share * (end[:, 1] - start[:, 1])
    if not len(heights):
        heights = edge[:, 1]
    return float(heights.max() if side > 0 else heights.min())


def _ends(cover: Polygon, edge: Points, *, behind: bool) -> tuple[bool, Points]:
    """What is measured down to at either side, as the one who sets the film sees them, and whether it is corners.

    A film with round corners, or an oval one, has none: there it is where the film is widest.
    """
    across, up = ((edge - edge.min(axis=0)) / np.ptp(edge, axis=0)).T
    at = [int(np.argmax(up - across)), int(np.argmax(up + across))]
    corners = all(_is_corner(cover, k) for k in at)
    if not corners:
        at = [int(np.argmin(across)), int(np.argmax(across))]
    if behind:
        at = at[::-1]
    return corners, edge[at]


def _is_corner(cover: Polygon, at: int) -> bool:
    """Whether a film's edge turns sharply about one of its points."""
    ring = cover.exterior
    here = float(ring.project(shapely.Point(ring.coords[at])))
    before, after = (np.asarray(ring.interpolate((here + by) % ring.length).coords[0]) for by in (-_ARM_MM, _ARM_MM))
    corner = np.asarray(ring.coords[at])[:2]
    one, other = before - corner, after - corner
    cosine = float(one @ other) / max(hypot(*one) * hypot(*other), 1e-12)
    return bool(np.arccos(np.clip(cosine, -1.0, 1.0)) < _SHARP)


def _beside(about: Surroundings, middle: float) -> Iterator[Beside]:
    """Yield how far from each handle and seam a film's middle stands, along the rim."""
    if not about.has_rim:
        return
    for kept in about.features.keep_out:
        if kept.what in ("handle", "seam"):
            turn = half_turn(middle - kept.angle)
            yield Beside(kept.what, abs(turn) * about.rim_radius, "right" if turn >= 0 else "left")


def _water(about: Surroundings, lower: Points) -> tuple[float | None, str]:
    """Millilitres of water up to the film's lower edge, or why that is not known."""
    features, wall = about.features, about.wall
    if not wall.closed:
        return None, ""
    try:
        inside = inside_of(wall, features.thickness, features.bottom)
    except GlassError as error:
        return None, str(error)
    height = float(wall.in_space(lower[None])[0, 2])
    volume = inside.volume_to(height)
    if volume <= 0:
        return None, tr("the film's lower edge lies below the inside of the glass: no water reaches it")
    return volume / 1000, ""


def grams(millilitres: float) -> float:
    """What so much water weighs at 20 °C."""
    return millilitres * WATER_G_PER_ML
