"""The shortest evening for one pair of hands: legs of glasses placed one after the other, in an order that is searched.

Of evenings that are about as short it is the one whose glasses are done the soonest: not all are weeded first.
Placing by priority and moving in the list of priorities is common for projects with few hands (R. Kolisch and
S. Hartmann, *Heuristic algorithms for the resource-constrained project scheduling problem*, in J. Weglarz (ed.),
*Project Scheduling*, 1999). Some lists to start from are known to be good: glass by glass, all first legs first, and
glasses in the order that S. M. Johnson's rule gives (*Optimal two- and three-stage production schedules*, Naval
Research Logistics Quarterly 1, 1954).
"""

from collections.abc import Iterator, Sequence
from math import inf
from random import Random

from msgspec import Struct, field

from vitrograph.core.work.evening.chains import Chain, Evening, Slot, Task
from vitrograph.core.work.evening.placing import Hands, place_block
from vitrograph.core.work.evening.sequence import shortened
from vitrograph.core.work.evening.setting import Leg, Setting

Order = list[Leg]

_WORK = 12_000                     # tasks that are placed in a search, all lists together
_SEQUENCES = 36                    # times as many are timed in sequences: that is quicker
_STARTS = 3                        # lists whose sequences are searched
_NEAR_S = 1.0                      # to the bound: there is nothing left to find
_ALIKE = 0.01                      # of the shortest evening: what is longer by less is about as short
_NEARLY = 0.05                     # longer than the best list, and worth a search for what is done sooner
_AHEAD = (1, 2, 3, 4, 5)           # glasses made ready before the first has its cream, in lists to begin with
_EPS = 1e-6


def plan_evening(setting: Setting, work: int = _WORK, like: Evening | None = None) -> Evening:
    """The shortest evening found; `work` bounds how long is searched, in tasks placed. The same for equal settings.

    With an evening that it should be like, the order of that one, as long as nothing comes too late for it.
    """
    if like is not None:
        made = _placed(setting, _as_in(setting, like))
        if made.late <= 0:
            return Evening(setting.chains, tuple(sorted(made.slots)), made.makespan, bound_of(setting))
    bound = bound_of(setting)
    placed = {one.sequence: one for one in (_placed(setting, order) for order in _starts(setting))}
    starts = sorted(placed.values(), key=lambda one: one.worth)
    soon = min((one for one in starts if one.makespan <= starts[0].makespan * (1 + _NEARLY)), key=lambda one: one.ends)
    begun = [_listed_better(setting, starts[0], bound, work), *([soon] if soon is not starts[0] else []), *starts[1:]]
    found = [Evening(setting.chains, tuple(sorted(one.slots)), one.makespan, bound) for one in starts]
    searched: list[Evening] = []
    for one in begun[:_STARTS]:
        if not searched or min(evening.makespan for evening in searched) > bound + _NEAR_S:
            evening = Evening(setting.chains, tuple(sorted(one.slots)), one.makespan, bound)
            searched.append(shortened(setting, evening, _SEQUENCES * work // _STARTS))
    return _soonest([*searched, *found])


def _soonest(found: Sequence[Evening]) -> Evening:
    """Of evenings that are about as short as the shortest the one whose glasses are done the soonest on the average."""
    best = min(found, key=lambda one: (sum(slot.late for slot in one.late), one.makespan))
    alike = [one for one in found if not one.late and one.makespan <= best.makespan * (1 + _ALIKE)]
    return min(alike, key=lambda one: (sum(one.ends), one.makespan), default=best)


def _listed_better(setting: Setting, best: "_Placed", bound: float, work: int) -> "_Placed":
    """What comes of moving legs about in the list of priorities."""
    many = max(1, sum(end - first for _, first, end in best.order))
    chance = Random(many)
    for _ in range(work // many):
        moved = _moved(best.order, chance)
        if moved is None or (best.late <= 0 and best.makespan <= bound + _NEAR_S):
            break
        tried = _placed(setting, moved)
        if tried.worth <= best.worth:
            best = tried
    return best


def bound_of(setting: Setting) -> float:
    """No evening is shorter: all that the hands still have to do, and the longest chain."""
    begin = max(setting.now, setting.busy)
    hands, longest = begin, begin
    for glass, stand in enumerate(setting.stands):
        legs = setting.legs_of(glass)
        if legs:
            tasks = setting.chains[glass].tasks[stand.done:]
            hands += sum(task.seconds for task in tasks)
            start, end = stand.start, stand.end
            for task in tasks:
                start = max(begin, task.earliest(start, end)) if task is tasks[0] else task.earliest(start, end)
                end = start + task.seconds
            longest = max(longest, end)
    return max(hands, longest)


class _Placed(Struct):
    """An order of legs and what became of it."""

    order: Order
    slots: list[Slot] = field(default_factory=list)
    makespan: float = 0.0
    ends: float = 0.0

    @property
    def late(self) -> float:
        return sum(slot.late for slot in self.slots)

    @property
    def sequence(self) -> tuple[tuple[int, int], ...]:
        """What the hands do, one after the other: glass and task."""
        return tuple((slot.glass, slot.task) for slot in sorted(self.slots))

    @property
    def worth(self) -> tuple[float, float, float]:
        """The less the better: nobody late, then short, then each glass early."""
        return (self.late, self.makespan, self.ends)


def _starts(setting: Setting) -> Iterator[Order]:
    """Yield lists of priorities to begin with; what is under a clock already goes first in all of them."""
    legs = {glass: setting.legs_of(glass) for glass in range(len(setting.chains))}
    open_ = [glass for glass, own in legs.items() if own]
    urgent = {glass: _deadline(setting, glass) for glass in open_}
    first = [legs[glass][0] for glass in sorted(open_, key=urgent.__getitem__) if urgent[glass] < inf]
    rest = {glass: [leg for leg in legs[glass] if leg not in first] for glass in open_}
    orders = {tuple(open_), tuple(sorted(open_, key=lambda glass: _by_johnson(setting, glass))),
              tuple(sorted(open_, key=lambda glass: -sum(task.least for task in setting.chains[glass].tasks)))}
    for order in sorted(orders):
        yield first + [leg for glass in order for leg in rest[glass]]
        for ahead in (*_AHEAD, len(order)):
            yield first + _ahead([rest[glass] for glass in order], ahead)


def _as_in(setting: Setting, like: Evening) -> Order:
    """The legs that are left in the order in which an evening has them; what is under a clock first."""
    planned = {(slot.glass, slot.task): slot.start for slot in reversed(like.slots)}
    legs = [leg for glass in range(len(setting.chains)) for leg in setting.legs_of(glass)]
    return sorted(legs, key=lambda leg: (0, _deadline(setting, leg[0])) if _under_clock(setting, leg)
                  else (1, planned.get(leg[:2], inf)))


def _under_clock(setting: Setting, leg: Leg) -> bool:
    glass, first, _ = leg
    return first == setting.stands[glass].done and _deadline(setting, glass) < inf


def _ahead(rest: Sequence[Order], ahead: int) -> Order:
    """Legs such that each glass's first comes before the second of the glass so many before it."""
    found: list[tuple[int, int, Leg]] = []
    for number, legs in enumerate(rest):
        found += [(number + step * ahead, -step, leg) for step, leg in enumerate(legs)]
    return [leg for _, _, leg in sorted(found)]


def _by_johnson(setting: Setting, glass: int) -> tuple[int, float]:
    """Johnson's rule: what is soon ready to wait goes first, and what waits briefly last."""
    tasks = setting.chains[glass].tasks[setting.stands[glass].done:]
    before = next((at for at, task in enumerate(tasks) if task.least > 0), len(tasks))
    hands, waits = sum(task.seconds for task in tasks[:before]), sum(task.least for task in tasks)
    return (0, hands) if hands < waits else (1, -waits)


def _deadline(setting: Setting, glass: int) -> float:
    stand = setting.stands[glass]
    return setting.chains[glass].tasks[stand.done].latest(stand.start, stand.end) if stand.done else inf


def _moved(order: Order, chance: Random) -> Order | None:
    """One leg somewhere else in the list, its glass's own order kept; None where there is but one."""
    if len(order) < 2:
        return None
    at = chance.randrange(len(order))
    leg = order[at]
    rest = order[:at] + order[at + 1:]
    own = [number for number, other in enumerate(rest) if other[0] == leg[0]]
    low = max((number + 1 for number in own if rest[number][1] < leg[1]), default=0)
    high = min((number for number in own if rest[number][1] > leg[1]), default=len(rest))
    to = chance.randint(low, high)
    return rest[:to] + [leg] + rest[to:]


def _placed(setting: Setting, order: Order) -> _Placed:
    """Place all legs, each as early as it goes."""
    made = _Placed(order)
    hands = Hands(max(setting.now, setting.busy))
    stands = {glass: (stand.start, stand.end) for glass, stand in enumerate(setting.stands)}
    held: list[tuple[float, float]] = []
    for glass, first, end in order:
        chain = setting.chains[glass]
        for low, high in chain.blocks(first, end):
            stands[glass] = _place(setting, made, hands, held, glass, low, high, stands[glass])
        made.makespan = max(made.makespan, stands[glass][1])
        made.ends += stands[glass][1]
    return made


def _place(
    setting: Setting, made: _Placed, hands: Hands, held: list[tuple[float, float]], glass: int, low: int, high: int,
    stand: tuple[float, float],
) -> tuple[float, float]:
    """Place one block of a glass that stands since those times; when its last task begins and ends."""
    chain = setting.chains[glass]
    tasks = chain.tasks[low:high]
    first = max(setting.now, tasks[0].earliest(*stand))
    if len(tasks) == 1 and tasks[0].droppable:
        parts = hands.parts(first, tasks[0].seconds)
        made.slots += [Slot(a, b, glass, low) for a, b in parts]
        for part in parts:
            hands.take(*part)
        return parts[0][0], parts[-1][1]
    due = max(first, tasks[0].latest(*stand))
    starts = _free_place(setting, hands, held, chain, low, high, first, due)
    if starts is None:                                         # too late already: as soon as it goes, and told
        starts = place_block(hands, tasks, first) or _one_by_one(hands, tasks, first)
    late = max(0.0, starts[0] - tasks[0].latest(*stand))
    for number, (task, start) in enumerate(zip(tasks, starts, strict=True)):
        if number:
            late = max(0.0, start - task.latest(starts[number - 1], starts[number - 1] + tasks[number - 1].seconds))
        made.slots.append(Slot(start, start + task.seconds, glass, low + number, late if late > _EPS else 0.0))
        hands.take(start, start + task.seconds)
    held += [(starts[a - low] if a >= low else setting.now, starts[b - low])
             for a, b in chain.places if low <= b < high]
    return starts[-1], starts[-1] + tasks[-1].seconds


def _free_place(
    setting: Setting, hands: Hands, held: list[tuple[float, float]], chain: Chain, low: int, high: int, first: float,
    due: float,
) -> list[float] | None:
    """The starts of a block such that there is a place for the glass while it needs one."""
    tasks = chain.tasks[low:high]
    own = next(((a, b) for a, b in chain.places if low <= a < b < high), None)
    while True:
        starts = place_block(hands, tasks, first, due)
        if starts is None or own is None:
            return starts
        begun, ended = starts[own[0] - low], starts[own[1] - low]
        over = [one for one in held if one[0] < ended - _EPS and one[1] > begun + _EPS]
        if _most_at_once(over) < setting.places:
            return starts
        first = max(first, first + min(end for _, end in over) - begun)


def _most_at_once(held: Sequence[tuple[float, float]]) -> int:
    many = most = 0
    for _, change in sorted([(begun, 1) for begun, _ in held] + [(end, -1) for _, end in held]):
        many += change
        most = max(most, many)
    return most


def _one_by_one(hands: Hands, tasks: Sequence[Task], first: float) -> list[float]:
    """Each task as soon as it goes, whether or not its window is missed."""
    starts: list[float] = []
    start, end = first, first
    for number, task in enumerate(tasks):
        at = hands.starts(max(first, task.earliest(start, end)) if number else first, inf, task.seconds)[0][0]
        starts.append(at)
        start, end = at, at + task.seconds
    return starts
