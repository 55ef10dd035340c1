"""What is typed, and where answers go: one sentence and exit code 2, never a traceback."""

from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from specimens import STAR, job, star_job
from vitrograph.cli import main
from vitrograph.core.errors import CutterError, LengthError, LogbookError
from vitrograph.core.job import Order
from vitrograph.core.logbook import Entry, Logbook
from vitrograph.core.logbook.lists import csv_of
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.units import parse_length
from vitrograph.devices.cutter import run_hpgl

QUICK = ["quick", "--glass", "taper", "--bottom", "64", "--top", "90", "--slant", "132", "--text", "Gull"]


@pytest.mark.parametrize("words", [
    ["--width", "9" * 400 + " 1/2"], ["--width", "1/" + "3" * 5000], ["--width", "1e999"], ["--width", ""],
    ["--times", "²"], ["--times", "9" * 5000], ["--times", "-1"], ["--columns", "١٢٣٤٥"], ["--width", "5\udcff"],
], ids=lambda words: ascii(words[1])[:12])
def test_nonsense_is_told_in_one_line(words, tmp_path, capsys):
    width = [] if "--width" in words else ["--width", "40"]
    assert main([*QUICK, *width, *words, "--out", str(tmp_path / "out")]) == 2
    said = capsys.readouterr().err
    assert words[0] in said
    assert said.startswith("vitrograph: ") and said.count("\n") == 1 and len(said) < 400


@given(st.text(st.sampled_from("0123456789 /.,-+⅜²١mincft\"'"), max_size=80) | st.text(max_size=20))
def test_whatever_is_typed_for_a_length_is_one_or_is_refused(text):
    try:
        assert abs(parse_length(text)) <= 100_000
    except LengthError as error:
        assert "\n" not in str(error) and len(str(error)) < 200


@pytest.mark.parametrize("size", [5e-324, 1e-200, 1e-9, 4999.9])
def test_sizes_at_the_ends_of_what_is_taken_reach_a_result_or_a_sentence(size):
    for made in (job(width=size), star_job(width=size), job().changed(stencil__border=min(size, 100.0))):
        results = Pipeline().run(made)
        assert results.complete and all("\n" not in str(error) for _, error in results.failed)


def test_an_order_is_not_written_over_by_its_own_files(tmp_path, capsys):
    path = tmp_path / "order.vitro"
    save_order(Order.of(star_job(), id="s"), path)
    before = path.read_bytes()
    for words in (["--svg", path], ["--svg", tmp_path / "." / "order.vitro"],
                  ["--svg", tmp_path / "a", "--pdf", tmp_path / "a"]):
        assert main(["export", str(path), *map(str, words)]) == 2
        assert "named twice" in capsys.readouterr().err
    assert path.read_bytes() == before and load_order(path).pieces


def test_an_answer_that_finds_no_room_is_told(tmp_path, bounded):
    path = tmp_path / "order.vitro"
    save_order(Order.of(star_job(), id="s"), path)
    with Path("/dev/full").open("w") as full:
        ended = bounded("-m", "vitrograph", "plan", path, stdout=full)
    assert ended.code == 2 and "no space left on device" in ended.sentence


def test_names_that_are_no_words_are_told_all_the_same(tmp_path, bounded):
    art = tmp_path / "gull\udcff.svg"
    art.write_text(STAR)
    ended = bounded("-m", "vitrograph", *QUICK[:-2], "--art", art, "--width", 40, "--out", tmp_path / "out")
    assert ended.code == 0 and ended.sentence == ""
    assert load_order(tmp_path / "out" / "job.vitro").job().artwork.items[0].what.name == "gull?.svg"


@pytest.mark.parametrize(("text", "says"), [
    ("PU0,0;PD" + "9" * 400 + ",0;", "beyond where any cutter reaches"),
    ("PR;PD" + "1000000000,0," * 9 + "0,0;", "beyond where any cutter reaches"),
    (" " * 400_000 + "!", "cannot follow"), ("PU0,0" + " " * 400_000 + "!;", "wants numbers"),
    ("PU0,0;" * 3_000_000, "more than a cutter takes"),
])
def test_the_cutter_answers_what_no_cutter_is_sent(text, says):
    with pytest.raises(CutterError, match=says):
        run_hpgl(text)


@given(st.text(st.sampled_from("PUDARIN;,.-+ 0123456789\n!é"), max_size=200))
def test_the_cutter_cuts_or_says_why_not(text):
    try:
        assert run_hpgl(text).cut_mm >= 0
    except CutterError as error:
        assert "\n" not in str(error)


@given(note=st.text(max_size=8), job_name=st.sampled_from(["=1+1", "+x", "-x", "@SUM(A1)", "\t=1", "Gull"]))
def test_no_cell_of_the_logbook_is_run_by_a_spreadsheet(tmp_path_factory, note, job_name):
    import csv
    import io

    book = Logbook(tmp_path_factory.mktemp("book") / "logbook.sqlite")
    note = note.replace("\0", "").encode("utf-8", "replace").decode()
    book.add(Entry(made_on="2026-11-02", job=job_name, note=note))
    (row,) = csv.DictReader(io.StringIO(csv_of(book.entries()), newline=""))
    assert not any(cell.startswith(("=", "+", "-", "@", "\t", "\r", "\n")) for cell in row.values())
    assert [row["job"].removeprefix("'"), row["note"].removeprefix("'")] == [job_name, note.removeprefix("'")]


def test_a_spoiled_line_of_the_logbook_hides_no_other(tmp_path):
    book = Logbook(tmp_path / "logbook.sqlite")
    for name in ("one", "two", "three"):
        book.add(Entry(made_on="2026-11-02", job=name))
    for spoils in ("made_on = 'never'", "outcome = 'x'", "minutes = 1e9", "how_many = 999999999"):
        with book.open() as inside:
            inside.execute(f"UPDATE record SET {spoils} WHERE job = 'two'")
        assert [entry.job for entry in book.entries()] == ["three", "one"]
    with pytest.raises(LogbookError, match="its row is spoiled"):
        book.entry(2)
