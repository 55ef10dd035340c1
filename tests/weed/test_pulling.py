"""How bits are pulled: hooks on corners, never through a web that is too thin, and an order that is safe and short."""

from itertools import permutations
from types import SimpleNamespace

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.geometry import LineString, Point, box

from specimens import CARAFE, LANTERN, job, remedied, run, star_job, svg
from strategies import words
from vitrograph.core.cut import lines_of
from vitrograph.core.findings import Code
from vitrograph.core.job import Artwork, Drawing, Item
from vitrograph.core.stencil import Limits
from vitrograph.core.stencil.mending.faults import Fault
from vitrograph.core.weed import (
    ThinFilm,
    pace_of,
    place_labels,
    pulls_of,
    way_length,
    weeding_order,
    weeding_seconds,
)
from vitrograph.core.weed.naming import Names
from vitrograph.core.work import Pace


def drawn(body, width):
    drawing = Drawing(name="test.svg", data=svg(body).encode())
    return run(job(glass=LANTERN).changed(artwork=Artwork((Item(drawing, key=1, size=width),))))


@given(text=words, high=st.floats(4.0, 25.0), face=st.sampled_from(["Barlow Bold", "Cinzel Bold", "Lobster Two"]))
@settings(max_examples=25, deadline=None)
def test_nothing_is_drawn_off_through_a_web_that_is_too_thin(text, high, face):
    results = run(job(text, height=high, face=face))
    webs = [fault.shape for fault in results.sheet.cutting.faults(Limits.of(results.job.stencil))
            if fault.kind in ("web", "near", "needle") and fault.grave]
    for bit in results.weed.pull[1:]:
        pull = bit.pull
        assert bit.shape.exterior.distance(Point(pull.hook)) < 1e-6        # it is hooked at its own edge
        if pull.direction is not None:
            left, low, right, high_ = bit.shape.bounds
            reach = np.hypot(right - left, high_ - low)
            ray = LineString([pull.hook, np.array(pull.hook) + reach * np.array([np.cos(pull.direction),
                                                                                 np.sin(pull.direction)])])
            assert not any(ray.intersects(web) for web in webs)


def test_a_hook_goes_under_a_corner_away_from_thin_film_and_a_finger_holds_that():
    """A square with a thin web at its right side is hooked at its left."""
    results = drawn('<path d="M0 0H40V40H0Z M41 0H80V40H41Z"/>', 40.0)      # the web is half a millimetre wide
    left = next(bit for bit in results.weed.pull[1:] if bit.where == "left")
    near = left.shape.bounds[0], left.shape.bounds[2]
    assert left.pull.hook[0] == pytest.approx(near[0], abs=0.01)
    assert abs(left.pull.hold[0] - near[1]) < 1.0 and left.pull.risk == "high"
    assert "0.5\u202fmm wide is beside it" in left.pull.why.words("mm")
    wide = drawn('<path d="M0 0H40V40H0Z M46 0H86V40H46Z"/>', 40.0)
    assert {bit.pull.risk for bit in wide.weed.pull[1:]} == {"low"} and wide.weed.pull[1].pull.hold is None


def test_a_bit_is_drawn_off_across_itself_from_the_same_corner_wherever_its_outline_begins():
    ring = [(0, 0), (30, 0), (30, 12), (0, 12)]
    other = box(32.0, -1.0, 40.0, 13.0)                        # nearer to the right corners than a hook likes
    pulls = []
    for start in range(4):
        part = shapely.Polygon(ring[start:] + ring[:start])
        sheet = SimpleNamespace(openings=shapely.MultiPolygon([part, other]))
        pulls.append(pulls_of(shapely.get_parts(sheet.openings), ThinFilm(sheet, []))[0])
    for pull in pulls:
        assert pull.hook[0] == 0.0
        far = np.array([30.0, 12.0 - pull.hook[1]]) - pull.hook
        assert np.cos(pull.direction) == pytest.approx(far[0] / np.hypot(*far), abs=1e-6)
        assert np.sin(pull.direction) == pytest.approx(far[1] / np.hypot(*far), abs=1e-6)


def pulled(ring, *others, webs=()):
    parts = shapely.multipolygons([shapely.Polygon(ring), *others])
    return pulls_of(shapely.get_parts(parts), ThinFilm(SimpleNamespace(openings=parts), webs))[0]


@pytest.mark.parametrize("start", range(4))
@pytest.mark.parametrize("way_round", [1, -1])
def test_a_hook_goes_under_a_corner_and_never_into_the_notch_that_has_the_most_room(start, way_round):
    """An arrowhead with openings close before each of its three corners, the one before the tip a little farther."""
    ring = [(0, 0), (30, 15), (0, 30), (10, 15)]
    close = [box(-3.0, -3.0, -0.5, 0.0), box(31.0, 13.0, 34.0, 17.0), box(-3.0, 30.0, -0.5, 33.0)]
    pull = pulled((ring[start:] + ring[:start])[::way_round], *close)
    assert pull.hook == (30.0, 15.0)


def test_what_is_thinnest_for_its_limit_is_held_down_and_told():
    webs = [Fault(kind, at, wide, limit) for kind, at, wide, limit in (
        ("web", (30.4, 3.0), 0.7, 0.8), ("near", (-0.3, 6.0), 0.6, 1.2))]
    for seen in (webs, webs[::-1]):
        pull = pulled([(0, 0), (30, 0), (30, 12), (0, 12)], webs=seen)
        assert pull.hold == (-0.3, 6.0) and "0.6\u202fmm wide is beside it" in pull.why.words("mm")


def test_a_star_is_hooked_at_a_tip_and_small_bits_are_lifted():
    """A notch, where the film comes to a point, is no place for a hook."""
    star = run(star_job(glass=LANTERN)).weed.pull[1]
    away = np.hypot(*(shapely.get_coordinates(star.shape) - np.array(star.shape.centroid.coords[0])).T)
    assert np.hypot(*(np.array(star.pull.hook) - star.shape.centroid.coords[0])) > 0.95 * away.max()
    assert star.pull.why == "nothing thin is near"
    assert run(star_job(glass=LANTERN, width=5.0)).weed.pull[1].pull.why == "it is small: lift it with the hook"


@pytest.mark.parametrize(("gap", "risk"), [(1.1, "high"), (1.3, "some"), (1.7, "low")])
def test_the_thinner_the_film_beside_it_the_greater_the_risk(gap, risk):
    """Half a millimetre a unit, and a web must have 0.8: under three quarters of that it tears."""
    made = drawn(f'<path d="M0 0H40V40H0Z M{40 + gap} 0H{80 + gap}V40H{40 + gap}Z"/>', (80 + gap) / 2)
    assert {bit.pull.risk for bit in made.weed.pull[1:]} == {risk}


@pytest.mark.parametrize(("side", "how"), [(3.4, "hook it from a corner"), (3.52, "pull slowly")])
def test_bits_under_twelve_square_millimetres_are_hooked(side, how):
    assert drawn('<path d="M0 0H40V40H0Z"/>', side).weed.pull[1].how.words("mm").startswith(how)


@pytest.mark.parametrize("width", [150.0, 170.0, 180.0, 190.0])
def test_surplus_is_told_of_once_its_strip_is_longer_than_six_hundred(width):
    results = run(job("Kestrel", width=width, glass=LANTERN))
    told = [found for found in results.weed.findings if found.code is Code.SURPLUS]
    around = results.sheet.outlines[0].exterior.length
    assert bool(told) == (around > 600.0) and 500 < around < 700
    assert not told or told[0].value == pytest.approx(around)
    frame = results.weed.pull[0].shape
    left, low, right, high = results.sheet.outline.bounds
    assert frame.bounds == pytest.approx((left - 6, low - 6, right + 6, high + 6), abs=0.2)


def test_thin_film_is_beside_only_what_it_borders_on():
    """A web half a millimetre wide between two squares; a bar 1.5 mm below its end has nothing thin beside it."""
    made = drawn('<path d="M0 0H30V30H0Z M31 0H61V30H31Z M0 33H61V43H0Z"/>', 30.5)
    risks = {bit.where: bit.pull.risk for bit in made.weed.pull[1:]}
    assert risks.pop("lower") == "low" and set(risks.values()) == {"high"}


def test_of_two_films_each_opening_is_in_the_one_it_lies_in():
    results = run(job("Kestrel\n\nPoint", glass=CARAFE, width=56.0, fit__from_rim=40.0, fit__rows=2))
    for bit in results.weed.bits[2:]:
        assert results.sheet.outlines[bit.film].covers(bit.shape)
    assert {bit.film for bit in results.weed.pull[2:]} == {0, 1}
    films = [bit.film for bit in results.weed.pull[2:]]
    assert films == sorted(films)                              # one film after the other


def test_a_bit_with_thin_film_all_round_is_lifted_straight_up():
    ring = '<path fill-rule="evenodd" d="M0 0H40V40H0Z M17 17H23V23H17Z"/><path d="M18 18H22V22H18Z"/>'
    inner = min(drawn(ring, 20.0).weed.pull[1:], key=lambda bit: bit.shape.area)
    assert inner.pull.direction is None and inner.pull.risk == "high"
    assert "lift straight up" in inner.pull.why.words("mm") and "straight up" in inner.how.words("mm")


def test_small_islands_within_are_a_risk_and_the_smallest_is_held():
    one = drawn('<path fill-rule="evenodd" d="M0 0H60V40H0Z M20 15H25V20H20Z M40 10H56V30H40Z"/>', 40.0).weed.pull[1]
    assert one.pull.risk == "some" and "a small island stands in it" in one.pull.why
    spot = Point(one.pull.hold)
    assert one.shape.distance(spot) > 0 and spot.distance(box(*one.shape.bounds)) == 0
    left = one.shape.bounds[0]
    assert 20 / 60 * 40 < spot.x - left < 25 / 60 * 40
    assert drawn('<path fill-rule="evenodd" d="M0 0H60V40H0Z M20 10H40V30H20Z"/>', 60.0).weed.pull[1].pull.risk == "low"


def ways(spots, areas, webs, start):
    """Every order of openings of one size in which the larger of two with thin film between goes first."""
    for order in permutations(range(len(spots))):
        at = {one: k for k, one in enumerate(order)}
        if all((at[a] < at[b]) == ((-areas[a], a) < (-areas[b], b)) for a, b in webs):
            yield way_length(order, spots, start)


@given(st.data())
@settings(max_examples=25, deadline=None)
def test_the_order_of_seven_is_the_shortest_that_is_safe(data):
    spots = np.array(data.draw(st.lists(st.tuples(st.floats(0, 100), st.floats(0, 60)), min_size=7, max_size=7)))
    areas = np.array(data.draw(st.lists(st.floats(13, 140), min_size=7, max_size=7)))
    webs = data.draw(st.lists(st.tuples(st.integers(0, 6), st.integers(0, 6)).filter(lambda ab: ab[0] != ab[1]),
                              max_size=5))
    start = np.array([0.0, 60.0])
    order = weeding_order(spots, areas, webs, start)
    assert sorted(order) == list(range(7))
    assert way_length(order, spots, start) == pytest.approx(min(ways(spots, areas, webs, start)), abs=1e-6)


@given(st.integers(10, 60), st.integers(0, 10**6))
@settings(max_examples=25, deadline=None)
def test_of_many_the_large_go_first_and_the_way_is_no_longer_than_by_the_nearest(many, seed):
    rng = np.random.default_rng(seed)
    spots, areas = rng.uniform(0, 200, (many, 2)), rng.choice([5.0, 30.0, 31.0, 400.0], many)
    webs = [(int(a), int(b)) for a, b in rng.integers(0, many, (many // 4, 2)) if a != b]
    order = weeding_order(spots, areas, webs, np.zeros(2))
    at = {one: k for k, one in enumerate(order)}
    sizes = [np.searchsorted([12.0, 150.0], areas[one], side="right") for one in order]
    assert sizes == sorted(sizes, reverse=True) and sorted(order) == list(range(many))
    for a, b in webs:
        assert (at[a] < at[b]) == ((-areas[a], a) < (-areas[b], b))
    alike = rng.uniform(13, 140, many)
    many_webs = [(int(a), int(b)) for a, b in rng.integers(0, many, (many, 2)) if a != b]
    order = weeding_order(spots, alike, many_webs, np.zeros(2))
    at = {one: k for k, one in enumerate(order)}
    assert all((at[a] < at[b]) == (alike[a] > alike[b]) for a, b in many_webs)
    plain = weeding_order(spots, np.full(many, 30.0), [], np.zeros(2))
    here, left, nearest = np.zeros(2), set(range(many)), []
    while left:
        nearest.append(min(left, key=lambda one: float(np.hypot(*(spots[one] - here)))))
        here = spots[nearest[-1]]
        left.remove(nearest[-1])
    shortest = way_length(plain, spots, np.zeros(2))
    assert shortest <= way_length(nearest, spots, np.zeros(2)) + 1e-6
    for one in plain[:10]:                                     # and none of them were better pulled at another time
        rest = [at for at in plain if at != one]
        assert all(way_length([*rest[:at], one, *rest[at:]], spots, np.zeros(2)) > shortest - 1e-5
                   for at in range(many))


def test_numbers_stand_beside_what_they_mean_and_cover_no_opening_nor_each_other():
    results = run(job("Observatory", height=9.0))
    bits = results.weed.pull[1:]
    spots = np.array([bit.pull.hook for bit in bits])
    sizes = np.tile([3.6, 3.0], (len(bits), 1))
    labels = place_labels(spots, sizes, list(results.sheet.openings.geoms))
    boxes = [box(x - 1.8, y - 1.5, x + 1.8, y + 1.5) for label in labels for x, y in [label.at]]
    with_air = shapely.multipolygons(shapely.buffer(boxes, 0.7, join_style="mitre"))
    assert not shapely.intersects(shapely.union_all(with_air), results.sheet.openings)
    assert shapely.union_all(boxes).area == pytest.approx(len(boxes) * 3.6 * 3.0)
    assert all(np.hypot(*(np.array(label.at) - label.to)) < 25.0 for label in labels)
    assert place_labels(np.zeros((1, 2)), np.array([[2.0, 2.0]]), [box(-90, -90, 90, 90)]) == (None,)
    for half, free in ((7.0, True), (17.0, False)):            # it is looked for up to so far, and no farther
        (label,) = place_labels(np.zeros((1, 2)), np.array([[2.0, 2.0]]), [box(-half, -half, half, half)])
        assert (label is not None) == free
        assert label is None or half + 1 <= np.abs(label.at).max() <= half + 2.6
    two = place_labels(np.array([[0.0, 0.0], [1.0, 0.0]]), np.tile([4.0, 3.0], (2, 1)), [])
    (left, low), (right, high) = (label.at for label in two)
    assert abs(right - left) >= 5.5 - 1e-9 or abs(high - low) >= 4.5 - 1e-9, "a quarter of their height is left free"
    (alone,) = place_labels(np.zeros((1, 2)), np.array([[2.0, 2.0]]), [])
    assert alone.at == pytest.approx((0.0, 2.0)) and alone.to == (0.0, 0.0)


def test_every_part_of_a_letter_is_called_by_it_also_where_ties_parted_it():
    assert [bit.name for bit in run(job("Pie!")).weed.pull[1:]].count("letter i") == 2
    assert [bit.name for bit in run(job("17")).weed.pull[1:]] == ["digit 1", "digit 7"]
    tied = run(job("O", width=30.0, stencil__ties__placed="auto", stencil__ties__each=2)).weed
    assert [bit.name for bit in tied.pull[1:]] == ["letter O"] * 2 and not tied.stay


def test_where_the_art_stays_what_is_pulled_is_the_film_round_it_the_ground_or_a_gap():
    decal = run(job("BO", stencil__kind="decal")).weed
    assert sorted(bit.name for bit in decal.pull[1:]) == ["film round the art", "inside of letter B",
                                                          "inside of letter B", "inside of letter O"]
    clear = run(job("BO", width=40.0, stencil__kind="clear")).weed
    assert max(clear.pull[1:], key=lambda bit: bit.shape.area).name == "ground"
    assert [bit.name for bit in clear.stay].count("letter B") == 1


def test_a_bit_that_only_touches_a_letter_is_not_called_by_it():
    letter = box(0, 0, 10, 20)
    fitted = SimpleNamespace(marks=(("K", 5.0, 18.0),), sheet_art=shapely.MultiPolygon([letter]))
    names = Names(SimpleNamespace(fitted=fitted, recut=True))
    assert names.of(box(2, 1, 8, 5)) == "letter K"             # a part of it, cut off by a tie
    assert names.of(box(8, 1, 28, 5)) == "detail" and names.of(box(30, 0, 34, 4)) == "detail"


def test_a_long_strip_of_surplus_is_parted_on_request_by_cuts_that_only_the_surplus_has():
    whole = run(job("Kestrel", width=150.0, glass=star_job().glass, stencil__border=30.0))
    (found,) = [one for one in whole.weed.findings if one.code is Code.SURPLUS]
    parted = run(remedied(whole.job, found.remedy))
    frames = [bit for bit in parted.weed.pull if bit.kind == "frame"]
    assert len(frames) > 2 and len({bit.key for bit in frames}) == len(frames)
    assert sum(bit.shape.area for bit in frames) == pytest.approx(whole.weed.pull[0].shape.area, rel=1e-3)
    assert not [one for one in parted.weed.findings if one.code is Code.SURPLUS]
    cuts = [line.curve.points for line in lines_of(parted.sheet, 0, parting=6.0) if line.kind == "parting"]
    assert len(cuts) == len(frames)
    for points in cuts:
        line = LineString(points)
        assert line.length == pytest.approx(6.0) and line.intersection(parted.sheet.outline).length < 1e-6
        assert line.distance(parted.sheet.outline) < 1e-6


def test_minutes_are_a_guess_until_a_dozen_ticks_tell_the_makers_own_pace():
    edges = [20.0, 60.0, 100.0]
    assert weeding_seconds(edges, None) == pytest.approx(3 * 7 + 0.05 * 180)
    assert pace_of([4.0] * 11 + [0.2, 900.0]) is None          # a slip of the key and a meal say nothing
    assert pace_of([200.0] * 20) is None and pace_of([170.0] * 20) == Pace(170.0, 20)
    pace = pace_of([3.0] * 6 + [5.0] * 7 + [0.2, 900.0])
    assert pace == Pace(5.0, 13) and weeding_seconds(edges, pace) == 15.0
