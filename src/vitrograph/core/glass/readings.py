"""Several readings of one place: their mean, spread and out-of-round, and what a tape's thickness adds.

The standard uncertainty of a mean is s / sqrt(n) (JCGM 100:2008, 4.2.3), held to no less than the tool's own error
over sqrt(n). A tape measures along its middle: round a true diameter D a tape t thick reads pi (D + t).
"""

import re
from collections.abc import Sequence
from math import pi, sqrt
from statistics import fmean, stdev

import msgspec
from msgspec import Struct

from vitrograph.core.errors import GlassError, LengthError
from vitrograph.core.job import CurvedGlass, Girth, Glass, Taken, Tools
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.units import Unit, parse_length

_SUSPECT = 2.5                     # a reading this many spreads from the others' mean was likely misread


class Reading(Struct, frozen=True):
    """What several readings of one place say, mm: `spread` is largest less smallest, `error` the mean's own.

    `odd` is a reading that stands apart from the others.
    """

    mean: float
    spread: float
    error: float
    count: int
    says: Says | str
    odd: float | None = None


def parse_readings(text: str, unit: Unit = "mm") -> tuple[float, ...]:
    """Read lengths a line each, or parted by semicolons. Raises LengthError, naming the line.

    >>> parse_readings("86.1; 86,3\\n3 3/8 in")
    (86.1, 86.3, 85.725)
    """
    lines = [line for line in re.split(r"[;\n]", text) if line.strip()]
    if not lines:
        raise LengthError(tr("no reading yet: type one a line, such as 86.2 or 3 3/8 in"))
    values = []
    for number, line in enumerate(lines, start=1):
        try:
            values.append(parse_length(line, unit))
        except LengthError as error:
            raise LengthError(tr("reading {number}: {error}", number=number, error=error)) from None
        if values[-1] <= 0:
            raise LengthError(tr("reading {number}: a length must be more than 0, got {line}", number=number,
                                 line=line.strip()[:20]))
    return tuple(values)


def weigh_readings(readings: Sequence[float], tool_error: float, girth: Girth | None, tape: float = 0.0) -> Reading:
    """Mean, spread and error of readings; for a circumference by tape, the tape's thickness is taken off.

    `girth` is None for a height. Raises GlassError where the tool is larger than what it measured.
    """
    around = pi * tape if girth == "circumference" else 0.0
    mean, spread = fmean(readings) - around, max(readings) - min(readings)
    if mean <= max(2 * tool_error, 0.0):
        raise GlassError(Says("{mean} is narrower than this tool can tell: use calipers",
                              mean=Length(max(mean, 0.0), 2)))
    scatter = stdev(readings) if len(readings) > 1 else 0.0
    error = max(scatter, tool_error) / sqrt(len(readings))
    odd = _odd_one(readings, tool_error)
    return Reading(mean, spread, error, len(readings), _words(readings, spread, tool_error, girth, odd), odd)


def places_of(glass: Glass) -> tuple[str, ...]:
    """The places of a glass where a reading is taken, in the order of the work."""
    if isinstance(glass, CurvedGlass):
        return tuple(f"station {number + 1}" for number in range(len(glass.stations)))
    return {"flat": ("width", "height"), "straight": ("rim", "height"), "taper": ("rim", "base", "height"),
            "ball": ("diameter",)}[glass.kind]


def place_words(place: str) -> str:
    """A place of reading as it is told.

    >>> place_words("rim"), place_words("station 2")
    ('rim', 'station 2')
    """
    what, _, number = place.partition(" ")
    return tr("station {number}", number=number) if number else _PLACES[what]


_PLACES = {"width": tr("width"), "height": tr("height"), "rim": tr("rim"), "base": tr("base"),
           "diameter": tr("diameter")}


def girth_at(glass: Glass, place: str) -> Girth | None:
    """Whether a place's reading goes across or round; None for a height or a width."""
    if place in {"height", "width"}:
        return None
    return getattr(glass, "girth", "diameter")


def reading_at(glass: Glass, place: str) -> float:
    """The reading in use at a place, mm."""
    if isinstance(glass, CurvedGlass):
        return glass.stations[int(place.split()[1]) - 1][1]
    return float(getattr(glass, place))


def with_reading(glass: Glass, place: str, mm: float) -> Glass:
    """The glass with another reading at a place."""
    if isinstance(glass, CurvedGlass):
        at = int(place.split()[1]) - 1
        stations = (*glass.stations[:at], (glass.stations[at][0], mm), *glass.stations[at + 1:])
        return msgspec.structs.replace(glass, stations=stations)
    return msgspec.structs.replace(glass, **{place: mm})


def take_readings(glass: Glass, tools: Tools, taken: Taken) -> tuple[Glass, Tools]:
    """The glass with the mean of readings of one place, and the tools that remember them; a single one is not kept.

    Raises GlassError where the tool is larger than what it measured.
    """
    mean = weigh_taken(glass, tools, taken).mean
    others = tuple(other for other in tools.taken if other.place != taken.place)
    kept = (*others, taken) if len(taken.readings) > 1 or taken.tape else others
    return with_reading(glass, taken.place, mean), msgspec.structs.replace(tools, taken=kept)


def weigh_taken(glass: Glass, tools: Tools, taken: Taken) -> Reading:
    """What the readings of one place of a glass say. Raises GlassError as `weigh_readings`."""
    girth = girth_at(glass, taken.place)
    error = tools.error_of(tools.girth if girth else tools.height)
    return weigh_readings(taken.readings, error, girth, taken.tape)


def error_at(glass: Glass, tools: Tools, place: str) -> float:
    """The error of the reading in use at a place: the tool's, or that of the mean of several readings."""
    for several in tools.taken:
        if several.place == place:
            return weigh_taken(glass, tools, several).error
    return tools.error_of(tools.girth if girth_at(glass, place) else tools.height)


def _words(
    readings: Sequence[float], spread: float, tool_error: float, girth: Girth | None, odd: float | None
) -> Says | str:
    if len(readings) == 1:
        return tr("one reading: take two or three more, each from a fresh start")
    if odd is not None:
        return Says("{odd} stands apart from the others: read it again", odd=Length(odd, 2))
    if spread <= 2 * tool_error:
        return tr("the readings agree within what the tool can tell")
    if girth == "diameter":
        return Says("out of round by {spread}: the film follows the girth, so the mean is right",
                    spread=Length(spread, 2))
    return Says("they spread by {spread}, more than the tool explains: take a few more", spread=Length(spread, 2))


def _odd_one(readings: Sequence[float], tool_error: float) -> float | None:
    """A reading far from the mean of the others, where there are others enough to tell."""
    if len(readings) < 4:
        return None
    for at, value in enumerate(readings):
        others = [*readings[:at], *readings[at + 1:]]
        if abs(value - fmean(others)) > _SUSPECT * max(stdev(others), 2 * tool_error):
            return value
    return None
