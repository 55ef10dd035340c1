"""One pair of hands: no two tasks at once, no window missed, short against exact answers and bounds.

Exact answers are mixed integer programmes (HiGHS, through SciPy); flow shops have S. M. Johnson's rule (Naval Research
Logistics Quarterly 1, 1954). All glasses here are invented.
"""

from itertools import combinations, pairwise
from math import inf
from random import Random

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import coo_array

from vitrograph.core.work.evening import Begun, Chain, Evening, Setting, Task, bound_of, plan_evening
from vitrograph.core.work.evening.search import _moved

REST = st.sampled_from((60.0, 120.0, 300.0, 600.0))


@st.composite
def chains(draw: st.DrawFn) -> Chain:
    """A glass: made ready, under cream with a stir, dried, peeled."""
    seconds = st.floats(10.0, 400.0)
    rest, tolerance = draw(REST), draw(st.floats(5.0, 60.0))
    window = {"least": rest - tolerance, "most": rest + tolerance, "planned": rest, "waits": "rest"}
    return Chain((
        Task("weed", draw(seconds), droppable=True), Task("set", draw(seconds)),
        Task("coat", draw(st.floats(20.0, 90.0)), least=draw(st.sampled_from((0.0, 600.0)))),
        Task("stir", draw(st.floats(10.0, 60.0)), **window), Task("scrape", 40.0, **window),
        Task("rinse", 60.0, 0.0, 30.0), Task("peel", draw(seconds), least=draw(st.sampled_from((0.0, 300.0))))),
        ((2, 5),))


def faults(setting: Setting, evening: Evening) -> list[str]:
    """Whatever a plan does that one pair of hands, a clock or the places do not allow."""
    told = [f"at {one.start} two things at once" for one, other in pairwise(evening.slots)
            if other.start < one.end - 1e-6]
    for glass, (chain, stand) in enumerate(zip(setting.chains, setting.stands, strict=True)):
        start, end = stand.start, stand.end
        for at in range(stand.done, len(chain.tasks)):
            task, own = chain.tasks[at], [slot for slot in evening.of(glass) if slot.task == at]
            if sum(slot.end - slot.start for slot in own) != pytest.approx(task.seconds):
                told.append(f"glass {glass}, {task.name}: not its time")
            late = own[0].start > task.latest(start, end) + 1e-3 and not own[0].late
            if own[0].start < max(setting.now, task.earliest(start, end)) - 1e-3 or late:
                told.append(f"glass {glass}, {task.name}: at {own[0].start}")
            start, end = own[0].start, own[-1].end
    spans = [(slots[a].start, slots[b].start) for glass, chain in enumerate(setting.chains) if not setting.begun
             and (slots := {slot.task: slot for slot in evening.of(glass)}) for a, b in chain.places]
    if any(sum(a < middle + 1e-6 < b for a, b in spans) > setting.places for middle, _ in spans):
        told.append("more glasses than places")
    return told


@given(st.integers(0, 2**31), st.integers(1, 5), st.integers(1, 4))
def test_a_leg_that_is_moved_keeps_its_glasses_own_order_and_can_come_anywhere_else(seed, glasses, legs):
    chance = Random(seed)
    order = [(glass, leg, leg + 1) for glass in range(glasses) for leg in range(legs)]
    told = [_moved(order, chance) for _ in range(60)]
    if len(order) < 2:
        assert told == [None] * 60
        return
    for one in told:
        assert sorted(one) == sorted(order)
        assert all([leg for leg in one if leg[0] == glass] == [leg for leg in order if leg[0] == glass]
                   for glass in range(glasses))
    assert glasses == 1 or len({tuple(one) for one in told}) > 1


@settings(max_examples=40, deadline=None)
@given(st.lists(chains(), min_size=1, max_size=6), st.integers(1, 3))
def test_hands_clocks_and_places(glasses: list[Chain], places: int) -> None:
    setting = Setting(tuple(glasses), places)
    evening = plan_evening(setting, 300)
    assert faults(setting, evening) == []
    assert not evening.late
    assert bound_of(setting) - 1e-6 <= evening.makespan <= sum(
        task.seconds + task.least for chain in glasses for task in chain.tasks) + 1e-6
    assert evening == plan_evening(setting, 300)


@settings(max_examples=25, deadline=None)
@given(st.lists(chains(), min_size=2, max_size=5), st.floats(0.0, 1.0), st.data())
def test_what_has_begun_is_not_moved(glasses: list[Chain], when: float, data: st.DataObject) -> None:
    """In the middle of an evening the rest is planned from what is so: done is done, running clocks go first."""
    whole = plan_evening(Setting(tuple(glasses)), 0)
    now = when * whole.makespan
    broken = data.draw(st.integers(0, len(glasses) - 1))
    begun = []
    for glass, chain in enumerate(glasses):
        ended = [slot for slot in whole.of(glass) if slot.end <= now]
        done = sum(any(slot.task == at for slot in ended) and not any(
            slot.task == at and slot.end > now for slot in whole.of(glass)) for at in range(len(chain.tasks)))
        last = [slot for slot in ended if slot.task == done - 1]
        begun.append(Begun(done, last[0].start, last[-1].end, out=glass == broken) if done else
                     Begun(0, 0.0, 0.0, out=glass == broken))
    setting = Setting(tuple(glasses), begun=tuple(begun), now=now)
    rest = plan_evening(setting, 0)
    assert all(slot.start >= now - 1e-6 and slot.task >= begun[slot.glass].done and slot.glass != broken
               for slot in rest.slots)
    kept = Setting(tuple(Chain(()) if glass == broken else chain for glass, chain in enumerate(glasses)),
                   begun=tuple(begun), now=now)
    assert faults(kept, rest) == []


def test_a_clock_that_was_missed_goes_first_and_is_told() -> None:
    glass = Chain((Task("coat", 60.0), Task("rinse", 60.0, 540.0, 660.0)))
    other = Chain((Task("set", 500.0),))
    late = plan_evening(Setting((other, glass), begun=(Begun(), Begun(1, 0.0, 60.0)), now=800.0))
    assert [(slot.glass, slot.start) for slot in late.slots] == [(1, 800.0), (0, 860.0)]
    assert [slot.late for slot in late.late] == [80.0]
    busy = plan_evening(Setting((glass,), begun=(Begun(1, 0.0, 60.0),), now=500.0, busy=700.0))
    assert busy.slots[0].start == 700.0


def exact(glasses: tuple[Chain, ...]) -> float:
    """The shortest evening of glasses without droppable tasks, by integer programming."""
    tasks = [(glass, at, task) for glass, chain in enumerate(glasses) for at, task in enumerate(chain.tasks)]
    pairs = [(i, j) for i, j in combinations(range(len(tasks)), 2) if tasks[i][0] != tasks[j][0]]
    big = sum(task.seconds + task.least for _, _, task in tasks)
    count, end = len(tasks) + len(pairs) + 1, len(tasks) + len(pairs)
    rows: list[tuple[dict[int, float], float, float]] = []
    for i, (_, at, task) in enumerate(tasks):
        rows.append(({end: 1, i: -1}, task.seconds, inf))
        if at:
            before = tasks[i - 1][2].seconds
            rows.append(({i: 1, i - 1: -1}, before + task.least, before + task.most))
    for choice, (i, j) in enumerate(pairs, start=len(tasks)):
        rows += [({j: 1, i: -1, choice: -big}, tasks[i][2].seconds - big, inf),
                 ({i: 1, j: -1, choice: big}, tasks[j][2].seconds, inf)]
    cells = [(row, column, value) for row, (cells, _, _) in enumerate(rows) for column, value in cells.items()]
    at_row, at_column, values = zip(*cells, strict=True)
    matrix = coo_array((values, (at_row, at_column)), shape=(len(rows), count)).tocsr()
    whole = np.zeros(count)
    whole[len(tasks):end] = 1
    most = np.full(count, big)
    most[len(tasks):end] = 1
    found = milp(np.eye(count)[end], constraints=LinearConstraint(matrix, [row[1] for row in rows],
                                                                  [row[2] for row in rows]),
                 integrality=whole, bounds=Bounds(np.zeros(count), most), options={"mip_rel_gap": 1e-3})
    assert found.status == 0
    return float(found.fun)


def glass_at_random(chance: Random) -> Chain:
    rest, tolerance = chance.choice((120, 300, 600)), chance.choice((15, 30, 60))
    window = {"least": rest - tolerance, "most": rest + tolerance, "planned": rest}
    return Chain((Task("set", chance.uniform(60, 400)),
                  Task("coat", chance.uniform(20, 90), least=chance.choice((0, 300, 900))),
                  Task("stir", chance.uniform(20, 60), **window), Task("rinse", chance.uniform(60, 120), **window),
                  Task("peel", chance.uniform(60, 200), least=chance.choice((0, 300)))))


RESTS = Chain((Task("coat", 30.0), Task("stir", 30.0, 540.0, 660.0, 600.0), Task("rinse", 60.0, 540.0, 660.0, 600.0)),
              ((0, 2),))


@pytest.mark.parametrize("seed", range(8))
def test_short_evenings_against_integer_programming(seed: int) -> None:
    chance = Random(100 + seed)
    glasses = tuple(glass_at_random(chance) for _ in range(2 + seed % 3))
    assert plan_evening(Setting(glasses)).makespan <= 1.02 * exact(glasses)


def test_forty_glasses_against_the_hands_own_time() -> None:
    """Weeding fills the rests: hardly a minute of the hands' time is lost."""
    chance = Random(40)
    weeding = [Task("weed", chance.uniform(120, 600), droppable=True) for _ in range(40)]
    setting = Setting(tuple(Chain((first, *glass_at_random(chance).tasks)) for first in weeding), 8)
    evening = plan_evening(setting, 1000)
    hands = sum(chain.hands for chain in setting.chains)
    assert evening.bound >= hands
    assert evening.makespan <= 1.02 * 1.01 * evening.bound     # a hundredth is given for glasses that are done sooner
    assert faults(setting, evening) == []


@pytest.mark.parametrize("seed", [2, 4, 8])
def test_of_evenings_about_as_short_it_is_one_whose_glasses_are_done_one_after_the_other(seed: int) -> None:
    chance, rest = Random(seed), {"least": 300.0, "most": 330.0, "planned": 300.0}

    def tumbler() -> Chain:
        return Chain((Task("weed", chance.uniform(120, 500), droppable=True), Task("set", chance.uniform(240, 500)),
                      Task("look over", 50.0, 900.0), Task("coat", chance.uniform(15, 60)), Task("stir", 30.0, **rest),
                      Task("rinse", 105.0, **rest), Task("look", 45.0, 300.0), Task("peel", 180.0)), ((3, 5),))

    setting = Setting(tuple(tumbler() for _ in range(30)), 4)
    evening = plan_evening(setting)
    assert evening.makespan <= 1.03 * evening.bound and faults(setting, evening) == []
    assert len(evening.ends) == 30 and evening.ends[-1] == evening.makespan
    assert evening.ends[0] < 0.17 * evening.makespan, "not all are weeded first"
    assert sum(evening.ends) / 30 < 0.65 * evening.makespan


def test_two_machines_as_johnson_orders_them() -> None:
    """Hands, and one place that each glass needs by itself: a flow shop of two machines.

    The jobs are the worked example of many textbooks (times 3 6, 7 2, 4 7, 5 3, 7 4, from memory); its shortest time
    is what Johnson's rule gives, worked out here by trying the rule itself.
    """
    for jobs in ([(3, 6), (7, 2), (4, 7), (5, 3), (7, 4)], [(5, 2), (1, 6), (9, 7), (3, 8), (10, 4)]):
        first = sorted((job for job in jobs if job[0] < job[1]), key=lambda job: job[0])
        last = sorted((job for job in jobs if job[0] >= job[1]), key=lambda job: -job[1])
        one = other = 0.0
        for a, b in first + last:
            one += a
            other = max(one, other) + b
        glasses = tuple(Chain((Task("hands", a), Task("in", 0.0), Task("out", 0.0, b, b)), ((1, 2),)) for a, b in jobs)
        assert plan_evening(Setting(glasses, 1)).makespan == pytest.approx(other)


def test_places_are_used_as_far_as_there_are_any() -> None:
    evenings = [plan_evening(Setting((RESTS,) * 4, places)) for places in (1, 2, 4)]
    assert [evening.at_once for evening in evenings] == [1, 2, 4]
    long, middle, short = (evening.makespan for evening in evenings)
    assert short < 0.7 * middle < 0.5 * long                   # the waits overlap, one time and two times
    assert long == pytest.approx(4 * (30 + 540 + 30 + 540 + 60))       # with one: one after the other


def test_of_two_clocks_the_one_that_ends_first_is_seen_to_first() -> None:
    """Whatever the plan before had in mind."""
    before = plan_evening(Setting((RESTS, RESTS)))
    begun = (Begun(1, 70.0, 100.0), Begun(1, 0.0, 30.0))
    for like in (before, None):
        rest = plan_evening(Setting((RESTS, RESTS), begun=begun, now=640.0), 0, like)
        assert [slot.glass for slot in rest.slots[:2]] == [1, 0] and not rest.late
