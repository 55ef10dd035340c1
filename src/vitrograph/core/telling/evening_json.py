"""The evening as plain data (docs/formats.md): what the hands do when, and what each glass waits for."""

from typing import Any

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import EveningPlan
from vitrograph.core.results import FinishedOrder


def evening_json(done: FinishedOrder) -> dict[str, Any]:
    """The schedule of an order's evening; where it is too much for one, `schedule` is null and `says` tells why."""
    try:
        evening = done.evening
    except VitrographError as error:
        return {"schedule": None, "says": str(error)}
    plan, need = evening.plan, evening.cream
    low, middle, high = plan.risk.ends
    return {
        "cream_g": need.used,
        "cream": {"laid_g": need.laid, "at_once_g": need.at_once, "used_g": need.used, "weighed": need.weighed,
                  "cost": need.cost, "share_of_pot": need.share},
        "schedule": schedule_of(evening),
        "makespan_s": plan.evening.makespan,
        "bound_s": plan.evening.bound,
        "late_risk": plan.risk.late,
        "at_once": plan.evening.at_once,
        "calm": plan.calm,
        "done_s": {"5 of 100": low, "50 of 100": middle, "95 of 100": high},
    }


def schedule_of(evening: EveningPlan) -> list[dict[str, Any]]:
    """Every task, and every wait without hands, in the order of their starts."""
    told: list[tuple[float, dict[str, Any]]] = []
    ended: dict[int, float] = {}
    for slot in evening.plan.evening.slots:
        glass = evening.glasses[slot.glass]
        task = glass.chain.tasks[slot.task]
        whose = {"piece": glass.name, "copy": glass.copy}
        if task.waits and slot.glass in ended:
            since = ended[slot.glass]
            told.append((since, {**whose, "task": task.waits, "start_s": since, "end_s": slot.start, "hands": False}))
        told.append((slot.start, {**whose, "task": task.name, "start_s": slot.start, "end_s": slot.end, "hands": True}))
        ended[slot.glass] = slot.end
    return [entry for _, entry in sorted(told, key=lambda one: one[0])]
