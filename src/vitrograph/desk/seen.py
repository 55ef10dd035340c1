"""What is kept between two starts: the window's size, the orders in hand last, and how the window looked with each.

It stands in the state folder and is read before anything else; whatever is wrong with it, the window opens without.
"""

import hashlib
import json
from collections.abc import Mapping
from contextlib import suppress
from pathlib import Path
from threading import Lock, Thread
from typing import Any, NamedTuple

import platformdirs
from PySide6.QtCore import QRect
from PySide6.QtGui import QImage, QPixmap

_MOST = 12                         # orders that are remembered
_LEAST_PX, _MOST_PX = 640, 8000

Box = tuple[int, int, int, int]


class Recent(NamedTuple):
    """An order that was in hand: its path ("" for the demo), its name, what it holds, where the views were."""

    path: str
    name: str
    about: str
    views: Mapping[str, Box]


class Window(NamedTuple):
    """The window as it was left."""

    size: tuple[int, int] = (1280, 800)
    maximized: bool = False
    split: tuple[int, ...] = ()
    station: str = ""


def default_folder() -> Path:
    """Where it is kept."""
    return Path(platformdirs.user_state_dir("vitrograph")) / "seen"


class Seen:
    """Reads and writes it. Nothing here raises: a picture that cannot be kept is no reason to stop."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.recents: list[Recent] = []
        self.window = Window()
        self._pictures: dict[str, QPixmap] = {}                # read once
        self._ahead: tuple[str, Thread, QImage] | None = None
        self._keeping = Lock()
        self._read()

    def _read(self) -> None:
        with suppress(OSError, ValueError, TypeError, KeyError, AttributeError, RecursionError):
            told = json.loads((self.folder / "seen.json").read_bytes())
            self.window = _window_of(told["window"])
            self.recents = [_recent_of(one) for one in told["orders"][:_MOST]]

    @property
    def last(self) -> Path | None:
        """The order's file that was in hand last and is still there."""
        return next((path for one in self.recents if one.path and (path := Path(one.path)).is_file()), None)

    def begun_with(self, path: Path | None, demo: str | None) -> tuple[Path | None, Recent | None]:
        """The order's file a start begins with, and what is remembered of it: the one asked for, else the last.

        `demo` is as `open_window` takes it.
        """
        if demo is not None:
            return path, self.of(None) if demo == "" else None
        path = path or self.last
        return path, self.of(path) if path is not None else None

    def of(self, path: Path | None) -> Recent | None:
        """What is remembered of an order's file, or of the demo."""
        key = _key(path)
        return next((one for one in self.recents if one.path == key), None)

    def read_ahead(self, one: Recent) -> None:
        """Begin to read an order's picture beside what else is done: a tenth of the time until the window stands."""
        image = QImage()
        reading = Thread(target=image.load, args=(str(self._place(one)),), daemon=True)
        reading.start()
        self._ahead = one.path, reading, image

    def picture(self, one: Recent) -> QPixmap:
        """The whole window as it looked with an order in hand; null where none can be read."""
        if one.path not in self._pictures:
            self._pictures[one.path] = QPixmap.fromImage(self._image(one))
        return self._pictures[one.path]

    def _image(self, one: Recent) -> QImage:
        if self._ahead is None or self._ahead[0] != one.path:
            return QImage(str(self._place(one)))
        _, reading, image = self._ahead
        reading.join()
        self._ahead = None
        return image

    def view(self, one: Recent, name: str) -> QPixmap:
        """One of the two views as it looked; null where it is not known."""
        whole = self.picture(one)
        return whole.copy(QRect(*one.views[name])) if name in one.views and not whole.isNull() else QPixmap()

    def keep(self, path: Path | None, name: str, about: str, views: Mapping[str, Box], picture: QImage,
             window: Window) -> None:
        """Remember an order as it is, before all others, and the window. It may be called on a thread."""
        one = Recent(_key(path), name, about, views)
        with self._keeping, suppress(OSError):
            self._read()                                       # what other windows kept meanwhile stays
            self.recents = [one, *(other for other in self.recents if other.path != one.path)]
            self.window = window
            self._pictures.pop(one.path, None)
            self.folder.mkdir(parents=True, exist_ok=True)
            picture.save(str(self._place(one)))
            for gone in self.recents[_MOST:]:
                self._place(gone).unlink(missing_ok=True)
            self.recents = self.recents[:_MOST]
            self._write()

    def forget(self, one: Recent) -> None:
        """Remember an order no more."""
        self._read()
        self.recents = [other for other in self.recents if other != one]
        with suppress(OSError):
            self._place(one).unlink(missing_ok=True)
            self._write()

    def _place(self, one: Recent) -> Path:
        return self.folder / f"{hashlib.sha256(one.path.encode('utf-8', 'surrogatepass')).hexdigest()[:24]}.png"

    def _write(self) -> None:
        from vitrograph.core.errors import OrderFileError  # a start only reads
        from vitrograph.core.storing.whole import write_whole

        told = {"window": self.window._asdict(), "orders": [one._asdict() for one in self.recents]}
        with suppress(OrderFileError):
            write_whole(self.folder / "seen.json", json.dumps(told, indent=1).encode("utf-8"))


def _key(path: Path | None) -> str:
    return "" if path is None else str(path.resolve())


def _recent_of(told: Any) -> Recent:
    views = {str(name): _box(box) for name, box in told["views"].items()}
    return Recent(str(told["path"]), str(told["name"]), str(told["about"]), views)


def _box(told: Any) -> Box:
    left, top, wide, high = (int(number) for number in told)
    return left, top, wide, high


def _window_of(told: Any) -> Window:
    wide, high = (min(max(int(side), _LEAST_PX), _MOST_PX) for side in told["size"])
    return Window((wide, high), bool(told["maximized"]), tuple(int(width) for width in told["split"]),
                  str(told["station"]))
