"""The schools of timing, their steps and their cautions."""

import re

import pytest

from specimens import job, run
from vitrograph.core.etch import CAUTIONS, SCHOOLS, plan_etch
from vitrograph.core.etch.plan import EtchInput
from vitrograph.core.findings import Code


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


@pytest.mark.parametrize(("school", "most", "longer"), [
    ("brief-worked", 24_000, True), ("five-stir-five", 100_800, False), ("long-still", 144_000, False)])
def test_an_area_that_takes_long_to_cover_is_told_of(school, most, longer):
    """400 mm² a second and two fifths of the time under cream: common practice, no published source."""
    given = EtchInput(school, "ordinary", "resist")
    assert plan_etch(given, most - 1.0).findings == ()
    (found,) = plan_etch(given, most + 1.0).findings
    assert (found.code, found.limit) == (Code.TIMING, pytest.approx(most / 400))
    assert found.value == pytest.approx((most + 1) / 400)
    assert (found.remedy is not None) == longer
    if longer:
        assert plan_etch(EtchInput("five-stir-five", "ordinary", "resist"), most + 1.0).findings == ()


def test_the_area_is_that_of_all_films_on_the_glass_and_steps_are_numbered_from_one():
    one, three = (run(job("I", width=5.0, fit__times=times)) for times in (1, 3))
    assert three.etch.area == pytest.approx(3 * one.etch.area)
    timed = [step.key for step in run(job(etch__school="five-stir-five")).etch.steps if step.seconds]
    assert timed == ["five-stir-five 1", "five-stir-five 2", "five-stir-five 3"]
    doubtful = plan_etch(EtchInput("brief-worked", "bakeware", "resist"), 10.0).steps[1]
    assert re.search(r"no crack, no scratch\. [A-Z][\w ,-]+ glass: [a-z]", doubtful.says)
    assert "cracked" in doubtful.caution
