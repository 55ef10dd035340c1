"""From the maker's readings to a wall: diameters or circumferences, and the height as upright or slant."""

from math import pi

from vitrograph.core.errors import GlassError
from vitrograph.core.glass.walls import Frustum, Pane, Wall, slant_of
from vitrograph.core.job import FlatGlass, Girth, Glass, StraightGlass
from vitrograph.core.units import format_length


def wall_of(glass: Glass) -> Wall:
    """Build the wall that the readings describe.

    Raises GlassError where no glass can have them: a slant not longer than half the difference of the diameters.
    """
    if isinstance(glass, FlatGlass):
        return Pane(glass.width, glass.height)
    rim = radius_of(glass.rim, glass.girth)
    if isinstance(glass, StraightGlass):
        return Frustum(rim, rim, glass.height)
    base = radius_of(glass.base, glass.girth)
    if glass.height_is == "upright":
        return Frustum(base, rim, slant_of(glass.height, base, rim))
    gain = abs(rim - base)
    if glass.height <= gain:
        raise GlassError(
            f"a slant of {format_length(glass.height)} cannot join these girths: it must be more than half the "
            f"difference of the diameters, {format_length(gain)}; measure the slant along the wall again"
        )
    return Frustum(base, rim, glass.height)


def radius_of(reading: float, girth: Girth) -> float:
    """Radius in mm from a diameter, or from a circumference measured with a tape: d = c / pi.

    >>> radius_of(80.0, "diameter")
    40.0
    """
    return reading / 2 if girth == "diameter" else reading / (2 * pi)
