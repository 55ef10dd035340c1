"""Typing a letter to the new stencil on screen, for a text of 40 letters. Run: ./run bench letters"""

import os
import tempfile
import time
from pathlib import Path

from common import percentile, report

LETTERS = "Kestrel Point Observatory open night 202"
EDITS = 60


def main() -> None:
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    from PySide6.QtCore import QEventLoop
    from PySide6.QtTest import QTest
    from PySide6.QtWidgets import QApplication, QPlainTextEdit

    from vitrograph.core.job import Job, TaperedGlass
    from vitrograph.core.logbook import Logbook
    from vitrograph.desk import theme
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.shell import Shell

    app = QApplication([])
    theme.apply(app)
    made = Job(glass=TaperedGlass(rim=88, base=62, height=130)).changed(
        artwork__text=LETTERS, width=78.0, fit__from_rim=40.0)
    bench = Bench(made, Logbook(Path(tempfile.mkdtemp()) / "logbook.sqlite"))
    shell = Shell(bench)
    shell.show()
    bench.go("artwork")
    shown = []
    shell.sheet_view.painted.connect(lambda _: shown.append((time.perf_counter(), shell.sheet_view.results.job)))
    words = shell.findChild(QPlainTextEdit, "words")
    words.moveCursor(words.textCursor().MoveOperation.End)
    QTest.qWait(1500)
    taken, complete = [], []
    wait = QEventLoop.ProcessEventsFlag.WaitForMoreEvents     # as the program's own loop does
    for index in range(EDITS):
        begun = time.perf_counter()
        QTest.keyClicks(words, "abcdefghijklmnopqrstuvwxyz"[index % 26])
        while not any(at > begun and job == bench.job for at, job in shown):
            app.processEvents(wait)
        taken.append(time.perf_counter() - begun)
        while not (bench.results.complete and bench.results.job == bench.job):
            app.processEvents(wait)
        complete.append(time.perf_counter() - begun)
        words.textCursor().deletePreviousChar()
        QTest.qWait(250)
        shown.clear()
    shell.close()
    report("a typed letter to the new stencil on screen, median", 1000 * percentile(sorted(taken), 0.5), "ms")
    report("the same, p95", 1000 * percentile(sorted(taken), 0.95), "ms", 100)
    report("all checks and plans as well, p95", 1000 * percentile(sorted(complete), 0.95), "ms")


if __name__ == "__main__":
    main()
