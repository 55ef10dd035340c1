"""The largest motif of a shape that a glass takes, its border clear of everything that is kept clear."""

from collections.abc import Sequence
from functools import lru_cache
from typing import Any

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import Polygon

from vitrograph.core.geometry import distinct
from vitrograph.core.glass.keepout import Block
from vitrograph.core.glass.patch import reading_turn
from vitrograph.core.glass.walls import Pane, Wall

_ACROSS, _UP = 49, 33              # places that are tried first,
_FINER = 9                         # and each way about the best of those
_ROUNDS, _KEPT = 5, 4              # how often, and of how many
_HALVINGS = 26
_EDGE_MM = 0.002
_TOUCH_MM = 1e-9

Values = NDArray[np.float64]


class Motif(Struct, frozen=True):
    """A motif's width and height in mm, and its middle on the wall (u, s)."""

    width: float
    height: float
    u: float
    s: float


class _Space(Struct, frozen=True):
    """What a motif must lie in: the wall and its blocks, the border in mm, the motif's width over its height.

    `inside` is what an oval pane leaves within its border; `times` how often the motif stands round. It is as wide in
    angle all the way up, so that it is measured at its middle, as art is that follows the rim.
    """

    wall: Wall
    blocks: Sequence[Block]
    border: float
    aspect: float
    reading: tuple[float, float] | None
    inside: Polygon | None
    times: int

    def largest(self, u: Values, s: Values) -> Values:
        """The heights of the largest motifs with their middles at (n,) places; 0 where there is none, by halving."""
        most = 2 * (np.minimum(s, self.wall.length - s) - self.border)
        scale = self.wall.scale(s)
        if self.wall.closed:
            wide = np.full_like(s, self.wall.span) * scale
            if self.reading is not None:
                wall: Any = self.wall              # frozen, as all walls are
                levels, turns = _reads_at(wall, *self.reading)
                wide = np.asarray(scale * np.interp(s, levels, turns))
        else:
            wide = 2 * (self.wall.span / 2 - self.border - np.abs(u))
        high = np.maximum(np.minimum(most, wide / self.aspect), 0.0)
        low = np.where(self._is_clear(u, s, high, scale), high, 0.0)
        for _ in range(_HALVINGS):
            middle = (low + high) / 2
            clear = self._is_clear(u, s, middle, scale)
            low, high = np.where(clear, middle, low), np.where(clear, high, middle)
        return low

    def _is_clear(self, u: Values, s: Values, height: Values, scale: Values) -> NDArray[np.bool_]:
        half = height * self.aspect / 2 / scale
        clear = np.ones(len(u), dtype=bool)
        for block in self.blocks:
            clear &= self._from_block(block, u, s, half, height / 2) >= self.border - _TOUCH_MM
        if self.inside is not None:
            for across, up in ((1, 1), (1, -1), (-1, 1), (-1, -1)):
                clear &= shapely.intersects_xy(self.inside, u + across * half, s + up * height / 2)
        return clear

    def _from_block(self, block: Block, u: Values, s: Values, half: Values, tall: Values) -> Values:
        """How far motifs lie from a block, mm; less than nothing where they reach over it."""
        off = np.abs(u - (block.u_low + block.u_high) / 2)
        if self.wall.closed:
            apart = self.wall.span / self.times
            off = np.minimum(off % apart, -off % apart)
        beside = off - half - (block.u_high - block.u_low) / 2
        above = np.maximum(block.s_low - s, s - block.s_high) - tall
        low, high = (np.clip(s + way * tall, block.s_low, block.s_high) for way in (-1, 1))
        narrowest = np.minimum.reduce([self.wall.scale(low), self.wall.scale((low + high) / 2), self.wall.scale(high)])
        return np.where((beside < 0) & (above < 0), -1.0, np.hypot(np.maximum(beside, 0) * narrowest,
                                                                   np.maximum(above, 0)))


def largest_motif(
    wall: Wall, blocks: Sequence[Block], border: float, aspect: float, reading: tuple[float, float] | None = None,
    times: int = 1,
) -> Motif | None:
    """The largest motif of width over height `aspect` that lies on the wall with its border, clear of all blocks.

    With `reading`, an angle and an eye's distance, it must read from the front besides. On a round wall it may stand
    several `times`, evenly spaced: then each of them is clear. None where nothing fits. Its
    middle is looked for on a grid that is made finer about the best places; of those alike the nearest to the front,
    and to the middle of the height, is taken.
    """
    inside = None
    if isinstance(wall, Pane) and wall.oval:
        inside = Polygon(wall.edge(_EDGE_MM)).buffer(-border)
        shapely.prepare(inside)
    space = _Space(wall, blocks, border, aspect, reading, inside, times)
    half, best = wall.span / 2, np.zeros((0, 3))
    places = _grid(np.linspace(-half, half, _ACROSS), _levels(space))
    steps = np.array([2 * half / (_ACROSS - 1), wall.length / (_UP - 1)])
    for _ in range(_ROUNDS):
        found = np.column_stack([space.largest(*places.T), places])
        found = np.concatenate([best, found])
        order = np.lexsort((np.abs(found[:, 2] - wall.length / 2), np.abs(found[:, 1]), -np.round(found[:, 0], 6)))
        best = found[order[:_KEPT]]
        steps = steps * 2 / (_FINER - 1)
        near = np.arange(_FINER) - _FINER // 2
        places = np.concatenate([_grid(at[1] + steps[0] * near, at[2] + steps[1] * near) for at in best])
        places = places[(np.abs(places[:, 0]) <= half) & (places[:, 1] > 0) & (places[:, 1] < wall.length)]
    height, u, s = best[0].tolist()
    return Motif(height * aspect, height, u, s) if height > 0 else None


@lru_cache(maxsize=8)
def _reads_at(wall: Any, angle: float, eye: float) -> tuple[Values, Values]:
    """Heights up a round wall, and how much of it reads from the front there, radians."""
    levels = np.linspace(0.0, wall.length, _UP + 2)[1:-1]      # at a pole nothing reads
    return levels, np.array([reading_turn(wall, level, angle, eye) for level in levels.tolist()])


def _levels(space: _Space) -> Values:
    """Heights that are tried: evenly up the wall, and half-way between any two edges, where most motifs lie."""
    edges = distinct([0.0, space.wall.length, *(s for b in space.blocks for s in (b.s_low, b.s_high))])
    between = np.add.outer(edges, edges)[np.triu_indices(len(edges), 1)] / 2
    return distinct(np.concatenate([np.linspace(0.0, space.wall.length, _UP)[1:-1], between]))


def _grid(u: Values, s: Values) -> Values:
    return np.asarray(np.stack(np.meshgrid(u, s), axis=-1).reshape(-1, 2))
