"""The real window, driven as a maker would: by clicks and keys. Leftover threads and timers fail the test."""

import threading

import pytest
from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QLabel, QLineEdit, QPushButton, QWidget

from hands import type_over
from specimens import job
from vitrograph.core.job import Drawing, Order
from vitrograph.core.logbook import Logbook
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.steady import take_typed
from vitrograph.desk.shell import Shell


class Desk:
    """A window and the few things a maker does to it."""

    def __init__(self, qtbot, shell: Shell) -> None:
        self.qtbot, self.shell, self.bench = qtbot, shell, shell.bench

    @property
    def results(self):
        return self.bench.results

    def settle(self) -> None:
        """Wait until the results are those of the job in hand."""
        self.qtbot.waitUntil(lambda: self.results.complete and self.results.job == self.bench.job, timeout=15000)

    def go(self, number: int) -> QWidget:
        """Go to a station by its key and return its card."""
        QTest.keyClick(self.shell, Qt.Key(ord(str(number))), Qt.KeyboardModifier.ControlModifier)
        return self.card()

    def card(self) -> QWidget:
        return self.shell.cards[self.bench.station]

    def find(self, kind: type, name: str) -> QWidget:
        """A widget by its name, on the present card first; a long list makes its rows a few at a time."""
        self.qtbot.waitUntil(lambda: self._named(kind, name) is not None)
        return self._named(kind, name)

    def _named(self, kind: type, name: str) -> QWidget | None:
        return self.card().findChild(kind, name) or self.shell.findChild(kind, name)

    def type_into(self, name: str, text: str) -> None:
        """Click into a field, type over what is there, and press Return."""
        line = self.find(QLineEdit, name)
        QTest.mouseClick(line, Qt.MouseButton.LeftButton)
        type_over(line, text)

    def click(self, name: str) -> None:
        button = self.find(QPushButton, name)
        self.qtbot.waitUntil(lambda: button.isEnabled() and button.isVisible())
        QTest.mouseClick(button, Qt.MouseButton.LeftButton)

    def press(self, key: Qt.Key, *modifiers: Qt.KeyboardModifier) -> None:
        """Press a key where the keyboard is."""
        held = Qt.KeyboardModifier.NoModifier
        for modifier in modifiers:
            held |= modifier
        QTest.keyClick(QApplication.focusWidget() or self.shell, key, held)

    def open_drawing(self, path) -> None:
        """Open a file at the artwork station and wait until it is taken or refused."""
        card = self.go(2)
        card.take_drawing(path)
        self.qtbot.waitUntil(lambda: not card.reading.busy, timeout=15000)
        self.settle()

    @property
    def drawing(self):
        """The drawing put in last, None if there is none."""
        items = [item for item in self.bench.job.artwork.items if isinstance(item.what, Drawing)]
        return items[-1].what if items else None

    @property
    def source(self):
        """The drawing in hand, as it was worked out."""
        return self.results.art.source(self.bench.chosen[0])

    def says(self, name: str) -> str:
        return self.find(QLabel, name).text()

    @property
    def codes(self) -> set[str]:
        return {found.code.value for found in self.results.findings()}


@pytest.fixture
def open_desk(qtbot, qapp, tmp_path):
    """Open a window on a job; it is closed, and its thread must be gone, at the end."""
    theme.apply(qapp)
    opened = []

    def open_it(made=None, recovery=None) -> Desk:
        order = made if isinstance(made, Order) else Order.of(made or job(), id="a test's")
        bench = Bench(order, Logbook(tmp_path / "logbook.sqlite"))
        shell = Shell(bench, recovery)
        shell.show()
        shell.activateWindow()
        opened.append(shell)
        desk = Desk(qtbot, shell)
        desk.settle()
        return desk

    yield open_it
    for shell in opened:
        take_typed()
        shell.files.give_up()                              # what a test left unsaved is given up
        shell.close()
        assert not shell.bench.runner.isRunning()
        shell.deleteLater()
    QApplication.processEvents()
    assert [thread.name for thread in threading.enumerate() if "pytest" in thread.name.lower()] == []


@pytest.fixture
def desk(open_desk) -> Desk:
    return open_desk()
