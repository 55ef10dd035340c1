"""The blade's tip, led by its pivot, is where it was drawn to be, whatever it did before.

The witness is the tractrix equation itself, integrated by SciPy: the tip moves along the blade, by as much of the
pivot's step as lies along it (E. H. Lockwood, A Book of Curves, 1961, chapter 13).
"""

from itertools import pairwise

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.integrate import solve_ivp

from specimens import job, run
from vitrograph.core.cut import Wanted, cut_work
from vitrograph.core.cut.paths.blade import SETTING, led, trail
from vitrograph.core.geometry import lengths_along

OFFSET = 0.25


def integrated(path, heading):
    """Where the tip is at each of the path's points, by the equation: dT/ds = ((T, P)/d · dP/ds) (T, P)/d."""
    along = lengths_along(path)
    tip = path[0] - OFFSET * np.array([np.cos(heading), np.sin(heading)])
    tips = [tip]
    for start, end, (a, b) in zip(along[:-1], along[1:], pairwise(path), strict=True):
        if end > start:
            way = (b - a) / (end - start)

            def moves(s, at, a=a, way=way, start=start):
                blade = (a + way * (s - start) - at) / OFFSET
                return blade * (blade @ way)

            tip = solve_ivp(moves, (start, end), tip, rtol=1e-9, atol=1e-10).y[:, -1]
        tips.append(tip)
    return np.array(tips)


def strays(tips, line):
    return float(shapely.distance(shapely.points(tips), shapely.LineString(line)).max())


def star(points, outer, inner):
    angle = np.pi * np.arange(2 * points + 1) / points
    reach = np.where(np.arange(2 * points + 1) % 2, inner, outer)
    return np.column_stack([reach * np.cos(angle), reach * np.sin(angle)])


def ring(across):
    return np.asarray(shapely.Point(0, 0).buffer(across / 2, 32).exterior.coords)


COMB = np.array([(0.0, 0.0), *((x + dx, y) for x in range(6) for dx, y in ((0, 4), (0.5, 4), (0.5, 0.3), (1.0, 0.3))),
                 (6.0, 0.0), (0.0, 0.0)])
DRAWINGS = {"star": star(5, 10.0, 3.0), "needles": star(9, 6.0, 0.4), "comb": COMB,
            **{f"circle of {across}": ring(across) for across in (0.3, 0.5, 1.0, 5.0, 80.0)}}


@pytest.mark.parametrize("name", list(DRAWINGS))
@pytest.mark.parametrize("heading", [0.0, 2.0, -2.9])
def test_the_tip_stays_on_what_was_drawn_from_any_heading(name, heading):
    line = DRAWINGS[name]
    way = led(line, OFFSET, heading)
    assert strays(integrated(way.path, heading), line) < 0.02
    assert strays(trail(way.path, OFFSET, heading)[0], line) < 0.02


@given(seed=st.integers(0, 10**6), heading=st.floats(-3.1, 3.1))
@settings(max_examples=40)
def test_random_drawings_are_cut_where_they_were_drawn_and_to_their_ends(seed, heading):
    chance = np.random.default_rng(seed)
    line = np.cumsum(chance.uniform(-3, 3, (12, 2)), axis=0)
    way = led(line, OFFSET, heading)
    told, end = trail(way.path, OFFSET, heading)
    assert np.allclose(told, integrated(way.path, heading), atol=1e-6)
    assert strays(told, line) < 0.03 and strays(line, told) < 0.03
    assert max(np.hypot(*(told[end] - line[end])) for end in (0, -1)) < 0.03
    assert np.cos(end - way.heading) > 0.95


def test_on_a_straight_way_the_blade_comes_round_as_the_closed_form_says():
    # from 90 degrees: tan(a/2) = exp(-s/d), so the tip is off by d sin a = d / cosh(s/d) (Lockwood, chapter 13)
    path = np.column_stack([np.linspace(0, 2, 41), np.zeros(41)])
    tips, _ = trail(path, OFFSET, np.pi / 2)
    assert tips[:, 1] == pytest.approx(-OFFSET / np.cosh(path[:, 0] / OFFSET), abs=1e-12)


def test_a_blade_that_is_not_led_strays_by_what_is_mended():
    for line in (DRAWINGS["star"], ring(1.0)):
        fine = shapely.get_coordinates(shapely.segmentize(shapely.LineString(line), 0.05))
        assert 0.05 < strays(trail(fine, OFFSET, 0.0)[0], line) <= OFFSET


@pytest.mark.parametrize("heading", np.linspace(-3.14, 3.14, 9))
def test_a_small_cut_sets_the_blade_whatever_way_it_points(heading):
    _, after = trail(SETTING, OFFSET, heading)
    assert abs(np.angle(np.exp(1j * (after - np.pi / 2)))) < 1e-3


def test_no_offset_leaves_the_drawing_as_it_is_and_points_sent_twice_do_no_harm():
    assert (led(COMB, 0.0, 1.0).path == COMB).all()
    twice = np.repeat(COMB, 2, axis=0)
    assert led(twice, OFFSET, 1.0).path == pytest.approx(led(COMB, OFFSET, 1.0).path)


def test_the_whole_of_a_stencil_is_cut_within_a_twentieth_of_a_millimetre_from_an_unknown_heading():
    made = job("Kestrel", width=60.0)
    (sheet,) = cut_work([Wanted(1, "K", 1, run(made).sheet)], made.cut).runs
    heading = 2.6
    for number, path in enumerate(sheet.paths):
        tips, heading = trail(path, made.cut.offset, heading)
        if number:                                             # the first sets the blade
            assert strays(tips, sheet.tips[number - 1]) < 0.05
            assert strays(sheet.tips[number - 1], tips) < 0.05
    assert len(sheet.paths) == len(sheet.tips) + 1
    stencil = sheet.sheet.laid[0].shape
    for edge in (0.0, 3.0):                                    # without a margin the blade is set beyond what is used
        (bare,) = cut_work([Wanted(1, "K", 1, run(made).sheet)], made.changed(cut__edge=edge).cut).runs
        assert shapely.LineString(bare.setting[0]).distance(bare.sheet.laid[0].shape) > 0.9
    assert shapely.LineString(sheet.setting[0]).distance(stencil) > 0.9
