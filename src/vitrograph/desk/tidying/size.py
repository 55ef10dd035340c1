"""What a drawing comes to: its own size, its nodes, its smallest detail on the glass."""

from math import degrees

from vitrograph.core.job import Job
from vitrograph.core.pipeline import Results
from vitrograph.desk.bench import Bench


def size_line(job: Job, results: Results, bench: Bench) -> list[tuple[str, str]]:
    """Readings of a drawing: its own size, its nodes, its smallest detail on the glass."""
    source = results.art.source if results.art else None
    drawing = job.artwork.drawing
    if source is None or drawing is None:
        return []
    width, height = (bench.length(side, 1) for side in source.size_mm)
    rows = [("own size", f"{width} × {height}")]
    if drawing.kind == "picture":
        rows.append(("nodes", f"{source.nodes} of {source.pixel_nodes} pixel edges"))
        if source.threshold is not None and not drawing.trace.background:
            rows.append(("dark ends at", f"{255 * source.threshold:.0f} of 255"))
        if drawing.trace.turn:
            rows.append(("turned by", f"{degrees(drawing.trace.turn):.1f}°"))
    if results.fitted is not None and results.fitted.drawing_at is not None:
        on_glass = source.smallest / source.tall * results.fitted.drawing_at[2]
        rows.append(("smallest part, on the glass", bench.length(on_glass, 2)))
    return rows
