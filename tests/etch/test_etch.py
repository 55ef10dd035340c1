"""Recipes, their steps and clocks, how uneven they come out, the cream they take, and the cautions."""

import json
import re
from datetime import date

import msgspec
import pytest
from hypothesis import given
from hypothesis import strategies as st

from specimens import FIFTEEN, job, run
from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.etch import (
    CAUTIONS,
    TROUBLES,
    CreamNeed,
    check_pot,
    covered,
    cream_for,
    json_of_recipe,
    label_recipe,
    lasting,
    longer_than,
    plan_etch,
    read_recipe,
    recipe_named,
    speed_of,
    stands,
    tally_etch,
    trouble_named,
    usual_recipes,
)
from vitrograph.core.etch.plan import EtchInput
from vitrograph.core.findings import Code, Level
from vitrograph.core.job import Cream, Phase, Recipe, Weighing
from vitrograph.core.job.tree import plain, read_record
from vitrograph.core.says import in_words
from vitrograph.core.work import Happened, Progress, StepRef

COAT, REST = {"does": "coat", "how": "thick"}, {"does": "rest", "seconds": 60}
FIVE = recipe_named("five, stir, five")
BRIEF = recipe_named("Label's time, worked")


def given_as(recipe=FIVE, material="ordinary", kind="resist", speed=400.0, halves=False, colour="none"):
    return EtchInput(recipe, material, kind, speed, halves, colour)


def test_the_usual_ways_are_there_with_their_times():
    """Common practice, no published source: these ways and no other times."""
    assert {one.name: one.seconds / 60 for one in usual_recipes()} == {
        "Label's time, worked": 2, "Three minutes, worked": 3, "Three to five minutes": 4, "Two coats": 7,
        "Five, and two more": 8.25, "Ten, not moved": 10, "Five, stir, five": 10.5, "Worked, then still": 12.5,
        "Fifteen, thick": 15, "Worked five, left twenty": 25, "An hour": 60}
    assert all(one.says and one.others for one in usual_recipes())
    assert Recipe() == FIVE
    assert longer_than(BRIEF, 200.0).name == "Three to five minutes" and longer_than(FIVE, 9e9) is None
    assert label_recipe(3.0).seconds == 180.0


@given(st.sampled_from(usual_recipes()), st.integers(1, 200_000))
def test_a_recipe_made_to_last_so_long_lasts_it_to_the_second_and_changes_nothing_but_its_waits(recipe, seconds):
    made, stirred = lasting(recipe, seconds), recipe.seconds - sum(one.seconds for one in recipe.phases if one.waited)
    if made is None:
        waits = sum(one.waited for one in recipe.phases)
        assert seconds == recipe.seconds or seconds <= stirred + 2 * waits or seconds > 86_400
        return
    assert made.seconds == seconds and made.name == f"{recipe.name}, changed"
    for now, before in zip(made.phases, recipe.phases, strict=True):
        assert (now.does, now.how, now.tolerance) == (before.does, before.how, before.tolerance)
        stretch = (seconds - stirred) / (recipe.seconds - stirred)
        assert now.seconds == (pytest.approx(before.seconds * stretch, abs=1.0) if before.waited else before.seconds)


@pytest.mark.parametrize("recipe", usual_recipes(), ids=lambda recipe: recipe.name)
def test_each_recipe_runs_its_own_clocks(recipe):
    plan = run(job(etch__recipe=recipe)).etch
    timed = [step for part in plan.under for step in part if step.step.seconds is not None]
    assert [one.step.seconds for one in timed] == [phase.seconds for phase in recipe.phases if phase.waited]
    assert [one.step.hands for one in timed] == [phase.does == "work" for phase in recipe.phases if phase.waited]
    assert plan.seconds == recipe.seconds and plan.area == pytest.approx(run(job()).sheet.openings.area)
    assert len({step.key for step in plan.steps}) == len(plan.steps)
    says = [in_words(step.says, "mm") for step in plan.steps]
    at = {word: next(i for i, text in enumerate(says) if text.startswith(word)) for word in
          ("Put on gloves", "Scrape", "Rinse", "Dry it", "Hold it against", "Peel", "Wash")}
    assert list(at.values()) == sorted(at.values())
    assert "Gloves and goggles" in plan.steps[0].caution and "gloves" in plan.steps[at["Rinse"]].caution.lower()
    assert "medical help" in plan.under[0][0].step.caution


def test_the_label_outranks_the_plan_and_a_doubtful_glass_is_tried_first():
    assert "safety data sheet" in CAUTIONS[0] and "outrank" in CAUTIONS[0]
    doubtful = plan_etch(given_as(material="bakeware"), 10.0).before[1]
    assert re.search(r"no crack, no scratch\. [A-Z][\w ,-]+ glass: [a-z]", doubtful.says)
    assert "cracked" in doubtful.caution
    assert [step.key for step in plan_etch(given_as(kind="decal"), 10.0).steps] == ["nothing"]


@pytest.mark.parametrize(("recipe", "most", "longer"), [
    (BRIEF, 19_200, "Three minutes, worked"), (FIVE, 100_800, "Worked, then still"),
    (recipe_named("an hour"), 576_000, None)])
def test_an_area_that_takes_long_to_cover_is_told_of_with_by_how_much(recipe, most, longer):
    """400 mm² a second and two fifths of the time under cream: common practice, no published source."""
    assert plan_etch(given_as(recipe), most - 1.0).findings == ()
    (found,) = plan_etch(given_as(recipe), most + 1.0).findings
    assert (found.code, found.limit) == (Code.TIMING, pytest.approx(most / 400))
    assert found.value == pytest.approx((most + 1) / 400)
    first, last = stands(recipe, found.value)
    assert first - last == pytest.approx(found.value) and last == recipe.seconds
    offered = [one for one in (found.remedy, *found.others) if one is not None]
    assert [one.label for one in offered] == [*([f"Use '{longer}'"] if longer else []),
                                              "Etch it in halves, one after the other"]
    assert plan_etch(given_as(recipe, halves=True), most + 1.0).findings == ()
    if longer:                                                 # what is offered is long enough, the next shorter is not
        (found,) = plan_etch(given_as(recipe), 1.9 * most).findings
        enough = recipe_named(found.remedy.label.removeprefix("Use '").removesuffix("'"))
        assert plan_etch(given_as(enough), 1.9 * most).findings == ()
        assert all(plan_etch(given_as(one), 1.9 * most).findings for one in usual_recipes()
                   if recipe.seconds < one.seconds < enough.seconds)
    assert stands(msgspec.structs.replace(recipe, clock="first"), 30.0) == (recipe.seconds, recipe.seconds - 30.0)


def test_halves_are_etched_one_after_the_other_with_steps_of_their_own():
    whole, halves = plan_etch(given_as(), 8000.0), plan_etch(given_as(halves=True), 8000.0)
    assert halves.covering == whole.covering / 2 == 10.0
    keys = [step.key for step in halves.steps]
    assert len(set(keys)) == len(keys) and keys.index("first rinse") < keys.index("other half") < keys.index(
        "second coat 1") < keys.index("rinse") < keys.index("peel")


def test_coats_are_told_apart_where_there_are_several():
    coats = {name: [in_words(step.says, "mm") for step in plan_etch(given_as(recipe_named(name)), 300.0).steps
                    if step.key.startswith("coat ")] for name in ("Two coats", "Ten, not moved")}
    assert [says.startswith(f"Coat {number} of 2. ") for number, says in enumerate(coats["Two coats"], start=1)] == [
        True, True]
    assert len(coats["Ten, not moved"]) == 1 and not coats["Ten, not moved"][0].startswith("Coat ")


def test_each_copy_round_a_glass_takes_its_own_cream():
    twice = run(job("I", width=8.0, fit__times=2))
    assert twice.etch.area == pytest.approx(2 * twice.sheet.frosted.area) == 2 * run(job("I", width=8.0)).etch.area


def test_an_order_is_added_up_by_how_many_there_are_of_each():
    one, other = plan_etch(given_as(), 300.0), plan_etch(given_as(FIFTEEN), 50.0)
    tally = tally_etch([(one, 4), (other, 2), (plan_etch(given_as(kind="decal"), 0.0), 9)])
    assert (tally.glasses, tally.area, tally.seconds) == (6, 1300.0, 900.0)


def test_colour_is_for_display_and_keeps_off_the_lip():
    """20 mm below the rim is the lip area of ISO 7086-1 and ASTM C927 (as design documents cite them)."""
    on, off, tint = (plan_etch(given_as(colour=way), 10.0, 25.0) for way in ("wax on", "wax off", "tint"))
    order = [[step.key for step in plan.steps] for plan in (on, off, tint)]
    assert order[0].index("wax") < order[0].index("peel") and order[1].index("wash") < order[1].index("wax")
    wax = [next(step for step in plan.steps if step.key == "wax").says for plan in (on, off)]
    assert "into the openings" in wax[0] and "Wipe the clear glass" in wax[1] and "Wipe" not in wax[0]
    assert order[2][:2] == ["tint", "tint dries"] and tint.steps[1].seconds >= 8 * 3600
    for plan in (on, off, tint):
        assert [found.level for found in plan.findings] == [Level.NOTE]
        assert all("display only" in step.caution for step in plan.steps if step.key in ("wax", "tint"))
    (near, _) = plan_etch(given_as(colour="wax on"), 10.0, 19.9).findings
    assert (near.code, near.level, near.value, near.limit) == (Code.COLOUR, Level.STOP, 19.9, 20.0)
    assert run(job(etch__colour="wax off", fit__from_rim=5.0)).etch.findings[0].value == pytest.approx(5.0, abs=0.6)


@given(st.floats(1.0, 1e6), st.floats(0.1, 5.0))
def test_cream_is_density_times_volume(area, coat):
    need = cream_for(area, area / 2, coat, Cream())
    assert need.laid == pytest.approx(1.3 * area * coat / 1000) and need.at_once == pytest.approx(need.laid / 2)
    assert need.used == pytest.approx(0.2 * need.laid) and need.weighed == 0 and need.cost == 0


def test_weighing_the_pot_and_timing_the_coat_replace_the_guesses():
    """Three weighings at half a milligram a square millimetre; three coats at 200 mm² a second."""
    pots = tuple(Weighing(80.0, 80.0 - grams, grams * 2000.0) for grams in (1.0, 2.0, 4.0))
    need = cream_for(10_000.0, 0.0, 1.5, Cream(weighed=pots, full=80.0, price=16.0))
    assert (need.used, need.weighed, need.cost) == (pytest.approx(5.0), 3, pytest.approx(1.0))
    assert need.share == pytest.approx(5.0 / 80.0)
    assert cream_for(10_000.0, 0.0, 1.5, Cream(weighed=pots[:2])).weighed == 0
    coats = [(2000.0, 10.0), (4000.0, 20.0), (1000.0, 5.0)]
    assert speed_of("brush", coats) == 200.0 and speed_of("brush", coats[:2]) == 400.0
    assert speed_of("brush", [*coats, (4000.0, 0.4), (4000.0, 0.0)]) == 200.0, "nobody lays on 4000 mm² in 0.4 s"


def test_a_pot_tells_of_the_coats_ticked_off_since_it_was_weighed_last():
    def coat(piece, copy, step="coat 1"):
        return StepRef("etch", piece, copy, step)

    areas = {1: 600.0, 2: 500.0}                               # of the second, each half by itself
    assert covered(areas, Progress({StepRef("weed", 1, 1, "coat 1"): 5.0}), ()) is None
    done = Progress({coat(1, 1): 10.0, coat(1, 2): 20.0, coat(2, 1): 30.0, coat(2, 1, "coat 2"): 35.0,
                     coat(2, 1, "second coat 1"): 40.0, coat(9, 1): 50.0})
    assert covered(areas, done, ()) == 600.0 + 600.0 + 500.0 + 500.0
    weighed = [Happened(15.0, "weighed"), Happened(16.0, "pause")]
    assert covered(areas, done, weighed) == 600.0 + 1000.0
    assert covered(areas, done, [*weighed, Happened(40.0, "weighed")]) == 0.0


@pytest.mark.parametrize(("cream", "says"), [
    (Cream(grams=5.0), "5 g in the pot, and about 20 g lie on glass at once"),
    (Cream(grams=25.0), "uses up about 30 g"), (Cream(gritty=True), "gritty"),
    (Cream(uses=15), "scraped back 15 times"), (Cream(opened_on="2024-01-01"), "2.9 years ago"),
    (Cream(grams=80.0, uses=14, opened_on="2025-06-01"), "")])
def test_the_pot_is_looked_at_before_the_first_coat(cream, says):
    need = CreamNeed(laid=150.0, at_once=20.0, used=30.0, weighed=0, cost=0.0)
    found = list(check_pot(cream, need, date(2026, 11, 28)))
    assert [says in str(one.says) for one in found] == ([True] if says else [])


@pytest.mark.parametrize(("change", "says"), [
    ({"phases": [COAT, {**REST, "seconds": 0}]}, "of no length"),
    ({"phases": [COAT, {**REST, "tolerance": 0}]}, "no hand is that exact"),
    ({"phases": [COAT] + 2 * [{**REST, "seconds": 54_000}]}, "30 hours under cream"),
    ({"phases": [REST, REST]}, "begin with a coat"), ({"phases": [COAT, {"does": "stir"}]}, "needs time"),
    ({"phases": [COAT, REST, COAT]}, "end with"), ({"phases": [{**COAT, "how": "dabbed"}, REST]}, "a coat is thin or"),
    ({"phases": [COAT, {**REST, "how": "thin"}]}, "has no 'how'"), ({"colour": 1}, "unknown field"),
    ({"phases": [{"does": "soak"}, {"does": "rest"}]}, "not one of the choices")])
def test_a_recipe_that_cannot_be_is_one_sentence(change, says, tmp_path):
    with pytest.raises(JobError, match=says):
        read_record({"name": "Mine", **change}, Recipe)
    (tmp_path / "mine.json").write_text(json.dumps({"name": "Mine", **change}))
    with pytest.raises(VitrographError, match=f"mine.json is no recipe: .*{says}") as refused:
        read_recipe(tmp_path / "mine.json")
    assert str(refused.value).count("the recipe") <= 1


def test_a_recipe_goes_to_a_file_and_back(tmp_path):
    mine = Recipe("Mine", (Phase("coat", "thin"), Phase("work", "dabbed", 200.0, 20.0)), "first", "The blue pot")
    (tmp_path / "mine.json").write_text(json_of_recipe(mine))
    assert read_recipe(tmp_path / "mine.json") == mine == read_record(plain(mine), Recipe)
    for bad in ("", "{", "[1]", "null"):
        (tmp_path / "bad.json").write_text(bad)
        with pytest.raises(VitrographError, match="is no recipe"):
            read_recipe(tmp_path / "bad.json")
    with pytest.raises(VitrographError, match="could not be opened"):
        read_recipe(tmp_path / "none.json")
    assert recipe_named("mine", (mine,)) == mine
    with pytest.raises(VitrographError, match="no recipe is called 'Nobody's'"):
        recipe_named("Nobody's")


def test_trouble_has_steps_and_the_corner_is_never_pressed_down():
    """Common practice, no published source."""
    assert [one.key for one in TROUBLES] == ["corner", "under", "hole", "drip", "no frost", "dried"]
    assert all(len(one.steps) >= 2 for one in TROUBLES)
    assert "Do not press" in trouble_named("corner").steps[0] and "at once" in trouble_named("drip").steps[0]
    assert trouble_named("drip").timed and "medical help" in trouble_named("drip").caution
