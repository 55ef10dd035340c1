"""Files read or written off the window's thread: one after the other, and none that is asked for is dropped."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject

from vitrograph.core.errors import UnfinishedError
from vitrograph.core.language import tr
from vitrograph.core.storing.whole import write_whole
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.bench.spoken import Spoken


class FileTask(BackgroundTask):
    """Says on the bench why a file could not be read or written; what comes of it is `answered`."""

    def __init__(self, bench: Spoken, parent: QObject) -> None:
        super().__init__(parent)
        self._bench = bench
        self.refused.connect(bench.refused)

    def begin(self, prepare: Callable[[], Callable[[], object]], says: str = "") -> None:
        """Do what is prepared, and say so; or say why it cannot be: preparing may refuse, and so does a file before."""
        def begin() -> None:
            if self.busy:
                raise UnfinishedError(tr("a file is still being read or written: wait a moment"))
            work = prepare()
            if says:
                self._bench.told.emit(says)
            self.ask(work)

        self._bench.attempt(begin)


class PageTask(FileTask):
    """Writes pages to print, and says so."""

    def __init__(self, bench: Spoken, parent: QObject) -> None:
        super().__init__(bench, parent)
        self.answered.connect(lambda name: bench.told.emit(tr("written: {name}; print it at 100 %", name=name)))

    def write(self, path: Path, prepare: Callable[[], Callable[[], bytes]]) -> None:
        """Write what is made by that which is prepared, or say why it cannot be."""
        def ready() -> Callable[[], str]:
            make = prepare()

            def write() -> str:
                write_whole(path, make())
                return path.name

            return write

        self.begin(ready)
