"""The list of names of a piece: every row with its picture, its width and what was found; read, written and mended."""

from collections.abc import Callable
from functools import partial
from pathlib import Path
from threading import Event
from typing import cast

from msgspec.structs import replace
from PySide6.QtCore import Qt, QTimer, Signal
from PySide6.QtGui import QCloseEvent, QGuiApplication, QKeyEvent
from PySide6.QtWidgets import QDialog, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from vitrograph.core.artwork import in_capitals
from vitrograph.core.errors import Cancelled
from vitrograph.core.job import Artwork, Item, Names, Order, Row, Words
from vitrograph.core.job.change import Resize, put
from vitrograph.core.job.names import column_for, in_place_of
from vitrograph.core.job.order import parts_of_key
from vitrograph.core.job.pieces import with_mends
from vitrograph.core.language import tr
from vitrograph.core.solving import End, size_line, solved_factor
from vitrograph.core.stencil import mend_all
from vitrograph.core.storing.headings import Columns, Table, is_unsure
from vitrograph.core.storing.names_file import Listed, names_in, open_table, text_of, typed_table
from vitrograph.core.storing.whole import write_whole
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.message import Heard
from vitrograph.desk.kit.picking import LISTS, globs, pick
from vitrograph.desk.kit.saving import ask_place
from vitrograph.desk.kit.wrapping import Wrapping
from vitrograph.desk.order.columns_window import ColumnsWindow
from vitrograph.desk.order.names_table import NamesTable
from vitrograph.desk.order.row_panel import RowPanel
from vitrograph.desk.order.rule_panel import RulePanel

_REST_MS = 150
_CAPS_MM = 9.0                     # of words that are put in for a list


class NamesWindow(QDialog):
    """The rows of the piece in hand."""

    reached = Signal(str)

    def __init__(self, bench: Bench, parent: QWidget) -> None:
        super().__init__(parent)
        self.bench = bench
        theme.dress(self, "namesWindow", tr("Names"), (1120, 680))
        self.title = label("", scale=1.2, bold=True)
        self.says = label("", "quiet")
        self.says.setObjectName("namesSay")
        self.table, self.rule, self.row = NamesTable(bench), RulePanel(bench), RowPanel(bench)
        self.task = BackgroundTask(self)
        self.task.answered.connect(self._take_solved)
        self.task.refused.connect(self._say_refused)
        self.reached.connect(self.says.setText)
        self._stop = Event()
        self._end: End = "smallest"
        self._rest = QTimer(self, singleShot=True, interval=_REST_MS)
        self._rest.timeout.connect(self.refresh)
        self._lay_out()
        bench.order_changed.connect(self._rest.start)
        self.table.edited.connect(self._take_cell)
        self.table.sorted_by.connect(self.refresh)
        self.table.chosen.connect(lambda row: self.bench.take_piece(self.bench.pieces.at, row))
        self.refresh()

    def _lay_out(self) -> None:
        to_all = [self._button(name, says, tip, work) for name, says, tip, work in (    # done to the list as a whole
                ("readNames", tr("Read a list"),
                 tr("a spreadsheet (XLSX, ODS), CSV, or a text file with a name on each line"), self._choose_read),
                ("pasteNames", tr("Paste"), tr("names or cells that were copied elsewhere"), self.paste),
                ("writeNames", tr("Write the list"), tr("as CSV"), self._choose_write),
                ("addName", tr("Add a name"), "", self.add),
                ("removeNames", tr("Take out"), tr("the rows that are chosen"), self.remove))]
        self.sort = self._button("troubleFirst", tr("Trouble first"), tr("rows with the worst found about them on top"),
                                 self.refresh)
        self.sort.setCheckable(True)
        acts = QHBoxLayout()
        acts.addWidget(Wrapping(to_all, len(to_all), 8, even=False), 1)
        acts.addWidget(self.sort, 0, Qt.AlignmentFlag.AlignTop)
        foot = QHBoxLayout()
        foot.addWidget(self.says, 1)
        foot.addWidget(self._button("mendRows", tr("Mend all rows"),
                                    tr("all that is too thin, too small or too sharp, row by row"), self.mend))
        foot.addWidget(self._button("smallestSize", tr("Smallest sound size"),
                                    tr("the smallest letters at which no row is too fine"),
                                    partial(self.solve, "smallest")))
        foot.addWidget(self._button("largestSize", tr("Largest that fits"),
                                    tr("the largest letters at which no row is too wide or too high"),
                                    partial(self.solve, "largest")))
        self.stop_button = self._button("stopSolving", tr("Stop"), "", self.stop)
        self.stop_button.hide()
        foot.addWidget(self.stop_button)
        left = QVBoxLayout()
        left.addWidget(self.title)
        left.addLayout(acts)
        left.addWidget(self.table, 1)
        left.addLayout(foot)
        left.addWidget(Heard(self.bench))
        right = QVBoxLayout()
        right.addWidget(self.rule)
        right.addWidget(self.row, 1)
        whole = QHBoxLayout(self)
        whole.setContentsMargins(16, 16, 16, 16)
        whole.setSpacing(16)
        whole.addLayout(left, 3)
        whole.addLayout(right, 1)

    def _button(self, name: str, says: str, tip: str, work: Callable[[], object]) -> QPushButton:
        made = button(says, tip=tip)
        made.setObjectName(name)
        made.setAutoDefault(False)
        made.clicked.connect(lambda _checked=False: work())
        return made

    @property
    def names(self) -> Names:
        """The list of the piece in hand."""
        return self.bench.pieces.piece.names

    @property
    def _artwork(self) -> Artwork:
        """The art that a list is read for: words for it where there is none yet."""
        artwork = self.bench.pieces.piece.artwork
        return artwork if artwork.items else artwork.added(Item(Words(), size_is="caps", size=_CAPS_MM))

    def refresh(self) -> None:
        """Show the list as it is, and what is known of its rows."""
        if not self.isVisible() and self.table.rowCount():
            return
        piece = self.bench.pieces.piece
        self.title.setText(f"{piece.name}: " + (tr("{n} names", "{n} name", n=len(self.names.rows)) if self.names.rows
                                                else
                                                tr("no names yet: read, paste or type a list")))
        known = self.bench.pieces.results_by_piece()[self.bench.pieces.at] if self.names.rows else ()
        self.table.show_rows(self.names, known, self.bench.place[1], trouble_first=self.sort.isChecked())
        self.rule.show_piece(piece)
        self.row.show_row(self.names, self.bench.place[1], self.bench.results)
        if not self.task.busy:
            self.says.setText(self.table.summary(known))

    # -- the list ------------------------------------------------------------------------------------------------

    def take(self, label: str, read: Callable[[], Listed]) -> None:
        """Make a list that is read the piece's, its words' sizes told by their capitals; say what is odd."""
        def change() -> None:
            listed = read()
            piece = self.bench.pieces.piece
            order = self.bench.order
            if not piece.names.rows:
                order = order.changed(self.bench.pieces.at, artwork=in_capitals(self._artwork))
            known = (parts_of_key(key) for key in self.bench.making.known)
            rows = [row for one, row in known if one == piece.key and row is not None]
            names = in_place_of(piece.names, listed.names, rows)
            order = order.changed(self.bench.pieces.at, names=names)
            self.bench.put(label, order, (self.bench.pieces.at, 0))
            if listed.notes:
                self.bench.told.emit("; ".join(listed.notes))
                self.row.tell(listed.notes)

        self.bench.attempt(change)
        self.refresh()

    def read(self, path: Path) -> None:
        """Read a list from a file; where its headings are not all known, ask what its columns fill."""
        def look() -> None:
            artwork = self._artwork
            table = open_table(path, artwork)
            self._ask(tr("Read a list"), table, lambda columns: names_in(table, artwork, columns))

        self.bench.attempt(look)

    def _ask(self, label: str, table: Table, read: Callable[[Columns | None], Listed]) -> None:
        if not is_unsure(table, self._artwork):
            self.take(label, lambda: read(None))
            return
        window = ColumnsWindow(table, self._artwork, self)
        window.chosen.connect(lambda columns: self.take(label, lambda: read(columns)))
        window.open()

    def paste(self) -> None:
        """Add what is on the clipboard to the list."""
        self.paste_text(QGuiApplication.clipboard().text())

    def paste_text(self, text: str) -> None:
        """Add names or cells to the list; with columns of their own they take the list's place."""
        artwork = self._artwork
        table = typed_table(text, artwork)

        def read(columns: Columns | None) -> Listed:
            listed = names_in(table, artwork, columns)
            mine = self.names
            if not mine.rows or mine.columns != listed.names.columns:
                return listed
            key = max(row.key for row in mine.rows)
            more = tuple(replace(row, key=key + row.key) for row in listed.names.rows)
            return Listed(replace(mine, rows=(*mine.rows, *more)), listed.notes)

        self._ask(tr("Paste names"), table, read)

    def add(self) -> None:
        """A row more, to be typed into."""
        names = self.names
        columns = names.columns or (column_for(self._artwork, typed=True),)
        key = max((row.key for row in names.rows), default=0) + 1
        rows = (*names.rows, Row(key, (tr("Name"), *[""] * (len(columns) - 1))))
        self.take(tr("Add a name"), lambda: Listed(replace(names, columns=columns, rows=rows), ()))
        self.bench.take_piece(self.bench.pieces.at, len(rows) - 1)
        self.table.type_into(len(rows) - 1)

    def remove(self) -> None:
        """Take out the rows that are chosen."""
        gone = self.table.chosen_rows()
        rows = tuple(row for at, row in enumerate(self.names.rows) if at not in gone)
        names = replace(self.names, rows=rows) if rows else Names()
        if gone:
            self.bench.pieces.set_names(tr("Take out names"), names)
            self.refresh()

    def write(self, path: Path) -> None:
        """Write the list as CSV, with the mark that tells spreadsheets it is UTF-8."""
        self.bench.attempt(lambda: write_whole(path, text_of(self.names).encode("utf-8-sig")),
                           tr("the list is written: {name}", name=path.name))

    def _choose_read(self) -> None:
        path = pick(self, tr("Read a list of names"), tr("Lists ({endings})", endings=globs(LISTS)))
        if path is not None:
            self.read(path)

    def _choose_write(self) -> None:
        path = ask_place(self, tr("Write the list of names"), tr("CSV (*.csv)"), "names.csv")
        if path is not None:
            self.write(path)

    def _take_cell(self, row: int, column: int, text: str) -> None:
        names = self.names
        one = names.rows[row]
        if column < len(names.columns):
            one = replace(one, cells=(*one.cells[:column], text, *one.cells[column + 1:]))
        else:
            many = int(text) if text.isdecimal() and text.isascii() and len(text) < 5 else 0
            if not 1 <= many <= 1000:
                self.bench.refused.emit(tr("row {row}: a count from 1 to 1000 was wanted, got '{text}'", row=row + 1,
                                           text=text[:20]))
                self.refresh()
                return
            one = replace(one, count=many)
        self.bench.pieces.set_names(tr("Change a name"), names.with_row(row, one), row)

    # -- solving -------------------------------------------------------------------------------------------------

    def solve(self, end: End) -> None:
        """Look for a size in the background, and take it."""
        if not self.names.rows:
            self.bench.refused.emit(tr("there are no names yet: read, paste or type a list"))
            return
        self._end = end
        order, at, stop = self.bench.order, self.bench.pieces.at, self._begun(tr("Looking for the size"))

        def told(rows: int) -> None:
            if stop.is_set():
                raise Cancelled("stopped")
            self.reached.emit(tr("Looking for the size: {n} rows do", "Looking for the size: {n} row does", n=rows))

        alike = order.changed(at, artwork__rule__by="caps")    # by no other rule have all rows one size
        self.task.ask(lambda: (at, order, solved_factor(alike, at, end, told=told)))

    def mend(self) -> None:
        """Mend every row in the background, each for itself."""
        order, at, stop = self.bench.order, self.bench.pieces.at, self._begun(tr("Mending"))
        known = self.bench.pieces.results_by_piece()[at]
        if not self.names.rows or not all(results.complete for results in known):
            self.stop()
            self.bench.refused.emit(tr("the rows are still being worked out: wait a moment") if self.names.rows else
                                    tr("there are no names yet: read, paste or type a list"))
            return

        def work() -> tuple[int, Order, Order]:
            made = order
            for row, results in enumerate(known):
                if stop.is_set():
                    raise Cancelled("stopped")
                if results.sheet is not None:
                    made = with_mends(made, at, row, mend_all(results.sheet, results.job.stencil).mends)
                self.reached.emit(tr("Mending: {row} of {known} rows", row=row + 1, known=len(known)))
            return at, order, made

        self.task.ask(work)

    def _begun(self, says: str) -> Event:
        self._stop = Event()
        self.says.setText(says)
        self.stop_button.show()
        return self._stop

    def stop(self) -> None:
        """Break the search off."""
        self._stop.set()
        self.task.forget()
        self.stop_button.hide()
        self.refresh()

    def _take_solved(self, answer: object) -> None:
        at, order, solved = cast(tuple[int, Order, float | Order], answer)
        self.stop_button.hide()
        if self.bench.order != order or at != self.bench.pieces.at:
            self.says.setText(tr("the list was changed meanwhile: look again"))
            return
        without = any(results.error("artwork") for results in self.bench.pieces.results_by_piece()[at])
        aside = tr("; what has no stencil is left out") if without else ""
        if isinstance(solved, Order):
            self.bench.put(tr("Mend all rows"), solved)
            self.bench.told.emit(
                (tr("no row has anything too thin, too small or too sharp: nothing is changed") if solved == order else
                 tr("all rows are mended")) + aside)
        else:
            line = self.bench.words(size_line(order, at, solved))
            smallest = self._end == "smallest"
            self.bench.edit(tr("The smallest size") if smallest else tr("The largest size"), Resize(solved),
                            put(lambda job: job.artwork.rule.by, "caps"))
            self.bench.told.emit((tr("the smallest size at which no row fails: {line}", line=line) if smallest else
                                  tr("the largest size at which no row fails: {line}", line=line)) + aside)
        self.refresh()

    def _say_refused(self, sentence: str) -> None:
        self.stop_button.hide()
        self.bench.refused.emit(sentence)
        self.refresh()

    def closeEvent(self, event: QCloseEvent) -> None:
        self._stop.set()
        super().closeEvent(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Delete:
            self.remove()
            return
        super().keyPressEvent(event)

