"""Dragging a item of 20,000 vertices on the sheet, a frame of both views. Run: ./run bench dragging"""

import os

import numpy as np

from common import bare_polar, close, frames, open_shell, percentile, report, timed

VERTICES = 20_000
FRAMES = 120


def main() -> None:
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from PySide6.QtCore import QPointF, Qt

    from vitrograph.core.job import Artwork, Drawing, Item, Job, TaperedGlass, Words

    items = (Item(Drawing("wave.svg", wavy_ring()), key=1, size=50.0),
              Item(Words("Kestrel"), key=2, size=50.0, y=-36.0))
    made = Job(glass=TaperedGlass(rim=88, base=62, height=130), artwork=Artwork(items)).changed(fit__from_rim=20.0)
    shell = open_shell(made, "artwork", 1)
    placed = shell.bench.results.art.of(1)
    vertices = sum(len(ring.coords) for part in placed.shape.geoms for ring in (part.exterior, *part.interiors))
    handling = shell.sheet_view.handling
    spot = placed.shape.geoms[0].representative_point()
    start = handling.to_screen(np.array([[spot.x, spot.y]]))[0]
    assert handling.press(QPointF(*start), Qt.KeyboardModifier.NoModifier)
    taken = frames(shell, lambda frame: handling.move(
        QPointF(start[0] + 8 + 0.4 * frame, start[1] + 6 * np.sin(frame / 9))), FRAMES)
    handling.release()
    close(shell)
    rings = np.random.default_rng(1).normal(size=(vertices, 2))
    polar = timed(lambda: bare_polar(rings[:, 0], rings[:, 1]), 100)[50]
    report(f"a frame of both views with a held item of {vertices} vertices, median",
           1000 * percentile(taken, 0.5), "ms")
    report("the same, p95", 1000 * percentile(taken, 0.95), "ms", 16)
    report("the median against a bare polar transform of as many vertices", percentile(taken, 0.5) / polar, "x")


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
