"""Mends: what makers do to a drawing before it is cut. Each is a map from shape to shape; amounts are in its units.

Opening and closing are erosion and dilation by a disc (J. Serra, Image Analysis and Mathematical Morphology, chapter
2). A closing adds in notches and gaps alike; a gap is told by what it adds facing the shape on two sides.
"""

from collections.abc import Callable, Sequence

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon, Point, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.fill import polygons_of_rings
from vitrograph.core.geometry import as_polygons
from vitrograph.core.job import Mend, MendName
from vitrograph.core.language import tr

_ARC = 12                          # segments of a quarter circle
_SEAM = 1e-6
_GRID = 1e-6                       # of the drawing's height
_ERODED = 0.95                     # of the amount: enough of a stroke is left to tell its end
_SMOOTH_STEPS = 24.0               # samples per amount when outlines are smoothed
_SMOOTH_FLAT = 1e-4


def mended(shape: MultiPolygon, mends: Sequence[Mend]) -> MultiPolygon:
    """The shape after all mends, in their order."""
    for mend in mends:
        # on a grid far finer than any cut, so that the seams of a mend leave no slivers for later stages to trip over
        shape = as_polygons(shapely.set_precision(_MENDS[mend.does](shape, mend), _GRID))
    return shape


def _thicken(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Every stroke thicker (or thinner) by the amount, corners kept; about a place only, if there is one."""
    grown = shape.buffer(mend.amount / 2, quad_segs=_ARC, join_style="mitre", mitre_limit=2.5)
    return _within(grown, shape, mend)


def _round_ends(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Corners, tips and stroke ends rounded by the amount; strokes thinner than that stay."""
    core = shape.buffer(-mend.amount, quad_segs=_ARC).buffer(mend.amount, quad_segs=_ARC)
    rest = shapely.get_parts(shapely.difference(shape, core.buffer(_SEAM)))
    # what is cut off a square corner is 1.4 r long; what is cut off a tip tapers; a thin stroke does neither
    thin = rest[(_lengths(rest) > 2 * mend.amount) & ~_tapers(rest)]
    return _within(shapely.union_all([core, *shapely.buffer(thin, 3 * _SEAM)]), shape, mend)


def _lengths(parts: NDArray[np.object_]) -> NDArray[np.float64]:
    """The long side of the narrowest box about each part."""
    boxes = shapely.oriented_envelope(parts)
    area, around = shapely.area(boxes), shapely.length(boxes) / 2
    return np.asarray((around + np.sqrt(np.maximum(around**2 - 4 * area, 0.0))) / 2)


def _tapers(parts: NDArray[np.object_]) -> NDArray[np.bool_]:
    """Which parts are plain tips: not far from convex, and well short of filling the box about them.

    What a disc of r leaves of a tip of angle a is its triangle less a segment: 0.53 of the triangle at 60 degrees, more
    at sharper ones; a bowed stroke fills its hull far less.
    """
    area = shapely.area(parts)
    hull, boxed = shapely.area(shapely.convex_hull(parts)), shapely.area(shapely.oriented_envelope(parts))
    return np.asarray((area > 0.5 * hull) & (area < 0.75 * boxed))


def _square_ends(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Rounded stroke ends and corners squared where a mitre of the amount reaches; nothing else grows."""
    core = shape.buffer(-_ERODED * mend.amount, quad_segs=_ARC)
    plain = shapely.simplify(core, 1.1 * (1 - _ERODED) * mend.amount)      # what is left of a round end becomes flat
    squared = plain.buffer(_ERODED * mend.amount, join_style="mitre", mitre_limit=1.5)
    return _within(shapely.union(shape, squared), shape, mend)


def _close_gaps(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Gaps narrower than the amount bridged; notches that close nothing stay."""
    half = mend.amount / 2
    closed = shape.buffer(half, quad_segs=_ARC).buffer(-half, quad_segs=_ARC)
    added = shapely.get_parts(shapely.difference(closed, shape))
    bridges = [part for part in added if _sides_on(part, shape, mend.amount) >= 2]
    return _within(shapely.union_all([shape, *(part.buffer(mend.amount * 1e-3) for part in bridges)]), shape, mend)


def _sides_on(part: Polygon, shape: MultiPolygon, amount: float) -> int:
    """How many separate stretches of a part's boundary lie on the shape."""
    shared = part.boundary.intersection(shape.buffer(amount * 1e-3))
    runs = shapely.get_parts(shapely.line_merge(shared)) if not shared.is_empty else np.zeros(0, dtype=object)
    return int((shapely.length(runs) > amount * 0.05).sum())


def _drop_specks(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Parts smaller than a square of the amount taken out; the largest part always stays."""
    parts = shapely.get_parts(shape)
    areas = shapely.area(parts)
    keep = (areas >= mend.amount**2) | (areas == areas.max()) | ~_near(parts, mend)
    return MultiPolygon(list(parts[keep]))


def _fill_pinholes(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Holes smaller than a square of the amount filled."""
    made = []
    for part in shape.geoms:
        holes = [hole for hole in part.interiors
                 if Polygon(hole).area >= mend.amount**2 or not _near(np.array([Polygon(hole)]), mend)[0]]
        made.append(Polygon(part.exterior, holes))
    return MultiPolygon(made)


def _remove(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """The contour at a place taken away: a part goes with what it holds, a hole is filled."""
    at = Point(mend.at or (0.0, 0.0))
    parts = shapely.get_parts(shape)
    holes = [Polygon(hole) for part in parts for hole in part.interiors]
    about = [hole for hole in holes if hole.contains(at)]
    if about and not any(part.intersects(at) for part in parts):
        return shapely.union(shape, min(about, key=lambda hole: hole.area))
    if not len(parts):
        return shape
    nearest = int(shapely.distance(parts, at).argmin())
    gone = Polygon(parts[nearest].exterior)
    return shapely.difference(shape, gone) if len(parts) > 1 else shape


def _remove_thin(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Strokes thinner than the amount taken away; what is thicker, and its corners, stay."""
    core = shape.buffer(-mend.amount / 2, quad_segs=_ARC).buffer(mend.amount / 2 + _SEAM, quad_segs=_ARC)
    rest = shapely.get_parts(shapely.difference(shape, core))
    gone = rest[(_lengths(rest) > mend.amount) & ~_tapers(rest) & _near(rest, mend)]
    return shapely.difference(shape, shapely.union_all(shapely.buffer(gone, _SEAM)))


def _keep(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """The part at a place, and all that lies inside it, kept; the rest taken away."""
    parts = shapely.get_parts(shape)
    nearest = int(shapely.distance(parts, Point(mend.at or (0.0, 0.0))).argmin())
    return shapely.intersection(shape, Polygon(parts[nearest].exterior))


def _smooth(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Outlines redrawn as smooth curves that stray at most the amount; true corners stay."""
    from vitrograph.core.artwork.tracing.curves import fit_rings

    if mend.amount <= 0:
        return shape
    unit = _SMOOTH_STEPS / (mend.amount * 40)                  # so that a tolerance of the amount spans some samples
    rings = [shapely.get_coordinates(ring) * unit for ring in shapely.get_rings(shapely.get_parts(shape))]
    rings = [ring for ring in rings if len(ring) > 4]
    curves = fit_rings(rings, np.full(len(rings), mend.amount * unit))
    smooth = polygons_of_rings([curve.flattened(_SMOOTH_FLAT * unit) / unit for curve in curves])
    return _within(smooth, shape, mend)


def _straighten(shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """Outlines redrawn with straight edges that stray at most the amount."""
    return _within(shapely.simplify(shape, mend.amount), shape, mend)


def _within(changed: BaseGeometry, shape: MultiPolygon, mend: Mend) -> BaseGeometry:
    """The change about the mend's place only, where it has one."""
    if mend.at is None:
        return changed
    region = Point(mend.at).buffer(mend.reach, quad_segs=_ARC)
    return shapely.union(shapely.difference(shape, region), shapely.intersection(changed, region))


def _near(parts: NDArray[np.object_], mend: Mend) -> NDArray[np.bool_]:
    """Which parts lie about the mend's place; all where it has none."""
    if mend.at is None:
        return np.ones(len(parts), dtype=bool)
    return np.asarray(shapely.dwithin(parts, Point(mend.at), max(mend.reach, _SEAM)))


_WORDS: dict[MendName, str] = {
    "thicken": tr("thicken", "a mend"), "round ends": tr("round ends", "a mend"),
    "square ends": tr("square ends", "a mend"), "close gaps": tr("close gaps", "a mend"),
    "drop specks": tr("drop specks", "a mend"), "fill pinholes": tr("fill pinholes", "a mend"),
    "remove": tr("remove", "a mend"), "remove thin": tr("remove thin", "a mend"), "keep": tr("keep", "a mend"),
    "smooth": tr("smooth", "a mend"), "straighten": tr("straighten", "a mend"),
}


def mend_words(name: MendName) -> str:
    """A mend in words."""
    return _WORDS[name]


_MENDS: dict[MendName, Callable[[MultiPolygon, Mend], BaseGeometry]] = {
    "thicken": _thicken, "round ends": _round_ends, "square ends": _square_ends, "close gaps": _close_gaps,
    "drop specks": _drop_specks, "fill pinholes": _fill_pinholes, "remove": _remove, "remove thin": _remove_thin,
    "keep": _keep, "smooth": _smooth, "straighten": _straighten,
}
