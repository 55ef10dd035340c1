"""The inside of a round glass: its outside profile less the wall, from the bottom's thickness up."""

from math import pi

import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points
from vitrograph.core.glass.walls import Wall, profile_at
from vitrograph.core.language import tr

_SLICES = 2001
WATER_G_PER_ML = 0.9982            # at 20 °C (CRC Handbook of Chemistry and Physics, density of water)


class Inside(Struct, frozen=True):
    """Inside radii (n,) at rising heights (n,) above the wall's lower edge, mm, from the bottom's upper face."""

    heights: Points
    radii: Points

    def volume_to(self, height: float) -> float:
        """The volume from the bottom up to a height, mm³, by frusta; 0 at the bottom and below it."""
        cut = float(np.clip(height, self.heights[0], self.heights[-1]))
        below = self.heights < cut
        z = np.append(self.heights[below], cut)
        r = np.append(self.radii[below], np.interp(cut, self.heights, self.radii))
        return float(pi * (np.diff(z) * (r[1:] ** 2 + r[1:] * r[:-1] + r[:-1] ** 2) / 3).sum())

    @property
    def volume(self) -> float:
        """To the brim, mm³."""
        return self.volume_to(float(self.heights[-1]))

    @property
    def side(self) -> float:
        """The area of its side seen along the radius, mm²: what a hair of radius more adds of volume."""
        return float(pi * ((self.radii[1:] + self.radii[:-1]) * np.diff(self.heights)).sum())


def inside_of(wall: Wall, wall_mm: float, bottom_mm: float) -> Inside:
    """The inside of a wall so thick, over a bottom so thick.

    Raises GlassError where the wall is flat, where a thickness is not known, or where nothing is left of the inside.
    """
    if not wall.closed:
        raise GlassError(tr("a pane holds no water: this check is for round glasses"))
    if wall_mm <= 0 or bottom_mm <= 0:
        raise GlassError(tr("how thick the wall and the bottom are is not typed yet: without that the water says "
                            "nothing"))
    s = np.linspace(0.0, wall.length, _SLICES)
    outside, up = profile_at(wall, s)
    brim = float(up.max())
    if bottom_mm >= brim:
        raise GlassError(tr("the bottom is as thick as the glass is high: measure it again"))
    # a wall's thickness is measured square to it
    out, rise = np.gradient(outside, s), np.gradient(up, s)
    z = np.linspace(bottom_mm, brim, _SLICES)
    radius = np.interp(z, up + wall_mm * out, np.maximum(outside - wall_mm * rise, 0.0))
    if not radius.max() > 0:
        raise GlassError(tr("the wall is thicker than the glass is wide: measure it again"))
    return Inside(z, radius)
