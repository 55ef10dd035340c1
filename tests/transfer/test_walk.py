"""The walk from weeded film to a glass ready for cream: the right steps for each glass, film and way, in order."""

from math import degrees, hypot

import numpy as np
import pytest
from msgspec.structs import replace

from specimens import CARAFE, LANTERN, PLAQUE, TUMBLER, in_mm, job, remedied, run, star_job, two_sided
from vitrograph.core.findings import Code
from vitrograph.core.fit import Band
from vitrograph.core.job import Features, FlatGlass, KeepOut, TransferChoices
from vitrograph.core.transfer import Strip, cut_list
from vitrograph.core.transfer.mask import mask_of
from vitrograph.core.transfer.ways import Case, laying_steps, way_for

TWO_LINES = {"glass": CARAFE, "width": 56.0, "fit__from_rim": 40.0, "fit__rows": 2}


def walked(made):
    """The steps' keys, and all that is said."""
    steps = run(made).transfer.steps
    return [step.key for step in steps], " ".join(in_mm(step.says) + " " + in_mm(step.note) for step in steps)


def test_each_films_tape_comes_off_and_it_settles_before_the_next_is_set():
    keys, said = walked(job("Kestrel\n\nPoint", **TWO_LINES))
    order = ["tape 1", "tape 2", "backing", "clean", "bed", "set 1", "lay 1 0", "tape off 1", "settle 1", "set 2",
             "lay 2 0", "tape off 2"]
    assert keys[: len(order)] == order and keys[-1] == "settle"
    assert keys.index("press edges") > len(order) - 1
    assert [key for key in keys if key.startswith("mask")] == [
        "mask 1 lower", "mask 1 left", "mask 1 right", "mask 2 left", "mask 2 right", "mask 2 upper"]
    assert said.count("notches line up") == 1
    steps = {step.key: step for step in run(job("Kestrel\n\nPoint", **TWO_LINES)).transfer.steps}
    assert not steps["settle 1"].hands and steps["settle 1"].seconds == 900 and steps["set 1"].hands


def test_films_on_both_sides_are_set_at_once_the_glass_turned_between_and_all_sides_masked():
    keys, said = walked(two_sided())
    order = ["bed", "set 1", "lay 1 0", "tape off 1", "bed 2", "set 2", "lay 2 0", "tape off 2"]
    assert keys[keys.index("bed"):][: len(order)] == order
    assert [key for key in keys if key.startswith("mask")] == [
        f"mask {film} {side}" for film in (1, 2) for side in ("lower", "left", "right", "upper")]
    assert "notches line up" not in said and said.count("settle") == 1
    places = [setting.placing for setting in run(two_sided()).transfer.settings]
    assert [round(abs(degrees(place.angle)), 1) for place in places] == [0.0, 180.0]


def test_a_film_over_a_wider_one_waits_until_that_has_settled():
    keys, said = walked(job("KESTREL POINT\n\nA      B", width=70.0, fit__rows=2, fit__columns=2))
    assert "settle 1" in keys and not any(key.startswith("bed ") for key in keys)
    assert said.count("notches line up") == len([key for key in keys if key.startswith("set ")]) - 1


def test_films_side_by_side_lap_by_what_lies_on_both_and_only_neighbours_do():
    made = job("Kestrel Point night", width=150.0, glass=PLAQUE, fit__columns=3, transfer__least_lap=200.0)
    results = run(made)
    bands = [film.band for film in results.sheet.films]
    found = [one for one in results.transfer.findings if one.code is Code.LAP]
    assert len(bands) == 3 and [one.value for one in found] == pytest.approx(
        [max(0.0, bands[k].u_high - bands[k + 1].u_low) for k in (0, 1)])
    assert ["films 1 and 2" in in_mm(found[0].says), "films 2 and 3" in in_mm(found[1].says)] == [True, True]


def test_a_small_film_goes_on_by_hand_in_a_sentence_of_its_own():
    (step,) = laying_steps("hand", "the lower film", "lay", "")
    assert step.says.startswith("The lower film goes on by hand: ")


def test_films_that_lap_too_little_are_told_of_with_one_film_as_a_remedy():
    made = job("Kestrel\n\nPoint", **TWO_LINES, transfer__least_lap=40.0)
    (found,) = run(made).transfer.findings
    assert (found.code, found.limit) == (Code.LAP, 40.0) and "films 1 and 2 lap by" in in_mm(found.says)
    sheet = run(made).sheet
    assert found.value == pytest.approx(sheet.films[0].band.s_high - sheet.films[1].band.s_low)
    assert run(remedied(made, found.remedy)).transfer.findings == ()
    assert run(job("Kestrel\n\nPoint", **TWO_LINES)).transfer.findings == ()


@pytest.mark.parametrize("least", [3.0, 9.0, 14.0])
def test_films_lap_by_as_much_as_is_asked_for_where_the_lines_stand_far_enough_apart(least):
    """With next to no border of their own, the films reach as far into the gap as the lap needs."""
    made = job("Kestrel\n\n\nPoint", **TWO_LINES | {"stencil__border": 3.0}, transfer__least_lap=least)
    results = run(made)
    lower, upper = (film.band for film in results.sheet.films)
    assert lower.s_high - upper.s_low == pytest.approx(max(6.0, least))
    assert results.transfer.findings == ()


def test_films_of_one_glass_are_laid_the_way_that_suits_the_longest():
    made = job("Il Kestrel", width=160.0, glass=PLAQUE, fit__columns=2)
    first, second = (np.ptp(np.reshape(one.bounds, (2, 2)), axis=0).max() for one in run(made).sheet.outlines)
    assert first < 90 < 150 < second
    assert {setting.way for setting in run(made).transfer.settings} == {"hinge"}


def test_a_film_in_one_piece_has_no_tape_to_rub_or_to_peel():
    keys, said = walked(star_job())
    assert keys[0] == "tape" and "backing" not in keys and not any(key.startswith("tape off") for key in keys)
    assert "Rub the tape" not in said and "Peel the tape" not in said and "goes on by hand" in said


def test_the_riskiest_places_of_the_seal_are_pressed_one_by_one_first():
    results = run(job("Kestrel", face="Zilla Slab Bold"))
    risks = results.demands.seal.risks[:5]
    steps = [step for step in results.transfer.steps if step.key.startswith("seal")]
    assert risks and len(steps) == len(risks)
    for number, (step, risk) in enumerate(zip(steps, risks, strict=True), start=1):
        assert step.note == f"Place {number} of {len(risks)} that leak the soonest."
        assert in_mm(step.says).startswith("Press down the edge here first, ") and in_mm(risk.says) in in_mm(step.says)
    left, _, right, _ = results.sheet.openings.bounds
    third = ["left", "middle", "right"][int(3 * (risks[0].where[0] - left) / (right - left))]
    assert third in in_mm(steps[0].says)
    keys = [step.key for step in results.transfer.steps]
    assert keys.index("press edges") == keys.index(steps[-1].key) + 1


def test_a_decal_takes_no_mask_no_patch_and_no_settling_for_cream():
    keys, said = walked(job("BOB", stencil__kind="decal"))
    assert not any(key.startswith(("mask", "patch", "settle")) for key in keys)
    assert "cream" not in said and "leaks" not in said
    sheet = run(job("BOB", stencil__kind="decal")).sheet
    assert f"every edge of the film: {round(sheet.film.length)}\u202fmm in all" in said
    assert "each side of the art" in said and "Mark where the art goes" in said and "border" not in said


def test_of_a_decal_in_two_films_nothing_laps_and_sharp_tips_of_the_art_are_pressed_first():
    two = {**TWO_LINES, "stencil__kind": "decal"}
    keys, said = walked(job("Kestrel\n\nPoint", **two))
    assert run(job("Kestrel\n\nPoint", **two)).transfer.findings == ()
    assert "edge goes over" not in said and not any(key.startswith("settle") for key in keys)
    assert "Lay it over part 2 of 2 of the art" in said
    risks = run(star_job(stencil__kind="decal", glass=TUMBLER)).demands.seal.risks
    assert [(risk.kind, in_mm(risk.says)) for risk in risks] == [("corner", "a film corner of 36°")] * 5
    assert run(star_job(stencil__kind="resist", glass=TUMBLER)).demands.seal.risks == ()


def test_a_mirror_is_not_looked_through_and_alcohol_keeps_off_its_back():
    _, mirror = walked(job(glass=PLAQUE, material="mirror"))
    assert "through the glass" not in mirror and "Keep it off the mirror's back" in mirror
    _, behind = walked(job(glass=PLAQUE, material="mirror", fit__face="back"))
    assert "alcohol of 70" not in behind and "soap" in behind
    _, back = walked(job(glass=PLAQUE, fit__face="back"))
    assert "from the front, through the glass" in back and "from behind, through" not in back
    _, plain = walked(job())
    assert "through the glass" in plain and "alcohol of 70 to 90 %" in plain


def test_a_door_stays_in_its_frame_and_a_dish_is_turned_over():
    door = FlatGlass(width=500.0, height=700.0, frame=12.0, lies="upright")
    _, said = walked(job(glass=door))
    assert "stays where it is" in said and "Lay the pane flat" not in said and "frame's upper inner edge" in said
    _, dish = walked(job(glass=FlatGlass(width=240.0, height=160.0, lies="hollow"), fit__face="back"))
    assert "upside down" in dish and "ring's left inner edge" in dish
    _, loose = walked(job(glass=PLAQUE, fit__face="back"))
    assert "its back upward" in loose


@pytest.mark.parametrize(("what", "said", "caution"), [
    ("label", "Soak the label off", "remover"), ("paint", "fresh blade held flat", "goggles"),
    ("wax", "soapy", "cold")])
def test_the_glass_is_cleaned_by_what_is_on_it(what, said, caution):
    steps = run(job(features=Features(on_it=what))).transfer.steps
    first = next(step for step in steps if step.key == f"off {what}")
    assert said in first.says and caution in first.caution
    assert steps.index(first) < next(at for at, step in enumerate(steps) if step.key == "clean")
    painted = run(job(features=Features(no_alcohol=True))).transfer.steps
    assert all("alcohol of" not in in_mm(step.says) for step in painted)


@pytest.mark.parametrize(("way", "says"), [("hinge", "Fold one half back"), ("edge", "Lay that edge first"),
                                           ("on the glass", "fresh knife"), ("middle", "touch at its middle")])
def test_the_way_that_is_asked_for_is_gone(way, says):
    keys, said = walked(job("BOB", transfer__way=way))
    assert says in said and run(job("BOB", transfer__way=way)).transfer.settings[0].way == way
    assert any(key.startswith("tape off") for key in keys) == (way != "on the glass")


def test_a_way_that_cannot_be_gone_is_said_and_the_one_that_suits_is_taken():
    for way, made in (("lowered", job("BOB")), ("hand", job("BOB")), ("edge", job("O", stencil__outline="oval"))):
        made = made.changed(transfer__way=way)
        (found,) = [one for one in run(made).transfer.findings if one.code is Code.WAY]
        assert "cannot be done here" in in_mm(found.says) and run(made).transfer.settings[0].way != way
        assert run(remedied(made, found.remedy)).transfer.findings == ()
    suits = run(job("BOB", glass=PLAQUE, transfer__clear=False)).transfer.settings[0].way
    assert suits == "lowered" and run(job("BOB", glass=PLAQUE)).transfer.settings[0].way == "middle"
    assert run(job("BOB", width=150.0, glass=LANTERN)).transfer.settings[0].way == "hinge"


def test_settling_is_as_long_as_typed_and_warming_has_its_caution():
    steps = run(job(transfer__settle=30.0, transfer__warmed=True)).transfer.steps
    assert steps[-1].seconds == 1800 and "30 minutes" in steps[-1].says and "Warm it" in steps[-1].says
    assert "heat cracks glass" in steps[-1].caution
    assert run(job(transfer__settle=0.0)).transfer.steps[-1].seconds is None


def test_between_small_films_one_above_the_other_there_is_no_mask():
    made = job("Kes\n\nPt", glass=LANTERN, width=16.0, stencil__border=4.0, fit__rows=2, stencil__guard=25.0)
    sides = [(step.key.split()[1], step.key.split()[2]) for step in run(made).transfer.steps
             if step.key.startswith("mask")]
    band = run(made).sheet.films[0].band
    assert band.u_high - band.u_low < 0.7 and ("1", "upper") not in sides and ("2", "lower") not in sides
    assert {("1", "left"), ("1", "lower"), ("2", "upper"), ("2", "right")} <= set(sides)


@pytest.mark.parametrize(("outline", "sides"), [
    ("fan", ["lower", "left", "right", "upper"]), ("rectangle", ["lower", "left", "right", "upper"]),
    ("oval", ["round"]), ("art", ["round"])])
def test_tape_follows_the_edge_of_a_film_whose_corners_are_not_its_boxs(outline, sides):
    """An oval's edge by Ramanujan's first formula (Modular Equations and Approximations to pi, 1914)."""
    results = run(job("Kestrel\nPoint", glass=PLAQUE, width=60.0, stencil__outline=outline, stencil__guard=25.0))
    runs = results.transfer.settings[0].mask
    assert [one.side for one in runs] == sides
    assert results.transfer.settings[0].which == "the film"
    if outline == "oval":
        a, b = np.ptp(np.reshape(results.sheet.covers[0].bounds, (2, 2)), axis=0) / 2
        whole = np.pi * (3 * (a + b) - np.sqrt((3 * a + b) * (a + 3 * b)))
        assert runs[0].length == pytest.approx(whole, rel=0.002) and runs[0].courses == 1
        assert run(job("K", glass=PLAQUE, stencil__outline="oval", stencil__guard=0.0)).transfer.settings[0].mask \
            [0].side == "lower", "where film alone guards it, only drips are caught"
        two = run(job("Kestrel\n\n\nPoint", width=40.0, fit__rows=2, stencil__outline="oval", stencil__guard=30.0))
        lower, upper = (in_mm(setting.mask[0].says(25.0)) for setting in two.transfer.settings)
        assert "Begin below" in lower and "Begin below" not in upper, "the upper one's drips run on to the lower"
        assert all("where no other film laps it" in says for says in (lower, upper))


@pytest.mark.parametrize(("other", "joined"), [
    ((0.8, 10.0, 1.9, 40.0), "right"), ((-0.3, 10.0, 0.7, 40.0), "left"),
    ((0.1, 40.4, 1.5, 60.0), "upper"), ((0.1, -20.0, 1.5, 9.6), "lower"),
    ((1.2, 12.0, 2.8, 38.0), "right"),       # a shorter film beside it, lapping by little
    ((1.2, 20.0, 2.8, 80.0), "right"),       # a taller one, along two thirds of it
    ((0.7, 39.0, 0.9, 60.0), "upper"),       # a narrow one above
    ((0.7, 40.4, 2.7, 60.0), "upper"),       # a wide one, over six tenths of it
    ((0.3, 40.6, 1.3, 60.0), ""), ((1.4, 10.0, 2.3, 40.0), ""),          # a gap between
    ((1.2, 38.0, 2.3, 60.0), ""), ((-0.7, -20.0, 0.4, 12.0), "")])       # only their corners lie on each other
def test_no_mask_is_laid_at_the_side_where_another_film_joins_on(other, joined):
    results = run(job("Kes\n\nPt", **TWO_LINES, stencil__guard=70.0))
    fitted = results.sheet.fitted
    placed = tuple(replace(film, band=band) for film, band in zip(
        fitted.films, (Band(0.3, 10.0, 1.3, 40.0), Band(*other)), strict=True))
    sheet = replace(results.sheet, fitted=replace(fitted, films=placed))
    sides = {tape.side for tape in mask_of(sheet, 0, results.demands, 25.0)}
    assert {"lower", "left", "right", "upper"} - sides == ({joined} if joined else set())


@pytest.mark.parametrize(("longest", "whole", "way"), [
    (90.0, True, "hand"), (90.5, True, "middle"), (150.0, True, "middle"), (150.5, True, "hinge"),
    (20.0, False, "middle")])
def test_small_films_go_on_by_hand_and_long_ones_half_by_half(longest, whole, way):
    case = Case(closed=True, lies="", size=(12.0, longest), needs_tape=not whole, clear_tape=True, straight_top=True)
    assert way_for(TransferChoices(), case) == way


def test_a_mask_goes_round_the_film_as_long_as_its_sides_and_covers_handle_and_mouth():
    made = job("BOB", glass=LANTERN, fit__from_rim=50.0, features=Features(keep_out=(KeepOut(),)))
    results = run(made)
    mask = {part.side: part for part in results.transfer.settings[0].mask}
    assert list(mask) == ["lower", "left", "right", "upper"]   # each over the end of the one before
    band = results.sheet.band
    assert mask["lower"].length == pytest.approx((band.u_high - band.u_low) * 49.0 + 10)
    assert mask["left"].length == pytest.approx(band.s_high - band.s_low + 10)
    assert mask["left"].courses == 1 and ", one course," in in_mm(mask["left"].says(25.0))
    wide = {part.side: part for part in run(made.changed(stencil__guard=70.0)).transfer.settings[0].mask}
    assert wide["left"].courses == 3                           # 50 mm more, in strips that add 20 each
    assert ", 3 courses side by side," in in_mm(wide["left"].says(25.0))
    assert "cupped" in in_mm(mask["lower"].says(25.0)) and "cupped" not in in_mm(mask["upper"].says(25.0))
    assert "Cover the handle and the mouth" in " ".join(in_mm(step.says) for step in results.transfer.steps)
    guarded = run(made.changed(stencil__guard=5.0)).transfer.settings[0].mask
    assert [part.side for part in guarded] == ["lower"]        # drips run down, whatever the guard


def test_the_mask_on_a_taper_is_as_long_above_and_below_as_the_glass_is_round_there():
    """By the radius of a frustum at a height along its slant, from its measures alone."""
    results = run(job("BOB", glass=TUMBLER, width=40.0, features=Features(keep_out=(KeepOut(),))))
    band, slant = results.sheet.band, hypot(TUMBLER.height, (TUMBLER.rim - TUMBLER.base) / 2)
    lengths = {part.side: part.length for part in results.transfer.settings[0].mask}
    for side, s in (("lower", band.s_low), ("upper", band.s_high)):
        radius = TUMBLER.base / 2 + (TUMBLER.rim - TUMBLER.base) / 2 * s / slant
        assert lengths[side] == pytest.approx((band.u_high - band.u_low) * radius + 10)


def test_a_film_over_the_rim_is_told_and_is_trimmed():
    lean = Features(rim_rise=12.0, rim_high=3.14159)
    made = star_job(glass=LANTERN, features=lean, fit__held="middle", fit__above_table=104.0)
    (found,) = [one for one in run(made).transfer.findings if one.code is Code.OFF_GLASS]
    assert found.value > 0 and "trim it there" in run(made).transfer.steps[3].says.words("mm")


def test_tape_is_cut_for_the_whole_order_and_used_again():
    choices = TransferChoices(roll_width=100.0, uses=3)
    wide, tall = Strip(0, 0, 140.0, 90.0), Strip(0, 0, 80.0, 60.0)
    cuts = cut_list([((wide,), 6), ((tall, tall), 4)], choices)
    assert [(cut.many, cut.length, cut.roll) for cut in cuts] == [(2, 140.0, 100.0), (3, 60.0, 100.0)]
