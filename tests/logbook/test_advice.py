"""Advice: minutes beside a plain integral and a general regression, causes beside reference tests, months by hand."""

import importlib
import warnings
from math import log

import numpy as np
import pytest
from scipy.stats import false_discovery_control, fisher_exact

from specimens import job, remedied
from vitrograph.core.logbook import OUTCOMES, Entry, Logbook, outcome_of
from vitrograph.core.logbook.advice import advise, causes_in, changes_of, failures_in, finding_of, months_in, paces_of
from vitrograph.core.logbook.advice.causes import FACTORS, Group, benjamini_hochberg, causes_of, fisher
from vitrograph.core.logbook.advice.curve import Prior, Tried, believe
from vitrograph.core.logbook.advice.minutes import _dot, _tried, alikeness


def made(**changes):
    return Entry(**{"made_on": "2026-05-05", "job": "Dome", "cream": "North", "material": "ordinary", **changes})


@pytest.fixture
def book(tmp_path):
    return Logbook(tmp_path / "logbook.sqlite")


def pieces(chance, true, sharp, many, cream="A", spread=0.45):
    """A simulated maker: pieces about the minutes that do, frosted by a logistic chance. Nobody's data."""
    minutes = np.exp(log(true) + chance.normal(0, 0.4) + chance.normal(0, spread, many))
    share = 1 / (1 + np.exp(-(log(9) + sharp * (np.log(minutes) - log(true)))))
    return [Tried(cream, "ordinary", float(m), 1, float(so)) for m, so in
            zip(minutes, chance.random(many) < share, strict=True)]


def test_the_interval_holds_the_truth_in_about_eight_of_ten_of_500_makers():
    chance = np.random.default_rng(11)
    held, off = 0, []
    for _ in range(500):
        true, sharp = float(np.exp(log(chance.choice([3, 5, 8, 14])) + chance.normal(0, 0.3))), chance.uniform(2.5, 7)
        tried = pieces(chance, true, sharp, int(chance.integers(8, 70)))
        for other in range(int(chance.integers(0, 3))):
            near = true * float(np.exp(chance.normal(0, 0.5)))
            tried += pieces(chance, near, sharp, int(chance.integers(5, 40)), f"B{other}")
        told = believe(tried, "A", None, Prior())
        held += told.interval[0] <= true <= told.interval[1]
        off.append(log(told.minutes / true))
    assert 0.75 <= held / 500 <= 0.85 and abs(np.median(off)) < 0.06


def makings(chance, true, sharp, alike):
    """A simulated maker of several copies each time, alike by so much (a beta-binomial correlation). No real data."""
    tries = np.exp(log(true) + chance.normal(0, 0.4) + np.array([-0.6, -0.3, 0.0, 0.3]))
    groups = {}
    for _ in range(int(chance.integers(6, 25))):
        minutes, copies = float(chance.choice(tries)), int(chance.integers(2, 7))
        share = 1 / (1 + np.exp(-(log(9) + sharp * (log(minutes) - log(true)))))
        if alike:
            share = chance.beta(share * (1 / alike - 1), (1 - share) * (1 / alike - 1))
        groups.setdefault(("A", "ordinary", minutes), []).append(
            (copies, copies - int(chance.binomial(copies, share)), 0, float(copies**2)))
    return [_dot(key, told) for key, told in groups.items()]


@pytest.mark.parametrize("alike", [0.0, 0.3])
def test_the_interval_holds_the_truth_as_often_where_copies_of_one_making_are_alike(alike):
    chance, held, plain, told = np.random.default_rng(3), 0, 0, []
    for _ in range(300):
        true, sharp = float(np.exp(log(chance.choice([3, 5, 8, 14])) + chance.normal(0, 0.3))), chance.uniform(2.5, 7)
        dots = makings(chance, true, sharp, alike)
        told.append(alikeness(dots))
        for counted, by in (("held", told[-1]), ("plain", 0.0)):
            low, high = believe([_tried(dot, dot.many - dot.pale, by) for dot in dots], "a", None, Prior()).interval
            held += counted == "held" and low <= true <= high
            plain += counted == "plain" and low <= true <= high
    assert 0.74 <= held / 300 <= 0.86 and np.mean(told) == pytest.approx(alike, abs=0.1)
    assert held >= plain and (not alike or plain / 300 < 0.72), "copies taken for independent claim too much"


def test_copies_that_are_wholly_alike_count_once_and_a_book_of_single_pieces_says_only_what_is_believed():
    wholly = [_dot(("A", "ordinary", 5.0), [(4, 4, 0, 16.0)] * 20 + [(4, 0, 0, 16.0)] * 20)]
    assert alikeness(wholly) == pytest.approx(1.0, abs=0.1) and wholly[0].worth(1.0) == pytest.approx(1 / 4)
    singles = [_dot(("A", "ordinary", 5.0), [(1, 1, 0, 1.0)] * 9 + [(1, 0, 0, 1.0)] * 9)]
    assert 0.0 <= alikeness(singles) <= 0.3 and singles[0].worth(0.7) == 1.0
    assert alikeness([]) == pytest.approx(0.2)


def test_what_is_believed_is_a_plain_integral_over_all_that_is_unknown():
    """Two creams: the integral over both L and b on a fine grid, with the stated prior; nothing is approximated."""
    prior = Prior()
    tried = [Tried("A", "g", 5.0, 4, 3), Tried("A", "g", 8.0, 3, 3), Tried("A", "g", 3.0, 3, 1),
             Tried("B", "h", 10.0, 20, 16), Tried("B", "h", 6.0, 10, 5)]
    places, total = np.linspace(-2, 6, 601), np.zeros(601)
    own = prior.spread**2 + prior.creams**2 + prior.glasses**2 + prior.pairs**2
    inverse = np.linalg.inv(np.array([[own, prior.spread**2], [prior.spread**2, own]]))
    a, b = np.meshgrid(places - log(prior.minutes), places - log(prior.minutes), indexing="ij")
    before = -(inverse[0, 0] * a**2 + 2 * inverse[0, 1] * a * b + inverse[1, 1] * b**2) / 2
    for step in np.linspace(-2.6, 2.6, 41):
        sharp = prior.sharp * np.exp(prior.sharp_spread * step)
        tells = {name: sum(one.so * eta - one.many * np.logaddexp(0, eta) for one in tried if one.cream == name
                           for eta in [log(9) + sharp * (log(one.minutes) - places)]) for name in "AB"}
        total += np.exp(before + tells["A"][:, None] + tells["B"][None, :] - step**2 / 2).sum(axis=1)
    below = (np.cumsum(total) - total / 2) / total.sum()
    told = believe(tried, "A", "g", prior)
    wanted = [float(np.exp(np.interp(share, below, places))) for share in (0.1, 0.5, 0.9)]
    assert [told.interval[0], told.minutes, told.interval[1]] == pytest.approx(wanted, rel=0.03)


def test_many_pieces_say_what_a_general_regression_says():
    """statsmodels' logistic regression on log minutes; with hundreds of pieces the prior weighs nothing."""
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")                        # its own, on being imported
        statsmodels = importlib.import_module("statsmodels.api")
    tried = pieces(np.random.default_rng(5), 6.0, 4.0, 800)
    x, y = np.array([log(one.minutes) for one in tried]), np.array([one.so for one in tried])
    fitted = statsmodels.Logit(y, statsmodels.add_constant(x)).fit(disp=0)
    assert believe(tried, "A", None, Prior()).minutes == pytest.approx(
        float(np.exp((log(9) - fitted.params[0]) / fitted.params[1])), rel=0.02)


def test_few_pieces_say_nothing_and_more_say_it_ever_more_narrowly(book):
    said = advise(book, "North", "", 12.0)
    assert (said.minutes, said.interval, said.n) == (None, None, 0)
    book.add(made(minutes=10.0, how_many=3))
    assert advise(book, "north").says.startswith("too few: 3 pieces with 'north'") and "its label says" not in (
        advise(book, "north").says)
    assert "its label says 12:00 min" in advise(book, "North", "", 12.0).says
    wide = []
    for many in (3, 20, 200):
        book.add_all([made(minutes=m, how_many=many, outcome=outcome_of({"good": many - k, "faint": k}))
                      for m, k in ((4.0, many // 2), (8.0, many // 10), (12.0, 0))])
        told = advise(book, "North", "ordinary")
        assert told.interval[0] < told.minutes < told.interval[1]
        wide.append(told.interval[1] / told.interval[0])
    assert wide[0] > wide[1] > wide[2] and told.n == 3 + 3 * (3 + 20 + 200)


def test_what_leaks_with_time_ends_the_advice_and_a_clash_is_told(book):
    def told(leaks_at):
        book.add_all([made(cream=f"c{leaks_at}", minutes=m, how_many=40, outcome=outcome_of(
            {"good": 40 - pale - leak, "faint": pale, "leak at an edge": leak}))
            for m, pale in ((3.0, 20), (6.0, 3), (12.0, 0), (24.0, 0)) for leak in [18 if m >= leaks_at else 0]])
        return advise(book, f"C{leaks_at}")

    late, early = told(24.0), told(6.0)
    assert 10 < late.latest < 30 and "after" in late.says and late.minutes < late.latest
    assert early.latest < early.minutes and "by then more than 1 in 10 leaks" in early.says
    good = [made(cream="sure", minutes=9.0, how_many=9)]
    book.add_all(good)
    assert "none came out faint" in advise(book, "sure").says and advise(book, "sure").minutes < 9
    book.add_all([made(cream="pale", minutes=9.0, how_many=9, outcome="faint")])
    assert "none came out well yet" in advise(book, "pale").says and advise(book, "pale").minutes > 9
    book.add_all([made(cream="lost", minutes=9.0, how_many=9, outcome="spoiled")])
    assert advise(book, "lost").n == 0, "a spoiled piece says nothing of its frost"


@pytest.mark.parametrize("table", [(1, 10, 11, 14), (8, 20, 2, 40), (0, 9, 5, 12), (30, 200, 11, 190)])
def test_fishers_test_is_the_reference_librarys(table):
    had, many, other, others = table
    assert fisher(*table) == pytest.approx(fisher_exact([[had, many - had], [other, others - other]]).pvalue, rel=1e-6)


def test_many_looks_are_weighed_as_the_reference_library_weighs_them():
    chances = np.random.default_rng(2).random(60) ** 3
    assert benjamini_hochberg(chances.tolist()) == (false_discovery_control(chances) <= 0.03).tolist()


def random_groups(chance, entries, cause=None):
    """A simulated book: entries with factors drawn anyhow; faults come anyhow, but for one cause. Nobody's data."""
    groups = []
    for _ in range(entries):
        has = tuple(bool(chance.random() < 0.5) for _ in FACTORS)
        many = int(chance.integers(1, 7))
        often = np.clip(chance.beta(2, 30, 8), 0, 0.12)        # copies of one making are alike
        if cause is not None and has[cause]:
            often[2] += 0.25
        what = chance.multinomial(many, [1 - often.sum(), *often])
        groups.append(Group(has, many, {name: int(n) for name, n in zip(OUTCOMES, what, strict=True) if n}, 1))
    return groups


def test_copies_of_one_making_count_as_one_where_they_are_alike_and_never_as_more_than_they_are():
    """Rao and Scott (1992): a design effect of m where all m copies of a making come out alike; none below 1."""
    def told(m, *entries):
        groups = [Group((has, *[None] * (len(FACTORS) - 1)), m, {"faint": had, "good": m - had}, times)
                  for has, had, times in entries]
        (cause,) = causes_of(groups)
        return cause

    unlike = told(2, (True, 1, 30), (False, 0, 21))            # one of two, each time: less than chance has
    assert unlike.p == pytest.approx(fisher_exact([[30, 30], [0, 42]]).pvalue, rel=1e-6)
    alike = told(4, (True, 4, 20), (True, 0, 20), (False, 4, 1), (False, 0, 39))
    assert alike.had == (80, 4) and alike.made == (160, 160)
    assert alike.p == pytest.approx(fisher_exact([[20, 19], [1, 38]]).pvalue, rel=0.5)
    assert alike.p > 1e4 * fisher_exact([[80, 80], [4, 156]]).pvalue


def test_books_without_a_cause_tell_of_none_and_a_true_one_is_found():
    chance = np.random.default_rng(8)
    assert sum(bool(causes_of(random_groups(chance, 150))) for _ in range(200)) <= 10
    told = [causes_of(random_groups(chance, 150, cause=2)) for _ in range(10)]
    assert all(one and one[0].factor is FACTORS[2] and one[0].fault == OUTCOMES[3] and one[0].more for one in told)


def test_a_cause_leads_to_where_it_is_changed(book):
    book.add_all([made(settled_min=5.0, how_many=4, outcome="2 good, 2 leak at an edge") for _ in range(12)]
                 + [made(settled_min=20.0, how_many=4) for _ in range(12)] + [made(settled_min=None) for _ in range(9)])
    (cause,) = causes_in(book)
    assert cause.made == (48, 48) and cause.had == (24, 0) and cause.rates == (0.5, 0.0)
    assert 0.3 < cause.interval[0] < 0.5 < cause.interval[1] < 0.65
    assert "24 of 48" in cause.says.words("mm") and "(50%)" in cause.says.words("mm").replace("\u202f", "")
    hasty = job("K", transfer__settle=5.0)
    assert remedied(hasty, finding_of(cause, hasty).remedy).transfer.settle == 15.0
    for factor, wanted in ((FACTORS[0], ["under 1 mm", "under 0.04 in"]),
                           (FACTORS[1], ["under 4 mm²", "under 0.006 in²"])):
        told = [factor.name.words(unit).replace("\u202f", " ") for unit in ("mm", "in")]
        assert [words[words.index("under"):] for words in told] == wanted


def test_what_it_came_to_is_added_up_by_months_and_kinds(book):
    book.add_all([
        made(made_on="2026-04-02", how_many=4, outcome="1 drip", weed_min=30.0, etch_min=30.0, cream_g=2.0,
             cost_film=1.5, cost_glass=4.0, bits=10, area_mm2=4000.0, film="stencil"),
        made(made_on="2026-04-20", how_many=2, outcome="faint", weed_min=20.0, bits=10, film="stencil"),
        made(made_on="2026-05-01", how_many=1, weed_min=5.0, bits=10, film="stencil")])
    may, april = months_in(book)
    assert (april.month, april.entries, april.pieces, april.failed) == ("2026-04", 2, 6, 3)
    assert (april.hours, april.grams, april.cost) == pytest.approx((80 / 60, 2.0, 5.5)) and may.pieces == 1
    assert [(one.what, one.many, one.of) for one in failures_in(book)] == [("faint", 2, 7), ("drip", 1, 7)]
    paces = {one.what: one for one in paces_of(book.entries())}
    assert paces["a bit weeded"].number == 45.0 and paces["a bit weeded"].n == 3 and "etch, a piece" not in paces
    book.add_all([made(made_on=f"2026-06-0{day}", film="permanent", how_many=10) for day in range(1, 5)])
    (change,) = changes_of(book.entries())
    assert (change.before, change.since, change.day) == ("stencil", "permanent", "2026-06-01")
    assert change.made == (7, 40) and change.failed == (3, 0) and "fewer fail" in change.says
