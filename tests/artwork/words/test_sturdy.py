"""Thinnest strokes against scikit-image's medial axis on a fine raster."""

import numpy as np
import pytest
from PIL import Image, ImageDraw
from shapely.geometry import MultiPolygon, Point, box
from skimage.morphology import medial_axis

from vitrograph.core.artwork import faces
from vitrograph.core.artwork.words.lettering import set_words
from vitrograph.core.artwork.words.sturdy import CAP_MM, letters_in_a_row, thinnest_stroke
from vitrograph.core.job import Words
from vitrograph.core.widths import strokes_of

SCALE = 24                         # pixels to the mm


def axis_of(shape):
    """Pixels of the medial axis, where they lie in mm, and the width there in mm."""
    left, low, right, high = shape.bounds
    page = Image.new("1", (int((right - left) * SCALE) + 5, int((high - low) * SCALE) + 5))
    pen = ImageDraw.Draw(page)
    for part in shape.geoms:
        for ring, ink in ((part.exterior, 1), *((hole, 0) for hole in part.interiors)):
            pen.polygon([((x - left) * SCALE + 2, (y - low) * SCALE + 2) for x, y in ring.coords], fill=ink)
    axis, reach = medial_axis(np.array(page), return_distance=True)
    rows, columns = np.nonzero(axis)
    return np.column_stack([(columns - 2) / SCALE + left, (rows - 2) / SCALE + low]), 2 * reach[axis] / SCALE


@pytest.mark.parametrize("name", faces())
def test_the_thinnest_stroke_of_each_face_is_that_of_the_medial_axis(name):
    words = Words("★❄🐦" if name == "Symbols" else "Kestrel 8&", name)
    row = letters_in_a_row(words)
    width, place = strokes_of(row, 0.25).exceeded_by_all_but(0.03)
    assert thinnest_stroke(words) == pytest.approx(width / CAP_MM)
    spots, widths = axis_of(row)
    near = np.hypot(*(spots - place).T) < 0.3
    assert np.abs(widths[near] - width).min() < 0.085         # as wide there as the raster says, to two pixels
    # and what the raster finds thinner runs into corners and tips: there the width changes along the axis
    steady = steady_widths(spots, widths)
    assert (steady < width - 0.1).mean() < 0.08


def steady_widths(spots, widths):
    """Widths at axis pixels whose neighbours within half a millimetre are about as wide: strokes, not corners."""
    from scipy.spatial import cKDTree

    groups = cKDTree(spots).query_ball_point(spots, 0.5)
    return np.array([width for width, group in zip(widths, groups, strict=True)
                     if len(group) >= SCALE * 0.8 and np.ptp(widths[group]) < 0.1])


def test_a_strokes_width_is_found_and_corners_and_tips_are_not_strokes():
    bar = MultiPolygon([box(0, 0, 20, 1.5)])
    assert strokes_of(bar, 0.2).exceeded_by_all_but(0.03)[0] == pytest.approx(1.5, abs=0.02)
    dumb_bell = MultiPolygon([box(0, 0, 6, 6).union(box(6, 2.6, 14, 3.2)).union(box(14, 0, 20, 6))])
    width, (x, y) = strokes_of(dumb_bell, 0.2).exceeded_by_all_but(0.1)
    assert width == pytest.approx(0.6, abs=0.02) and 6 < x < 14 and y == pytest.approx(2.9, abs=0.05)
    disc = strokes_of(MultiPolygon([Point(0, 0).buffer(5.0, 64)]), 0.2)
    assert disc.exceeded_by_all_but(0.03) is None or disc.exceeded_by_all_but(0.03)[0] > 9
    assert thinnest_stroke(Words("  ")) is None


def test_the_thinnest_stroke_is_that_of_the_smallest_line_and_of_letters_pressed_together():
    bar = thinnest_stroke(Words("I", "Barlow Bold"))
    assert thinnest_stroke(Words("I\nI", "Barlow Bold", line_sizes=(1.0, 0.5))) == pytest.approx(
        bar / 2, rel=0.01)
    assert thinnest_stroke(Words("I\nI", "Barlow Bold", line_sizes=(0.5, 1.0))) == pytest.approx(
        bar, rel=0.01), "against the first line's capitals"
    assert thinnest_stroke(Words("I", "Barlow Bold"), 0.6) == pytest.approx(0.6 * bar, rel=0.01)
    even = Words("I\nIIIIII", "Barlow Bold", align="even")
    first, second = (part.bounds[3] - part.bounds[1] for part in (set_words(even, 0.01).shapes[k] for k in (0, -1)))
    assert thinnest_stroke(even) == pytest.approx(bar * second / first, rel=0.02)
