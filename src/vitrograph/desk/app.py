"""Opening the window."""

import gc
import os
import signal
import sys
from functools import partial
from pathlib import Path

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication

from vitrograph.core.demo import DemoName, demo_order, fill_demo_logbook, fill_demo_shelf, open_night
from vitrograph.core.errors import VitrographError
from vitrograph.core.faults import told
from vitrograph.core.glass import Shelf
from vitrograph.core.glass import default_folder as shelf_folder
from vitrograph.core.logbook import Logbook, default_path
from vitrograph.core.storing.orderfile import load_order
from vitrograph.core.storing.unsaved import default_folder, left_behind
from vitrograph.core.work import Wall
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.shell import Shell

_COLLECT_AFTER = 10_000, 20, 20    # a stencil is some thousand objects: the usual 700 would halt each letter typed
_TURN_SECONDS = 0.00002            # of the interpreter, between threads: the usual 5 ms halt a paint again and again


def open_window(path: Path | None, piece: DemoName | None = None, faster: float = 1.0) -> int:
    """Open the window on an order's file, on the demo's order, or on a piece of that.

    Its clocks go `faster` than the wall's, to try an evening out.
    Raises VitrographError where there is no screen.
    """
    if not any(os.environ.get(name) for name in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")):
        raise VitrographError("there is no screen to open a window on: set DISPLAY, or use quick, plan or export")
    order = load_order(path) if path is not None else demo_order(piece) if piece is not None else open_night()
    app = QApplication(sys.argv[:1])
    app.setApplicationName("Vitrograph")
    demo = path is None
    # first, so that it computes as the window is made
    bench = Bench(order, _logbook(demo=demo), path, _shelf(demo=demo), Wall(faster))
    theme.apply(app)
    signal.signal(signal.SIGINT, signal.SIG_DFL)
    shell = make_shell(bench)
    sys.excepthook = lambda _kind, error, _trace: shell.say(told(error), wrong=True)
    shell.show()
    if not demo and not shell.asking:
        shell.files.offer_workshop(shell.open_workshop)
    QTimer.singleShot(1000, partial(settle, shell))
    return app.exec()


def settle(shell: Shell) -> None:
    """What the window's first second has no time for, so that no hand waits later.

    From now on what is left over is collected, but all that was made at the start is not looked through again and
    again; work in the background yields to the window sooner; the other stations' cards are made.
    """
    gc.freeze()
    gc.set_threshold(*_COLLECT_AFTER)
    gc.enable()
    sys.setswitchinterval(_TURN_SECONDS)
    shell.make_ready()


def make_shell(bench: Bench) -> Shell:
    """The window over a bench, guarded; what earlier runs left unsaved is offered."""
    folder = default_folder()
    shell = Shell(bench, folder)
    shell.files.offer(left_behind(folder))
    return shell


def _logbook(*, demo: bool) -> Logbook:
    """The maker's logbook; the demo has one of its own, so that invented pieces never mix with real ones."""
    if not demo:
        return Logbook(default_path())
    book = Logbook(default_path().parent / "demo" / "logbook.sqlite")
    fill_demo_logbook(book)
    return book


def _shelf(*, demo: bool) -> Shelf:
    """The maker's shelf; the demo's is its own."""
    if not demo:
        return Shelf(shelf_folder())
    shelf = Shelf(shelf_folder().parent / "demo" / "shelf")
    fill_demo_shelf(shelf)
    return shelf
