"""A recipe changed and kept under the maker's own name: its phases, one a row."""

from typing import Any

from msgspec.structs import replace
from PySide6.QtCore import Qt
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QDoubleSpinBox,
    QHBoxLayout,
    QLineEdit,
    QTableWidget,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.job import Recipe
from vitrograph.core.job.tree import read_record
from vitrograph.core.language import capital, tr
from vitrograph.core.units import format_minutes
from vitrograph.core.workshop import load_workshop, save_workshop
from vitrograph.desk.bench import Bench
from vitrograph.desk.etch.card import EtchCard
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.named import named

_DOES = {("coat", "thin"): tr("coat, thin"), ("coat", "thick"): tr("coat, thick"), ("rest", ""): tr("leave alone"),
         ("work", "crossed"): tr("work, several directions"), ("work", "dabbed"): tr("work, dabbed"),
         ("stir", ""): tr("stir"),
         ("check", ""): tr("look at a spot")}
_HEADINGS = [tr("What is done"), tr("Minutes"), tr("More or less, s")]


class RecipeWindow(QDialog):
    """Rows can be added and taken out; what cannot be is said in a sentence."""

    def __init__(self, bench: Bench, card: EtchCard, parent: QWidget) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.bench, self.card, self.workshop = bench, card, card.workshop
        theme.dress(self, "recipeWindow", tr("A recipe of your own"), (620, 480))
        recipe = bench.order.etch.recipe
        self.clock = recipe.clock
        self.name = named(QLineEdit(recipe.name), "recipeName")
        self.name.setAccessibleName(tr("Your name for it"))
        self.cream = named(QLineEdit(recipe.cream), "recipeCream")
        self.cream.setPlaceholderText(tr("any cream"))
        self.cream.setAccessibleName(tr("The cream it is for"))
        self.table = named(QTableWidget(0, len(_HEADINGS)), "phases")
        self.table.setHorizontalHeaderLabels(_HEADINGS)
        self.table.verticalHeader().setDefaultSectionSize(34)
        self.table.setColumnWidth(0, 270)
        self.says = named(label("", "quiet"), "recipeTrouble")
        self.more = named(button(tr("Add a row")), "addPhase")
        self.less = named(button(tr("Take the row out")), "removePhase")
        self.use = named(button(tr("Keep and use it"), "accent"), "keepRecipe")
        self._lay_out()
        for phase in recipe.phases:
            self.add_row((phase.does, phase.how), phase.seconds / 60, phase.tolerance)
        self.more.clicked.connect(lambda: self.add_row(("rest", ""), 5.0, 30.0))
        self.less.clicked.connect(lambda: self.table.removeRow(max(0, self.table.currentRow())))
        self.use.clicked.connect(self.keep)

    def _lay_out(self) -> None:
        names, foot, column = QHBoxLayout(), QHBoxLayout(), QVBoxLayout(self)
        for widget in (label(tr("Name")), self.name, label(tr("for")), self.cream):
            names.addWidget(widget)
        foot.addWidget(self.more)
        foot.addWidget(self.less)
        foot.addStretch(1)
        foot.addWidget(self.use)
        column.setContentsMargins(20, 16, 20, 16)
        column.addWidget(label(tr("The cream's label and its safety data sheet come before any recipe. A coat of 0 "
                                  "minutes takes as long as its area asks for."), "caution"))
        column.addLayout(names)
        column.addWidget(self.table, 1)
        column.addWidget(self.says)
        column.addLayout(foot)

    def add_row(self, does: tuple[str, str], minutes: float, tolerance: float) -> None:
        """Add a phase below the row at hand, or at the end."""
        at = self.table.currentRow() + 1 or self.table.rowCount()
        self.table.insertRow(at)
        what = QComboBox()
        for (kind, how), words in _DOES.items():
            what.addItem(words, f"{kind}|{how}")
        what.setCurrentIndex(what.findData("|".join(does)))
        self.table.setCellWidget(at, 0, what)
        for column, value, most in ((1, minutes, 1440.0), (2, tolerance, 3600.0)):
            number = QDoubleSpinBox()
            number.setRange(0.0, most)
            number.setDecimals(1)
            number.setValue(value)
            self.table.setCellWidget(at, column, number)

    def recipe(self) -> Recipe:
        """What the rows say. Raises JobError with one sentence where that is no recipe."""
        phases: list[dict[str, Any]] = []
        for row in range(self.table.rowCount()):
            what, minutes, tolerance = (self.table.cellWidget(row, column) for column in range(3))
            assert isinstance(what, QComboBox) and isinstance(minutes, QDoubleSpinBox)
            assert isinstance(tolerance, QDoubleSpinBox)
            does, how = what.currentData().split("|")
            phases.append({"does": does, "how": how, "seconds": 60 * minutes.value(), "tolerance": tolerance.value()})
        return read_record({"name": self.name.text().strip(), "phases": phases, "clock": self.clock,
                            "cream": self.cream.text().strip(), "says": "", "others": ""}, Recipe, tr("the recipe"))

    def keep(self) -> None:
        """Keep it in the workshop, in the place of one of the same name, and use it for this order."""
        try:
            made = self.recipe()
            owned = load_workshop(self.workshop)
            others = tuple(one for one in owned.recipes if one.name != made.name)
            save_workshop(replace(owned, recipes=(made, *others)), self.workshop)
        except (JobError, VitrographError) as error:
            self.says.setText(f"{capital(error.words(self.bench.unit))}.")
            return
        self.bench.edit(tr("Recipe"), etch__recipe=made)
        self.bench.told.emit(tr("kept: {name}, {seconds} under cream", name=made.name,
                                seconds=format_minutes(made.seconds)))
        self.card.offer_recipes()
        self.close()
