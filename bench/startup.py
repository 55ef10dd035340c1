"""Window shown and first stencil drawn, as a ratio to a bare PySide6 window's start. Run: ./run bench startup"""

import os
import subprocess
import sys
import tempfile
from pathlib import Path

from common import percentile, report, timed

ROOT = Path(__file__).parents[1]
REPEATS = 7

BARE = """
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QMainWindow
app = QApplication([])
window = QMainWindow()
window.resize(1280, 800)
window.show()
QTimer.singleShot(0, app.quit)
app.exec()
"""

OURS = """
import gc
gc.disable()                       # as the program itself does while it starts
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication
from vitrograph.core.demo import demo_order
from vitrograph.desk.kit import theme
from vitrograph.desk.app import make_shell
from vitrograph.desk.bench import Bench
from vitrograph.core.logbook import Logbook, default_path
app = QApplication([])
bench = Bench(demo_order(), Logbook(default_path()))
theme.apply(app)
shell = make_shell(bench)
def drawn(seconds):
    if shell.sheet_view.results.sheet is not None:
        QTimer.singleShot(0, app.quit)
shell.sheet_view.painted.connect(drawn)
shell.show()
app.exec()
shell.close()
"""


def start(program: str) -> None:
    with tempfile.TemporaryDirectory() as home:
        environment = {**os.environ, "PYTHONPATH": str(ROOT / "src"), "XDG_DATA_HOME": home, "XDG_STATE_HOME": home}
        environment.setdefault("QT_QPA_PLATFORM", "offscreen")
        subprocess.run([sys.executable, "-c", program], env=environment, check=True, capture_output=True)


if __name__ == "__main__":
    start(OURS)                                               # once, so that byte code is written
    bare, ours = (timed(lambda text=text: start(text), REPEATS) for text in (BARE, OURS))
    report("bare window, median", 1000 * percentile(bare, 0.5), "ms")
    report("window with the first stencil drawn, median", 1000 * percentile(ours, 0.5), "ms")
    report("ratio of the medians", percentile(ours, 0.5) / percentile(bare, 0.5), "x ", 2.5)
