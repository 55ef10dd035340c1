"""Finding every thin place of a stencil, as a ratio to one Shapely buffer of the same shape. Run: ./run bench stencil

The art is lettering with thin and thick strokes, as many letters as it takes; its film is looked over for webs and its
openings for narrow places in one go.
"""

import numpy as np
import shapely

from common import percentile, report, timed
from vitrograph.core.artwork import compose
from vitrograph.core.geometry import multipolygon
from vitrograph.core.pieces import Artwork, Piece, Words
from vitrograph.core.widths import thin_places

SIZES = (1_000, 5_000, 20_000, 60_000, 200_000)
LIMIT_MM = 0.8
LETTERS = "Kestrel Point Observatory open night & stars 1874"


def page(vertices: int):
    """Lettering in rows, of so many vertices: capitals 9 mm high in a face whose strokes differ."""
    row = compose(Artwork((Piece(Words(LETTERS, "Cinzel Bold"), key=1, size=9.0, size_is="caps"),))).shape
    parts = shapely.get_parts(row)
    made, up = [], 0.0
    while sum(shapely.get_num_coordinates(made)) < vertices:
        made += [shapely.transform(part, lambda xy, up=up: xy + [0.0, up]) for part in parts]
        up -= 14.0
    counts = np.cumsum(shapely.get_num_coordinates(made))
    return multipolygon(np.array(made[: int(np.searchsorted(counts, vertices)) + 1]))


if __name__ == "__main__":
    thin_places(page(1_000), LIMIT_MM, LIMIT_MM)
    sizes, taken = [], []
    for size in SIZES:
        shape = page(size)
        repeats = 9 if size <= 20_000 else 3
        ours = percentile(timed(lambda shape=shape: thin_places(shape, LIMIT_MM, LIMIT_MM), repeats), 0.5)
        base = percentile(timed(lambda shape=shape: shape.buffer(LIMIT_MM / 2), repeats), 0.5)
        found = len(thin_places(shape, LIMIT_MM, LIMIT_MM))
        sizes.append(len(shapely.get_coordinates(shape)))
        taken.append(ours)
        aims = (400.0, 4.0) if size == 20_000 else (None, None)
        report(f"{sizes[-1]} vertices, {found} thin places found, median", 1000 * ours, "ms", aims[0])
        report(f"{sizes[-1]} vertices, against one buffer", ours / base, "x ", aims[1])
    exponent = float(np.polyfit(np.log(sizes), np.log(taken), 1)[0])
    report("cost grows with the vertices to the power of", exponent, "  ", 1.15)
