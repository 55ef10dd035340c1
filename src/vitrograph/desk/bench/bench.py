"""The bench: the job in hand, its undo stack, its results, and what the views point at together.

Stations and views know the bench only: they ask it to edit, and it tells them when results change.
"""

from collections.abc import Callable, Mapping, Sequence
from contextlib import suppress
from dataclasses import replace
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QUndoCommand, QUndoStack

from vitrograph.core.artwork import Art, compose, place, sized
from vitrograph.core.errors import VitrographError
from vitrograph.core.findings import Remedy
from vitrograph.core.fit import at_top
from vitrograph.core.glass import Motif, Shelf, default_folder
from vitrograph.core.job import Artwork, Job, Words
from vitrograph.core.logbook import Entry, Logbook
from vitrograph.core.pipeline import Results, Station
from vitrograph.core.storing.orderfile import load_job, save_job
from vitrograph.core.units import Unit, format_length
from vitrograph.desk.bench.held import HeldArt
from vitrograph.desk.bench.preview import Previewer
from vitrograph.desk.bench.runner import Runner

_PIECE_MERGES = 100_000
_FILLED_LATER = ("room", "assessed", "sheet", "checked", "care", "cut", "weed", "transfer", "etch")


class _Edit(QUndoCommand):
    """One undo step: the job before and after. Edits of one kind made in a row become one step."""

    def __init__(self, bench: "Bench", label: str, after: Job, merge: int) -> None:
        super().__init__(label)
        self.bench, self.before, self.after, self.merge = bench, bench.job, after, merge

    def id(self) -> int:
        return self.merge

    def mergeWith(self, later: QUndoCommand) -> bool:
        if not isinstance(later, _Edit) or later.text() != self.text():
            return False
        self.after = later.after
        return True

    def redo(self) -> None:
        self.bench.take(self.after)

    def undo(self) -> None:
        self.bench.take(self.before)


class Bench(QObject):
    """Holds the job; every change of it goes through `edit`."""

    job_changed = Signal(object)
    results_changed = Signal(object)
    refused = Signal(str)               # one sentence: what could not be done, and why
    told = Signal(str)                  # one sentence: what was done
    station_changed = Signal(str)
    pointed = Signal(object)            # (u, s) on the wall, or None
    spotlight = Signal(object)          # the shape the current step is about, or None
    found = Signal(object)              # a Finding to go to
    stepped = Signal(str)               # a station whose step changed
    chosen_changed = Signal(object)     # the keys of the items chosen, the model first
    held_changed = Signal()             # what is held by the pointer moved
    previewed = Signal(object)          # a Tried change of the stencil, or None
    tying_changed = Signal(bool)        # whether a click on the sheet places a tie

    def __init__(self, job: Job, logbook: Logbook, path: Path | None = None, shelf: Shelf | None = None) -> None:
        super().__init__()
        self.shelf = shelf or Shelf(default_folder())
        self.job = job
        self.path = path
        self.logbook = logbook
        self.glass_picture = b""           # a small JPEG of the glass in hand, kept with it on the shelf
        self.unit: Unit = "mm"
        self.station: Station = "glass"
        self.results = Results(job)
        self.kept = self._count_kept()
        self.free = False                  # proportions may change when items are pulled
        self.held_art: HeldArt | None = None      # items held by the pointer: what is shown follows it by itself
        self._settling = False             # let go, and their results not there yet
        self._steps: dict[Station, int] = {}
        self._previewer: Previewer | None = None
        self.tying = False
        self.chosen: tuple[int, ...] = _first_choice(job)
        self.undo_stack = QUndoStack(self)
        self.runner = Runner(self)
        self.runner.answered.connect(self._show)
        self.runner.broke.connect(self._break_off)
        self.runner.start()
        self.runner.ask(job)

    def edit(self, label: str, *, merge: int = 0, **changes: Any) -> bool:
        """Change the job as one undo step named `label`; a refused change says why and leaves the job as it was.

        Steps of one label and one `merge` number, other than 0, made in a row become one.
        """
        def change() -> None:
            after = self.job.changed(**changes)
            if after != self.job:
                self.undo_stack.push(_Edit(self, label, after, merge or -1))

        return self.attempt(change)

    def edit_item(self, label: str, key: int, *, merge: int = 0, **changes: Any) -> bool:
        """Change the item of a key, as `edit` does the job."""
        index = self.job.artwork.index_of(key)
        if index is None:
            return False
        own = _PIECE_MERGES * merge + key if merge else 0     # steps of two items are never one
        return self.edit(label, merge=own,
                         **{f"artwork__items__{index}__{path}": value for path, value in changes.items()})

    def arrange(self, label: str, artwork: Artwork, *, merge: int = 0, top: float | None = None) -> bool:
        """Put items elsewhere as one undo step; those left alone keep their place on the glass.

        `top` is how high the new artwork reaches in its own frame, where that is known.
        """
        rim = self.rim_distance()
        if rim is None:
            return self.edit(label, merge=merge, artwork=artwork)
        before, after = self._top_of(self.job.artwork), self._top_of(artwork) if top is None else top
        step = 0.0 if before is None or after is None else after - before
        return self.edit(label, merge=merge, artwork=artwork, **at_top(rim - step))

    def art(self) -> Art | None:
        """The art of the job in hand, worked out here if its results are not there yet; None where there is none."""
        if self.results.art is not None and self.results.job.artwork == self.job.artwork:
            return self.results.art
        try:
            return compose(self.job.artwork)
        except VitrographError:
            return None

    def resize(self, width: float | None = None, height: float | None = None) -> bool:
        """Bring all of the art to a width or a height, proportions kept unless they are free to change."""
        def change() -> None:
            art = self.art() or compose(self.job.artwork)
            if self.free:
                changes = {"artwork": sized(self.job.artwork, width or art.size[0], height or art.size[1])}
            else:
                changes = self.job.resized(width / art.size[0] if width else (height or 1.0) / art.size[1])
            self.edit("Size of all", **changes)

        return self.attempt(change)

    def rim_distance(self) -> float | None:
        """From the rim to the art's top, as asked for or as it has come to be; None where there is no art yet."""
        fitted = self.results.fitted
        fit = self.job.fit
        if fit.held == "top" and (fit.from_rim is not None or fitted is None):
            return fit.from_rim
        return None if fitted is None else fitted.from_rim

    def _top_of(self, artwork: Artwork) -> float | None:
        """How high the frosted items reach in the artwork's own frame."""
        tops = []
        for item in artwork.items:
            if item.shown and item.does == "frosts":
                with suppress(VitrographError):               # one that cannot be made is told of at its station
                    placed = place(item)
                    tops += [] if placed.shape.is_empty else [placed.box[3]]
        return max(tops, default=None)

    def hold(self, held_art: HeldArt) -> None:
        """Take hold of items: the views follow the pointer by themselves until they are let go."""
        self.held_art, self._settling = held_art, False
        self.held_changed.emit()

    def let_go(self) -> None:
        """Let go of them: they are shown as they were held until the results stand."""
        if self.held_art is not None:
            self._settling = True
            self.runner.ask(self.job)

    def set_free(self, free: bool) -> None:
        """Let items be pulled out of their proportions, or not."""
        self.free = free
        self.held_changed.emit()

    def choose(self, *keys: int) -> None:
        """Choose items, the first as the model for the others."""
        if keys != self.chosen:
            self.chosen = keys
            self.chosen_changed.emit(keys)

    def take(self, job: Job) -> None:
        """Make a job the one in hand and ask for its results."""
        self.job = job
        kept = tuple(key for key in self.chosen if job.artwork.index_of(key) is not None)
        self.choose(*(kept or _first_choice(job)))
        self.job_changed.emit(job)
        self.runner.ask(job)

    def replace_job(self, job: Job, path: Path | None) -> None:
        """Begin on another job, with a fresh undo stack."""
        self.undo_stack.clear()
        self.path = path
        self.glass_picture = b""
        self._steps = {}
        self.take(job)

    def open(self, path: Path) -> None:
        """Open a job file. Raises OrderFileError; the job in hand then stays."""
        self.replace_job(load_job(path), path)

    def save(self, path: Path) -> None:
        """Save the job in hand. Raises OrderFileError."""
        save_job(self.job, path)
        self.path = path
        self.undo_stack.setClean()

    def set_unit(self, unit: Unit) -> None:
        """Show lengths in mm or inches."""
        self.unit = unit
        self.results_changed.emit(self.results)

    def go(self, station: Station) -> None:
        """Stand at another station."""
        if station != self.station:
            self.station = station
            self.set_tying(False)
            self.spotlight.emit(None)
            self.station_changed.emit(station)

    def step_at(self, station: Station) -> int:
        """Which step of a station's work is at hand, from 0."""
        return self._steps.get(station, 0)

    def step_to(self, station: Station, step: int) -> None:
        """Go to a step of a station's work."""
        self._steps[station] = max(0, step)
        self.stepped.emit(station)

    def length(self, mm: float, digits: int | None = None) -> str:
        """A length written in the maker's unit; `digits` are for mm, inches keep their own."""
        return format_length(mm, self.unit, digits=digits if self.unit == "mm" else None)

    def size(self, motif: Motif | None) -> str:
        """A motif's width and height in the maker's unit."""
        return "none" if motif is None else f"{self.length(motif.width, 0)} × {self.length(motif.height, 0)}"

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
        self.edit(remedy.label, **remedy.changes)

    def attempt(self, work: Callable[[], object], told: str = "") -> bool:
        """Do what may be refused, and say in one sentence that it was done, or why it could not be."""
        try:
            work()
        except VitrographError as error:
            self.refused.emit(str(error))
            return False
        if told:
            self.told.emit(told)
        return True

    def log(self, entry: Entry) -> None:
        """Write a line in the logbook. Raises LogbookError."""
        self.logbook.add(entry)
        self.kept = self._count_kept()
        self.results_changed.emit(self.results)

    def _count_kept(self) -> int:
        """Lines in the logbook; one that cannot be used is told of at its own station."""
        try:
            return len(self.logbook.entries())
        except VitrographError:
            return 0

    def close(self) -> None:
        """Stop working; what the stack says while it is taken down concerns nobody."""
        self.undo_stack.blockSignals(True)
        self.runner.close()

    def _show(self, results: Results) -> None:
        if results.job != self.job:                         # a newer edit outdates this answer
            return
        if not results.complete:
            # art that is still being worked on keeps the last answers of the stations after it
            kept = {name: getattr(self.results, name) for name in _FILLED_LATER if getattr(results, name) is None}
            results = replace(results, **kept)
        self.results = results
        if self._settling and (results.fitted is not None or results.complete):
            self._show_still()
        self.results_changed.emit(results)

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
