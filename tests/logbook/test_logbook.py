"""The logbook file: kept, listed, written out, and refused clearly when it cannot be used."""

import csv
import io
import json
import sqlite3
from datetime import date, datetime

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import replace
from msgspec.structs import replace as replace_field

from specimens import BRIEF, job, remedied, star_job
from vitrograph.core.demo import fill_demo_logbook
from vitrograph.core.errors import LogbookError
from vitrograph.core.etch import recipe_named
from vitrograph.core.glass import Shelf, ShelvedGlass
from vitrograph.core.job import Order, Stock
from vitrograph.core.job.tree import changed_record
from vitrograph.core.logbook import (
    OUTCOMES,
    Asked,
    Entry,
    Logbook,
    Makings,
    Mark,
    Photo,
    Worked,
    check_logbook,
    counts_of,
)
from vitrograph.core.logbook.lists import csv_of, json_of, read_list
from vitrograph.core.logbook.record import Owned, owned_of, record_of
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.work import Clock, StepRef
from vitrograph.core.workshop import Workshop

plain = st.text(st.characters(codec="utf-8", exclude_characters="\x00\r"), max_size=30)
entries = st.builds(
    Entry, made_on=st.dates().map(lambda day: day.isoformat()), job=plain, glass=plain, art=plain, film=plain,
    recipe=plain, cream=plain, minutes=st.none() | st.floats(0, 600), how_many=st.integers(1, 500),
    outcome=st.sampled_from(OUTCOMES), web_mm=st.none() | st.floats(0, 9), ties=st.none() | st.integers(0, 99),
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
    rows = list(csv.DictReader(io.StringIO(csv_of(read), newline="")))
    assert [row["note"] for row in rows] == [f"'{entry.note}" if entry.note[:1] in {*"=+-@\t\n"} else entry.note
                                             for entry in read]
    folder = tmp_path_factory.mktemp("lists")
    named = [replace(one, job=one.job.strip() or "Dome") for one in read]
    for name, text in (("log.csv", csv_of(named)), ("log.json", json_of(named))):
        (folder / name).write_text(text, "utf-8", newline="")
        if named:
            assert [_plain(one) for one in read_list(folder / name)] == [_plain(one) for one in named]


def _plain(entry):
    """An entry with its words as a list keeps them: those of nothing but white are none."""
    return replace(entry, **{name: "" for name in ("glass", "art", "film", "recipe", "cream", "note")
                             if not getattr(entry, name).strip()})


def entry(**changes):
    return Entry(**{"made_on": "2026-11-01", "job": "Dome plaque", "glass": "flat", "art": "K", "film": "stencil",
                    "recipe": "Fifteen, thick", "minutes": 15.0, "how_many": 1, "outcome": "good", **changes})


def test_the_file_says_no_to_what_cannot_be(tmp_path):
    book = Logbook(tmp_path / "deep" / "er" / "logbook.sqlite")
    for wrong, says in (({"minutes": -1.0}, "at least 0"), ({"how_many": 0}, "from 1"), ({"stars": 6}, "from 0 to 5"),
                        ({"made_on": "yesterday"}, "a day like"), ({"outcome": "meh"}, "one of good, faint"),
                        ({"outcome": "2 faint"}, "2 copies are told of, and 1 were made"),
                        ({"minutes": 1441.0}, "at most a day"), ({"note": "a" * 4001}, "at most 4000 letters")):
        with pytest.raises(LogbookError, match=says):
            book.add(entry(**wrong))
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
        old.execute("INSERT INTO entry VALUES (1, '2025-03-04', 'Dome', 'g', 'a', 'f', 'still', 15.0, 2, "
                    "'missed a piece', '')")
        old.execute("PRAGMA user_version = 1")
    for book in (Logbook(path), Logbook(tmp_path / "fresh.sqlite")):
        for _ in range(2):
            known = len(book.entries())
            with book.open() as inside:
                tables = {name for (name,) in inside.execute("SELECT name FROM sqlite_master WHERE type = 'table'")}
                assert tables == {"record", "made", "photo", "mark", "making", "done", "clock", "happened", "reading"}
                assert inside.execute("PRAGMA user_version").fetchone() == (4,)
    assert known == 0
    (brought,) = Logbook(path).entries()
    assert brought == Entry(made_on="2025-03-04", job="Dome", glass="g", art="a", film="f", recipe="still",
                            minutes=15.0, how_many=2, outcome="missed bit")
    aside = sqlite3.connect(tmp_path / "old.sqlite.v1.bak")
    assert aside.execute("SELECT outcome FROM entry").fetchall() == [("missed a piece",)], "the book as it was, aside"
    aside.close()


def test_each_fault_of_the_file_has_its_own_advice(tmp_path, monkeypatch):
    book = Logbook(tmp_path / "full" / "logbook.sqlite")       # the advice is by what is wrong, not by the path's words
    book.add(entry())
    for says, advice in (("database is locked", "close that, and try again"), ("database or disk is full", "make room"),
                         ("attempt to write a readonly database", "give yourself the right"),
                         ("Read-only file system", r"\(read-only file system\): .* give yourself the right"),
                         ("database disk image is malformed", "move it to begin anew")):
        def refuse(*_words, says=says, **_more):
            raise OSError(30, says, str(book.path)) if says[0] == "R" else sqlite3.OperationalError(says)

        with monkeypatch.context() as patch:
            patch.setattr("vitrograph.core.logbook.book.prepare", refuse)
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
    return list(check_logbook(next((one for one in lines if one.job == made.name), None), made))


def test_how_the_same_went_the_last_time_is_told_with_what_helps():
    made = job("K", name="Dome plaque", etch__recipe=BRIEF, cut__film="stencil")
    assert told(made) == told(made, entry(outcome="good")) == told(made, entry(job="Another", outcome="faint")) == []
    (faint,) = told(made, entry(outcome="faint", note="Left half pale"))
    assert "2026-11-01" in faint.says and "faint" in faint.says and faint.why == "Left half pale"
    assert remedied(made, faint.remedy).etch.recipe.name == "Worked five, left twenty"     # it had fifteen minutes
    (leaks,) = told(made, entry(outcome="leak at an edge"))
    assert remedied(made, leaks.remedy).cut.film == "permanent" and leaks.why
    # the newest line of the same name alone counts, and no remedy is offered that was no cause
    assert told(made, entry(outcome="good"), entry(outcome="leak at an edge")) == []
    longer = job("K", name="Dome plaque", etch__recipe=recipe_named("An hour"))
    for now, line in ((longer, entry(outcome="faint")), (made, entry(outcome="bled under", film="shelf")),
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


def test_outcomes_are_counted_by_copy():
    assert dict(counts_of("good", 3)) == {"good": 3} and dict(counts_of("", 2)) == {"good": 2}
    assert dict(counts_of("2 leaks; 1 drip", 4)) == {"good": 1, "leak at an edge": 2, "drip": 1}
    assert entry(how_many=6, outcome="4 good, 2 faint").counts == {"good": 4, "faint": 2}


@pytest.fixture
def book(tmp_path):
    """A book of four entries that differ."""
    made = Logbook(tmp_path / "logbook.sqlite")
    made.add_all([entry(job="Lantern", cream="North", made_on="2026-01-05", stars=2, note="Moons, paler at the seam"),
                  entry(job="Flutes", cream="South", made_on="2026-02-05", how_many=10, outcome="8 good, 2 drips"),
                  entry(job="Flutes", cream="north", made_on="2026-03-05", stars=5, minutes=None),
                  entry(job="Dome plaque", cream="South", made_on="2026-04-05", outcome="faint")])
    return made


def test_the_book_is_searched_filtered_sorted_and_grouped(book):
    def jobs(sorted_by="newest", most=-1, **asked):
        return [one.entry.made_on[5:7] for one in book.found(Asked(**asked), sorted_by, most)]

    assert jobs() == ["04", "03", "02", "01"] and jobs(most=2) == ["04", "03"] and jobs("oldest")[0] == "01"
    assert jobs(words="moons SEAM") == ["01"] and jobs(words="moons dome") == [] and jobs(words="2026-02") == ["02"]
    assert jobs(cream="NORTH") == ["03", "01"] and jobs(outcome="drip") == ["02"] and jobs(least_stars=3) == ["03"]
    assert jobs(since="2026-02-05", until="2026-03-05") == ["03", "02"] and jobs("stars")[:2] == ["03", "01"]
    assert jobs("minutes")[-1] == "01" and jobs("name")[0] == "04"
    assert book.count() == (4, 13) and book.count(Asked(words="flutes")) == (2, 11)
    assert book.groups("job") == [("Flutes", 2, 11), ("Dome plaque", 1, 1), ("Lantern", 1, 1)]
    assert book.last_of("Flutes").made_on == "2026-03-05" and book.last_of("None such") is None


def test_an_entry_keeps_its_order_its_photographs_and_its_marks(book):
    mark, photo = Mark(2, "drip", 3.5, -1.0, "at the foot"), Photo("a.jpg", b"\xff\xd8", "{}")
    one = book.add(entry(job="Kept"), b"an order", [mark], [photo])
    twin = book.add(entry(job="Twin"), b"an order")
    assert book.made(one) == book.made(twin) == b"an order" and book.marks(one) == (mark,)
    assert book.photos(one) == (photo,) and book.made(1) is None
    book.change(one, lambda now: replace(now, stars=1))
    assert book.entry(one).stars == 1 and book.marks(one) == (mark,) and book.found(Asked(words="kept"))[0].id == one
    book.remove(one)
    assert book.made(twin) == b"an order" and book.photos(one) == ()
    book.remove(twin)
    with book.open() as inside:
        assert inside.execute("SELECT count(*) FROM made").fetchone() == (0,)
    for gone in (lambda: book.entry(one), lambda: book.change(one, lambda now: now),
                 lambda: book.add_photo(one, photo)):
        with pytest.raises(LogbookError, match=f"no entry number {one}"):
            gone()


def test_a_list_that_cannot_be_is_refused_with_its_row_and_leaves_the_book_alone(book, tmp_path):
    path = tmp_path / "list.csv"
    for text, says in (("", "no entries"), ("a,b\n1,2\n", "the first row must name the columns"),
                       ("made_on,job,minutes\n2026-01-01,Dome,soon\n", "row 2, minutes: a number was wanted"),
                       ("made_on,job,how_many\n2026-01-01,Dome,1.5\n", "row 2, how_many: a whole number"),
                       ("made_on,job\n2026-01-01,Dome\n2026-02-30,Dome\n", "row 3, made_on: a day like"),
                       ("made_on,job\n2026-01-01,\n", "row 2: job is missing"),
                       ("made_on,job\n2026-01-01,Dome,3\n", "row 2: 3 cells, and 2 columns"),
                       ('[{"job": "Dome"}]', "entry 1: made_on is missing"), ("[3]", "entry 1: an object"),
                       ("[", "no JSON that can be read"), ("\x00\x01\x02", "is no list")):
        path.write_text(text, "utf-8")
        with pytest.raises(LogbookError, match=says):
            read_list(path)
    assert book.count() == (4, 13)
    path.write_text("Made on;Job;School;Minutes;Outcome\r\n2026-05-01;=Dome;Ten, not moved;7,5;leaks\r\n", "utf-8")
    (told,) = read_list(path)
    assert (told.recipe, told.minutes, told.outcome, told.how_many) == ("Ten, not moved", 7.5, "leak at an edge", 1)
    assert told.counts == {"leak at an edge": 1} and json.loads(json_of([told]))[0]["job"] == "=Dome"


def test_each_film_round_a_glass_is_weeded_and_taped():
    """Two glasses with three films each: a glass has three times the bits, and six films take six pieces of tape."""
    once, thrice = (Pipeline().run_order(Order.of(job("I", width=8.0, count=2, fit__times=times))).finished()
                    for times in (1, 3))
    told = [record_of(done, done.pieces[0], date(2026, 11, 28), Owned(tape=2.0)) for done in (once, thrice)]
    for what in ("bits", "cost_tape", "area_mm2"):
        assert getattr(told[1], what) == pytest.approx(3 * getattr(told[0], what), abs=0.2)
    assert told[0].bits == once.pieces[0].weed.many


def test_each_piece_bears_its_share_of_what_the_order_cost(tmp_path):
    """Film by area, tape by its length and uses, glass and hands by their prices."""
    stock = (Stock("roll", 300.0, 2000.0, 24.0),)
    order = Order.of(job("Kestrel", count=3, name="Mug", transfer__uses=2, transfer__roll_width=150.0),
                     star_job(name="Star"), id="two")
    order = order.changed(cut__stock=stock)
    done = Pipeline().run_order(order).finished()
    owned = Owned(tape=2.0, hands=30.0, glass=1.5)
    worked = Worked({"weed": 4.0, "etch": 6.0}, 11.0, 15.0)
    mug, star = (record_of(done, piece, date(2026, 11, 28), owned, worked) for piece in done.pieces)
    assert done.cut.bed.cost > 0
    assert mug.cost_film + star.cost_film == pytest.approx(done.cut.bed.cost, abs=0.011)
    areas = [piece.sheet.outline.area * piece.job.count for piece in done.pieces]
    assert mug.cost_film / star.cost_film == pytest.approx(areas[0] / areas[1], rel=0.02)
    (strip,) = done.pieces[0].transfer.strips
    assert mug.cost_tape == pytest.approx(2.0 * strip.height / 1000 * 2, abs=0.006), "three films, each tape used twice"
    assert (mug.cost_glass, mug.cost_hands, star.cost_glass) == (4.5, 5.0, 1.5)
    assert (mug.minutes, mug.settled_min, mug.weed_min, mug.how_many) == (11.0, 15.0, 4.0, 3)
    untimed = record_of(done, done.pieces[0], date(2026, 11, 28), Owned())
    assert untimed.made_on == "2026-11-28"
    assert (untimed.cost_tape, untimed.cost_glass, untimed.cost_hands, untimed.weed_min) == (None,) * 4
    assert untimed.minutes == pytest.approx(done.pieces[0].etch.seconds / 60, abs=0.006)


@pytest.mark.parametrize(("rinsed", "made_on", "days"), [
    (datetime(2026, 11, 20, 23, 50), "2026-11-20", 19), (datetime(2026, 11, 21, 0, 10), "2026-11-21", 20),
    (datetime(2027, 1, 1), "2026-11-28", 27)])                 # a clock that was set, or ran ahead
def test_a_piece_written_down_late_bears_the_day_it_was_made(rinsed, made_on, days):
    made = job("K", etch__cream__opened_on="2026-11-01")
    done = Pipeline().run_order(Order.of(made)).finished()
    worked = Worked({}, None, None, made_at=rinsed.timestamp())
    entry = record_of(done, done.pieces[0], date(2026, 11, 28), Owned(), worked)
    assert (entry.made_on, entry.cream_days) == (made_on, days)


def test_the_shelf_and_the_workshop_tell_what_an_order_does_not_know(tmp_path):
    shelf, made = Shelf(tmp_path / "shelf"), job("K")
    shelf.keep(ShelvedGlass.of(made, "Bar tumbler", measured_on="2026-01-02"))
    shelf.keep(replace_field(ShelvedGlass.of(made, "Bar tumbler"), price=2.75))
    workshop = changed_record(Workshop(), {"house__hour": 24.0, "cutters__0__name": "Bench cutter",
                                           "tapes__0__price": 3.0, "tapes__0__roll_width": made.transfer.roll_width})
    assert owned_of(workshop, shelf, made) == Owned("Bench cutter", "Bar tumbler", 3.0, 24.0, 2.75)
    assert owned_of(workshop, shelf, job("K", glass__rim=91.0)).shelf == ""


def test_what_a_making_took_is_told_by_its_ticks_and_clocks(tmp_path):
    made = Makings(Logbook(tmp_path / "logbook.sqlite"))
    steps = [("weed", "a", 0), ("weed", "b", 60), ("transfer", "lay", 180), ("transfer", "settle", 1000),
             ("etch", "coat 1", 1060), ("etch", "rest 1 300", 1400), ("etch", "rinse", 1460), ("etch", "wash", 9000)]
    for station, step, at in steps:
        ref = StepRef(station, 7, 1, step)
        if step in ("settle", "rest 1 300"):
            made.set_clock("one", ref, Clock(300.0, at - 330.0, 0.0), at - 330.0)
        made.tick("one", ref, float(at))
    worked = made.worked("one")[7]
    assert worked.hands == {"weed": 1.0, "transfer": 2.0, "etch": 2.0}, "a rest and a night away are no work of hands"
    assert worked.under_cream == pytest.approx(5.5) and worked.settled == pytest.approx(5.5)
    assert worked.made_at == 1460.0, "the day it was rinsed, though it is washed on the next"
    assert made.worked("another") == {}


def test_what_was_only_clicked_through_is_no_time(tmp_path):
    made = Makings(Logbook(tmp_path / "logbook.sqlite"))
    steps = ("weed", "a"), ("weed", "b"), ("etch", "coat 1"), ("etch", "rest 1 300")
    for number, (station, step) in enumerate(steps):
        ref = StepRef(station, 7, 1, step)
        if step == "rest 1 300":
            made.set_clock("one", ref, Clock(300.0, 1.5, 0.0), 1.5)
        made.tick("one", ref, 0.6 * number)
    worked = made.worked("one")[7]
    assert worked.hands == {} and worked.under_cream is None
