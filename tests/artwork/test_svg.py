"""SVG drawings as two-tone shapes, against an independent renderer (resvg) and known areas."""

import io

import pytest
import resvg_py
from PIL import Image

from specimens import STAR, svg
from vitrograph.core.artwork import bring, compose
from vitrograph.core.errors import ArtworkError, NothingYet
from vitrograph.core.job import Artwork, Drawing


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
    text = svg(DRAWINGS[name].replace("navy", "#000").replace("#123", "#000").replace("#222", "#000"))
    area, height = dark_area(text)
    drawn = draw(text, 1e-4)
    assert drawn.shape.is_valid
    assert drawn.shape.area * height**2 == pytest.approx(area, rel=0.004)


def test_what_is_not_shown_as_drawn_is_named():
    drawn = draw(svg('<rect width="9" height="9"/><text x="3" y="9">Hi</text><image href="x.png" width="5" height="5"/>'
                     '<rect width="3" height="3" mask="url(#m)"/>'), 1e-3)
    assert set(drawn.left_out) == {"lettering, set in Barlow Bold", "a picture in another file"}


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
    ('<!DOCTYPE x [<!ENTITY a "aaaa">]>' + svg("<text>&a;</text>"), "XML entities"),
    (svg(ENDLESS), "reuses a part inside itself"),
    (svg(DOUBLING), "unfolds to more than"),
])
def test_a_bad_drawing_is_refused_in_one_sentence(text, sentence):
    with pytest.raises(ArtworkError, match=sentence):
        draw(text, 1e-3)


def test_words_and_drawing_stand_beside_each_other():
    star = Drawing(name="star.svg", data=STAR.encode())
    above, right = (compose(Artwork(text="K", drawing=star, drawing_place=place, gap=0.5, drawing_size=2.0), 1e-3)
                    for place in ("above", "right"))
    alone = compose(Artwork(text="K"), 1e-3)
    assert above.size[1] == pytest.approx(alone.size[1] + 0.5 + 2.0, abs=2e-3)
    assert right.size[0] > alone.size[0] + 0.5
    left, low, high_x, high_y = above.shape.bounds
    assert left == pytest.approx(-high_x) and low == pytest.approx(-high_y)
    assert {mark.name for mark in above.marks} == {"K", "drawing"}


def test_words_of_which_the_face_has_no_letter_are_told_of():
    with pytest.raises(ArtworkError, match="Barlow Bold has no letter for 日 本: choose another face"):
        compose(Artwork(text="日本"), 1e-3)


def test_nothing_to_compose_is_an_empty_state_and_not_a_fault():
    with pytest.raises(NothingYet, match="type some words"):
        compose(Artwork(text="  \n "), 1e-3)
