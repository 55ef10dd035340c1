"""The evening of an order: its glasses planned for one pair of hands, the cream it takes, and what is found."""

from collections.abc import Iterator, Sequence
from datetime import date
from math import floor

from msgspec import Struct

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch.covering import GRAMS_PER_ML, CreamNeed, cream_for
from vitrograph.core.etch.glasses import GlassWork, OwnTimes, WorkOfPiece, glasses_of
from vitrograph.core.etch.pot import check_pot
from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.job import EtchChoices
from vitrograph.core.units import format_minutes
from vitrograph.core.work.evening import MOST_LATE, Begun, CalmPlan, Chain, Setting, plan_calmly, plan_on

MOST_GLASSES = 60                  # of one evening


class EveningPlan(Struct, frozen=True):
    """The glasses of an order and their plan for one pair of hands; the cream they take; what is found."""

    glasses: tuple[GlassWork, ...]
    plan: CalmPlan
    cream: CreamNeed
    findings: tuple[Finding, ...]
    hands: str                         # what the minutes of hands rest on


def evening_of(pieces: Sequence[WorkOfPiece], choices: EtchChoices, today: date) -> EveningPlan:
    """Plan the evening of an order from its beginning. Raises VitrographError where it is too much for one."""
    many = sum(piece.job.count for piece in pieces)
    if many > MOST_GLASSES:
        raise VitrographError(f"{many} glasses are more than one evening: plan at most {MOST_GLASSES} at a time, and "
                              "part the order")
    glasses = glasses_of(pieces)
    places = _places(glasses, choices)
    plan = plan_calmly(Setting(tuple(glass.chain for glass in glasses), places), choices.calm)
    need = cream_for(sum(glass.area for glass in glasses), _at_once(glasses, plan), choices.coat, choices.cream)
    found = (*check_pot(choices.cream, need, today), *_risky(plan), *_pots(choices))
    return EveningPlan(glasses, plan, need, found, (pieces[0].own if pieces else OwnTimes()).says)


def planned_on(evening: EveningPlan, chains: Sequence[Chain], begun: Sequence[Begun], now: float) -> CalmPlan:
    """The rest of an evening under way, by seconds since its start; the chains are what is left of its glasses'."""
    return plan_on(Setting(tuple(chains), evening.plan.places, tuple(begun), now), evening.plan)


def _places(glasses: Sequence[GlassWork], choices: EtchChoices) -> int:
    """How many glasses may stand under cream at once: by the beds, and by what is in the pot."""
    grams = choices.cream.grams * choices.pots
    largest = max((glass.area for glass in glasses), default=0.0) * choices.coat * GRAMS_PER_ML / 1000
    by_cream = floor(grams / largest) if grams > 0 and largest > 0 else choices.places
    return max(1, min(choices.places, by_cream))


def _at_once(glasses: Sequence[GlassWork], plan: CalmPlan) -> float:
    """The area under cream at once, at most, mm²."""
    areas = sorted((glass.area for glass in glasses), reverse=True)
    return sum(areas[:max(1, plan.evening.at_once)])


def _risky(plan: CalmPlan) -> Iterator[Finding]:
    if plan.risk.late > MOST_LATE:
        yield Finding(Code.TIMING, Level.WATCH, f"{100 * plan.risk.late:.0f} of 100 glasses would be late at a clock",
                      "hands are slower some days, and somebody calls: take a calmer plan, or a recipe with more "
                      "tolerance")


def _pots(choices: EtchChoices) -> Iterator[Finding]:
    if choices.pots > 1:
        yield Finding(Code.CREAM, Level.NOTE, f"{choices.pots} pots, and one pair of hands",
                      "one pot at a time is dipped into: leave the others closed, or their cream dries")


def head_of(evening: EveningPlan) -> list[str]:
    """How long it takes, how calm it is, the cream, and what was found, in plain words."""
    plan, risk, need = evening.plan.evening, evening.plan.risk, evening.cream
    how = f"by {need.weighed} weighings" if need.weighed else "a guess"
    cost = f", {100 * need.share:.1f} % of a full pot" if need.share else ""
    cost += f", costs {need.cost:.2f}" if need.cost else ""
    found = [f"  {one.level.value}: {one.says}" for one in evening.findings]
    if need.laid <= 0:
        return [f"evening: {format_minutes(plan.makespan)}", f"  hands: {evening.hands}", *found]
    return [f"evening: {format_minutes(plan.makespan)}, at most {plan.at_once} under cream at once, "
            f"{100 * risk.late:.1f} of 100 glasses late at a clock when hands are slow",
            f"  cream: {grams(need.laid)} laid on in all, {grams(need.at_once)} at once, {grams(need.used)} used up "
            f"({how}){cost}", f"  hands: {evening.hands}", *found]


def grams(mass: float) -> str:
    """A mass in words.

    >>> grams(0.31), grams(19.4)
    ('0.3 g', '19 g')
    """
    return f"{mass:.1f} g" if mass < 10 else f"{mass:.0f} g"


def lines_of(evening: EveningPlan) -> list[str]:
    """The evening in plain words: what the hands do, one task after the other."""
    return head_of(evening) + [
        f"  {format_minutes(slot.start):>8}  {evening.glasses[slot.glass].called}: "
        f"{evening.glasses[slot.glass].chain.tasks[slot.task].name}" for slot in evening.plan.evening.slots]
