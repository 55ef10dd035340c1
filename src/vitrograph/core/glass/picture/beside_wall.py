"""What a glass's outline shows beside its wall: a rim bead or a rolled lip, and a stem with its foot.

Film lies on the wall alone, and a size typed for the rim is that of its bead, where it has one. All is told from
half-widths (mm) at rising heights. The limits are common practice, no published source.
"""

from typing import Literal

import numpy as np
from msgspec import Struct

from vitrograph.core.pictures.edges import Values

BesideName = Literal["handle", "rim bead", "stem and foot"]

_BEAD_MM = 12.0                    # from the rim down, in which a bead or a roll begins
_WALL_MM = 10.0                    # of wall below it, that is one calm curve
_CALM_MM = 0.08                    # by which that strays from a parabola, in the mean
_RISE_MM = 1.5                     # above where it begins, a bead stands out
_OUT_MM = 0.4                      # so far from the wall carried on
_STEM = 0.38                       # of the widest: no bowl is so narrow between two wider places
_STEM_LEANS = 0.2                  # of the way up, by which it widens or narrows at the most,
_STEM_TALL = 0.08                  # for so much of the height
_FOOT = 0.3                        # of the height, that a foot does not reach
_BOWL = 0.6                        # of the bowl's width, from which on its wall carries film


class Beside(Struct, frozen=True):
    """Something beside the wall: what it is, and its upright heights from the base, mm."""

    what: BesideName
    low: float
    high: float


def bead_under(y: Values, half: Values) -> int | None:
    """The first row, from below, of a bead or a rolled lip at the rim; None where the wall goes on to it.

    A flare bends all the way, and its own curve carried on leads along it; a bead leaves the curve at once.
    """
    best, most = None, _OUT_MM
    upper = y > max(y[-1] - _BEAD_MM, (y[0] + y[-1]) / 2)
    for first in np.flatnonzero(upper & (y < y[-1] - _RISE_MM))[::3].tolist():
        below = (y < y[first] - _RISE_MM / 2) & (y > y[first] - _RISE_MM / 2 - _WALL_MM)
        if below.sum() < 12:
            continue
        wall = np.polyfit(y[below] - y[first], half[below], 2)
        above = (y > y[first]) & (y < y[first] + 2 * _RISE_MM)
        out = float((half[above] - np.polyval(wall, y[above] - y[first])).max())
        strays = float(np.sqrt(((half[below] - np.polyval(wall, y[below] - y[first])) ** 2).mean()))
        if strays < _CALM_MM and out > most:
            best, most = first, out
    return best


def bowl_above_stem(y: Values, half: Values) -> int | None:
    """The first row of a bowl that stands on a stem; None where there is no stem.

    A stem is narrow against the bowl above it, and does not widen to it as a cone would.
    """
    foot = int(_FOOT * len(half))                              # which may be wider than the bowl
    widest = foot + int(half[foot:].argmax())
    narrow = np.flatnonzero(half[:widest] < _STEM * half[widest])
    if (np.abs(np.gradient(half, y)[narrow]) < _STEM_LEANS).sum() < _STEM_TALL * len(half):
        return None
    above = np.flatnonzero(half[narrow[-1]:widest + 1] >= _BOWL * half[widest])
    return int(narrow[-1] + above[0])
