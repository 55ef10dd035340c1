"""Steps for gloved hands: one at a time in large type, space bar for done, timers that sound."""

from collections.abc import Sequence
from dataclasses import dataclass

from PySide6.QtCore import QElapsedTimer, Qt, QTimer, Signal
from PySide6.QtWidgets import QApplication, QHBoxLayout, QVBoxLayout, QWidget

from vitrograph.core.units import format_minutes
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label

_BEEPS = 6


@dataclass(frozen=True, slots=True)
class Step:
    """One step: its words, a quieter line, a caution, and seconds where a timer runs."""

    says: str
    quiet: str = ""
    caution: str = ""
    seconds: float | None = None


class StepWalker(QWidget):
    """Shows the step at hand. `moved` carries its number; the last number is "all done"."""

    moved = Signal(int)

    def __init__(self, name: str, done_words: str) -> None:
        super().__init__()
        self.setObjectName(name)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._steps: tuple[Step, ...] = ()
        self._done_words = done_words
        self.at = 0
        self._count = label("", "quiet")
        self._says = label("", scale=1.5, bold=True)
        self._says.setObjectName(f"{name}Says")
        self._quiet = label("", "quiet", scale=1.1)
        self._caution = label("", "caution", scale=1.1)
        self._back = button("Back", tip="Backspace")
        self._next = button("Done  (space)", "accent")
        self._back.setObjectName(f"{name}Back")
        self._next.setObjectName(f"{name}Next")
        self._back.clicked.connect(lambda: self.go(self.at - 1))
        self._next.clicked.connect(lambda: self.go(self.at + 1))
        self.timer = StepTimer(name)
        row = QHBoxLayout()
        row.addWidget(self._back)
        row.addWidget(self._next, 1)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(3 * theme.STEP)
        for widget in (self._count, self._says, self._quiet, self._caution, self.timer):
            column.addWidget(widget)
        column.addLayout(row)

    def show_steps(self, steps: Sequence[Step], at: int) -> None:
        """Take new steps, standing at one of them; a timer goes on while its step stays the same."""
        if (tuple(steps), at) == (self._steps, self.at):
            return
        same = self._steps[self.at:self.at + 1] == tuple(steps)[at:at + 1] and self.at == at
        self._steps, self.at = tuple(steps), min(at, len(steps))
        self._refresh(keep_timer=same)

    def go(self, step: int) -> None:
        """Go to a step."""
        if 0 <= step <= len(self._steps):
            self.at = step
            self._refresh(keep_timer=False)
            self.moved.emit(step)

    def take_key(self, key: int) -> bool:
        """Space is done, Backspace goes back, T starts and holds the timer; whether the key was one of them."""
        work = {Qt.Key.Key_Space: lambda: self.go(self.at + 1), Qt.Key.Key_Backspace: lambda: self.go(self.at - 1)}
        if not self.timer.isHidden():
            work[Qt.Key.Key_T] = self.timer.toggle
        if key in work:
            work[key]()
        return key in work

    def _refresh(self, *, keep_timer: bool) -> None:
        finished = self.at >= len(self._steps)
        step = Step(self._done_words) if finished else self._steps[self.at]
        self._count.setText("all done" if finished else f"step {self.at + 1} of {len(self._steps)}")
        self._says.setText(step.says)
        for widget, text in ((self._quiet, step.quiet), (self._caution, step.caution)):
            widget.setText(text)
            widget.setVisible(bool(text))
        self._back.setEnabled(self.at > 0)
        self._next.setEnabled(not finished)
        if not keep_timer:
            self.timer.set_seconds(step.seconds)


class StepTimer(QWidget):
    """Counts a step down, sounds at the end, and then shows how late it is."""

    def __init__(self, name: str) -> None:
        super().__init__()
        self.setObjectName(f"{name}Timer")
        self._seconds = 0.0
        self._spent = 0.0
        self._clock = QElapsedTimer()
        self._beeps = 0
        self._tick = QTimer(self)
        self._tick.setInterval(200)
        self._tick.timeout.connect(self._show)
        self._face = label("", scale=3.2, bold=True)
        self._face.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self._face.setObjectName(f"{name}Clock")
        self._start = button("Start the timer  (T)")
        self._start.setObjectName(f"{name}Start")
        self._start.clicked.connect(self.toggle)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self._face)
        column.addWidget(self._start)

    @property
    def running(self) -> bool:
        """Whether it counts."""
        return self._tick.isActive()

    @property
    def left(self) -> float:
        """Seconds left; negative when late."""
        return self._seconds - self._spent - (self._clock.elapsed() / 1000 if self.running else 0.0)

    def set_seconds(self, seconds: float | None) -> None:
        """Set it for a step, standing still; None hides it."""
        self._tick.stop()
        self._seconds, self._spent, self._beeps = seconds or 0.0, 0.0, 0
        self.setVisible(seconds is not None)
        self._show()

    def toggle(self) -> None:
        """Start, or hold."""
        if self.running:
            self._spent += self._clock.elapsed() / 1000
            self._tick.stop()
        else:
            self._clock.start()
            self._tick.start()
        self._show()

    def _show(self) -> None:
        late = self.left <= 0 and self._seconds > 0
        reading = f"late {format_minutes(-self.left)}" if self.left <= -1 else format_minutes(max(0, self.left))
        self._face.setText(reading)
        self._face.setStyleSheet(f"color: {theme.STOP};" if late else "")
        self._start.setText("Hold  (T)" if self.running else "Start the timer  (T)")
        if late and self.running and self._beeps < _BEEPS * 3:
            self._beeps += 1
            if self._beeps % 3 == 1:
                QApplication.beep()
