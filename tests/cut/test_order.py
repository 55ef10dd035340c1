"""The order of cutting: insides first, as little travel as there can be, over-run at the closing point.

Checked against the exact shortest way (SciPy's `milp`, subtours cut off as G. Dantzig, R. Fulkerson and S. Johnson,
Operations Research 2, 1954, do) and against the 1-tree bound (M. Held and R. Karp, Operations Research 18, 1970).
"""

from itertools import pairwise

import msgspec
import networkx as nx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse.csgraph import minimum_spanning_tree
from shapely.geometry import Point, Polygon

from specimens import PLAQUE, job, remedied, run
from vitrograph.core.cut import plan_cut
from vitrograph.core.cut.paths.lines import lines_of
from vitrograph.core.cut.paths.order import begun_at, order_rings
from vitrograph.core.cut.paths.timing import LIFT_SECONDS, seconds_of, travel_of
from vitrograph.core.job import CutChoices


def circle(x, y, radius):
    return np.asarray(Point(x, y).buffer(radius, 8).exterior.coords)


places = st.tuples(st.integers(0, 9), st.integers(0, 9), st.integers(1, 3))


@given(st.lists(places, min_size=1, max_size=12, unique=True))
@settings(max_examples=40)
def test_whatever_lies_inside_is_cut_first(nests):
    rings = [circle(30 * x, 30 * y, 12 - 4 * depth + 1) for x, y, depth in nests]
    for effort in ("quick", "settled", "shaken"):
        order = order_rings(rings, effort=effort)
        assert sorted(at for at, _ in order) == list(range(len(rings)))
        insides_come_first([Polygon(begun_at(rings[at], start)) for at, start in order])


def insides_come_first(ordered):
    for place, inner in enumerate(ordered):
        assert not any(outer.contains(inner) and not inner.equals(outer) for outer in ordered[:place])


def way_of(rings, order):
    """The way with the blade up, from the corner and back."""
    stops = np.array([(0.0, 0.0), *(rings[at][start] for at, start in order), (0.0, 0.0)])
    return float(np.hypot(*np.diff(stops, axis=0).T).sum())


def apart(places):
    return np.hypot(*(places[:, None] - places[None]).T)


def shortest_round(gaps):
    """The length of the shortest round over all places, exactly: no place twice, and no round that leaves some out."""
    many = len(gaps)
    ways = [(i, j) for i in range(many) for j in range(i)]
    touch = np.array([[float(place in way) for way in ways] for place in range(many)])
    cuts = []
    while True:
        rules = [LinearConstraint(touch, 2, 2), *(LinearConstraint(row, -np.inf, most) for row, most in cuts)]
        found = milp([gaps[way] for way in ways], integrality=np.ones(len(ways)), bounds=Bounds(0, 1),
                     constraints=rules)
        taken = nx.Graph([way for way, used in zip(ways, found.x, strict=True) if used > 0.5])
        rounds = list(nx.connected_components(taken))
        if len(rounds) == 1:
            return found.fun
        cuts += [(np.array([float(set(way) <= part) for way in ways]), len(part) - 1) for part in rounds]


@pytest.mark.parametrize("seed", range(4))
def test_eight_small_rings_are_cut_by_the_shortest_way(seed):
    places = np.random.default_rng(seed).uniform(10, 290, (8, 2))
    rings = [circle(x, y, 0.01) for x, y in places]
    exact = shortest_round(apart(np.vstack([[0.0, 0.0], places])))
    assert way_of(rings, order_rings(rings, effort="shaken")) == pytest.approx(exact, rel=0.002)


@pytest.mark.parametrize(("many", "effort", "above"), [(60, "shaken", 1.04), (150, "settled", 1.09)])
def test_many_rings_are_cut_by_a_way_little_above_the_bound(many, effort, above):
    """The 1-tree bound, raised by subgradient steps, comes within about a hundredth of the shortest round."""
    places = np.random.default_rng(many).uniform(10, 290, (many, 2))
    rings = [circle(x, y, 0.01) for x, y in places]
    gaps, pull, best = apart(np.vstack([[0.0, 0.0], places])), np.zeros(many + 1), 0.0
    for step in range(200):
        costs = gaps + pull[:, None] + pull[None]
        tree = minimum_spanning_tree(costs[1:, 1:]).tocoo()
        first = np.argsort(costs[0, 1:])[:2] + 1
        best = max(best, tree.sum() + costs[0, first].sum() - 2 * pull.sum())
        degree = np.bincount(np.concatenate([tree.row + 1, tree.col + 1, first, [0, 0]]), minlength=many + 1)
        pull += 3.0 * 0.98**step * (degree - 2)
    assert best <= way_of(rings, order_rings(rings, effort=effort)) < above * best


def test_a_ring_may_begin_anywhere():
    rings = [circle(60 * k, 0, 20) for k in range(1, 5)]
    # out along the row and back: each is met on the way, the last at its near side
    assert way_of(rings, order_rings(rings)) == pytest.approx(2 * 220)
    # straight on through the row to a place beyond it
    on = order_rings(rings, then=(300.0, 0.0))
    stops = [(0.0, 0.0), *(rings[at][start] for at, start in on), (300.0, 0.0)]
    assert [at for at, _ in on] == [0, 1, 2, 3] and np.hypot(*np.diff(stops, axis=0).T).sum() == pytest.approx(300.0)


def test_a_real_stencil_is_cut_edge_last_with_little_travel():
    sheet = run(job("Kestrel Point\nObservatory")).sheet
    lines = lines_of(sheet, 0, "settled")
    assert [line.kind for line in lines].count("edge") == 1 and lines[-1].kind == "edge"
    quick = lines_of(sheet, 0, "quick")

    def travel(those):
        return sum(np.hypot(*(b.curve.points[0] - a.curve.points[0])) for a, b in pairwise(those))

    assert travel(lines) < 0.9 * travel(quick)
    insides_come_first([Polygon(line.curve.points) for line in lines])


def test_travel_is_from_the_origin_from_end_to_start_and_back():
    paths = (np.array([[3.0, 4.0], [9.0, 4.0], [3.0, 10.0]]), np.array([[3.0, 22.0], [0.0, 5.0], [8.0, 6.0]]))
    # 3-4-5, then 12 up, then 6-8-10 home
    assert travel_of(paths) == pytest.approx(5.0 + 12.0 + 10.0)


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


def test_the_time_is_that_of_the_blade_down_of_the_blade_up_and_of_each_lift_and_lowering():
    choices = CutChoices(cut_speed=40.0, travel_speed=160.0)
    assert seconds_of(800.0, 320.0, 5, choices) == pytest.approx(20.0 + 2.0 + 10 * LIFT_SECONDS)


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
