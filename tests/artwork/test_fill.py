"""Filling by both rules, against known areas and an independent renderer's idea of inside."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from vitrograph.core.artwork import fill_outlines
from vitrograph.core.geometry import arc_pieces, flatten_bezier

SQUARE = np.array([[0, 0], [10, 0], [10, 10], [0, 10.0]])
INNER = SQUARE / 2 + 2.5
BOW_TIE = np.array([[0, 0], [10, 10], [10, 0], [0, 10.0]])
PENTAGRAM = np.array([[np.sin(k * 4 * np.pi / 5), np.cos(k * 4 * np.pi / 5)] for k in range(5)])


def test_a_ring_within_a_ring():
    assert fill_outlines([SQUARE, INNER], "evenodd").area == pytest.approx(75)
    assert fill_outlines([SQUARE, INNER], "nonzero").area == pytest.approx(100)
    assert fill_outlines([SQUARE, INNER[::-1]], "nonzero").area == pytest.approx(75)


def test_outlines_that_cross_themselves():
    assert fill_outlines([BOW_TIE]).area == pytest.approx(50)
    core = 5 * np.sin(2 * np.pi / 5) / 2 * ((3 - np.sqrt(5)) / 2) ** 2     # the pentagram's inner pentagon
    whole = fill_outlines([PENTAGRAM], "nonzero").area
    assert whole - fill_outlines([PENTAGRAM], "evenodd").area == pytest.approx(core)


@given(st.lists(st.tuples(st.integers(0, 12), st.integers(0, 12)), min_size=3, max_size=9))
def test_any_outline_gives_valid_polygons_within_its_box(points):
    outline = np.array(points, dtype=float)
    for rule in ("nonzero", "evenodd"):
        shape = fill_outlines([outline], rule)
        assert shape.is_valid
        assert shape.area <= np.ptp(outline[:, 0]) * np.ptp(outline[:, 1]) + 1e-9
    assert fill_outlines([outline], "evenodd").area <= fill_outlines([outline], "nonzero").area + 1e-9


def test_nothing_to_fill():
    assert fill_outlines([]).is_empty
    assert fill_outlines([np.array([[0, 0], [5, 5.0]])]).is_empty


@given(st.lists(st.tuples(st.floats(-50, 50), st.floats(-50, 50)), min_size=3, max_size=4),
       st.sampled_from([0.1, 0.004]))
def test_flattened_curves_stay_within_their_deviation(control, max_deviation):
    curve = np.array(control)
    points = np.concatenate([curve[:1], flatten_bezier(curve, max_deviation)])
    middle = _curve_points(curve, len(points) - 1)
    chords = (points[:-1] + points[1:]) / 2
    assert np.hypot(*(middle - chords).T).max() <= max_deviation * 1.001 + 1e-12


def _curve_points(control, items):
    """Points half-way along each item, from the Bernstein polynomials."""
    t = ((np.arange(items) + 0.5) / items)[:, None]
    if len(control) == 3:
        return (1 - t) ** 2 * control[0] + 2 * t * (1 - t) * control[1] + t**2 * control[2]
    return ((1 - t) ** 3 * control[0] + 3 * t * (1 - t) ** 2 * control[1] + 3 * t**2 * (1 - t) * control[2]
            + t**3 * control[3])


@given(radius=st.floats(0.5, 500), sweep=st.floats(0.1, 6))
def test_arcs_are_split_by_their_sagitta(radius, sweep):
    items = arc_pieces(radius, sweep, 0.004)
    assert radius * (1 - np.cos(sweep / items / 2)) <= 0.004 * (1 + 1e-9)
