"""The logbook file: kept, listed, written out, and refused clearly when it cannot be used."""

import csv
import io
import sqlite3

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from specimens import BRIEF, job, remedied
from vitrograph.core.demo import fill_demo_logbook
from vitrograph.core.errors import LogbookError
from vitrograph.core.etch import recipe_named
from vitrograph.core.logbook import OUTCOMES, Entry, Logbook, Makings, check_logbook
from vitrograph.core.work import Clock, StepRef

plain = st.text(st.characters(codec="utf-8", exclude_characters="\x00\r"), max_size=30)
entries = st.builds(
    Entry, made_on=st.dates().map(lambda day: day.isoformat()), job=plain, glass=plain, art=plain, film=plain,
    school=plain, minutes=st.floats(0, 600), how_many=st.integers(1, 500), outcome=st.sampled_from(OUTCOMES),
    note=plain)


@given(made=st.lists(entries, max_size=5))
@settings(max_examples=20, deadline=None)
def test_what_is_written_is_read_back_newest_first(tmp_path_factory, made):
    book = Logbook(tmp_path_factory.mktemp("book") / "logbook.sqlite")
    for entry in made:
        book.add(entry)
    read = book.entries()
    assert sorted(read, key=repr) == sorted(made, key=repr)
    assert [entry.made_on for entry in read] == sorted((entry.made_on for entry in made), reverse=True)
    rows = list(csv.DictReader(io.StringIO(book.to_csv(), newline="")))
    assert [row["note"] for row in rows] == [f"'{entry.note}" if entry.note[:1] in {*"=+-@\t\n"} else entry.note
                                             for entry in read]


def entry(**changes):
    return Entry(**{"made_on": "2026-11-01", "job": "Dome plaque", "glass": "flat", "art": "K", "film": "stencil",
                    "school": "long-still", "minutes": 15.0, "how_many": 1, "outcome": "good", **changes})


def test_the_file_says_no_to_what_cannot_be(tmp_path):
    book = Logbook(tmp_path / "deep" / "er" / "logbook.sqlite")
    with pytest.raises(LogbookError, match="cannot be used"):
        book.add(entry(minutes=-1.0))
    assert book.entries() == ()


def test_a_file_that_is_no_logbook_and_one_from_a_newer_program_are_refused(tmp_path):
    wrong = tmp_path / "notes.sqlite"
    wrong.write_bytes(b"These are only notes, long enough to be looked at as a file.")
    with pytest.raises(LogbookError, match=r"notes\.sqlite cannot be used .* move it to begin anew"):
        Logbook(wrong).entries()
    newer = tmp_path / "newer.sqlite"
    sqlite3.connect(newer).execute("PRAGMA user_version = 99")
    with pytest.raises(LogbookError, match="written by a newer Vitrograph"):
        Logbook(newer).add(entry())


def test_a_book_of_the_first_days_is_brought_up_once_with_all_its_lines(tmp_path):
    """Schema 1 had the lines alone (its table as it was written then); 2 keeps what is done, 3 what happened."""
    path = tmp_path / "old.sqlite"
    columns = ("id INTEGER PRIMARY KEY, made_on TEXT NOT NULL, job TEXT NOT NULL, glass TEXT NOT NULL, art TEXT NOT "
               "NULL, film TEXT NOT NULL, school TEXT NOT NULL, minutes REAL NOT NULL, how_many INTEGER NOT NULL, "
               "outcome TEXT NOT NULL, note TEXT NOT NULL")
    with sqlite3.connect(path) as old:
        old.execute(f"CREATE TABLE entry ({columns})")
        old.execute("INSERT INTO entry VALUES (1, '2025-03-04', 'Dome', 'g', 'a', 'f', 'still', 15.0, 2, 'good', '')")
        old.execute("PRAGMA user_version = 1")
    for book in (Logbook(path), Logbook(tmp_path / "fresh.sqlite")):
        for _ in range(2):
            known = len(book.entries())
            with book.open() as inside:
                tables = {name for (name,) in inside.execute("SELECT name FROM sqlite_master WHERE type = 'table'")}
                assert tables == {"entry", "making", "done", "clock", "happened", "reading"}
                assert inside.execute("PRAGMA user_version").fetchone() == (3,)
    assert known == 0 and [entry.job for entry in Logbook(path).entries()] == ["Dome"]


def test_each_fault_of_the_file_has_its_own_advice(tmp_path, monkeypatch):
    book = Logbook(tmp_path / "logbook.sqlite")
    book.add(entry())
    for says, advice in (("database is locked", "close that, and try again"), ("database or disk is full", "make room"),
                         ("attempt to write a readonly database", "give yourself the right"),
                         ("database disk image is malformed", "move it to begin anew")):
        def refuse(*_words, says=says, **_more):
            raise sqlite3.OperationalError(says)

        with monkeypatch.context() as patch:
            patch.setattr("vitrograph.core.logbook.book._prepare", refuse)
            with pytest.raises(LogbookError, match=advice):
                book.add(entry())
    assert len(book.entries()) == 1


def test_the_demo_logbook_is_filled_once(tmp_path):
    book = Logbook(tmp_path / "logbook.sqlite")
    fill_demo_logbook(book)
    count = len(book.entries())
    fill_demo_logbook(book)
    assert len(book.entries()) == count > 2


def told(made, *lines):
    return list(check_logbook(lines, made))


def test_how_the_same_went_the_last_time_is_told_with_what_helps():
    made = job("K", name="Dome plaque", etch__recipe=BRIEF, cut__film="stencil")
    assert told(made) == told(made, entry(outcome="good")) == told(made, entry(job="Another", outcome="faint")) == []
    (faint,) = told(made, entry(outcome="faint", school="brief-worked", note="Left half pale"))
    assert "2026-11-01" in faint.says and "faint" in faint.says and faint.why == "Left half pale"
    assert remedied(made, faint.remedy).etch.recipe.name == "Worked five, left twenty"     # it had fifteen minutes
    (leaks,) = told(made, entry(outcome="leaks"))
    assert remedied(made, leaks.remedy).cut.film == "permanent" and leaks.why
    # the newest line of the same name alone counts, and no remedy is offered that was no cause
    assert told(made, entry(outcome="good"), entry(outcome="leaks")) == []
    longer = job("K", name="Dome plaque", etch__recipe=recipe_named("An hour"))
    for now, line in ((longer, entry(outcome="faint")), (made, entry(outcome="leaks", film="shelf")),
                      (made, entry(outcome="uneven"))):
        assert [found.remedy for found in told(now, line)] == [None]


def test_what_was_done_is_kept_step_by_step_and_each_order_by_itself(tmp_path):
    made = Makings(Logbook(tmp_path / "logbook.sqlite"))
    first, second = StepRef("cut", 1, 2, "edge"), StepRef("etch", 3, 1, "rinse")
    made.tick("one", first, 100.5)
    made.tick("one", first, 200.0)
    made.set_clock("one", second, Clock(60.0, 12.5, 7.25), 101.0)
    made.tick("two", second, 300.0)
    progress = made.progress("one")
    assert dict(progress.done) == {first: 100.5}, "a step is done when it is first ticked"
    assert dict(progress.clocks) == {second: Clock(60.0, 12.5, 7.25)}
    made.untick("one", first, 400.0)
    assert not made.progress("one").done and dict(made.progress("two").done) == {second: 300.0}
    made.end("two", 500.0)
    assert not made.progress("two").done and made.progress("one").clocks
