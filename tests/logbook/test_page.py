"""An entry as a page to read, two compared, and what the book came to, beside sums made by hand."""

import re
from collections import Counter
from datetime import date

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import fields, replace

from vitrograph.core.logbook import COLUMNS, GROUPS, OUTCOMES, Asked, Entry, Logbook
from vitrograph.core.logbook.advice import changes_of, failures_in, months_in, paces_of
from vitrograph.core.logbook.entry import COSTS, HANDS, NUMBERS, WHOLE
from vitrograph.core.logbook.page import SECTIONS, differences, page_of, said_of

SHOWN = {name: words for names in SECTIONS.values() for name, words in names.items()}
words = st.sampled_from(("", "Dome", "Cream", "Zilla Slab", "a note; with, signs"))
amounts = st.none() | st.floats(0.01, 900).map(lambda number: round(number, 2))
known = {one.name: st.none() | st.integers(0, 90) if one.name in WHOLE else amounts if one.name in NUMBERS else words
         for one in fields(Entry) if one.name not in ("made_on", "job", "how_many", "outcome", "stars", "minutes")}
entries = st.builds(
    Entry, made_on=st.dates(min_value=date(2024, 1, 1),
                            max_value=date(2026, 11, 28)).map(str),
    job=st.sampled_from(("Lamp", "Dome plaque")), how_many=st.integers(1, 6), outcome=st.sampled_from(OUTCOMES),
    stars=st.none() | st.integers(0, 5), minutes=amounts, **known)


def test_every_column_but_the_orders_own_number_has_words_of_its_own():
    assert set(SHOWN) == set(COLUMNS) - {"order_id"}
    for names in SECTIONS.values():
        assert len(set(names.values())) == len(names), "two fields of a section would be called the same"


@given(entries, st.sampled_from(("mm", "in")))
def test_a_page_tells_all_that_is_known_and_nothing_else(entry, unit):
    told = [(section, words, said) for section, rows in page_of(entry, unit) for words, said in rows]
    wanted = [(section, words, said_of(entry, name, unit)) for section, names in SECTIONS.items()
              for name, words in names.items() if getattr(entry, name) not in ("", None)]
    assert told == wanted and all(said for _, _, said in told)


@given(entries, entries)
def test_two_entries_differ_where_a_field_does(one, other):
    assert differences(one, one, "mm") == []
    found = differences(one, other, "mm")
    unlike = [name for name in SHOWN if getattr(one, name) != getattr(other, name)]
    assert len(found) == len(unlike)
    turned = differences(other, one, "mm")
    assert [(what, theirs, mine) for what, mine, theirs in found] == turned


@pytest.mark.parametrize(("name", "value", "mm", "inch"), [
    ("width_mm", 50.8, "50.8 mm", "2 in"), ("area_mm2", 645.16, "645.2 mm²", "1 in²"),
    ("web_mm", 0.635, "0.64 mm", "0.025 in"), ("strain_pct", 1.234, "1.234 %", "1.234 %"),
    ("cream_g", 12.0, "12 g", "12 g"), ("cream_days", 40, "40 days", "40 days"),
    ("minutes", 10.5, "10.5 min", "10.5 min"), ("weed_min", 3.25, "3.25 min", "3.25 min"),
    ("cost_film", 1.5, "1.50", "1.50"), ("stars", 4, "4 of 5", "4 of 5"), ("ties", 3, "3", "3")])
def test_each_kind_of_value_is_told_in_its_own_unit(name, value, mm, inch):
    entry = Entry(made_on="2026-11-28", job="Lamp", **{name: value})
    assert [said_of(entry, name, unit).replace("\u202f", " ") for unit in ("mm", "in")] == [mm, inch]


# -- what it came to ---------------------------------------------------------------------------------------------------


@pytest.fixture(scope="module")
def folder(tmp_path_factory):
    """Where each example's book stands."""
    return tmp_path_factory.mktemp("books")


@given(made=st.lists(entries, min_size=1, max_size=12))
@settings(max_examples=30, deadline=None)
def test_months_failures_and_groups_are_what_a_hand_adds_up(folder, made):
    book = Logbook(folder / f"{len(list(folder.iterdir()))}.sqlite")
    book.add_all(made)
    months = months_in(book)
    assert [month.month for month in months] == sorted({entry.made_on[:7] for entry in made}, reverse=True)
    for month in months:
        mine = [entry for entry in made if entry.made_on.startswith(month.month)]
        assert (month.entries, month.pieces) == (len(mine), sum(entry.how_many for entry in mine))
        assert month.failed == sum(entry.how_many for entry in mine if entry.outcome != "good")
        for told, names in ((month.hours * 60, HANDS), (month.grams, ("cream_g",)), (month.cost, COSTS)):
            assert told == pytest.approx(sum(getattr(entry, name) or 0.0 for entry in mine for name in names))
    failed = Counter()
    for entry in made:
        failed[entry.outcome] += entry.how_many
    del failed["good"]
    found = failures_in(book)
    assert {one.what: one.many for one in found} == dict(failed)
    assert [one.many for one in found] == sorted(failed.values(), reverse=True)
    assert all(one.of == sum(entry.how_many for entry in made) for one in found)
    for by in GROUPS:
        told = {word: (many, pieces) for word, many, pieces in book.groups(by)}
        for word, (many, pieces) in told.items():
            mine = [entry for entry in made if getattr(entry, by) == word]
            assert (many, pieces) == (len(mine), sum(entry.how_many for entry in mine))
        assert len(told) == len({getattr(entry, by) for entry in made})


def test_of_a_part_of_the_book_only_that_part_is_added_up(folder):
    book = Logbook(folder / "part.sqlite")
    book.add_all([Entry(made_on="2026-03-01", job="A", cream="One", how_many=2, outcome="faint"),
                  Entry(made_on="2026-04-01", job="A", cream="Two", how_many=3),
                  Entry(made_on="2026-05-01", job="B", cream="One", how_many=4, outcome="1 drip, 3 good")])
    one = Asked(cream="one", until="2026-04-30")
    assert [(month.month, month.failed) for month in months_in(book, one)] == [("2026-03", 2)]
    assert [(one.what, one.many, one.of) for one in failures_in(book, Asked(cream="One"))] == [("faint", 2, 6),
                                                                                             ("drip", 1, 6)]
    assert book.groups("job", Asked(cream="One")) == [("B", 1, 4), ("A", 1, 2)]


def made_with(film, day, failed, made=4, **more):
    """An entry with a film, so many of whose pieces failed."""
    outcome = f"{failed} faint, {made - failed} good" if failed else "good"
    return Entry(made_on=day, job="K", film=film, how_many=made, outcome=outcome, **more)


def test_a_change_is_told_with_both_sides_and_only_what_is_sure_is_called_so():
    old = [made_with("removable", f"2026-01-{day:02}", 2) for day in range(1, 13)]
    new = [made_with("stencil", f"2026-02-{day:02}", 0) for day in range(1, 13)]
    (change,) = changes_of(old + new)
    assert (change.before, change.since, change.day) == ("removable", "stencil", "2026-02-01")
    assert (change.made, change.failed) == ((48, 48), (24, 0))
    assert change.says.endswith("fewer fail since") and "0 of 48 pieces not good since (0%)" in change.says
    (turned,) = changes_of([replace(entry, film="stencil" if entry.film == "removable" else "removable")
                            for entry in old + new])
    assert turned.says.endswith("fewer fail since")
    worse = changes_of([made_with("removable", "2026-01-01", 0)] * 12 + [made_with("stencil", "2026-02-01", 2)] * 12)
    assert worse[0].says.endswith("more fail since")
    few = changes_of([made_with("removable", "2026-01-01", 1)] * 3 + [made_with("stencil", "2026-02-01", 0)] * 3)
    assert few[0].says.endswith("too few to tell")
    assert changes_of([made_with("removable", "2026-01-01", 1)] * 3 + [made_with("stencil", "2026-02-01", 0)] * 2) == []
    assert changes_of(old) == []


def test_own_paces_are_medians_a_piece_a_bit_and_ten_square_centimetres():
    made = [made_with("stencil", "2026-01-01", 0, made=2, weed_min=minutes, bits=30, cream_g=grams, area_mm2=8000.0,
                      etch_min=20.0) for minutes, grams in ((10.0, 4.0), (20.0, 6.0), (90.0, 40.0))]
    told = {pace.what: (pace.number, pace.unit, pace.n) for pace in paces_of(made)}
    assert told["weed, a piece"] == (10.0, "min", 3) and told["etch, a piece"] == (10.0, "min", 3)
    assert told["a bit weeded"] == (pytest.approx(60 * 20 / 60), "s", 3)
    assert told["cream used up on 10 cm²"] == (pytest.approx(0.75), "g", 3)
    assert "cut, a piece" not in told and paces_of(made[:2]) == []
    assert all(re.fullmatch(r".+: [\d.]+ (min|s|g), from 3 entries", pace.says) for pace in paces_of(made))
