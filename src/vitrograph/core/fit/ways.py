"""The ways to lay flat art on a wall: maps from art (x, y), mm about its middle, to wall points (u, s), and back.

u is counted from the art's middle, which lies at height s0; r0 is the wall's radius there, mm per unit of u.

- rim: rows keep their height and run level with the rim: u = x / r0, s = s0 + y.
- letters: angles are kept, so letters keep their shape and grow with the glass. u = x / r0, and the integral of ds / r
  from s0 is y / r0: the height of the Mercator projection (J. P. Snyder, Map Projections: A Working Manual, USGS
  Professional Paper 1395, chapter 7). On a cone, rho = rho0 exp(y / rho0).
- straight: laid flat with no bend; lengths are kept on the sheet, level lines are not on the glass.
- eye: what is seen from the front, at a stated distance from the axis and level with the art's middle, is the art. The
  picture stands upright through the middle's front point, so art is in true size there; seen from far away this is
  x = r sin u, y = z. Beyond a stated angle the art goes on as it went there.
"""

from collections.abc import Callable
from functools import cached_property
from typing import Protocol, get_args

import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points
from vitrograph.core.glass import AT_A_POLE, Frustum, Pane, Sheeting, Wall, horizon
from vitrograph.core.job import Mode

MODES: tuple[Mode, ...] = get_args(Mode)

_SAMPLES = 1025                    # heights at which the conformal height is tabled
_STEPS = 40                        # of a search for a ray's place on the wall; it stops long before
_CLOSE_MM = 1e-10
_POLE_MM = 1e-6                    # no radius is smaller, but at a pole
_SLOPE_STEP = 1e-4                 # radians: for the slope at the stated angle
_STEEPEST = 40.0                   # beyond that angle, of what goes on for each mm: more only where no glass is
_IN_SIGHT = 0.97                   # of the way to where the wall turns out of sight


class Way(Protocol):
    """A map both ways between art and wall."""

    def to_wall(self, art: Points) -> Points: ...
    def to_art(self, wall: Points) -> Points: ...


class Rim(Struct, frozen=True):
    """Rows follow the rim."""

    scale: float
    s0: float

    def to_wall(self, art: Points) -> Points:
        """Each side goes by itself."""
        return np.column_stack([art[:, 0] / self.scale, self.s0 + art[:, 1]])

    def to_art(self, wall: Points) -> Points:
        """The inverse of `to_wall`."""
        return np.column_stack([wall[:, 0] * self.scale, wall[:, 1] - self.s0])


class Letters(Struct, frozen=True, dict=True):
    """Letters keep their shape; `reach` is how far up and down from s0 the heights are tabled, mm."""

    wall: Wall
    scale: float
    s0: float
    reach: float

    def to_wall(self, art: Points) -> Points:
        """Up the wall by the inverse of the conformal height."""
        return np.column_stack([art[:, 0] / self.scale, self._height(art[:, 1])])

    def to_art(self, wall: Points) -> Points:
        """The inverse of `to_wall`."""
        return np.column_stack([wall[:, 0] * self.scale, self._conformal(wall[:, 1])])

    def _height(self, y: Points) -> Points:
        if isinstance(self.wall, Frustum):
            bend = self.wall.taper / self.scale               # expm1(b y) / b, with no loss of digits as b goes to 0
            return self.s0 + y * np.divide(np.expm1(bend * y), bend * y, out=np.ones_like(y), where=bend * y != 0)
        table_s, table_y = self._table
        s = np.interp(y, table_y, table_s)                    # beyond the table as at its end: no glass is there
        for _ in range(3):
            s = s + (y - self._conformal(s)) * self.wall.scale(s) / self.scale
        return np.asarray(s)

    def _conformal(self, s: Points) -> Points:
        """r0 times the integral of ds / r from s0, mm."""
        if isinstance(self.wall, Frustum):
            bend = self.wall.taper / self.scale
            grown = bend * (s - self.s0)
            return (s - self.s0) * np.divide(np.log1p(grown), grown, out=np.ones_like(s), where=grown != 0)
        return np.asarray(self._curve(s))

    @cached_property
    def _table(self) -> tuple[Points, Points]:
        s = np.linspace(self.s0 - self.reach, self.s0 + self.reach, _SAMPLES)
        nodes, weights = np.polynomial.legendre.leggauss(6)
        half, middle = np.diff(s)[:, None] / 2, (s[1:] + s[:-1])[:, None] / 2
        steps = (self.scale / self._radius(middle + half * nodes) * weights * half).sum(axis=1)
        y = np.concatenate([[0.0], np.cumsum(steps)])
        return s, y - np.interp(self.s0, s, y)

    def _radius(self, s: Points) -> Points:
        """The wall's radius; near a pole, where no film lies, not quite as small, so that the height stays finite."""
        return np.maximum(self.wall.scale(s), 1e-3 * self.scale)

    @cached_property
    def _curve(self) -> Callable[[Points], Points]:
        from scipy.interpolate import CubicHermiteSpline

        s, y = self._table
        curve: Callable[[Points], Points] = CubicHermiteSpline(s, y, self.scale / self._radius(s))
        return curve


class Straight(Struct, frozen=True):
    """Laid flat: the art is the sheet, shifted to its height."""

    flat: Sheeting
    s0: float

    def to_wall(self, art: Points) -> Points:
        """Rolled on to the wall as it is."""
        return self.flat.undevelop(art + [0.0, self.s0])

    def to_art(self, wall: Points) -> Points:
        """The inverse of `to_wall`."""
        return self.flat.develop(wall) - [0.0, self.s0]


class Eye(Struct, frozen=True, dict=True):
    """As seen from the front: the eye's distance from the axis, mm, and the angle the art is true up to, radians."""

    wall: Wall
    s0: float
    distance: float
    angle: float

    def to_wall(self, art: Points) -> Points:
        """Along the ray from the eye through each place of the picture to the wall."""
        side = np.where(art[:, 0] < 0, -1.0, 1.0)
        x, y = np.abs(art[:, 0]), art[:, 1]
        x_end, s_end, u_slope, s_slope = self._end(y)
        seen = np.minimum(x, x_end)
        u, s = self._by_ray(seen, y)
        past = x - seen
        return np.column_stack([side * (u + past * u_slope), np.where(past > 0, s_end, s) + past * s_slope])

    def to_art(self, wall: Points) -> Points:
        """The inverse of `to_wall`: what is seen of the wall, and beyond the stated angle what went there."""
        side = np.where(wall[:, 0] < 0, -1.0, 1.0)
        u, s = np.abs(wall[:, 0]), wall[:, 1]
        x, y = self.seen(np.column_stack([np.minimum(u, self.most), s])).T
        out = u > self.most
        for _ in range(_STEPS if out.any() else 0):
            x_end, _, u_slope, s_slope = self._end(y[out])
            past = (u[out] - self.most) / u_slope
            x[out] = x_end + past
            again = self.seen(np.column_stack([np.full(len(past), self.most), s[out] - past * s_slope]))[:, 1]
            change, y[out] = float(np.abs(again - y[out]).max()), again
            if change < _CLOSE_MM:
                break
        return np.column_stack([side * x, y])

    def seen(self, wall: Points) -> Points:
        """Where wall points are seen in the picture, mm about the middle: a central projection."""
        space = self.wall.in_space(wall)
        near = (self.distance - space[:, 1]) / self._to_picture
        return np.column_stack([space[:, 0], space[:, 2] - self._level]) / near[:, None]

    @cached_property
    def most(self) -> float:
        """The angle the art is true up to: as stated, but short of where the wall turns out of sight."""
        edge = horizon(self.wall, np.array([self.s0]), self.distance, self._level)
        return min(self.angle, _IN_SIGHT * float(edge[0]))

    @cached_property
    def _front(self) -> Points:
        return np.asarray(self.wall.in_space(np.array([[0.0, self.s0]]))[0])

    @property
    def _level(self) -> float:
        return float(self._front[2])

    @property
    def _to_picture(self) -> float:
        return self.distance - float(self._front[1])

    @cached_property
    def _middle_radius(self) -> float:
        return float(self.wall.scale(np.array([self.s0]))[0])

    @cached_property
    def _heights(self) -> tuple[float, float]:
        """Between these a row is looked for: far beyond both ends of the wall, and yet not without end."""
        low, high = sorted(float(z) for z in self.wall.in_space(np.array([[0.0, 0.0], [0.0, self.wall.length]]))[:, 2])
        return low - 4 * self.wall.length, high + 4 * self.wall.length

    def _by_ray(self, x: Points, y: Points) -> tuple[Points, Points]:
        """The first meeting of each ray with the wall, as (u, s): by turns the radius at a height, and the height."""
        far = self._to_picture
        across = x * x + far * far
        t = np.ones_like(x)
        for _ in range(_STEPS):
            radius = self.wall.scale_at(self._level + t * y)
            under = np.maximum((self.distance * far) ** 2 - across * (self.distance**2 - radius**2), 0.0)
            again = (self.distance * far - np.sqrt(under)) / across
            change, t = float(np.abs(again - t).max(initial=0.0)) * far, again
            if change < _CLOSE_MM:
                break
        return np.arctan2(t * x, self.distance - t * far), self.wall.along(self._level + t * y)

    def _end(self, y: Points) -> tuple[Points, Points, Points, Points]:
        """Of rows at heights y: the place in the picture where the stated angle ends, s there, and du/dx and ds/dx."""
        near, end = (self._row_at(y, self.most - step) for step in (_SLOPE_STEP, 0.0))
        # far off the glass, as below the foot of a steep bowl, rows stand still or turn back: no slope is true there
        run = np.maximum(end[0] - near[0], _SLOPE_STEP * self._middle_radius / _STEEPEST)
        return end[0], end[1], _SLOPE_STEP / run, np.clip((end[1] - near[1]) / run, -_STEEPEST, _STEEPEST)

    def _row_at(self, y: Points, u: float) -> tuple[Points, Points]:
        """Where in the picture a row stands at an angle, and s there."""
        z = np.full_like(y, self._level) + y
        for _ in range(_STEPS):
            radius = self.wall.scale_at(z)
            near = (self.distance - radius * np.cos(u)) / self._to_picture
            again = np.clip(self._level + near * y, *self._heights)
            change, z = float(np.abs(again - z).max(initial=0.0)), again
            if change < _CLOSE_MM:
                break
        return radius * np.sin(u) / near, self.wall.along(z)


def way_on(wall: Wall, flat: Sheeting, mode: Mode, s0: float, distance: float, angle: float) -> Way:
    """The way of laying by its name; a pane takes the art as it is, by any of them.

    Raises GlassError at a pole of the wall.
    """
    scale = float(wall.scale(np.array([s0]))[0])
    if not isinstance(wall, Frustum) and scale <= _POLE_MM:
        raise GlassError(AT_A_POLE)
    if mode == "straight":
        return Straight(flat, s0)
    if mode == "rim" or isinstance(wall, Pane):
        return Rim(scale, s0)
    return Letters(wall, scale, s0, wall.length) if mode == "letters" else Eye(wall, s0, distance, angle)
