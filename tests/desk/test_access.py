"""For everyone: names for screen readers, room for unsteady hands, the keyboard's way; and screens of 800 x 600."""

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
from vitrograph.core.demo import open_night
from vitrograph.core.job import Drawing, Words
from vitrograph.core.stations import STATIONS
from vitrograph.desk.glass.shelf_row import ShelfRow
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.look import Look
from vitrograph.desk.order.columns_window import ColumnsWindow

FIELDS = (QAbstractButton, QLineEdit, QComboBox, QAbstractSpinBox, QPlainTextEdit, QTableWidget)
LEAST_PX = 24                      # WCAG 2.2, success criterion 2.5.8
SCREEN = (796, 574)                # of 800 x 600 px what a window's frame leaves
NAMES = 4                          # the piece of the demo that has a list of names
ROW_PX = 14                        # what stands so little apart stands in one row


def fields(within):
    """What can be used now, and is not a part of something else that can."""
    return [one for one in within.findChildren(QWidget) if isinstance(one, FIELDS) and one.isVisible()
            and one.isEnabled() and not isinstance(one.parent(), QComboBox | QAbstractSpinBox | QHeaderView)]


def is_reached(one):
    """By Tab; of choices of which one holds, Tab reaches that one, and the arrows lead on (as Qt and ARIA have it)."""
    group = one.group() if isinstance(one, QAbstractButton) else None
    beside = [one] if group is None or not group.exclusive() else group.buttons()
    return any(other.focusPolicy() & Qt.FocusPolicy.TabFocus for other in beside)


def check_all_used(within):
    """Names are those of Qt's own accessibility tree, which screen readers are given."""
    assert fields(within)
    for one in fields(within):
        told = QAccessible.queryAccessibleInterface(one)
        called = f"{type(within).__name__}: {type(one).__name__} {one.objectName()}"
        assert told is not None and told.text(QAccessible.Text.Name).strip(), f"no name: {called}"
        assert told.role() != QAccessible.Role.NoRole, called
        assert min(one.width(), one.height()) >= LEAST_PX, f"{called}: {one.width()} x {one.height()}"
        assert is_reached(one), f"not reached by the keyboard: {called}"


@pytest.mark.parametrize("station", STATIONS)
def test_all_that_is_used_has_a_name_and_room_and_is_reached_by_keys(open_desk, station):
    desk = open_desk(job("KO"))
    desk.bench.go(station)
    QTest.qWait(150)
    check_all_used(desk.shell)


def beside(desk):
    """Open every window that stands beside the main one, and every page of those that have some."""
    windows = desk.shell.windows
    yield desk.card().findChild(ShelfRow).open()
    helpers = desk.card().open_helpers()
    for row in range(helpers.names.count()):
        if not helpers.names.item(row).isHidden():
            helpers.names.setCurrentRow(row)
            yield helpers
    desk.bench.go("artwork")
    desk.settle()
    for kind, open_it in ((Words, desk.card().words.open_faces), (Drawing, desk.card().drawing.open_tidying)):
        desk.bench.choose(next(item.key for item in desk.bench.job.artwork.items if isinstance(item.what, kind)))
        desk.settle()
        yield open_it()
    desk.bench.go("etch")
    QTest.qWait(150)
    yield windows.recipe(desk.card())
    yield windows.workshop()
    owned = windows.owned()
    for kind in owned.forms:
        owned.show_kind(kind)
        yield owned
    desk.bench.take_piece(NAMES)
    desk.settle()
    yield from (windows.keys(), windows.finder(), windows.guide(), windows.names(), windows.begin())
    windows.names().paste_text("Seat\tGuest of the open night\tTelephone\n4\tWilhelmina\t5550100\n")
    yield windows.names().findChild(ColumnsWindow)


@pytest.mark.parametrize("written", [1.0, 1.5])
def test_in_the_windows_beside_too_and_all_of_them_find_room_on_a_low_screen(open_desk, written):
    theme.use(Look(text=written))
    try:
        desk = open_desk(open_night())
        desk.bench.take_piece(0)
        for window in beside(desk):
            QTest.qWait(60)
            check_all_used(window)
            least = window.minimumSizeHint()
            assert least.height() <= SCREEN[1] and least.width() <= SCREEN[0] * written, type(window).__name__
    finally:
        theme.use(Look())


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
