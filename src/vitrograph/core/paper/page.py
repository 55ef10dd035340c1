"""A page at true size (ISO 32000: 72 pt to the inch), with a line to check the print by.

The smallest ISO 216 sheet that holds the stencil is taken; a stencil larger than A0 gets a sheet of its own size.
"""

import io
from collections.abc import Sequence
from itertools import pairwise
from typing import Any

from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.geometry import Points, as_polygons
from vitrograph.core.language import tr
from vitrograph.core.paper.letters import broken, shortened, wide, write
from vitrograph.core.says import Length, Value, in_words
from vitrograph.core.units import MM_PER_IN, NARROW_SPACE, Unit

PT_PER_MM = 72 / MM_PER_IN
PAPERS = {"A4": (210.0, 297.0), "A3": (297.0, 420.0), "A2": (420.0, 594.0), "A1": (594.0, 841.0), "A0": (841.0, 1189.0)}
MARGIN_MM = 10.0
FOOT_MM = 26.0                     # room below for the check line and its words
CHECK_LINE_MM = 100.0
SMALL_MM = 3.4                     # of print
_LEADING = 1.3


def page_for(width: float, height: float) -> tuple[str, float, float]:
    """Name and size (mm) of the page for a stencil, turned to whichever way it fits.

    >>> page_for(120, 90), page_for(250, 90)[0], page_for(2000, 90)[0]
    (('A4', 210.0, 297.0), 'A4', 'own size')
    """
    need = (max(width, CHECK_LINE_MM) + 2 * MARGIN_MM, height + 2 * MARGIN_MM + FOOT_MM)
    for name, (short, long) in PAPERS.items():
        for page in ((short, long), (long, short)):
            if need[0] <= page[0] and need[1] <= page[1]:
                return name, *page
    return tr("own size"), *need


def page_pdf(
    outline: Polygon | MultiPolygon, dark: MultiPolygon, title: str, says: str, unit: Unit, lines: Sequence[Points] = ()
) -> bytes:
    """One page at true size: what is dark filled, outline and lines drawn, a line of 100 mm to check the print by.

    `says` is a line of small print above that.
    """
    from reportlab.pdfgen.canvas import Canvas

    left, low, right, high = outline.bounds
    paper, width, height = page_for(right - left, high - low)
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(width * PT_PER_MM, height * PT_PER_MM), invariant=True)
    canvas.setTitle(title)
    canvas.setCreator("Vitrograph")
    canvas.scale(PT_PER_MM, PT_PER_MM)
    canvas.saveState()
    canvas.translate((width - (right - left)) / 2 - left, height - MARGIN_MM - high)
    canvas.setFillGray(0.25)
    draw_shape(canvas, dark, fill=True)
    canvas.setLineWidth(0.2)
    draw_shape(canvas, as_polygons(outline), fill=False)
    for line in lines:
        for start, end in pairwise(line.tolist()):
            canvas.line(*start, *end)
    canvas.restoreState()
    check_line(canvas, title, f" · {paper}", says, unit, width - 2 * MARGIN_MM)
    canvas.save()
    return out.getvalue()


def draw_shape(canvas: Any, shape: MultiPolygon, *, fill: bool) -> None:
    """Draw polygons, mm: filled by the odd-even rule, or their outlines."""
    path = canvas.beginPath()
    for part in shape.geoms:
        for ring in (part.exterior, *part.interiors):
            (x, y), *others = ring.coords[:-1]
            path.moveTo(x, y)
            for x, y in others:
                path.lineTo(x, y)
            path.close()
    canvas.drawPath(path, stroke=0 if fill else 1, fill=1 if fill else 0, fillMode=0)


def check_line(canvas: Any, title: str, page: str, says: str, unit: Unit, room: float) -> None:
    """A line of 100 mm to check the print by, above the title and what page it is, below the small print.

    There are `room` mm from margin to margin: a title that is longer is cut, the small print takes two lines.
    """
    y = MARGIN_MM + 12
    true_line(canvas, MARGIN_MM, y, unit)
    write(canvas, MARGIN_MM, y - 11, shortened(title, SMALL_MM, room - wide(page, SMALL_MM)) + page, SMALL_MM)
    first, *others = broken(says, SMALL_MM, room)
    lines = [first, shortened(" ".join(others), SMALL_MM, room)] if others else [first]
    for up, line in enumerate(reversed(lines)):
        write(canvas, MARGIN_MM, y + 4 + up * _LEADING * SMALL_MM, line, SMALL_MM)


def true_line(canvas: Any, x: float, y: float, unit: Unit) -> None:
    """A line of 100 mm from a place, and below it what it is there for."""
    canvas.setLineWidth(0.25)
    canvas.line(x, y, x + CHECK_LINE_MM, y)
    for end in (x, x + CHECK_LINE_MM):
        canvas.line(end, y - 2, end, y + 2)
    canvas.setFillGray(0)
    line = plain_words(Length(CHECK_LINE_MM, 2), unit)
    write(canvas, x, y - 6, tr("Measure this line: it must be {line}. If not, print again at 100 %, not fitted.",
                               line=line), SMALL_MM)


def plain_words(said: Value | str, unit: Unit) -> str:
    """What is said, for a page: the interface face has no narrow space."""
    return in_words(said, unit).replace(NARROW_SPACE, " ")
