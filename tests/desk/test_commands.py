"""All that can be done from anywhere: each under keys of its own, and each doing what its words say."""

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
from vitrograph.desk.guide_window import guide_text, terms


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
    shown = {action.text(): action.shortcut().toString() for action in desk.shell.top.menu_button.menu().actions()}
    for one in every:
        if one.kept:
            assert shown[one.words] == one.keys[0], one.words


def test_stations_and_pieces_and_lengths(two):
    desk = two
    for station in STATIONS:
        command(desk, f"Go to {station}").does()
        assert desk.bench.station == station
    desk.bench.go("fit")
    command(desk, "Next piece").does()
    assert desk.bench.job.name == "Lamp"
    command(desk, "Last piece").does()
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
