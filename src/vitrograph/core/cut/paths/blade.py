"""The blade: a drag knife's tip trails its pivot, so the path that is sent leads it.

The pivot goes ahead of the tip by the blade's offset d, P = T + d t with t along the drawing; at a corner it swings
round the tip on an arc of radius d, by which the tip turns on the spot. The tip follows its pivot along a tractrix: on
a straight way the angle between blade and way obeys tan(a/2) = tan(a0/2) exp(-s/d) (E. H. Lockwood, A Book of Curves,
1961).
"""

from math import cos, pi, radians, sin

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Points

_SMOOTH = cos(radians(12))         # a turn up to this is led by one point
_SWING = radians(20)               # of a swing's arc in one chord: 0.004 mm off for an offset of 0.25
SETTING = np.array([[0.0, 0.0], [3.0, 0.0], [3.0, 3.0]])       # mm: they leave the blade pointing
SET_HEADING = pi / 2               # this way

Headings = NDArray[np.float64]


class Led(Struct, frozen=True):
    """The (n, 2) path of the pivot, and the way the blade points at its end, rad."""

    path: Points
    heading: float


def led(line: Points, offset: float, heading: float) -> Led:
    """The pivot's path for a tip that is to follow a (n, 2) line, for a blade that points along `heading` before.

    Points that coincide with the one before are passed over.
    """
    # column by column it is done in half the time
    across, up = np.ascontiguousarray(line.T)
    dx, dy = np.diff(across), np.diff(up)
    lengths = np.sqrt(dx * dx + dy * dy)
    if not lengths.all():
        moves = np.concatenate([[True], lengths > 0])
        across, up, dx, dy, lengths = across[moves], up[moves], dx[moves[1:]], dy[moves[1:]], lengths[moves[1:]]
    if not len(dx):
        return Led(line[:1], heading)
    last = float(np.arctan2(dy[-1], dx[-1]))
    if offset <= 0:
        return Led(np.column_stack([across, up]), last)
    x, y = np.concatenate([[cos(heading)], dx / lengths]), np.concatenate([[sin(heading)], dy / lengths])
    along = x[:-1] * x[1:] + y[:-1] * y[1:]                    # cosines of the turns at each vertex but the last
    # a smooth turn is led by one point, half-way round
    share = offset / np.sqrt(np.maximum(2 + 2 * along, 1e-12))
    path = np.empty((len(across), 2))
    path[:-1, 0], path[:-1, 1] = across[:-1] + (x[:-1] + x[1:]) * share, up[:-1] + (y[:-1] + y[1:]) * share
    path[-1] = across[-1] + offset * x[-1], up[-1] + offset * y[-1]
    corners = np.flatnonzero(along < _SMOOTH)
    if not len(corners):
        return Led(path, last)
    pointing, of = _swings(np.arctan2(y[corners], x[corners]), np.arctan2(y[corners + 1], x[corners + 1]))
    many = np.ones(len(across), dtype=np.intp)
    many[corners] = np.bincount(of)
    swung = np.repeat(many > 1, many)
    path = np.repeat(path, many, axis=0)
    path[swung, 0] = across[corners[of]] + offset * np.cos(pointing)
    path[swung, 1] = up[corners[of]] + offset * np.sin(pointing)
    return Led(path, last)


def _swings(before: Headings, after: Headings) -> tuple[Headings, NDArray[np.intp]]:
    """The ways the blade points on its swings from old headings to new ones, in steps, and whose swing each is of."""
    turns = (after - before + np.pi) % (2 * np.pi) - np.pi
    many = np.ceil(np.abs(turns) / _SWING).astype(np.intp) + 1
    of = np.repeat(np.arange(len(turns)), many)
    number = np.arange(len(of)) - np.repeat(np.cumsum(many) - many, many)
    return before[of] + turns[of] * number / np.maximum(many[of] - 1, 1), of


def trail(path: Points, offset: float, heading: float) -> tuple[Points, float]:
    """Where a blade's tip goes while its pivot goes along a (n, 2) path, and the way it points at the end.

    The tip is told at each of the path's points. On a straight way it is exact.
    """
    if offset <= 0:
        return path, heading
    steps = np.diff(path, axis=0)
    lengths, ways = np.hypot(steps[:, 0], steps[:, 1]), np.arctan2(steps[:, 1], steps[:, 0])
    decays = np.exp(-lengths / offset)
    pointing = np.empty(len(path))
    pointing[0] = heading
    for at, (way, decay) in enumerate(zip(ways.tolist(), decays.tolist(), strict=True), start=1):
        if decay < 1.0:
            off = (heading - way + np.pi) % (2 * np.pi) - np.pi
            heading = way + 2 * float(np.arctan(np.tan(off / 2) * decay))
        pointing[at] = heading
    return path - offset * np.column_stack([np.cos(pointing), np.sin(pointing)]), heading
