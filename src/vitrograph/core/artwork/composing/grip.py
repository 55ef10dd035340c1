"""Taking hold of an item: what a pull at its body, a corner, a side or its turning handle makes of it.

Points are in the artwork's frame, mm. Each function takes the item as it was when it was taken hold of.
"""

from collections.abc import Iterable
from math import atan2, pi, radians

import numpy as np
from msgspec import Struct

from vitrograph.core.artwork.composing.place import Placed
from vitrograph.core.geometry import Box, Points, half_turn
from vitrograph.core.job import Item

_TURN_STOPS = radians(15)          # a turn near one of these goes to it
_STOP_REACH = radians(2.5)
_LEAST_SIDE = 0.02                 # of a side, so that a pull through the middle does not turn an item inside out


class Snap(Struct, frozen=True):
    """A step made a little longer or shorter so that sides meet, and the lines they meet on: x and y, None for none."""

    step: tuple[float, float]
    x: float | None = None
    y: float | None = None


def pulled_by_corner(placed: Placed, corner: int, to: tuple[float, float], *, free: bool) -> Item:
    """An item pulled by a corner of its box (lower left, then against the clock); the opposite corner stays.

    With `free` its width and height change apart; otherwise proportions are kept.
    """
    corners = placed.corners
    fixed, held = corners[(corner + 2) % 4], corners[corner]
    matrix = placed.affines[0][:, :2]
    # in the item's own axes, how far the pull goes against how far the corner was
    pull, was = (np.linalg.solve(matrix, np.asarray(end) - fixed) for end in (to, held))
    share = np.maximum(np.where(np.abs(was) > 1e-9, pull / np.where(was == 0, 1.0, was), 1.0), _LEAST_SIDE)
    if not free:
        along = float(np.dot(np.asarray(to) - fixed, held - fixed) / max(np.dot(held - fixed, held - fixed), 1e-9))
        share = np.full(2, max(along, _LEAST_SIDE))
    return _grown(placed, share, fixed)


def pulled_by_side(placed: Placed, side: int, to: tuple[float, float]) -> Item:
    """An item pulled by the middle of a side (right, top, left, foot): that measure changes, the far side stays."""
    corners = placed.corners
    held = (corners[(side + 1) % 4] + corners[(side + 2) % 4]) / 2
    far = (corners[(side + 3) % 4] + corners[side % 4]) / 2
    matrix = placed.affines[0][:, :2]
    pull, was = (np.linalg.solve(matrix, np.asarray(end) - far) for end in (to, held))
    axis = side % 2
    share = np.ones(2)
    share[axis] = max(pull[axis] / was[axis] if was[axis] else 1.0, _LEAST_SIDE)
    return _grown(placed, share, far)


def _grown(placed: Placed, share: Points, fixed: Points) -> Item:
    """An item with its own width and height grown by two factors; one point of it stays where it is."""
    item, matrix = placed.item, placed.affines[0][:, :2]
    anchor = fixed + matrix @ (share * np.linalg.solve(matrix, np.array([item.x, item.y]) - fixed))
    across, upright = float(share[0]), float(share[1])
    grown = item.stretched(across, across) if abs(across - upright) < 1e-12 else item.with_(
        size=item.size * (across if item.size_is == "width" else upright), stretch=item.stretch * across / upright)
    return grown.with_(x=float(anchor[0]), y=float(anchor[1]))


def turned_towards(placed: Placed, to: tuple[float, float]) -> Item:
    """An item turned about its box's middle until its upright points at a place; near a stop of 15° it goes there."""
    middle = placed.corners.mean(axis=0)
    item = placed.item
    turn = half_turn(atan2(to[1] - middle[1], to[0] - middle[0]) - pi / 2)
    stop = round(turn / _TURN_STOPS) * _TURN_STOPS
    turn = half_turn(stop) if abs(turn - stop) < _STOP_REACH else turn
    by = turn - item.turn
    spin = np.array([[np.cos(by), -np.sin(by)], [np.sin(by), np.cos(by)]])
    anchor = middle + spin @ (np.array([item.x, item.y]) - middle)
    return item.with_(turn=turn, x=float(anchor[0]), y=float(anchor[1]))


def snapped(box: Box, step: tuple[float, float], others: Iterable[Box], reach: float) -> Snap:
    """A step of a box that brings one of its sides or middles onto the middle line, or onto those of other boxes.

    The nearest within `reach` mm is taken, across and upright each by itself.
    """
    boxes = list(others)
    x, by_x = _nearest(box[0] + step[0], box[2] + step[0], [0.0, *_lines(boxes, 0)], reach)
    y, by_y = _nearest(box[1] + step[1], box[3] + step[1], _lines(boxes, 1), reach)
    return Snap((step[0] + by_x, step[1] + by_y), x, y)


def _lines(boxes: list[Box], low: int) -> list[float]:
    return [at for box in boxes for at in ((box[low] + box[low + 2]) / 2, box[low], box[low + 2])]


def _nearest(low: float, high: float, lines: list[float], reach: float) -> tuple[float | None, float]:
    """The line met and the step to it: the middle meets middles and sides alike."""
    best: tuple[float | None, float] = (None, 0.0)
    for line in lines:
        for at in ((low + high) / 2, low, high):
            gap = line - at
            if abs(gap) <= reach and (best[0] is None or abs(gap) < abs(best[1]) - 1e-9):
                best = (line, gap)
    return best
