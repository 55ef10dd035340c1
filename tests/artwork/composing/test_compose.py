"""Items joined to one shape: sizes as typed after every edit, overlaps joined, frost and clear laid on each other."""

from itertools import pairwise
from math import pi
from typing import get_args

import networkx
import numpy as np
import pytest
import shapely
from hypothesis import assume, given, settings
from hypothesis import strategies as st
from PIL import Image, ImageDraw
from shapely.geometry import box

from specimens import STAR, svg
from strategies import artworks, items, texts, turns
from vitrograph.core.artwork import compose, place, set_words, sized
from vitrograph.core.artwork.composing.shapes import NATURAL_ASPECT, outline_area, shape_area
from vitrograph.core.errors import ArtworkError, NothingYet
from vitrograph.core.job import Artwork, Drawing, Item, Monogram, OutlineName, Repeat, Shape, Words
from vitrograph.core.stencil import Limits
from vitrograph.core.widths import thin_places

TOLERANCE = 0.01                   # mm, between what was typed and what the shape measures


def art_of(*made):
    return compose(Artwork(tuple(item.with_(key=key) for key, item in enumerate(made, start=1))))


def shown(artwork):
    """The composed art, if any of it stays frosted."""
    try:
        return compose(artwork)
    except (ArtworkError, NothingYet):
        assume(False)


@given(artworks())
@settings(max_examples=40, deadline=None)
def test_the_size_shown_is_that_of_the_shapes_bounds(artwork):
    art = shown(artwork)
    left, low, right, high = art.shape.bounds
    assert art.size == (right - left, high - low)
    assert art.shape.is_valid and left == pytest.approx(-right) and low == pytest.approx(-high)


@given(artwork=artworks(), width=st.floats(20, 120), then=st.floats(0.4, 2.5))
@settings(max_examples=15, deadline=None)
def test_a_typed_width_is_the_width_and_proportions_stay(artwork, width, then):
    before = shown(artwork)
    assume(min(before.size) > 2)
    # of few beads or scallops one more or less changes the size by a step, and nothing lies between
    assume(not any(isinstance(one.what, Shape) and one.what.edge in ("beads", "scallops") for one in artwork.items))
    after = compose(sized(artwork, width=width))
    assert after.size[0] == pytest.approx(width, abs=TOLERANCE)
    assert after.size[1] / width == pytest.approx(before.size[1] / before.size[0], rel=2e-3, abs=2e-3)
    assert after.shape.area == pytest.approx(before.shape.area * (width / before.size[0]) ** 2, rel=1e-2)
    both = compose(sized(sized(artwork, width=width), width=width, height=width * then))
    assert both.size == pytest.approx((width, width * then), abs=TOLERANCE)


@given(item=items(), across=st.floats(0.5, 2), upright=st.floats(0.5, 2))
@settings(max_examples=40, deadline=None)
def test_unequal_factors_skew_a_turned_piece_as_they_skew_its_outline(item, across, upright):
    assume(isinstance(item.what, Words) and (item.repeat is None or item.repeat.times == 1))
    expected = shapely.transform(place(item).shape, lambda xy: xy * [across, upright])
    found = place(item.stretched(across, upright)).shape
    assert found.symmetric_difference(expected).area < 0.02 * expected.length + 1e-6


@given(text=texts, size=st.floats(3, 30), face=st.sampled_from(["Barlow Bold", "Cinzel Bold", "Oswald Bold"]))
@settings(max_examples=30, deadline=None)
def test_a_typed_cap_height_is_that_of_the_capitals(text, size, face):
    placed = place(Item(Words(text + "H", face), size=size, size_is="caps"))
    capital = placed.shape.geoms[-1] if text.isalpha() else None
    *_, last = (part for part in placed.shape.geoms if part.bounds[2] == pytest.approx(placed.box[2]))
    assert np.ptp([last.bounds[1], last.bounds[3]]) == pytest.approx(size, abs=TOLERANCE)
    assert placed.cap_height == pytest.approx(size, abs=1e-9) and (capital is None or capital.area > 0)


@given(size=st.floats(5, 90), side=st.sampled_from(["width", "height"]), text=texts, bend=st.sampled_from([0.0, 5.0]))
@settings(max_examples=30, deadline=None)
def test_a_typed_width_or_height_of_words_is_that_of_their_ink(size, side, text, bend):
    left, low, right, high = place(Item(Words(text, bend=bend), size=size, size_is=side)).box
    assert (right - left if side == "width" else high - low) == pytest.approx(size, abs=1e-6)


def test_a_typed_letter_moves_no_line():
    short, long = (place(Item(Words(f"{text}\nH"), size=9.0, size_is="caps")) for text in ("a", "agHj"))
    lowest = [min(part.bounds[1] for part in placed.shape.geoms) for placed in (short, long)]
    assert lowest[0] == pytest.approx(lowest[1]) and short.box[0] == pytest.approx(-short.box[2])


def test_a_joined_script_word_has_no_overlap_left():
    # by inclusion and exclusion: the area of all letters, less what neighbours share
    letters = set_words(Words("Kestrel", "Lobster Two"), 1e-5).shapes
    shared = sum(shapely.intersection(one, two).area for one, two in pairwise(letters))
    thrice = sum(shapely.intersection_all(list(letters[at:at + 3])).area for at in range(len(letters) - 2))
    placed = place(Item(Words("Kestrel", "Lobster Two"), size=60.0))
    unit = placed.units[0] ** 2
    assert shared > 0.001
    assert placed.shape.area == pytest.approx((shapely.area(letters).sum() - shared + thrice) * unit, rel=5e-4)
    assert len(placed.shape.geoms) == parts_on_a_raster(placed.shape)


def parts_on_a_raster(shape, scale=14):
    """How many items a picture of a shape falls into."""
    left, low, right, high = shape.bounds
    page = Image.new("1", (int((right - left) * scale) + 3, int((high - low) * scale) + 3))
    pen = ImageDraw.Draw(page)
    for part in shape.geoms:
        for ring, ink in ((part.exterior, 1), *((hole, 0) for hole in part.interiors)):
            pen.polygon([((x - left) * scale + 1, (y - low) * scale + 1) for x, y in ring.coords], fill=ink)
    pixels = np.array(page)
    graph = networkx.grid_2d_graph(*pixels.shape)
    graph.remove_nodes_from([tuple(at) for at in np.argwhere(~pixels)])
    return sum(len(part) > 20 for part in networkx.connected_components(graph))


def test_clear_lettering_in_a_frosted_shape_is_one_step():
    shape, words = Item(Shape("rectangle", "filled"), size=40.0, stretch=4.0), Item(Words("HI"), size=8.0)
    art = art_of(shape, words.with_(does="clears"))
    letters = place(words).shape
    assert art.shape.area == pytest.approx(400.0 - letters.area, rel=1e-9)
    assert art_of(words.with_(does="clears"), shape).shape.area == pytest.approx(400.0)       # the order decides
    on_top = art_of(shape, words.with_(does="clears"), Item(Shape("oval", "filled"), size=4.0))
    assert on_top.shape.area > art.shape.area


def test_what_is_hidden_is_not_cut_and_what_overlaps_is_joined():
    one, two = Item(Shape("rectangle", "filled"), size=20.0), Item(Shape("rectangle", "filled"), size=20.0, x=10.0)
    assert art_of(one, two).shape.area == pytest.approx(600.0) and len(art_of(one, two).shape.geoms) == 1
    assert art_of(one, two.with_(shown=False)).size == pytest.approx((20.0, 20.0))


def test_repeats_stand_in_rows_columns_and_rings():
    dot = Item(Shape("oval", "filled"), size=4.0, x=3.0, y=-2.0)
    row = place(dot.with_(repeat=Repeat(4, "row", 10.0)))
    assert row.box == pytest.approx((-14.0, -4.0, 20.0, 0.0)) and len(row.shape.geoms) == 4
    assert place(dot.with_(repeat=Repeat(3, "column", 5.0))).box == pytest.approx((1.0, -9.0, 5.0, 5.0))
    ring = place(dot.with_(repeat=Repeat(6, "ring", 20.0)))
    reach = [np.hypot(part.centroid.x - 3.0, part.centroid.y + 2.0) for part in ring.shape.geoms]
    assert reach == pytest.approx([20.0] * 6, abs=1e-6) and ring.box[3] == pytest.approx(20.0, abs=1e-6)


@pytest.mark.parametrize(("outline", "area"), [
    ("rectangle", 30 * 20.0), ("oval", pi * 15 * 10.0), ("diamond", 300.0), ("hexagon", 450.0),
    ("rounded", 600.0 - (4 - pi) * 16.0), ("plaque", 600.0 - pi * 16.0), ("arch", 30 * 8.0 + pi * 15 * 12.0 / 2)])
def test_an_outlines_area_is_that_of_the_handbook(outline, area):
    # plane figures: any handbook of mathematical tables; corners are a fifth of the shorter side
    assert outline_area(outline, 30.0, 20.0, 1e-4).area == pytest.approx(area, rel=1e-4)


@pytest.mark.parametrize("outline", ["rectangle", "rounded", "oval", "diamond", "shield", "plaque", "hexagon", "arch",
                                     "star"])
def test_every_edge_keeps_within_its_outline(outline):
    whole = outline_area(outline, 40.0, 30.0, 0.01)
    assert whole.bounds == pytest.approx((-20.0, -15.0, 20.0, 15.0))
    for edge in ("line", "two lines", "beads", "scallops"):
        made = shape_area(Shape(outline, edge, line=1.0), 40.0, 30.0, 0.01)
        assert made.is_valid and 0 < made.area < whole.area
        assert made.difference(whole.buffer(0.02)).area == pytest.approx(0, abs=1e-6)
    assert shape_area(Shape(outline, "line", line=60.0), 40.0, 30.0, 0.01).area == pytest.approx(whole.area)


@given(turn=turns, text=texts)
@settings(max_examples=20, deadline=None)
def test_turning_and_flipping_keep_the_area(turn, text):
    plain = Item(Words(text), size=30.0)
    for changed in (plain.with_(turn=turn), plain.with_(flip=True), plain.with_(lean=0.4)):
        assert place(changed).shape.area == pytest.approx(place(plain).shape.area, rel=1e-6)


def test_nothing_to_compose_is_an_empty_state_and_not_a_fault():
    for empty in (Artwork(), Artwork((Item(Words("  \n "), key=1), Item(Monogram(), key=2)))):
        with pytest.raises(NothingYet, match="type some words"):
            compose(empty)
    with pytest.raises(NothingYet, match="every item is hidden"):
        compose(Artwork((Item(Words("K"), shown=False),)))
    with pytest.raises(ArtworkError, match="nothing is frosted: every item clears"):
        art_of(Item(Words("K"), does="clears"))
    with pytest.raises(ArtworkError, match="nothing is left frosted"):
        art_of(Item(Words("K"), size=5.0), Item(Shape("rectangle", "filled"), size=50.0, does="clears"))
    with pytest.raises(ArtworkError, match="Barlow Bold has no letter for 日 本: choose another face"):
        art_of(Item(Words("日本")))


def test_a_piece_that_cannot_be_made_is_named_and_the_others_go_on():
    bad = Item(Drawing("bad.svg", b"<svg"), name="the owl")
    art = art_of(Item(Words("K"), size=20.0), bad, Item(Words("K" * 3000)))
    assert art.size[0] == pytest.approx(20.0) and [key for key, _ in art.failed] == [2, 3]
    said = [found.says.partition(":")[0] for found in art.findings]
    assert said == ["the owl is left out", f"{'K' * 30} is left out"]
    with pytest.raises(ArtworkError, match="not an SVG drawing"):
        art_of(bad)


def test_drawings_are_placed_by_the_middle_of_their_box():
    star = art_of(Item(Drawing("star.svg", STAR.encode()), size=30.0, x=8.0, y=4.0)).placed[0]
    assert star.box[2] - star.box[0] == pytest.approx(30.0) and star.box[0] == pytest.approx(-7.0)
    corner = Drawing("l.svg", svg('<path d="M0 0h10v30h20v10h-30z"/>').encode())
    placed = place(Item(corner, size=40.0, size_is="height", turn=pi / 2, does="clears"))
    assert placed.box == pytest.approx((-20.0, -15.0, 20.0, 15.0), abs=1e-6)
    assert placed.corners[0] == pytest.approx([20.0, -15.0], abs=1e-6)                        # lower left, turned
    assert placed.shape.intersects(box(18, -15, 20, 15))


@pytest.mark.parametrize("outline", get_args(OutlineName))
@pytest.mark.parametrize("edge", ["line", "two lines", "beads"])
def test_a_ready_shape_can_be_etched_as_it_comes(outline, edge):
    ready = Item(Shape(outline, edge), key=1, stretch=NATURAL_ASPECT[outline])
    limits = Limits()
    assert [place.width for place in thin_places(compose(Artwork((ready,))).shape, limits.opening, limits.web)] == []
