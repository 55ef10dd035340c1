"""How long this maker's hands take at something, told by what was ticked off before."""

from collections.abc import Sequence
from statistics import median

from msgspec import Struct


class Pace(Struct, frozen=True):
    """Seconds that it takes, the median, and from how many ticks that is known."""

    seconds: float
    ticks: int


def pace_from(gaps: Sequence[float], between: tuple[float, float], least: int) -> Pace | None:
    """The pace by seconds between ticks, None where fewer than the `least` lie between two bounds.

    What is less is a slip of the key or a tick made up for later, what is more is a rest.
    """
    told = [gap for gap in gaps if between[0] <= gap <= between[1]]
    return Pace(float(median(told)), len(told)) if len(told) >= least else None


def kind_of(step: str) -> str:
    """What kind of step it is, whichever film or half it is for.

    >>> kind_of("tape off 2"), kind_of("lay 1 0"), kind_of("mask 2 upper"), kind_of("second scrape"), kind_of("clean")
    ('tape off', 'lay', 'mask upper', 'scrape', 'clean')
    """
    return " ".join(word for word in step.removeprefix("second ").split(" ") if not word.isdigit())
