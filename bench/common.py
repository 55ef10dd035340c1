"""What the benches share: a median and a percentile of repeated timings, a plain table, frames of the window."""

import tempfile
import time
from collections.abc import Callable
from pathlib import Path


def timed(work: Callable[[], object], repeats: int) -> list[float]:
    """Seconds of each of several runs, sorted."""
    taken = []
    for _ in range(repeats):
        begun = time.perf_counter()
        work()
        taken.append(time.perf_counter() - begun)
    return sorted(taken)


def in_turn(works: list[Callable[[], object]], repeats: int) -> list[float]:
    """Median seconds of several works, each run in turn with the others: what slows the computer slows all."""
    rounds = [[timed(work, 1)[0] for work in works] for _ in range(repeats)]
    return [percentile(sorted(taken), 0.5) for taken in zip(*rounds, strict=True)]


def percentile(taken: list[float], share: float) -> float:
    """The value below which `share` of the sorted timings lie."""
    return taken[min(len(taken) - 1, int(share * len(taken)))]


def report(name: str, value: float, unit: str, aim: float | None = None, *, more: bool = False) -> None:
    """One line: what, how much, and whether it meets its aim: at most so much, or `more`."""
    met = aim is not None and (value >= aim if more else value <= aim)
    verdict = "" if aim is None else f"   aim {'>=' if more else '<='} {aim:g}: {'met' if met else 'MISSED'}"
    print(f"{name:62} {value:9.2f} {unit}{verdict}")


def open_shell(job, station: str, *chosen: int):
    """The window over a job or an order, its results in and its memory settled, at a station with some items chosen."""
    from PySide6.QtTest import QTest
    from PySide6.QtWidgets import QApplication

    from vitrograph.core.job import Order
    from vitrograph.core.logbook import Logbook
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.kit import theme
    from vitrograph.desk.shell import Shell

    theme.apply(QApplication.instance() or QApplication([]))
    order = job if isinstance(job, Order) else Order.of(job)
    shell = Shell(Bench(order, Logbook(Path(tempfile.mkdtemp()) / "logbook.sqlite")))
    shell.resize(1280, 800)
    shell.show()
    shell.bench.go(station)
    shell.bench.choose(*chosen)
    while not shell.bench.results.complete:
        QTest.qWait(20)
    rest(shell)
    return shell


def rest(shell) -> None:
    """Let a window come to rest: its memory settled, all its cards made."""
    from PySide6.QtTest import QTest

    from vitrograph.core.stations import STATIONS
    from vitrograph.desk.app import settle

    QTest.qWait(1500)
    settle(shell)
    while len(shell.cards) < len(STATIONS):
        QTest.qWait(20)


def pause(seconds: float) -> None:
    """Let the window's own loop go on: a test's wait would keep the work in the background from running meanwhile."""
    from PySide6.QtCore import QEventLoop, QTimer

    loop = QEventLoop()
    QTimer.singleShot(round(1000 * seconds), loop.quit)
    loop.exec()


def close(shell) -> None:
    """Close the window; what was changed in it is given up."""
    shell.files.give_up()
    shell.close()


def frames(shell, move: Callable[[int], object], many: int) -> list[float]:
    """Seconds from each of many movements until both views have painted it, sorted."""
    from PySide6.QtTest import QTest
    from PySide6.QtWidgets import QApplication

    painted: set[str] = set()
    shell.sheet_view.painted.connect(lambda _took: painted.add("sheet"))
    shell.glass_view.painted.connect(lambda _took: painted.add("glass"))
    taken = []
    for frame in range(many):
        begun = time.perf_counter()
        painted.clear()
        move(frame)
        while painted != {"sheet", "glass"}:
            QApplication.processEvents()
        taken.append(time.perf_counter() - begun)
        QTest.qWait(8)
    return sorted(taken)


def bare_polar(angle, radius):
    """A baseline: angles and radii to (x, y), as NumPy does it."""
    import numpy as np

    return np.column_stack([radius * np.sin(angle), radius * np.cos(angle)])
