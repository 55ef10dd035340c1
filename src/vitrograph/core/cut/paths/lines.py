"""What is cut of a stencil: its lines by what they are, refitted with lines and arcs."""

from collections.abc import Iterator
from math import ceil
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from shapely.geometry import LineString, Polygon

from vitrograph.core.cut.laying.nest import Part, Spot
from vitrograph.core.cut.paths.curves import Curve, refit
from vitrograph.core.cut.paths.order import Effort, order_rings
from vitrograph.core.geometry import Points
from vitrograph.core.stencil import Sheet

Kind = Literal["opening", "island", "edge", "snip", "mark", "box", "parting"]
KINDS: tuple[Kind, ...] = ("mark", "snip", "parting", "island", "opening", "box", "edge")
LOOSE: tuple[Kind, ...] = ("mark", "snip", "parting")     # lines with two ends
_STEP_MM = 0.5                     # along the edge, by which its direction is told
_PART_MM = 170.0                   # of surplus round a film that one part of it is long, at most


class Line(Struct, frozen=True, eq=False):
    """One line of a stencil: what it is of, and how it runs."""

    kind: Kind
    curve: Curve

    def laid(self, part: Part, spot: Spot) -> "Line":
        """It where a part lies on film."""
        return replace(self, curve=Curve(part.on(self.curve.points, spot), self.curve.bulges))


def lines_of(
    sheet: Sheet, film: int, effort: Effort = "quick", box: float | None = None, parting: float | None = None
) -> tuple[Line, ...]:
    """The lines of one film of a sheet, in the order they are cut: what ends at the edge first, insides before
    outsides.

    With `box` a line so many mm outside its edge, to cut it apart from others by; with `parting` lines so long that
    part the surplus round it.
    """
    outline = sheet.outlines[film]
    found = [*_open_lines(sheet, film), *_rings(sheet, outline)]
    if parting:
        found += [("parting", np.asarray(line.coords)) for line in parting_lines(outline, parting)]
    if box:
        found.append(("box", np.asarray(outline.exterior.buffer(box, join_style="mitre").exterior.coords)))
    loose = [Line(kind, refit(points)) for kind, points in found if kind in LOOSE]
    rings = [(kind, points) for kind, points in found if kind not in LOOSE]
    order = order_rings([points for _, points in rings], (outline.bounds[0], outline.bounds[1]), effort)
    return (*loose, *(Line(rings[at][0], begun_near(refit(rings[at][1]), rings[at][1][start])) for at, start in order))


def parting_lines(outline: Polygon, reach: float) -> list[LineString]:
    """Lines square to a film's edge and `reach` mm outward, which part the surplus round it; evenly spaced."""
    ring = outline.exterior if outline.exterior.is_ccw else outline.exterior.reverse()
    many = max(2, ceil(ring.length / _PART_MM))
    made = []
    for number in range(many):
        at = ring.length * (number + 0.5) / many
        here = np.asarray(ring.interpolate(at).coords[0])
        before, after = (np.asarray(ring.interpolate((at + by) % ring.length).coords[0])
                         for by in (-_STEP_MM, _STEP_MM))
        along = (after - before) / max(float(np.hypot(*(after - before))), 1e-9)
        line = LineString([here, here + reach * np.array([along[1], -along[0]])])
        if line.intersection(outline).length < _STEP_MM:       # where the edge is hollow it would run into the film
            made.append(line)
    return made


def begun_near(curve: Curve, spot: Points) -> Curve:
    """A closed curve begun at the one of its points that is nearest to a place."""
    at = int(((curve.points[:-1] - spot) ** 2).sum(axis=1).argmin())
    points = np.concatenate([curve.points[at:-1], curve.points[: at + 1]])
    return Curve(points, np.concatenate([curve.bulges[at:], curve.bulges[:at]]))


def _rings(sheet: Sheet, outline: Polygon) -> Iterator[tuple[Kind, Points]]:
    """Yield every closed line: openings and what stays within them, or a decal's own, and the film's edge."""
    parts = np.array(sheet.seen.geoms)
    for part in parts[shapely.intersects(parts, outline)] if len(parts) else ():
        if not outline.contains(part.representative_point()):
            continue
        yield "opening", np.asarray(part.exterior.coords)[:, :2]
        for ring in part.interiors:
            yield "island", np.asarray(ring.coords)[:, :2]
    yield "edge", np.asarray(outline.exterior.coords)[:, :2]


def _open_lines(sheet: Sheet, film: int) -> Iterator[tuple[Kind, Points]]:
    """Yield the marks and relief cuts that lie on one film."""
    near = sheet.outlines[film].buffer(0.01)
    for path in sheet.marks.paths if sheet.marks and sheet.marks.cut else ():
        if near.intersects(shapely.Point(path[0])):
            yield "mark", np.asarray(path)
    for snip in sheet.snips:
        if near.intersects(shapely.Point(snip.tip)):
            yield "snip", np.array([snip.tip, snip.edge])
