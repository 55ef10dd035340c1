"""The cut: closed paths in an order that never frees a piece before its insides are cut, with little travel.

All points are sheet mm shifted so that the stencil's lower left corner is the machine's origin.
"""

from collections.abc import Iterable, Iterator
from functools import cached_property

import numpy as np
import shapely
from msgspec import Struct

from vitrograph.core.cut.paths.order import begun_at, order_rings
from vitrograph.core.cut.paths.timing import seconds_of, travel_of
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.fit import LEAST_LAP_MM, SEAL_MM, Seams, cut_places, parting
from vitrograph.core.geometry import Points, length_of, stretch_of
from vitrograph.core.job import CutChoices
from vitrograph.core.job.change import put
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import Sheet

LONG_MAT_MM = 597.0                # a carrier mat of 24 in takes so much (common practice, no published source)
_MOST_PARTS = 4                    # that a film is parted into so that the mat holds each


class CutPlan(Struct, frozen=True, dict=True):
    """Ordered blade paths, each (n, 2) with its over-run, on a page of `size` mm; `offset` is the sheet's shift."""

    paths: tuple[Points, ...]
    size: tuple[float, float]
    offset: tuple[float, float]
    seconds: float
    findings: tuple[Finding, ...] = ()

    @cached_property
    def cut_mm(self) -> float:
        """Length cut, over-runs included."""
        return float(sum(length_of(path) for path in self.paths))

    @cached_property
    def travel_mm(self) -> float:
        """Length moved with the blade up, from the origin and back to it."""
        return travel_of(self.paths)


def plan_cut(choices: CutChoices, sheet: Sheet, least_lap: float = LEAST_LAP_MM) -> CutPlan:
    """Order the sheet's outlines inside before outside, start each near where the last ended, and add over-run.

    Raises FitError where none of a film lies on the glass.
    """
    for number in range(len(sheet.covers)):
        sheet.require_on_glass(number)
    left, low, right, high = sheet.outline.bounds
    rings = [np.asarray(ring.coords)[:, :2] - [left, low] for ring in _rings(sheet)]
    # relief cuts and marks come first: they end at the film's edge, which frees the film when it is cut
    snips = tuple(np.array([snip.tip, snip.edge]) - [left, low] for snip in sheet.snips)
    marks = tuple(path - [left, low] for path in sheet.marks.paths) if sheet.marks and sheet.marks.cut else ()
    ordered = (begun_at(rings[at], start) for at, start in order_rings(rings, effort="quick"))
    paths = snips + marks + tuple(_over_run(ring, choices.over_run) for ring in ordered)
    size = (right - left, high - low)
    plan = CutPlan(paths, size, (-left, -low), 0.0)
    seconds = seconds_of(plan.cut_mm, plan.travel_mm, len(paths), choices)
    return CutPlan(paths, size, (-left, -low), seconds, tuple(_carrier(choices, sheet, least_lap)))


def _holds(choices: CutChoices, size: Iterable[float]) -> bool:
    """Whether the carrier mat holds a film of so many mm, either way round."""
    mat = sorted((choices.mat_width, choices.mat_length))
    return all(side <= most for side, most in zip(sorted(size), mat, strict=True))


def _carrier(choices: CutChoices, sheet: Sheet, least_lap: float) -> Iterator[Finding]:
    """Yield that a film is larger than the carrier mat: each is cut by itself, wherever the sheet has it."""
    large = [size for size in sheet.sizes if not _holds(choices, size)]
    if not large:
        return
    sides, mat = sorted(max(large, key=max)), sorted([choices.mat_width, choices.mat_length])
    over = 0 if sides[0] > mat[0] else 1
    too_much = Length(sides[over]), Length(mat[over])
    says = (Says("the stencil is {wide} wide; the mat takes {most}", wide=too_much[0], most=too_much[1]) if over == 0
            else Says("the stencil is {long} long; the mat takes {most}", long=too_much[0], most=too_much[1]))
    longer = Remedy.of(tr("Use the long mat"), put(lambda job: job.cut.mat_length, LONG_MAT_MM))
    helps = sides[0] <= min(choices.mat_width, LONG_MAT_MM) and sides[1] <= max(choices.mat_width, LONG_MAT_MM)
    remedies = [one for one in (longer if helps else None, _parted(choices, sheet, least_lap)) if one is not None]
    yield Finding(Code.SHEET, Level.WATCH, says,
                  tr("use a longer mat or a roll, make the border smaller, or part it into stencils that lap"),
                  None, sides[over], mat[over], remedies[0] if remedies else None, tuple(remedies[1:]))


def _parted(choices: CutChoices, sheet: Sheet, least_lap: float) -> Remedy | None:
    """The fewest films that the mat holds, laid one over the edge of the other, where the art has the gaps for them."""
    if len(sheet.films) > 1:
        return None
    art, box = sheet.fitted.art, sheet.outline.bounds
    whole = box[2] - box[0], box[3] - box[1]
    borders = [(whole[axis] - (art.bounds[axis + 2] - art.bounds[axis])) / 2 for axis in (0, 1)]
    seams = Seams((borders[0], borders[1], borders[0], borders[1]), least_lap)
    for many in range(2, _MOST_PARTS + 1):
        for axis in (0, 1):
            gaps = cut_places(art, axis, many, seams)
            ends = [art.bounds[axis], *(edge for gap in gaps for edge in gap), art.bounds[axis + 2]]
            reach = [borders[axis], *(seams.reach(high - low, axis) for low, high in gaps), borders[axis]]
            widest = max(before + high - low + after for low, high, before, after in zip(
                ends[::2], ends[1::2], reach[:-1], reach[1:], strict=True))
            lap = min((gap[1] - gap[0] for gap in gaps), default=0.0) - 2 * SEAL_MM
            if len(gaps) == many - 1 and lap >= least_lap and _holds(choices, (widest, whole[1 - axis])):
                label, changes = parting("columns" if axis == 0 else "rows", many)
                return Remedy.of(label, *changes)
    return None


def _rings(sheet: Sheet) -> list[shapely.LinearRing]:
    """Every outline to cut, once: the openings' own (islands are their holes), or a decal's, and the films' edges."""
    return [ring for part in sheet.seen.geoms for ring in (part.exterior, *part.interiors)] + [
        outline.exterior for outline in sheet.outlines
    ]


def _over_run(ring: Points, over_run: float) -> Points:
    """Cut on along the ring's beginning for `over_run` mm, so that the closing point parts cleanly."""
    return ring if over_run == 0 else np.concatenate([ring, stretch_of(ring, 0.0, over_run)[1:]])
