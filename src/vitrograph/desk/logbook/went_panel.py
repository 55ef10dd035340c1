"""How it went: the outcome of each copy, time under cream, stars, for whom, and a note."""

from collections.abc import Sequence
from math import inf

from msgspec.structs import replace
from PySide6.QtCore import QTimer
from PySide6.QtGui import QHideEvent
from PySide6.QtWidgets import QComboBox, QGridLayout, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.language import tr
from vitrograph.core.logbook import OUTCOMES, Entry, Mark, Outcome, outcome_of
from vitrograph.core.logbook.entry import MOST_LETTERS
from vitrograph.core.logbook.told import Told, ToldFile
from vitrograph.core.value_words import word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column, MinutesField, chooser, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import CountBox, Line
from vitrograph.desk.kit.text_box import TextBox

STARS = {"": tr("No stars"), **{str(many): "★" * many + "☆" * (5 - many) for many in range(5, 0, -1)}}
_KEEP_MS = 1000
_WRONG: tuple[Outcome, ...] = tuple(what for what in OUTCOMES if what != "good")


class WentPanel(Column):
    """Of so many copies: those that did not come out well are counted, the rest are good."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(2 * theme.STEP)
        self._bench = bench
        self.marks: tuple[Mark, ...] = ()                      # what was pointed at on the piece in hand
        self._copies, self._minutes = 1, 0.0
        self._broken, self._noted = 0, ""                      # as was noted while the piece was made
        self._of: tuple[str, int] | None = None                # the order and the piece that are told of
        self._file, self._failed = ToldFile(), False
        self._rest = QTimer(self, singleShot=True, interval=_KEEP_MS)
        self._rest.timeout.connect(self.keep)
        self._typed: float | None = None
        self.good = label("", bold=True)
        self.good.setObjectName("goodCopies")
        self.counts: dict[Outcome, CountBox] = {}
        grid = QWidget()
        cells = QGridLayout(grid)
        cells.setContentsMargins(0, 0, 0, 0)
        for number, what in enumerate(_WRONG):
            box = named(CountBox(), f"count_{what.replace(' ', '_')}")
            box.setAccessibleName(tr("How many came out: {what}", what=word_of(what)))
            box.valueChanged.connect(self._count)
            words = label(word_of(what))
            words.setBuddy(box)
            cells.addWidget(words, number // 2, number % 2 * 2)
            cells.addWidget(box, number // 2, number % 2 * 2 + 1)
            self.counts[what] = box
        cells.setColumnStretch(0, 1)
        cells.setColumnStretch(2, 1)
        self.minutes = MinutesField(tr("Minutes under cream"), "minutes")
        self.minutes.edited.connect(self._take_minutes)
        self.stars: QComboBox = chooser("stars", tr("Stars"), STARS)
        self.whom = named(Line(), "forWhom")
        self.whom.setPlaceholderText(tr("For whom"))
        self.whom.setAccessibleName(tr("For whom"))
        self.note = TextBox(bench, "note", tr("Note"), 2, empty=tr("What would you change next time?"))
        self.noted = named(label("", "quiet"), "notedSays")
        self.stack(self.good, grid, self.minutes, self.stars, self.whom, self.note, self.noted)
        for changed in (*(box.valueChanged for box in self.counts.values()), self.stars.currentIndexChanged,
                        self.whom.textChanged, self.note.textChanged):
            changed.connect(self._keep_soon)

    def hideEvent(self, event: QHideEvent) -> None:
        self.keep()
        super().hideEvent(event)

    def _keep_soon(self) -> None:
        if not self._rest.isActive():                         # not put off by each letter: hands may type for minutes
            self._rest.start()

    def keep(self) -> None:
        """Keep what is told so far where the next start finds it; say once that it cannot be."""
        self._rest.stop()
        if self._of is None:
            return
        counts: dict[str, int] = {what: box.value() for what, box in self.counts.items() if box.value()}
        try:
            self._file.keep(*self._of, Told(counts, self._typed, self.stars.currentIndex(), self.whom.text(),
                                            self.note.words(), self.marks, self._broken))
            self._failed = False
        except (OSError, VitrographError) as error:
            if not self._failed:
                self._bench.refused.emit(tr("what you say here is kept only once it is written down ({error})",
                                            error=error))
            self._failed = True

    def take(self, order_id: str, piece: int, copies: int) -> None:
        """Take a piece of an order in hand, by its key: what was told of it before is there again."""
        if (order_id, piece) == self._of:
            return
        self.keep()
        self._of, told = (order_id, piece), self._file.of(order_id, piece)
        for box in self.counts.values():                       # all together may be no more than the copies
            box.setValue(0)
        self._copies = copies
        self._count()
        for what, box in self.counts.items():
            box.setValue(told.counts.get(what, 0))
        self._typed, self._broken = told.minutes, told.broken
        self.stars.setCurrentIndex(told.stars)
        self.whom.setText(told.whom)
        self.note.setPlainText(told.note)
        self.marks = told.marks
        self._rest.stop()                                     # what is shown is kept

    def put_marks(self, marks: tuple[Mark, ...]) -> None:
        """What was pointed at on the piece in hand is this."""
        if marks != self.marks:
            self.marks = marks
            self._keep_soon()

    def show_planned(self, copies: int, minutes: float, broken: int = 0, noted: Sequence[str] = ()) -> None:
        """So many copies stand so long under cream, and so many of them broke, unless the maker says otherwise; what
        was noted while they were made goes with the note."""
        self._copies, self._minutes, self._noted = copies, minutes, "\n".join(noted)
        self.minutes.show_number(minutes if self._typed is None else self._typed)
        self._count()
        spoiled, self._broken, more = self.counts["spoiled"], broken, broken - self._broken
        spoiled.setValue(spoiled.value() + more)
        self.noted.setText(tr("Goes with the note:\n{noted}", noted=self._noted))
        self.noted.setVisible(bool(noted))

    def count_copy(self, now: Outcome | None, before: Outcome | None) -> None:
        """Count a copy by what a photograph shows of it, in place of what was thought of it before."""
        for what, by in ((before, -1), (now, 1)):
            if what in self.counts:
                self.counts[what].setValue(self.counts[what].value() + by)

    @property
    def outcome(self) -> str:
        """How the copies came out, as the logbook keeps it."""
        counts: dict[Outcome, int] = {what: box.value() for what, box in self.counts.items()}
        return outcome_of({"good": self._copies - sum(counts.values()), **counts})

    def told(self, entry: Entry) -> Entry:
        """An entry with what is told here."""
        stars = str(self.stars.currentData())
        return replace(entry, outcome=self.outcome, minutes=self._minutes if self._typed is None else self._typed,
                       stars=int(stars) if stars else None, for_whom=self.whom.text().strip(),
                       note=self._whole_note())

    def _whole_note(self) -> str:
        """What the maker says, and as much of what was noted as a note holds beside it."""
        typed = self.note.words().strip()
        room = MOST_LETTERS - len(typed) - 1
        return "\n".join(part for part in (typed, self._noted[:max(0, room)]) if part)

    def clear(self) -> None:
        """Begin anew, for the next piece."""
        for box in self.counts.values():
            box.setValue(0)
        self._typed, self._broken = None, 0
        self.stars.setCurrentIndex(0)
        self.whom.clear()
        self.marks = ()
        self.note.clear()
        self.minutes.show_number(self._minutes)
        self.keep()

    def _count(self) -> None:
        told = sum(box.value() for box in self.counts.values())
        for box in self.counts.values():
            box.setMaximum(max(0, self._copies - told + box.value()))
        self.good.setText(tr("{copies} of {copies2} came out good", copies=self._copies - told, copies2=self._copies))

    def _take_minutes(self, minutes: float) -> None:
        if not 0 <= minutes < inf or minutes > 1440:
            self.minutes.complain(tr("from 0 to 1440 minutes"))
            return
        self._typed = minutes
        self._keep_soon()
