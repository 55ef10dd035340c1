"""The card of a station that is walked step by step, one copy of a piece after the other."""

from collections.abc import Sequence

from PySide6.QtWidgets import QHBoxLayout, QWidget

from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.stations import Station
from vitrograph.core.work import Step
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.card import StationCard
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.steps import StepWalker


class CopyRow(QWidget):
    """Which of several like it is in hand."""

    def __init__(self, bench: Bench, station: Station) -> None:
        super().__init__()
        self.bench, self._station = bench, station
        self.before, self.after = button(tr("Before"), tip=tr("the one before")), button(tr("Next one"),
                                                                                         tip=tr("the next of them"))
        self.before.setObjectName("copyBefore")
        self.after.setObjectName("copyAfter")
        self._says = label("", bold=True)
        self._says.setObjectName("copySays")
        self.before.clicked.connect(lambda: self._turn(-1))
        self.after.clicked.connect(lambda: self._turn(1))
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(self._says, 1)
        row.addWidget(self.before)
        row.addWidget(self.after)

    @property
    def copy(self) -> int:
        """The one in hand, from 1."""
        return self.bench.work.copy(self._station)

    def show_many(self, what: str) -> None:
        """Show how many there are; one alone is called by its name, among other pieces."""
        many = self.bench.work.copies(self._station)
        self.setVisible(many > 1 or len(self.bench.order.places) > 1)
        self._says.setText(tr("{what} {copy} of {many}", what=what, copy=self.copy, many=many) if many > 1 else
                           self.bench.job.name)
        for turn in (self.before, self.after):
            turn.setVisible(many > 1)
        self.before.setEnabled(self.copy > 1)
        self.after.setEnabled(self.copy < many)

    def _turn(self, by: int) -> None:
        self.bench.work.take(self._station, self.copy + by)


class StepsCard(StationCard):
    """Shows a station's steps one at a time, and what was found there; the bench remembers what is done."""

    done_words = tr("Done.")
    copies_are = tr("Glass")

    def build(self) -> None:
        self.copies = CopyRow(self.bench, self.station)
        self.walker = StepWalker(self.bench, f"{self.station}Steps", self.done_words)
        self.found = FindingList(self.bench)
        self.stack(self.copies, self.walker, self.found)
        self.walker.moved.connect(self._moved)
        self.bench.making.changed.connect(lambda: self.show_results(self.bench.results))

    def steps_of(self, results: Results) -> Sequence[Step]:
        """The steps that results call for."""
        raise NotImplementedError

    def show_step(self, step: int) -> None:
        """Let the views show one step only."""

    def show_results(self, results: Results) -> None:
        self.copies.show_many(self.copies_are)
        steps = self.steps_of(results)
        refs = self.bench.making.refs(self.station, self.bench.job.key, self.copies.copy, steps)
        self.walker.setVisible(bool(steps))
        self.walker.show_steps(steps, refs)
        self.found.show_findings(results.findings(self.station), "")
        if self.bench.station == self.station:
            self.show_step(self.walker.at)

    def first_field(self) -> QWidget:
        return self.walker

    def _moved(self, step: int) -> None:
        if self.bench.station == self.station:
            self.bench.stepped.emit(self.station)
            self.show_step(step)
