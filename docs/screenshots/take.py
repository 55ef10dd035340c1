"""Take the pictures in this folder anew from the demo job: ./run shots. Made-up sample data only."""

import os
import tempfile
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
HERE = Path(__file__).parent
STEPS = {"weed": 4, "transfer": 4, "etch": 3}                 # how far each station is walked for its picture


def main() -> None:
    home = tempfile.mkdtemp()
    os.environ |= {"XDG_DATA_HOME": home, "XDG_STATE_HOME": home}
    from PySide6.QtTest import QTest
    from PySide6.QtWidgets import QApplication

    from vitrograph.core.demo import demo_job, fill_demo_logbook
    from vitrograph.core.logbook import Logbook
    from vitrograph.core.pipeline import STATIONS
    from vitrograph.desk import theme
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.shell import Shell

    app = QApplication([])
    theme.apply(app)
    book = Logbook(Path(home) / "logbook.sqlite")
    fill_demo_logbook(book)
    shell = Shell(Bench(demo_job(), book))
    shell.resize(1280, 800)
    shell.show()
    while not shell.bench.results.complete:
        QTest.qWait(20)
    for number, station in enumerate(STATIONS, start=1):
        shell.bench.go(station)
        for _ in range(STEPS.get(station, 0)):
            shell.card(station).walker.go(shell.card(station).walker.at + 1)
        if station == "cut":
            shell.card(station).run_trial()
            QTest.qWait(3600)
        QTest.qWait(150)
        shell.grab().save(str(HERE / f"{number}-{station}.png"))
    shell.close()


if __name__ == "__main__":
    main()
