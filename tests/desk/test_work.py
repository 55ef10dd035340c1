"""From Cut on: the trial, the steps for gloved hands, the timers, and the logbook."""

import numpy as np
import pypdf
import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtPrintSupport import QPrintDialog
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QLineEdit,
    QPlainTextEdit,
    QPushButton,
    QRadioButton,
    QSpinBox,
    QTableWidget,
)

from specimens import BRIEF, LANTERN, job, star_job
from vitrograph.core.logbook import Entry
from vitrograph.core.stations import STATIONS
from vitrograph.core.work import Clock, StepRef
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
        card.write(kind, tmp_path / "second.svg")              # nothing that is asked for is dropped unsaid
        assert "A file is still being read or written" in desk.says("message")
        desk.qtbot.waitUntil(lambda: not card.writing.busy, timeout=10000)
        assert (tmp_path / name).stat().st_size > 200
    assert "written: a.pdf" in desk.says("message").lower() and not (tmp_path / "second.svg").exists()
    card.write("svg", tmp_path / "no" / "a.svg")
    desk.qtbot.waitUntil(lambda: "cannot be written" in desk.says("message"))


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
    assert desk.says("weedStepsCount") == f"{len(pull) + 1} left of {len(pull) + 1}"
    for _ in pull:
        desk.press(Qt.Key.Key_Space)
    assert "5 islands must still be there" in desk.says("weedStepsSays")
    desk.press(Qt.Key.Key_Space)
    assert "Weeded" in desk.says("weedStepsSays")
    desk.go(7)
    desk.go(6)
    assert "Weeded" in desk.says("weedStepsSays")                # the bench remembers where the maker was


def test_two_windows_on_one_order_show_the_same_though_no_clock_runs(open_desk):
    one, other = open_desk(job("BOB")), open_desk(job("BOB"))
    for desk in (one, other):
        desk.bench.go("weed")
        desk.settle()
    one.find(QPushButton, "weedStepsNext").click()
    other.qtbot.waitUntil(lambda: "Pull 2: letter" in other.says("weedStepsSays"), timeout=6000)
    other.find(QPushButton, "weedStepsNext").click()
    one.qtbot.waitUntil(lambda: "Pull 3: " in one.says("weedStepsSays"), timeout=6000)
    assert one.bench.making.progress == other.bench.making.progress


def test_bits_are_ticked_by_a_click_on_the_sheet_and_all_of_a_letter_at_once(open_desk):
    desk = open_desk(job("i!", width=30.0))
    desk.go(6)
    view, weed, making = desk.shell.sheet_view, desk.results.weed, desk.bench.making
    last = weed.pull[-1]
    x, y = view.to_screen(np.array([last.spot]))[0]
    for many in (1, 0, 1):                                     # a click ticks, another takes the tick back
        QTest.mouseClick(view, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, QPoint(round(x), round(y)))
        assert len(making.progress.done) == many
    assert desk.says("weedStepsSays") == "Pull 1: the surplus"     # the step at hand is the first that is left
    desk.press(Qt.Key.Key_Space)
    assert "sign !" in desk.says("weedStepsSays") and last.name != weed.pull[1].name
    before = len(making.progress.done)
    desk.click("tickAlike")
    assert len(making.progress.done) == before + 2             # the dot and the stem
    desk.press(Qt.Key.Key_Backspace)
    assert len(making.progress.done) == before + 1


def test_minutes_are_a_guess_and_then_the_makers_own(open_desk):
    desk = open_desk(job("Kestrel Point Observatory", width=90.0))
    now = [1_000_000.0]
    desk.bench.making.now = lambda: now[0]
    desk.go(6)
    assert "a guess" in desk.says("weedMinutes")
    for _ in range(14):
        now[0] += 4.0
        desk.press(Qt.Key.Key_Space)
    assert "from 13 of your own ticks" in desk.says("weedMinutes")


def test_ticks_are_kept_where_a_bit_is_as_it_was_and_said_where_it_is_not(open_desk):
    desk = open_desk(job("Hi", width=40.0))
    desk.go(6)
    for _ in range(3):
        desk.press(Qt.Key.Key_Space)
    desk.bench.edit("Border", stencil__border=16.0)
    desk.settle()
    assert desk.says("weedStepsCount") == "1 left of 4" and not desk.says("weedChanged")
    desk.bench.edit("Words", artwork__items__0__what__text="Ho", artwork__items__0__size=42.0)
    desk.settle()
    assert desk.says("weedChanged").startswith("2 bits you had ticked off have changed since")


def test_what_tore_is_patched_tied_or_cut_again(open_desk, tmp_path):
    desk = open_desk(job("BO", width=40.0))
    desk.go(6)
    trouble = desk.card().trouble
    assert trouble.which.count() == len(desk.results.weed.stay) + len(desk.results.weed.pull) - 1
    trouble.write_patch(tmp_path / "patch.pdf")
    desk.qtbot.waitUntil((tmp_path / "patch.pdf").exists, timeout=5000)
    page = pypdf.PdfReader(tmp_path / "patch.pdf").pages[0]
    assert "inside of letter" in page.extract_text() and "100 mm" in page.extract_text()
    desk.go(5)
    desk.find(QLineEdit, "cutterAt").setText(f"file:{tmp_path / 'again.plt'}")
    desk.go(6)
    desk.click("cutAgain")
    desk.qtbot.waitUntil(lambda: (tmp_path / "again.plt").exists() and not desk.card().driving.busy, timeout=15000)
    assert desk.bench.station == "cut" and (tmp_path / "again.plt").read_text().count("PD") >= 3
    desk.go(6)
    desk.click("tieBits")
    desk.settle()
    assert desk.bench.station == "stencil" and not desk.results.weed.stay


def test_of_two_films_that_lap_the_one_that_tore_is_cut_again(open_desk):
    desk = open_desk(job("Bo\n\nPa", width=30.0, fit__rows=2, count=2))
    desk.go(6)
    trouble, cut = desk.card().trouble, []
    trouble.again_wanted.disconnect()
    trouble.again_wanted.connect(cut.append)
    films = [trouble._bits[at].film for at in range(trouble.which.count())]
    assert set(films) == {0, 1}
    for film in (1, 0):
        trouble.which.setCurrentIndex(films.index(film))
        desk.click("cutAgain")
        desk.qtbot.waitUntil(lambda: bool(cut), timeout=15000)
        (lies,) = cut.pop().sheet.laid
        assert lies.part.film == film


def test_transfer_shows_where_the_stencil_goes(open_desk):
    desk = open_desk(star_job(fit__from_rim=45.0))
    desk.go(7)
    assert "No tape" in desk.says("transferStepsSays")
    for _ in range(3):
        desk.press(Qt.Key.Key_Space)
    assert "its upper edge 25\u202fmm below the rim" in desk.says("transferStepsSays")
    desk.click("unit_in")
    assert "63/64" not in desk.says("transferStepsSays") and "mm" not in desk.says("transferStepsSays")


def test_every_copy_round_a_glass_is_walked_at_its_own_place(open_desk, tmp_path):
    desk = open_desk(star_job(glass=LANTERN, width=20.0, stencil__border=8.0, fit__times=2))
    desk.go(7)
    while "Mark where" not in desk.says("transferStepsSays"):
        desk.press(Qt.Key.Key_Space)
    assert desk.says("copySays") == "Stencil 1 of 2" and "at the front mark" in desk.says("transferStepsSays")
    desk.click("copyAfter")
    desk.card().walker.setFocus()
    while "Mark where" not in desk.says("transferStepsSays"):
        desk.press(Qt.Key.Key_Space)
    assert "(180°)" in desk.says("transferStepsSays")
    desk.card().write_collar(tmp_path / "collar.pdf")
    desk.qtbot.waitUntil((tmp_path / "collar.pdf").exists, timeout=5000)
    text = "".join(page.extract_text() for page in pypdf.PdfReader(tmp_path / "collar.pdf").pages)
    assert "upper middle" in text and "front" in text


def test_the_way_the_tape_and_the_settling_are_chosen_on_the_card(open_desk):
    desk = open_desk(job("BOB"))
    card = desk.go(7)
    way = desk.find(QComboBox, "settingWay")
    way.setCurrentIndex(way.findData("hinge"))
    way.activated.emit(way.currentIndex())
    desk.type_into("settle", "30")
    desk.settle()
    assert desk.bench.job.transfer.way == "hinge" and desk.results.transfer.steps[-1].seconds == 1800
    assert "Hinge, half by half" in card.why.text()
    assert way.findData("lowered") < 0                         # only for a pane that can be lifted


@pytest.mark.parametrize(("station", "field", "typed", "part", "name", "is_now"), [
    (7, "tapeMargin", "9", "transfer", "margin", 9.0), (7, "tapeTop", "30", "transfer", "top_extra", 30.0),
    (7, "tapeOverlap", "5", "transfer", "overlap", 5.0), (4, "seal", "2.5", "stencil", "seal", 2.5),
    (5, "mat_length", "30 cm", "cut", "mat_length", 300.0), (5, "mat_edge", "7", "cut", "edge", 7.0),
    (5, "travel_speed", "150", "cut", "travel_speed", 150.0)])
def test_what_is_seldom_changed_has_its_field_too(desk, station, field, typed, part, name, is_now):
    desk.go(station)
    desk.type_into(field, typed)
    assert getattr(getattr(desk.bench.job, part), name) == is_now
    desk.bench.undo_stack.undo()
    assert desk.find(QLineEdit, field).text() != typed


def test_the_packet_is_written_and_printed_at_true_size(desk, tmp_path, monkeypatch):
    desk.shell.files.write_packet(tmp_path / "packet.pdf")
    desk.qtbot.waitUntil(lambda: not desk.shell.files.writing.busy, timeout=15000)
    written = len(pypdf.PdfReader(tmp_path / "packet.pdf").pages)
    monkeypatch.setattr(QPrintDialog, "exec", lambda dialog: dialog.printer().setOutputFileName(
        str(tmp_path / "printed.pdf")) or QPrintDialog.DialogCode.Accepted)
    said, closed = [], []
    desk.bench.told.connect(said.append)
    printing, far = desk.shell.files.printing, []
    printing.far.connect(far.append)
    desk.shell.files.print_packet()
    desk.shell.files.print_packet()                            # at once again
    assert printing.busy and not desk.shell.files.close_guarded(lambda: closed.append(len(said)))
    with desk.qtbot.waitSignal(printing.done, timeout=15000):
        pass
    assert f"the packet: page 1 of {written} is printed" in far and closed == [len(said)], "the window closes then"
    assert said[-1] == f"the packet: {written} pages are printed"
    pages = pypdf.PdfReader(tmp_path / "printed.pdf").pages
    assert len(pages) == written
    for page in pages:
        sides = sorted(float(side) / 72 * 25.4 for side in page.mediabox[2:])
        assert sides == pytest.approx([210.0, 297.0], abs=0.5)


@pytest.mark.qt_log_ignore("QPainter", "QPdfEngine")            # of a printer that takes nothing
def test_only_the_pages_chosen_in_the_dialog_are_printed_in_its_order(desk, tmp_path, monkeypatch):
    wanted, said = {"from": 2, "to": 3}, []
    desk.shell.files.write_packet(tmp_path / "packet.pdf")
    desk.qtbot.waitUntil(lambda: not desk.shell.files.writing.busy, timeout=15000)
    whole = len(pypdf.PdfReader(tmp_path / "packet.pdf").pages)

    def choose(dialog):
        dialog.findChild(QRadioButton, "printRange").setChecked(True)
        for name, page in wanted.items():
            dialog.findChild(QSpinBox, name).setValue(page)
        dialog.findChild(QCheckBox, "reverse").setChecked(True)
        dialog.accept()
        dialog.printer().setOutputFileName(str(tmp_path / f"{wanted['from']}.pdf"))
        return QPrintDialog.DialogCode.Accepted

    monkeypatch.setattr(QPrintDialog, "exec", choose)
    desk.bench.told.connect(said.append)
    desk.bench.refused.connect(said.append)
    drawn = []
    monkeypatch.setattr("vitrograph.desk.printing.PrinterCanvas.drawString",
                        lambda _canvas, _x, _y, words: drawn.append(str(words)))
    desk.shell.files.print_packet()
    desk.qtbot.waitUntil(lambda: bool(said) and "printed" in said[-1], timeout=15000)
    assert said[-1] == "the packet: 2 pages are printed"
    assert len(pypdf.PdfReader(tmp_path / "2.pdf").pages) == 2
    assert drawn.index("Untitled: weed") < drawn.index("Cut"), "the third page before the second"
    wanted.update({"from": 90, "to": 99})
    desk.shell.files.print_packet()
    desk.qtbot.waitUntil(lambda: "chose" in said[-1], timeout=15000)
    assert said[-1] == f"the packet has {whole} pages: none of those you chose is among them"
    wanted.update({"from": 1, "to": 1})
    (tmp_path / "1.pdf").mkdir()
    desk.shell.files.print_packet()
    desk.qtbot.waitUntil(lambda: said[-1].startswith("the packet could not be printed by the printer"), timeout=15000)
    assert not desk.shell.files.printing.busy


@pytest.mark.parametrize("at_work", [True, False], ids=["worked out", "printed"])
def test_printing_is_stopped_by_a_button_that_goes_with_it(desk, tmp_path, monkeypatch, at_work):
    monkeypatch.setattr(QPrintDialog, "exec", lambda dialog: dialog.printer().setOutputFileName(
        str(tmp_path / "printed.pdf")) or QPrintDialog.DialogCode.Accepted)
    said, far, printing = [], [], desk.shell.files.printing
    desk.bench.told.connect(said.append)
    printing.far.connect(far.append)
    desk.shell.files.print_packet()
    if not at_work:
        desk.qtbot.waitUntil(lambda: len(far) > 1, timeout=15000)
    desk.click("stopPrinting")
    assert not printing.busy and said[-1] == "the packet: printing is stopped"
    assert desk.shell.findChild(QPushButton, "stopPrinting") is None
    told = len(far)
    desk.qtbot.wait(200)
    assert len(far) == told, "no page comes after it"
    desk.shell.files.print_packet()                            # and it can be printed anew, whole
    with desk.qtbot.waitSignal(printing.done, timeout=15000):
        pass
    assert said[-1].endswith("pages are printed") and far[-1].count(str(len(far) - told - 1)) == 2


def test_any_station_prints_what_is_wanted_there(desk, tmp_path, monkeypatch):
    """The dialog is the system's: answered with yes, onto a file."""
    asked = []

    def say_yes(dialog):
        asked.append(dialog.windowTitle())
        dialog.printer().setOutputFileName(str(tmp_path / f"{desk.bench.station}.pdf"))
        return QPrintDialog.DialogCode.Accepted

    monkeypatch.setattr(QPrintDialog, "exec", say_yes)
    for number, station in enumerate(STATIONS, start=1):
        desk.go(number)
        desk.press(Qt.Key.Key_P, Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.ShiftModifier)
        desk.qtbot.waitUntil(lambda: not desk.shell.files.printing.busy, timeout=15000)
        assert len(pypdf.PdfReader(tmp_path / f"{station}.pdf").pages) >= 1
    assert asked[2] == "Print the paper band at 100 %" and asked[5] == "Print the weeding at 100 %"


def test_a_clock_starts_by_itself_sounds_when_late_and_outlives_the_window(open_desk, monkeypatch):
    beeps, now = [], [1_000_000.0]
    monkeypatch.setattr("vitrograph.desk.kit.steps.QApplication.beep", lambda: beeps.append(1))
    desk = open_desk()
    desk.bench.making.now = lambda: now[0]
    desk.go(8)
    for _ in range(3):
        desk.press(Qt.Key.Key_Space)
    assert desk.find(QPushButton, "etchStepsNext").text() == "Done  (space)"       # the first dab was the third press
    now[0] += 20
    desk.press(Qt.Key.Key_Space)                                  # all is covered
    timer = desk.card().walker.timer
    assert desk.says("etchStepsClock") == "5:00" and timer.running
    now[0] += 100
    assert timer.left == pytest.approx(200)
    desk.qtbot.waitUntil(lambda: desk.shell.line.buttons["etch"].answer == "under way 3:20")
    assert "3:20, then stir" in desk.shell.windowTitle()
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


def test_space_after_the_last_step_presses_nothing(open_desk):
    desk = open_desk(job("I"))
    desk.go(6)
    for _ in desk.results.weed.steps:
        desk.click("weedStepsNext")
    assert desk.says("weedStepsCount") == "All done" and desk.card().walker.hasFocus()
    before = desk.bench.making.happened
    desk.press(Qt.Key.Key_Space)
    assert desk.bench.making.happened == before and desk.says("weedStepsCount") == "All done"


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
    desk.click("goBack")                                       # a slip: nothing of it is lost
    assert desk.shell.line.buttons["weed"].state == "under way" and not desk.find(QPushButton, "goBack").isVisible()
    desk.click("beginAnew")
    desk.go(6)
    assert desk.says("weedStepsSays") == "Pull 1: the surplus"
    desk.press(Qt.Key.Key_Space)
    desk.go(9)
    assert not desk.find(QPushButton, "goBack").isVisible(), "something has been done since"
    rest, now = StepRef("etch", 1, 1, "rest 1 300"), desk.bench.making.now()
    desk.bench.making.start_clocks([(rest, Clock(300.0, now))])
    desk.click("beginAnew")
    assert "see to that glass first" in desk.says("message") and desk.bench.making.progress.running()
    desk.bench.making.start_clocks([(rest, Clock(300.0, now - 9000.0))])
    desk.click("beginAnew")
    assert not desk.bench.making.begun, "one that was forgotten holds nobody up"


def test_the_logbook_says_how_the_same_went_before(open_desk):
    desk = open_desk(job(name="Dome", etch__recipe=BRIEF))
    desk.bench.log(Entry(made_on="2026-01-02", job="Dome", film="stencil", minutes=2.5, outcome="faint"))
    desk.go(9)
    assert desk.shell.line.buttons["logbook"].state == "watch"
    desk.click("remedy_before")
    assert desk.bench.job.etch.recipe.name == "Three minutes, worked"


def test_what_the_cut_station_finds_is_on_its_card_and_on_the_line(open_desk):
    desk = open_desk(job(cut__mat_width=40.0, cut__mat_length=60.0))
    desk.go(5)
    assert desk.shell.line.buttons["cut"].state == "watch"
    desk.click("unit_in")
    desk.qtbot.waitUntil(lambda: len(desk.card().findChildren(FindingRow)) == 1)
    said = desk.find(FindingRow, "finding_sheet").accessibleName()
    assert "2.23\u202fin wide" in said and "mm" not in said


def test_the_recipe_changes_the_etchs_clocks(desk):
    desk.go(8)
    recipe = desk.find(QComboBox, "recipe")
    recipe.setCurrentText("Three to five minutes")
    recipe.activated.emit(recipe.currentIndex())
    desk.settle()
    assert desk.shell.line.buttons["etch"].answer == "4:00 min"
    assert "Against it: faint" in desk.says("recipeSays")
    for _ in range(4):
        desk.press(Qt.Key.Key_Space)
    assert desk.says("etchStepsClock") == "4:00"


def test_a_line_is_written_down_listed_and_saved_as_csv(desk, tmp_path):
    card = desk.go(9)
    table = desk.find(QTableWidget, "entries")
    assert table.rowCount() == 0
    desk.find(QSpinBox, "count_faint").setValue(1)
    assert desk.says("goodCopies") == "0 of 1 came out good"
    desk.type_into("minutes", "12")
    QTest.keyClicks(desk.find(QPlainTextEdit, "note"), "thicker next time")
    desk.click("writeDown")
    entry = desk.bench.logbook.entries()[0]
    assert (entry.outcome, entry.minutes, entry.note) == ("faint", 12.0, "thicker next time")
    assert entry.glass == "taper 90>64 × 132 mm" and entry.art == "Kestrel"
    assert entry.cream == "Cream" and entry.web_mm is not None and desk.bench.logbook.made(1) is not None
    assert table.rowCount() == 1 and table.item(0, 2).text() == "faint"
    assert desk.shell.line.buttons["logbook"].answer == "1 of 1 written down"
    card.save_as_csv(tmp_path / "log.csv")
    desk.qtbot.waitUntil(lambda: not card.listing.busy)
    assert "thicker next time" in (tmp_path / "log.csv").read_text("utf-8")


def test_the_same_piece_is_not_written_down_twice_by_a_second_click(desk):
    desk.go(9)
    desk.find(QSpinBox, "count_faint").setValue(1)
    for _ in range(2):
        desk.click("writeDown")
    assert [entry.outcome for entry in desk.bench.logbook.entries()] == ["faint"]
    desk.click("stay")
    desk.click("writeDown")
    desk.click("writeMore")
    assert len(desk.bench.logbook.entries()) == 2
    desk.bench.making.tick(*desk.bench.making.refs("etch", desk.bench.job.key, 1, desk.results.etch.steps)[:1])
    desk.click("beginAnew")
    desk.click("writeDown")
    assert len(desk.bench.logbook.entries()) == 3, "made again, it is another"


def test_a_logbook_that_cannot_be_used_is_told(desk, tmp_path):
    (tmp_path / "logbook.sqlite").write_bytes(b"scribble " * 200)
    desk.go(9)
    assert "cannot be used" in desk.says("message")
    desk.click("writeDown")
    assert "cannot be used" in desk.says("message")
    with pytest.raises(OSError, match="cannot be used"):
        desk.bench.logbook.entries()
