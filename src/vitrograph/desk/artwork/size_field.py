"""What a drawing comes to: its own size, its nodes, its smallest detail on the glass."""

from math import degrees

from vitrograph.core.artwork import Placed
from vitrograph.core.job import Drawing
from vitrograph.core.language import decimals, tr
from vitrograph.desk.bench import Bench


def size_line(placed: Placed, bench: Bench) -> list[tuple[str, str]]:
    """Readings of a placed drawing: its own size, its nodes, its smallest detail on the glass."""
    source, drawing = placed.local.source, placed.item.what
    if source is None or not isinstance(drawing, Drawing):
        return []
    width, height = (bench.length(side, 1) for side in source.size_mm)
    rows = [(tr("own size"), f"{width} × {height}")]
    if drawing.kind == "picture":
        rows.append((tr("nodes"), tr("{nodes} of {pixel_nodes} pixel edges", nodes=source.nodes,
                                     pixel_nodes=source.pixel_nodes)))
        if source.threshold is not None and not drawing.trace.background:
            rows.append((tr("traced is"), tr("what is opaque") if source.by_opacity else
                         tr("what is light") if drawing.trace.light_frosts else tr("what is dark")))
            rows.append((tr("dark ends at"), tr("{threshold:.0f} of 255", threshold=255 * source.threshold)))
        if drawing.trace.turn:
            rows.append((tr("turned by"), decimals(f"{degrees(drawing.trace.turn):.1f}°")))
    rows.append((tr("smallest part, on the glass"),
                 bench.length(source.smallest / source.tall * placed.mending_unit, 2)))
    return rows
