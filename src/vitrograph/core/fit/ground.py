"""The frosted ground of a stencil whose art stays clear: a plain shape round the art, less the art."""

from typing import Literal

import shapely
from msgspec import Struct
from msgspec.structs import replace
from shapely.geometry import MultiPolygon, Point, Polygon, box
from shapely.geometry.base import BaseGeometry

from vitrograph.core.fit.band import ALL, SEAL_MM, Seams, parts_of
from vitrograph.core.geometry import as_polygons, union, within, without

_ARC = 16                          # segments of a quarter circle
_PARTED = 4 * SEAL_MM              # a gap in which two grounds end, each so far from the art and from the other
_SEAM_MM = 1e-3
_SEAMS = Seams()
_ROUND = 0.4                       # of the margin: a rectangle's corners


class Ground(Struct, frozen=True):
    """A shape round the art, and how far it reaches beyond it, mm."""

    shape: Literal["rectangle", "oval", "art"]
    margin: float

    def round(self, art: MultiPolygon, rows: int = 1, columns: int = 1, seams: Seams = _SEAMS) -> MultiPolygon:
        """What is frosted: the ground without the art; a ground round each part, where it is cut in several films.

        >>> art = MultiPolygon([box(-10, -5, 10, 5)])
        >>> round(Ground("rectangle", 5.0).round(art).area)
        397
        """
        wider = replace(seams, border=tuple(side + self.margin for side in seams.border))
        cells = [one for cell, row in parts_of(art, 1, rows, ALL, wider, _PARTED) for one in parts_of(
            row, 0, columns, cell, wider, _PARTED)]
        grounds = [within(self._whole(part), box(*cell).buffer(-SEAL_MM - _SEAM_MM, join_style="mitre"))
                   for cell, part in cells]
        return as_polygons(without(union(grounds), art))

    def _whole(self, art: MultiPolygon) -> BaseGeometry:
        left, low, right, high = art.bounds
        wide, tall = right - left, high - low
        if self.shape == "oval":                               # the ellipse through the corners of the art's box
            oval = shapely.transform(Point(0, 0).buffer(1.0, quad_segs=4 * _ARC), lambda xy: xy * [
                wide / 2**0.5 + self.margin, tall / 2**0.5 + self.margin] + [(left + right) / 2, (low + high) / 2])
            return oval
        if self.shape == "art":
            grown = shapely.buffer(art, self.margin, quad_segs=_ARC)
            return union([Polygon(part.exterior) for part in as_polygons(grown).geoms])
        corner = _ROUND * self.margin
        plain = box(left, low, right, high)
        return plain.buffer(self.margin - corner, join_style="mitre").buffer(corner, quad_segs=_ARC)
