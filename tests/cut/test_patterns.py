"""Patterns on the printer's own paper: put together they are what was drawn, and the right way round, as they say."""

import io
import re

import numpy as np
import pypdf
import pytest
import shapely
from PIL import Image

from specimens import job, run
from vitrograph.core.cut import Wanted, cut_work
from vitrograph.core.cut.files.sheet_png import sheet_png
from vitrograph.core.demo import demo_job
from vitrograph.core.job import FlatGlass
from vitrograph.core.paper import knife_patterns, stencil_pattern, tiled_pdf
from vitrograph.core.paper.patterns import corners_of
from vitrograph.core.paper.tiles import EDGE_MM, FOOT_MM, LAP_MM, tiles_of

PANE = FlatGlass(width=600.0, height=420.0)


def pages(pdf):
    return pypdf.PdfReader(io.BytesIO(pdf)).pages


def outline_on(page):
    """The largest outline stroked on a page, in the page's mm, by its own matrices."""
    content = page.get_contents().get_data().decode("latin-1")
    across, up = next((float(x), float(y)) for x, y in re.findall(r"1 0 0 1 ([-\d.]+) ([-\d.]+) cm", content)
                      if (x, y) != ("0", "0"))
    lines = re.findall(r"n ((?:[-\d.]+ [-\d.]+ [ml]\s?)+)", content)
    drawn = [np.array([(float(x), float(y)) for x, y in re.findall(r"([-\d.]+) ([-\d.]+) [ml]", line)])
             for line in lines]
    largest = max((points for points in drawn if len(points) > 3), key=lambda points: shapely.Polygon(points).area)
    return largest + [across, up]


@pytest.mark.parametrize(("paper", "size"), [("A4", (210.0, 297.0)), ("Letter", (215.9, 279.4))])
def test_a_stencil_that_fits_is_one_page_of_the_printers_paper(paper, size):
    sheet = run(job("Kestrel")).sheet
    (page,) = pages(tiled_pdf([stencil_pattern(sheet, "K", "mm")], paper, "mm"))
    # ISO 216 A4 is 210 x 297 mm, US Letter 8.5 x 11 in; ISO 32000: 72 units to the inch
    assert sorted(float(side) / 72 * 25.4 for side in page.mediabox[2:]) == pytest.approx(sorted(size), abs=0.01)
    assert "100 mm" in page.extract_text() and "of" not in page.extract_text().split("K")[0]


@pytest.mark.parametrize("paper", ["A4", "Letter"])
def test_tiles_put_together_cross_on_cross_are_the_whole_at_true_size(paper):
    sheet = run(job("Kestrel\nPoint", glass=PANE, width=380.0, stencil__border=40.0)).sheet
    made = pages(tiled_pdf([stencil_pattern(sheet, "Pane", "mm")], paper, "mm"))
    size, tiles = tiles_of(sheet.outline.bounds, paper)
    assert len(made) == len(tiles) + 1 > 3                     # a map first
    assert "Lay cross on cross" in made[0].extract_text()
    seen = []
    for tile, page in zip(tiles, list(made)[1:], strict=True):
        assert f"{tile.name} of {tiles[-1].name}" in page.extract_text()
        # where the page's drawing lies, moved to where the tile belongs, is where it is on the sheet
        at = outline_on(page) - [EDGE_MM, EDGE_MM + FOOT_MM] + [tile.left, tile.low]
        assert shapely.Polygon(at).symmetric_difference(sheet.outline).area < 1.0
        seen.append(shapely.box(tile.left, tile.low, tile.left + tile.shows[0], tile.low + tile.shows[1]))
        assert tile.shows[0] + 2 * EDGE_MM == pytest.approx(size[0])
    assert shapely.union_all(seen).contains(sheet.outline)
    neighbours = [a.intersection(b) for n, a in enumerate(seen) for b in seen[:n] if a.intersection(b).area > 200]
    laps = [min(lap.bounds[2] - lap.bounds[0], lap.bounds[3] - lap.bounds[1]) for lap in neighbours]
    assert laps == pytest.approx([LAP_MM] * len(laps)) and laps


@pytest.mark.parametrize("size", [(500.0, 600.0), (350.0, 500.0), (350.0, 150.0), (150.0, 900.0)])
def test_neighbouring_pages_have_two_crosses_at_the_same_places(size):
    from vitrograph.core.paper.tiles import _crosses

    _, tiles = tiles_of((0.0, 0.0, *size), "A4")
    crosses = {(tile.row, tile.column): {(round(x, 6), round(y, 6)) for x, y in _crosses(tile, tiles)}
               for tile in tiles}
    for (row, column), mine in crosses.items():
        for beside in ((row, column + 1), (row + 1, column)):
            if beside in crosses:
                first, *_, last = sorted(mine & crosses[beside])
                assert np.hypot(*np.subtract(first, last)) > 60.0, "or a page could be turned about the only one"
    for tile in tiles:
        middle = np.array([tile.left, tile.low]) + np.array(tile.shows) / 2
        apart = np.abs(np.array(sorted(crosses[tile.row, tile.column])) - middle)
        assert len(tiles) > 1 and (apart < np.array(tile.shows) / 2).all()


@pytest.mark.parametrize("behind", [False, True])
@pytest.mark.parametrize("mirrored", [False, True])
def test_the_knife_pattern_is_lines_in_the_order_a_hand_cuts_and_says_which_way_round_it_is(mirrored, behind):
    made = job("BO", width=60.0, glass=FlatGlass(width=160.0, height=140.0), fit__face="back") if behind else job(
        "BO", width=60.0)
    sheet = run(made).sheet
    patterns = knife_patterns(sheet, "BO", mirrored=mirrored)
    (page,) = pages(tiled_pdf(patterns, "A4", "mm"))
    words = page.extract_text()
    assert ("Mirrored" in words) == (mirrored != behind), "the letters on the page are what it says"
    assert ("Right way round" in words) == (not mirrored and not behind) and "Insides first" in words
    many = 1 + sum(1 + len(part.interiors) for part in sheet.openings.geoms)
    assert {str(number) for number in range(1, many + 1)} <= set(re.split(r"\s+", words))
    at = shapely.Polygon(outline_on(page))
    left, low, _, _ = at.bounds
    turned = shapely.transform(sheet.outline, lambda xy: xy * [-1 if mirrored else 1, 1])
    moved = shapely.transform(turned, lambda xy: xy + [left - turned.bounds[0], low - turned.bounds[1]])
    assert at.symmetric_difference(moved).area < 1.5


def test_films_laid_one_after_the_other_have_a_pattern_each():
    sheet = run(demo_job("carafe")).sheet
    patterns = knife_patterns(sheet, "Carafe")
    assert [pattern.title for pattern in patterns] == ["Carafe, film 1 of 2", "Carafe, film 2 of 2"]


def test_corners_are_marked_and_smooth_turns_are_not():
    square = np.array([(0, 0), (4, 0), (4, 4), (0, 4), (0, 0)], dtype=float)
    assert len(corners_of(square)) == 4
    assert len(corners_of(np.asarray(shapely.Point(0, 0).buffer(5, 32).exterior.coords))) == 0


def test_the_picture_of_a_film_shows_as_much_of_each_tone_as_there_is():
    made = job("Kestrel", count=2)
    stencil = run(made).sheet
    (sheet,) = cut_work([Wanted(1, "K", 2, stencil)], made.cut).runs
    image = Image.open(io.BytesIO(sheet_png(sheet, "x")))
    used, high = sheet.sheet.used[0], sheet.sheet.film.width
    assert image.width / image.height == pytest.approx(used / high, abs=0.01)
    pixels = np.asarray(image.convert("RGB")).reshape(-1, 3)
    film = (pixels == (0x2F, 0x8F, 0x83)).all(axis=1).mean() * used * high
    assert film == pytest.approx(2 * stencil.film.area, rel=0.04)


def test_each_copy_in_the_picture_of_a_film_is_named_by_its_number_from_one(monkeypatch):
    from PIL import ImageDraw

    written = []
    monkeypatch.setattr(ImageDraw.ImageDraw, "text", lambda _self, _spot, words, **_how: written.append(words))
    made = job("K", count=3)
    (sheet,) = cut_work([Wanted(1, "Mug", 3, run(made).sheet)], made.cut).runs
    sheet_png(sheet, "x")
    assert sorted(written) == ["Mug, 1", "Mug, 2", "Mug, 3"]
