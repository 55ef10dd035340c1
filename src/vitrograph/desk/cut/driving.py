"""Driving a cutter from the window: where it is, how far it is, pause, go on, stop with the blade up."""

from collections.abc import Callable, Sequence
from hashlib import sha256
from pathlib import Path
from threading import Thread

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QProgressBar

from vitrograph.core.cut import SheetRun
from vitrograph.core.cut.ladder import Rung, forces_in, ladder, ladder_hpgl, ladder_mm
from vitrograph.core.errors import CutterError, VitrographError
from vitrograph.core.job.tree import changed_record
from vitrograph.core.language import tr
from vitrograph.core.units import format_minutes
from vitrograph.core.workshop import (
    Workshop,
    change_workshop,
    film_in_use,
    load_workshop,
    with_cut,
    with_force,
    with_left_over,
)
from vitrograph.desk.bench import Bench
from vitrograph.desk.cut.ends import mind
from vitrograph.desk.cut.stopped import StoppedFiles
from vitrograph.desk.kit.ask_bar import Answer, AskBar
from vitrograph.desk.kit.fields import Column, button, drop_down, in_a_row, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line
from vitrograph.devices.driver import Control, Place, Sending, say_all, send
from vitrograph.devices.ports import open_port

_LEAST_LEFT_MM = 30.0


class Driving(Column):
    """The part of the cut card that drives a cutter. `wanted` asks for the film that is shown."""

    wanted = Signal()
    turned = Signal()                   # it is at work now, or no longer
    asks = Signal(object)               # the bar of a question for the window
    _told, _ended, _tested, _broke = Signal(object), Signal(object), Signal(object), Signal(str, str)

    def __init__(self, bench: Bench) -> None:
        super().__init__(gap=8)
        self.bench = bench
        self.workshop: Path | None = None                      # where the cutter's place is remembered
        self._control: Control | None = None
        self._speed = 1.0
        self._run = b""                                        # which film was sent last, told by its paths
        self._stopped: dict[bytes, str] = {}                   # where films were stopped
        self._filled = "", b""                                 # the place filled in here, and for which film
        self._kept: set[tuple[str, int, bytes]] = set()        # the films whose leftovers were kept
        self._files: StoppedFiles | None = None                # where films are cut to
        self._then: Callable[[], object] | None = None         # what waits for the cutter's end
        self.where = named(Line(), "cutterAt")
        self.where.setPlaceholderText(tr("tcp:HOST:PORT, serial:PATH or file:PATH"))
        self.where.setAccessibleName(tr("Where the cutter is"))
        self.start = named(Line(), "cutFrom")
        self.start.setPlaceholderText(tr("from the beginning, or STENCIL:PATH"))
        self.start.setAccessibleName(tr("Where to begin"))
        self.cut = named(button(tr("Cut this film")), "cutFilm")
        self.pause, self.halt = named(button(tr("Pause")), "pauseCut"), named(button(tr("Stop, blade up")), "stopCut")
        self.bar = named(QProgressBar(), "cutBar")
        self.bar.setTextVisible(False)
        self.says = named(label("", "quiet"), "cutSays")
        self.going = in_a_row(self.pause, self.halt)
        self.forces = named(Line(), "testForces")
        self.forces.setPlaceholderText(tr("forces to try, as 60, 80, 100"))
        self.forces.setAccessibleName(tr("Forces of the test cut"))
        self.test = named(button(tr("Cut a test ladder")), "testLadder")
        self.rest = named(button(tr("Keep the leftover"), tip=tr("as a film in the workshop, used first from now on")),
                          "keepLeftover")
        self.clean = drop_down("cleanRung", tr("Which came out clean"))
        self.stack(self.where, self.start, self.cut, self.bar, self.says, self.going, self.rest, self.forces,
                   self.test, self.clean)
        self._set_going(False)
        for quiet in (self.says, self.clean):
            quiet.hide()
        self.test.clicked.connect(lambda: self.bench.attempt(self._cut_ladder))
        self.clean.activated.connect(self._keep_force)
        self.cut.clicked.connect(self.wanted)
        self.pause.clicked.connect(self._turn_pause)
        self.halt.clicked.connect(lambda: self._control and self._control.stop())
        self._told.connect(self._tell)
        self._ended.connect(self._end)
        self._tested.connect(self._ask_clean)
        self._broke.connect(self._tell_broken)

    @property
    def busy(self) -> bool:
        """Whether a cutter is being driven."""
        return self._control is not None

    def stop(self, then: Callable[[], object]) -> None:
        """Stop with the blade up, and do something once it is; at once where nothing is being cut."""
        if self._control is None:
            then()
            return
        self._then = then
        self._control.stop()

    def remember(self, workshop: Path) -> None:
        """Take the cutter's place, and where films were stopped, from beside the workshop, and keep them there."""
        self.workshop, self._files = workshop, StoppedFiles(workshop)
        try:
            known = load_workshop(workshop)
        except VitrographError:
            return                                             # the workshop's own window says what is wrong with it
        self.where.setText(known.cutters[0].port)
        self._tell_worn(known)
        self._stopped = self._files.read()
        if self._stopped:
            film, place = list(self._stopped.items())[-1]
            self._fill(place, film)
            self._say(tr("the film that was cut last was not cut to its end: if it has not moved, go on from {place}",
                         place=place))

    def _tell_worn(self, known: Workshop) -> None:
        """How old the blade is, and what force the film in use came out clean with."""
        told = [tr("blade: {blade_m:.1f} m cut", blade_m=known.cutters[0].blade_m)] if known.cutters[0].blade_m else []
        film = film_in_use(known, self.bench.order.cut)
        if film is not None and film.force:
            told.append(tr("{name}: clean at {force:g}", name=film.name, force=film.force))
        if told:
            self._say("; ".join(told))

    def drive(self, run: SheetRun) -> None:
        """Cut one film on the cutter that is named, or say why not."""
        if not self.busy:
            self.bench.attempt(lambda: self._begin(run))

    def _begin(self, run: SheetRun) -> None:
        film = _print_of(run)
        where, start, self._run = self._place(), self._start(film), film
        self._remember(lambda known: changed_record(known, {"cutters__0__port": where}))
        self._speed = run.choices.cut_speed
        if start is None:
            self._forget(film)
        control = self._control = Control()
        self._work(lambda: self._ended.emit(send(run, open_port(where), start, self._told.emit, control)))
        self._set_going(True)

    def _place(self) -> str:
        """Where the cutter is, as it was typed. Raises VitrographError where nothing was."""
        if where := self.where.text().strip():
            return where
        raise VitrographError(tr("type where the cutter is: tcp:HOST:PORT, serial:PATH or file:PATH"))

    def _start(self, film: bytes) -> Place | None:
        """Where to begin. Raises VitrographError where this film was stopped, or another at the place filled in."""
        text, (filled, of) = self.start.text().strip(), self._filled
        mine = self._stopped.get(film, "")
        if of == film or text not in ("", filled) or (not text and not mine):
            return Place.read(text) if text else None          # it is typed, or was looked at with this film
        self._fill(mine, film)
        if mine:
            raise VitrographError(tr("this film was not cut to its end: if it has not moved, press again, and it goes "
                                     "on from {place}; for fresh film clear that place first", place=mine))
        raise VitrographError(tr("{place} is where another film was stopped; this one begins at its beginning: "
                                 "press again, or type where it is to begin", place=text))

    def _fill(self, place: str, film: bytes) -> None:
        self.start.setText(place)
        self._filled = place, film

    def _go_on_from(self, place: str) -> None:
        self._fill(place, self._run)
        self._stopped[self._run] = place
        if self._files is not None:
            self._files.keep(place, self._run, at_once=True)

    def _forget(self, film: bytes) -> None:
        self._stopped.pop(film, None)
        if self._files is not None:
            self._files.forget(film)

    def _remember(self, change: Callable[[Workshop], Workshop]) -> bool:
        """Keep something in the workshop, if it can be; one that cannot be written is no reason not to cut."""
        if self.workshop is None:
            return False
        try:
            change_workshop(self.workshop, change)
        except VitrographError as error:
            self.bench.refused.emit(str(error))
            return False
        return True

    def keep_left_over(self, run: SheetRun, number: int) -> None:
        """Keep what is left over of a film in the workshop, which has so much less of it; once more only if asked."""
        film = self.bench.order.id, number, _print_of(run)
        if film not in self._kept:
            self._keep_left_over(run, film)
            return
        self.asks.emit(AskBar(tr("What this film leaves is kept already, and its length taken off what you own."), (
            Answer("stay", tr("Leave it so"), lambda: None),
            Answer("keepMore", tr("It was cut once more: keep that too"), lambda: self._keep_left_over(run, film)))))

    def _keep_left_over(self, run: SheetRun, film: tuple[str, int, bytes]) -> None:
        sheet, kind = run.sheet, self.bench.order.cut.film
        long, wide = (self.bench.length(side, 0) for side in (sheet.left_over, sheet.film.width))
        scrap = sheet.left_over < _LEAST_LEFT_MM               # which is cut off, and thrown away
        rest = None if scrap else (sheet.left_over, sheet.film.width)
        used = sheet.used[0] + (sheet.left_over if scrap else 0.0)
        if self._remember(lambda known: with_left_over(known, sheet.stock, kind, used, rest)):
            self._kept.add(film)
            self._say(tr("kept: {name}, left over, {long} by {wide}", name=sheet.stock.name, long=long, wide=wide)
                      if rest is not None else
                      tr("only {long} is left over, too little to keep: the film is taken off what you own of {name}",
                         long=long, name=sheet.stock.name))

    def _cut_ladder(self) -> None:
        """Cut the test, and ask which came out clean."""
        rungs, where, cut = ladder(forces_in(self.forces.text())), self._place(), self.bench.order.cut
        program = ladder_hpgl(rungs, 0.0 if cut.leads_itself else cut.offset)

        def work() -> None:
            say_all(open_port(where), program)
            self._tested.emit(rungs)

        self._control = Control()                              # nothing else is sent meanwhile
        self._work(work)

    def _ask_clean(self, rungs: Sequence[Rung]) -> None:
        """Ask which rung of a test that was cut came out clean."""
        self._remember(lambda known: with_cut(known, ladder_mm(rungs)))
        self._set_going(False)
        self.clean.clear()
        self.clean.addItem(tr("Which came out clean?"), None)
        for rung in rungs:
            self.clean.addItem(tr("{n} ticks: force {force:g}", "{n} tick: force {force:g}", n=rung.number,
                                  force=rung.force), rung.force)
        self.clean.show()
        self._say(tr("lift each triangle out of its square: the least force that came out clean is the one to keep"))

    def _keep_force(self, index: int) -> None:
        force = self.clean.itemData(index)
        cut = self.bench.order.cut
        if force is not None and self._remember(lambda known: with_force(known, cut, force)):
            self._say(tr("kept with your film: force {force:g}", force=force))

    def _work(self, work: Callable[[], None]) -> None:
        """Do something with the cutter on a thread of its own: sending waits for it, and the window does not."""
        def tried() -> None:
            try:
                work()
            except VitrographError as error:
                go_on = error.go_on if isinstance(error, CutterError) else ""
                self._broke.emit(error.words(self.bench.unit), go_on)
            except Exception as error:                         # a fault of ours: said, and the window lives
                self._broke.emit(tr("this could not be sent ({name}: {error})", name=type(error).__name__,
                                    error=error), "")

        self._turn()
        self._say(tr("opening the line to the cutter"))
        self.cut.setEnabled(False)
        self.test.setEnabled(False)
        Thread(target=tried, daemon=True).start()

    def _tell(self, sending: Sending) -> None:
        self.bar.setRange(0, sending.of)
        self.bar.setValue(sending.done)
        if self._files is not None and sending.next is not None:
            self._files.keep(sending.next.typed, self._run)
        if self._control is not None and not self._control.paused:
            left = format_minutes((sending.of_mm - sending.cut_mm) / self._speed)
            self._say(tr("{last}: {done} of {of} paths, {left} to go", last=sending.last, done=sending.done,
                         of=sending.of, left=left))

    def _end(self, sending: Sending) -> None:
        stopped = self._control is not None and self._control.stopped
        if not self.where.text().startswith("file:"):          # what is only written wears no blade
            self._remember(lambda known: with_cut(known, sending.cut_mm))
        if stopped and sending.next is not None:
            self._go_on_from(sending.next.typed)
            self._say(tr("stopped {where}, the blade is up: if the film has not moved, go on from {place}",
                         where=sending.where, place=sending.next.typed))
        else:
            self._fill("", b"")
            self._forget(self._run)
            self._say(tr("all {n} paths are cut", "the one path is cut", n=sending.of))
        self._set_going(False)

    def _tell_broken(self, sentence: str, go_on: str) -> None:
        self._say(sentence)
        self.bench.refused.emit(sentence)
        if go_on:
            self._go_on_from(go_on)
        self._set_going(False)

    def _turn_pause(self) -> None:
        if self._control is None:
            return
        if self._control.paused:
            self._control.go_on()
            self.pause.setText(tr("Pause"))
        else:
            self._control.pause()
            self.pause.setText(tr("Go on"))
            self._say(tr("it waits after this path, the blade is up"))

    def _set_going(self, going: bool) -> None:
        then, self._then = (None if going else self._then), None
        if not going:
            self._control = None
        self._turn()
        if then is not None:
            QTimer.singleShot(0, self, then)
        self.going.setVisible(going)
        self.bar.setVisible(going)
        self.cut.setEnabled(not going)
        self.test.setEnabled(not going)
        self.pause.setText(tr("Pause"))

    def _turn(self) -> None:
        """Be minded while at work, whatever it is that is cut."""
        mind(self)
        self.turned.emit()

    def _say(self, words: str) -> None:
        self.says.setText(words)
        self.says.show()


def _print_of(run: SheetRun) -> bytes:
    """What tells a film's paths from any others: of films laid out alike, the copies that lie on them."""
    told = sha256()
    for cut, tip in zip(run.cuts, run.tips, strict=True):
        told.update(repr(cut.whose).encode() + tip.tobytes())
    return told.digest()
