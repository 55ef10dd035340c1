"""Faults are found and measured; mends do what they say and no more, and what they give passes its own checks."""

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.affinity import rotate, translate
from shapely.geometry import LineString, MultiPolygon, Point, Polygon, box

from specimens import TUMBLER, in_mm, job, remedied, run, star_job, svg
from vitrograph.core.demo import demo_job
from vitrograph.core.findings import Code
from vitrograph.core.geometry import as_polygons
from vitrograph.core.job import Artwork, Drawing, FilmMend, Item, Job, Monogram
from vitrograph.core.job.change import AddMend, Resize
from vitrograph.core.stencil import Limits, mend_all, smallest_factor
from vitrograph.core.stencil.mending.cutting import Cutting
from vitrograph.core.stencil.mending.mends import mended
from vitrograph.core.stencil.mending.proposal import propose

LIMITS = Limits(0.8, 0.8, 3.0)
SHEET = MultiPolygon([box(-60, -60, 60, 60)])


def cutting(*openings):
    return Cutting(SHEET, as_polygons(shapely.union_all(openings)))


def here(at):
    return np.array([at])


def grave(made, limits=LIMITS):
    return [fault for fault in made.faults(limits) if fault.grave]


TWO_ROUNDS = cutting(Point(-3.2, 0).buffer(3, 64), Point(3.2, 0).buffer(3, 64))             # 0.4 mm of film between
LONG_WEB = cutting(box(-10, 0.2, 10, 8), box(-10, -8, 10, -0.2))                            # 0.4 by 20 mm
HAIRLINE = cutting(box(-12, -4, -4, 4), box(4, -4, 12, 4), box(-5, -0.2, 5, 0.2))
SPECK = cutting(box(-8, -4, 0, 4), Point(6, 0).buffer(0.3))
RING_SPECK = cutting(box(-6, -6, 6, 6).difference(Point(0, 0).buffer(0.35)))
NEEDLE = cutting(box(-10, -10, 10, 10).difference(Polygon([(-10, -1.2), (-10, 1.2), (6, 0)])))

CASES = {
    "two rounds drawn apart": (TWO_ROUNDS, "near", "fatten webs", 2, 0),
    "two rounds joined": (TWO_ROUNDS, "near", "join openings", 1, 0),
    "a long web fattened": (LONG_WEB, "web", "fatten webs", 2, 0),
    "a long web taken out": (LONG_WEB, "web", "join openings", 1, 0),
    "a hairline widened": (HAIRLINE, "opening", "widen openings", 1, 0),
    "a hairline left out": (HAIRLINE, "opening", "fill openings", 2, 0),
    "a speck left out": (SPECK, "speck", "fill specks", 1, 0),
    "a speck widened": (SPECK, "speck", "widen openings", 2, 0),
    "an island dropped": (RING_SPECK, "island", "drop islands", 1, 0),
    "a needle blunted": (NEEDLE, "needle", "blunt tips", 1, 0),
}


@pytest.mark.parametrize("name", list(CASES))
def test_each_mend_does_away_with_its_fault(name):
    made, kind, does, parts, islands = CASES[name]
    found = grave(made)
    assert [fault.kind for fault in found] == [kind]
    after = mended(made, [FilmMend(does, 0.8)], here)
    assert not grave(after) and len(after.openings.geoms) == parts and len(after.islands) == islands
    assert mended(after, [FilmMend(does, 0.8)], here) is after             # and then has nothing more to do
    away = shapely.symmetric_difference(made.openings, after.openings).buffer(-1e-3)
    assert away.within(found[0].thin.line.buffer(1.2) if found[0].thin else Point(found[0].where).buffer(2.0))


def test_fattening_moves_both_edges_alike_to_the_width_asked_for():
    after = mended(LONG_WEB, [FilmMend("fatten webs", 0.8)], here)
    upper, lower = sorted(after.openings.geoms, key=lambda part: -part.bounds[3])
    at_middle = [part.intersection(box(-0.1, -9, 0.1, 9)).bounds for part in (upper, lower)]
    assert at_middle[0][1] == pytest.approx(-at_middle[1][3], abs=0.01)
    assert 0.8 <= at_middle[0][1] - at_middle[1][3] < 0.9


def test_a_mend_with_a_place_is_done_there_only():
    two = cutting(*TWO_ROUNDS.openings.geoms, *translate(TWO_ROUNDS.openings, 0, 30).geoms)
    after = mended(two, [FilmMend("join openings", 0.8, (0.0, 30.0), 2.0)], here)
    assert [fault.where[1] for fault in grave(after)] == [pytest.approx(0, abs=0.2)]


@pytest.mark.parametrize("angle", [60, 90, 120])
def test_squares_and_triangles_have_no_faults(angle):
    half = np.radians(angle / 2)
    tip = Polygon([(0, 0), (9 * np.cos(half), 9 * np.sin(half)), (9 * np.cos(half), -9 * np.sin(half))])
    assert not cutting(box(-20, -20, -10, -10), tip).faults(LIMITS)


@st.composite
def random_art(draw):
    """Blocks, rounds and strokes thrown on each other: webs, slivers, specks and islands of every kind."""
    shapes = []
    for _ in range(draw(st.integers(2, 9))):
        x, y = draw(st.floats(-16, 16)), draw(st.floats(-16, 16))
        size = draw(st.floats(0.3, 9))
        shape = draw(st.sampled_from([box(-size, -size / 3, size, size / 3), Point(0, 0).buffer(size / 2),
                                      Point(0, 0).buffer(size).difference(Point(0, 0).buffer(0.7 * size)),
                                      Polygon([(-size, 0), (size, -size / 5), (size, size / 5)])]))
        shapes.append(translate(rotate(shape, draw(st.floats(0, 180))), x, y))
    return cutting(*shapes)


@given(chance=st.randoms(use_true_random=True))
@settings(max_examples=60, deadline=None)
def test_after_a_change_the_same_is_found_as_by_looking_at_all_of_it(chance):
    rounds = [Point(chance.uniform(-16, 16), chance.uniform(-16, 16)).buffer(chance.uniform(0.3, 6)) for _ in range(6)]
    strokes = [LineString([(chance.uniform(-16, 16), chance.uniform(-16, 16)) for _ in range(3)]).buffer(
        chance.uniform(0.1, 2)) for _ in range(3)]
    art = cutting(*(translate(shape, x, 0) for shape in (*rounds, *strokes) for x in (-40, 0, 40)))
    assert art.faults(LIMITS) is art.faults(LIMITS)            # found once
    patch = [Point(chance.uniform(-16, 16), chance.uniform(-16, 16)).buffer(chance.uniform(0.2, 6))]
    after = art.with_more(openings=patch) if chance.random() < 0.5 else art.with_more(film=patch)
    whole = Cutting(after.outline, after.openings)
    for limits in (LIMITS, Limits(0.0, 0.8, 0.0), Limits(0.8, 0.0, 0.64)):
        told, anew = after.faults(limits), whole.faults(limits)
        assert sorted(fault.kind for fault in told) == sorted(fault.kind for fault in anew)
        for fault in told:                                     # to within what the pieces of an outline give
            like = [one for one in anew if one.kind == fault.kind and one.shape.distance(fault.shape) < 0.2]
            assert min(abs(one.value - fault.value) for one in like) < 0.02


@given(art=random_art())
@settings(max_examples=40, deadline=None)
def test_mend_all_leaves_fewer_faults_and_tells_what_it_changed(art):
    proposal = propose(art, LIMITS)
    after = mended(art, proposal.mends, here)
    assert len(grave(after)) == len(proposal.after) <= len(proposal.before) == len(grave(art))
    # scraps under 0.0001 mm² are left out of both
    assert after.film.area + after.openings.area == pytest.approx(SHEET.area, abs=1e-3)
    assert shapely.intersection(after.film, after.openings).area < 1e-6
    assert after.openings.is_valid and after.openings.within(SHEET.buffer(1e-9))
    changed = shapely.symmetric_difference(art.openings, after.openings).area
    assert proposal.to_film + proposal.to_opening == pytest.approx(changed, abs=1e-3)
    if len(proposal.mends) > 1 and not proposal.after:         # no step can be left out
        for at in range(len(proposal.mends)):
            fewer = mended(art, proposal.mends[:at] + proposal.mends[at + 1:], here)
            # widths are told to within what an outline's pieces give, and what is a corner depends on the limit
            near = grave(fewer) or grave(fewer, Limits(0.82, 0.82, 3.0))
            assert near or shapely.symmetric_difference(art.openings, fewer.openings).area >= 0.99 * changed


@given(art=random_art())
@settings(max_examples=15, deadline=None)
def test_art_made_as_much_larger_as_is_told_fails_nowhere(art):
    factor = smallest_factor(art, LIMITS)
    if factor is None or factor == 1.0:
        assert bool(grave(art)) == (factor is None)
        return
    grown = shapely.transform(art.openings, lambda xy: xy * factor)
    # outlines are told to a hundredth of the limit, and the factor to half a percent
    assert not grave(Cutting(MultiPolygon([box(-999, -999, 999, 999)]), grown), Limits(0.79, 0.79, 0.0))
    smaller = shapely.transform(art.openings, lambda xy: xy * (0.97 * factor))
    assert grave(Cutting(MultiPolygon([box(-999, -999, 999, 999)]), smaller), Limits(0.805, 0.805, 0.0))


def test_findings_tell_the_width_and_each_remedy_mends_its_own():
    results = run(job("Kestrel", face="Cinzel Bold"))
    thin = [found for found in results.findings("stencil") if found.code in (Code.NEAR, Code.OPENING)]
    assert len(thin) > 4 and all(found.value < found.limit == 0.8 for found in thin)
    for found in (thin[0], thin[-1]):
        for remedy in found.remedies[:2]:
            after = run(remedied(results.job, remedy))
            where = after.fitted.in_artwork(found.where)
            again = [other for other in after.findings("stencil") if other.code is found.code
                     and np.hypot(*np.subtract(after.fitted.in_artwork(other.where), where)) < 0.3]
            assert not again


def test_a_mended_job_is_mended_still_when_it_moves_turns_or_grows():
    plain = star_job(artwork__items__0__what=Drawing("thin.svg", svg(
        '<rect width="40" height="100"/><rect x="60" width="40" height="100"/>'
        '<rect x="39" y="49" width="22" height="1"/>').encode()))
    found = run(plain).findings("stencil")[0]
    mended_job = remedied(plain, found.remedies[1])
    assert len(run(mended_job).sheet.openings.geoms) == 2
    for changes in ({"fit__angle": 1.0}, {"fit__from_rim": 20.0}, {"fit__turn": 0.3}, Resize(0.8).paths(mended_job)):
        assert len(run(mended_job.changed(**changes)).sheet.openings.geoms) == 2
    wrapped = run(mended_job.changed(**Resize(0.5).paths(mended_job), fit__times=3, fit__wrap=True))
    assert len(wrapped.sheet.openings.geoms) == 6


ICONS = {                                                      # drawn for this project
    "telescope": '<path d="M10 55 70 25 78 41 18 71ZM72 22 84 16 94 36 82 42Z"/><circle cx="44" cy="62" r="7"/>'
                 '<path d="M42 68 30 98H34L44 72 54 98H58L46 68Z"/>',
    "kestrel": '<path d="M50 40C30 20 12 18 2 22 20 28 30 40 40 52L30 78 50 60 70 78 60 52C70 40 80 28 98 22 88 18 70 '
               '20 50 40Z"/><circle cx="50" cy="34" r="8"/><circle cx="53" cy="32" r="1.1" fill="#fff"/>',
    "orbits": '<g fill="none" stroke="#000"><ellipse cx="50" cy="50" rx="46" ry="18" stroke-width="1"/>'
              '<ellipse cx="50" cy="50" rx="18" ry="46" stroke-width="1.6"/></g><circle cx="50" cy="50" r="9"/>'
              '<circle cx="96" cy="50" r=".5"/>',
    "dome": '<path d="M10 70A40 40 0 0 1 90 70Z"/><path d="M47 71V32h1.2V71Z" fill="#fff"/>'
            '<rect x="10" y="71" width="80" height="22"/>',
}


@pytest.mark.parametrize("name", list(ICONS))
@pytest.mark.parametrize("width", [22.0, 60.0])
def test_mend_all_takes_drawings_through_at_a_small_and_a_usual_size(name, width):
    results = run(star_job(width=width, artwork__items__0__what=Drawing("icon.svg", svg(ICONS[name]).encode())))
    proposal = mend_all(results.sheet, results.job.stencil)
    assert not proposal.after
    assert ("0 after" if proposal.mends else "nothing needs mending") in in_mm(proposal.says)
    assert bool(proposal.mends) == bool(proposal.before)
    after = run(results.job.changed(stencil__mends=proposal.mends))
    assert after.demands.work.failing == 0
    assert run(after.job.changed(stencil__mends=())).sheet.openings.equals(results.sheet.openings)


def test_what_lies_beyond_the_films_edge_is_no_film():
    notched = box(-30, -30, 30, 30).difference(Polygon([(-1.5, 30), (0, 12), (1.5, 30)]))
    decal = Cutting(MultiPolygon([notched]), as_polygons(notched.difference(Point(0, -8).buffer(9))))
    assert not decal.faults(LIMITS)
    inside = Cutting(SHEET, as_polygons(box(-30, -30, 30, 30).difference(Polygon([(-1.5, 30), (0, 12), (1.5, 30)]))))
    assert [fault.kind for fault in grave(inside)] == ["needle"]


@pytest.mark.parametrize("limits", [Limits(0.0, 0.8, 3.0), Limits(0.8, 0.0, 0.0), Limits(0.0, 0.0, 0.0)])
def test_a_limit_of_nothing_is_no_limit(limits):
    art = cutting(*TWO_ROUNDS.openings.geoms, *translate(HAIRLINE.openings, 0, 30).geoms)
    kinds = {fault.kind for fault in grave(art, limits)}
    assert kinds == ({"near"} if limits.web else set()) | ({"opening"} if limits.opening else set())
    proposal = propose(art, limits)
    assert not proposal.after and all(mend.to > 0 for mend in proposal.mends)


def test_outlines_that_rounding_made_cross_themselves_are_mended_too():
    bow = Polygon([(-10, -6), (10, -6), (10, 6), (0.0, -6.0001), (-10, 6)])                 # its notch pokes through
    art = Cutting(SHEET, MultiPolygon([bow, *translate(TWO_ROUNDS.openings, 0, 30).geoms]))
    assert not art.openings.is_valid and art.sound().openings.is_valid
    proposal = propose(art, LIMITS)
    assert proposal.mends and not proposal.after and proposal.share < 0.1
    assert mended(art, proposal.mends, here).openings.is_valid
    assert TWO_ROUNDS.sound() is TWO_ROUNDS


def test_a_mend_that_moves_the_outer_edge_is_told_and_the_typed_width_can_be_cut():
    made = job("Kestrel", face="Cinzel Bold", width=50.0)
    assert Code.SIZE not in {found.code for found in run(made).findings()}
    mends = mend_all(run(made).sheet, made.stencil).mends
    mended_job = made.changed(stencil__mends=mends)
    (found,) = [one for one in run(mended_job).findings() if one.code is Code.SIZE]
    assert found.value == pytest.approx(width_cut(run(mended_job)), abs=1e-6)
    assert found.value > 50.1 and found.limit == 50.0
    assert width_cut(run(remedied(mended_job, found.remedy))) == pytest.approx(50.0, abs=0.02)


def test_a_mend_that_only_makes_the_art_higher_is_told_as_well():
    item = Item(Monogram(initials="KPO"), key=1, size=25.71, size_is="height")
    made = Job(glass=TUMBLER, artwork=Artwork((item,))).changed(fit__from_rim=30.0)
    mended_job = made.changed(stencil__mends=mend_all(run(made).sheet, made.stencil).mends)
    results = run(mended_job)
    (found,) = [one for one in results.findings() if one.code is Code.SIZE]
    assert "high; without them it is 25.71" in found.says.words("mm") and found.value > 26.0
    assert found.value == pytest.approx(np.ptp(seen_on(results).bounds[1::2]), abs=1e-6)
    assert np.ptp(seen_on(run(remedied(mended_job, found.remedy))).bounds[1::2]) == pytest.approx(25.71, abs=0.05)


def width_cut(results):
    """The width of what is seen on the glass, as the sheet has it, in the artwork's own frame."""
    seen = seen_on(results)
    return seen.bounds[2] - seen.bounds[0]


def seen_on(results):
    return shapely.transform(results.sheet.openings, results.fitted.chart.sheet_to_art)


def test_a_mend_that_is_offered_for_a_web_finds_it_however_it_is_looked_for():
    """Letters that lean like grass: what is a web beside both limits is a needle where webs alone are looked for."""
    results = run(demo_job("tumbler").changed(artwork__items__1__lean=-3.01))
    alone = Cutting(results.sheet.outline, results.sheet.drawn)
    mends = [change.mend for found in results.findings("stencil") if found.code is Code.WEB
             for remedy in found.remedies for change in remedy.changes if isinstance(change, AddMend)]
    assert len(mends) > 20
    assert not [mend for mend in mends if mended(alone, [mend], results.sheet.fitted.on_sheet) is alone]
