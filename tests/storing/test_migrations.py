"""Older jobs: each version's own file is read as it meant, with its art where and as large as it was."""

import json
import zipfile
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from specimens import STAR, job
from vitrograph.core.artwork import shape_line
from vitrograph.core.artwork.words import shipped_face
from vitrograph.core.errors import OrderFileError
from vitrograph.core.job import ORDER_VERSION, Drawing, Fit, Order, Words
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.storing.orderfile import load_order, save_order

GLASS = {"kind": "taper", "rim": 90.0, "base": 64.0, "height": 132.0}


def second_version(folder, artwork, fit, drawing=False):
    """A job file as version 2 wrote it."""
    path = folder / "old.vitro"
    with zipfile.ZipFile(path, "w") as archive:
        if drawing:
            artwork = {**artwork, "drawing": {"name": "star.svg", "asset": "assets/drawing.svg", "kind": "svg"}}
            archive.writestr("assets/drawing.svg", STAR)
        tree = {"version": 2, "name": "Old", "glass": GLASS, "artwork": artwork, "fit": fit}
        archive.writestr("job.json", json.dumps(tree))
    return path


@given(size=st.floats(10, 60), side=st.sampled_from(["width", "height"]),
       place=st.sampled_from(["above", "below", "left", "right"]), rim=st.floats(10, 30))
@settings(max_examples=25, deadline=None)
def test_words_and_a_drawing_of_the_second_version_are_as_large_and_stand_as_they_did(
        tmp_path_factory, size, side, place, rim):
    path = second_version(tmp_path_factory.mktemp("old"), {"text": "Kestrel", "drawing_place": place, "gap": 0.5,
                                                          "drawing_size": 2.0},
                          {"size": size, "size_is": side, "from_rim": rim, "angle": 0.4}, drawing=True)
    job = load_order(path).job()
    results = Pipeline().run(job)
    words, star = results.art.placed
    assert isinstance(words.item.what, Words) and isinstance(star.item.what, Drawing)
    assert results.art.size[0 if side == "width" else 1] == pytest.approx(size, abs=0.01)
    em = words.units[0]
    assert star.size[1] == pytest.approx(2.0 * em, rel=1e-3)                      # heights and gap were told in ems
    gaps = {"above": star.box[1] - words.box[3], "below": words.box[1] - star.box[3],
            "left": words.box[0] - star.box[2], "right": star.box[0] - words.box[2]}
    assert gaps[place] == pytest.approx(0.5 * em, abs=0.02)
    along = 1 if place in ("left", "right") else 0                                # the other way, middle on middle
    assert star.box[along] + star.box[along + 2] == pytest.approx(words.box[along] + words.box[along + 2], abs=0.04)
    assert words.box[2] - words.box[0] == pytest.approx(
        em * shape_line(shipped_face("Barlow Bold"), "Kestrel").width, rel=0.06)  # less the letters' side bearings
    assert results.art.middle[0] == pytest.approx(0.0, abs=0.01) and job.fit.from_rim == pytest.approx(rim)


def test_words_alone_and_nothing_at_all(tmp_path):
    job = load_order(second_version(tmp_path, {"text": "Kestrel\nPoint", "face": "Zilla Slab Bold", "align": "left"},
                                  {"size": 44.0})).job()
    piece, = job.artwork.items
    assert piece.what == Words("Kestrel\nPoint", "Zilla Slab Bold", align="left")
    assert Pipeline().run(job).art.size[0] == pytest.approx(44.0, abs=0.01)
    assert load_order(second_version(tmp_path, {"text": "  "}, {})).job().artwork.items == ()


def test_what_cannot_be_made_is_kept_and_told_of_at_its_station(tmp_path):
    job = load_order(second_version(tmp_path, {"text": "K", "face": "Gone"}, {"size": 30.0})).job()
    assert job.artwork.items[0].size == 30.0
    assert "there is no face 'Gone'" in str(Pipeline().run(job).error("artwork"))


@pytest.mark.parametrize(("fit", "sentence"), [
    ({"size": -1}, "fit size: a width from 0 to 5000 mm was wanted, got -1"),
    ({"size": 20, "size_is": "girth"}, "fit size: a girth"), ({"size": "wide"}, "not an order file, or it is damaged")])
def test_bad_old_values_are_refused_in_a_sentence(tmp_path, fit, sentence):
    with pytest.raises(OrderFileError, match=sentence):
        load_order(second_version(tmp_path, {"text": "K"}, fit))


def test_the_third_version_meant_the_rim_and_one_sheet(tmp_path):
    tree = {"name": "Old", "glass": GLASS, "artwork": {"pieces": [
        {"what": {"is": "words", "text": "Kestrel"}, "key": 1, "size": 40.0}]}}
    tree |= {"version": 3, "fit": {"mode": "straight", "face": "outside", "angle": 0.3, "from_rim": 20.0}}
    with zipfile.ZipFile(tmp_path / "third.vitro", "w") as archive:
        archive.writestr("job.json", json.dumps(tree))
    fit = load_order(tmp_path / "third.vitro").job().fit
    assert fit == Fit(mode="straight", angle=0.3, from_rim=20.0)


def test_a_job_of_the_fourth_version_has_the_stencil_it_had(tmp_path):
    path = tmp_path / "old.vitro"
    artwork = {"pieces": [{"what": {"is": "words", "text": "BO"}, "key": 1, "size": 40.0}]}
    tree = {"version": 4, "name": "Old", "glass": GLASS, "artwork": artwork,
            "stencil": {"border": 15.0, "least_web": 0.6}}
    with zipfile.ZipFile(path, "w") as archive:
        archive.writestr("job.json", json.dumps(tree))
    job = load_order(path).job()
    assert (job.stencil.border, job.stencil.least_web) == (15.0, 0.6)
    sheet = Pipeline().run(job).sheet
    assert sheet.kind == "resist" and not sheet.recut and not sheet.ties and sheet.marks is None
    assert sheet.covers == sheet.outlines and sheet.border == pytest.approx((15.0,) * 4)


FILES = Path(__file__).parent / "files"        # the demo of each version's day, as that day's program wrote it
# width, and openings in mm² and number, as a run of that day gave them; of the first version only the width is known
OF_THEIR_DAY = {
    "version-1": (70.0, None, None), "version-2": (70.0, 644.57, 31), "version-3": (70.0, 1645.47, 33),
    "version-4": (70.0, 1645.47, 33), "version-4-carafe": (60.0, 386.07, None), "version-5": (70.0, 1645.47, 33),
    # 4601.18 on its day: the program places its ties, since then where letters stay legible
    "version-5-mended": (70.0, 4612.29, None),
}


@pytest.mark.parametrize("name", list(OF_THEIR_DAY))
def test_a_file_of_every_version_opens_as_an_order_of_one_piece_cut_as_on_its_day(name):
    order = load_order(FILES / f"{name}.vitro")
    assert order.version == ORDER_VERSION and len(order.pieces) == 1 and order.id
    assert load_order(FILES / f"{name}.vitro").id == order.id         # told apart from others, and the same each time
    width, area, openings = OF_THEIR_DAY[name]
    results = Pipeline().run(order.job())
    assert results.fitted.size[0] == pytest.approx(width, abs=0.01)
    assert area is None or results.sheet.openings.area == pytest.approx(area, rel=2e-3)
    assert openings is None or len(results.sheet.openings.geoms) == openings


def test_a_job_of_the_fifth_version_keeps_what_it_shared_and_what_it_counted():
    order = load_order(FILES / "version-5-mended.vitro")
    piece = order.pieces[0]
    assert (piece.count, len(piece.measured), piece.stencil.mends[0].does) == (4, 1, "fatten webs")
    assert (order.etch.recipe.name, order.cut.film, order.transfer.roll_width) == ("Fifteen, thick", "permanent", 90.0)
    assert order.name == piece.name == "Open night tumblers"


def test_an_order_of_the_seventh_version_keeps_its_pieces_and_names_and_nothing_is_laid_yet():
    order = load_order(FILES / "version-7.vitro")
    assert order.version == ORDER_VERSION and len(order.pieces) == 5 and len(order.pieces[4].names.rows) == 10
    assert (order.cut.laid, order.cut.stock, order.cut.gap, order.cut.offset) == ((), (), 12.0, 0.25)


def test_an_order_whose_pot_was_opened_on_no_day_opens_without_it(tmp_path):
    """Such a day was let through once; a day that is one stays, and what is no day at all is still refused."""
    path = tmp_path / "feb.vitro"
    for day, read in (("2026-02-30", ""), ("2026-02-28", "2026-02-28")):
        save_order(Order.of(job()).changed(etch__cream__name="White"), path)
        with zipfile.ZipFile(path) as archive:
            held = {name: archive.read(name) for name in archive.namelist()}
        tree = json.loads(held["order.json"])
        tree["etch"].setdefault("cream", {})["opened_on"] = day
        with zipfile.ZipFile(path, "w") as archive:
            for name, data in (held | {"order.json": json.dumps(tree)}).items():
                archive.writestr(name, data)
        assert load_order(path).etch.cream.opened_on == read and load_order(path).etch.cream.name == "White"
