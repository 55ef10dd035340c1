"""A picture as one field: above 0 where it is ink, below where it is not, and as steep as the picture between.

The threshold is N. Otsu's (A Threshold Selection Method from Gray-Level Histograms, IEEE SMC 9, 1979) unless the maker
sets one. Uneven light is evened out by the paper's own brightness about each place.
"""

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.artwork.vector.units import colour_of
from vitrograph.core.errors import PictureError
from vitrograph.core.job import TraceChoices
from vitrograph.core.language import tr
from vitrograph.core.pictures.reading import Gray, light_of

_LEVELS = 256
_CELL = 16                         # px of a cell in which the paper's brightness is taken
_REACH = 9                         # cells about a place that are sure to hold some paper
_LEAST_CONTRAST = 0.04
_OPAQUE = 0.9                      # pixels at an edge are half see-through, and tell no tone
_FEW = 0.3                         # percent of them that may be of any tone
_ONE_TONE = 0.25                   # of black to white, within which the opaque part is of one tone


def otsu(gray: Gray) -> float:
    """The threshold, 0 to 1, that parts a picture's greys best: least variance within both classes."""
    levels = np.bincount((np.clip(gray, 0, 1) * (_LEVELS - 1) + 0.5).astype(np.uint8).ravel(), minlength=_LEVELS)
    count = np.cumsum(levels)
    total = np.cumsum(levels * np.arange(_LEVELS))
    lower, upper = count, count[-1] - count
    with np.errstate(divide="ignore", invalid="ignore"):
        between = lower * upper * (total / lower - (total[-1] - total) / upper) ** 2
    between = np.nan_to_num(between[:-1])
    # where nothing lies between two peaks every threshold there is as good: the middle one is taken
    best = np.flatnonzero(between >= between.max() * (1 - 1e-9))
    return float((best.mean() + 0.5) / (_LEVELS - 1))


def between_tones(light: Gray) -> float:
    """Half-way between the two tones that Otsu's threshold parts, where an edge's pixels are half covered."""
    parted = otsu(light)
    thin = light[::2, ::2] if light.size > 4_000_000 else light
    dark, bright = thin[thin <= parted], thin[thin > parted]
    return float(np.median(dark) + np.median(bright)) / 2 if len(dark) and len(bright) else parted


class Field(Struct, frozen=True):
    """A (rows, columns) field, above 0 where there is ink; the threshold used; whether opacity was read, not tone."""

    ink: Gray
    threshold: float
    by_opacity: bool = False


def level_field(rgba: NDArray[np.uint8], choices: TraceChoices) -> Field:
    """The field of a (rows, columns, 1, 3 or 4) picture. Raises PictureError: all one tone."""
    if choices.background:
        return Field(_not_background(rgba, choices), choices.tolerance / 255)
    light = light_of(rgba)
    if rgba.shape[2] == 4:
        alpha = np.asarray(rgba[..., 3], dtype=np.float32) / np.float32(255)
        if _drawn_by_alpha(alpha, light):
            # as if it were black on white, so that a threshold means what it does elsewhere
            threshold = 0.5 if choices.threshold is None else choices.threshold
            return Field(np.asarray(alpha - np.float32(1 - threshold), dtype=np.float32), threshold, by_opacity=True)
        light = np.asarray(light * alpha + (1 - alpha), dtype=np.float32)
    if choices.even_light:
        light = evened(light)
    if float(np.ptp(light)) < _LEAST_CONTRAST:
        raise PictureError(tr("the picture is all one tone: nothing in it can be traced"))
    threshold = between_tones(light) if choices.threshold is None else choices.threshold
    field = light - np.float32(threshold)
    return Field(field if choices.light_frosts else -field, threshold)


def _drawn_by_alpha(alpha: Gray, light: Gray) -> bool:
    """Whether the picture's shape is what is opaque: some is see-through, and all that is not has one tone."""
    opaque = alpha > _OPAQUE
    if opaque.all() or not opaque.any() or float(alpha.min()) > 0.5:
        return False
    low, high = np.percentile(light[opaque], [_FEW, 100 - _FEW])
    return bool(high - low < _ONE_TONE)


def _not_background(rgba: NDArray[np.uint8], choices: TraceChoices) -> Gray:
    """How much farther than the tolerance each pixel's colour lies from every background colour."""
    nearest = np.full(rgba.shape[:2], np.inf, dtype=np.float32)
    for text in choices.background:
        colour = colour_of(text)
        if colour is None:
            raise PictureError(tr("'{text}' is not a colour: write it as #ffffff or white", text=text))
        away = np.abs(rgba[..., :3].astype(np.int16) - np.array(colour[:3], dtype=np.int16)).max(axis=2)
        nearest = np.minimum(nearest, away.astype(np.float32))
    if rgba.shape[2] == 4:
        nearest = np.minimum(nearest, rgba[..., 3].astype(np.float32))
    return (nearest - np.float32(choices.tolerance) - np.float32(0.5)) / np.float32(255)


def evened(light: Gray) -> Gray:
    """Brightness over that of the paper about each place, so that a shadow over a scan is no ink."""
    from scipy.ndimage import gaussian_filter, maximum_filter, zoom

    rows, columns = light.shape
    cells = light[:rows // _CELL * _CELL or rows, :columns // _CELL * _CELL or columns]
    high, wide = max(1, cells.shape[0] // _CELL), max(1, cells.shape[1] // _CELL)
    means = cells[:high * (cells.shape[0] // high), :wide * (cells.shape[1] // wide)].reshape(
        high, cells.shape[0] // high, wide, cells.shape[1] // wide).mean(axis=(1, 3))
    paper = gaussian_filter(maximum_filter(means, _REACH), _REACH / 3)
    spread = zoom(paper, (rows / high, columns / wide), order=1, mode="nearest", grid_mode=True)[:rows, :columns]
    return np.asarray(np.clip(light / np.maximum(spread, 0.05), 0.0, 1.0), dtype=np.float32)
