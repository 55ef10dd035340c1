"""Tape and placing, against what a ruler would read."""

from itertools import pairwise

import pytest
import shapely
from hypothesis import given
from hypothesis import strategies as st

from specimens import CARAFE, FLARE_IN, LANTERN, PLAQUE, TUMBLER, in_mm, job, remedied, run, star_job
from vitrograph.core.findings import Code
from vitrograph.core.job import FlatGlass
from vitrograph.core.transfer import tape_strips


@given(width=st.floats(10, 500), height=st.floats(10, 500), roll=st.floats(40, 300))
def test_strips_cover_the_tape_overlap_and_are_no_wider_than_the_roll(width, height, roll):
    strips = tape_strips(width, height, roll, 8.0)
    boxes = [shapely.box(s.x, s.y, s.x + s.width, s.y + s.height) for s in strips]
    assert shapely.union_all(boxes).area == pytest.approx(width * height, rel=1e-9)
    assert all(min(s.width, s.height) <= roll + 1e-9 for s in strips)
    for one, other in pairwise(boxes):
        overlap = one.intersection(other)
        assert min(overlap.bounds[2] - overlap.bounds[0], overlap.bounds[3] - overlap.bounds[1]) >= 8.0 - 1e-6


def test_a_few_millimetres_do_not_cost_a_second_strip():
    results = run(job(stencil__border=20.0))
    left, _, right, _ = results.sheet.outline.bounds
    snug = results.job.changed(transfer__roll_width=right - left + 5.0)
    assert len(run(snug).transfer.strips) == 1
    two = run(snug.changed(transfer__roll_width=right - left - 5.0)).transfer
    assert len(two.strips) == 2 and "2 strips, each" in in_mm(two.steps[0].says)
    assert "overlapped" in in_mm(two.steps[0].says) and "overlapped" not in in_mm(run(snug).transfer.steps[0].says)


def test_the_tape_covers_the_stencil_with_its_margin_and_more_above_to_hold_it_by():
    results = run(job(transfer__margin=7.0, transfer__top_extra=22.0, transfer__roll_width=500.0))
    left, low, right, high = results.sheet.outline.bounds
    (strip,) = results.transfer.settings[0].strips
    assert (strip.x, strip.y) == pytest.approx((left - 7, low - 7))
    assert (strip.width, strip.height) == pytest.approx((right - left + 14, high - low + 14 + 22))
    assert results.transfer.settings[0].tape_size == pytest.approx((strip.width, strip.height))


def test_a_strip_is_saved_where_the_roll_is_just_wide_enough():
    assert len(tape_strips(100.0, 80.0, 80.0, 8.0)) == 1, "turned, it is as wide as the roll"
    assert len(tape_strips(152.0, 152.0, 80.0, 8.0)) == 2, "two strips and their lap are just as wide"


@pytest.mark.parametrize("glass", [TUMBLER, FLARE_IN, LANTERN, PLAQUE])
@pytest.mark.parametrize("mode", ["rim", "straight"])
def test_the_distances_are_what_a_ruler_reads(glass, mode):
    results = run(job(glass=glass, fit__mode=mode, fit__from_rim=40.0, stencil__border=15.0))
    plan, wall = results.transfer.settings[0].placing, results.wall
    assert plan.left.down == pytest.approx(plan.right.down, abs=1e-6)
    assert plan.left.down == pytest.approx(wall.length - results.sheet.band.s_high, abs=1e-6)
    # the film is cut in chords that stray a hundredth of a millimetre at the most
    assert plan.lower.up == pytest.approx(results.sheet.band.s_low * wall.upright / wall.length, abs=0.01)


def test_centre_marks_stand_in_the_middle_of_each_side():
    results = run(job())
    edge = results.sheet.outlines[0].exterior
    for mark in results.transfer.marks:
        assert edge.distance(shapely.Point(mark)) < 0.01
    lower, right, upper, left = results.transfer.marks
    assert lower[0] == pytest.approx(0, abs=1e-9) and upper[0] == pytest.approx(0, abs=1e-9)
    assert right[0] == pytest.approx(-left[0]) and right[1] == pytest.approx(left[1])


def test_the_steps_carry_this_stencils_numbers():
    with_islands, without = run(job("BOB")).transfer, run(star_job()).transfer
    assert with_islands.needed and "Cut tape: one piece" in in_mm(with_islands.steps[0].says)
    assert not without.needed and "No tape" in in_mm(without.steps[0].says)
    assert any("25\u202fmm" in in_mm(step.says) for step in run(job(fit__from_rim=45.0)).transfer.steps)
    assert "Raise the base" in in_mm(with_islands.bedding)
    assert "Raise the rim" in in_mm(run(job(glass=FLARE_IN)).transfer.bedding)
    assert "Lay the pane flat on a towel, its front upward" in run(job(glass=PLAQUE)).transfer.bedding
    framed = run(job(glass=FlatGlass(width=300.0, height=220.0, frame=12.0), fit__face="back")).transfer.bedding
    assert framed == "Lay the pane in its frame flat on a towel, its back upward."


def test_films_laid_one_after_the_other_have_tape_marks_and_distances_of_their_own():
    results = run(job("Kestrel\n\nPoint", glass=CARAFE, width=56.0, fit__from_rim=40.0, fit__rows=2))
    plan, sheet = results.transfer, results.sheet
    assert len(plan.settings) == 2 and len(plan.strips) == sum(len(setting.strips) for setting in plan.settings)
    for setting, outline, film in zip(plan.settings, sheet.outlines, sheet.films, strict=True):
        tape = shapely.union_all([shapely.box(s.x, s.y, s.x + s.width, s.y + s.height) for s in setting.strips])
        assert tape.covers(outline)
        assert all(outline.exterior.distance(shapely.Point(mark)) < 0.05 for mark in setting.marks)
        ends = setting.placing.left.down, setting.placing.right.down
        assert ends == pytest.approx([results.wall.length - film.band.s_high] * 2, abs=0.05)
    lower, upper = (setting.placing for setting in plan.settings)
    assert lower.lower.up < upper.lower.up and lower.left.down > upper.left.down


@pytest.mark.parametrize("roll", [300.0, 45.0])
def test_tape_reaches_beyond_the_film_by_its_margin_on_every_side(roll):
    results = run(job(transfer__roll_width=roll, transfer__margin=9.0, transfer__top_extra=14.0))
    (setting,) = results.transfer.settings
    left, low, right, high = results.sheet.outline.bounds
    tape = shapely.union_all([shapely.box(s.x, s.y, s.x + s.width, s.y + s.height) for s in setting.strips])
    assert tape.bounds == pytest.approx((left - 9.0, low - 9.0, right + 9.0, high + 9.0 + 14.0))
    assert setting.tape_size == pytest.approx((right - left + 18.0, high - low + 32.0))
    assert (len(setting.strips) > 1) == (roll < 100)


def test_a_roll_too_narrow_to_lap_is_told_of_with_a_lap_that_can_be():
    made = job(transfer__roll_width=20.0, transfer__overlap=20.0)
    (found,) = run(made).transfer.findings
    assert (found.code, found.value, found.limit) == (Code.TAPE, 20.0, 20.0)
    mended = remedied(made, found.remedy)
    assert mended.transfer.overlap == 10.0 and run(mended).transfer.findings == ()
