"""Walls curved both ways: surfaces of revolution through measured stations, and the ball.

A profile r(z) goes through stations (height z, radius r). *Smooth* is the monotone piecewise cubic of F. N. Fritsch
and R. E. Carlson (SIAM J. Numer. Anal. 17, 1980), SciPy's PCHIP: it never overshoots a station. *In parts* joins the
stations by straight walls. The distance along the wall is the integral of sqrt(1 + r'²) dz.

No flat sheet fits such a wall exactly. The best cone for a band is the line through r(s) with the least squared hoop
strain; laid by it, meridians keep their length (on a ball: the equidistant conic, J. P. Snyder, Map Projections,
USGS Professional Paper 1395, chapter 16).
"""

from collections.abc import Callable
from functools import cache, cached_property
from itertools import pairwise
from math import pi
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points
from vitrograph.core.glass.walls import Cone, Round
from vitrograph.core.language import tr

Values = NDArray[np.float64]

AT_A_POLE = tr("the art reaches a pole of the glass, where no sheet can lie: move or shrink it")
_PIECES = 64                       # table steps between two stations
_SAMPLES = 33                      # heights a band's cone is fitted at


@cache
def _gauss() -> tuple[Values, Values]:
    return np.polynomial.legendre.leggauss(8)


class Turned(Round, frozen=True):
    """What every wall curved both ways can say of itself, given its `scale`."""

    @property
    def length(self) -> float:
        """Along the wall from base to rim, mm."""
        raise NotImplementedError

    @property
    def widest(self) -> float:
        """The largest outside radius, mm."""
        return float(self.scale(np.linspace(0.0, self.length, 401)).max())

    def sheeting(self, low: float, high: float) -> Cone:
        """The cone of least squared hoop strain for the band between two heights along the wall.

        Raises GlassError where the band reaches a pole.
        """
        s = np.linspace(low, high, _SAMPLES) if high - low > 1e-9 else np.linspace(low - 0.5, low + 0.5, _SAMPLES)
        radius = self.scale(s)
        if (radius <= 0.05 * radius.max()).any() or radius.max() <= 0:
            raise GlassError(AT_A_POLE)
        at = (low + high) / 2
        design = np.column_stack([1 / radius, (s - at) / radius])
        (middle, taper), *_ = np.linalg.lstsq(design, np.ones_like(s), rcond=None)
        return Cone(float(middle), float(np.clip(taper, -1.0, 1.0)), at)

    def hoop_strain(self, cone: Cone, low: float, high: float) -> Values:
        """Hoop strain of film cut by a cone, when pressed on the band: negative is squeezed."""
        s = np.linspace(low, high, _SAMPLES)
        return np.asarray(self.scale(s) / (cone.radius + cone.taper * (s - cone.at)) - 1)


class TurnedWall(Turned, frozen=True):
    """A wall through stations: heights rising from 0, outside radii, in mm; joined smoothly or in straight parts."""

    heights: tuple[float, ...]
    radii: tuple[float, ...]
    joined: Literal["smooth", "parts"] = "smooth"
    stands: float = 0.0            # its lowest station above the table

    def radius(self, z: Values, derivative: int = 0) -> Values:
        """Outside radius at upright heights, or its first or second derivative."""
        return np.asarray(self._curves[derivative](z), dtype=float)

    def along(self, z: Values) -> Values:
        """Distance along the wall, up from the base, at upright heights."""
        z = np.clip(z, 0.0, self.heights[-1])
        return np.interp(z, *self._table[:2]) if self.joined == "parts" else self._hermite(z)

    def height(self, s: Values) -> Values:
        """Upright height at distances along the wall: the inverse of `along`, within 1e-7 mm of it there and back."""
        table_z, table_s, _ = self._table
        if self.joined == "parts":
            return np.clip(np.interp(s, table_s, table_z), 0.0, self.heights[-1])
        near = self._back(np.clip(s, 0.0, table_s[-1]))        # within some 1e-5 mm; a step of Newton's squares that
        return np.clip(near + (s - self._hermite(near)) / np.hypot(1.0, self.radius(near, 1)), 0.0, self.heights[-1])

    @property
    def upright(self) -> float:
        """The height a ruler standing beside the glass reads, mm."""
        return self.heights[-1]

    @property
    def length(self) -> float:
        """Along the wall from base to rim, mm."""
        return float(self._table[1][-1])

    def scale(self, s: Points) -> Points:
        """The outside radius at s; beyond an edge of the glass, that edge's."""
        return self.radius(self.height(s))

    def scale_at(self, z: Values) -> Values:
        """The same at upright heights, without the way there and back along the wall."""
        return self.radius(np.clip(z, 0.0, self.heights[-1]))

    def in_space(self, wall: Points) -> Points:
        """(n, 3) points: x right, y towards the viewer, z up from the base."""
        u, s = wall.T
        z = self.height(s)
        radius = self.radius(z)
        return np.column_stack([radius * np.sin(u), radius * np.cos(u), z])

    @cached_property
    def _curves(self) -> tuple[Callable[[Values], Values], ...]:
        from scipy.interpolate import PchipInterpolator, PPoly

        z, r = np.array(self.heights), np.array(self.radii)
        if self.joined == "parts" or len(z) == 2:
            curve = PPoly(np.array([np.diff(r) / np.diff(z), r[:-1]]), z)
        else:
            curve = PchipInterpolator(z, r)
        return curve, curve.derivative(1), curve.derivative(2)

    @cached_property
    def _table(self) -> tuple[Values, Values, Values]:
        """Heights, distances along the wall and ds/dz there: Gauss-Legendre quadrature between the heights."""
        steps = 1 if self.joined == "parts" else _PIECES
        parts = [np.linspace(a, b, steps + 1)[:-1] for a, b in pairwise(self.heights)]
        z = np.concatenate([*parts, [self.heights[-1]]])
        nodes, weights = _gauss()
        half, middle = np.diff(z)[:, None] / 2, (z[1:] + z[:-1])[:, None] / 2
        pieces = (np.hypot(1.0, self.radius(middle + half * nodes, 1)) * weights * half).sum(axis=1)
        return z, np.concatenate([[0.0], np.cumsum(pieces)]), np.hypot(1.0, self.radius(z, 1))

    @cached_property
    def _spline(self) -> Callable[[Values], Values]:
        from scipy.interpolate import CubicHermiteSpline

        spline: Callable[[Values], Values] = CubicHermiteSpline(*self._table)
        return spline

    @cached_property
    def _back(self) -> Callable[[Values], Values]:
        from scipy.interpolate import CubicHermiteSpline

        z, s, slope = self._table
        back: Callable[[Values], Values] = CubicHermiteSpline(s, z, 1 / slope)
        return back

    def _hermite(self, z: Values) -> Values:
        return np.asarray(self._spline(np.clip(z, 0.0, self.heights[-1])))


class Ball(Turned, frozen=True):
    """A ball of radius R standing on its pole: s = R times the angle from the lower pole."""

    ball_radius: float
    stands: float = 0.0

    @property
    def length(self) -> float:
        """From pole to pole along the wall, mm."""
        return pi * self.ball_radius

    @property
    def upright(self) -> float:
        """Its diameter, mm."""
        return 2 * self.ball_radius

    def scale(self, s: Points) -> Points:
        """The radius of the parallel at s: R sin(s/R), 0 at the poles."""
        return self.ball_radius * np.sin(np.clip(s / self.ball_radius, 0.0, pi))

    def along(self, z: Points) -> Points:
        """Distance along the wall at upright heights above the lower pole."""
        return self.ball_radius * np.arccos(np.clip(1 - z / self.ball_radius, -1.0, 1.0))

    def in_space(self, wall: Points) -> Points:
        """(n, 3) points: x right, y towards the viewer, z up from the lower pole."""
        u, s = wall.T
        angle = np.clip(s / self.ball_radius, 0.0, pi)
        radius = self.ball_radius * np.sin(angle)
        return np.column_stack([radius * np.sin(u), radius * np.cos(u), self.ball_radius * (1 - np.cos(angle))])
