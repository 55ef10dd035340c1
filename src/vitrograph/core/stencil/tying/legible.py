"""On which side of an island a tie leaves its letter the most like itself.

A tie opens the stroke round an island, and a letter opened at the wrong place is another: a b without its foot is an h,
an e without its bar a c, an a open above a u. What keeps letters apart was found by a general text recogniser over
words in the shipped faces (tests/stencil/test_legible.py); common practice, no published source.
"""

from typing import Literal

import numpy as np
import shapely
from numpy.typing import NDArray
from shapely.geometry import LineString, Polygon, box

from vitrograph.core.geometry import Points, distinct

Side = Literal["below", "above", "left", "right"]
SIDES: tuple[Side, ...] = ("below", "above", "left", "right")

_WAYS: dict[str, tuple[float, float]] = {
    "below": (0.0, -1.0), "above": (0.0, 1.0), "left": (-1.0, 0.0), "right": (1.0, 0.0)}
_BAR, _BESIDE, _AWAY, _ABOVE = 1.0, 0.8, 0.5, 0.1      # what counts against a side, the more the worse
_LOW, _HIGH = 0.46, 0.55           # of a letter's height: where an island's middle is, if a stem stands beyond it
_STEM = 1.5                        # strokes: how far beside an island its letter reaches, where others are joined to it
_CLEAR, _INK = 0.03, 0.02          # of a letter's height: how far beyond a stroke, and how much, other ink tells


def legible_sides(
    island: Polygon, letter: Polygon, sides: NDArray[np.str_], middles: Points, lengths: NDArray[np.float64]
) -> tuple[set[str], bool]:
    """Of the sides on which an island may be tied, those that leave its letter the most legible; whether it stays one.

    `letter` is the opening round the island; `sides`, (n, 2) `middles` and `lengths` are those of its crossings, mm.
    """
    against = {side: _against(side, island, letter, middles[sides == side], float(lengths[sides == side].min()))
               for side in distinct(sides).tolist()}
    least = min(against.values())
    return {side for side, counts in against.items() if counts <= least + 1e-9}, least < _BESIDE


def _against(side: str, island: Polygon, letter: Polygon, middles: Points, length: float) -> float:
    """What counts against a side: a bar is cut there, with ink beyond it; a side; or the end away from a stem."""
    low, high = _stands(island, letter, length)
    tall, middle = high - low, np.array(island.envelope.centroid.coords[0])
    upright = side in ("below", "above")
    start = middles[np.abs(middles - middle)[:, 0 if upright else 1].argmin()]
    way = np.array(_WAYS[side])
    beyond = LineString([start + way * (length / 2 + _CLEAR * tall), start + way * 2 * tall])
    bar = letter.intersection(beyond).length > _INK * tall
    rise = (middle[1] - low) / tall
    away = (side == "below" and rise < _LOW) or (side == "above" and rise > _HIGH)
    return float(_BAR * bar + _BESIDE * (not upright) + _AWAY * away + _ABOVE * (side == "above"))


def _stands(island: Polygon, letter: Polygon, length: float) -> tuple[float, float]:
    """From where to where a letter stands: of joined script only what is about the island, its stem among it."""
    _, low, _, high = letter.bounds
    own_left, _, own_right, _ = island.bounds
    beside = _STEM * length
    about = letter.intersection(box(own_left - beside, low, own_right + beside, high))
    return (about.bounds[1], about.bounds[3]) if not about.is_empty else (low, high)


def letter_round(island: Polygon, openings: NDArray[np.object_], tree: shapely.STRtree) -> Polygon | None:
    """The largest opening that touches an island; None where none does."""
    touching = openings[tree.query(island, predicate="dwithin", distance=1e-3)]
    return max(touching, key=lambda part: float(part.area), default=None)
