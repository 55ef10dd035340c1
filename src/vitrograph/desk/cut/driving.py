"""Driving a cutter from the window: where it is, how far it is, pause, go on, stop with the blade up."""

from pathlib import Path
from threading import Thread

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QLineEdit, QProgressBar

from vitrograph.core.cut import SheetRun
from vitrograph.core.errors import VitrographError
from vitrograph.core.job.tree import changed_record
from vitrograph.core.units import format_minutes, parse_whole
from vitrograph.core.workshop import load_workshop, save_workshop
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.fields import Column, button, in_a_row, label
from vitrograph.desk.kit.named import named
from vitrograph.devices.driver import Control, Place, Sending, send
from vitrograph.devices.ports import open_port


class Driving(Column):
    """The part of the cut card that drives a cutter. `wanted` asks for the film that is shown."""

    wanted = Signal()
    _told, _ended, _broke = Signal(object), Signal(object), Signal(str)

    def __init__(self, bench: Bench) -> None:
        super().__init__(gap=8)
        self.bench = bench
        self.workshop: Path | None = None                      # where the cutter's place is remembered
        self._control: Control | None = None
        self._speed = 1.0
        self.where = named(QLineEdit(), "cutterAt")
        self.where.setPlaceholderText("tcp:HOST:PORT, serial:PATH or file:PATH")
        self.where.setAccessibleName("Where the cutter is")
        self.start = named(QLineEdit(), "cutFrom")
        self.start.setPlaceholderText("from the beginning, or STENCIL:PATH")
        self.start.setAccessibleName("Where to begin")
        self.cut = named(button("Cut this film"), "cutFilm")
        self.pause, self.halt = named(button("Pause"), "pauseCut"), named(button("Stop, blade up"), "stopCut")
        self.bar = named(QProgressBar(), "cutBar")
        self.bar.setTextVisible(False)
        self.says = named(label("", "quiet"), "cutSays")
        self.going = in_a_row(self.pause, self.halt)
        self.stack(self.where, self.start, self.cut, self.bar, self.says, self.going)
        self._set_going(False)
        self.says.hide()
        self.cut.clicked.connect(self.wanted)
        self.pause.clicked.connect(self._turn_pause)
        self.halt.clicked.connect(lambda: self._control and self._control.stop())
        self._told.connect(self._tell)
        self._ended.connect(self._end)
        self._broke.connect(self._tell_broken)

    @property
    def busy(self) -> bool:
        """Whether a cutter is being driven."""
        return self._control is not None

    def remember(self, workshop: Path) -> None:
        """Take the cutter's place from the workshop, and keep it there."""
        self.workshop = workshop
        try:
            self.where.setText(load_workshop(workshop).cutters[0].port)
        except VitrographError:
            return                                             # the workshop's own window says what is wrong with it

    def drive(self, run: SheetRun) -> None:
        """Cut one film on the cutter that is named, or say why not."""
        if not self.busy:
            self.bench.attempt(lambda: self._begin(run))

    def _begin(self, run: SheetRun) -> None:
        where, start = self.where.text().strip(), self._start()
        if not where:
            raise VitrographError("type where the cutter is: tcp:HOST:PORT, serial:PATH or file:PATH")
        self._keep(where)
        self._control, self._speed = Control(), run.choices.cut_speed
        self._set_going(True)
        self._say("opening the line to the cutter")
        Thread(target=self._work, args=(run, where, start, self._control), daemon=True).start()

    def _start(self) -> Place | None:
        text = self.start.text().strip()
        if not text:
            return None
        numbers = [parse_whole(word, 1_000_000, 1) for word in text.split(":")]
        if len(numbers) != 2 or numbers[0] is None or numbers[1] is None:
            raise VitrographError(f"two numbers like 3:12 were wanted, a stencil and its path, got '{text[:20]}'")
        return Place(numbers[0], numbers[1])

    def _keep(self, where: str) -> None:
        """Remember where the cutter is; a workshop that cannot be written is no reason not to cut."""
        if self.workshop is None:
            return
        try:
            known = load_workshop(self.workshop)
            if known.cutters[0].port != where:
                save_workshop(changed_record(known, {"cutters__0__port": where}), self.workshop)
        except VitrographError as error:
            self.bench.refused.emit(str(error))

    def _work(self, run: SheetRun, where: str, start: Place | None, control: Control) -> None:
        """On a thread of its own: sending waits for the cutter, and the window does not."""
        try:
            self._ended.emit(send(run, open_port(where), start, self._told.emit, control))
        except VitrographError as error:
            self._broke.emit(error.words(self.bench.unit))
        except Exception as error:                             # a fault of ours: said, and the window lives
            self._broke.emit(f"this could not be sent ({type(error).__name__}: {error})")

    def _tell(self, sending: Sending) -> None:
        self.bar.setRange(0, sending.of)
        self.bar.setValue(sending.done)
        if self._control is not None and not self._control.paused:
            left = format_minutes((sending.of_mm - sending.cut_mm) / self._speed)
            self._say(f"{sending.last}: {sending.done} of {sending.of} paths, {left} to go")

    def _end(self, sending: Sending) -> None:
        stopped = self._control is not None and self._control.stopped
        self._set_going(False)
        where = f"after {sending.last}" if sending.last else "before the first path"
        self._say(f"stopped {where}, the blade is up" if stopped else f"all {sending.of} paths are cut")
        self.start.clear()

    def _tell_broken(self, sentence: str) -> None:
        self._set_going(False)
        self._say(sentence)
        self.bench.refused.emit(sentence)
        if " go on from " in sentence:
            self.start.setText(sentence.rpartition(" go on from ")[2])

    def _turn_pause(self) -> None:
        if self._control is None:
            return
        if self._control.paused:
            self._control.go_on()
            self.pause.setText("Pause")
        else:
            self._control.pause()
            self.pause.setText("Go on")
            self._say("it waits after this path, the blade is up")

    def _set_going(self, going: bool) -> None:
        if not going:
            self._control = None
        self.going.setVisible(going)
        self.bar.setVisible(going)
        self.cut.setEnabled(not going)
        self.pause.setText("Pause")

    def _say(self, words: str) -> None:
        self.says.setText(words)
        self.says.show()
