"""How long covering takes, and how uneven a short recipe comes out for it; how much cream lies on the glass.

How fast cream is laid on, how thick, and what of it is scraped back are common practice put in numbers, no published
source; what the maker has weighed and timed replaces them.
"""

from collections.abc import Iterator, Mapping, Sequence
from math import inf
from statistics import median

from msgspec import Struct

from vitrograph.core.etch.recipes import longer_than
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import Cream, Recipe, ToolOfCream, Weighing
from vitrograph.core.job.change import put
from vitrograph.core.language import tr
from vitrograph.core.units import format_minutes
from vitrograph.core.work import Happened, Progress

MM2_PER_SECOND: dict[ToolOfCream, float] = {"brush": 400.0, "stick": 250.0, "squeegee": 700.0}
BEGIN_S = 10.0                     # to take up tool and glass
UNEVEN_SHARE = 0.4                 # of the time under cream: when covering takes longer, the frost shows it
GRAMS_PER_ML = 1.3                 # of a cream (a guess, from memory: it is told as one)
BACK_SHARE = 0.8                   # of what is laid on that is scraped back
_FASTER = 8                        # times as fast as usual: a coat that was faster yet was only clicked through
_FIRST_COATS = ("coat 1", "second coat 1")     # steps: of a glass, or of the halves of one
_LEAST_TIMED = 3                   # coats timed, or pots weighed, that say something


def speed_of(tool: ToolOfCream, timed: Sequence[tuple[float, float]] = ()) -> float:
    """How fast cream is laid on, mm²/s: the maker's own median of (area, seconds) timed, or the tool's."""
    usual = MM2_PER_SECOND[tool]
    own = [area / seconds for area, seconds in timed if seconds > area / (_FASTER * usual)]
    return median(own) if len(own) >= _LEAST_TIMED else usual


def uneven(recipe: Recipe, covering: float, *, halves: bool) -> Iterator[Finding]:
    """Yield that so large an area cannot be covered fast enough for so short a time to come out even.

    The place covered first stands longest. `covering` is the time one coat takes, of a half where it is done in halves.
    """
    if covering <= UNEVEN_SHARE * recipe.seconds:
        return
    first, last = stands(recipe, covering)
    longer = longer_than(recipe, covering / UNEVEN_SHARE)
    remedies: list[Remedy] = []
    if longer is not None:
        remedies.append(Remedy.of(tr("Use '{name}'", name=tr(longer.name)), put(lambda job: job.etch.recipe, longer)))
    if not halves and covering / 2 <= UNEVEN_SHARE * recipe.seconds:
        remedies.append(Remedy.of(tr("Etch it in halves, one after the other"), put(lambda job: job.etch.halves, True)))
    yield Finding(
        Code.TIMING, Level.WATCH,
        tr("covering it takes about {covering}: the first place stands {first}, the last {last}",
           covering=format_minutes(covering), first=format_minutes(first), last=format_minutes(last)),
        tr("the place covered first stands longest, and comes out deeper: a longer time evens it out"), None, covering,
        UNEVEN_SHARE * recipe.seconds, remedies[0] if remedies else None, tuple(remedies[1:]))


def stands(recipe: Recipe, covering: float) -> tuple[float, float]:
    """How long the place that is covered first stands under cream, and the last one, seconds.

    >>> stands(Recipe(), 60.0)
    (690.0, 630.0)
    """
    whole = recipe.seconds if recipe.clock == "covered" else max(0.0, recipe.seconds - covering)
    return whole + covering, whole


class CreamNeed(Struct, frozen=True):
    """Grams of cream for an order: laid on in all, at once at most, used up, and from how many weighings that is known.

    `cost` is of what is used up, in the maker's money, `share` what that is of a full pot; 0 where neither is known.
    """

    laid: float
    at_once: float
    used: float
    weighed: int
    cost: float
    share: float = 0.0


def cream_for(area: float, at_once: float, coat_mm: float, cream: Cream) -> CreamNeed:
    """What an area takes in all, and the area that is under cream at once (mm²), by the coat's thickness (mm).

    Mass is volume times density; what is used up is what is not scraped back, or what weighing the pot has told.
    """
    laid = area * coat_mm * GRAMS_PER_ML / 1000
    own = used_per_mm2(cream.weighed)
    used = laid * (1 - BACK_SHARE) if own is None else area * own
    share = used / cream.full if cream.full > 0 else 0.0
    return CreamNeed(laid, at_once * coat_mm * GRAMS_PER_ML / 1000, used, len(cream.weighed) if own else 0,
                     share * cream.price, share)


def covered(areas: Mapping[int, float], progress: Progress, happened: Sequence[Happened]) -> float | None:
    """The area that had cream since the pot was weighed last, mm², by the first coats ticked off; None before any was.

    `areas` are what is under cream at once of each piece, by its key.
    """
    coats = {ref: at for ref, at in progress.done.items()
             if ref.station == "etch" and ref.step in _FIRST_COATS and ref.piece in areas}
    since = max((one.at for one in happened if one.kind == "weighed"), default=-inf)
    whole = sum(areas[ref.piece] for ref, at in coats.items() if at > since)
    return whole if coats else None


def used_per_mm2(weighed: Sequence[Weighing]) -> float | None:
    """Grams used up on a square millimetre, by the pot before and after; None where there are too few weighings.

    >>> used_per_mm2([Weighing(80.0, 78.0, 4000.0)] * 3)
    0.0005
    """
    own = [(one.before - one.after) / one.area for one in weighed if one.before > one.after]
    return median(own) if len(own) >= _LEAST_TIMED else None
