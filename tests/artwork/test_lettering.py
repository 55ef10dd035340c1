"""Lettering against the fonts' own tables (fontTools) and against FreeType (Pillow)."""

from importlib import resources

import pytest
from fontTools.ttLib import TTFont
from PIL import Image, ImageDraw, ImageFont

from vitrograph.core.artwork import face_named, faces, set_text, shape_line
from vitrograph.core.errors import ArtworkError
from vitrograph.core.pieces import Artwork

FONTS = resources.files("vitrograph.data") / "fonts"


def font_of(name):
    face = face_named(name)
    return TTFont(FONTS / face.folder / face.files[0])


@pytest.mark.parametrize("name", list(faces()))
@pytest.mark.parametrize("letter", list("KEB8"))
def test_an_advance_is_the_fonts_own(name, letter):
    font = font_of(name)
    advance = font["hmtx"][font.getBestCmap()[ord(letter)]][0] / font["head"].unitsPerEm
    assert shape_line(face_named(name), letter).width == pytest.approx(advance, abs=1e-9)


@pytest.mark.parametrize("name", list(faces()))
@pytest.mark.parametrize("letter", list("KB8"))
def test_a_letters_area_is_what_freetype_paints(name, letter):
    # painted, not summed over contours: some faces are drawn with strokes that overlap
    face, pixels = face_named(name), 1000
    font = ImageFont.truetype(str(FONTS / face.folder / face.files[0]), pixels, layout_engine=ImageFont.Layout.BASIC)
    page = Image.new("L", (2 * pixels, 2 * pixels))
    ImageDraw.Draw(page).text((pixels // 2, pixels // 2), letter, 255, font)
    painted = sum(level * count for level, count in enumerate(page.histogram())) / 255 / pixels**2
    assert set_text(Artwork(text=letter, face=name), 1e-5).shapes[0].area == pytest.approx(painted, rel=4e-3)


def test_pairs_are_kerned_and_spacing_adds_to_every_gap():
    face = face_named("Barlow Bold")
    apart = shape_line(face, "A").width + shape_line(face, "V").width
    assert shape_line(face, "AV").width < apart - 0.01
    assert shape_line(face, "HHH", 0.2).width == pytest.approx(shape_line(face, "HHH").width + 0.4)


def test_lines_are_set_apart_and_aligned():
    for align, share in (("left", 0.0), ("centre", 0.5), ("right", 1.0)):
        made = set_text(Artwork(text="HHHH\nH", align=align, line_spacing=1.5), 1e-4)
        first, last = made.shapes[0].bounds, made.shapes[-1].bounds
        assert first[1] - last[1] == pytest.approx(1.5, abs=1e-3)
        widths = [shape_line(face_named("Barlow"), text).width for text in ("HHHH", "H")]
        assert last[0] - first[0] == pytest.approx((widths[0] - widths[1]) * share, abs=1e-9)


def test_letters_from_a_faces_second_file_and_letters_it_has_not():
    made = set_text(Artwork(text="Ŵaж", face="Zilla Slab Bold"), 1e-3)
    assert made.letters == ("Ŵ", "a")
    assert made.missing == "ж"


def test_a_ligature_stands_for_its_letters_unless_letters_are_set_apart():
    closed, spaced = (set_text(Artwork(text="office", face="Zilla Slab Bold", letter_spacing=gap), 1e-3)
                      for gap in (0.0, 0.1))
    assert "".join(closed.letters) == "".join(spaced.letters) == "office"
    assert len(spaced.letters) == 6


def test_a_face_is_found_by_the_start_of_its_name():
    assert face_named("zilla").name == "Zilla Slab Bold"
    with pytest.raises(ArtworkError, match="there is no face 'Brush': choose from Barlow Bold"):
        face_named("Brush")


def test_every_face_carries_its_licence_text():
    for face in faces().values():
        assert "SIL OPEN FONT LICENSE" in (FONTS / face.folder / "LICENSE").read_text("utf-8")
