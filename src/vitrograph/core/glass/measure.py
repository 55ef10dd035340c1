"""From the maker's readings to a wall: diameters or circumferences, and the height as upright or slant."""

from itertools import pairwise
from math import pi
from typing import Literal

import numpy as np

from vitrograph.core.errors import GlassError
from vitrograph.core.glass.turned import Ball, TurnedWall, Values
from vitrograph.core.glass.walls import Frustum, Pane, Wall, slant_of
from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Girth, Glass, StraightGlass, TaperedGlass
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says

_ROUNDS, _CLOSE_MM = 200, 1e-6


def wall_of(glass: Glass) -> Wall:
    """Build the wall that the readings describe.

    Raises GlassError where no glass can have them: a slant not longer than half the difference of the diameters,
    stations too few, out of order or doubled, a frame that hides all of a pane.
    """
    if isinstance(glass, FlatGlass):
        return _pane(glass)
    if isinstance(glass, BallGlass):
        return Ball(glass.diameter / 2, glass.stem)
    if isinstance(glass, CurvedGlass):
        return _turned(glass)
    rim = radius_of(glass.rim, glass.girth)
    if isinstance(glass, StraightGlass):
        return Frustum(rim, rim, glass.height, glass.stem)
    base = radius_of(glass.base, glass.girth)
    if glass.height_is == "upright":
        return Frustum(base, rim, slant_of(glass.height, base, rim), glass.stem)
    gain = abs(rim - base)
    if glass.height <= gain:
        raise GlassError(
            Says("a slant of {height} cannot join these girths: it must be more than half the difference of the "
                 "diameters, {gain}; measure the slant along the wall again", height=Length(glass.height),
                 gain=Length(gain))
        )
    return Frustum(base, rim, glass.height, glass.stem)


def frustum_of(glass: StraightGlass | TaperedGlass) -> Frustum:
    """The wall of a straight or tapered glass. Raises GlassError as `wall_of`."""
    wall = wall_of(glass)
    assert isinstance(wall, Frustum)
    return wall


def _pane(glass: FlatGlass) -> Pane:
    """What the frame leaves to be seen: the film cannot lie under its rebate."""
    width, height = glass.width - 2 * glass.frame, glass.height - 2 * glass.frame
    if min(width, height) <= 0:
        raise GlassError(Says("a frame that hides {frame} all round leaves nothing of this pane: measure the hidden "
                              "edge again", frame=Length(glass.frame)))
    return Pane(width, height, glass.outline == "oval")


def _turned(glass: CurvedGlass) -> TurnedWall:
    if len(glass.stations) < 2:
        raise GlassError(tr("a curved wall needs at least two stations, got {stations}", stations=len(glass.stations)))
    for (below, _), (above, _) in pairwise(glass.stations):
        if above == below:
            raise GlassError(Says("two stations stand at {above}: keep one of them", above=Length(above)))
        if above < below:
            raise GlassError(Says("the station at {above} comes after the one at {below}: list them from the base up",
                                  above=Length(above), below=Length(below)))
    foot = glass.stations[0][0]
    heights = np.array([height - foot for height, _ in glass.stations])
    radii = tuple(radius_of(girth, glass.girth) for _, girth in glass.stations)
    if glass.height_is == "slant":
        return _turned_along(heights, radii, glass.joined, foot)
    return TurnedWall(tuple(heights.tolist()), radii, glass.joined, foot)


def _turned_along(
    along: Values, radii: tuple[float, ...], joined: Literal["smooth", "parts"], foot: float
) -> TurnedWall:
    """The wall whose stations lie so far along it: upright heights by fixed-point steps from straight parts."""
    steps, gains = np.diff(along), np.abs(np.diff(radii))
    for number in np.flatnonzero(steps <= gains).tolist():
        raise GlassError(Says("{number} along the wall cannot join stations {number2} and {number3}: it must be more "
                              "than half the difference of their diameters, {number4}", number=Length(steps[number]),
                              number2=number + 1, number3=number + 2, number4=Length(gains[number])))
    rises = np.sqrt(steps**2 - gains**2)
    for _ in range(_ROUNDS):
        wall = TurnedWall((0.0, *np.cumsum(rises).tolist()), radii, joined, foot)
        lengths = np.diff(wall.along(np.array(wall.heights)))
        if np.abs(steps - lengths).max() < _CLOSE_MM:
            return wall
        # a part's length squared is its rise squared and nearly a constant; half-way there keeps the steps calm
        rises = (rises + np.sqrt(np.maximum(rises**2 + steps**2 - lengths**2, 1e-6))) / 2
    raise GlassError(tr("no smooth wall goes through stations so far along it: take more of them, or measure upright"))


def radius_of(reading: float, girth: Girth) -> float:
    """Radius in mm from a diameter, or from a circumference measured with a tape: d = c / pi.

    >>> radius_of(80.0, "diameter")
    40.0
    """
    return reading / 2 if girth == "diameter" else reading / (2 * pi)
