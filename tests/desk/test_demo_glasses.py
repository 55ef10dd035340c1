"""Every glass of the demo at every station: drawn, answered, and what is kept clear shown where it is."""

import numpy as np
import pytest
from PySide6.QtCore import QRect, QRectF

from specimens import job, star_job
from vitrograph.core.demo import demo_glasses
from vitrograph.core.glass import blocks_of, wall_of
from vitrograph.core.job import CurvedGlass, Features, FlatGlass, KeepOut, StraightGlass, TaperedGlass
from vitrograph.core.job.change import paths_of
from vitrograph.core.stations import STATIONS
from vitrograph.core.telling.answers import answer, readings_line
from vitrograph.desk.views.glass_body import camera_before, silhouette

GLASSES = {glass.name: glass for glass in demo_glasses()}


def small(name):
    return {**paths_of(GLASSES[name].changes(), job()), "artwork__items__0__size": 24.0, "fit__from_rim": None,
            "fit__angle": 0.0}


@pytest.mark.parametrize("name", list(GLASSES))
def test_every_station_shows_every_glass(open_desk, name):
    desk = open_desk(star_job().changed(**small(name)))
    for number, station in enumerate(STATIONS, start=1):
        card = desk.go(number)
        assert card.isVisible() and (answer(desk.results, station) or station == "logbook")
        for view in (desk.shell.glass_view, desk.shell.sheet_view):
            image = view.grab().toImage()
            colours = {image.pixelColor(x, y).name() for x in range(0, image.width(), 9)
                       for y in range(0, image.height(), 9)}
            assert len(colours) > 4, f"{station}: nothing is drawn"
    for _ in range(4):
        desk.shell.glass_view.see_behind()
        desk.shell.glass_view.turn_by(7)
        desk.shell.glass_view.grab()


def pixels_of(view):
    image = view.grab().toImage()
    return np.array([[image.pixelColor(x, y).getRgb()[:3] for x in range(0, image.width(), 3)]
                     for y in range(0, image.height(), 3)])


def test_a_handle_is_hatched_on_both_views_and_only_while_it_is_there(desk):
    desk.go(1)
    before = [pixels_of(view) for view in (desk.shell.glass_view, desk.shell.sheet_view)]
    desk.bench.edit("Handle", features__keep_out=[{"what": "handle", "angle": 0.9, "wide": 30.0}])
    desk.settle()
    after = [pixels_of(view) for view in (desk.shell.glass_view, desk.shell.sheet_view)]
    for plain, hatched in zip(before, after, strict=True):
        assert 40 < (plain != hatched).any(axis=2).sum() < 0.5 * plain[..., 0].size
    desk.bench.undo_stack.undo()
    desk.settle()
    np.testing.assert_array_equal(pixels_of(desk.shell.sheet_view), before[1])


def test_an_oval_pane_is_drawn_oval_and_its_frame_with_it(open_desk):
    desk = open_desk(star_job(glass=FlatGlass(width=220, height=130, outline="oval", frame=8), width=30.0,
                              fit__from_rim=None))
    view = desk.shell.glass_view
    body = silhouette(view.camera()).boundingRect()
    corner = QRect(int(body.left()), int(body.top()), 6, 6)
    image = view.grab().toImage()
    assert all(image.pixelColor(x, y).lightness() < 40 for x in range(corner.left(), corner.right())
               for y in range(corner.top(), corner.bottom()))
    rows = {name.text(): value.text() for name, value in desk.go(1).readings._rows if not name.isHidden()}
    assert rows["seen and worked"] == "204\u202fmm × 114\u202fmm"
    desk.click("outline_rectangle")
    desk.type_into("frame", "0")
    desk.settle()
    assert desk.results.wall.span == 220 and not desk.results.wall.oval
    desk.click("side_back")
    desk.settle()
    assert desk.results.fitted.chart.mirrored


def test_stations_are_typed_along_the_wall_when_they_were_taped(open_desk):
    desk = open_desk(job(glass=CurvedGlass(stations=((0.0, 70.0), (60.0, 96.0), (120.0, 80.0))), width=25.0,
                         fit__from_rim=None))
    upright = desk.results.wall.upright
    desk.go(1)
    desk.click("height_is_slant")
    desk.settle()
    assert desk.results.wall.length == pytest.approx(120, abs=0.01) and desk.results.wall.upright < upright


def test_lists_tell_glasses_apart():
    assert readings_line(GLASSES["Storm lantern"].glass) == "301.6 round × 140 mm"
    assert readings_line(GLASSES["Open night tumblers"].glass, "in") == "3.39>2.4 × 5.04 in"
    assert readings_line(GLASSES["Star party dish"].glass) == "236 × 158 mm"
    wall = wall_of(StraightGlass(rim=80, height=100))
    twice = Features(keep_out=(KeepOut("seam", angle=3.1, wide=10.0), KeepOut("seam", angle=-3.1, wide=10.0)))
    assert len(blocks_of(wall, twice)) == 2


def test_from_so_near_that_a_ring_is_seen_twisted_a_glass_is_drawn_all_the_same():
    wall = wall_of(TaperedGlass(rim=80.0, base=60.0, height=120.0))
    for turn in np.linspace(-4.0, 4.0, 801):
        body = silhouette(camera_before(wall, QRectF(0, 0, 470, 587), float(turn), 100.0)).boundingRect()
        assert 100 < body.width() < 1000 and 100 < body.height() < 1000
