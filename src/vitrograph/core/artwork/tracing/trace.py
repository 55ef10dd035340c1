"""A picture traced: levels, outlines, specks and pinholes left out, smooth curves; in mm at the picture's own size.

A picture of no stated resolution is taken at 300 dots to the inch.
"""

from functools import lru_cache
from math import cos, sin

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiPolygon

from vitrograph.core.artwork.fill import polygons_of_rings
from vitrograph.core.artwork.tracing.contour import rings_at_zero
from vitrograph.core.artwork.tracing.curves import Curve, fit_rings
from vitrograph.core.artwork.tracing.halftone import halftone
from vitrograph.core.artwork.tracing.levels import evened, level_field
from vitrograph.core.errors import PictureError
from vitrograph.core.geometry import Points, distinct
from vitrograph.core.job import TraceChoices
from vitrograph.core.language import tr
from vitrograph.core.pictures.reading import MOST_TRACED_PIXELS, Gray, gray_of, pixels_of, unpack_picture

PLAIN_DPI = 300.0
_MOST_RINGS = 6_000
_FINE_PX = 0.2                     # how far a faithful curve may stray from the sub-pixel outline
_NOISE_SHARE = 4.5                 # a noisy outline is followed within so many of its own scatters
_SHAKING = 0.08                    # px of scatter beyond which an outline is noisy
_CALM = 0.05                       # px of scatter that antialiasing itself leaves


class Traced(Struct, frozen=True):
    """A traced picture in px, y down: its curves or halftone bars, mm per px, and how it was read.

    `by_opacity` says that what is opaque was traced, and not what is dark.
    """

    curves: tuple[Curve, ...]
    bars: MultiPolygon
    mm_per_px: float
    threshold: float
    pixel_nodes: int
    size_px: tuple[int, int]
    by_opacity: bool = False

    @property
    def nodes(self) -> int:
        """Nodes of all curves."""
        return sum(curve.nodes for curve in self.curves)

    def shape(self, max_deviation: float) -> MultiPolygon:
        """The picture as polygons in mm, y up, whose outlines stray at most `max_deviation` mm from the curves."""
        if not self.bars.is_empty:
            made = self.bars
        else:
            rings = [curve.flattened(max_deviation / self.mm_per_px) for curve in self.curves]
            parts = shapely.get_parts(polygons_of_rings(rings))
            made = MultiPolygon(list(parts[shapely.area(parts) > 0.25]))       # less than a pixel: where curves touched
        # an outline is placed by pixel centres, and the first of them lies half a pixel in from the picture's corner
        return shapely.transform(made, lambda xy: (xy + 0.5) * [self.mm_per_px, -self.mm_per_px])


@lru_cache(maxsize=6)
def trace(content: bytes, choices: TraceChoices) -> Traced:
    """Trace a picture's file. Raises PictureError where it is no picture, or nothing is left to trace."""
    image = unpack_picture(content, tr("the picture"), MOST_TRACED_PIXELS)
    stated = image.info.get("dpi", (PLAIN_DPI,))[0]
    dpi = choices.dpi or (float(stated) if 20 <= float(stated) <= 5000 else PLAIN_DPI)
    mm_per_px = 25.4 / dpi
    if choices.tones == "lines":
        return _as_lines(1 - gray_of(image), choices, mm_per_px)
    levels = level_field(pixels_of(image), choices)
    field = levels.ink
    # a simpler outline is that of a softer picture, drawn with less care
    sigma = (choices.smooth + choices.simplify / 2) / mm_per_px
    if sigma > 0:
        field = _smoothed(field, sigma)
    rings = _worth_keeping(rings_at_zero(field), choices, mm_per_px)
    if choices.turn:
        rings = [_turned(ring, choices.turn) for ring in rings]
    pixel_nodes = sum(len(ring) - 1 for ring in rings)
    tolerance = max(_FINE_PX, choices.simplify / mm_per_px)
    shaking = np.array([scatter(ring) for ring in rings])
    curves = fit_rings(rings, np.maximum(tolerance, _NOISE_SHARE * shaking), calm=shaking < _SHAKING)
    return Traced(tuple(curves), MultiPolygon(), mm_per_px, levels.threshold, pixel_nodes,
                  (field.shape[1], field.shape[0]), levels.by_opacity)


def _as_lines(darkness: Gray, choices: TraceChoices, mm_per_px: float) -> Traced:
    if choices.even_light:
        darkness = 1 - evened(1 - darkness)
    if choices.light_frosts:
        darkness = 1 - darkness
    bars = halftone(darkness, choices.line_pitch / mm_per_px, choices.line_least / mm_per_px)
    if bars.is_empty:
        raise PictureError(tr("no line of the halftone is thick enough to cut: make the lines coarser"))
    nodes = len(shapely.get_coordinates(bars))
    return Traced((), bars, mm_per_px, 0.5, nodes, (darkness.shape[1], darkness.shape[0]))


def _smoothed(field: Gray, sigma: float) -> Gray:
    from scipy.ndimage import gaussian_filter

    return np.asarray(gaussian_filter(field, min(sigma, 60.0)), dtype=np.float32)


def _worth_keeping(rings: list[Points], choices: TraceChoices, mm_per_px: float) -> list[Points]:
    """Rings without specks and pinholes. contourpy keeps the higher side to the left: an island turns one way."""
    areas = np.array([_signed_area(ring) for ring in rings])
    if not len(areas):
        raise PictureError(tr("nothing is left to trace: choose another threshold, or smaller specks"))
    outer = np.sign(areas[np.abs(areas).argmax()])             # the largest ring surrounds ink, whichever way it turns
    least = np.where(areas * outer > 0, choices.speck, choices.pinhole) / mm_per_px
    keep = np.abs(areas) >= np.maximum(least, 1.0) ** 2
    islands = [ring for ring, wanted in zip(rings, keep & (areas * outer > 0), strict=True) if wanted]
    holes = [ring for ring, wanted in zip(rings, keep & (areas * outer < 0), strict=True) if wanted]
    if not islands:
        raise PictureError(tr("nothing is left to trace: choose another threshold, or smaller specks"))
    kept = islands + _held(holes, islands)
    if len(kept) > _MOST_RINGS:
        raise PictureError(tr("the picture falls into over {most} spots: smooth it, or leave out larger specks",
                              most=_MOST_RINGS))
    return kept


def _held(holes: list[Points], islands: list[Points]) -> list[Points]:
    """The holes that lie in an island that is kept; the others went with theirs."""
    if not holes:
        return []
    tree = shapely.STRtree(shapely.polygons([shapely.linearrings(ring) for ring in islands]))
    inside, _ = tree.query(shapely.points([ring[0] for ring in holes]), predicate="within")
    return [holes[at] for at in distinct(inside)]


def _signed_area(ring: Points) -> float:
    x, y = ring[:-1].T
    return float((x * np.roll(y, -1) - np.roll(x, -1) * y).sum() / 2)


def scatter(ring: Points) -> float:
    """How far an outline's own points lie off their neighbours' line, in px: noise, antialiasing's share taken off."""
    if len(ring) < 12:
        return 0.0
    points = ring[:-1]
    along = np.roll(points, -2, axis=0) - np.roll(points, 2, axis=0)
    off = points - (np.roll(points, -2, axis=0) + np.roll(points, 2, axis=0)) / 2
    length = np.maximum(np.hypot(*along.T), 1e-9)
    across = np.abs(off[:, 0] * along[:, 1] - off[:, 1] * along[:, 0]) / length
    return max(0.0, float(np.median(across)) * 1.4826 - _CALM)


def _turned(ring: Points, angle: float) -> Points:
    """An outline turned about (0, 0), to straighten a scan; `angle` is counter-clockwise as seen."""
    c, s = cos(angle), sin(angle)
    return np.asarray(ring @ np.array([[c, -s], [s, c]]))
