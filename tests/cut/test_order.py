"""The order of cutting: insides first, little travel, over-run at the closing point."""

import msgspec
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.geometry import Point, Polygon

from specimens import PLAQUE, job, remedied, run
from vitrograph.core.cut import order_rings, plan_cut
from vitrograph.core.cut.plan import _travel, tally_cut


def circle(x, y, radius):
    return np.asarray(Point(x, y).buffer(radius, 8).exterior.coords)


places = st.tuples(st.integers(0, 9), st.integers(0, 9), st.integers(1, 3))


@given(st.lists(places, min_size=1, max_size=12, unique=True))
@settings(max_examples=40)
def test_whatever_lies_inside_is_cut_first(nests):
    rings = [circle(30 * x, 30 * y, 12 - 4 * depth + 1) for x, y, depth in nests]
    ordered = [Polygon(ring) for ring in order_rings(rings)]
    assert len(ordered) == len(rings)
    for place, inner in enumerate(ordered):
        assert not any(outer.contains(inner) and not inner.equals(outer) for outer in ordered[:place])


def test_a_real_stencil_is_cut_edge_last_with_little_travel():
    plan = run(job("Kestrel Point\nObservatory")).cut
    assert Polygon(plan.paths[-1]).area == max(Polygon(path).area for path in plan.paths)
    shuffled = [plan.paths[i] for i in np.random.default_rng(3).permutation(len(plan.paths))]
    assert plan.travel_mm < 0.3 * _travel(tuple(shuffled))


def test_travel_is_from_the_origin_from_end_to_start_and_back():
    paths = (np.array([[3.0, 4.0], [9.0, 4.0], [3.0, 10.0]]), np.array([[3.0, 22.0], [0.0, 5.0], [8.0, 6.0]]))
    # 3-4-5, then 12 up, then 6-8-10 home
    assert _travel(paths) == pytest.approx(5.0 + 12.0 + 10.0)


def test_an_orders_tally_adds_each_kind_of_number_by_itself():
    one, two = run(job("K")).cut, run(job("Kestrel", cut__over_run=2.0)).cut
    tally = tally_cut([(one, 3), (two, 2)])
    assert (tally.stencils, tally.paths) == (5, 3 * len(one.paths) + 2 * len(two.paths))
    for name in ("cut_mm", "travel_mm", "seconds"):
        assert getattr(tally, name) == pytest.approx(3 * getattr(one, name) + 2 * getattr(two, name))


def test_each_path_closes_and_runs_on_by_the_over_run():
    made = job("Kestrel", cut__over_run=1.5)
    results = run(made)
    bare = plan_cut(msgspec.structs.replace(made.cut, over_run=0.0), results.sheet)
    outlines = sum(ring.length for o in results.sheet.openings.geoms for ring in (o.exterior, *o.interiors))
    assert bare.cut_mm == pytest.approx(outlines + results.sheet.outline.length, rel=1e-9)
    assert results.cut.cut_mm == pytest.approx(bare.cut_mm + 1.5 * len(bare.paths), rel=1e-9)
    for path, plain in zip(results.cut.paths, bare.paths, strict=True):
        assert (plain[0] == plain[-1]).all()
        assert Polygon(plain).exterior.distance(Point(path[-1])) < 1e-9


def test_time_grows_with_length_lifts_and_slowness():
    quick, slow = run(job(cut__cut_speed=100.0)).cut, run(job(cut__cut_speed=50.0)).cut
    assert slow.seconds - quick.seconds == pytest.approx(quick.cut_mm / 100.0)


@pytest.mark.parametrize(("mat", "beyond", "helps"), [
    ((300.0, 300.0), None, None), ((60.0, 300.0), None, None), ((300.0, 60.0), None, None),
    ((40.0, 300.0), 1, False), ((60.0, 60.0), 0, True), ((50.0, 60.0), 0, True)])
def test_a_stencil_larger_than_the_mat_is_told_of_and_the_long_mat_only_where_it_helps(mat, beyond, helps):
    """The sheet may lie either way round on the mat; the long mat (common practice) is no wider than the other."""
    made = job("Kestrel", glass=PLAQUE, width=80.0, stencil__border=14.0,
               cut__mat_width=mat[0], cut__mat_length=mat[1])
    cut = run(made).cut
    sides = sorted(cut.size)
    assert sides[0] < 50.0 and 60.0 < sides[1] < 300.0, sides
    if beyond is None:
        assert cut.findings == ()
        return
    (found,) = cut.findings
    assert (found.value, found.limit) == (sides[1 - beyond], sorted(mat)[1 - beyond])
    assert (found.remedy is not None) == helps
    if helps:
        assert run(remedied(made, found.remedy)).cut.findings == ()
