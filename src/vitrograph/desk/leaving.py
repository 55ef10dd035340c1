"""How the order looked and the window stood when it was left: shown again until the next start's first results."""

from typing import TYPE_CHECKING

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QPixmap
from PySide6.QtWidgets import QWidget

from vitrograph.core.stations import STATIONS
from vitrograph.desk.seen import Seen, Window

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell


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


def picture_of(widget: QWidget) -> QPixmap:
    """How a widget looks, a pixel for each of its own lengths: on finer screens too, since the next may be another."""
    picture = widget.grab()
    picture = picture.scaled(widget.size(), mode=Qt.TransformationMode.SmoothTransformation)
    picture.setDevicePixelRatio(1.0)
    return picture


def keep_as_left(shell: "Shell", seen: Seen, *, listed: bool) -> None:
    """Keep how the order looks, unless it is a new one that has no place yet, or is not worked out."""
    if (listed and shell.bench.path is None) or not shell.bench.results.complete:
        return
    boxes = {}
    for name, view in (("glass", shell.glass_view), ("sheet", shell.flat)):
        corner = view.mapTo(shell, QPoint(0, 0))
        boxes[name] = (corner.x(), corner.y(), view.width(), view.height())
    window = shell.window()
    seen.keep(shell.bench.path, shell.bench.order.name, shell.top.about.text(), boxes, picture_of(shell),
              Window((window.width(), window.height()), window.isMaximized(), tuple(shell.views.sizes()),
                     shell.bench.station))
