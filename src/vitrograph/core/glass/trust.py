"""How far a measured glass can be trusted: each reading's error, carried to the stencil.

First-order propagation (JCGM 100:2008, section 5.1.2): each reading is moved by its error, the change this makes is
taken, and independent changes add as squares. A place read several times has the error of its mean.
"""

from collections.abc import Iterator
from functools import lru_cache
from math import hypot, pi

import msgspec
import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points
from vitrograph.core.glass.measure import wall_of
from vitrograph.core.glass.readings import error_at, places_of
from vitrograph.core.job import CurvedGlass, FlatGlass, Glass, Tools
from vitrograph.core.language import tr


class Trust(Struct, frozen=True):
    """The error to expect, in mm, at the stencil's worst corner and where a full wrap closes.

    `repeat` names the reading that does most of it, worth taking again with a better tool; `shares` gives every
    reading's name, its own error, and what that alone does at the corner and at the closing.
    """

    corner: float
    closing: float
    repeat: str
    shares: tuple[tuple[str, float, float, float], ...] = ()


@lru_cache(maxsize=32)             # the card asks at every change of the results, most of which leave the glass alone
def trust_in(glass: Glass, tools: Tools, width: float, height: float, s0: float) -> Trust:
    """Carry the readings' errors to a stencil of width by height mm whose middle lies at s0 along the wall.

    Raises GlassError where the readings describe no glass.
    """
    here, girth_here = stencil_corners(glass, width, height, s0)
    shares = []
    for name, error, moved in _moved_readings(glass, tools):
        try:
            there, girth_there = stencil_corners(moved, width, height, s0)
        except GlassError:
            continue                                          # this reading cannot be off that way
        shares.append((name, error, float(np.hypot(*(there - here).T).max()), abs(girth_there - girth_here)))
    worst = max(shares, key=lambda share: share[2] + share[3], default=("", 0.0, 0.0, 0.0))
    return Trust(hypot(*(share[2] for share in shares)), hypot(*(share[3] for share in shares)), worst[0],
                 tuple(shares))


def _moved_readings(glass: Glass, tools: Tools) -> Iterator[tuple[str, float, Glass]]:
    """Each reading's name and error, and the glass with it moved by that."""
    if isinstance(glass, CurvedGlass):
        for number, (z, around) in enumerate(glass.stations):
            before, after = glass.stations[:number], glass.stations[number + 1:]
            error, height = error_at(glass, tools, f"station {number + 1}"), tools.error_of(tools.height)
            yield tr("the girth at station {number}", number=number + 1), error, msgspec.structs.replace(
                glass, stations=(*before, (z, around + error), *after))
            yield tr("the height of station {number}", number=number + 1), height, msgspec.structs.replace(
                glass, stations=(*before, (z + height, around), *after))
        return
    if isinstance(glass, FlatGlass):
        return                                                # a pane's size does not bend its stencil
    for name in places_of(glass):
        error = error_at(glass, tools, name)
        yield _THE[name], error, msgspec.structs.replace(glass, **{name: getattr(glass, name) + error})


_THE = {"rim": tr("the rim"), "base": tr("the base"), "height": tr("the height"), "diameter": tr("the diameter")}


def stencil_corners(glass: Glass, width: float, height: float, s0: float) -> tuple[Points, float]:
    """Sheet places of the stencil's corners about its own middle, and the way round at the middle, mm."""
    wall = wall_of(glass)
    flat = wall.sheeting(s0 - height / 2, s0 + height / 2)
    scale = float(wall.scale(np.array([s0]))[0])
    half = width / 2 / scale
    points = np.array([[u, s0 + side * height / 2] for u in (-half, half) for side in (-1, 1)] + [[0.0, s0]])
    sheet = flat.develop(points)
    return sheet[:-1] - sheet[-1], (2 * pi * scale if wall.closed else 0.0)
