"""Tape by laws: strips that cover, pieces cut off a roll, courses side by side, and the guard at four sides."""

from collections import Counter
from math import ceil, pi

import numpy as np
import pytest
import shapely
from hypothesis import assume, given
from hypothesis import strategies as st

from specimens import LANTERN, PLAQUE, TUMBLER, job, run, star_job
from vitrograph.core.job import TransferChoices
from vitrograph.core.stencil import LAP_MM, courses
from vitrograph.core.transfer import Strip, cut_list
from vitrograph.core.transfer.taping import LEAST_MARGIN_MM, narrow_tape, strips_over

sizes = st.floats(12, 480).map(lambda size: round(size, 1))


@given(left=st.floats(-200, 200), low=st.floats(-200, 200), wide=sizes, tall=sizes, roll=st.floats(60, 320),
       margin=st.floats(3, 12), extra=st.floats(0, 60))
def test_the_tape_over_a_film_reaches_beyond_it_at_each_side(left, low, wide, tall, roll, margin, extra):
    choices = TransferChoices(roll_width=roll, margin=margin, top_extra=extra, overlap=8.0)
    box = (left, low, left + wide, low + tall)
    (whole, high), strips = strips_over(box, choices)
    cover = shapely.union_all([shapely.box(s.x, s.y, s.x + s.width, s.y + s.height) for s in strips])
    assert shapely.buffer(cover, 1e-6).contains(shapely.box(*box))
    taken = cover.bounds
    assert taken[2] - taken[0] == pytest.approx(whole) and taken[3] - taken[1] == pytest.approx(high)
    beyond = (left - taken[0], low - taken[1], taken[2] - box[2], taken[3] - box[3])
    assert beyond[1] == pytest.approx(margin) and beyond[3] == pytest.approx(margin + extra)
    assert beyond[0] == pytest.approx(beyond[2])
    if not LEAST_MARGIN_MM <= (roll - wide) / 2 < margin:
        assert beyond[0] == pytest.approx(margin)
    else:
        assert len(strips) == 1 and whole == pytest.approx(roll), "a little less of it, and no second strip"


@given(wide=sizes, tall=sizes, roll=st.floats(60, 320))
def test_no_fewer_strips_would_do(wide, tall, roll):
    """By counting: the first strip covers its width, each further one its width less the lap."""
    lap = 8.0

    def needed(size):
        many = 1
        while size > roll + (many - 1) * (roll - lap) + 1e-9:
            many += 1
        return many

    choices = TransferChoices(roll_width=roll, margin=3.0, top_extra=0.0, overlap=lap)
    (whole, high), strips = strips_over((0.0, 0.0, wide, tall), choices)
    assert len(strips) == min(needed(whole), needed(high))


@given(many=st.lists(st.tuples(sizes, sizes, st.integers(1, 9)), min_size=1, max_size=6), uses=st.integers(1, 5))
def test_pieces_of_tape_serve_for_all_that_is_laid_and_for_no_more(many, uses):
    roll = 500.0
    cuts = cut_list([((Strip(0, 0, wide, tall),), times) for wide, tall, times in many],
                    TransferChoices(roll_width=roll, uses=uses))
    wanted = Counter()
    for wide, tall, times in many:
        wanted[min(wide, tall)] += times                       # the roll is wider than either side
    assert {cut.length: cut.many for cut in cuts} == {length: ceil(times / uses) for length, times in wanted.items()}
    assert [cut.length for cut in cuts] == sorted(wanted, reverse=True) and {cut.roll for cut in cuts} == {roll}


@given(more=st.floats(0.01, 400), tape=st.floats(12, 100))
def test_courses_of_tape_side_by_side_reach_as_far_as_asked(more, tape):
    many = courses(more, tape)
    assume(abs(many * (tape - LAP_MM) - more) > 1e-6)
    assert many * (tape - LAP_MM) >= more > (many - 1) * (tape - LAP_MM)
    assert courses(0.0, tape) == courses(-3.0, tape) == 0
    assert courses(10.0, 2.0) == 20, "tape narrower than its lap still gets on, by a quarter of its width"


def test_tape_that_is_no_wider_than_its_lap_is_told_with_what_helps():
    narrow = TransferChoices(roll_width=8.0, overlap=8.0)
    (found,) = narrow_tape(narrow, many=True)
    assert found.remedies[0].changes and "wholly on each other" in found.why
    assert list(narrow_tape(narrow, many=False)) == []
    assert list(narrow_tape(TransferChoices(roll_width=8.1, overlap=8.0), many=True)) == []


def test_the_guard_is_what_film_leaves_open_as_far_as_there_is_glass():
    """Beside a frustum's own measures: slant length, and the girth where the tape lies."""
    results = run(star_job(glass=LANTERN, fit__from_rim=50.0, stencil__border=12.0, stencil__guard=30.0))
    guard, band, wall = results.demands.guard, results.sheet.band, results.wall
    assert guard.sides == pytest.approx((18.0, 18.0, 18.0, 18.0))
    round_mm = (band.u_high - band.u_low) * 49.0
    tall = band.s_high - band.s_low + 36.0
    each = courses(18.0, results.job.stencil.tape_width)
    assert guard.tape == pytest.approx(each * 2 * (round_mm + tall))
    assert guard.allowed[1] == pytest.approx(12.0 + band.s_low)
    assert guard.allowed[3] == pytest.approx(12.0 + wall.length - band.s_high)
    assert guard.allowed[0] == pytest.approx(12.0 + (2 * pi * 49.0 - round_mm) / 2)
    area = (round_mm + 36.0) * tall - results.sheet.outline.area
    assert guard.zone.area == pytest.approx(area, rel=1e-6), "on a straight wall it is a frame of its own width"


def test_near_the_rim_the_guard_ends_with_the_glass():
    results = run(star_job(glass=TUMBLER, fit__from_rim=14.0, stencil__border=10.0, stencil__guard=40.0))
    guard, band, wall = results.demands.guard, results.sheet.band, results.wall
    assert guard.sides[3] == pytest.approx(wall.length - band.s_high) and guard.sides[3] < 30.0
    assert guard.sides[0] == guard.sides[2] == pytest.approx(30.0)
    ends = wall.scale(np.array([band.s_low - guard.sides[1] / 2, (band.s_high + wall.length) / 2]))
    wide, tall = band.u_high - band.u_low, band.s_high - band.s_low + guard.sides[1] + guard.sides[3]
    many = [courses(side, results.job.stencil.tape_width) for side in guard.sides]
    assert guard.tape == pytest.approx((many[0] + many[2]) * tall + many[1] * wide * ends[0] + many[3] * wide * ends[1])


def test_film_as_wide_as_the_guard_wants_no_tape():
    results = run(job(glass=PLAQUE, stencil__border=30.0, stencil__guard=30.0))
    guard = results.demands.guard
    assert guard.sides == (0.0, 0.0, 0.0, 0.0) and guard.tape == 0.0 and guard.zone.is_empty
    assert {part.side for part in results.transfer.settings[0].mask} <= {"lower"}, "below, where drips run, and no more"
