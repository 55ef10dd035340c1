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
from vitrograph.core.language import decimals, tr
from vitrograph.core.units import format_minutes
from vitrograph.core.value_words import word_of
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
        raise VitrographError(tr("{many} glasses are more than one evening: plan at most {most} at a time, "
                                 "and part the order", many=many, most=MOST_GLASSES))
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
    largest = max((glass.at_once for glass in glasses), default=0.0) * choices.coat * GRAMS_PER_ML / 1000
    by_cream = floor(grams / largest) if grams > 0 and largest > 0 else choices.places
    return max(1, min(choices.places, by_cream))


def _at_once(glasses: Sequence[GlassWork], plan: CalmPlan) -> float:
    """The area under cream at once, at most, mm²."""
    areas = sorted((glass.at_once for glass in glasses), reverse=True)
    return sum(areas[:max(1, plan.evening.at_once)])


def _risky(plan: CalmPlan) -> Iterator[Finding]:
    if plan.risk.late > MOST_LATE:
        yield Finding(Code.TIMING, Level.WATCH, tr("{late:.0f} of 100 glasses would be late at a clock",
                                                   late=100 * plan.risk.late),
                      tr("hands are slower some days, and somebody calls: take a calmer plan, or a recipe with more "
                         "tolerance"))


def _pots(choices: EtchChoices) -> Iterator[Finding]:
    if choices.pots > 1:
        yield Finding(Code.CREAM, Level.NOTE, tr("{pots} pots, and one pair of hands", pots=choices.pots),
                      tr("one pot at a time is dipped into: leave the others closed, or their cream dries"))


def head_of(evening: EveningPlan) -> list[str]:
    """How long it takes, how calm it is, the cream, and what was found, in plain words."""
    plan, risk, need = evening.plan.evening, evening.plan.risk, evening.cream
    how = tr("by {weighed} weighings", weighed=need.weighed) if need.weighed else tr("a guess")
    cost = tr(", {share:.1f} % of a full pot", share=100 * need.share) if need.share else ""
    cost += tr(", costs {cost:.2f}", cost=need.cost) if need.cost else ""
    found = [f"  {word_of(one.level.value)}: {one.says}" for one in evening.findings]
    if need.laid <= 0:
        return [tr("evening: {makespan}", makespan=format_minutes(plan.makespan)),
                tr("  hands: {hands}", hands=evening.hands), *found]
    return [tr("evening: {makespan}, at most {at_once} under cream at once, {late:.1f} of 100 glasses late at a clock "
               "when hands are slow", makespan=format_minutes(plan.makespan), at_once=plan.at_once,
               late=100 * risk.late),
            *([tr("  done: the first glass after {first}, half of them after {half}",
                  first=format_minutes(plan.ends[0]), half=format_minutes(plan.half_done))]
              if len(plan.ends) > 1 else []),
            tr("  cream: {grams} laid on in all, {grams2} at once, {grams3} used up ({how}){cost}",
               grams=grams(need.laid), grams2=grams(need.at_once), grams3=grams(need.used), how=how, cost=cost),
            tr("  hands: {hands}", hands=evening.hands), *found]


def grams(mass: float) -> str:
    """A mass in words.

    >>> grams(0.31), grams(19.4)
    ('0.3 g', '19 g')
    """
    return decimals(f"{mass:.1f} g" if mass < 10 else f"{mass:.0f} g")


def lines_of(evening: EveningPlan) -> list[str]:
    """The evening in plain words: what the hands do, one task after the other."""
    return head_of(evening) + [
        f"  {format_minutes(slot.start):>8}  {evening.glasses[slot.glass].called}: "
        f"{evening.glasses[slot.glass].chain.tasks[slot.task].name}" for slot in evening.plan.evening.slots]
