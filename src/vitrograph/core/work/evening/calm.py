"""A calm evening: hands free a while before every clock, as long as it takes that hardly any glass comes too late.

If the calmest plan is still too risky, fewer glasses may stand under a clock at the same time.
"""

from collections.abc import Iterator

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.work.evening.chains import Chain, Evening, Slot, Task
from vitrograph.core.work.evening.drawn import EVENINGS, Risk, risk_of
from vitrograph.core.work.evening.search import bound_of, plan_evening
from vitrograph.core.work.evening.setting import Setting

MOST_LATE = 0.02                   # of the glasses may come out of their window, in drawn evenings
SPARE_S = 100.0                    # before every clock the hands are free so long, in the calmest plan
_STEPS = 10                        # from no time to spare to that
_WORK = 3_000                      # of searching, for the plan that is chosen
_LOOKS = 2_000                     # evenings drawn for a first look


class CalmPlan(Struct, frozen=True):
    """A plan, the risk that is left in it, its calm from 0 to 1, and how many glasses may stand at once."""

    evening: Evening
    risk: Risk
    calm: float
    places: int

    @property
    def is_calm(self) -> bool:
        """Whether hardly any glass comes too late."""
        return self.risk.late <= MOST_LATE


def plan_calmly(setting: Setting, calm: float | None = None, *, work: int = _WORK) -> CalmPlan:
    """The shortest evening found that is calm enough; with `calm` given, the shortest as calm as that.

    Where none is calm enough, the calmest: its risk says so.
    """
    most = max(1, min(setting.places, len(setting.chains)))
    if calm is not None:
        return _planned(setting, calm, most, work)
    calmest: CalmPlan | None = None
    for step, places in _calm_enough(setting, most):
        for searched in (work, 0):                             # what is shorter may be too risky
            found = _planned(setting, step, places, searched)
            if found.is_calm:
                return found
            if calmest is None or found.risk.late < calmest.risk.late:
                calmest = found
    assert calmest is not None
    return calmest


def plan_on(setting: Setting, plan: CalmPlan) -> CalmPlan:
    """The rest of an evening under way, as calm as it was planned; quick, for what happens while clocks run."""
    calm = _planned(setting, plan.calm, plan.places, 0, _LOOKS, plan.evening)
    if not calm.evening.late:
        return calm
    hurried = _planned(setting, 0.0, plan.places, 0, _LOOKS, plan.evening)     # time to spare must make nobody late
    return min(calm, hurried, key=lambda one: sum(slot.late for slot in one.evening.late))


def _calm_enough(setting: Setting, most: int) -> Iterator[tuple[float, int]]:
    """Yield calm and places, the quicker evening first, from the least calm that a first look finds enough."""
    low, high = 0, _STEPS + 1
    while low < high:
        middle = (low + high) // 2
        if middle <= _STEPS and not _planned(setting, middle / _STEPS, most, 0, _LOOKS).is_calm:
            low = middle + 1
        else:
            high = middle
    for step in range(low, _STEPS + 1):
        yield step / _STEPS, most
    for places in sorted({1, min(2, most)} - {most}, reverse=True):
        yield 1.0, places
    if low > _STEPS and most == 1:
        yield 1.0, 1


def _planned(
    setting: Setting, calm: float, places: int, work: int, many: int = EVENINGS, like: Evening | None = None
) -> CalmPlan:
    stands = setting.stands

    def spare(glass: int, task: int) -> float:
        """Seconds that the hands are free before a task; none where its clock runs already."""
        under_way = task == stands[glass].done > 0
        return 0.0 if under_way else _spare_of(setting.chains[glass].tasks[task], calm * SPARE_S)

    chains = tuple(Chain(tuple(_early(task, spare(glass, at)) for at, task in enumerate(chain.tasks)), chain.places)
                   for glass, chain in enumerate(setting.chains))
    found = plan_evening(replace(setting, chains=chains, places=places), work, like)
    slots = tuple(sorted(_without(slot, spare(slot.glass, slot.task)) for slot in found.slots))
    evening = replace(found, chains=setting.chains, slots=slots, bound=bound_of(setting))
    return CalmPlan(evening, risk_of(evening, setting.begun, setting.now, many), calm, places)


def _spare_of(task: Task, spare: float) -> float:
    """Seconds that the hands are free before a task: before a clock, as far as there is a wait."""
    return min(spare, task.least) if task.timed else 0.0


def _early(task: Task, early: float) -> Task:
    """A task as it is planned: the hands are there some seconds before."""
    return replace(task, seconds=task.seconds + early, least=task.least - early, most=task.most - early,
                   planned=task.planned - early)


def _without(slot: Slot, early: float) -> Slot:
    return replace(slot, start=slot.start + early)
