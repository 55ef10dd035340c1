"""The phases of a recipe, one a row: what is done, how long, and how exactly that must be kept."""

from collections.abc import Callable, Sequence
from typing import Any

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QHBoxLayout, QLineEdit, QWidget

from vitrograph.core.errors import LengthError
from vitrograph.core.job import Phase
from vitrograph.core.language import decimals, tr
from vitrograph.core.units import format_minutes, parse_minutes, parse_number
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column, button, chooser, restyle
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line

_DOES = {"coat|thin": tr("coat, thin"), "coat|thick": tr("coat, thick"), "rest|": tr("leave alone"),
         "work|crossed": tr("work, several directions"), "work|dabbed": tr("work, dabbed"), "stir|": tr("stir"),
         "check|": tr("look at a spot")}
_NEW = Phase("rest", "", 300.0, 30.0)


class PhaseRow(QWidget):
    """One phase. `changed` says that something else was chosen or typed; `more` and `out` are for its neighbours."""

    changed = Signal()
    more = Signal(QObject)
    out = Signal(QObject)

    def __init__(self) -> None:
        super().__init__()
        self.does = chooser("does", tr("What is done"), _DOES)
        self.time = named(Line(), "time")
        self.tolerance = named(Line(), "tolerance")
        self.tolerance.setAccessibleName(tr("More or less, s"))
        for line, sample in ((self.time, "as it needs mm"), (self.tolerance, "± 0000 s")):
            line.setFont(theme.font())
            line.setFixedWidth(line.fontMetrics().horizontalAdvance(sample) + 12)
            line.editingFinished.connect(self.changed)
        stays = self.tolerance.sizePolicy()                    # the columns stand still where it is hidden
        stays.setRetainSizeWhenHidden(True)
        self.tolerance.setSizePolicy(stays)
        self._give = named(button(tr("One more below")), "addPhase")
        self._take = named(button(tr("Take out")), "removePhase")
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(self.does, 1)
        for widget in (self.time, self.tolerance, self._give, self._take):
            row.addWidget(widget)
        self._phase = _NEW                                     # what was shown last
        self.does.activated.connect(self._turn)
        self._give.clicked.connect(lambda: self.more.emit(self))
        self._take.clicked.connect(lambda: self.out.emit(self))

    def _turn(self) -> None:
        self._show_kind()
        self.changed.emit()

    def _show_kind(self) -> None:
        """A coat may be as long as its area asks for; only what the glass waits for has to be kept to."""
        kind = self.does.currentData().split("|")[0]
        self.time.setPlaceholderText(tr("as it needs") if kind == "coat" else "")
        self.time.setAccessibleName(tr("Minutes: {does}", does=self.does.currentText()))
        self.tolerance.setVisible(Phase(kind).waited)

    def show_phase(self, phase: Phase) -> None:
        """Show a phase."""
        self._phase = phase
        self.does.setCurrentIndex(self.does.findData(f"{phase.does}|{phase.how}"))
        show_anew(self.time, _time_of(phase))
        show_anew(self.tolerance, decimals(f"± {phase.tolerance:g} s"))
        self._show_kind()

    def read(self) -> dict[str, Any]:
        """The phase as plain data. Raises LengthError for a time that cannot be read."""
        does, how = self.does.currentData().split("|")

        def seconds_of(typed: str) -> float:
            if does == "coat" and not typed.strip():
                return 0.0
            # a part of a second that is not shown is not lost
            return self._phase.seconds if typed == _time_of(self._phase) else 60 * parse_minutes(typed)

        seconds = _read(self.time, seconds_of)
        tolerance = _read(self.tolerance, lambda typed: parse_number(typed.strip(" ±s")))
        return {"does": does, "how": how, "seconds": seconds, "tolerance": tolerance}


class PhaseRows(Column):
    """All of them, under their headings. `changed` says that they, or what stands in one, are others."""

    changed = Signal()

    def __init__(self) -> None:
        super().__init__(gap=theme.STEP)
        self.rows: list[PhaseRow] = []
        self._column.addStretch(1)

    def show_phases(self, phases: Sequence[Phase]) -> None:
        """Show phases in the rows there are, and in as many more as are wanted."""
        while len(self.rows) > len(phases):
            self._drop(self.rows[-1])
        while len(self.rows) < len(phases):
            self._add(len(self.rows))
        for row, phase in zip(self.rows, phases, strict=True):
            row.show_phase(phase)

    def _add(self, at: int) -> PhaseRow:
        row = PhaseRow()
        row.changed.connect(self.changed)
        row.more.connect(self._give)
        row.out.connect(self._take)
        self.rows.insert(at, row)
        self._column.insertWidget(at, row)
        return row

    def _drop(self, row: PhaseRow) -> None:
        self.rows.remove(row)
        self._column.removeWidget(row)
        row.hide()
        row.deleteLater()

    def _give(self, above: PhaseRow) -> None:
        row = self._add(self.rows.index(above) + 1)
        row.show_phase(_NEW)
        row.does.setFocus()
        self.changed.emit()

    def _take(self, row: PhaseRow) -> None:
        self._drop(row)
        self.changed.emit()

    def read(self) -> list[dict[str, Any]]:
        """The phases as plain data. Raises LengthError, naming the phase."""
        phases = []
        for number, row in enumerate(self.rows, start=1):
            try:
                phases.append(row.read())
            except LengthError as error:
                raise LengthError(tr("phase {number}: {error}", number=number, error=error)) from None
        return phases


def _read(line: QLineEdit, parse: Callable[[str], float]) -> float:
    """What stands in a line, which is marked where it cannot be read. Raises LengthError."""
    try:
        value = parse(line.text())
    except LengthError:
        restyle(line, "wrong", True)
        raise
    restyle(line, "wrong", False)
    return value


def _time_of(phase: Phase) -> str:
    return "" if phase.does == "coat" and phase.seconds == 0 else format_minutes(phase.seconds)


def show_anew(line: QLineEdit, text: str) -> None:
    """Show a text, and leave the cursor of one that stands there already where it is."""
    if line.text() != text:
        line.setText(text)
