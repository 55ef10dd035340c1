"""Lettering against the fonts' own tables (fontTools) and against FreeType (Pillow)."""

from math import pi

import numpy as np
import pytest
import shapely
from fontTools.pens.areaPen import AreaPen
from fontTools.ttLib import TTFont
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image, ImageDraw, ImageFont

from specimens import fonts_folder
from vitrograph.core.artwork import face_named, faces, set_words, shape_line
from vitrograph.core.artwork.words import licence_text, shipped_face
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Words

LETTERED = [name for name in faces() if name != "Symbols"]


def path_of(name):
    return fonts_folder(name)[0]


def test_ten_faces_ship_each_with_its_licence_text():
    assert 8 <= len(faces()) <= 10
    for name in faces():
        assert "SIL OPEN FONT LICENSE" in licence_text(name) and shipped_face(name).licence == "OFL-1.1"


@pytest.mark.parametrize("name", LETTERED)
@pytest.mark.parametrize("letter", list("KEB8"))
def test_an_advance_is_the_fonts_own(name, letter):
    font = TTFont(path_of(name))
    advance = font["hmtx"][font.getBestCmap()[ord(letter)]][0] / font["head"].unitsPerEm
    assert shape_line(shipped_face(name), letter).width == pytest.approx(advance, abs=1e-9)


@pytest.mark.parametrize("name", LETTERED)
@pytest.mark.parametrize("letter", list("KB8"))
def test_a_letters_area_is_what_freetype_paints(name, letter):
    # painted, not summed over contours: some faces are drawn with strokes that overlap
    pixels = 1000
    font = ImageFont.truetype(str(path_of(name)), pixels, layout_engine=ImageFont.Layout.BASIC)
    page = Image.new("L", (2 * pixels, 2 * pixels))
    ImageDraw.Draw(page).text((pixels // 2, pixels // 2), letter, 255, font)
    painted = sum(level * count for level, count in enumerate(page.histogram())) / 255 / pixels**2
    assert shapely.area(set_words(Words(letter, name), 1e-5).shapes).sum() == pytest.approx(painted, rel=4e-3)


def test_a_plain_letters_area_is_that_of_its_contours():
    font = TTFont(path_of("Zilla Slab Bold"))
    pen = AreaPen(font.getGlyphSet())
    font.getGlyphSet()[font.getBestCmap()[ord("K")]].draw(pen)
    set_area = set_words(Words("K", "Zilla Slab Bold"), 1e-6).shapes[0].area
    assert set_area == pytest.approx(abs(pen.value) / font["head"].unitsPerEm ** 2, rel=1e-4)


@pytest.mark.parametrize("name", ["Barlow Bold", "Oswald Bold"])
@pytest.mark.parametrize("pair", ["AV", "To", "LT", "Ke"])
def test_a_pair_is_kerned_as_the_fonts_own_table_says(name, pair):
    font = TTFont(path_of(name))
    cmap, em = font.getBestCmap(), font["head"].unitsPerEm
    apart = sum(shape_line(shipped_face(name), letter).width for letter in pair)
    kern = shape_line(shipped_face(name), pair).width - apart
    assert round(kern * em) in kerns_of(font, *(cmap[ord(letter)] for letter in pair))


def kerns_of(font, first, second):
    """What the pair positioning tables (OpenType GPOS, lookup type 2) hold for two glyphs; 0 where nothing."""
    found = set()
    tables = [table.ExtSubTable if table.LookupType == 9 else table
              for lookup in font["GPOS"].table.LookupList.Lookup for table in lookup.SubTable]
    for table in (table for table in tables if table.LookupType == 2 and first in table.Coverage.glyphs):
        if table.Format == 1:
            pairs = table.PairSet[table.Coverage.glyphs.index(first)].PairValueRecord
            found |= {record.Value1.XAdvance for record in pairs if record.SecondGlyph == second and record.Value1}
        else:
            row = table.Class1Record[table.ClassDef1.classDefs.get(first, 0)]
            value = row.Class2Record[table.ClassDef2.classDefs.get(second, 0)].Value1
            found |= {getattr(value, "XAdvance", 0) if value else 0}
    return found or {0}


def test_spacing_adds_to_every_gap_and_sets_ligatures_apart():
    face = face_named("Barlow Bold")
    assert shape_line(face, "HHH", 0.2).width == pytest.approx(shape_line(face, "HHH").width + 0.4)
    closed, spaced = (set_words(Words("office", "Zilla Slab Bold", letter_spacing=gap), 1e-3) for gap in (0.0, 0.1))
    assert "".join(closed.letters) == "".join(spaced.letters) == "office"
    assert len(spaced.letters) == 6


def test_lines_are_set_apart_and_aligned():
    for align, share in (("left", 0.0), ("centre", 0.5), ("right", 1.0)):
        made = set_words(Words("HHHH\nH", align=align, line_spacing=1.5), 1e-4)
        first, last = made.shapes[0].bounds, made.shapes[-1].bounds
        assert first[1] - last[1] == pytest.approx(1.5, abs=1e-3)
        widths = [shape_line(face_named("Barlow"), text).width for text in ("HHHH", "H")]
        assert last[0] - first[0] == pytest.approx((widths[0] - widths[1]) * share, abs=1e-9)


def ink(shapes):
    return shapely.total_bounds(shapes)


def test_even_lines_are_equally_wide_and_sizes_of_their_own_are_kept():
    made = set_words(Words("Kestrel Point\nOpen night\n2031", "Oswald Bold", align="even"), 1e-4)
    count = [13 - 1, 10 - 1, 4]                               # a space has no ink
    rows = np.split(made.shapes, np.cumsum(count)[:-1])
    assert np.ptp([ink(row)[2] - ink(row)[0] for row in rows]) < 1e-9
    half = set_words(Words("HH\nHH", line_sizes=(0.5, 1.0)), 1e-4)
    assert half.cap_height == pytest.approx(np.ptp(ink(half.shapes[:2])[[1, 3]]), abs=1e-6)     # of the first line
    small = set_words(Words("HH\nHH", line_sizes=(1.0, 0.5)), 1e-4).shapes
    assert np.ptp(ink(small[2:])[[1, 3]]) == pytest.approx(0.5 * np.ptp(ink(small[:2])[[1, 3]]), abs=1e-9)


@given(text=st.text(alphabet="KestrlPoinOBVAYq", min_size=1, max_size=9), bend=st.floats(2.0, 30.0),
       bowl=st.booleans())
@settings(max_examples=30, deadline=None)
def test_letters_on_an_arc_keep_their_shape_and_stand_on_it(text, bend, bowl):
    straight = set_words(Words(text), 1e-4)
    bent = set_words(Words(text, bend=-bend if bowl else bend), 1e-4)
    np.testing.assert_allclose(shapely.area(bent.shapes), shapely.area(straight.shapes), rtol=1e-9)
    # the centre lies a radius from the baseline: every foot of a K or an E is that far from it
    lower = straight.cap_height / 2
    centre = np.array([0.0, (bend if bowl else -bend) - lower])
    for flat, shape in zip(straight.shapes, bent.shapes, strict=True):
        feet = np.isclose(shapely.get_coordinates(flat)[:, 1], -lower, atol=1e-9)
        if feet.sum() >= 2:
            reach = np.hypot(*(shapely.get_coordinates(shape)[feet] - centre).T)
            assert reach.min() == pytest.approx(bend, abs=0.75 * np.ptp(flat.bounds[::2]) ** 2 / bend)


def test_words_that_go_more_than_once_round_tell_so():
    assert set_words(Words("Kestrel Point " * 4, bend=1.0), 1e-3).turn > 2 * pi
    with pytest.raises(ArtworkError, match="too tight for these lines"):
        set_words(Words("K\nP\nO", bend=1.5), 1e-3)


def test_letters_from_a_faces_second_file_and_letters_it_has_not():
    made = set_words(Words("Ŵaж", "Zilla Slab Bold"), 1e-3)
    assert made.letters == ("Ŵ", "a") and made.missing == "ж"


def test_emoji_are_named_once_and_control_characters_left_out():
    made = set_words(Words("K🦉\u200d🦉\ufe0f\x07\tP\x1b"), 1e-3)
    assert made.missing == "🦉" and made.dropped == 2 and "".join(made.letters) == "KP"


def test_too_many_letters_are_refused_in_a_sentence():
    with pytest.raises(ArtworkError, match="have 10000 letters and 2000 are the most"):
        set_words(Words("K" * 10_000), 1e-3)


def test_a_combining_mark_stays_over_its_letter():
    composed, parts = (set_words(Words(text), 1e-4).shapes for text in ("é", "e\u0301"))
    assert shapely.union_all(composed).equals(shapely.union_all(parts))
    marked = set_words(Words("कि", "Yatra One"), 1e-4)        # a vowel sign that stands before its consonant
    assert not marked.missing and len(marked.shapes) == 2


def test_a_face_is_found_by_the_start_of_its_name():
    assert face_named("zilla").name == "Zilla Slab Bold"
    with pytest.raises(ArtworkError, match="there is no face 'Brush': choose from Barlow Bold"):
        face_named("Brush")
