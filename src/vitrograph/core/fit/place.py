"""Fitting: the art at its size on the glass, placed, laid, and developed to the sheet."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork import Art, Placed
from vitrograph.core.fit.lay import Lay, check_reach, longest_edge, warp
from vitrograph.core.glass import Cone, Fan, Turned, Wall, fan_of
from vitrograph.core.job import Fit

WARP_DEVIATION_MM = 0.004          # how far split edges may stray after the warp


@dataclass(frozen=True)
class Fitted:
    """Art on its glass: its size there (mm), its sheet shape, and its names' places on the sheet.

    `middle` is where the art's middle lies in the artwork's own frame, in which its pieces are placed.
    """

    wall: Wall
    lay: Lay
    art: MultiPolygon
    size: tuple[float, float]
    sheet_art: MultiPolygon
    marks: tuple[tuple[str, float, float], ...]
    middle: tuple[float, float]
    placed: tuple[Placed, ...]

    @property
    def fan(self) -> Fan | None:
        """The whole wall's development."""
        return fan_of(self.wall)

    @cached_property
    def wall_art(self) -> MultiPolygon:
        """The art in wall coordinates (u, s)."""
        follows = self.lay.mode == "rim"                       # an affine map, so edges stay straight
        longest = float("inf") if follows else longest_edge(self.lay, self.size[1] / 2, WARP_DEVIATION_MM)
        return warp(self.art, self.lay.to_wall, longest)

    @cached_property
    def wall_bounds(self) -> tuple[float, float, float, float]:
        """u and s bounds (u_low, s_low, u_high, s_high) of the art on the wall."""
        if self.lay.mode == "rim":                             # each side goes by itself: the box's corners are enough
            left, low, right, high = self.art.bounds
            (u_low, s_low), (u_high, s_high) = self.lay.to_wall(np.array([[left, low], [right, high]])).tolist()
        else:
            u_low, s_low, u_high, s_high = self.wall_art.bounds
        return u_low, s_low, u_high, s_high

    @cached_property
    def hoop_strain(self) -> float:
        """The hoop strain of largest size the film takes over the art's band; 0 where the wall is developable."""
        if not isinstance(self.wall, Turned) or not isinstance(self.lay.flat, Cone):
            return 0.0
        _, low, _, high = self.wall_bounds
        strains = self.wall.hoop_strain(self.lay.flat, low, high)
        return float(strains[np.abs(strains).argmax()])

    @property
    def droop(self) -> float:
        """How far level lettering laid this way leaves the level at its ends, mm along the wall: above is positive.

        Zero where rows follow the rim.
        """
        end = self.lay.to_wall(np.array([[self.size[0] / 2, 0.0]]))
        return float(end[0, 1] - self.lay.s0)


def fit_art(art: Art, wall: Wall, fit: Fit) -> Fitted:
    """Place and lay the art. Raises OffGlassError where this wall cannot carry it at all."""
    width, height = art.size
    s0 = middle_height(wall, fit, height)
    flat = wall.sheeting(s0 - height / 2, s0 + height / 2)
    check_reach(wall, flat, fit.mode, s0, width / 2, height / 2)
    # the artwork's upright middle line stands at the place asked for, not the middle of its box: no piece moves
    # because another was put beside it
    beside = art.middle[0] / float(wall.scale(np.array([s0]))[0])
    lay = Lay(wall, flat, fit.mode, s0, (fit.angle if wall.closed else fit.across) + beside, fit.face == "back")
    straight = fit.mode == "straight"
    longest = float("inf") if straight else longest_edge(lay, height / 2, WARP_DEVIATION_MM)
    spots = lay.to_sheet(np.array([[mark.x, mark.y] for mark in art.marks]).reshape(-1, 2))
    marks = tuple((mark.name, float(x), float(y)) for mark, (x, y) in zip(art.marks, spots, strict=True))
    return Fitted(wall, lay, art.shape, (width, height), warp(art.shape, lay.to_sheet, longest), marks, art.middle,
                  art.placed)


def middle_height(wall: Wall, fit: Fit, art_height: float) -> float:
    """Height s0 of the art's middle: from the rim distance of its top edge, or the middle of the wall."""
    if fit.from_rim is None:
        return wall.length / 2
    return wall.length - fit.from_rim - art_height / 2

