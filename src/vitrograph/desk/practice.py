"""A practice run on the demo: one thing to do at each of the nine stations, done by the maker's own hand.

Where it was left is kept beside what else is kept between two starts, and it goes on from there.
"""

from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from typing import TYPE_CHECKING, cast

from msgspec import Struct
from PySide6.QtCore import QObject, Qt, QTimer, Signal
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QHBoxLayout, QWidget

from vitrograph.core.language import tr
from vitrograph.core.stations import Station
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named

if TYPE_CHECKING:
    from vitrograph.core.job import Job
    from vitrograph.desk.cut.card import CutCard
    from vitrograph.desk.shell import Shell

_BITS = 3                          # that are pulled for practice
_REST_MS = 1200                    # without a change: then a task is done, and not in the middle of a word or a drag


class Task(Struct, frozen=True):
    """One thing to do: where, what, why; the field it is done with; and whether it was, since so it stood before."""

    station: Station
    says: str
    field: str
    done: "Callable[[Shell, Before], bool]"


class Before(Struct, frozen=True):
    """How things stood when a task began."""

    job: "Job"
    logged: int


TASKS: tuple[Task, ...] = (
    Task("glass", tr("Measure again: type 85 for the rim, and see the fan below follow. A millimetre at the rim is a "
                     "crooked stencil."), "rim", lambda shell, was: shell.bench.job.glass != was.job.glass),
    Task("artwork", tr("Choose the words in the list, and type your own in their place."), "items",
         lambda shell, was: shell.bench.job.artwork != was.job.artwork),
    Task("fit", tr("Drag the art on the glass, or type how far below the rim it hangs."), "from_rim",
         lambda shell, was: shell.bench.job.fit != was.job.fit),
    Task("stencil", tr("Something here would tear. Take one of the remedies it offers: point at it first, and see "
                       "what it would do."), "border", lambda shell, was: shell.bench.job.stencil != was.job.stencil),
    Task("cut", tr("See the blade's way before it cuts: press the trial."), "trial",
         lambda shell, _was: cast("CutCard", shell.card("cut")).trial.seen),
    Task("weed", tr("Weed {bits} bits: the amber one, from its dot the way the arrow shows. Press space at each.",
                    bits=_BITS),
         "weedStepsNext", lambda shell, _was: shell.bench.work.steps_done("weed") >= _BITS),
    Task("transfer", tr("Read where the film goes on this glass, and do the first step."), "transferStepsNext",
         lambda shell, _was: shell.bench.work.steps_done("transfer") >= 1),
    Task("etch", tr("Choose another recipe, and see what it does to the evening. The label on your own pot comes "
                    "before either."), "recipe", lambda shell, was: shell.bench.job.etch.recipe != was.job.etch.recipe),
    Task("logbook", tr("Say how it came out, and write it down. From six pieces on, the book advises."), "writeDown",
         lambda shell, was: shell.bench.logged > was.logged),
)


class Practice(QObject):
    """The run. `ended` says that it was done, or left."""

    ended = Signal()

    def __init__(self, shell: "Shell", place: Path) -> None:
        super().__init__(shell)
        self.shell, self.place = shell, place
        self.at = _kept(place)
        self.bar = PracticeBar()
        self.bar.show_me.clicked.connect(self.point)
        self.bar.skip.clicked.connect(self.go_on)
        self.bar.leave.clicked.connect(self.leave)
        self._rest = QTimer(self, singleShot=True, interval=_REST_MS)
        self._rest.timeout.connect(self._look)
        bench = shell.bench
        for changed in (bench.job_changed, bench.results_changed, bench.making.changed, bench.told,
                        bench.station_changed):
            changed.connect(self._wait)
        self._begin()

    @property
    def task(self) -> Task:
        """The task in hand."""
        return TASKS[self.at]

    def _begin(self) -> None:
        bench = self.shell.bench
        self._was = Before(bench.job, bench.logged)
        self.bar.show_task(self.at, self.task)
        bench.go(self.task.station)
        if self.task.station == "cut":
            cast("CutCard", self.shell.card("cut")).trial.traced.connect(self._wait)

    def _wait(self, *_changed: object) -> None:
        self._rest.start()

    def _look(self) -> None:
        """Go on once the task is done and the hands rest."""
        if QGuiApplication.mouseButtons() != Qt.MouseButton.NoButton:
            self._rest.start()
        elif self.task.done(self.shell, self._was):
            self.go_on()

    def go_on(self) -> None:
        """The next task, or the end."""
        if self.at + 1 == len(TASKS):
            self._keep(0)
            self._end(tr("that was all nine: begin a piece of your own with Order, or go on here as you like"))
            return
        self.at += 1
        self._keep(self.at)
        self._begin()

    def point(self) -> None:
        """Put the keyboard where the task is done."""
        self.shell.bench.go(self.task.station)
        card = self.shell.card(self.task.station)
        field = card.findChild(QWidget, self.task.field) or card.first_field()
        if field is not None:
            card.ensureWidgetVisible(field)
            field.setFocus(Qt.FocusReason.ShortcutFocusReason)      # all of it is chosen: what is typed replaces it

    def leave(self) -> None:
        """Stop here; the next time it goes on with this task."""
        self._keep(self.at)
        self._end(tr("the practice run waits here: the Order menu brings it back"))

    def _end(self, says: str) -> None:
        self.shell.say(says)
        self.bar.setParent(None)
        self.bar.deleteLater()
        self.ended.emit()
        self.deleteLater()

    def _keep(self, at: int) -> None:
        keep_place(self.place, at)


class PracticeBar(QWidget):
    """The task across the window: the work stays in sight."""

    def __init__(self) -> None:
        super().__init__()
        named(self, "askBar")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.count = label("", bold=True)
        self.count.setWordWrap(False)
        self.says = label("")
        self.says.setObjectName("practiceSays")
        self.show_me, self.skip, self.leave = button(tr("Show me where"),
                                                     "accent"), button(tr("Skip it")), button(tr("Leave"))
        row = QHBoxLayout(self)
        row.setContentsMargins(16, 4, 16, 4)
        row.addWidget(self.count)
        row.addWidget(self.says, 1)
        for name, made in (("practiceShow", self.show_me), ("practiceSkip", self.skip), ("practiceLeave", self.leave)):
            made.setObjectName(name)
            row.addWidget(made)

    def show_task(self, at: int, task: Task) -> None:
        """Show one of the tasks."""
        self.count.setText(tr("{at} of {all}", at=at + 1, all=len(TASKS)))
        self.says.setText(task.says)


def keep_place(place: Path, at: int) -> None:
    """Keep with which task it goes on; that it cannot be kept is no reason to stop."""
    with suppress(OSError):
        place.parent.mkdir(parents=True, exist_ok=True)
        place.write_text(str(at))


def _kept(place: Path) -> int:
    try:
        at = int(place.read_text())
    except (OSError, ValueError):
        return 0
    return at if 0 <= at < len(TASKS) else 0
