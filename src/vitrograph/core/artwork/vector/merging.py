"""Colours that become one slab: where two tones that both frost meet, what lay between them is lost."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np
import shapely
from shapely.geometry import MultiLineString, MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.paint import Paint, Rgb
from vitrograph.core.geometry import as_polygons, union, without
from vitrograph.core.job import ToneName

_ALIKE = 40                        # of 255, in every channel: colours the eye takes for one
_LOST = 0.5                        # of a part's edge: where no more of it can be seen, the part has gone
_MOST_PAINTS = 400                 # of a map or an engraving, nobody asks which of its tones went into which
_ASIDE = 1e-4                      # of the drawing's size, by which an edge may lie off the outline it became


@dataclass(frozen=True)
class Merged:
    """The colours whose parts disappear among others that frost as well, and the borders between colours, as lines."""

    colours: tuple[str, ...]
    borders: BaseGeometry

    def kept_apart(self, shape: MultiPolygon, width: float) -> MultiPolygon:
        """The shape with a line of a width left out along the borders."""
        if width <= 0 or self.borders.is_empty:
            return shape
        return as_polygons(without(shape, self.borders.buffer(width / 2, join_style="mitre")))


def merged(paints: Sequence[Paint], tones: Mapping[str, ToneName], shape: MultiPolygon) -> Merged:
    """What merges where colours become two tones; `shape` is what the paints come to."""
    groups = _groups(paints, tones)
    if len(set(groups.values())) < 2 or len(paints) > _MOST_PAINTS:
        return Merged((), MultiLineString())
    seen = _seen(paints, tones, groups)
    left, low, right, high = shape.bounds
    outline = shape.boundary.buffer(_ASIDE * max(right - left, high - low))
    gone, borders = [], []
    for colour, area in seen.items():
        parts = shapely.get_parts(area)
        within = shapely.difference(shapely.boundary(parts), outline)
        borders.append(shapely.union_all(within))
        if (shapely.length(within) > _LOST * shapely.length(parts)).any():
            gone.append(colour)
    return Merged(tuple(gone), shapely.line_merge(shapely.union_all(borders)))


def _groups(paints: Sequence[Paint], tones: Mapping[str, ToneName]) -> dict[str, str]:
    """Each frosting colour's group, called by the first colour of it: those that look alike are one."""
    groups: dict[str, str] = {}
    firsts: dict[str, Rgb] = {}
    for paint in paints:
        if tones[paint.hex] == "frost" and paint.hex not in groups:
            alike = (name for name, rgb in firsts.items() if np.abs(np.subtract(rgb, paint.rgb)).max() <= _ALIKE)
            groups[paint.hex] = next(alike, paint.hex)
            firsts.setdefault(groups[paint.hex], paint.rgb)
    return groups


def _seen(
    paints: Sequence[Paint], tones: Mapping[str, ToneName], groups: Mapping[str, str]
) -> dict[str, MultiPolygon]:
    """What can be seen of each group of frosting colours: what nothing later covers."""
    above: BaseGeometry = MultiPolygon()
    seen: dict[str, list[BaseGeometry]] = {}
    for paint in reversed(paints):
        if tones[paint.hex] == "frost":
            seen.setdefault(groups[paint.hex], []).append(without(paint.area, above))
        if tones[paint.hex] != "leave":
            above = union([above, paint.area])
    return {colour: as_polygons(union(areas)) for colour, areas in seen.items()}
