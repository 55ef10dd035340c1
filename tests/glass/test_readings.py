"""Several readings of one place: mean, spread, out-of-round, the tape's thickness; and pieces meant to be alike."""

from math import pi, sqrt
from statistics import fmean, stdev

import msgspec
import pytest
from hypothesis import given
from hypothesis import strategies as st

from specimens import LANTERN, PLAQUE, TUMBLER, in_mm, job, remedied, run
from vitrograph.core.errors import GlassError, LengthError
from vitrograph.core.glass import (
    check_set,
    mean_glass,
    parse_readings,
    places_of,
    reading_at,
    take_readings,
    trust_in,
    weigh_readings,
)
from vitrograph.core.job import BallGlass, CurvedGlass, Taken, Tools
from vitrograph.core.units import format_length

WAIST = CurvedGlass(stations=((0.0, 70.0), (60.0, 118.0), (120.0, 96.0)))


@given(st.lists(st.floats(20, 200), min_size=2, max_size=20))
def test_the_mean_and_its_error_are_those_of_the_guide_to_uncertainty(values):
    # JCGM 100:2008, 4.2: the mean's standard uncertainty is s / sqrt(n), never less here than the tool's own
    reading = weigh_readings(values, 0.05, "diameter")
    assert reading.mean == pytest.approx(fmean(values))
    assert reading.spread == pytest.approx(max(values) - min(values))
    assert reading.error == pytest.approx(max(stdev(values), 0.05) / sqrt(len(values)))


def test_a_tape_reads_round_its_own_middle():
    # a true diameter D under a tape t thick reads pi (D + t)
    assert weigh_readings([pi * 80.4], 1.0, "circumference", 0.4).mean == pytest.approx(pi * 80)
    assert weigh_readings([80.0], 0.05, "diameter", 0.4).mean == 80.0


@pytest.mark.parametrize(("values", "girth", "words"), [
    ([86.0], "diameter", "one reading"), ([86.0, 86.05, 86.02], "diameter", "agree within"),
    ([85.0, 86.5, 85.6], "diameter", "out of round by"), ([128, 131], None, "more than the tool explains"),
    ([86.0, 86.1, 85.9, 68.0], "diameter", "stands apart from the others"),
])
def test_what_the_readings_say(values, girth, words):
    assert words in in_mm(weigh_readings(values, 0.05, girth).says)


def test_lines_are_read_in_any_unit_and_a_bad_one_is_named():
    assert parse_readings("86.1\n 8,63 cm ;3 3/8 in\n\n") == pytest.approx((86.1, 86.3, 85.725))
    for text, sentence in (("86\nwide", "reading 2: a length like"), ("", "no reading yet"), ("0", "reading 1:.*more")):
        with pytest.raises(LengthError, match=sentence):
            parse_readings(text)
    with pytest.raises(GlassError, match="narrower than this tool can tell"):
        weigh_readings([0.8], 0.5, "diameter")


@pytest.mark.parametrize("glass", [TUMBLER, LANTERN, PLAQUE, WAIST, BallGlass(diameter=80.0)])
def test_the_glass_takes_the_mean_of_any_of_its_places_and_trust_grows(glass):
    for place in places_of(glass):
        here = reading_at(glass, place)
        taken = Taken(place, (here + 0.4, here - 0.2, here + 0.1, here - 0.3, here + 0.5))
        changed, tools = take_readings(glass, Tools(), taken)
        assert reading_at(changed, place) == pytest.approx(here + 0.1) and tools.taken == (taken,)
        several, one = (trust_in(glass, known, 60, 20, 50) for known in (tools, Tools()))
        assert several.corner <= one.corner and several.closing <= one.closing
    changed, tools = take_readings(changed, tools, Taken(place, (here,)))
    assert tools.taken == () and reading_at(changed, place) == here


def test_an_odd_reading_is_found_and_follows_the_job():
    glass, tools = take_readings(TUMBLER, Tools("calipers"), Taken("rim", (90.0, 90.1, 89.9, 98.0)))
    found = run(job(glass=glass, tools=tools)).findings("glass")
    assert [f.code.value for f in found] == ["measure"] and f"{format_length(98)} stands apart" in in_mm(found[0].says)


def test_a_set_is_cut_for_its_mean_and_its_spread_decides():
    alike = [msgspec.structs.replace(TUMBLER, rim=TUMBLER.rim + off) for off in (-0.2, 0.0, 0.2)]
    check = check_set(alike, 60, 30, 90)
    assert check.motif_fits and check.wrap_fits and "one stencil fits all 3" in in_mm(check.says)
    assert mean_glass(alike).rim == pytest.approx(TUMBLER.rim)
    loose = check_set([*alike, msgspec.structs.replace(TUMBLER, rim=TUMBLER.rim + 3)], 20, 15, 120)
    assert loose.motif_fits and not loose.wrap_fits and loose.worst == 4
    assert "a full wrap would miss" in in_mm(loose.says)
    odd = check_set([*alike, msgspec.structs.replace(TUMBLER, base=TUMBLER.base - 12)], 70, 60, 60)
    assert not odd.motif_fits and "glass 4" in in_mm(odd.says)
    with pytest.raises(GlassError, match="not alike"):
        check_set([TUMBLER, LANTERN], 60, 30, 60)


def test_the_job_says_whether_one_stencil_fits_its_set():
    measured = [msgspec.structs.replace(TUMBLER, base=TUMBLER.base + off) for off in (0.0, 30.0)]
    results = run(job(fit__from_rim=80.0, measured=[msgspec.to_builtins(glass) for glass in measured]))
    found = {f.level.value: f for f in results.findings("glass")}
    assert "one stencil does not fit all 2" in in_mm(found["watch"].says)
    mended = run(remedied(results.job, found["note"].remedy))
    assert mended.job.glass.base == pytest.approx(TUMBLER.base + 15)
    assert "note" not in {f.level.value for f in mended.findings("glass")}
