"""A smooth map from the wall to a membrane's flat shape and back, that all art, borders and marks go through.

The nodes' displacement from the best cone's sheet is fitted by a polynomial in (u, s): products of Chebyshev's, least
squares over the nodes (L. N. Trefethen, Approximation Theory and Approximation Practice). Beyond the film the
displacement stays as it is at the film's edge.
"""

from functools import cached_property, lru_cache
from math import hypot

import numpy as np
from msgspec import Struct

from vitrograph.core.geometry import Points
from vitrograph.core.glass import Cone

MAX_DEVIATION_MM = 0.003           # how far the smooth map may be from the membrane's nodes, root mean square
_DEGREES = (4, 6, 8, 10, 12)
_AT_ONCE = 10_000                    # points, so that what is worked on stays in the processor's cache
_STEPS = 60
_CLOSE_MM = 1e-11


class _Terms(Struct, frozen=True):
    """One coordinate of the displacement: the powers of u it is made of, and for each the coefficients by powers of s.

    In mm, of u and s told as shares of the box from -1 to 1; of so low a degree powers lose no digits that matter.
    """

    powers: slice
    shares: Points


class SmoothSheet(Struct, frozen=True, eq=False, dict=True):
    """A sheet near a cone's: the displacement's two coordinates over a box (u_low, s_low, u_high, s_high) of the wall.

    `deviation` is how far it is from the nodes it was fitted to, mm, root mean square.
    """

    cone: Cone
    box: tuple[float, float, float, float]
    terms: tuple[_Terms, _Terms]
    deviation: float

    @property
    def bend(self) -> float:
        """Curvature of the level line at the cone's height."""
        return self.cone.bend

    def develop(self, wall: Points) -> Points:
        """Lay (n, 2) wall points flat."""
        flat = self.cone.develop(wall)
        for start in range(0, len(wall), _AT_ONCE):
            part = slice(start, start + _AT_ONCE)
            flat[part] += self._displacement(wall[part])
        return flat

    def undevelop(self, sheet: Points) -> Points:
        """Roll (n, 2) sheet points back on to the wall: the inverse of `develop`.

        The displacement changes by a few hundredths of a step at most, so each turn brings a digit or two.
        """
        wall = self.cone.undevelop(sheet)
        for _ in range(_STEPS):
            again = self.cone.undevelop(sheet - self._displacement(wall))
            gap = np.abs((again - wall) * [self.cone.radius, 1.0]).max(initial=0.0)
            wall = again
            if gap < _CLOSE_MM:
                break
        return wall

    def _displacement(self, wall: Points) -> Points:
        low, high = np.array(self.box[:2])[:, None], np.array(self.box[2:])[:, None]
        unit = wall.T * (2 / (high - low))
        unit -= (low + high) / (high - low)
        powers = _powers(np.clip(unit, -1.0, 1.0, out=unit), self.terms[0].shares.shape[1])
        across, up = self.terms
        rows = self._shares @ powers[:, 1]
        moved, parted = np.empty((len(wall), 2)), len(across.shares)
        np.einsum("in,in->n", rows[:parted], powers[across.powers, 0], out=moved[:, 0])
        np.einsum("in,in->n", rows[parted:], powers[up.powers, 0], out=moved[:, 1])
        return moved

    @cached_property
    def _shares(self) -> Points:
        """The coefficients of both coordinates in one, for one product."""
        return np.concatenate([own.shares for own in self.terms])


def _powers(unit: Points, many: int) -> Points:
    """(many, 2, n) powers of each of two coordinates, from 0 up."""
    powers = np.empty((many, *unit.shape))
    powers[0], powers[1] = 1.0, unit
    for k in range(2, many):
        np.multiply(unit, powers[k - 1], out=powers[k])
    return powers


def smooth_sheet(cone: Cone, wall: Points, flat: Points, weight: Points, *, even: bool) -> SmoothSheet:
    """Fit nodes at (n, 2) wall points to their flat places, by the lowest degree that is close enough, or the highest.

    `weight` says how much each node counts, 1 for those it must be close to; `even` says that the film is alike on both
    sides of u = 0: then across is odd in u, and up is even.
    """
    low, high = wall.min(axis=0), wall.max(axis=0)
    if even:
        low[0], high[0] = -max(-low[0], high[0]), max(-low[0], high[0])
    unit = 2 * (wall - low) / (high - low) - 1
    target = flat - cone.develop(wall)
    for degree in _DEGREES:
        fitted = [_fitted(unit, target[:, axis], weight, degree, (1 - axis) if even else None) for axis in range(2)]
        deviation = hypot(fitted[0][1], fitted[1][1])
        if deviation <= MAX_DEVIATION_MM:
            break
    box = (float(low[0]), float(low[1]), float(high[0]), float(high[1]))
    return SmoothSheet(cone, box, (fitted[0][0], fitted[1][0]), deviation)


def _fitted(
    unit: Points, target: Points, weight: Points, degree: int, parity: int | None
) -> tuple[_Terms, float]:
    """Least squares by products of total degree at most `degree`, odd (1) or even (0) in u if asked; what is left."""
    from numpy.polynomial import chebyshev

    degrees = slice(None) if parity is None else slice(parity, None, 2)
    ups = np.arange(degree + 1)
    across, along = chebyshev.chebvander(unit[:, 0], degree)[:, degrees], chebyshev.chebvander(unit[:, 1], degree)
    used = np.add.outer(ups[degrees], ups) <= degree
    design = (across[:, :, None] * along[:, None, :])[:, used]
    found, *_ = np.linalg.lstsq(design * weight[:, None], target * weight, rcond=1e-12)
    shares = np.zeros((degree + 1, degree + 1))
    shares[degrees][used] = found
    to_powers = _to_powers(degree)
    left = float(np.sqrt(((design @ found - target)[weight == 1] ** 2).mean()))
    return _Terms(degrees, (to_powers.T @ shares @ to_powers)[degrees]), left


@lru_cache(maxsize=8)
def _to_powers(degree: int) -> Points:
    """Row k: Chebyshev's polynomial of degree k by powers, from 0 up."""
    from numpy.polynomial import chebyshev

    rows = [chebyshev.cheb2poly(np.eye(degree + 1)[k, :k + 1]) for k in range(degree + 1)]
    return np.array([np.pad(row, (0, degree + 1 - len(row))) for row in rows])
