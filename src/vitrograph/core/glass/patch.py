"""The usable patch: how large a motif a glass takes, where, and how much of it reads from the front."""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations
from math import hypot, pi

import numpy as np

from vitrograph.core.glass.keepout import Block
from vitrograph.core.glass.walls import Pane, Wall, horizon


@dataclass(frozen=True, slots=True)
class Patch:
    """In mm: the tallest motif with its border, and the widest that reads from the front, at a height on the wall."""

    tallest: float
    widest: float


@dataclass(frozen=True, slots=True)
class Motif:
    """A motif's width and height in mm, and its middle on the wall (u, s)."""

    width: float
    height: float
    u: float
    s: float


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


def largest_motif(
    wall: Wall, blocks: Sequence[Block], border: float, aspect: float, reading: tuple[float, float] | None = None
) -> Motif | None:
    """The largest motif of width over height `aspect` that lies on the wall with its border, clear of all blocks.

    With `reading`, an angle and an eye's distance, it must read from the front besides. None where nothing fits.
    Every largest empty rectangle is bounded below and above by an edge of the wall or of a block, so those pairs are
    all that need looking at.
    """
    if isinstance(wall, Pane) and wall.oval:
        return _in_oval(wall, border, aspect)
    edges = sorted({0.0, wall.length} | {s for b in blocks for s in (b.s_low, b.s_high) if 0 < s < wall.length})
    found = [_between(wall, blocks, pair, border, aspect, reading) for pair in combinations(edges, 2)]
    return max((motif for motif in found if motif is not None), key=lambda motif: motif.height, default=None)


def _between(
    wall: Wall, blocks: Sequence[Block], heights: tuple[float, float], border: float, aspect: float,
    reading: tuple[float, float] | None,
) -> Motif | None:
    """The largest motif centred between two heights."""
    low, high = heights
    s0 = (low + high) / 2
    scale = float(wall.scale(np.array([s0]))[0])
    start, end = _widest_gap(wall, [b for b in blocks if b.s_low < high and b.s_high > low])
    whole = wall.closed and end - start >= wall.span - 1e-9
    across = (end - start) * scale - (0.0 if whole else 2 * border)
    if reading is not None and wall.closed:
        across = min(across, reading_turn(wall, s0, *reading) * scale)
    height = min(high - low - 2 * border, across / aspect)
    return Motif(height * aspect, height, (start + end) / 2, s0) if height > 0 else None


def _widest_gap(wall: Wall, blocks: Sequence[Block]) -> tuple[float, float]:
    """The longest stretch of u that no block covers; round a closed wall it may run across the back."""
    half = wall.span / 2
    if not wall.closed:
        taken = sorted((b.u_low, b.u_high) for b in blocks)
        start, end = -half, half
    elif not blocks:
        return -half, half
    else:
        start = min(b.u_high for b in blocks)                  # begin counting where a block ends
        # a block that reaches over the place where counting begins is met at both ends
        taken = sorted((first, first + b.u_high - b.u_low) for b in blocks for turn in (0.0, wall.span)
                       for first in [start + (b.u_low - start) % wall.span - turn])
        end = start + wall.span
    gaps, free_from = [(start, start)], start
    for block_start, block_end in [*taken, (end, end)]:
        gaps.append((free_from, min(block_start, end)))
        free_from = max(free_from, block_end)
    if wall.closed:
        gaps = [(low - turns, high - turns) for low, high in gaps
                for turns in [2 * pi * round((low + high) / 2 / (2 * pi))]]
    # of two alike, the one nearer to the front
    return max(gaps, key=lambda gap: (round(gap[1] - gap[0], 4), -abs(gap[0] + gap[1])))


def _in_oval(wall: Pane, border: float, aspect: float) -> Motif | None:
    """The rectangle inscribed in an oval: (w/2a)² + (h/2b)² = 1."""
    a, b = wall.width / 2 - border, wall.height / 2 - border
    if min(a, b) <= 0:
        return None
    height = 2 / hypot(aspect / a, 1 / b)
    return Motif(height * aspect, height, 0.0, wall.height / 2)
