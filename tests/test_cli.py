"""The program without a window: flags, files, exit codes, and one sentence for whatever is wrong."""

import json
import re
from itertools import pairwise
from math import hypot
from pathlib import Path
from time import sleep

import ezdxf
import pytest
from PIL import Image
from pypdf import PdfReader

from specimens import STAR, fonts_folder, job
from vitrograph.at_work import at_work
from vitrograph.cli import main
from vitrograph.core.job import Order
from vitrograph.core.storing.orderfile import load_order, save_order

TUMBLER = ["--glass", "taper", "--top", "90mm", "--bottom", "64mm", "--height", "132mm"]
WORDS = ["--text", "Kestrel", "--width", "60mm"]


def quick(tmp_path, *words):
    return main(["quick", *words, "--out", str(tmp_path / "out")])


def plan_in(tmp_path):
    return json.loads((tmp_path / "out" / "plan.json").read_text("utf-8"))["pieces"][0]


def test_quick_writes_the_files_and_the_plan(tmp_path, capsys):
    assert quick(tmp_path, *TUMBLER, *WORDS) == 0
    names = sorted(path.name for path in (tmp_path / "out").iterdir())
    assert names == ["cut.dxf", "cut.plt", "cut.png", "cut.svg", "job.vitro", "packet.pdf", "plan.json", "stencil.pdf",
                     "stencil.svg"]
    fan = plan_in(tmp_path)["fit"]["fan"]
    slant = hypot(132, 13)
    assert fan["outer_radius_mm"] == pytest.approx(45 * slant / 13, abs=1e-3)
    assert fan["inner_radius_mm"] == pytest.approx(32 * slant / 13, abs=1e-3)
    assert fan["sweep_deg"] == pytest.approx(360 * 13 / slant, abs=1e-3)
    assert plan_in(tmp_path)["fit"]["art_on_glass_mm"][0] == pytest.approx(60.0)
    assert main(["plan", str(tmp_path / "out" / "job.vitro"), "--json"]) == 0
    printed = json.loads("{" + capsys.readouterr().out.split("\n", 9)[-1].partition("{")[2])
    assert printed["pieces"][0] == plan_in(tmp_path)


@pytest.mark.parametrize(("font", "sentence"), [
    ("made.pfb", "made.pfb is damaged, or is no font of a kind that is read"),
    ("none.otf", "none.otf could not be read: no such file"), ("Nobody", "there is no face 'Nobody'")])
def test_a_font_that_is_not_read_is_told_by_its_true_reason(tmp_path, capsys, font, sentence):
    (tmp_path / "made.pfb").write_bytes(b"%!PS-AdobeFont-1.0")
    named = str(tmp_path / font) if "." in font else font
    assert quick(tmp_path, *TUMBLER, *WORDS, "--font", named) == 2
    assert sentence in capsys.readouterr().err


@pytest.mark.parametrize(("words", "sentences"), [
    ([*WORDS, "--stations", "0:62,40:88", "--frame", "8mm"], [
        "--stations is for --glass curved, and is not used for taper",
        "--frame L is for --glass flat, and is not used for taper"]),
    ([*WORDS, "--monogram-style", "split", "--name-in-monogram", "Ada", "--frame", "circle", "--licence", "mine"], [
        "--monogram-style is not used without a monogram (--monogram)",
        "--name-in-monogram is not used without a monogram (--monogram)",
        "--licence is not used without a drawing (--art)",
        "--frame SHAPE is not used without a monogram (--monogram)"]),
    (["--names", "GUESTS", "--width", "50mm", "--font", "Barlow", "--count", "3"], [
        "--count is not used with a list of names: its column count says how many are made of a row"]),
    (["--monogram", "KP", "--frame", "circle", "--font", "Barlow", "--width", "50mm", "--count", "2"], [])])
def test_flags_that_mean_nothing_here_are_told(tmp_path, capsys, words, sentences):
    (tmp_path / "guests.txt").write_text("Ada\nBea\n")
    quick(tmp_path, *TUMBLER, *(str(tmp_path / "guests.txt") if word == "GUESTS" else word for word in words))
    assert capsys.readouterr().err.splitlines() == [f"vitrograph: {sentence}" for sentence in sentences]


def test_long_work_says_now_and_then_what_it_does_and_how_far_it_is(capfd, monkeypatch):
    monkeypatch.setattr("vitrograph.at_work._FIRST_S", 0.02)
    monkeypatch.setattr("vitrograph.at_work._THEN_S", 0.02)
    with at_work("mending") as step:
        for says in ("mending", "drawing the packet, 3 of 9 done"):
            step.tell(says)
            sleep(1.0)
            assert re.search(rf"vitrograph: at work for \d+ s, {says} \(Ctrl\+C stops it\)\n$", capfd.readouterr().err)
    capfd.readouterr()
    sleep(0.1)
    assert not capfd.readouterr().err, "and no more of it when it is done"


def test_the_plan_tells_the_films_outline_and_where_the_svgs_corner_lies_on_the_sheet(tmp_path):
    assert quick(tmp_path, *TUMBLER, *WORDS) == 0
    fit = plan_in(tmp_path)["fit"]
    left, high = fit["svg_corner_mm"]
    on_page = re.search(r'id="film".*? d="M([\d.]+) ([\d.]+)L', (tmp_path / "out" / "stencil.svg").read_text("utf-8"))
    (outline,), = fit["film_outlines_mm"]                      # one film, its edge one ring
    x, y = (float(number) for number in on_page.groups())
    assert min(hypot(left + x - at[0], high - y - at[1]) for at in outline) < 1e-3
    assert max(at[0] for at in outline) - left == pytest.approx(fit["sheet_mm"][0], abs=1e-3)


def test_quick_takes_a_drawing_inches_and_circumferences(tmp_path):
    art = tmp_path / "star.svg"
    art.write_text(STAR)
    glass = ["--glass", "straight", "--top", "11 in", "--measured", "circumference", "--height", "4 1/2 in"]
    assert quick(tmp_path, *glass, "--art", str(art), "--art-height", "1 1/2in", "--from-rim", "1in") == 0
    plan = plan_in(tmp_path)
    assert plan["glass"]["rim_diameter_mm"] == pytest.approx(11 * 25.4 / 3.14159265, abs=1e-3)
    assert plan["fit"]["fan"] is None
    assert plan["fit"]["art_on_glass_mm"][1] == pytest.approx(38.1)
    assert load_order(tmp_path / "out" / "job.vitro").job().artwork.items[0].what.name == "star.svg"


def test_quick_on_a_pane_cut_for_the_back(tmp_path):
    words = ["--glass", "flat", "--size", "20x15cm", "--face", "back", "--text", r"Kestrel\nPoint", "--width", "10cm"]
    assert quick(tmp_path, *words, "--font", "zilla", "--mode", "straight", "--border", "25mm") == 0
    plan = plan_in(tmp_path)
    assert plan["fit"]["mirrored"] and plan["stencil"]["border_mm"]["left"] == 25.0
    assert [found["level"] for found in plan["stencil"]["findings"]] == ["note"]
    assert load_order(tmp_path / "out" / "job.vitro").job().artwork.items[0].what.text == "Kestrel\nPoint"


def test_quick_takes_curved_walls_and_balls(tmp_path):
    assert quick(tmp_path, "--glass", "curved", "--stations", "0:62,40:88,90:70", "--text", "K", "--width", "2cm") == 0
    plan = plan_in(tmp_path)
    assert plan["glass"]["widest_diameter_mm"] == pytest.approx(88, abs=0.05) and plan["glass"]["upright_mm"] == 90
    assert plan["fit"]["fan"] is None and 0 < plan["fit"]["strain"]["at_openings_pct"] < 3
    assert quick(tmp_path, "--glass", "ball", "--diameter", "80mm", "--text", "K", "--width", "2cm") == 0
    assert plan_in(tmp_path)["glass"]["along_wall_mm"] == pytest.approx(125.6637, abs=1e-3)


def test_a_stop_is_exit_code_1_and_the_files_are_still_written(tmp_path, capsys):
    assert quick(tmp_path, *TUMBLER, *WORDS, "--from-rim", "-20mm") == 1
    assert (tmp_path / "out" / "stencil.svg").exists()
    assert main(["check", str(tmp_path / "out" / "job.vitro")]) == 1
    assert "stop: the art runs 20\u202fmm past the rim (off-glass)" in capsys.readouterr().out


@pytest.mark.parametrize(("words", "sentence"), [
    ([], "required: COMMAND"),
    (["quick"], "required"),
    (["quick", "--glass", "cube"], "invalid choice: 'cube'"),
    (["quick", *TUMBLER, "--width", "9", "--words", "A" * 50_000], "AAAA…; see 'vitrograph quick --help'"),
    (["quick", *TUMBLER, "--text", "K", "--base", "58"],       # no short for --baseline
     "unrecognized arguments: --base 58; see 'vitrograph quick --help'"),
    (["quick", *TUMBLER, "--text", "K", "--width", "-5mm"], "--width must be more than 0, got -5 mm"),
    (["quick", *TUMBLER, "--text", "K", "--width", "0"], "--width must be more than 0, got 0 mm"),
    (["quick", *TUMBLER, "--text", "K", "--width", "wide"], "--width: a length like 85 mm"),
    (["quick", *TUMBLER, "--text", "K", "--width", "9", "--art-height", "9"], "not allowed with"),
    (["quick", *TUMBLER, "--text", " ", "--width", "9"], "nothing to etch: give --text, --art, --monogram or --names"),
    (["quick", *TUMBLER, "--text", "K", "--width", "9", "--font", "Brush"], "there is no face 'Brush'"),
    (["quick", *TUMBLER, "--art", "gone.svg", "--width", "9"], "gone.svg could not be opened: no such file"),
    (["quick", *TUMBLER, "--text", "K", "--width", "9", "--border", "2 km"], "--border: the unit 'km' is not known"),
    (["quick", *TUMBLER, "--text", "K", "--width", "99999"], "--width: at most 5000 mm"),
    (["quick", *TUMBLER[:-2], "--slant", "9", "--text", "K", "--width", "9"], "measure the slant along the wall again"),
    (["quick", *TUMBLER[:-2], "--text", "K", "--width", "9"], "a taper glass needs --height or --slant"),
    (["quick", "--glass", "straight", "--top", "80", "--bottom", "70", "--height", "90", "--text", "K", "--width", "9"],
     "use --glass taper"),
    (["quick", "--glass", "flat", "--size", "200", "--text", "K", "--width", "9"], "--size: a size like 200x150mm"),
    (["quick", "--glass", "curved", "--stations", "0:62", "--text", "K", "--width", "9"], "at least two stations"),
    (["quick", "--glass", "curved", "--stations", "0:62,9", "--text", "K", "--width", "9"], "each is HEIGHT:DIAMETER"),
    (["quick", "--glass", "ball", "--text", "K", "--width", "9"], "a ball glass needs --diameter"),
    (["quick", "--glass", "flat", "--size", "200x150mm", "--text", "K", "--width", "9", "--stem", "20"],
     "--stem belongs to straight, taper and ball"),
    (["quick", *TUMBLER, "--text", "K", "--width", "9", "--out", "k.vitro"],
     "a folder was wanted, and k.vitro is called as a file is: all files go into it, the order as job.vitro"),
    (["plan", "gone.vitro"], "gone.vitro could not be opened"),
    (["check", "gone.vitro"], "gone.vitro could not be opened"),
    (["open", "gone.vitro"], "gone.vitro could not be opened"),
    (["export", "gone.vitro"], "say what to write: --svg FILE, --dxf FILE, --hpgl FILE"),
])
def test_bad_input_is_exit_code_2_and_one_line(tmp_path, monkeypatch, capsys, words, sentence):
    monkeypatch.chdir(tmp_path)
    out = ["--out", "out"] if words[:1] == ["quick"] and len(words) > 3 and "--out" not in words else []
    assert main([*words, *out]) == 2
    error = capsys.readouterr().err
    assert sentence in error and error.count("\n") == 1 and error.startswith("vitrograph: ") and len(error) < 400
    assert list(tmp_path.iterdir()) == []


def test_export_writes_what_is_asked_for(tmp_path):
    path = tmp_path / "job.vitro"
    save_order(Order.of(job()), path)
    assert main(["export", str(path), "--svg", str(tmp_path / "a.svg"), "--hpgl", str(tmp_path / "a.plt")]) == 0
    assert (tmp_path / "a.svg").read_text().startswith("<?xml") and (tmp_path / "a.plt").read_text().startswith("IN;")
    assert not (tmp_path / "a.pdf").exists()
    assert main(["export", str(path), "--pdf", str(tmp_path / "no" / "a.pdf")]) == 2


def test_a_window_without_a_screen_is_refused(monkeypatch, capsys):
    for name in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"):
        monkeypatch.delenv(name, raising=False)
    assert main(["demo"]) == 2
    assert "no screen to open a window on" in capsys.readouterr().err


def test_a_job_with_nothing_to_cut_is_told(tmp_path, capsys):
    path = tmp_path / "empty.vitro"
    save_order(Order.of(job("")), path)
    assert main(["plan", str(path)]) == 2
    assert capsys.readouterr().err == "vitrograph: type some words, open a drawing, or add a shape or a monogram\n"


def test_quick_knows_what_is_in_the_way(tmp_path):
    oval = ["--glass", "flat", "--size", "200x120mm", "--outline", "oval", "--frame", "10mm"]
    assert quick(tmp_path, *oval, *WORDS) == 0
    assert plan_in(tmp_path)["glass"]["width_mm"] == 180 and plan_in(tmp_path)["glass"]["largest_motif_mm"]
    handled = [*TUMBLER, *WORDS, "--handle", "40mm", "--foot", "8mm", "--bead", "3mm", "--from-rim", "30mm"]
    assert quick(tmp_path, *handled) == 0
    kept = load_order(tmp_path / "out" / "job.vitro").job().features
    assert (kept.foot, kept.bead, kept.keep_out[0].what, kept.keep_out[0].wide) == (8.0, 3.0, "handle", 40.0)
    assert quick(tmp_path, *TUMBLER, *WORDS, "--foot", "8mm", "--from-rim", "118mm") == 1      # the words over the foot
    assert "keep-out" in {found["code"] for found in plan_in(tmp_path)["stencil"]["findings"]}


def test_quick_takes_pictures_and_dxf_with_their_flags(tmp_path):
    pixels = Image.new("RGB", (240, 160), "#faf0c8")
    pixels.paste("#303030", (40, 40, 200, 120))
    for suffix in ("png", "jpg", "webp", "tiff"):
        pixels.save(tmp_path / f"bar.{suffix}")
        art = ["--art", str(tmp_path / f"bar.{suffix}"), "--width", "40mm", "--from-rim", "40mm"]
        flags = ["--threshold", "128", "--simplify", "0.1mm", "--licence", "drawn here"]
        assert quick(tmp_path, *TUMBLER, *art, *flags) == 0
        drawing = plan_in(tmp_path)["artwork"]["drawing"]
        assert plan_in(tmp_path)["fit"]["art_on_glass_mm"] == pytest.approx([40, 20], rel=0.02)
        assert drawing["kind"] == "picture" and drawing["own_size_mm"] == pytest.approx([13.55, 6.77], rel=0.03)
    assert "drawn here" in plan_in(tmp_path)["artwork"]["provenance"][0]
    assert load_order(tmp_path / "out" / "job.vitro").job().artwork.items[0].what.name == "bar.tiff"
    document = ezdxf.new("R2010", units=4)
    document.modelspace().add_circle((0, 0), 12)
    document.saveas(tmp_path / "ring.dxf")
    assert quick(tmp_path, *TUMBLER, "--art", str(tmp_path / "ring.dxf"), "--width", "24mm", "--from-rim", "40mm") == 0
    assert plan_in(tmp_path)["stencil"]["opening_area_mm2"] == pytest.approx(3.14159 * 144, rel=1e-2)


@pytest.mark.parametrize(("flags", "sentence"), [
    (["--threshold", "dark"], "--threshold: a number from 0 to 255 was wanted, got 'dark'"),
    (["--background", "#ffffff:900"], "--background: a number from 0 to 255"),
    (["--background", "bluish:9"], "is not a colour"), (["--simplify", "lots"], "--simplify: a length like"),
])
def test_bad_picture_flags_get_one_sentence(tmp_path, capsys, flags, sentence):
    Image.new("L", (60, 60), 200).save(tmp_path / "x.png")
    assert quick(tmp_path, *TUMBLER, "--art", str(tmp_path / "x.png"), "--width", "4cm", *flags) == 2
    told = capsys.readouterr().err
    assert sentence in told and told.count("\n") == 1


def test_quick_stacks_words_art_and_monograms_in_their_order(tmp_path):
    (tmp_path / "star.svg").write_text(STAR)
    words = ["--text", "Kestrel Point", "--art", str(tmp_path / "star.svg"), "--monogram", "K,P,O", "--frame", "circle",
             "--text", "Open night", "--font", "oswald", "--width", "52mm", "--from-rim", "15mm"]
    assert quick(tmp_path, *TUMBLER, *words, "--border", "12mm") == 0
    pieces = plan_in(tmp_path)["artwork"]["pieces"]
    assert [piece["is"] for piece in pieces] == ["words", "drawing", "monogram", "words"]
    assert plan_in(tmp_path)["fit"]["art_on_glass_mm"][0] == pytest.approx(52.0, abs=1e-3)
    tops = [piece["box_mm"][3] for piece in pieces]
    assert tops == sorted(tops, reverse=True)
    gaps = [above["box_mm"][1] - below["box_mm"][3] for above, below in pairwise(pieces)]
    assert gaps == pytest.approx([gaps[0]] * 3, abs=1e-3) and gaps[0] > 0
    assert pieces[0]["cap_height_mm"] == pytest.approx(pieces[3]["cap_height_mm"], abs=1e-3)
    kept = load_order(tmp_path / "out" / "job.vitro").job().artwork.items[2].what
    assert (kept.initials, kept.frame, kept.text_face) == ("K,P,O", "oval", "Oswald Bold")


def test_quick_takes_a_font_file_and_a_monogram_of_any_style(tmp_path):
    font = str(fonts_folder("Cinzel Bold")[0])
    flags = ["--monogram", "K", "--monogram-style", "split", "--name-in-monogram", "Kestrel", "--font", font]
    assert quick(tmp_path, *TUMBLER, *flags, "--art-height", "60mm", "--from-rim", "20mm") == 0
    assert plan_in(tmp_path)["fit"]["art_on_glass_mm"][1] == pytest.approx(60.0, abs=1e-3)
    assert "a font of the maker's" in plan_in(tmp_path)["artwork"]["provenance"][0]
    assert quick(tmp_path, *TUMBLER, "--text", "K", "--width", "9", "--font", "gone.ttf") == 2
    assert quick(tmp_path, *TUMBLER, "--monogram", " , ", "--width", "9") == 2
    assert quick(tmp_path, *TUMBLER, "--text", "K" * 9000, "--width", "9") == 2
    assert quick(tmp_path, *TUMBLER, *flags, "--frame", "triangle", "--width", "9") == 2


CARAFE = ["--glass", "curved", "--stations", "0:84,30:118,68:136,116:104,158:52,205:66"]
TWO_LINES = ["--text", "KESTREL", "--text", "POINT", "--width", "60mm"]


def test_quick_lays_by_each_way_and_the_sheets_differ(tmp_path):
    sheets = {}
    for mode in ("rim", "letters", "straight", "eye"):
        quick(tmp_path, *TUMBLER, "--text", "Kestrel", "--width", "80mm", "--mode", mode)
        plan = plan_in(tmp_path)
        assert plan["fit"]["mode"] == mode and plan["fit"]["strain"]["max_squeeze_pct"] == 0
        sheets[mode] = plan["fit"]["sheet_mm"]
    assert len({tuple(size) for size in sheets.values()}) == 4
    assert sheets["eye"][0] > sheets["rim"][0] + 5               # what turns away must be drawn wider


def test_quick_splits_and_the_plan_says_what_the_film_gives(tmp_path):
    place = ["--middle", "70mm", "--border", "15mm"]
    assert quick(tmp_path, *CARAFE, *TWO_LINES, *place) == 0
    one = plan_in(tmp_path)["fit"]
    assert quick(tmp_path, *CARAFE, *TWO_LINES, *place, "--split", "2") == 0
    two = plan_in(tmp_path)["fit"]
    assert one["bands"] == one["relief_cuts"] == [] and [band["order"] for band in two["bands"]] == [1, 2]
    assert two["strain"]["at_openings_pct"] < one["strain"]["at_openings_pct"]
    assert one["strain"]["limit_pct"] == 1.5 and one["closure_mm"] > 0
    assert quick(tmp_path, *CARAFE, *TWO_LINES, *place, "--film", "cone", "--warm") == 0
    cone = plan_in(tmp_path)["fit"]["strain"]
    assert cone["limit_pct"] == pytest.approx(2.25) and cone["at_openings_pct"] > one["strain"]["at_openings_pct"]


def test_quick_snips_stands_by_the_handle_and_goes_round(tmp_path):
    assert quick(tmp_path, "--glass", "ball", "--diameter", "96mm", "--text", "KEST", "--width", "34mm",
                 "--border", "16mm", "--relief") in (0, 1)
    assert len(plan_in(tmp_path)["fit"]["relief_cuts"]) > 2
    assert quick(tmp_path, *TUMBLER, *WORDS, "--handle", "20mm", "--at", "others", "--hand", "left") == 0
    assert plan_in(tmp_path)["fit"]["angle_deg"] == pytest.approx(90.0)          # the handle stands behind, at 180
    assert quick(tmp_path, "--glass", "straight", "--top", "96mm", "--height", "120mm", "--text", "K", "--width",
                 "10mm", "--times", "9", "--wrap") == 0
    assert plan_in(tmp_path)["fit"]["sheet_mm"][0] == pytest.approx(301.5929, abs=1e-3)
    assert main(["export", str(tmp_path / "out" / "job.vitro"), "--paper", str(tmp_path / "band.pdf")]) == 0
    assert (tmp_path / "band.pdf").read_bytes().startswith(b"%PDF")


@pytest.mark.parametrize(("flags", "sentence"), [
    (["--split", "x"], "--split: a whole number from 1 to 12 was wanted, got 'x'"),
    (["--times", "0"], "--times: a whole number from 1 to 60 was wanted, got '0'"),
    (["--at", "behind"], "--at: degrees or one of opposite, between, others, drinker were wanted, got 'behind'"),
    (["--at", "opposite"], "has no handle"), (["--baseline", "soon"], "--baseline"),
    (["--wrap", "--times", "5", "--mode", "eye"], "must come back to where it began"),
    (["--mode", "arched"], "invalid choice: 'arched'"), (["--up-to", "-20"], "stencil reading angle"),
    (["--seen-from", "near"], "--seen-from"),
])
def test_bad_fit_flags_get_one_sentence(tmp_path, capsys, flags, sentence):
    assert quick(tmp_path, *TUMBLER, *WORDS, *flags) == 2
    told = capsys.readouterr().err.strip()
    assert sentence in told and "\n" not in told and not (tmp_path / "out").exists()


@pytest.mark.parametrize("kind", ["resist", "clear", "decal"])
def test_quick_cuts_every_kind(tmp_path, kind):
    words = ["--glass", "straight", "--top", "90mm", "--height", "12cm", "--text", "Kestrel", "--width", "6cm"]
    assert quick(tmp_path, *words, "--kind", kind, "--film-outline", "art", "--corner", "3mm", "--tab", "upper") == 0
    stencil = plan_in(tmp_path)["stencil"]
    assert stencil["kind"] == kind and (stencil["frosted_area_mm2"] == 0) == (kind == "decal")


def test_quick_mends_ties_and_marks(tmp_path, capsys):
    words = ["--glass", "straight", "--top", "90mm", "--height", "12cm", "--text", "BOAT", "--font", "Cinzel Bold",
             "--width", "6cm", "--marks", "cut", "--name", "Open night"]
    assert quick(tmp_path, *words) == 0
    before = plan_in(tmp_path)
    assert before["stencil"]["work"]["failing"] > 0 and before["transfer"]["tape_needed"]
    assert quick(tmp_path, *words, "--mend", "--ties", "auto", "--tie-width", "2mm") == 0
    after = plan_in(tmp_path)
    assert after["stencil"]["work"]["failing"] == 0 and after["stencil"]["one_piece"]
    assert not after["transfer"]["tape_needed"] and {tie["width_mm"] for tie in after["stencil"]["ties"]} == {2.0}
    assert "mended: " in capsys.readouterr().out
    assert load_order(tmp_path / "out" / "job.vitro").job().stencil.mends
    assert 'id="marks"' in (tmp_path / "out" / "stencil.svg").read_text()


@pytest.mark.parametrize(("flags", "said"), [
    (["--tie-width", "0.1mm"], "stencil ties width"), (["--kind", "stamp"], "--kind"), (["--ties", "some"], "--ties"),
    (["--corner", "round"], "--corner"), (["--least-web", "-1mm"], "stencil least web"),
])
def test_quick_says_what_it_cannot_read_of_the_stencil(tmp_path, capsys, flags, said):
    words = ["--glass", "straight", "--top", "90mm", "--height", "12cm", "--text", "K", "--width", "3cm"]
    assert quick(tmp_path, *words, *flags) == 2
    told = capsys.readouterr().err
    assert said in told and told.count("\n") == 1


def test_the_plan_tells_each_film_of_each_copy_its_place_its_steps_and_its_mask(tmp_path, capsys):
    """As docs/formats.md promises it, by the numbers of a straight mug with copies at 0 and 180 degrees."""
    assert quick(tmp_path, "--glass", "straight", "--top", "80mm", "--height", "95mm", "--text", "Ada", "--width",
                 "24mm", "--from-rim", "40mm", "--border", "10mm", "--times", "2",
                 "--set", "features.thickness=3mm", "--set", "features.bottom=6mm") == 0
    piece = plan_in(tmp_path)
    films = piece["transfer"]["films"]
    assert [(film["copy"], film["film"]) for film in films] == [(1, 1), (2, 1)]
    first, second = (film["placing"] for film in films)
    assert first["round_mm"] == pytest.approx(0, abs=1e-3) and first["angle_deg"] == pytest.approx(0, abs=1e-6)
    assert abs(second["round_mm"]) == pytest.approx(3.14159265 * 40, abs=1e-3) and second["across_mm"] is None
    assert first["rim_mm"] == pytest.approx([30.0] * 3, abs=1e-3) and first["from"] == "rim"
    # inside radius 37, from the bottom at 6 mm up to the film's lower edge
    assert first["water_ml"] == pytest.approx(3.14159265 * 37**2 * (first["above_table_mm"] - 6) / 1000, abs=1e-3)
    assert films[0]["setting"] == "middle" and {"says", "hands", "wait_s", "caution"} <= films[0]["steps"][0].keys()
    assert films[0]["steps"][-1]["wait_s"] == 900 and not films[0]["steps"][-1]["hands"]
    assert [run["side"] for run in films[0]["mask"]] == ["lower", "left", "right", "upper"]
    (stencil,) = piece["weed"]["stencils"]
    assert len(stencil["openings"]) == 3 and stencil["stays"] == 3
    assert {"order", "name", "hook_mm", "pull_deg", "hold_mm", "risk", "why"} == stencil["openings"][0].keys()
    capsys.readouterr()
    assert main(["plan", str(tmp_path / "out" / "job.vitro")]) == 0
    said = capsys.readouterr().out
    assert "transfer, stencil 2 of 2 round the glass" in said and "Mark where the film goes" in said


def test_a_name_without_a_stencil_is_left_out_and_the_others_are_made(tmp_path, capsys):
    """One name that the face cannot write must not hold up twenty-nine that it can; it is told wherever they are."""
    (tmp_path / "names.csv").write_text("words,count\nAda,1\n\u5f35,3\nGrace,2\n", encoding="utf-8")
    names = ("--names", str(tmp_path / "names.csv"), "--name", "Guides")
    assert quick(tmp_path, *TUMBLER, "--width", "40", *names) == 1
    (told,) = capsys.readouterr().err.splitlines()
    assert told.startswith("vitrograph: left out, for want of a stencil: Guides: \u5f35: ") and "no letter" in told
    plan = json.loads((tmp_path / "out" / "plan.json").read_text("utf-8"))
    order = str(tmp_path / "out" / "job.vitro")
    assert [(one["row"]["words"], one["count"]) for one in plan["pieces"]] == [("Ada", 1), ("Grace", 2)]
    assert plan["cut"]["stencils"] == 3 and len(plan["left_out"]) == 1
    assert {one["piece"] for one in plan["etch"]["schedule"]} == {"Guides: Ada", "Guides: Grace"}
    cover = PdfReader(tmp_path / "out" / "packet.pdf").pages[0].extract_text()
    assert "3 glasses, 3 stencils to cut." in cover and "Left out, for want of a stencil: Guides: " in cover
    assert main(["check", order]) == 1
    assert any(line.startswith("stop: Guides: \u5f35: ") for line in capsys.readouterr().out.splitlines())
    out = f"file:{tmp_path / 'again.plt'}"
    assert main(["cut", order, "--to", out, "--again", "Guides: Grace"]) == 0
    assert main(["cut", order, "--to", out, "--again", "Guides"]) == 2, "one of them is not as good as another"
    assert "as Guides: Ada, Guides: Grace" in capsys.readouterr().err
    (tmp_path / "names.csv").write_text("Ada\n", encoding="utf-8")
    assert quick(tmp_path, *TUMBLER, "--width", "40", *names) == 0
    assert "4 files there were written earlier and do not belong to this order as it is now: 01-stencil.pdf, " in (
        capsys.readouterr().err)
    (tmp_path / "names.csv").write_text("words,count\nAda,1\n\u5f35,3\nGrace,2\n", encoding="utf-8")
    assert quick(tmp_path, *TUMBLER, "--width", "40", *names) == 1
    lacking = load_order(Path(order)).pieces[0].names.rows[1]
    assert (lacking.cells, lacking.count) == (("\u5f35",), 3), "and it is kept"
    (tmp_path / "names.csv").write_text("\u5f35\n", encoding="utf-8")
    assert quick(tmp_path / "none", *TUMBLER, "--width", "40", *names) == 2 and not (tmp_path / "none").exists()


def test_one_stencil_is_cut_again_by_its_pieces_name(tmp_path, capsys):
    assert quick(tmp_path, *TUMBLER, *WORDS, "--count", "3", "--name", "Mug") == 0
    order, out = str(tmp_path / "out" / "job.vitro"), tmp_path / "again.plt"
    for words, code in (("Mug", 0), ("1:1", 0), ("Mug:2", 2), ("Jug", 2)):
        assert main(["cut", order, "--to", f"file:{out}", "--again", words]) == code
    assert "a film from 1 to 1 was wanted, got '2'" in capsys.readouterr().err
    whole = (tmp_path / "out" / "cut.plt").read_text().count("PD")
    save_order(load_order(Path(order)).changed(cut__mat_length=40.0), Path(order))
    assert main(["cut", order, "--to", f"file:{tmp_path / 'far.plt'}"]) == 0
    assert "film 1: no film or mat is large enough for this: " in capsys.readouterr().err
    assert out.read_text().count("PD") == pytest.approx(whole / 3, abs=3)


@pytest.mark.parametrize("kind", ["svg", "packet"])
def test_a_file_without_a_name_is_a_sentence(tmp_path, capsys, kind):
    save_order(Order.of(job("K")), tmp_path / "k.vitro")
    assert main(["export", str(tmp_path / "k.vitro"), f"--{kind}", ""]) == 2
    assert capsys.readouterr().err == f"vitrograph: --{kind}: a file's name was wanted\n"
