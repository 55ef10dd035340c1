"""The least-energy sheet, against closed forms, an independent minimiser, and the laws any membrane keeps."""

from math import cos, pi, sin

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from numpy.testing import assert_allclose
from scipy.optimize import minimize
from shapely.geometry import LineString, Polygon

from specimens import CARAFE
from vitrograph.core.errors import FitError
from vitrograph.core.film.membrane import POISSON, Elements, least_energy, strain_at_nodes
from vitrograph.core.film.mesh import mesh_over
from vitrograph.core.film.metric import metric_on
from vitrograph.core.fit.band import Band, band_edge
from vitrograph.core.glass import Ball, Frustum, TurnedWall, wall_of

R = 50.0
BALL = Ball(R)


def disc_on_ball(share, latitude=0.0, nodes=2500):
    """A disc of geodesic radius a = share R, as a mesh in the best cone's plane, and the ball's metric there."""
    around = np.linspace(0, 2 * pi, 240, endpoint=False)
    middle, east = np.array([0, cos(latitude), sin(latitude)]), np.array([1.0, 0, 0])
    north = np.array([0, -sin(latitude), cos(latitude)])
    edge = cos(share) * middle + sin(share) * (np.cos(around)[:, None] * east + np.sin(around)[:, None] * north)
    wall = np.column_stack([np.arctan2(edge[:, 0], edge[:, 1]), R * (pi / 2 + np.arcsin(edge[:, 2]))])
    at = R * (pi / 2 + latitude)
    cone = BALL.sheeting(at - share * R, at + share * R)
    return mesh_over(Polygon(cone.develop(wall)), nodes), metric_on(BALL, cone), cone, np.array([[0.0, at]])


def band_on(wall, low, high, turn, nodes=1200):
    cone = wall.sheeting(low, high)
    outline = Polygon(cone.develop(band_edge(cone, Band(-turn, low, turn, high))))
    return mesh_over(outline, nodes), metric_on(wall, cone)


def solved(mesh, metric):
    found = least_energy(mesh, metric)
    return found, np.linalg.eigvalsh(strain_at_nodes(mesh, found.flat, metric))


@pytest.mark.parametrize("latitude", [0.0, 0.5])
def test_a_small_disc_on_a_ball_is_majidis_and_fearings(latitude):
    # C. Majidi and R. Fearing, Proc. R. Soc. A 464 (2008): hoop strain -a²/(8 R²) at the edge, and at the centre
    # (1 - nu) a²/(16 R²) both ways; within 1.5 % at a/R = 0.1
    mesh, metric, cone, middle = disc_on_ball(0.1, latitude)
    _, strains = solved(mesh, metric)
    centre = strains[np.argmin(np.hypot(*(mesh.nodes - cone.develop(middle)).T))]
    assert strains[mesh.rim[0], 0].mean() == pytest.approx(-(0.1**2) / 8, rel=0.015)
    assert centre == pytest.approx([(1 - POISSON) * 0.1**2 / 16] * 2, rel=0.015)


def disc_by_radii(share, rings=400):
    """The same disc solved by its radii alone, as it is alike all round: the energy and the film's strain at its edge.

    Written apart from the program: the flat radius rho(s) by straight pieces, and SciPy's own minimiser.
    """
    s = np.linspace(0, share * R, rings + 1)
    middle, step = (s[1:] + s[:-1]) / 2, s[1] - s[0]
    round_wall = R * np.sin(middle / R)

    def energy(radii):
        rho = np.concatenate([[0.0], radii])
        along, around = (np.diff(rho) / step) ** 2, ((rho[1:] + rho[:-1]) / 2 / round_wall) ** 2
        e1, e2 = (along - 1) / 2, (around - 1) / 2
        density = (1 - POISSON) * (e1**2 + e2**2) + POISSON * (e1 + e2) ** 2
        by_e1, by_e2 = (2 * ((1 - POISSON) * e + POISSON * (e1 + e2)) * 2 * pi * round_wall * step for e in (e1, e2))
        slope = np.zeros(rings + 1)
        d1, d2 = by_e1 * np.diff(rho) / step**2, by_e2 * (rho[1:] + rho[:-1]) / 4 / round_wall**2
        slope[1:] += d1 + d2
        slope[:-1] += d2 - d1
        return (density * 2 * pi * round_wall).sum() * step, slope[1:]

    found = minimize(energy, s[1:], jac=True, method="L-BFGS-B",
                     options={"maxiter": 20000, "ftol": 1e-16, "gtol": 1e-12})
    return found.fun, R * np.sin(share) / found.x[-1] - 1


@pytest.mark.parametrize("share", [0.2, 0.5])
def test_a_large_disc_is_what_its_radii_alone_give(share):
    mesh, metric, _, _ = disc_on_ball(share)
    found, strains = solved(mesh, metric)
    energy, edge = disc_by_radii(share)
    assert found.energy == pytest.approx(energy, rel=0.01)
    assert strains[mesh.rim[0], 0].mean() == pytest.approx(edge, rel=0.01)


def test_the_edge_strain_converges_as_the_triangles_shrink():
    # quadratic elements: strain is of second order in the spacing (Zienkiewicz and Taylor), energy of a higher one
    _, truth = disc_by_radii(0.3, 1200)
    errors, sizes = [], []
    for nodes in (150, 500, 1700, 5600):
        mesh, metric, _, _ = disc_on_ball(0.3, nodes=nodes)
        _, strains = solved(mesh, metric)
        errors.append(np.sqrt(((strains[mesh.rim[0], 0] - truth) ** 2).mean()))
        sizes.append(len(mesh.nodes) ** -0.5)
    order = np.polyfit(np.log(sizes), np.log(errors), 1)[0]
    assert order > 1.4 and errors[-1] < 0.02 * abs(truth)


@pytest.mark.parametrize("wall", [Frustum(40.0, 40.0, 120.0), Frustum(30.0, 46.0, 110.0),
                                  TurnedWall((0.0, 110.0), (30.0, 45.0))])
def test_film_on_a_cylinder_or_cone_takes_no_strain(wall):
    mesh, metric = band_on(wall, 20.0, 80.0, 0.8)
    found, strains = solved(mesh, metric)
    assert np.abs(strains).max() < 1e-8 and np.abs(found.flat - mesh.nodes).max() < 1e-6


def test_a_long_band_round_a_ball_is_the_beam_of_the_maths_page():
    # docs/maths.md: edge strain -w²/(12 R²), middle +w²/(24 R²), far from the ends
    w = 0.3 * R
    mesh, metric = band_on(BALL, R * pi / 2 - w / 2, R * pi / 2 + w / 2, 1.5, nodes=6000)
    _, strains = solved(mesh, metric)
    inner = np.abs(mesh.nodes[:, 0]) < 20.0
    height = mesh.nodes[:, 1] - R * pi / 2
    edge, middle = inner & (np.abs(np.abs(height) - w / 2) < 1e-6), inner & (np.abs(height) < 0.6)
    assert strains[edge, 0].mean() == pytest.approx(-(w**2) / (12 * R**2), rel=0.02)
    assert strains[middle, 1].mean() == pytest.approx(w**2 / (24 * R**2), rel=0.03)


@given(low=st.floats(20, 60), high=st.floats(15, 60), turn=st.floats(0.2, 1.2))
@settings(max_examples=8, deadline=None)
def test_the_energy_is_never_above_the_best_cones(low, high, turn):
    wall = wall_of(CARAFE)
    mesh, metric = band_on(wall, low, low + high, turn, nodes=400)
    found = least_energy(mesh, metric)
    assert found.energy <= found.cone_energy * (1 + 1e-12)


@given(turn=st.floats(-3, 3), dx=st.floats(-50, 50), dy=st.floats(-50, 50))
@settings(max_examples=10, deadline=None)
def test_turning_or_moving_the_sheet_costs_nothing(turn, dx, dy):
    mesh, metric = band_on(BALL, 55.0, 95.0, 0.5, nodes=300)
    elements, flat = Elements(mesh, metric), least_energy(mesh, metric).flat
    moved = flat @ np.array([[cos(turn), sin(turn)], [-sin(turn), cos(turn)]]) + [dx, dy]
    energy, forces = elements.energy_and_forces(flat)
    there, _ = elements.energy_and_forces(moved)
    assert there == pytest.approx(energy, rel=1e-9)
    assert np.abs(forces).max() < 1e-6                        # and at rest no node is pulled, the held ones neither


def test_forces_and_stiffness_are_the_energys_own_slopes():
    mesh, metric = band_on(BALL, 60.0, 90.0, 0.4, nodes=120)
    elements = Elements(mesh, metric)
    rng = np.random.default_rng(3)
    flat = 1.04 * mesh.nodes + rng.normal(0, 0.002, mesh.nodes.shape)           # all pulled, so that none is left out
    way = rng.normal(size=flat.size)
    step = 1e-5 * way.reshape(flat.shape)
    (up, forces_up), (down, forces_down) = (elements.energy_and_forces(flat + side * step) for side in (1, -1))
    _, forces = elements.energy_and_forces(flat)
    assert (up - down) / 2e-5 == pytest.approx(forces @ way, rel=1e-5)
    rows, columns, values = elements.stiffness(flat)
    product = np.bincount(rows, values * way[columns], len(way))
    assert_allclose(product, (forces_up - forces_down) / 2e-5, rtol=1e-5, atol=1e-6 * np.abs(product).max())


@given(wide=st.floats(15, 120), high=st.floats(15, 120), nodes=st.integers(60, 900), at=st.floats(0.2, 0.8),
       deep=st.floats(0.2, 0.5))
@settings(max_examples=20, deadline=None)
def test_a_mesh_covers_its_outline_and_opens_along_its_cuts(wide, high, nodes, at, deep):
    outline = shapely.box(0, 0, wide, high)
    cut = LineString([(at * wide, 0.0), (at * wide, deep * high)])
    for cuts in ((), (cut,)):
        mesh = mesh_over(outline, nodes, cuts)
        corners = mesh.nodes[mesh.triangles[:, :3]]
        assert shapely.polygons(corners).all() and shapely.area(shapely.polygons(corners)).sum() == pytest.approx(
            outline.area, rel=1e-9)
        assert len(mesh.rim) == 1
        edge = np.concatenate([mesh.nodes[mesh.rim[0]], mesh.nodes[mesh.rim[0][:1]]])
        assert np.hypot(*np.diff(edge, axis=0).T).sum() == pytest.approx(
            outline.length + 2 * sum(one.length for one in cuts), rel=1e-9)


def test_film_that_cannot_be_laid_flat_says_so(monkeypatch):
    monkeypatch.setattr("vitrograph.core.film.membrane._MOST_STEPS", 1)
    mesh, metric = band_on(BALL, 40.0, 110.0, 1.0, nodes=200)
    with pytest.raises(FitError, match="make the art smaller"):
        least_energy(mesh, metric)
