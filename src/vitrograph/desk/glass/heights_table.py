"""The stations of a curved wall: upright height and girth, row by row from the base up."""

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QHBoxLayout, QHeaderView, QTableWidget, QTableWidgetItem, QVBoxLayout, QWidget

from vitrograph.core.errors import LengthError
from vitrograph.core.job import CurvedGlass
from vitrograph.core.language import tr
from vitrograph.core.units import format_number, parse_length
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named

Stations = tuple[tuple[float, float], ...]


class StationTable(QWidget):
    """A small table to type into; what cannot be read is told below it and changes nothing."""

    edited = Signal(object)

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self._stations: Stations = ()
        self._filling = False
        self.table = named(QTableWidget(0, 2), "stations")
        self.table.setAccessibleName(tr("Stations from the base up: height, girth"))
        self.table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Stretch)
        self.table.verticalHeader().setDefaultSectionSize(theme.STEP * 7)
        self.table.setTabKeyNavigation(False)
        self.table.setFixedHeight(theme.STEP * 7 * 5 + 6)
        self.table.cellChanged.connect(self._take)
        self._wrong = label("", "error", scale=0.9)
        self._wrong.setObjectName("stationsWrong")
        self._wrong.hide()
        add, remove = button(tr("Add a station")), button(tr("Take one out"))
        add.setObjectName("addStation")
        remove.setObjectName("removeStation")
        add.clicked.connect(self.add)
        remove.clicked.connect(self.remove)
        row = QHBoxLayout()
        row.addWidget(add, 1)
        row.addWidget(remove, 1)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self.table)
        column.addWidget(self._wrong)
        column.addLayout(row)

    def show_stations(self, glass: CurvedGlass) -> None:
        """Show a glass's stations."""
        self._stations = glass.stations
        self._filling = True
        unit = self.bench.unit
        self.table.setHorizontalHeaderLabels([
            tr("height, {unit}", unit=unit),
            tr("round, {unit}", unit=unit) if glass.girth == "circumference" else tr("across, {unit}", unit=unit)])
        self.table.setRowCount(len(glass.stations))
        for row, station in enumerate(glass.stations):
            for column, mm in enumerate(station):
                self.table.setItem(row, column, QTableWidgetItem(format_number(mm, self.bench.unit, digits=2)))
        self._filling = False
        self._say("")

    def add(self) -> None:
        """A station above the present one, or on top; half-way to the next, as wide as the mean of both."""
        row = self.table.currentRow() if self.table.currentRow() >= 0 else len(self._stations) - 1
        height, girth = self._stations[row]
        above = self._stations[row + 1] if row + 1 < len(self._stations) else (height + 40.0, girth)
        new = ((height + above[0]) / 2, (girth + above[1]) / 2)
        self.edited.emit((*self._stations[:row + 1], new, *self._stations[row + 1:]))

    def remove(self) -> None:
        """Take out the present station, or the last; two must stay."""
        if len(self._stations) <= 2:
            self._say(tr("a curved wall needs at least two stations"))
            return
        row = self.table.currentRow() if self.table.currentRow() >= 0 else len(self._stations) - 1
        self.edited.emit(self._stations[:row] + self._stations[row + 1:])

    def _take(self, row: int, column: int) -> None:
        if self._filling:
            return
        try:
            cell = self.table.item(row, column)
            mm = parse_length(cell.text() if cell is not None else "", self.bench.unit)
            if mm < 0 or (column == 1 and mm == 0):
                raise LengthError(tr("a height cannot be less than 0, nor a girth 0"))
        except LengthError as error:
            self._say(str(error))
            return
        station = list(self._stations[row])
        station[column] = mm
        # stations typed out of order are put in order: the maker may measure from the rim down
        self.edited.emit(tuple(sorted((*self._stations[:row], tuple(station), *self._stations[row + 1:]))))

    def _say(self, sentence: str) -> None:
        self._wrong.setText(sentence)
        self._wrong.setVisible(bool(sentence))
