"""The schools of timing, their steps and their cautions."""

import pytest

from specimens import job, run
from vitrograph.core.etch import CAUTIONS, SCHOOLS


@pytest.mark.parametrize(("name", "minutes", "timers"), [
    ("brief-worked", 2.5, 1), ("five-stir-five", 10.5, 3), ("long-still", 15.0, 1)])
def test_each_school_runs_its_own_timers(name, minutes, timers):
    plan = run(job(etch__school=name)).etch
    timed = [step for step in plan.steps if step.seconds is not None]
    assert len(timed) == timers
    assert sum(step.seconds for step in timed) == plan.school.seconds == minutes * 60
    assert plan.area == pytest.approx(run(job()).sheet.openings.area)


@pytest.mark.parametrize("name", list(SCHOOLS))
def test_cautions_stand_before_the_cream_and_before_the_rinse(name):
    steps = run(job(etch__school=name)).etch.steps
    first_timer = next(i for i, step in enumerate(steps) if step.seconds)
    assert "Gloves and goggles" in steps[0].caution
    assert any(step.caution for step in steps[1:first_timer])
    rinse = next(step for step in steps if step.says.startswith("Rinse"))
    assert "gloves" in rinse.caution.lower()


def test_the_label_outranks_the_plan_and_dry_comes_before_peel():
    assert "safety data sheet" in CAUTIONS[0] and "outrank" in CAUTIONS[0]
    says = [step.says for step in run(job()).etch.steps]
    dry, peel = (next(i for i, text in enumerate(says) if text.startswith(word)) for word in ("Dry it", "Peel"))
    assert dry < peel
