"""Open the window in another language and tell, as JSON, what it says on every station: python other_tongue.py CODE

Run in a process of its own, since the program's tables are made in the language that is spoken when they are read.
`xx` is no language: each sentence of the program's stands between brackets in it, so that what does not is a leak.
"""

import json
import os
import re
import sys
import tempfile
from itertools import product
from pathlib import Path

from vitrograph.core.language import Language, speak
from vitrograph.languages import dress, language

AROUND = 40                                   # px of a card's room that its edges take
AS_IT_IS = ("The words of the trade",)          # the heading that the guide's text is found by


def bracketed(text: str, one: str, count: int) -> str:
    """A sentence between brackets, its values outside them: a value that is a word must be told by itself."""
    said = re.sub(r"(\{[^}]*\})", r"⟧\1⟦", one if one and count == 1 else text)
    return "" if text in AS_IT_IS else f"⟦{said}⟧"


def told_by(widget, kinds):
    """What a widget says: to the eye, the pointer, and a screen reader."""
    for name in ("text", "toolTip", "accessibleName", "accessibleDescription", "placeholderText"):
        says = getattr(widget, name, None)
        if callable(says) and isinstance(said := says(), str) and said:
            yield said
    box, table = kinds
    if isinstance(widget, box):
        yield from (widget.itemText(at) for at in range(widget.count()))
    if isinstance(widget, table):
        yield from (head.text() for at in range(widget.columnCount()) if (head := widget.horizontalHeaderItem(at)))


def main(code: str) -> None:
    speak(Language("xx", bracketed) if code == "xx" else language(code))
    from PySide6.QtTest import QTest
    from PySide6.QtWidgets import QApplication, QComboBox, QLabel, QPushButton, QTableWidget, QWidget

    app = QApplication([])
    from vitrograph.core.demo import demo_job
    from vitrograph.core.glass import Shelf
    from vitrograph.core.job import Order
    from vitrograph.core.logbook import Logbook
    from vitrograph.core.stations import STATIONS
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.kit import theme
    from vitrograph.desk.shell import Shell

    theme.apply(app)
    if code != "xx":
        dress(app, code)
    folder = Path(tempfile.mkdtemp())
    faults: list[str] = []
    sys.excepthook = lambda kind, fault, _: faults.append(f"{kind.__name__}: {fault}")
    order = Order.of(*map(demo_job, ("tumbler", "ornament", "plaque")), name="Open night")
    bench = Bench(order, Logbook(folder / "logbook.sqlite"), None, Shelf(folder / "shelf"))
    shell = Shell(bench)
    shell.resize(1024, 700)
    shell.show()
    said, cut = set(), set()
    for _ in range(600):
        QTest.qWait(50)
        if bench.order_results.complete:
            break
    for opened in (shell.windows.workshop, shell.windows.names, shell.windows.keys, shell.windows.finder,
                   shell.card("glass").open_helpers):
        window = opened()
        if opened.__name__ == "open_helpers":
            for row in range(window.names.count()):            # a page is made when it is turned to
                window.names.setCurrentRow(row)
        QTest.qWait(100)
        said.update(words for one in [window, *window.findChildren(QWidget)]
                    for words in told_by(one, (QComboBox, QTableWidget)))
        said.add(window.windowTitle())
        window.close()
    for at, station in product(range(len(order.pieces)), STATIONS):
        bench.take_piece(at)
        bench.go(station)
        QTest.qWait(250)
        said.update(words for one in shell.findChildren(QWidget) for words in told_by(one, (QComboBox, QTableWidget)))
        for one in shell.card(station).findChildren(QWidget):
            if isinstance(one, QPushButton | QLabel) and one.isVisible() and one.text() and one.width() > 1:
                parts = one.text().split("\n") if isinstance(one, QPushButton) or not one.wordWrap() else (
                    one.text().split())
                if max(map(one.fontMetrics().horizontalAdvance, parts)) > one.width() + 1:
                    cut.add(f"{station}: {one.text()}")
        room = shell.card(station).viewport().width() - AROUND
        cut.update(f"{station}: {one.text()}" for one in shell.card(station).findChildren(QPushButton)
                   if one.minimumSizeHint().width() > room)    # those too that are shown at other times
        if shell.card(station).widget().width() > shell.card(station).viewport().width():
            cut.add(f"{station}: the card is wider than its room")
    least = shell.minimumSizeHint()
    print(json.dumps({"said": sorted(said), "cut": sorted(cut), "least": [least.width(), least.height()],
                      "faults": sorted(set(faults))}))
    sys.stdout.flush()
    bench.close()
    os._exit(0)


if __name__ == "__main__":
    main(sys.argv[1])
