"""Where a wall ends: base and rim, as a picture from the side shows them, and the radii next to them."""

from math import hypot

import numpy as np

from vitrograph.core.errors import PictureError
from vitrograph.core.language import tr
from vitrograph.core.pictures.edges import Values

_STEPS = 12
_FLARE_MM = 0.3
_LOCAL = 0.12                      # the share of the height over which the wall next to an end is one plain curve


def foot_height(edge: float, y: Values, half: Values, distance: float) -> float:
    """Height of the table above the eye's level, from the front edge of a foot, at (z - e) d / (d - r) below it."""
    near = y < y[0] + _LOCAL * (y[-1] - y[0])
    return edge * (distance - whole_radius(float(half[near].max()), distance)) / distance


def whole_radius(seen: float, distance: float) -> float:
    """The radius of a circle that is seen so wide: it shows d r / sqrt(d² - r²), at whatever height it lies."""
    return seen * distance / hypot(seen, distance)


def end_height(edge: float, y: Values, half: Values, distance: float, *, closes: bool = True) -> float:
    """Height of base or rim above the eye's level, from where the outline closes at that end of rising y.

    The rim circle shows as an ellipse: its front edge stands at (z - e) d / (d - r), beyond the wall's own end, which
    lies where the wall, carried on, has that r; seen from the other side, its back edge at (z - e) d / (d + r). Where a
    bead stands on the wall the outline of the wall itself closes nowhere.
    """
    share = np.abs(y - (edge if closes else y[-1])) / (y[-1] - y[0])
    if closes and _closes_like_a_ball(share, half):
        raise PictureError(tr("the glass closes to a point above or below, like a ball: choose Ball, and measure "
                              "across its widest with calipers"))
    beside = (share > (0.05 if closes else 0.0)) & (share < _LOCAL)
    wall = np.polyfit(y[beside], half[beside], 2)
    outward = edge > float(y.mean())
    height = edge
    for _ in range(_STEPS):
        radius = float(np.polyval(wall, height))
        height = edge * (distance - radius if (edge > 0) == outward else distance + radius) / distance
    return height


def _closes_like_a_ball(share: Values, half: Values) -> bool:
    """Whether the half-width squared runs on as one parabola to the very end, as no rim or base lets it."""
    near = share < _LOCAL
    squared = half[near] ** 2
    left = squared - np.polyval(np.polyfit(share[near], squared, 2), share[near])
    return float(np.sqrt((left**2).mean())) < 0.02 * float(squared.max())


def flared_end(edge: float, y: Values, half: Values, distance: float) -> float | None:
    """The radius of a rim or base that is wider than the wall beside it, which shows it whole; None of any other."""
    near = np.flatnonzero(np.abs(y - edge) < _LOCAL / 2 * (y[-1] - y[0]))
    at = int(near[half[near].argmax()])
    inner = near[-1] if edge < float(y.mean()) else near[0]
    if half[at] - half[inner] < _FLARE_MM or abs(at - inner) < 0.2 * len(near):
        return None
    return whole_radius(float(half[max(at - 2, 0):at + 3].mean()), distance)


def extended(z: Values, radius: Values, wanted: Values, ends: list[tuple[float, float]]) -> Values:
    """Radii at wanted heights; the few mm next to rim and base follow the wall's own curve, to an end if it is known.
    """
    inside = np.interp(wanted, z, radius)
    for edge, away in ((z[0], wanted < z[0]), (z[-1], wanted > z[-1])):
        near = np.abs(z - edge) < _LOCAL * (z[-1] - z[0])
        if not away.any() or near.sum() <= 3:
            continue
        known = [end for end in ends if abs(end[0] - edge) < _LOCAL * (z[-1] - z[0])]
        places, radii = (np.append(values[near], [end[k] for end in known]) for k, values in enumerate((z, radius)))
        weights = np.append(np.ones(int(near.sum())), np.full(len(known), near.sum()))
        inside[away] = np.polyval(np.polyfit(places, radii, 2, w=weights), wanted[away])
    return np.maximum(inside, 0.1)
