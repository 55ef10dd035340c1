"""Paints: what a drawing paints, in the order painted, and how colours become the two tones.

A colour that is lighter than paper looks (relative luminance above 0.85) clears what lies below it, every other frosts;
where all are light they are the picture. The maker may decide otherwise for any colour. A paint less than half opaque
is not counted, and a gradient is cut where it passes these limits.
"""

from collections.abc import Mapping, Sequence

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.units import luminance
from vitrograph.core.geometry import as_polygons, union, without
from vitrograph.core.job import ToneName

LIGHT = 0.85                       # relative luminance above which a paint is taken for paper
LEAST_OPACITY = 0.5

Rgb = tuple[int, int, int]


class Paint(Struct, frozen=True):
    """An area on the page (y up) and its colour."""

    area: BaseGeometry
    rgb: Rgb

    @property
    def hex(self) -> str:
        """The colour as #rrggbb."""
        return hex_of(self.rgb)


def hex_of(rgb: Rgb) -> str:
    """A colour as #rrggbb.

    >>> hex_of((255, 0, 16))
    '#ff0010'
    """
    return "#{:02x}{:02x}{:02x}".format(*rgb)


def guess_tones(paints: Sequence[Paint]) -> dict[str, ToneName]:
    """What each colour most likely means, in the order first painted."""
    light = {paint.hex: luminance(paint.rgb) > LIGHT for paint in paints}
    all_light = all(light.values())
    return {colour: "clear" if is_light and not all_light else "frost" for colour, is_light in light.items()}


def two_tones(paints: Sequence[Paint], tones: Mapping[str, ToneName]) -> MultiPolygon:
    """Join paints in order: frost adds, clear takes away, leave does neither.

    What is cleared is taken from each frosted part by itself, and they are joined once, at the end.
    """
    parts: list[BaseGeometry] = []
    for paint in paints:
        does = tones[paint.hex]
        if does == "frost":
            parts.append(paint.area)
        elif does == "clear" and parts:
            shapely.prepare(paint.area)
            for at in np.flatnonzero(shapely.intersects(paint.area, np.array(parts, dtype=object))).tolist():
                parts[at] = without(parts[at], paint.area)
    return as_polygons(union([part for part in parts if not part.is_empty]))
