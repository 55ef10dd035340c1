"""Dragging a piece of 20,000 vertices on the sheet, a frame of both views. Run: ./run bench dragging"""

import os
import tempfile
import time
from pathlib import Path

import numpy as np

from common import percentile, report

VERTICES = 20_000
FRAMES = 120


def main() -> None:
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from PySide6.QtCore import QPointF, Qt
    from PySide6.QtTest import QTest
    from PySide6.QtWidgets import QApplication

    from vitrograph.core.job import Job, TaperedGlass
    from vitrograph.core.logbook import Logbook
    from vitrograph.core.pieces import Artwork, Drawing, Piece, Words
    from vitrograph.desk import theme
    from vitrograph.desk.app import settle_memory
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.shell import Shell

    app = QApplication([])
    theme.apply(app)
    pieces = (Piece(Drawing("wave.svg", wavy_ring()), key=1, size=50.0),
              Piece(Words("Kestrel"), key=2, size=50.0, y=-36.0))
    made = Job(glass=TaperedGlass(rim=88, base=62, height=130), artwork=Artwork(pieces)).changed(fit__from_rim=20.0)
    bench = Bench(made, Logbook(Path(tempfile.mkdtemp()) / "logbook.sqlite"))
    shell = Shell(bench)
    shell.resize(1280, 800)
    shell.show()
    bench.go("artwork")
    bench.choose(1)
    while not bench.results.complete:
        QTest.qWait(20)
    QTest.qWait(1500)
    settle_memory()
    placed = bench.results.art.of(1)
    vertices = sum(len(ring.coords) for part in placed.shape.geoms for ring in (part.exterior, *part.interiors))
    view, handling = shell.sheet_view, shell.sheet_view.handling
    spot = placed.shape.geoms[0].representative_point()
    start = handling.to_screen(np.array([[spot.x, spot.y]]))[0]
    assert handling.press(QPointF(*start), Qt.KeyboardModifier.NoModifier)
    painted: set[str] = set()
    view.painted.connect(lambda _took: painted.add("sheet"))
    shell.glass_view.painted.connect(lambda _took: painted.add("glass"))
    taken = []
    for frame in range(FRAMES):
        begun = time.perf_counter()
        painted.clear()
        handling.move(QPointF(start[0] + 8 + 0.4 * frame, start[1] + 6 * np.sin(frame / 9)))
        while painted != {"sheet", "glass"}:
            app.processEvents()
        taken.append(time.perf_counter() - begun)
        QTest.qWait(8)
    handling.release()
    shell.close()
    rings = np.random.default_rng(1).normal(size=(vertices, 2))
    begun = time.perf_counter()
    for _ in range(100):
        np.column_stack([rings[:, 1] * np.sin(rings[:, 0]), rings[:, 1] * np.cos(rings[:, 0])])
    polar = (time.perf_counter() - begun) / 100
    report(f"a frame of both views with a held piece of {vertices} vertices, median",
           1000 * percentile(sorted(taken), 0.5), "ms")
    report("the same, p95", 1000 * percentile(sorted(taken), 0.95), "ms", 16)
    report("the median against a bare polar transform of as many vertices", percentile(sorted(taken), 0.5) / polar, "x")


def wavy_ring() -> bytes:
    """A ring with a wavy edge, drawn with many vertices."""
    angle = np.linspace(0, 2 * np.pi, VERTICES // 2, endpoint=False)
    rings = []
    for radius, waves in ((48.0, 60), (30.0, 40)):
        reach = radius + 1.5 * np.sin(waves * angle)
        x, y = 50 + reach * np.cos(angle), 50 + reach * np.sin(angle)
        rings.append("M" + " ".join(f"{a:.4f} {b:.4f}" for a, b in zip(x, y, strict=True)) + "Z")
    return (f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><path fill-rule="evenodd" '
            f'd="{"".join(rings)}"/></svg>').encode()


if __name__ == "__main__":
    main()
