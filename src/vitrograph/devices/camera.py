"""A simulated camera: pictures of a known glass from the side, to try the measuring by.

It stands level before the glass and follows lines of sight through space: each picture row asks along its ray where
the body of the glass reaches farthest to the side. Clear glass shows dark edges on a light ground, a highlight, and
little between.
"""

from math import cos, sin

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Points
from vitrograph.core.glass import Wall, profile_at

Picture = NDArray[np.float32]

_RAY = 1201
_ROWS_PER_PX = 2
_DARK_MM = 1.5                     # how far in from its outline clear glass looks dark


class Camera(Struct, frozen=True):
    """Where it stands and what it does badly.

    `distance` is eye to axis and `eye` its height above the base, mm; `tilt` is how far it is rolled, rad; `noise` is a
    standard deviation of grey (0 to 1), `blur` one of px, `uneven` how much the light falls off over the picture.
    `handle` is how far, mm, a handle stands out at the right; `lens` how far the picture's upper edge is moved outward,
    of its half height.
    """

    distance: float = 600.0
    eye: float | None = None
    mm_per_px: float = 0.1
    tilt: float = 0.0
    noise: float = 0.0
    blur: float = 0.0
    uneven: float = 0.0
    margin: float = 15.0
    handle: float = 0.0
    lens: float = 0.0

    def photograph(self, wall: Wall, seed: int = 1) -> Picture:
        """A picture of a round glass as (rows, columns) grey values, 0 to 1."""
        from scipy.ndimage import gaussian_filter

        eye = wall.upright / 2 if self.eye is None else self.eye
        heights, half = self._outline(wall, eye)
        columns, rows, x, y = self._plane(heights, half)
        reach = np.interp(y, heights, half, left=0.0, right=0.0)
        out = np.where(x > 0, self._with_handle(reach, y, heights[half > 0]), reach)
        inside = np.clip(0.5 + (out - np.abs(x)) / self.mm_per_px, 0.0, 1.0) * (reach > 0)
        falls_off = (columns / columns.max() - 0.5) + (rows / rows.max() - 0.5) / 2
        ground = 0.82 * (1 + self.uneven * falls_off)
        picture = ground * (1 - inside * (1 - self._shade(inside > 0.5, x / np.maximum(reach, 1e-6))))
        picture = gaussian_filter(picture, self.blur) if self.blur else picture
        picture = picture + np.random.default_rng(seed).normal(0.0, self.noise, picture.shape)
        return np.asarray(np.clip(picture, 0.0, 1.0), dtype=np.float32)

    def _with_handle(self, reach: Points, y: Points, ends: Points) -> Points:
        """How far the body reaches to the right, handle and all: half an ellipse along the middle of its height."""
        middle, tall = float(ends.mean()), 0.32 * float(np.ptp(ends))
        return np.asarray(reach + self.handle * np.sqrt(np.maximum(1 - ((y - middle) / tall) ** 2, 0.0)))

    def _shade(self, body: NDArray[np.bool_], out: Points) -> Points:
        """How much light comes through: little along the outline and round the rim, a highlight at the left."""
        from scipy.ndimage import distance_transform_edt

        inward = distance_transform_edt(body) * self.mm_per_px
        return np.asarray(0.95 - 0.5 * np.exp(-inward / _DARK_MM) + 0.10 * np.exp(-(((out + 0.55) / 0.06) ** 2)))

    def _plane(self, heights: Points, half: Points) -> tuple[Points, Points, Points, Points]:
        """Pixel columns and rows, and the places in the plane of the axis (about the eye) that they show."""
        wide = 2 * (half.max() + self.handle + self.margin) / self.mm_per_px
        high = 2 * (np.abs(heights).max() + self.margin) / self.mm_per_px
        columns, rows = np.meshgrid(np.arange(round(wide)), np.arange(round(high)))
        across, up = columns - (columns.max() / 2), (rows.max() / 2) - rows
        x = (across * cos(self.tilt) - up * sin(self.tilt)) * self.mm_per_px
        y = (across * sin(self.tilt) + up * cos(self.tilt)) * self.mm_per_px
        bent = self.lens * (across**2 + up**2) / up.max() ** 2              # by a share of ρ², to the first order
        return columns, rows, x * (1 - bent), y * (1 - bent)

    def _outline(self, wall: Wall, eye: float) -> tuple[Points, Points]:
        """Half-widths in the plane of the axis by height above the eye: the farthest reach along each row's ray."""
        s = np.linspace(0.0, wall.length, 4001)
        radius, z = profile_at(wall, s)
        widest = float(radius.max())
        depth = self.distance - np.linspace(-widest, widest, _RAY)
        grown = self.distance / (self.distance - widest)
        heights = np.arange(-eye * grown - 1, (wall.upright - eye) * grown + 1, self.mm_per_px / _ROWS_PER_PX)
        at = eye + heights[:, None] * depth / self.distance
        room = np.interp(at, z, radius, left=0.0, right=0.0) ** 2 - (self.distance - depth) ** 2
        return heights, (np.sqrt(np.maximum(room, 0.0)) * self.distance / depth).max(axis=1)
