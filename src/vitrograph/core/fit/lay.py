"""Laying flat art on a wall: the map from art to sheet, and to the wall.

Art points are (x, y) in mm, centred on the art's middle, which lies at height s0 on the wall. The sheet has its own
frame: its u is counted from the art's middle, so the same stencil serves wherever round the glass it is laid.

- follow the rim: rows keep their height and columns point at the axis. On the sheet, phi = x / rho0 and
  rho = rho0 + y with rho0 the developed radius at s0; on the wall simply u = x / scale(s0), s = s0 + y.
- straight: laid flat with no bend; lengths are kept and level lines are not.
"""

from collections.abc import Callable
from dataclasses import dataclass
from math import sqrt

import numpy as np
import shapely
from shapely.geometry import MultiPolygon

from vitrograph.core.errors import OffGlassError
from vitrograph.core.geometry import Points, as_polygons, split_edges
from vitrograph.core.glass import Cone, Sheeting, Wall
from vitrograph.core.job import Mode

_FLIP = np.array([-1.0, 1.0])


@dataclass(frozen=True, slots=True)
class Lay:
    """How art goes on a wall: the mode, the middle's height s0 (mm) and turn u0, and whether the sheet is mirrored.

    `flat` is the developable that the film is cut by: the wall itself, or the best cone for the art's band.
    """

    wall: Wall
    flat: Sheeting
    mode: Mode
    s0: float
    u0: float
    mirrored: bool

    def to_sheet(self, art: Points) -> Points:
        """Map (n, 2) art points to (n, 2) sheet points, mm."""
        flat = art + [0.0, self.s0] if self.mode == "straight" else self.flat.develop(self._around(art))
        return flat * _FLIP if self.mirrored else flat

    def to_wall(self, art: Points) -> Points:
        """Map (n, 2) art points to (n, 2) wall points (u, s), u counted from the glass's front."""
        around = self.flat.undevelop(art + [0.0, self.s0]) if self.mode == "straight" else self._around(art)
        return around + [self.u0, 0.0]

    def sheet_to_art(self, sheet: Points) -> Points:
        """Map sheet points back to the art: the inverse of `to_sheet`."""
        flat = sheet * _FLIP if self.mirrored else sheet
        if self.mode == "straight":
            return flat - [0.0, self.s0]
        u, s = self.flat.undevelop(flat).T
        return np.column_stack([u * self.middle_scale, s - self.s0])

    def sheet_to_wall(self, sheet: Points) -> Points:
        """Map sheet points to the wall, u from the glass's front."""
        return self.flat.undevelop(sheet * _FLIP if self.mirrored else sheet) + [self.u0, 0.0]

    def wall_to_sheet(self, wall: Points) -> Points:
        """Map wall points to this sheet: the inverse of `sheet_to_wall`."""
        flat = self.flat.develop(wall - [self.u0, 0.0])
        return flat * _FLIP if self.mirrored else flat

    def _around(self, art: Points) -> Points:
        return np.column_stack([art[:, 0] / self.middle_scale, self.s0 + art[:, 1]])

    @property
    def middle_scale(self) -> float:
        """mm per unit of u on the parallel through the art's middle."""
        return float(self.wall.scale(np.array([self.s0]))[0])


def longest_edge(lay: Lay, half_height: float, max_deviation: float) -> float:
    """How long an art edge may be so that its image strays at most `max_deviation` mm from the chord.

    With phi = x/rho0 and rho = rho0 + y, a unit step (c, s) has |second derivative| at most
    (rho/rho0 + 1)/rho0, and a chord strays at most L²/8 times that. Straight art needs no splitting on the sheet,
    but its wall image bends no more than that either.
    """
    if not isinstance(lay.flat, Cone):
        return float("inf")
    bend = abs(lay.flat.taper) / lay.middle_scale
    return sqrt(8 * max_deviation / max(bend * (2 + bend * half_height), 1e-12))


def check_reach(wall: Wall, flat: Sheeting, mode: Mode, s0: float, half_width: float, half_height: float) -> None:
    """Refuse art that no place on this wall can carry: it would reach the cone's apex or lie behind it.

    Raises OffGlassError, saying the size that came.
    """
    ends = wall.scale(np.array([s0 - half_height, s0 + half_height]))
    corners = np.array([[half_width, s0 - half_height], [half_width, s0 + half_height], [0.0, s0 - half_height],
                        [0.0, s0 + half_height]])
    foot = flat.at if isinstance(flat, Cone) else 0.0
    behind = mode == "straight" and (1 + flat.bend * (corners[:, 1] - foot) <= 0).any()
    if (ends <= 0).any() or behind:
        raise OffGlassError(
            f"art {2 * half_width:.0f} x {2 * half_height:.0f} mm reaches past the point where this wall's cone "
            "closes: make it smaller, or move it towards the wider end"
        )


def warp(shape: MultiPolygon, mapping: Callable[[Points], Points], longest: float) -> MultiPolygon:
    """Carry polygons through a map after splitting their edges to at most `longest` mm."""
    return as_polygons(shapely.transform(split_edges(shape, longest), mapping))
