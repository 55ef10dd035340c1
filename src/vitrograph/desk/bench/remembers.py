"""The logbook as the bench has it: what is written into it, and what is asked of it at every change."""

from collections.abc import Callable, Sequence
from typing import TypeVar

from PySide6.QtCore import SignalInstance

from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Job, Order
from vitrograph.core.logbook import Entry, Logbook, Mark, Photo, TakenOut
from vitrograph.core.results import Results
from vitrograph.core.storing.orderfile import content_of
from vitrograph.core.work import Happened
from vitrograph.desk.bench.making import Making

Done = TypeVar("Done")


class Remembers:
    """What has an order in hand, and a logbook."""

    order: Order
    job: Job
    logbook: Logbook
    making: Making
    results_changed: SignalInstance

    @property
    def results(self) -> Results:
        """What is known of the piece in hand."""
        raise NotImplementedError

    def _open_book(self) -> None:
        self.logged = self._count_entries()    # entries of the logbook
        self._lasts: dict[str, Entry | None] = {}
        self._asked: tuple[str, list[tuple[int, int]], int] | None = None
        self._pieces: frozenset[int] = frozenset()

    def log(self, entry: Entry, photos: Sequence[Photo] = (), marks: Sequence[Mark] = ()) -> None:
        """Write the entry of the piece in hand in the logbook, with the order as it is. Raises LogbookError."""
        number = self._logged(lambda: self.logbook.add(entry, content_of(self.order), marks, photos))
        self.making.note(Happened(self.making.now(), "written", self.job.key, number=number))

    @property
    def pieces_logged(self) -> frozenset[int]:
        """The keys of the pieces that were written down in the making under way, and still are in the logbook."""
        written = [(one.piece, int(one.number)) for one in self.making.happened if one.kind == "written"]
        if not written:
            return frozenset()
        asked = self.order.id, written, self.logbook.written()
        if asked != self._asked:
            self._asked = asked
            self._pieces = frozenset(piece for piece, number in written if self._is_kept(number))
        return self._pieces

    def _is_kept(self, number: int) -> bool:
        try:
            return self.logbook.entry(number).order_id == self.order.id
        except VitrographError:
            return False

    def relog(self, number: int, how: Callable[[Entry], Entry]) -> None:
        """Change an entry of the logbook. Raises LogbookError."""
        self._logged(lambda: self.logbook.change(number, how))

    def look_at_book(self) -> None:
        """See whether another window, or the command line, wrote in the logbook."""
        if self.logged != self._count_entries():
            self._logged(lambda: None)

    def unlog(self, number: int) -> TakenOut:
        """Take an entry out of the logbook, to be put back if need be. Raises LogbookError."""
        return self._logged(lambda: self.logbook.remove(number))

    def log_again(self, taken: TakenOut) -> None:
        """Put back an entry that was taken out. Raises LogbookError."""
        self._logged(lambda: self.logbook.put_back(taken))

    def _logged(self, work: Callable[[], Done]) -> Done:
        done = work()
        self.logged = self._count_entries()
        self._lasts.clear()
        self.results_changed.emit(self.results)
        return done

    def _count_entries(self) -> int:
        """How many entries the logbook has; one that cannot be used is told of at its own station."""
        try:
            return self.logbook.count()[0]
        except VitrographError:
            return 0

    def last_of(self, name: str) -> Entry | None:
        """The newest entry of a piece of that name, remembered: every change of a job asks for it."""
        if name not in self._lasts:
            try:
                self._lasts[name] = self.logbook.last_of(name)
            except VitrographError:
                self._lasts[name] = None
        return self._lasts[name]
