"""Contours in strips, curves that never run away, rings that hold each other, unions where rounding bites."""

import io

import numpy as np
import pytest
import shapely
from contourpy import contour_generator
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image
from scipy.ndimage import gaussian_filter

from vitrograph.core.artwork.fill import fill_outlines, polygons_of_rings
from vitrograph.core.artwork.tracing import fit_rings, trace
from vitrograph.core.artwork.tracing.contour import rings_at_zero
from vitrograph.core.artwork.tracing.trace import scatter
from vitrograph.core.errors import ArtworkError, PictureError
from vitrograph.core.geometry import union, within, without
from vitrograph.core.job import TraceChoices


def grain(seed, rows, columns, sigma):
    field = gaussian_filter(np.random.default_rng(seed).random((rows, columns)), sigma)
    return ((field - field.mean()) / field.std()).astype(np.float32)


@pytest.mark.parametrize("rows", [40, 255, 256, 257, 700])
def test_strips_give_the_rings_that_one_pass_gives(rows):
    field = grain(3, rows, 90, 4.0)
    padded = np.full((rows + 2, 92), min(-1e-3, -float(np.abs(field).max())))
    padded[1:-1, 1:-1] = field
    whole = contour_generator(x=np.arange(-1, 91.0), y=np.arange(-1, rows + 1.0), z=padded, name="serial").lines(0.0)
    ours = rings_at_zero(field)
    assert len(ours) == len(whole)
    areas = [sorted(shapely.area(shapely.polygons(ring)) for ring in rings) for rings in (ours, whole)]
    np.testing.assert_allclose(areas[0], areas[1], rtol=1e-6, atol=1e-9)
    assert all((ring[0] == ring[-1]).all() for ring in ours)


@given(seed=st.integers(0, 500), sigma=st.floats(0.8, 6), simplify=st.sampled_from([0.0, 0.1, 0.5]))
@settings(max_examples=25)
def test_traced_grain_is_valid_and_stays_in_its_picture(seed, sigma, simplify):
    field = grain(seed, 120, 150, sigma)
    pixels = np.clip(128 - 60 * field, 0, 255).astype(np.uint8)
    out = io.BytesIO()
    Image.fromarray(pixels).save(out, "PNG")
    try:
        found = trace(out.getvalue(), TraceChoices(speck=0.1, pinhole=0.1, simplify=simplify))
    except PictureError:
        return
    shape = found.shape(0.002)
    left, low, right, high = np.array(shape.bounds) / found.mm_per_px
    assert shape.is_valid and left > -4 and right < 154 and high < 4 and low > -124


@given(seed=st.integers(0, 500), count=st.integers(3, 60))
@settings(max_examples=40)
def test_a_curve_begins_where_it_ends_and_stays_near_its_ring(seed, count):
    draw = np.random.default_rng(seed)
    turn = np.sort(draw.uniform(0, 2 * np.pi, count))
    radius = draw.uniform(15, 60, count)
    corners = np.column_stack([radius * np.cos(turn), radius * np.sin(turn)]) + 70
    ring = np.concatenate([corners, corners[:1]])
    curve, = fit_rings([ring], np.array([0.3]))
    np.testing.assert_allclose(curve.pieces[:, 3], np.roll(curve.pieces[:, 0], -1, axis=0), atol=1e-9)
    outline = shapely.linearrings(ring)
    points = shapely.points(curve.flattened(0.02))
    assert np.median(shapely.distance(points, outline)) < 1.0
    low, high = curve.pieces.reshape(-1, 2).min(axis=0), curve.pieces.reshape(-1, 2).max(axis=0)
    assert (low > corners.min(axis=0) - 80).all() and (high < corners.max(axis=0) + 80).all()


def test_many_outlines_at_once_are_each_as_alone():
    turn = np.linspace(0, 2 * np.pi, 400)
    oval = np.column_stack([90 * np.cos(turn), 40 * np.sin(turn)]) + 100
    box = np.array([[0, 0], [60, 0], [60, 33], [25, 33], [0, 0]], dtype=float)
    wavy = 100 + (70 + 9 * np.sin(7 * turn))[:, None] * np.column_stack([np.cos(turn), np.sin(turn)])
    rings = [np.append(ring[:-1], ring[:1], axis=0) for ring in (oval, box, wavy, oval + 7)]
    tolerances, calm = np.array([0.05, 0.3, 0.1, 0.6]), np.array([True, True, False, True])
    together = fit_rings(rings, tolerances, calm=calm)
    for ring, tolerance, still, curve in zip(rings, tolerances, calm, together, strict=True):
        alone, = fit_rings([ring], tolerance[None], calm=still)
        np.testing.assert_allclose(curve.pieces, alone.pieces, atol=1e-9)
        # one picture's curve strays at most its tolerance from the outline, and its samples' own steps
        off = shapely.distance(shapely.points(ring), shapely.linearrings(curve.flattened(0.01)))
        assert off.max() < tolerance + 0.3
    assert len(together[1].pieces) == 4 and len(together[3].pieces) < len(together[0].pieces)


def test_a_shaking_outline_is_told_from_a_calm_one():
    turn = np.linspace(0, 2 * np.pi, 900)
    circle = 100 + 80 * np.column_stack([np.cos(turn), np.sin(turn)])
    shaken = circle + np.random.default_rng(1).normal(0, 0.15, circle.shape)
    shaken[-1] = shaken[0]
    assert scatter(circle) == 0.0 and 0.08 < scatter(shaken) < 0.4


def test_all_grain_is_refused_before_it_is_traced():
    pixels = (255 * np.random.default_rng(5).random((2000, 2000))).astype(np.uint8)
    out = io.BytesIO()
    Image.fromarray(pixels).save(out, "PNG")
    with pytest.raises(PictureError, match="all grain"):
        trace(out.getvalue(), TraceChoices())


@given(st.lists(st.tuples(st.integers(0, 80), st.integers(0, 80), st.integers(2, 30)), min_size=1, max_size=8))
@settings(max_examples=60)
def test_rings_hold_an_odd_number_of_times(squares):
    rings = [np.array([[x, y], [x + side, y], [x + side, y + side], [x, y + side]]) for x, y, side in squares]
    made = polygons_of_rings(rings)
    assert made.is_valid
    spots = np.random.default_rng(2).integers(0, 110, (200, 2)) + 0.5      # never on a side
    held = np.array([((spots >= ring.min(axis=0)) & (spots < ring.max(axis=0))).all(axis=1)
                     for ring in rings]).sum(axis=0)
    np.testing.assert_array_equal(shapely.contains_xy(made, spots), held % 2 == 1)


def test_areas_join_and_part_even_where_an_input_is_not_valid():
    bow_tie = shapely.polygons([[0, 0], [10, 10], [10, 0], [0, 10]])
    square = shapely.box(2, 2, 8, 20)
    assert union([bow_tie, square]).area == pytest.approx(50 + 108 - within(bow_tie, square).area, rel=1e-6)
    assert without(square, bow_tie).area == pytest.approx(108 - within(bow_tie, square).area, rel=1e-6)


def test_outlines_that_cross_each_other_far_too_often_are_refused():
    tangle = np.random.default_rng(1).uniform(0, 900, (4000, 2))
    with pytest.raises(ArtworkError, match="cross each other far too often"):
        fill_outlines([tangle])
