"""The usable patch: how large a motif a glass takes, where, and how much of it reads from the front."""

import numpy as np
from msgspec import Struct

from vitrograph.core.glass.walls import Wall, horizon


class Patch(Struct, frozen=True):
    """In mm: the tallest motif with its border, and the widest that reads from the front, at a height on the wall."""

    tallest: float
    widest: float


def usable_patch(wall: Wall, s0: float, border: float, reading_angle: float, eye_mm: float) -> Patch:
    """The patch about height s0, for an eye `eye_mm` from the axis and level with it.

    A round wall reads over `reading_angle`, or as far as it is in sight if that is less; a pane to its side edges.
    Raises GlassError where the eye would stand inside the glass.
    """
    tallest = max(0.0, 2 * (min(s0, wall.length - s0) - border))
    if not wall.closed:
        return Patch(tallest, max(0.0, wall.span - 2 * border))
    turn = reading_turn(wall, s0, reading_angle, eye_mm)
    return Patch(tallest, turn * float(wall.scale(np.array([s0]))[0]))


def reading_turn(wall: Wall, s0: float, reading_angle: float, eye_mm: float) -> float:
    """How much of a round wall reads from the front at a height: the reading angle, or what is in sight, radians."""
    here = np.array([s0])
    level = float(wall.in_space(np.array([[0.0, s0]]))[0, 2])
    return min(reading_angle, 2 * float(horizon(wall, here, eye_mm, level)[0]))
