"""Finding every thin place of a stencil, as a ratio to one Shapely buffer of the same shape. Run: ./run bench stencil

Two kinds of art, as much of each as it takes: a drawing of wavy blobs with holes, each of 500 vertices as a tracer
gives them, that nearly touch; and lettering whose strokes are thin all over, with few vertices to the millimetre, which
is the hardest there is. Film is looked over for webs and openings for narrow places in one go.
"""

import numpy as np
import shapely

from common import in_turn, report
from vitrograph.core.artwork import compose
from vitrograph.core.geometry import multipolygon
from vitrograph.core.job import Artwork, Item, Words
from vitrograph.core.widths import edges_of, thin_places
from vitrograph.core.widths.axis import triangles_of
from vitrograph.core.widths.thin import SMOOTH_MM, facing_pieces

SIZES = (1_000, 5_000, 20_000, 60_000, 200_000)
LIMIT_MM = 0.8
LETTERS = "Kestrel Point Observatory open night & stars 1874"
BLOB = 250                         # vertices of each of a blob's two outlines


def drawing(vertices: int):
    """Blobs in a square, their gaps from 0.2 to 2 mm, their holes off the middle."""
    many = max(1, vertices // (2 * BLOB))
    side = int(np.ceil(many**0.5))
    chance = np.random.default_rng(7)
    return multipolygon(np.array([shapely.Polygon(
        ring(5.0, at, chance) + place, [ring(3.2, at, chance) + place + chance.uniform(-0.7, 0.7, 2)])
        for at in range(many) for place in [[12.6 * (at % side), 12.6 * (at // side)]]]))


def ring(radius: float, number: int, chance):
    angle = np.linspace(0, 2 * np.pi, BLOB, endpoint=False)
    reach = radius * (1 + 0.12 * np.sin(7 * angle + number) + 0.03 * np.sin(23 * angle + chance.uniform(0, 6)))
    return np.column_stack([reach * np.cos(angle), reach * np.sin(angle)])


def lettering(vertices: int):
    """Capitals 9 mm high in rows, in a face whose strokes differ."""
    row = compose(Artwork((Item(Words(LETTERS, "Cinzel Bold"), key=1, size=9.0, size_is="caps"),))).shape
    parts = shapely.get_parts(row)
    made, up = [], 0.0
    while sum(shapely.get_num_coordinates(made)) < vertices:
        made += [shapely.transform(part, lambda xy, up=up: xy + [0.0, up]) for part in parts]
        up -= 14.0
    counts = np.cumsum(shapely.get_num_coordinates(made))
    return multipolygon(np.array(made[: int(np.searchsorted(counts, vertices)) + 1]))


def floor(shape):
    """What no look can do without: the pieces that face each other, and the triangles between them."""
    pieces = facing_pieces(edges_of(shape, SMOOTH_MM), LIMIT_MM)
    return triangles_of(pieces.middles) if len(pieces) else None


def measure(name: str, page) -> None:
    """One kind of art at every size; its growth at the end."""
    sizes, taken = [], []
    for size in SIZES:
        shape = page(size)
        repeats = 15 if size <= 20_000 else 3
        ours, base, least = in_turn([
            lambda shape=shape: thin_places(shape, LIMIT_MM, LIMIT_MM),
            lambda shape=shape: shape.buffer(LIMIT_MM / 2),
            lambda shape=shape: floor(shape),
        ], repeats)
        found = len(thin_places(shape, LIMIT_MM, LIMIT_MM))
        sizes.append(len(shapely.get_coordinates(shape)))
        taken.append(ours)
        aims = (400.0, 6.0) if size == 20_000 else (None, None)
        words = f"{name}, {sizes[-1]} vertices, {shape.length / 1000:.1f} m of edge"
        report(f"{words}, {found} places found, median", 1000 * ours, "ms", aims[0])
        report(f"{words}, against one buffer", ours / base, "x ", aims[1])
        report(f"{words}, no less than that for the pairs and triangles", least / base, "x ")
    exponent = float(np.polyfit(np.log(sizes), np.log(taken), 1)[0])
    report(f"{name}: cost grows with the vertices to the power of", exponent, "  ", 1.15)


if __name__ == "__main__":
    thin_places(drawing(1_000), LIMIT_MM, LIMIT_MM)
    measure("a drawing", drawing)
    measure("lettering", lettering)
