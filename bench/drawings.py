"""Drawings into shapes, in files per second, as a ratio to the parser libraries alone. Run: ./run bench drawings

The baseline reads the same files with the same libraries and does nothing with what they hold: XML into a tree, path
data into segments. VITROGRAPH_ICONS may name a folder of SVG files to measure with; otherwise 500 icons are made up.
"""

import math
import os
import random
from pathlib import Path

from common import percentile, report, timed
from vitrograph.core.artwork.vector.outline import path_data, segments_of
from vitrograph.core.artwork.vector.paint import guess_tones, two_tones
from vitrograph.core.artwork.vector.svg import read_svg
from vitrograph.core.artwork.vector.tree import parse_tree
from vitrograph.core.errors import VitrographError

COUNT, REPEATS = 500, 3
SHAPES = {"path", "rect", "circle", "ellipse", "line", "polyline", "polygon"}


def made_up(number: int) -> bytes:
    """An icon of strokes, a star, a ring and a curl, another for each number."""
    draw = random.Random(number)
    turns = range(2 * draw.randint(4, 9))
    star = " ".join(f"{12 + r * math.cos(a):.3f},{12 + r * math.sin(a):.3f}" for a, r in (
        (math.pi * turn * 2 / len(turns), (9, 4)[turn % 2]) for turn in turns))
    curl = "".join(f"c{draw.uniform(-3, 3):.2f} {draw.uniform(-3, 3):.2f} 2 1 3 {draw.uniform(-2, 2):.2f}"
                   for _ in range(6))
    line = 'fill="none" stroke="#000" stroke-width="2" stroke-linecap="round" stroke-linejoin="round"'
    return (f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 24 24"><g {line}>'
            f'<path d="M3 {draw.randint(4, 20)}{curl}"/><path d="M4 4a8 8 0 0 1 {draw.randint(4, 15)} 3h2v3"/></g>'
            f'<polygon points="{star}"/><circle cx="12" cy="12" r="3" fill="#fff"/></svg>').encode()


def corpus() -> list[bytes]:
    """The files to read."""
    folder = os.environ.get("VITROGRAPH_ICONS")
    if folder is None:
        return [made_up(number) for number in range(COUNT)]
    paths = sorted(Path(folder).rglob("*.svg"))
    return [path.read_bytes() for path in random.Random(1).sample(paths, min(COUNT, len(paths)))]


def parse_only(files: list[bytes]) -> None:
    """What the libraries alone do."""
    for content in files:
        for node in parse_tree(content).walk():
            if node.tag in SHAPES:
                segments_of(path_data(node, (24.0, 24.0)))


def import_all(files: list[bytes]) -> None:
    """From files to two-tone shapes."""
    for content in files:
        try:
            read_svg.cache_clear()
            drawing = read_svg(content, 2e-4)
            two_tones(drawing.paints, guess_tones(drawing.paints))
        except VitrographError:
            continue


if __name__ == "__main__":
    files = corpus()
    import_all(files[:5])
    base = percentile(timed(lambda: parse_only(files), REPEATS), 0.5)
    ours = percentile(timed(lambda: import_all(files), REPEATS), 0.5)
    report(f"the parser libraries alone, {len(files)} files", len(files) / base, "files/s")
    report("import to a shape", len(files) / ours, "files/s")
    report("ratio of the times", ours / base, "x")
