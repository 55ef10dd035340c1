"""Where films go, put back on models of the glass that know nothing of the program's own maps."""


import io
from math import acos, asin, cos, hypot, pi, radians, sin, sqrt

import numpy as np
import pypdf
import pyproj
import pytest
import shapely
import shapely.affinity
from hypothesis import given, settings
from hypothesis import strategies as st
from msgspec.structs import replace
from scipy.integrate import quad
from scipy.interpolate import PchipInterpolator

from specimens import CARAFE, LANTERN, ORNAMENT, PLAQUE, TUMBLER, finished, in_mm, job, run, star_job
from vitrograph.core.errors import FitError, GlassError
from vitrograph.core.export import collar_pdf
from vitrograph.core.glass import Ball, inside_of, wall_of
from vitrograph.core.job import CurvedGlass, Features, FlatGlass, KeepOut, StraightGlass, TaperedGlass
from vitrograph.core.transfer import (
    Surroundings,
    collar_cone,
    collar_of,
    grams,
    placing_of,
    raised,
    where_it_goes,
)
from vitrograph.core.transfer.placing import end_of
from vitrograph.core.transfer.telling import other_ways

PRINTED = 1                        # digits after the point that the words give, in mm


def placed(made):
    results = run(made)
    return results, results.transfer.settings[0].placing


def ends(results, placing):
    """The film's own left end, upper middle and right end in space, by its outline on the sheet."""
    sheet = results.sheet
    wall = sheet.fitted.chart.sheet_to_wall(np.asarray(sheet.covers[0].exterior.coords)[:, :2])
    at = [wall[np.hypot(*(wall - spot.at).T * [[1.0], [0.02]]).argmin()] for spot in (placing.left, placing.right)]
    return sheet.fitted.wall.in_space(np.array(at))


def on_a_taper(rim, base, height, round_mm, down):
    """A place on a frustum by a ruler: so far along the rim, then straight down the wall."""
    slant = hypot(height, (rim - base) / 2)
    turn, share = round_mm / (rim / 2), down / slant
    radius, z = rim / 2 + (base - rim) / 2 * share, height * (1 - share)
    return np.array([radius * sin(turn), radius * cos(turn), z])


def on_a_curve(stations, round_mm, down):
    """The same on a wall through stations, its length by quadrature."""
    heights, girths = zip(*stations, strict=True)
    radius = PchipInterpolator(heights, np.array(girths) / 2)
    slope = radius.derivative()
    low, high = 0.0, heights[-1]
    for _ in range(60):
        z = (low + high) / 2
        far = quad(lambda h: sqrt(1 + float(slope(h)) ** 2), z, heights[-1], limit=200)[0]
        low, high = (z, high) if far > down else (low, z)
    turn = round_mm / (girths[-1] / 2)
    return np.array([float(radius(low)) * sin(turn), float(radius(low)) * cos(turn), low])


def place_of(glass, spot):
    """A printed place put back on a model of the glass."""
    down = round(spot.down, PRINTED)
    if isinstance(glass, FlatGlass):
        return np.array([round(spot.across, PRINTED) - (glass.width / 2 - glass.frame), 0.0,
                         glass.height - 2 * glass.frame - down])
    round_mm = round(spot.round_glass, PRINTED)
    if isinstance(glass, CurvedGlass):
        return on_a_curve(glass.stations, round_mm, down)
    base = getattr(glass, "base", glass.rim)
    return on_a_taper(glass.rim, base, glass.height, round_mm, down)


@pytest.mark.parametrize(("glass", "at"), [
    (TaperedGlass(rim=84.0, base=60.0, height=150.0), {"fit__angle": 0.5}),
    (FlatGlass(width=200.0, height=150.0), {"fit__across": 25.0, "fit__from_rim": 20.0})], ids=["taper", "pane"])
def test_of_a_decal_the_art_is_placed_for_its_border_is_weeded(glass, at):
    """The printed places of a decal are those of the same art cut as a resist: of its openings, not of its film."""
    results, placing = placed(job("Kestrel", glass=glass, stencil__kind="decal", **at))
    art = run(job("Kestrel", glass=glass, **at)).sheet
    wall = art.fitted.chart.sheet_to_wall(shapely.get_coordinates(art.openings))
    (left, low), (right, high) = wall.min(axis=0), wall.max(axis=0)
    middle = (left + right) / 2
    for spot, corner in zip((placing.left, placing.middle, placing.right, placing.lower),
                            [(left, high), (middle, high), (right, high), (middle, low)], strict=True):
        there = art.fitted.wall.in_space(np.array([corner]))[0]
        assert place_of(glass, spot) == pytest.approx(there, abs=0.2)
    assert in_mm(where_it_goes(placing, results.transfer.settings[0].which)).startswith("Mark where the art goes")
    assert np.array(results.transfer.settings[0].marks) == pytest.approx(
        art.fitted.chart.wall_to_sheet(np.array([[middle, low], [right, (low + high) / 2], [middle, high],
                                                 [left, (low + high) / 2]])), abs=0.01)


@pytest.mark.parametrize("angle", [0.3, -2.6, 2.6, -3.1])
def test_what_is_measured_round_a_glass_is_told_the_way_its_middle_is(angle):
    """A film across the glass's back has both corners told on one side: a tape runs on from one to the other."""
    _, placing = placed(job("Kestrel", glass=TUMBLER, fit__angle=angle))
    left, middle, right = (spot.round_glass for spot in placing.spots)
    assert middle == pytest.approx(angle * TUMBLER.rim / 2) and left < middle < right
    assert right - middle == pytest.approx(middle - left)


def test_a_film_all_round_a_glass_ends_as_far_to_the_left_as_to_the_right():
    made = job("Kestrel", width=50.0, glass=LANTERN, fit__wrap=True, fit__times=3, stencil__outline="oval")
    results, placing = placed(made)
    half = pi * LANTERN.rim / 2
    assert (placing.left.round_glass, placing.right.round_glass) == pytest.approx((-half, half))
    sides = [one.side for one in results.transfer.settings[0].mask]
    assert sides == ["lower", "upper"], "where its ends meet there is nothing to mask"


@st.composite
def glasses(draw):
    wide, high = draw(st.floats(60, 160)), draw(st.floats(80, 200))
    kind = draw(st.sampled_from(["straight", "taper", "curved", "flat"]))
    if kind == "straight":
        return StraightGlass(rim=wide, height=high)
    if kind == "taper":
        return TaperedGlass(rim=wide, base=wide * draw(st.floats(0.6, 1.4)), height=high)
    if kind == "flat":
        return FlatGlass(width=2 * wide, height=high, frame=draw(st.sampled_from([0.0, 6.0])))
    return CurvedGlass(stations=((0.0, wide), (high / 2, wide * draw(st.floats(1.0, 1.2))),
                                 (high, wide * draw(st.floats(0.8, 1.0)))))


@given(glass=glasses(), turn=st.floats(-150, 150), mode=st.sampled_from(["rim", "straight"]),
       share=st.floats(0.25, 0.6))
@settings(max_examples=200, deadline=None)
def test_printed_distances_put_back_on_the_glass_are_the_films_corners(glass, turn, mode, share):
    fit = {"fit__across": turn / 10} if isinstance(glass, FlatGlass) else {"fit__angle": radians(turn)}
    results, placing = placed(job("Hi", width=22.0, glass=glass, fit__mode=mode, stencil__border=9.0,
                                  fit__from_rim=share * glass.height / 2 + 8, **fit))
    for spot, corner in zip((placing.left, placing.right), ends(results, placing), strict=True):
        assert np.hypot(*(place_of(glass, spot) - corner)[[0, 2]]) < 0.2
        assert np.linalg.norm(place_of(glass, spot) - corner) < 0.2
    middle = np.array(place_of(glass, placing.middle))
    assert middle[2] == pytest.approx(results.wall.in_space(np.array([placing.middle.at]))[0, 2], abs=0.12)
    assert "over the" not in in_mm(where_it_goes(placing, "the film"))


@pytest.mark.parametrize("outline", ["rectangle", "art", "oval"])
def test_a_film_cut_straight_is_measured_where_it_ends_in_its_middle(outline):
    """At the front a taper's sheet is its wall unrolled along x = 0: what lies there is as high up the wall."""
    results, placing = placed(job("BO8", glass=TUMBLER, width=55.0, stencil__outline=outline))
    cover = results.sheet.covers[0]
    _, low, _, high = cover.intersection(shapely.LineString([(0.0, -500.0), (0.0, 500.0)])).bounds
    slant = hypot(TUMBLER.height, (TUMBLER.rim - TUMBLER.base) / 2)
    assert placing.middle.down == pytest.approx(slant - high, abs=1e-3)
    assert placing.lower.up == pytest.approx(low * TUMBLER.height / slant, abs=1e-3)
    marks = results.transfer.settings[0].marks
    assert [marks[0], marks[2]] == [pytest.approx((0.0, low), abs=1e-3), pytest.approx((0.0, high), abs=1e-3)]
    assert max(cover.exterior.distance(shapely.Point(mark)) for mark in marks) < 0.01
    if outline == "rectangle":
        chord = cover.bounds[2] - cover.bounds[0]
        sag = chord**2 / 8 / (high + TUMBLER.base / 2 / results.wall.taper)
        assert placing.middle.down - placing.left.down == pytest.approx(sag, rel=0.05) and sag > 1.0


def test_a_pane_is_measured_from_what_can_be_reached_and_from_behind_the_other_way_round():
    pane = FlatGlass(width=300.0, height=200.0, frame=10.0)
    made = job("Hi", width=40.0, glass=pane, fit__across=60.0, fit__from_rim=70.0)
    _, front = placed(made)
    assert front.middle.across == pytest.approx(140 + 60) and front.side == "frame's left inner edge"
    _, back = placed(made.changed(fit__face="back"))
    assert back.middle.across == pytest.approx(140 - 60) and back.behind
    assert "as you see them from behind" in in_mm(where_it_goes(back, "the film"))
    round_pane = FlatGlass(width=200.0, height=150.0, outline="oval")
    _, oval = placed(job("Hi", width=20.0, glass=round_pane, fit__across=40.0))
    spot = oval.middle
    edge = 100 * sqrt(1 - ((spot.at[1] - 75) / 75) ** 2)
    assert spot.across == pytest.approx(edge + 40) and spot.down == pytest.approx(
        75 + 75 * sqrt(1 - 0.16) - spot.at[1])
    assert spot.up == pytest.approx(spot.at[1] - (75 - 75 * sqrt(1 - 0.16))), "from the lower edge straight below it"
    _, plain = placed(job(glass=PLAQUE))
    assert plain.edge == "pane's upper edge" and plain.middle.across == pytest.approx(120)
    dish = FlatGlass(width=240.0, height=160.0, lies="hollow")
    assert placed(job(glass=dish))[1].edge == "ring's upper inner edge"


def test_a_height_is_found_from_the_rim_but_under_a_narrow_neck_from_the_table():
    wide, narrow = job("K", glass=TUMBLER), job("K", glass=CARAFE, width=30.0, fit__from_rim=95.0)
    assert placed(wide)[1].by == "edge" and placed(narrow)[1].by == "table"
    assert placed(job("K", glass=PLAQUE))[1].by == "edge"
    assert placed(job("K", glass=CARAFE, width=20.0, fit__from_rim=8.0))[1].by == "edge", "at the neck itself"


def test_a_slip_of_one_corner_moves_the_arts_end_by_its_share_of_the_film():
    """Similar triangles: the film turns about one corner by 1 mm over its width, the art's end as at its own."""
    results, placing = placed(job("Kestrel", width=70.0, glass=PLAQUE))
    film, art = results.sheet.covers[0].bounds, results.sheet.openings.bounds
    assert placing.has_corners and placing.art_mm == pytest.approx(art[2] - art[0])
    assert placing.turn_per_mm == pytest.approx((art[2] - art[0]) / 2 / (film[2] - film[0]), rel=1e-3)


def test_a_film_with_slanting_ends_is_measured_where_its_middle_meets_them():
    trapezoid = np.array([[-10.0, 0.0], [10.0, -8.0], [10.0, 15.0], [-10.0, 5.0], [-10.0, 0.0]])
    assert end_of(trapezoid, 5.0, 1) == pytest.approx(12.5) and end_of(trapezoid, 5.0, -1) == pytest.approx(-6.0)
    assert end_of(trapezoid, -10.0, 1) == 5.0 and end_of(trapezoid, -10.0, -1) == 0.0, "its own side is upright"


def test_a_rim_that_leans_is_measured_as_it_stands_and_a_handle_from_its_middle():
    handle = Features(keep_out=(KeepOut(angle=pi / 2),), rim_rise=4.0, rim_high=0.0)
    _, placing = placed(star_job(glass=LANTERN, features=handle, fit__angle=radians(-30), fit__from_rim=40.0))
    level = run(star_job(glass=LANTERN, fit__angle=radians(-30), fit__from_rim=40.0)).transfer.settings[0].placing
    for leaning, plain in zip(placing.spots, level.spots, strict=True):
        # the art hangs from the rim as it stands at its middle
        want = plain.down + 2 * (cos(leaning.at[0]) - cos(radians(-30)))
        assert leaning.down == pytest.approx(want, abs=0.01)
    (beside,) = placing.beside
    assert (beside.side, beside.mm) == ("left", pytest.approx(radians(120) * 49.0))
    assert "to the left of the handle's middle" in in_mm(where_it_goes(placing, "the film"))


def test_round_films_have_no_corners_and_a_ball_has_no_rim():
    _, oval = placed(job("O", width=20.0, stencil__outline="oval"))
    assert [spot.name for spot in oval.spots] == ["leftmost point", "upper middle", "rightmost point"]
    assert "corner" not in in_mm(where_it_goes(oval, "the film"))
    results, ball = placed(job("K", width=14.0, glass=ORNAMENT, stencil__border=8.0))
    assert ball.by == "table" and ball.edge == "top of the glass"
    assert "above the table" in in_mm(where_it_goes(ball, "the film"))
    about = Surroundings(results.wall, results.job.glass, results.job.features)
    with pytest.raises(GlassError, match="no rim to hang a collar on"):
        collar_of(results.transfer.settings, about)


@pytest.mark.parametrize("copies", [1, 2, 3])
def test_every_copy_round_a_glass_has_a_place_of_its_own(copies):
    plan = run(star_job(glass=LANTERN, width=20.0, stencil__border=8.0, fit__times=copies)).transfer
    rounds = [settings[0].placing.middle.round_glass for settings in plan.copies]
    assert sorted(value % (pi * 98) for value in rounds) == pytest.approx(
        [pi * 98 * k / copies for k in range(copies)], abs=1e-6)
    for place in (films[0].placing for films in plan.copies):             # of each, its ends stand beside its middle
        for end in (place.left, place.right):
            assert abs((end.round_glass - place.middle.round_glass + pi * 49) % (pi * 98) - pi * 49) == pytest.approx(
                plan.copies[0][0].placing.right.round_glass, abs=1e-6)
        assert place.middle.down == pytest.approx(plan.copies[0][0].placing.middle.down)
    if copies == 3:                                            # the second stands to the right, as u runs
        assert rounds[1] == pytest.approx(pi * 98 / 3, abs=1e-6)
    told = {in_mm(step.says) for copy in range(1, copies + 1) for step in plan.steps_of(copy) if step.key == "set 1"}
    assert len(told) == copies
    assert plan.steps_of(copies + 1) == plan.steps_of(1)       # the next glass begins with the first again
    assert [plan.settings_of(copy) for copy in range(1, copies + 2)] == [*plan.copies, plan.copies[0]]


# Inside volumes: cylinder, frustum and spherical cap (CRC Standard Mathematical Tables, mensuration formulas)
def test_water_is_the_inside_up_to_the_films_lower_edge():
    glass = Features(thickness=3.0, bottom=6.0)
    _, straight = placed(star_job(glass=LANTERN, features=glass, fit__from_rim=40.0))
    assert straight.water == pytest.approx(pi * 46.0**2 * (straight.lower.up - 6.0) / 1000, rel=1e-6)
    assert grams(1000.0) == pytest.approx(998.2)               # CRC Handbook of Chemistry and Physics, at 20 C
    _, taper = placed(star_job(features=glass, fit__from_rim=40.0))
    half = asin((90 - 64) / 2 / hypot(132, 13))

    def inside(z):
        return 32 + 13 * z / 132 - 3.0 / cos(half)

    low, high = inside(6.0), inside(taper.lower.up)
    frustum = pi * (taper.lower.up - 6.0) / 3 * (low * low + low * high + high * high)
    assert taper.water == pytest.approx(frustum / 1000, rel=1e-4)
    by_quadrature = quad(lambda z: pi * inside(z) ** 2, 6.0, taper.lower.up)[0]
    assert taper.water == pytest.approx(by_quadrature / 1000, rel=1e-4)
    cap = inside_of(Ball(50.0), 2.0, 2.0)
    assert cap.volume_to(32.0) == pytest.approx(pi * 30.0**2 * (3 * 48 - 30) / 3, rel=2e-4)
    assert cap.volume_to(1.0) == 0.0
    _, unknown = placed(star_job())
    assert unknown.water is None and "thick the wall and the bottom are is not typed" in unknown.no_water
    _, low_film = placed(star_job(features=Features(thickness=3.0, bottom=60.0)))
    assert low_film.water is None and "below the inside" in low_film.no_water


@pytest.mark.parametrize("angle", [0.0, 0.8])
@pytest.mark.parametrize("glass", [TUMBLER, LANTERN, CARAFE, TaperedGlass(rim=52.0, base=74.0, height=110.0)])
def test_the_collars_edge_is_as_long_as_the_rim_and_its_windows_lie_on_the_films_ends(glass, angle):
    results, placing = placed(job("Hi", width=20.0, glass=glass, stencil__border=8.0, fit__from_rim=40.0,
                                  fit__angle=angle, features=Features(keep_out=(KeepOut(angle=pi, wide=10.0),))))
    collar = collar_of(results.transfer.settings, Surroundings(results.wall, glass, results.job.features))
    rim = glass.stations[-1][1] if glass is CARAFE else glass.rim
    upper = shapely.LineString(collar.upper)
    assert upper.length == pytest.approx(pi * rim, abs=0.05)
    for spot in placing.spots:
        mark = next(one for one in collar.marks if one.name == spot.name)
        assert collar.outline.contains(shapely.Point(mark.at).buffer(3.0))
        assert upper.distance(shapely.Point(mark.at)) == pytest.approx(spot.down, abs=0.05)
        assert collar.windows.contains(shapely.Point(mark.at))
    ticks = {mark.name: upper.project(shapely.Point(mark.at)) for mark in collar.marks if not mark.window}
    assert set(ticks) == {"front", "handle"}
    middle = next(upper.project(shapely.Point(mark.at)) for mark in collar.marks if mark.name == placing.middle.name)
    assert middle - ticks["front"] == pytest.approx(placing.middle.round_glass, abs=0.05), "so far along the rim"
    assert abs(ticks["handle"] - ticks["front"]) == pytest.approx(pi * rim / 2, abs=0.05)
    if glass is CARAFE:                                        # three tongues as wide as a finger, and no more
        level = shapely.LineString([(-200, -0.6 * placing.middle.down), (200, -0.6 * placing.middle.down)])
        across = collar.outline.intersection(shapely.affinity.translate(level, 0, results.wall.length))
        assert across.length == pytest.approx(3 * 14.0, abs=2.0)


@pytest.mark.parametrize("glass", [TUMBLER, LANTERN])
def test_the_collars_flap_goes_on_where_the_ring_ends_by_as_much_along_the_rim(glass):
    results = run(job("K", glass=glass))
    collar = collar_of(results.transfer.settings, Surroundings(results.wall, results.job.glass, results.job.features))
    flap = np.asarray(collar.flap.exterior.coords)
    assert np.hypot(*(flap[1] - flap[0])) == pytest.approx(10.0, rel=0.001)
    assert np.hypot(*(flap[0] - collar.upper[-1])) == pytest.approx(0.0, abs=1e-6), "it begins at the ring's end"


def test_a_tapers_collar_is_do_carmos_development_and_a_balls_is_the_equidistant_conic():
    # M. P. do Carmo, Differential Geometry of Curves and Surfaces, 4-2: a cone's level lines are arcs about its apex
    wall = wall_of(TUMBLER)
    cone = collar_cone(wall, wall.length)
    u = np.linspace(-1.5, 1.5, 31)
    flat = cone.develop(np.column_stack([u, np.full(31, wall.length - 25.0)]))
    apex = np.array([0.0, wall.length - wall.rim_radius / wall.taper])
    radii = np.hypot(*(flat - apex).T)
    assert radii == pytest.approx(np.full(31, wall.rim_radius / wall.taper - 25.0), abs=1e-9)
    results = run(job("K", width=20.0))
    collar = collar_of(results.transfer.settings, Surroundings(results.wall, TUMBLER, results.job.features))
    deep = results.wall.length - np.hypot(*(np.asarray(collar.outline.exterior.coords) - apex).T).min()
    deep -= results.wall.length - wall.rim_radius / wall.taper
    turn = np.linspace(-pi, pi, 999) * wall.taper
    edge = apex + (wall.rim_radius / wall.taper - deep) * np.column_stack([np.sin(turn), np.cos(turn)])
    away = shapely.distance(collar.outline.exterior, shapely.points(edge))
    assert deep > 20 and away.max() < 0.02, "its lower edge is an arc about the apex too"
    # J. P. Snyder, USGS Professional Paper 1395, chapter 16, by pyproj, the rim as the one standard parallel
    ball, s = Ball(60.0), 60.0 * radians(60 + 90)
    lat = 60.0
    conic = pyproj.Proj(proj="eqdc", lat_1=lat, lat_2=lat, lat_0=lat, lon_0=0, R=60.0)
    down = np.array([0.0, 8.0, 20.0])
    for turn in (-80.0, 0.0, 55.0):
        own = collar_cone(ball, s).develop(np.column_stack([np.full(3, radians(turn)), s - down]))
        theirs = np.array(conic(np.full(3, turn), lat - np.degrees(down / 60.0))).T
        assert own - [0.0, s] == pytest.approx(theirs, abs=0.05)


def test_a_curved_walls_collar_leans_at_the_rim_as_the_wall_does():
    wall = wall_of(CARAFE)
    just_below = [collar_cone(wall, wall.length - down).taper for down in (0.0, 0.2)]
    assert just_below[0] == pytest.approx(just_below[1], rel=0.01) and abs(just_below[0]) > 0.2


def test_a_pane_has_a_strip_from_its_corner_and_all_of_it_prints_at_true_size():
    results, placing = placed(job("Hi", width=40.0, glass=PLAQUE, fit__from_rim=60.0))
    collar = collar_of(results.transfer.settings, Surroundings(results.wall, PLAQUE, results.job.features))
    for spot in placing.spots:
        assert next(mark.at for mark in collar.marks if mark.name == spot.name) == pytest.approx(
            (spot.across, -spot.down))
    assert collar.outline.bounds[0] == 0 and collar.outline.bounds[3] == 0
    inner = collar.outline.buffer(-5.0, join_style="mitre")
    assert all(inner.contains(shapely.Point(mark.at)) for mark in collar.marks), "paper goes on below the windows"
    done = finished(job("Hi", width=40.0, fit__from_rim=60.0)).pieces[0]
    pages = pypdf.PdfReader(io.BytesIO(collar_pdf(done, 1, "A4", "mm"))).pages
    assert len(pages) > 2 and "Lay cross on cross" in pages[0].extract_text()      # a rim of 283 mm is tiled


@pytest.mark.parametrize("face", ["outside", "back"])
def test_an_oval_panes_paper_has_its_edge_and_its_windows_lie_as_far_below_it_as_is_told(face):
    pane = FlatGlass(width=200.0, height=150.0, outline="oval")
    results, placing = placed(job("Hi", width=40.0, glass=pane, fit__across=15.0, fit__face=face))
    collar = collar_of(results.transfer.settings, Surroundings(results.wall, pane, results.job.features))
    x, y = collar.upper.T
    assert (x / 100) ** 2 + ((y + 75) / 75) ** 2 == pytest.approx(np.ones(len(x)), abs=1e-9)
    marks = {mark.name: np.array(mark.at) for mark in collar.marks}
    for spot in placing.spots:
        at = marks[spot.name]
        assert np.interp(at[0], x, y) - at[1] == pytest.approx(spot.down, abs=0.1) and spot.down > 0
        assert at[0] + 100 * sqrt(1 - ((at[1] + 75) / 75) ** 2) == pytest.approx(spot.across, abs=0.01)
        assert collar.outline.contains(shapely.Point(at)) and collar.windows.contains(shapely.Point(at))
    assert (marks["upper middle"][0] < 0) == (face == "back"), "from behind it stands at the other side"
    assert "the tick where that is highest" in collar.says and marks["middle"] == pytest.approx([0.0, 0.0])


@pytest.mark.parametrize(("lies", "frame", "edges"), [
    ("upright", 12.0, "frame's upper inner edge, its left end on the frame's left inner edge"),
    ("hollow", 6.0, "ring's upper inner edge, its left end on the ring's left inner edge"),
    ("loose", 0.0, "pane's upper edge, its left end on the pane's left edge")])
def test_paper_and_words_name_the_edges_that_can_be_reached(lies, frame, edges):
    pane = FlatGlass(width=240.0, height=180.0, frame=frame, lies=lies)
    results, placing = placed(job("Hi", width=40.0, glass=pane, fit__from_rim=50.0))
    collar = collar_of(results.transfer.settings, Surroundings(results.wall, pane, results.job.features))
    assert collar.says == f"Lay its upper edge along the {edges}."
    (way,) = [in_mm(value) for value in other_ways(placing)]
    foot = edges.split(" upper")[0]
    up = 180.0 - 2 * frame - placing.middle.down - float(np.ptp([placing.middle.at[1], placing.lower.at[1]]))
    assert way.startswith(f"Or from the {foot} lower") and placing.lower.up == pytest.approx(up, abs=1e-6)


def test_the_end_that_is_raised_makes_the_wall_on_top_level():
    """A frustum on its side, turned about the wide end's lowest point until its narrow end stands as high as told."""
    wall = wall_of(TUMBLER)
    end, by = raised(wall, wall.length / 2)
    lean = asin(wall.taper)
    # the lower side lies on the table: raised by an angle so that it climbs by `by` over the slant
    turned = asin(by / wall.length)
    assert end == "base" and turned == pytest.approx(2 * lean)
    small = wall_of(TaperedGlass(rim=60.0, base=40.0, height=50.0))
    assert raised(small, 20.0)[1] == pytest.approx(small.length * sin(2 * asin(10 / hypot(50, 10))))
    assert raised(wall_of(LANTERN), 60.0) == ("", 0.0)
    told_by_heights = wall_of(CurvedGlass(stations=((0.0, TUMBLER.base), (TUMBLER.height, TUMBLER.rim))))
    assert raised(told_by_heights, 60.0)[1] == pytest.approx(by, rel=1e-6), "it is the same glass"
    # a cup with a flat foot, its widest place above its middle: it rests on the belly and on the foot's edge
    cup = wall_of(CurvedGlass(stations=((0.0, 40.0), (10.0, 80.0), (60.0, 90.0), (100.0, 92.0))))
    assert raised(cup, cup.length - 1.0)[0] == "base"
    end, by = raised(Ball(50.0), 50.0 * pi / 2 + 50.0 * radians(20))
    assert end == "rim" and by == pytest.approx(100.0 * sin(radians(90) - acos(sin(radians(20)))), rel=1e-3)


def test_a_film_that_is_not_on_the_glass_at_all_is_a_sentence():
    results = run(star_job())
    off = replace(results.sheet, covers=(shapely.Polygon(),))
    with pytest.raises(FitError, match="none of this film lies on the glass"):
        placing_of(off, 0, Surroundings(results.wall, results.job.glass, results.job.features))
