"""The table of names: a picture of each row, its cells and count to type over, its width, thinnest stroke and state."""

from collections.abc import Iterable, Sequence
from typing import Any

from msgspec import Struct
from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QIcon
from PySide6.QtWidgets import (
    QAbstractItemDelegate,
    QAbstractItemView,
    QHeaderView,
    QLineEdit,
    QTableWidget,
    QTableWidgetItem,
)

from vitrograph.core.findings import Level
from vitrograph.core.job import Names, Row
from vitrograph.core.job.names import sorting
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.widths.axis import strokes_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.order.strip import state_of_piece
from vitrograph.desk.views.small_picture import art_picture

_PICTURE = QSize(96, 40)
_SPACING_MM, _SHARE = 0.2, 0.02    # a stroke that all but so much of the strokes' length exceeds
_AT_ONCE = 16                      # lines that are written in one go, if no more are in sight
_SEVERITY = {"stop": 0, "watch": 1, "open": 2, "good": 3}
_WORDS = {"stop": tr("to mend"), "watch": tr("to watch"), "open": tr("waiting"), "good": tr("sound")}


class _Line(Struct, frozen=True):
    """What a line of the table is written from."""

    at: int
    row: Row
    results: Results

    def same_as(self, before: "_Line | None") -> bool:
        """Whether another was written from the very same."""
        return (before is not None and self.at == before.at and self.row is before.row
                and self.results is before.results)


class NamesTable(QTableWidget):
    """`edited` tells a row, a column (the count is the last) and what was typed; `chosen` the row that is gone to;
    `sorted_by` that the head of a column was clicked."""

    edited = Signal(int, int, str)
    chosen = Signal(int)
    sorted_by = Signal()

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        named(self, "names")
        self.bench = bench
        self.setAccessibleName(tr("Names"))
        self.setFont(theme.font())
        self.setIconSize(_PICTURE)
        self.setStyleSheet(f"QTableWidget {{ selection-background-color: {theme.RAISED}; "
                           f"selection-color: {theme.TEXT}; }}")
        self.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.setCornerButtonEnabled(False)                    # it has no name; Ctrl+A chooses all
        self.verticalHeader().setDefaultSectionSize(_PICTURE.height() + 6)
        self.verticalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Fixed)
        self._names = Names()
        self._of: tuple[object, ...] = ()                      # the order, the piece and the rows that are shown
        self._order: list[int] = []                           # the row of the list on each line of the table
        self._known: Sequence[Results] = ()
        self._drawn: dict[int, object] = {}                   # the film that each row's picture is of
        self._wanted: list[_Line] = []                        # what each line of the table is to show
        self._written: dict[int, _Line] = {}                  # what it was written from
        self._by: int | None = None                           # the column that the rows are sorted by
        self._unit = bench.unit
        self._filling = False
        self._rest = QTimer(self, singleShot=True, interval=0)
        self._rest.timeout.connect(self._draw_next)
        self.horizontalHeader().sectionClicked.connect(self._sort_by)
        self.cellChanged.connect(self._take)
        self.currentCellChanged.connect(self._choose)

    def show_rows(self, names: Names, known: Sequence[Results], row: int, *, trouble_first: bool) -> None:
        """Fill the table; only what differs is written anew. While a cell is typed into its row keeps its line."""
        held = self._held(names)
        self._filling = True
        if names.columns != self._names.columns or not self.columnCount():
            self.setColumnCount(0)
            titles = ["", *names.columns, tr("count"), tr("width"), tr("thinnest stroke"), tr("state"), tr("found")]
            self.setColumnCount(len(titles))
            self.setHorizontalHeaderLabels(titles)
            self.setColumnWidth(0, _PICTURE.width() + 8)
            for column in range(1, len(titles)):
                self.setColumnWidth(column, 70 if column > len(names.columns) else 150)
            self.setColumnWidth(len(titles) - 3, 112)
            self.horizontalHeader().setStretchLastSection(True)
            self._drawn.clear()
            self._written.clear()
        if self.bench.unit != self._unit:
            self._written, self._drawn, self._unit = {}, {}, self.bench.unit
        self._names, self._known = names, known
        self._order = self._order if held else self._sorted(trouble_first=trouble_first)
        self.setRowCount(len(names.rows))
        self._wanted = [_Line(at, names.rows[at], known[at]) for at in self._order]
        self._written = {line: before for line, before in self._written.items() if line < len(self._wanted)}
        self._write_some()
        if self._order and not held and self.currentRow() != (line := self._order.index(row)):
            self.setCurrentCell(line, max(1, self.currentColumn()))
        self._filling = False
        self._rest.start()

    def _write_some(self) -> bool:
        """Write some of the lines that show something else, those in sight first; whether there were any.

        Of two hundred rows all at once would halt the window.
        """
        in_sight = self._in_sight()
        lines = dict.fromkeys((*in_sight, *range(len(self._wanted))))
        late = [line for line in lines if not self._wanted[line].same_as(self._written.get(line))]
        self._write_lines(late[:max(_AT_ONCE, len(in_sight))])
        return bool(late)

    def _write_lines(self, lines: Iterable[int]) -> None:
        filling, self._filling = self._filling, True
        for line in lines:
            self._show_row(line, self._wanted[line].at)
            self._written[line] = self._wanted[line]
        self._filling = filling

    def _in_sight(self) -> range:
        """The lines of the table that are in sight."""
        top, foot = self.rowAt(0), self.rowAt(self.viewport().height() - 1)
        return range(max(0, top), (foot if foot >= 0 else len(self._wanted) - 1) + 1)

    def _held(self, names: Names) -> bool:
        """Whether a cell of this very list is being typed into; what is typed into another list is let go of."""
        before, self._of = self._of, self._whose(names)
        if self.state() != QAbstractItemView.State.EditingState:
            return False
        if self._of == before:
            return True
        for editor in self.viewport().findChildren(QLineEdit):
            self.closeEditor(editor, QAbstractItemDelegate.EndEditHint.NoHint)
        self._refuse()
        return False

    def _whose(self, names: Names) -> tuple[object, ...]:
        """What tells a list of the piece in hand from every other."""
        return self.bench.order.id, self.bench.pieces.piece.key, [row.key for row in names.rows], names.columns

    def _refuse(self) -> None:
        self.bench.refused.emit(tr("what was being typed was not taken: another list is shown now"))

    def _sorted(self, *, trouble_first: bool) -> list[int]:
        """The rows by the column that was clicked, names as people sort them; then, if wanted, by their trouble."""
        names, known, column = self._names, self._known, self._by
        rows, cells = [*range(len(names.rows))], len(names.columns)
        if column is not None and 1 <= column <= cells:
            rows.sort(key=lambda at: sorting(names.rows[at].cells[column - 1]))
        elif column == cells + 1:
            rows.sort(key=lambda at: -names.rows[at].count)
        elif column == cells + 2:
            rows.sort(key=lambda at: -art.size[0] if (art := known[at].art) is not None else 0.0)
        if trouble_first:
            rows.sort(key=lambda at: _SEVERITY[state_of_piece((known[at],))])
        return rows

    def _sort_by(self, column: int) -> None:
        self._by = None if column == self._by else column
        self.sorted_by.emit()

    def _show_row(self, line: int, at: int) -> None:
        row, results = self._names.rows[at], self._known[at]
        self.setVerticalHeaderItem(line, QTableWidgetItem(str(at + 1)))
        state, found = state_of_piece((results,)), results.findings()
        art = results.art
        wide = self.bench.length(art.size[0]) if art is not None else ""
        graves = [one for one in found if one.level is not Level.NOTE]
        says = self.bench.words(graves[0].says) if graves else "; ".join(
            self.bench.words(error.says) for _, error in results.failed)
        more = tr(" and {graves} more", graves=len(graves) - 1) if len(graves) > 1 else ""
        texts = [*row.cells, str(row.count), wide, None, _WORDS[state], says + more]
        for column, text in enumerate(texts, start=1):
            if text is not None:
                self._write(line, column, text, typed=column <= len(row.cells) + 1)
        self._write(line, 0, "", typed=False)

    def _write(self, line: int, column: int, text: str, *, typed: bool) -> None:
        cell = self.item(line, column)
        if cell is None:
            cell = QTableWidgetItem()
            if not typed:
                cell.setFlags(cell.flags() & ~Qt.ItemFlag.ItemIsEditable)
            self.setItem(line, column, cell)
        if cell.text() != text:
            cell.setText(text)
            cell.setToolTip(text)

    def summary(self, known: Sequence[Results]) -> str:
        """How far the rows are, and how many are to be looked at."""
        if not known:
            return ""
        states = [state_of_piece((results,)) for results in known]
        done = len(states) - states.count("open")
        told = [tr("{done} of {states} worked out", done=done,
                   states=len(states))] if done < len(states) else [tr("{states} worked out",
                                                                       states=len(states))]
        told += [tr("{count} to mend", count=states.count('stop'))] if "stop" in states else []
        told += [tr("{count} to watch", count=states.count('watch'))] if "watch" in states else []
        return ", ".join(told if len(told) > 1 or done < len(states) else [*told, tr("all sound")])

    def chosen_rows(self) -> set[int]:
        """The rows of the list that are chosen; none while the table still shows another piece's."""
        if self._of != self._whose(self.bench.pieces.piece.names):
            return set()
        return {self._order[index.row()] for index in self.selectionModel().selectedRows()}

    def type_into(self, row: int) -> None:
        """Begin to type into a row's first cell."""
        line = self._order.index(row)
        self._write_lines([line])                              # a line that nobody saw may not be written yet
        self.setCurrentCell(line, 1)
        self.edit(self.model().index(line, 1))

    def _take(self, line: int, column: int) -> None:
        cell = self.item(line, column)
        if self._filling or cell is None or not 1 <= column <= len(self._names.columns) + 1:
            return
        if self._of != self._whose(self.bench.pieces.piece.names):
            self._refuse()                                     # another piece is in hand, and is shown in a moment
        else:
            self.edited.emit(self._order[line], column - 1, cell.text().strip())

    def _choose(self, line: int, _column: int, before: int, _before_column: int) -> None:
        if not self._filling and line != before and 0 <= line < len(self._order):
            self.chosen.emit(self._order[line])

    def _draw_next(self) -> None:
        """Write some lines, or draw one row in sight that is not drawn as it is now; and look again for the next."""
        if self._write_some():
            self._rest.start()
            return
        for line in self._in_sight():
            results = self._known[self._order[line]] if line < len(self._order) else None
            if results is None or not results.complete:
                continue
            if self._drawn.get(self._names.rows[self._order[line]].key) is not results.sheet or self._blank(line):
                self._draw(line, results)
                self._rest.start()
                return

    def _blank(self, line: int) -> bool:
        cell: Any = self.item(line, 0)
        return cell is None or cell.data(Qt.ItemDataRole.UserRole) != self._names.rows[self._order[line]].key

    def _draw(self, line: int, results: Results) -> None:
        """Draw a row; one that has no film loses what the line showed of another."""
        row = self._names.rows[self._order[line]]
        self._drawn[row.key] = results.sheet
        self._filling = True
        cell = self.item(line, 0)
        if cell is not None:
            cell.setIcon(QIcon() if results.sheet is None else self._icon(results))
            cell.setData(Qt.ItemDataRole.UserRole, row.key)
        thinnest = None if results.sheet is None else strokes_of(
            results.sheet.openings, _SPACING_MM).exceeded_by_all_but(_SHARE)
        words = "" if thinnest is None else self.bench.length(thinnest[0], 2)
        self._write(line, len(row.cells) + 3, words, typed=False)
        self._filling = False

    def _icon(self, results: Results) -> QIcon:
        picture = art_picture(results, _PICTURE, self.devicePixelRatioF())
        icon = QIcon(picture)
        icon.addPixmap(picture, QIcon.Mode.Selected)          # not tinted
        return icon

    def scrollContentsBy(self, dx: int, dy: int) -> None:
        super().scrollContentsBy(dx, dy)
        self._rest.start()
