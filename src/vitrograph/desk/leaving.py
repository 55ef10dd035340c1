"""How the order looked and the window stood when it was left: shown again until the next start's first results."""

from functools import partial
from threading import Thread
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QPoint, Qt, QTimer
from PySide6.QtGui import QImage
from PySide6.QtWidgets import QWidget

from vitrograph.core.stations import STATIONS
from vitrograph.desk.seen import Seen, Window
from vitrograph.desk.twins import OrderFiles, Twins

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell

_KEEP_MS = 1500                    # after an order was opened or saved


def show_as_left(shell: "Shell", seen: Seen) -> None:
    """Show what was kept of the shell's order, and divide the window as it was."""
    one = seen.of(shell.bench.path)
    if one is not None:
        for name, view in (("glass", shell.glass_view), ("sheet", shell.sheet_view)):
            view.last = seen.view(one, name)
    if len(seen.window.split) == shell.views.count():
        shell.views.setSizes(list(seen.window.split))
    station = next((name for name in STATIONS if name == seen.window.station), None)
    if one is not None and station is not None and one is seen.recents[0]:
        shell.bench.go(station)


def picture_of(widget: QWidget) -> QImage:
    """How a widget looks, a pixel for each of its own lengths: on finer screens too, since the next may be another."""
    picture = widget.grab().toImage()
    picture = picture.scaled(widget.size(), mode=Qt.TransformationMode.SmoothTransformation)
    picture.setDevicePixelRatio(1.0)
    return picture


class AsLeft(QObject):
    """Looks as when the order was left, and keeps how it looks: when it is left, opened and saved.

    Not only when it is left: a power cut asks nobody, and the next start must find the order whose cream stands.
    """

    def __init__(self, shell: "Shell", seen: Seen) -> None:
        super().__init__(shell)
        self._shell, self._seen = shell, seen
        self._soon = QTimer(self, singleShot=True, interval=_KEEP_MS)
        self._soon.timeout.connect(partial(self.keep, at_once=False))
        show_as_left(shell, seen)
        shell.files.placed.connect(self._soon.start)
        Twins(shell.files, OrderFiles(seen.folder / "files.json"))
        path = shell.bench.path
        if path is not None and seen.last != path.resolve():
            self._soon.start()

    def keep(self, *, at_once: bool = True) -> None:
        """Keep how the order looks, unless it is a new one that has no place yet, or is not worked out.

        Not `at_once`, it is written on a thread, which the program's end waits for.
        """
        shell, window = self._shell, self._shell.window()
        if shell.bench.path is None and (shell.listed or not at_once):
            return
        if not shell.bench.results.complete:
            if not at_once:
                self._soon.start()
            return
        boxes = {}
        for name, view in (("glass", shell.glass_view), ("sheet", shell.flat)):
            corner = view.mapTo(shell, QPoint(0, 0))
            boxes[name] = (corner.x(), corner.y(), view.width(), view.height())
        left = Window((window.width(), window.height()), window.isMaximized(), tuple(shell.views.sizes()),
                      shell.bench.station)
        write = partial(self._seen.keep, shell.bench.path, shell.bench.order.name, shell.top.about.text(), boxes,
                        picture_of(shell), left)
        if at_once:
            write()
        else:
            Thread(target=write).start()
