"""Evenings: six glasses and forty planned, their rest planned anew, and how near a plan is to its bound.

Run: ./run bench evening. The bound is all the hands' time, or the longest glass: no evening is shorter.
"""

import random
import time

from common import report
from vitrograph.core.work.evening import Begun, Chain, Setting, Task, plan_calmly, plan_evening, plan_on

ROUNDS = 5


def glass(chance: random.Random) -> Chain:
    """A tumbler as a recipe of two rests has it; nobody's times."""
    rest = {"least": 300.0, "most": 330.0, "planned": 300.0, "waits": "under cream"}
    return Chain((
        Task("Weed", chance.uniform(120, 500), droppable=True), Task("Tape and set", chance.uniform(240, 500)),
        Task("Look over", 50.0, 900.0, planned=900.0, waits="settles"), Task("Cream on", chance.uniform(15, 60)),
        Task("Stir", 30.0, **rest), Task("Scrape and rinse", 105.0, **rest), Task("Look", 45.0, 300.0, waits="dries"),
        Task("Peel", 90.0), Task("Wash", 90.0)), ((3, 5),))


def median_of(work, rounds: int) -> tuple[float, object]:
    took, last = [], None
    for _ in range(rounds):
        begun = time.perf_counter()
        last = work()
        took.append(time.perf_counter() - begun)
    return sorted(took)[len(took) // 2], last


def planned(many: int, aim: float, chance: random.Random) -> None:
    setting = Setting(tuple(glass(chance) for _ in range(many)), 4)
    took, plan = median_of(lambda: plan_calmly(setting), ROUNDS if many < 20 else 3)
    report(f"{many} glasses planned, calm enough, median", took, "s ", aim)
    report(f"{many} glasses, late of 100 in drawn evenings", 100 * plan.risk.late, "  ", 2.0)
    quickest = plan_evening(setting)
    report(f"{many} glasses, the quickest evening over its bound", quickest.makespan / quickest.bound, "x ")
    report(f"{many} glasses, the calm evening over the bound", plan.evening.makespan / quickest.bound, "x ")
    half = plan.evening.slots[len(plan.evening.slots) // 2]
    begun = []
    for number in range(many):
        mine = [slot for slot in plan.evening.of(number) if slot.end <= half.start]
        later = {slot.task for slot in plan.evening.of(number) if slot.end > half.start}
        done = len({slot.task for slot in mine} - later)
        last = [slot for slot in mine if slot.task == done - 1]
        begun.append(Begun(done, last[0].start, last[-1].end) if last else Begun())
    under_way = Setting(setting.chains, 4, tuple(begun), half.start)
    again, _ = median_of(lambda: plan_on(under_way, plan), 15)
    report(f"{many} glasses, the rest planned anew, median", again, "s ", 0.2)


if __name__ == "__main__":
    seed = random.randrange(10**9)
    print(f"seed {seed}")
    planned(6, 0.5, random.Random(seed))
    planned(40, 3.0, random.Random(seed))
