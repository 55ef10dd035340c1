"""A random hand at the real window: it presses, types, drags and chooses whatever is there, in windows beside too.

    .venv/bin/python bench/hand.py [HOW MANY WALKS] [SEED]

Nothing may raise, what stands in the end is what a cold run works out, and undoing and doing again leads back there.
Dialogs of the system are left, questions answered by chance. Of a walk with a fault its last steps are printed.
"""

import os
import random
import sys
import tempfile
import time
import traceback
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
os.environ.update(dict.fromkeys(("XDG_DATA_HOME", "XDG_STATE_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME"),
                                tempfile.mkdtemp()))          # none of the maker's own folders

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

from common import close, open_shell, report
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
    """What it does is written down: of a walk that fails the last steps tell how."""

    def __init__(self, rng: random.Random, shell) -> None:
        self.rng, self.shell, self.did = rng, shell, []

    def act(self) -> None:
        """One thing that a hand may do."""
        chance = self.rng.random()
        if chance < 0.15:
            station = self.rng.choice(STATIONS)
            self.did.append(f"station {station}")
            self.shell.bench.go(station)
        elif chance < 0.25:
            self.press_keys()
        elif chance < 0.31:
            name = self.rng.choice(BESIDE)
            self.did.append(f"window {name}")
            getattr(self.shell.windows, name)()
        else:
            self.use()

    def press_keys(self) -> None:
        """Keys with Ctrl, where the keyboard is."""
        key = self.rng.choice(WITH_CTRL)
        self.did.append(f"Ctrl+{key.name}")
        QTest.keyClick(QApplication.focusWidget() or self.shell, key, Qt.KeyboardModifier.ControlModifier)

    def use(self) -> None:
        """Something that can be used, in the window or in the one beside it that was opened last."""
        beside = [one for one in self.shell.findChildren(QDialog) if one.isVisible()]
        within = beside[-1] if beside and self.rng.random() < 0.5 else self.shell
        there = [one for one in within.findChildren(QWidget)
                 if isinstance(one, USED) and not isinstance(one, QHeaderView) and one.isVisible() and one.isEnabled()]
        if not there or (within is not self.shell and self.rng.random() < 0.06):
            within.close()
            return
        views = [one for one in there if isinstance(one, View | BedView)]
        one = self.rng.choice(views if views and self.rng.random() < 0.2 else there)
        self.did.append(f"{type(one).__name__} {one.objectName()}")
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

    def press(self, button: QAbstractButton) -> None:
        """A button, or an entry of its menu."""
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
        self.did.append(action.text())
        action.trigger()

    def point(self, view: QWidget) -> None:
        """Click, drag, or press a key on a picture."""
        at = QPoint(self.rng.randrange(view.width()), self.rng.randrange(view.height()))
        if self.rng.random() < 0.3:
            QTest.keyClick(view, self.rng.choice(KEYS))
            return
        QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=at)
        for step in range(self.rng.randrange(5)):
            QTest.mouseMove(view, at + QPoint(12 * step, 5 * step))
        QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=at)


def answer(rng) -> None:
    """Leave the system's dialogs, answer questions by chance, and start no program beside."""
    for kind in (QFileDialog, QPrintDialog):
        kind.exec = lambda _self: 0
    QFileDialog.getOpenFileName = lambda *_args, **_kw: ("", "")
    QFileDialog.getExistingDirectory = lambda *_args, **_kw: ""
    QInputDialog.getText = lambda *_args, **_kw: (rng.choice(("Gull", "", "A" * 90)), True)
    QInputDialog.getInt = lambda *_args, **_kw: (rng.randrange(1, 9), True)
    QColorDialog.getColor = lambda *args, **_kw: args[0]
    QDesktopServices.openUrl = lambda _url: True
    QMessageBox.exec = lambda self: setattr(self, "answer", rng.choice(self.buttons()))
    QMessageBox.clickedButton = lambda self: self.answer
    for name in LEFT_ALONE:
        setattr(Windows, name, lambda _self: None)


def told(results):
    """What is known, as it is printed; or why nothing is."""
    return plan_of(results.finished()) if results.usable else [str(piece.failed) for piece in results.pieces]


def walk(rng, faults: list[str]) -> tuple[Hand, bool]:
    """One walk from the demo's order; whether all that is known in the end is as a cold run has it."""
    shell = open_shell(open_night(), "glass")
    hand, bench = Hand(rng, shell), shell.bench
    for _ in range(STEPS):
        try:
            hand.act()
        except Exception:
            faults.append(traceback.format_exc())
        QTest.qWait(rng.choice((1, 10, 60)))
    shell.windows.close()
    bench.work_out()                                           # it may have been stopped
    while not (bench.order_results.complete and bench.order_results.order == bench.order):
        QApplication.processEvents()
        time.sleep(0.01)
    *_, cold = Pipeline().steps_of_order(bench.order)
    path = Path(tempfile.mkdtemp()) / "walked.vitro"
    save_order(bench.order, path)
    same = told(bench.order_results) == told(cold) and load_order(path) == bench.order
    end, steps = bench.order, bench.undo_stack.index()
    while bench.undo_stack.canUndo():
        bench.undo_stack.undo()
    while bench.undo_stack.index() < steps:
        bench.undo_stack.redo()
    same = same and bench.order == end
    for pool in shell.findChildren(QThreadPool):               # what is worked out for a card is waited for
        pool.waitForDone()
    close(shell)
    return hand, same


def main() -> None:
    """Walk, and print what was seen."""
    walks = int(sys.argv[1]) if len(sys.argv) > 1 else 12
    seed = int(sys.argv[2]) if len(sys.argv) > 2 else random.randrange(10**9)
    print(f"seed {seed}")
    faults: list[str] = []
    sys.excepthook = lambda *fault: faults.append("".join(traceback.format_exception(*fault)))
    unlike = 0
    for number in range(walks):
        rng, before = random.Random(seed + number), len(faults)
        answer(rng)
        hand, same = walk(rng, faults)
        unlike += not same
        if len(faults) > before or not same:
            print(f"walk {seed + number}:", ", ".join(hand.did[-12:]), *faults[before:], sep="\n")
    report(f"faults in {walks} walks of {STEPS} steps", len(faults), "", 0)
    report("walks whose end is not that of a cold run", unlike, "", 0)


if __name__ == "__main__":
    main()
