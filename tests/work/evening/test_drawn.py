"""Drawn evenings: the same figure as a plain loop over single evenings gives, and calm plans that keep it low."""

from random import Random

import pytest

from vitrograph.core.work.evening import (
    MOST_LATE,
    Begun,
    Chain,
    Evening,
    Setting,
    Task,
    bound_of,
    plan_calmly,
    plan_evening,
    plan_on,
    risk_of,
)


def glass(weeding: float, rest: float = 300.0, tolerance: float = 30.0) -> Chain:
    window = {"least": rest - tolerance, "most": rest + tolerance, "planned": rest}
    return Chain((Task("weed", weeding, droppable=True), Task("set", 180.0), Task("coat", 50.0, least=600.0),
                  Task("stir", 30.0, **window), Task("rinse", 90.0, **window), Task("peel", 90.0, least=300.0)),
                 ((2, 4),))


def drawn_by_hand(evening: Evening, many: int) -> float:
    """The share of glasses that are late, one evening after the other, one task after the other."""
    chance, late = Random(7), 0
    for _ in range(many):
        pace, free, owed, delay = chance.uniform(0.8, 1.2), 0.0, 0.0, 0.0
        ended: dict[int, float] = {}
        planned: dict[int, float] = {}
        missed: set[int] = set()

        def wanted(slot, ended=ended, planned=planned):
            task = evening.chains[slot.glass].tasks[slot.task]
            if not task.timed:
                return ended.get(slot.glass, 0.0) + task.least
            return ended[slot.glass] + max(task.least, min(slot.start - planned[slot.glass], task.most))

        for number, slot in enumerate(evening.slots):
            task, tasks = evening.chains[slot.glass].tasks[slot.task], evening.chains[slot.glass].tasks
            mean = slot.end - slot.start
            takes = mean * pace * chance.uniform(0.8, 1.2)
            if chance.random() < 1 - 2.718281828459045 ** (-mean / 3600):
                takes += chance.uniform(15, 90)
            if task.droppable:
                free, owed = max(free, ended.get(slot.glass, 0.0)), owed + takes
            calls = [wanted(other) for other in evening.slots[number:]
                     if evening.chains[other.glass].tasks[other.task].timed
                     and max((at for at, one in enumerate(evening.slots) if one.glass == other.glass
                              and one < other), default=-1) < number][:1]
            worked = max(0.0, min(owed, (calls[0] if calls else 1e9) - free))
            free, owed = free + worked, owed - worked
            if task.droppable:
                ended[slot.glass] = free
            else:
                begin = max(free, wanted(slot))
                if not task.timed and slot.task + 1 < len(tasks) and tasks[slot.task + 1].timed:
                    begin = max(begin, slot.start + delay)
                    delay = begin - slot.start
                if task.timed and begin > ended[slot.glass] + task.most + 1e-6:
                    missed.add(slot.glass)
                ended[slot.glass] = free = begin + takes
            planned[slot.glass] = slot.end
        late += len(missed)
    return late / many / len(evening.chains)


@pytest.mark.parametrize("count", [4, 6])
def test_the_figure_is_that_of_a_plain_loop(count: int) -> None:
    evening = plan_evening(Setting(tuple(glass(200.0 + 90 * at) for at in range(count))), 300)
    assert risk_of(evening).late == pytest.approx(drawn_by_hand(evening, 3000), abs=0.03)
    assert risk_of(evening).late > MOST_LATE                   # the quickest plan is in too much of a hurry


@pytest.mark.parametrize("count", [1, 3, 6])
def test_a_calm_evening_is_hardly_late(count: int) -> None:
    setting = Setting(tuple(glass(200.0) for _ in range(count)), 4)
    plan = plan_calmly(setting)
    assert plan.is_calm
    assert drawn_by_hand(plan.evening, 1500) <= 1.5 * MOST_LATE
    quick, slow = plan_calmly(setting, 0.0), plan_calmly(setting, 1.0)
    assert quick.evening.makespan <= plan.evening.makespan + 1 and quick.risk.late >= slow.risk.late
    assert plan.risk.ends[0] < plan.evening.makespan < plan.risk.ends[2]
    assert plan.evening.bound == bound_of(setting) <= plan.evening.makespan
    assert plan_on(setting, plan).evening.slots[0].glass == plan.evening.slots[0].glass


def test_tolerances_too_narrow_for_anybody_are_told() -> None:
    """A minute under cream with no tolerance: an interruption or a slow hand is enough, even for one glass alone."""
    narrow = tuple(Chain((Task("coat", 30.0), Task("work", 90.0, 0.0, 0.0), Task("rinse", 30.0, 60.0, 60.0)), ((0, 2),))
                   for _ in range(3))
    plan = plan_calmly(Setting(narrow))
    assert plan.risk.late == 0.0 or not plan.is_calm           # one after the other nothing is late
    assert plan.evening.at_once == 1


def test_time_to_spare_makes_nobody_late_who_can_be_in_time() -> None:
    """Three under cream, the first one late already: the others are still stirred and rinsed within their windows."""
    window = {"least": 270.0, "most": 330.0, "planned": 300.0}
    chain = Chain((Task("coat", 30.0), Task("stir", 30.0, **window), Task("rinse", 105.0, **window)), ((0, 2),))
    setting = Setting((chain,) * 3)
    plan = plan_calmly(setting, 0.4)
    begun = tuple(Begun(1, 9_970.0 - ago, 10_000.0 - ago) for ago in (338.0, 273.0, 148.0))
    rest = plan_on(Setting(setting.chains, begun=begun, now=10_000.0), plan).evening
    assert [(slot.glass, slot.late) for slot in rest.late] == [(0, pytest.approx(8.0))]
