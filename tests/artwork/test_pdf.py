"""Pages of PDFs as drawings: beside closed forms, our own lettering, an outside reader; what no outline can show."""

import io
import shutil
import subprocess
from math import pi
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image
from pypdf import PdfReader, PdfWriter
from pypdf.generic import RectangleObject
from reportlab.lib.colors import black, white
from reportlab.lib.utils import ImageReader
from reportlab.pdfbase.pdfmetrics import registerFont
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.pdfgen.canvas import Canvas

from specimens import STAR
from vitrograph import data
from vitrograph.core.artwork import bring
from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.opening import pages_of, read_drawing
from vitrograph.core.artwork.vector.pdf import read_page
from vitrograph.core.artwork.words import face_named, glyph_shape, shape_line
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Drawing

FONTS = Path(data.__file__).parent / "fonts"
POINT = 25.4 / 72                  # mm
MOST = 20_000_000


def page(draw, size=(300, 200), **options):
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=size, **options)
    draw(canvas)
    canvas.save()
    return out.getvalue()


def read(content):
    """The first page brought: as what, its area in mm² and its size in mm."""
    brought = read_page(content, 1, MOST)
    source = bring(Drawing("page.pdf", brought.content, brought.kind), 2e-5)
    return brought.kind, source.shape.area * source.size_mm[1] ** 2, source.size_mm


def ring(canvas):
    path = canvas.beginPath()
    path.circle(150, 100, 60)
    path.circle(150, 100, 40)
    canvas.drawPath(path, stroke=0, fill=1, fillMode=0)        # even-odd


def clipped(canvas):
    path = canvas.beginPath()
    path.circle(100, 100, 50)
    canvas.clipPath(path, stroke=0)
    canvas.rect(100, 0, 200, 200, stroke=0, fill=1)


def turned(canvas):
    canvas.translate(150, 100)
    canvas.rotate(30)
    canvas.scale(2, 0.5)
    canvas.rect(-20, -30, 40, 60, stroke=0, fill=1)


def in_a_form(canvas):
    canvas.beginForm("leaf")
    canvas.circle(10, 10, 10, stroke=0, fill=1)
    canvas.endForm()
    for x in (50, 150):
        canvas.saveState()
        canvas.translate(x, 90)
        canvas.scale(3, 2)
        canvas.doForm("leaf")
        canvas.restoreState()


def painted_over(canvas):
    canvas.setFillColor(black)
    canvas.rect(20, 20, 200, 100, stroke=0, fill=1)
    canvas.setFillColor(white)
    canvas.circle(120, 70, 30, stroke=0, fill=1)


def drawn_with(canvas):
    canvas.setLineWidth(8)
    canvas.setDash(20, 10)
    canvas.line(20, 50, 270, 50)                               # 250 long: 8 dashes of 20 and a last of 10
    canvas.setDash()
    canvas.setLineCap(1)
    canvas.line(60, 120, 200, 120)


def mitred(limit):
    def draw(canvas):
        canvas.setLineWidth(10)
        canvas.setMiterLimit(limit)
        path = canvas.beginPath()
        path.moveTo(50, 50)
        path.lineTo(150, 50)
        path.lineTo(50, 90)                                    # 21.8 degrees: its mitre is 5.29 widths long
        canvas.drawPath(path)
    return draw


SHAPES = {"ring": (ring, pi * (60**2 - 40**2)), "clip": (clipped, pi * 50**2 / 2), "matrix": (turned, 40 * 60),
          "form": (in_a_form, 2 * pi * 30 * 20), "painted over": (painted_over, 200 * 100 - pi * 30**2),
          "strokes": (drawn_with, 8 * 170 + 8 * 140 + pi * 16)}


@pytest.mark.parametrize("name", list(SHAPES))
def test_what_a_page_paints_has_its_closed_form_s_area(name):
    draw, area = SHAPES[name]
    kind, got, _ = read(page(draw))
    assert kind == "svg" and got == pytest.approx(area * POINT**2, rel=1e-3)


def test_mitres_end_where_the_page_says_though_the_reader_does_not_tell():
    # mitre length over stroke width is 1 / sin(half the angle) (ISO 32000-1, section 8.4.3.5)
    (_, short, _), (_, long, _) = (read(page(mitred(limit))) for limit in (4, 10))
    half = np.arctan2(40, 100) / 2
    wide, high = 10 * np.cos(half), 5 / np.sin(half) - 5 * np.sin(half)       # of the triangle beyond the bevel
    assert long - short == pytest.approx(wide * high / 2 * POINT**2, rel=1e-3)


@given(corners=st.lists(st.tuples(st.integers(20, 280), st.integers(20, 180)), min_size=3, max_size=9, unique=True),
       evenodd=st.booleans(), turn=st.sampled_from([0, 90, 180, 270]))
@settings(max_examples=25, deadline=None)
def test_any_polygon_comes_as_large_as_it_is_however_the_page_lies(corners, evenodd, turn):
    def draw(canvas):
        path = canvas.beginPath()
        path.moveTo(*corners[0])
        for corner in corners[1:]:
            path.lineTo(*corner)
        path.close()
        canvas.drawPath(path, stroke=0, fill=1, fillMode=0 if evenodd else 1)

    area = fill_outlines([np.array(corners, float)], "evenodd" if evenodd else "nonzero")
    if area.area < 400 or 4 * pi * area.area < 0.05 * area.length**2:
        return                                                 # slivers: nothing to be seen of them
    writer = PdfWriter(clone_from=PdfReader(io.BytesIO(page(draw))))
    writer.pages[0].rotate(turn)
    out = io.BytesIO()
    writer.write(out)
    kind, got, (wide, high) = read(out.getvalue())
    left, low, right, top = area.bounds
    size = np.array([right - left, top - low])[::-1 if turn % 180 else 1] * POINT
    assert kind == "svg" and got == pytest.approx(area.area * POINT**2, rel=1e-3)
    np.testing.assert_allclose((wide, high), size, atol=0.01)


def block(canvas):
    canvas.rect(50, 50, 200, 100, stroke=0, fill=1)


def test_only_what_the_crop_box_shows_is_brought():
    writer = PdfWriter(clone_from=PdfReader(io.BytesIO(page(block))))
    writer.pages[0].cropbox = RectangleObject((0, 0, 150, 100))
    out = io.BytesIO()
    writer.write(out)
    kind, got, size = read(out.getvalue())
    assert kind == "svg" and got == pytest.approx(100 * 50 * POINT**2, rel=1e-3)
    np.testing.assert_allclose(size, (100 * POINT, 50 * POINT), atol=0.01)


def test_letters_come_in_the_file_s_own_face():
    # the same face laid out by HarfBuzz, as words are here
    face = face_named("Zilla Slab Bold")
    registerFont(TTFont("slab", FONTS / "zilla-slab" / "zilla-slab-latin-700-normal.ttf"))

    def draw(canvas):
        canvas.setFont("slab", 40)
        canvas.drawString(20, 80, "Kestrel")

    kind, got, _ = read(page(draw))
    line = shape_line(face, "Kestrel")
    area = sum(glyph_shape(face, glyph.font, glyph.number, 1e-5).area for glyph in line.glyphs)
    assert kind == "svg" and got == pytest.approx(area * (40 * POINT) ** 2, rel=2e-3)


@pytest.mark.parametrize("mode", [1, 2, 3])
def test_letters_may_be_drawn_as_lines_or_not_at_all(mode):
    # text rendering modes: ISO 32000-1, table 106
    def draw(canvas, mode=mode):
        canvas.setFont("Helvetica-Bold", 72)
        canvas.setLineWidth(1.5)
        canvas.drawString(80, 60, "I", mode=mode)              # whose I is a plain bar
        canvas.rect(20, 20, 5, 5, stroke=0, fill=1 if mode == 3 else 0)

    line, (wide, high) = 1.5 * POINT, read(page(lambda canvas: draw(canvas, 0)))[2]
    areas = {1: 2 * line * (wide + high), 2: (wide + line) * (high + line), 3: (5 * POINT) ** 2}
    kind, got, _ = read(page(draw))
    assert kind == "svg" and got == pytest.approx(areas[mode], rel=1e-3)


def faded(canvas):
    canvas.linearGradient(50, 50, 250, 50, (black, white), extend=False)


def scanned(canvas):
    picture = Image.new("L", (400, 200), 255)
    picture.paste(0, (100, 50, 300, 150))
    canvas.drawImage(ImageReader(picture), 50, 50, 200, 100)


def half_scanned(canvas):
    scanned(canvas)
    canvas.circle(30, 30, 20, stroke=0, fill=1)


def covered(canvas):
    canvas.rect(20, 20, 60, 30, stroke=0, fill=1)
    canvas.circle(250, 150, 30, stroke=0, fill=1)
    canvas.drawImage(ImageReader(Image.new("L", (60, 60), 255)), 215, 115, 70, 70)


@pytest.mark.parametrize("draw, size", [(scanned, (100, 50)), (half_scanned, (190, 115)), (covered, (60, 30))])
def test_what_outlines_do_not_show_is_traced_at_its_true_size(draw, size):
    kind, _, got = read(page(draw))
    assert kind == "picture"
    np.testing.assert_allclose(got, np.array(size) * POINT, atol=0.1)


def test_shades_are_traced_and_white_art_is_read_though_nothing_is_seen_of_it():
    assert read(page(faded))[0] == "picture"

    def unseen(canvas):
        canvas.setFillColor(white)
        canvas.circle(100, 100, 40, stroke=0, fill=1)

    kind, area, _ = read(page(unseen))
    assert kind == "svg" and area == pytest.approx(pi * 40**2 * POINT**2, rel=1e-3)


@pytest.mark.skipif(shutil.which("pdftoppm") is None, reason="no outside reader: install poppler-utils")
@pytest.mark.parametrize("name", ["matrix", "form", "strokes"])
def test_another_reader_sees_the_same_area(name):
    content = page(SHAPES[name][0])
    shown = subprocess.run(["pdftoppm", "-r", "288", "-gray", "-"], input=content, capture_output=True, check=True)
    ink = (255 - np.asarray(Image.open(io.BytesIO(shown.stdout)), dtype=float)).sum() / 255 * (25.4 / 288) ** 2
    assert read(content)[1] == pytest.approx(ink, rel=2e-3)


def two_pages(canvas):
    canvas.circle(100, 100, 40, stroke=0, fill=1)
    canvas.showPage()
    canvas.rect(20, 20, 60, 30, stroke=0, fill=1)


def test_a_page_is_named_behind_its_file(tmp_path):
    path = tmp_path / "menu.pdf"
    path.write_bytes(page(two_pages))
    assert pages_of(path) == 2 and pages_of(tmp_path / "none.pdf") == 1
    first, second = (read_drawing(tmp_path / name) for name in ("menu.pdf", "menu.pdf#page=2"))
    assert (first.name, second.name) == ("menu.pdf, page 1 of 2", "menu.pdf, page 2 of 2")
    assert bring(second, 1e-4).size_mm == pytest.approx((60 * POINT, 30 * POINT), abs=0.01)
    (tmp_path / "odd.svg#page=2").write_bytes(STAR.encode())
    assert read_drawing(tmp_path / "odd.svg#page=2").kind == "svg", "a file may be called so"
    path.write_bytes(page(scanned))
    assert read_drawing(path).name == "menu.pdf, as a picture"


def test_what_is_wrong_with_a_page_is_told_in_one_sentence(tmp_path):
    writer = PdfWriter(clone_from=PdfReader(io.BytesIO(page(ring))))
    writer.encrypt("secret", algorithm="RC4-128")
    locked = io.BytesIO()
    writer.write(locked)
    for name, content, sentence in (
            ("locked.pdf", locked.getvalue(), "locked.pdf: the PDF is locked with a password"),
            ("short.pdf", page(ring)[:200], "short.pdf: the PDF is damaged or was cut short"),
            ("blank.pdf", page(lambda canvas: canvas.showPage()), "blank.pdf: page 1 is empty")):
        (tmp_path / name).write_bytes(content)
        with pytest.raises(ArtworkError, match=sentence):
            read_drawing(tmp_path / name)
    with pytest.raises(ArtworkError, match=r"blank\.pdf: the file has one page, and no page 7"):
        read_drawing(tmp_path / "blank.pdf#page=7")


@given(where=st.floats(0, 1), value=st.integers(0, 255), cut=st.booleans())
@settings(max_examples=60, deadline=None)
def test_a_damaged_file_is_read_or_refused(where, value, cut):
    content = bytearray(page(two_pages, pageCompression=0))
    at = int(where * (len(content) - 1))
    if cut:
        del content[at:]
    else:
        content[at] = value
    try:
        assert read_page(bytes(content), 1, MOST).kind in {"svg", "picture"}
    except ArtworkError as error:
        assert "\n" not in str(error)


def test_a_drawing_too_large_to_keep_is_traced():
    content = page(ring)
    assert read_page(content, 1, 10).kind == "picture" and read_page(content, 1, MOST).kind == "svg"
