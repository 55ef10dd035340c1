"""All that can be done from anywhere: each under keys of its own, and each doing what its words say."""

import json
from collections import Counter

import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLineEdit

from specimens import LANTERN, job
from vitrograph.core.job import Order
from vitrograph.core.stations import STATIONS
from vitrograph.desk.commands import commands_of
from vitrograph.desk.keys import default_file
from vitrograph.desk.kit.terms import guide_text, terms


@pytest.fixture
def two(open_desk):
    """An order of two pieces in a window."""
    return open_desk(Order.of(job("K", name="Mug"), job("B", name="Lamp", glass=LANTERN)))


def command(desk, words):
    return next(one for one in commands_of(desk.shell) if one.words == words)


def test_no_key_does_two_things_and_menus_show_the_keys_that_work(desk):
    every = commands_of(desk.shell)
    keys = Counter(QKeySequence(key).toString() for one in every for key in one.keys)
    assert not [key for key, many in keys.items() if many > 1]
    assert len({one.words for one in every}) == len(every)
    shown = {action.text(): action.shortcut().toString() for action in desk.shell.top.menu_button.menu().actions()
             if not action.isSeparator()}
    assert shown == {one.words: one.keys[0] if one.keys else "" for one in every if one.part}


def give(window, words, keys):
    """Choose a command in the window of keys and press new ones for it."""
    table = window.table
    row = next(row for row in range(table.rowCount()) if table.item(row, 0).text() == words)
    table.selectRow(row)
    window.pressed.setKeySequence(QKeySequence(keys))
    window.pressed.editingFinished.emit()
    return table.item(row, 1).text()


def test_keys_are_changed_in_every_window_and_stay_so(two, open_desk):
    beside = open_desk(Order.of(job("K")))
    window = command(two, "Keys of the commands").does()
    assert give(window, "Next piece", "Ctrl+J") == "Ctrl+J"
    window.close()
    two.shell.activateWindow()
    assert QTest.qWaitForWindowActive(two.shell)
    QTest.keyClick(two.shell, Qt.Key.Key_J, Qt.KeyboardModifier.ControlModifier)
    assert two.bench.job.name == "Lamp"
    window = command(two, "Keys of the commands").does()
    assert give(window, "Work packet", "Ctrl+L") == "Ctrl+L" and "(Ctrl+L)" in two.shell.top.packet.toolTip()
    assert beside.shell.keys.shown("Next piece") == "Ctrl+J"
    assert json.loads(default_file().read_text()) == {"Next piece": "Ctrl+J", "Work packet": "Ctrl+L"}
    window.none.click()
    assert two.shell.keys.shown("Work packet") == "" and two.shell.top.packet.toolTip().endswith("at the bench")
    window.all.click()
    assert two.shell.keys.shown("Next piece") == "Ctrl+PgDown" and json.loads(default_file().read_text()) == {}


def test_keys_that_are_taken_are_refused_with_the_reason(desk):
    window = command(desk, "Keys of the commands").does()
    before = {words: action.shortcut().toString() for words, action in desk.shell.keys.actions.items()}
    for words, keys, why in (("Next finding", "Ctrl+S", "Ctrl+S belongs to “Save”"), ("Save", "Space", "ticks a step"),
                             ("Go to fit", "Ctrl+J", "they are the numbers on the screen")):
        give(window, words, keys)
        assert why in window.said.text()
    assert before == {words: action.shortcut().toString() for words, action in desk.shell.keys.actions.items()}
    give(window, "New order", "")
    window.none.click()
    give(window, "Save", "Ctrl+N")
    give(window, "New order", "")
    window.usual.click()                                      # what it was belongs to another by now
    assert "Ctrl+N belongs to “Save”" in window.said.text() and desk.shell.keys.shown("New order") == ""


@pytest.mark.parametrize("told", ["[]", "{", '{"Save": 3}', '{"Save": "Space", "Redo": "Ctrl+Z", "Nothing": "F5"}'])
def test_a_file_of_keys_spoiled_by_hand_gives_no_key_twice(told, open_desk):
    default_file().parent.mkdir(parents=True, exist_ok=True)
    default_file().write_text(told)
    keys = open_desk(Order.of(job("K"))).shell.keys
    given = Counter(key.toString() for action in keys.actions.values() for key in action.shortcuts())
    assert max(given.values()) == 1 and "Space" not in given and keys.shown("Undo") == "Ctrl+Z"


def test_stations_and_pieces_and_lengths(two):
    desk = two
    for station in STATIONS:
        command(desk, f"Go to {station}").does()
        assert desk.bench.station == station
    desk.bench.go("fit")
    command(desk, "Next piece").does()
    assert desk.bench.job.name == "Lamp"
    command(desk, "Previous piece").does()
    assert desk.bench.job.name == "Mug"
    command(desk, "Lengths in inches").does()
    assert desk.bench.unit == "in"
    command(desk, "Lengths in mm").does()
    command(desk, "Undo").does()
    assert desk.bench.unit == "in"
    command(desk, "Redo").does()
    assert desk.bench.unit == "mm"


def test_the_views_are_turned_and_enlarged(desk):
    glass, sheet = desk.shell.glass_view, desk.shell.sheet_view
    command(desk, "Turn the glass right").does()
    right = glass.turn
    command(desk, "Turn the glass left").does()
    assert right > 0 and glass.turn == pytest.approx(0.0)
    command(desk, "See the glass from behind").does()
    assert abs(glass.turn) == pytest.approx(3.14159, abs=1e-4)
    command(desk, "See the glass at eye level").does()
    assert glass.level
    whole = sheet.frame()[0]
    command(desk, "Sheet larger").does()
    assert sheet.frame()[0] == pytest.approx(1.25 * whole)
    command(desk, "Sheet smaller").does()
    assert sheet.frame()[0] == pytest.approx(whole)
    command(desk, "Sheet larger").does()
    command(desk, "Whole sheet").does()
    assert sheet.frame()[0] == pytest.approx(whole)


def test_a_letter_typed_into_a_field_is_no_command(desk):
    desk.go(1)
    line = desk.find(QLineEdit, "jobName")
    line.setFocus()
    QTest.keyClicks(line, "Be,")
    assert "Be," in line.text() and desk.shell.glass_view.turn == 0.0 and not desk.shell.glass_view.level
    QTest.keyClick(line, Qt.Key.Key_Escape)


def test_the_words_of_the_trade_are_explained_once_each_in_a_sentence():
    told = terms()
    assert len(told) >= 18 and {"Web", "Island", "Border", "Tie", "Weeding", "Collar"} <= set(told)
    for term, says in told.items():
        assert says.endswith(".") and 20 < len(says) < 200, term
    assert guide_text().count("## The words of the trade") == 1
