"""Checks of a measured glass against something else: the other height, and the water it holds.

Each answers in numbers and one sentence. What a tool may be off by is common practice, no published source.
"""

from math import hypot, pi

import msgspec
import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.glass.inside import WATER_G_PER_ML, inside_of
from vitrograph.core.glass.measure import frustum_of, wall_of
from vitrograph.core.glass.walls import Frustum
from vitrograph.core.job import Glass, TaperedGlass, Tools
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says


class HeightCheck(Struct, frozen=True):
    """The other height a taper should have, how far the reading is off it, and what believing it would do.

    `rim_shift` is how far the ends of a full wrap's rim would move on the sheet, mm.
    """

    expected: float
    difference: float
    agrees: bool
    rim_shift: float
    says: Says


def check_heights(glass: TaperedGlass, other: float, tools: Tools) -> HeightCheck:
    """Hold the other height (slant where the upright is known, and the other way round) against the readings.

    Raises GlassError where a height is impossible for these girths.
    """
    wall = frustum_of(glass)
    by_upright = glass.height_is == "upright"
    expected = wall.slant if by_upright else wall.upright
    believed = frustum_of(msgspec.structs.replace(glass, height=other, height_is="slant" if by_upright else "upright"))
    difference = other - expected
    agrees = abs(difference) <= 2 * hypot(tools.ruler_error, tools.tape_error)
    shift = _rim_shift(wall, believed)
    return HeightCheck(expected, difference, agrees, shift, _height_words(glass, other, expected, agrees, shift, tools))


def _height_words(
    glass: TaperedGlass, other: float, expected: float, agrees: bool, shift: float, tools: Tools
) -> Says:
    known, asked = tr("upright", "a height"), tr("slant", "a height")
    if glass.height_is == "slant":
        known, asked = asked, known
    if agrees:
        return Says("the two heights agree: the {asked} should be {expected}", asked=asked, expected=Length(expected))
    if abs(other - glass.height) <= tools.ruler_error < abs(expected - glass.height):
        suspect = tr("both readings are the same length, so both were taken {known}, or both {asked}", known=known,
                     asked=asked)
    else:
        suspect = tr("the slant is the likelier to be wrong, since a tape slips on a wall")
    return Says("the {asked} should be {expected}, got {other}: {suspect}; believing it would move the ends of the "
                "rim by {shift}", asked=asked, expected=Length(expected), other=Length(other), suspect=suspect,
                shift=Length(shift))


def _rim_shift(one: Frustum, other: Frustum) -> float:
    ends = [wall.sheeting().develop(np.array([[pi, wall.slant], [0.0, wall.slant]])) for wall in (one, other)]
    moved = (ends[0][0] - ends[0][1]) - (ends[1][0] - ends[1][1])
    return float(np.hypot(*moved))


class WaterCheck(Struct, frozen=True):
    """Grams of water the inside should hold to the brim, and the error of all diameters that explains what it held."""

    expected_g: float
    difference_g: float
    diameter_error: float
    says: Says


def check_water(glass: Glass, wall_mm: float, bottom_mm: float, grams: float, tools: Tools) -> WaterCheck:
    """Hold the water a glass takes to the brim against its readings and its thicknesses, in mm.

    The inside is the outside profile less the wall, from the bottom's thickness up. Raises GlassError where the glass
    is flat, where a thickness is not known, or where nothing is left of the inside.
    """
    if grams <= 0:
        raise GlassError(tr("the weight of the water must be more than 0, got {grams:g} g", grams=grams))
    inside = inside_of(wall_of(glass), wall_mm, bottom_mm)
    expected = inside.volume / 1000 * WATER_G_PER_ML
    # widening every diameter by d adds side * d/2 of volume, to first order
    error = (grams - expected) / WATER_G_PER_ML * 1000 / inside.side * 2
    way = tr("larger") if error > 0 else tr("smaller")
    off = tr("agrees with the readings") if abs(error) <= tools.ruler_error else Says(
        "speaks for diameters {error} {way}", error=Length(abs(error), 2), way=way)
    says = Says("it should hold {expected} g; {grams} g {off}", expected=f"{expected:.0f}", grams=f"{grams:.0f}",
                off=off)
    return WaterCheck(expected, grams - expected, error, says)
