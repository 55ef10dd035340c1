"""What was found at a station: the words, the number against the limit, why it matters, and a remedy that does it."""

from itertools import groupby

from PySide6.QtCore import QEvent, QPointF, QSize, Qt
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
        self._bench, self._remedy = bench, remedy
        as_button(self)
        self.clicked.connect(lambda: bench.remedy(remedy))

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
            self._bench.preview(self._remedy.paths(self._bench.job) if wanted else None)


class FindingRow(QFrame):
    """One finding. A click shows the place on both views."""

    def __init__(self, bench: Bench, found: Finding, more: int) -> None:
        super().__init__()
        self.bench, self.finding = bench, found
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
        self._add_acts(words, [self._act(number, remedy) for number, remedy in enumerate(found.remedies)])
        whole = QHBoxLayout(self)
        whole.setContentsMargins(0, 4, 0, 8)
        whole.setSpacing(4)
        whole.addWidget(_StateMark(found.level), 0, Qt.AlignmentFlag.AlignTop)
        whole.addLayout(words, 1)

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

    def _act(self, number: int, remedy: Remedy) -> QPushButton:
        """The button that does a remedy."""
        act = _RemedyButton(self.bench, remedy)
        act.setObjectName(f"remedy_{self.finding.code}" + (f"_{number}" if number else ""))
        return act

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.bench.found.emit(self.finding)


class FindingList(QWidget):
    """All findings of a station, the gravest first; of many places alike the worst is shown and the rest counted."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.setObjectName("findings")
        self.bench = bench
        self._findings: tuple[Finding, ...] | None = None
        self._unit = ""
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(0)

    def show_findings(self, findings: tuple[Finding, ...], sound: str) -> None:
        """List findings, or say in one sentence that all is well; with no sentence, nothing."""
        if (findings, self.bench.unit) == (self._findings, self._unit):
            return
        self._findings, self._unit = findings, self.bench.unit
        while (item := self._column.takeAt(0)) is not None:
            old = item.widget()
            assert old is not None
            old.deleteLater()
        for _, group in groupby(findings, key=lambda found: (found.level, found.code)):
            alike = list(group)
            if any(found.where is None for found in alike):
                for found in alike:
                    self._column.addWidget(FindingRow(self.bench, found, 0))
            else:
                self._column.addWidget(FindingRow(self.bench, alike[0], len(alike) - 1))
        self.setVisible(bool(findings or sound))
        if not findings and sound:
            row = QWidget()
            line = QHBoxLayout(row)
            line.setContentsMargins(0, 4, 0, 4)
            line.addWidget(_StateMark("good"))
            line.addWidget(label(sound), 1)
            self._column.addWidget(row)
