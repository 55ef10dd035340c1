"""The corners of a traced outline.

The outline is resampled evenly. On either side of each place a line or a parabola is fitted to the samples beyond the
pixel's own rounding; where the two tangents, carried back to the place, differ by more than a curve would let them,
there is a corner, and it stands where they cross.
"""

from functools import lru_cache

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Points, distinct, length_of, points_at

Values = NDArray[np.float64]

STEP = 0.5                         # px between samples
_REACH = 2.2                       # px a corner may stand off the rounded outline
_BOW = 0.05                        # px


def resampled(ring: Points) -> Points:
    """Even samples of a closed outline, the first not repeated."""
    length = length_of(ring)
    count = max(8, round(length / STEP))
    return points_at(ring, np.arange(count) * length / count)


class _Window(Struct, frozen=True):
    """The samples of a side that are looked at, counted from the place; the least turn that is a corner."""

    near: int
    far: int
    least_turn: float

    def side(self, samples: Points, direction: int) -> tuple[Points, Points]:
        """For every sample, where the side that leaves it begins and its tangent, carried back by the side's shape."""
        t, to_line, to_parabola = _fits(self.near, self.far)
        # samples k = near..far along the ring, for every sample at once: windows on the ring laid out twice
        ahead = samples if direction > 0 else samples[::-1]
        wrapped = np.concatenate([ahead, ahead[:self.far]])
        windows = np.lib.stride_tricks.sliding_window_view(wrapped, len(t), axis=0)[self.near:self.near + len(samples)]
        beside = np.moveaxis(windows if direction > 0 else windows[::-1], 2, 0)
        line = np.tensordot(to_line, beside, 1)
        if self.far - self.near < 8:
            return line[0], line[1]
        parabola = np.tensordot(to_parabola, beside, 1)
        # the bow of a parabola that noise alone would give is none: a line carries back more surely
        straight = (np.hypot(*parabola[2].T) * (t[-1] - t[0]) ** 2 / 8 < _BOW)[:, None]
        return np.where(straight, line[0], parabola[0]), np.where(straight, line[1], parabola[1])


@lru_cache
def _fits(near: int, far: int) -> tuple[Values, Values, Values]:
    """Distances of the samples near..far from their place; what fits a line, and a parabola, to values at them."""
    t: Values = np.arange(near, far + 1, dtype=float) * STEP
    line, parabola = (np.asarray(np.linalg.pinv(np.vander(t, many, increasing=True)), dtype=float) for many in (2, 3))
    return t, line, parabola


_WIDE, _CLOSE = _Window(3, 13, np.radians(32)), _Window(2, 6, np.radians(48))


def corners_of(samples: Points, calm: bool) -> tuple[NDArray[np.intp], Points]:
    """Indices of the samples at corners, and where those corners truly stand.

    On a calm outline corners that crowd each other are told by a closer look.
    """
    if len(samples) < 2 * _WIDE.far:
        return np.zeros(0, dtype=np.intp), samples[:0]
    peaks, crossing = _peaks(samples, _WIDE)
    if not calm:
        return peaks, crossing[peaks]
    close, crossing_close = _peaks(samples, _CLOSE)
    away = np.abs((close[:, None] - peaks[None] + len(samples) // 2) % len(samples) - len(samples) // 2)
    added = close[away.min(axis=1, initial=len(samples)) > _WIDE.near] if len(peaks) else close
    every = np.sort(np.concatenate([peaks, added]))
    if not len(every):
        return every, samples[:0]
    gaps = np.diff(np.concatenate([every, [every[0] + len(samples)]]))
    crowded = np.minimum(gaps, np.roll(gaps, 1)) < _WIDE.far + 2
    places = np.where((crowded | np.isin(every, added))[:, None], crossing_close[every], crossing[every])
    sound = np.hypot(*(places - samples[every]).T) < _REACH
    return every, np.where(sound[:, None], places, samples[every])


def _peaks(samples: Points, window: _Window) -> tuple[NDArray[np.intp], Points]:
    """Samples at which the outline turns most sharply, and for every sample where its two sides would cross."""
    from scipy.ndimage import maximum_filter1d

    (place_a, tangent_a), (place_b, tangent_b) = (window.side(samples, direction) for direction in (1, -1))
    incoming = -tangent_b
    turn = np.abs(np.arctan2(incoming[:, 0] * tangent_a[:, 1] - incoming[:, 1] * tangent_a[:, 0],
                             (incoming * tangent_a).sum(axis=1)))
    crossing, sharp = _crossings(place_a, tangent_a, place_b, incoming)
    strength = np.where(sharp & (np.hypot(*(crossing - samples).T) < _REACH), turn, 0.0)
    reach = np.arange(-window.near - 1, window.near + 2)
    highest = maximum_filter1d(strength, len(reach), mode="wrap")
    peaks = np.flatnonzero((strength >= highest) & (strength > window.least_turn))
    if not len(peaks):
        return peaks, crossing
    # seen from the sample nearest to where its sides cross, a corner's sides are free of its rounding
    about = (peaks[:, None] + reach) % len(samples)
    nearest = np.hypot(*(samples[about] - crossing[peaks][:, None]).transpose(2, 0, 1)).argmin(axis=1)
    peaks = distinct(about[np.arange(len(peaks)), nearest])
    peaks = peaks[strength[peaks] > window.least_turn]
    return peaks[np.append(np.diff(peaks) > window.near, True)] if len(peaks) else peaks, crossing


def _crossings(p: Points, d: Points, q: Points, e: Points) -> tuple[Points, NDArray[np.bool_]]:
    """Where the lines p + t d and q + u e cross, and whether they do so at an angle that tells the place."""
    cross = d[:, 0] * e[:, 1] - d[:, 1] * e[:, 0]
    sharp = np.abs(cross) > 0.25 * np.hypot(*d.T) * np.hypot(*e.T)
    gap = q - p
    t = (gap[:, 0] * e[:, 1] - gap[:, 1] * e[:, 0]) / np.where(sharp, cross, 1.0)
    return p + t[:, None] * d, sharp
