"""Narrow places against shapes whose widths are known, and against scikit-image's medial axis."""

import numpy as np
import pytest
import shapely
from hypothesis import given
from hypothesis import strategies as st
from PIL import Image, ImageDraw
from scipy.ndimage import distance_transform_edt
from shapely.affinity import rotate
from shapely.geometry import LineString, MultiPolygon, Point, Polygon, box

from vitrograph.core.geometry import as_polygons
from vitrograph.core.widths import narrow_places


def places(shape, limit=0.8):
    return list(narrow_places(as_polygons(shape), limit))


def dumb_bell(web):
    """Two blocks joined by a web of given width."""
    return box(0, 0, 8, 8) | box(7, 4 - web / 2, 13, 4 + web / 2) | box(12, 0, 20, 8)


@given(width=st.floats(0.1, 0.75), angle=st.floats(0, 180))
def test_a_straight_web_is_measured(width, angle):
    found = places(rotate(dumb_bell(width), angle))
    assert [place.width for place in found] == [pytest.approx(width, abs=0.01)]


@pytest.mark.parametrize("width", [0.2, 0.45, 0.7])
def test_a_curved_web_between_two_openings_is_measured(width):
    film = box(0, 0, 40, 40)
    openings = Point(12, 20).buffer(6, 64) | Point(12 + 12 + width, 20).buffer(6, 64)
    found = places(film - openings)
    assert [place.width for place in found] == [pytest.approx(width, abs=0.02)]
    assert found[0].where == pytest.approx((18 + width / 2, 20), abs=0.2)


@pytest.mark.parametrize("width", [0.85, 1.0, 3.0])
def test_a_web_above_the_limit_is_left_alone(width):
    assert not places(dumb_bell(width))


@pytest.mark.parametrize("corner", [30, 45, 60, 90, 120])
def test_corners_and_tips_are_not_webs(corner):
    half = np.radians(corner / 2)
    wedge = Polygon([(0, 0), (20 * np.cos(half), 20 * np.sin(half)), (20 * np.cos(half), -20 * np.sin(half))])
    assert not places(wedge)
    assert not places(box(-30, -30, 40, 30) - wedge)


def test_hairlines_specks_and_thin_rings_are_found():
    hairline = LineString([(0, 0), (12, 5)]).buffer(0.2, cap_style="flat")
    assert places(hairline)[0].width == pytest.approx(0.4, abs=0.02)
    assert places(Point(0, 0).buffer(0.3))[0].width == pytest.approx(0.6, abs=0.02)
    ring = Point(0, 0).buffer(5, 64) - Point(0, 0).buffer(4.5, 64)
    assert places(ring)[0].width == pytest.approx(0.5, abs=0.02)
    spur = box(0, 0, 10, 10) | box(9, 4.8, 18, 5.2)
    assert places(spur)[0].width == pytest.approx(0.4, abs=0.02)


def test_nothing_is_found_in_nothing():
    assert not list(narrow_places(MultiPolygon(), 0.8))


@pytest.mark.parametrize("gap", [0.8, 1.0])
def test_the_width_agrees_with_a_distance_map_of_a_fine_picture(gap):
    # the medial axis carries the distance to the edge; its least value on the web is half the web's width
    film = box(0, 0, 16, 12) - (rotate(box(3, 3, 7.7, 9), 8) | rotate(box(7.9 + gap, 3, 12, 9), -5))
    place = places(film)[0]
    scale = 50
    page = Image.new("1", (16 * scale, 12 * scale), 0)
    pen = ImageDraw.Draw(page)
    pen.polygon([(x * scale, y * scale) for x, y in film.exterior.coords], fill=1)
    for ring in film.interiors:
        pen.polygon([(x * scale, y * scale) for x, y in ring.coords], fill=0)
    distance = distance_transform_edt(np.array(page))
    x, y = (round(v * scale) for v in place.where)
    near = distance[y - 12:y + 13, x - 40:x + 41]
    assert place.width == pytest.approx(2 * near.max(axis=1).min() / scale, abs=0.05)
    assert shapely.distance(film.exterior, Point(place.where)) > 1
