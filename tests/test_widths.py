"""Thin places against shapes whose widths are known, and against scikit-image's medial axis on a 0.02 mm raster."""

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image, ImageDraw
from shapely.affinity import rotate, translate
from shapely.geometry import LineString, MultiPolygon, Point, Polygon, box
from skimage.morphology import medial_axis

from vitrograph.core.artwork import place
from vitrograph.core.geometry import as_polygons
from vitrograph.core.job import Item, Words
from vitrograph.core.widths import axis_of, edges_of, segments_apart, thin_places

PIXEL_MM = 0.02
LIMIT = 0.8


def dumb_bell(web):
    """Two blocks joined by a web of given width, 4 mm long."""
    return box(0, 0, 8, 8) | box(7, 4 - web / 2, 13, 4 + web / 2) | box(12, 0, 20, 8)


def wedge(angle):
    """A tip of an angle in degrees, pointing left."""
    half = np.radians(angle / 2)
    return Polygon([(0, 0), (20 * np.cos(half), 20 * np.sin(half)), (20 * np.cos(half), -20 * np.sin(half))])


def raster_width(shape, where, reach):
    """The least width on scikit-image's medial axis of a shape within `reach` of a place, mm."""
    window = box(where[0] - 2 * reach - 1, where[1] - 2 * reach - 1, where[0] + 2 * reach + 1, where[1] + 2 * reach + 1)
    near = as_polygons(shape.intersection(window))
    left, low, right, high = window.bounds
    page = Image.new("1", (int((right - left) / PIXEL_MM), int((high - low) / PIXEL_MM)))
    pen = ImageDraw.Draw(page)
    for part in near.geoms:
        for ring, ink in ((part.exterior, 1), *((hole, 0) for hole in part.interiors)):
            pen.polygon([((x - left) / PIXEL_MM, (y - low) / PIXEL_MM) for x, y in ring.coords], fill=ink)
    axis, distance = medial_axis(np.array(page), return_distance=True)
    rows, columns = np.nonzero(axis)
    away = np.hypot(columns * PIXEL_MM + left - where[0], rows * PIXEL_MM + low - where[1])
    return 2 * float(distance[axis][away <= reach].min()) * PIXEL_MM


@given(width=st.floats(0.05, 0.79), angle=st.floats(0, 180))
@settings(deadline=None)
def test_a_straight_web_is_measured_to_the_thousandth(width, angle):
    found = thin_places(rotate(dumb_bell(width), angle), LIMIT)
    assert [place.kind for place in found] == ["neck"]
    assert found[0].width == pytest.approx(width, abs=1e-3)
    assert 4.0 <= found[0].length <= 5.0


@pytest.mark.parametrize("width", [0.2, 0.5, 1.0, 1.9, 3.0])
@pytest.mark.parametrize("form", ["straight", "curved", "wedge"])
def test_webs_are_as_wide_as_the_medial_axis_of_a_fine_picture_says(form, width):
    film = box(-20, -15, 20, 15)
    shape = {
        "straight": film - rotate(box(-9, width / 2, 9, 9) | box(-9, -9, 9, -width / 2), 23),
        "curved": film - (Point(0, 0).buffer(6, 64) | (Point(0, 0).buffer(11, 64) - Point(0, 0).buffer(6 + width, 64)
                                                       - box(-20, -15, 0, 15))),
        "wedge": film - (Polygon([(-9, width / 2), (9, width / 2 + 1.6), (9, 9), (-9, 9)])
                         | box(-9, -9, 9, -width / 2)),
    }[form]
    found = min(thin_places(shape, 1.3 * width), key=lambda place: place.width)
    assert found.width == pytest.approx(width, abs=0.03)
    # a distance to pixels' middles is half a pixel short at either side
    assert found.width == pytest.approx(raster_width(shape, found.where, 0.6 * width), abs=0.03 + PIXEL_MM)


@pytest.mark.parametrize("face", ["Barlow Bold", "Cinzel Bold", "Zilla Slab Bold", "Lobster Two",
                                  "Cinzel Decorative Bold"])
def test_thin_strokes_of_the_shipped_faces_agree_with_a_fine_picture(face):
    letters = place(Item(Words("Rag8", face), size=9.0, size_is="caps")).shape
    found = [one for one in thin_places(letters, 1.1) if one.kind in ("neck", "alone") and one.length > 0.8]
    for one in sorted(found, key=lambda one: one.width)[:3]:
        assert one.width == pytest.approx(raster_width(letters, one.where, 0.06), abs=0.03 + PIXEL_MM)
    film = shapely.difference(box(*letters.bounds).buffer(5), letters)
    assert {round(one.width, 3) for one in thin_places(letters, 0.0, 1.1)} == {
        round(one.width, 3) for one in thin_places(film, 1.1)}


@pytest.mark.parametrize("width", [0.2, 0.45, 0.7, 0.79])
def test_round_openings_that_nearly_touch_are_measured_where_they_do(width):
    openings = Point(12, 20).buffer(6, 64) | Point(24 + width, 20).buffer(6, 64)
    (found,) = thin_places(box(0, 0, 40, 40) - openings, LIMIT, LIMIT)
    assert found.kind == "neck" and found.rings[0] != found.rings[1]
    assert found.width == pytest.approx(width, abs=0.01) and found.where == pytest.approx((18 + width / 2, 20), abs=0.2)


@given(corner=st.floats(50, 175), turn=st.floats(0, 360))
@settings(deadline=None, max_examples=40)
def test_corners_are_never_webs(corner, turn):
    shape = rotate(wedge(corner), turn)
    assert not [p for p in thin_places(shape, LIMIT) if p.kind != "tip"]       # the wedge's far corners may be sharp
    assert not [p for p in thin_places(box(-60, -60, 60, 60) - shape, LIMIT, LIMIT) if p.kind != "tip"]
    square = rotate(box(0, 0, 9, 9), turn)
    assert not thin_places(square, LIMIT) and not thin_places(box(-60, -60, 60, 60) - square, LIMIT, LIMIT)


@pytest.mark.parametrize(("angle", "kinds"), [(8, ["tip"]), (15, ["tip"]), (30, []), (45, []), (60, []), (90, [])])
def test_tips_are_told_from_corners_by_their_angle(angle, kinds):
    assert [place.kind for place in thin_places(wedge(angle), LIMIT) if abs(place.where[0]) < 8] == kinds


@pytest.mark.parametrize("width", [0.85, 1.0, 3.0])
def test_what_is_wide_enough_is_left_alone(width):
    assert not thin_places(dumb_bell(width), LIMIT)


def test_hairlines_rings_spurs_and_crossings_are_told_apart():
    hairline = LineString([(0, 0), (12, 5)]).buffer(0.2, cap_style="flat")
    (found,) = thin_places(hairline, LIMIT)
    assert (found.kind, found.width) == ("alone", pytest.approx(0.4, abs=1e-3))
    assert found.length == pytest.approx(13 - 2 * 0.69 * 0.4, abs=0.3)         # less its ends, where the axis forks
    ring = Point(0, 0).buffer(5, 64) - Point(0, 0).buffer(4.5, 64)
    (found,) = thin_places(ring, LIMIT)
    assert found.length == pytest.approx(2 * np.pi * 4.75, rel=0.01)
    (spur,) = thin_places(box(0, 0, 10, 10) | box(9, 4.8, 18, 5.2), LIMIT)
    assert spur.kind == "tongue" and spur.free == pytest.approx((18, 5), abs=0.6)
    assert not thin_places(box(0, 0, 10, 10) | box(9, 4.8, 10.6, 5.2), LIMIT)  # a serif is a corner


def test_two_shapes_far_apart_and_nothing_at_all():
    both = MultiPolygon([dumb_bell(0.3), translate(dumb_bell(0.6), 500, 300)])
    assert sorted(round(place.width, 2) for place in thin_places(both, LIMIT)) == [0.3, 0.6]
    assert not thin_places(MultiPolygon(), LIMIT) and not thin_places(dumb_bell(0.3), 0.0)


def points(low=-20.0, high=20.0):
    hundredths = st.integers(round(100 * low), round(100 * high)).map(lambda whole: whole / 100)
    return st.tuples(hundredths, hundredths)


@given(ends=st.tuples(points(), points(), points(), points()))
@settings(deadline=None)
def test_segments_are_as_far_apart_as_shapely_says_where_they_do_not_cross(ends):
    a, b, c, d = (np.array([end]) for end in ends)
    one, other = LineString([a[0], b[0]]), LineString([c[0], d[0]])
    gap, near, far = segments_apart((a, b), (c, d))
    assert np.hypot(*(near - far)[0]) == pytest.approx(gap[0], abs=1e-9)
    assert one.distance(Point(near[0])) < 1e-6 and other.distance(Point(far[0])) < 1e-6
    if not one.intersects(other):
        assert gap[0] == pytest.approx(one.distance(other), abs=1e-9)


@pytest.mark.parametrize("spacing", [0.3, 1.7, 50.0])
def test_edges_keep_the_shape_on_their_left_and_are_tiled_without_a_gap(spacing):
    shape = Point(0, 0).buffer(9, 16).difference(box(-3, -2, 4, 2))
    pieces = edges_of(shape).tiled(spacing)
    assert pieces.lengths.sum() == pytest.approx(shape.length) and pieces.lengths.max() <= spacing + 1e-9
    assert shapely.contains_xy(shape, *(pieces.middles + 1e-4 * pieces.normals).T).all()
    assert not shapely.contains_xy(shape, *(pieces.middles - 1e-4 * pieces.normals).T).any()
    assert sorted(pieces.around) == pytest.approx(sorted(shapely.length(shapely.get_rings(shape))))
    follow = pieces.ring[1:] == pieces.ring[:-1]
    assert (pieces.start[1:][follow] == pytest.approx(pieces.end[:-1][follow]))
    half = np.zeros(2, dtype=np.intp), np.array([1, len(pieces) - 1])
    assert pieces.apart_along(*half)[0] == pytest.approx((pieces.lengths[0] + pieces.lengths[1]) / 2)
    assert pieces.apart_along(*half)[1] == np.inf              # on another ring


def test_the_axis_of_a_strip_runs_half_way_between_its_sides_and_is_as_long():
    axis = axis_of(edges_of(box(0, 0, 30, 2)).tiled(0.25))
    kept = axis.inside & axis.facing
    assert axis.widths[kept] == pytest.approx(2.0)
    assert axis.vertices[axis.ends[kept]][..., 1] == pytest.approx(1.0, abs=0.02)
    assert axis.along[kept].sum() == pytest.approx(30 - 2 * 1.4, abs=0.6)      # less its ends, where it forks
    assert not axis.facing[~axis.inside].any() and len(axis_of(edges_of(box(0, 0, 1, 1)).tiled(9.0)).ends) >= 1


@pytest.mark.parametrize("turn", [0.0, 31.0, 77.0, 140.0])
def test_an_edge_of_the_diagram_without_end_leaves_the_shape_behind(turn):
    axis = axis_of(edges_of(rotate(box(0, 0, 30, 2) | box(20, 0, 22, 25), turn, origin=(60, -40))).tiled(0.5))
    endless = axis.ends[:, 1] < 0
    assert endless.any() and not axis.inside[endless].any()
