"""What a drawing comes to: its own size, its nodes, its smallest detail on the glass."""

from math import degrees

from vitrograph.core.artwork import Placed
from vitrograph.core.job import Drawing
from vitrograph.desk.bench import Bench


def size_line(placed: Placed, bench: Bench) -> list[tuple[str, str]]:
    """Readings of a placed drawing: its own size, its nodes, its smallest detail on the glass."""
    source, drawing = placed.local.source, placed.item.what
    if source is None or not isinstance(drawing, Drawing):
        return []
    width, height = (bench.length(side, 1) for side in source.size_mm)
    rows = [("own size", f"{width} × {height}")]
    if drawing.kind == "picture":
        rows.append(("nodes", f"{source.nodes} of {source.pixel_nodes} pixel edges"))
        if source.threshold is not None and not drawing.trace.background:
            rows.append(("traced is", "what is opaque" if source.by_opacity else
                         "what is light" if drawing.trace.light_frosts else "what is dark"))
            rows.append(("dark ends at", f"{255 * source.threshold:.0f} of 255"))
        if drawing.trace.turn:
            rows.append(("turned by", f"{degrees(drawing.trace.turn):.1f}°"))
    rows.append(("smallest part, on the glass", bench.length(source.smallest / source.tall * placed.mending_unit, 2)))
    return rows
