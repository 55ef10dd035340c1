"""For everyone: names for screen readers, room for unsteady hands, the keyboard's way through each station."""

import pytest
from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QAccessible
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractSpinBox,
    QComboBox,
    QHeaderView,
    QLineEdit,
    QPlainTextEdit,
    QTableWidget,
    QWidget,
)

from specimens import job
from vitrograph.core.stations import STATIONS

FIELDS = (QAbstractButton, QLineEdit, QComboBox, QAbstractSpinBox, QPlainTextEdit, QTableWidget)
LEAST_PX = 24                      # WCAG 2.2, success criterion 2.5.8
ROW_PX = 14                        # what stands so little apart stands in one row


def fields(within):
    """What can be used now, and is not a part of something else that can."""
    return [one for one in within.findChildren(QWidget) if isinstance(one, FIELDS) and one.isVisible()
            and one.isEnabled() and not isinstance(one.parent(), QComboBox | QAbstractSpinBox | QHeaderView)]


@pytest.mark.parametrize("station", STATIONS)
def test_all_that_is_used_has_a_name_and_room_and_is_reached_by_keys(open_desk, station):
    """Names are those of Qt's own accessibility tree, which screen readers are given."""
    desk = open_desk(job("KO"))
    desk.bench.go(station)
    QTest.qWait(150)
    for one in fields(desk.shell):
        told = QAccessible.queryAccessibleInterface(one)
        called = f"{type(one).__name__} {one.objectName()}"
        assert told is not None and told.text(QAccessible.Text.Name).strip(), f"no name: {called}"
        assert told.role() != QAccessible.Role.NoRole, called
        assert min(one.width(), one.height()) >= LEAST_PX, f"{called}: {one.width()} x {one.height()}"
        assert one.focusPolicy() & Qt.FocusPolicy.TabFocus, f"not reached by the keyboard: {called}"


@pytest.mark.parametrize("station", STATIONS)
def test_the_keyboard_goes_the_way_of_the_eye(open_desk, station):
    """Down a card row by row, each from the left (WCAG 2.2, 2.4.3)."""
    desk = open_desk(job("KO"))
    desk.bench.go(station)
    QTest.qWait(150)
    body = desk.card().widget()
    wanted = set(fields(body))
    chain, at = [], body.nextInFocusChain()
    while at is not body:
        if at in wanted:
            chain.append(at)
        at = at.nextInFocusChain()
    assert len(chain) == len(wanted) > 0
    places = [one.mapTo(body, QPoint(0, 0)) for one in chain]
    for before, after, one in zip(places, places[1:], chain[1:], strict=False):
        later = after.y() > before.y() - ROW_PX
        assert later, f"{station}: {one.objectName()} stands above what the keyboard comes from"
        if abs(after.y() - before.y()) < ROW_PX:
            assert after.x() > before.x(), f"{station}: {one.objectName()} stands left of it"
