"""The maker's way through the window, by keys and clicks."""

import numpy as np
import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QCheckBox, QLabel, QLineEdit, QPlainTextEdit, QTableWidget, QWidget

from specimens import STAR, TUMBLER, in_mm, job, star_job
from vitrograph.core.demo import demo_job
from vitrograph.core.job import Order
from vitrograph.core.stations import STATIONS
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.desk.kit.findings_list import FindingRow
from vitrograph.desk.line import StationButton, state_of

CONTROL, SHIFT = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.ShiftModifier


def test_the_demo_is_walked_through_all_nine_stations_by_keyboard_alone(open_desk):
    desk = open_desk(demo_job())
    for number, station in enumerate(STATIONS, start=1):
        card = desk.go(number)
        assert desk.bench.station == station and card.isVisible()
        focused = QApplication.focusWidget()
        assert focused is not None and card.isAncestorOf(focused), f"{station}: the keyboard has no place to begin"
        for _ in range(12):
            desk.press(Qt.Key.Key_Tab)
        assert QApplication.focusWidget() is not None
    assert not desk.shell.findChild(StationButton, "station_glass").isChecked()


def test_other_words_and_other_readings_give_another_stencil(desk):
    before = desk.results.sheet
    desk.go(2)
    words = desk.find(QPlainTextEdit, "words")
    words.selectAll()
    QTest.keyClicks(words, "Point")
    desk.settle()
    assert desk.bench.job.artwork.items[0].what.text == "Point"
    desk.go(1)
    desk.type_into("rim", "3 3/8 in")
    desk.type_into("base", "6 cm")
    desk.type_into("height", "118")
    desk.settle()
    wall = desk.results.wall
    assert 2 * wall.rim_radius == pytest.approx(85.725) and 2 * wall.base_radius == pytest.approx(60)
    assert wall.upright == pytest.approx(118)
    assert desk.results.sheet.outline.area != pytest.approx(before.outline.area)
    assert desk.shell.line.buttons["glass"].answer == "85.7>60 × 118 mm"


def test_everything_can_be_undone_and_done_again(desk):
    begun = desk.bench.job
    desk.go(1)
    desk.click("kind_straight")
    desk.go(3)
    desk.type_into("size", "50")
    desk.click("mode_straight")
    desk.go(4)
    desk.type_into("border", "25 mm")
    desk.go(8)
    desk.find(QCheckBox, "halves").click()
    done = desk.bench.job
    assert done != begun and desk.bench.undo_stack.count() == 5
    for _ in range(5):
        desk.press(Qt.Key.Key_Z, CONTROL)
    assert desk.bench.job == begun
    for _ in range(5):
        desk.press(Qt.Key.Key_Z, CONTROL, SHIFT)
    assert desk.bench.job == done


def test_typed_letters_are_one_undo_step(desk):
    desk.go(2)
    QTest.keyClicks(desk.find(QPlainTextEdit, "words"), "abc")
    assert desk.bench.undo_stack.count() == 1
    desk.bench.undo_stack.undo()
    assert desk.find(QPlainTextEdit, "words").toPlainText() == "Kestrel"


@pytest.mark.parametrize(("station", "field", "typed", "sentence"), [
    (1, "rim", "wide", "a length like 85 mm"), (1, "rim", "-4", "a length must be more than 0"),
    (1, "height", "0", "a length must be more than 0"),
    (1, "rim", "86; wide", "reading 2: a length like"), (1, "base", "12 parsec", "the unit 'parsec' is not known"),
    (3, "size", "", "a length like 85 mm"), (4, "border", "-1", "it cannot be less than 0"),
    (3, "angle", "north", "a number was wanted"),
])
def test_bad_typing_gets_one_sentence_under_the_field_and_harms_nothing(desk, station, field, typed, sentence):
    begun = desk.bench.job
    desk.go(station)
    desk.type_into(field, typed)
    labels = desk.find(QWidget, f"{field}Field").findChildren(QLabel)
    assert any(sentence in text.text() and text.isVisible() for text in labels)
    assert desk.bench.job == begun


def test_an_impossible_glass_is_told_at_its_station_and_can_be_mended(desk):
    desk.go(1)
    desk.type_into("height", "5 mm")
    desk.click("height_is_slant")
    desk.settle()
    assert state_of(desk.bench, "glass") == "stop"
    assert "measure the slant along the wall again" in desk.says("cardError")
    assert state_of(desk.bench, "fit") == "open"
    desk.type_into("height", "130 mm")
    desk.settle()
    assert state_of(desk.bench, "glass") == "good" and desk.results.sheet is not None


def test_a_remedy_does_what_it_says(open_desk):
    desk = open_desk(job(stencil__border=5.0))
    desk.go(4)
    assert desk.codes == {"border"}
    assert desk.shell.line.buttons["stencil"].state == "watch"
    desk.click("remedy_border")
    desk.settle()
    assert desk.codes == set() and desk.bench.job.stencil.border == 12.0
    assert desk.shell.line.buttons["stencil"].answer == "all sound"


def test_f8_and_a_click_bring_both_views_to_a_finding(open_desk):
    desk = open_desk(job("Kestrel", face="Cinzel Bold", fit__angle=1.0))
    desk.press(Qt.Key.Key_F8)
    assert desk.bench.station == "stencil"
    first = desk.results.findings()[0]
    here = desk.shell.sheet_view
    middle = here.to_screen(np.array([first.where]))[0]
    assert middle == pytest.approx([here.width() / 2, here.height() / 2], abs=2)
    assert desk.shell.glass_view.turn == pytest.approx(1.0, abs=0.6)
    assert in_mm(first.says) in desk.says("message")
    QTest.mouseClick(desk.card().findChildren(FindingRow)[0], Qt.MouseButton.LeftButton)
    assert desk.shell.glass_view.mark is not None


def test_lengths_are_shown_in_inches_and_typed_in_them(desk):
    desk.click("unit_in")
    desk.go(3)
    desk.type_into("size", "2 1/2")
    desk.settle()
    assert desk.results.fitted.size[0] == pytest.approx(63.5)
    assert "in" in desk.shell.line.buttons["artwork"].answer
    desk.click("unit_mm")
    assert desk.shell.line.buttons["artwork"].answer.endswith("mm")


def test_what_is_typed_is_taken_by_a_choice_that_leaves_the_keyboard_where_it_is(desk):
    line = desk.go(4).findChild(QLineEdit, "border")
    line.setFocus()
    line.selectAll()
    QTest.keyClicks(line, "33")                                # mm, and not left yet
    desk.click("unit_in")
    assert desk.bench.job.stencil.border == 33.0 and line.text().startswith("1.299") and line.hasFocus()


def test_a_drawing_is_opened_and_a_bad_one_refused(desk, tmp_path):
    (tmp_path / "star.svg").write_text(STAR)
    (tmp_path / "bad.svg").write_text("<svg")
    desk.open_drawing(tmp_path / "bad.svg")
    assert "not an SVG drawing" in desk.says("message") and desk.drawing is None
    desk.open_drawing(tmp_path / "star.svg")
    assert desk.drawing.name == "star.svg"
    assert "drawing" in {item.name for item in desk.results.weed.pull}


def test_no_words_is_an_empty_state_that_says_what_to_do(desk):
    desk.go(2)
    words = desk.find(QPlainTextEdit, "words")
    words.selectAll()
    QTest.keyClick(words, Qt.Key.Key_Delete)
    desk.settle()
    assert [desk.shell.line.buttons[name].state for name in ("glass", "artwork", "cut")] == ["good", "open", "open"]
    assert "type some words" in desk.says("cardError").lower()
    assert not desk.shell.top.send.isEnabled()
    QTest.keyClicks(words, "B")
    desk.settle()
    assert desk.shell.top.send.isEnabled()


def test_saved_opened_and_bad_files(desk, tmp_path):
    shell = desk.shell
    desk.go(3)
    desk.type_into("size", "55")
    assert "(unsaved)" in shell.windowTitle()
    shell.files.save_as(tmp_path / "mine.vitro")
    assert "(unsaved)" not in shell.windowTitle() and load_order(tmp_path / "mine.vitro") == desk.bench.order
    assert shell.top.name.text() == "mine"                     # called as its file is, since it had no name
    desk.bench.pieces.name_order("Dome")
    shell.files.save_as(tmp_path / "other.vitro")
    assert shell.top.name.text() == "Dome" == load_order(tmp_path / "other.vitro").pieces[0].name
    kept = desk.bench.job
    (tmp_path / "bad.vitro").write_text("no")
    shell.files.open(tmp_path / "bad.vitro")
    assert "not an order file" in desk.says("message") and desk.bench.job == kept
    save_order(Order.of(star_job(name="Star")), tmp_path / "star.vitro")
    shell.files.open(tmp_path / "star.vitro")
    desk.settle()
    assert shell.top.name.text() == "Star" and not desk.bench.undo_stack.canUndo()


def test_all_files_are_written_into_a_folder(desk, tmp_path):
    desk.shell.files.write_files(tmp_path / "packet")
    desk.qtbot.waitUntil(lambda: not desk.shell.files.writing.busy, timeout=15000)
    names = sorted(path.name for path in (tmp_path / "packet").iterdir())
    assert names == ["cut.dxf", "cut.plt", "cut.png", "cut.svg", "job.vitro", "packet.pdf", "plan.json", "stencil.pdf",
                     "stencil.svg"]
    for name in ("cut-1.plt", "02-stencil.svg", "my cut-1.plt", "cutter.png"):       # two of another order's time
        (tmp_path / "packet" / name).write_text("")
    desk.shell.files.write_files(tmp_path / "packet")
    desk.qtbot.waitUntil(lambda: not desk.shell.files.writing.busy, timeout=15000)
    assert desk.says("message").endswith(
        "2 files there were written earlier and do not belong to this order as it is now: 02-stencil.svg, cut-1.plt")
    (tmp_path / "file").write_text("")
    desk.shell.files.write_files(tmp_path / "file" / "packet")
    desk.qtbot.waitUntil(lambda: not desk.shell.files.writing.busy, timeout=15000)
    assert "choose another" in desk.says("message")


def test_the_newest_edit_wins(desk):
    for size in range(30, 70):
        desk.bench.edit("Size", artwork__items__0__size=float(size))
    desk.settle()
    assert desk.results.fitted.size[0] == pytest.approx(69.0)


def test_the_name_is_changed_in_place(desk):
    name = desk.shell.top.name
    name.selectAll()
    QTest.keyClicks(name, "Dome night")
    QTest.keyClick(name, Qt.Key.Key_Return)
    assert desk.bench.job.name == "Dome night" and "Dome night" in desk.shell.windowTitle()
    name.selectAll()
    QTest.keyClick(name, Qt.Key.Key_Delete)
    QTest.keyClick(name, Qt.Key.Key_Return)
    assert desk.bench.job.name == "Dome night" == name.text()


def test_the_kind_of_glass_keeps_readings_that_still_mean_something(desk):
    desk.go(1)
    desk.click("kind_straight")
    assert (desk.bench.job.glass.rim, desk.bench.job.glass.height) == (TUMBLER.rim, TUMBLER.height)
    desk.click("kind_flat")
    desk.type_into("rim", "210")
    desk.settle()
    assert desk.bench.job.glass.width == 210 and desk.results.wall.length == TUMBLER.height
    desk.go(3)
    assert desk.find(QWidget, "acrossField").isVisible() and not desk.find(QWidget, "angleField").isVisible()
    QTest.mouseMove(desk.shell.sheet_view, QPoint(20, 20))


def test_a_curved_wall_is_typed_station_by_station(desk):
    desk.go(1)
    desk.click("kind_curved")
    desk.settle()
    table = desk.find(QTableWidget, "stations")
    assert table.rowCount() == 3 and desk.results.wall.upright == TUMBLER.height
    table.item(1, 1).setText("4 1/2 in")
    desk.settle()
    assert desk.results.wall.widest == pytest.approx(57.15, abs=0.01)
    table.setCurrentCell(0, 0)
    desk.click("addStation")
    desk.settle()
    assert table.rowCount() == 4 and desk.bench.job.glass.stations[1][0] == pytest.approx(TUMBLER.height / 4)
    kept = desk.bench.job
    table.item(2, 0).setText("high")
    assert "a length like 85 mm" in desk.says("stationsWrong") and desk.bench.job == kept
    table.item(2, 0).setText("0")
    desk.settle()
    assert "Two stations stand at" in desk.says("cardError")
    desk.bench.undo_stack.undo()
    desk.click("removeStation")
    desk.settle()
    assert table.rowCount() == 3 and desk.results.sheet is not None


def test_a_ball_shows_its_widest_and_its_strain(desk):
    desk.bench.edit("x", artwork__items__0__size=30.0, fit__from_rim=None)
    desk.go(1)
    desk.click("kind_ball")
    desk.type_into("rim", "80")
    desk.settle()
    assert desk.bench.job.glass.diameter == 80 and desk.results.wall.upright == 80
    assert desk.shell.line.buttons["fit"].answer.startswith("strain")
    for number in (1, 3, 7):
        desk.go(number)
        assert desk.shell.glass_view.grab().toImage().width() > 100


def test_the_fit_station_says_how_large_a_motif_the_glass_takes(desk):
    desk.go(3)
    rows = {name.text(): value.text() for name, value in desk.card().readings._rows if not name.isHidden()}
    assert rows["front reads up to"].endswith("wide") and rows["room here, with border"].endswith("high")
    desk.go(1)
    desk.click("kind_flat")
    desk.go(3)
    desk.settle()
    rows = {name.text(): value.text() for name, value in desk.card().readings._rows if not name.isHidden()}
    assert rows["pane takes up to"] == "176\u202fmm wide"


def test_cards_are_made_while_nobody_waits_and_show_the_newest_job_once_they_are_in_hand(desk):
    desk.shell.make_ready()
    desk.qtbot.waitUntil(lambda: len(desk.shell.cards) == 9, timeout=15000)
    line = desk.shell.cards["stencil"].findChild(QLineEdit, "border")
    desk.bench.edit("Border", stencil__border=17.5)
    assert not line.text().startswith("17.5")              # nobody sees it: no letter typed waits for it
    desk.go(4)
    assert line.text().startswith("17.5")


def test_a_number_past_its_bounds_is_told_by_the_name_that_the_field_has_on_screen(desk):
    told = []
    desk.bench.refused.connect(told.append)
    desk.go(4)
    desk.type_into("border", "8763 mm")
    assert told == ["Border: at most 500\u202fmm, not 8763\u202fmm"]
