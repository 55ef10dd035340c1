"""Orders without a window: put together, changed by settings, planned piece by piece, and never written half done."""

import json
from math import radians

import msgspec
import pytest
from msgspec.structs import replace

from specimens import CARAFE, PLAQUE, job, run, star_job
from vitrograph.cli import main
from vitrograph.core.demo import demo_job
from vitrograph.core.errors import GlassError, JobError, LengthError, UnfinishedError, VitrographError
from vitrograph.core.export import write_files
from vitrograph.core.job import FlatGlass, Job, Order, StraightGlass, TaperedGlass, Words, with_settings
from vitrograph.core.job.change import Resize
from vitrograph.core.job.pieces import with_pieces
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import FinishedPiece, OrderResults
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.telling.answers import order_answer

PAIR = Order.of(job("Kestrel", name="Flutes", count=2), star_job(name="Plaque", glass=PLAQUE, fit__from_rim=None),
                id="a pair", name="Open night")


def test_the_line_tells_as_many_stencils_as_lie_on_film_a_band_each():
    made = Pipeline().run_order(Order.of(msgspec.structs.replace(demo_job("carafe"), count=2), demo_job("ornament")))
    told, minutes = order_answer(made, "cut").split(", ")
    assert told == f"{made.finished().cut.stencils} stencils" == "7 stencils"    # twice two bands, and three gores
    assert minutes == "2 min" and made.finished().cut.seconds == pytest.approx(120.0, abs=10.0)


@pytest.fixture
def saved(tmp_path):
    """The pair and a single job, as files."""
    for name, order in (("pair", PAIR), ("mug", Order.of(job("K", name="Mug", width=20.0), id="a mug"))):
        save_order(order, tmp_path / f"{name}.vitro")
    return tmp_path


def test_orders_are_put_together_in_their_order_with_their_counts(saved, capsys):
    out = saved / "all.vitro"
    assert main(["order", "--add", f"{saved}/mug.vitro:4", "--add", f"{saved}/pair.vitro", "--name", "All",
                 "--out", str(out)]) == 0
    made = load_order(out)
    assert [(piece.name, piece.count, piece.key) for piece in made.pieces] == [
        ("Mug", 4, 1), ("Flutes", 2, 2), ("Plaque", 1, 3)]
    assert made.name == "All" and made.id not in ("", "a pair", "a mug")
    assert "3 pieces" in capsys.readouterr().out
    assert main(["plan", str(out), "--json"]) == 0
    plan = json.loads(capsys.readouterr().out)
    assert [piece["count"] for piece in plan["pieces"]] == [4, 2, 1]
    assert plan["cut"]["stencils"] == plan["etch"]["glasses"] == 7
    assert plan["cut"]["paths"] == sum(piece["stencils"] * piece["paths"] for piece in plan["cut"]["pieces"])
    assert main(["export", str(out), "--stencil", str(saved / "s.svg"), "--piece", "Plaque"]) == 0
    assert main(["export", str(out), "--stencil", str(saved / "s.svg")]) == 0
    assert {"s.svg", "s-1.svg", "s-2.svg", "s-3.svg"} <= {path.name for path in saved.iterdir()}
    assert (saved / "s-3.svg").read_bytes() == (saved / "s.svg").read_bytes()


@pytest.mark.parametrize(("word", "sentence"), [
    ("pair.vitro:3", "holds 2 pieces, each with a count of its own"), ("mug.vitro:0", "a count from 1 to 1000"),
    ("mug.vitro:many", "a count from 1 to 1000"), ("gone.vitro", "could not be opened"),
    ("gone.vitro:2", "could not be opened")])
def test_what_cannot_be_added_is_told_in_one_line(saved, capsys, word, sentence):
    assert main(["order", "--add", f"{saved}/{word}", "--out", str(saved / "all.vitro")]) == 2
    told = capsys.readouterr().err
    assert sentence in told and told.count("\n") == 1 and not (saved / "all.vitro").exists()


def test_a_file_is_changed_by_settings_and_the_one_before_is_kept(saved, capsys):
    path = str(saved / "pair.vitro")
    assert main(["change", path, "--set", "fit.across=60mm", "--set", "fit.face=back", "--piece", "Plaque"]) == 0
    assert main(["change", path, "--set", "units=in", "--set", "cut.film=permanent", "--set", "order.name=All"]) == 0
    assert main(["change", path, "--piece", "1", "--set", "stencil.border=1", "--set", "count=5"]) == 0
    changed = load_order(saved / "pair.vitro")
    assert (changed.pieces[1].fit.across, changed.pieces[1].fit.face, changed.name) == (60.0, "back", "All")
    assert changed.pieces[0].stencil.border == pytest.approx(25.4) and changed.pieces[0].count == 5
    assert changed.cut.film == "permanent" and load_order(saved / "pair.vitro.bak").pieces[0].count == 2
    kept = (saved / "pair.vitro").read_bytes()
    assert main(["change", path, "--piece", "2", "--set", "fit.across=7", "--out", str(saved / "other.vitro")]) == 0
    assert (saved / "pair.vitro").read_bytes() == kept
    for words, sentence in ((["--set", "fit.across=1"], "say whose with --piece (Flutes, Plaque)"),
                            (["--piece", "Mug", "--set", "count=1"], "no piece is called 'Mug'"), ([], "say what to")):
        assert main(["change", path, *words]) == 2
        assert sentence in capsys.readouterr().err
    assert (saved / "pair.vitro").read_bytes() == kept


@pytest.mark.parametrize(("setting", "value"), [
    ("fit.across=6 cm", lambda p, o: p.fit.across == 60.0),
    ("fit.angle=90", lambda p, o: p.fit.angle == radians(90)),
    ("fit.from_rim=none", lambda p, o: p.fit.from_rim is None), ("fit.wrap=yes", lambda p, o: p.fit.wrap),
    ("fit.gives.stencil=2 %", lambda p, o: p.fit.gives.stencil == pytest.approx(0.02)),
    ("stencil.sides=10,12,10 mm,1 in", lambda p, o: p.stencil.sides == (10.0, 12.0, 10.0, 25.4)),
    ("stencil.mends=[{\"does\":\"fatten webs\",\"to\":0.9}]", lambda p, o: p.stencil.mends[0].to == 0.9),
    ("artwork.items.0.what.text=Point", lambda p, o: p.artwork.items[0].what.text == "Point"),
    ("artwork.items.0.size=2 3/8 in", lambda p, o: p.artwork.items[0].size == pytest.approx(60.325)),
    ("glass.rim=88", lambda p, o: p.glass.rim == 88.0),
    ("glass.kind=flat", lambda p, o: p.glass == FlatGlass()),
    ("stencil.kind=decal", lambda p, o: p.stencil.kind == "decal"),
    ("glass={\"kind\":\"straight\",\"rim\":70}", lambda p, o: p.glass == StraightGlass(rim=70.0)),
    ("piece.name=Dome", lambda p, o: "Dome" == p.name != o.name),
    ("count=3", lambda p, o: p.count == 3),
    ("stencil.reading_angle=100", lambda p, o: p.stencil.reading_angle == pytest.approx(radians(100))),
    ("transfer.roll_width=9cm", lambda p, o: o.transfer.roll_width == 90.0),
    ("etch.tool=stick", lambda p, o: o.etch.tool == "stick")])
def test_any_field_is_set_by_its_path(setting, value):
    order = with_settings(Order.of(job()), [setting])
    assert value(order.pieces[0], order)


@pytest.mark.parametrize(("setting", "sentence"), [
    ("fit.acros=60", "fit.acros: there is no 'acros' here, perhaps 'across'"),
    ("fit", "a setting like fit.across=60mm"),
    ("=3", "a setting like"), ("fit.across=wide", "fit.across: a length like"),
    ("fit.mode=sideways", "fit mode: 'sideways'"),
    ("fit.across.left=3", "there is nothing below 'across'"),
    ("artwork.items.7.size=3", "a number from 0 to 0 was wanted"),
    ("stencil.mends.0.to=3", "there are no rows here yet"), ("fit.wrap=perhaps", "yes or no was wanted"),
    ("fit.times=many", "a number was wanted"), ("fit.times=2.5", "a whole number"), ("fit=rim", "this is a whole part"),
    ("glass={", "this is not JSON"), ("glass.kind=cube", "'cube'"), ("glass.width=5", "there is no 'width' here"),
    ("stencil.border=900", "stencil border"), ("fit.across=nan", "a length like"), ("version=7", "version"),
    ("pieces.3.count=1", "a number from 0"), ("fit.angle=north", "a number was wanted")])
def test_settings_that_cannot_be_are_told_by_their_path(setting, sentence):
    with pytest.raises((JobError, LengthError)) as told:
        with_settings(Order.of(job()), [setting])
    assert sentence in str(told.value) and "\n" not in str(told.value)


def test_quick_takes_settings_and_units(tmp_path):
    words = ["quick", "--glass", "taper", "--top", "3.5", "--bottom", "2.5", "--height", "5", "--text", "Kestrel",
             "--width", "2 1/2", "--units", "in", "--set", "fit.angle=20", "--set", "etch.tool=stick",
             "--set", "count=6", "--out", str(tmp_path)]
    assert main(words) == 0
    order = load_order(tmp_path / "job.vitro")
    assert order.units == "in" and order.pieces[0].count == 6 and order.etch.tool == "stick"
    glass = order.pieces[0].glass
    assert (glass.rim, glass.base, glass.height) == pytest.approx((88.9, 63.5, 127.0))
    assert order.pieces[0].fit.angle == pytest.approx(radians(20))


def test_only_a_complete_run_of_this_very_job_is_finished_work(tmp_path):
    made = job()
    complete = run(made)
    assert isinstance(complete.finished(), FinishedPiece)
    for results in Pipeline().steps(made):
        if not results.complete:
            with pytest.raises(UnfinishedError):
                results.finished()
    for forged in (replace(complete, job=made.changed(stencil__border=14.0)), replace(complete, given={}),
                   replace(complete, job=made.changed(cut__over_run=1.0))):
        with pytest.raises(UnfinishedError, match="still being worked out"):
            forged.finished()
    with pytest.raises(UnfinishedError):
        write_files(OrderResults.begun(PAIR).with_piece(0, run(PAIR.job(0))).finished(), tmp_path / "no")
    assert not (tmp_path / "no").exists()


def test_what_lacks_a_stencil_is_left_out_by_name_and_refused_where_nothing_else_is_made():
    none = job(name="Bad", glass=TaperedGlass(rim=120, base=40, height=20, height_is="slant"))
    made = Pipeline().run_order(Order.of(none, job(name="Good")))
    done = made.finished()
    assert order_answer(made, "cut").startswith("1 stencil, "), "the line tells of what can be made"
    assert done.says_lacking("mm").startswith("left out, for want of a stencil: Bad: a slant of 20")
    assert [one.job.name for one in done.called("2")] == ["Good"] and done.places == ((1, 0),)
    with pytest.raises(JobError, match=r"^Bad is left out"):
        done.called("Bad")
    assert done.one_called("Good") is done.only_piece is done.pieces[0]
    several = Pipeline().run_order(PAIR).finished()
    with pytest.raises(JobError, match=r"^this order has 2 designs: name the one that is meant, as Flutes, Plaque$"):
        _ = several.only_piece
    with pytest.raises(GlassError, match=r"^Bad: a slant of 20"):
        Pipeline().run_order(Order.of(none, none)).finished()


def test_the_piece_first_asked_for_is_answered_first_and_all_are_in_the_end():
    steps = list(Pipeline().steps_of_order(PAIR, first=1))
    assert steps[0].pieces[1].wall is not None and steps[0].pieces[0].wall is None
    assert steps[-1].complete and not any(step.complete for step in steps[:-1])


def test_an_order_is_changed_by_paths_and_keeps_its_pieces_apart():
    order = Order.of(job("one"), job("two", glass=CARAFE), units="in")
    after = order.changed(1, fit__angle=0.5, name="Carafe", cut__film="shelf", order__name="Night")
    assert after.pieces[0] == order.pieces[0] and after.job(0).cut.film == after.job(1).cut.film == "shelf"
    assert (after.pieces[1].fit.angle, after.pieces[1].name, after.name) == (0.5, "Carafe", "Night")
    assert isinstance(after.job(1), Job) and after.job(1).artwork.items[0].what == Words("two", "Barlow Bold")
    with pytest.raises(VitrographError, match="two pieces have the same key"):
        order.changed(pieces=[{"key": 1}, {"key": 1}])
    with pytest.raises(JobError, match="2 pieces are called 'Untitled'"):
        order.piece_named("Untitled")
    assert order.piece_named("2") == 1


def test_all_of_the_art_made_larger_takes_mends_and_ties_along():
    tied = job("K", stencil__ties__placed="hand", stencil__ties__at=((2.0, -6.0), (0.5, 3.0)))
    paths = Resize(1.5).paths(tied)
    assert paths["stencil__ties__at"] == ((3.0, -9.0), (0.75, 4.5))
    assert "stencil__mends" not in paths and "stencil__ties__at" not in Resize(1.5).paths(job("K"))


def test_pieces_that_share_their_art_share_it_among_themselves_when_they_are_put_in():
    order = Order.of(job("A", name="Jug"))
    pair = tuple(msgspec.structs.replace(Order.of(job("B", name=name)).pieces[0], like=4) for name in ("Mug", "Cup"))
    alone = msgspec.structs.replace(Order.of(job("C", name="Jug")).pieces[0], like=7)
    put = with_pieces(order, (*pair, alone), after=0)
    likes = [piece.like for piece in put.pieces]
    assert likes[1] == likes[2] > 0 and likes[0] == likes[3] == 0
    assert [piece.name for piece in put.pieces] == ["Jug", "Mug", "Cup", "Jug 2"]
    assert [piece.key for piece in put.pieces] == [1, 2, 3, 4]
