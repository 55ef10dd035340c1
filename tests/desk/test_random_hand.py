"""A random hand at the real window: it presses, types, drags and chooses whatever is there, in windows beside too.

Nothing may raise (pytest-qt fails the test that heard of it), and what stands in the end is what a cold run works out.
Dialogs of the system are left, questions answered by chance. VITROGRAPH_WALK=7 goes another way.
"""

import os
import random

import pytest
from PySide6.QtCore import QPoint, Qt, QThreadPool
from PySide6.QtGui import QDesktopServices
from PySide6.QtPrintSupport import QPrintDialog
from PySide6.QtTest import QTest
from PySide6.QtWidgets import (
    QAbstractButton,
    QAbstractItemView,
    QApplication,
    QColorDialog,
    QComboBox,
    QDialog,
    QFileDialog,
    QHeaderView,
    QInputDialog,
    QLineEdit,
    QMessageBox,
    QPlainTextEdit,
    QWidget,
)

from vitrograph.core.demo import open_night
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.stations import STATIONS
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.telling.plan_json import plan_of
from vitrograph.desk.cut.bed_view import BedView
from vitrograph.desk.views.view import View
from vitrograph.desk.windows import Windows

STEPS = 160
TYPED = ("0", "12", "86", "-3", "3 1/2 in", "0.1", "1e9", "abc", "", "99999", "12;13", "Ada", "10:30", "1,5", "50 %")
KEYS = (Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Escape, Qt.Key.Key_Delete, Qt.Key.Key_Left, Qt.Key.Key_Down,
        Qt.Key.Key_PageDown, Qt.Key.Key_P, Qt.Key.Key_R, Qt.Key.Key_T, Qt.Key.Key_B, Qt.Key.Key_Comma)
WITH_CTRL = (Qt.Key.Key_Z, Qt.Key.Key_Z, Qt.Key.Key_Y, Qt.Key.Key_PageDown, Qt.Key.Key_C, Qt.Key.Key_V, Qt.Key.Key_K)
BESIDE = ("names", "workshop", "owned", "keys", "guide")
USED = (QAbstractButton, QLineEdit, QComboBox, QPlainTextEdit, QAbstractItemView, View, BedView)
LEFT_ALONE = ("another", "demo")       # they begin windows of their own


class Hand:
    """What it does is printed: of a walk that fails the last steps tell how."""

    def __init__(self, rng, shell):
        self.rng, self.shell = rng, shell

    def act(self):
        chance = self.rng.random()
        if chance < 0.15:
            self.shell.bench.go(self.rng.choice(STATIONS))
        elif chance < 0.25:
            self.press_keys()
        elif chance < 0.31:
            getattr(self.shell.windows, self.rng.choice(BESIDE))()
        else:
            self.use()

    def press_keys(self):
        key = self.rng.choice(WITH_CTRL)
        print("Ctrl +", key.name)
        QTest.keyClick(QApplication.focusWidget() or self.shell, key, Qt.KeyboardModifier.ControlModifier)

    def use(self):
        beside = [one for one in self.shell.findChildren(QDialog) if one.isVisible()]
        within = beside[-1] if beside and self.rng.random() < 0.5 else self.shell
        there = [one for one in within.findChildren(QWidget)
                 if isinstance(one, USED) and not isinstance(one, QHeaderView) and one.isVisible() and one.isEnabled()]
        if not there or (within is not self.shell and self.rng.random() < 0.06):
            within.close()
            return
        views = [one for one in there if isinstance(one, View | BedView)]
        one = self.rng.choice(views if views and self.rng.random() < 0.2 else there)
        print(type(one).__name__, one.objectName())
        if isinstance(one, QAbstractButton):
            self.press(one)
        elif isinstance(one, QComboBox) and one.count():
            one.setCurrentIndex(self.rng.randrange(one.count()))
            one.activated.emit(one.currentIndex())
        elif isinstance(one, QLineEdit | QPlainTextEdit):
            one.setFocus()
            one.selectAll()
            QTest.keyClicks(one, self.rng.choice(TYPED))
            QTest.keyClick(one, self.rng.choice((Qt.Key.Key_Return, Qt.Key.Key_Tab)))
        elif isinstance(one, View | BedView):
            self.point(one)
        elif isinstance(one, QAbstractItemView) and one.model().rowCount():
            at = one.model().index(self.rng.randrange(one.model().rowCount()), 0)
            QTest.mouseClick(one.viewport(), Qt.MouseButton.LeftButton, pos=one.visualRect(at).center())

    def press(self, button):
        menu = button.menu() if hasattr(button, "menu") else None
        if menu is None:
            QTest.mouseClick(button, Qt.MouseButton.LeftButton)
            return
        while menu is not None:
            menu.aboutToShow.emit()
            actions = [one for one in menu.actions() if one.isEnabled() and not one.isSeparator()]
            if not actions:
                return
            action = self.rng.choice(actions)
            menu = action.menu()
        print(action.text())
        action.trigger()

    def point(self, view):
        at = QPoint(self.rng.randrange(view.width()), self.rng.randrange(view.height()))
        if self.rng.random() < 0.3:
            QTest.keyClick(view, self.rng.choice(KEYS))
            return
        QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=at)
        for step in range(self.rng.randrange(5)):
            QTest.mouseMove(view, at + QPoint(12 * step, 5 * step))
        QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=at)


@pytest.fixture
def rng():
    return random.Random(os.environ.get("VITROGRAPH_WALK", "1"))


@pytest.fixture
def answered(monkeypatch, rng):
    """Dialogs of the system are left; questions are answered by chance; no program is started beside."""
    monkeypatch.setattr(QFileDialog, "exec", lambda _self: 0)
    monkeypatch.setattr(QPrintDialog, "exec", lambda _self: 0)
    for name in ("getOpenFileName", "getExistingDirectory"):
        monkeypatch.setattr(QFileDialog, name, lambda *_args, **_kw: ("", ""))
    monkeypatch.setattr(QInputDialog, "getText", lambda *_args, **_kw: (rng.choice(("Gull", "", "A" * 90)), True))
    monkeypatch.setattr(QInputDialog, "getInt", lambda *_args, **_kw: (rng.randrange(1, 9), True))
    monkeypatch.setattr(QColorDialog, "getColor", lambda *args, **_kw: args[0])
    monkeypatch.setattr(QDesktopServices, "openUrl", lambda _url: True)
    monkeypatch.setattr(QMessageBox, "exec", lambda self: setattr(self, "answer", rng.choice(self.buttons())))
    monkeypatch.setattr(QMessageBox, "clickedButton", lambda self: self.answer)
    for name in LEFT_ALONE:
        monkeypatch.setattr(Windows, name, lambda _self: None)


def told(results):
    """What is known, as it is printed; or why nothing is."""
    return plan_of(results.finished()) if results.usable else [piece.failed for piece in results.pieces]


@pytest.mark.usefixtures("answered")
def test_whatever_a_hand_does_nothing_raises_and_the_results_are_those_of_a_cold_run(open_desk, rng, tmp_path):
    desk = open_desk(open_night())
    hand, bench = Hand(rng, desk.shell), desk.bench
    for _ in range(STEPS):
        hand.act()
        QTest.qWait(rng.choice((1, 10, 60)))
    desk.shell.windows.close()
    bench.work_out()                                           # it may have been stopped
    desk.qtbot.waitUntil(lambda: bench.order_results.complete and bench.order_results.order == bench.order,
                         timeout=90000)
    *_, cold = Pipeline().steps_of_order(bench.order)
    assert told(bench.order_results) == told(cold)
    save_order(bench.order, tmp_path / "walked.vitro")
    assert load_order(tmp_path / "walked.vitro") == bench.order
    end, steps = bench.order, bench.undo_stack.index()
    while bench.undo_stack.canUndo():
        bench.undo_stack.undo()
    while bench.undo_stack.index() < steps:
        bench.undo_stack.redo()
    assert bench.order == end
    for pool in desk.shell.findChildren(QThreadPool):          # what is worked out for a card is waited for
        pool.waitForDone()
