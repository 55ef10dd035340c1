"""`log`, `advise` and `inspect` from the command line, as a maker and as a script would use them."""

import csv
import io
import json

import pytest
import shapely
from PIL import Image

from vitrograph.cli import main
from vitrograph.core.demo import demo_order
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.devices.piece_camera import PieceCamera

HEADS = "made_on,job,glass,material,cream,minutes,how_many,outcome"


@pytest.fixture
def run(capsys, monkeypatch, tmp_path):
    """Run a command with a data folder of its own; its exit code, what it said, and what it complained of."""
    monkeypatch.setenv("XDG_DATA_HOME", str(tmp_path / "data"))

    def told(*words):
        code = main([str(word) for word in words])
        said = capsys.readouterr()
        return code, said.out, said.err

    return told


@pytest.fixture
def order(tmp_path):
    path = tmp_path / "tumbler.vitro"
    save_order(demo_order("tumbler"), path)
    return path


def test_a_list_goes_in_and_comes_out_and_its_advice_is_json(run, tmp_path):
    rows = [f"2026-03-{day:02},Dome,taper,ordinary,North,{minutes},4,{outcome}" for day, minutes, outcome in
            ((1, 4, "3 faint"), (2, 6, "1 faint"), (3, 9, "good"), (4, 14, "good"), (5, "", "drip"))]
    path = tmp_path / "list.csv"
    path.write_text("\n".join([HEADS, *rows]), "utf-8")
    assert run("log", "--months")[1] == "nothing was found\n", "a book of nothing says so"
    assert run("advise", "--cream", "North", "--json")[0] == 0
    assert json.loads(run("advise", "--cream", "North", "--json")[1])["minutes"] is None
    assert run("log", "--import", path)[:2] == (0, "taken over: 5 entries, 20 pieces\n")
    assert run("log", "--import", path)[1] == "taken over: 0 entries, 0 pieces; 5 were in the book already\n"
    told = json.loads(run("advise", "--cream", "north", "--material", "ordinary", "--json")[1])
    assert told["interval"][0] < told["minutes"] < told["interval"][1] and told["n"] == 16
    assert 5 < told["minutes"] < 14 and "16 pieces" in told["says"]
    out = list(csv.DictReader(io.StringIO(run("log", "--csv")[1])))
    assert [row["outcome"] for row in out] == ["drip", "good", "good", "3 good, 1 faint",
                                               "1 good, 3 faint"] and out[0]["minutes"] == ""
    listed = json.loads(run("log", "--json", "--outcome", "faint", "--sort", "oldest")[1])
    assert [one["minutes"] for one in listed] == [4.0, 6.0] and listed[0]["number"] == 1
    assert "too few: 0 pieces with 'South'" in run("advise", "--cream", "South")[1]
    assert json.loads(run("log", "--months", "--json")[1])["months"][0]["failed"] == 8
    assert run("log", "--months")[1].startswith("2026-03: 20 pieces, 8 not good;")
    assert json.loads(run("log", "--causes", "--json")[1]) == []
    assert run("log", "--year", "2026", "--out", tmp_path / "year.pdf")[0] == 0
    assert (tmp_path / "year.pdf").read_bytes().startswith(b"%PDF")
    assert "drip" in run("log", "--find", "dome 2026-03-05")[1]


def test_an_entry_writes_itself_and_its_order_is_made_again(run, order, tmp_path):
    assert run("log", "--add", "outcome=5 good, 1 faint", "stars=4", "--order", order)[0] == 0
    (told,) = json.loads(run("log", "--json")[1])
    assert (told["how_many"], told["stars"], told["bits"], told["film"]) == (6, 4, 34, "stencil")
    assert told["faces"].startswith("Zilla Slab") and told["minutes"] == 10.5
    assert "cream_g" not in told, "no guess is kept as a fact"
    (group,) = json.loads(run("log", "--group", "film", "--json")[1])
    assert group == {"film": "stencil", "entries": 1, "pieces": 6}
    assert run("log", "--add", "job=Typed", "made_on=2026-01-02")[0] == 0
    again = tmp_path / "again.vitro"
    assert run("log", "--again", "1", "--out", again)[0] == 0
    assert load_order(again) == load_order(order)
    assert "Pieces: 6 | 1" in run("log", "--compare", "1", "2")[1]
    inches = json.loads(run("log", "--compare", "1", "2", "--json", "--units", "in")[1])
    (wide,) = (one for one in inches if one["field"] == "Width of the art")
    assert wide["other"] == "–" and float(wide["one"].split("\u202f")[0]) == pytest.approx(told["width_mm"] / 25.4,
                                                                                         abs=0.0006)
    assert run("log", "--remove", "2")[0] == 0 and len(json.loads(run("log", "--json")[1])) == 1
    assert run("log", "--remove", "1")[1].startswith("taken out: ") and json.loads(run("log", "--json")[1]) == []
    assert run("log", "--put-back")[1].startswith("put back: ") and json.loads(run("log", "--json")[1]) == [told]
    number = run("log")[1].split()[0]
    assert run("log", "--again", number, "--out", again)[0] == 0 and load_order(again) == load_order(order)
    assert run("log", "--put-back")[::2] == (2, "vitrograph: no entry was taken out that could be put back\n")


def test_days_are_read_as_spreadsheets_write_them_and_kept_as_one_can_sort_them(run, tmp_path):
    (tmp_path / "sheet.csv").write_text("made_on;job;minutes\n28.11.2026;Mug;12,5\n20261129;Jug;10\n")
    assert run("log", "--import", tmp_path / "sheet.csv")[0] == 0
    assert [one["made_on"] for one in json.loads(run("log", "--json")[1])] == ["2026-11-29", "2026-11-28"]
    for day in ("29.11.2026", "20261129", "2026-11-29"):
        assert [one["job"] for one in json.loads(run("log", "--since", day, "--json")[1])] == ["Jug"]


@pytest.mark.parametrize(("words", "says"), [
    (("log", "--add", "foo"), "a value was wanted, got 'foo'"),
    (("log", "--add", "job=K", "minutes=-3"), "minutes: a number of at least 0"),
    (("log", "--import", "none.csv"), "none.csv could not be opened"),
    (("log", "--again", "7", "--out", "x"), "no entry number 7"),
    (("log", "--remove", "one"), "an entry's number was wanted"),
    (("log", "--since", "May"), "--since: a day like 2026-11-28"),
    (("log", "--year", "x"), "a year like 2026"),
    (("log", "--year", "1999", "--out", "x.pdf"), "nothing was made in 1999"),
    (("inspect",), "a photograph and --order FILE were wanted"),
    (("inspect", "none.png", "--order", "x.vitro"), "none.png could not be opened"),
    (("inspect", "p.jpg", "--order", "x.vitro", "--overlay", "./p.jpg"), "p.jpg is named twice"),
    (("inspect", "none.png", "--order", "x.vitro", "--corners", "1,2;3,4"), "four places like"),
])
def test_what_cannot_be_is_one_sentence(run, words, says):
    code, out, err = run(*words)
    assert code == 2 and says in err and err.count("\n") == 1 and "Traceback" not in err + out


def test_a_photograph_is_measured_and_kept(run, order, tmp_path):
    from vitrograph.at_work import worked_out
    from vitrograph.core.pipeline import Pipeline

    piece = worked_out(Pipeline(), demo_order("tumbler")).pieces[0]
    leak = shapely.difference(shapely.Point(0, 60).buffer(1.3), piece.sheet.frosted)
    camera = PieceCamera(size=(1200, 1600), distance=450.0, focal=1.05, height=110.0, blur=0.6, noise=0.01)
    Image.fromarray(camera.photograph(piece, [leak])).save(tmp_path / "photo.png")
    run("log", "--add", "--order", order)
    code, out, err = run("inspect", tmp_path / "photo.png", "--order", order, "--piece", "Open night tumblers",
                         "--json", "--overlay", tmp_path / "over.jpg", "--keep", "1")
    told = json.loads(out)
    assert (code, err) == (1, "") and told["outcomes"] == ["leak at an edge"]
    (fault,) = told["faults"]
    assert fault["area_mm2"] == pytest.approx(leak.area, rel=0.15) and told["crooked_deg"] == pytest.approx(0, abs=0.2)
    assert (tmp_path / "over.jpg").read_bytes().startswith(b"\xff\xd8")
    Image.fromarray(camera.photograph(piece)).save(tmp_path / "good.png")
    assert run("inspect", tmp_path / "good.png", "--order", order)[:2][0] == 0
    assert run("inspect", "--card", tmp_path / "card.pdf", "--page", "Letter")[0] == 0
