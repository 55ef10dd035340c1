"""Ties: few, short, in line; counted on a raster with networkx, and held against a minimum spanning tree."""

from math import degrees

import networkx
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image, ImageDraw
from shapely.geometry import MultiPolygon, Point, Polygon, box

from specimens import CARAFE, LANTERN, job, remedied, run, star_job
from strategies import words
from vitrograph.core.findings import Code
from vitrograph.core.geometry import as_polygons
from vitrograph.core.job import TieChoices
from vitrograph.core.stencil import Limits, mend_all
from vitrograph.core.stencil.mending.cutting import Cutting
from vitrograph.core.stencil.tying.carry import MOST_DROOP, THICK_MM, droop, proof_of
from vitrograph.core.stencil.tying.ties import tie_islands

PX = 8                            # to the mm


def tied(text="BOPQ8", **changes):
    return run(job(text, **{"stencil__ties__placed": "auto", "width": 60.0, **changes}))


def film_on_a_raster(sheet):
    """How many parts the film has in a picture, specks of a few pixels aside."""
    left, low, right, high = sheet.outline.bounds
    page = Image.new("1", (int((right - left) * PX) + 2, int((high - low) * PX) + 2))
    pen = ImageDraw.Draw(page)
    for part in sheet.film.geoms:
        for ring, ink in ((part.exterior, 1), *((hole, 0) for hole in part.interiors)):
            pen.polygon([((x - left) * PX, (y - low) * PX) for x, y in ring.coords], fill=ink)
    for island in sheet.film.geoms:                            # an island within a hole is drawn after it
        if island.area < 0.5 * sheet.film.area:
            pen.polygon([((x - left) * PX, (y - low) * PX) for x, y in island.exterior.coords], fill=1)
            for hole in island.interiors:
                pen.polygon([((x - left) * PX, (y - low) * PX) for x, y in hole.coords], fill=0)
    film = np.array(page)
    graph = networkx.grid_2d_graph(*film.shape)
    graph.remove_nodes_from([tuple(at) for at in np.argwhere(~film)])
    return sum(len(part) > 4 for part in networkx.connected_components(graph))


def spanning_tree(sheet_before):
    """The least total length that joins all film, by networkx over the distances of its parts."""
    parts = list(sheet_before.film.geoms)
    graph = networkx.Graph()
    for i, one in enumerate(parts):
        for k, other in enumerate(parts[:i]):
            graph.add_edge(i, k, weight=one.distance(other))
    return networkx.minimum_spanning_tree(graph).size(weight="weight")


@pytest.mark.parametrize("text", ["BOPQ8", "Observatory", "a&e"])
def test_tied_film_is_one_part_on_a_raster_too(text):
    results = tied(text)
    assert film_on_a_raster(results.sheet) == 1 == len(results.sheet.film.geoms)
    assert not results.sheet.islands and results.transfer.needed is not results.demands.proof.one_piece
    assert "all film is joined" in results.demands.proof.says[0]
    # letters that stand closer than the least web are joined by film too thin to lift them by
    assert results.demands.proof.one_piece == (text != "Observatory")
    assert film_on_a_raster(run(job(text)).sheet) == 1 + len(run(job(text)).sheet.islands)


@given(text=words, width=st.floats(30, 75))
@settings(max_examples=20, deadline=None)
def test_ties_are_as_few_as_islands_and_nearly_as_short_as_a_spanning_tree(text, width):
    before, after = run(job(text, width=width)).sheet, tied(text, width=width, stencil__ties__each=1).sheet
    assert len(after.ties) == len(before.islands) and not after.islands
    length, least = sum(tie.length for tie in after.ties), spanning_tree(before)
    assert least - 1e-6 <= length <= 1.3 * least + 0.35 * len(before.islands)
    assert after.film.area + after.openings.area == pytest.approx(after.outline.area, rel=1e-9)
    assert len(after.openings.geoms) >= len(before.openings.geoms) - len(after.ties)


def test_ties_stand_in_line_across_letters_and_on_the_middle_of_each():
    sheet = tied("OOO", stencil__ties__each=1).sheet
    islands = sorted(run(job("OOO")).sheet.islands, key=lambda island: island.centroid.x)
    ties = sorted(sheet.ties, key=lambda tie: tie.at[0])
    assert len(ties) == 3
    for tie, island in zip(ties, islands, strict=True):
        assert tie.at[0] == pytest.approx(island.centroid.x, abs=0.6)
    assert all(tie.at[1] < island.centroid.y for tie, island in zip(ties, islands, strict=True))


def test_a_tie_crosses_the_narrow_place_of_a_stroke():
    ring = Point(0, 0).buffer(12, 64).difference(Point(0, -2).buffer(8, 64))   # 2 mm wide below, 6 mm above
    made = tie_islands(Cutting(MultiPolygon([box(-30, -30, 30, 30)]), MultiPolygon([ring])),
                       TieChoices("auto", each=1), Limits(), lambda at: np.array([at]))
    (tie,) = made.ties
    assert tie.length == pytest.approx(2.0, abs=0.1) and tie.at == pytest.approx((0, -11), abs=0.5)
    assert made.droops[0] < MOST_DROOP


def test_a_large_island_gets_a_second_tie_across_from_the_first():
    ring = Point(0, 0).buffer(34, 64).difference(Point(0, 0).buffer(30, 64))
    whole = Cutting(MultiPolygon([box(-60, -60, 60, 60)]), MultiPolygon([ring]))
    made = tie_islands(whole, TieChoices("auto"), Limits(), lambda at: np.array([at]))
    assert len(made.ties) == 2 and max(made.droops) <= MOST_DROOP
    one, two = (np.array(tie.at) for tie in made.ties)
    assert np.hypot(*(one - two)) == pytest.approx(64, abs=1)
    assert tie_islands(whole, TieChoices("auto", each=1), Limits(), lambda at: np.array([at])).droops[0] > MOST_DROOP
    many = tie_islands(whole, TieChoices("auto", each=4), Limits(), lambda at: np.array([at]))
    assert len(many.ties) == 4 and not len(many.cutting.islands)


def test_the_droop_is_that_of_a_cantilever_with_a_weight_at_its_end():
    # J. Gere and S. Timoshenko, Mechanics of Materials: end slopes M l / E I under a moment, P l² / 2 E I under a load
    weight, stiff = 100 * THICK_MM * 1.35e-6 * 9.81, 300.0 * 1.6 * THICK_MM**3 / 12
    slope = weight * 6.0 * 2.0 / stiff + weight * 2.0**2 / (2 * stiff)
    guided = weight / 2 * 2.0**2 / (8 * stiff)                 # there and back: the slope half-way along each of two
    both = np.array([[0.0, 6.0], [0.0, -6.0]])
    assert droop(box(-5, -5, 5, 5), 100.0, both, [2.0, 2.0], 1.6) == pytest.approx(guided)
    assert droop(box(-5, -5, 5, 5), 100.0, np.array([[0.0, 6.0]]), [2.0], 1.6) == pytest.approx(slope)
    assert droop(box(-5, -5, 5, 5), 100.0, np.empty((0, 2)), [], 1.6) == float("inf")
    assert degrees(MOST_DROOP) == pytest.approx(15)


def test_clear_letters_on_a_ground_are_tied_each_to_the_film_round_it():
    results = tied("HELLO", stencil__kind="clear")
    assert len(results.sheet.film.geoms) == 1 and results.demands.proof.one_piece
    widths = [tie.width for tie in results.sheet.ties]
    assert set(widths) == {1.6} and len(widths) >= 5


def test_ties_by_hand_are_where_they_are_put_and_one_in_no_opening_is_told():
    results = tied("O", width=20.0)
    at = results.fitted.in_artwork(results.sheet.ties[0].at)
    by_hand = results.job.changed(stencil__ties__placed="hand", stencil__ties__at=(at,))
    assert run(by_hand).sheet.ties[0].at == pytest.approx(results.sheet.ties[0].at, abs=0.3)
    moved = run(by_hand.changed(stencil__ties__at=((-at[0], -at[1]),))).sheet
    assert moved.ties[0].at[1] > results.sheet.ties[0].at[1] + 5
    wide = run(by_hand.changed(stencil__ties__width=3.0)).sheet.ties[0]
    assert wide.shape.area > 1.7 * results.sheet.ties[0].shape.area
    lost = run(by_hand.changed(stencil__ties__at=((90.0, 60.0),)))
    found = [found for found in lost.findings("stencil") if found.code is Code.TIE]
    assert len(found) == 2 and lost.sheet.missed and not lost.demands.proof.one_piece
    again = run(remedied(lost.job, found[1].remedy))
    assert again.demands.proof.one_piece


def test_ties_on_every_copy_of_a_wrap_and_none_where_there_is_no_island():
    results = tied("O", width=20.0, glass=LANTERN, fit__times=4, fit__wrap=True, stencil__ties__each=1)
    assert len(results.sheet.ties) == 4
    at = results.fitted.in_artwork(results.sheet.ties[0].at)
    by_hand = run(results.job.changed(stencil__ties__placed="hand", stencil__ties__at=(at,)))
    assert len(by_hand.sheet.ties) == 4
    star = run(star_job(stencil__ties__placed="auto"))
    assert not star.sheet.ties and star.demands.proof.one_piece


@pytest.mark.parametrize(("parts", "droops", "thin", "one_piece", "says"), [
    (1, (), 0, True, "all film is joined"), (3, (), 0, False, "2 islands not tied"), (2, (), 0, False, "1 island not"),
    (1, (0.1, 0.2), 0, True, "no island hangs more than 11"), (1, (0.5,), 0, False, "needs another tie"),
    (1, (0.1,), 2, False, "2 webs of film too thin"),
])
def test_one_piece_is_proved_or_what_keeps_it_from_being_one_is_told(parts, droops, thin, one_piece, says):
    proof = proof_of(parts, 1, droops, thin)
    assert proof.one_piece is one_piece and says in " ".join(proof.says)


def test_two_films_are_one_piece_each():
    results = run(job("LINE\nVEIL", width=50.0, glass=CARAFE, fit__rows=2, fit__from_rim=None, stencil__least_web=0.5))
    assert len(results.sheet.outlines) == 2 and not results.sheet.islands
    assert results.demands.proof.one_piece and not results.transfer.needed
    assert "joined" in results.demands.proof.says[0]


@pytest.mark.parametrize(("face", "kind", "most"), [
    ("Cinzel Bold", "resist", 1), ("Cinzel Decorative Bold", "resist", 0), ("Yatra One", "clear", 0)])
def test_what_mend_all_says_is_left_is_what_fails_in_the_film_that_is_cut(face, kind, most):
    loose = tied("Rogue & co 8", face=face, width=62.0, stencil__kind=kind)
    proposal = mend_all(loose.sheet, loose.job.stencil)
    cut = run(loose.job.changed(stencil__mends=proposal.mends)).sheet.cutting
    left = [fault for fault in cut.faults(Limits.of(loose.job.stencil)) if fault.grave]
    assert len(left) == len(proposal.after) <= most, [(fault.kind, fault.where) for fault in left]


def test_a_stencil_face_needs_no_ties():
    results = run(job("BOAT", face="Saira Stencil One", stencil__least_web=0.5))
    assert not results.sheet.islands and results.demands.proof.one_piece
    assert run(job("BOAT")).demands.proof.says[0].startswith("4 islands")


def test_islands_that_touch_at_a_point_are_tied_each_by_itself():
    # two diamonds of film within a ring of openings that meet between them
    pinched = box(-20, -10, 20, 10).difference(Polygon([(-12, 0), (-6, 6), (0, 0), (-6, -6)])).difference(
        Polygon([(12, 0), (6, 6), (0, 0), (6, -6)]))
    whole = Cutting(MultiPolygon([box(-40, -30, 40, 30)]), as_polygons(pinched))
    made = tie_islands(whole, TieChoices("auto"), Limits(), lambda at: np.array([at]))
    assert len(made.cutting.film.geoms) == 1 and not len(made.cutting.islands)
    assert all(any(tie.shape.distance(island) < 1e-6 for tie in made.ties) for island in whole.islands)
