"""The bench: the order in hand, its undo stack, its results, and what the views point at together.

Stations and views know the bench only: they ask it to edit, and it tells them when results change. Of the order's
pieces one is in hand, and `job` is that piece with what the order shares.
"""

from collections.abc import Mapping, Sequence
from pathlib import Path
from typing import Any

from msgspec.structs import replace
from PySide6.QtCore import QObject, QTimer, Signal
from PySide6.QtGui import QUndoStack

from vitrograph.core.errors import JobError
from vitrograph.core.findings import Finding, Remedy
from vitrograph.core.glass import Shelf, default_folder
from vitrograph.core.job import Job, Order, Words
from vitrograph.core.job.change import Change, paths_of
from vitrograph.core.job.pieces import carried
from vitrograph.core.language import tr
from vitrograph.core.logbook import Logbook, Makings, check_logbook
from vitrograph.core.results import OrderResults, Results
from vitrograph.core.stations import Station
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.units import Unit
from vitrograph.core.work import Wall
from vitrograph.desk.bench.art_in_hand import ArtInHand
from vitrograph.desk.bench.held import HeldArt
from vitrograph.desk.bench.history import Edit, Place
from vitrograph.desk.bench.making import Making
from vitrograph.desk.bench.pieces_in_hand import PiecesInHand
from vitrograph.desk.bench.preview import Previewer
from vitrograph.desk.bench.remembers import Remembers
from vitrograph.desk.bench.runner import Runner
from vitrograph.desk.bench.spoken import Spoken
from vitrograph.desk.bench.work_in_hand import WorkInHand

_PIECE_MERGES = 100_000
_ORDER_MS = 120
_FILLED_LATER = ("room", "assessed", "sheet", "stencil_findings", "demands", "cut", "weed", "transfer", "etch")


class Bench(Spoken, Remembers, ArtInHand, QObject):
    """Holds the order; every change of it goes through `edit`."""

    job_changed = Signal(object)
    results_changed = Signal(object)
    order_changed = Signal()            # its pieces, or what is known of any of them
    refused = Signal(str)               # one sentence: what could not be done, and why
    told = Signal(str)                  # one sentence: what was done
    station_changed = Signal(str)
    pointed = Signal(object)            # (u, s) on the wall, or None
    clicked = Signal(object)            # (u, s) on the wall, where a click does not take hold of the art
    spotlight = Signal(object)          # the shape the current step is about, or None
    found = Signal(object)              # a Finding to go to
    stepped = Signal(str)               # a station whose step changed
    chosen_changed = Signal(object)     # the keys of the items chosen, the model first
    held_changed = Signal()             # what is held by the pointer moved
    previewed = Signal(object)          # a Tried change of the stencil, or None
    tying_changed = Signal(bool)        # whether a click on the sheet places a tie

    def __init__(self, order: Order, logbook: Logbook, path: Path | None = None, shelf: Shelf | None = None,
                 wall: Wall | None = None) -> None:
        super().__init__()
        self.shelf = shelf or Shelf(default_folder())
        self.order = order
        self.place = (0, 0)                # the piece in hand, and the row of its names
        self.index = 0                     # the same, among all that is made
        self.job = order.job()             # that piece with that row, and what its order shares
        self.path = path
        self.logbook = logbook
        self._pictured: tuple[object, bytes] = (None, b"")     # of which glass there is a small JPEG
        self.station: Station = "glass"
        self.order_results = OrderResults.begun(order)
        self.making = Making(Makings(logbook), wall)
        self.making.refused.connect(self.refused)
        self.work = WorkInHand(self)
        self.pieces = PiecesInHand(self)
        self.making.take(order.id)
        self._open_book()
        self.free = False                  # proportions may change when items are pulled
        self.held_art: HeldArt | None = None      # items held by the pointer: what is shown follows it by itself
        self._settling = False             # let go, and their results not there yet
        self._previewer: Previewer | None = None
        self.tying = False
        self.taken = 0                     # how many other orders were taken in hand
        self.chosen: tuple[int, ...] = _first_choice(self.job)
        self.undo_stack = QUndoStack(self)
        self._order_rest = QTimer(self, singleShot=True)       # of many rows not each is told by itself
        self._order_rest.timeout.connect(self.order_changed)
        self._newest = self.order_results
        self._others_rest = QTimer(self, singleShot=True, interval=_ORDER_MS)
        self._others_rest.timeout.connect(lambda: self._show(self._newest))
        self.runner = Runner(self)
        self.runner.answered.connect(self._hear)
        self.runner.broke.connect(self._break_off)
        self.runner.start()
        self.runner.ask(order, self.index)

    @property
    def results(self) -> Results:
        """What is known of the piece in hand."""
        return self.order_results.pieces[self.index]

    @property
    def glass_picture(self) -> bytes:
        """A small JPEG of the glass in hand, kept with it on the shelf; empty where there is none of this one."""
        return self._pictured[1] if self._pictured[0] == self._which_glass() else b""

    def picture_glass(self, small: bytes) -> None:
        """Have a small JPEG of the glass in hand."""
        self._pictured = self._which_glass(), small

    def _which_glass(self) -> tuple[str, int, str]:
        return self.order.id, self.job.key, self.job.glass.kind

    def edit(self, label: str, *changes: Change, merge: int = 0, **values: Any) -> bool:
        """Change the order as one undo step named `label`; a refused change says why and leaves it as it was.

        `values` are told by their paths, as in `Order.changed`: a design's fields are those of the piece in hand. Steps
        of one label and one `merge` number, other than 0, made in a row become one.
        """
        def change() -> None:
            at, row = self.place
            try:
                after = self.order.changed(at, row, **paths_of(changes, self.job), **values)
            except JobError as error:                         # told by the name that the field has on screen
                raise error.about(label) from None
            self.put(label, carried(self.order, after, at), merge=merge)

        return self.attempt(change)

    def put(self, label: str, order: Order, place: Place | None = None, *, merge: int = 0) -> None:
        """Make a changed order the one in hand as one undo step, with another piece in hand where a place is given."""
        if order != self.order:
            self.undo_stack.push(Edit(self, label, order, place or self.place, merge or -1))

    def edit_item(self, label: str, key: int, *, merge: int = 0, **changes: Any) -> bool:
        """Change the item of a key, as `edit` does the job."""
        index = self.job.artwork.index_of(key)
        if index is None:
            return False
        own = _PIECE_MERGES * merge + key if merge else 0     # steps of two items are never one
        return self.edit(label, merge=own,
                         **{f"artwork__items__{index}__{path}": value for path, value in changes.items()})

    def hold(self, held_art: HeldArt) -> None:
        """Take hold of items: the views follow the pointer by themselves until they are let go."""
        self.held_art, self._settling = held_art, False
        self.held_changed.emit()

    def let_go(self) -> None:
        """Let go of them: they are shown as they were held until the results stand."""
        if self.held_art is not None:
            self._settling = True
            self.runner.ask(self.order, self.index)

    def set_free(self, free: bool) -> None:
        """Let items be pulled out of their proportions, or not."""
        self.free = free
        self.held_changed.emit()

    def choose(self, *keys: int) -> None:
        """Choose items, the first as the model for the others."""
        if keys != self.chosen:
            self.chosen = keys
            self.chosen_changed.emit(keys)

    def take(self, order: Order, place: Place) -> None:
        """Make an order the one in hand, with a piece of it, and ask for its results."""
        self.order = order
        chosen = self._turn_to(place)
        self.order_results = self.order_results.carried_to(order)      # before anyone hears what is chosen
        self.making.take(order.id)
        self.choose(*chosen)
        self.job_changed.emit(self.job)
        self.order_changed.emit()
        self.work_out()

    def take_piece(self, at: int, row: int = 0) -> None:
        """Turn to another piece of the order, or another row of its names; what is known of it is shown at once."""
        if (at, row) == self.place:
            return
        self._show_still()
        self.set_tying(False)
        self.choose(*self._turn_to((at, row)))
        self.job_changed.emit(self.job)
        self.results_changed.emit(self.results)
        self.order_changed.emit()
        if not self.results.complete:
            self.work_out()

    def _turn_to(self, place: Place) -> tuple[int, ...]:
        """Have a piece in hand, or one that is near where that is not there any more; what is to be chosen of it."""
        at = max(0, min(place[0], len(self.order.pieces) - 1))
        row = max(0, min(place[1], len(self.order.pieces[at].names.rows) - 1))
        other = (at, row) != self.place
        self.place, self.job = (at, row), self.order.job(at, row)
        self.index = self.order.places.index(self.place)
        kept = () if other else tuple(key for key in self.chosen if self.job.artwork.index_of(key) is not None)
        return kept or _first_choice(self.job)

    def work_out(self) -> None:
        """Ask for the results of the order in hand."""
        self.runner.ask(self.order, self.index)

    def replace_order(self, order: Order, path: Path | None) -> None:
        """Begin on another order, with a fresh undo stack."""
        self.taken += 1
        self.undo_stack.clear()
        self.path = path
        self.take(order, (0, 0))

    def bring_back(self, order: Order, path: Path | None) -> None:
        """Take up recovered work, and the path that belongs to it, as work that is not saved."""
        self.replace_order(order, path)
        self.undo_stack.resetClean()

    def open(self, path: Path) -> None:
        """Open an order's file. Raises OrderFileError; the order in hand then stays."""
        self.replace_order(load_order(path), path)

    def save(self, path: Path) -> None:
        """Save the order in hand. Raises OrderFileError."""
        save_order(self.order, path)
        self.path = path
        self.undo_stack.setClean()

    def identify(self, order_id: str) -> None:
        """Make the order in hand another one as it is, by its id: what is done is that one's. Undo leaves it so."""
        self.take(replace(self.order, id=order_id), self.place)

    def set_unit(self, unit: Unit) -> None:
        """Show lengths in mm or inches."""
        self.edit(tr("Units"), units=unit)
        self.results_changed.emit(self.results)           # no need to wait until they are found to be the same

    def go(self, station: Station) -> None:
        """Stand at another station."""
        if station != self.station:
            self.station = station
            self.set_tying(False)
            self.spotlight.emit(None)
            self.station_changed.emit(station)

    def findings(self, station: Station) -> tuple[Finding, ...]:
        """What was found at a station, about the piece in hand; at the logbook, how the same went before."""
        if station == "logbook":
            return tuple(check_logbook(self.last_of(self.job.name), self.job))
        return self.results.findings(station)

    def preview(self, changes: Mapping[str, Any] | None) -> None:
        """Show on the sheet what changes would do to it, once that is worked out; None shows it as it is."""
        sheet = self.results.sheet
        if changes is None or sheet is None:
            if self._previewer is not None:
                self._previewer.forget()
            self.previewed.emit(None)
            return
        if self._previewer is None:
            self._previewer = Previewer(self)
            self._previewer.answered.connect(self.previewed)
            self._previewer.refused.connect(lambda _why: self.previewed.emit(None))
        self._previewer.try_out(self.job, sheet, changes)

    def set_tying(self, tying: bool) -> None:
        """Let clicks on the sheet place ties, or not."""
        if tying != self.tying:
            self.tying = tying
            self.tying_changed.emit(tying)

    def set_ties(self, label: str, spots: Sequence[tuple[float, float]]) -> None:
        """Have ties at some places on the sheet, by hand from now on."""
        fitted = self.results.fitted
        if fitted is not None:
            places = dict.fromkeys((round(x, 3), round(y, 3)) for x, y in map(fitted.in_artwork, spots))
            self.edit(label, stencil__ties__placed="hand", stencil__ties__at=tuple(places))

    def remedy(self, remedy: Remedy) -> None:
        """Do what a finding offers."""
        self.edit(self.words(remedy.label), *remedy.changes)

    def close(self) -> None:
        """Stop working; what the stack says while it is taken down concerns nobody."""
        self.undo_stack.blockSignals(True)
        self.making.close()
        self.runner.close()

    def _hear(self, answer: OrderResults) -> None:
        """Show what is new of the piece in hand at once; of the others, told many at once, now and then the newest."""
        self.runner.hear()
        self._newest = answer
        known, same = self.order_results, answer.order is self.order
        if same and not answer.complete and known.pieces[self.index] is answer.pieces[self.index]:
            if not self._others_rest.isActive():
                self._others_rest.start()
        else:
            self._others_rest.stop()
            self._show(answer)

    def _show(self, answer: OrderResults) -> None:
        if answer.order is not self.order and answer.order != self.order:     # a newer edit outdates this answer
            return
        before, results = self.results, answer.pieces[self.index]
        if not results.complete:
            # art that is still being worked on keeps the last answers of the stations after it
            kept = {name: getattr(before, name) for name in _FILLED_LATER if getattr(results, name) is None}
            answer = answer.with_piece(self.index, replace(results, **kept))
        self.order_results = self.order_results.carried_to(self.order, answer)
        if self._settling and (results.fitted is not None or results.complete):
            self._show_still()
        if self.results is not before:
            self.results_changed.emit(self.results)
        if self.order_results.complete:
            self._order_rest.start(0)
        elif not self._order_rest.isActive():
            self._order_rest.start(_ORDER_MS)

    def _show_still(self) -> None:
        """Nothing is held any more: the views show results again."""
        self.held_art, self._settling = None, False
        self.held_changed.emit()

    def _break_off(self, sentence: str) -> None:
        """No results will come: say so, and let nothing hang in the hand."""
        self._show_still()
        self.refused.emit(sentence)


def _first_choice(job: Job) -> tuple[int, ...]:
    """The item that is in hand at first: words, where there are any."""
    items = job.artwork.items
    first = next((item for item in items if isinstance(item.what, Words)), items[0] if items else None)
    return () if first is None else (first.key,)
