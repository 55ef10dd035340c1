"""What was made before: searched and listed; an entry is read, made again or taken out, two are compared."""

from PySide6.QtCore import QItemSelectionModel, QTimer, Signal
from PySide6.QtWidgets import QAbstractItemView, QHeaderView, QTableWidget, QTableWidgetItem

from vitrograph.core.errors import VitrographError
from vitrograph.core.language import day_words, tr
from vitrograph.core.logbook import OUTCOMES, Asked, Entry, Listed, SortedBy, TakenOut
from vitrograph.core.logbook.entry import counted, outcome_words
from vitrograph.core.value_words import film_word, word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column, button, chooser, in_a_row, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line

_HEADINGS = (tr("Made"), tr("Piece"), tr("How it went"))
_MOST = 200
_WHOLE_ROW = QItemSelectionModel.SelectionFlag.Select | QItemSelectionModel.SelectionFlag.Rows
_TYPING_MS = 150
_SORTED = {"newest": tr("Newest first"), "oldest": tr("Oldest first"), "name": tr("By name"),
           "stars": tr("Most stars first"),
           "minutes": tr("By minutes")}


class MadeBefore(Column):
    """The list. `pointed` carries the entries chosen, none, one or two."""

    pointed = Signal(object)
    again = Signal(int)

    def __init__(self, bench: Bench) -> None:
        super().__init__(2 * theme.STEP)
        self.bench = bench
        self.listed: tuple[Listed, ...] = ()
        self.sought = named(Line(), "findEntries")
        self.sought.setPlaceholderText(tr("Search: a piece, a cream, a note, a day …"))
        self.sought.setAccessibleName(tr("Search the logbook"))
        self._typing = QTimer(self, singleShot=True, interval=_TYPING_MS)
        self._typing.timeout.connect(self.refresh)
        self.sought.textEdited.connect(lambda _text: self._typing.start())
        self.sort = chooser("sortEntries", tr("Sorted"), _SORTED)
        self.sort.activated.connect(lambda _at: self.refresh())
        self.went = chooser("filterEntries", tr("How it went"), {"": tr("However it went"), **{
            what: tr("Came out: {what}", what=word_of(what)) for what in OUTCOMES}})
        self.went.activated.connect(lambda _at: self.refresh())
        self.table = self._make_table()
        self.says = label("", "quiet", scale=0.9)
        self.says.setObjectName("entriesSays")
        self.remake = button(tr("Make it again"), tip=tr("Open its order as it was made"))
        self.remake.setObjectName("makeAgain")
        self.remake.clicked.connect(self._make_again)
        self.remove = button(tr("Remove it"), tip=tr("Remove the entry from the logbook"))
        self.remove.setObjectName("takeOut")
        self.remove.clicked.connect(self._take_out)
        self._taken_out: list[TakenOut] = []
        self.back = button(tr("Put back what was taken out"))
        self.back.setObjectName("putBack")
        self.back.clicked.connect(self._put_back)
        self.stack(self.sought, in_a_row(self.sort, self.went), self.table, self.says,
                   in_a_row(self.remake, self.remove), self.back)
        self.table.itemSelectionChanged.connect(self._point)
        self._point()

    def _make_table(self) -> QTableWidget:
        table = named(QTableWidget(0, len(_HEADINGS)), "entries")
        table.setAccessibleName(tr("Entries of the logbook"))
        table.setHorizontalHeaderLabels(_HEADINGS)
        table.verticalHeader().hide()
        table.setEditTriggers(QAbstractItemView.EditTrigger.NoEditTriggers)
        table.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        table.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        table.setTabKeyNavigation(False)
        table.setWordWrap(False)
        table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        for column in (1, 2):
            table.horizontalHeader().setSectionResizeMode(column, QHeaderView.ResizeMode.Stretch)
        table.setFont(theme.font(0.9))
        table.setMinimumHeight(200)
        return table

    @property
    def in_hand(self) -> Listed | None:
        """The one entry chosen in the list."""
        chosen = self.chosen
        return chosen[0] if len(chosen) == 1 else None

    @property
    def chosen(self) -> tuple[Listed, ...]:
        """The entries chosen in the list, as they stand there."""
        rows = sorted({index.row() for index in self.table.selectedIndexes()})
        return tuple(self.listed[row] for row in rows if row < len(self.listed))

    def refresh(self) -> None:
        """Read the logbook again, as it is searched."""
        asked, chosen = Asked(self.sought.text(), outcome=self.went.currentData()), {one.id for one in self.chosen}
        sorted_by: SortedBy = self.sort.currentData()
        try:
            self.listed = self.bench.logbook.found(asked, sorted_by, _MOST)
            entries, pieces = self.bench.logbook.count(asked)
        except VitrographError as error:
            self.bench.refused.emit(error.words(self.bench.unit))
            return
        self.table.blockSignals(True)
        self.table.clearSelection()
        self.table.setRowCount(len(self.listed))
        for row, one in enumerate(self.listed):
            entry = one.entry
            for column, text in enumerate((day_words(entry.made_on), f"{entry.how_many} × {entry.job}",
                                           outcome_words(entry.outcome))):
                item = QTableWidgetItem(text)
                item.setToolTip(tip_of(entry))
                self.table.setItem(row, column, item)
        for row, one in enumerate(self.listed):
            if one.id in chosen:
                self.table.selectionModel().select(self.table.model().index(row, 0), _WHOLE_ROW)
        self.table.blockSignals(False)
        self._point()
        nothing = tr("Nothing was found.") if asked != Asked() else tr("Nothing is written down yet.")
        more = tr("; the first {listed} are listed", listed=len(self.listed)) if entries > len(self.listed) else ""
        self.says.setText(f"{counted(entries, pieces)}{more}" if entries else nothing)

    def _point(self) -> None:
        one = self.in_hand
        self.remake.setEnabled(one is not None)
        self.remove.setEnabled(one is not None)
        self.back.setVisible(bool(self._taken_out))
        self.pointed.emit(self.chosen)

    def _make_again(self) -> None:
        if (one := self.in_hand) is not None:
            self.again.emit(one.id)

    def _take_out(self) -> None:
        one = self.in_hand
        if one is not None and self.bench.attempt(
                lambda: self._taken_out.append(self.bench.unlog(one.id)),
                tr("taken out: {job}; it can be put back while this window is open", job=one.entry.job)):
            self.refresh()

    def _put_back(self) -> None:
        taken = self._taken_out[-1]
        if self.bench.attempt(lambda: self.bench.log_again(taken), tr("put back: {job}", job=taken.entry.job)):
            self._taken_out.pop()
            self.refresh()


def tip_of(entry: Entry) -> str:
    """All that is worth reading of an entry, in lines."""
    lines = (entry.glass, entry.art, ", ".join(part for part in (entry.cream, entry.recipe, entry.stood) if part),
             tr("{film} film", film=film_word(entry.film)) if entry.film else "",
             tr("for {for_whom}", for_whom=entry.for_whom) if entry.for_whom else "", entry.note)
    return "\n".join(line for line in lines if line)
