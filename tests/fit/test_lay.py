"""Laying art on walls: sizes, places, the two ways of laying, and the limits each must meet."""

from math import pi

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from numpy.testing import assert_allclose

from specimens import FLARE_IN, LANTERN, PLAQUE, TUMBLER, job, run
from strategies import fits, frustums
from vitrograph.core.artwork import compose
from vitrograph.core.errors import OffGlassError
from vitrograph.core.fit import Chart, FitCheckInput, check_fit, fit_art
from vitrograph.core.geometry import as_polygons
from vitrograph.core.glass import Frustum, wall_of
from vitrograph.core.job import Artwork, Fit, Item, TaperedGlass, Words


def words(size, side="width"):
    return compose(Artwork((Item(Words("Kestrel"), size=size, size_is=side),)))


ART = words(60.0)


@given(size=st.floats(10, 70), side=st.sampled_from(["width", "height"]), fit=fits,
       kind=st.sampled_from([TUMBLER, FLARE_IN, LANTERN, PLAQUE]))
@settings(max_examples=40)
def test_the_typed_size_is_the_size_on_the_glass(size, side, fit, kind):
    fitted = fit_art(words(min(size, 30.0) if side == "height" else size, side), wall_of(kind), fit)
    typed = fitted.size[0] if side == "width" else fitted.size[1]
    assert typed == pytest.approx(min(size, 30.0) if side == "height" else size, abs=1e-9)
    assert fitted.size[0] / fitted.size[1] == pytest.approx(ART.size[0] / ART.size[1], rel=1e-3)


@given(glass=frustums(), share=st.floats(0.2, 0.8), width=st.floats(5, 60), height=st.floats(1, 20))
def test_following_the_rim_keeps_rows_level_and_columns_upright(glass, share, width, height):
    chart = Chart(glass, glass.sheeting(), "rim", share * glass.slant, 0.4, False)
    row = np.column_stack([np.linspace(-width, width, 9), np.full(9, height)])
    column = np.column_stack([np.full(9, width), np.linspace(-height, height, 9)])
    assert np.ptp(chart.to_wall(row)[:, 1]) < 1e-9
    assert np.ptp(chart.to_wall(column)[:, 0]) < 1e-12
    # the middle row has its typed length, measured round the glass
    middle = chart.to_wall(np.array([[-width, 0.0], [width, 0.0]]))
    assert np.ptp(middle[:, 0]) * chart.middle_scale == pytest.approx(2 * width, rel=1e-9)


@given(glass=frustums(), mirrored=st.booleans(), x=st.floats(-30, 30), y=st.floats(-10, 10))
def test_straight_art_keeps_its_lengths_on_the_sheet(glass, mirrored, x, y):
    chart = Chart(glass, glass.sheeting(), "straight", glass.slant / 2, 0.0, mirrored)
    a, b = chart.to_sheet(np.array([[0.0, 0.0], [x, y]]))
    assert np.hypot(*(b - a)) == pytest.approx(np.hypot(x, y), abs=1e-9)


@given(glass=frustums(), fit=fits, x=st.floats(-10, 10), y=st.floats(-5, 5))
def test_sheet_and_wall_agree_for_every_way_of_laying(glass, fit, x, y):
    chart = Chart(glass, glass.sheeting(), fit.mode, glass.slant / 2, fit.angle, fit.face == "back")
    art = np.array([[x, y]])
    assert_allclose(chart.sheet_to_wall(chart.to_sheet(art)), chart.to_wall(art), atol=1e-9)
    assert_allclose(chart.wall_to_sheet(chart.to_wall(art)), chart.to_sheet(art), atol=1e-7)


def test_straight_letters_on_a_taper_smile_by_the_sagitta_of_their_row():
    wall = wall_of(TUMBLER)
    fitted = fit_art(words(80.0), wall, Fit(mode="straight"))
    rho = fitted.chart.middle_scale / wall.taper                      # developed radius of the middle row
    # a tangent's end lies hypot(rho, w/2) from the apex: it rises by nearly the row's sagitta
    assert fitted.droop == pytest.approx(np.hypot(rho, 40.0) - rho, rel=1e-9)
    sagitta = rho - (rho**2 - 40.0**2) ** 0.5                       # any handbook of mathematical tables
    assert fitted.droop == pytest.approx(sagitta, rel=0.02)
    assert [found.code for found in check_fit(FitCheckInput.of(job()), fitted)] == ["droop"]
    assert fit_art(words(80.0), wall_of(FLARE_IN), Fit(mode="straight")).droop < 0
    assert not list(check_fit(FitCheckInput.of(job()), fit_art(words(80.0), wall, Fit(mode="rim"))))


def test_the_art_is_placed_by_the_distance_from_the_rim_to_its_top():
    for mode in ("rim", "straight"):
        fitted = run(job(fit__mode=mode, fit__from_rim=33.0)).fitted
        top = fitted.chart.to_wall(np.array([[0.0, fitted.size[1] / 2]]))[0, 1]
        assert fitted.wall.length - top == pytest.approx(33.0)
    centred = run(job(fit__from_rim=None)).fitted
    _, low, _, high = centred.wall_bounds
    assert low == pytest.approx(centred.wall.length - high)


def test_turning_round_the_glass_does_not_change_the_sheet():
    here, there = run(job()).fitted, run(job(fit__angle=2.0)).fitted
    assert shapely.equals(here.sheet_art, there.sheet_art)
    assert there.wall_bounds[0] - here.wall_bounds[0] == pytest.approx(2.0)


def test_a_back_face_is_the_mirror_image():
    front, back = (run(job(glass=PLAQUE, fit__face=face)).fitted for face in ("outside", "back"))
    flipped = shapely.transform(front.sheet_art, lambda xy: xy * [-1, 1])
    assert back.sheet_art.symmetric_difference(flipped).area < 1e-9
    assert shapely.equals(front.wall_art, back.wall_art)                # it reads the same from the front


@pytest.mark.parametrize("mode", ["rim", "straight"])
def test_a_cone_that_straightens_becomes_the_cylinder(mode):
    straight = fit_art(ART, Frustum(40, 40, 120), Fit(mode=mode)).sheet_art
    for gain in (1e-3, 1e-6, 1e-9):
        nearly = fit_art(ART, Frustum(40, 40 + gain, 120), Fit(mode=mode)).sheet_art
        assert nearly.hausdorff_distance(straight) < 0.02 * gain / 1e-3 + 0.009


def test_warped_curves_stay_within_two_hundredths_of_the_true_ones():
    # a coarse art outline against the same outline with its edges split a hundred times finer before the warp
    cone = wall_of(TaperedGlass(rim=160, base=60, height=90))
    fitted = fit_art(words(80.0), cone, Fit(mode="rim"))
    fine = as_polygons(shapely.transform(shapely.segmentize(fitted.art, 0.02), fitted.chart.to_sheet))
    assert fitted.sheet_art.symmetric_difference(fine).area / fine.length < 0.004
    assert shapely.hausdorff_distance(fitted.sheet_art, fine) < 0.02


@pytest.mark.parametrize("mode", ["rim", "straight"])
def test_art_that_reaches_past_the_apex_is_refused(mode):
    cone = wall_of(TaperedGlass(rim=150, base=10, height=60))
    with pytest.raises(OffGlassError, match="make it smaller, or move it towards the wider end"):
        fit_art(words(60.0, "height"), cone, Fit(mode=mode, from_rim=70.0))


def test_a_whole_turn_closes():
    fitted = run(job(width=2 * pi * 30)).fitted
    ends = fitted.chart.to_wall(np.array([[-fitted.size[0] / 2, 0.0], [fitted.size[0] / 2, 0.0]]))
    assert np.ptp(ends[:, 0]) * fitted.chart.middle_scale == pytest.approx(2 * pi * 30)
