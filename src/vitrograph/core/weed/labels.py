"""Where numbers stand: beside what they mean, never on an opening, tied to it by a thin line."""

from collections.abc import Sequence

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import Points

_WAYS = 16
_STEPS = 14                        # distances that are tried, each half a label's height farther
_FREE = 0.25                       # of a label's height is left about it


class Label(Struct, frozen=True):
    """A label's middle, and the place on its bit that its line leads to, mm."""

    at: tuple[float, float]
    to: tuple[float, float]


def place_labels(spots: Points, sizes: Points, taken: Sequence[BaseGeometry]) -> tuple[Label | None, ...]:
    """Set labels of (n, 2) sizes beside (n, 2) spots, none over what is taken nor over one another.

    The nearest free place is used; None where there is none within reach.
    """
    tree = shapely.STRtree(list(taken))
    set_down: list[tuple[float, float, float, float]] = []
    labels: list[Label | None] = []
    turn = np.linspace(np.pi / 2, np.pi / 2 + 2 * np.pi, _WAYS, endpoint=False)
    around = np.column_stack([np.cos(turn), np.sin(turn)])
    for spot, size in zip(spots, sizes, strict=True):
        reach = size[1] * (1 + 0.5 * np.arange(_STEPS))
        rounds = (spot + around * far for far in reach)      # one at a time: a free place is found in the first mostly
        at = next((places[free[0]] for places in rounds if len(free := _free(places, size, tree, set_down))), None)
        if at is None:
            labels.append(None)
            continue
        set_down.append(_box(at, size))
        labels.append(Label((float(at[0]), float(at[1])), (float(spot[0]), float(spot[1]))))
    return tuple(labels)


def _box(at: Points, size: Points) -> tuple[float, float, float, float]:
    half = size / 2 + _FREE * size[1]
    return float(at[0] - half[0]), float(at[1] - half[1]), float(at[0] + half[0]), float(at[1] + half[1])


def _free(
    places: Points, size: Points, tree: shapely.STRtree, others: Sequence[tuple[float, float, float, float]]
) -> NDArray[np.intp]:
    """The numbers of places where a label covers nothing, in their order."""
    half = size / 2 + _FREE * size[1]
    low, high = places - half, places + half
    boxes = shapely.box(low[:, 0], low[:, 1], high[:, 0], high[:, 1])
    free = np.ones(len(places), dtype=bool)
    free[tree.query(boxes, predicate="intersects")[0]] = False
    if others:
        left, lower, right, upper = np.array(others).T
        across = (low[:, :1] < right) & (high[:, :1] > left)
        free &= ~(across & (low[:, 1:] < upper) & (high[:, 1:] > lower)).any(axis=1)
    return np.flatnonzero(free)
