"""From Cut on: the trial, the steps for gloved hands, the timers, and the logbook."""

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox, QPlainTextEdit, QPushButton, QTableWidget

from specimens import job, star_job
from vitrograph.core.logbook import Entry
from vitrograph.desk.kit.findings_list import FindingRow


def test_send_runs_the_simulated_cutter_and_draws_what_it_cuts(desk):
    desk.click("send")
    assert desk.bench.station == "cut"
    view = desk.shell.bed_view
    desk.qtbot.waitUntil(lambda: view.trace is not None and view.trace_mm > 20)
    assert len(view.trace) == len(view.run.cuts) == len(desk.results.cut.paths)
    assert f"{len(view.trace)} paths" in desk.says("trialSays")
    assert view.grab().toImage().width() > 100
    desk.bench.edit("Size", artwork__items__0__size=40.0)
    desk.settle()
    assert view.trace is None                                     # the trial belongs to the stencil it cut


def test_the_cut_station_writes_its_files_and_says_when_it_cannot(desk, tmp_path):
    card = desk.go(5)
    for kind, name in (("svg", "a.svg"), ("dxf", "a.dxf"), ("hpgl", "a.plt"), ("pdf", "a.pdf")):
        card.write(kind, tmp_path / name)
        assert (tmp_path / name).stat().st_size > 200
    assert "written: a.pdf" in desk.says("message").lower()
    card.write("svg", tmp_path / "no" / "a.svg")
    assert "cannot be written" in desk.says("message")


def test_weeding_is_walked_with_the_space_bar(open_desk):
    desk = open_desk(job("BOB"))
    desk.go(6)
    pull = desk.results.weed.pull
    assert desk.says("weedStepsSays") == "Pull 1: the surplus"
    desk.press(Qt.Key.Key_Space)
    assert "Pull 2: letter" in desk.says("weedStepsSays")
    assert desk.shell.sheet_view.spot is not None and desk.shell.sheet_view.spot.equals(pull[1].shape)
    desk.press(Qt.Key.Key_Backspace)
    assert desk.says("weedStepsSays") == "Pull 1: the surplus"
    for _ in pull:
        desk.press(Qt.Key.Key_Space)
    assert "5 islands must still be there" in desk.says("weedStepsSays")
    desk.press(Qt.Key.Key_Space)
    assert "Weeded" in desk.says("weedStepsSays")
    desk.go(7)
    desk.go(6)
    assert "Weeded" in desk.says("weedStepsSays")                # the bench remembers where the maker was


def test_transfer_shows_where_the_stencil_goes(open_desk):
    desk = open_desk(star_job(fit__from_rim=45.0))
    desk.go(7)
    assert "no tape" in desk.says("transferStepsSays")
    for _ in range(4):
        desk.press(Qt.Key.Key_Space)
    assert "25\u2009mm (left) and 25\u2009mm (right) from the rim" in desk.says("transferStepsSays")


def test_a_clock_runs_holds_sounds_when_late_and_outlives_the_window(open_desk, monkeypatch):
    beeps, now = [], [1_000_000.0]
    monkeypatch.setattr("vitrograph.desk.kit.steps.QApplication.beep", lambda: beeps.append(1))
    desk = open_desk()
    desk.bench.making.now = lambda: now[0]
    desk.go(8)
    for _ in range(3):
        desk.press(Qt.Key.Key_Space)
    timer = desk.card().walker.timer
    assert desk.says("etchStepsClock") == "5:00" and not timer.running
    desk.press(Qt.Key.Key_T)
    now[0] += 100
    assert timer.running and timer.left == pytest.approx(200)
    desk.qtbot.waitUntil(lambda: desk.shell.line.buttons["etch"].answer == "under way 3:20")
    desk.shell.close()                                            # the program ends in the second minute
    again = open_desk()
    again.bench.making.now = lambda: now[0]
    now[0] += 210
    again.go(8)
    timer = again.card().walker.timer
    assert timer.running and timer.left == pytest.approx(-10)
    again.qtbot.waitUntil(lambda: bool(beeps) and again.says("etchStepsClock") == "late 0:10", timeout=5000)
    again.press(Qt.Key.Key_T)
    now[0] += 50
    assert not timer.running and timer.left == pytest.approx(-10)
    again.press(Qt.Key.Key_Space)
    assert "Stir it" in again.says("etchStepsSays") and again.shell.line.buttons["etch"].answer == "under way, 4 done"


def test_each_of_several_glasses_has_steps_of_its_own(open_desk):
    desk = open_desk(job("I", count=2))
    desk.go(6)
    assert desk.says("copySays") == "Stencil 1 of 2"
    for _ in desk.results.weed.steps:
        desk.press(Qt.Key.Key_Space)
    assert "Weeded" in desk.says("weedStepsSays")
    assert desk.shell.line.buttons["weed"].answer == "under way, 2 done"
    assert desk.shell.line.buttons["weed"].state == "under way"
    desk.click("copyAfter")
    assert desk.says("copySays") == "Stencil 2 of 2" and desk.says("weedStepsSays") == "Pull 1: the surplus"
    desk.card().walker.setFocus()
    for _ in desk.results.weed.steps:
        desk.press(Qt.Key.Key_Space)
    assert (desk.shell.line.buttons["weed"].answer, desk.shell.line.buttons["weed"].state) == ("done", "done")


def test_an_order_is_made_again_from_the_first_step(desk):
    desk.go(6)
    desk.press(Qt.Key.Key_Space)
    assert desk.shell.line.buttons["weed"].state == "under way"
    desk.go(9)
    desk.click("beginAnew")
    assert desk.shell.line.buttons["weed"].state == "good" and not desk.find(QPushButton, "beginAnew").isVisible()
    desk.go(6)
    assert desk.says("weedStepsSays") == "Pull 1: the surplus"


def test_the_logbook_says_how_the_same_went_before(open_desk):
    desk = open_desk(job(name="Dome", etch__school="brief-worked"))
    desk.bench.log(Entry("2026-01-02", "Dome", "g", "a", "stencil", "brief-worked", 2.5, 1, "faint", "thicker"))
    desk.go(9)
    assert desk.shell.line.buttons["logbook"].state == "watch"
    desk.click("remedy_before")
    assert desk.bench.job.etch.school == "five-stir-five"


def test_what_the_cut_station_finds_is_on_its_card_and_on_the_line(open_desk):
    desk = open_desk(job(cut__mat_width=40.0, cut__mat_length=60.0))
    desk.go(5)
    assert desk.shell.line.buttons["cut"].state == "watch"
    desk.click("unit_in")
    desk.qtbot.waitUntil(lambda: len(desk.card().findChildren(FindingRow)) == 1)
    said = desk.find(FindingRow, "finding_sheet").accessibleName()
    assert "2.23\u2009in wide" in said and "mm" not in said


def test_the_school_changes_the_etchs_timers(desk):
    desk.go(8)
    desk.click("school_brief-worked")
    desk.settle()
    assert desk.shell.line.buttons["etch"].answer == "2:30 min"
    for _ in range(3):
        desk.press(Qt.Key.Key_Space)
    assert desk.says("etchStepsClock") == "2:30"


def test_the_arrow_keys_choose_between_schools(desk):
    desk.go(8)
    chosen = desk.find(QPushButton, "school_five-stir-five")
    chosen.setFocus()
    QTest.keyClick(chosen, Qt.Key.Key_Right)
    assert desk.bench.job.etch.school == "long-still"


def test_a_line_is_written_down_listed_and_saved_as_csv(desk, tmp_path):
    card = desk.go(9)
    table = desk.find(QTableWidget, "entries")
    assert table.rowCount() == 0
    desk.find(QComboBox, "outcome").setCurrentText("faint")
    desk.type_into("minutes", "12")
    QTest.keyClicks(desk.find(QPlainTextEdit, "note"), "thicker next time")
    desk.click("writeDown")
    entry = desk.bench.logbook.entries()[0]
    assert (entry.outcome, entry.minutes, entry.note) == ("faint", 12.0, "thicker next time")
    assert entry.glass == "taper 90>64 × 132 mm" and entry.art == "Kestrel"
    assert table.rowCount() == 1 and table.item(0, 2).text() == "faint"
    assert desk.shell.line.buttons["logbook"].answer == "1 kept"
    card.save_as_csv(tmp_path / "log.csv")
    assert "thicker next time" in (tmp_path / "log.csv").read_text("utf-8")


def test_a_logbook_that_cannot_be_used_is_told(desk, tmp_path):
    (tmp_path / "logbook.sqlite").write_bytes(b"scribble " * 200)
    desk.go(9)
    assert "cannot be used" in desk.says("message")
    desk.click("writeDown")
    assert "cannot be used" in desk.says("message")
    with pytest.raises(OSError, match="cannot be used"):
        desk.bench.logbook.entries()
