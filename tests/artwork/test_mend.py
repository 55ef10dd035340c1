"""Mends: each does what its name says, and nothing elsewhere."""

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.geometry import LineString, MultiPolygon, Point, box

from specimens import STAR, in_mm, remedied, run, star_job
from vitrograph.core.artwork import bring, mended
from vitrograph.core.job import Drawing, Mend
from vitrograph.core.widths import thin_places


def shape(*parts):
    return MultiPolygon(list(shapely.get_parts(shapely.union_all(list(parts)))))


HAIRLINE = shape(box(0, 0, 0.4, 1), box(0.39, 0.5, 1, 0.503), box(0.99, 0, 1.4, 1))
SPOTTED = shape(box(0, 0, 1, 1).difference(Point(0.5, 0.5).buffer(0.02)), Point(1.5, 0.5).buffer(0.01),
                box(2, 0, 2.5, 1))


@given(amount=st.floats(0.005, 0.1))
@settings(max_examples=30)
def test_thickening_adds_half_the_amount_to_each_side_and_thinning_takes_it(amount):
    square = shape(box(0, 0, 1, 1))
    assert mended(square, [Mend("thicken", amount)]).area == pytest.approx((1 + amount) ** 2, abs=1e-5)
    assert mended(square, [Mend("thicken", -amount)]).area == pytest.approx((1 - amount) ** 2, abs=1e-5)


def test_a_hairline_is_thickened_where_it_is_and_nowhere_else():
    there = mended(HAIRLINE, [Mend("thicken", 0.05, (0.7, 0.5), 0.35)])
    assert min(place.width for place in thin_places(HAIRLINE, 0.04, smooth=0.0)) == pytest.approx(0.003, abs=1e-4)
    assert all(place.kind == "tip" for place in thin_places(there, 0.04, smooth=0.0))
    assert there.intersection(box(0, 0, 0.3, 1)).equals(HAIRLINE.intersection(box(0, 0, 0.3, 1)))


def test_thin_strokes_are_taken_out_and_what_they_joined_stays():
    apart = mended(HAIRLINE, [Mend("remove thin", 0.05)])
    assert len(apart.geoms) == 2 and apart.area == pytest.approx(0.8 + 0.01, abs=0.011)
    assert len(mended(HAIRLINE, [Mend("remove thin", 0.05, (0.0, 0.0), 0.1)]).geoms) == 1          # it is elsewhere
    star = bring(Drawing("star.svg", STAR.encode()), 1e-3).shape
    assert mended(star, [Mend("remove thin", 0.02)]).area == pytest.approx(star.area, rel=1e-3)    # tips are no strokes


def test_specks_go_pinholes_are_filled_and_single_contours_are_taken_or_kept():
    assert len(mended(SPOTTED, [Mend("drop specks", 0.05)]).geoms) == 2
    assert len(mended(SPOTTED, [Mend("drop specks", 0.05, (0.0, 0.0), 0.2)]).geoms) == 3      # the speck is elsewhere
    filled = mended(SPOTTED, [Mend("fill pinholes", 0.05)])
    assert sum(len(part.interiors) for part in filled.geoms) == 0 and filled.area > SPOTTED.area
    assert len(mended(SPOTTED, [Mend("remove", 0, (2.2, 0.5))]).geoms) == 2
    assert sum(len(part.interiors) for part in mended(SPOTTED, [Mend("remove", 0, (0.5, 0.5))]).geoms) == 0
    kept = mended(SPOTTED, [Mend("keep", 0, (0.1, 0.1))])
    assert len(kept.geoms) == 1 and len(kept.geoms[0].interiors) == 1


def test_gaps_are_bridged_and_notches_stay():
    gapped = shape(box(0, 0, 1, 0.2), box(1.03, 0, 2, 0.2), box(0, 0.5, 0.5, 1).difference(box(0.2, 0.9, 0.22, 1)))
    bridged = mended(gapped, [Mend("close gaps", 0.05, (1.0, 0.1), 0.2)])
    assert len(bridged.geoms) == len(gapped.geoms) - 1
    assert len(mended(gapped, [Mend("close gaps", 0.02)]).geoms) == len(gapped.geoms)
    corner = shape(box(0, 0, 1, 0.3), box(0, 0, 0.3, 1))
    assert mended(corner, [Mend("close gaps", 0.1)]).area == pytest.approx(corner.area, rel=1e-6)


def test_ends_are_rounded_and_squared():
    stroke = shape(LineString([(0, 0), (1, 0)]).buffer(0.1, cap_style="square"))
    rounded = mended(stroke, [Mend("round ends", 0.099)])
    # a corner rounded by r loses r² (1 - pi/4) (any handbook of mathematical tables)
    assert stroke.area - rounded.area == pytest.approx(4 * 0.099**2 * (1 - np.pi / 4), rel=0.05)
    tip = mended(shape(shapely.Polygon([(0, 0), (1, 0.15), (0, 0.3)])), [Mend("round ends", 0.05)])
    assert len(tip.geoms) == 1 and tip.bounds[2] < 0.75       # a disc of 0.05 fits no farther into so sharp a tip
    assert len(mended(HAIRLINE, [Mend("round ends", 0.05)]).geoms) == 1                   # and a hairline stays
    soft = shape(LineString([(0, 0), (1, 0)]).buffer(0.1, quad_segs=24))
    squared = mended(soft, [Mend("square ends", 0.1)])
    assert soft.area < squared.area <= stroke.area * 1.02
    assert squared.area - soft.area > 0.6 * (stroke.area - soft.area)


@given(noise=st.floats(0.001, 0.004), seed=st.integers(0, 50))
@settings(max_examples=20)
def test_smoothing_and_straightening_stray_no_more_than_they_may(noise, seed):
    turn = np.linspace(0, 2 * np.pi, 400, endpoint=False)
    radius = 0.5 + np.random.default_rng(seed).normal(0, noise, 400)
    rough = shape(shapely.polygons(np.column_stack([radius * np.cos(turn), radius * np.sin(turn)])).buffer(0))
    for does, factor in (("smooth", 2.5), ("straighten", 1.5)):
        made = mended(rough, [Mend(does, 0.02)])
        assert made.is_valid
        assert shapely.hausdorff_distance(made.boundary, rough.boundary) <= 0.02 * factor
        assert len(shapely.get_coordinates(made.simplify(1e-4))) < 400 / 2
    assert mended(rough, [Mend("smooth", 0.02)]).length < rough.length


def test_mends_are_done_again_when_the_source_changes():
    mend = (Mend("thicken", 0.05),)
    star = bring(Drawing("star.svg", STAR.encode(), mends=mend), 1e-3)
    other = bring(Drawing("star.svg", STAR.replace("M50 5", "M50 2").encode(), mends=mend), 1e-3)
    for found in (star, other):
        assert found.shape.area * found.frame[2] ** 2 > found.before.area * 1.05
    assert other.size_mm != star.size_mm


def test_a_finding_in_the_drawing_offers_to_widen_it_or_leave_it_out():
    thin = ('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100"><rect width="40" height="100"/>'
            '<rect x="60" width="40" height="100"/><rect x="39" y="49.6" width="22" height=".8"/></svg>')
    results = run(star_job(artwork__items__0__what=Drawing("thin.svg", thin.encode())))
    found = next(f for f in results.findings("stencil") if f.code.value == "opening")
    assert found.value == pytest.approx(0.32, abs=0.02)
    labels = [in_mm(remedy.label) for remedy in found.remedies]
    assert labels == ["Widen it to 0.8\u202fmm", "Leave it out"]
    for remedy, parts in zip(found.remedies[:2], (1, 2), strict=True):
        mended_job = run(remedied(results.job, remedy))
        assert "opening" not in {f.code.value for f in mended_job.findings("stencil")}
        assert len(mended_job.sheet.openings.geoms) == parts
