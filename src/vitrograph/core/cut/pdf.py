"""The stencil on paper at true size (ISO 32000: 72 pt to the inch), for tracing with a knife or trying on the glass.

The smallest ISO 216 sheet that holds the stencil is taken; a stencil larger than A0 gets a sheet of its own size.
"""

import io
from collections.abc import Sequence
from functools import cache
from importlib import resources
from itertools import pairwise
from math import pi
from typing import Any

import numpy as np
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.fit import Band, band_edge, whole_wall
from vitrograph.core.geometry import Points, as_polygons
from vitrograph.core.glass import Frustum
from vitrograph.core.stencil import Sheet
from vitrograph.core.units import MM_PER_IN, THIN_SPACE, format_length

PT_PER_MM = 72 / MM_PER_IN
PAPERS = {"A4": (210.0, 297.0), "A3": (297.0, 420.0), "A2": (420.0, 594.0), "A1": (594.0, 841.0), "A0": (841.0, 1189.0)}
MARGIN_MM = 10.0
FOOT_MM = 26.0                     # room below for the check line and its words
CHECK_LINE_MM = 100.0


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
    return "own size", *need


def to_pdf(sheet: Sheet, title: str, says: str = "") -> bytes:
    """Draw what is seen on the glass dark and the film outlined, with a line of exactly 100 mm to check the print by.

    `says` is a line of small print above that, such as where the art came from.
    """
    lines = [np.array([snip.tip, snip.edge]) for snip in sheet.snips]
    return _page(sheet.outline, sheet.seen, title, says, [*lines, *(sheet.marks.paths if sheet.marks else ())])


def _page(
    outline: Polygon | MultiPolygon, dark: MultiPolygon, title: str, says: str = "", lines: Sequence[Points] = ()
) -> bytes:
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
    _draw(canvas, dark, fill=True)
    canvas.setLineWidth(0.2)
    _draw(canvas, as_polygons(outline), fill=False)
    for line in lines:
        for start, end in pairwise(line.tolist()):
            canvas.line(*start, *end)
    canvas.restoreState()
    _check_line(canvas, f"{title} · {paper}", says)
    canvas.save()
    return out.getvalue()


def proof_pdf(wall: Frustum, title: str) -> bytes:
    """The whole wall as paper at true size: wrapped round the glass, its ends must just meet at rim and base."""
    flat = wall.sheeting()
    outline = Polygon(flat.develop(band_edge(flat, Band(-pi, 0.0, pi, wall.length))))
    says = "Cut it out, wrap it round, rim to rim. Type by how much the ends overlap (or gape) at rim and base."
    return _page(outline, MultiPolygon(), title, says)


def band_pdf(sheet: Sheet, title: str) -> bytes:
    """The art on bare paper at true size, to tape round the glass before anything is cut.

    Where the wall has an exact flat shape the paper is the whole wall, rim to base: once round, or a pane to its
    edges. Elsewhere, and where the art is parted, it is the film's own outline.
    """
    fitted = sheet.fitted
    wall = fitted.wall
    says = "Cut it out and tape it on, "
    if not fitted.on_one_wall:
        gaps = " and ".join(format_length(wall.length - film.band.s_high).replace(THIN_SPACE, " ")
                            for film in sheet.films)
        return _page(sheet.outline, sheet.seen, title, f"{says}its upper edge {gaps} from the rim. Then type what "
                     "you see at the fit station.")
    says += "rim to rim" if wall.closed else "edge to edge"
    return _page(Polygon(whole_wall(fitted.lay)), sheet.seen, title,
                 f"{says}. Then type what you see at the fit station.")


def _draw(canvas: Any, shape: MultiPolygon, *, fill: bool) -> None:
    path = canvas.beginPath()
    for part in shape.geoms:
        for ring in (part.exterior, *part.interiors):
            (x, y), *others = ring.coords[:-1]
            path.moveTo(x, y)
            for x, y in others:
                path.lineTo(x, y)
            path.close()
    canvas.drawPath(path, stroke=0 if fill else 1, fill=1 if fill else 0, fillMode=0)


def _check_line(canvas: Any, title: str, says: str) -> None:
    y = MARGIN_MM + 12
    canvas.setLineWidth(0.25)
    canvas.line(MARGIN_MM, y, MARGIN_MM + CHECK_LINE_MM, y)
    for x in (MARGIN_MM, MARGIN_MM + CHECK_LINE_MM):
        canvas.line(x, y - 2, x, y + 2)
    canvas.setFillGray(0)
    canvas.setFont(_font(), 3.4)
    line = format_length(CHECK_LINE_MM).replace(THIN_SPACE, " ")
    words = f"Measure this line: it must be {line}. If not, print again at 100 %, not fitted."
    canvas.drawString(MARGIN_MM, y - 6, words)
    canvas.drawString(MARGIN_MM, y - 11, title)
    canvas.drawString(MARGIN_MM, y + 4, says)


@cache
def _font() -> str:
    """Register the interface face for the page's words, embedded so that every reader shows them."""
    from reportlab.pdfbase.pdfmetrics import registerFont
    from reportlab.pdfbase.ttfonts import TTFont

    folder = resources.files("vitrograph.data") / "fonts" / "atkinson-hyperlegible"
    with resources.as_file(folder / "atkinson-hyperlegible-latin-400-normal.ttf") as path:
        registerFont(TTFont("Interface", str(path)))
    return "Interface"
