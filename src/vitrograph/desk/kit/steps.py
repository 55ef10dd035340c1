"""Steps for gloved hands: one at a time in large type, space bar for done, clocks that sound and outlive the window."""

from collections.abc import Sequence

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QApplication, QHBoxLayout, QVBoxLayout, QWidget

from vitrograph.core.language import capital, tr
from vitrograph.core.work import Clock, Step, StepRef, clock_words
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label

_BEEPS = 6                         # sounded, a second and a half apart


class StepWalker(QWidget):
    """Shows the step at hand of one copy of a piece: the first that is not done. `moved` carries its number.

    The last number is "all done". What is done, and how clocks stand, is the bench's making of the order; nothing of it
    lives here.
    """

    moved = Signal(int)
    ticking = Signal(object)               # a step's reference, just before it is ticked off

    def __init__(self, bench: Bench, name: str, done_words: str) -> None:
        super().__init__()
        self.bench = bench
        self.setObjectName(name)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._steps: tuple[Step, ...] = ()
        self._refs: list[StepRef] = []
        self._done_words = done_words
        self.at = 0
        self._count = label("", scale=1.9, bold=True)
        self._count.setObjectName(f"{name}Count")
        self._says = label("", scale=1.5, bold=True)
        self._says.setObjectName(f"{name}Says")
        self._note = label("", "quiet", scale=1.1)
        self._caution = label("", "caution", scale=1.1)
        self._back = button(tr("Back"), tip="Backspace")
        self._next = button(tr("Done  (space)"), "accent")
        self._back.setObjectName(f"{name}Back")
        self._next.setObjectName(f"{name}Next")
        self._back.clicked.connect(self.go_back)
        self._next.clicked.connect(self.done)
        self.timer = StepTimer(bench, name)
        row = QHBoxLayout()
        row.addWidget(self._back)
        row.addWidget(self._next, 1)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(3 * theme.STEP)
        for widget in (self._count, self._says, self._note, self._caution, self.timer):
            column.addWidget(widget)
        column.addLayout(row)

    def show_steps(self, steps: Sequence[Step], refs: Sequence[StepRef]) -> None:
        """Take the steps of a copy, and stand at the first that is not done."""
        self._steps, self._refs = tuple(steps), list(refs)
        before, self.at = self.at, self.bench.making.progress.first_open(self._refs)
        self._refresh()
        if self.at != before:
            self.moved.emit(self.at)

    def done(self) -> None:
        """The step at hand is done."""
        if self.at >= len(self._refs):
            return
        ref = self._refs[self.at]
        if self._begins:
            self.bench.making.start_clocks([(ref, Clock(0.0, self.bench.making.now()))])
        else:
            self.ticking.emit(ref)
            self.bench.making.tick(ref)

    @property
    def _begins(self) -> bool:
        """Whether the step at hand is timed from its beginning, which is still to come."""
        step, ref = self._steps[self.at], self._refs[self.at]
        return bool(step.beginning) and ref not in self.bench.making.progress.clocks

    def go_back(self) -> None:
        """What was done last is not done after all."""
        done = self.bench.making.progress.done
        own = [ref for ref in self._refs if ref in done]
        if own:
            self.bench.making.untick(max(own, key=lambda ref: (done[ref], self._refs.index(ref))))

    def take_key(self, key: int, *, held: bool = False) -> bool:
        """Space is done, Backspace goes back, T starts and holds the timer; whether the key was one of them.

        One that is held down counts once: whatever lies on the keyboard must not tick off an evening.
        """
        work = {int(Qt.Key.Key_Space): self.done, int(Qt.Key.Key_Backspace): self.go_back}
        if not self.timer.isHidden():
            work[int(Qt.Key.Key_T)] = self.timer.toggle
        if key in work and not held:
            work[key]()
        return key in work

    def _refresh(self) -> None:
        finished = self.at >= len(self._steps)
        step = Step("", self._done_words) if finished else self._steps[self.at]
        left = sum(ref not in self.bench.making.progress.done for ref in self._refs)
        self._count.setText(capital(tr("all done")) if finished else
                            tr("{left} left of {steps}", left=left, steps=len(self._steps)) if len(self._steps) > 1
                            else tr("1 step"))
        self._says.setText(self.bench.words(step.says))
        for widget, text in ((self._note, self.bench.words(step.note)), (self._caution, step.caution)):
            widget.setText(text)
            widget.setVisible(bool(text))
        self._back.setEnabled(left < len(self._steps))
        if finished and self._next.hasFocus():                 # Qt would hand it to a button that space then presses
            self.setFocus()
        self._next.setEnabled(not finished)
        self._next.setText(f"{step.beginning}  (space)" if not finished and self._begins else tr("Done  (space)"))
        self.timer.show_clock(None if finished else self._refs[self.at], step.seconds, least=step.least)


class StepTimer(QWidget):
    """Counts a step down by the wall's clock, sounds at the end, and then shows how late it is."""

    def __init__(self, bench: Bench, name: str) -> None:
        super().__init__()
        self.bench = bench
        self.setObjectName(f"{name}Timer")
        self._ref: StepRef | None = None
        self._seconds = 0.0
        self._beeps = 0
        self._least = False
        self._face = label("", scale=3.2, bold=True)
        self._face.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self._face.setObjectName(f"{name}Clock")
        self._start = button(tr("Start the timer  (T)"))
        self._start.setObjectName(f"{name}Start")
        self._start.clicked.connect(self.toggle)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self._face)
        column.addWidget(self._start)
        bench.making.ticked.connect(self._tick)

    @property
    def running(self) -> bool:
        """Whether it counts."""
        return self._ref is not None and self.bench.making.clock(self._ref, self._seconds).since is not None

    @property
    def left(self) -> float:
        """Seconds left; negative when late."""
        if self._ref is None:
            return 0.0
        return self.bench.making.clock(self._ref, self._seconds).left(self.bench.making.now())

    def show_clock(self, ref: StepRef | None, seconds: float | None, *, least: bool = False) -> None:
        """Show a step's clock as it stands, None hides it; of one whose seconds are a least nobody is late."""
        self._least = least
        if ref != self._ref:
            self._beeps = 0
        self._ref, self._seconds = (ref, seconds) if seconds is not None else (None, 0.0)
        self.setVisible(self._ref is not None)
        self._show()

    def toggle(self) -> None:
        """Start, or hold."""
        if self._ref is not None:
            self.bench.making.toggle_clock(self._ref, self._seconds)
            self._show()

    def _tick(self) -> None:
        if self._ref is None:
            return
        self._show()
        if self.left <= 0 and self.running and self._beeps < _BEEPS * 3:
            self._beeps += 1
            if self._beeps % 3 == 1:
                QApplication.beep()

    def _show(self) -> None:
        late = self.left <= 0 and self._ref is not None and not self._least
        self._face.setText(tr("ready") if self._least and self.left <= 0 else clock_words(self.left))
        self._face.setStyleSheet(f"color: {theme.STOP};" if late else "")
        self._start.setText(tr("Hold  (T)") if self.running else tr("Start the timer  (T)"))
