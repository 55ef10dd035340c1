"""Path data, strokes, lengths and transforms against closed forms, and the cascade against what CSS says."""

from math import asinh, cos, pi, sin, sqrt

import numpy as np
import pytest
import shapely
from hypothesis import assume, given, settings
from hypothesis import strategies as st
from scipy.integrate import quad
from scipy.special import ellipe

from specimens import svg
from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.vector.markers import corners_of
from vitrograph.core.artwork.vector.outline import polyline, segments_of, sharp_places
from vitrograph.core.artwork.vector.strokes import dashed, stroke_area
from vitrograph.core.artwork.vector.tree import parse_tree
from vitrograph.core.artwork.vector.units import (
    MM_PER_PX,
    carried,
    colour_of,
    length_px,
    luminance,
    matrix_of,
    viewport_matrix,
)
from vitrograph.core.geometry import flatten_bezier, flatten_cubics

FINE = 1e-6
places = st.floats(-50, 50)


def subpaths(data):
    return [pieces for pieces, _, _ in segments_of(data)]


def length_of(points):
    return float(np.hypot(*np.diff(points, axis=0).T).sum())


@given(rx=st.floats(1, 40), ry=st.floats(1, 40), turn=st.floats(-180, 180))
@settings(max_examples=40)
def test_an_ellipse_of_two_arcs_has_the_handbooks_area_and_length(rx, ry, turn):
    # area pi a b; length 4 a E(e²) with the complete elliptic integral (any handbook of mathematical tables)
    c, s = cos(np.radians(turn)) * rx, sin(np.radians(turn)) * rx
    arc = f"A{rx} {ry} {turn} 0 1"
    whole, = (polyline(pieces, FINE) for pieces in subpaths(f"M{-c} {-s}{arc} {c} {s}{arc} {-c} {-s}z"))
    assert fill_outlines([whole]).area == pytest.approx(pi * rx * ry, rel=1e-4)
    long, short = max(rx, ry), min(rx, ry)
    assert length_of(whole) == pytest.approx(4 * long * ellipe(1 - (short / long) ** 2), rel=1e-5)


@given(radius=st.floats(2, 60), start=st.floats(-3, 3), sweep=st.floats(0.2, 6.0))
@settings(max_examples=40)
def test_an_arc_is_as_long_as_its_radius_times_its_angle(radius, start, sweep):
    ends = [(radius * cos(a), radius * sin(a)) for a in (start, start + sweep)]
    data = f"M{ends[0][0]} {ends[0][1]}A{radius} {radius} 0 {int(sweep > pi)} 1 {ends[1][0]} {ends[1][1]}"
    made = polyline(subpaths(data)[0], FINE)
    assert length_of(made) == pytest.approx(radius * sweep, rel=1e-5)
    np.testing.assert_allclose(np.hypot(*made.T), radius, rtol=1e-5)


def test_arcs_too_small_for_their_chord_grow_and_degenerate_ones_are_lines():
    # SVG 2, appendix B.2.5: radii are scaled up until the chord fits; a radius of 0 makes a straight line
    grown = polyline(subpaths("M0 0A1 1 0 0 1 10 0")[0], FINE)
    assert length_of(grown) == pytest.approx(5 * pi, rel=1e-5)
    assert length_of(polyline(subpaths("M0 0A0 5 0 0 1 10 0")[0], FINE)) == pytest.approx(10)


def test_a_parabola_is_as_long_as_its_closed_form():
    # y = x²/(4 f): the arc from 0 to x is (x/2) sqrt(1 + (x/2f)²) + f asinh(x/2f)
    f, x = 3.0, 12.0
    control = np.array([[0.0, 0.0], [x / 2, 0.0], [x, x * x / (4 * f)]])
    exact = x / 2 * sqrt(1 + (x / (2 * f)) ** 2) + f * asinh(x / (2 * f))
    assert length_of(np.concatenate([control[:1], flatten_bezier(control, FINE)])) == pytest.approx(exact, rel=1e-6)
    made = polyline(subpaths(f"M0 0Q{x / 2} 0 {x} {x * x / (4 * f)}")[0], FINE)
    assert length_of(made) == pytest.approx(exact, rel=1e-6)


@given(st.lists(st.tuples(places, places), min_size=4, max_size=4), st.floats(0.001, 1.0))
@settings(max_examples=60)
def test_a_flattened_cubic_strays_no_more_than_it_may(control, deviation):
    control = np.array(control)
    assume(np.hypot(*(control[3] - control[0])) > 1)
    line = shapely.linestrings(np.concatenate([control[:1], flatten_cubics(control[None], deviation)]))
    t = np.linspace(0, 1, 400)[:, None]
    curve = (1 - t) ** 3 * control[0] + 3 * t * (1 - t) ** 2 * control[1] + 3 * t * t * (1 - t) * control[2] + (
        t**3 * control[3])
    assert shapely.distance(shapely.points(curve), line).max() <= deviation * 1.0001

    def speed(u):
        d = 3 * ((1 - u) ** 2 * (control[1] - control[0]) + 2 * u * (1 - u) * (control[2] - control[1]) + u * u * (
            control[3] - control[2]))
        return float(np.hypot(*d))

    assert line.length <= quad(speed, 0, 1, limit=200)[0] * (1 + 1e-6)


@given(width=st.floats(0.5, 12), length=st.floats(20, 90))
@settings(max_examples=30)
def test_caps_and_joins_cover_what_plane_geometry_says(width, length):
    line = [np.array([[0.0, 0.0], [length, 0.0]])]
    for cap, more in (("butt", 0.0), ("square", width * width), ("round", pi * width * width / 4)):
        area = stroke_area(line, width, {"stroke-linecap": cap}, 1e-4).area
        assert area == pytest.approx(length * width + more, rel=1e-3)
    corner = [np.array([[0.0, 0.0], [length, 0.0], [length, length]])]
    plain = 2 * length * width - width * width / 4
    # at a square corner a mitre adds a square of half the width, a bevel half of it, a round join a quarter disc
    for join, more in (("miter", width**2 / 4), ("bevel", width**2 / 8), ("round", pi * width**2 / 16)):
        area = stroke_area(corner, width, {"stroke-linejoin": join}, 1e-4).area
        assert area == pytest.approx(plain + more, rel=1e-3)


def stroked(data, width, style, deviation):
    segments = segments_of(data)
    lines, sharp = [polyline(pieces, deviation) for pieces, _, _ in segments], sharp_places(segments)
    joins = [np.array([tuple(place) in sharp for place in line.tolist()]) for line in lines]
    return stroke_area(lines, width, style, deviation, joins)


@given(points=st.lists(st.tuples(places, places), min_size=4, max_size=4, unique=True), half=st.floats(0.5, 15),
       join=st.sampled_from(["miter", "bevel"]))
@settings(max_examples=60)
def test_a_curve_has_no_corners_however_sharply_it_bends(points, half, join):
    # SVG 2, section 13.5: joins are where segments meet; along one a stroke is what the line across it sweeps over
    (a, b, c, d), fine = points, 2e-3
    line = polyline(np.array([points]), fine)
    assume(length_of(line) > 1)
    made = stroked("M{} {}C{} {} {} {} {} {}".format(*a, *b, *c, *d), 2 * half, {"stroke-linejoin": join,
                   "stroke-miterlimit": "50"}, fine)
    assert made.difference(shapely.LineString(line).buffer(half + fine, quad_segs=64)).area < 1e-4 * half**2
    ways = np.diff(line, axis=0) / np.hypot(*np.diff(line, axis=0).T)[:, None]
    outward = ways[:-1] - ways[1:]                             # at each inner point, half-way between both lines across
    outward /= np.maximum(np.hypot(*outward.T), 1e-9)[:, None]
    assert shapely.covers(made, shapely.points(line[1:-1] + outward * (half - 2 * fine))).all()


def test_joins_are_where_segments_meet_at_an_angle_and_rounding_makes_none():
    corner, mitred = "M0 20V0H20", {"stroke-miterlimit": "9"}
    bevelled = stroked(corner, 4, {"stroke-linejoin": "bevel"}, FINE).area
    for data in (corner, "M0 20V0V0H20", "M0 20V0L1e-13 1e-13H20", "M0 20C0 20 0 0 0 0C1e-14 0 20 0 20 0"):
        assert stroked(data, 4, mitred, FINE).area == pytest.approx(bevelled + 2, rel=1e-6), data
    for data in ("M0 0H10C15 0 20 5 20 10", "M-5 0A5 5 0 0 1 5 0A5 5 0 0 1 -5 1e-13Z"):
        assert stroked(data, 4, mitred, FINE).area == pytest.approx(stroked(data, 4, {"stroke-linejoin": "bevel"},
                                                                           FINE).area, rel=1e-5), data


def test_a_closed_stroke_covers_its_length_by_its_width_and_there_and_back_has_no_caps():
    # the outer mitres add what the inner corners lack
    triangle = np.array([[0.0, 0.0], [40.0, 0.0], [0.0, 30.0], [0.0, 0.0]])
    assert stroke_area([triangle], 4.0, {"stroke-miterlimit": "10"}, 1e-4).area == pytest.approx(120 * 4, rel=1e-6)
    back = np.array([[0.0, 0.0], [40.0, 0.0], [0.0, 0.0]])
    for cap in ("butt", "square", "round"):
        assert stroke_area([back], 4.0, {"stroke-linecap": cap}, 1e-4).area == pytest.approx(160)
    assert stroke_area([back], 4.0, {"stroke-linejoin": "round"}, 1e-4).area == pytest.approx(160 + 4 * pi, rel=1e-3)


def test_markers_stand_where_segments_end_and_turn_half_way_between_them():
    places, ways = zip(*corners_of("M10 0 h10 a5 5 0 0 1 5 5 v10 z m20 0 l0 0 l0 3"), strict=True)
    told = [(*np.round(place, 6).tolist(), round(way / pi, 3)) for place, way in zip(places, ways, strict=True)]
    home = round(np.arctan2(-15, -15) / pi, 3)                   # the closing line's way
    first = round((0.0 + home) / 2 + 0.0, 3)
    assert told[1:4] == [(20, 0, 0.0), (25, 5, 0.5), (25, 15, round((0.5 + home + 2) / 2, 3))]
    assert told[0] == (10, 0, 0.0) and told[4] == (10, 0, first), "a closed line goes on from its end to its beginning"
    assert corners_of("M0 0 h9 v9 L0 0")[-1][1] == pytest.approx(-0.75 * pi), "this one comes to its beginning, no more"
    assert told[5:] == [(30, 0, 0.0), (30, 0, 0.25), (30, 3, 0.5)]


def test_dashes_begin_where_the_offset_says_and_far_too_many_are_drawn_whole():
    line = np.array([[0.0, 0.0], [10.0, 0.0]])
    found = [tuple(piece[:, 0].tolist()) for piece in dashed(line, [3.0, 2.0], 1.0)]
    assert found == [(0.0, 2.0), (4.0, 7.0), (9.0, 10.0)]
    assert dashed(line, [1e-7, 1e-7], 0.0)[0] is line


@given(st.lists(st.sampled_from(["translate(3 -7)", "scale(2 .5)", "rotate(33)", "rotate(90 5 6)", "skewX(12)",
                                 "skewY(-20)", "matrix(1 .2 -.3 1.1 4 5)"]), min_size=1, max_size=5))
def test_a_transform_list_is_done_from_the_right(names):
    point = np.array([[2.0, 3.0]])
    expected = point
    for name in reversed(names):
        expected = carried(expected, matrix_of(name))
    np.testing.assert_allclose(carried(point, matrix_of(" ".join(names))), expected, atol=1e-9)


def test_rotation_about_a_place_leaves_it_and_nonsense_changes_nothing():
    np.testing.assert_allclose(carried(np.array([[5.0, 6.0]]), matrix_of("rotate(123 5 6)")), [[5.0, 6.0]], atol=1e-12)
    np.testing.assert_allclose(matrix_of("spin(9) matrix(1 2)"), [[1, 0, 0], [0, 1, 0]])


@pytest.mark.parametrize(("aspect", "corner"), [
    ("", (25, 0)), ("xMinYMin", (0, 0)), ("xMaxYMid meet", (50, 0)), ("none", (0, 0)), ("xMidYMid slice", (0, -25))])
def test_a_viewbox_fills_its_viewport_as_it_is_told(aspect, corner):
    # a square of 10 in a viewport of 100 by 50 (SVG 2, 8.2)
    matrix = viewport_matrix([0, 0, 10, 10], (100, 50), aspect)
    np.testing.assert_allclose(carried(np.zeros((1, 2)), matrix)[0], corner, atol=1e-9)


@pytest.mark.parametrize(("text", "px"), [
    ("1in", 96), ("25.4mm", 96), ("2.54cm", 96), ("72pt", 96), ("6pc", 96), ("101.6q", 96), ("96", 96), ("50%", 40),
    ("2em", 32), ("wide", 7), (None, 7), ("-3.5px", -3.5), ("1e1", 10)])
def test_lengths_are_those_of_css(text, px):
    assert length_px(text, 7.0, 80.0) == pytest.approx(px) and pytest.approx(25.4) == 96 * MM_PER_PX


def test_colours_and_their_lightness():
    assert colour_of("#08f") == (0, 136, 255, 1.0) and colour_of("rgb(100% 0% 50%)") == (255, 0, 128, 1.0)
    assert colour_of("hsl(120 100% 50%)")[:3] == (0, 255, 0) and colour_of("none") is None and colour_of("x y") is None
    # relative luminance of the sRGB primaries (WCAG 2.2)
    assert [round(luminance(rgb), 4) for rgb in ((255, 0, 0), (0, 255, 0), (0, 0, 255))] == [0.2126, 0.7152, 0.0722]


CASCADE = '''<style type="text/css"><![CDATA[
  rect { fill: #111111; stroke: red } .b { fill: #222222 } #c { fill: #333333 } g > rect.d { fill: #444444 }
  .e { fill: #555555 !important } rect:nth-child(2) { stroke: blue } .f::before { fill: none }
]]></style>'''


@pytest.mark.parametrize(("attributes", "fill"), [
    ('fill="#000000"', "#111111"), ('class="b"', "#222222"), ('class="b" id="c"', "#333333"),
    ('class="d b"', "#444444"), ('style="fill:#666666" id="c"', "#666666"),
    ('class="e" style="fill:#666666"', "#555555"), ('class="f"', "#111111")])
def test_a_style_sheet_goes_by_specificity_and_style_attributes_over_it(attributes, fill):
    root = parse_tree(svg(f"{CASCADE}<g><rect {attributes}/></g>").encode())
    part = next(node for node in root.walk() if node.tag == "rect")
    assert part.style["fill"] == fill and part.style["stroke"] == "red"
