"""What is behind the window once it stands: the bench, the maker's own files, the shell."""

import gc
import sys
from functools import partial
from typing import cast

from PySide6.QtCore import QTimer

from vitrograph.core.demo import DemoName, demo_order, fill_demo_logbook, fill_demo_shelf, open_night
from vitrograph.core.errors import VitrographError
from vitrograph.core.glass import Shelf
from vitrograph.core.glass import default_folder as shelf_folder
from vitrograph.core.job import Order, new_id
from vitrograph.core.logbook import Logbook, default_path
from vitrograph.core.storing.orderfile import load_order
from vitrograph.core.storing.unsaved import default_folder, left_behind
from vitrograph.core.work import Wall
from vitrograph.core.workshop import Workshop, begun, load_workshop
from vitrograph.core.workshop import default_file as workshop_file
from vitrograph.desk.bench import Bench
from vitrograph.desk.front import Front
from vitrograph.desk.practice import keep_place
from vitrograph.desk.shell import Shell

_COLLECT_AFTER = 10_000, 20, 20    # a stencil is some thousand objects: the usual 700 would halt each letter typed
_TURN_SECONDS = 0.00002            # of the interpreter, between threads: the usual 5 ms halt a paint again and again


def fill(front: Front) -> Shell:
    """Make the shell of a window that stands, over its order; a file that cannot be used is told of there."""
    demo = front.demo is not None
    order = demo_order(cast(DemoName, front.demo)) if front.demo else open_night() if demo else None
    refused = False
    if order is None and front.path is not None:
        try:
            order = load_order(front.path)
        except VitrographError:                                # told by `open` below, once the shell stands
            refused = True
    path = front.path if order is not None and not demo else None
    # first, so that it computes as the window is made
    bench = Bench(order or begun(_workshop(), Order(id=new_id())), _logbook(demo=demo), path, _shelf(demo=demo),
                  Wall(front.faster))
    shell = make_shell(bench)
    shell.remember(front.seen, listed=not demo)
    front.show_shell(shell)
    if refused and front.path is not None:
        shell.files.open(front.path)                          # says what is wrong, and offers the last good copy
    elif demo and not (front.seen.folder / "practice").exists():
        shell.files.offer_practice(shell.windows.practise, partial(keep_place, front.seen.folder / "practice", 0))
    elif order is None:
        shell.windows.begin()
    if not demo and not shell.asking:
        shell.files.offer_workshop(shell.windows.workshop)
    QTimer.singleShot(1000, shell, partial(settle, shell))
    return shell


def _workshop() -> Workshop:
    """What the maker owns; the usual where its file cannot be used: that is told where it is opened."""
    try:
        return load_workshop(workshop_file())
    except VitrographError:
        return Workshop()


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
    shell = Shell(bench, folder, stands=False)
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
