"""Smooth curves with kept corners through the sub-pixel outline of a traced shape.

The outline is resampled evenly. On either side of each place a line or a parabola is fitted to the samples beyond the
pixel's own rounding; where the two tangents, carried back to the place, differ by more than a curve would let them,
there is a corner, and it stands where they cross. Between corners go cubic Beziers by least squares, split where they
stray (P. J. Schneider, An Algorithm for Automatically Fitting Digitized Curves, Graphics Gems, 1990).
"""

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Points, distinct, flatten_cubics, length_of, lengths_along, points_at

Values = NDArray[np.float64]

_STEP = 0.5                        # px between samples
_REACH = 2.2                       # px a corner may stand off the rounded outline
_ROUNDED = 1.6                     # px of outline about a corner that its pixels rounded
_STRAIGHT = 0.6                    # of the tolerance: a part as straight as this is a line
_BOW = 0.05                        # px
_SPAN = 8                          # samples on either side that tell a tangent
_IMPROVE = 2                       # rounds of reparametrising
_WELL, _HOPELESS = 1.0, 2.5        # of the tolerance: near enough to stop, too far to go on


class Curve(Struct, frozen=True):
    """A closed outline of cubic pieces: (n, 4, 2) control points, each beginning where the one before ends."""

    pieces: Points

    @property
    def nodes(self) -> int:
        """How many nodes it has."""
        return len(self.pieces)

    def flattened(self, max_deviation: float) -> Points:
        """(n, 2) points along it, the first not repeated."""
        return flatten_cubics(self.pieces, max_deviation)


def fit_ring(ring: Points, tolerance: float, *, calm: bool = True) -> Curve:
    """A curve that strays at most about `tolerance` from a closed (n, 2) outline of pixels, corners kept.

    An outline that is not calm, but shakes with noise, is searched for wide corners only.
    """
    samples = _resampled(ring)
    corners, places = _corners(samples, calm)
    pieces = []
    if not len(corners):
        return Curve(np.array(_fit_smooth(samples, tolerance)))
    for number, corner in enumerate(corners):
        following = corners[(number + 1) % len(corners)]
        part = _between(samples, int(corner), int(following))
        ends = places[number], places[(number + 1) % len(corners)]
        pieces += _fit(_with_ends(part, *ends), None, None, tolerance)
    return Curve(np.array(pieces))


def _resampled(ring: Points) -> Points:
    """Even samples of a closed outline, the first not repeated."""
    length = length_of(ring)
    count = max(8, round(length / _STEP))
    return points_at(ring, np.arange(count) * length / count)


class _Window(Struct, frozen=True):
    """The samples of a side that are looked at, counted from the place; the least turn that is a corner."""

    near: int
    far: int
    least_turn: float

    def side(self, samples: Points, direction: int) -> tuple[Points, Points]:
        """For every sample, where the side that leaves it begins and its tangent, carried back by the side's shape."""
        t = np.arange(self.near, self.far + 1) * _STEP
        # samples k = near..far along the ring, for every sample at once: windows on the ring laid out twice
        ahead = samples if direction > 0 else samples[::-1]
        wrapped = np.concatenate([ahead, ahead[:self.far]])
        windows = np.lib.stride_tricks.sliding_window_view(wrapped, len(t), axis=0)[self.near:self.near + len(samples)]
        beside = np.moveaxis(windows if direction > 0 else windows[::-1], 2, 0)
        line = np.tensordot(np.linalg.pinv(np.column_stack([np.ones_like(t), t])), beside, 1)
        if self.far - self.near < 8:
            return line[0], line[1]
        parabola = np.tensordot(np.linalg.pinv(np.column_stack([np.ones_like(t), t, t * t])), beside, 1)
        # the bow of a parabola that noise alone would give is none: a line carries back more surely
        straight = (np.hypot(*parabola[2].T) * (t[-1] - t[0]) ** 2 / 8 < _BOW)[:, None]
        return np.where(straight, line[0], parabola[0]), np.where(straight, line[1], parabola[1])


_WIDE, _CLOSE = _Window(3, 13, np.radians(32)), _Window(2, 6, np.radians(48))


def _corners(samples: Points, calm: bool) -> tuple[NDArray[np.intp], Points]:
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


def _fit_smooth(samples: Points, tolerance: float) -> list[Points]:
    """Pieces round an outline without corners, begun as quarters of it."""
    reach, count = min(_SPAN, len(samples) // 4), len(samples)
    starts = [count * quarter // 4 for quarter in range(4)]
    tangents = [_tangent_at(np.roll(samples, reach - start, axis=0)[:2 * reach + 1], reach) for start in starts]
    pieces = []
    for quarter, start in enumerate(starts):
        following = (quarter + 1) % 4
        end = starts[following] if following else count
        part = samples[np.arange(start, end + 1) % count]
        pieces += _fit(part, tangents[quarter], -tangents[following], tolerance)
    return pieces


def _between(samples: Points, start: int, end: int) -> Points:
    """Samples from one corner to the next, those that pixels rounded left out."""
    count = (end - start) % len(samples) or len(samples)
    indices = (start + np.arange(count + 1)) % len(samples)
    skip = min(round(_ROUNDED / _STEP), max(0, count // 2 - 1))
    return samples[indices[skip:len(indices) - skip]]


def _with_ends(part: Points, start: Points, end: Points) -> Points:
    return np.concatenate([[start], part, [end]])


def _unit(vector: Points) -> Points:
    length = float(np.hypot(*vector))
    return vector / length if length > 0 else np.array([1.0, 0.0])


def _fit(points: Points, start: Points | None, end: Points | None, tolerance: float) -> list[Points]:
    """Cubic pieces through points in order; a tangent that is None is taken from the points."""
    if _is_straight(points, _STRAIGHT * tolerance) and start is None and end is None:
        return [_line(points[0], points[-1])]
    made: list[Points] = []
    waiting = [(points, start, end)]
    while waiting:
        part, first, last = waiting.pop()
        if len(part) < 3:
            made.append(_line(part[0], part[-1]))
            continue
        piece, worst, at = _cubic(part, first, last, tolerance)
        if worst <= tolerance or len(part) < 10:
            made.append(piece)
            continue
        at = int(np.clip(at, len(part) // 6 + 2, len(part) - len(part) // 6 - 3))
        tangent = _tangent_at(part, at)
        waiting.append((part[at:], tangent, last))
        waiting.append((part[:at + 1], first, -tangent))
    return made


def _tangent_at(points: Points, at: int) -> Points:
    """The direction at a point, by least squares over its neighbours on both sides, as many on one as on the other."""
    reach = min(_SPAN, at, len(points) - 1 - at)
    steps = np.arange(-reach, reach + 1)
    return _unit(steps @ points[at - reach:at + reach + 1])


def _is_straight(points: Points, within: float) -> bool:
    along = points[-1] - points[0]
    length = float(np.hypot(*along))
    if length == 0:
        return False
    off = points - points[0]
    return bool(np.abs(off[:, 0] * along[1] - off[:, 1] * along[0]).max() <= within * length)


def _line(start: Points, end: Points) -> Points:
    return start + np.linspace(0.0, 1.0, 4)[:, None] * (end - start)


def _cubic(
    points: Points, start: Points | None, end: Points | None, tolerance: float
) -> tuple[Points, float, int]:
    """The best cubic through points with its ends on theirs, how far it strays at most, and at which point.

    One that strays far is not bettered: it will be split.
    """
    u = lengths_along(points)
    path = float(u[-1])
    u /= path or 1.0
    for round_number in range(_IMPROVE + 1):
        basis = _bernstein(u)
        piece = _least_squares(points, basis, (start, end), path)
        off = np.hypot(*(basis @ piece - points).T)
        worst = int(off.argmax())
        if off[worst] <= _WELL * tolerance or off[worst] > _HOPELESS * tolerance or round_number == _IMPROVE:
            break
        u = _nearer(piece, points, u)
    return piece, float(off[worst]), worst


def _bernstein(u: Values) -> Values:
    """(n, 4) weights of a cubic's control points at parameters u."""
    v = 1 - u
    return np.stack([v * v * v, 3 * u * v * v, 3 * u * u * v, u * u * u], axis=1)


def _least_squares(
    points: Points, basis: Values, tangents: tuple[Points | None, Points | None], path: float
) -> Points:
    """Control points with the least squared distance to points at the parameters of a basis.

    A control point is free, or lies along a tangent. What is solved for is its way from a third of the chord, so that
    few points, which leave it open, put it there; `path` is how far it may go. The unknowns are few, and their normal
    equations are written out.
    """
    chord = points[-1] - points[0]
    length = float(np.hypot(*chord)) / 3
    piece = np.array([points[0], points[0] + chord / 3, points[-1] - chord / 3, points[-1]])
    for at, (tangent, tip) in enumerate(zip(tangents, (points[0], points[-1]), strict=True), start=1):
        if tangent is not None:
            piece[at] = tip + tangent * length
    inner = basis[:, 1:3]
    weights, pulls = inner.T @ inner, inner.T @ (points - basis @ piece)
    weights.flat[::3] += 1e-9 * (weights[0, 0] + weights[1, 1] + 1e-12)        # held where points leave them open
    for at, move in enumerate(_moves(weights, pulls, tangents), start=1):
        tangent = tangents[at - 1]
        if tangent is None:
            piece[at] += move * min(1.0, path / max(float(np.hypot(*move)), 1e-12))
        else:
            piece[at] += tangent * min(max(float(move @ tangent), -0.9 * length), path)
    return piece


def _moves(weights: Values, pulls: Points, tangents: tuple[Points | None, Points | None]) -> tuple[Points, Points]:
    """How the two inner control points move: freely, or along their tangents."""
    (a, b), (_, d) = weights.tolist()
    first, last = tangents
    if first is None and last is None:
        free = (np.array([[d, -b], [-b, a]]) / (a * d - b * b)) @ pulls
        return free[0], free[1]
    if first is not None and last is not None:
        cross, p, q = b * float(first @ last), float(pulls[0] @ first), float(pulls[1] @ last)
        whole = a * d - cross * cross
        return first * ((d * p - cross * q) / whole), last * ((a * q - cross * p) / whole)
    # one moves along its tangent t: eliminating the free one leaves a single equation for that
    if first is not None:
        along = float((pulls[0] - b / d * pulls[1]) @ first) / (a - b * b / d)
        return first * along, (pulls[1] - b * along * first) / d
    assert last is not None
    along = float((pulls[1] - b / a * pulls[0]) @ last) / (d - b * b / a)
    return (pulls[0] - b * along * last) / a, last * along


def _nearer(piece: Points, points: Points, u: Values) -> Values:
    """Parameters one Newton step nearer to each point's foot on the curve."""
    first = 3 * np.diff(piece, axis=0)
    second = 2 * np.diff(first, axis=0)
    v = 1 - u
    slope = np.stack([v * v, 2 * u * v, u * u], axis=1) @ first
    bend = np.stack([v, u], axis=1) @ second
    off = _bernstein(u) @ piece - points
    top, bottom = (off * slope).sum(axis=1), (slope * slope).sum(axis=1) + (off * bend).sum(axis=1)
    moved = np.clip(u - np.where(np.abs(bottom) > 1e-12, top / np.where(bottom == 0, 1.0, bottom), 0.0), 0.0, 1.0)
    return np.asarray(np.maximum.accumulate(moved))
