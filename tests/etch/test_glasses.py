"""The evening of an order: each glass's tasks by its own steps, its cream's windows, and how it is told."""

import json
from datetime import date
from itertools import pairwise

import pytest
from msgspec.structs import replace

from specimens import job, run
from vitrograph.cli import main
from vitrograph.core.demo import open_night
from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import (
    Clocked,
    OwnTimes,
    WorkOfPiece,
    broken_glasses,
    clocks_to_start,
    evening_of,
    glasses_of,
    json_of_recipe,
    lines_of,
    live_of,
    own_times,
    recipe_named,
    running_clocks,
    settling_clocks,
    usual_recipes,
    waits_passed,
    words_of,
)
from vitrograph.core.job import Cream, EtchChoices, Order, Phase, Recipe
from vitrograph.core.logbook import Logbook, Makings, default_path
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.telling.plan_json import plan_of
from vitrograph.core.work import Clock, Happened, Pace, Progress, StepRef

DAY = date(2026, 11, 28)


def work_of(made, own=None) -> WorkOfPiece:
    done = run(made)
    return WorkOfPiece(made, done.fitted, done.weed, done.transfer, done.etch, own or OwnTimes())


@pytest.mark.parametrize("changes", [
    {}, {"count": 3}, {"fit__times": 2}, {"etch__halves": True}, {"etch__colour": "wax on"}, {"etch__colour": "tint"},
    {"stencil__kind": "decal"}, *({"etch__recipe": recipe} for recipe in usual_recipes())])
def test_every_step_of_every_glass_belongs_to_one_task(changes):
    work = work_of(job("I", width=8.0, **changes))
    glasses = glasses_of([work])
    assert [glass.copy for glass in glasses] == list(range(1, work.job.count + 1))
    refs = [ref for glass in glasses for ref in (*sum(glass.refs, ()), *sum(glass.waits, ()))]
    assert len(set(refs)) == len(refs)
    sheets = work.fitted.sheets
    assert len([ref for ref in refs if ref.station == "etch"]) == len(work.etch.steps) * work.job.count
    assert len([ref for ref in refs if ref.station == "weed"]) == len(work.weed.steps) * work.job.count * sheets
    assert len([ref for ref in refs if ref.station == "transfer"]) == work.job.count * sum(
        len(work.transfer.steps_of(copy)) for copy in range(1, sheets + 1))
    evening = evening_of([work], EtchChoices(), DAY)
    assert not evening.plan.evening.late


@pytest.mark.parametrize("recipe", usual_recipes(), ids=lambda recipe: recipe.name)
def test_no_cream_stands_shorter_than_its_recipe_nor_longer_than_its_tolerance(recipe):
    """From the coat to the rinse: all phases' times, and at most all their tolerances more."""
    work = work_of(job("I", width=8.0, count=2, etch__recipe=recipe))
    evening = evening_of([work], EtchChoices(recipe=recipe), DAY)
    allowed = sum(max(30.0, phase.tolerance) for phase in recipe.phases)
    for number, glass in enumerate(evening.glasses):
        slots = evening.plan.evening.of(number)
        (rinse,) = [slot for slot in slots if glass.chain.tasks[slot.task].name == "Scrape and rinse"]
        coats = [slot for slot in slots if "oat" in glass.chain.tasks[slot.task].name or
                 glass.chain.tasks[slot.task].name == "Cream on"]
        under = rinse.start - coats[0].end - sum(slot.end - slot.start for slot in coats[1:])
        assert recipe.seconds - 1.0 <= under <= recipe.seconds + allowed


def test_the_clock_may_start_at_the_first_dab():
    """The rinse then comes sooner by as long as covering takes."""
    stands = []
    for clock in ("covered", "first"):
        work = work_of(job("I", width=40.0, etch__speed=40.0, etch__recipe__clock=clock))
        evening = evening_of([work], EtchChoices(), DAY)
        glass, slots = evening.glasses[0], evening.plan.evening.slots
        coat = next(slot for slot in slots if glass.chain.tasks[slot.task].name == "Cream on")
        stir = glass.chain.tasks[coat.task + 1]
        assert stir.from_start == (clock == "first") and stir.planned == stir.least == 300.0
        stands.append(next(slot for slot in slots if slot.task == coat.task + 1).start - coat.end)
    assert stands[0] - stands[1] == pytest.approx(work.etch.covering + 10.0, abs=1.0)


def test_cream_bounds_how_many_stand_at_once_and_too_many_glasses_are_refused():
    work = work_of(job("I", width=20.0, count=4))
    grams = work.etch.area * 1.5 * 1.3 / 1000
    assert evening_of([work], EtchChoices(cream=Cream(grams=1.5 * grams), pots=2, places=9), DAY).plan.places == 3
    few = evening_of([work], EtchChoices(cream=Cream(grams=1.5 * grams)), DAY)
    assert few.plan.places == 1 and few.plan.evening.at_once == 1
    assert few.cream.laid == pytest.approx(4 * grams) and few.cream.at_once == pytest.approx(grams)
    halves = evening_of([work_of(job("I", width=20.0, count=4, etch__halves=True))],
                        EtchChoices(cream=Cream(grams=1.5 * grams), places=9), DAY)
    assert halves.plan.places == 3, "of a glass in halves only a half is under cream at once"
    assert halves.cream.laid == pytest.approx(4 * grams)
    assert halves.cream.at_once == pytest.approx(halves.plan.evening.at_once * grams / 2)
    assert any("pots" in str(found.says) for found in evening_of([work], EtchChoices(pots=3), DAY).findings)
    with pytest.raises(VitrographError, match="500 glasses are more than one evening: plan at most 60"):
        evening_of([work_of(job("I", width=8.0, count=500))], EtchChoices(), DAY)


def test_hands_that_would_be_late_too_often_are_told():
    hasty = Recipe().phases
    hasty = tuple(replace(phase, tolerance=5.0) if phase.seconds else phase for phase in hasty)
    for phases, calm, told in ((Recipe().phases, EtchChoices().calm, False), (hasty, 0.0, True)):
        made = job("I", width=8.0, count=4, etch__recipe=Recipe("Hasty", phases), etch__calm=calm)
        evening = evening_of([work_of(made)], made.etch, DAY)
        assert (evening.plan.risk.late > 0.02) == told
        assert any("of 100 glasses would be late at a clock" in str(found.says) for found in evening.findings) == told


def ticked(glass, upto: int, at: float) -> dict:
    return {ref: at for refs in glass.refs[:upto] for ref in refs}


def test_an_evening_under_way_goes_on_from_what_is_ticked():
    work = work_of(job("I", width=8.0, count=2))
    evening = evening_of([work], EtchChoices(), DAY)
    glass = evening.glasses[0]
    coat = next(at for at, task in enumerate(glass.chain.tasks) if task.name == "Cream on")
    assert live_of(evening, Progress(), (), 0.0) is None
    begun = Happened(1000.0, "begun")
    progress = Progress(ticked(glass, coat + 1, 2000.0), {glass.waits[coat + 1][0]: Clock(300.0, 2000.0)})
    live = live_of(evening, progress, (begun,), 2100.0)
    assert live.begun[0].done == coat + 1 and live.begun[0].end == 1000.0 and not live.paused
    stir = next(slot for slot in live.plan.evening.slots if slot.glass == 0)
    assert live.origin + stir.start - 2000.0 == pytest.approx(300.0) and not live.plan.evening.late
    assert live.done_at == live.origin + live.plan.evening.makespan > 2100.0
    assert live.waits == pytest.approx(live.origin + live.plan.evening.slots[0].start - 2100.0)
    timed = Progress(progress.done, {**progress.clocks, glass.refs[coat][0]: Clock(0.0, 1950.0)})
    assert live_of(evening, timed, (begun,), 2100.0).begun[0].start == 950.0        # its first dab
    late = live_of(evening, progress, (begun,), 2400.0)
    assert late.next == (0, coat + 1) and late.plan.evening.late[0].late == pytest.approx(70.0)
    broken = (begun, Happened(2100.0, "broken", glass.piece, 1))
    assert {slot.glass for slot in live_of(evening, progress, broken, 2100.0).plan.evening.slots} == {1}
    assert broken_glasses((*broken, Happened(2200.0, "again", glass.piece, 1))) == set()
    assert live_of(evening, progress, (begun, Happened(1.0, "pause")), 2100.0).paused
    half = dict(list(ticked(glass, 1, 1500.0).items())[:1])
    left = live_of(evening, Progress(half), (begun,), 1500.0).plan.evening
    assert sum(slot.end - slot.start for slot in left.slots if (slot.glass, slot.task) == (0, 0)) == pytest.approx(
        glass.chain.tasks[0].seconds * (1 - 1 / len(glass.refs[0])))
    assert [slot.task for slot in sorted(left.slots, key=lambda slot: slot.start) if slot.glass == 0] == list(
        range(len(glass.chain.tasks))), "all the rest follows, each once"
    passed = Progress(ticked(glass, coat + 2, 2000.0))
    assert set(waits_passed(evening, passed)) == {ref for waits in glass.waits[:coat + 2] for ref in waits}


def test_an_evening_that_is_gone_on_with_the_next_day_is_told_from_then():
    evening = evening_of([work_of(job("I", width=8.0, count=2))], EtchChoices(), DAY)
    glass, day = evening.glasses[0], 86400.0
    first = ticked(glass, 1, 2000.0)
    for progress, now, resumed in (
        (Progress(), 1500.0, 1000.0), (Progress(first), 2000.0 + 10_000, 1000.0), (Progress(first), day, day),
        (Progress({**ticked(glass, 2, day), **first}), day + 900.0, day),
    ):
        assert live_of(evening, progress, (Happened(1000.0, "begun"),), now).resumed == resumed


def test_hands_that_have_nothing_else_to_do_wait_for_the_clock():
    evening = evening_of([work_of(job("I", width=8.0))], EtchChoices(), DAY)
    glass = evening.glasses[0]
    coat = next(at for at, task in enumerate(glass.chain.tasks) if task.name == "Cream on")
    progress = Progress(ticked(glass, coat + 1, 2000.0), {glass.waits[coat + 1][0]: Clock(300.0, 2000.0)})
    assert live_of(evening, progress, (Happened(1000.0, "begun"),), 2100.0).waits == pytest.approx(200.0)


def test_clocks_start_by_what_is_ticked_and_tell_what_is_done_then():
    made = job("I", width=8.0, count=2)
    done = run(made)
    pieces = [Clocked(made, done.etch, done.transfer)]
    coat, rest = (StepRef("etch", made.key, 2, key) for key in ("coat 1", "rest 1 300"))
    assert list(clocks_to_start(pieces, Progress({coat: 50.0}))) == [(rest, Clock(300.0, 50.0))]
    assert list(clocks_to_start(pieces, Progress({coat: 50.0, rest: 60.0}))) == []
    first = [Clocked(made.changed(etch__recipe__clock="first"), done.etch, done.transfer)]
    timed = Progress({coat: 50.0}, {coat: Clock(0.0, 20.0)})
    assert list(clocks_to_start(first, timed)) == [(rest, Clock(300.0, 20.0))]
    running = Progress({}, {rest: Clock(300.0, 0.0), StepRef("etch", made.key, 1, "dry"): Clock(300.0, 0.0)})
    for now, says in ((200.0, "1:40, then stir"), (280.0, "0:20, stir, from now on"), (310.0, "late 0:10, stir now"),
                      (331.0, "late 0:31, stir at once")):
        (clock,) = running_clocks(pieces, running, now)
        assert words_of(clock) == f"Untitled, 2 of 2: {says}" and clock.late == (now > 330)
    last = Progress({}, {StepRef("etch", made.key, 1, "rest 2 300"): Clock(300.0, 0.0)})
    assert running_clocks(pieces, last, 0.0)[0].does == "scrape and rinse"
    assert running_clocks([], last, 0.0)[0].does == "see to it"


def test_films_that_settle_have_clocks_till_half_an_hour_after():
    made = job("I", width=8.0)
    done = run(made)
    pieces = [Clocked(made, done.etch, done.transfer)]
    settle = next(step.key for step in done.transfer.steps if step.key.startswith("settle"))
    running = Progress({}, {StepRef("transfer", made.key, 1, settle): Clock(900.0, 0.0),
                            StepRef("etch", made.key, 1, "rest 1 300"): Clock(300.0, 0.0)})
    (clock,) = settling_clocks(pieces, running, 600.0)
    assert (clock.name, clock.does, clock.left) == ("Untitled", "go on with it", 300.0) and not clock.late
    assert len(settling_clocks(pieces, running, 900.0 + 1799.0)) == 1
    assert settling_clocks(pieces, running, 900.0 + 1801.0) == ()


def test_what_follows_a_worked_stretch_may_wait_as_long_as_that_allows_and_no_other_step():
    phases = (Phase("coat", "thin"), Phase("work", "dabbed", 120.0, 70.0), Phase("stir", "", 20.0, 5.0),
              Phase("check", "", 10.0, 5.0))
    work = work_of(job("I", width=8.0, etch__recipe=Recipe("Dabbed, stirred, looked at", phases)))
    tasks = glasses_of([work])[0].chain.tasks
    first = next(at for at, task in enumerate(tasks) if task.name == "Cream on")
    assert [(task.least, task.most) for task in tasks[first + 1:first + 4]] == [(0.0, 30.0), (0.0, 70.0), (0.0, 30.0)]


def hands_of(glass, name):
    return sum(task.seconds for task in glass.chain.tasks if task.name == name)


def test_steps_take_as_long_as_the_maker_took_before_and_the_plan_says_what_is_known():
    made = job("I", width=8.0)
    (guessed,) = glasses_of([work_of(made)])
    assert "is a guess" in evening_of([work_of(made)], EtchChoices(), DAY).hands
    gaps = {("transfer", "tape"): [90.0] * 5 + [0.9, 890.0],   # ticked off later, and a rest
            ("etch", "peel"): [50.0, 40.0, 60.0, 45.0, 55.0], ("etch", "look over"): [9.0] * 5,
            ("etch", "scrape"): [20.0] * 6, ("etch", "rinse"): [80.0] * 5, ("etch", "wash"): [30.0] * 4,
            ("weed", "bit"): [4.0] * 50}
    own = own_times(Pace(3.0, 40), gaps)
    (mine,) = glasses_of([work_of(made, own)])
    bits = len(work_of(made).weed.edges)
    assert hands_of(mine, "Weed") == 3.0 * bits
    assert hands_of(mine, "Tape and set") - hands_of(guessed, "Tape and set") == pytest.approx(90.0 - 60.0)
    assert (hands_of(guessed, "Peel"), hands_of(mine, "Peel")) == (90.0, 50.0)
    assert (hands_of(guessed, "Scrape and rinse"), hands_of(mine, "Scrape and rinse")) == (105.0, 100.0)
    assert hands_of(mine, "Wash") == hands_of(guessed, "Wash"), "four say nothing yet"
    assert evening_of([work_of(made, own)], EtchChoices(), DAY).hands == (
        "by your own times, from 66 ticks: weeding, tape, peel, look over, scrape, rinse; the rest is a guess")


def test_the_command_plans_by_the_logbooks_ticks(tmp_path, capsys):
    save_order(Order.of(job("I", width=8.0)), tmp_path / "one.vitro")
    makings = Makings(Logbook(default_path()))
    for number in range(6):
        makings.tick("another", StepRef("etch", 1, number, "look"), 1e9 + 1000.0 * number)
        makings.tick("another", StepRef("etch", 1, number, "peel"), 1e9 + 1000.0 * number + 70.0)
    assert main(["evening", str(tmp_path / "one.vitro"), "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    (peel,) = [one for one in told["schedule"] if one["task"] == "Peel"]
    assert peel["end_s"] - peel["start_s"] == pytest.approx(70.0)
    assert told["hands"].startswith("by your own times, from 6 ticks: peel;")


def test_the_plan_and_the_command_tell_the_evening(tmp_path, capsys, monkeypatch):
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path))
    mine = tmp_path / "mine.json"
    mine.write_text(json_of_recipe(recipe_named("Two coats")))
    quick = ["quick", "--glass", "straight", "--top", "80", "--height", "100", "--text", "Gull", "--width", "40",
             "--out", str(tmp_path / "out"), "--count", "6"]
    for recipe, name in ((str(mine), "Two coats"), ("ten, not moved", "Ten, not moved")):
        assert main([*quick, "--recipe", recipe]) == 0
        capsys.readouterr()
        (file,) = (tmp_path / "out").glob("*.vitro")
        assert main(["plan", str(file), "--json"]) == 0
        etch = json.loads(capsys.readouterr().out)["etch"]
        assert etch["recipe"] == name and etch["phases"][0]["does"] == "coat"
        assert {(one["piece"], one["copy"]) for one in etch["schedule"]} == {("Gull", copy) for copy in range(1, 7)}
        hands = sorted((one["start_s"], one["end_s"]) for one in etch["schedule"] if one["hands"])
        assert all(end <= start + 1e-3 for (_, end), (start, _) in pairwise(hands))
        assert etch["makespan_s"] == pytest.approx(hands[-1][1]) and 0 <= etch["late_risk"] <= 0.02
        assert etch["cream_g"] > 0 and 1 <= etch["at_once"] <= 4
    assert main(["evening", str(file), "--json", "--calm", "1"]) == 0
    assert json.loads(capsys.readouterr().out)["calm"] == 1.0
    assert main(["evening", str(file), "--json"]) == 0
    told_json = capsys.readouterr().out
    assert main(["evening", str(file)]) == 0
    told = capsys.readouterr().out
    risk = json.loads(told_json)["late_risk"]
    assert "under cream at once" in told and f"{100 * risk:.1f} of 100 glasses late" in told
    order = load_order(file)
    save_order(order.changed(count=500), tmp_path / "many.vitro")
    for words, says in ((["evening", str(file), "--calm", "2"], "from 0 to 1"),
                        ([*quick, "--recipe", "Nobody's"], "no recipe"),
                        ([*quick, "--recipe", "none.json"], "could not be opened"),
                        (["evening", str(tmp_path / "many.vitro")], "500 glasses are more than one evening")):
        assert main(words) == 2
        err = capsys.readouterr().err
        assert says in err and err.count("\n") == 1


def test_the_open_night_is_one_evening_and_hardly_anybody_is_late():
    done = Pipeline().run_order(open_night()).finished()
    evening = done.evening
    assert len(evening.glasses) == done.order.count and evening.plan.is_calm
    assert len(lines_of(evening)) > 5 * len(evening.glasses)
    assert plan_of(done.only(done.pieces[:1]))["etch"]["glasses"] == 6


def test_how_long_hands_and_waits_take():
    """Common practice, no published source: what is planned until a maker's own times are known, seconds."""
    work = work_of(job("I", width=20.0, etch__colour="wax on", etch__halves=True))
    (glass,) = glasses_of([work])
    took = {task.name: round(task.seconds) for task in glass.chain.tasks}
    steps = {step.key.split(" ")[0] for step in work.transfer.steps_of(1)}
    assert {name: took[name] for name in ("Stir", "Scrape and rinse", "Look", "Peel", "Wash", "Wax", "Buff")} == {
        "Stir": 30, "Scrape and rinse": 105, "Look": 45, "Peel": 90, "Wash": 90, "Wax": 300, "Buff": 90}
    assert took["Look over"] == 10 + 45 + 120 and took["Cover the other half"] == 120 and "settle" in steps
    waits = {task.waits or task.name: task.least for task in glass.chain.tasks if task.least > 0}
    assert waits["settles"] == 900.0 and waits["under cream"] == 300.0
    dries = sorted(task.least for task in glass.chain.tasks if task.waits == "dries")
    assert dries == [120.0, 300.0, 4 * 3600.0]
    assert glasses_of([work_of(job("I", width=8.0, etch__colour="tint"))])[0].chain.tasks[1].least == 12 * 3600.0
    known = {"tape": 60, "bed": 15, "set": 60, "lay": 60, "press": 60, "seal": 10}
    hands = [step.key.split(" ")[0] for step in work.transfer.steps_of(1) if step.hands]
    assert took["Tape and set"] == sum(known.get(key, 30) for key in hands)


def test_films_round_a_glass_do_not_wait_for_each_other():
    (glass,) = glasses_of([work_of(job("I", width=8.0, fit__times=3))])
    setting = [task for task in glass.chain.tasks if task.name == "Tape and set"]
    assert [(task.least, task.waits) for task in setting] == [(0.0, "")] * 3
    over = next(task for task in glass.chain.tasks if task.name == "Look over")
    assert (over.least, over.waits) == (900.0, "settles")


def test_the_coat_says_when_its_clock_starts_and_how_long_it_takes():
    for clock, words in (("covered", "when the last of it is covered"), ("first", "at the first dab")):
        coat = work_of(job("I", width=40.0, etch__recipe__clock=clock)).etch.under[0][0].step
        assert words in coat.note and coat.beginning == "First dab" and "about" in coat.note
