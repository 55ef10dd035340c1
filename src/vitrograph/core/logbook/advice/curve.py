"""The chance that a piece comes out so, by its minutes under cream, and how well the pieces made so far tell it.

logit P = logit(0.9) + b (log m - L): L is the log of the minutes at which nine of ten do, b > 0 how sharply the chance
turns. The priors are weak, in log minutes. L of a cream on a glass is partly pooled with those of other creams on other
glasses: what two have in common is told by a covariance. The pieces of other creams and glasses speak by Laplace's
approximation (C. E. Rasmussen and C. K. I. Williams, Gaussian Processes for Machine Learning, 2006, algorithms 3.1 and
3.2), given b; the pieces asked about speak by their full likelihood, on a grid of L and b.
"""

from collections.abc import Sequence
from math import log

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

Values = NDArray[np.float64]

SHARE = 0.9                        # of pieces
BELIEF = 0.8                       # that the minutes lie within the interval
_LOGIT = log(SHARE / (1 - SHARE))
_SHARPS, _SHARPEST = 21, 2.6       # steps of b, and how many of its prior's spreads they reach to either side
_PLACES, _REACH = 181, 4.5         # likewise of L
_TURNS, _HALVINGS, _STILL = 40, 20, 1e-8


class Prior(Struct, frozen=True):
    """What is believed before any piece: minutes (their spread as a log), sharpness (likewise), and the spreads that
    creams, glasses, and a cream on a glass add to what all have in common."""

    minutes: float = 5.0
    spread: float = 0.9
    sharp: float = 4.0
    sharp_spread: float = 0.6
    creams: float = 0.5
    glasses: float = 0.3
    pairs: float = 0.2


class Tried(Struct, frozen=True):
    """Pieces of one cream on one glass that stood so many minutes: how many, and how many of them came out so."""

    cream: str
    material: str
    minutes: float
    many: float
    so: float


class Posterior(Struct, frozen=True):
    """What is believed after: the weight of each place on the grid of L (columns) and b (rows)."""

    places: Values
    sharps: Values
    weight: Values

    def quantile(self, share: float) -> float:
        """The minutes below which the true ones lie with so much belief."""
        density = self.weight.sum(axis=0)
        below = np.concatenate([[0.0], np.cumsum((density[1:] + density[:-1]) / 2 * np.diff(self.places))])
        return float(np.exp(np.interp(share * below[-1], below, self.places)))

    @property
    def minutes(self) -> float:
        """The minutes at which nine of ten come out so: the median of what is believed."""
        return self.quantile(0.5)

    @property
    def interval(self) -> tuple[float, float]:
        """The minutes between which they lie with a belief of 8 in 10."""
        return self.quantile((1 - BELIEF) / 2), self.quantile((1 + BELIEF) / 2)

    def chance(self, minutes: Values) -> Values:
        """(n,) chances at (n,) minutes, each the mean over what is believed."""
        x = np.log(np.maximum(minutes, 1e-6))[:, None, None]
        eta = _LOGIT + self.sharps[None, :, None] * (x - self.places[None, None, :])
        return np.asarray((_sigmoid(eta) * self.weight).sum(axis=(1, 2)) / self.weight.sum())


def believe(tried: Sequence[Tried], cream: str, material: str | None, prior: Prior) -> Posterior:
    """What is believed of a cream on a glass; with no material told, of the cream on whatever glass it was used on.

    The pieces asked about are those of that cream (and glass); all others are those whose pooled word is heard.
    """
    asked = (cream, material or "")
    own = [one for one in tried if _pair(one, material) == asked]
    others = sorted((one for one in tried if _pair(one, material) != asked), key=lambda one: _pair(one, material))
    steps = np.linspace(-_SHARPEST, _SHARPEST, _SHARPS)
    sharps = prior.sharp * np.exp(prior.sharp_spread * steps)
    mean, variance, evidence = _of_others(others, [_pair(one, material) for one in others], asked, sharps, prior)
    wide = float(np.sqrt(variance.max()))
    told = [log(one.minutes) for one in own]
    places = np.linspace(min([mean.min() - _REACH * wide, *told]), max([mean.max() + _REACH * wide, *told]), _PLACES)
    x, many, so = _columns(own)
    eta = _LOGIT + sharps[:, None, None] * (x[:, None] - places)
    weight = (so[:, None] * eta - many[:, None] * np.logaddexp(0.0, eta)).sum(axis=1)
    weight += (evidence - np.log(variance) / 2 - steps**2 / 2)[:, None]
    weight -= (places - mean[:, None]) ** 2 / (2 * variance[:, None])
    return Posterior(places, sharps, np.exp(weight - weight.max()))


def _pair(one: Tried, material: str | None) -> tuple[str, str]:
    return one.cream, "" if material is None else one.material


def _columns(tried: Sequence[Tried]) -> tuple[Values, Values, Values]:
    rows = np.array([(log(one.minutes), one.many, one.so) for one in tried]).reshape(-1, 3)
    return rows[:, 0], rows[:, 1], rows[:, 2]


def _of_others(
    others: Sequence[Tried], theirs: Sequence[tuple[str, str]], asked: tuple[str, str], sharps: Values, prior: Prior
) -> tuple[Values, Values, Values]:
    """Mean and variance of the L asked for as other pairs tell it, and the log evidence of their pieces, for each b.

    `theirs` are the pairs the others belong to, those of one pair together.
    """
    mean, alone = log(prior.minutes), _covariance([asked], [asked], prior)[0, 0]
    if not others:
        return np.full(len(sharps), mean), np.full(len(sharps), alone), np.zeros(len(sharps))
    pairs = sorted(set(theirs))
    cover, across = _covariance(pairs, pairs, prior), _covariance(pairs, [asked], prior)[:, 0]
    number = {pair: at for at, pair in enumerate(pairs)}
    heard = _Heard(*_columns(others), np.array([number[pair] for pair in theirs]))
    at = _likeliest(heard, cover, sharps, mean)
    gradient, curve, tells = heard.slopes(at, sharps)
    root = np.sqrt(curve)
    lower = np.linalg.cholesky(_inner(root, cover))
    half = np.linalg.solve(lower, (root * across)[..., None])[..., 0]
    evidence = tells - ((at - mean) * gradient).sum(axis=1) / 2 - np.log(np.diagonal(lower, axis1=1, axis2=2)).sum(1)
    return mean + gradient @ across, alone - (half**2).sum(axis=1), evidence


class _Heard(Struct, frozen=True):
    """The pieces of other pairs: log minutes, how many, how many so, and the number of the pair of each, in order."""

    x: Values
    many: Values
    so: Values
    pair: NDArray[np.intp]

    def slopes(self, at: Values, sharps: Values) -> tuple[Values, Values, Values]:
        """Gradient and curvature of the log likelihood in each pair's L, (b, pairs), and it itself, (b,)."""
        starts = np.flatnonzero(np.diff(self.pair, prepend=-1))
        eta = _LOGIT + sharps[:, None] * (self.x - at[:, self.pair])
        chance = _sigmoid(eta)
        gradient = -sharps[:, None] * np.add.reduceat(self.so - self.many * chance, starts, axis=1)
        curve = sharps[:, None] ** 2 * np.add.reduceat(self.many * chance * (1 - chance), starts, axis=1) + 1e-12
        return gradient, curve, (self.so * eta - self.many * np.logaddexp(0.0, eta)).sum(axis=1)


def _inner(root: Values, cover: Values) -> Values:
    return np.asarray(np.eye(len(cover)) + root[:, :, None] * cover * root[:, None, :])


def _likeliest(heard: _Heard, cover: Values, sharps: Values, mean: float) -> Values:
    """The likeliest L of each pair, for each b, (b, pairs): Newton's method, halving steps that lead down again.

    What is climbed is concave in L, so that there is one top.
    """
    at, inverse = np.full((len(sharps), len(cover)), mean), np.linalg.inv(cover)

    def height(places: Values) -> Values:
        off = places - mean
        return np.asarray(heard.slopes(places, sharps)[2] - ((off @ inverse) * off).sum(axis=1) / 2)

    for _ in range(_TURNS):
        gradient, curve, _ = heard.slopes(at, sharps)
        root = np.sqrt(curve)
        wanted = curve * (at - mean) + gradient
        solved = np.linalg.solve(_inner(root, cover), (root * (wanted @ cover))[..., None])[..., 0]
        step = mean + (wanted - root * solved) @ cover - at
        before, share = height(at), np.ones((len(sharps), 1))
        for _ in range(_HALVINGS):
            down = height(at + share * step) < before - _STILL
            if not down.any():
                break
            share[down] /= 2
        at = at + share * step
        if np.abs(share * step).max() < _STILL:
            break
    return at


def _covariance(pairs: Sequence[tuple[str, str]], others: Sequence[tuple[str, str]], prior: Prior) -> Values:
    """What the L of two pairs have in common: all, the cream, the glass, and both."""
    return np.array([[prior.spread**2 + prior.creams**2 * (one[0] == other[0]) + prior.glasses**2 * (one[1] == other[1])
                      + prior.pairs**2 * (one == other) for other in others] for one in pairs])


def _sigmoid(eta: Values) -> Values:
    return np.asarray(0.5 * (1 + np.tanh(eta / 2)))
