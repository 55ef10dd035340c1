"""Sub-pixel outlines of a field by marching squares (contourpy), in strips, so that large pictures need little memory.

Neighbouring strips share a row of pixels; a line that is cut there ends, in both, at the very same place, and is joined
by it. Places are (column, row) of pixel centres.
"""

from collections.abc import Iterator

import numpy as np

from vitrograph.core.errors import PictureError
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.core.pictures.reading import Gray

_STRIP_ROWS = 256
_MOST_LINES = 100_000


def rings_at_zero(field: Gray) -> list[Points]:
    """Closed (n, 2) outlines where a (rows, columns) field passes 0; the last point of each repeats the first.

    Beyond the picture's edge the field is taken for below 0, so that every outline closes. Raises PictureError where
    there are more lines than any drawing has.
    """
    closed: list[Points] = []
    cut: list[Points] = []
    for count, line in enumerate(_lines(field)):
        if count > _MOST_LINES:
            raise PictureError(tr("the picture is all grain: smooth it, or take it sharper and in better light"))
        (closed if (line[0] == line[-1]).all() else cut).append(line)
    return [ring for ring in closed + _joined(cut) if len(ring) > 3]


def _lines(field: Gray) -> Iterator[Points]:
    from contourpy import LineType, contour_generator

    rows, columns = field.shape
    below = np.float64(min(-1e-3, float(-np.abs(field).max())))
    x = np.arange(-1, columns + 1, dtype=float)
    for start in range(-1, rows, _STRIP_ROWS):
        end = min(start + _STRIP_ROWS, rows)
        strip = np.full((end - start + 1, columns + 2), below)
        first, last = max(start, 0), min(end, rows - 1)
        strip[first - start:last - start + 1, 1:-1] = field[first:last + 1]
        made = contour_generator(x=x, y=np.arange(start, end + 1, dtype=float), z=strip, name="serial",
                                 line_type=LineType.Separate)
        for line in made.lines(0.0):
            yield np.asarray(line, dtype=float)


def _joined(pieces: list[Points]) -> list[Points]:
    """Rings from pieces that were cut at shared rows."""
    by_start = {tuple(piece[0].tolist()): number for number, piece in enumerate(pieces)}
    used = np.zeros(len(pieces), dtype=bool)
    rings = []
    for number in range(len(pieces)):
        chain: list[Points] = []
        here = number
        while not used[here]:
            used[here] = True
            chain.append(pieces[here][1:] if chain else pieces[here])
            following = by_start.get(tuple(pieces[here][-1].tolist()))
            if following is None:
                break
            here = following
        if chain:
            ring = np.concatenate(chain)
            if (ring[0] == ring[-1]).all():
                rings.append(ring)
    return rings
