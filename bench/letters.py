"""Typing a letter to the new art in both views, and to the new stencil. Run: ./run bench letters"""

import os
import tempfile
import time
from pathlib import Path

from common import close, pause, percentile, report, rest, timed

LINE = "Kestrel Point Observatory open night "
LETTERS = {40: f"{LINE}202", 200: "\n".join([LINE] * 6)[:200]}
EDITS = 40


def main() -> None:
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from PySide6.QtWidgets import QApplication

    from vitrograph.desk.kit import theme

    app = QApplication([])
    theme.apply(app)
    for count, text in LETTERS.items():
        shell = window_with(text)
        rest(shell)
        time_typing(app, shell, count)
        close(shell)


def window_with(text: str):
    """The window at the artwork station, the keyboard at the end of the words."""
    from PySide6.QtWidgets import QPlainTextEdit

    from vitrograph.core.job import Artwork, Item, Job, Order, TaperedGlass, Words
    from vitrograph.core.logbook import Logbook
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.shell import Shell

    words = Item(Words(text), key=1, size=78.0)
    made = Job(glass=TaperedGlass(rim=88, base=62, height=130), artwork=Artwork((words,))).changed(fit__from_rim=40.0)
    shell = Shell(Bench(Order.of(made), Logbook(Path(tempfile.mkdtemp()) / "logbook.sqlite")))
    shell.show()
    shell.bench.go("artwork")
    box = shell.findChild(QPlainTextEdit, "words")
    box.moveCursor(box.textCursor().MoveOperation.End)
    return shell


def time_typing(app, shell, count: int) -> None:
    from PySide6.QtCore import QEventLoop
    from PySide6.QtTest import QTest
    from PySide6.QtWidgets import QPlainTextEdit

    bench, box = shell.bench, shell.findChild(QPlainTextEdit, "words")
    shown: list[tuple[float, str, object, object]] = []
    for name, view in (("sheet", shell.sheet_view), ("glass", shell.glass_view)):
        view.painted.connect(lambda _took, name=name, view=view: shown.append(
            (time.perf_counter(), name, view.results.art, view.results.sheet)))
    taken, stencils, complete, unrest = [], [], [], []
    wait = QEventLoop.ProcessEventsFlag.WaitForMoreEvents     # as the program's own loop does
    for index in range(EDITS):
        before_art, before_sheet = bench.results.art, bench.results.sheet
        shown.clear()
        begun = time.perf_counter()
        QTest.keyClicks(box, "abcdefghijklmnopqrstuvwxyz"[index % 26])
        while {name for _, name, art, _ in shown if art is not before_art} != {"sheet", "glass"}:
            app.processEvents(wait)
        taken.append(time.perf_counter() - begun)
        while not any(name == "sheet" and sheet is not before_sheet for _, name, _, sheet in shown):
            app.processEvents(wait)
        stencils.append(time.perf_counter() - begun)
        while not (bench.results.complete and bench.results.job == bench.job):
            app.processEvents(wait)
        complete.append(time.perf_counter() - begun)
        box.textCursor().deletePreviousChar()
        while not (bench.results.complete and bench.results.job == bench.job):
            app.processEvents(wait)
        pause(0.25)
        unrest.append(timed(_yardstick, 1)[0])
    report(f"{count} letters: a typed letter to the new art in both views, median",
           1000 * percentile(sorted(taken), 0.5), "ms")
    report("the same, p95", 1000 * percentile(sorted(taken), 0.95), "ms", 60)
    report("to the new stencil on screen, p95", 1000 * percentile(sorted(stencils), 0.95), "ms", 100)
    report("all checks and plans as well, p95", 1000 * percentile(sorted(complete), 0.95), "ms")
    report("a plain loop between the letters, p95 over its median",
           percentile(sorted(unrest), 0.95) / percentile(sorted(unrest), 0.5), "x")


def _yardstick() -> None:
    """Work of some 20 ms that asks for nothing: what it varies by is the computer's own unrest."""
    sum(range(1_000_000))


if __name__ == "__main__":
    main()
