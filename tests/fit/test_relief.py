"""Relief cuts and the edges of films: where they may be, over any film and any openings."""

from itertools import pairwise
from math import pi

import numpy as np
import pytest
import shapely
from hypothesis import assume, given, settings
from hypothesis import strategies as st
from shapely.geometry import Polygon

from specimens import CARAFE, TUMBLER, star_job
from vitrograph.core.errors import FitError
from vitrograph.core.film import SPACINGS_MM, relief_cuts
from vitrograph.core.fit.band import EDGE_DEVIATION_MM, Band, Seams, band_edge, band_round
from vitrograph.core.fit.parted import set_out
from vitrograph.core.glass import Ball, Frustum, wall_of
from vitrograph.core.pipeline import Pipeline

sides = st.floats(40, 140)


@st.composite
def films(draw):
    """A film's outline in its cone's plane, and openings within it, some way off its edge."""
    wide, high = draw(sides), draw(sides)
    bow = draw(st.floats(-4, 4))
    x = np.linspace(-wide / 2, wide / 2, 41)
    arc = bow * (1 - (2 * x / wide) ** 2)
    outline = Polygon(np.concatenate([np.column_stack([x, arc]), np.column_stack([x[::-1], high + arc[::-1]])]))
    spots = st.tuples(st.floats(-0.3, 0.3), st.floats(0.3, 0.7), st.floats(1, 8), st.floats(1, 8))
    boxes = [shapely.box(u * wide - w, v * high - h, u * wide + w, v * high + h)
             for u, v, w, h in draw(st.lists(spots, min_size=1, max_size=5))]
    return outline, shapely.union_all(boxes)


@given(film=films(), safe=st.floats(3, 12), longest=st.floats(5, 30), spacing=st.sampled_from(SPACINGS_MM))
@settings(max_examples=60, deadline=None)
def test_cuts_start_on_the_edge_keep_off_the_openings_and_off_each_other(film, safe, longest, spacing):
    outline, openings = film
    cuts = relief_cuts(outline, openings, safe, longest, spacing)
    for number, cut in enumerate(cuts):
        start, tip = (shapely.Point(place) for place in cut.coords)
        assert outline.exterior.distance(start) < 1e-6 and outline.buffer(1e-6).covers(cut)
        assert cut.distance(openings) >= safe - 0.02 and 3.0 <= cut.length <= longest + 1e-6
        assert outline.exterior.distance(tip) > 1.0
        assert all(cut.distance(other) > 2.0 for other in cuts[:number])


@given(film=films(), spacing=st.sampled_from(SPACINGS_MM))
@settings(max_examples=30, deadline=None)
def test_on_a_film_alike_on_both_sides_so_are_the_cuts(film, spacing):
    outline, openings = film
    both = openings.union(shapely.transform(openings, lambda xy: xy * [-1.0, 1.0]))
    cuts = relief_cuts(outline, both, 4.0, 25.0, spacing)
    assume(cuts)
    starts = np.array([cut.coords[0] for cut in cuts])
    gaps = np.hypot(starts[:, None, 0] + starts[None, :, 0], starts[:, None, 1] - starts[None, :, 1])
    # each has its twin across the middle, unless the twin would come too near to another or to itself
    assert (gaps.min(axis=1) < 1.5).mean() >= 0.5


@pytest.mark.parametrize("wall", [Frustum(30.0, 46.0, 110.0), Frustum(44.0, 44.0, 90.0), Ball(48.0), wall_of(CARAFE)])
@given(low=st.floats(0.25, 0.5), high=st.floats(0.1, 0.25), turn=st.floats(0.2, 3.1))
@settings(max_examples=15)
def test_a_films_edge_is_as_fine_as_it_must_be(wall, low, high, turn):
    band = Band(-turn, low * wall.length, turn, (low + high) * wall.length)
    flat = wall.sheeting(band.s_low, band.s_high)
    coarse = Polygon(flat.develop(band_edge(flat, band)))
    around = np.linspace(-turn, turn, 4000)
    fine = Polygon(flat.develop(np.concatenate([np.column_stack([around, np.full(4000, band.s_low)]),
                                                np.column_stack([around[::-1], np.full(4000, band.s_high)])])))
    assume(coarse.is_valid and fine.is_valid)                 # a very wide fan may run into itself
    assert coarse.symmetric_difference(fine).area / fine.length < EDGE_DEVIATION_MM


@given(u=st.floats(-1, 1), wide=st.floats(0.1, 4), s=st.floats(5, 120), high=st.floats(1, 60),
       border=st.tuples(*[st.floats(0, 60)] * 4))
def test_a_band_keeps_its_borders_as_far_as_the_glass_goes(u, wide, s, high, border):
    wall = wall_of(TUMBLER)
    assume(s + high < wall.length)
    box = (u - wide / 2, s, u + wide / 2, s + high)
    band, left = band_round(wall, box, border)
    assert 0 <= band.s_low <= s and s + high <= band.s_high <= wall.length
    assert band.u_high - band.u_low <= 2 * pi + 1e-9
    assert all(have <= wanted + 1e-6 for have, wanted in zip(left, border, strict=True))
    assert left[1] == pytest.approx(min(border[1], s))
    assert left[3] == pytest.approx(min(border[3], wall.length - s - high))


@given(gap=st.floats(4, 90), border=st.floats(0, 40), far=st.booleans())
def test_neighbouring_films_lap_in_their_gap_or_leave_it_to_the_openings_or_stand_apart(gap, border, far):
    seams = Seams((border,) * 4, far=far)
    reach = seams.reach(gap, 0)
    assert seams.reach(gap, 2) == reach and not seams.apart(gap, 1)
    if far and gap - reach - border >= 6.0:                    # designs that are looked at by themselves
        assert seams.apart(gap, 0) and reach == border
        return
    assert reach <= gap - 2.0 + 1e-9                           # off the other's openings
    if gap >= 10.0:
        assert 2 * reach - gap >= 6.0 - 1e-9                   # and lapping, wherever there is room for that


@given(boxes=st.lists(st.tuples(st.floats(-50, 50), st.floats(0, 80), st.floats(5, 90)), min_size=1, max_size=6),
       apart=st.floats(1, 20))
def test_films_are_set_out_one_above_the_other(boxes, apart):
    made = [(x, low, x + 10.0, low + high) for x, low, high in boxes]
    placed = [(box[1] + up, box[3] + up) for box, (_, up) in zip(made, set_out(made, apart), strict=True)]
    assert placed[0] == made[0][1::2]
    for below, above in pairwise(placed):
        assert above[0] - below[1] == pytest.approx(apart)


@pytest.mark.parametrize(("changes", "sentence"), [
    ({"width": 4000.0}, "make it smaller"), ({"fit__above_table": 4000.0, "fit__held": "middle"}, "pole|off|closes"),
    ({"stencil__border": 500.0}, ""), ({"fit__times": 60, "fit__wrap": True, "width": 900.0}, ""),
])
def test_film_out_of_all_bounds_is_told_of_in_a_sentence(changes, sentence):
    made = star_job(glass=CARAFE, **{"width": 40.0, "fit__from_rim": 50.0, **changes})
    results = Pipeline().run(made)
    assert results.complete and results.art is not None
    for station, error in results.failed:
        assert station in ("fit", "stencil", "cut", "weed", "transfer", "etch")
        assert "\n" not in str(error) and not isinstance(error, AssertionError)
    if not sentence:
        assert not any(isinstance(error, FitError) and "traceback" in str(error) for _, error in results.failed)
