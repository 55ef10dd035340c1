"""The development of straight and tapered walls, against closed forms and handbook formulas."""

from math import cos, hypot, pi, radians, sin

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from numpy.testing import assert_allclose
from shapely.geometry import Polygon

from strategies import frustums, wall_points
from vitrograph.core.errors import GlassError
from vitrograph.core.fit import Band, band_edge
from vitrograph.core.glass import Ball, Frustum, Pane, TurnedWall, fan_of, horizon, slant_of


@given(data=st.data(), glass=frustums())
def test_to_the_sheet_and_back_returns_the_point(data, glass):
    points = data.draw(wall_points(glass))
    back = glass.sheeting().undevelop(glass.sheeting().develop(points))
    arc = np.abs(back - points) * [max(glass.base_radius, glass.rim_radius), 1.0]
    assert arc.max() < 1e-9


@given(glass=frustums(), u=st.floats(-3, 3), share=st.floats(0.01, 0.99))
def test_the_development_keeps_lengths(glass, u, share):
    # first fundamental form of a surface of revolution: diag(r², 1) (do Carmo, section 2-5)
    at, step = np.array([u, share * glass.slant]), 1e-5
    ahead = glass.sheeting().develop(np.array([at + [step, 0], at + [0, step]]))
    behind = glass.sheeting().develop(np.array([at - [step, 0], at - [0, step]]))
    jacobian = ((ahead - behind) / (2 * step)).T
    radius = glass.scale(np.array([at[1]]))[0]
    assert_allclose(jacobian.T @ jacobian, np.diag([radius**2, 1.0]), rtol=1e-5, atol=1e-4)


@given(glass=frustums(), u=st.floats(-3, 3), share=st.floats(0, 1))
def test_the_sheet_point_is_the_textbook_one(glass, u, share):
    # a frustum's point lies at rho = r / sin a, phi = u sin a about the apex
    taper = glass.taper
    if abs(taper) < 1e-3:
        return
    s = share * glass.slant
    rho, phi = (glass.base_radius + taper * s) / taper, u * taper
    expected = [rho * sin(phi), rho * cos(phi) - glass.base_radius / taper]
    assert_allclose(glass.sheeting().develop(np.array([[u, s]]))[0], expected, atol=1e-8 / abs(taper))


@pytest.mark.parametrize("difference", [1.0, 1e-3, 1e-6, 1e-9, 1e-12, 0.0, -1e-9, -1e-3])
def test_a_nearly_straight_wall_meets_the_cylinder(difference):
    straight, tapered = (Frustum(40, rim, 120).sheeting() for rim in (40, 40 + difference / 2))
    points = np.random.default_rng(7).uniform([-3, 0], [3, 120], (200, 2))
    # exact second-order expansion in the taper t: x = r u + t s u, y = s - t r u² / 2
    taper = tapered.taper
    u, s = points.T
    first_order = np.column_stack([40 * u + taper * s * u, s - taper * 40 * u**2 / 2])
    assert np.abs(tapered.develop(points) - first_order).max() < 1e-6 + 400 * taper**2 * 40
    assert np.abs(tapered.undevelop(tapered.develop(points)) - points).max() < 1e-11
    if abs(difference) <= 1e-9:
        assert np.abs(tapered.develop(points) - straight.develop(points)).max() < 1e-6


@given(glass=frustums())
def test_the_fan_has_the_lateral_area_of_the_handbook(glass):
    # lateral area of a frustum: pi (r1 + r2) slant (CRC Standard Mathematical Tables, mensuration formulas)
    handbook = pi * (glass.base_radius + glass.rim_radius) * glass.slant
    fan = fan_of(glass)
    if fan is not None and abs(glass.taper) > 1e-6:
        assert fan.area == pytest.approx(handbook, rel=1e-9)
        assert fan.sweep < 2 * pi
    if abs(glass.taper) < 0.98:
        flat = glass.sheeting()
        outline = Polygon(flat.develop(band_edge(flat, Band(-pi, 0.0, pi, glass.slant))))
        assert outline.area == pytest.approx(handbook, rel=1e-3)


def chord(radius, angle):
    return 2 * radius * sin(angle / 2)                        # any handbook of mathematical tables


@given(glass=frustums(), u=st.floats(0.01, 3))
def test_a_chord_across_the_fan_has_its_sagitta(glass, u):
    # chord 2 r sin(a/2) and sagitta r (1 - cos(a/2)) (any handbook of mathematical tables)
    if abs(glass.taper) < 1e-4 or abs(u * glass.taper) > 1.5:
        return
    rho = abs(glass.base_radius / glass.taper)
    angle = 2 * u * abs(glass.taper)
    ends = glass.sheeting().develop(np.array([[-u, 0.0], [u, 0.0]]))
    assert hypot(*(ends[1] - ends[0])) == pytest.approx(chord(rho, angle), rel=1e-9)
    half = chord(rho, angle) / 2
    assert abs(ends[0][1]) == pytest.approx(rho - (rho**2 - half**2) ** 0.5, rel=1e-5, abs=1e-6)
    assert abs(ends[0][1]) == pytest.approx(rho * (1 - cos(angle / 2)), rel=1e-6, abs=1e-9)


@given(glass=frustums())
def test_upright_and_slant_agree(glass):
    assert slant_of(glass.upright, glass.base_radius, glass.rim_radius) == pytest.approx(glass.slant, rel=1e-12)
    top = glass.in_space(np.array([[0.3, glass.slant]]))[0]
    assert hypot(top[0], top[1]) == pytest.approx(glass.rim_radius, rel=1e-9)
    assert top[2] == pytest.approx(glass.upright, rel=1e-9)


def test_a_pane_is_its_own_sheet():
    pane, points = Pane(200, 150), np.array([[-20.0, 30.0], [50.0, 149.0]])
    assert_allclose(pane.develop(points), points)
    assert fan_of(pane) is None
    assert_allclose(pane.in_space(points)[:, [0, 2]], points)


def test_the_wall_turns_away_where_the_line_of_sight_touches_it():
    # level with a cylinder, the tangent from distance d touches at cos u = r / d
    assert horizon(Frustum(40, 40, 100), np.array([10.0]), 80.0, 50.0) == pytest.approx(radians(60))
    cone, heights = Frustum(30, 45, 90), np.array([0.0, 45.0, 90.0])
    u, *others = horizon(cone, heights, 400.0, 70.0)
    assert others == pytest.approx([u, u], abs=1e-9)      # a cone's generator leaves sight as a whole
    eye = np.array([0.0, 400.0, 70.0])
    for s in heights:
        point = cone.in_space(np.array([[u, s]]))[0]
        lean = cone.taper
        normal = np.array([sin(u), cos(u), 0.0]) * np.sqrt(1 - lean**2) - [0, 0, lean]
        assert normal @ (eye - point) == pytest.approx(0.0, abs=1e-6)


def test_an_eye_inside_the_glass_is_refused():
    with pytest.raises(GlassError, match="outside the glass"):
        horizon(Frustum(40, 40, 100), np.array([10.0]), 30.0, 50.0)


@pytest.mark.parametrize("wall", [Pane(200.0, 90.0), Frustum(30.0, 46.0, 110.0), Frustum(40.0, 40.0, 80.0), Ball(45.0),
                                  TurnedWall((0.0, 40.0, 110.0), (30.0, 52.0, 26.0)),
                                  TurnedWall((0.0, 40.0, 110.0), (30.0, 52.0, 26.0), "parts")])
@given(share=st.floats(0.001, 0.999))
def test_a_height_on_the_ruler_leads_back_to_its_place_on_the_wall(wall, share):
    s = np.array([share * wall.length])
    z = wall.in_space(np.column_stack([np.zeros(1), s]))[:, 2]
    assert_allclose(wall.along(z), s, atol=1e-6)
    assert wall.sheeting(0.3 * wall.length, 0.7 * wall.length).cone is None or wall.closed
