"""Looking at a photograph: judged off the window's thread, shown, and corrected by hand."""

from pathlib import Path
from typing import TYPE_CHECKING

from msgspec import Struct, field
from msgspec.structs import replace
from PySide6.QtCore import QObject, Signal

from vitrograph.core.language import tr
from vitrograph.core.logbook import GRAVEST, Mark, Outcome
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask

if TYPE_CHECKING:
    from vitrograph.core.logbook.inspection import Fault, FaultKind, Inspection, Taken


Piece = tuple[str, int]              # an order's id, and the key of one of its pieces
_MOST = 4                           # photographs in memory: one is some ten million pixels


class Waits(Struct, frozen=True):
    """An opened photograph whose piece's corners are still to be pointed at; whether it is of the film."""

    of: Piece
    name: str
    photo: "Taken"
    film: bool


class Looked(Struct, frozen=True):
    """A photograph, what was found in it and what the maker marked, and which of that the maker says is none."""

    of: Piece
    name: str
    photo: "Taken"
    seen: "Inspection"
    none: frozenset[int] = field(default_factory=frozenset)
    marked: "tuple[Fault, ...]" = ()

    @property
    def faults(self) -> "tuple[Fault, ...]":
        """All that was found, then what the maker marked."""
        return (*self.seen.faults, *self.marked)

    @property
    def kept(self) -> "Inspection":
        """What was found and marked, less what is none."""
        faults = tuple(one for at, one in enumerate(self.faults) if at not in self.none)
        return replace(self.seen, faults=faults)

    @property
    def marks(self) -> tuple[Mark, ...]:
        """What was found on the frost, where on the sheet, as it is kept."""
        return tuple(Mark(1, fault.outcome, *fault.where, f"{fault.area:.2f} mm²")
                     for fault in self.kept.faults
                     if fault.outcome is not None)

    @property
    def outcome(self) -> Outcome:
        """How this one copy came out: the gravest of what was found."""
        return min(self.kept.outcomes, key=GRAVEST.index)


class Looking(QObject):
    """Judges a photograph of a piece. `looked` carries what is looked at, or None; `under_way` what is being done.

    It is the photograph of its piece: while another is in hand it is put aside.

    Without a card, `opened` carries the picture in which the piece's four corners are still to be pointed at.
    """

    looked = Signal(object)
    opened = Signal(object)
    under_way = Signal(str)
    _went = Signal(str)

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self.bench = bench
        self.of: Piece = (bench.order.id, bench.job.key)
        self.at: Looked | None = None
        self._aside: dict[Piece, Looked] = {}
        self._waits: Waits | None = None                       # what corners are asked for
        self._task = BackgroundTask(self)
        self._task.answered.connect(self._take)
        self._task.refused.connect(self._refuse)
        self._went.connect(self.under_way)

    @property
    def busy(self) -> bool:
        """Whether a photograph is being judged."""
        return self._task.busy

    def turn_to(self, piece: Piece) -> None:
        """Take a piece in hand: its photograph is looked at again, that of the one before is put aside."""
        if piece != self.of:
            self.of = piece
            self._show(self._aside.get(piece))

    def look(self, path: Path, *, film: bool) -> None:
        """Judge a photograph of the piece in hand, or of its weeded film."""
        piece, of = self.bench.results.finished(), self.of

        def work() -> Looked:
            from vitrograph.core.logbook.inspection import inspect_photo, read_photo

            self._went.emit(tr("opening the picture"))
            photo = read_photo(path)
            return Looked(of, path.name, photo, inspect_photo(photo, piece, film=film, went=self._went.emit))

        self._task.ask(work)

    def open_for_corners(self, path: Path, *, film: bool) -> None:
        """Open a photograph without a card, for the piece's corners to be pointed at."""
        of = self.of

        def work() -> Waits:
            from vitrograph.core.logbook.inspection import read_photo

            self._went.emit(tr("opening the picture"))
            return Waits(of, path.name, read_photo(path), film)

        self._task.ask(work)

    def look_at_corners(self, corners: list[tuple[float, float]]) -> None:
        """Judge the opened photograph by the piece's own corners, in pixels."""
        if self._waits is None:
            return
        waits, piece = self._waits, self.bench.results.finished()

        def work() -> Looked:
            from vitrograph.core.logbook.inspection import inspect_photo

            return Looked(waits.of, waits.name, waits.photo, inspect_photo(
                waits.photo, piece, film=waits.film, corners=corners, went=self._went.emit))

        self._task.ask(work)

    def mark(self, kind: "FaultKind", middle: tuple[float, float], edge: tuple[float, float]) -> None:
        """Add a fault that the eye sees: its middle and a place of its edge, in pixels."""
        from vitrograph.core.logbook.inspection import marked

        if self.at is None:
            return
        fault = marked(self.at.seen, kind, middle, edge)
        if fault is None:
            self.bench.refused.emit(tr("that place is not on the side of the glass that is seen here"))
        else:
            self._show(replace(self.at, marked=(*self.at.marked, fault)))

    def toggle(self, fault: int) -> None:
        """Say that something found is nothing, or that it is after all."""
        if self.at is not None:
            self._show(replace(self.at, none=self.at.none ^ {fault}))

    def forget(self) -> None:
        """Look at no photograph."""
        self._task.forget()
        self._aside.pop(self.of, None)
        self._show(None)

    def _take(self, answer: object) -> None:
        """An opened photograph waits for its corners; a judged one is shown."""
        if isinstance(answer, Looked):
            if answer.of == self.of:
                self._show(answer)
            else:                                              # judged while another piece was taken in hand
                self._keep(answer)
                self.under_way.emit("")
            return
        assert isinstance(answer, Waits)
        if answer.of != self.of:                               # opened for another piece: it is asked for there anew
            self.under_way.emit("")
            return
        self._show(None)
        self._waits = answer
        self.opened.emit(answer.photo)

    def _keep(self, looked: Looked) -> None:
        self._aside.pop(looked.of, None)
        self._aside[looked.of] = looked
        while len(self._aside) > _MOST:
            del self._aside[next(iter(self._aside))]

    def _show(self, looked: Looked | None) -> None:
        if looked is not None:
            self._keep(looked)
        self.at, self._waits = looked, None
        self.under_way.emit("")
        self.looked.emit(looked)

    def _refuse(self, says: str) -> None:
        self.under_way.emit("")
        if self._waits is not None:                            # its corners may be pointed at once more
            self.opened.emit(self._waits.photo)
        self.bench.refused.emit(says)
