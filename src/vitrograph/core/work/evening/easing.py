"""Clocks at their own time: where the hands are free anyway, a timed task waits until the time that is meant for it.

The plan is as short as it was, and its sequence the same: a task is only put off within the gap before the next one.
"""

from dataclasses import replace
from math import inf

from vitrograph.core.work.evening.chains import Evening, Slot
from vitrograph.core.work.evening.setting import Setting

_ROUNDS = 3                        # what comes after a task that was put off can be put off as well


def eased(setting: Setting, evening: Evening) -> Evening:
    """The evening with timed tasks put off towards their own times."""
    slots = list(evening.slots)
    for _ in range(_ROUNDS):
        after: dict[int, int] = {}                             # of each glass the slot that comes next
        free = inf
        for at in range(len(slots) - 1, -1, -1):
            slot = slots[at]
            task = setting.chains[slot.glass].tasks[slot.task]
            seconds = slot.end - slot.start
            if task.timed and not slot.late:
                later = min(_meant(setting, slots, at), free - seconds, _latest(setting, slots, at, after))
                if later > slot.start + 1e-6:
                    slots[at] = replace(slot, start=later, end=later + seconds)
            after[slot.glass] = at
            if seconds > 0:
                free = slots[at].start
    return replace(evening, slots=tuple(slots))


def _meant(setting: Setting, slots: list[Slot], at: int) -> float:
    """When a slot's task is meant to begin."""
    slot = slots[at]
    task = setting.chains[slot.glass].tasks[slot.task]
    before = next((one for one in reversed(slots[:at]) if one.glass == slot.glass), None)
    stand = setting.stands[slot.glass]
    start, end = (stand.start, stand.end) if before is None else (before.start, before.end)
    return max(end, (start if task.from_start else end) + task.planned)


def _latest(setting: Setting, slots: list[Slot], at: int, after: dict[int, int]) -> float:
    """How late it may begin, so that its glass's next task need not move and nothing ends later."""
    slot = slots[at]
    if slot.glass not in after:
        return float(slot.start)
    coming = slots[after[slot.glass]]
    task = setting.chains[slot.glass].tasks[coming.task]
    seconds = slot.end - slot.start
    return float(coming.start - max(seconds, task.least + (0.0 if task.from_start else seconds)))
