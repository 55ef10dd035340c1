"""The packet as two readers of PDF see it: pages of the printer's paper, true sizes, and words one can work from."""

import io
import re
import shutil
import subprocess

import numpy as np
import pypdf
import pytest
import shapely
import uharfbuzz as hb
from msgspec.structs import replace
from PIL import Image
from reportlab.pdfgen.canvas import Canvas

from specimens import CARAFE, LANTERN, PLAQUE, TUMBLER, finished, in_mm, job, star_job
from vitrograph.core.demo import demo_order
from vitrograph.core.export import patterns_pdf
from vitrograph.core.faces import INTERFACE, stretches
from vitrograph.core.job import Features, FlatGlass, KeepOut, Names, Order, Row
from vitrograph.core.paper import letters
from vitrograph.core.paper.letters import broken
from vitrograph.core.paper.packet import draw_station, packet_pdf
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.says import Length

POPPLER = shutil.which("pdftoppm") and shutil.which("pdfinfo")     # Debian's poppler-utils


def packet(*jobs, paper="A4", **shared):
    done = Pipeline().run_order(Order.of(*jobs, **shared)).finished()
    return done, packet_pdf(done, paper)


def pages_of(pdf):
    return list(pypdf.PdfReader(io.BytesIO(pdf)).pages)


def words_of(pdf):
    return " ".join(" ".join(page.extract_text() for page in pages_of(pdf)).split())


def outlines_on(page):
    """Every closed line stroked or filled on a page, in mm of what is drawn, whatever it is moved by."""
    content = page.get_contents().get_data().decode("latin-1")
    lines = re.findall(r"n ((?:[-\d.]+ [-\d.]+ [ml]\s?)+)", content)
    return [np.array([(float(x), float(y)) for x, y in re.findall(r"([-\d.]+) ([-\d.]+) [ml]", line)])
            for line in lines]


@pytest.mark.parametrize(("paper", "size"), [("A4", (210.0, 297.0)), ("Letter", (215.9, 279.4))])
def test_every_page_is_the_printers_paper_and_true_sizes_are_true(paper, size):
    done, pdf = packet(job("Kestrel", count=2), paper=paper)
    sheet = done.pieces[0].sheet
    for page in pages_of(pdf):                                 # ISO 216 A4, US Letter; ISO 32000: 72 units to the inch
        assert sorted(float(side) / 72 * 25.4 for side in page.mediabox[2:]) == pytest.approx(sorted(size), abs=0.01)
    true = [page for page in pages_of(pdf) if "must be 100 mm" in page.extract_text()]
    weed = next(page for page in true if "weed" in page.extract_text())
    largest = max((points for points in outlines_on(weed) if len(points) > 3),
                  key=lambda points: shapely.Polygon(points).area)
    assert np.ptp(largest, axis=0) == pytest.approx(np.ptp(np.asarray(sheet.outline.bounds).reshape(2, 2), axis=0),
                                                    abs=0.1)
    scales = re.findall(r"([\d.]+) 0 0 ([\d.]+) 0 0 cm", weed.get_contents().get_data().decode("latin-1"))
    assert {round(float(across), 3) for pair in scales for across in pair} - {1.0} == {round(72 / 25.4, 3)}
    assert b"10 22 m 110 22 l" in weed.get_contents().get_data()              # the line to check the print by


@pytest.mark.skipif(not POPPLER, reason="Debian's poppler-utils is not installed")
def test_a_second_reader_sees_the_same_pages_and_a_line_of_100_mm(tmp_path):
    _, pdf = packet(star_job())
    (tmp_path / "p.pdf").write_bytes(pdf)
    told = subprocess.run(["pdfinfo", tmp_path / "p.pdf"], capture_output=True, text=True, check=True).stdout
    assert f"Pages:           {len(pages_of(pdf))}" in told and "A4" in told
    at = next(k for k, page in enumerate(pages_of(pdf), start=1) if "must be 100 mm" in page.extract_text())
    subprocess.run(["pdftoppm", "-r", "254", "-gray", "-f", str(at), "-l", str(at), "-singlefile", tmp_path / "p.pdf",
                    tmp_path / "p"], check=True)
    seen = np.asarray(Image.open(tmp_path / "p.pgm"))
    row = seen[round(seen.shape[0] - 22.0 * 10)]               # 10 pixels to the mm; the line lies 22 mm up
    dark = np.flatnonzero(row < 160)
    assert (dark[-1] - dark[0]) / 10 == pytest.approx(100.0, abs=0.3)


def station_pages(done, station, number=0):
    out = io.BytesIO()
    canvas = Canvas(out, invariant=True)
    draw_station(canvas, done, done.pieces[number], station, "A4")
    canvas.save()
    return pages_of(out.getvalue())


def test_a_station_prints_its_own_part_of_the_packet_and_the_band_goes_round_the_glass():
    done, pdf = packet(job("Kestrel"), job("Point", glass=LANTERN, name="Lamp"))
    def plain(pages):
        return {re.sub(r"page \d+", "", page.extract_text()) for page in pages}

    for station, holds in (("cut", "from the left"), ("weed", "pull"), ("transfer", "Mark where"), ("etch", "Caution"),
                           ("logbook", "Look at each piece dry")):
        told = plain(station_pages(done, station))
        assert told and told <= plain(pages_of(pdf)) and any(holds in page for page in told), station
    wall = done.pieces[1].wall                                 # a straight wall's band is once round by its length
    drawn = max((points for page in station_pages(done, "fit", 1) for points in outlines_on(page) if len(points) > 3),
                key=lambda points: shapely.Polygon(points).area)
    assert np.ptp(drawn, axis=0) == pytest.approx((np.pi * 98.0, wall.length), abs=0.1)
    stencil = max((points for page in station_pages(done, "stencil") for points in outlines_on(page)
                   if len(points) > 3), key=lambda points: shapely.Polygon(points).area)
    left, low, right, high = done.pieces[0].sheet.outline.bounds
    assert np.ptp(stencil, axis=0) == pytest.approx((right - left, high - low), abs=0.1)


def test_the_pages_can_be_worked_from_alone():
    _, pdf = packet(job("BO", count=2, name="Mugs", glass=LANTERN, fit__times=2, width=30.0, stencil__border=9.0,
                        fit__angle=0.0, features=Features(thickness=3.0, bottom=5.0, keep_out=(KeepOut(),))))
    said = words_of(pdf)
    for wanted in ("2 glasses, 4 stencils to cut", "safety data sheet", "Film 1", "Transfer tape", "letter B",
                   "Mugs: weed 4 of them", "Mugs, stencil 2 of 2 round it", "(180°)", "of the handle's middle", "ml (",
                   "Mask below", "Cover the handle and the mouth", "4:30 to 5:30 will do. 5:00 min: clock 1, below",
                   "Mugs, 2 of 2 __:__ - __:__",
                   "What is white on black",
                   "Caution"):
        assert wanted in said, wanted
    assert said.count("Log") == 1 and "No collar" not in said


def test_names_share_what_is_the_same_and_what_is_small_shares_a_page():
    order = Order.of(job("Ada", name="Guides", width=30.0, stencil__border=9.0))
    rows = Row(1, ("Ada",)), Row(2, ("Łucja",), 2), Row(3, ("Bo",))
    order = replace(order, pieces=(replace(order.pieces[0], names=Names(("words",), rows)),))
    done = Pipeline().run_order(order).finished()
    pages = [" ".join(page.extract_text().split()) for page in pages_of(packet_pdf(done, "A4"))]
    pages = [page.replace("Ł ucja", "Łucja") for page in pages]       # a reader parts what two faces write
    weeds = [page for page in pages if re.search(r"Guides: (Ada|Łucja|Bo): weed", page)]
    assert len(weeds) == 3
    for page in weeds:                                         # its sheet, its picture and its list on one page
        assert "finished, dark and light" in page and "must be 100 mm" in page and "lift a corner" in page
    steps = [number for number, page in enumerate(pages, start=1) if "Wipe the place with alcohol" in page]
    assert len(steps) == 1, "what is the same for all names is told once"
    others = " ".join(page for page in pages if "Others like Guides: Ada: what differs" in page)
    assert others.count("Mark where the film goes") == 2
    assert others.count(f"All else as for Guides: Ada, page {steps[0]}.") == 2
    ada, *rest = ([in_mm(step.says).replace("\u202f", " ") for step in piece.transfer.steps] for piece in done.pieces)
    for piece, says in zip(done.pieces[1:], rest, strict=True):
        right = Length(piece.transfer.settings[0].placing.right.round_glass, tool=True).words("mm")
        assert piece.job.name in others and f"corner: {right} to the right".replace("\u202f", " ") in others
        assert set(says) - set(ada) and all(one in others for one in set(says) - set(ada)), "its own numbers"
    (etch,) = [page for page in pages if "Put on gloves" in page]
    assert "Guides: etch 4" in etch and "Guides: Łucja, 2 of 2 __:__ - __:__" in etch


def test_whatever_page_is_in_the_hand_says_what_it_is_of():
    _, pdf = packet(job("Kestrel Point Observatory\nopen night at the dome", name="Dome", width=70.0, glass=PLAQUE))
    pages = [" ".join(page.extract_text().split()) for page in pages_of(pdf)]
    lists = [page for page in pages if "hook it" in page or "pull slowly" in page]
    assert len(lists) > 1 and all("pull where how" in page for page in lists), "the table has its heading on each"
    assert all("Dome" in page for page in pages)
    assert any("Dome: on the glass, continued" in page for page in pages)


def test_letters_of_all_kinds_are_on_the_paper_and_what_no_face_has_is_told_from_them():
    _, pdf = packet(job("BO", name="Łukasz Öğretmen ★ ǎ \U00010400"))
    assert "ŁukaszÖğretmen★" in words_of(pdf).replace(" ", "")
    assert letters.wide("Ł", 10.0) > 4.0 and letters.wide("ab", 3.0) == pytest.approx(
        letters.wide("a", 3.0) + letters.wide("b", 3.0))
    assert stretches("\ufffe") == [(INTERFACE[0], "?")] and stretches("Ł")[0][0] != INTERFACE[0]


@pytest.mark.parametrize(("name", "joined"), [("\u0633\u0644\u0627\u0645", True), ("\u05e9\u05dc\u05d5\u05dd", False)])
def test_names_that_run_from_the_right_are_written_so_and_joined(name, joined):
    """Beside HarfBuzz itself with the same face: its advances, and its order on the line from left to right."""
    face, _ = stretches(name[0])[0]
    if face == INTERFACE[0]:
        pytest.skip("no face of this computer has these letters")
    buffer, font = hb.Buffer(), hb.Font(hb.Face(hb.Blob.from_file_path(face)))
    buffer.add_str(name)
    buffer.guess_segment_properties()
    hb.shape(font, buffer)
    shaped = letters._shaped(name, letters._registered(face), 20.0)
    assert [one.cluster for one in shaped.__shapeData__] == [one.cluster for one in buffer.glyph_infos]
    assert shaped.__shapeData__[0].cluster > shaped.__shapeData__[-1].cluster and (len(shaped) < len(name)) == joined
    advances = sum(one.x_advance for one in buffer.glyph_positions) / font.face.upem
    assert letters.wide(name, 20.0) == pytest.approx(20.0 * advances, rel=1e-3)
    two = f"A {name} {name} b"
    assert [run[1] for run in letters._runs(two)] == ["A ", f"{name} {name}", " b"]
    assert shaped.logical == name, "a printer's painter shapes it itself"


def test_a_framed_panes_back_a_two_line_carafe_and_a_hollow_dish_read_right():
    _, framed = packet(job("Hi", name="Door", glass=FlatGlass(width=260.0, height=180.0, frame=9.0, lies="upright"),
                           fit__face="back", fit__across=20.0))
    said = words_of(framed)
    assert "Mirrored" in said and "frame's left inner edge" in said and "as you see them from behind" in said
    assert "101 mm from the frame's left inner edge" in said   # 121 to the middle of the aperture, 20 to the other side
    assert "towel below it" in said and "Lay the pane flat" not in said
    _, two = packet(job("Kestrel\n\nPoint", name="Carafe", glass=CARAFE, width=56.0, fit__from_rim=40.0, fit__rows=2))
    words = words_of(two)
    assert words.index("Peel the tape off film 1 of 2") < words.index("Mark where film 2 of 2 goes")
    hollow = FlatGlass(width=240.0, height=160.0, lies="hollow")
    _, dish = packet(job("Hi", name="Dish", glass=hollow, fit__face="back"))
    assert "upside down on a folded towel" in words_of(dish) and "ring's upper inner edge" in words_of(dish)


def test_a_glass_without_a_rim_says_so_and_what_is_large_is_tiled():
    order = demo_order("ornament")
    done = Pipeline().run_order(order).finished()
    said = words_of(packet_pdf(done, "A4"))
    assert "no rim to hang a collar on" in said and "above the table" in said
    _, large = packet(job("Kestrel", name="Pane", glass=FlatGlass(width=700.0, height=500.0), width=450.0))
    assert "Lay cross on cross" in words_of(large)


def test_one_piece_of_an_order_has_a_packet_of_its_own_and_a_decal_has_no_cream():
    done = Pipeline().run_order(Order.of(job("BO", name="One"), star_job(name="Two"))).finished()
    alone = words_of(patterns_pdf("packet", done, done.pieces[1:], "A4"))
    assert "Begun ____ : ____" in alone, "one glass has its clock beside the step"
    assert "Two: weed" in alone and "One: weed" not in alone and "1 glass, 1 stencil to cut" in alone
    _, decal = packet(job("BO", stencil__kind="decal"))
    assert "cream" not in words_of(decal).replace("cream, minutes", "").lower()


@pytest.mark.parametrize(("passes", "says"), [(1, "each line cut once. "), (2, "each line cut 2 times. ")])
def test_the_cut_page_says_how_often_each_line_is_cut(passes, says):
    _, pdf = packet(job("I", width=8.0, cut__passes=passes))
    assert says in words_of(pdf)


def test_in_inches_every_length_is_told_in_inches():
    _, pdf = packet(job("BO", glass=TUMBLER), units="in")
    assert not re.search(r"\d mm", words_of(pdf)) and "3 15/16 in" in words_of(pdf)


def test_lines_are_broken_where_they_fit_and_long_words_within():
    lines = broken("Kestrel Point Observatory " + "x" * 90, 4.0, 50.0)
    assert "".join(lines).replace(" ", "") == "KestrelPointObservatory" + "x" * 90 and len(lines) >= 4
    assert broken("", 4.0, 50.0) == [""]
    assert finished(job(glass=PLAQUE)).pieces                  # the specimen is sound


@pytest.mark.parametrize("kind", ["packet", "tiles", "knife"])
@pytest.mark.parametrize("paper", ["A4", "Letter"])
def test_words_stay_on_the_page_however_long_a_name_is_and_each_page_says_which_it_is(paper, kind):
    name = "The open night of the Kestrel Point Observatory, given to all who came and to those who could not come " * 2
    pane = FlatGlass(width=600.0, height=300.0)
    done, _ = packet(job("Kestrel", name=name[:120]), job("Kestrel Point", width=420.0, glass=pane, name=name[:119]))
    ends, several = [], 0
    for page in pages_of(patterns_pdf(kind, done, done.pieces, paper)):
        room = float(page.mediabox.width) / 72 * 25.4 - 4.0

        def told(text, cm, tm, _font, size, room=room):
            scale = 72 / 25.4
            if len(text.strip()) > 30:                         # shorter ones are labels on what is drawn, cut with it
                ends.append((cm[4] / scale + tm[4] + letters.wide(text.strip(), size), room, text))
        said = page.extract_text(visitor_text=told)
        crosses = ("must be 100 mm" in said and " of B" in said) or re.search(r" · [A-Z]\d of [A-Z]\d", said)
        several += bool(crosses)
    assert len(ends) > 4 and [one for one in ends if one[0] > one[1]] == []
    assert several >= 2, "of a pattern on several pages each says which it is"


def test_what_is_too_long_for_a_line_says_that_it_goes_on():
    assert letters.shortened("Kestrel", 3.0, 50.0) == "Kestrel"
    cut = letters.shortened("Kestrel Point Observatory", 3.0, 20.0)
    assert cut.endswith("…") and "Kestrel Point".startswith(cut[:-1]) and letters.wide(cut, 3.0) <= 20.0
    assert letters.shortened("Kestrel", 3.0, 0.0) == "…"
