"""What a drawing may hold at most: told before any overlay is begun, whose time and memory grow with the square of it.

The bounds are far beyond what a blade can cut on a glass, and small enough that the largest is answered in seconds.
"""

from collections.abc import Sequence

import numpy as np
import shapely

from vitrograph.core.artwork.vector.regions import LARGEST
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points, distinct
from vitrograph.core.language import tr

_MOST_OUTLINES = 8_000
_MOST_POINTS = 200_000
_MOST_POINTS_OF_ONE = 30_000
_MOST_CROSSINGS = 3_000
_SAMPLED = 40                      # edges of an outline that are looked at for crossings
_FEW = 1_000                       # points: an outline of no more is not looked at


class Tally:
    """Counts the outlines of one drawing."""

    def __init__(self) -> None:
        self._outlines = self._points = 0

    def take(self, lines: Sequence[Points]) -> None:
        """Count outlines in. Raises ArtworkError at the one that is too many."""
        self._outlines += len(lines)
        self._points += sum(map(len, lines))
        longest = max(map(len, lines), default=0)
        for line in lines:
            refuse_beyond(line)
        refuse_many(self._outlines)
        if self._points > _MOST_POINTS or longest > _MOST_POINTS_OF_ONE:
            most = _MOST_POINTS_OF_ONE if longest > _MOST_POINTS_OF_ONE else _MOST_POINTS
            where = tr("an outline of the drawing") if longest > _MOST_POINTS_OF_ONE else tr("the drawing")
            raise ArtworkError(tr("{where} has more than {most} points: simplify it first", where=where, most=most))
        if sum(map(len, lines)) > _FEW and crossings(lines) > _MOST_CROSSINGS:
            raise ArtworkError(tr("an outline of the drawing crosses itself more than {most} times: "
                                  "simplify it, or trace a picture of it", most=_MOST_CROSSINGS))


def refuse_beyond(numbers: Points) -> None:
    """Refuse places, or a matrix on its way to the page, with numbers that no page has. Raises ArtworkError."""
    if not np.isfinite(numbers).all() or np.abs(numbers).max(initial=0.0) > LARGEST:
        raise ArtworkError(tr("the drawing holds numbers beyond any page: save it again at its real size"))


def refuse_many(outlines: int) -> None:
    """Refuse a drawing of so many outlines, or parts of which each has at least one. Raises ArtworkError."""
    if outlines > _MOST_OUTLINES:
        raise ArtworkError(tr("the drawing has more than {most} outlines: leave out the smallest, or trace a "
                              "picture of it", most=_MOST_OUTLINES))


def crossings(lines: Sequence[Points]) -> float:
    """About how often (n, 2) outlines cross themselves and each other, told from some of their edges."""
    ends = np.concatenate([np.stack([line[:-1], line[1:]], axis=1) for line in lines if len(line) > 1])
    edges = shapely.linestrings(ends)
    some = distinct(np.linspace(0, len(edges) - 1, _SAMPLED).astype(int))
    hits, _ = shapely.STRtree(edges).query(edges[some], predicate="crosses")
    return len(hits) / len(some) * len(edges) / 2
