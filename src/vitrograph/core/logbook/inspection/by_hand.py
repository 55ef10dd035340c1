"""What the eye sees and the program missed: a place of the photograph carried back to the sheet, and a fault there."""

from typing import TYPE_CHECKING

import numpy as np
import shapely
from shapely.geometry import Point

from vitrograph.core.geometry import Points
from vitrograph.core.logbook.inspection.judging import Fault, FaultKind

if TYPE_CHECKING:
    from vitrograph.core.logbook.inspection.inspecting import Inspection

_ROUND_MM = 15.0                   # round the design that can be pointed at
_PLACES = 90                       # each way, that are looked at for the nearest
_STEP_MM = 1e-3
_TURNS = 6
_NEAR_PX = 3.0                     # farther off the place pointed at is not on the wall that is seen
_LEAST_MM = 0.4                    # the smallest radius that is drawn round a place
_SIDES = 24

KINDS: tuple[FaultKind, ...] = ("leak", "drip", "void", "missed bit")
FILM_KINDS: tuple[FaultKind, ...] = ("not pulled", "came off")


def place_on_sheet(seen: "Inspection", x: float, y: float) -> tuple[float, float] | None:
    """The sheet place (mm) that a pixel of the photograph shows; None where that is no wall that can be seen.

    The nearest of a grid of places first, then Newton's steps on the way from the sheet to the picture.
    """
    left, low, right, high = seen.bounds
    grid = np.stack(np.meshgrid(np.linspace(left - _ROUND_MM, right + _ROUND_MM, _PLACES),
                                np.linspace(low - _ROUND_MM, high + _ROUND_MM, _PLACES)), axis=-1).reshape(-1, 2)
    off = np.where(_facing(seen, grid) > 0, np.linalg.norm(_pixels(seen, grid) - [x, y], axis=1), np.inf)
    if not np.isfinite(off).any():
        return None
    at = grid[int(np.argmin(off))]
    for _ in range(_TURNS):
        about = _pixels(seen, np.array([at, at + [_STEP_MM, 0.0], at + [0.0, _STEP_MM]]))
        slopes = (about[1:] - about[0]).T / _STEP_MM
        if abs(np.linalg.det(slopes)) < 1e-9:
            return None
        at = at + np.clip(np.linalg.solve(slopes, np.array([x, y]) - about[0]), -_ROUND_MM, _ROUND_MM)
    missed = float(np.linalg.norm(_pixels(seen, at[None])[0] - [x, y]))
    return (float(at[0]), float(at[1])) if missed < _NEAR_PX else None


def marked(seen: "Inspection", kind: FaultKind, middle: tuple[float, float], edge: tuple[float, float]) -> Fault | None:
    """A fault drawn by hand: its middle and a place of its edge, in pixels; None where they are not on the wall."""
    centre, outer = place_on_sheet(seen, *middle), place_on_sheet(seen, *edge)
    if centre is None or outer is None:
        return None
    radius = max(_LEAST_MM, float(np.hypot(outer[0] - centre[0], outer[1] - centre[1])))
    ring = Point(centre).buffer(radius, quad_segs=_SIDES)
    return Fault(kind, centre, float(shapely.area(ring)), ring, by_hand=True)


def _pixels(seen: "Inspection", sheet: Points) -> Points:
    pixels, _ = seen.registered.seat.seen(sheet, seen.registered.camera)
    return np.nan_to_num(pixels, nan=1e9, posinf=1e9, neginf=-1e9)


def _facing(seen: "Inspection", sheet: Points) -> Points:
    return np.nan_to_num(seen.registered.seat.seen(sheet, seen.registered.camera)[1], nan=-1.0)
