"""Clocks at their own time: where the hands are free anyway, a timed task waits until the time that is meant for it.

The plan is as short as it was, and its sequence the same: a task is only put off within the gap before the next one, or
between two parts of a task that is put down for it.
"""

from dataclasses import replace
from math import inf

from vitrograph.core.work.evening.chains import Evening, Slot
from vitrograph.core.work.evening.setting import Setting

_ROUNDS = 3                        # what comes after a task that was put off can be put off as well
_LEAST_S = 10.0                    # that a part of a task is left


def eased(setting: Setting, evening: Evening) -> Evening:
    """The evening with timed tasks put off towards their own times."""
    easing = _Easing(setting, list(evening.slots))
    for _ in range(_ROUNDS):
        easing.once()
    return replace(evening, slots=tuple(easing.slots))


class _Easing:
    def __init__(self, setting: Setting, slots: list[Slot]) -> None:
        self.setting, self.slots = setting, slots

    def once(self) -> None:
        """Put off each timed task as far as it goes, the last first."""
        after: dict[int, int] = {}                             # of each glass the slot that comes next
        for at in range(len(self.slots) - 1, -1, -1):
            slot = self.slots[at]
            if self.setting.chains[slot.glass].tasks[slot.task].timed and not slot.late:
                later = min(self._meant(at), self._latest(at, after))
                if later > slot.start + 1e-6:
                    self._put_off(at, later - slot.start)
            after[slot.glass] = at

    def _put_off(self, at: int, by: float) -> None:
        slots, slot, parts = self.slots, self.slots[at], self._parts(at)
        slots[at] = replace(slot, start=slot.start + by, end=slot.end + by)
        if parts:
            slots[at - 1] = replace(slots[at - 1], end=slots[at - 1].end + by)
            slots[at + 1] = replace(slots[at + 1], start=slots[at + 1].start + by)

    def _parts(self, at: int) -> bool:
        """Whether a slot parts one task that is put down for it, with no time between."""
        if not 0 < at < len(self.slots) - 1:
            return False
        before, slot, after = self.slots[at - 1:at + 2]
        whose = (before.glass, before.task)
        return (whose == (after.glass, after.task) and self.setting.chains[before.glass].tasks[before.task].droppable
                and slot.start - before.end < 1e-6 and after.start - slot.end < 1e-6)

    def _meant(self, at: int) -> float:
        """When a slot's task is meant to begin."""
        slot = self.slots[at]
        task, stand = self.setting.chains[slot.glass].tasks[slot.task], self.setting.stands[slot.glass]
        before = next((one for one in reversed(self.slots[:at]) if one.glass == slot.glass), None)
        start, end = (stand.start, stand.end) if before is None else (before.start, before.end)
        return max(end, (start if task.from_start else end) + task.planned)

    def _latest(self, at: int, after: dict[int, int]) -> float:
        """How late it may begin, so that no other task need move and nothing ends later."""
        slot = self.slots[at]
        if slot.glass not in after:
            return slot.start
        seconds, coming = slot.end - slot.start, self.slots[after[slot.glass]]
        task = self.setting.chains[slot.glass].tasks[coming.task]
        own = coming.start - max(seconds, task.least + (0.0 if task.from_start else seconds))
        if self._parts(at):
            return min(own, self.slots[at + 1].end - _LEAST_S - seconds)
        free = next((one.start for one in self.slots[at + 1:] if one.end > one.start), inf)
        return min(own, free - seconds)
