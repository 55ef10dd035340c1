"""Colours that become one slab: where two tones that both frost meet, what lay between them is lost."""

from collections.abc import Mapping, Sequence

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiLineString, MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.paint import Paint, Rgb
from vitrograph.core.geometry import as_polygons, distinct, union, without
from vitrograph.core.job import ToneName

_ALIKE = 40                        # of 255, in every channel: colours the eye takes for one
_LOST = 0.5                        # of a part's edge: where no more of it can be seen, the part has gone
_MOST_PAINTS, _MOST_POINTS = 400, 20_000   # of a map, nobody asks which of its tones went into which
_ASIDE = 1e-4                      # of the drawing's size, by which an edge may lie off the outline it became


class Merged(Struct, frozen=True):
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
    points = sum(shapely.get_num_coordinates(paint.area) for paint in paints)
    if len(set(groups.values())) < 2 or len(paints) > _MOST_PAINTS or points > _MOST_POINTS:
        return Merged((), MultiLineString())
    seen = _seen(paints, tones, groups)
    parts = np.concatenate([shapely.get_parts(area) for area in seen.values()])
    of = np.repeat(np.arange(len(seen)), [shapely.get_num_geometries(area) for area in seen.values()])
    left, low, right, high = shape.bounds
    aside = _ASIDE * max(right - left, high - low)
    one, other = shapely.STRtree(parts).query(parts, predicate="dwithin", distance=aside)
    one, other = one[of[one] != of[other]], other[of[one] != of[other]]
    edges = shapely.boundary(parts)
    met = shapely.intersection(edges[one], shapely.buffer(edges[other], aside))
    lost = np.bincount(one, shapely.length(met), minlength=len(parts)) > _LOST * shapely.length(edges)
    names = list(seen)
    gone = tuple(names[number] for number in distinct(of[lost]).tolist())
    return Merged(gone, shapely.line_merge(shapely.union_all(met)))


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
    """What can be seen of each group of frosting colours: what nothing later of another covers."""
    covers = [paint for paint in paints if tones[paint.hex] != "leave"]
    areas = np.array([paint.area for paint in covers], dtype=object)
    of = [groups.get(paint.hex) if tones[paint.hex] == "frost" else None for paint in covers]
    under, over = shapely.STRtree(areas).query(areas, predicate="intersects")
    above: dict[int, list[int]] = {}
    for low, high in zip(under.tolist(), over.tolist(), strict=True):
        if low < high and of[low] is not None and of[low] != of[high]:
            above.setdefault(low, []).append(high)
    seen: dict[str, list[BaseGeometry]] = {}
    for number, group in enumerate(of):
        if group is not None:
            hidden = areas[above.get(number, [])].tolist()
            seen.setdefault(group, []).append(without(areas[number], union(hidden)) if hidden else areas[number])
    return {colour: as_polygons(union(shown)) for colour, shown in seen.items()}
