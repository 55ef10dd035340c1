"""The two views: one object seen twice, turned, pointed at and dragged."""

from math import pi

import numpy as np
import pytest
import shapely
from hypothesis import given
from hypothesis import strategies as st
from PySide6.QtCore import QPoint, QPointF, Qt
from PySide6.QtGui import QPainterPath
from PySide6.QtTest import QTest
from shapely.geometry import MultiPolygon

from specimens import PLAQUE, TUMBLER, job
from strategies import frustums
from vitrograph.core.glass import wall_of
from vitrograph.core.job import CurvedGlass
from vitrograph.desk.bench.painter_paths import path_of, path_of_each, path_of_points
from vitrograph.desk.views.camera import Camera, in_sight, ready_for_projection


def camera(wall, turn=0.0, rise=0.15, distance=900.0):
    return Camera(wall, turn, rise, distance, (200.0, 300.0), 2.0)


@given(glass=frustums(), turn=st.floats(-3, 3), rise=st.floats(0, 0.3), off=st.floats(-0.9, 0.9), up=st.floats(0, 1))
def test_a_screen_point_leads_back_to_its_wall_point(glass, turn, rise, off, up):
    if abs(glass.taper) > 0.6 or glass.slant > 500:
        return
    seen = camera(glass, turn, rise)
    u, s = turn + off * float(seen.edge(np.zeros(1))[0]), up * glass.slant
    x, y = seen.wall_to_screen(np.array([[u, s]]))[0]
    back = seen.screen_to_wall(x, y)
    if back is not None:                        # steep cones hide part of themselves beyond the horizon's reach
        assert back == pytest.approx((u, s), abs=0.5)


def test_far_away_the_front_view_is_orthographic():
    # x = r sin theta, y = z, seen level from the front
    wall = wall_of(TUMBLER)
    seen = camera(wall, 0.0, 0.0, 1e7)
    points = np.array([[0.3, 10.0], [-1.1, 70.0], [0.9, 120.0]])
    radius = wall.scale(points[:, 1])
    expected = np.column_stack([200 + 2 * radius * np.sin(points[:, 0]),
                                300 - 2 * (points[:, 1] * wall.upright / wall.slant - wall.upright / 2)])
    assert seen.wall_to_screen(points) == pytest.approx(expected, abs=0.01)


def test_near_and_far_side_make_up_the_whole_art(desk):
    fitted = desk.results.fitted
    art = ready_for_projection(fitted.wall_art, fitted.wall)
    for turn in (0.0, 0.8, 2.0, pi, -2.5):
        seen = camera(fitted.wall, turn)
        shown = sum(part.area for near in (True, False) for part in in_sight(art, seen, near=near))
        assert shown == pytest.approx(fitted.wall_art.area, rel=1e-6)
    assert not in_sight(art, camera(fitted.wall, 0.0), near=False)


def test_on_a_belly_near_and_far_side_make_up_the_whole_art(open_desk):
    carafe = CurvedGlass(stations=((0.0, 74.0), (55.0, 122.0), (120.0, 98.0), (165.0, 52.0)))
    fitted = open_desk(job(glass=carafe, width=200.0, fit__from_rim=60.0)).results.fitted
    art = ready_for_projection(fitted.wall_art, fitted.wall)
    for turn in (0.0, 1.2, -2.5):
        shown = sum(part.area for near in (True, False) for part in in_sight(art, camera(fitted.wall, turn), near=near))
        assert shown == pytest.approx(fitted.wall_art.area, rel=2e-3)


def test_films_that_lap_on_a_belly_are_seen_whole_from_every_side(open_desk):
    carafe = CurvedGlass(stations=((0.0, 74.0), (55.0, 122.0), (120.0, 98.0), (165.0, 52.0)))
    results = open_desk(job("Kestrel\nPoint", glass=carafe, width=90.0, fit__from_rim=60.0, fit__rows=2)).results
    films = results.sheet.on_wall
    lapping = ready_for_projection(MultiPolygon(films), results.wall)
    for turn in (0.0, 0.5, -0.9, 2.0):
        shown = sum(part.area for near in (True, False)
                    for part in in_sight(lapping, camera(results.wall, turn), near=near))
        assert shown == pytest.approx(sum(film.area for film in films), rel=2e-3), "the lap is seen of both"


def test_pointing_at_one_view_marks_the_other(desk):
    sheet, glass = desk.shell.sheet_view, desk.shell.glass_view
    at = sheet.to_screen(np.array([[0.0, desk.results.fitted.chart.s0]]))[0]
    QTest.mouseMove(sheet, QPoint(*np.rint(at).astype(int).tolist()))
    desk.qtbot.waitUntil(lambda: glass.mark is not None)
    assert glass.mark == pytest.approx((0.0, desk.results.fitted.chart.s0), abs=1.0)
    on_glass = glass.camera().wall_to_screen(np.array([[0.2, 60.0]]))[0]
    QTest.mouseMove(glass, QPoint(*np.rint(on_glass).astype(int).tolist()))
    desk.qtbot.waitUntil(lambda: sheet.mark is not None and abs(sheet.mark[0] - 0.2) < 0.05)


def drag(view, start, end):
    """Press, move in steps, release."""
    QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=QPoint(*np.rint(start).astype(int).tolist()))
    for share in np.linspace(0, 1, 6)[1:]:
        at = np.asarray(start) + share * (np.asarray(end) - np.asarray(start))
        QTest.mouseMove(view, QPoint(*np.rint(at).astype(int).tolist()))
        QTest.qWait(60)
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton)


@pytest.mark.parametrize("name", ["glass_view", "sheet_view"])
def test_dragging_the_art_moves_it_as_one_undo_step(desk, name):
    view, fitted = getattr(desk.shell, name), desk.results.fitted
    to_screen = (lambda wall: view.camera().wall_to_screen(wall)) if name == "glass_view" else (
        lambda wall: view.to_screen(fitted.chart.wall_to_sheet(wall)))
    start, end = to_screen(np.array([[0.0, fitted.chart.s0], [0.1, fitted.chart.s0 - 10.0]]))
    drag(view, start, end)
    desk.settle()
    assert desk.bench.job.fit.angle > 0.03 and desk.bench.job.fit.from_rim > 44.0
    assert desk.bench.undo_stack.count() == 1
    desk.bench.undo_stack.undo()
    assert desk.bench.job.fit.angle == 0.0


def test_the_glass_turns_by_drag_and_by_keys(desk):
    view = desk.shell.glass_view
    low = view.camera().wall_to_screen(np.array([[0.0, 12.0]]))[0]
    drag(view, low, low + [-60, 0])
    assert view.turn > 0.1 and desk.bench.undo_stack.count() == 0
    view.turn_to(0.0)
    desk.go(6)
    for key in (Qt.Key.Key_Period, Qt.Key.Key_Period, Qt.Key.Key_Comma):
        desk.press(key)
    assert np.degrees(view.turn) == pytest.approx(5)
    desk.press(Qt.Key.Key_B)
    assert np.degrees(view.turn) == pytest.approx(-175)
    desk.press(Qt.Key.Key_E)
    assert view.level and view.camera().rise == 0.0


def test_the_sheet_is_enlarged_about_the_pointer_and_fitted_again(desk):
    view = desk.shell.sheet_view
    at = QPointF(150, 200)
    before = view.to_sheet(at.x(), at.y())
    view.zoom_by(3.0, at)
    assert view.to_sheet(at.x(), at.y()) == pytest.approx(before, abs=1e-6)
    desk.press(Qt.Key.Key_0, Qt.KeyboardModifier.ControlModifier)
    assert view.zoom == 1.0


@pytest.mark.parametrize("made", [job(), job(glass=PLAQUE, fit__face="back"), job(width=150.0, fit__angle=2.5),
                                  job(fit__from_rim=-30.0), job(""),
                                  job(width=20.0, fit__from_rim=170.0, stencil__outline="oval")])     # off the glass
def test_every_station_paints_both_views_for_every_kind_of_job(open_desk, made):
    desk = open_desk(made)
    for number in range(1, 10):
        desk.go(number)
        for view in (desk.shell.glass_view, desk.shell.sheet_view):
            view.mark = (0.1, 20.0)
            picture = view.grab().toImage()
            tones = {picture.pixel(x, y) for x in range(4, view.width(), 29) for y in range(4, view.height(), 29)}
            assert len(tones) > 1


def test_what_stays_and_what_goes_are_told_by_tone(desk):
    desk.go(4)
    view = desk.shell.sheet_view
    picture = view.grab().toImage()
    sheet = desk.results.sheet

    def tone(shape):
        x, y = np.rint(view.to_screen(np.asarray(shape.representative_point().coords))[0]).astype(int)
        return picture.pixelColor(int(x), int(y)).name()

    assert tone(sheet.frame) == "#2f8f83"
    largest = max(sheet.openings.geoms, key=lambda opening: opening.area)
    assert tone(largest) in {"#f3f0e8", "#dad6c9"}
    assert tone(max(sheet.islands, key=lambda island: island.area)) == "#17564f"


@pytest.mark.parametrize("name", ["glass_view", "sheet_view"])
def test_the_window_lives_on_after_a_fault_while_painting(desk, name, monkeypatch):
    view, held = getattr(desk.shell, name), []
    before = view.grab().toImage()

    def breaks(painter):
        held.append(painter)                    # as a traceback holds it: Qt gives up when such a painter lives on
        raise ValueError("on purpose")

    monkeypatch.setattr(view, "paint", breaks)
    with pytest.raises(ValueError, match="on purpose"):
        view.grab()
    monkeypatch.undo()
    assert not held[0].isActive()
    assert view.grab().toImage() == before


def test_paths_gathered_in_one_go_are_those_of_each_shape():
    square, ring = shapely.box(0, 0, 4, 4), shapely.box(9, 0, 15, 6).difference(shapely.box(11, 2, 13, 4))
    shapes = [square, shapely.MultiPolygon([ring, shapely.box(20, 0, 21, 1)]), ring, shapely.box(30, 0, 31, 2)]
    assert path_of_each(shapes) == [path_of(shape) for shape in shapes] and path_of_each([]) == []
    by_hand = QPainterPath()
    for line in (ring.exterior, *ring.interiors):
        by_hand.moveTo(*line.coords[0])
        for corner in line.coords[1:]:
            by_hand.lineTo(*corner)
    assert path_of(ring) == by_hand
    assert path_of_points(np.empty((0, 2))).isEmpty()
