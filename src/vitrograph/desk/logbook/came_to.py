"""What it came to: the logbook by months or by what pieces have in common, how they failed, and what changed since."""

from collections.abc import Callable
from functools import partial

from msgspec import Struct
from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPaintEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHeaderView,
    QScrollArea,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.language import capital, decimals, tr
from vitrograph.core.logbook import GROUPS, Logbook
from vitrograph.core.logbook.advice import Failure, changes_of, failures_in, months_in, paces_of
from vitrograph.core.value_words import film_word, word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import chooser, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting

_BY = {"month": tr("Month by month"), "job": tr("By piece"), "material": tr("By kind of glass"),
       "cream": tr("By cream"),
       "film": tr("By film"), "recipe": tr("By recipe"), "for_whom": tr("By customer")}
_MONTHS = (tr("Month"), tr("Pieces"), tr("Not good"), tr("Hours"), tr("Cream, g"), tr("Cost"))
_GROUPS = ("", tr("Pieces"), tr("Entries"))
_MOST_ROWS = 500


class Came(Struct, frozen=True):
    """Rows of a table with its headings, how pieces failed, and sentences on what changed and on the maker's pace."""

    headings: tuple[str, ...]
    rows: tuple[tuple[str, ...], ...]
    failures: tuple[Failure, ...]
    says: tuple[str, ...]


_WORDED: dict[str, Callable[[str], str]] = {"material": word_of, "film": film_word, "recipe": tr}


def came_to(book: Logbook, by: str) -> Came:
    """What a logbook came to, by months or by one of its `GROUPS`. Raises LogbookError."""
    entries = [one.entry for one in book.found()]
    says = (*(one.says for one in changes_of(entries)), *(one.says for one in paces_of(entries)))
    if by in GROUPS:
        rows = tuple((_WORDED.get(by, str)(word) or tr("not said"), str(pieces), str(many)) for word, many,
                     pieces in book.groups(by))
        return Came(_GROUPS, rows[:_MOST_ROWS], tuple(failures_in(book)), says)
    months = tuple((month.month, str(month.pieces), str(month.failed), decimals(f"{month.hours:.1f}"),
                    f"{month.grams:.0f}",
                    decimals(f"{month.cost:.2f}")) for month in months_in(book))
    return Came(_MONTHS, months[:_MOST_ROWS], tuple(failures_in(book)), says)


class FailureBars(QWidget):
    """How pieces failed, the commonest first: a bar each, its number beside it."""

    def __init__(self) -> None:
        super().__init__()
        named(self, "failureBars")
        self._failures: tuple[Failure, ...] = ()

    def show_failures(self, failures: tuple[Failure, ...]) -> None:
        """Show them."""
        self._failures = failures
        told = "; ".join(tr("{what}: {many} of {of}", what=word_of(one.what), many=one.many, of=one.of)
                         for one in failures)
        self.setAccessibleName(told or tr("nothing failed"))
        self.setVisible(bool(failures))
        self.updateGeometry()
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(300, len(self._failures) * self._row_px())

    def minimumSizeHint(self) -> QSize:
        return self.sizeHint()

    def _row_px(self) -> int:
        return self.fontMetrics().height() + 10

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            metrics = self.fontMetrics()
            row, words = self._row_px(), max((metrics.horizontalAdvance(one.what) for one in self._failures), default=0)
            room = self.width() - words - metrics.horizontalAdvance("000 of 00000 (00.0 %)") - 28
            most = max((one.many for one in self._failures), default=1)
            for at, one in enumerate(self._failures):
                painter.setPen(QColor(theme.TEXT))
                painter.drawText(QRectF(0, at * row, words, row), Qt.AlignmentFlag.AlignVCenter, one.what)
                long = max(2.0, room * one.many / most)
                painter.fillRect(QRectF(words + 12, at * row + 5, long, row - 10), QColor(theme.FROST))
                painter.drawText(QRectF(words + 20 + long, at * row, self.width(), row), Qt.AlignmentFlag.AlignVCenter,
                                 tr("{many} of {of} ({many2:.1%})", many=one.many, of=one.of,
                                    many2=one.many / one.of).replace("%", " %"))


class CameTo(QScrollArea):
    """The page; the logbook is read off the window's thread."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        named(self, "cameTo")
        self.setWidgetResizable(True)
        body = named(QWidget(), "cardBody")
        column = QVBoxLayout(body)
        column.setContentsMargins(20, 16, 20, 16)
        column.setSpacing(3 * theme.STEP)
        self.by = chooser("cameToBy", tr("What it came to"), _BY)
        self.by.activated.connect(lambda _at: self.ask())
        self.table = named(QTableWidget(0, 0), "cameToTable")
        self.table.setAccessibleName(tr("What it came to"))
        self.table.verticalHeader().hide()
        self.table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        self.table.setTabKeyNavigation(False)
        self.table.setMinimumHeight(220)
        self.failed = FailureBars()
        self.says = label("")
        self.says.setObjectName("cameToSays")
        for made in (label(tr("What it came to"), scale=1.2, bold=True), self.by, self.table,
                     label(tr("Pieces that did not come out good"), bold=True), self.failed,
                     label(tr("What changed, and your own pace"), bold=True), self.says):
            column.addWidget(made)
        column.addStretch(1)
        self.setWidget(body)
        self._task = BackgroundTask(self)
        self._task.answered.connect(self._show)
        self._task.refused.connect(self.says.setText)

    @property
    def busy(self) -> bool:
        """Whether the logbook is being read."""
        return self._task.busy

    def ask(self) -> None:
        """Read the logbook again."""
        book, by = self.bench.logbook, str(self.by.currentData())
        self._task.ask(partial(came_to, book, by))

    def _show(self, came: Came) -> None:
        self.table.setColumnCount(len(came.headings))
        self.table.setHorizontalHeaderLabels(came.headings)
        self.table.setRowCount(len(came.rows))
        for row, told in enumerate(came.rows):
            for column, words in enumerate(told):
                item = QTableWidgetItem(words)
                if column:
                    item.setTextAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
                self.table.setItem(row, column, item)
        self.table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Stretch)
        self.failed.show_failures(came.failures)
        self.says.setText("\n".join(f"{capital(one)}." for one in came.says) or
                          tr("Too few entries to tell yet."))
