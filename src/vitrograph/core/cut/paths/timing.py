"""How far the blade moves while it is up, and how long all its paths take."""

from collections.abc import Sequence
from math import hypot

from vitrograph.core.geometry import Points
from vitrograph.core.job import CutChoices

LIFT_SECONDS = 0.12                # raising or lowering the blade (common practice, no published source)


def travel_of(paths: Sequence[Points]) -> float:
    """Length moved with the blade up, from the origin to each of the paths and back to it, mm."""
    stops = [(0.0, 0.0), *((float(x), float(y)) for path in paths for x, y in (path[0], path[-1])), (0.0, 0.0)]
    return sum(hypot(b[0] - a[0], b[1] - a[1]) for a, b in zip(stops[::2], stops[1::2], strict=True))


def seconds_of(cut_mm: float, travel_mm: float, paths: int, choices: CutChoices) -> float:
    """How long it takes to cut and to travel so far, with a lift and a lowering for each path."""
    return cut_mm / choices.cut_speed + travel_mm / choices.travel_speed + 2 * LIFT_SECONDS * paths
