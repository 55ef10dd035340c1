"""The scale of the work with its grade, two versions of it side by side, and the seal's places to press first."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QGridLayout, QLabel, QWidget

from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.language import capital, tr
from vitrograph.core.results import Results
from vitrograph.core.says import Area
from vitrograph.core.stencil import Seal, Work
from vitrograph.core.stencil.work import Grade
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.card_part import CardPart
from vitrograph.desk.kit.fields import button, label

_SHOWN_RISKS = 5


_GRADE: dict[Grade, str] = {"easy": tr("easy"), "fair": tr("fair"), "fiddly": tr("fiddly"), "hard": tr("hard")}
_GRADES: dict[Grade, str] = {"easy": tr("Easy work"), "fair": tr("Fair work"), "fiddly": tr("Fiddly work"),
                             "hard": tr("Hard work")}


class SideBySide(QWidget):
    """Names, values now, and values of a version that is held, in columns."""

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("sideBySide")
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setHorizontalSpacing(3 * theme.STEP)
        self._grid.setVerticalSpacing(theme.STEP)
        self._grid.setColumnStretch(0, 1)
        self._cells: dict[tuple[int, int], QLabel] = {}

    def show_rows(self, rows: list[tuple[str, ...]]) -> None:
        """Show rows of as many cells each."""
        for cell in self._cells.values():
            cell.hide()
        for row, words in enumerate(rows):
            for column, text in enumerate(words):
                cell = self._cell(row, column)
                cell.setText(text)
                cell.show()

    def _cell(self, row: int, column: int) -> QLabel:
        if (row, column) not in self._cells:
            made = label("", "reading" if column else "quiet")
            made.setWordWrap(False)
            made.setAlignment(Qt.AlignmentFlag.AlignRight if column else Qt.AlignmentFlag.AlignLeft)
            self._grid.addWidget(made, row, column)
            self._cells[row, column] = made
        return self._cells[row, column]


class WorkPanel(CardPart):
    """How much work it is, and how hard."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self._held: Work | None = None
        self.grade = label("", bold=True)
        self.grade.setObjectName("grade")
        self.reasons = label("", "quiet", scale=0.9)
        self.table = SideBySide()
        self.hold = button(tr("Hold this version to compare"))
        self.hold.setObjectName("holdVersion")
        self.stack(self.grade, self.reasons, self.table, self.hold)
        self.hold.clicked.connect(self._hold)

    def _hold(self) -> None:
        """Hold the version in hand, or let the held one go."""
        demands = self.bench.results.demands
        self._held = None if self._held is not None or demands is None else demands.work
        self.show_results(self.bench.results)

    def show_results(self, results: Results) -> None:
        self.hold.setText(tr("Hold this version to compare") if self._held is None else tr("Let the held version go"))
        self.setVisible(results.demands is not None)
        if results.demands is None:
            return
        work = results.demands.work
        self.grade.setText(_GRADES[work.grade])
        self.reasons.setText(capital("; ".join(map(self.bench.words, work.reasons))) + "." if work.reasons else
                             tr("Few openings, none of them small or thin."))
        now = self._rows(work)
        if self._held is None:
            self.table.show_rows(now)
        else:
            before = self._rows(self._held)
            self.table.show_rows([("", tr("held"), tr("now")),
                                  (tr("grade"), _GRADE[self._held.grade], _GRADE[work.grade]),
                                  *((name, then, value) for (name, then), (_, value)
                                    in zip(before, now, strict=True))])

    def _rows(self, work: Work) -> list[tuple[str, ...]]:
        return [(tr("openings to pull"), str(work.openings)), (tr("islands"), str(work.islands)),
                (tr("ties"), str(work.ties)), (tr("edge to press"), self.bench.length(work.edge, 0)),
                (tr("frosted"), self.bench.words(Area(work.frosted, 0))),
                (tr("smallest opening"), self.bench.words(Area(work.smallest))),
                (tr("failing"), str(work.failing))]


class SealPanel(CardPart):
    """Where a bubble would leak: how long the seal is, and its riskiest places, each a button that goes there."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.says = label("", "quiet")
        self.says.setObjectName("sealSays")
        self.places = [button("") for _ in range(_SHOWN_RISKS)]
        self.stack(self.says, *self.places)
        self._seal: Seal | None = None
        for at, place in enumerate(self.places):
            place.setObjectName(f"seal_{at}")
            place.clicked.connect(lambda _checked=False, at=at: self._go(at))

    def _go(self, at: int) -> None:
        if self._seal is not None:
            risk = self._seal.risks[at]
            self.bench.found.emit(Finding(Code.WEB, Level.NOTE, risk.says, where=risk.where))

    def show_results(self, results: Results) -> None:
        self._seal = results.demands.seal if results.demands and results.job.stencil.kind != "decal" else None
        risks = self._seal.risks if self._seal else ()
        ends = tr("Press and look here first:") if risks else tr("No place is riskier than the rest.")
        self.says.setText("" if self._seal is None else tr("{length} of edge, {bench} of film along it. {ends}",
                                                           length=self.bench.length(self._seal.length, 0),
                                                           bench=self.bench.words(Area(self._seal.area, 0)), ends=ends))
        for at, place in enumerate(self.places):
            place.setVisible(at < len(risks))
            if at < len(risks):
                place.setText(f"{at + 1}   {self.bench.words(risks[at].says)}")
