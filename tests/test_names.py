"""Lists of names: read as people keep them, each row a stencil of its own, and what is one row's stays with it."""

import csv
import io
import json

import msgspec
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import replace

from specimens import STAR, job, run, star_job
from vitrograph.cli import main
from vitrograph.core.artwork import compose
from vitrograph.core.errors import FitError, JobError
from vitrograph.core.findings import Code, Level
from vitrograph.core.glass import generic_glasses
from vitrograph.core.job import (
    Artwork,
    Drawing,
    FilmMend,
    Item,
    Lying,
    Monogram,
    Names,
    Order,
    Row,
    Shape,
    SizeRule,
    Words,
)
from vitrograph.core.job.change import Resize, put
from vitrograph.core.job.names import filled, in_place_of, part_of
from vitrograph.core.job.pieces import carried, parted, shared, with_piece_moved, with_pieces, without_piece
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.solving import fails, settled, solved_factor
from vitrograph.core.storing.names_file import names_of, read_names, text_of
from vitrograph.core.storing.orderfile import load_order

ART = Artwork((Item(Words("Name"), key=1, name="guest", size=6.0, size_is="caps"),
               Item(Monogram(initials="AB"), key=2, size=14.0, size_is="height", y=20.0)))
GUIDES = ("Ada", "Jocelyn", "Wrangel", "Østby")


def listed(*cells: str, columns=("words",)) -> Order:
    rows = tuple(Row(key, (cell,)) for key, cell in enumerate(cells, start=1))
    made = Order.of(job("Name", name="Flute"))
    piece = msgspec.structs.replace(made.pieces[0], names=Names(columns, rows), artwork=Artwork(
        (msgspec.structs.replace(made.pieces[0].artwork.items[0], size=6.0, size_is="caps"),)))
    return msgspec.structs.replace(made, pieces=(piece,))


@pytest.mark.parametrize("encoding", ["utf-8", "utf-8-sig", "utf-16", "utf-16-le", "utf-16-be", "cp1252"])
@pytest.mark.parametrize("mark", [",", ";", "\t"])
def test_a_list_is_read_as_two_spreadsheets_write_it(tmp_path, encoding, mark):
    # RFC 4180 by Python's csv module, with the separators and encodings that spreadsheets save with
    out = io.StringIO()
    csv.writer(out, delimiter=mark).writerows([["Guest", "initials", "COUNT"], ["Zoë, \"Zo\"", "ZK", "2"],
                                              ["Ångström; late", "ÅN", ""], ["two\nlines", "", "1"]])
    path = tmp_path / "guests.csv"
    path.write_bytes(out.getvalue().encode(encoding))
    names = read_names(path, ART).names
    assert names.columns == ("Guest", "initials")
    assert [(row.cells, row.count) for row in names.rows] == [
        (('Zoë, "Zo"', "ZK"), 2), (("Ångström; late", "ÅN"), 1), (("two\nlines", ""), 1)]


@given(st.lists(st.tuples(st.text(st.characters(codec="utf-8", exclude_categories=["Cs", "Cc"]), max_size=12),
                          st.integers(1, 9)), min_size=1, max_size=8))
def test_a_list_written_is_read_back_the_same(rows):
    cells = [(cell.strip(), count) for cell, count in rows if cell.strip()]
    if cells:
        names = Names(("guest", "initials"), tuple(Row(key, (cell, "x"), count)
                                                   for key, (cell, count) in enumerate(cells, start=1)))
        assert names_of(text_of(names), ART).names == names


def test_a_row_with_a_count_and_no_name_is_left_out_and_told():
    listed = names_of("words;count\nAda;2\n;3\nBea;1\n", ART)
    assert [(row.cells, row.count) for row in listed.names.rows] == [(("Ada",), 2), (("Bea",), 1)]
    assert listed.notes == ("line 3 has a count and nothing to make; it is left out",)


def test_a_list_without_a_header_is_words_and_a_typed_comma_belongs_to_the_name():
    listed = names_of("Ada\n\nAda\nSmith, John\n=1+1\n", ART)
    assert [row.cells for row in listed.names.rows] == [("Ada",), ("Ada",), ("Smith, John",), ("=1+1",)]
    assert listed.notes == ("line 2 is empty and left out", "row 2 says the same as row 1: Ada")


def test_a_list_without_a_header_fills_what_the_art_has(tmp_path):
    words, initials = ART.items
    (tmp_path / "star.svg").write_text(STAR)
    (tmp_path / "list.txt").write_text("star.svg\nAda\n")
    drawing = Item(Drawing("ring.svg", STAR.encode()), key=3)
    for items, column, drawings in (((drawing, initials, words), "words", []), ((drawing, initials), "initials", []),
                                    ((drawing,), "drawing", ["star.svg"]), ((Item(Shape(), key=4),), "words", [])):
        names = read_names(tmp_path / "list.txt", Artwork(items)).names
        assert names.columns == (column,) and [one.name for one in names.drawings] == drawings
    assert names_of("Ada", Artwork((drawing,))).names.columns == ("words",), "a name that was typed is no file"
    (tmp_path / "list.txt").write_text("words\nAda\n")
    with pytest.raises(JobError, match=r"column .words. belongs to no part of the art: call it one of drawing, count,"):
        read_names(tmp_path / "list.txt", Artwork((drawing,)))


def test_a_name_goes_with_the_monogram_that_has_one_and_else_is_words():
    split = Item(Monogram("split", "A", "Ada"), key=5, size=30.0)
    plain, words = ART.items[1], ART.items[0]
    for items, key in (((words, plain, split), 5), ((plain, words), 1), ((plain,), 2)):
        assert names_of("name,count\nBea,2", Artwork(items)).names.columns == ("name",)
        part = part_of("Name", Artwork(items))
        assert part is not None and (part.item.key, part.field) == (key, "text")
    names = names_of("initials,name\nB,Bea\nC,\n,Cleo", Artwork((split,))).names
    made = [filled(Artwork((split,)), names, row).items[0] for row in names.rows]
    assert [(one.what.initials, one.what.text, one.shown) for one in made] == [
        ("B", "Bea", True), ("C", "", True), ("A", "Cleo", False)], "no initials, no monogram"
    assert names_of("Bea\nCleo", Artwork((split,))).names.columns == ("name",)
    with pytest.raises(JobError, match=r"row 1: 'xxx.*is too long for the name of a monogram: 200 letters at most"):
        names_of("name,count\n" + "x" * 201 + ",1", Artwork((split,)))


def test_both_words_of_a_monogram_are_typed_into_their_own_cells():
    names = Names(("initials", "name"), (Row(1, ("B", "Bea")), Row(2, ("C", "Cleo"))))
    order = msgspec.structs.replace(listed("x"), pieces=(msgspec.structs.replace(
        listed("x").pieces[0], names=names,
        artwork=Artwork((Item(Monogram("split", "A", "Ada"), key=1, size=30.0),))),))
    after = order.changed(0, 1, artwork__items__0__what__text="Clea", artwork__items__0__what__style="block")
    assert [row.cells for row in after.pieces[0].names.rows] == [("B", "Bea"), ("C", "Clea")]
    assert after.pieces[0].artwork.items[0].what == Monogram("block", "A", "Ada")
    assert after.job(0, 1).artwork.items[0].what == Monogram("block", "C", "Clea")


def test_a_list_that_fills_no_part_of_the_art_is_a_stop_and_a_column_of_several_is_watched():
    order = listed("Ada", "Bram")
    assert not run(order.job(0, 0)).findings("artwork")
    bare = order.changed(0, artwork__items=(Item(Shape("star"), key=9, size=20.0),))
    found, = run(bare.job(0, 1)).findings("artwork")
    assert found.code is Code.ROW and found.level is Level.STOP
    assert str(found.says) == "what the list says under 'words' is nowhere in the art"
    two = Names(("words", "table"), (Row(1, ("Ada", "4")),))
    found, = run(order.changed(0, names=two).job()).findings("artwork")
    assert found.level is Level.WATCH and str(found.why) == "put in words for it, or call an item of the art 'table'"


@pytest.mark.parametrize(("content", "sentence"), [
    (b"guest,Guest\nA,B\n", "two columns are called 'Guest'"),
    (b"seat,table\nA,B\n", "the column 'seat' belongs to no part of the art: call it one of 'guest', words"),
    (b"\x89PNG\r\n\x1a\n" + bytes(90), "holds no list of names"),
    (b"<svg xmlns='http://www.w3.org/2000/svg'/>", "holds no list of names"),
    (b"", "is empty: put one name on each line"),
    (b"guest\n", "holds no names"),
    (("guest\n" + "A\n" * 5000).encode(), "has 5000 rows, and 1000 are the most"),
    (b"guest,initials\nA," + b"B" * 30, "row 1: 'BBBBBBBBBBBBBBBBBBBBBBBB"),
    (b"guest\n" + b"x" * 3000, "more than 2000 letters"),
])
def test_a_list_that_cannot_be_is_refused_in_one_sentence(tmp_path, content, sentence):
    path = tmp_path / "list.csv"
    path.write_bytes(content)
    with pytest.raises(JobError) as told:
        read_names(path, ART)
    assert sentence in str(told.value) and "\n" not in str(told.value)


def test_odd_rows_are_told_and_kept(tmp_path):
    path = tmp_path / "list.csv"
    path.write_text(f"guest,count\nA,many\n,\nB,2,left over\n{'n' * 60},1\n")
    made = read_names(path, ART)
    assert [(row.cells[0][:2], row.count) for row in made.names.rows] == [("A", 1), ("B", 2), ("nn", 1)]
    assert [note.split(":")[0].split(" is ")[0] for note in made.notes] == [
        "line 2", "line 3", "line 4 has more cells than there are columns; 'left over'",
        "row 3 has a name of 60 letters"]


@pytest.mark.parametrize(("rule", "wide"), [
    (SizeRule("width", 34.0), lambda own: 34.0),
    (SizeRule("narrow", 24.0, 0.8), lambda own: max(0.8 * own, min(own, 24.0))),
    (SizeRule("caps"), lambda own: own),
])
def test_every_row_is_as_wide_as_the_rule_says(rule, wide):
    for cell in GUIDES:
        plain = compose(Artwork((Item(Words(cell), key=1, size=6.0, size_is="caps"),)))
        made = compose(Artwork((Item(Words(cell), key=1, size=6.0, size_is="caps"),), rule))
        assert made.size[0] == pytest.approx(wide(plain.size[0]), abs=0.01)
        if rule.by != "width":
            assert made.size[1] == pytest.approx(plain.size[1], abs=0.01)
        assert bool(made.findings) == (made.size[0] > rule.most + 0.01 and rule.by == "narrow")


def test_each_row_is_a_stencil_and_has_the_results_of_a_piece_by_itself():
    order = listed(*GUIDES)
    pipeline = Pipeline()
    results = pipeline.run_order(order)
    assert [piece.job.name for piece in results.pieces] == [f"Flute: {name}" for name in GUIDES]
    assert len({piece.job.key for piece in results.pieces}) == len(GUIDES)
    alone = job("Wrangel", name="x").changed(artwork__items__0__size=6.0, artwork__items__0__size_is="caps")
    assert results.pieces[2].sheet == pipeline.run(alone).sheet        # the very object: computed once
    assert results.pieces[2].job.row == (("words", "Wrangel"),)


EDITS = st.sampled_from([
    {"artwork__items__0__what__text": "Nova"}, {"artwork__items__0__size": 9.0}, {"fit__mode": "letters"},
    {"count": 3}, {"artwork__items__0__what__face": "Oswald Bold"}, {"stencil__border": 11.0},
    {"stencil__mends": [{"does": "fatten webs", "to": 0.8, "at": (1.0, 2.0), "reach": 1.0},
                        {"does": "widen openings", "to": 0.9}]},
    {"stencil__ties__placed": "hand", "stencil__ties__at": [(2.0, 1.0)]}, {"stencil__ties__placed": "auto"}])


def what_is_cut(made):
    """A row's job without its name; ties by hand where they are, and mends in whatever order."""
    ties = made.stencil.ties.at if made.stencil.ties.placed == "hand" else ()
    return made.changed(name="x", stencil__mends=sorted(made.stencil.mends, key=repr), stencil__ties__at=ties)


@given(edits=st.lists(st.tuples(st.integers(0, 3), EDITS), min_size=1, max_size=8), grown=st.sampled_from([1.0, 0.5]))
@settings(max_examples=60, deadline=None)
def test_a_row_changed_is_as_a_piece_changed_and_the_words_of_others_stay(edits, grown):
    order = listed(*GUIDES)
    names = order.pieces[0].names
    order = order.changed(names=names.with_row(1, msgspec.structs.replace(names.rows[1], grown=grown)))
    for row, changes in edits:
        others = [order.job(0, other) for other in range(4)]
        wanted = order.job(0, row).changed(**changes)
        order = order.changed(0, row, **changes)
        made = order.job(0, row)
        assert what_is_cut(made.changed(row=wanted.row, artwork=wanted.artwork)) == what_is_cut(wanted)
        for item, other in zip(made.artwork.items, wanted.artwork.items, strict=True):
            assert item.what == other.what and item.size == pytest.approx(other.size)
        for at, before in enumerate(others):
            if at != row:
                after = order.job(0, at)
                assert after.artwork.items[0].what.text == before.artwork.items[0].what.text
                assert [mend for mend in after.stencil.mends if mend.at] == [m for m in before.stencil.mends if m.at]
                assert after.count == before.count and after.stencil.ties.at == before.stencil.ties.at


def test_pieces_are_put_in_moved_taken_out_and_named_apart():
    order = Order.of(job("A", name="Flute"), star_job(name="Plaque"))
    more = with_pieces(order, (order.pieces[0], order.pieces[0]), after=0)
    assert [piece.name for piece in more.pieces] == ["Flute", "Flute 2", "Flute 3", "Plaque"]
    assert len({piece.key for piece in more.pieces}) == 4
    assert with_piece_moved(more, 3, 0).pieces[0].name == "Plaque"
    alone = without_piece(order, 0)
    with pytest.raises(JobError, match="at least one piece"):
        without_piece(alone, 0)


def test_what_is_put_in_has_no_key_of_what_was_there_before():
    order = Order.of(job("A", name="Flute"), star_job(name="Plaque"))
    order = replace(order, cut=replace(order.cut, laid=(Lying(4),)))
    assert [piece.key for piece in with_pieces(order, order.pieces[:1], 1).pieces] == [1, 2, 5]
    assert [piece.key for piece in with_pieces(order, order.pieces[:1], 1, [7, 3_000_002]).pieces] == [1, 2, 8]


def test_a_list_read_again_keeps_the_rows_that_are_in_it_still():
    mended = FilmMend("film", 1.0, (2.0, 3.0), 1.5)
    old = Names(("words",), (Row(1, ("Ada",)), Row(2, ("Bram",), mends=(mended,)), Row(4, ("Bram",), 2)))
    new = Names(("words",), (Row(1, ("Bram",), 3), Row(2, ("Cleo",)), Row(3, ("Bram",)), Row(4, ("Bram",))))
    made = in_place_of(old, new, [6])
    assert [(row.key, *row.cells, row.count) for row in made.rows] == [
        (2, "Bram", 3), (7, "Cleo", 1), (4, "Bram", 1), (8, "Bram", 1)]
    assert made.rows[0].mends == (mended,) and in_place_of(Names(), new, []).rows == new.rows
    other = Names(("initials",), (Row(1, ("Ada",)),))
    assert in_place_of(old, other, []).rows[0].key == 5, "of another column it is another"


def test_shared_art_changes_in_all_at_each_ones_own_size_until_it_is_parted():
    order = Order.of(job("A", name="Jug", width=60.0), job("A", name="Mug", width=30.0), job("A", name="Plate"))
    order = shared(order, 0, 1)

    def words(made):
        return [piece.artwork.items[0].what.text for piece in made.pieces]

    def edit(made, at, **changes):
        return carried(made, made.changed(at, **changes), at)

    made = edit(order, 0, artwork__items__0__what__text="B")
    assert words(made) == ["B", "B", "A"]
    assert [piece.artwork.items[0].size for piece in made.pieces[:2]] == [60.0, pytest.approx(30.0)]
    larger = edit(made, 1, artwork=made.pieces[1].artwork.scaled(1.2))
    assert larger.pieces[0] == made.pieces[0]                  # a size is each one's own
    assert words(edit(parted(made, 1), 0, artwork__items__0__what__text="C")) == ["C", "B", "A"]
    assert all(not piece.like for piece in parted(made, 1).pieces)


def test_a_mend_of_one_row_is_none_of_anothers():
    order = listed(*GUIDES)
    mend = FilmMend("fatten webs", 0.8, (1.0, 2.0), 1.0)
    order = order.changed(0, 2, stencil__mends=(mend,))
    assert [len(order.job(0, row).stencil.mends) for row in range(4)] == [0, 0, 1, 0]
    assert order.pieces[0].stencil.mends == () and order.pieces[0].names.rows[2].mends == (mend,)


TUMBLER = ["quick", "--glass", "taper", "--top", "72", "--bottom", "55", "--height", "190"]


def test_quick_makes_a_stencil_of_every_name_and_the_plan_tells_the_rows(tmp_path, capsys):
    (tmp_path / "guides.csv").write_text("words,count\nAda,2\nWrangel,1\n\n")
    assert main([*TUMBLER, "--names", str(tmp_path / "guides.csv"), "--size-rule", "caps", "--cap-height", "6mm",
                 "--ties", "auto", "--mend", "--out", str(tmp_path / "out")]) == 0
    assert "line 4 is empty" in capsys.readouterr().err
    plan = json.loads((tmp_path / "out/plan.json").read_text())
    assert [(piece["name"], piece["count"], piece["row"]) for piece in plan["pieces"]] == [
        ("guides: Ada", 2, {"words": "Ada"}), ("guides: Wrangel", 1, {"words": "Wrangel"})]
    assert plan["order"]["count"] == 3 and plan["cut"]["stencils"] == 3
    again = load_order(tmp_path / "out/job.vitro")
    for piece, row in zip(plan["pieces"], again.pieces[0].names.rows, strict=True):    # its own mends
        assert [mend["does"] for mend in piece["stencil"]["mends"]] == [mend.does for mend in row.mends] != []
    assert [job.row for job in again.jobs] == [(("words", "Ada"),), (("words", "Wrangel"),)]
    assert main(["export", str(tmp_path / "out/job.vitro"), "--piece", "guides: Ada", "--svg",
                 str(tmp_path / "a.svg")]) == 0 and (tmp_path / "a.svg").exists()


@pytest.mark.parametrize(("flags", "sentence"), [
    (["--names", "gone.csv", "--width", "40"], "gone.csv could not be opened: no such file"),
    (["--names", "list.csv", "--size-rule", "caps", "--width", "40"], "caps with --cap-height L, width with --width L"),
    (["--names", "list.csv", "--size-rule", "narrow:90", "--width", "9", "--cap-height", "5"], "narrow:PCT (1 to 70)"),
    (["--names", "list.csv", "--width", "40", "--cap-height", "5"], "or leave one of the two out"),
    (["--text", "K", "--size-rule", "caps", "--width", "40"], "--size-rule is for a list of names: give --names FILE"),
    (["--text", "K"], "one of --width, --art-height or --cap-height is required"),
    (["--text", "K", "--width", "9", "--cap-height", "9"], "leave out --width and --art-height"),
    (["--text", "K", "--width", "9", "--count", "0"], "--count: a whole number from 1 to 1000 was wanted, got '0'"),
])
def test_what_quick_cannot_read_of_a_list_is_one_sentence(tmp_path, monkeypatch, capsys, flags, sentence):
    monkeypatch.chdir(tmp_path)
    (tmp_path / "list.csv").write_text("Ada\n")
    assert main([*TUMBLER, *flags, "--out", "out"]) == 2
    told = capsys.readouterr().err
    assert sentence in told and told.count("\n") == 1


def test_capitals_are_as_high_as_typed(tmp_path):
    assert main([*TUMBLER, "--text", "HE", "--cap-height", "7.5", "--count", "3", "--out", str(tmp_path)]) == 0
    (piece,) = json.loads((tmp_path / "plan.json").read_text())["pieces"]
    assert piece["fit"]["art_mm"][1] == pytest.approx(7.5, abs=0.01) and piece["count"] == 3


@pytest.mark.parametrize("glass", [kept.glass for kept in generic_glasses()[::4]], ids=lambda glass: glass.kind)
def test_art_from_another_glass_is_brought_to_lie_soundly_and_then_stays_as_it_is(glass):
    order = Order.of(job("Kestrel", glass=glass, width=70.0, fit__from_rim=4.0))
    before = order.pieces[0].artwork.items[0].size
    made = settled(order, 0)
    results = Pipeline().run(made.order.job(0))
    assert not made.stops and not fails(results, "largest") and not results.stopped
    assert made.order.pieces[0].artwork.items[0].size >= before / 2 and made.wide == results.fitted.size[0]
    again = settled(made.order, 0)
    assert again.order == made.order and again.mended == 0


def test_a_piece_and_each_row_of_its_names_are_found_by_their_keys():
    order = listed(*GUIDES)
    order = with_pieces(order, (order.pieces[0], Order.of(job("Jar")).pieces[0]), 0)
    assert [order.place_of(made.key) for made in order.jobs] == list(order.places) and order.place_of(10**6) is None


@pytest.mark.parametrize(("by", "factor"), [("caps", 0.7), ("caps", 1.6), ("width", 0.7), ("width", 1.6),
                                            ("narrow", 0.7)])
def test_art_made_larger_or_smaller_is_so_for_every_row_whatever_their_rule(by, factor):
    order = listed("Ada", "Wrangel", "Theodora").changed(0, artwork__rule=SizeRule(by, 22.0, 0.8))
    made = order.changed(0, 1, **Resize(factor).paths(order.job(0, 1)))
    for before, after in zip(order.jobs, made.jobs, strict=True):
        assert compose(after.artwork).size == pytest.approx(np.array(compose(before.artwork).size) * factor, abs=0.01)


@pytest.mark.parametrize("change", [Resize(1.5), put(lambda job: job.artwork.rule.most, 33.0)])
@pytest.mark.parametrize("by", ["caps", "width"])
def test_what_was_placed_in_the_letters_of_a_row_stays_there_when_all_of_it_is_resized(by, change):
    order = listed("Ada", "Bob", "Dov").changed(0, artwork__rule=SizeRule(by, 22.0))
    for row in range(3):
        order = order.changed(0, row, stencil__ties__placed="hand", stencil__ties__at=((1.0 + row, 2.0),),
                              stencil__mends=(FilmMend("fatten webs", 0.8, (1.0, 2.0 + row), 0.5),))
    made = order.changed(0, 1, **change.paths(order.job(0, 1)))
    factor = 1.5 if by == "width" or isinstance(change, Resize) else 1.0      # the most is nothing to equal capitals
    for row, (was, now) in enumerate(zip(order.jobs, made.jobs, strict=True)):
        assert now.stencil.ties.at == ((factor * (1.0 + row), factor * 2.0),)
        assert now.stencil.mends == (was.stencil.mends[0].scaled(factor),)
    assert made.changed(0, 1, fit__angle=0.5).pieces[0].names == made.pieces[0].names


@pytest.mark.parametrize("change", [Resize(1.4), Resize(0.7, typed=True)])
def test_what_was_typed_as_the_most_a_row_may_take_is_never_made_more_nor_changed_beside_another_size(change):
    order = listed("Ada", "Theodora").changed(0, artwork__rule=SizeRule("narrow", 22.0, 0.3))
    made = order.changed(0, 1, **change.paths(order.job(0, 1)))
    assert made.pieces[0].artwork.rule == order.pieces[0].artwork.rule
    (ada, long), (was, _) = ([compose(one.artwork).size for one in each.jobs] for each in (made, order))
    assert ada == pytest.approx(np.array(was) * change.factor, abs=0.01) and long[0] <= 22.0 + 1e-6


@pytest.mark.parametrize(("by", "most", "wide"), [("caps", 22.0, 0.5), ("width", 11.0, 0.5), ("narrow", 22.0, 0.5)])
def test_a_row_made_smaller_by_itself_is_so_whatever_the_rule_and_the_others_stay(by, most, wide):
    order = listed("Ada", "Wrangel").changed(0, artwork__rule=SizeRule(by, 22.0, 0.8))
    names = order.pieces[0].names
    made = order.changed(0, names=names.with_row(1, msgspec.structs.replace(names.rows[1], grown=wide)))
    assert made.job(0, 0) == order.job(0, 0) and made.job(0, 1).artwork.rule.most == most
    was, now = (compose(one.job(0, 1).artwork).size for one in (order, made))
    assert now[1] == pytest.approx(wide * was[1]) and now[0] <= 22.0
    again = made.changed(0, 1, artwork=made.job(0, 1).artwork)
    assert again == made, "what is typed of it comes back as it was"


@pytest.mark.parametrize(("by", "names"), [("caps", ("Ada", "Wrangel")), ("width", ("\u5f35", "Ada", "Wrangel"))])
@pytest.mark.parametrize("end", ["smallest", "largest"])
def test_the_size_solved_for_does_for_all_rows_and_a_tenth_more_or_less_does_not(end, by, names):
    """Whatever their rule is; what its face cannot write fails at every size, and holds up nobody."""
    order = listed("Ada", "Wrangel").changed(0, artwork__rule=SizeRule(by, 20.0))
    factor = solved_factor(listed(*names).changed(0, artwork__rule=SizeRule(by, 20.0)), 0, end)
    size = 20.0 if by == "width" else order.pieces[0].artwork.items[0].size

    def failing(mm):
        made = order.changed(**Resize(mm / size).paths(order.job()))
        return any(fails(results, end) for results in Pipeline().run_order(made).pieces)

    assert not failing(size * factor)
    assert failing(size * factor + (0.1 if end == "largest" else -0.1))
    with pytest.raises(FitError, match="there is no art yet"):
        solved_factor(order.changed(artwork=Artwork(())), 0, end)
