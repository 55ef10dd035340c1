"""What has been done: ticks and clocks belong to one making, are kept at once, and are read by the wall's clock."""

import sqlite3
import subprocess
import sys
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import astuple

from specimens import FIFTEEN, job, run
from vitrograph.core.errors import LogbookError
from vitrograph.core.job import Recipe
from vitrograph.core.logbook import Logbook, Makings
from vitrograph.core.logbook.acts import End, KeepReading, Known, Note, SetClock, Shift, Tick, Untick, after
from vitrograph.core.logbook.waiting import WaitingFile
from vitrograph.core.work import (
    Clock,
    Happened,
    Jump,
    Pace,
    Progress,
    Reading,
    StepRef,
    clock_words,
    pace_from,
    state_of_work,
    step_key,
)

REFS = [StepRef("weed", 1, copy, step) for copy in (1, 2) for step in ("a", "b", "c")]


@pytest.fixture
def makings(tmp_path):
    return Makings(Logbook(tmp_path / "logbook.sqlite"))


@given(acts=st.lists(st.tuples(st.sampled_from(["tick", "untick"]), st.sampled_from(REFS)), max_size=12))
@settings(max_examples=20, deadline=None)
def test_what_is_ticked_last_is_what_is_done(tmp_path_factory, acts):
    makings, done = Makings(Logbook(tmp_path_factory.mktemp("book") / "logbook.sqlite")), {}
    for now, (act, ref) in enumerate(acts, start=1):
        getattr(makings, act)("an order", ref, float(now))
        since = done.pop(ref, float(now))
        done |= {ref: since} if act == "tick" else {}
    assert dict(makings.progress("an order").done) == done
    expected = "planned" if not done else "done" if set(done) == set(REFS) else "under way"
    assert state_of_work(REFS, makings.progress("an order")) == expected


_ACTS = st.one_of(
    st.builds(Tick, st.sampled_from(REFS), st.floats(0, 1e4)), st.builds(Untick, st.sampled_from(REFS), st.just(0.0)),
    st.builds(SetClock, st.sampled_from(REFS), st.builds(Clock, st.just(300.0), st.none() | st.floats(0, 1e4)),
              st.just(0.0)),
    st.builds(Note, st.builds(Happened, st.floats(0, 1e4), st.sampled_from(["begun", "pause"]))),
    st.builds(Shift, st.floats(-99, 99)), st.builds(End, st.just(0.0)),
    st.builds(KeepReading, st.just(Reading(1.0, 2.0, 3.0, "a start"))))


@given(acts=st.lists(_ACTS, max_size=14))
@settings(max_examples=60, deadline=None)
def test_what_waits_to_be_written_counts_as_it_will_once_it_is(tmp_path_factory, acts):
    makings = Makings(Logbook(tmp_path_factory.mktemp("book") / "logbook.sqlite"))
    for act in acts:
        act.write(makings, "an order")
    there, known = makings.progress("an order"), after(Known(), acts)
    assert dict(known.progress.done) == pytest.approx(dict(there.done))
    assert known.progress.clocks.keys() == there.clocks.keys()
    for ref, clock in there.clocks.items():
        assert astuple(known.progress.clocks[ref]) == pytest.approx(astuple(clock))
    assert [one.at for one in known.happened] == pytest.approx([one.at for one in makings.happened("an order")])


@given(parts=st.lists(st.lists(_ACTS, max_size=5), max_size=4), other=st.lists(_ACTS, max_size=2))
@settings(max_examples=40, deadline=None)
def test_what_waits_outlives_its_program_and_is_taken_over_once(tmp_path_factory, parts, other):
    folder = tmp_path_factory.mktemp("state")
    book, waiting = folder / "logbook.sqlite", []
    elsewhere = WaitingFile(folder / "another.sqlite", folder)
    elsewhere.keep([("an order", act) for act in other])
    for part in parts:                                         # programs one after the other
        program = WaitingFile(book, folder)
        assert program.take_over() == waiting
        assert WaitingFile(book, folder).take_over() == [], "another of its time has its own"
        waiting = waiting + [("an order", act) for act in part]
        assert program.keep(waiting)
        program.let_go()
    last = WaitingFile(book, folder)
    assert last.take_over() == waiting
    assert last.keep([]), "all is written now"
    elsewhere.let_go()
    assert WaitingFile(book, folder).take_over() == []
    assert WaitingFile(folder / "another.sqlite", folder).take_over() == [("an order", act) for act in other]


def test_waiting_acts_that_cannot_be_kept_or_read_are_no_fault(tmp_path):
    (tmp_path / "state").write_text("a file where the folder should be")
    assert not WaitingFile(tmp_path / "book", tmp_path / "state").keep([("an order", Tick(REFS[0], 1.0))])
    (tmp_path / "odd.waiting").write_bytes(b'{"book": 3')
    assert WaitingFile(tmp_path / "book", tmp_path).take_over() == [] and (tmp_path / "odd.waiting").exists()


def test_what_is_done_together_is_written_at_once_all_or_nothing(makings, monkeypatch):
    with pytest.raises(LogbookError), makings.together():
        makings.tick("one", REFS[0], 1.0)
        makings.set_clock("one", REFS[1], Clock(30.0, 2.0), 2.0)
        raise LogbookError("the book is full")
    assert makings.progress("one") == Progress()
    opened, whole = [], Logbook.open
    monkeypatch.setattr(Logbook, "open", lambda book: opened.append(book) or whole(book))
    with makings.together():
        for ref in REFS:
            makings.tick("one", ref, 1.0)
        makings.untick("one", REFS[0], 2.0)
    assert len(opened) == 1 and set(makings.progress("one").done) == set(REFS[1:])


@given(seconds=st.floats(1, 1e5), starts=st.lists(st.floats(0, 1e4), min_size=1, max_size=9))
def test_a_clock_counts_what_it_ran_and_never_backwards(seconds, starts):
    clock, now, ran = Clock(seconds, None), 1e9, 0.0
    for number, gap in enumerate(starts):
        clock = clock.started(now) if number % 2 == 0 else clock.held(now)
        now, ran = now + gap, ran + (gap if number % 2 == 0 else 0.0)
        assert clock.left(now) == pytest.approx(seconds - ran, abs=1e-4)
    assert clock.left(now - 1e6) <= seconds          # a computer's clock set back counts as standing still


def test_the_times_of_steps_are_told_by_kind_whatever_glass_came_before(makings):
    """One pair of hands: glass after glass; a clock's time is not the hands', nor is a meal."""
    at = 1e6
    for glass, step, seconds in ((1, "tape 1", 0), (1, "tape 2", 50), (2, "tape 1", 40), (1, "settle", 30),
                                 (2, "set 1", 25), (2, "second scrape", 12), (1, "wash", 901), (1, "look", 900)):
        at += seconds
        ref = StepRef("etch" if step in ("second scrape", "wash", "look") else "transfer", 7, glass, step)
        if step == "settle":
            makings.set_clock("one", ref, Clock(30.0, at - 30.0), at - 30.0)
        makings.tick("one", ref, at)
    makings.tick("two", StepRef("transfer", 7, 1, "tape 1"), at + 5.0)         # another order: nothing is told of it
    assert makings.times() == {("transfer", "tape"): [50.0, 40.0], ("transfer", "set"): [25.0],
                               ("etch", "scrape"): [12.0], ("etch", "look"): [900.0]}


def test_a_pace_is_the_middle_of_enough_likely_gaps():
    assert pace_from([1.0, 5.0, 6.0, 20.0, 99.0], (2.0, 30.0), 3) == Pace(6.0, 3)
    assert pace_from([2.0, 30.0, 1.9, 30.1], (2.0, 30.0), 2) == Pace(16.0, 2), "the bounds are within"
    assert pace_from([5.0, 6.0], (2.0, 30.0), 3) is None


def test_the_clock_that_ends_first_comes_first_however_long_it_ran():
    clocks = {REFS[0]: Clock(300.0, 100.0), REFS[1]: Clock(350.0, 10.0), REFS[2]: Clock(500.0, 200.0, 450.0),
              REFS[3]: Clock(1.0, None), REFS[4]: Clock(2.0, 5.0)}
    progress = Progress({REFS[4]: 1.0}, clocks)                # ends at 400, 360 and 250; one held, one done
    assert list(progress.running()) == [REFS[2], REFS[1], REFS[0]]


@pytest.mark.parametrize(("left", "says"), [(0.4, "0:01"), (0.0, "0:00"), (-0.9, "0:00"), (-1.0, "late 0:01"),
                                            (-75.0, "late 1:15")])
def test_a_clock_is_late_from_the_first_second_on(left, says):
    assert clock_words(left) == says


def test_a_making_is_of_one_order_and_the_next_begins_afresh(makings):
    makings.tick("one", REFS[0], 5.0)
    makings.set_clock("one", REFS[1], Clock(300.0, 7.0), 7.0)
    assert makings.progress("two") == Progress()
    there = makings.progress("one")
    assert there.done == {REFS[0]: 5.0} and list(there.running()) == [REFS[1]]
    assert there.clocks[REFS[1]].left(607.0) == pytest.approx(-300.0)     # ten minutes ago: ten minutes on it
    assert there.first_open(REFS) == 1
    makings.untick("one", REFS[1], 8.0)
    assert not makings.progress("one").clocks
    makings.end("one", 9.0)
    assert makings.progress("one") == Progress()


def test_the_most_urgent_clock_comes_first():
    clocks = {REFS[0]: Clock(300.0, 100.0), REFS[1]: Clock(60.0, 150.0), REFS[2]: Clock(5.0, None),
              REFS[3]: Clock(1.0, 100.0)}
    assert list(Progress({REFS[3]: 120.0}, clocks).running()) == [REFS[1], REFS[0]]


def test_a_tick_outlives_a_program_that_is_killed_at_once(tmp_path):
    book = tmp_path / "logbook.sqlite"
    program = (f"import os\nfrom pathlib import Path\nfrom vitrograph.core.logbook import Logbook, Makings\n"
               f"from vitrograph.core.work import StepRef\n"
               f"Makings(Logbook(Path({str(book)!r}))).tick('one', StepRef('etch', 1, 1, 'a'), 3.0)\n"
               f"os.kill(os.getpid(), 9)")
    killed = subprocess.run([sys.executable, "-c", program], check=False,
                            env={"PYTHONPATH": str(Path(__file__).parents[2] / "src")})
    assert killed.returncode == -9
    assert Makings(Logbook(book)).progress("one").done == {StepRef("etch", 1, 1, "a"): 3.0}


def test_a_book_of_the_first_version_keeps_its_lines_and_takes_makings(tmp_path):
    path = tmp_path / "logbook.sqlite"
    with sqlite3.connect(path) as old:
        old.execute("CREATE TABLE entry (id INTEGER PRIMARY KEY, made_on TEXT, job TEXT, glass TEXT, art TEXT, "
                    "film TEXT, school TEXT, minutes REAL, how_many INTEGER, outcome TEXT, note TEXT)")
        old.execute("INSERT INTO entry VALUES (1, '2026-01-02', 'Dome', 'g', 'a', 'stencil', 'long-still', 15, 1, "
                    "'good', '')")
        old.execute("PRAGMA user_version = 1")
    old.close()
    book = Logbook(path)
    Makings(book).tick("one", REFS[0], 1.0)
    assert [entry.job for entry in book.entries()] == ["Dome"] and Makings(book).progress("one").done


def test_a_change_that_fails_half_way_leaves_nothing(tmp_path):
    book = Logbook(tmp_path / "logbook.sqlite")
    with pytest.raises(ZeroDivisionError), book.open() as opened:
        opened.execute("INSERT INTO making (order_id, begun) VALUES ('one', 1)")
        raise ZeroDivisionError
    with book.open() as opened:
        assert opened.execute("SELECT count(*) FROM making").fetchone() == (0,)
    with sqlite3.connect(book.path, isolation_level=None) as other:
        other.execute("BEGIN EXCLUSIVE")
        with pytest.raises(LogbookError, match="another program holds it"):
            Logbook(book.path).entries()
    other.close()


def test_steps_keep_their_keys_when_other_things_change():
    before, after = run(job("BOB")), run(job("BOB", fit__angle=0.4, etch__recipe=Recipe(), count=3))
    assert [step.key for step in before.weed.steps] == [step.key for step in after.weed.steps]
    assert [step.key for step in before.etch.steps] == [step.key for step in after.etch.steps]
    assert len({step.key for step in before.weed.steps}) == len(before.weed.steps)
    other = run(job("BOB", etch__recipe=FIFTEEN))
    timed = {step.key for step in before.etch.steps if step.key.startswith("rest")}
    assert not timed & {step.key for step in other.etch.steps}           # another recipe's clock is another clock
    assert step_key("a", 1.04) == step_key("a", 0.96) != step_key("a", 1.06)


@pytest.mark.parametrize(("seconds", "says"), [
    (45.0, "45 s"), (125.0, "2 min 5 s"), (600.0, "10 min"), (3725.0, "1 h 2 min"), (7200.0, "2 h")])
def test_how_long_the_computer_slept_is_told_as_people_say_it(seconds, says):
    assert f"slept for {says}:" in Jump(0.0, seconds).says
    assert f"set back by {says}:" in Jump(-seconds, 0.0).says and Jump(0.0, 0.0).says == ""
