"""Walls curved both ways: lengths and areas against closed forms and SciPy, and the best cone's strain."""

from math import pi, sinh

import numpy as np
import pytest
from hypothesis import assume, given, settings
from hypothesis import strategies as st
from numpy.testing import assert_allclose
from scipy.integrate import quad

from specimens import job, remedied, run
from vitrograph.core.errors import GlassError
from vitrograph.core.glass import Ball, Frustum, TurnedWall, wall_of
from vitrograph.core.job import BallGlass, CurvedGlass


@st.composite
def profiles(draw):
    """Random profiles of 2 to 7 stations."""
    count = draw(st.integers(2, 7))
    steps = draw(st.lists(st.floats(3, 60), min_size=count - 1, max_size=count - 1))
    radii = draw(st.lists(st.floats(8, 90), min_size=count, max_size=count))
    return TurnedWall((0.0, *np.cumsum(steps).tolist()), tuple(radii), draw(st.sampled_from(["smooth", "parts"])))


@given(wall=profiles(), shares=st.lists(st.floats(0, 1), min_size=1, max_size=5))
@settings(max_examples=60)
def test_distance_along_the_wall_inverts_and_is_never_shorter_than_the_height(wall, shares):
    z = np.array(shares) * wall.upright
    s = wall.along(z)
    assert_allclose(wall.height(s), z, atol=1e-4)
    assert (s >= z - 1e-6).all() and wall.length >= wall.upright - 1e-6
    assert_allclose(wall.scale(s), wall.radius(z), atol=1e-3)


@given(wall=profiles())
@settings(max_examples=40)
def test_the_curve_passes_its_stations_and_never_overshoots(wall):
    # monotone between stations: Fritsch and Carlson 1980
    for low, high, first, last in zip(wall.heights, wall.heights[1:], wall.radii, wall.radii[1:], strict=False):
        radius = wall.radius(np.linspace(low, high, 50))
        assert radius[[0, -1]] == pytest.approx([first, last], abs=1e-9)
        assert (np.diff(radius) * np.sign(last - first) >= -1e-9).all()


def test_slopes_are_the_curves_own():
    wall = TurnedWall((0.0, 30.0, 70.0, 110.0), (30.0, 45.0, 40.0, 25.0))
    z, step = np.linspace(1, 109, 60), 1e-4
    assert_allclose(wall.radius(z, 1), (wall.radius(z + step) - wall.radius(z - step)) / 2 / step, atol=1e-5)
    assert_allclose(wall.radius(z, 2), (wall.radius(z + step, 1) - wall.radius(z - step, 1)) / 2 / step, atol=1e-4)


def test_the_length_agrees_with_quadrature_and_with_the_catenary():
    # catenary r = a cosh(z/a): length a sinh(z/a) (any handbook of mathematical tables)
    a, heights = 60.0, np.linspace(0, 90, 61)
    wall = TurnedWall(tuple(heights), tuple(a * np.cosh(heights / a)))
    assert wall.length == pytest.approx(a * sinh(90 / a), rel=2e-4)
    rough = TurnedWall((0.0, 25.0, 80.0), (30.0, 44.0, 28.0))
    exact = sum(quad(lambda z: np.hypot(1, rough.radius(np.array(z), 1)), low, high, epsabs=1e-10)[0]
                for low, high in ((0, 25), (25, 80)))
    assert rough.length == pytest.approx(exact, abs=1e-7)


def test_parts_are_frustums():
    wall = TurnedWall((0.0, 60.0, 100.0), (40.0, 40.0, 15.0), "parts")
    shoulder = Frustum(40.0, 15.0, float(np.hypot(40, 25)))
    assert wall.length == pytest.approx(60 + shoulder.slant)
    cone = wall.sheeting(65.0, 100.0)
    assert (cone.taper, cone.radius) == pytest.approx((shoulder.taper, float(wall.scale(np.array([82.5]))[0])))
    assert np.abs(wall.hoop_strain(cone, 65.0, 100.0)).max() < 1e-12


@given(radius=st.floats(15, 120), low=st.floats(0.1, 1.4), width=st.floats(0.05, 1.2))
def test_a_ball_has_its_handbook_zones(radius, low, width):
    # spherical zone 2 pi R h (any handbook of mathematical tables)
    ball = Ball(radius)
    ends = np.array([[0.0, radius * low], [0.0, radius * (low + width)]])
    height = float(np.diff(ball.in_space(ends)[:, 2])[0])
    area = quad(lambda s: 2 * pi * ball.scale(np.array([s]))[0], radius * low, radius * (low + width))[0]
    assert area == pytest.approx(2 * pi * radius * height, rel=1e-9)
    assert ball.length == pytest.approx(pi * radius)
    assert ball.scale(np.array([radius * pi / 2]))[0] == pytest.approx(radius) == pytest.approx(ball.widest, rel=1e-4)


@given(half=st.floats(0.02, 0.35), latitude=st.floats(-0.6, 0.6))
def test_the_best_cones_strain_on_a_ball_is_of_second_order(half, latitude):
    # r = R sin(s/R); a straight line through it misses by s²/(2R²) times the radius, at most half of it above or below
    ball = Ball(100.0)
    middle = 100.0 * (pi / 2 + latitude)
    low, high = middle - 100 * half, middle + 100 * half
    cone = ball.sheeting(low, high)
    strains = ball.hoop_strain(cone, low, high)
    assert strains.min() < 0 < strains.max()
    assert np.abs(strains).max() < 0.55 * half**2
    # no other cone of that kind has a smaller sum of squares
    for radius, taper in ((1.003, 0.0), (0.997, 0.0), (1.0, 0.01), (1.0, -0.01)):
        other = type(cone)(cone.radius * radius, cone.taper + taper, cone.at)
        assert (ball.hoop_strain(other, low, high) ** 2).sum() > 0.98 * (strains**2).sum()


def test_a_straight_profile_is_the_cone_it_looks_like():
    turned = TurnedWall((0.0, 50.0, 120.0), (30.0, 35.0, 42.0), "smooth")
    cone = Frustum(30.0, 42.0, float(np.hypot(120, 12)))
    points = np.array([[0.4, 20.0], [-1.0, 100.0]])
    assert_allclose(turned.sheeting(5.0, 115.0).develop(points), cone.sheeting().develop(points), atol=1e-6)
    assert_allclose(turned.in_space(points), cone.in_space(points), atol=1e-6)


@pytest.mark.parametrize(("stations", "sentence"), [
    (((0.0, 60.0),), "at least two stations, got 1"),
    (((0.0, 60.0), (40.0, 70.0), (40.0, 72.0)), "two stations stand at 40\u202fmm"),
    (((0.0, 60.0), (40.0, 70.0), (30.0, 72.0)), "the station at 30\u202fmm comes after the one at 40\u202fmm"),
])
def test_stations_that_describe_no_wall(stations, sentence):
    with pytest.raises(GlassError, match=sentence):
        wall_of(CurvedGlass(stations=stations))


def test_a_job_on_a_carafe_says_what_the_film_must_give():
    carafe = CurvedGlass(stations=((10.0, 70.0), (60.0, 118.0), (120.0, 96.0), (170.0, 48.0)))
    results = run(job("Kes\ntrel", glass=carafe, height=48.0, fit__from_rim=80.0))
    assert {"strain"} <= {found.code.value for found in results.findings()}
    assert results.transfer.settings[0].placing.lower.up == pytest.approx(
        10.0 + results.wall.height(np.array([results.sheet.band.s_low]))[0], abs=1e-6)
    smaller = next(found for found in results.findings() if found.code == "strain").remedy
    mended = run(remedied(results.job, smaller))
    assert mended.fitted.strain_at_openings <= 0.015
    assert results.sheet.film.area + results.sheet.openings.area == pytest.approx(results.sheet.outline.area)


def test_art_that_reaches_the_pole_of_a_ball_is_refused():
    with pytest.raises(GlassError, match="reaches a pole"):
        run(job("K", glass=BallGlass(diameter=60.0), height=92.0, fit__from_rim=None))


@given(wall=profiles())
@settings(max_examples=40)
def test_stations_measured_along_the_wall_give_the_wall_they_were_measured_on(wall):
    assume((np.abs(np.diff(wall.radii)) < 1.5 * np.diff(wall.heights)).all())       # no wall lies nearly flat
    along = wall.along(np.array(wall.heights)).tolist()
    taped = tuple((s, 2 * radius) for s, radius in zip(along, wall.radii, strict=True))
    found = wall_of(CurvedGlass(stations=taped, joined=wall.joined, height_is="slant"))
    assert_allclose(found.heights, wall.heights, atol=0.01)


def test_a_tape_too_short_to_join_two_stations_is_told():
    with pytest.raises(GlassError, match="cannot join stations 1 and 2"):
        wall_of(CurvedGlass(stations=((0.0, 40.0), (20.0, 90.0)), height_is="slant"))
