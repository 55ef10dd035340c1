"""Smooth curves through the sub-pixel outlines of traced shapes, their corners kept.

Between corners go cubic Beziers by least squares, split where they stray (P. J. Schneider, An Algorithm for
Automatically Fitting Digitized Curves, Graphics Gems, 1990). A picture has thousands of stretches to fit and each has
few samples, so all of them are fitted at once: their samples lie end to end in one row, and sums go by stretch.
"""

from collections.abc import Sequence

import numpy as np
from msgspec import Struct
from msgspec.structs import replace
from numpy.typing import NDArray

from vitrograph.core.artwork.tracing.corners import STEP, Values, corners_of, resampled
from vitrograph.core.geometry import Points, flatten_cubics

Indices = NDArray[np.intp]

_ROUNDED = 1.6                     # px of outline about a corner that its pixels rounded
_STRAIGHT = 0.6                    # of the tolerance: a stretch as straight as this is a line
_SPAN = 8                          # samples on either side that tell a tangent
_IMPROVE = 2                       # rounds of reparametrising
_WELL, _HOPELESS = 1.0, 2.5        # of the tolerance: near enough to stop, too far to go on
_SHORT = 10                        # samples of a stretch that is not split
_TOGETHER = 100_000                # samples fitted at once, for memory


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


def fit_rings(rings: Sequence[Points], tolerances: Values, *, calm: NDArray[np.bool_] | bool = True) -> list[Curve]:
    """A curve for each closed (n, 2) outline of pixels that strays at most about its tolerance, corners kept.

    An outline that is not calm, but shakes with noise, is searched for wide corners only.
    """
    calm = np.broadcast_to(calm, len(rings))
    curves: list[Curve] = []
    paths: list[_Path] = []
    many = 0
    for number, ring in enumerate(rings):
        samples = resampled(ring)
        paths += [_Path(points, tangents, number, float(tolerances[number]))
                  for points, tangents in _paths(samples, bool(calm[number]))]
        many += len(samples)
        if many > _TOGETHER or number == len(rings) - 1:
            curves += _fit(paths)
            paths, many = [], 0
    return curves


class _Path(Struct, frozen=True):
    """Samples from one end to another, the tangents there (2, 2), 0 where free, the ring they are of, its tolerance."""

    points: Points
    tangents: Points
    ring: int
    tolerance: float


def _paths(samples: Points, calm: bool) -> list[tuple[Points, Points]]:
    """An outline's stretches from corner to corner, and the tangents at their ends; quarters of one without corners."""
    corners, places = corners_of(samples, calm)
    if not len(corners):
        return _quarters(samples)
    free = np.zeros((2, 2))
    following = np.roll(corners, -1)
    return [(np.concatenate([[place], _between(samples, int(start), int(end)), [after]]), free)
            for start, end, place, after in zip(corners, following, places, np.roll(places, -1, axis=0), strict=True)]


def _quarters(samples: Points) -> list[tuple[Points, Points]]:
    count, reach = len(samples), min(_SPAN, len(samples) // 4)
    starts = count * np.arange(5) // 4
    round_once = np.concatenate([samples[-reach:], samples, samples[:reach]])
    tangents = _tangents_at(round_once, starts[:4] + reach, np.full(4, reach))
    return [(samples[np.arange(start, end + 1) % count], np.array([tangent, -after]))
            for start, end, tangent, after in zip(starts[:-1], starts[1:], tangents, np.roll(tangents, -1, axis=0),
                                                  strict=True)]


def _between(samples: Points, start: int, end: int) -> Points:
    """Samples from one corner to the next, those that pixels rounded left out."""
    count = (end - start) % len(samples) or len(samples)
    indices = (start + np.arange(count + 1)) % len(samples)
    skip = min(round(_ROUNDED / STEP), max(0, count // 2 - 1))
    return samples[indices[skip:len(indices) - skip]]


class _Stretches(Struct, frozen=True):
    """Runs of a row of (n, 2) samples, each from its first to its last (k,), one following another.

    Beside them the tangents at their ends (k, 2, 2), 0 where free, and the tolerances (k,).
    """

    points: Points
    first: Indices
    last: Indices
    tangents: Points
    within: Values

    @property
    def counts(self) -> Indices:
        """How many samples each has."""
        return self.last - self.first + 1

    def those(self, wanted: NDArray[np.bool_]) -> "_Stretches":
        """Some of them."""
        return replace(self, first=self.first[wanted], last=self.last[wanted], tangents=self.tangents[wanted],
                       within=self.within[wanted])

    def chords(self) -> Points:
        """(k, 4, 2) the straight pieces from end to end."""
        start, end = self.points[self.first], self.points[self.last]
        return start[:, None] + np.linspace(0.0, 1.0, 4)[:, None] * (end - start)[:, None]

    def straight(self) -> NDArray[np.bool_]:
        """Which are lines: the free ones whose samples all lie near their chord."""
        laid = _laid(self)
        start = self.points[self.first]
        along = self.points[self.last] - start
        length = np.hypot(*along.T)
        off = laid.points - start[laid.owner]
        away = np.abs(off[:, 0] * along[laid.owner, 1] - off[:, 1] * along[laid.owner, 0])
        near = np.maximum.reduceat(away, laid.starts) <= _STRAIGHT * self.within * length
        return np.asarray((self.counts < 3) | (near & (length > 0) & ~_bound(self.tangents).any(axis=1)))

    def halved(self, at: Indices) -> "_Stretches":
        """Both parts of each, split at a sample that is not too near its ends."""
        sixth = self.counts // 6
        at = np.clip(at, sixth + 2, self.counts - sixth - 3)
        middle = self.first + at
        tangents = _tangents_at(self.points, middle, np.minimum(np.minimum(_SPAN, at), self.counts - 1 - at))
        before = np.stack([self.tangents[:, 0], -tangents], axis=1)
        after = np.stack([tangents, self.tangents[:, 1]], axis=1)
        return replace(self, first=np.concatenate([self.first, middle]), last=np.concatenate([middle, self.last]),
                       tangents=np.concatenate([before, after]), within=np.tile(self.within, 2))


def _fit(paths: Sequence[_Path]) -> list[Curve]:
    """The curves of some rings from all of their paths in order."""
    ends = np.cumsum([len(path.points) for path in paths])
    waiting = _Stretches(np.concatenate([path.points for path in paths]), np.append(0, ends[:-1]), ends - 1,
                         np.array([path.tangents for path in paths]), np.array([path.tolerance for path in paths]))
    straight = waiting.straight()
    made, begun = [waiting.chords()[straight]], [waiting.first[straight]]
    waiting = waiting.those(~straight)
    while len(waiting.first):
        pieces, worst, at = _cubics(waiting)
        fine = (worst <= waiting.within) | (waiting.counts < _SHORT)
        made.append(pieces[fine])
        begun.append(waiting.first[fine])
        waiting = waiting.those(~fine).halved(at[~fine])
    first = np.concatenate(begun)
    order = np.argsort(first)
    rings = np.array([path.ring for path in paths])[np.searchsorted(ends, first[order], side="right")]
    bounds = np.flatnonzero(np.diff(rings)) + 1
    return [Curve(pieces) for pieces in np.split(np.concatenate(made)[order], bounds)]


def _tangents_at(points: Points, at: Indices, reach: Indices) -> Points:
    """Directions at points, by least squares over so many neighbours on either side."""
    steps = np.arange(-_SPAN, _SPAN + 1)
    weights = np.where(np.abs(steps) <= reach[:, None], steps, 0)
    vectors = np.einsum("ks,ksd->kd", weights, points[np.clip(at[:, None] + steps, 0, len(points) - 1)])
    lengths = np.hypot(*vectors.T)[:, None]
    return np.where(lengths > 0, vectors / np.where(lengths > 0, lengths, 1.0), [1.0, 0.0])


def _bound(tangents: Points) -> NDArray[np.bool_]:
    """(k, 2) at which ends a tangent is given."""
    return np.asarray((tangents != 0).any(axis=2))


class _Laid(Struct, frozen=True):
    """Samples of stretches end to end (m, 2), and which stretch each is of; where each stretch starts and ends."""

    points: Points
    owner: Indices
    starts: Indices
    ends: Indices


def _laid(stretches: _Stretches) -> _Laid:
    counts = stretches.counts
    ends = np.cumsum(counts)
    starts, owner = ends - counts, np.repeat(np.arange(len(counts)), counts)
    return _Laid(stretches.points[np.arange(len(owner)) + (stretches.first - starts)[owner]], owner, starts, ends - 1)


def _cubics(stretches: _Stretches) -> tuple[Points, Values, Indices]:
    """The best cubic through each with its ends on theirs, how far it strays at most, and at which sample.

    One that strays far is not bettered: it will be split.
    """
    pieces, live = stretches.chords(), np.arange(len(stretches.first))
    worst, at = np.zeros(len(live)), np.zeros(len(live), dtype=np.intp)
    laid = _laid(stretches)
    u, paths = _along(laid)
    for round_number in range(_IMPROVE + 1):
        basis = _bernstein(u)
        pieces[live] = piece = _least_squares(laid, basis, stretches.tangents, paths)
        off = np.hypot(*(_on(basis, piece, laid.owner) - laid.points).T)
        worst[live] = most = np.maximum.reduceat(off, laid.starts)
        reached = np.flatnonzero(off == most[laid.owner])
        at[live] = reached[np.searchsorted(laid.owner[reached], np.arange(len(live)))] - laid.starts
        better = (most > _WELL * stretches.within) & (most <= _HOPELESS * stretches.within)
        if round_number == _IMPROVE or not better.any():
            break
        u = _nearer(piece, laid, u)[better[laid.owner]]
        live, stretches, paths = live[better], stretches.those(better), paths[better]
        laid = _laid(stretches)
    return pieces, worst, at


def _along(laid: _Laid) -> tuple[Values, Values]:
    """Each sample's share of the way along its stretch, and how long the stretches are."""
    steps = np.hypot(*np.diff(laid.points, axis=0, prepend=laid.points[:1]).T)
    steps[laid.starts] = 0.0
    gone = np.cumsum(steps)
    gone -= gone[laid.starts][laid.owner]
    paths = gone[laid.ends]
    return gone / np.where(paths > 0, paths, 1.0)[laid.owner], paths


def _bernstein(u: Values) -> Values:
    """(4, m) weights of a cubic's control points at parameters u."""
    v = 1 - u
    return np.array([v * v * v, 3 * u * v * v, 3 * u * u * v, u * u * u])


def _on(weights: Values, control: Points, owner: Indices) -> Points:
    """(m, 2) points by the (w, m) weights of each one's own (k, w, 2) control points."""
    return np.asarray(np.einsum("wm,mwd->md", weights, control[owner]))


def _least_squares(laid: _Laid, basis: Values, tangents: Points, paths: Values) -> Points:
    """(k, 4, 2) control points with the least squared distance to the samples at the parameters of a basis.

    A control point is free, or lies along a tangent. What is solved for is its way from a third of the chord, so that
    few samples, which leave it open, put it there; no way is longer than its path. The normal equations of a stretch
    have four unknowns, and are written out.
    """
    tips = np.stack([laid.points[laid.starts], laid.points[laid.ends]], axis=1)
    chords = tips[:, 1] - tips[:, 0]
    lengths = np.hypot(*chords.T) / 3
    bound = _bound(tangents)
    thirds = chords[:, None] * np.array([1, -1])[:, None] / 3
    inner = tips + np.where(bound[..., None], tangents * lengths[:, None, None], thirds)
    pieces = np.stack([tips[:, 0], inner[:, 0], inner[:, 1], tips[:, 1]], axis=1)
    off = (laid.points - _on(basis, pieces, laid.owner)).T
    _, one, two, _ = basis
    a, b, d, *pulls = np.add.reduceat(np.array([one * one, one * two, two * two, *(one * off), *(two * off)]),
                                      laid.starts, axis=1)
    held = 1e-9 * (a + d + 1e-12)                              # where samples leave them open
    moves = _moves((a + held, b, d + held), np.array(pulls).reshape(2, 2, -1).transpose(2, 0, 1), tangents)
    gone = np.hypot(moves[..., 0], moves[..., 1])
    freely = moves * np.minimum(1.0, paths[:, None] / np.maximum(gone, 1e-12))[..., None]
    ahead = (moves * tangents).sum(axis=2)
    along = tangents * np.minimum(np.maximum(ahead, -0.9 * lengths[:, None]), paths[:, None])[..., None]
    pieces[:, 1:3] += np.where(bound[..., None], along, freely)
    return pieces


def _moves(weights: tuple[Values, Values, Values], pulls: Points, tangents: Points) -> Points:
    """(k, 2, 2) how the two inner control points move: freely, or along their tangents.

    With F and L taking a move to the ways the first and the last may go, a m + b F n = F p and b L m + d n = L q are
    solved for the first move m with n eliminated: (a - b b / d F L F) m = F (p - b / d L q).
    """
    a, b, d = (one[:, None, None] for one in weights)
    p, q = np.moveaxis(pulls[..., None], 1, 0)
    along = tangents[..., :, None] * tangents[..., None, :]
    first, last = np.moveaxis(np.where(_bound(tangents)[..., None, None], along, np.eye(2)), 1, 0)
    m = np.linalg.solve(a * np.eye(2) - b * b / d * (first @ last @ first), first @ (p - b / d * (last @ q)))
    n = last @ (q - b * m) / d
    return np.stack([m[..., 0], n[..., 0]], axis=1)


def _nearer(pieces: Points, laid: _Laid, u: Values) -> Values:
    """Parameters one Newton step nearer to each sample's foot on its curve."""
    first = 3 * np.diff(pieces, axis=1)
    second = 2 * np.diff(first, axis=1)
    v = 1 - u
    slope = _on(np.array([v * v, 2 * u * v, u * u]), first, laid.owner)
    bend = _on(np.array([v, u]), second, laid.owner)
    off = _on(_bernstein(u), pieces, laid.owner) - laid.points
    top, bottom = (off * slope).sum(axis=1), (slope * slope).sum(axis=1) + (off * bend).sum(axis=1)
    moved = np.clip(u - np.where(np.abs(bottom) > 1e-12, top / np.where(bottom == 0, 1.0, bottom), 0.0), 0.0, 1.0)
    ahead = 2 * laid.owner                                     # so that a stretch does not begin where another ended
    return np.asarray(np.maximum.accumulate(moved + ahead) - ahead)
