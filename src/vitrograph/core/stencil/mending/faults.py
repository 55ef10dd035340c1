"""Faults of film and openings alone, measured: what would tear, lift, leak, fill badly, get lost or not be seen.

Limits are common practice, no published source. Film is told by the openings in it: it lies between their parts.
"""

from collections.abc import Iterator, Sequence
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon, Point, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.job import StencilChoices
from vitrograph.core.widths import Thin

FaultKind = Literal["web", "near", "opening", "needle", "speck", "island"]

_SHORT = 5.0                       # limits: openings nearly touch along no more than that
_SPECK = 4.0                       # limits: a part no longer than that, and nowhere as wide as the limit, is a speck
_CIRCLE = 0.02                     # of the limit: how near the widest circle in a part is found
_SLACK_MM = 0.004                  # by which a width may miss its limit: outlines are told no finer


class Limits(Struct, frozen=True):
    """Least widths of webs and openings, mm, and the least island a finger can press down, mm²."""

    web: float = 0.8
    opening: float = 0.8
    island: float = 3.0

    @classmethod
    def of(cls, choices: StencilChoices) -> "Limits":
        """The limits a job sets."""
        return cls(choices.least_web, choices.least_opening, choices.least_island)

    def over(self, factor: float) -> "Limits":
        """The limits of art that is to be made larger by a factor, as they are before."""
        return Limits(self.web / factor, self.opening / factor, self.island / factor**2)


class Fault(Struct, frozen=True, eq=False):
    """One fault: its kind, its place, its width (an island's area, mm²) and the limit of that, mm.

    `thin` is how it runs along the axis, where it does; `part` the speck or island that it is. A fault that is not
    `grave` calls for care only.
    """

    kind: FaultKind
    where: tuple[float, float]
    value: float
    limit: float
    length: float = 0.0
    thin: Thin | None = None
    part: Polygon | None = None
    grave: bool = True

    @property
    def shape(self) -> BaseGeometry:
        """Where it is: the axis of a thin place, a speck or an island itself."""
        return self.thin.line if self.thin is not None else self.part if self.part is not None else Point(self.where)

    @property
    def alone(self) -> bool:
        """Whether all of a part of film, or of an opening, is thin."""
        return self.thin is not None and self.thin.kind == "alone"


def faults_of(
    openings: MultiPolygon, islands: NDArray[np.object_], places: Sequence[Thin], limits: Limits
) -> list[Fault]:
    """All faults of openings and of the film between them; `islands` is the film they surround, `places` are thin."""
    specks = list(_specks(shapely.get_parts(openings), limits.opening))
    lost = list(_islands(islands, limits))
    small = shapely.STRtree([fault.part for fault in (*specks, *lost) if fault.part is not None and fault.grave])
    thin = [_thin_fault(place, limits) for place in places]
    if len(small) and thin:
        spots = shapely.points([fault.where for fault in thin])
        told = set(small.query(spots, predicate="dwithin", distance=1e-6)[0].tolist())
        thin = [fault for at, fault in enumerate(thin) if at not in told or not fault.alone]
    return [fault for fault in (*thin, *specks, *lost) if fault.value < fault.limit - _SLACK_MM]


def _thin_fault(place: Thin, limits: Limits) -> Fault:
    limit = limits.opening if place.inside else limits.web
    kind: FaultKind = "opening" if place.inside else "web"
    if place.kind == "tip":
        kind = "needle"
    elif not place.inside and place.kind == "neck" and place.rings[0] != place.rings[1] and (
            place.length <= _SHORT * limit):
        kind = "near"
    # a frosted tip that runs out to nothing is a fine point: it is told of, and there is nothing to mend
    return Fault(kind, place.where, place.width, limit, place.length, place,
                 grave=not (kind == "needle" and place.inside))


def _specks(parts: NDArray[np.object_], limit: float) -> Iterator[Fault]:
    """Openings so small that cream hardly gets in, and nobody sees them."""
    for part in _small(parts, limit):
        where, width, length = _widest(part, limit)
        if width < limit:
            yield Fault("speck", where, width, limit, length, part=part)


def _islands(islands: NDArray[np.object_], limits: Limits) -> Iterator[Fault]:
    """Islands that get lost: nowhere as wide as a web must be, or with too little for a finger to press down."""
    small = islands[shapely.area(islands) < limits.island] if len(islands) else islands
    for part in (*small, *_small(islands[shapely.area(islands) >= limits.island] if len(islands) else islands,
                                 limits.web)):
        where, width, length = _widest(part, limits.web)
        grave = width < limits.web - _SLACK_MM
        if grave:
            yield Fault("island", where, width, limits.web, length, part=part)
        elif part.area < limits.island:
            yield Fault("island", where, float(part.area), limits.island, length, part=part, grave=False)


def _small(parts: NDArray[np.object_], limit: float) -> NDArray[np.object_]:
    """Parts no larger than a speck may be; area over half the outline tells most that are wide enough."""
    if not len(parts):
        return parts
    left, low, right, high = shapely.bounds(parts).T
    within = np.maximum(right - left, high - low) <= _SPECK * limit
    return np.asarray(parts[within & (2 * shapely.area(parts) < limit * shapely.length(parts))])


def _widest(part: Polygon, limit: float) -> tuple[tuple[float, float], float, float]:
    """Middle and width of the widest circle in a part, and the long side of its box."""
    circle = shapely.maximum_inscribed_circle(part, tolerance=_CIRCLE * limit)
    x, y = shapely.get_coordinates(circle)[0].tolist()
    left, low, right, high = part.bounds
    return (x, y), 2 * float(circle.length), max(right - left, high - low)
