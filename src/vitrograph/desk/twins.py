"""Files that hold one and the same order: a copy made by other hands brings along what is ticked off of its first."""

import json
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer

from vitrograph.core.errors import OrderFileError
from vitrograph.core.storing.whole import write_whole

if TYPE_CHECKING:
    from vitrograph.desk.files import Files

_MOST = 500                        # orders whose files are remembered
_MOST_FILES = 20                   # of one order


class OrderFiles:
    """In which files each order was saved or opened, by its id. Nothing here raises: a list that is lost asks less."""

    def __init__(self, place: Path) -> None:
        self._place = place

    def of(self, order_id: str) -> list[Path]:
        """The files that are known of an order, the latest last."""
        return [Path(one) for one in self._read().get(order_id, ())]

    def know(self, order_id: str, path: Path) -> None:
        """Remember that a file holds an order; whatever else it held, it does no more."""
        called, before = str(path.resolve()), self._read()
        if called in before.get(order_id, ()):
            return
        told = {one: left for one, files in before.items() if (left := [name for name in files if name != called])}
        told[order_id] = [*told.pop(order_id, ()), called][-_MOST_FILES:]
        with suppress(OSError, OrderFileError):
            self._place.parent.mkdir(parents=True, exist_ok=True)
            write_whole(self._place, json.dumps(dict(list(told.items())[-_MOST:]), indent=1).encode("utf-8"))

    def _read(self) -> dict[str, list[str]]:
        with suppress(OSError, ValueError, TypeError, AttributeError, RecursionError):
            told = json.loads(self._place.read_bytes())
            return {str(one): [str(name) for name in files] for one, files in told.items()}
        return {}


class Twins(QObject):
    """Asks about a file opened for the first time, where another of the same order stands and steps of it are done."""

    def __init__(self, files: "Files", known: OrderFiles) -> None:
        super().__init__(files)
        self._files, self._known = files, known
        self._soon = QTimer(self, singleShot=True, interval=0)         # once it is known what is done of the order
        self._soon.timeout.connect(self._look)
        files.placed.connect(self._soon.start)
        files.saved.connect(self._know)
        self._soon.start()

    def _know(self) -> None:
        bench = self._files.bench
        if bench.path is not None:
            self._known.know(bench.order.id, bench.path)

    def _look(self) -> None:
        bench = self._files.bench
        if bench.path is None:
            return
        others = self._known.of(bench.order.id)
        if bench.path.resolve() in others:
            return
        first = next((one for one in reversed(others) if one.is_file()), None)
        if first is None:
            self._know()
        elif bench.making.begun:
            self._files.ask_twin(bench.path, first, self._know)
