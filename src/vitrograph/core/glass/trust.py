"""How far a measured glass can be trusted: each reading's error, carried to the stencil.

First-order propagation (JCGM 100:2008, section 5.1.2): each reading is moved by its error, the change this makes is
taken, and independent changes add as squares. The errors of the tools are common practice, no published source.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from functools import lru_cache
from math import hypot, pi

import msgspec
import numpy as np

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points
from vitrograph.core.glass.measure import wall_of
from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Glass, ToolName, Tools

TOOL_ERRORS: dict[ToolName, float] = {"ruler": 0.5, "tape": 1.0, "calipers": 0.05}
"""What one reading may be off by, in mm."""


@dataclass(frozen=True, slots=True)
class Trust:
    """The error to expect, in mm, at the stencil's worst corner and where a full wrap closes.

    `repeat` names the reading that does most of it, worth taking again with a better tool.
    """

    corner: float
    closing: float
    repeat: str


@lru_cache(maxsize=32)             # the card asks at every change of the results, most of which leave the glass alone
def trust_in(glass: Glass, tools: Tools, width: float, height: float, s0: float) -> Trust:
    """Carry the readings' errors to a stencil of width by height mm whose middle lies at s0 along the wall.

    Raises GlassError where the readings describe no glass.
    """
    here, girth_here = _corners(glass, width, height, s0)
    corner, closing, worst = 0.0, 0.0, (0.0, "")
    for name, moved in _moved_readings(glass, tools):
        try:
            there, girth_there = _corners(moved, width, height, s0)
        except GlassError:
            continue                                          # this reading cannot be off that way
        shift = float(np.hypot(*(there - here).T).max())
        corner, closing = hypot(corner, shift), hypot(closing, girth_there - girth_here)
        worst = max(worst, (shift + abs(girth_there - girth_here), name))
    return Trust(corner, closing, worst[1])


def _moved_readings(glass: Glass, tools: Tools) -> Iterator[tuple[str, Glass]]:
    """The glass with one reading after another moved by its tool's error."""
    girth, height = TOOL_ERRORS[tools.girth], TOOL_ERRORS[tools.height]
    if isinstance(glass, CurvedGlass):
        for number, (z, around) in enumerate(glass.stations):
            before, after = glass.stations[:number], glass.stations[number + 1:]
            yield f"the girth at station {number + 1}", msgspec.structs.replace(
                glass, stations=(*before, (z, around + girth), *after))
            yield f"the height of station {number + 1}", msgspec.structs.replace(
                glass, stations=(*before, (z + height, around), *after))
    elif isinstance(glass, BallGlass):
        yield "the diameter", msgspec.structs.replace(glass, diameter=glass.diameter + girth)
    elif not isinstance(glass, FlatGlass):
        for name in ("rim", "base"):
            if hasattr(glass, name):
                yield f"the {name}", msgspec.structs.replace(glass, **{name: getattr(glass, name) + girth})
        yield "the height", msgspec.structs.replace(glass, height=glass.height + height)


def _corners(glass: Glass, width: float, height: float, s0: float) -> tuple[Points, float]:
    """Sheet places of the stencil's corners about its own middle, and the way round at the middle, mm."""
    wall = wall_of(glass)
    flat = wall.sheeting(s0 - height / 2, s0 + height / 2)
    scale = float(wall.scale(np.array([s0]))[0])
    half = width / 2 / scale
    points = np.array([[u, s0 + side * height / 2] for u in (-half, half) for side in (-1, 1)] + [[0.0, s0]])
    sheet = flat.develop(points)
    return sheet[:-1] - sheet[-1], (2 * pi * scale if wall.closed else 0.0)
