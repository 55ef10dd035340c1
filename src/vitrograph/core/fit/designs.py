"""What is looked at by itself: designs so far round from each other that their films stand apart."""

from collections.abc import Sequence

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiPolygon

from vitrograph.core.fit.chart import Chart
from vitrograph.core.fit.films import Film
from vitrograph.core.geometry import distinct, multipolygon


class Design(Struct, frozen=True, eq=False):
    """Art in mm about the middle of all of it, and from where to where round the glass it goes (u), radians.

    `films` are the numbers of those that carry it, from 0.
    """

    art: MultiPolygon
    low: float
    high: float
    films: tuple[int, ...]

    @property
    def middle(self) -> float:
        """Where its middle stands round the glass."""
        return (self.low + self.high) / 2

    @property
    def turn(self) -> float:
        """How far round it goes."""
        return self.high - self.low

    def is_before(self, angle: float) -> bool:
        """Whether the place at an angle round the glass is on it."""
        return self.low <= angle <= self.high


def designs_of(
    art: MultiPolygon, chart: Chart, films: Sequence[Film], whole: tuple[float, float]
) -> tuple[Design, ...]:
    """The designs of an art, from left to right; `whole` is from where to where all of it goes.

    Films that lap, or lie one above the other, carry one design.
    """
    bands = sorted((film.band.u_low, film.band.u_high) for film in films)
    begins, reached = [], -np.inf
    for low, high in bands:
        if low > reached:
            begins.append(low)
        reached = max(reached, high)
    if len(begins) == 1:
        return (Design(art, *whole, tuple(range(len(films)))),)
    parts = shapely.get_parts(art)
    boxes = shapely.bounds(parts)
    middles = chart.to_wall((boxes[:, :2] + boxes[:, 2:]) / 2)[:, 0] - chart.u0
    of_part = np.searchsorted(begins, middles, side="right")
    of_film = np.searchsorted(begins, [film.band.u_low for film in films], side="right")
    made = []
    for number in distinct(of_part):
        group = multipolygon(parts[of_part == number])
        turns = chart.to_wall(shapely.get_coordinates(group))[:, 0]
        made.append(Design(group, float(turns.min()), float(turns.max()), tuple(np.flatnonzero(of_film == number))))
    return tuple(made)
