"""The files: HP-GL, SVG and PDF, each read back by something that is not ours."""

import io
import re
from math import pi

import numpy as np
import pypdf
import pytest
import resvg_py
import shapely
from PIL import Image

from specimens import CARAFE, FLARE_IN, LANTERN, PLAQUE, TUMBLER, job, run, star_job
from vitrograph.core.cut import UNITS_PER_MM, to_hpgl, to_svg
from vitrograph.core.demo import demo_job
from vitrograph.core.glass import wall_of
from vitrograph.core.job import FlatGlass
from vitrograph.core.paper import band_pdf, page_for, proof_pdf, to_pdf


def drawn_outline(pdf):
    """The outline that a page strokes last, as a polygon, mm."""
    content = pypdf.PdfReader(io.BytesIO(pdf)).pages[0].get_contents().get_data().decode("latin-1")
    outline = content[:content.index("S\nQ")].rsplit(" w", 1)[1]
    return shapely.Polygon([(float(x), float(y)) for x, y in re.findall(r"([-\d.]+) ([-\d.]+) [ml]", outline)])


GLASSES = {"taper": TUMBLER, "taper inward": FLARE_IN, "straight": LANTERN, "flat": PLAQUE}


@pytest.mark.parametrize("kind", list(GLASSES))
def test_the_svg_has_true_size_and_the_films_area(kind):
    sheet = run(job("Kestrel\nPoint", glass=GLASSES[kind])).sheet
    text = to_svg(sheet, "Kestrel & <Point>")
    left, low, right, high = sheet.outline.bounds
    width, height = (float(value) for value in re.search(r'width="([\d.]+)mm" height="([\d.]+)mm"', text).groups())
    assert (width, height) == pytest.approx((right - left, high - low), abs=1e-4)
    pixels_per_mm = 24
    png = resvg_py.svg_to_bytes(svg_string=text.replace("#2F8F83", "#000000"), width=round(width * pixels_per_mm),
                                background="#ffffff", dpi=96)
    image = Image.open(io.BytesIO(bytes(png))).convert("L")
    dark = sum((255 - level) * count for level, count in enumerate(image.histogram())) / 255
    assert dark / image.width / image.height * width * height == pytest.approx(sheet.film.area, rel=1e-3)


def test_the_svg_is_96_pixels_to_the_inch():
    # CSS Values and Units 4, section 6.2: 1in = 96px; a renderer at its default density must make that many pixels
    sheet = run(star_job(glass=FlatGlass(width=140.0, height=141.6), width=101.6, stencil__border=10.0)).sheet
    image = Image.open(io.BytesIO(bytes(resvg_py.svg_to_bytes(svg_string=to_svg(sheet, "star"), dpi=96))))
    left, _, right, _ = sheet.outline.bounds
    assert image.width == pytest.approx((right - left) / 25.4 * 96, abs=1)


def test_hpgl_is_40_units_to_the_millimetre_and_stays_on_the_page():
    results = run(job("Kestrel"))
    text = to_hpgl(results.cut.paths)
    assert UNITS_PER_MM == 40                                     # HP-GL: 0.025 mm to the plotter unit
    numbers = [int(number) for number in re.findall(r"\d+", text.split("SP1;")[1].split("SP0")[0])]
    width, height = results.cut.size
    assert max(numbers[::2]) <= round(width * 40) and max(numbers[1::2]) <= round(height * 40)
    first = re.search(r"PU(\d+),(\d+)", text).groups()
    assert [int(v) / 40 for v in first] == pytest.approx(results.cut.paths[0][0], abs=0.0126)


def test_the_pdf_is_true_size_on_an_iso_sheet():
    sheet = run(job("Kestrel")).sheet
    page = pypdf.PdfReader(io.BytesIO(to_pdf(sheet, "Kestrel · Ŵ"))).pages[0]
    # ISO 216 A4 is 210 x 297 mm; ISO 32000: 72 user units to the inch
    assert [float(v) / 72 * 25.4 for v in page.mediabox[2:]] == pytest.approx([210, 297], abs=0.01)
    content = page.get_contents().get_data().decode("latin-1")
    scale = float(re.search(r"(2[\d.]+) 0 0 2[\d.]+ 0 0 cm", content)[1])
    x1, y1, x2, y2 = (float(v) for v in re.search(r"n ([\d.]+) ([\d.]+) m ([\d.]+) ([\d.]+) l S", content).groups())
    assert (x2 - x1) * scale / 72 * 25.4 == pytest.approx(100.0, abs=0.01) and y1 == y2
    assert "100 mm" in page.extract_text()


def test_the_stencil_on_paper_is_as_large_as_on_the_sheet():
    sheet = run(job("Kestrel")).sheet
    assert drawn_outline(to_pdf(sheet, "K")).bounds == pytest.approx(sheet.outline.bounds, abs=0.001)


@pytest.mark.parametrize("made", [job("Kestrel"), job("K", width=20.0), star_job(width=70.0, fit__from_rim=30.0)])
def test_all_of_a_stencil_lies_on_its_paper_in_the_middle_above_the_line(made):
    sheet = run(made).sheet
    pdf = to_pdf(sheet, "K")
    page = pypdf.PdfReader(io.BytesIO(pdf)).pages[0]
    width, height = (float(side) / 72 * 25.4 for side in page.mediabox[2:])
    content = page.get_contents().get_data().decode("latin-1")
    moves = [(float(x), float(y)) for x, y in re.findall(r"1 0 0 1 ([-\d.]+) ([-\d.]+) cm", content)]
    across, up = next(move for move in moves if move != (0.0, 0.0))
    left, low, right, high = drawn_outline(pdf).bounds
    assert (left + right) / 2 + across == pytest.approx(width / 2, abs=0.01)
    assert high + up < height - 5 and low + up > 15, "clear of the edge, and of the line the print is checked by"


@pytest.mark.parametrize(("size", "page"), [
    ((120, 80), ("A4", 210, 297)), ((260, 150), ("A4", 297, 210)), ((270, 320), ("A3", 297, 420)),
    ((390, 200), ("A3", 420, 297)), ((700, 1100), ("A0", 841, 1189)), ((30, 2000), ("own size", 120, 2046)),
])
def test_the_smallest_sheet_that_holds_it_is_taken(size, page):
    assert page_for(*size) == page


@pytest.mark.parametrize("glass", [TUMBLER, FLARE_IN, LANTERN])
def test_the_paper_proof_is_the_whole_wall(glass):
    wall = wall_of(glass)
    proof = proof_pdf(wall, "Proof")
    lateral = 3.141592653589793 * (wall.base_radius + wall.rim_radius) * wall.slant
    assert drawn_outline(proof).area == pytest.approx(lateral, rel=1e-4)
    assert "wrap it round" in pypdf.PdfReader(io.BytesIO(proof)).pages[0].extract_text()


def test_the_paper_band_is_the_whole_wall_where_that_lies_flat():
    # lateral area pi (r1 + r2) slant, an oval's pi a b, a rectangle's sides (any handbook of mathematical tables)
    tumbler = run(job()).wall
    oval = FlatGlass(width=220.0, height=130.0, outline="oval")
    areas = {TUMBLER: pi * (tumbler.base_radius + tumbler.rim_radius) * tumbler.slant, oval: pi * 110 * 65,
             PLAQUE: 240.0 * 160.0}
    for glass, area in areas.items():
        results = run(job(glass=glass, width=40.0, fit__from_rim=None))
        assert drawn_outline(band_pdf(results.sheet, "band")).area == pytest.approx(area, rel=1e-3)


def test_on_a_belly_the_paper_band_is_the_film():
    sheet = run(job(glass=CARAFE, width=40.0, fit__from_rim=50.0)).sheet
    assert drawn_outline(band_pdf(sheet, "band")).area == pytest.approx(sheet.outline.area, rel=1e-3)


@pytest.mark.parametrize("marks", ["drawn", "cut"])
def test_marks_are_drawn_in_every_file_and_cut_only_when_asked_for(marks):
    results = run(job("K", width=30.0, name="Open night", stencil__marks=marks))
    paths = results.sheet.marks.paths
    found = re.search(r'id="marks"[^>]* d="([^"]*)"', to_svg(results.sheet, "x"))
    assert found[1].count("M") == len(paths) > 10              # five lines, and the outlines of letters
    plain = run(job("K", width=30.0)).cut
    assert to_hpgl(results.cut.paths).count("PU") - 1 == len(plain.paths) + (len(paths) if marks == "cut" else 0)
    content = pypdf.PdfReader(io.BytesIO(to_pdf(results.sheet, "K"))).pages[0].get_contents().get_data()
    bare = pypdf.PdfReader(io.BytesIO(to_pdf(run(job("K", width=30.0)).sheet, "K"))).pages[0].get_contents().get_data()
    assert content.count(b" l S") >= bare.count(b" l S") + sum(len(path) - 1 for path in paths)


def test_a_decal_is_written_as_its_film_with_the_edge_of_its_surplus_beside_it():
    sheet = run(job("BO", width=40.0, stencil__kind="decal")).sheet
    page = to_svg(sheet, "x")
    left, _, right, _ = sheet.outline.bounds
    edge = re.search(r'id="edge"[^>]* d="([^"]*)"', page)[1]
    across = [float(x) for x in re.findall(r"(?:M|L| )(-?[\d.]+) -?[\d.]+", edge)]
    assert max(across) == pytest.approx(right - left, abs=0.01) and page.count("<path") == 2
    assert 'id="edge"' not in to_svg(run(job("BO", width=40.0)).sheet, "x")
    cut = run(job("BO", width=40.0, stencil__kind="decal")).cut
    assert len(cut.paths) == len(run(job("BO", width=40.0)).cut.paths)


def test_edge_relief_cuts_and_marks_are_drawn_where_the_blade_is_told_to_go():
    """One plan, two files: a line's place in the SVG, turned up the right way, is its place in the cut."""
    snipped = run(demo_job("ornament").changed(stencil__marks="cut", name="Gull"))
    decal = run(star_job(stencil__kind="decal"))
    assert snipped.sheet.snips and snipped.sheet.marks
    for results, parts in ((snipped, ("snips", "marks")), (decal, ("edge",))):
        text, high = to_svg(results.sheet, "K"), results.cut.size[1]
        cut = shapely.MultiLineString([path[:, :2] for path in results.cut.paths])
        for part in parts:
            data = re.search(rf'id="{part}"[^>]* d="([^"]+)"', text)[1]
            points = [(float(x), high - float(y)) for x, y in re.findall(r"(-?[\d.]+) (-?[\d.]+)", data)]
            assert len(points) > 3 and max(cut.distance(shapely.Point(point)) for point in points) < 2e-4
            assert min(len({round(point[axis], 2) for point in points}) for axis in (0, 1)) > 1


def test_relief_cuts_end_at_the_edge_on_the_machines_page():
    results = run(demo_job("ornament"))
    width, height = results.cut.size
    page = shapely.transform(results.sheet.outline, lambda xy: xy + np.array(results.cut.offset))
    assert page.bounds == pytest.approx((0.0, 0.0, width, height), abs=1e-9)
    for snip, path in zip(results.sheet.snips, results.cut.paths, strict=False):
        assert path == pytest.approx(np.array([snip.tip, snip.edge]) + results.cut.offset)
        assert page.boundary.distance(shapely.Point(path[-1])) < 1e-6
