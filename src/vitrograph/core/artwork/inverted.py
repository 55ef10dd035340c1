"""Drawings that are stencils already: film in a plain frame, whose holes are the art.

What tells one is common practice, no published source: a frame with few bends about all of it, that holds nearly all
the ink and has holes.
"""

import shapely
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import as_polygons, union, without
from vitrograph.core.language import tr

_PLAIN = 0.97                      # of a frame's convex hull, that it fills
_ROUND = 0.95                      # of its convex hull, that a ring's hole fills
_BOXED = 0.75                      # of its box, that it fills: an ellipse fills 0.785
_ALL = 0.99                        # of the drawing's width and height
_INK = 0.85                        # of the ink, that the frame holds; the rest are islands in its holes
_FILM = 0.4                        # of the frame's area, that is inked


def looks_like_film(shape: MultiPolygon) -> bool:
    """Whether a drawing's ink seems to be the film of a stencil."""
    parts = shapely.get_parts(shape)
    frame = max(parts, key=lambda part: float(part.area))
    holes = [Polygon(ring) for ring in frame.interiors]
    if not holes or (len(holes) == 1 and holes[0].area > _ROUND * holes[0].convex_hull.area):      # a plain ring
        return False
    edge = Polygon(frame.exterior)
    box, whole = _sides(edge), _sides(shape)
    return bool(edge.area >= _PLAIN * edge.convex_hull.area and edge.area >= _BOXED * box[0] * box[1]
                and box[0] >= _ALL * whole[0] and box[1] >= _ALL * whole[1]
                and frame.area >= _INK * shape.area and shape.area >= _FILM * edge.area)


def _sides(shape: shapely.Geometry) -> tuple[float, float]:
    left, low, right, high = shape.bounds
    return right - left, high - low


def turned_round(shape: MultiPolygon) -> MultiPolygon:
    """The holes of a drawing, as the art. Raises ArtworkError where it has none."""
    edges = union([Polygon(part.exterior) for part in shape.geoms])
    holes = as_polygons(without(edges, shape))
    if holes.is_empty:
        raise ArtworkError(tr("the drawing is said to be film with holes, and it has no holes"))
    return holes
