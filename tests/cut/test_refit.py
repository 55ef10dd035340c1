"""Outlines refitted with lines and arcs: as they were drawn, in far fewer pieces."""

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st

from specimens import job, run
from vitrograph.core.cut.paths.curves import CHORD_MM, DRAWN_MM, FLAT_MM, REFIT_MM, Curve, refit
from vitrograph.core.cut.paths.lines import lines_of


def ring(across, segments=32):
    return np.asarray(shapely.Point(3, -2).buffer(across / 2, segments).exterior.coords)


def off(curve, line, within=FLAT_MM):
    one, other = shapely.LineString(curve.flattened(within)), shapely.LineString(line)
    return shapely.hausdorff_distance(shapely.segmentize(one, 0.05), shapely.segmentize(other, 0.05))


@pytest.mark.parametrize("across", [0.3, 2.0, 9.0, 80.0])
def test_a_circle_becomes_a_few_arcs_of_its_own_length(across):
    curve = refit(ring(across, 128))
    assert curve.closed and len(curve.points) <= 6
    assert curve.length == pytest.approx(np.pi * across, rel=1e-3)
    assert (np.diff(np.sign(curve.bulges)) == 0).all()


def test_corners_and_straight_sides_stay_as_they_are():
    square = np.array([(0, 0), (10, 0), (10, 10), (0, 10), (0, 0)], dtype=float)
    fine = shapely.get_coordinates(shapely.segmentize(shapely.LineString(square), 0.3))
    curve = refit(fine)
    assert len(curve.points) == 5 and (curve.bulges == 0).all()
    assert shapely.Polygon(curve.points).equals(shapely.Polygon(square))
    octagon = ring(20, 2)                                      # 45 degrees a corner: no circle is made of it
    assert (refit(octagon).bulges == 0).all()


def test_a_bulge_is_positive_where_the_arc_turns_left():
    half = Curve(np.array([[-1.0, 0.0], [1.0, 0.0]]), np.array([1.0]))       # DXF: a bulge of 1 is half a circle
    assert half.length == pytest.approx(np.pi)
    assert half.flattened(0.001)[:, 1].min() == pytest.approx(-1.0, abs=0.002)      # from left to right, by below
    assert (refit(ring(9)).bulges < 0).all() and (refit(ring(9)[::-1]).bulges > 0).all()


@given(seed=st.integers(0, 10**6), size=st.floats(1.0, 60.0))
@settings(max_examples=60)
def test_no_refitted_line_strays_from_what_was_drawn(seed, size):
    chance = np.random.default_rng(seed)
    angle = np.sort(chance.uniform(0, 2 * np.pi, 160))
    reach = size * (1 + 0.3 * np.sin(3 * angle) + 0.1 * np.sin(11 * angle + 1))
    line = np.column_stack([reach * np.cos(angle), reach * np.sin(angle)])
    line = np.vstack([line, line[:1]])
    curve = refit(line)
    assert curve.closed and off(curve, line) < REFIT_MM + CHORD_MM + DRAWN_MM + FLAT_MM
    assert curve.length == pytest.approx(shapely.LineString(line).length, rel=2e-3)


def test_an_open_line_keeps_its_ends_and_two_points_stay_two():
    line = ring(8)[:40]
    curve = refit(line)
    assert not curve.closed and (curve.points[[0, -1]] == line[[0, -1]]).all() and len(curve.points) < 6
    two = refit(np.array([[0.0, 0.0], [4.0, 1.0]]))
    assert two.flattened().tolist() == [[0.0, 0.0], [4.0, 1.0]]


def test_lettering_is_sent_in_longer_pieces_within_a_hundredth():
    sheet = run(job("Kestrel", face="Lobster Two", width=60.0)).sheet
    drawn = [np.asarray(ring.coords) for part in sheet.openings.geoms for ring in (part.exterior, *part.interiors)]
    lines = [line for line in lines_of(sheet, 0) if line.kind in ("opening", "island")]
    assert sum(len(line.curve.points) for line in lines) < 0.25 * sum(map(len, drawn))
    assert sum(len(line.curve.flattened()) for line in lines) < 0.65 * sum(map(len, drawn))
    areas = [shapely.Polygon(line.curve.flattened()).area for line in lines]
    area = sum(one if line.kind == "opening" else -one for one, line in zip(areas, lines, strict=True))
    assert area == pytest.approx(sheet.openings.area, rel=1e-3)


def test_a_ring_with_corners_begins_at_one_wherever_its_line_began():
    """Begun in the middle of a side it would carry a node more there, and the blade would enter on a straight edge."""
    square = np.array([(0, -4), (4, -4), (4, 4), (-4, 4), (-4, -4), (0, -4)], dtype=float)
    curve = refit(square)
    assert curve.closed and len(curve.points) == 5 and (np.abs(curve.points) == 4).all() and not curve.bulges.any()
    opened = refit(np.array([(0, -4), (4, -4), (4, 4)], dtype=float))
    assert not opened.closed and opened.points.tolist() == [[0, -4], [4, -4], [4, 4]]
