"""The blade: a drag knife's tip trails its pivot, so the path that is sent leads it.

The pivot goes ahead of the tip by the blade's offset d, P = T + d t with t along the drawing; at a corner it swings
round the tip on an arc of radius d, by which the tip turns on the spot. The tip follows its pivot along a tractrix: on
a straight way the angle between blade and way obeys tan(a/2) = tan(a0/2) exp(-s/d) (E. H. Lockwood, A Book of Curves,
1961).
"""

from dataclasses import dataclass
from math import pi, radians

import numpy as np
from numpy.typing import NDArray

from vitrograph.core.geometry import Points

_SMOOTH = radians(12)              # a turn up to this is led by one point
_SWING = radians(20)               # of a swing's arc in one chord: 0.004 mm off for an offset of 0.25
SETTING = np.array([[0.0, 0.0], [3.0, 0.0], [3.0, 3.0]])       # mm: they leave the blade pointing
SET_HEADING = pi / 2               # this way

Headings = NDArray[np.float64]


@dataclass(frozen=True, slots=True)
class Led:
    """The (n, 2) path of the pivot, and the way the blade points at its end, rad."""

    path: Points
    heading: float


def led(line: Points, offset: float, heading: float) -> Led:
    """The pivot's path for a tip that is to follow a (n, 2) line, for a blade that points along `heading` before.

    Points that coincide with the one before are passed over.
    """
    line = line[np.concatenate([[True], (np.diff(line, axis=0) != 0).any(axis=1)])]
    if len(line) < 2:
        return Led(line, heading)
    steps = np.diff(line, axis=0)
    headings = np.arctan2(steps[:, 1], steps[:, 0])
    if offset <= 0:
        return Led(line, float(headings[-1]))
    before = np.concatenate([[heading], headings])
    turns = np.append(_half_turns(np.diff(before)), 0.0)       # at each vertex; none at the last
    # one point for a smooth turn, half-way; else an arc from the old heading to the new one
    arcs = np.abs(turns) > _SMOOTH
    many = np.where(arcs, np.ceil(np.abs(turns) / _SWING).astype(np.intp) + 1, 1)
    of = np.repeat(np.arange(len(line)), many)
    number = np.arange(len(of)) - np.repeat(np.cumsum(many) - many, many)
    share = np.where(arcs[of], number / np.maximum(many[of] - 1, 1), 0.5)
    pointing = before[of] + turns[of] * share
    path = line[of] + offset * np.column_stack([np.cos(pointing), np.sin(pointing)])
    return Led(path, float(headings[-1]))


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


def _half_turns(angles: Headings) -> Headings:
    """Angles brought to between minus and plus half a turn."""
    return np.asarray((angles + np.pi) % (2 * np.pi) - np.pi)
