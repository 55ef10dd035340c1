"""The order's files as the window handles them: new, open, save, the packet; and nothing unsaved lost in between."""

from collections.abc import Callable
from functools import cached_property, partial
from pathlib import Path
from threading import Event
from time import monotonic
from typing import TYPE_CHECKING, cast

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QFileDialog, QWidget

from vitrograph.core.errors import Cancelled, OrderFileError
from vitrograph.core.job import Order, new_id
from vitrograph.core.language import tr
from vitrograph.core.results import FinishedOrder
from vitrograph.core.storing.orderfile import last_good
from vitrograph.core.storing.whole import names_of, write_whole
from vitrograph.core.workshop import begun
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.file_task import FileTask
from vitrograph.desk.bench.recovery import Recovery
from vitrograph.desk.greeting import Greeting
from vitrograph.desk.kit.ask_bar import Answer, AskBar
from vitrograph.desk.kit.far_bar import FarBar
from vitrograph.desk.kit.saving import ask_place, used, usual_folder

if TYPE_CHECKING:
    from vitrograph.core.export import Told
    from vitrograph.core.paper import PaperName
    from vitrograph.desk.printing import Printing, Recording

_ORDERS = tr("Orders (*.vitro)")
_MOMENT_S = 0.5                    # after which it is told how far writing is


def _written(path: Path, content: bytes, told: "Told") -> tuple[Path, ...]:
    told(tr("writing the files"))
    write_whole(path, content)
    return (path,)


def _stamp_of(path: Path) -> tuple[int, int] | None:
    """What tells a file from one written later; None where there is none."""
    try:
        told = path.stat()
    except OSError:
        return None
    return told.st_mtime_ns, told.st_size


class Files(Greeting):
    """Opens and saves for a window.

    `placed` says that the order in hand stands in its file as it is here, or has none: it was opened, `saved` or begun.
    """

    placed = Signal()
    saved = Signal()
    _wrote = Signal(str)           # how far, from the thread that writes

    def __init__(self, window: QWidget, bench: Bench, recovery: Recovery | None) -> None:
        super().__init__(window, bench, recovery)
        self._window = window
        self._held: Path | None = None
        self._stamp: tuple[int, int] | None = None             # of its file, as it was read or written here
        self._note()
        bench.order_changed.connect(self._look)
        self.writing = FileTask(bench, self)
        self.writing.answered.connect(self._tell_written)
        self._writing_bar = FarBar(self._put_up, Answer("stopWriting", tr("Stop writing"), lambda: self._stop.set()))
        self._stop = Event()                                   # the writing that is under way
        self._wrote.connect(self._writing_bar.tell)
        for ended in (self.writing.answered, self.writing.refused):
            ended.connect(lambda _what: self._writing_bar.done())

    def _note(self) -> None:
        self._held = self.bench.path
        self._stamp = _stamp_of(self._held) if self._held is not None else None
        self.placed.emit()

    def _look(self) -> None:
        if self.bench.path != self._held:
            self._note()

    def new(self) -> None:
        """Begin an empty order, with what the workshop has."""
        self.guarded(lambda: self.bench.replace_order(begun(self.owned(), Order(id=new_id())), None))

    def open(self, path: Path) -> None:
        """Open an order's file, or say why it cannot be; where it is damaged, offer the copy before the last save."""
        def open_it() -> None:
            try:
                self.bench.open(path)
                self._note()
            except OrderFileError as error:
                self.bench.refused.emit(str(error))
                if self._gave_up:                              # for nothing: it is in hand still, and not saved
                    self.bench.undo_stack.resetClean()
                if (kept := last_good(path)) is not None:
                    self._ask(tr("{name} cannot be read. The copy kept before its last save can.", name=path.name), (
                        Answer("openBackup", tr("Open that copy"),
                               lambda: self.guarded(lambda: self.bench.bring_back(kept, path))),
                        Answer("stay", tr("Leave it"), lambda: None)))

        self.guarded(open_it)

    def save(self) -> None:
        """Save under the order's own path; ask for one where it has none."""
        if self.bench.path is not None:
            self.save_as(self.bench.path)
        else:
            self.choose_save()

    def save_as(self, path: Path) -> None:
        """Save the order, or say why it cannot be; ask first where the file was changed by other hands meanwhile."""
        stamp = _stamp_of(path)
        if path == self.bench.path and None not in (stamp, self._stamp) and stamp != self._stamp:
            self._ask(tr("“{name}” was changed by another window or program since it was opened here.", name=path.name),
                      (Answer("saveElsewhere", tr("Save under another name"), self.choose_save),
                       Answer("saveOver", tr("Save over it"), lambda: self._put(path)),
                       Answer("stay", tr("Stay here"), lambda: None)))
        elif self._is_copy(path):
            self._put_copy(path)
        else:
            self._put(path)

    def _is_copy(self, path: Path) -> bool:
        """Whether the order in hand stays where it was saved before, and would be in two places."""
        before = self.bench.path
        return before is not None and before.exists() and not (path.exists() and before.samefile(path))

    def _put_copy(self, path: Path) -> None:
        """Save it beside its first file, as another order of which nothing is done; where something is, it is asked."""
        if not self.bench.making.begun:
            self._put_anew(path)
            return
        says = tr("“{name}” is a second file of this order, of which steps are ticked off already.", name=path.name)
        self._ask_which(says, path, lambda: self._put(path), Answer("stay", tr("Stay here"), lambda: None))

    def _put_anew(self, path: Path) -> None:
        before = self.bench.order.id
        self.bench.identify(new_id())
        if not self._put(path):
            self.bench.identify(before)

    def _ask_which(self, says: str, path: Path, same: Callable[[], object], *others: Answer) -> None:
        self._ask(says, (
            Answer("copyAnew", tr("Make it another order, from the first step"), lambda: self._put_anew(path)),
            Answer("copyDone", tr("The same order, as far as it is done"), same), *others))

    def ask_twin(self, path: Path, first: Path, same: Callable[[], object]) -> None:
        """Ask what the file in hand is, that holds the order of another file: of that, steps are ticked off."""
        told = first.name if first.name != path.name else str(first)
        self._ask_which(tr("“{name}” is a copy of “{first}”, of which steps are ticked off already.", name=path.name,
                           first=told), path, same)

    def _put(self, path: Path) -> bool:
        """Save the order, or say why it cannot be. One without a name of its own is called as its file is."""
        called = "".join(filter(str.isprintable, path.stem)).strip()
        if called and path != self.bench.path and self.bench.order.name == Order().name:
            self.bench.pieces.name_order(called)
        saved = self.bench.attempt(lambda: self.bench.save(path), tr("saved: {name}", name=path.name))
        if saved:
            self.saved.emit()
            self._note()
        return saved

    def write_files(self, folder: Path) -> None:
        """Write all files of the order in the background, or say why they cannot be; ask first where another's are."""
        from vitrograph.core.export import other_order  # the window opens sooner without it

        other = other_order(folder, self.bench.order)
        if other is None:
            self._write_files(folder)
        else:
            self._ask(tr("The files of another order, “{name}”, are in {folder} already. Some would be written over.",
                         name=other, folder=folder.name), (
                Answer("otherFolder", tr("Choose another folder"), self.choose_folder),
                Answer("writeOver", tr("Write over them"), lambda: self._write_files(folder)),
                Answer("stay", tr("Stay here"), lambda: None)))

    def _write_files(self, folder: Path) -> None:
        from vitrograph.core.export import says_left, write_files

        def write(done: FinishedOrder, paper: "PaperName", told: "Told") -> tuple[tuple[Path, ...], str]:
            paths = write_files(done, folder, paper, told)
            return paths, says_left(folder, paths)

        self._write(tr("writing into {name}", name=folder.name), folder, write)

    def write_packet(self, path: Path) -> None:
        """Write the packet of the order in the background, or say why it cannot be."""
        from vitrograph.core.export import patterns_pdf

        def write(done: FinishedOrder, paper: "PaperName", told: "Told") -> tuple[tuple[Path, ...], str]:
            told(tr("laying it on film"))
            return _written(path, patterns_pdf("packet", done, done.pieces, paper, told=told), told), ""

        self._write(tr("writing {name}", name=path.name), path.parent, write)

    def _write(
        self, says: str, folder: Path,
        make: "Callable[[FinishedOrder, PaperName, Told], tuple[tuple[Path, ...], str]]"
    ) -> None:
        def prepare() -> Callable[[], object]:
            done, paper = self._finished(), self.owned().house.paper
            self._stop = stop = Event()
            begun = monotonic()

            def told(far: str) -> None:
                if stop.is_set():
                    raise Cancelled(tr("writing is stopped: nothing was written"))
                if monotonic() > begun + _MOMENT_S:
                    self._wrote.emit(f"{says}: {far}")

            return lambda: (folder, *make(done, paper, told))

        self.writing.begin(prepare, says)

    def _put_up(self, says: str, answers: tuple[Answer, ...]) -> AskBar:
        return self._ask(says, answers, of_order=False)

    def _finished(self) -> FinishedOrder:
        """The order worked out, its evening at this maker's own pace. Raises VitrographError."""
        return self.bench.order_results.finished().by(self.bench.making.own_times())

    def copy_picture(self, view: QWidget) -> None:
        """Put a picture of the glass as it is seen on the clipboard."""
        QGuiApplication.clipboard().setPixmap(view.grab())
        self.bench.told.emit(tr("a picture of the glass is on the clipboard"))

    def write_report(self, path: Path) -> None:
        """Write what helps to find a fault of the program, without any art, or say why it cannot be."""
        from vitrograph.core.faults import report

        order = self.bench.order
        kinds = ", ".join(sorted({piece.glass.kind for piece in order.pieces}))
        items = ", ".join(sorted({type(item.what).__name__.lower() for piece in order.pieces
                                  for item in piece.artwork.items})) or "none"
        about = {"Pieces": str(len(order.pieces)), "Glasses": kinds, "Kinds of art": items, "Units": order.units,
                 "Station": self.bench.station, "Screen": QGuiApplication.platformName()}
        self.bench.attempt(lambda: write_whole(path, report(about).encode("utf-8")),
                           tr("written: {name}; read it before you send it on", name=path.name))

    def choose_report(self) -> None:
        """Ask where to write the report of a problem."""
        path = ask_place(self._window, tr("Report a problem"), tr("Text (*.txt)"), "vitrograph report.txt")
        if path is not None:
            self.write_report(path)

    def print_packet(self) -> None:
        """Print the packet through the system's dialog, at true size."""
        from vitrograph.core.paper.packet import draw_packet

        self._print(tr("the packet"), lambda done, paper, canvas: draw_packet(canvas, done, paper))

    def print_station(self) -> None:
        """Print the pages of the station in hand through the system's dialog, at true size."""
        from vitrograph.core.paper.packet import PRINTED, draw_station

        piece, station = self.bench.results, self.bench.station
        self._print(PRINTED[station], lambda done, paper, canvas: draw_station(
            canvas, done, piece.finished(), station, paper))

    def _print(self, what: str, draw: "Callable[[FinishedOrder, PaperName, Recording], None]") -> None:
        def ask() -> None:
            done, paper = self._finished(), self.owned().house.paper
            self.printing.ask(what, partial(draw, done, paper), paper)

        self.bench.attempt(ask)

    @cached_property
    def printing(self) -> "Printing":
        """What prints for the window; made when it is first wanted."""
        from vitrograph.desk.printing import Printing

        made = Printing(self._window)
        made.told.connect(self.bench.told)
        made.refused.connect(self.bench.refused)
        self._printing_bar = FarBar(self._put_up, Answer("stopPrinting", tr("Stop printing"), made.stop))
        made.far.connect(self._printing_bar.tell)
        made.done.connect(self._printing_bar.done)
        return made

    def close_guarded(self, close: Callable[[], object]) -> bool:
        """As of all that is guarded; and a window that prints closes when that is done."""
        if "printing" in self.__dict__ and self.printing.busy:
            self.bench.told.emit(tr("what is being printed is printed first"))
            self.printing.done.connect(close, Qt.ConnectionType.SingleShotConnection)
            return False
        return super().close_guarded(close)

    def _tell_written(self, answer: object) -> None:
        folder, paths, left = cast(tuple[Path, tuple[Path, ...], str], answer)
        if self.bench.path in paths:
            self._stamp = _stamp_of(self.bench.path)           # by this window's own hand
        says = tr("written into {name}: {all}", name=folder.name, all=names_of(paths))
        self.bench.told.emit(f"{says}; {left}" if left else says)

    def choose_open(self) -> None:
        """Ask which order to open."""
        path, _ = QFileDialog.getOpenFileName(self._window, tr("Open an order"), usual_folder(), _ORDERS)
        if path:
            self.open(used(Path(path)))

    def choose_save(self) -> None:
        """Ask where to save."""
        held = self.bench.path
        path = ask_place(self._window, tr("Save the order"), _ORDERS, f"{self.bench.order.name}.vitro" if held is None
                         else held.name, folder=None if held is None else held.parent)
        if path is not None:
            self.save_as(path)

    def choose_packet(self) -> None:
        """Ask where to write the packet."""
        path = ask_place(self._window, tr("Write the work packet"), tr("PDF (*.pdf)"),
                         f"{self.bench.order.name} packet.pdf")
        if path is not None:
            self.write_packet(path)

    def choose_folder(self) -> None:
        """Ask where to write all files."""
        folder = QFileDialog.getExistingDirectory(self._window, tr("A folder for all files of the order"),
                                                  usual_folder())
        if folder:
            self.write_files(used(Path(folder)))
