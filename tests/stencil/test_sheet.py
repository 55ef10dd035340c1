"""The sheet: film and openings make it up, islands are found, and the glass's edges limit the border."""

import networkx
import numpy as np
import pytest
import shapely
from hypothesis import given, settings
from hypothesis import strategies as st
from PIL import Image, ImageDraw
from shapely.geometry import MultiLineString

from specimens import CARAFE, FLARE_IN, LANTERN, ORNAMENT, PLAQUE, TUMBLER, job, run, star_job
from strategies import fits, words
from vitrograph.core.findings import Code, Level
from vitrograph.core.job import Artwork, Drawing, Item, Job, Shape, Words


@given(text=words, fit=fits, kind=st.sampled_from([TUMBLER, FLARE_IN, LANTERN, PLAQUE]), border=st.floats(0, 40),
       width=st.floats(10, 70))
@settings(max_examples=25, deadline=None)
def test_film_and_openings_make_up_the_sheet(text, fit, kind, border, width):
    sheet = run(job(text, width=width, glass=kind, fit=fit, stencil__border=border)).sheet
    assert sheet.film.area + sheet.openings.area == pytest.approx(sheet.outline.area, rel=1e-9)
    assert shapely.intersection(sheet.film, sheet.openings).area < 1e-6
    assert len(sheet.frame.geoms) + len(sheet.islands) == len(sheet.film.geoms)


def test_islands_are_the_pieces_a_picture_shows_cut_off_from_the_edge():
    sheet = run(job("BO8 Kestrel")).sheet
    left, low, right, high = sheet.outline.bounds
    scale = 12
    page = Image.new("1", (int((right - left) * scale) + 2, int((high - low) * scale) + 2))
    pen = ImageDraw.Draw(page)
    for ink, rings in ((1, [sheet.outlines[0].exterior]), (0, [o.exterior for o in sheet.openings.geoms]),
                       (1, [ring for o in sheet.openings.geoms for ring in o.interiors])):
        for ring in rings:
            pen.polygon([((x - left) * scale, (y - low) * scale) for x, y in ring.coords], fill=ink)
    film = np.array(page)
    graph = networkx.grid_2d_graph(*film.shape)
    graph.remove_nodes_from([tuple(at) for at in np.argwhere(~film)])
    parts = [part for part in networkx.connected_components(graph) if len(part) > 4]
    assert len(parts) - 1 == len(sheet.islands) == 7          # B two, O one, 8 two, e one each


def test_the_sheet_follows_the_taper_with_the_typed_border():
    results = run(job(stencil__border=15.0))
    sheet, wall = results.sheet, results.wall
    assert sheet.border == pytest.approx((15.0,) * 4)
    edge = sheet.fitted.chart.sheet_to_wall(np.asarray(sheet.outlines[0].exterior.coords))
    held_from_rim = edge[np.isclose(edge[:, 1], edge[:, 1].max(), atol=1e-6)]
    assert len(held_from_rim) > 4                                     # the whole upper edge runs level with the rim
    assert wall.length - edge[:, 1].max() == pytest.approx(results.job.fit.from_rim - 15.0, abs=1e-6)


@pytest.mark.parametrize("kind", [TUMBLER, PLAQUE])
def test_the_border_ends_where_the_glass_does(kind):
    sheet = run(job(glass=kind, fit__from_rim=6.0, stencil__border=20.0)).sheet
    left, lower, right, upper = sheet.border
    assert upper == pytest.approx(6.0, abs=0.01)
    assert (left, right, lower) == pytest.approx((20.0, 20.0, 20.0))


def test_a_border_wider_than_what_is_left_of_the_turn_meets_itself_behind():
    results = run(job(width=210.0, stencil__border=40.0))
    band = results.sheet.band
    assert band.u_high - band.u_low == pytest.approx(2 * np.pi)
    assert results.sheet.outline.is_valid


def test_art_off_the_glass_is_kept_out_of_the_film():
    results = run(star_job(fit__from_rim=-15.0))
    assert results.sheet.beyond.area > 50
    assert shapely.within(results.sheet.openings, results.sheet.outline.buffer(1e-9))
    assert results.stopped


@given(text=words, kind=st.sampled_from(["resist", "clear", "decal"]), glass=st.sampled_from([TUMBLER, PLAQUE]),
       outline=st.sampled_from(["fan", "art", "rectangle", "oval"]), corner=st.sampled_from([0.0, 6.0]),
       ties=st.sampled_from(["none", "auto"]))
@settings(max_examples=30, deadline=None)
def test_every_kind_and_outline_is_film_and_openings_and_follows_eulers_formula(
        text, kind, glass, outline, corner, ties):
    sheet = run(job(text, width=55.0, glass=glass, stencil__kind=kind, stencil__outline=outline,
                    stencil__corner=corner, stencil__ties__placed=ties)).sheet
    assert sheet.film.area + sheet.openings.area == pytest.approx(sheet.outline.area, rel=1e-9)
    assert shapely.intersection(sheet.film, sheet.openings).area < 1e-6
    # a planar map of closed curves that do not touch has one face more than it has curves (Euler: V - E + F = 1 + C)
    curves = len(shapely.get_rings(shapely.get_parts(shapely.unary_union([sheet.outline, sheet.openings]).boundary)))
    rings = {shapely.normalize(ring).wkb for part in (*sheet.film.geoms, *sheet.openings.geoms)
             for ring in (part.exterior, *part.interiors)}
    faces = len(sheet.film.geoms) + len(sheet.openings.geoms)
    assert curves <= len(rings)
    touching = shapely.get_num_coordinates(shapely.intersection(sheet.openings.boundary, sheet.outline.boundary))
    if touching == 0 and ties == "none" and kind != "decal":
        assert faces == len(rings)


@pytest.mark.parametrize("outline", ["art", "rectangle", "oval"])
@pytest.mark.parametrize("apart", [1.1, 3.0])
def test_films_of_one_glass_lap_whatever_their_outline(outline, apart):
    item = Item(Words("Kestrel\nPoint", line_spacing=apart), key=1, size=55.0)
    made = Job(glass=TUMBLER, artwork=Artwork((item,))).changed(fit__from_rim=25.0, fit__rows=2)
    fan, own = (run(made.changed(stencil__outline=one)).sheet.on_wall for one in ("fan", outline))
    lap = own[0].intersection(own[1])
    assert np.ptp(np.reshape(lap.bounds, (2, 2))[:, 1]) == pytest.approx(
        np.ptp(np.reshape(fan[0].intersection(fan[1]).bounds, (2, 2))[:, 1]), abs=0.3)
    across = [np.ptp(np.reshape(shape.bounds, (2, 2))[:, 0]) for shape in (lap, *own)]
    assert across[0] > 0.85 * min(across[1:]), "no glass stays bare between them"


def test_a_place_kept_clear_under_the_lap_of_two_films_alone_is_told():
    item = Item(Words("Kestrel\nPoint"), key=1, size=50.0)
    made = Job(glass=TUMBLER, artwork=Artwork((item,))).changed(fit__from_rim=25.0, fit__rows=2)
    sheet = run(made).sheet
    lap = sheet.on_wall[0].intersection(sheet.on_wall[1])
    middle = sheet.fitted.wall.in_space(np.array([[0.0, lap.centroid.y]]))[0, 2]
    seam = {"what": "seam", "angle": lap.bounds[2] - 0.02, "wide": 1.0, "low": middle - 0.4, "high": middle + 0.4}
    told = run(made.changed(features__keep_out=[seam])).findings()
    assert [found.level for found in told if found.code is Code.KEEP_OUT] == [Level.WATCH]


@pytest.mark.parametrize("outline", ["art", "oval", "rectangle"])
def test_a_film_all_round_a_glass_closes_whatever_its_outline(outline):
    made = job("Kestrel", width=55.0, fit__wrap=True, fit__times=3, stencil__outline=outline, stencil__border=6.0)
    film, = run(made).sheet.on_wall
    ends = [film.intersection(shapely.LineString([(u, -50.0), (u, 300.0)])).length
            for u in (0.001 - np.pi, np.pi - 0.001)]
    assert ends[0] == pytest.approx(ends[1], abs=0.01)
    letters = np.ptp(np.reshape(run(made).fitted.wall_bounds, (2, 2))[:, 1])
    assert min(ends) > letters, "where its ends meet it is as high as the art"


def test_the_same_art_switches_kind_without_being_redrawn():
    made = {kind: run(job("BO", width=40.0, stencil__kind=kind)) for kind in ("resist", "clear", "decal")}
    art = made["resist"].fitted.sheet_art
    assert made["decal"].sheet.film.equals(art) and made["resist"].sheet.openings.equals(art)
    assert made["decal"].sheet.frosted.is_empty and made["decal"].etch.area == 0
    assert made["decal"].transfer.needed and made["decal"].weed.pull[1].name == "film round the art"
    clear = made["clear"].sheet
    assert {item.name for item in made["clear"].weed.stay} == {"letter B", "letter O"}
    inner = [island for island in clear.islands if island.area > 40]
    assert sum(island.area for island in inner) == pytest.approx(art.area, rel=0.02)
    assert clear.openings.bounds[2] > art.bounds[2] + 5 and made["clear"].fitted.size == made["resist"].fitted.size
    larger = run(job("BO", width=40.0, stencil__kind="clear", stencil__ground=12.0, stencil__ground_shape="oval")).sheet
    assert larger.openings.area > 1.3 * clear.openings.area
    round_it = run(job("BO", width=40.0, stencil__kind="clear", stencil__ground_shape="art")).sheet
    assert round_it.openings.area < clear.openings.area


def test_each_side_has_its_own_border():
    sheet = run(job(stencil__sides=(14.0, 16.0, 22.0, 25.0))).sheet
    assert sheet.border == pytest.approx((14.0, 16.0, 22.0, 25.0))
    mirrored = run(job(glass=PLAQUE, fit__face="back", stencil__sides=(14.0, 16.0, 22.0, 25.0),
                       stencil__outline="rectangle")).sheet
    left, low, right, high = mirrored.outline.bounds
    art = mirrored.openings.bounds                             # seen from the film's face, left and right change places
    assert (art[0] - left, art[1] - low, right - art[2], high - art[3]) == pytest.approx((22.0, 16.0, 14.0, 25.0))


@pytest.mark.parametrize("gap", [24.0, 34.0, 50.0])
def test_film_along_the_art_fills_what_is_hollow_up_to_a_border_wide_and_no_more(gap):
    """A U with arms so far apart and a border of 10: the film's own hollow is 20 narrower, and filled under 10."""
    wide = 60.0 + gap
    page = f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {wide} 60">'
    drawing = Drawing(name="u.svg", data=f'{page}<path d="M0 0H30V50H{30 + gap}V0H{wide}V60H0Z"/></svg>'.encode())
    sheet = run(job(glass=PLAQUE, stencil__border=10.0, stencil__outline="art").changed(
        artwork=Artwork((Item(drawing, size=wide, size_is="width"),)))).sheet
    ring = shapely.Polygon(sheet.openings.geoms[0].exterior)
    told = ring.buffer(15.0, quad_segs=64).buffer(-5.0, quad_segs=64)
    assert shapely.symmetric_difference(sheet.outline, told).area < 0.002 * told.area


@pytest.mark.parametrize("glass", [TUMBLER, PLAQUE, CARAFE])
def test_outlines_follow_the_glass_the_art_or_a_rectangle_and_keep_to_the_glass(glass):
    made = {name: run(job(glass=glass, width=44.0, stencil__border=15.0, stencil__outline=name)).sheet
            for name in ("fan", "art", "rectangle")}
    assert made["art"].outline.area < made["fan"].outline.area
    gap = made["art"].outline.boundary.distance(made["art"].openings)
    assert gap == pytest.approx(15.0, abs=1.0 if glass is CARAFE else 0.05)    # film that gives ends with its band
    box = made["rectangle"].outline
    assert box.area == pytest.approx(shapely.box(*box.bounds).area, rel=0.12 if glass is CARAFE else 1e-9)
    for sheet in made.values():
        on_wall = sheet.fitted.chart.sheet_to_wall(np.asarray(sheet.outlines[0].exterior.coords))
        assert on_wall[:, 1].min() > -1e-6 and on_wall[:, 1].max() < sheet.fitted.wall.length + 1e-6
    near_rim = run(job(glass=glass, width=44.0, fit__from_rim=5.0, stencil__outline="rectangle")).sheet
    edge = near_rim.fitted.chart.sheet_to_wall(np.asarray(near_rim.outlines[0].exterior.coords))
    assert edge[:, 1].max() == pytest.approx(near_rim.fitted.wall.length, abs=0.02)


def test_film_may_be_oval_and_leaves_its_border_all_round():
    words = run(job(width=40.0, glass=PLAQUE, stencil__border=15.0, stencil__outline="oval")).sheet
    assert words.outline.boundary.distance(words.openings) == pytest.approx(15.0, abs=0.02)
    left, low, right, high = words.outline.bounds
    assert words.outline.area == pytest.approx(np.pi / 4 * (right - left) * (high - low), rel=0.002), "of an ellipse"
    disc = job(width=40.0, glass=PLAQUE, stencil__border=15.0, stencil__outline="oval")
    disc = disc.changed(artwork__items=(Item(Shape("oval", "filled"), key=1, size=30.0),))
    left, low, right, high = run(disc).sheet.outline.bounds
    assert (right - left, high - low) == pytest.approx((60.0, 60.0), abs=0.05), "round art lies in a circle"


def test_a_clear_ground_is_parted_into_films_where_the_art_has_room():
    two = job("K R", width=60.0, letter_spacing=0.6, stencil__kind="clear", stencil__ground=6.0, fit__columns=2)
    made = run(two)
    assert len(made.fitted.films) == 2 and not [found for found in made.findings() if found.code == "parts"]
    grounds = shapely.get_parts(made.sheet.openings)
    ends = sorted(ground.bounds[0] for ground in grounds if ground.area > 50)
    assert len(ends) == 2, "each letter stands clear on a ground of its own"
    near = run(job("KR", width=60.0, stencil__kind="clear", fit__columns=2))
    assert len(near.fitted.films) == 1 and [found for found in near.findings() if found.code == "parts"]


def test_corners_are_rounded_and_a_tab_stands_out_to_be_lifted_by():
    plain, rounded = (run(job(glass=PLAQUE, stencil__corner=corner)).sheet.outline for corner in (0.0, 8.0))
    # a corner rounded by r loses r² (1 - pi/4) (any handbook of mathematical tables)
    assert plain.area - rounded.area == pytest.approx(4 * 64 * (1 - np.pi / 4), rel=0.01)
    for side, across, up in (("left", -1, 0), ("right", 1, 0), ("lower", 0, -1), ("upper", 0, 1)):
        results = run(job(stencil__tab=side))
        sheet = results.sheet
        (tab,) = shapely.get_parts(sheet.outline.difference(sheet.covers[0].buffer(1e-3)))
        assert tab.area == pytest.approx(14 * 12 - (2 - np.pi / 2) * 49, rel=0.08)
        middle = np.subtract(tab.centroid.coords[0], sheet.covers[0].centroid.coords[0])
        assert middle @ (across, up) > 20 and abs(middle @ (up, across)) < 6
        here, there = (made.transfer.settings[0].placing.left.down for made in (results, run(job())))
        assert here == pytest.approx(there)
    mirrored = run(job(glass=PLAQUE, fit__face="back", stencil__tab="left")).sheet
    assert mirrored.outline.bounds[2] > mirrored.covers[0].bounds[2] + 10


@pytest.mark.parametrize("glass", [TUMBLER, PLAQUE, CARAFE, ORNAMENT])
@pytest.mark.parametrize("outline", ["fan", "rectangle"])
def test_marks_stand_on_the_middle_lines_and_clear_of_every_opening(glass, outline):
    results = run(job(glass=glass, width=36.0, name="Open night", stencil__marks="cut", stencil__outline=outline))
    sheet, marks = results.sheet, results.sheet.marks
    everything = MultiLineString(list(marks.lines))
    assert everything.distance(sheet.openings) >= 4.0 - 1e-6 and everything.within(sheet.outline.buffer(1e-6))
    assert marks.name.distance(sheet.openings) > 4.0 and marks.name.within(sheet.outline)
    assert len(marks.lines) == 5                               # two ticks, the level line's ends, the arrow
    chart = results.fitted.chart
    for line in marks.lines[:2]:
        assert chart.sheet_to_wall(line)[:, 0] == pytest.approx(chart.u0, abs=0.01)
    for line in marks.lines[2:4]:
        assert chart.sheet_to_wall(line)[:, 1] == pytest.approx(chart.s0, abs=0.2)
    tip = marks.lines[4][1]
    assert chart.sheet_to_wall(tip[None])[0, 1] == pytest.approx(chart.sheet_to_wall(
        np.asarray(sheet.outlines[0].exterior.coords))[:, 1].max(), abs=3.0)
    drawn = run(results.job.changed(stencil__marks="drawn"))
    assert len(results.cut.paths) == len(drawn.cut.paths) + len(marks.paths)
    assert len(drawn.cut.paths) == len(run(job(glass=glass, width=36.0, stencil__outline=outline)).cut.paths)


def test_a_name_there_is_no_room_for_is_left_out():
    sheet = run(job(name="A very long name for a very small item", width=30.0, stencil__border=6.0,
                    stencil__marks="drawn")).sheet
    assert sheet.marks.name.is_empty


def test_tape_makes_up_what_the_film_does_not_guard():
    results = run(job(fit__from_rim=8.0, stencil__border=20.0, stencil__guard=30.0))
    guard, sheet = results.demands.guard, results.sheet
    assert guard.sides == pytest.approx((10.0, 10.0, 10.0, 0.0)) and guard.allowed[3] == pytest.approx(8.0)
    band, wall = sheet.band, results.wall
    tall = band.s_high - band.s_low + 10
    wide = (band.u_high - band.u_low) * float(wall.scale(np.array([band.s_low - 5.0]))[0])
    assert guard.tape == pytest.approx(2 * tall + wide)
    assert not shapely.intersection(guard.zone, sheet.outline).area and guard.zone.area == pytest.approx(
        10 * (2 * tall + wide), rel=0.1)
    wider = run(results.job.changed(stencil__guard=55.0)).demands.guard
    assert wider.tape > 1.9 * guard.tape                       # two strips side by side
    assert run(results.job.changed(stencil__guard=10.0)).demands.guard.tape == 0


def test_the_sheet_for_a_back_face_reads_reversed_and_its_name_does_not():
    front, back = (run(job("L", glass=PLAQUE, fit__face=face, stencil__marks="drawn", name="L")).sheet
                   for face in ("outside", "back"))
    assert shapely.transform(front.openings, lambda xy: xy * [-1, 1]).equals_exact(back.openings, 1e-9) or (
        shapely.transform(front.openings, lambda xy: xy * [-1, 1]).symmetric_difference(back.openings).area < 1e-6)
    foot = [sheet.marks.name.intersection(shapely.box(*sheet.marks.name.bounds[:3], sheet.marks.name.bounds[1] + 0.5))
            for sheet in (front, back)]
    for part, sheet in zip(foot, (front, back), strict=True):  # the foot of an L reaches to the right
        assert part.centroid.x > sheet.marks.name.bounds[0] + 0.3
