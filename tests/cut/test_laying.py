"""Stencils on film: true shapes, the least distance between them, and what film is used, left over and wanting.

Witnesses: Shapely's own distances; `rectpack`, a packer of boxes; and the bounds of strip packing, the area over the
width below and rows of boxes above.
"""

from math import pi
from types import SimpleNamespace

import msgspec
import numpy as np
import pytest
import rectpack
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from shapely.affinity import rotate
from shapely.geometry import Polygon, box

from vitrograph.core.cut.laying.bed import bed_of
from vitrograph.core.cut.laying.closer import _Best, _sets, closer
from vitrograph.core.cut.laying.nest import Film, Laid, Part, Spot, lies_well, nested, rows_of_boxes
from vitrograph.core.errors import Cancelled
from vitrograph.core.findings import Level
from vitrograph.core.job import CutChoices, Lying, Order, Stock


def fan(outer, inner, sweep):
    """A fan with its axis upright, as a taper's stencil is."""
    angle = np.linspace(pi / 2 - sweep / 2, pi / 2 + sweep / 2, 24)
    rim, base = (np.column_stack([reach * np.cos(angle), reach * np.sin(angle)]) for reach in (outer, inner))
    return Polygon(np.vstack([rim, base[::-1]]))


def parts(*outlines, each=1):
    return [Part(key, 0, copy, outline, f"piece {key}")
            for key, outline in enumerate(outlines, start=1) for copy in range(each)]


def least_apart(laid):
    shapes = [one.shape for one in laid]
    return min((one.distance(other) for k, one in enumerate(shapes) for other in shapes[:k]), default=np.inf)


shapes = st.one_of(
    st.builds(fan, st.floats(120, 200), st.floats(60, 110), st.floats(0.4, 1.2)),
    st.builds(lambda w, h: box(0, 0, w, h), st.floats(15, 90), st.floats(15, 90)),
    st.builds(lambda w, h, turn: rotate(Polygon([(0, 0), (w, 0), (0, h)]), turn), st.floats(30, 90), st.floats(30, 90),
              st.floats(0, 360)))


def test_lying_well_is_told_to_a_thousandth_of_the_gap_and_of_the_margin():
    film, (one, other) = Film(300.0, 200.0, 5.0, 10.0), parts(box(0, 0, 50, 40), box(0, 0, 30, 40))
    first = Laid(one, Spot(6.0, 6.0))
    right = first.shape.bounds[2]
    left = Laid(other, Spot(0.0, 0.0)).shape.bounds[0]         # of the rough outline, a hair outside
    for more, well in ((0.0, True), (-1e-3, False), (5.0, True)):
        assert lies_well([first, Laid(other, Spot(right + 10.0 - left + more, 6.0))], film) == well
    low = Laid(one, Spot(0.0, 0.0)).shape.bounds[:2]
    for less, well in ((0.0, True), (1e-3, False)):
        assert lies_well([Laid(one, Spot(5.0 - low[0] - less, 50.0))], film) == well


@given(outlines=st.lists(shapes, min_size=1, max_size=7), gap=st.sampled_from([3.0, 12.0, 20.0]),
       edge=st.sampled_from([0.0, 5.0]), turning=st.sampled_from(["free", "quarter", "none"]))
@settings(max_examples=40)
def test_whatever_is_laid_keeps_its_distance_stays_on_the_film_and_keeps_its_shape(outlines, gap, edge, turning):
    film = Film(600.0, 292.0, edge, gap, turning)
    laid, rest = nested(parts(*outlines), film)
    assert len(laid) + len(rest) == len(outlines)
    assert least_apart(laid) >= gap - 1e-6
    for one in laid:
        assert one.shape.within(box(edge - 1e-6, edge - 1e-6, 600 - edge + 1e-6, 292 - edge + 1e-6))
        assert one.shape.area == pytest.approx(one.part.outline.area, rel=5e-3)
        assert turning != "none" or one.spot.turn == 0
        assert turning == "free" or one.spot.turn % (pi / 2) == pytest.approx(0)
        # the outline itself, through the same door as every line of it
        corners = one.part.on(np.asarray(one.part.outline.exterior.coords), one.spot)
        assert shapely.hausdorff_distance(Polygon(corners), one.shape) < 0.1


def test_six_fans_take_less_film_than_their_boxes_and_no_less_than_their_area():
    six = parts(fan(150, 60, 1.1), each=6)
    film = Film(2000.0, 292.0, 5.0, 12.0)
    laid, rest = nested(six, film)
    rows, _ = rows_of_boxes(six, film)
    reach, in_rows = (max(one.shape.bounds[2] for one in these) for these in (laid, rows))
    assert not rest and reach < 0.9 * in_rows
    assert reach * 282.0 > sum(one.outline.area for one in six)
    packer = rectpack.newPacker(rotation=True)
    wide, high = (round(10 * (side + 12)) for side in six[0].rough.bounds[2:])
    for _ in six:
        packer.add_rect(wide, high)
    packer.add_bin(20000, 2940)
    packer.pack()
    assert reach < max(x + w for _, x, _, w, _, _ in packer.rect_list()) / 10


@pytest.mark.parametrize("width", [93.0, 95.0])
def test_rows_of_boxes_keep_off_the_film_s_far_edge_by_its_margin(width):
    """Two of 40 and 12 between are 92: with margins of 1 that is 94."""
    laid, rest = rows_of_boxes(parts(box(0, 0, 40, 40), each=2), Film(300.0, width, 1.0, 12.0))
    assert not rest and max(one.shape.bounds[3] for one in laid) <= width - 1.0
    assert len({one.spot.x for one in laid}) == (2 if width < 94 else 1)


@pytest.mark.parametrize(("gap", "sheets"), [(12.0, 2), (11.1, 2), (10.9, 1)])
def test_what_just_fits_in_rows_is_laid_in_rows_and_the_gap_decides(gap, sheets):
    # three squares of 84 and two gaps of 11: 274, on 284 less two margins of 5; gaps of 12 are 2 too many
    choices = msgspec.structs.replace(CHOICES, gap=gap, mat_width=284.0, mat_length=284.0)
    assert len(bed_of(parts(box(0, 0, 84, 84), each=9), choices).sheets) == sheets


def test_nested_closer_in_some_seconds_they_take_less_still_and_it_tells_how_far_it_is():
    told = []
    film = Film(2000.0, 292.0, 5.0, 12.0)
    six = parts(fan(150, 60, 1.1), each=6)
    laid, rest = closer(2.0, told=told.append)(six, film, ())
    assert not rest and lies_well(laid, film) and least_apart(laid) >= 12.0 - 1e-6
    reach = max(one.shape.bounds[2] for one in laid)
    assert reach <= max(one.shape.bounds[2] for one in nested(six, film)[0])
    assert told == sorted(told, reverse=True) and told[-1] == pytest.approx(reach + 5.0, abs=0.5)


def test_of_the_strips_found_the_shortest_is_kept():
    best = _Best()
    assert [best.take(SimpleNamespace(width=width)) for width in (90.0, 95.0, 80.0, 80.0)] == [True, False, True, False]
    assert best.found.width == 80.0


def test_as_many_more_are_tried_on_a_sheet_as_its_area_may_hold():
    film = Film(300.0, 300.0, 5.0, 12.0)
    laid, rest = nested(parts(box(0, 0, 100, 100), each=12), film)
    assert len(laid) == 4 < max(map(len, _sets(laid, rest, film))) <= 9


def test_nesting_closer_is_left_when_nobody_waits_any_more():
    def stop():
        raise Cancelled("enough")

    with pytest.raises(Cancelled):
        closer(60.0, stop)(parts(fan(150, 60, 1.1), each=6), Film(2000.0, 292.0, 5.0, 12.0), ())


def test_pinned_stencils_stay_and_the_rest_goes_round_them():
    every = parts(fan(150, 60, 1.1), each=5)
    film = Film(900.0, 292.0, 5.0, 12.0)
    stay = Laid(every[2], Spot(300.0, 100.0, 0.3), pinned=True)
    laid, rest = nested([part for part in every if part is not every[2]], film, [stay])
    assert not rest and laid[0] is stay and lies_well(laid, film)


CHOICES = CutChoices()


def test_a_part_is_called_by_its_name_its_film_and_its_number_where_there_are_several():
    alone, copied = Part(1, 0, 0, box(0, 0, 9, 9), "Mug"), Part(1, 1, 2, box(0, 0, 9, 9), "M" * 30, many=3, films=2)
    assert (alone.called, alone.film_name) == ("Mug", "Mug")
    assert copied.called == "M" * 23 + "…, film 2, 3" and copied.film_name == "M" * 30 + ", film 2"


def test_where_hundreds_wait_the_small_ones_fill_the_gaps_and_only_a_few_are_kept_drawn():
    large = [box(0, 0, 130 - k / 100, 130) for k in range(60)]
    film, stamps, looked = Film(320.0, 300.0, 5.0, 12.0), {}, []
    laid, rest = nested(parts(*large, box(0, 0, 20, 20), box(0, 0, 18, 18)), film, (), lambda: looked.append(1), stamps)
    assert {one.part.key for one in laid} == {1, 2, 3, 4, 61, 62} and len(rest) == 56 and lies_well(laid, film)
    assert len(stamps) <= 20 and len(looked) < 40, "neither memory nor time is theirs that have no room"


def test_a_jug_and_four_mugs_go_on_one_sheet_and_what_is_left_is_told():
    bed = bed_of(parts(box(0, 0, 100, 120)) + [Part(9, 0, k, fan(110, 50, 0.9), "mug") for k in range(4)], CHOICES)
    (sheet,) = bed.sheets
    assert len(sheet.laid) == 5 and not bed.findings and lies_well(sheet.laid, sheet.film)
    assert sheet.used[0] == pytest.approx(max(one.shape.bounds[2] for one in sheet.laid) + 5.0)
    assert sheet.left_over == pytest.approx(292.0 - sheet.used[0])


def test_stock_is_used_in_its_order_and_each_piece_as_far_as_it_goes():
    choices = msgspec.structs.replace(CHOICES, stock=(
        Stock("Leftover", 140.0, 130.0, 2.0), Stock("Roll", 305.0, 800.0, 4.0)), mat_length=400.0)
    bed = bed_of(parts(box(0, 0, 120, 110), each=10), choices)
    names = [sheet.stock.name for sheet in bed.sheets]
    assert names == ["Leftover", "Roll", "Roll"] and [len(sheet.laid) for sheet in bed.sheets] == [1, 6, 3]
    assert bed.sheets[2].film.length == pytest.approx(min(400.0, 800 - bed.sheets[1].used[0]))
    first, second, third = (sheet.used[0] for sheet in bed.sheets)
    assert bed.cost == pytest.approx(0.002 * first + 0.004 * (second + third))
    assert {one.part.whose for sheet in bed.sheets for one in sheet.laid} == {(1, 0, copy) for copy in range(10)}


def test_all_places_however_turned_are_kept_in_an_orders_file():
    every = parts(fan(150, 60, 1.1), fan(180, 90, 0.8), each=6)
    for turning in ("free", "quarter"):
        choices = msgspec.structs.replace(CHOICES, stock=(Stock("Roll", 305.0, 3000.0, turning=turning),))
        first = bed_of(every, choices)
        assert len({round(one.turn, 3) for one in first.lying()}) > 1
        order = Order().changed(cut__stock=choices.stock, cut__laid=first.lying())
        assert bed_of(every, order.cut).lying() == first.lying()


def test_places_of_its_own_are_kept_while_they_lie_well_and_told_again():
    every = parts(box(0, 0, 80, 60), each=3)
    first = bed_of(every, CHOICES)
    moved = tuple(msgspec.structs.replace(one, x=one.x + 60.0, pinned=True) if one.copy == 2 else one
                  for one in first.lying())
    again = bed_of(every, msgspec.structs.replace(CHOICES, laid=moved))
    assert {(one.copy, one.x, one.y, one.pinned) for one in again.lying()} == {
        (one.copy, one.x, one.y, one.pinned) for one in moved}
    across = tuple(msgspec.structs.replace(one, x=5.0, y=5.0) for one in moved)        # all on one spot
    anew = bed_of(every, msgspec.structs.replace(CHOICES, laid=across))
    assert lies_well(anew.sheets[0].laid, anew.sheets[0].film) and len(anew.sheets[0].laid) == 3
    other = msgspec.structs.replace(CHOICES, laid=(Lying(7, sheet=3), *moved))         # of a piece taken out since
    assert len(bed_of(every, other).sheets) == 1
    later = tuple(msgspec.structs.replace(one, sheet=4) for one in moved)              # what lay before is gone
    assert [len(sheet.laid) for sheet in bed_of(every, msgspec.structs.replace(CHOICES, laid=later)).sheets] == [3]


@pytest.mark.parametrize(("stock", "level", "word"), [
    ((), Level.WATCH, "wider film"), ((Stock("Roll", 200.0, 100.0),), Level.STOP, "wider film"),
    ((Stock("Roll", 305.0, 100.0),), Level.STOP, "wider film")])
def test_what_no_film_holds_is_told_and_lies_on_a_sheet_of_its_own(stock, level, word):
    bed = bed_of(parts(box(0, 0, 310, 300), box(0, 0, 60, 60)), msgspec.structs.replace(CHOICES, stock=stock))
    assert [sheet.lacking for sheet in bed.sheets] == [False, True]
    (found,) = bed.findings
    assert found.level is level and word in found.why
    assert found.says.words("mm").startswith("a stencil is without film that holds it: piece 1")


@pytest.mark.parametrize(("length", "turning", "shapes", "word"), [
    (150.0, "free", [box(0, 0, 300, 60)], "longer film"), (150.0, "none", [box(0, 0, 200, 60)], "if it were turned"),
    (120.0, "free", [box(0, 0, 200, 100), box(0, 0, 100, 200)], "does not suffice"),
    (120.0, "none", [box(0, 0, 100, 200), box(0, 0, 100, 200)], "does not suffice")])
def test_what_would_do_is_told_by_what_is_wanting(length, turning, shapes, word):
    stock = (Stock("Roll", 305.0, length, turning=turning),)
    (found,) = bed_of(parts(*shapes), msgspec.structs.replace(CHOICES, stock=stock)).findings
    assert word in found.why and (word != "longer film" or found.limit < found.value)


def test_what_film_has_room_for_is_all_of_it_but_its_margins():
    film = Film(150.0, 292.0, 5.0, 12.0)
    assert film.room == (140.0, 282.0)
    assert film.holds(box(5, 5, 145, 287)) and not film.holds(box(5, 5, 145.1, 287))


def test_when_the_stock_runs_out_it_says_how_many_are_without():
    short = msgspec.structs.replace(CHOICES, stock=(Stock("Roll", 305.0, 150.0),))
    bed = bed_of(parts(box(0, 0, 120, 110), each=5), short)
    assert "3 stencils are without film" in bed.findings[0].says.words("mm") and bed.findings[0].level is Level.STOP
    assert sum(sheet.lacking for sheet in bed.sheets) == 3
