"""Mends of the film: what is too thin is made as wide as asked for, or done without. Each does only what is needed.

Film and openings meet along the openings' edges, so a mend is told as openings taken away (film grows) or added. Where
edges are moved apart, discs of the width asked for are set along the axis: each side moves by as much as the other.
"""

from collections.abc import Callable, Sequence
from itertools import groupby

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import LineString, Point
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points
from vitrograph.core.job import FilmMend, FilmMendName
from vitrograph.core.stencil.mending.cutting import Cutting
from vitrograph.core.stencil.mending.faults import Fault, Limits

_MORE = 1.03                       # of the width asked for: outlines are told in chords, and the axis a little aside
_MORE_MM = 0.02
_ARC = 12                          # segments of a quarter circle
_STRAIGHT_MM = 0.02                # by which the axis may stray when its zigzag is taken out
_SEAM_MM = 0.01
_PAST = 0.2                        # limits: how far a strip goes beyond the axis of what it makes wider

Placing = Callable[[tuple[float, float]], Points]


def mended(cutting: Cutting, mends: Sequence[FilmMend], placed: Placing) -> Cutting:
    """The cutting after all mends, in their order; `placed` tells where on the sheet a mend's place lies.

    Mends alike that have places and follow each other are done in one go.
    """
    for (does, to, everywhere), alike in groupby(
            enumerate(mends), key=lambda one: (one[1].does, one[1].to, one[0] if one[1].at is None else None)):
        faults = _faults_for(cutting, does, to, _FOR[does])
        if everywhere is None:
            reach = shapely.union_all([shapely.multipoints(placed(mend.at)).buffer(mend.reach + _SEAM_MM)
                                       for _, mend in alike if mend.at is not None])
            # one and the same strip may be told as a web or as a needle, by the limits it is looked for with
            faults = ([fault for fault in faults if reach.intersects(fault.shape)] or
                      [fault for fault in _faults_for(cutting, does, to, _OR_ELSE.get(does, set()))
                       if fault.grave and reach.intersects(fault.shape)])
        if faults:
            cutting = _MENDS[does](cutting.sound(), faults, to)
    return cutting


def filled(cutting: Cutting, faults: list[Fault], to: float) -> Cutting:
    """Narrow openings and specks left out, so that film stays there."""
    if not faults:
        return cutting
    return cutting.with_more(film=[
        fault.part.buffer(_SEAM_MM) if fault.part is not None else _taken_out(
            fault, shapely.get_parts(cutting.openings), to) for fault in faults])


def _faults_for(cutting: Cutting, does: FilmMendName, to: float, kinds: set[str]) -> list[Fault]:
    """The faults of some kinds that a mend is for, by its own limit."""
    limits = Limits(0.0, to, 0.0) if _FOR[does] & {"opening", "speck"} else Limits(to, 0.0, to**2)
    return [fault for fault in cutting.faults(limits) if fault.kind in kinds]


def fattened(cutting: Cutting, faults: list[Fault], to: float) -> Cutting:
    """Webs of film made as wide as asked for."""
    if not faults:
        return cutting
    return cutting.with_more(film=[_along(fault, _wide(to)) for fault in faults])


def _widen(cutting: Cutting, faults: list[Fault], to: float) -> Cutting:
    return cutting.with_more(openings=[
        _along(fault, _wide(to)) if fault.part is None else fault.part.buffer((_wide(to) - fault.value) / 2)
        for fault in faults])


def _join(cutting: Cutting, faults: list[Fault], to: float) -> Cutting:
    """Webs taken out, so that the openings on both sides of each are one."""
    return cutting.with_more(openings=[_taken_out(fault, cutting.islands, to) for fault in faults])


def _drop_islands(cutting: Cutting, faults: list[Fault], to: float) -> Cutting:
    return cutting.with_more(openings=[fault.part.buffer(_SEAM_MM) for fault in faults if fault.part is not None])


def blunted(cutting: Cutting, faults: list[Fault], to: float) -> Cutting:
    """Tips of film cut back to where they are as wide as asked for, and rounded there."""
    if not faults:
        return cutting
    return cutting.with_more(openings=[_tip_of(fault, to) for fault in faults])


def _wide(to: float) -> float:
    return to * _MORE + _MORE_MM


def _along(fault: Fault, width: float, cap: str = "round") -> BaseGeometry:
    """A strip of a width along the axis of a thin place."""
    assert fault.thin is not None
    line = shapely.line_merge(fault.thin.line) if len(fault.thin.axis) > 1 else fault.thin.line
    line = shapely.multilinestrings([_unfolded(part) for part in shapely.get_parts(line)])
    line = shapely.simplify(line, _STRAIGHT_MM)
    if line.length < _SEAM_MM:                                 # two rounded sides that come near at a point
        return Point(fault.where).buffer(width / 2, quad_segs=_ARC)
    if cap == "round":
        line = shapely.multilinestrings([_longer(part, _PAST * fault.limit) for part in shapely.get_parts(line)])
    return line.buffer(width / 2, quad_segs=_ARC, cap_style=cap)


def _unfolded(line: LineString) -> LineString:
    """A line without its steps back: the axis is told in pieces, whose ends may lap."""
    points = shapely.get_coordinates(line)
    kept = [points[0]]
    for before, point, after in zip(points[:-2], points[1:-1], points[2:], strict=True):
        if (point - kept[-1]) @ (after - before) > 0:
            kept.append(point)
    last = points[-1]
    while len(kept) > 1 and (last - kept[-1]) @ (kept[-1] - kept[-2]) <= 0:
        kept.pop()
    return LineString([*kept, last])


def _longer(line: LineString, by: float) -> LineString:
    """A line carried on at both ends: the axis stops a little short of where a thin place does."""
    points = shapely.get_coordinates(line)
    first, last = points[0] - points[1], points[-1] - points[-2]
    return LineString(np.concatenate([[points[0] + by * first / np.hypot(*first)], points,
                                      [points[-1] + by * last / np.hypot(*last)]]))


def _taken_out(fault: Fault, parts: NDArray[np.object_], to: float) -> BaseGeometry:
    """A strip that covers a thin place; all of the part, where it is thin all over."""
    if fault.alone and len(parts):
        nearest = parts[int(shapely.distance(parts, Point(fault.where)).argmin())]
        if shapely.distance(nearest, Point(fault.where)) < _SEAM_MM:
            return nearest.buffer(_SEAM_MM)
    strip = _along(fault, to + 2 * _SEAM_MM, "flat")
    assert fault.thin is not None
    # so wide along the axis that what is joined there is joined by no neck
    across = shapely.linestrings(fault.thin.across).buffer(_wide(to) / 2, quad_segs=_ARC)
    return shapely.union(strip, across) if fault.length < _wide(to) else strip


def _tip_of(fault: Fault, to: float) -> BaseGeometry:
    """A film tip's end, from where it is as wide as asked for; there it is left round."""
    assert fault.thin is not None and fault.thin.free is not None
    ends = fault.thin.axis.reshape(-1, 2)
    foot = ends[np.hypot(*(ends - fault.thin.free).T).argmax()]
    return _along(fault, to + 2 * _SEAM_MM, "flat").difference(Point(*foot).buffer(to / 2, quad_segs=_ARC)).union(
        Point(*fault.thin.free).buffer(to / 4))


_MENDS: dict[FilmMendName, Callable[[Cutting, list[Fault], float], Cutting]] = {
    "fatten webs": fattened, "widen openings": _widen, "join openings": _join, "fill openings": filled,
    "fill specks": filled, "drop islands": _drop_islands, "blunt tips": blunted,
}
_FOR: dict[FilmMendName, set[str]] = {
    "fatten webs": {"web", "near"}, "widen openings": {"opening", "speck"}, "join openings": {"web", "near"},
    "fill openings": {"opening"}, "fill specks": {"speck"}, "drop islands": {"island"}, "blunt tips": {"needle"},
}
_OR_ELSE: dict[FilmMendName, set[str]] = {"fatten webs": {"needle"}, "join openings": {"needle"}}
