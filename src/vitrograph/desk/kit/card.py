"""The bench card: what a station asks for, in the order of the work, its readings, and what it found."""

from collections.abc import Callable, Sequence
from itertools import pairwise

from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtWidgets import QFormLayout, QFrame, QLabel, QScrollArea, QVBoxLayout, QWidget

from vitrograph.core.errors import NothingYet
from vitrograph.core.findings import Level
from vitrograph.core.job import Job
from vitrograph.core.language import capital, tr
from vitrograph.core.results import Results
from vitrograph.core.stations import STATIONS, Station, station_title
from vitrograph.core.workshop import default_file
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.columns import Columns, section_heading
from vitrograph.desk.kit.fields import button, label, restyle
from vitrograph.desk.kit.findings_list import FindingList
from vitrograph.desk.kit.named import named

_KEYS_MS = 120                     # sooner nobody who has just changed something goes on by the keyboard


class Readings(QWidget):
    """Names and values in two quiet columns."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("readings")
        self._form = QFormLayout(self)
        self._form.setContentsMargins(0, 0, 0, 0)
        self._form.setHorizontalSpacing(4 * theme.STEP)
        self._form.setVerticalSpacing(theme.STEP)
        self._form.setRowWrapPolicy(QFormLayout.RowWrapPolicy.WrapLongRows)
        self._rows: list[tuple[QLabel, QLabel]] = []

    def show_rows(self, rows: Sequence[tuple[str, str]]) -> None:
        """Show rows of (name, value)."""
        while len(self._rows) < len(rows):
            name, value = label("", "quiet"), label("", "reading")
            name.setWordWrap(False)
            value.setAlignment(Qt.AlignmentFlag.AlignRight)
            self._form.addRow(name, value)
            self._rows.append((name, value))
        for index, (name, value) in enumerate(self._rows):
            shown = index < len(rows)
            name.setVisible(shown)
            value.setVisible(shown)
            if shown:
                name.setText(rows[index][0])
                value.setText(rows[index][1])


class NextRow(QWidget):
    """What comes after a station, and where the order is not ready for it, why."""

    def __init__(self, bench: Bench, station: Station) -> None:
        super().__init__()
        self.bench, self.station = bench, station
        at = STATIONS.index(station) + 1
        self.next: Station | None = STATIONS[at] if at < len(STATIONS) else None
        self.go = button(tr("Next: {station}", station=capital(station_title(self.next or station))),
                         tip=f"Ctrl+{at + 1}")
        self.go.setObjectName("nextStation")
        self.go.clicked.connect(lambda: bench.go(self.next or station))
        self.why = label("", "quiet", scale=0.9)
        self.why.setObjectName("nextWhy")
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 2 * theme.STEP, 0, 0)
        column.addWidget(self.go)
        column.addWidget(self.why)
        if self.next is None:
            self.hide()

    def show_results(self, results: Results) -> None:
        """Say what is still wanted here before the next station has anything to work on."""
        if self.next is None:
            return
        error = results.error(self.station)
        stops = sum(found.level is Level.STOP for found in self.bench.findings(self.station))
        says = tr("First: {error}.", error=error.words(self.bench.unit)) if error is not None else ""
        if error is None and stops:
            says = tr("First mend what is marked to be mended here ({stops}).", stops=stops)
        self.why.setText(says)
        self.why.setVisible(bool(says))


class StationCard(QScrollArea):
    """Base of the nine cards. A card shows the job and its results, and asks the bench for every change."""

    station: Station
    heading = ""
    says = ""
    ground: QWidget | None = None      # what is shown in the sheet's place while this station is in hand
    asks = Signal(object)              # the bar of a question for the window

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.workshop = default_file()
        self.guarded: Callable[[Callable[[], None]], None] = lambda work: work()     # asks first what is not saved
        self.setObjectName("card")
        self.setWidgetResizable(True)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._body = named(QWidget(), "cardBody")
        self.columns = Columns(self._body)
        self._two = 0
        self.stack(label(self.heading, scale=1.45, bold=True))
        if self.says:
            self.stack(label(self.says, "quiet"))
        self._error = label("", "error")
        self._error.setObjectName("cardError")
        self.stack(self._error)
        self.setWidget(self._body)
        self._ordered: list[QWidget] = []      # what the keyboard goes through
        self._keys_time = QTimer(self, interval=_KEYS_MS, singleShot=True)
        self._keys_time.timeout.connect(self._order_keys)
        self._later = QTimer(self, interval=theme.AFTER_VIEWS_MS, singleShot=True)
        self._later.timeout.connect(lambda: self._take(self._show_results))
        self.build()
        self._next = NextRow(bench, self.station)
        self.stack(self._next)
        bench.job_changed.connect(lambda _job: self._take(self._show_job))
        self._piece = bench.job.key
        bench.results_changed.connect(self._take_results)
        self._late = True                                      # whether something changed while another was in hand
        self.catch_up()

    # -- to be given by each card --------------------------------------------------------------------------------

    def build(self) -> None:
        """Make the fields."""

    def show_job(self, job: Job) -> None:
        """Show what was decided."""

    def show_results(self, results: Results) -> None:
        """Show what follows from it."""

    def first_field(self) -> QWidget | None:
        """Where the keyboard goes when the station is entered."""
        return None

    # -- shared --------------------------------------------------------------------------------------------------

    def stack(self, *widgets: QWidget) -> None:
        """Add widgets below what there is."""
        self.columns.add(*widgets)
        for widget in widgets:
            if isinstance(widget, FindingList):
                widget.grown.connect(self._rearrange)

    def section(self, title: str) -> None:
        """A heading within the card."""
        self.stack(section_heading(title))

    def arrange(self, two: int) -> None:
        """Stand in two columns so wide, px, or for 0 in one."""
        self._two = two
        self.columns.arrange(two)
        self.order_keys()

    def _rearrange(self) -> None:
        """Stand anew, now that a list has more rows or fewer."""
        self.arrange(self._two)

    def order_keys(self) -> None:
        """Let the keyboard go down the card as the eye does, now that something was put in: once the hands rest."""
        self._keys_time.start()

    def _order_keys(self) -> None:
        inside = [one for row in self.columns.rows for one in (row, *row.findChildren(QWidget))
                  if one.focusPolicy() != Qt.FocusPolicy.NoFocus and one.window() is self.window()]
        if inside != self._ordered:
            self._ordered = inside
            for before, after in pairwise(inside):
                QWidget.setTabOrder(before, after)

    def catch_up(self) -> None:
        """Show what changed while another station was in hand."""
        if self._late:
            self._late = False
            self._show_results()

    def _take(self, show: Callable[[], None]) -> None:
        """Show a change now, or once this station is in hand: nine cards would hold up each letter typed."""
        if self.bench.station == self.station:
            show()
        else:
            self._late = True

    def _take_results(self, results: Results) -> None:
        """Show them; those of another piece, or that still grow, once the views stand, in a frame of their own."""
        if results.complete and results.job.key == self._piece:
            self._later.stop()
            self._take(self._show_results)
        else:
            self._piece = results.job.key
            if not self._later.isActive():
                self._later.start()

    def _show_job(self) -> None:
        self.show_job(self.bench.job)

    def _show_results(self) -> None:
        results = self.bench.results
        error = results.error(self.station)
        says = error.words(self.bench.unit) if error else ""
        self._error.setText(f"{capital(says)}." if says else "")
        self._error.setVisible(error is not None)
        restyle(self._error, "role", "" if isinstance(error, NothingYet) else "error")  # not there yet is nothing wrong
        self._next.show_results(results)
        self._show_job()
        self.show_results(results)
        self._rearrange()
