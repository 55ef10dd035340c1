"""The two edges of a glass in a picture from the side, to a fraction of a pixel.

In each row the outermost strong change of light from the left and from the right is taken, and placed by the parabola
through the three gradients about its peak (as edges are placed in J. Canny, A Computational Approach to Edge
Detection, IEEE PAMI 8, 1986). Places are in pixels: column, row of pixel centres, rows down.
"""

import numpy as np
from msgspec import Struct
from msgspec.structs import replace
from numpy.typing import NDArray

from vitrograph.core.errors import PictureError
from vitrograph.core.language import tr
from vitrograph.core.pictures.reading import Gray

Values = NDArray[np.float64]

_SMOOTH = 1.3               # px: noise goes, the edge stays in its place
_PEAK = 8                          # px beyond the first strong change in which its peak lies
_LEAST_ROWS = 40
_LEAST_WIDTH = 12                  # px
_MOST_JUMP = 2.5                   # px from row to row, in the median, for an edge to be one line
_FREE = ((0.02, 0.08), (0.94, 0.98))                           # of the height, at rim and base: no handle is there
_ASIDE = 0.03                      # of the width, by which a handle moves the middle of the two edges at the least
_ALIKE = 0.008                     # of the width: two edges so much each other's mirror image are of the wall
_AT_ONCE = 0.05                    # of the height, within which a handle begins
_LEAST_HANDLE = 0.1                # of the height
_NONE = (tr("no glass was found in the picture: stand it before a plain ground, lit from behind, fill most of the "
            "picture's height, and turn a handle to the back"))


class Edges(Struct, frozen=True):
    """The left and right edge, row by row from the top: (n,) rows and columns, px; `top` and `bottom` are its ends.

    Where a handle stands out, at the rows `handle`, the edge is that of the other side, mirrored.
    """

    rows: Values
    left: Values
    right: Values
    top: float
    bottom: float
    handle: tuple[float, float] | None = None


def find_edges(picture: Gray) -> Edges:
    """Find both edges of the glass that stands free in a picture of (rows, columns) grey values, 0 to 1.

    Raises PictureError where nothing like a glass is there.
    """
    from scipy.ndimage import gaussian_filter

    if min(picture.shape) < _LEAST_ROWS:
        raise PictureError(tr("the picture is too small to measure a glass in: take it larger"))
    change = np.hypot(*np.gradient(gaussian_filter(picture, _SMOOTH)))    # of every direction: rims run level
    strong = max(0.25 * float(np.percentile(change, 99.9)), 6 * float(np.median(change)), 1e-3)
    left = _first_peak(change, strong)
    right = change.shape[1] - 1 - _first_peak(change[:, ::-1], strong)
    rows = _longest_run((right - left > _LEAST_WIDTH) & np.isfinite(left))
    edges = Edges(rows.astype(float), left[rows], right[rows], *_ends(change, strong, left, right, rows))
    edges = _without_handle(edges)
    _refuse_what_is_no_glass(edges)
    return _without_strays(edges)


def _ends(
    change: Gray, strong: float, left: Values, right: Values, rows: NDArray[np.intp]
) -> tuple[float, float]:
    """First and last row of the glass along its middle, where its outline runs level."""
    middle, wide = float(np.median(left[rows] + right[rows])) / 2, float(np.median(right[rows] - left[rows]))
    columns = np.arange(round(middle - 0.03 * wide), round(middle + 0.03 * wide) + 1)
    spare = 2 * _PEAK                                          # what stands well above or below is not the glass
    first, last = max(int(rows[0]) - spare, 0), min(int(rows[-1]) + spare, change.shape[0] - 1)
    strip = change[first:last + 1, columns].T
    top, bottom = _first_peak(strip, strong), _first_peak(strip[:, ::-1], strong)
    return (first + float(np.nanmedian(top)) if np.isfinite(top).any() else float(rows[0]),
            last - float(np.nanmedian(bottom)) if np.isfinite(bottom).any() else float(rows[-1]))


def _first_peak(change: Gray, strong: float) -> Values:
    """Column of the first strong change in each row, to a fraction of a pixel; NaN where there is none."""
    height, width = change.shape
    rows = np.arange(height)
    first = np.argmax(change > strong, axis=1)
    found = change[rows, first] > strong
    window = np.minimum(first[:, None] + np.arange(_PEAK), width - 2)
    peak = np.clip(window[rows, change[rows[:, None], window].argmax(axis=1)], 1, width - 2)
    before, here, after = (change[rows, peak + step].astype(float) for step in (-1, 0, 1))
    bend = before - 2 * here + after
    shift = np.where(bend < 0, (before - after) / (2 * np.where(bend < 0, bend, -1.0)), 0.0)
    return np.where(found, peak + np.clip(shift, -1, 1), np.nan)


def _longest_run(good: NDArray[np.bool_]) -> NDArray[np.intp]:
    """Indices of the longest run of good rows; a few missing rows do not end it."""
    at = np.flatnonzero(good)
    if not len(at):
        raise PictureError(_NONE)
    runs = np.split(at, np.flatnonzero(np.diff(at) > 4) + 1)
    return max(runs, key=len)


def _without_handle(edges: Edges) -> Edges:
    """Mirror the free side, in the rows in which something stands out at one side alone.

    Rim and base are free of a handle, so that the axis is told by them.
    """
    middle, rows = (edges.left + edges.right) / 2, edges.rows
    share = (rows - rows[0]) / np.ptp(rows)
    ends = [(share > start) & (share < end) for start, end in _FREE]
    at, across = ([float(np.median(values[end])) for end in ends] for values in (rows, middle))
    axis = across[0] + (rows - at[0]) * (across[1] - across[0]) / (at[1] - at[0])
    off = (middle - axis) / float(np.median(edges.right - edges.left))
    out = np.flatnonzero((np.abs(off) > _ASIDE) & (share > _FREE[0][1]) & (share < _FREE[1][0]))
    if len(out) < _LEAST_HANDLE * len(rows) or not (np.sign(off[out]) == np.sign(off[out[0]])).all():
        return edges
    alike = np.flatnonzero(np.abs(off) < _ALIKE)
    before, after = alike[alike < out[0]], alike[alike > out[-1]]
    # it begins and ends at once, where a leaning glass bends away by and by
    if not len(before) or not len(after) or max(out[0] - before[-1], after[0] - out[-1]) > _AT_ONCE * len(rows):
        return edges
    reach = slice(int(before[-1]), int(after[0]) + 1)
    left, right = edges.left.copy(), edges.right.copy()
    if off[out[0]] > 0:
        right[reach] = 2 * axis[reach] - left[reach]
    else:
        left[reach] = 2 * axis[reach] - right[reach]
    return replace(edges, left=left, right=right, handle=(float(rows[out[0]]), float(rows[out[-1]])))


def _refuse_what_is_no_glass(edges: Edges) -> None:
    """Two lines that jump about, or that are not each other's mirror image, are no glass."""
    if len(edges.rows) < _LEAST_ROWS:
        raise PictureError(_NONE)
    jump = max(float(np.median(np.abs(np.diff(side)))) for side in (edges.left, edges.right))
    middle, width = (edges.left + edges.right) / 2, float(np.median(edges.right - edges.left))
    line = np.polyval(np.polyfit(edges.rows, middle, 1), edges.rows)
    if jump > _MOST_JUMP or float(np.median(np.abs(middle - line))) > 0.06 * width:
        raise PictureError(_NONE)


def _without_strays(edges: Edges) -> Edges:
    """Leave out rows whose edge stands apart from its neighbours', such as a reflection's or a speck's."""
    from scipy.ndimage import median_filter

    off = np.maximum(*(np.abs(side - median_filter(side, 15, mode="nearest")) for side in (edges.left, edges.right)))
    keep = off < max(2.0, 6 * float(np.median(off)))
    return replace(edges, rows=edges.rows[keep], left=edges.left[keep], right=edges.right[keep])
