"""What was found about the row in hand, each with its remedies: for this row alone, or for all."""

from collections.abc import Sequence

from msgspec.structs import replace
from PySide6.QtWidgets import QScrollArea, QVBoxLayout, QWidget

from vitrograph.core.findings import Finding, Level, Remedy
from vitrograph.core.job import Names
from vitrograph.core.job.change import AddMend, Resize
from vitrograph.core.language import capital, tr
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named

_MOST = 8                          # findings listed


class RowPanel(QScrollArea):
    """The row in hand of the piece in hand."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        named(self, "rowFound")
        self.bench = bench
        self.setWidgetResizable(True)
        self._told: tuple[Results, Names, tuple[object, ...]] | None = None      # what is shown
        self._notes: tuple[str, ...] = ()

    def tell(self, notes: Sequence[str]) -> None:
        """Keep what was odd about the list in sight until another list is read."""
        self._notes = tuple(notes)

    def show_row(self, names: Names, at: int, results: Results) -> None:
        """List what was found about a row."""
        before, self._told = self._told, (results, names, (at, self.bench.unit, self._notes))
        if before is not None and results is before[0] and names is before[1] and self._told[2] == before[2]:
            return
        inside = QWidget()
        column = QVBoxLayout(inside)
        column.setContentsMargins(8, 8, 8, 8)
        for note in self._notes:
            column.addWidget(label(capital(note), "quiet", scale=0.9))
        if names.rows:
            column.addWidget(label(tr("Row {at}: {says}", at=at + 1, says=names.rows[at].says), bold=True))
            found = [one for one in results.findings() if one.level is not Level.NOTE]
            for error in results.failed:
                column.addWidget(label(self.bench.words(error[1].says)))
            if not found and results.complete and not results.failed:
                column.addWidget(label(tr("Nothing to watch."), "quiet"))
            for number, one in enumerate(found[:_MOST]):
                self._add(column, one, number, names, at)
            if len(found) > _MOST:
                column.addWidget(label(tr("and {found} more", found=len(found) - _MOST), "quiet"))
        column.addStretch(1)
        self.setWidget(inside)

    def _add(self, column: QVBoxLayout, found: Finding, number: int, names: Names, at: int) -> None:
        says = self.bench.words(found.says)
        column.addWidget(label(capital(says)))
        for place, remedy in enumerate(found.remedies):
            words = self.bench.words(remedy.label)
            alone = _names_with(names, at, remedy)
            if alone is not None:
                made = button(tr("{words}, this row", words=words), wordy=True)
                made.setObjectName(f"rowRemedy_{number}_{place}")
                made.clicked.connect(lambda _on=False, alone=alone, words=words: self.bench.pieces.set_names(
                    words, alone, at))
                column.addWidget(made)
            if not all(isinstance(change, AddMend) and change.mend.at is not None for change in remedy.changes):
                made = button(tr("{words}, all rows", words=words), wordy=True)
                made.setObjectName(f"allRemedy_{number}_{place}")
                made.clicked.connect(lambda _on=False, remedy=remedy: self.bench.remedy(remedy))
                column.addWidget(made)


def _names_with(names: Names, at: int, remedy: Remedy) -> Names | None:
    """The list with a remedy done to one row; None where it can only be done to all."""
    row = names.rows[at]
    for change in remedy.changes:
        if isinstance(change, Resize):
            row = replace(row, grown=row.grown * change.factor)
        elif isinstance(change, AddMend):
            row = replace(row, mends=(*row.mends, change.mend))
        else:
            return None
    return names.with_row(at, row)
