"""The bed in the real window: stencils are moved, pinned, turned and nested closer by hand, and undone."""

import signal
import threading

import numpy as np
import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLabel, QLineEdit, QPushButton, QWidget

from specimens import job, star_job
from vitrograph.core.cut.laying.nest import lies_well
from vitrograph.core.job import Order
from vitrograph.core.workshop import Cutter, Film, Workshop, load_workshop, save_workshop
from vitrograph.desk.cut.stopped import StoppedFiles
from vitrograph.desk.kit.ask_bar import AskBar
from vitrograph.devices.driver import Place
from vitrograph.devices.simulated import Habits, serve_tcp


@pytest.fixture
def bed(open_desk):
    desk = open_desk(Order.of(job("Kestrel", count=3, name="Mug"), star_job(name="Star")))
    desk.go(5)
    view = desk.shell.bed_view
    desk.qtbot.waitUntil(lambda: view.work is not None and desk.bench.order_results.complete, timeout=30000)
    return desk, view


def settled(desk):
    """Until what was put is laid out anew."""
    keeper, order = desk.shell.bed_view.keeper, desk.bench.order
    desk.qtbot.waitUntil(lambda: keeper._of is not None and keeper._of.order == order and not keeper._laying.busy,
                         timeout=30000)


def on_screen(view, one):
    x, y = view.to_screen(np.array(one.shape.representative_point().coords))[0]
    return QPoint(round(x), round(y))


def laid(view, whose):
    return next(one for one in view.run.sheet.laid if one.part.whose == whose)


def cuts(desk, faster):
    """Have a simulated cutter cut the film in hand; where it is."""
    where = []
    threading.Thread(target=lambda: serve_tcp(0, Habits(faster=faster), where.append), daemon=True).start()
    desk.qtbot.waitUntil(lambda: bool(where))
    desk.type_into("cutterAt", where[0])
    desk.click("cutFilm")
    desk.qtbot.waitUntil(lambda: "to go" in desk.says("cutSays"), timeout=30000)
    return where[0]


def test_all_stencils_of_the_order_lie_on_the_film_and_the_card_tells_it(bed):
    desk, view = bed
    assert desk.shell.flat.currentWidget() is view and len(view.run.sheet.laid) == 4
    told = {row[0].text(): row[1].text() for row in desk.card().readings._rows if row[0].isVisibleTo(desk.card())}
    assert told["stencils"] == "4" and told["films"] == "1" and told["film used"].startswith(
        f"{view.run.sheet.used[0]:.0f}")
    assert view.grab().toImage().width() > 100
    desk.go(6)
    assert desk.shell.flat.currentWidget() is desk.shell.sheet_view


def test_a_stencil_is_dragged_stays_where_it_is_put_and_undo_takes_it_back(bed):
    desk, view = bed
    one = max(view.run.sheet.laid, key=lambda one: one.shape.bounds[2])
    others = {other.part.whose: other.spot for other in view.run.sheet.laid if other is not one}
    start = on_screen(view, one)
    scale = view.frame()[0]
    room = view.run.sheet.film.length - view.run.sheet.film.margin - one.shape.bounds[2]
    by = round(min(room, 12.0) * scale) - 1
    QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=start)
    QTest.mouseMove(view, start + QPoint(by // 2, 0))
    QTest.mouseMove(view, start + QPoint(by, 0))
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=start + QPoint(by, 0))
    settled(desk)
    moved = laid(view, one.part.whose)
    assert moved.pinned and moved.spot.x == pytest.approx(one.spot.x + by / scale, abs=0.6)
    assert {other.part.whose: other.spot for other in view.run.sheet.laid if other is not moved} == others
    assert lies_well(view.run.sheet.laid, view.run.sheet.film)
    desk.bench.undo_stack.undo()
    settled(desk)
    assert laid(view, one.part.whose).spot == one.spot and desk.bench.order.cut.laid == ()


def test_it_cannot_be_put_on_another_and_says_why(bed):
    desk, view = bed
    one, other = view.run.sheet.laid[:2]
    start, end = on_screen(view, one), on_screen(view, other)
    QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=start)
    QTest.mouseMove(view, (start + end) / 2)
    QTest.mouseMove(view, end)
    assert view.grab().toImage().width() > 100                 # it is shown that it does not lie well
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=end)
    assert "it cannot lie there: 12 mm" in desk.says("message").lower().replace("\u202f", " ").replace("\u202f", " ")
    assert desk.bench.order.cut.laid == ()


def test_keys_pin_it_move_it_and_turn_it(bed):
    desk, view = bed
    one = max(view.run.sheet.laid, key=lambda one: one.shape.bounds[2])
    QTest.mouseClick(view, Qt.MouseButton.LeftButton, pos=on_screen(view, one))
    assert view.chosen == one.part.whose
    QTest.keyClick(view, Qt.Key.Key_P)
    settled(desk)
    assert laid(view, one.part.whose).pinned
    QTest.keyClick(view, Qt.Key.Key_Right)
    settled(desk)
    assert laid(view, one.part.whose).spot.x == pytest.approx(one.spot.x + 1.0)
    QTest.keyClick(view, Qt.Key.Key_P)
    settled(desk)
    assert not laid(view, one.part.whose).pinned


def test_nesting_closer_tells_how_far_it_is_keeps_what_it_finds_and_can_be_stopped(bed, monkeypatch):
    desk, view = bed
    monkeypatch.setattr("vitrograph.desk.cut.card._NEST_SECONDS", 2.0)
    before = view.work.bed.used_mm
    desk.click("nestCloser")
    assert desk.card().nest.text() == "Stop"
    desk.qtbot.waitUntil(lambda: "by now" in desk.says("nestSays"), timeout=30000)
    desk.qtbot.waitUntil(lambda: desk.card().nest.text() == "Nest closer", timeout=30000)
    settled(desk)
    assert view.work.bed.used_mm <= before + 1e-6 and len(desk.bench.order.cut.laid) == 4
    assert desk.card().anew.isEnabled()
    laid_by_it = desk.bench.order.cut.laid
    desk.click("nestCloser")
    desk.click("nestCloser")
    desk.qtbot.waitUntil(lambda: "stopped" in desk.says("nestSays"), timeout=30000)
    assert desk.bench.order.cut.laid == laid_by_it
    desk.click("layAnew")
    assert desk.bench.order.cut.laid == ()


def test_what_is_left_over_is_kept_in_the_workshop(bed, monkeypatch):
    desk, view = bed
    desk.click("keepLeftover")
    film = load_workshop(desk.shell.files.workshop).films[0]
    assert film.name == "Film, left over" and film.left == pytest.approx(view.run.sheet.left_over)
    assert "kept: Film, left over" in desk.says("cutSays")
    owned = load_workshop(desk.shell.files.workshop).films
    desk.click("keepLeftover")                                 # a second click, as of a slip
    desk.click("stay")
    assert load_workshop(desk.shell.files.workshop).films == owned
    desk.click("keepLeftover")
    desk.click("keepMore")
    assert len(load_workshop(desk.shell.files.workshop).films) == len(owned) + 1
    before = load_workshop(desk.shell.files.workshop).films
    monkeypatch.setattr("vitrograph.desk.cut.driving._LEAST_LEFT_MM", 1e4)            # it is but a scrap
    desk.click("keepLeftover")
    desk.click("keepMore")
    after = load_workshop(desk.shell.files.workshop).films
    assert "too little to keep" in desk.says("cutSays") and len(after) == len(before)
    assert after[-1].left == max(0.0, before[-1].left - view.run.sheet.film.length)


def test_places_found_for_an_order_are_given_to_no_other(bed, monkeypatch):
    desk, _view = bed
    monkeypatch.setattr("vitrograph.desk.cut.card._NEST_SECONDS", 2.0)
    keeper, found = desk.card().keeper, []
    keeper.nested.connect(found.append)
    desk.click("nestCloser")
    assert keeper.nesting
    desk.bench.edit("Wider", fit__from_rim=desk.bench.job.fit.from_rim + 3.0)
    desk.qtbot.waitUntil(lambda: not keeper.nesting, timeout=30000)
    settled(desk)
    assert found == [()] and desk.bench.order.cut.laid == () and "stopped" in desk.says("nestSays")


def test_an_order_takes_up_the_film_and_the_cutter_of_the_workshop_and_a_grain_keeps_stencils_as_they_stand(
        bed, tmp_path):
    desk, view = bed
    place = desk.card().workshop = tmp_path / "workshop.json"
    assert desk.find(QLabel, "stockSays").text().startswith("No film is named")
    assert not desk.find(QWidget, "stockTurning").isVisible()
    cutter = Cutter(takes="roll", width=640.0, offset=0.4, cut_speed=90.0)
    films = (Film("Brushed", width=320.0, left=180.0, turning="none"), Film("Shelf", "shelf"),
             Film("Plain", left=900.0))
    save_workshop(Workshop(cutters=(cutter,), films=films), place)
    desk.bench.edit("Gap", cut__gap=15.0)
    desk.click("takeStock")
    settled(desk)
    cut = desk.bench.order.cut
    assert (cut.mat_width, cut.offset, cut.cut_speed, cut.gap) == (640.0, 0.4, 90.0, 15.0)
    assert desk.find(QLabel, "stockSays").text() == (
        "Cut from: Brushed, 320\u202fmm wide, 180\u202fmm long; Plain, 305\u202fmm wide, 900\u202fmm long.")
    assert view.work.runs[0].sheet.stock.name == "Brushed"
    assert {one.spot.turn for one in view.work.runs[0].sheet.laid} == {0.0}, "it has a grain"
    desk.find(QPushButton, "stockTurning_quarter").click()
    assert {one.turning for one in desk.bench.order.cut.stock} == {"quarter"}
    said = []
    desk.bench.told.connect(said.append)
    desk.bench.undo_stack.undo()
    desk.click("takeStock")
    assert said[-1] == "it is cut from that film and on that cutter already"
    desk.type_into("mat_width", "200")
    settled(desk)
    assert view.work.runs[0].sheet.film.width == 200.0


def test_what_goes_on_several_films_is_gone_through_film_by_film(bed):
    desk, view = bed
    desk.bench.edit("Mat", cut__mat_width=150.0, cut__mat_length=150.0)
    settled(desk)
    many = len(view.work.runs)
    assert many > 1 and view.number == 0
    desk.click("nextFilm")
    assert view.number == 1 and view.grab().toImage().width() > 100
    QTest.keyClick(view, Qt.Key.Key_PageDown)
    QTest.keyClick(view, Qt.Key.Key_PageUp)
    desk.click("filmBefore")
    desk.click("filmBefore")
    assert view.number == 0


def test_a_cutter_is_driven_from_the_window_paused_stopped_and_gone_on_with(bed, tmp_path):
    desk, _ = bed
    card = desk.card()
    desk.click("cutFilm")
    assert "type where the cutter is" in desk.says("message").lower()
    where = cuts(desk, 60.0)
    desk.click("pauseCut")
    assert card.driving.pause.text() == "Go on" and "it waits" in desk.says("cutSays")
    desk.click("pauseCut")
    desk.click("stopCut")
    desk.qtbot.waitUntil(lambda: "the blade is up" in desk.says("cutSays") and not card.driving.busy, timeout=30000)
    go_on = card.driving.start.text()
    assert go_on and desk.says("cutSays").endswith(f"go on from {go_on}"), "what is cut is not cut again"
    assert load_workshop(desk.shell.files.workshop).cutters[0].port == where
    desk.type_into("cutterAt", f"file:{tmp_path / 'other.plt'}")
    desk.bench.edit("Turn", fit__angle=0.2, stencil__border=14.0)
    settled(desk)
    desk.click("cutFilm")
    assert "where another film was stopped" in desk.says("message") and card.driving.start.text() == ""
    assert not (tmp_path / "other.plt").exists(), "nothing of the new film is left out"
    desk.click("cutFilm")
    desk.qtbot.waitUntil(lambda: "paths are cut" in desk.says("cutSays"), timeout=30000)
    desk.bench.undo_stack.undo()
    settled(desk)
    desk.click("cutFilm")
    assert desk.says("message").endswith("clear that place first") and card.driving.start.text() == go_on, \
        "a film cut meanwhile does not make the first one's place forgotten"
    desk.type_into("cutFrom", "2-1")
    desk.click("cutFilm")
    assert "two numbers like 3:12" in desk.says("message").lower()
    desk.type_into("cutterAt", f"file:{tmp_path / 'cut.plt'}")
    desk.type_into("cutFrom", "2:1")
    desk.click("cutFilm")
    desk.qtbot.waitUntil(lambda: "paths are cut" in desk.says("cutSays"), timeout=30000)
    assert (tmp_path / "cut.plt").read_text().count("PD") > 10
    desk.type_into("cutterAt", "serial:/dev/none")
    desk.click("cutFilm")
    desk.qtbot.waitUntil(lambda: "could not be opened" in desk.says("cutSays"), timeout=30000)


def test_a_trial_belongs_to_its_film(open_desk):
    desk = open_desk(Order.of(job("Kestrel", name="One", count=6, cut__mat_length=120.0)))
    desk.go(5)
    settled(desk)
    view = desk.shell.bed_view
    assert len(view.work.runs) > 1
    desk.click("trial")
    desk.qtbot.waitUntil(lambda: view.trace is not None, timeout=5000)
    desk.click("nextFilm")
    desk.qtbot.wait(150)                                       # no more of it is drawn over the other film
    assert view.number == 1 and view.trace is None and not desk.card().trial.seen
    desk.click("trial")
    desk.qtbot.waitUntil(lambda: view.trace is not None and len(view.trace) == len(view.run.cuts), timeout=5000)


def test_another_unit_tells_how_they_lie_anew_and_lays_nothing(bed):
    desk, view = bed
    work = view.work
    shown = desk.card().readings
    assert any(value.text().endswith("mm") for _, value in shown._rows)
    desk.bench.set_unit("in")
    desk.qtbot.waitUntil(lambda: not any("mm" in value.text() for _, value in shown._rows), timeout=5000)
    assert view.work is work and desk.card().trial.isEnabled()
    desk.bench.edit("Gap", cut__gap=20.0)
    settled(desk)
    assert view.work is not work


def test_film_with_a_stop_on_it_is_cut_only_when_that_is_confirmed(open_desk, tmp_path):
    over, out = job("Kestrel", name="Over", fit__from_rim=-8.0), tmp_path / "cut.plt"
    desk = open_desk(Order.of(over, star_job(name="Star")))
    desk.go(5)
    settled(desk)
    desk.type_into("cutterAt", f"file:{out}")
    desk.click("cutFilm")
    asked = desk.shell.findChild(AskBar)
    assert "Over: " in asked._question.text() and "mended before film is cut" in asked._question.text()
    desk.click("stay")
    assert not desk.card().driving.busy and not out.exists()
    desk.click("cutFilm")
    desk.click("cutAnyway")
    desk.qtbot.waitUntil(lambda: "paths are cut" in desk.says("cutSays"), timeout=30000)
    out.unlink()
    desk.bench.take_piece(0)
    desk.bench.edit("Down", fit__from_rim=40.0)
    settled(desk)
    desk.click("cutFilm")
    desk.qtbot.waitUntil(out.exists, timeout=30000)
    out.unlink()
    desk.bench.edit("A mat that holds none of it", cut__mat_length=40.0)
    settled(desk)
    desk.click("cutFilm")
    asked = desk.shell.findChild(AskBar)
    assert asked._question.text().startswith("No film or mat is large enough for this: ") and not out.exists()


def test_a_window_that_cuts_asks_before_it_closes_and_the_next_knows_where_it_was_stopped(bed, open_desk, tmp_path):
    desk, _ = bed
    cuts(desk, 20.0)
    desk.shell.files.give_up()
    assert not desk.shell.close() and desk.card().driving.busy
    desk.click("stay")
    assert desk.card().driving.busy and not desk.shell.close(), "it is asked again"
    order = desk.bench.order
    desk.click("stopCutting")
    desk.qtbot.waitUntil(lambda: not desk.shell.isVisible(), timeout=30000)
    (film, place), = StoppedFiles(desk.shell.files.workshop).read().items()
    assert Place.read(place).path > 0 and len(film) == 32
    again = open_desk(order)
    again.go(5)
    assert again.find(QLineEdit, "cutFrom").text() == place
    assert again.says("cutSays").endswith(f"if it has not moved, go on from {place}")
    settled(again)
    again.type_into("cutterAt", f"file:{tmp_path / 'rest.plt'}")
    again.click("cutFilm")
    again.qtbot.waitUntil(lambda: "paths are cut" in again.says("cutSays"), timeout=60000)
    assert StoppedFiles(desk.shell.files.workshop).read() == {}


def test_a_kill_while_a_film_is_cut_waits_for_the_blade(bed):
    desk, _ = bed
    ended = []
    was = signal.signal(signal.SIGTERM, lambda *_told: ended.append(desk.card().driving.busy))
    cuts(desk, 20.0)
    try:
        signal.raise_signal(signal.SIGTERM)
        assert not ended
        desk.qtbot.waitUntil(lambda: bool(ended), timeout=30000)
        assert ended == [False] and "the blade is up" in desk.says("cutSays")
    finally:
        signal.signal(signal.SIGTERM, was)


def test_a_test_ladder_is_cut_and_the_force_that_came_out_clean_is_kept_with_the_film(bed, tmp_path):
    desk, _ = bed
    desk.type_into("cutterAt", f"file:{tmp_path / 'ladder.plt'}")
    desk.type_into("testForces", "60, many")
    desk.click("testLadder")
    assert "whole numbers like 60, 80, 100" in desk.says("message").lower()
    desk.type_into("testForces", "60, 80")
    desk.click("testLadder")
    clean = desk.card().driving.clean
    assert not clean.isVisibleTo(desk.card()), "it is sent beside the window's own work"
    desk.qtbot.waitUntil(lambda: clean.isVisibleTo(desk.card()), timeout=10000)
    assert (tmp_path / "ladder.plt").read_text().count("FS") == 3
    assert clean.isVisibleTo(desk.card()) and clean.count() == 3
    clean.setCurrentIndex(2)
    clean.activated.emit(2)
    held = load_workshop(desk.shell.files.workshop)
    assert held.films[0].force == 80.0 and held.cutters[0].blade_m > 0
