"""Places on the glass that no film may lie on: handle, seams, raised marks, the foot, the rim bead.

A block is a rectangle in (u, s): radians round the glass, or mm across a pane, by mm along the wall.
"""

from collections.abc import Iterator

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import Polygon

from vitrograph.core.geometry import Points
from vitrograph.core.glass.walls import Wall
from vitrograph.core.job import Features, KeepOut


class Block(Struct, frozen=True):
    """A rectangle of the wall that is kept clear; one that goes all round has the wall's whole span."""

    what: str
    u_low: float
    s_low: float
    u_high: float
    s_high: float

    def shifted(self, u: float) -> "Block":
        """The same block farther round."""
        return Block(self.what, self.u_low + u, self.s_low, self.u_high + u, self.s_high)

    def near(self, u: float, wall: Wall) -> "Block":
        """The same block, counted by the turn that brings it nearest to u."""
        if not wall.closed:
            return self
        turns = wall.span * round((u - (self.u_low + self.u_high) / 2) / wall.span)
        return self.shifted(turns)

    @property
    def shape(self) -> Polygon:
        """The rectangle as a polygon in (u, s)."""
        return shapely.box(self.u_low, self.s_low, self.u_high, self.s_high)


def along_at(wall: Wall, upright: Points) -> Points:
    """Distance along the wall at upright heights above the table, clipped to the wall.

    >>> from vitrograph.core.glass.walls import Frustum
    >>> along_at(Frustum(30.0, 60.0, 50.0), np.array([20.0]))
    array([25.])
    """
    return np.clip(wall.along(np.asarray(upright) - wall.stands), 0.0, wall.length)


def blocks_of(wall: Wall, features: Features) -> tuple[Block, ...]:
    """All that a piece's features keep clear."""
    return tuple(block for block in _all_blocks(wall, features) if block.s_high > block.s_low)


def _all_blocks(wall: Wall, features: Features) -> Iterator[Block]:
    half = wall.span / 2
    if features.foot:
        yield Block("foot", -half, 0.0, half, min(features.foot, wall.length))
    if features.bead:
        yield Block("rim bead", -half, max(0.0, wall.length - features.bead), half, wall.length)
    for place in features.keep_out:
        yield _block(wall, place)


def _block(wall: Wall, place: KeepOut) -> Block:
    low, high = (float(s) for s in along_at(wall, np.array([place.low, place.high])))
    if not wall.closed:
        return Block(place.what, place.across - place.wide / 2, low, place.across + place.wide / 2, high)
    # a handle or seam is as wide in mm all the way up: its narrowest parallel needs the widest angle
    radius = float(wall.scale(np.linspace(low, high, 33)).min())
    half = min(place.wide / 2 / max(radius, 1e-6), wall.span / 2)
    return Block(place.what, place.angle - half, low, place.angle + half, high)
