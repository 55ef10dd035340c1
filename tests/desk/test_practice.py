"""The practice run: all nine stations walked on the demo by clicks and keys, left, and come back to."""

import pytest
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QComboBox, QListWidget, QPlainTextEdit

from vitrograph.core.demo import demo_order
from vitrograph.desk.practice import TASKS, PracticeBar, keep_place
from vitrograph.desk.seen import Seen


@pytest.fixture
def run(open_desk, tmp_path):
    """The demo's tumblers in a window, and a practice run that has begun."""
    desk = open_desk(demo_order())
    desk.shell.listed, desk.shell.windows.seen = False, Seen(tmp_path / "seen")
    practice = desk.shell.windows.practise()
    return desk, practice


def on_to(desk, practice, station):
    """Wait until the run stands at a station."""
    desk.qtbot.waitUntil(lambda: practice.task.station == station, timeout=30000)
    desk.settle()
    assert desk.bench.station == station and desk.says("practiceSays") == practice.task.says


def test_the_nine_stations_are_walked_by_hand(run):
    desk, practice = run
    on_to(desk, practice, "glass")
    desk.click("practiceShow")
    assert desk.card().focusWidget().objectName() == "rim"
    desk.type_into("rim", "85")
    on_to(desk, practice, "artwork")
    items = desk.find(QListWidget, "items")
    items.setCurrentRow(next(row for row in range(items.count()) if "Kestrel" in items.item(row).text()))
    words = desk.card().words.findChild(QPlainTextEdit)
    words.selectAll()
    for letter in "Night Walk":                                # no task ends in the middle of a word
        QTest.keyClicks(words, letter)
        desk.settle()
    assert desk.bench.station == "artwork" and words.toPlainText() == "Night Walk"
    on_to(desk, practice, "fit")
    desk.type_into("from_rim", "24")
    on_to(desk, practice, "stencil")
    desk.bench.remedy(next(found.remedies[0] for found in desk.results.findings("stencil") if found.remedies))
    on_to(desk, practice, "cut")
    desk.click("trial")
    on_to(desk, practice, "weed")
    for _ in range(3):
        desk.click("weedStepsNext")
    on_to(desk, practice, "transfer")
    desk.click("transferStepsNext")
    on_to(desk, practice, "etch")
    recipe = desk.find(QComboBox, "recipe")
    recipe.setCurrentIndex((recipe.currentIndex() + 1) % recipe.count())
    recipe.activated.emit(recipe.currentIndex())
    on_to(desk, practice, "logbook")
    desk.qtbot.waitUntil(lambda: desk.bench.order_results.complete, timeout=20000)
    desk.click("writeDown")
    desk.qtbot.waitUntil(lambda: "all nine" in desk.says("message"), timeout=5000)
    desk.qtbot.waitUntil(lambda: desk.shell.findChild(PracticeBar) is None, timeout=5000)
    assert desk.shell.windows.practise() is not practice, "it begins anew"


def test_it_is_left_and_come_back_to_and_what_a_hand_wrote_there_is_no_matter(run, tmp_path):
    desk, practice = run
    for _ in range(2):
        desk.click("practiceSkip")
    on_to(desk, practice, "fit")
    desk.click("practiceLeave")
    assert "waits here" in desk.says("message")
    again = desk.shell.windows.practise()
    assert again.task.station == "fit" and desk.shell.windows.practise() is again
    desk.click("practiceLeave")
    for spoiled in ("x", "99", "-1", ""):
        (tmp_path / "seen" / "practice").write_text(spoiled)
        anew = desk.shell.windows.practise()
        assert anew.task.station == "glass"
        anew.leave()
    assert [task.station for task in TASKS] == list(desk.shell.line.buttons), "one at each station, in their order"


def test_it_is_offered_once(run, tmp_path):
    desk, practice = run
    practice.leave()
    skipped = tmp_path / "elsewhere" / "practice"
    desk.shell.files.offer_practice(desk.shell.windows.practise, lambda: keep_place(skipped, 0))
    desk.click("lookRound")
    assert skipped.read_text() == "0"
    keep_place(skipped / "under a file", 1)                    # which cannot be, and is no matter


def test_from_an_order_of_ones_own_the_demo_is_opened(desk, monkeypatch):
    asked = []
    monkeypatch.setattr("vitrograph.desk.windows.QProcess.startDetached",
                        lambda *words: asked.append(words) or (True, 1))
    assert desk.shell.windows.practise() is None and asked[0][1] == ["-m", "vitrograph", "demo"]
    monkeypatch.setattr("vitrograph.desk.windows.QProcess.startDetached", lambda *_words: (False, 0))
    desk.shell.windows.demo()
    assert "could not be started" in desk.says("message")


def test_from_the_demo_another_window_is_a_program_of_its_own(desk, monkeypatch):
    asked = []
    monkeypatch.setattr("vitrograph.desk.windows.QProcess.startDetached",
                        lambda *words: asked.append(words) or (len(asked) == 1, 1))
    desk.shell.listed = False                                  # as the demo's is
    desk.shell.windows.another()
    assert asked[0][1] == ["-m", "vitrograph", "new"]
    desk.shell.windows.another()
    assert "could not be opened: run vitrograph new" in desk.says("message")
