"""The ways of laying, against published map projections and plain perspective."""

from math import asin, atan2, cos, degrees, pi, sin

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from numpy.testing import assert_allclose
from pyproj import Proj

from specimens import CARAFE, FLARE_IN, LANTERN, PLAQUE, TUMBLER, job, run
from strategies import frustums
from vitrograph.core.errors import FitError
from vitrograph.core.fit import Chart
from vitrograph.core.fit.ways import MODES, Eye, way_on
from vitrograph.core.glass import Ball, Cone, Frustum, wall_of

R = 50.0
BALL = Ball(R)
GLASSES = [TUMBLER, FLARE_IN, LANTERN, PLAQUE, CARAFE]


def along(latitude):
    """Distance along the ball from its lower pole."""
    return R * (pi / 2 + latitude)


def placed(wall, mode, share=0.5, angle=1.0):
    s0 = share * wall.length
    return way_on(wall, wall.sheeting(s0 - 10, s0 + 10), mode, s0, 500.0, angle)


@pytest.mark.parametrize("mode", MODES)
@pytest.mark.parametrize("glass", GLASSES)
@given(x=st.floats(-45, 45), y=st.floats(-14, 14), share=st.floats(0.35, 0.65))
@settings(max_examples=12, deadline=None)
def test_every_way_goes_there_and_back(mode, glass, x, y, share):
    way = placed(wall_of(glass), mode, share)
    art = np.array([[x, y], [0.0, 0.0], [-x, -y]])
    assert_allclose(way.to_art(way.to_wall(art)), art, atol=1e-6)
    assert_allclose(way.to_wall(art)[1], [0.0, share * wall_of(glass).length], atol=1e-9)


@given(latitude=st.floats(-0.9, 0.9), x=st.floats(-60, 60), y=st.floats(-25, 25))
def test_letters_on_a_ball_are_mercators(latitude, x, y):
    # J. P. Snyder, Map Projections (USGS PP 1395), chapter 7: pyproj's merc, scaled to be true at the art's middle
    way = way_on(BALL, BALL.sheeting(along(latitude) - 5, along(latitude) + 5), "letters", along(latitude), 500.0, 1.0)
    u, s = way.to_wall(np.array([[x, y]]))[0]
    merc = Proj(proj="merc", R=R)
    (east, north), (_, north0) = (merc(degrees(lon), degrees(lat)) for lon, lat in
                                  ((u, s / R - pi / 2), (0.0, latitude)))
    assert (east * cos(latitude), (north - north0) * cos(latitude)) == pytest.approx((x, y), abs=1e-6)


@given(latitude=st.floats(0.2, 1.1), x=st.floats(-40, 40), y=st.floats(-20, 20))
def test_letters_through_the_conformal_conic_are_the_conformal_fan(latitude, x, y):
    # Snyder, chapter 15: one standard parallel at the middle has rho0 = R cot(latitude), and there our fan's
    # rho = rho0 exp(y / rho0), phi = x / rho0 (the ball narrows upward, so rho falls as y rises)
    way = way_on(BALL, BALL.sheeting(along(latitude) - 5, along(latitude) + 5), "letters", along(latitude), 500.0, 1.0)
    u, s = way.to_wall(np.array([[x, y]]))[0]
    lcc = Proj(proj="lcc", R=R, lat_1=degrees(latitude), lat_0=degrees(latitude), lon_0=0)
    east, north = lcc(degrees(u), degrees(s / R - pi / 2))
    rho0 = R / np.tan(latitude)
    assert np.hypot(east, rho0 - north) == pytest.approx(rho0 * np.exp(-y / rho0), abs=1e-6)
    assert atan2(east, rho0 - north) == pytest.approx(x / rho0, abs=1e-8)


@pytest.mark.parametrize("glass", [TUMBLER, FLARE_IN, CARAFE])
@given(x=st.floats(-40, 40), y=st.floats(-14, 14), turn=st.floats(0, pi))
@settings(max_examples=25, deadline=None)
def test_letters_keep_every_angle(glass, x, y, turn):
    wall = wall_of(glass)
    way, step = placed(wall, "letters"), 1e-3
    ways = np.array([[cos(turn), sin(turn)], [-sin(turn), cos(turn)]])
    at = np.array([x, y])
    ahead, behind = (wall.in_space(way.to_wall(at + side * step * ways)) for side in (1, -1))
    one, other = (ahead - behind) / (2 * step)
    assert one @ other / (np.linalg.norm(one) * np.linalg.norm(other)) == pytest.approx(0.0, abs=1e-6)
    assert np.linalg.norm(one) == pytest.approx(np.linalg.norm(other), rel=1e-6)


@given(glass=frustums(), x=st.floats(-20, 20), y=st.floats(-6, 6))
def test_letters_on_a_cone_are_its_closed_form(glass, x, y):
    # DESIGN: rho = rho0 exp(y / rho0), phi = x / rho0
    s0 = glass.slant / 2
    u, s = way_on(glass, glass.sheeting(), "letters", s0, 500.0, 1.0).to_wall(np.array([[x, y]]))[0]
    r0 = float(glass.scale(np.array([s0]))[0])
    rise = s - s0 if abs(glass.taper) < 1e-9 else r0 / glass.taper * np.expm1(glass.taper * y / r0)
    assert (u, s - s0) == pytest.approx((x / r0, rise), abs=1e-7)


def test_seen_from_afar_the_eyes_way_is_the_orthographic_one():
    # Snyder, chapter 20, seen at the equator: x = r sin theta, and y is the height
    for wall in (Frustum(40.0, 40.0, 120.0), BALL, wall_of(CARAFE)):
        s0 = wall.length / 2
        way = Eye(wall, s0, 1e7, 1.2)
        art = np.array([[x, y] for x in (-25.0, 3.0, 30.0) for y in (-12.0, 0.0, 9.0)])
        space = wall.in_space(way.to_wall(art))
        level = wall.in_space(np.array([[0.0, s0]]))[0, 2]
        assert_allclose(space[:, [0, 2]] - [0.0, level], art, atol=1e-3)


@pytest.mark.parametrize("glass", [TUMBLER, CARAFE])
def test_from_its_stated_distance_the_art_looks_as_drawn(glass):
    wall = wall_of(glass)
    way = placed(wall, "eye", angle=0.9)
    art = np.array([[x, y] for x in np.linspace(-28, 28, 9) for y in (-10.0, 4.0)])
    space = wall.in_space(way.to_wall(art))
    eye = np.array([0.0, 500.0, wall.in_space(np.array([[0.0, wall.length / 2]]))[0, 2]])
    rays = space - eye                                        # where each line of sight meets the upright picture
    depth = wall.in_space(np.array([[0.0, wall.length / 2]]))[0, 1] - eye[1]
    assert_allclose((rays * (depth / rays[:, 1])[:, None])[:, [0, 2]], art, atol=1e-6)


def test_beyond_the_stated_angle_the_eyes_art_goes_on_smoothly_and_its_error_is_told():
    way = placed(wall_of(LANTERN), "eye", angle=0.8)
    x = np.linspace(0, 60, 601)
    u = way.to_wall(np.column_stack([x, np.zeros_like(x)]))[:, 0]
    assert np.abs(np.diff(u, 2)).max() < 1e-4 and (np.diff(u) > 0).all()
    near, far = (run(job(glass=LANTERN, fit__mode="eye", width=width)) for width in (50.0, 100.0))
    assert near.fitted.off_the_eye < 1e-6 and not near.findings("fit")
    found, = far.findings("fit")
    assert found.code == "eye" and found.value == pytest.approx(far.fitted.off_the_eye) and found.value > 2.0


def test_snyders_worked_example_of_the_equidistant_conic():
    # Snyder, chapter 16: parallels 29.5 and 45.5, origin 23 N 96 W, point 35 N 75 W, R = 1: x and y as printed
    lat1, lat2, lat0, lat, lon = np.radians([29.5, 45.5, 23.0, 35.0, 96.0 - 75.0])
    taper = (cos(lat2) - cos(lat1)) / (lat2 - lat1)
    cone = Cone(cos(lat1), taper, pi / 2 + lat1)
    (x, y), (_, y0) = cone.develop(np.array([[lon, pi / 2 + lat], [0.0, pi / 2 + lat0]]))
    assert (x, y - y0) == pytest.approx((0.2952057, 0.2424021), abs=5e-8)


@given(low=st.floats(0.15, 0.8), width=st.floats(0.1, 0.6), lon=st.floats(-2, 2), share=st.floats(0, 1))
def test_the_best_cone_on_a_ball_is_pyprojs_equidistant_conic(low, width, lon, share):
    from scipy.optimize import brentq

    cone = BALL.sheeting(along(low), along(low + width))

    def miss(lat):
        return R * cos(lat) - cone.radius - cone.taper * (along(lat) - cone.at)

    lats = np.linspace(low, low + width, 41)
    ends = np.flatnonzero(np.diff(np.sign([miss(lat) for lat in lats])))       # the best cone crosses the ball twice
    parallels = [brentq(miss, lats[k], lats[k + 1]) for k in ends]
    eqdc = Proj(proj="eqdc", R=R, lat_1=degrees(parallels[0]), lat_2=degrees(parallels[1]), lat_0=degrees(low), lon_0=0)
    lat = low + share * width
    (x, y), (_, y0) = cone.develop(np.array([[lon, along(lat)], [0.0, along(low)]]))
    assert (x, y - y0) == pytest.approx(eqdc(degrees(lon), degrees(lat)), abs=0.01)


@given(glass=frustums(), turn=st.floats(-3, 3), x=st.floats(-10, 10), y=st.floats(-5, 5))
def test_turned_art_is_turned_about_its_middle(glass, turn, x, y):
    plain, turned = (Chart(glass, glass.sheeting(), "rim", glass.slant / 2, 0.3, False, by) for by in (0.0, turn))
    there = np.array([[x * cos(turn) - y * sin(turn), x * sin(turn) + y * cos(turn)]])
    assert_allclose(turned.to_sheet(np.array([[x, y]])), plain.to_sheet(there), atol=1e-9)
    assert_allclose(turned.sheet_to_art(turned.to_sheet(np.array([[x, y]]))), [[x, y]], atol=1e-7)


def test_the_size_on_the_glass_is_told_beside_the_typed_one():
    wide = 60.0
    seen = run(job("H", width=wide, glass=LANTERN, fit__mode="eye", stencil__viewing_mm=4000.0)).fitted
    radius = seen.wall.rim_radius
    # from afar a chord of 60 mm is an arc of 2 r asin(30 / r)
    assert seen.size_is == "as seen" and seen.size[0] == pytest.approx(wide)
    assert seen.on_glass[0] == pytest.approx(2 * radius * asin(wide / 2 / radius), rel=0.01)
    flat = run(job("H", width=wide, fit__mode="straight")).fitted
    assert flat.size_is == "on the film" and abs(flat.on_glass[0] - wide) > 0.3
    for made in (job("H", width=wide), job("H", width=20.0, fit__times=4, fit__wrap=True), job("H", glass=PLAQUE),
                 job("H", width=wide, fit__turn=0.4), job("H", width=wide, stencil__kind="clear")):
        fitted = run(made).fitted
        assert fitted.size_is == "on the glass" and fitted.on_glass == pytest.approx(fitted.size, abs=1e-6)
    for fitted in (seen, flat):
        u_low, s_low, u_high, s_high = fitted.wall_bounds
        wide = (u_high - u_low) * fitted.chart.middle_scale
        assert fitted.on_glass == pytest.approx((wide, s_high - s_low), abs=0.01)


@pytest.mark.parametrize("mode", ["eye", "straight"])
@pytest.mark.parametrize("glass", [TUMBLER, LANTERN, CARAFE])
@pytest.mark.parametrize("wide", [35.0, 58.0])
def test_the_width_on_the_glass_may_be_typed_instead(glass, mode, wide):
    made = job("Kestrel", glass=glass, width=40.0, fit__mode=mode, fit__from_rim=40.0)
    factor = run(made).fitted.factor_for(wide, held_top=True)
    resized = made.changed(artwork=made.artwork.scaled(factor))
    # laid straight on a belly the film is another for every size, and so is what it does to the art
    slack = 0.2 if mode == "straight" and glass is CARAFE else 0.02
    assert run(resized).fitted.on_glass[0] == pytest.approx(wide, abs=slack)


def test_a_width_beyond_all_glass_is_refused():
    fitted = run(job("Kestrel", glass=LANTERN, width=40.0, fit__mode="eye")).fitted
    with pytest.raises(FitError, match="choose another way of laying"):
        fitted.factor_for(4000.0, held_top=True)
