"""The seal: the strip of film along every opening where a bubble leaks, and its places to press and look at first.

What makes a place risky, and how much, is common practice put in numbers, no published source: a corner of film sharper
than 60 degrees peels, the more the sharper; a web lifts, the more the thinner; film that had to give creeps back.
"""

from collections.abc import Iterator
from math import degrees, pi
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points, as_polygons, within, without
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil.mending.faults import Limits
from vitrograph.core.stencil.sheet import Sheet
from vitrograph.core.widths import edges_of

_ACUTE = pi / 3
_PLAIN_MM = 0.05                   # a corner is told on the outline without finer detail
_ARM_MM = 0.4                      # and has arms at least so long
_STRAIN_SHARE = 0.5                # of the film's limit
_APART_MM = 3.0                    # places nearer than that are one
_MOST = 24

RiskKind = Literal["corner", "web", "strain"]


class Risk(Struct, frozen=True):
    """A place on the seal: why, where on the sheet, how risky from 0 to 1, and the reason in words."""

    kind: RiskKind
    where: tuple[float, float]
    score: float
    says: Says | str


class Seal(Struct, frozen=True):
    """The strip's length along all openings, mm; its area, mm²; and its riskiest places, the worst first."""

    length: float
    area: float
    risks: tuple[Risk, ...]


def seal_of(sheet: Sheet, limits: Limits, width: float, film_limit: float) -> Seal:
    """Measure the seal of a sheet, a strip `width` mm wide; `film_limit` is the share that its film may give.

    Of a decal, which nothing leaks under, it is the edge of the film that stays, and where that lifts.
    """
    openings = sheet.openings
    if sheet.kind == "decal":                                  # all that is bare in the end
        openings = as_polygons(without(shapely.box(*sheet.outline.bounds).buffer(width), sheet.film))
    plain = shapely.simplify(openings, _PLAIN_MM)
    strip = plain.buffer(width, quad_segs=4)
    inside = shapely.contains_properly(sheet.outline, strip)
    area = float(strip.area - openings.area if inside else within(strip, sheet.film).area)
    risks = [*_corners(plain), *_webs(sheet, limits), *_strains(sheet, plain, film_limit)]
    found = sorted(risks, key=lambda risk: -risk.score)
    return Seal(float(sheet.seen.length), max(0.0, area), _spaced(found))


def _corners(openings: BaseGeometry) -> Iterator[Risk]:
    """Corners of film sharper than 60 degrees, along openings without finer detail."""
    edges = edges_of(openings)
    last = np.diff(edges.ring, append=-1) != 0                 # of its ring: the ring's first follows it
    follow = np.where(last, np.searchsorted(edges.ring, edges.ring), np.arange(1, len(last) + 1))
    before, after = edges.steps, edges.steps[follow]
    long = (edges.lengths > _ARM_MM) & (edges.lengths[follow] > _ARM_MM)
    turn = np.arctan2(before[:, 0] * after[:, 1] - before[:, 1] * after[:, 0], (before * after).sum(axis=1))
    film = pi + turn                                           # openings lie to the left, so film has the rest
    for at in np.flatnonzero(long & (film < _ACUTE)):
        x, y = edges.end[at].tolist()
        yield Risk("corner", (x, y), 0.4 + 0.6 * (1 - float(film[at]) / _ACUTE),
                   tr("a film corner of {degrees:.0f}°", degrees=degrees(film[at])))


def _webs(sheet: Sheet, limits: Limits) -> Iterator[Risk]:
    for fault in sheet.cutting.faults(limits):
        if fault.kind in ("web", "near", "needle") and fault.grave:
            yield Risk("web", fault.where, 1.0 - 0.5 * fault.value / fault.limit,
                       Says("film {value} wide", value=Length(fault.value, 2)))


def _strains(sheet: Sheet, openings: BaseGeometry, limit: float) -> Iterator[Risk]:
    """Places along the openings where film gives more than half of what it takes."""
    if not sheet.fitted.curved:
        return
    spots = shapely.get_coordinates(openings)
    for film, cover in zip(sheet.films, sheet.covers, strict=True):
        if film.pressed is None:
            continue
        own: Points = spots[shapely.contains_xy(cover, *spots.T)]
        if not len(own):
            continue
        strains = film.pressed.at(film.flat.undevelop(sheet.fitted.chart.flipped(own)) - [film.middle, 0.0])
        share = np.abs(strains).max(axis=1) / limit
        for at in np.flatnonzero(share > _STRAIN_SHARE):
            x, y = own[at].tolist()
            yield Risk("strain", (x, y), 1.0 - 0.3 ** float(share[at]),
                       tr("film gives {share:.1f} %", share=100 * share[at] * limit))


def _spaced(risks: list[Risk]) -> tuple[Risk, ...]:
    """The worst, none too near a worse one."""
    kept: list[Risk] = []
    for risk in risks:
        if len(kept) == _MOST:
            break
        if all((risk.where[0] - other.where[0]) ** 2 + (risk.where[1] - other.where[1]) ** 2 > _APART_MM**2
               for other in kept):
            kept.append(risk)
    return tuple(kept)
