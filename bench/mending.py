"""Mend all of very fine lettering, limits 0.8 mm, also as a ratio to one look for its thin places: ./run bench mending

Over a folder of drawings, each 60 mm wide: what failed before, what fails after, and why.
Run: PYTHONPATH=src:bench .venv/bin/python bench/mending.py FOLDER [HOW_MANY]    (any folder with SVG files below it)
"""

import random
import sys
import time
from collections import Counter
from pathlib import Path

from shapely.geometry import MultiPolygon, box

from common import percentile, report, timed
from stencil import lettering
from vitrograph.core.artwork import compose
from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Artwork, Drawing, Item
from vitrograph.core.stencil import Limits
from vitrograph.core.stencil.mending.cutting import Cutting
from vitrograph.core.stencil.mending.proposal import propose
from vitrograph.core.widths import thin_places

WIDTH_MM, BORDER_MM = 60.0, 20.0


def cutting_of(path: Path) -> Cutting:
    """A drawing as flat openings in a plain border."""
    item = Item(Drawing(path.name, path.read_bytes()), key=1, size=WIDTH_MM)
    return framed(compose(Artwork((item,))).shape)


def framed(art: MultiPolygon) -> Cutting:
    """Art as openings in a plain border."""
    return Cutting(MultiPolygon([box(*art.bounds).buffer(BORDER_MM, join_style="mitre")]), art)


def fine(vertices: int) -> None:
    """Lettering thin all over, most of whose strokes must be widened."""
    art, limits = lettering(vertices), Limits()
    look = percentile(timed(lambda: thin_places(art, limits.opening, limits.web), 3), 0.5)
    proposal = propose(framed(art), limits)
    took = percentile(timed(lambda: propose(framed(art), limits), 3), 0.5)
    name = f"Mend all of {vertices} vertices, {len(proposal.before)} failing before"
    report(f"{name}, {len(proposal.after)} after, median", took, "s ", 4)
    report(f"{name}, against one look for thin places", took / look, "x ")


def main(folder: Path, many: int) -> None:
    files = sorted(folder.rglob("*.svg"))
    files = random.Random(1).sample(files, min(many, len(files)))
    left: Counter[str] = Counter()
    faulty, whole, most, begun = 0, 0, 0.0, time.perf_counter()
    for path in files:
        try:
            proposal = propose(cutting_of(path), Limits())
        except VitrographError as error:
            print(f"{path.name}: {error}")
            continue
        faulty += bool(proposal.before)
        whole += not proposal.after
        most = max(most, proposal.share)
        left.update(fault.kind for fault in proposal.after)
        if proposal.after:
            print(f"{path.name}: {proposal.says}")
    report(f"of {len(files)} drawings, with something failing before", faulty, "  ")
    report("with nothing failing after", whole, "  ")
    report("the most of any that changed", 100 * most, "% ")
    report("each, on average", 1000 * (time.perf_counter() - begun) / max(1, len(files)), "ms")
    print(f"left: {dict(left) or 'nothing'}")


if __name__ == "__main__":
    if len(sys.argv) < 2:
        for size in (2_000, 8_000):
            fine(size)
    elif Path(sys.argv[1]).is_dir():
        main(Path(sys.argv[1]), int(sys.argv[2]) if len(sys.argv) > 2 else 300)
    else:
        sys.exit("name a folder with SVG files below it, or nothing")
