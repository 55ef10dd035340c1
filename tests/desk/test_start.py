"""Starting: a window before the program behind it, what was left shown again, and nothing keeps it from opening."""

import json
import os
import subprocess
import sys
from pathlib import Path

import pytest
from PySide6.QtCore import Qt
from PySide6.QtGui import QColor
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLineEdit

from specimens import job
from vitrograph.core.job import Order
from vitrograph.core.storing.orderfile import save_order
from vitrograph.desk.front import Front
from vitrograph.desk.seen import Seen

ROOT = Path(__file__).parents[2]


@pytest.fixture
def open_front(qtbot, tmp_path, monkeypatch):
    """Open the program's own window in a home of its own; it is closed at the end."""
    for name in ("XDG_DATA_HOME", "XDG_STATE_HOME", "XDG_CONFIG_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name))
    monkeypatch.setattr("vitrograph.desk.app.settle", lambda _shell: None)     # it is for a program, not for a test's
    hook, opened = sys.excepthook, []

    def open_it(path=None, demo=None) -> Front:
        front = Front(path, demo)
        qtbot.addWidget(front)
        front.show()
        opened.append(front)
        qtbot.waitUntil(lambda: front.shell is not None, timeout=20000)
        qtbot.waitUntil(lambda: front.shell.bench.order_results.complete, timeout=20000)
        return front

    yield open_it
    for front in opened:
        if front.shell is not None:
            front.shell.bench.undo_stack.setClean()
        front.close()
    sys.excepthook = hook


def test_the_first_picture_reads_little():
    """What a start may import before a window stands: it stays won."""
    script = ("import sys; from vitrograph import start; import vitrograph.desk.front; "
              "print('\\n'.join(sys.modules))")
    told = subprocess.run([sys.executable, "-c", script], env={**os.environ, "PYTHONPATH": str(ROOT / "src")},
                          capture_output=True, text=True, check=True).stdout.split()
    ours = {name for name in told if name.startswith("vitrograph.")}
    assert ours <= {"vitrograph.start", "vitrograph.desk", "vitrograph.desk.front", "vitrograph.desk.seen",
                    "vitrograph.desk.kit", "vitrograph.desk.kit.theme", "vitrograph.desk.kit.painting"}
    assert not {"numpy", "shapely", "scipy", "msgspec", "PIL"} & set(told)


def test_an_order_looks_as_it_was_left_and_comes_back_without_being_named(open_front, tmp_path):
    save_order(Order.of(job("K"), name="Dome"), tmp_path / "dome.vitro")
    first = open_front(tmp_path / "dome.vitro")
    assert first.windowTitle() == "Dome - Vitrograph"
    first.resize(1100, 760)
    first.shell.bench.go("fit")
    QTest.qWait(100)
    whole = first.grab().toImage()
    assert first.close() and Seen(first.seen.folder).last == tmp_path / "dome.vitro"
    again = open_front()
    assert again.shell.bench.path == tmp_path / "dome.vitro" and again.shell.bench.station == "fit"
    assert (again.width(), again.height()) == (1100, 760)
    kept = again.picture.picture.toImage()
    places = [(x, y) for x in range(50, 1100, 150) for y in range(60, 700, 90)]
    assert sum(QColor(kept.pixel(*at)) == QColor(whole.pixel(*at)) for at in places) > 0.95 * len(places)
    assert again.shell.sheet_view.last.isNull(), "its own results stand there now"


def test_unsaved_work_keeps_the_window_open(open_front, tmp_path):
    save_order(Order.of(job("K")), tmp_path / "dome.vitro")
    front = open_front(tmp_path / "dome.vitro")
    front.shell.bench.edit("Wider", fit__across=41.0)
    assert not front.close() and front.isVisible() and front.shell.asking
    front.shell.findChild(object, "giveUp").click()
    assert not front.isVisible()


@pytest.mark.parametrize("content", [b"", b"{", b'{"window": 5}', b"[" * 9000, b'{"window": {"size": [1, "x"]}}',
                                     json.dumps({"window": {"size": [9e9, 1], "maximized": 0, "split": [],
                                                            "station": "x"}, "orders": [7]}).encode()])
def test_whatever_is_wrong_with_what_was_kept_the_window_opens(tmp_path, content, qtbot):
    (tmp_path / "seen.json").write_bytes(content)
    front = Front(None, None, seen=Seen(tmp_path))
    qtbot.addWidget(front)
    assert 640 <= front.width() <= 8000 and front.path is None and front.picture.picture.isNull()


def test_a_damaged_order_opens_the_window_and_says_why(open_front, tmp_path):
    (tmp_path / "odd.vitro").write_bytes(b"no order")
    front = open_front(tmp_path / "odd.vitro")
    assert "odd.vitro" in front.shell._message.text() and front.shell.bench.path is None
    assert not Seen(front.seen.folder).recents


def test_a_command_or_a_field_is_found_by_its_words(desk):
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClicks(line, "imperial")
    assert [one.shown for one in finder.found] == ["Lengths in inches"]
    QTest.keyClick(line, Qt.Key.Key_Return)
    assert desk.bench.unit == "in"
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClicks(line, "stars log")
    assert finder.found[0].shown == "Logbook: Stars"
    QTest.keyClick(line, Qt.Key.Key_Return)
    assert desk.bench.station == "logbook" and desk.card().focusWidget().accessibleName() == "Stars"
    finder = desk.shell.windows.finder()
    line = finder.findChild(QLineEdit, "finderLine")
    QTest.keyClick(line, Qt.Key.Key_Down)
    assert finder.listed.currentRow() == 1
    QTest.keyClicks(line, "zzz")
    QTest.keyClick(line, Qt.Key.Key_Return)
    assert finder.isVisible() and not finder.found
    finder.reject()
