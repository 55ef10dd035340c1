"""How it went: the outcome of each copy, time under cream, stars, for whom, and a note."""

from collections.abc import Mapping
from math import inf

from msgspec import Struct, field
from msgspec.structs import replace
from PySide6.QtWidgets import QComboBox, QGridLayout, QLineEdit, QSpinBox, QWidget

from vitrograph.core.language import tr
from vitrograph.core.logbook import OUTCOMES, Entry, Outcome, outcome_of
from vitrograph.core.value_words import word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column, NumberField, chooser, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.text_box import TextBox

STARS = {"": tr("No stars"), **{str(many): "★" * many + "☆" * (5 - many) for many in range(5, 0, -1)}}
_WRONG: tuple[Outcome, ...] = tuple(what for what in OUTCOMES if what != "good")


class _Went(Struct, frozen=True):
    """What was told of a piece that is not in hand."""

    counts: Mapping[Outcome, int] = field(default_factory=dict)
    minutes: float | None = None
    stars: int = 0
    whom: str = ""
    note: str = ""


class WentPanel(Column):
    """Of so many copies: those that did not come out well are counted, the rest are good."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(2 * theme.STEP)
        self._copies, self._minutes = 1, 0.0
        self._of: int | None = None
        self._kept: dict[int, _Went] = {}                      # of pieces not in hand, until they are written down
        self._typed: float | None = None
        self.good = label("", bold=True)
        self.good.setObjectName("goodCopies")
        self.counts: dict[Outcome, QSpinBox] = {}
        grid = QWidget()
        cells = QGridLayout(grid)
        cells.setContentsMargins(0, 0, 0, 0)
        for number, what in enumerate(_WRONG):
            box = named(QSpinBox(), f"count_{what.replace(' ', '_')}")
            box.setAccessibleName(tr("How many came out: {what}", what=word_of(what)))
            box.valueChanged.connect(self._count)
            words = label(word_of(what))
            words.setBuddy(box)
            cells.addWidget(words, number // 2, number % 2 * 2)
            cells.addWidget(box, number // 2, number % 2 * 2 + 1)
            self.counts[what] = box
        cells.setColumnStretch(0, 1)
        cells.setColumnStretch(2, 1)
        self.minutes = NumberField(tr("Minutes under cream"), "minutes", suffix="min")
        self.minutes.edited.connect(self._take_minutes)
        self.stars: QComboBox = chooser("stars", tr("Stars"), STARS)
        self.whom = named(QLineEdit(), "forWhom")
        self.whom.setPlaceholderText(tr("For whom"))
        self.whom.setAccessibleName(tr("For whom"))
        self.note = TextBox(bench, "note", tr("Note"), 2, empty=tr("What would you change next time?"))
        self.stack(self.good, grid, self.minutes, self.stars, self.whom, self.note)

    def take(self, piece: int, copies: int) -> None:
        """Take a piece in hand, by its key, with so many copies: what was told of it before is there again."""
        if piece == self._of:
            return
        if self._of is not None:
            self._kept[self._of] = _Went({what: box.value() for what, box in self.counts.items()}, self._typed,
                                         self.stars.currentIndex(), self.whom.text(), self.note.words())
        self._of, told = piece, self._kept.pop(piece, _Went())
        for box in self.counts.values():                       # all together may be no more than the copies
            box.setValue(0)
        self._copies = copies
        self._count()
        for what, many in told.counts.items():
            self.counts[what].setValue(many)
        self._typed = told.minutes
        self.stars.setCurrentIndex(told.stars)
        self.whom.setText(told.whom)
        self.note.setPlainText(told.note)

    def show_planned(self, copies: int, minutes: float) -> None:
        """So many copies stand so long under cream, unless the maker says otherwise."""
        self._copies, self._minutes = copies, minutes
        self.minutes.show_number(minutes if self._typed is None else self._typed)
        self._count()

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
                       note=self.note.words().strip())

    def clear(self) -> None:
        """Begin anew, for the next piece."""
        for box in self.counts.values():
            box.setValue(0)
        self._typed = None
        self.stars.setCurrentIndex(0)
        self.note.clear()
        self.minutes.show_number(self._minutes)

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
