"""Fonts the maker brings: read, told of, or refused in one sentence, whatever is wrong with them."""

import io

import pytest
from fontTools.fontBuilder import FontBuilder
from fontTools.pens.ttGlyphPen import TTGlyphPen
from fontTools.ttLib import TTCollection, TTFont
from hypothesis import given, settings
from hypothesis import strategies as st

from specimens import fonts_folder, job, run
from vitrograph.core.artwork import compose, set_words
from vitrograph.core.artwork.words.fontfile import facts_of, fonts_in, read_fonts
from vitrograph.core.artwork.words.installed import installed_fonts
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Artwork, FontFile, Item, Order, Words
from vitrograph.core.storing.orderfile import load_order, save_order

BARLOW = fonts_folder("Barlow Bold")[0].read_bytes()


def built(licence="", *, restricted=False, weights=False):
    """A font made for these tests: one letter, a bar 500 wide, 1000 wide at the heaviest."""
    builder = FontBuilder(1000, isTTF=True)
    builder.setupGlyphOrder([".notdef", "I"])
    builder.setupCharacterMap({ord("I"): "I"})
    pen = TTGlyphPen(None)
    for move, point in zip((pen.moveTo, pen.lineTo, pen.lineTo, pen.lineTo),
                           ((0, 0), (0, 700), (500, 700), (500, 0)), strict=True):
        move(point)
    pen.closePath()
    builder.setupGlyf({".notdef": TTGlyphPen(None).glyph(), "I": pen.glyph()})
    builder.setupHorizontalMetrics({".notdef": (600, 0), "I": (600, 0)})
    builder.setupHorizontalHeader(ascent=800, descent=-200)
    names = {"familyName": "Made Here", "styleName": "Regular", **({"licenseDescription": licence} if licence else {})}
    builder.setupNameTable(names)
    builder.setupOS2(fsType=2 if restricted else 0)
    builder.setupPost()
    if weights:
        builder.setupFvar([("wght", 100, 400, 900, "Weight")], [])
        builder.setupGvar({"I": [variation()]})
    out = io.BytesIO()
    builder.save(out)
    return out.getvalue()


def variation():
    from fontTools.ttLib.tables.TupleVariation import TupleVariation

    widened = [(0, 0), (0, 0), (500, 0), (500, 0)]
    return TupleVariation({"wght": (0, 1, 1)}, [*widened, (0, 0), (0, 0), (0, 0), (0, 0)])


def width_of(font):
    left, _, right, _ = set_words(Words("I", font=font), 1e-4).shapes[0].bounds
    return right - left


def test_a_variable_font_is_set_at_the_weight_chosen():
    font, = fonts_in(built(weights=True), "made.ttf")
    assert facts_of(font).weights == (100.0, 400.0, 900.0)
    at = [width_of(FontFile("Made Here", font.data, 0, weight)) for weight in (400.0, 650.0, 900.0)]
    assert at == pytest.approx([0.5, 0.75, 1.0], abs=1e-3)


def test_web_fonts_and_collections_are_read_as_their_plain_selves(tmp_path):
    plain, = fonts_in(BARLOW, "barlow.ttf")
    for flavor in ("woff", "woff2"):
        font = TTFont(io.BytesIO(BARLOW))
        font.flavor = flavor
        font.save(tmp_path / f"barlow.{flavor}")
        brought, = read_fonts(tmp_path / f"barlow.{flavor}")
        assert set_words(Words("Kestrel", font=brought), 1e-3).shapes[0].area == pytest.approx(
            set_words(Words("Kestrel", font=plain), 1e-3).shapes[0].area)
    both = TTCollection()
    both.fonts = [TTFont(io.BytesIO(BARLOW)), TTFont(io.BytesIO(built()))]
    both.save(tmp_path / "both.ttc")
    first, second = read_fonts(tmp_path / "both.ttc")
    assert (first.number, second.number) == (0, 1) and second.name == "Made Here"
    assert width_of(second) == pytest.approx(0.5)


@pytest.mark.parametrize(("licence", "sale", "level"), [
    ("Free for personal use only.", "no", "watch"), ("", "unknown", "note"),
    ("This Font Software is licensed under the SIL Open Font License, Version 1.1.", "yes", None)])
def test_a_licence_that_may_not_cover_sale_is_noted(licence, sale, level):
    font, = fonts_in(built(licence), "made.ttf")
    assert facts_of(font).sale == sale
    art = compose(Artwork((Item(Words("I", font=font)),)))
    assert [found.level for found in art.findings if found.code == "licence"] == ([level] if level else [])
    kept, = fonts_in(built(licence, restricted=True), "made.ttf")
    assert any("may not be passed on" in found.says for found in compose(
        Artwork((Item(Words("I", font=kept)),))).findings)


def test_a_brought_font_travels_with_the_job(tmp_path):
    font, = fonts_in(built(), "made.ttf")
    made = job("I", artwork__items__0__what__font=font)
    save_order(Order.of(made), tmp_path / "job.vitro")
    assert load_order(tmp_path / "job.vitro").job() == made
    results = run(made)
    assert results.fitted.size[0] == pytest.approx(60.0)
    missing = compose(Artwork((Item(Words("IK", font=font)),))).findings
    assert any(found.says == "Made Here has no letter for K" for found in missing)


def without_outlines():
    font = TTFont(io.BytesIO(built()))
    for table in ("glyf", "loca"):
        del font[table]
    font["CBDT"] = font["CBLC"] = font["post"]
    out = io.BytesIO()
    font.save(out)
    return out.getvalue()


@pytest.mark.parametrize(("content", "sentence"), [
    (b"", "is no font"), (b"<svg/>", "is no font"), (BARLOW[:900], "was cut short"),
    (b"\0\1\0\0" + b"\xff" * 60, "is no font"),
    (b"ttcf" + b"\0" * 40, "is no font")])
def test_what_is_no_font_is_refused_in_one_sentence(tmp_path, content, sentence):
    (tmp_path / "x.ttf").write_bytes(content)
    with pytest.raises(ArtworkError, match=sentence):
        read_fonts(tmp_path / "x.ttf")
    with pytest.raises(ArtworkError, match=r"gone.ttf could not be read: no such file"):
        read_fonts(tmp_path / "gone.ttf")


def test_a_font_of_coloured_pictures_only_is_refused():
    with pytest.raises(ArtworkError, match="coloured pictures of its letters and no outlines"):
        fonts_in(without_outlines(), "colour.ttf")


@given(at=st.floats(0, 0.999), byte=st.integers(0, 255), cut=st.floats(0.0, 1.0))
@settings(max_examples=60, deadline=None)
def test_a_damaged_font_is_read_or_refused_in_a_sentence(at, byte, cut):
    spoiled = bytearray(BARLOW)
    spoiled[int(at * len(BARLOW))] = byte
    for content in (bytes(spoiled), BARLOW[:int(cut * len(BARLOW))]):
        try:
            for font in fonts_in(content, "x.ttf"):
                compose(Artwork((Item(Words("Kestrel &8", font=font)),)))
        except ArtworkError as error:
            assert "\n" not in str(error) and len(str(error)) < 300


def test_installed_fonts_are_found_by_name_and_broken_ones_passed_over(tmp_path):
    (tmp_path / "sub").mkdir()
    (tmp_path / "sub" / "made.ttf").write_bytes(built())
    (tmp_path / "broken.otf").write_bytes(b"no font")
    (tmp_path / "readme.txt").write_bytes(b"x")
    found, = installed_fonts((tmp_path,))
    assert found.name == "Made Here" and width_of(found.bring()) == pytest.approx(0.5)
