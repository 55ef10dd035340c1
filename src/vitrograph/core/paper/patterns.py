"""What is printed for hands without a cutter: the stencil as it is seen, and lines to follow with a knife."""

from collections.abc import Sequence
from functools import partial
from typing import Any

import numpy as np
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.cut import Line, corners_in, lines_of
from vitrograph.core.geometry import Points, as_polygons
from vitrograph.core.language import tr
from vitrograph.core.paper.letters import write
from vitrograph.core.paper.page import draw_shape
from vitrograph.core.paper.stencils import band_of, sizes
from vitrograph.core.paper.tiles import Pattern
from vitrograph.core.stencil import Sheet
from vitrograph.core.units import Unit

_CORNER = np.radians(25)           # a turn that is marked
_DOT_MM = 0.45
_NUMBER_MM = 2.6
_SAYS = {                          # by whether the film lies on the back of the glass, and the pattern is mirrored
    (False, False): tr("Right way round: lay it under the film and trace or cut it."),
    (False, True): tr("Mirrored: for the far side of the glass, or for tracing from behind."),
    (True, False): tr("Mirrored, as the film lies on the back: lay it under the film and trace or cut it."),
    (True, True): tr("As the front shows it: for the front of the glass, seen from the back, or for tracing from "
                     "behind."),
}


def stencil_pattern(sheet: Sheet, title: str, unit: Unit) -> Pattern:
    """The stencil as on its page: what is seen on the glass dark, the film's edge as a line."""
    lines = [np.array([snip.tip, snip.edge]) for snip in sheet.snips]
    return Pattern(title, sheet.outline.bounds, sizes(sheet.fitted, unit),
                   partial(_draw_seen, sheet, sheet.outline, [*lines, *(sheet.marks.paths if sheet.marks else ())]))


def band_pattern(sheet: Sheet, title: str, unit: Unit) -> Pattern:
    """The art on bare paper, to tape round the glass before anything is cut."""
    outline, says = band_of(sheet, unit)
    return Pattern(title, outline.bounds, says, partial(_draw_seen, sheet, outline, []))


def _draw_seen(sheet: Sheet, outline: Polygon | MultiPolygon, lines: Sequence[Points], canvas: Any) -> None:
    """What is seen on the glass dark, an outline and lines."""
    canvas.setFillGray(0.25)
    draw_shape(canvas, sheet.seen, fill=True)
    canvas.setLineWidth(0.2)
    draw_shape(canvas, as_polygons(outline), fill=False)
    for line in lines:
        _stroke(canvas, line)


def knife_patterns(sheet: Sheet, title: str, *, mirrored: bool = False) -> list[Pattern]:
    """A pattern for each film of a stencil: lines only, numbered as a hand cuts them, corners marked by dots."""
    says = tr("{way} Insides first, in the order of the numbers.", way=_SAYS[sheet.fitted.chart.mirrored, mirrored])
    made = []
    for film, outline in enumerate(sheet.outlines):
        lines = lines_of(sheet, film, "settled")
        left, low, right, high = outline.bounds
        name = title if len(sheet.outlines) == 1 else tr("{title}, film {film} of {outlines}", title=title,
                                                         film=film + 1, outlines=len(sheet.outlines))
        box = (-right, low, -left, high) if mirrored else (left, low, right, high)
        made.append(Pattern(name, box, says, _drawer(lines, mirrored)))
    return made


def _drawer(lines: Sequence[Line], mirrored: bool) -> Any:
    side = -1.0 if mirrored else 1.0

    def draw(canvas: Any) -> None:
        canvas.setLineWidth(0.15)
        for number, line in enumerate(lines, start=1):
            points = line.curve.flattened() * [side, 1.0]
            _stroke(canvas, points)
            canvas.setFillGray(0)
            for x, y in corners_of(points):
                canvas.circle(x, y, _DOT_MM / 2, stroke=0, fill=1)
            canvas.setFillGray(0.35)
            write(canvas, points[0, 0] + 0.6, points[0, 1] + 0.6, str(number), _NUMBER_MM)

    return draw


def corners_of(points: Points) -> Points:
    """(k, 2) the points where a line turns sharply, its closing point among them."""
    return points[corners_in(points, _CORNER)]


def _stroke(canvas: Any, points: Points) -> None:
    path = canvas.beginPath()
    path.moveTo(*points[0])
    for x, y in points[1:]:
        path.lineTo(x, y)
    canvas.drawPath(path, stroke=1, fill=0)
