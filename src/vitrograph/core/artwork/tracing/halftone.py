"""Halftone lines: a photograph's tones as level bars, each as thick as the place is dark and never too thin to cut."""

from typing import Any

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.geometry import as_polygons

Values = NDArray[Any]


def halftone(darkness: Values, pitch: float, least: float) -> MultiPolygon:
    """Bars over a (rows, columns) picture of darkness, 0 to 1, in its pixels, y down.

    A bar every `pitch` px is darkness x pitch thick; one thinner than `least` is left out, and a gap thinner than
    `least` is kept as wide as that.
    """
    from scipy.ndimage import uniform_filter

    rows, columns = darkness.shape
    smooth = uniform_filter(darkness, max(1, round(pitch / 2)))
    step = max(1.0, pitch / 4)
    x = np.arange(0.0, columns - 1 + step, step).clip(max=columns - 1)
    bars = []
    for middle in np.arange(pitch / 2, rows, pitch):
        tone = smooth[min(int(middle), rows - 1), np.rint(x).astype(int)]
        thick = np.minimum(tone * pitch, pitch - least)
        bars += [_bar(x[run], middle, thick[run]) for run in _runs(thick >= least) if len(run) > 1]
    return as_polygons(shapely.union_all(bars))


def _runs(inside: Values) -> list[Values]:
    """Stretches of indices that are inside."""
    at = np.flatnonzero(inside)
    return np.split(at, np.flatnonzero(np.diff(at) > 1) + 1) if len(at) else []


def _bar(x: Values, middle: float, thick: Values) -> shapely.Polygon:
    upper, lower = np.column_stack([x, middle - thick / 2]), np.column_stack([x, middle + thick / 2])
    return shapely.polygons(np.concatenate([upper, lower[::-1]]))
