"""The logbook station: write down how it went, and look at what was made before."""

from datetime import date
from pathlib import Path

from PySide6.QtWidgets import (
    QAbstractItemView,
    QComboBox,
    QFileDialog,
    QHeaderView,
    QPlainTextEdit,
    QTableWidget,
    QTableWidgetItem,
    QWidget,
)

from vitrograph.core.artwork import label_of
from vitrograph.core.errors import VitrographError
from vitrograph.core.job import Job
from vitrograph.core.logbook import OUTCOMES, Entry
from vitrograph.core.results import Results
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.telling.answers import glass_line
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card import StationCard
from vitrograph.desk.kit.fields import NumberField, button, label
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.named import named

_HEADINGS = ("Made", "Piece", "How it went")


class LogbookCard(StationCard):
    """Remember the piece."""

    station = "logbook"
    heading = "Logbook"
    says = "Look at the piece dry, on black card. What went well, what would you change?"

    def build(self) -> None:
        self.outcome = named(QComboBox(), "outcome")
        self.outcome.setAccessibleName("How it went")
        self.outcome.addItems(OUTCOMES)
        self.minutes = NumberField("Minutes under cream", "minutes", suffix="min")
        self.minutes.edited.connect(self._take_minutes)
        self._minutes: float | None = None
        self.note = named(QPlainTextEdit(), "note")
        self.note.setAccessibleName("Note")
        self.note.setPlaceholderText("A note to yourself")
        self.note.setTabChangesFocus(True)
        self.note.setFixedHeight(3 * self.note.fontMetrics().lineSpacing() + 20)
        self.write = button("Write it down", "accent")
        self.write.setObjectName("writeDown")
        self.write.clicked.connect(self.write_down)
        self.anew = button("Make this order again, from the first step")
        self.anew.setObjectName("beginAnew")
        self.anew.clicked.connect(self._begin_anew)
        self.found = FindingList(self.bench)
        self.table = self._make_table()
        self.save_csv = button("Save as CSV")
        self.save_csv.setObjectName("saveCsv")
        self.save_csv.clicked.connect(self._choose_csv)
        self.stack(self.found, self.outcome, self.minutes, self.note, self.write, self.anew)
        self.bench.making.changed.connect(self._show_begun)
        self.section("Made before")
        self.stack(self.table, self.save_csv, label(
            "Kept in one file in your own data folder; nothing is sent anywhere.", "quiet", scale=0.9))
        self.refresh()

    def _make_table(self) -> QTableWidget:
        table = named(QTableWidget(0, len(_HEADINGS)), "entries")
        table.setHorizontalHeaderLabels(_HEADINGS)
        table.verticalHeader().hide()
        table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        table.setTabKeyNavigation(False)
        table.setWordWrap(False)
        table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        table.horizontalHeader().setSectionResizeMode(1, QHeaderView.ResizeMode.Stretch)
        table.setFont(theme.font(0.9))
        table.setMinimumHeight(220)
        return table

    def first_field(self) -> QWidget:
        return self.outcome

    def show_job(self, job: Job) -> None:
        self.write.setEnabled(self.bench.results.wall is not None)

    def show_results(self, results: Results) -> None:
        seconds = results.etch.seconds if results.etch else 0.0
        self.minutes.show_number(self._minutes if self._minutes is not None else seconds / 60)
        self.write.setEnabled(results.complete and results.etch is not None)
        self.found.show_findings(self.bench.findings("logbook"), "")
        self._show_begun()

    def _show_begun(self) -> None:
        self.anew.setVisible(self.bench.making.begun)

    def _begin_anew(self) -> None:
        self.bench.making.begin_anew()
        self.bench.told.emit("every step is open again; what was written in the logbook stays")

    def refresh(self) -> None:
        """Read the logbook again."""
        try:
            entries = self.bench.logbook.entries()
        except VitrographError as error:
            self.bench.refused.emit(error.words(self.bench.unit))
            return
        self.table.setRowCount(len(entries))
        for row, entry in enumerate(entries):
            tip = f"{entry.glass}\n{entry.art}\n{entry.school}, {entry.minutes:g} min, {entry.film} film\n{entry.note}"
            for column, text in enumerate((entry.made_on, f"{entry.how_many} × {entry.job}", entry.outcome)):
                item = QTableWidgetItem(text)
                item.setToolTip(tip)
                self.table.setItem(row, column, item)

    def entry(self) -> Entry:
        """What would be written down now."""
        job, results = self.bench.job, self.bench.results
        shown = (label_of(piece) for piece in job.artwork.items if piece.shown)
        seconds = results.etch.seconds if results.etch else 0.0
        return Entry(
            made_on=date.today().isoformat(), job=job.name,
            glass=f"{job.glass.kind} {glass_line(results.wall)}" if results.wall else job.glass.kind,
            art=", ".join(dict.fromkeys(shown)), film=job.cut.film, school=job.etch.recipe.name,
            minutes=self._minutes if self._minutes is not None else seconds / 60, how_many=job.count,
            outcome=self.outcome.currentText(), note=self.note.toPlainText().strip(),
        )

    def write_down(self) -> None:
        """Add a line to the logbook."""
        if not self.bench.attempt(lambda: self.bench.log(self.entry()), "written in the logbook"):
            return
        self.note.clear()
        self._minutes = None
        self.refresh()

    def _take_minutes(self, minutes: float) -> None:
        if minutes < 0:
            self.minutes.complain("it cannot be less than 0")
            return
        self._minutes = minutes

    def _choose_csv(self) -> None:
        path, _ = QFileDialog.getSaveFileName(self, "Save the logbook", "logbook.csv", "CSV (*.csv)")
        if path:
            self.save_as_csv(Path(path))

    def save_as_csv(self, path: Path) -> None:
        """Write the whole logbook as CSV, or say why it cannot be."""
        self.bench.attempt(lambda: write_whole(path, self.bench.logbook.to_csv().encode("utf-8")),
                           f"written: {path.name}")
