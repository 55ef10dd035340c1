"""Where the art stands: round the glass as asked or as a handle has it, and up the wall by the line that is held."""

from math import cos, pi, sin

import numpy as np
from msgspec.structs import replace

from vitrograph.core.errors import FitError
from vitrograph.core.fit.chart import Chart
from vitrograph.core.geometry import half_turn
from vitrograph.core.glass import Wall
from vitrograph.core.job import Features, Fit
from vitrograph.core.job.change import Put, put
from vitrograph.core.language import tr

_TURNS = 30                        # of a search for the middle's height; rows that keep their height need one
_CLOSE_MM = 1e-9


def angle_of(fit: Fit, features: Features) -> float:
    """The angle round the glass, radians, at which the artwork's upright middle line stands.

    A drinker who holds the handle in the right hand has it on the right; whoever looks at the outward side sees it on
    the left, and it lies a quarter turn to the left of the art there. Raises FitError where there is no such handle.
    """
    if fit.stand == "angle":
        return fit.angle
    handles = sorted(kept.angle for kept in features.keep_out if kept.what == "handle")
    if not handles:
        raise FitError(tr("this glass has no handle, so nothing can stand {where}: give it one at the glass station, "
                          "or place the art by an angle", where=_WORDS[fit.stand]))
    if fit.stand == "opposite handle":
        return half_turn(handles[0] + pi)
    if fit.stand == "between handles":
        return _between(handles)
    outward = 1 if (fit.stand == "facing others") == (fit.hand == "right") else -1
    return half_turn(handles[0] + outward * pi / 2)


_WORDS = {"opposite handle": tr("opposite it"), "between handles": tr("between two"),
          "facing others": tr("a quarter turn from it"), "facing drinker": tr("a quarter turn from it")}


def _between(handles: list[float]) -> float:
    """The middle of the widest stretch between handles; of two alike, the one nearer to the front."""
    after = [*handles[1:], handles[0] + 2 * pi]
    middles = [(round(b - a, 6), -abs(half_turn((a + b) / 2)), half_turn((a + b) / 2))
               for a, b in zip(handles, after, strict=True)]
    return max(middles)[2]


def middle_height(chart: Chart, fit: Fit, high: float, baseline: float) -> float:
    """The height s0 along the wall of the middle of art `high` mm tall, whose baseline is so far above its middle.

    `chart` is any lay of that art: only its wall, its way and its eye matter.
    """
    wall = chart.wall
    if fit.held == "top" and fit.from_rim is None:
        return wall.length / 2
    line = {"top": high / 2, "middle": 0.0, "baseline": baseline}[fit.held]
    if fit.held == "top":
        wanted = wall.length - float(fit.from_rim or 0.0)
    else:
        wanted = float(wall.along(np.array([fit.above_table - wall.stands]))[0])
    if fit.mode in ("rim", "straight") or not wall.closed:
        return wanted - line
    s0 = wanted - line
    for _ in range(_TURNS):
        reached = float(replace(chart, s0=s0, turn=0.0).way.to_wall(np.array([[0.0, line]]))[0, 1])
        s0 += wanted - reached
        if abs(wanted - reached) < _CLOSE_MM:
            break
    return s0


def rim_at(features: Features, angle: float) -> tuple[float, float]:
    """How much higher than its mean the rim stands at an angle, mm upright, and how it climbs there, mm a radian.

    A rim that is not level is taken for a level one that leans.
    """
    off = angle - features.rim_high
    return features.rim_rise / 2 * cos(off), -features.rim_rise / 2 * sin(off)


def moved_up(fit: Fit, wall: Wall, from_rim: float, by: float) -> tuple[Put, ...]:
    """The changes of a job that raise its art along the wall, mm; `from_rim` is where its top edge is now."""
    if fit.held == "top":
        return held_from_rim(from_rim - by)
    s = float(wall.along(np.array([fit.above_table - wall.stands]))[0]) + by
    return (put(lambda job: job.fit.above_table, float(wall.in_space(np.array([[0.0, s]]))[0, 2]) + wall.stands),)


def held_from_rim(from_rim: float | None) -> tuple[Put, ...]:
    """The changes that hold the art's top edge so far from the rim, or with None centre the art."""
    return put(lambda job: job.fit.held, "top"), put(lambda job: job.fit.from_rim, from_rim)


def moved_round(wall: Wall, angle: float, by: float) -> tuple[Put, ...]:
    """The changes that move art round a wall, or across a pane, from where it stands now."""
    if not wall.closed:
        return (put(lambda job: job.fit.across, round(angle + by, 4)),)
    return put(lambda job: job.fit.stand, "angle"), put(lambda job: job.fit.angle, half_turn(angle + by))
