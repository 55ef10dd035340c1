"""The workshop: kept once as readable JSON, new orders begin from it, an order says where it differs from it."""

import json
from threading import Event, Thread
from time import sleep

import msgspec
import pytest
from msgspec.structs import replace

from specimens import job
from vitrograph.cli import main
from vitrograph.core.errors import JobError, WorkshopError
from vitrograph.core.job import CutChoices, Lying, Order, Stock, Weighing
from vitrograph.core.storing.held import in_turn
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.workshop import (
    Cutter,
    Film,
    House,
    OwnCream,
    Tape,
    Workshop,
    begun,
    change_workshop,
    differences,
    json_of,
    load_workshop,
    read_workshop,
    save_workshop,
    with_cut,
    with_force,
    with_left_over,
    with_weighed,
    workshop_of,
)
from vitrograph.core.workshop.owning import with_another, with_first, without

MINE = Workshop(cutters=(Cutter("The old one", "roll", 600.0, over_run=0.9),), tapes=(Tape("Clear", 152.0),),
                films=(Film("Green", "removable", least_web=1.1, give=0.018),), house=House("in", "Letter", 17.0))


def test_a_workshop_is_kept_as_json_and_read_back(tmp_path):
    assert load_workshop(tmp_path / "none.json") == Workshop()
    save_workshop(MINE, tmp_path / "w" / "workshop.json")
    assert load_workshop(tmp_path / "w" / "workshop.json") == MINE
    assert json.loads((tmp_path / "w" / "workshop.json").read_text())["films"][0]["name"] == "Green"


@pytest.mark.parametrize(("wrong", "sentence"), [
    ('{"version": 3}', "newer Vitrograph"), ("{", "is not JSON"), ("[1]", "expected"), ("[" * 100_000, "is not JSON"),
    ('{"films": ' + "[" * 700 + "]" * 700 + "}", "is not JSON"),
])
def test_a_workshop_of_which_nothing_can_be_used_is_refused(tmp_path, wrong, sentence):
    (tmp_path / "workshop.json").write_text(wrong)
    with pytest.raises(WorkshopError) as told:
        load_workshop(tmp_path / "workshop.json")
    assert sentence in str(told.value) and "\n" not in str(told.value)


@pytest.mark.parametrize(("path", "value", "sentence"), [
    ("house.border", "wide", "house border: expected a number, got 'wide'"),
    ("cutters.0.width", -3, "cutters 1 width: more than 0\u202fmm, not \u22123\u202fmm"),
    ("films", [], "films: at least 1 of them"), ("films.0", 7, "films 1: expected named values, got 7"),
    ("tapes.0.roll_width", float("nan"), "tapes 1 roll width: expected a number, got 'nan'"),
    ("house.colour", "red", "the workshop holds the unknown field 'colour'"),
    ("creams.0.opened_on", "2026-02-30", "creams 1: opened on 2026-02-30: there is no such day"),
])
def test_what_a_hand_made_wrong_is_told_by_its_place_and_the_rest_is_used(tmp_path, path, value, sentence):
    mine = replace(MINE, creams=(OwnCream("North", 5.0), OwnCream("South")))
    tree = at = json.loads(json_of(mine))
    *way, last = path.split(".")
    for step in way:
        at = at[int(step) if step.isdigit() else step]
    at[int(last) if last.isdigit() else last] = value
    place = tmp_path / "workshop.json"
    place.write_text(json.dumps(tree))
    made, (told,) = read_workshop(place)
    assert sentence in told and told.endswith("the usual is taken there") and "\n" not in told
    left = json.loads(json_of(made))
    kept = {name for name in tree if left[name] == json.loads(json_of(mine))[name]}
    assert kept >= set(tree) - {way[0] if way else last} and len(made.creams) == 2 and made.creams[0].name == "North"
    before = place.read_text()
    with pytest.raises(WorkshopError, match="mend it first"):
        change_workshop(place, lambda known: with_cut(known, 100.0))
    assert place.read_text() == before, "what is wrong is not written over unasked"
    change_workshop(place, lambda known: replace(known, recipes=()), by_hand=True)
    assert read_workshop(place)[1] == () or made == load_workshop(place)


def test_a_workshop_that_is_wrong_everywhere_is_refused_and_two_wrong_places_are_both_told():
    made, wrong = workshop_of({"house": {"border": "x", "units": "ell"}, "films": [{"name": "Green", "left": "much"}]})
    assert len(wrong) == 3 and made.house == House() and made.films[0].name == "Green"
    with pytest.raises(WorkshopError):
        workshop_of({"creams": [7] * 40, "films": [7] * 40})


def test_a_new_order_begins_from_it_and_says_later_where_it_differs():
    order = begun(MINE, Order(id="x"))
    piece = order.pieces[0]
    assert (order.units, order.cut.film, order.cut.mat_width) == ("in", "removable", 600)
    assert order.transfer.roll_width == 152
    assert (order.cut.over_run, piece.stencil.border, piece.stencil.least_web) == (0.9, 17.0, 1.1)
    assert piece.fit.gives.removable == 0.018 and not list(differences(MINE, order))
    later = msgspec.structs.replace(MINE, tapes=(Tape("Wide", 200.0),))
    (one,) = differences(later, order)
    assert one.words("mm").replace("\u202f", " ") == "the tape's width: 152 mm here, 200 mm in the workshop"
    for many, begins in ((1, "border"), (2, f"{order.pieces[0].name}, border")):
        pieces = tuple(msgspec.structs.replace(order.pieces[0], key=key) for key in range(1, many + 1))
        wider = msgspec.structs.replace(order, pieces=pieces).changed(stencil__border=31.0)
        assert next(differences(MINE, wider)).words("mm").startswith(begins)     # of several pieces which one is said
    assert begun(Workshop(), Order(id="y")) == Order(id="y")   # the usual is the usual
    own = replace(order, cut=replace(order.cut, gap=15.0, laid=(Lying(1),)),
                  transfer=replace(order.transfer, settle=30.0))
    assert begun(MINE, own) == own, "what is the order's own stays"
    other = begun(replace(MINE, films=(Film("Blue", turning="none", left=500.0),)), own)
    assert (other.cut.gap, other.transfer.settle, other.cut.laid) == (15.0, 30.0, ()), "on other film nothing is laid"
    assert [(one.name, one.length, one.turning) for one in other.cut.stock] == [("Blue", 500.0, "none")]
    with_art = Order.of(job("K"), id="z")
    assert begun(MINE, with_art).pieces[0].artwork == with_art.pieces[0].artwork


@pytest.fixture
def home(tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path / "data"))
    return tmp_path / "data" / "vitrograph" / "workshop.json"


def test_commands_go_on_with_what_is_right_and_mend_what_is_set_anew(home, tmp_path, capsys):
    home.parent.mkdir(parents=True)
    home.write_text('{"films": [{"name": "Green", "width": "wide"}], "house": {"border": 17.0}}')
    made = tmp_path / "made"
    assert main(["quick", "--text", "Ada", "--glass", "straight", "--top", "80", "--height", "90", "--width", "30",
                 "--out", str(made)]) == 0
    assert capsys.readouterr().err.count("films 1 width: expected a number, got 'wide'") == 1, "once"
    order = load_order(next(made.glob("*.vitro")))
    assert order.pieces[0].stencil.border == 17.0 and order.cut.stock[0].name == "Green"
    assert main(["quick", "--text", "Ada", "--glass", "straight", "--top", "80", "--height", "90", "--width", "30",
                 "--border", "12mm", "--out", str(made)]) == 0
    assert load_order(next(made.glob("*.vitro"))).pieces[0].stencil.border == 12.0, "a flag goes before"
    other = tmp_path / "given.json"
    other.write_text(home.read_text())
    assert main(["workshop", "--read", str(other)]) == 2 and "films 1 width" in capsys.readouterr().err
    assert main(["workshop", "--set", "films.0.width=610mm"]) == main(["workshop"]) == 0
    assert (load_workshop(home).films[0].width, read_workshop(home)[1]) == (610.0, ())


def test_the_command_changes_tells_gives_away_and_compares(home, tmp_path, capsys):
    assert main(["workshop", "--set", "house.border=18mm", "--set", "cutters.0.name=The old one",
                 "--set", 'tapes=[{"name": "Clear", "roll_width": 152}]']) == 0
    assert main(["workshop"]) == 0
    told = capsys.readouterr().out.replace("\u202f", " ")
    assert "border 18 mm" in told and "292 mm wide" in told
    assert main(["workshop", "--set", "house.units=in"]) == main(["workshop"]) == 0
    told = capsys.readouterr().out.replace("\u202f", " ")
    assert " mm" not in told and "11 1/2 in wide" in told
    assert main(["workshop", "--set", "house.units=mm"]) == 0
    assert main(["workshop", "--json"]) == 0
    told = json.loads(capsys.readouterr().out)
    assert (told["house"]["border"], told["cutters"][0]["name"], told["tapes"][0]["roll_width"]) == (
        18.0, "The old one", 152.0)
    assert main(["workshop", "--write", str(tmp_path / "away.json")]) == 0
    home.unlink()
    assert main(["workshop", "--read", str(tmp_path / "away.json")]) == 0
    assert load_workshop(home).house.border == 18.0
    save_order(Order.of(job("K"), id="k"), tmp_path / "k.vitro")
    assert main(["workshop", "--compare", str(tmp_path / "k.vitro")]) == 0
    said = capsys.readouterr().out
    assert "border: " in said and "18" in said and "the tape's width" in said
    assert main(["workshop"]) == 0 and "cutter  The old one" in capsys.readouterr().out


@pytest.mark.parametrize(("flags", "sentence"), [
    (["--set", "house.border=wide"], "house.border: a length like 85 mm"),
    (["--set", "house"], "house.border=18mm was"),
    (["--set", "house.colour=red"], "there is no 'colour' here"), (["--set", "films.7.left=2"], "a number from 0 to 0"),
    (["--set", "house.border=-2"], "house border: at least 0 mm, not -2 mm"), (["--read", "gone.json"], "could not be"),
])
def test_what_cannot_be_set_is_one_sentence_and_the_workshop_stays(home, capsys, flags, sentence):
    assert main(["workshop", *flags]) == 2
    told = capsys.readouterr().err
    assert sentence in told and told.count("\n") == 1 and not home.exists()


def test_quick_begins_with_the_film_and_the_cutter_of_the_workshop(home, tmp_path, capsys):
    assert main(["workshop", "--set", 'films=[{"name":"Roll","kind":"permanent","width":305,"left":2000,"price":4}]',
                 "--set", "cutters.0.offset=0.4mm"]) == 0
    glass = ["--glass", "straight", "--top", "80", "--height", "110"]
    assert main(["quick", *glass, "--text", "Ada", "--width", "40mm", "--out", str(tmp_path / "out")]) == 0
    assert "1  Roll: 1, " in capsys.readouterr().out
    cut = load_order(tmp_path / "out" / "job.vitro").cut
    assert (cut.film, cut.offset, cut.stock[0].name, cut.stock[0].price) == ("permanent", 0.4, "Roll", 4.0)


def test_use_makes_a_blade_older_and_film_shorter_and_a_left_over_is_used_first():
    worn = with_cut(with_cut(Workshop(cutters=(Cutter("A", blade_m=1.5), Cutter("B"))), 2500.0), 500.0)
    assert [one.blade_m for one in worn.cutters] == [4.5, 0.0]
    films = (Film("Red", kind="shelf", left=900.0, price=3.0, force=70.0), Film("Blue", left=500.0, price=9.0))
    rest, red, blue = with_left_over(Workshop(films=films), Stock("Blue"), "stencil", 120.0, (80.0, 200.0)).films
    assert (rest.name, rest.left, rest.width, rest.price) == ("Blue, left over", 80.0, 200.0, 9.0)
    assert red == films[0] and blue.left == 300.0
    gone = with_left_over(Workshop(films=films), Stock("Green"), "removable", 1.0, (10.0, 20.0)).films[0]
    assert (gone.kind, gone.price, gone.left) == ("removable", 0.0, 10.0), "film nobody owns is like none"
    assert with_left_over(Workshop(films=films), Stock("Red"), "shelf", 900.0, (5.0, 5.0)).films[1].left == 0.0
    scrap = with_left_over(Workshop(films=films), Stock("Red"), "shelf", 890.0, None).films
    assert [(one.name, one.left) for one in scrap] == [("Red", 10.0), ("Blue", 500.0)]


def test_of_leftovers_of_one_name_the_one_that_was_cut_is_shorter_and_one_used_up_is_gone():
    films = (Film("Blue, left over", left=90.0, width=200.0), Film("Blue, left over", left=200.0, width=292.0),
             Film("Blue", left=700.0))
    cut = Stock("Blue, left over", width=292.0, length=200.0)
    made = with_left_over(Workshop(films=films), cut, "stencil", 120.0, (80.0, 292.0)).films
    assert [(one.name, one.left, one.width) for one in made] == [
        ("Blue, left over", 80.0, 292.0), ("Blue, left over", 90.0, 200.0), ("Blue", 700.0, 305.0)]
    scrap = with_left_over(Workshop(films=films), cut, "stencil", 200.0, None).films
    assert [one.left for one in scrap] == [90.0, 700.0]


def test_what_use_tells_is_kept_with_the_film_and_the_cream_that_the_order_is_made_with():
    films = (Film("Red", kind="shelf"), Film("Blue, left over"), Film("Blue"), Film("Green"))
    held = Workshop(films=films, creams=(OwnCream("Old pot", grams=300.0), OwnCream("New pot", grams=90.0)))

    def forces(cut: CutChoices) -> list[float | None]:
        return [one.force for one in with_force(held, cut, 90.0).films]

    assert forces(CutChoices(stock=(Stock("Blue"),))) == [None, 90.0, 90.0, None], "a leftover is the same film"
    assert forces(CutChoices(stock=(Stock("Green"),))) == [None, None, None, 90.0]
    assert forces(CutChoices(stock=(Stock("Unknown"),))) == [None, 90.0, 90.0, None], "the first of its kind"
    with pytest.raises(WorkshopError, match="no film of this kind"):
        forces(CutChoices(film="permanent"))
    old, new = with_weighed(held, "new POT", Weighing(90.0, 88.5, 4000.0)).creams
    assert (old.grams, old.weighed) == (300.0, ()) and (new.grams, len(new.weighed)) == (88.5, 1)
    with pytest.raises(WorkshopError, match="no cream called “Third”"):
        with_weighed(held, "Third", Weighing(90.0, 88.5, 4000.0))


def test_what_several_keep_in_it_at_once_is_all_there(tmp_path):
    place = tmp_path / "workshop.json"
    hands = [Thread(target=lambda: [change_workshop(place, lambda known: with_cut(known, 100.0)) for _ in range(15)])
             for _ in range(3)]
    for hand in hands:
        hand.start()
    for hand in hands:
        hand.join()
    assert load_workshop(place).cutters[0].blade_m == pytest.approx(4.5)
    assert [one.name for one in tmp_path.iterdir() if one.suffix not in (".json", ".bak")] == [], "nothing is left"


@pytest.mark.parametrize("changes", [15, 0], ids=["at work", "hanging"])
def test_one_at_work_is_waited_for_and_one_that_hangs_is_not(tmp_path, changes):
    inside, through = Event(), Event()

    def first() -> None:
        with in_turn(tmp_path):
            inside.set()
            for number in range(changes):
                (tmp_path / f"{number}.json").touch()
                sleep(0.1)
            through.wait(0.0 if changes else 10.0)

    hand = Thread(target=first)
    hand.start()
    inside.wait()
    with in_turn(tmp_path, patience=1.0):
        assert len(list(tmp_path.iterdir())) == changes, "entered before the other was through"
    through.set()
    hand.join()


def test_the_label_of_a_cream_is_known_by_its_name_however_written():
    mine = Workshop(creams=(OwnCream(name="Harbour", label_minutes=7.0), OwnCream(name="Pale", label_minutes=3.5)))
    assert (mine.label_minutes("harbour"), mine.label_minutes("PALE"), mine.label_minutes("Other")) == (7.0, 3.5, None)


def test_the_workshop_has_room_for_what_is_owned_and_no_more():
    for tree in ({"cutters": [{"blade_m": 1e6}]}, {"films": [{"left": 1e6}]}, {"house": {"bell": 1.0, "hour": 0.0}}):
        assert workshop_of(tree)[1] == ()
    for tree, place in (({"cutters": [{"blade_m": 1.1e6}]}, "blade m"), ({"films": [{"left": 1.1e6}]}, "left"),
                        ({"house": {"bell": 1.1}}, "bell"), ({"cutters": []}, "cutters"),
                        ({"films": [{"colour": "red"}]}, "colour"), ({"creams": 3}, "creams"),
                        ({"version": 1, "creams": [{"name": "North", "school": []}]}, "creams")):
        assert place in workshop_of(tree)[1][0]
    with pytest.raises(WorkshopError, match="the workshop"):
        workshop_of([])
    old, _ = workshop_of({"version": 1, "creams": [{"name": "North", "school": "long-still"}]})
    assert old.version == 2 and old.creams[0].recipe.name == "Fifteen, thick"


def test_another_of_a_kind_is_like_it_but_for_what_only_that_one_has():
    cream = OwnCream(name="C", opened_on="2026-03-01", grams=80.0, full=90.0, price=12.0, uses=2, gritty=True,
                     weighed=(Weighing(90.0, 80.0, 4000.0),))
    held = Workshop(creams=(cream,), cutters=(Cutter(name="The old one", port="tcp:bench:9100", blade_m=70.0),))
    more = with_another(with_another(held, "creams", 0), "creams", 0)
    assert [one.name for one in more.creams] == ["C", "C 3", "C 2"] and more.creams[0] == cream
    assert more.creams[1] == OwnCream(name="C 3", full=90.0, price=12.0)
    assert with_another(held, "cutters", 0).cutters[1] == Cutter(name="The old one 2")
    assert with_first(more, "creams", 2).creams == (more.creams[2], *more.creams[:2])
    assert without(more, "creams", 1).creams == (cream, more.creams[2])
    with pytest.raises(WorkshopError, match="it is the only one"):
        without(held, "creams", 0)
    many = replace(held, tapes=tuple(Tape(name=str(number)) for number in range(40)))
    with pytest.raises(JobError, match="at most 40"):
        with_another(many, "tapes", 3)


@pytest.mark.parametrize(("setting", "says"), [
    ("creams.0.opened_on=2026-02-30", "creams 1: opened on 2026-02-30: there is no such day"),
    ("creams.0.opened_on=28.11.2026", "creams 1 opened on: one like 2026-11-28 was wanted, got '28.11.2026'"),
    ("films.0.colour=red", "films 1 colour: one like #2f8f83 was wanted, got 'red'")])
def test_a_day_or_a_colour_that_is_none_is_told_with_an_example(setting, says, tmp_path, monkeypatch, capsys):
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path))
    assert main(["workshop", "--set", setting]) == 2
    assert says in capsys.readouterr().err and not (tmp_path / "vitrograph" / "workshop.json").exists()


def test_a_leftover_that_is_used_up_is_owned_no_longer_but_for_the_only_film():
    left = Film("Green, left over", width=200.0, left=300.0)
    whole = Film("Green", left=900.0)
    used = Stock(left.name, left.width, left.left)
    assert with_left_over(Workshop(films=(left, whole)), used, "stencil", 300.0, None).films == (whole,)
    assert with_left_over(Workshop(films=(left,)), used, "stencil", 300.0, None).films == (replace(left, left=0.0),)
    kept = with_left_over(Workshop(films=(left, whole)), used, "stencil", 180.0, None).films
    assert kept == (replace(left, left=120.0), whole)


def test_names_are_from_one_letter_to_eighty_and_forty_cutters_may_be_owned():
    rows = [{"name": "B" * (1 + number)} for number in range(40)]
    assert len(workshop_of({"cutters": rows})[0].cutters) == 40
    for wrong in ([*rows, {"name": "C"}], [{"name": ""}], [{"name": "B" * 81}]):
        assert "cutters" in workshop_of({"cutters": wrong})[1][0]
