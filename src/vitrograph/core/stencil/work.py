"""The scale of the work: what is to be cut, weeded and pressed, and how hard that is, with the reasons.

The grade is common practice put in numbers, no published source: each measure counts 0, 1 or 2.
"""

from typing import Literal

import shapely
from msgspec import Struct

from vitrograph.core.language import tr
from vitrograph.core.says import Area, Length, Says
from vitrograph.core.stencil.mending.faults import Limits
from vitrograph.core.stencil.sheet import Sheet

Grade = Literal["easy", "fair", "fiddly", "hard"]

_GRADES: tuple[tuple[int, Grade], ...] = ((1, "easy"), (3, "fair"), (6, "fiddly"), (99, "hard"))
_PIECES, _ISLANDS, _EDGE_MM, _FAULTS = (25, 60), (8, 25), (1500.0, 4000.0), (1, 10)
_SMALLEST_MM2 = (4.0, 1.0)


class Work(Struct, frozen=True):
    """Counts of openings to pull, islands and ties; the edges' length, mm; areas, mm²; how hard it is, with reasons.

    `smallest` is the smallest opening and `at` its place; None where there is none.
    """

    openings: int
    islands: int
    ties: int
    edge: float
    frosted: float
    smallest: float
    at: tuple[float, float] | None
    failing: int
    grade: Grade
    reasons: tuple[Says | str, ...]


def work_of(sheet: Sheet, limits: Limits, film_limit: float) -> Work:
    """Measure the work of a sheet."""
    parts = shapely.get_parts(sheet.openings)
    areas = shapely.area(parts)
    smallest = float(areas.min()) if len(parts) else 0.0
    at = shapely.get_coordinates(shapely.point_on_surface(parts[areas.argmin()]))[0].tolist() if len(parts) else None
    failing = sum(fault.grave for fault in sheet.cutting.faults(limits))
    edge = float(sheet.openings.length)
    counts: tuple[tuple[int, Says | str], ...] = (
        (_of_two(len(parts), _PIECES), tr("{parts} openings to pull", parts=len(parts))),
        (_of_two(len(sheet.islands), _ISLANDS), tr("{islands} islands to keep in place", islands=len(sheet.islands))),
        (_of_two(edge, _EDGE_MM), Says("{edge} of edge to press down", edge=Length(edge, 0))),
        (_of_two(failing, _FAULTS), tr("{n} places too thin or too small", "{n} place too thin or too small",
                                       n=failing)),
        (_of_two(-smallest, (-_SMALLEST_MM2[0], -_SMALLEST_MM2[1])) if len(parts) else 0,
         Says("the smallest has {area}", area=Area(smallest))),
        (_of_two(sheet.fitted.strain_at_openings / film_limit, (1.0, 2.0)),
         tr("film gives {strain:.1f} % at the openings",
            strain=100 * sheet.fitted.strain_at_openings)),
    )
    total = sum(count for count, _ in counts)
    grade = next(name for most, name in _GRADES if total <= most)
    reasons = tuple(says for count, says in sorted(counts, key=lambda one: -one[0]) if count)
    return Work(len(parts), len(sheet.islands), len(sheet.ties), edge, float(sheet.frosted.area), smallest,
                None if at is None else (at[0], at[1]), failing, grade, reasons)


def _of_two(value: float, steps: tuple[float, float]) -> int:
    return sum(value >= step for step in steps)
