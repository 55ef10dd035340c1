"""Every check of the stencil: what it finds, and that its remedy mends it."""

import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.geometry import MultiPolygon

from specimens import FLARE_IN, LANTERN, PLAQUE, in_mm, job, remedied, run, star_job
from vitrograph.core.findings import Code, Level
from vitrograph.core.glass import blocks_of, largest_motif
from vitrograph.core.job import FlatGlass, KeepOut, TaperedGlass
from vitrograph.core.stencil.checks import CHECKS, CheckInput

FAULTY = {
    "past the rim": (star_job(fit__from_rim=-8.0), Code.OFF_GLASS, Level.STOP),
    "past the base": (star_job(fit__from_rim=120.0), Code.OFF_GLASS, Level.STOP),
    "too tall for the pane": (star_job(glass=PLAQUE, width=300.0), Code.OFF_GLASS, Level.STOP),
    "past a side of the pane": (star_job(glass=PLAQUE, fit__across=110.0), Code.OFF_GLASS, Level.STOP),
    "longer than the way round": (job(width=300.0), Code.OVERLAP, Level.STOP),
    "little border typed": (job(stencil__border=5.0), Code.BORDER, Level.WATCH),
    "close to the rim": (job(fit__from_rim=7.0), Code.BORDER, Level.WATCH),
    "frost at the lip": (star_job(fit__from_rim=3.0), Code.LIP, Level.STOP),
    "frost near the lip": (star_job(fit__from_rim=12.0), Code.LIP, Level.WATCH),
    "film that stays near the lip": (star_job(fit__from_rim=12.0, stencil__kind="decal"), Code.LIP, Level.WATCH),
    "close to the base": (job(fit__from_rim=111.0), Code.BORDER, Level.WATCH),
    "thin webs": (job(face="Zilla Slab Bold", letter_spacing=-0.04), Code.WEB, Level.WATCH),
    "thin openings": (job("Kestrel", face="Cinzel Bold"), Code.OPENING, Level.WATCH),
    "wider than the front": (job(width=100.0), Code.READING_WIDTH, Level.WATCH),
    "the inside of a drinking glass": (job(fit__face="back"), Code.FACE, Level.STOP),
    "larger than the mat": (job(glass=PLAQUE, cut__mat_width=90.0, cut__mat_length=95.0), Code.SHEET, Level.WATCH),
    "straight on a taper": (job(glass=TaperedGlass(rim=130, base=60, height=110), fit__mode="straight"),
                            Code.DROOP, Level.WATCH),
    "letters the face has not": (job("Kжя"), Code.LETTERS, Level.STOP),
}


def of_code(results, code):
    return [found for found in results.findings() if found.code is code]


@pytest.mark.parametrize("name", list(FAULTY))
def test_a_fault_is_found_and_its_remedy_mends_it(name):
    faulty, code, level = FAULTY[name]
    results = run(faulty)
    found = of_code(results, code)
    assert found and found[0].level is level
    assert not in_mm(found[0].says).endswith(".")
    assert results.stopped == (level is Level.STOP)
    if found[0].remedy is not None:
        mended = run(remedied(faulty, found[0].remedy))
        left = of_code(mended, code)
        assert len(left) < len(found) or (left and left[0].value > found[0].value)


@pytest.mark.parametrize("name", list(FAULTY))
def test_a_finding_has_its_number_and_limit(name):
    faulty, code, _ = FAULTY[name]
    found = of_code(run(faulty), code)[0]
    assert found.value is not None and found.limit is not None
    assert found.why


def test_the_lip_is_upright_below_the_rim_of_what_is_drunk_from():
    # 20 mm along a wall that leans out are less than 20 mm upright
    lean = np.cos(np.arctan2(35.0, 110.0))
    near = star_job(glass=TaperedGlass(rim=130, base=60, height=110), fit__from_rim=20.0)
    (found,) = of_code(run(near), Code.LIP)
    assert found.value == pytest.approx(20.0 * lean, abs=0.05)
    mended = run(remedied(near, found.remedy)).fitted
    assert mended.wall.length - mended.wall_bounds[3] == pytest.approx(20.0 / lean, abs=0.4)
    assert not of_code(run(near.changed(features__use="display")), Code.LIP)
    assert not of_code(run(star_job(glass=PLAQUE, fit__from_rim=2.0)), Code.LIP)


_OF_PLACE = frozenset((Code.OFF_GLASS, Code.BORDER, Code.LIP, Code.OVERLAP, Code.READING_WIDTH))


def test_each_side_with_little_border_is_told_by_its_own_width():
    (found,) = of_code(run(job(stencil__border=5.0, fit__from_rim=2.0)), Code.BORDER)
    assert in_mm(found.says).startswith("only 2\u202fmm of film at the upper side and 5\u202fmm of film at the left")


@pytest.mark.parametrize(("gap", "moves"), [(7.0, "Move it 5\u202fmm down"), (111.0, "up")])
def test_art_close_to_an_edge_is_moved_by_what_its_border_lacks(gap, moves):
    (found,) = of_code(run(job(fit__from_rim=gap)), Code.BORDER)
    assert moves in in_mm(found.remedy.label)


def test_film_that_ends_with_an_oval_pane_is_told_where_it_is_narrowest():
    made = job("HHH", glass=FlatGlass(width=150.0, height=120.0, outline="oval"), width=120.0, fit__from_rim=None)
    results = run(made)
    (found,) = of_code(results, Code.BORDER)
    turn = np.linspace(0.0, 2 * np.pi, 20_001)                 # the pane's edge by its own parameter, point by point
    edge = np.column_stack([75.0 * np.cos(turn), 60.0 + 60.0 * np.sin(turn)])
    corners = shapely.get_coordinates(shapely.transform(results.sheet.openings, results.fitted.chart.sheet_to_wall))
    nearest = min(np.hypot(*(edge - corner).T).min() for corner in corners)
    assert found.value == pytest.approx(nearest, abs=0.02) and found.value < min(results.sheet.border) - 5.0


def test_corners_rounded_into_the_border_are_told_and_squared():
    made = job("H", glass=PLAQUE, fit__from_rim=None, width=60.0, stencil__border=13.0, stencil__corner=30.0)
    (found,) = of_code(run(made), Code.BORDER)
    # a square corner b inside its rounding of radius R leaves R - sqrt(2) (R - b); the letter's own is a little round
    assert found.value == pytest.approx(30.0 - np.sqrt(2.0) * (30.0 - 13.0), abs=0.7)
    largest = run(made.changed(stencil__corner=400.0)).sheet.outlines[0]
    assert largest.area < 0.99 * run(made).sheet.outlines[0].area, "more than there is film for is as much as there is"
    assert in_mm(found.remedy.label) == "Square corners" and not of_code(run(remedied(made, found.remedy)), Code.BORDER)


@settings(max_examples=60)
@given(st.sampled_from((LANTERN, PLAQUE, FLARE_IN, FlatGlass(width=150.0, height=120.0, outline="oval"))),
       st.floats(-20.0, 110.0), st.floats(-60.0, 60.0), st.floats(15.0, 110.0), st.sampled_from((1, 2)))
def test_what_is_offered_for_a_place_mends_what_it_is_offered_for(glass, gap, across, width, rows):
    """A remedy that is done and leaves its finding as it was is worse than none."""
    made = job("I I", glass=glass, fit__from_rim=gap, fit__across=across, width=width, fit__rows=rows)
    before = run(made)
    for found in before.findings():
        if found.remedy is None or found.code not in _OF_PLACE or before.sheet is None:
            continue
        after = run(remedied(made, found.remedy))
        assert after.sheet is not None, found.code
        left = of_code(after, found.code)
        if found.code is Code.BORDER:
            least = made.stencil.least_border
            short, before_short = (sum(max(0.0, least - wide) for wide in one.sheet.border) for one in (after, before))
            assert short < before_short - 1e-6, in_mm(found.remedy.label)
        else:
            assert not left or left[0].says != found.says, (in_mm(found.says), in_mm(found.remedy.label))


@pytest.mark.parametrize(("across", "moves"), [(-62.0, "to the right"), (62.0, "to the left")])
def test_art_close_to_a_panes_side_is_moved_sideways(across, moves):
    made = job("I", glass=FlatGlass(width=150.0, height=120.0), fit__across=across, width=10.0)
    results = run(made)
    (found,) = of_code(results, Code.BORDER)
    left, _, right, _ = shapely.transform(results.sheet.outline, results.fitted.chart.sheet_to_wall).bounds
    assert max(-left, right) == pytest.approx(75.0), "film ends where the pane does"
    assert in_mm(found.remedy.label).endswith(moves) and not of_code(run(remedied(made, found.remedy)), Code.BORDER)


@pytest.mark.parametrize("glass", [LANTERN, PLAQUE, FLARE_IN])
def test_sound_work_has_no_findings(glass):
    assert run(star_job(glass=glass, fit__from_rim=30.0, width=36.0)).findings() == ()


def test_the_back_of_a_pane_is_noted_and_mirrored():
    results = run(job(glass=PLAQUE, fit__face="back"))
    found = of_code(results, Code.FACE)
    assert [f.level for f in found] == [Level.NOTE]
    assert results.fitted.chart.mirrored and not results.stopped
    behind_a_mirror = job(glass=PLAQUE, fit__face="back", material="mirror")
    (coated,) = of_code(run(behind_a_mirror), Code.FACE)
    assert coated.level is Level.WATCH and "coated" in coated.says and "reads" not in coated.why
    assert not of_code(run(remedied(behind_a_mirror, coated.remedy)), Code.FACE)


def test_findings_come_gravest_first_and_thinnest_first():
    found = run(job("Kestrel", face="Cinzel Bold", fit__from_rim=-3.0)).findings("stencil")
    assert [f.level for f in found] == sorted((f.level for f in found), key=["stop", "watch", "note"].index)
    thin = [f.value for f in found if f.code is Code.OPENING]
    assert len(thin) > 3 and thin == sorted(thin)


def test_every_check_is_exercised_by_a_faulty_specimen():
    codes = {found.code for faulty, _, _ in FAULTY.values() for check in CHECKS
             for found in check(run(faulty).sheet, CheckInput.of(faulty))}
    assert codes >= {Code.OFF_GLASS, Code.OVERLAP, Code.BORDER, Code.WEB, Code.OPENING, Code.READING_WIDTH, Code.FACE}


@pytest.mark.parametrize("above", [1.0, 7.0, 9.4])
def test_where_the_rim_cuts_the_art_no_sliver_is_told_that_the_art_does_not_have(above):
    made = job("Kestrel", face="Zilla Slab Bold", width=60.0, fit__from_rim=30.0)
    whole, cut = (kinds_and_sizes(run(one)) for one in (made, made.changed(fit__from_rim=-above)))
    assert cut <= whole and cut


def kinds_and_sizes(results):
    return {(one.code, round(one.value, 2)) for one in results.findings()
            if one.code in {Code.WEB, Code.NEAR, Code.OPENING, Code.NEEDLE, Code.SPECK, Code.ISLAND}}


WIDE_PANE = FlatGlass(width=900.0, height=600.0)


@pytest.mark.parametrize(("text", "width", "glass", "mat", "many"), [
    ("Kestrel", 400.0, WIDE_PANE, 305.0, 3), ("Open night Kestrel Point", 800.0, WIDE_PANE, 305.0, 4),
    ("Kestrel", 400.0, TaperedGlass(rim=200.0, base=120.0, height=240.0), 305.0, 3),
    ("Open\nnight\nhere", 240.0, WIDE_PANE, 300.0, 2)])
def test_a_film_too_long_for_the_mat_is_parted_into_films_that_it_holds_and_that_lap(text, width, glass, mat, many):
    """Two panels with a lap, or more: at gaps in which they lap enough, and the border told is not that at the lap."""
    made = job(text, width=width, glass=glass, cut__mat_length=mat, cut__mat_width=292.0)
    (found,) = [one for one in run(made).findings() if one.code == Code.SHEET]
    parted = remedied(made, found.remedies[-1])
    results = run(parted)
    assert len(results.sheet.films) == many == parted.fit.columns * parted.fit.rows
    assert not {Code.SHEET, Code.LAP, Code.BORDER, Code.PARTS} & {one.code for one in results.findings()}
    assert results.sheet.border == pytest.approx((20.0,) * 4, abs=0.01)
    whole = MultiPolygon(list(results.sheet.outlines)).bounds
    assert max(whole[2] - whole[0], whole[3] - whole[1]) > mat, "all films together would be too long, each is not"


def test_a_word_whose_letters_stand_too_near_is_not_offered_in_parts():
    made = job("Kestrel", width=80.0, glass=WIDE_PANE, cut__mat_length=100.0, cut__mat_width=90.0)
    (found,) = [one for one in run(made).findings() if one.code == Code.SHEET]
    assert not [one for one in found.remedies if "fit__columns" in one.paths(made)]


@pytest.mark.parametrize("times", [4, 5])
def test_where_copies_have_no_clear_place_as_many_are_offered_as_have_one(times):
    made = job("Kestrel", glass=LANTERN, width=60.0, fit__times=times, stencil__border=12.0,
               features__keep_out=(KeepOut("handle", angle=np.pi, wide=30.0, low=0.0, high=140.0),))
    results = run(made)
    (found,) = [one for one in of_code(results, Code.KEEP_OUT) if one.level is Level.STOP]
    (fewer,) = [one for one in found.remedies if "only" in in_mm(one.label)]
    wide, high = results.fitted.size
    kept = blocks_of(results.fitted.wall, made.features)
    room = {many: largest_motif(results.fitted.wall, kept, made.stencil.least_border, wide / high, times=many).width
            for many in (1, 2, 3)}
    most = max(many for many, widest in room.items() if widest >= wide)
    assert in_mm(fewer.label) == f"Move it clear, only {most} round the glass"
    after = run(remedied(made, fewer))
    assert not of_code(after, Code.KEEP_OUT) and after.fitted.size == pytest.approx((wide, high))
