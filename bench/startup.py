"""The window standing, and its first stencil drawn, to a bare PySide6 window's start. Run: ./run bench startup

A start is the program itself in a home where the demo was closed before. Each ends as soon as what is timed is painted;
the three are run in turn, so that what slows the computer slows all.
"""

import os
import subprocess
import sys
import tempfile
from functools import partial
from pathlib import Path

from common import in_turn, report

ROOT = Path(__file__).parents[1]
REPEATS = 9

BARE = """
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QMainWindow
class Window(QMainWindow):
    def paintEvent(self, event):
        QTimer.singleShot(0, app.quit)
app = QApplication([])
window = Window()
window.resize(1280, 800)
window.show()
app.exec()
"""

STANDS = """
import os
from vitrograph import start
from vitrograph.desk import front
front.Front._begin = lambda self: os._exit(0)      # called once the first picture is on the screen
start.main(["demo"])
"""

DRAWN = """
import os
from vitrograph import start
from vitrograph.desk import front
whole = front.Front.show_shell
def watched(self, shell):
    shell.sheet_view.painted.connect(lambda _took: shell.sheet_view.results.sheet is not None and os._exit(0))
    whole(self, shell)
front.Front.show_shell = watched
start.main(["demo"])
"""

LEFT = """
from PySide6.QtCore import QTimer
from vitrograph import start
from vitrograph.desk import front
whole = front.Front.show_shell
def watched(self, shell):
    whole(self, shell)
    def close():
        if shell.bench.order_results.complete:
            self.close()
        else:
            QTimer.singleShot(50, close)
    QTimer.singleShot(500, close)
front.Front.show_shell = watched
start.main(["demo"])
"""


def start(program: str, home: str) -> None:
    environment = {**os.environ, "PYTHONPATH": str(ROOT / "src"), "XDG_DATA_HOME": home, "XDG_STATE_HOME": home,
                   "XDG_CONFIG_HOME": home}
    environment.pop("PYTHONDONTWRITEBYTECODE", None)
    environment.setdefault("QT_QPA_PLATFORM", "offscreen")
    subprocess.run([sys.executable, "-c", program], env=environment, check=True, capture_output=True)


if __name__ == "__main__":
    with tempfile.TemporaryDirectory() as home:
        start(LEFT, home)                                     # once, so that byte code is written, and a picture kept
        bare, stands, drawn = in_turn([partial(start, text, home) for text in (BARE, STANDS, DRAWN)], REPEATS)
    report("bare window, median", 1000 * bare, "ms")
    report("our window standing, median", 1000 * stands, "ms")
    report("its first stencil drawn, median", 1000 * drawn, "ms")
    report("our window standing, to a bare window", stands / bare, "x ", 2.0)
    report("its first stencil drawn, to a bare window", drawn / bare, "x ", 4.0)
