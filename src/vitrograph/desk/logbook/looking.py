"""Looking at a photograph: judged off the window's thread, shown, and corrected by hand."""

from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from vitrograph.core.logbook import Mark, Outcome
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask

if TYPE_CHECKING:
    from vitrograph.core.logbook.inspection import Inspection, Taken

# of several faults of one copy the one it is counted by
_GRAVEST: tuple[Outcome, ...] = ("spoiled", "leak at an edge", "bled under", "missed bit", "faint", "uneven", "drip",
                                 "crooked", "good")


@dataclass(frozen=True)
class Looked:
    """A photograph, what was found in it, and which of that the maker says is none."""

    name: str
    photo: "Taken"
    seen: "Inspection"
    none: frozenset[int] = field(default_factory=frozenset)

    @property
    def kept(self) -> "Inspection":
        """What was found, less what is none."""
        faults = tuple(one for at, one in enumerate(self.seen.faults) if at not in self.none)
        return replace(self.seen, faults=faults)

    @property
    def marks(self) -> tuple[Mark, ...]:
        """What was found on the frost, where on the sheet, as it is kept."""
        return tuple(Mark(1, fault.outcome, *fault.where, f"{fault.area:.2f} mm²") for fault in self.kept.faults
                     if fault.outcome is not None)

    @property
    def outcome(self) -> Outcome:
        """How this one copy came out: the gravest of what was found."""
        return min(self.kept.outcomes, key=_GRAVEST.index)


class Looking(QObject):
    """Judges one photograph at a time. `looked` carries what is looked at, or None; `under_way` what is being done."""

    looked = Signal(object)
    under_way = Signal(str)
    _went = Signal(str)

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self.bench = bench
        self.at: Looked | None = None
        self._task = BackgroundTask(self)
        self._task.answered.connect(self._show)
        self._task.refused.connect(self._refuse)
        self._went.connect(self.under_way)

    @property
    def busy(self) -> bool:
        """Whether a photograph is being judged."""
        return self._task.busy

    def look(self, path: Path, *, film: bool) -> None:
        """Judge a photograph of the piece in hand, or of its weeded film."""
        piece = self.bench.results.finished()

        def work() -> Looked:
            from vitrograph.core.logbook.inspection import inspect_photo, read_photo

            self._went.emit("opening the picture")
            photo = read_photo(path)
            return Looked(path.name, photo, inspect_photo(photo, piece, film=film, went=self._went.emit))

        self._task.ask(work)

    def toggle(self, fault: int) -> None:
        """Say that something found is nothing, or that it is after all."""
        if self.at is not None:
            self._show(replace(self.at, none=self.at.none ^ {fault}))

    def forget(self) -> None:
        """Look at no photograph."""
        self._task.forget()
        self._show(None)

    def _show(self, looked: Looked | None) -> None:
        self.at = looked
        self.under_way.emit("")
        self.looked.emit(looked)

    def _refuse(self, says: str) -> None:
        self.under_way.emit("")
        self.bench.refused.emit(says)
