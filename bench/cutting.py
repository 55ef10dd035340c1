"""The cut: nesting, order, the blade's lead and the files, each against a named baseline. Run: ./run bench cutting

Nesting is measured against itself in six times the time, order against the best of many shaken ways, the lead against
a plain NumPy pass over the same nodes, files against the geometry they hold.
"""

from collections.abc import Iterator
from contextlib import contextmanager

import numpy as np
import shapely

from common import in_turn, percentile, report, timed
from vitrograph.core.cut import closer, sheet_dxf, sheet_png, sheet_svg, to_hpgl
from vitrograph.core.cut.laying.bed import packer, reach_of
from vitrograph.core.cut.laying.nest import Film, Part, rows_of_boxes
from vitrograph.core.cut.paths import order as ordering
from vitrograph.core.cut.paths import sheet_run as runs
from vitrograph.core.cut.paths.blade import led
from vitrograph.core.cut.paths.curves import refit
from vitrograph.core.cut.paths.order import order_rings
from vitrograph.core.demo import open_night
from vitrograph.core.pipeline import Pipeline

STENCILS, RINGS, NODES = 12, 500, 100_000
OFFSET = 0.25


def fans() -> list[Part]:
    """A dozen fans of four sizes, as tapers' stencils are."""
    made = []
    for number in range(STENCILS):
        outer, sweep = 150 + 20 * (number % 4), 0.55 + 0.1 * (number % 3)
        angle = np.linspace(np.pi / 2 - sweep / 2, np.pi / 2 + sweep / 2, 40)
        rim, base = (np.column_stack([r * np.cos(angle), r * np.sin(angle)]) for r in (outer, outer - 75))
        made.append(Part(number, 0, 0, shapely.Polygon(np.vstack([rim, base[::-1]]))))
    return made


def nesting() -> None:
    """How long the film is after ten seconds, and after sixty."""
    parts, film = fans(), Film(5000.0, 292.0, 5.0, 12.0)
    usual = timed(lambda: packer()(parts, film, ()), 3)
    boxes = reach_of(rows_of_boxes(parts, film)[0])
    reach = {seconds: reach_of(closer(float(seconds))(parts, film, ())[0]) for seconds in (10, 60)}
    report(f"{STENCILS} stencils nested as usual, median", 1000 * percentile(usual, 0.5), "ms")
    report("film used, against rows of boxes", reach_of(packer()(parts, film, ())[0]) / boxes, "x ", 1.0)
    report("film used after 10 s, against rows of boxes", reach[10] / boxes, "x ", 1.0)
    report("film used after 10 s, against 60 s", reach[10] / reach[60], "x ", 1.03)


def ring_field(many: int) -> list[np.ndarray]:
    """Rings of 64 vertices all over a sheet, a third of them with another inside."""
    chance = np.random.default_rng(5)
    made: list[np.ndarray] = []
    while len(made) < many:
        x, y, reach = *chance.uniform(0, 300, 2), chance.uniform(0.5, 2.5)
        made.append(np.asarray(shapely.Point(x, y).buffer(reach).exterior.coords))
        if chance.random() < 0.33:
            made.append(np.asarray(shapely.Point(x, y).buffer(reach / 2).exterior.coords))
    return made[:many]


def way_of(rings: list[np.ndarray], order: list[tuple[int, int]]) -> float:
    stops = np.array([(0.0, 0.0), *(rings[at][start] for at, start in order), (0.0, 0.0)])
    return float(np.hypot(*np.diff(stops, axis=0).T).sum())


@contextmanager
def shaken_long(rings: int) -> Iterator[None]:
    """Every way is shaken, and long."""
    usual = ordering._SHAKES, ordering._SHAKEN_RINGS, runs.order_rings
    ordering._SHAKES, ordering._SHAKEN_RINGS = 3000, 3000 * rings
    runs.order_rings = lambda many, home=(0.0, 0.0), _effort="", **on: order_rings(many, home, "shaken", **on)
    try:
        yield
    finally:
        ordering._SHAKES, ordering._SHAKEN_RINGS, runs.order_rings = usual


def best_known(rings: list[np.ndarray]) -> float:
    """The shortest of ways begun from rings told in other orders, each shaken long."""
    ways = []
    with shaken_long(len(rings)):
        for seed in range(3):
            mixed = [rings[at] for at in np.random.default_rng(seed).permutation(len(rings))]
            ways.append(way_of(mixed, order_rings(mixed, effort="shaken")))
    return min(ways)


def order() -> None:
    """The order of many rings: how long it takes, and how long the way is."""
    rings = ring_field(RINGS)
    taken = timed(lambda: order_rings(rings, effort="shaken"), 5)
    report(f"order of {RINGS} rings, median", 1000 * percentile(taken, 0.5), "ms", 1000)
    report("blade up, against the best known", way_of(rings, order_rings(rings, effort="shaken")) / best_known(rings),
           "x ", 1.05)


def lead() -> None:
    """Leading the blade over a long smooth line with corners, against a plain pass over its nodes."""
    along = np.linspace(0, 400 * np.pi, NODES)
    line = np.column_stack([along + 3 * np.sin(along), 8 * np.sin(0.7 * along)])
    line[::200] += 0.4                                         # a corner now and then

    def plain() -> np.ndarray:
        steps = np.diff(line, axis=0)
        return line[:-1] + OFFSET * steps / np.hypot(steps[:, 0], steps[:, 1])[:, None]

    base, ours = in_turn([plain, lambda: led(line, OFFSET, 0.0)], 25)
    report(f"leading the blade over {NODES} nodes, median", 1000 * ours, "ms")
    report("against a plain pass over them", ours / base, "x ", 3.0)


def files() -> None:
    """All files of the demo's order, and how much is sent."""
    done = Pipeline().run_order(open_night()).finished()
    work = timed(lambda: type(done)(done.order, done.pieces).cut, 3)
    report("laying out and ordering the open night, median", percentile(work, 0.5), "s ")
    films = done.cut.runs
    with shaken_long(4):                                   # some 400 times a stencil
        best = type(done)(done.order, done.pieces).cut.travel_mm
    report("blade up, stencil by stencil, against the best known", done.cut.travel_mm / best, "x ", 1.05)
    for name, write in (("HP-GL", lambda run: to_hpgl(run.paths)), ("SVG", lambda run: sheet_svg(run, "x")),
                        ("DXF", lambda run: sheet_dxf(run, "x")), ("PNG", lambda run: sheet_png(run, "x"))):
        taken = timed(lambda write=write: [write(run) for run in films], 3)
        report(f"{name} of its {len(films)} films, median", 1000 * percentile(taken, 0.5), "ms")
    drawn = [np.asarray(ring.coords) for piece in done.pieces for part in piece.sheet.openings.geoms
             for ring in (part.exterior, *part.interiors)]
    curves = [refit(ring) for ring in drawn]
    nodes = sum(map(len, drawn))
    report(f"nodes as lines and arcs, against {nodes} drawn", sum(len(c.points) for c in curves) / nodes, "x ", 0.25)
    report("nodes as chords", sum(len(c.flattened()) for c in curves) / nodes, "x ")
    steps = np.concatenate([np.hypot(*np.diff(c.flattened(), axis=0).T) for c in curves])
    report("median chord", float(np.median(steps)), "mm")


if __name__ == "__main__":
    order()
    lead()
    files()
    nesting()
