"""The logbook file: kept, listed, written out, and refused clearly when it cannot be used."""

import csv
import io
import sqlite3

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from vitrograph.core.demo import fill_demo_logbook
from vitrograph.core.errors import LogbookError
from vitrograph.core.logbook import OUTCOMES, Entry, Logbook

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
    assert [row["note"] for row in rows] == [entry.note for entry in read]


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


def test_the_demo_logbook_is_filled_once(tmp_path):
    book = Logbook(tmp_path / "logbook.sqlite")
    fill_demo_logbook(book)
    count = len(book.entries())
    fill_demo_logbook(book)
    assert len(book.entries()) == count > 2
