"""Kills: saving, the safety copy, and a fresh and an old logbook, killed at any moment; nothing may be lost.

    .venv/bin/python bench/kill.py [HOW MANY]
"""

import random
import signal
import sqlite3
import subprocess
import sys
import tempfile
import time
from pathlib import Path

from common import report
from vitrograph.core.demo import demo_order
from vitrograph.core.errors import VitrographError
from vitrograph.core.logbook import Logbook, Makings
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.storing.unsaved import LeftBehind, left_behind

SAVE = """
import sys
from pathlib import Path
from vitrograph.core.demo import demo_order
from vitrograph.core.storing.orderfile import save_order
order, path = demo_order(), Path(sys.argv[1]) / "order.vitro"
print("begun", flush=True)
for number in range(10**9):
    save_order(order.changed(order__name=f"save {number}"), path)
"""
COPY = """
import sys
from pathlib import Path
from vitrograph.core.demo import demo_order
from vitrograph.core.storing.unsaved import SafetyCopy
order, copy = demo_order(), SafetyCopy.begin(Path(sys.argv[1]) / "unsaved")
copy.keep(order, Path(sys.argv[1]) / "mine.vitro")
print("begun", flush=True)
for number in range(10**9):
    copy.keep(order.changed(order__name=f"copy {number}"), Path(sys.argv[1]) / "mine.vitro")
"""
BOOK = """
import sys
from pathlib import Path
from vitrograph.core.logbook import Entry, Logbook, Makings
from vitrograph.core.work import StepRef
book = Logbook(Path(sys.argv[1]) / "logbook.sqlite")
print("begun", flush=True)
for number in range(10**9):
    book.add(Entry(made_on="2026-11-02", job=f"{number}", minutes=1.0, how_many=1, outcome="good"))
    Makings(book).tick("an order", StepRef("cut", 1, 1, str(number)), float(number))
"""


def killed(program: str, folder: str) -> None:
    """Run a program, and kill it some moment after it has begun."""
    child = subprocess.Popen([sys.executable, "-c", program, folder], stdout=subprocess.PIPE, text=True)
    assert child.stdout is not None
    child.stdout.readline()
    time.sleep(random.uniform(0.0, 0.05))
    child.send_signal(signal.SIGKILL)
    assert child.wait() == -signal.SIGKILL, "it was at work until then"


def lost_by_saving(folder: str) -> bool:
    """Whether neither an old nor a new order stands there after a kill."""
    path = Path(folder) / "order.vitro"
    save_order(demo_order(), path)
    killed(SAVE, folder)
    try:
        return not load_order(path).pieces
    except VitrographError:
        return True


def lost_by_copying(folder: str) -> bool:
    """Whether a safety copy is not offered, or not with its path, after a kill."""
    killed(COPY, folder)
    found = [(left.order.pieces, left.path) for left in left_behind(Path(folder) / "unsaved")
             if isinstance(left, LeftBehind)]
    return len(found) != 1 or found[0][1] != Path(folder) / "mine.vitro"


def lost_by_the_book(folder: str, *, old: bool) -> bool:
    """Whether the logbook is dead, or a line that had been there is gone, after a kill."""
    book = Logbook(Path(folder) / "logbook.sqlite")
    if old:
        with sqlite3.connect(book.path) as first:
            first.execute("CREATE TABLE entry (id INTEGER PRIMARY KEY, made_on TEXT, job TEXT, glass TEXT, art TEXT, "
                          "film TEXT, school TEXT, minutes REAL, how_many INTEGER, outcome TEXT, note TEXT)")
            first.execute("INSERT INTO entry VALUES (1, '2025-01-01', 'old', 'g', 'a', 'f', 's', 1.0, 1, 'good', '')")
            first.execute("PRAGMA user_version = 1")
    killed(BOOK, folder)
    try:
        names = {entry.job for entry in book.entries()}
        Makings(book).progress("an order")
    except VitrographError:
        return True
    return old and "old" not in names


def main() -> None:
    """Kill each many times and print how often something was lost."""
    many = int(sys.argv[1]) if len(sys.argv) > 1 else 200
    for name, lost in (("saving", lost_by_saving), ("the safety copy", lost_by_copying),
                       ("a fresh logbook", lambda folder: lost_by_the_book(folder, old=False)),
                       ("an old logbook", lambda folder: lost_by_the_book(folder, old=True))):
        count = 0
        for _ in range(many):
            with tempfile.TemporaryDirectory() as folder:
                count += lost(folder)
        report(f"{many} kills of {name}", count, "lost", 0)


if __name__ == "__main__":
    main()
