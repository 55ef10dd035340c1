"""The weeding list: frame first, openings by their size, islands kept, pieces called by their letters."""

import pytest
from hypothesis import given, settings
from shapely.geometry import Point

from specimens import CARAFE, in_mm, job, run, star_job, svg
from strategies import words
from vitrograph.core.findings import Code
from vitrograph.core.job import Artwork, Drawing, Item, Shape, Words


@given(text=words)
@settings(max_examples=20, deadline=None)
def test_every_opening_is_pulled_once_and_every_island_stays(text):
    results = run(job(text, height=15.0))
    weed, sheet = results.weed, results.sheet
    assert [bit.number for bit in weed.bits] == list(range(1, len(weed.bits) + 1))
    assert weed.pull[0].kind == "frame" and not weed.pull[0].shape.intersects(sheet.openings)
    areas = [bit.shape.area for bit in weed.pull[1:]]
    sizes = [(area >= 12.0) + (area >= 150.0) for area in areas]
    assert sizes == sorted(sizes, reverse=True)                # large, middling, small: near next within a size
    assert sum(areas) == pytest.approx(sheet.openings.area)
    # Euler: film about openings that keep off its edge has one part more than they have holes
    assert len(weed.stay) == sum(len(part.interiors) for part in sheet.openings.geoms)
    assert sum(bit.shape.area for bit in weed.stay) == pytest.approx(sum(island.area for island in sheet.islands))


def test_pieces_are_called_by_their_letters_and_place():
    weed = run(job("Bi", width=20.0)).weed
    names = {bit.name for bit in weed.pull}
    assert {"letter B", "letter i"} <= names                    # the dot of the i is a piece of its own
    assert len(weed.pull) == 4
    assert [bit.name for bit in weed.stay] == ["inside of letter B"] * 2
    by_name = {bit.name: bit for bit in weed.pull[1:]}
    assert "left" in by_name["letter B"].where and "right" in by_name["letter i"].where


def test_joined_letters_are_one_piece():
    weed = run(job("oo", letter_spacing=-0.3, width=20.0)).weed
    assert [bit.name for bit in weed.pull[1:]] == ["letters oo"]


def test_a_number_stands_on_its_piece_and_small_pieces_are_hooked():
    weed = run(star_job(width=8.0)).weed
    assert weed.pull[1].name == "drawing" and "hook" not in in_mm(run(star_job()).weed.pull[1].how)
    small = run(job("i", width=1.0)).weed.pull
    assert all("hook" in in_mm(bit.how) for bit in small[1:])
    for bit in run(job("Kestrel 8")).weed.pull[1:]:
        assert bit.shape.contains(Point(bit.spot))


def test_of_several_films_each_has_its_surplus_first_and_every_opening_is_numbered_and_found_on_its_own_film():
    results = run(job("Kestrel\n\nPoint", glass=CARAFE, width=56.0, fit__from_rim=40.0, fit__rows=2))
    low, high, *openings = results.weed.pull
    for film, frame in enumerate((low, high)):
        assert (frame.kind, frame.film, frame.name) == ("frame", film, f"the surplus of film {film + 1}")
        assert not frame.shape.intersects(results.sheet.outline.buffer(-0.01))
        assert [frame.shape.distance(outline) < 1e-6 for outline in results.sheet.outlines] == [
            film == 0, film == 1]
    assert low.key != high.key
    assert [bit.number for bit in results.weed.bits] == list(range(1, len(results.weed.bits) + 1))
    assert len(openings) == len(results.sheet.openings.geoms)
    where = {bit.name: bit.where for bit in openings}
    # names find their letters on either film, and each is told by where it lies on that, the lower laid first
    assert where["letter P"] == "film 1, left" and where["letter K"] == "film 2, left"
    assert where["letter l"] == "film 2, right"


def test_clear_letters_on_a_plate_are_called_by_their_letters():
    plate = Item(Shape("rounded", "filled"), key=1, size=50.0, stretch=2.5)
    words = Item(Words("HI", "Barlow Bold"), key=2, size=10.0, size_is="caps", does="clears")
    weed = run(job().changed(artwork=Artwork((plate, words)))).weed
    assert sorted(bit.name for bit in weed.stay) == ["letter H", "letter I"]
    assert "watch that what it surrounds stays" not in in_mm(weed.pull[1].how)
    many = Item(Words("HILTE", "Barlow Bold"), key=2, size=8.0, size_is="caps", does="clears")
    pulled = run(job().changed(artwork=Artwork((plate.with_(size=60.0), many)))).weed.pull[1]
    assert "watch that what it surrounds stays" in in_mm(pulled.how)


def test_where_a_piece_lies_is_told_by_thirds():
    """Nine dots in a square, each called by where it stands."""
    dots = "".join(f'<circle cx="{10 + 40 * x}" cy="{10 + 40 * y}" r="9"/>' for y in range(3) for x in range(3))
    drawing = Drawing(name="dots.svg", data=svg(dots).encode())
    weed = run(job().changed(artwork=Artwork((Item(drawing, key=1, size=60.0),)))).weed
    middle = weed.pull[0].shape.centroid
    at = {(round((x - middle.x) / 24), round((y - middle.y) / 24)): bit.where
          for bit in weed.pull[1:] for x, y in [bit.spot]}
    assert at == {(x, y): " ".join([*([tall] if y else []), *([wide] if x else [])] or ["in the middle"])
                  for x, wide in ((-1, "left"), (0, ""), (1, "right"))
                  for y, tall in ((-1, "lower"), (0, ""), (1, "upper"))}


@pytest.mark.parametrize("many", [1, 3, 4, 8, 9, 11])
def test_islands_are_counted_named_and_told_of_where_many_stand_in_one_opening(many):
    holes = "".join(f"M{8 * x + 4} 10h4v8h-4z" for x in range(many))
    body = f'<path fill-rule="evenodd" d="M0 0H{8 * many + 40}V30H0Z{holes}"/>'
    drawing = Drawing(name="comb.svg", data=svg(body).encode())
    weed = run(job().changed(artwork=Artwork((Item(drawing, key=1, size=70.0),)))).weed
    look = weed.steps[-1]
    assert look.says.startswith("Look: 1 island must" if many == 1 else f"Look: {many} islands must")
    assert (f"and {many - 8} more" in look.note) == (many > 8) and look.note.count(",") == min(many, 8) - 1
    told = [found.says for found in weed.findings]
    assert told == ([f"{many} islands stand in opening 2 (drawing)"] if many > 3 else [])
    assert ("what it surrounds" in in_mm(weed.pull[1].how)) == (many > 3)


def test_a_decal_has_no_ties_to_offer():
    offered = {kind: [found.remedy is not None for found in run(job("Open night", stencil__kind=kind)).weed.findings
                      if found.code is Code.ISLAND] for kind in ("clear", "decal")}
    assert offered == {"clear": [True], "decal": [False]}
