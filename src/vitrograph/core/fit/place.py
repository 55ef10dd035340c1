"""Fitting: the art at its size on the glass, placed, laid, and developed to the sheet."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from shapely.affinity import scale
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork import Art
from vitrograph.core.fit.lay import Lay, check_reach, longest_edge, warp
from vitrograph.core.glass import Cone, Fan, Turned, Wall, fan_of
from vitrograph.core.job import Fit

CURVE_DEVIATION_MM = 0.004         # how far art's own curves may stray, at its size on the glass
WARP_DEVIATION_MM = 0.004          # how far split edges may stray after the warp


@dataclass(frozen=True)
class Fitted:
    """Art on its glass: its size there (mm), its sheet shape, and its names' places on the sheet.

    `drawing_at` is where the frame that the drawing's mends are told in lies: its (0, 0) in the art, and its unit, mm.
    """

    wall: Wall
    lay: Lay
    art: MultiPolygon
    size: tuple[float, float]
    sheet_art: MultiPolygon
    marks: tuple[tuple[str, float, float], ...]
    drawing_at: tuple[float, float, float] | None = None

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


def size_factor(art_size: tuple[float, float], fit: Fit) -> float:
    """mm per art unit for the typed size; a size across nothing (a lone dash has no height) falls to the other.

    >>> size_factor((2.0, 1.0), Fit(size=84.0))
    42.0
    """
    width, height = art_size
    typed_across = width if fit.size_is == "width" else height
    return fit.size / (typed_across or width or height or 1.0)


def fit_art(art: Art, wall: Wall, fit: Fit) -> Fitted:
    """Size, place and lay the art. Raises OffGlassError where this wall cannot carry it at all."""
    factor = size_factor(art.size, fit)
    shape = scale(art.shape, factor, factor, origin=(0, 0))
    width, height = art.size[0] * factor, art.size[1] * factor
    s0 = middle_height(wall, fit, height)
    flat = wall.sheeting(s0 - height / 2, s0 + height / 2)
    check_reach(wall, flat, fit.mode, s0, width / 2, height / 2)
    lay = Lay(wall, flat, fit.mode, s0, fit.angle if wall.closed else fit.across, fit.face == "back")
    straight = fit.mode == "straight"
    longest = float("inf") if straight else longest_edge(lay, height / 2, WARP_DEVIATION_MM)
    spots = lay.to_sheet(np.array([[m.x * factor, m.y * factor] for m in art.marks]).reshape(-1, 2))
    marks = tuple((mark.name, float(x), float(y)) for mark, (x, y) in zip(art.marks, spots, strict=True))
    x, y, tall = art.drawing_at or (0.0, 0.0, 0.0)
    drawing_at = (x * factor, y * factor, tall * factor) if art.drawing_at else None
    return Fitted(wall, lay, shape, (width, height), warp(shape, lay.to_sheet, longest), marks, drawing_at)


def middle_height(wall: Wall, fit: Fit, art_height: float) -> float:
    """Height s0 of the art's middle: from the rim distance of its top edge, or the middle of the wall."""
    if fit.from_rim is None:
        return wall.length / 2
    return wall.length - fit.from_rim - art_height / 2

