"""SVG drawings as two-tone shapes, against an independent renderer (resvg) and known areas."""

import base64
import io

import numpy as np
import pytest
import resvg_py
from PIL import Image

from specimens import STAR, svg
from vitrograph.core.artwork import bring, compose
from vitrograph.core.errors import ArtworkError
from vitrograph.core.job import Artwork, Drawing, Item, Job, Tone


def draw(text, max_deviation=1e-3, **choices):
    """A drawing's shape with height 1."""
    return bring(Drawing(name="x.svg", data=text.encode(), **choices), max_deviation)


DRAWINGS = {
    "every path command": '<path transform="translate(8 8) scale(.75)" d="M10 50 h20 v-20 l10 5 q10 -20 20 0 t10 10 '
                          'c5 20 10 20 15 0 s5 -10 10 0 a12 8 30 1 1 -20 30 A20 20 0 0 1 50 80 H30 V70 Z m5 -5 z"/>',
    "even-odd": '<path fill-rule="evenodd" d="M50 5 79 95 3 39 97 39 21 95Z"/>',
    "non-zero": '<path d="M50 5 79 95 3 39 97 39 21 95Z"/>',
    "nested transforms": '<g transform="translate(10 8) rotate(12)"><g transform="scale(1.5 .7) skewX(20)">'
                         '<rect x="5" y="8" width="30" height="40" rx="6"/><circle cx="22" cy="70" r="16"/></g></g>',
    "light over dark": '<rect x="5" y="5" width="80" height="60"/>'
                       '<ellipse cx="40" cy="35" rx="20" ry="12" fill="#fff"/>'
                       '<polygon points="30,30 50,30 40,45" fill="navy"/>',
    "styles": '<style>.ink{fill:#123}.none{fill:none}</style><rect class="ink" width="30" height="90"/>'
              '<circle class="none" cx="50" cy="50" r="40"/>'
              '<rect style="fill:#222;opacity:1" x="50" width="9" height="9"/>',
    "strokes": '<path d="M10 80 L50 20 90 80" fill="none" stroke="#000" stroke-width="9" stroke-linejoin="round"/>'
               '<line x1="10" y1="92" x2="90" y2="92" stroke="#000" stroke-width="5" stroke-linecap="square"/>',
    "reuse": '<defs><rect id="bar" width="12" height="60"/></defs><use href="#bar" x="5" y="9"/>'
             '<use href="#bar" transform="translate(60 20) rotate(15)"/>',
    "dashes": '<path d="M10 20H90V80H20Z" fill="none" stroke="#000" stroke-width="7" stroke-dasharray="13 6 2" '
              'stroke-dashoffset="5"/><path d="M10 90h80" stroke="#000" stroke-width="6" stroke-linecap="round" '
              'stroke-dasharray="0 11"/>',
    "dashes of rings": '<g fill="none" stroke="#000" stroke-width="6"><circle cx="28" cy="30" r="20" '
                       'stroke-dasharray="50 99"/><ellipse cx="72" cy="30" rx="20" ry="26" stroke-dasharray="31 200"/>'
                       '<path d="M15 65h40v25h-40z" stroke-width="9" stroke-dasharray="50 9 60 7"/>'
                       '<path d="M66 66 88 88z" stroke-linecap="round"/></g>',
    "the stroke first": '<g stroke="#fff" stroke-width="9"><rect x="5" y="5" width="40" height="40" '
                        'paint-order="stroke"/><rect x="52" y="5" width="30" height="30" paint-order="fill"/></g>'
                        '<g style="paint-order:markers stroke"><circle cx="72" cy="70" r="20" fill="#fff" '
                        'stroke="#000" stroke-width="12"/></g>',
    "markers": '<marker id="a" viewBox="0 0 4 4" refX="2" refY="2" orient="auto-start-reverse">'
               '<path d="M0 0L4 2 0 4z"/></marker><marker id="b" markerWidth="5" markerHeight="4" refX="1" refY="2" '
               'orient="30"><rect width="9" height="3"/></marker><marker id="c" markerUnits="userSpaceOnUse" '
               'markerWidth="12" markerHeight="12" refX="6" refY="6" overflow="visible"><circle cx="6" cy="6" r="8"/>'
               '</marker><path d="M20 20 60 25Q75 40 70 55" fill="none" stroke="#000" stroke-width="4" '
               'style="marker-start:url(#a);marker-mid:url(#b);marker-end:url(#a)"/>'
               '<polyline points="20 60 40 80 60 70" fill="none" stroke="#000" marker-mid="url(#c)"/>'
               '<polygon points="72 72 94 80 80 92" stroke="#000" stroke-width="3" marker-start="url(#a)"/>',
    "a group's box": '<mask id="m" x="0" y="0" width="1" height="1"><rect width="100" height="100" fill="#fff"/>'
                     '</mask><g mask="url(#m)"><rect x="20" y="20" width="50" height="60" stroke="#000" '
                     'stroke-width="20"/></g>',
    "sharp corners": '<path d="M8 90 25 30 42 90" fill="none" stroke="#000" stroke-width="8" stroke-miterlimit="5"/>'
                     '<path d="M56 90 62 22 68 90" fill="none" stroke="#000" stroke-width="8"/>',
    "clip paths": '<defs><clipPath id="c"><circle cx="40" cy="50" r="30"/><rect x="60" y="10" width="30" height="80"/>'
                  '</clipPath><clipPath id="d" clipPathUnits="objectBoundingBox" clip-path="url(#e)">'
                  '<path clip-rule="evenodd" d="M.1.1h.8v.8h-.8zM.3.3h.4v.4h-.4z"/></clipPath>'
                  '<clipPath id="e"><rect width="100" height="60"/></clipPath></defs>'
                  '<g clip-path="url(#c)"><rect width="100" height="55" transform="rotate(8)"/></g>'
                  '<rect x="10" y="40" width="50" height="50" clip-path="url(#d)"/>',
    "masks": '<mask id="m"><rect width="100" height="100" fill="#fff"/><circle cx="50" cy="50" r="25"/></mask>'
             '<mask id="b" maskContentUnits="objectBoundingBox"><rect width=".5" height="1" fill="#ddd"/></mask>'
             '<rect x="5" y="5" width="90" height="60" mask="url(#m)"/>'
             '<rect x="5" y="70" width="90" height="20" mask="url(#b)"/>',
    "symbols": '<defs><symbol id="s" viewBox="0 0 10 20"><circle cx="5" cy="10" r="9"/></symbol></defs>'
               '<use href="#s" x="5" y="5" width="40" height="60"/>'
               '<svg x="50" y="20" width="40" height="40" viewBox="0 0 4 4" preserveAspectRatio="xMinYMax slice">'
               '<path d="M0 0h4v2h-4z"/></svg><use href="#s" x="60" y="70" width="30" height="25"/>',
    "cascade": '<style>@media print{.a{fill:none}} rect{fill:none} .a, #z > rect{fill:#000} .n{fill:none!important}'
               '</style><rect class="a" width="40" height="40"/><g id="z"><rect x="50" width="30" height="30"/></g>'
               '<rect class="n" style="fill:#000" y="50" width="30" height="30"/>'
               '<g fill="currentColor" color="#000"><circle cx="70" cy="70" r="14" fill="inherit"/></g>',
    "opacity": '<rect width="40" height="40" opacity=".9"/><rect x="50" width="40" height="40" fill="rgb(0 0 0/80%)"/>'
               '<g opacity=".2"><rect y="50" width="90" height="40"/></g>',
    "patterns": '<defs><pattern id="p" x="3" y="2" width="14" height="10" patternUnits="userSpaceOnUse">'
                '<circle cx="9" cy="7" r="4"/></pattern><pattern id="q" href="#p" patternTransform="rotate(20)"/>'
                '<pattern id="r" width=".25" height=".2" viewBox="0 0 10 10"><path d="M0 0h6v6z"/></pattern>'
                '<pattern id="s" width=".5" height=".5" patternContentUnits="objectBoundingBox">'
                '<rect x=".1" y=".1" width=".3" height=".2"/></pattern></defs>'
                '<rect x="5" y="5" width="40" height="40" fill="url(#p)"/>'
                '<circle cx="72" cy="25" r="20" fill="url(#q)"/>'
                '<rect x="5" y="52" width="40" height="44" fill="url(#r)"/>'
                '<rect x="52" y="52" width="40" height="44" fill="url(#s)"/>',
    "an editor's entities": None,
    "hidden": '<rect width="40" height="40"/><rect x="50" width="40" height="90" visibility="hidden"/>'
              '<g display="none"><rect y="50" width="30" height="30"/></g>',
}


def dark_area(text: str, pixels: int = 1600) -> tuple[float, float]:
    """Share of the page that an independent renderer paints dark, and the height of the painted box in user units."""
    png = resvg_py.svg_to_bytes(svg_string=text, width=pixels, background="#ffffff")
    image = Image.open(io.BytesIO(bytes(png))).convert("L")
    dark = image.point(lambda level: 255 - level)
    histogram = dark.histogram()
    area = sum(level * count for level, count in enumerate(histogram)) / 255 / image.width / image.height
    box = dark.point(lambda level: 255 * (level > 127)).getbbox()
    return area, (box[3] - box[1]) / image.height


@pytest.mark.parametrize("name", list(DRAWINGS))
def test_the_area_agrees_with_an_independent_renderer(name):
    # ink is rendered black, so that only the two tones are compared
    body = DRAWINGS[name] or '<g><rect fill="#000" width="70" height="30"/></g>'
    text = svg(body.replace("navy", "#000").replace("#123", "#000").replace("#222", "#000"))
    full = text.replace('opacity=".9"', "").replace("rgb(0 0 0/80%)", "#000").replace("#ddd", "#fff")
    area, height = dark_area(full.replace('<g opacity=".2">', '<g display="none">'))
    if DRAWINGS[name] is None:
        text = '<!DOCTYPE svg [<!ENTITY ns "http://example.org/x">]>' + text.replace("<g>", '<g xmlns:x="&ns;">')
    drawn = draw(text, 1e-4)
    assert drawn.shape.is_valid
    assert drawn.shape.area * height**2 == pytest.approx(area, rel=0.004)


def test_dashes_are_counted_in_the_length_that_a_shape_says_it_has():
    # half of the first circle, and all of the other: what an animation leaves behind when it stands still
    rings = [f'<circle cx="50" cy="50" r="30" fill="none" stroke="#000" stroke-width="4" pathLength="{said}" '
             'stroke-dasharray="1 9"/>' for said in (2, 1)]
    half, whole = (draw(svg(ring), 1e-4).shape for ring in rings)
    assert half.bounds[2] - half.bounds[0] == pytest.approx(2 * (half.bounds[3] - half.bounds[1]), rel=3e-3)
    assert len(whole.geoms[0].interiors) == 1


@pytest.mark.parametrize(("page", "wide"), [
    ('width="60mm" viewBox="0 0 120 60"', 40.0), ('width="3in" height="1.5in" viewBox="0 0 120 60"', 50.8),
    ('viewBox="0 0 120 60"', 80 * 25.4 / 96), ('width="96" height="48"', 80 * 25.4 / 96),
])
def test_a_drawing_keeps_its_own_size(page, wide):
    # one CSS pixel is 1/96 inch
    text = f'<svg xmlns="http://www.w3.org/2000/svg" {page}><rect x="10" y="20" width="80" height="20"/></svg>'
    assert draw(text).size_mm == pytest.approx((wide, wide / 4))


def test_gradients_are_cut_where_they_pass_the_limits():
    fade = ('<linearGradient id="g"><stop stop-color="#000"/><stop offset="1" stop-opacity="0"/></linearGradient>'
            '<radialGradient id="r"><stop offset=".5" stop-color="#000"/><stop offset=".5" stop-color="#fff"/>'
            '</radialGradient>')
    half = draw(svg(fade + '<rect width="100" height="50" fill="url(#g)"/>'))
    assert half.width == pytest.approx(1.0, abs=0.01) and half.left_out == ("faint parts",)    # half of it is seen
    disc = draw(svg(fade + '<rect width="100" height="100" fill="url(#r)"/>'))
    assert disc.shape.area == pytest.approx(np.pi / 4, rel=0.01)          # the white around the disc of r 25 clears


def test_colours_are_listed_guessed_and_decided_by_the_maker():
    text = svg('<rect width="90" height="60" fill="#204060"/><circle cx="40" cy="30" r="20" fill="#fff"/>'
               '<rect y="70" width="90" height="20" fill="gold"/>')
    guessed = draw(text)
    assert {c.hex: c.does for c in guessed.colours} == {"#204060": "frost", "#ffffff": "clear", "#ffd700": "frost"}
    assert sum(c.share for c in guessed.colours) == pytest.approx(1.0)
    kept = draw(text, tones=(Tone("#ffffff", "frost"), Tone("#ffd700", "leave")))
    assert kept.shape.area == pytest.approx(90 * 60 / 60**2, rel=1e-3)
    with pytest.raises(ArtworkError, match="no colour of the drawing frosts"):
        draw(text, tones=tuple(Tone(colour.hex, "leave") for colour in guessed.colours))


def picture(size=(40, 30)):
    out = io.BytesIO()
    made = Image.new("L", size, 255)
    made.paste(0, (8, 6, 32, 24))
    made.save(out, "PNG")
    return out.getvalue()


def test_a_picture_within_is_offered_to_the_tracer():
    image = f'<image href="data:image/png;base64,{base64.b64encode(picture()).decode()}" width="40" height="30"/>'
    artwork = Artwork((Item(Drawing("both.svg", svg('<rect width="9" height="9"/>' + image).encode())),))
    beside = compose(artwork)
    offered = next(found.remedy for found in beside.findings if found.remedy)
    inside = offered.paths(Job(artwork=artwork))["artwork__items__0__what"]
    assert inside.kind == "picture" and bring(inside, 1e-3).shape.area == pytest.approx(24 / 18, rel=0.02)
    alone = draw(svg(image))
    assert alone.left_out == ("nothing but a picture, which is traced",)
    assert alone.width == pytest.approx(24 / 18, rel=0.02)


def test_what_a_drawing_refers_to_elsewhere_is_not_read(tmp_path):
    secret = tmp_path / "secret.svg"
    secret.write_text(svg('<rect id="x" width="50" height="50"/>'))
    text = svg(f'<rect width="9" height="9"/><use href="{secret.as_uri()}#x"/>'
               f'<image href="{secret.as_uri()}" width="9"/><style>@import url({secret.as_uri()});</style>')
    drawn = draw(text)
    assert drawn.shape.area == pytest.approx(1.0)
    assert set(drawn.left_out) == {"a part of another file", "a picture in another file"}


def test_groups_a_hundred_deep_and_data_that_go_wrong_are_read_as_far_as_they_go():
    deep = draw(svg("<g>" * 100 + '<path d="M0 0h30v30h-30zM5 5L"/>' + "</g>" * 100))
    assert deep.shape.area == pytest.approx(1.0)
    crossing = draw(svg('<path d="M0 0 L40 40 40 0 0 40Z"/>'))
    assert crossing.shape.is_valid and crossing.shape.area == pytest.approx(0.5)


def test_what_is_not_shown_as_drawn_is_named():
    drawn = draw(svg('<rect width="9" height="9"/><text x="3" y="9">Hi</text><image href="x.png" width="5" height="5"/>'
                     '<rect width="3" height="3" mask="url(#m)"/>'), 1e-3)
    assert set(drawn.left_out) == {"lettering, set in Barlow Bold", "a picture in another file"}


def test_a_pattern_of_too_many_tiles_is_left_out_and_named():
    dots = '<pattern id="p" width=".001" height=".001" viewBox="0 0 2 2"><path d="M0 0h1v1z"/></pattern>'
    drawn = draw(svg(f'{dots}<rect width="9" height="9"/><rect x="20" width="40" height="40" fill="url(#p)"/>'))
    assert drawn.left_out == ("a pattern too fine to lay",) and drawn.width == pytest.approx(1.0)


def test_parts_off_the_page_are_left_out_and_named():
    on = '<circle cx="50" cy="50" r="20"/>'
    off = '<path d="M90000 0h50000v70000z"/><rect x="-60" width="50" height="9"/>'
    drawn = draw(svg(on + off))
    assert drawn.left_out == ("parts that lie off the page, left out",)
    assert drawn.shape.equals_exact(draw(svg(on)).shape, 1e-9), "and decide nothing about the rest"
    assert draw(svg(off)).left_out == (), "all of a drawing that lies beside its page is the drawing"
    for page in ("", 'width="100%" height="100%"'):
        whole = f'<svg xmlns="http://www.w3.org/2000/svg" {page}><path d="M9 9h9v9zM800 900h90v90z"/></svg>'
        assert draw(whole).left_out == () and len(draw(whole).shape.geoms) == 2, "a page that is as large as it is seen"


SLAB = '<rect width="60" height="40" fill="#101010"/><circle cx="20" cy="20" r="12" fill="#b00020"/>'


def test_colours_that_merge_into_one_slab_are_named_and_kept_apart_by_a_line():
    drawn = draw(svg(SLAB))
    assert drawn.merged == ("#b00020",) and drawn.shape.area == pytest.approx(1.5)
    apart = draw(svg(SLAB), between=0.05)
    assert apart.merged == ()
    assert len(apart.shape.geoms) == 2
    assert 1.5 - apart.shape.area == pytest.approx(2 * np.pi * 0.3 * 0.05, rel=0.01)
    alike, apart_already = SLAB.replace("b00020", "181010"), SLAB.replace('cx="20"', 'cx="90"')
    assert draw(svg(alike)).merged == draw(svg(apart_already)).merged == ()
    cleared = draw(svg(SLAB), tones=(Tone("#b00020", "clear"),))
    assert cleared.merged == ()


def test_the_line_between_colours_is_offered_as_wide_on_the_glass_as_a_web_may_be():
    what = Drawing("slab.svg", svg(SLAB).encode())
    art = compose(Artwork((Item(what, key=1, size=30.0),)))
    found = next(found for found in art.findings if "#b00020" in str(found.says))
    (change,) = found.remedy.changes
    assert change.what.between * 20.0 == pytest.approx(1.0), "the slab is 30 by 20 mm"


def test_a_drawing_all_in_light_paint_is_the_picture():
    assert draw(svg('<rect width="20" height="10" fill="white"/>'), 1e-3).shape.area == pytest.approx(2.0)


ENDLESS = '<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>'
DOUBLING = '<rect id="x0" width="1" height="1"/>' + "".join(
    f'<g id="x{n + 1}"><use href="#x{n}"/><use href="#x{n}"/></g>' for n in range(20))


@pytest.mark.parametrize(("text", "sentence"), [
    ("", "not an SVG drawing, or it was cut short"),
    ("<svg", "not an SVG drawing, or it was cut short"),
    (STAR[:60], "not an SVG drawing, or it was cut short"),
    ("<html/>", "begins with <html>"),
    (svg(""), "nothing in the drawing is painted"),
    (svg('<rect width="9" height="9" fill="none"/>'), "nothing in the drawing is painted"),
    (svg('<rect width="1e300" height="1e300"/>'), "beyond any page"),
    ('<!DOCTYPE x [<!ENTITY a "aa"><!ENTITY b "&a;&a;">]>' + svg("<text>&b;</text>"), "XML entities"),
    ('<!DOCTYPE x [<!ENTITY a SYSTEM "file:///etc/passwd">]>' + svg("<text>&a;</text>"), "XML entities"),
    ('<svg xmlns="http://www.w3.org/2000/svg" width="0" height="0"><rect width="9" height="9"/></svg>', "has no size"),
    (svg("<g>" * 500 + '<rect width="9" height="9"/>' + "</g>" * 500), "more than 400 deep"),
    (svg('<rect width="nan" height="9"/>'), "nothing in the drawing is painted"),
    (svg(ENDLESS), "reuses a part inside itself"),
    (svg(DOUBLING), "unfolds to more than"),
])
def test_a_bad_drawing_is_refused_in_one_sentence(text, sentence):
    with pytest.raises(ArtworkError, match=sentence):
        draw(text, 1e-3)
