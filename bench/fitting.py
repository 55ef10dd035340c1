"""Fitting: the map's cost a vertex, the membrane's a solve, and art dragged over a wall. Run: ./run bench fitting"""

import os

import numpy as np

from common import bare_polar, close, frames, open_shell, percentile, report, timed
from dragging import wavy_ring

VERTICES = 20_000
FRAMES = 120
NODES = 2500


def main() -> None:
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from vitrograph.core.job import Artwork, BallGlass, CurvedGlass, Drawing, Item, Job, TaperedGlass

    art = Artwork((Item(Drawing("wave.svg", wavy_ring()), key=1, size=44.0),))
    cone = Job(glass=TaperedGlass(rim=88, base=62, height=130), artwork=art)
    carafe = Job(glass=CurvedGlass(stations=((0, 84), (30, 118), (68, 136), (116, 104), (158, 52), (205, 66))),
                 artwork=art).changed(fit__held="middle", fit__above_table=80.0)
    for name, job, aim in (("cone", cone, 3.0), ("curved wall", carafe, 6.0)):
        map_cost(name, job, aim)
    ball = Job(glass=BallGlass(diameter=98), artwork=art)
    for name, job in (("carafe", carafe), ("ball", ball)):
        membrane_cost(name, job)
    for name, job in (("cone", cone), ("curved wall", carafe)):
        drag(name, job)


def map_cost(name: str, job, aim: float) -> None:
    """Art to sheet, 20,000 vertices, as a ratio to the bare polar transform."""
    from vitrograph.core.pipeline import Pipeline

    chart = Pipeline().run(job).fitted.chart
    points = np.random.default_rng(1).uniform(-20, 20, (VERTICES, 2))
    ours = timed(lambda: chart.to_sheet(points), 60)[0]
    bare = timed(lambda: bare_polar(points[:, 0] / 400.0, 400.0 + points[:, 1]), 60)[0]
    report(f"art to sheet on a {name}, a vertex", 1e9 * ours / VERTICES, "ns")
    report("the same against a bare polar transform", ours / bare, "x", aim)


def membrane_cost(name: str, job) -> None:
    """Mesh and solve of a film of 2,500 nodes, from nothing."""
    from shapely.geometry import Polygon

    from vitrograph.core.film.membrane import least_energy
    from vitrograph.core.film.mesh import mesh_over
    from vitrograph.core.film.metric import metric_on
    from vitrograph.core.pipeline import Pipeline

    results = Pipeline().run(job)
    band, wall = results.fitted.films[0].band, results.wall
    cone = wall.sheeting(band.s_low, band.s_high)
    outline = Polygon(cone.develop(results.fitted.films[0].edge))
    mesh, metric = mesh_over(outline, NODES), metric_on(wall, cone)
    meshed, solved = timed(lambda: mesh_over(outline, NODES), 12), timed(lambda: least_energy(mesh, metric), 12)
    report(f"a mesh of {len(mesh.nodes)} nodes on a {name}", 1000 * meshed[0], "ms")
    report("solving its membrane, the least of 12", 1000 * solved[0], "ms", 150)
    report("the same, median", 1000 * percentile(solved, 0.5), "ms")


def drag(name: str, job) -> None:
    """Art of 20,000 vertices dragged round and up the glass, a frame of both views."""
    from PySide6.QtCore import QPointF

    shell = open_shell(job, "fit")
    view = shell.glass_view
    start = view.camera().wall_to_screen(np.array([[0.0, shell.bench.results.fitted.chart.s0 + 12.0]]))[0]
    view.take_hold(QPointF(*start))
    taken = frames(shell, lambda frame: view.drag_to(
        QPointF(start[0] + 8 + 0.3 * frame, start[1] + 6 * np.sin(frame / 9))), FRAMES)
    view.release_art()
    close(shell)
    report(f"art of {VERTICES} vertices dragged over a {name}, a frame, median", 1000 * percentile(taken, 0.5), "ms")
    report("the same, p95", 1000 * percentile(taken, 0.95), "ms", 16)


if __name__ == "__main__":
    main()
