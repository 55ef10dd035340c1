"""The clocks at every station: each glass under cream, and what the hands do next. It rings until it is answered."""

from contextlib import suppress
from pathlib import Path

from PySide6.QtCore import QTimer, Signal
from PySide6.QtWidgets import QHBoxLayout, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import UnderClock, words_of
from vitrograph.core.language import tr
from vitrograph.core.work import StepRef
from vitrograph.core.workshop import load_workshop
from vitrograph.desk.etch.keeper import EveningKeeper
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.ringing import Bell

_SHOWN = 3                         # chips: a fourth would make the window wider than many screens
_RING_MS = 3000


class ClockBar(QWidget):
    """Shown while clocks run or an evening is under way. `titled` carries what the window's title begins with."""

    titled = Signal(str)

    def __init__(self, keeper: EveningKeeper, workshop: Path) -> None:
        super().__init__()
        named(self, "clockBar")
        self.keeper, self.bell = keeper, Bell()
        self.workshop = workshop                               # where it is kept how loud the bell is
        self._answered: set[tuple[str, StepRef]] = set()       # of clocks that ended: of which order, and which
        self._flash = False
        self._chips = [named(button("", tip=tr("go to this glass")), f"clock_{number}") for number in range(_SHOWN)]
        self._more = label("", "quiet")
        self.next = named(button("", tip=tr("go to what the hands do next")), "nextTask")
        self.answer = named(button(tr("I am coming"), "accent", tip=tr("stops the sound")), "answerClock")
        row = QHBoxLayout(self)
        row.setContentsMargins(16, 4, 16, 4)
        row.setSpacing(2 * theme.STEP)
        for number, chip in enumerate(self._chips):
            chip.clicked.connect(lambda _on=False, number=number: self._go(number))
            row.addWidget(chip)
        row.addWidget(self._more)
        row.addWidget(self.answer)
        row.addStretch(1)
        row.addWidget(self.next)
        self.answer.clicked.connect(self.hush)
        self.next.clicked.connect(keeper.go_there)
        self._ring = QTimer(self, interval=_RING_MS)
        self._ring.timeout.connect(self.ring)
        keeper.changed.connect(self.refresh)
        keeper.ticked.connect(self.refresh)
        self.refresh()

    @property
    def calling(self) -> tuple[UnderClock, ...]:
        """The clocks that ended and that nobody has answered."""
        return self._calling(self._clocks())

    def _clocks(self) -> tuple[UnderClock, ...]:
        """What stands under cream, then what settles."""
        return (*self.keeper.clocks, *self.keeper.settling)

    def _calling(self, clocks: tuple[UnderClock, ...]) -> tuple[UnderClock, ...]:
        return tuple(clock for clock in clocks if clock.left <= 0 and self._of(clock) not in self._answered)

    def _of(self, clock: UnderClock) -> tuple[str, StepRef]:
        return self.keeper.bench.order.id, clock.ref

    def hush(self) -> None:
        """Whoever is called has heard it."""
        self._answered |= {self._of(clock) for clock in self.calling}
        self.refresh()

    def ring(self) -> None:
        """Ring and flash, as long as a clock calls."""
        if self.calling:
            self.bell.ring()
            self._flash = not self._flash
            self.refresh()

    def refresh(self) -> None:
        """Show the clocks as they stand."""
        clocks = self._clocks()
        calling = self._calling(clocks)
        self._answered &= {self._of(clock) for clock in clocks if clock.left <= 0}          # one that runs will call
        for chip, clock in zip(self._chips, clocks, strict=False):
            chip.setText(words_of(clock))
            tone = theme.STOP if clock.late else theme.WATCH if clock.left <= 0 else theme.TEXT
            lit = self._flash and clock in calling
            chip.setStyleSheet(f"color: {theme.ON_ACCENT}; background: {tone}; font-weight: bold;" if lit or clock.late
                               else f"color: {tone}; font-weight: bold;")
        for number, chip in enumerate(self._chips):
            chip.setVisible(number < len(clocks))
        self._more.setText(tr("and {clocks} more", clocks=len(clocks) - _SHOWN) if len(clocks) > _SHOWN else "")
        self.answer.setVisible(bool(calling))
        self._show_next()
        self.setVisible(bool(clocks) or self.keeper.under_way)
        if calling and not self._ring.isActive():
            self._ring.start()
            self._hear()
            self.bell.ring()
        elif not calling:
            self._ring.stop()
            self._flash = False
        self.titled.emit(words_of(clocks[0]) if clocks else "")

    def _hear(self) -> None:
        """Ring as loud as the workshop has it."""
        with suppress(VitrographError):
            self.bell.volume = load_workshop(self.workshop).house.bell

    def _show_next(self) -> None:
        hand = self.keeper.at_hand()
        self.next.setVisible(hand is not None)
        if hand is not None:
            glass, task = hand
            live = self.keeper.live
            soon = live is not None and live.waits > 20
            told = {"glass": glass.called, "task": glass.chain.tasks[task].name}
            self.next.setText(tr("Soon: {glass}: {task}", **told) if soon else tr("Now: {glass}: {task}", **told))

    def _go(self, number: int) -> None:
        clocks = self._clocks()
        if number < len(clocks):
            if clocks[number].left <= 0:                       # one that still runs calls when it ends all the same
                self._answered.add(self._of(clocks[number]))
            self.keeper.take_in_hand(clocks[number].ref)
            self.keeper.bench.go(clocks[number].ref.station)
