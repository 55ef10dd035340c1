"""What the maker brings, of whatever kind: told by its content, kept with the job, and never a crash."""

import gzip
import io
import json
import zipfile

import ezdxf
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image
from pypdf import PdfReader
from reportlab.pdfgen.canvas import Canvas

from specimens import STAR, finished, in_mm, remedied, run, star_job, svg
from vitrograph.core.artwork import bring, provenance
from vitrograph.core.artwork.opening import kind_of, read_drawing
from vitrograph.core.demo import demo_job
from vitrograph.core.errors import ArtworkError
from vitrograph.core.export import write_files
from vitrograph.core.findings import Code
from vitrograph.core.job import Drawing, Mend, Order, Tone, TraceChoices
from vitrograph.core.pictures.reading import gray_of, thumbnail, unpack_picture
from vitrograph.core.storing.orderfile import load_order, save_order


def picture(kind="PNG"):
    out = io.BytesIO()
    made = Image.new("RGB", (120, 90), "white")
    made.paste("black", (20, 20, 100, 70))
    made.save(out, kind)
    return out.getvalue()


FRAME = "M5 5H95V95H5Z"
LETTER_A = "M50 20 70 80H60L56 66H44L40 80H30ZM50 38 46 56H54Z"       # its counter stays as an island
FILM = svg(f'<path fill-rule="evenodd" d="{FRAME}{LETTER_A}"/>')


def test_a_drawing_that_is_a_stencil_already_is_told_of_and_turned_round():
    made = star_job(artwork__items__0__what=Drawing("a.svg", FILM.encode()))
    (found,) = [one for one in run(made).findings() if one.code is Code.INVERTED]
    assert [in_mm(remedy.label) for remedy in found.remedies] == ["Frost its holes", "Frost it as it is"]
    letter = bring(Drawing("a.svg", svg(f'<path fill-rule="evenodd" d="{LETTER_A}"/>').encode()), 1e-4)
    round_, kept = (run(remedied(made, remedy)) for remedy in found.remedies)
    for results in (round_, kept):
        assert not [one for one in results.findings() if one.code is Code.INVERTED]
    assert round_.art.placed[0].local.source.shape.area == pytest.approx(letter.shape.area, rel=1e-6)
    assert kept.art.placed[0].local.source.shape.area == run(made).art.placed[0].local.source.shape.area
    with pytest.raises(ArtworkError, match="it has no holes"):
        bring(Drawing("s.svg", STAR.encode(), drawn="film"), 1e-3)


@pytest.mark.parametrize("body", [
    '<circle cx="50" cy="50" r="30" fill="none" stroke="#000" stroke-width="20"/>',            # a ring
    f'<path fill-rule="evenodd" d="{LETTER_A}"/>',
    f'<path d="{FRAME}"/>',
    f'<path d="{FRAME}" fill="none" stroke="#000" stroke-width="3"/><circle cx="50" cy="50" r="30"/>',
    f'<path fill-rule="evenodd" d="M5 30H60V90H5Z{LETTER_A}"/><circle cx="80" cy="20" r="15"/>'])
def test_what_is_art_is_taken_for_art(body):
    assert not bring(Drawing("a.svg", svg(body).encode()), 1e-3).film


def dxf():
    document = ezdxf.new("R2010", units=4)
    document.modelspace().add_lwpolyline([(0, 0), (30, 0), (30, 20), (0, 20)], close=True)
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode()


def pdf():
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(100, 80))
    canvas.rect(10, 10, 60, 40, stroke=0, fill=1)
    canvas.save()
    return out.getvalue()


SOURCES = {"svg": STAR.encode(), "dxf": dxf(), "png": picture(), "jpeg": picture("JPEG"), "webp": picture("WEBP"),
           "tiff": picture("TIFF"), "gif": picture("GIF"), "bmp": picture("BMP"), "avif": picture("AVIF"),
           "pdf": pdf(), "svgz": gzip.compress(STAR.encode())}
KINDS = {"svg": "svg", "svgz": "svg", "dxf": "dxf", "pdf": "svg"}


@pytest.mark.parametrize("name", list(SOURCES))
def test_a_file_is_what_its_content_says_whatever_it_is_called(name, tmp_path):
    path = tmp_path / "art.txt"
    path.write_bytes(SOURCES[name])
    drawing = read_drawing(path)
    assert drawing.kind == KINDS.get(name, "picture")
    made = star_job(artwork__items__0__what=drawing)
    save_order(Order.of(made), tmp_path / "job.vitro")
    assert load_order(tmp_path / "job.vitro").job() == made
    assert run(made).art.source(1).size_mm[0] > 5


def test_what_is_compressed_is_unpacked_within_bounds(tmp_path):
    for content, sentence in ((gzip.compress(STAR.encode())[:-20], "is damaged or was cut short: save it again, not"),
                              (gzip.compress(bytes(60_000_000)), "is no drawing this program reads: save it as SVG"),
                              (gzip.compress(b" "), "is empty: save the art again")):
        (tmp_path / "art.svgz").write_bytes(content)
        with pytest.raises(ArtworkError, match=sentence):
            read_drawing(tmp_path / "art.svgz")


def test_all_that_was_decided_about_a_drawing_comes_back_with_the_job(tmp_path):
    drawing = Drawing("owl.png", SOURCES["png"], "picture", (Tone("#000000", "leave"),),
                      TraceChoices(threshold=0.4, background=("#ffffff",), turn=0.1), (Mend("remove", 0, (0.1, 0.2)),),
                      "drawn here")
    made = star_job(artwork__items__0__what=drawing)
    save_order(Order.of(made), tmp_path / "job.vitro")
    assert load_order(tmp_path / "job.vitro").job().artwork.items[0].what == drawing


def test_a_job_of_the_first_version_is_read_as_it_meant(tmp_path):
    with zipfile.ZipFile(tmp_path / "old.vitro", "w") as archive:
        archive.writestr("job.json", json.dumps({
            "version": 1, "name": "Old", "glass": {"kind": "straight", "rim": 80, "height": 90},
            "artwork": {"drawing": {"name": "star.svg", "asset": "assets/drawing.svg"}}}))
        archive.writestr("assets/drawing.svg", STAR)
    found = load_order(tmp_path / "old.vitro").job()
    assert found.artwork.items[0].what == Drawing("star.svg", STAR.encode())
    assert run(found).fitted.size[0] == pytest.approx(70.0)


def test_where_the_art_came_from_is_on_its_papers(tmp_path):
    made = demo_job().changed(artwork__items__0__what__mends=[{"does": "smooth", "amount": 0.01}] * 2)
    done = finished(made)
    said = drawing, *faces = [in_mm(says) for says in provenance(done.pieces[0].art)]
    assert faces[0] == "lettering in Zilla Slab Bold (licence OFL-1.1)" and len(faces) == 3
    assert "comet.svg, vector drawing" in drawing and "CC0" in drawing and "changed: smooth (2)" in drawing
    write_files(done, tmp_path)
    printed = PdfReader(tmp_path / "stencil.pdf").pages[0].extract_text()
    assert "Zilla Slab Bold" in printed and "comet.svg" in printed
    assert json.loads((tmp_path / "plan.json").read_text("utf-8"))["pieces"][0]["artwork"]["provenance"] == list(said)
    assert "no licence noted" in in_mm(provenance(run(star_job()).art)[0])


@given(cut=st.integers(0, len(STAR)), at=st.integers(0, len(STAR) - 1), byte=st.integers(0, 255))
@settings(max_examples=60)
def test_a_damaged_drawing_is_read_or_refused_in_a_sentence(cut, at, byte):
    spoiled = bytearray(STAR.encode())
    spoiled[at] = byte
    for content in (bytes(spoiled), STAR.encode()[:cut]):
        try:
            assert bring(Drawing("x.svg", content), 1e-2).shape.is_valid
        except ArtworkError as error:
            assert str(error) and "\n" not in str(error)


@given(which=st.sampled_from(["png", "jpeg", "webp", "tiff"]), cut=st.floats(0, 1), at=st.floats(0, 0.999),
       byte=st.integers(0, 255))
@settings(max_examples=60)
def test_a_damaged_picture_is_read_or_refused_in_a_sentence(which, cut, at, byte):
    content = SOURCES[which]
    spoiled = bytearray(content)
    spoiled[int(at * len(content))] = byte
    for damaged in (bytes(spoiled), content[:int(cut * len(content))]):
        try:
            assert bring(Drawing("x.png", damaged, "picture"), 1e-2).shape.is_valid
        except ArtworkError as error:
            assert str(error) and "\n" not in str(error)


@given(st.binary(max_size=300))
@settings(max_examples=60)
def test_bytes_of_no_kind_have_no_kind_or_are_refused(content):
    kind = kind_of(content)
    if kind is not None:
        with pytest.raises(ArtworkError):
            bring(Drawing("x", content, kind), 1e-2)


@given(st.lists(st.sampled_from(["translate(9 4)", "scale(3)", "scale(-1 .4)", "rotate(40)", "skewX(30)"]), max_size=4),
       st.floats(2, 40), st.floats(2, 40))
@settings(max_examples=40)
def test_a_transformed_drawing_keeps_the_share_of_its_box(names, wide, high):
    # an affine map scales all areas alike, so a rectangle minus its quarter stays three quarters of itself
    page = f'<path d="M0 0h{wide}v{high}h{-wide}z"/>'
    gone = f'<path fill="#fff" d="M0 0h{wide / 2}v{high / 2}h{-wide / 2}z"/>'
    found, whole = (bring(Drawing("x.svg", svg(f'<g transform="{" ".join(names)}">{body}</g>').encode()), 1e-4)
                    for body in (page + gone, page))
    scale = (whole.size_mm[1] / found.size_mm[1]) ** 2
    assert found.shape.area == pytest.approx(0.75 * whole.shape.area * scale, rel=1e-3)


def test_pictures_are_made_small_to_keep_and_grey_to_measure():
    whole = unpack_picture(SOURCES["png"], "x.png")
    small = unpack_picture(thumbnail(whole, 40), "small")
    assert max(small.size) == 40
    clear = Image.new("RGBA", (4, 4), (0, 0, 0, 0))
    assert gray_of(clear).min() == 1.0                        # what is see-through lies on white
    assert gray_of(Image.new("F", (4, 4), 0.25)).max() == pytest.approx(0.25, abs=0.01)
