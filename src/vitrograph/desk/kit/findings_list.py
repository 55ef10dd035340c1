"""What was found at a station: the words, the number against the limit, why it matters, and a remedy that does it."""

from collections import deque
from collections.abc import Iterator
from itertools import groupby

from PySide6.QtCore import QEvent, QPointF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QEnterEvent, QFocusEvent, QMouseEvent, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from vitrograph.core.findings import Finding, Remedy
from vitrograph.core.language import capital, tr
from vitrograph.core.value_words import word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.explained import Explained
from vitrograph.desk.kit.fields import as_button, button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.kit.state_mark import draw_state
from vitrograph.desk.kit.terms import term_of
from vitrograph.desk.kit.wrapping import Wrapping

_SHORT = 21                        # letters: two remedies of so few stand side by side
_AT_ONCE = 2                       # new rows: laying out and painting them takes the window 10 ms each


class _StateMark(QWidget):
    """A finding's level as a shape."""

    def __init__(self, level: str) -> None:
        super().__init__()
        self._level = level
        self.setFixedSize(QSize(18, 20))

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            draw_state(painter, QPointF(9, 10), self._level, 5.0)


class _RemedyButton(QPushButton):
    """The button that does a remedy: under the pointer, or with the keyboard, that is shown before it is done.

    Of its own class, for a filter of events is asked about every event of every remedy.
    """

    def __init__(self, bench: Bench, remedy: Remedy) -> None:
        super().__init__(bench.words(remedy.label))
        self._bench, self.remedy = bench, remedy
        as_button(self)
        self.clicked.connect(self._mend)

    def _mend(self) -> None:
        self._bench.remedy(self.remedy)

    def enterEvent(self, event: QEnterEvent) -> None:
        self._show(wanted=True)
        super().enterEvent(event)

    def leaveEvent(self, event: QEvent) -> None:
        self._show(wanted=False)
        super().leaveEvent(event)

    def focusInEvent(self, event: QFocusEvent) -> None:
        self._show(wanted=True)
        super().focusInEvent(event)

    def focusOutEvent(self, event: QFocusEvent) -> None:
        self._show(wanted=False)
        super().focusOutEvent(event)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._show(wanted=False)
        super().mouseReleaseEvent(event)

    def _show(self, *, wanted: bool) -> None:
        if self._bench.station == "stencil":
            self._bench.preview(self.remedy.paths(self._bench.job) if wanted else None)


class FindingRow(QFrame):
    """One finding. A click shows the place on both views."""

    def __init__(self, bench: Bench, found: Finding, more: int) -> None:
        super().__init__()
        self.bench, self.finding, self._more = bench, found, more
        self.setObjectName(f"finding_{found.code}")
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        says, why = bench.words(found.says), bench.words(found.why)
        self.setAccessibleName(f"{word_of(found.level.value)}: {says}")
        words = QVBoxLayout()
        words.setSpacing(2)
        head = QHBoxLayout()
        head.addWidget(label(capital(says)), 1)
        if term_of(found.code):
            head.addWidget(self._asking(), 0, Qt.AlignmentFlag.AlignTop)
        words.addLayout(head)
        self._words = words
        self._explained: QWidget | None = None
        limit = found.amount(found.limit, bench.unit) if found.value is not None and found.limit else ""
        told = "\n".join(filter(None, (
            f"{capital(why.rstrip('.'))}." if why else "",
            tr("limit {limit}", limit=limit) if limit else "",
            tr("and {more} more like it, marked on the sheet", more=more) if more else "")))
        if told:
            words.addWidget(label(told, "quiet", scale=0.9))
        self._acts = [self._act(number, remedy) for number, remedy in enumerate(found.remedies)]
        self._add_acts(words, list(self._acts))
        whole = QHBoxLayout(self)
        whole.setContentsMargins(0, 4, 0, 8)
        whole.setSpacing(4)
        whole.addWidget(_StateMark(found.level), 0, Qt.AlignmentFlag.AlignTop)
        whole.addLayout(words, 1)

    def follow(self, found: Finding, more: int) -> bool:
        """Take a finding that was found anew, if this row says the same of it; what mends it may be another remedy."""
        labels = [self.bench.words(remedy.label) for remedy in found.remedies]
        if (found, more, labels) != (self.finding, self._more, [act.text() for act in self._acts]):
            return False
        self.finding = found
        for act, remedy in zip(self._acts, found.remedies, strict=True):
            act.remedy = remedy
        return True

    def _add_acts(self, words: QVBoxLayout, acts: list[QPushButton]) -> None:
        """Add the remedies: two short ones stand side by side."""
        if acts:
            words.addSpacing(4)
        for short, few in groupby(acts, key=lambda act: len(act.text()) <= _SHORT):
            row = list(few)
            for at in range(0, len(row), step := 2 if short else 1):
                pair = row[at: at + step]
                if len(pair) > 1:
                    words.addWidget(Wrapping(pair, 2, 6, even=False))
                else:
                    words.addWidget(pair[0], 0, Qt.AlignmentFlag.AlignLeft)

    def _asking(self) -> QPushButton:
        """The sign that a click explains the word of the trade which the finding is about."""
        asks = named(button("?", "sign", tr("What is it?  {term_of}", term_of=term_of(self.finding.code))),
                     f"explain_{self.finding.code}")
        asks.setAccessibleName(tr("What is it: {term_of}", term_of=term_of(self.finding.code)))
        asks.setCheckable(True)
        asks.toggled.connect(self._explain)
        return asks

    def _explain(self, wanted: bool) -> None:
        """Show what the word means, or put that away again."""
        if self._explained is None and wanted:
            self._explained = Explained(self.finding.code)
            self._words.insertWidget(1, self._explained)
        if self._explained is not None:
            self._explained.setVisible(wanted)

    def _act(self, number: int, remedy: Remedy) -> _RemedyButton:
        """The button that does a remedy."""
        act = _RemedyButton(self.bench, remedy)
        act.setObjectName(f"remedy_{self.finding.code}" + (f"_{number}" if number else ""))
        return act

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.bench.found.emit(self.finding)


class _Sound(QWidget):
    """The sentence that all is well."""

    def __init__(self, says: str) -> None:
        super().__init__()
        self.says = says
        line = QHBoxLayout(self)
        line.setContentsMargins(0, 4, 0, 4)
        line.addWidget(_StateMark("good"))
        line.addWidget(label(says), 1)


class FindingList(QWidget):
    """All findings of a station, the gravest first; of many places alike the worst is shown and the rest counted.

    Rows that say what they said stay; new ones are made a few at a time, as a long list would hold the window. Once all
    are, `grown` tells the card, whose columns and order of keys follow them.
    """

    grown = Signal()

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.setObjectName("findings")
        self.bench = bench
        self._unit = ""
        self._sound: _Sound | None = None
        self._shown: list[FindingRow] = []
        self._to_come: deque[tuple[int, Finding, int]] = deque()
        self._next = QTimer(self, singleShot=True, interval=0)
        self._next.timeout.connect(self._add_some)
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(0)

    def show_findings(self, findings: tuple[Finding, ...], sound: str) -> None:
        """List findings, or say in one sentence that all is well; with no sentence, nothing."""
        before, spare = self._shown, list(self._shown) if self.bench.unit == self._unit else []
        self._unit, self._shown, self._to_come = self.bench.unit, [], deque()
        for at, (found, more) in enumerate(_rows_of(findings)):
            row = next((row for row in spare if row.follow(found, more)), None)
            if row is None:
                self._to_come.append((at, found, more))
            else:
                spare.remove(row)
                self._shown.append(row)
        self._lay(before)
        self._say("" if findings else sound)
        self.setVisible(bool(findings or sound))
        if self._to_come or self._shown != before:
            self._add_some()

    def _lay(self, before: list[FindingRow]) -> None:
        """Put the rows that stay in their order, and let the others go."""
        for row in before:
            if row not in self._shown:
                self._column.removeWidget(row)
                row.deleteLater()
        for at, row in enumerate(self._shown):
            if self._column.indexOf(row) != at:
                self._column.insertWidget(at, row)

    def _add_some(self) -> None:
        """Make the next few rows; when the window has done what else it has to do, those after them."""
        for _ in range(min(_AT_ONCE, len(self._to_come))):
            at, found, more = self._to_come.popleft()
            self._shown.insert(at, FindingRow(self.bench, found, more))
            self._column.insertWidget(at, self._shown[at])
        if self._to_come:
            self._next.start()
        else:
            for row in self._shown:
                row.raise_()                                 # the keyboard goes by the order of the children
            self.grown.emit()

    def _say(self, sound: str) -> None:
        """Say that all is well, or nothing."""
        if self._sound is not None and self._sound.says != sound:
            self._column.removeWidget(self._sound)
            self._sound.deleteLater()
            self._sound = None
        if sound and self._sound is None:
            self._sound = _Sound(sound)
            self._column.addWidget(self._sound)


def _rows_of(findings: tuple[Finding, ...]) -> Iterator[tuple[Finding, int]]:
    """The findings to list, each with how many more there are like it."""
    for _, group in groupby(findings, key=lambda found: (found.level, found.code)):
        alike = list(group)
        if any(found.where is None for found in alike):
            yield from ((found, 0) for found in alike)
        else:
            yield alike[0], len(alike) - 1
