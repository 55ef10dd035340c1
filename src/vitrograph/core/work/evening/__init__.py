"""The evening: one pair of hands, many glasses, and clocks that nobody may miss."""

from vitrograph.core.work.evening.calm import MOST_LATE, CalmPlan, plan_calmly, plan_on
from vitrograph.core.work.evening.chains import Begun, Chain, Evening, Slot, Task
from vitrograph.core.work.evening.drawn import EVENINGS, Risk, risk_of
from vitrograph.core.work.evening.search import bound_of, plan_evening
from vitrograph.core.work.evening.setting import Setting

__all__ = [
    "EVENINGS", "MOST_LATE", "Begun", "CalmPlan", "Chain", "Evening", "Risk", "Setting", "Slot", "Task", "bound_of",
    "plan_calmly", "plan_evening", "plan_on", "risk_of",
]
