"""A set of nominally equal glasses, several of them measured: their mean, and whether one stencil fits all.

Each glass is held against the mean: how far its own stencil's corners lie from the common one's, and by how much a
full wrap would miss. The limits are common practice, no published source.
"""

from collections.abc import Sequence
from statistics import fmean

import msgspec
import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.glass.trust import stencil_corners
from vitrograph.core.job import CurvedGlass, Glass
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says

_DIGITS = 6                        # a mean is compared with what was typed
CORNER_LIMIT_MM = 0.8              # a motif off by more sits visibly askew or wrinkles
CLOSING_LIMIT_MM = 1.5             # a wrap whose ends miss by more shows at the seam


class SetCheck(Struct, frozen=True):
    """The worst glass (from 1), how far its stencil's corners and its closing lie from the mean glass's, mm."""

    worst: int
    corner: float
    closing: float
    motif_fits: bool
    wrap_fits: bool
    says: Says


def mean_glass(glasses: Sequence[Glass]) -> Glass:
    """The glass whose every reading is the mean of the glasses'.

    Raises GlassError where they are not alike: another kind, another way of measuring, other stations.
    """
    first = glasses[0]
    if any(_pattern(glass) != _pattern(first) for glass in glasses):
        raise GlassError(tr("the measured glasses are not alike: measure each the same way, at the same stations"))
    means: dict[str, object] = {}
    for name in first.__struct_fields__:
        values = [getattr(glass, name) for glass in glasses]
        if isinstance(values[0], float | int):
            means[name] = round(fmean(values), _DIGITS)
        elif name == "stations":
            means[name] = tuple((stop[0][0], round(fmean(girth for _, girth in stop), _DIGITS))
                                for stop in zip(*values, strict=True))
    return msgspec.structs.replace(first, **means)


def check_set(glasses: Sequence[Glass], width: float, height: float, s0: float) -> SetCheck:
    """Whether a stencil of width by height mm whose middle lies at s0, made for the mean, fits every glass.

    Raises GlassError where the pieces are not alike, or one is no glass.
    """
    common, common_round = stencil_corners(mean_glass(glasses), width, height, s0)
    shifts, misses = [], []
    for glass in glasses:
        own, own_round = stencil_corners(glass, width, height, s0)
        shifts.append(float(np.hypot(*(own - common).T).max()))
        misses.append(abs(own_round - common_round))
    corner, closing = max(shifts), max(misses)
    motif_fits, wrap_fits = corner <= CORNER_LIMIT_MM, closing <= CLOSING_LIMIT_MM
    worst = (shifts.index(corner) if not motif_fits else misses.index(closing)) + 1
    return SetCheck(worst, corner, closing, motif_fits, wrap_fits, _words(len(glasses), worst, corner, closing))


def _words(count: int, worst: int, corner: float, closing: float) -> Says:
    if corner > CORNER_LIMIT_MM:
        return Says("one stencil does not fit all {count}: glass {worst} moves its corner by {corner}; sort them, "
                    "or cut one for it alone", count=count, worst=worst, corner=Length(corner, 2))
    if closing > CLOSING_LIMIT_MM:
        return Says("one stencil fits all {count} as a motif (corner within {corner}); a full wrap would miss by "
                    "{closing} on glass {worst}", count=count, corner=Length(corner, 2), closing=Length(closing),
                    worst=worst)
    return Says("one stencil fits all {count}: its corner moves by no more than {corner}", count=count,
                corner=Length(corner, 2))


def _pattern(glass: Glass) -> tuple[object, ...]:
    heights = tuple(z for z, _ in glass.stations) if isinstance(glass, CurvedGlass) else ()
    chosen = tuple(getattr(glass, name, None) for name in ("girth", "height_is", "joined", "outline"))
    return (glass.kind, *chosen, heights)
