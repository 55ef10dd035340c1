"""The clocks at every station: each glass under cream, and what the hands do next. It rings until it is answered."""

from contextlib import suppress
from pathlib import Path

from msgspec.structs import replace
from PySide6.QtCore import QSize, QTimer, Signal
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QHBoxLayout, QPushButton, QWidget

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

_RING_MS = 3000
_NAME = 24                         # letters of a glass's name: what is to be done, and when, must have room beside it


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
        self._chips: list[QPushButton] = []                    # as many as there ever were clocks; shown: as have room
        self._more = label("", "quiet")
        self.next = named(button("", tip=tr("go to what the hands do next")), "nextTask")
        self.answer = named(button(tr("I am coming"), "accent", tip=tr("stops the sound")), "answerClock")
        row = self._row = QHBoxLayout(self)
        row.setContentsMargins(16, 4, 16, 4)
        row.setSpacing(2 * theme.STEP)
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
        for number, clock in enumerate(clocks):
            self._show_clock(number, clock, lit=self._flash and clock in calling)
        self.answer.setVisible(bool(calling))
        self._show_next()
        self._fit(len(clocks))
        self.setVisible(bool(clocks) or self.keeper.under_way)
        if calling and not self._ring.isActive():
            self._ring.start()
            self._hear()
            self.bell.ring()
        elif not calling:
            self._ring.stop()
            self._flash = False
        self.titled.emit(words_of(clocks[0]) if clocks else "")

    def _show_clock(self, number: int, clock: UnderClock, lit: bool) -> None:
        if number == len(self._chips):
            self._chips.append(named(button(""), f"clock_{number}"))
            self._chips[number].clicked.connect(lambda: self._go(number))
            self._row.insertWidget(number, self._chips[number])
        chip = self._chips[number]
        chip.setText(words_of(replace(clock, name=_brief(clock.name))))
        chip.setToolTip(tr("{name}: go to this glass", name=clock.name))
        tone = theme.STOP if clock.late else theme.WATCH if clock.left <= 0 else theme.TEXT
        look = (f"color: {theme.ON_ACCENT}; background: {tone}; font-weight: bold;" if lit or clock.late
                else f"color: {tone}; font-weight: bold;")
        if chip.styleSheet() != look:                          # it is read anew each time, twice a second
            chip.setStyleSheet(look)

    def _fit(self, clocks: int) -> None:
        """Show as many clocks as there is room for, the most urgent first and one at least; tell how many more run."""
        def wide(widget: QWidget) -> int:
            return widget.sizeHint().width() + self._row.spacing()

        room = self.rect().marginsRemoved(self._row.contentsMargins()).width()
        room -= sum(wide(one) for one in (self.answer, self.next) if not one.isHidden())
        self._more.setText(tr("and {clocks} more", clocks=clocks))
        shown, taken = 0, 0
        for number, chip in enumerate(self._chips[:clocks]):
            taken += wide(chip)
            if number and taken + (wide(self._more) if number + 1 < clocks else 0) > room:
                break
            shown = number + 1
        for number, chip in enumerate(self._chips):
            chip.setVisible(number < shown)
        self._more.setText(tr("and {clocks} more", clocks=clocks - shown))
        self._more.setVisible(shown < clocks)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._fit(len(self._clocks()))

    def minimumSizeHint(self) -> QSize:
        """As tall as its chips, and never what makes the window wider: the clocks fit the room they are given."""
        return QSize(0, super().minimumSizeHint().height())

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
            told = {"glass": _brief(glass.called), "task": glass.chain.tasks[task].name}
            self.next.setText(tr("Soon: {glass}: {task}", **told) if soon else tr("Now: {glass}: {task}", **told))

    def _go(self, number: int) -> None:
        clocks = self._clocks()
        if number < len(clocks):
            if clocks[number].left <= 0:                       # one that still runs calls when it ends all the same
                self._answered.add(self._of(clocks[number]))
            self.keeper.take_in_hand(clocks[number].ref)
            self.keeper.bench.go(clocks[number].ref.station)


def _brief(name: str) -> str:
    """A name shortened in its middle: glasses of one piece differ at its end."""
    return name if len(name) <= _NAME else f"{name[:_NAME - 12]}…{name[-11:]}"
