"""The recipe of the order in hand, changed phase by phase, and kept for other orders under the maker's own name."""

from collections.abc import Callable

from msgspec.structs import replace
from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QFormLayout, QHBoxLayout, QLineEdit, QScrollArea, QVBoxLayout, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import of_its_own, usual_recipes
from vitrograph.core.job import Recipe
from vitrograph.core.job.tree import read_record
from vitrograph.core.language import capital, tr
from vitrograph.core.units import format_minutes
from vitrograph.core.workshop import Workshop, change_workshop
from vitrograph.desk.bench import Bench
from vitrograph.desk.etch.card import EtchCard
from vitrograph.desk.etch.phase_rows import PhaseRows, show_anew
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import button, label
from vitrograph.desk.kit.message import Heard
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line


class RecipeWindow(QDialog):
    """What is changed is the order's at once, and can be undone; what cannot be is said, and changes nothing.

    The usual ways stay as they are: one that is changed has a name of its own.
    """

    def __init__(self, bench: Bench, card: EtchCard, parent: QWidget) -> None:
        super().__init__(parent)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.bench, self.card = bench, card
        theme.dress(self, "recipeWindow", tr("The recipe of this order"), (760, 480))
        self.name = self._line("recipeName", tr("Name"))
        self.cream = self._line("recipeCream", tr("The cream it is for"))
        self.cream.setPlaceholderText(tr("any cream"))
        self.speaks_for = self._line("recipeFor", tr("What is said for it"))
        self.against = self._line("recipeAgainst", tr("What is said against it"))
        self.phases = PhaseRows()
        self.says = named(label(""), "recipeTotal")
        self.wrong = named(label("", "error"), "recipeTrouble")
        self.keep = named(button("", "accent"), "keepRecipe")
        self.forget = named(button(tr("Keep it no longer"), tip=tr("this order goes by it all the same")),
                            "forgetRecipe")
        self._shown: Recipe | None = None
        self._lay_out()
        self.phases.changed.connect(self._take)
        self.keep.clicked.connect(self._keep)
        self.forget.clicked.connect(self._forget)
        bench.job_changed.connect(self._show)
        self._show()

    def _line(self, name: str, title: str) -> QLineEdit:
        made = named(Line(), name)
        made.setAccessibleName(title)
        made.setFont(theme.font())
        made.editingFinished.connect(self._take)
        return made

    def _lay_out(self) -> None:
        form, foot, column = QFormLayout(), QHBoxLayout(), QVBoxLayout(self)
        for line in (self.name, self.cream, self.speaks_for, self.against):
            form.addRow(line.accessibleName(), line)
        rows = QScrollArea()
        rows.setWidget(self.phases)
        rows.setWidgetResizable(True)
        foot.addWidget(self.says, 1)
        foot.addWidget(self.forget)
        foot.addWidget(self.keep)
        column.setContentsMargins(20, 16, 20, 16)
        column.addWidget(label(tr("The cream's label and its safety data sheet come before any recipe."), "caution"))
        column.addLayout(form)
        column.addWidget(label(tr("From top to bottom: what is done, how long, and by how many seconds that may be "
                                  "missed. A time is typed as 2:30, 2.5 or 150 s."), "quiet"))
        column.addWidget(rows, 1)
        column.addWidget(self.wrong)
        column.addLayout(foot)
        column.addWidget(Heard(self.bench))

    # -- showing -------------------------------------------------------------------------------------------------

    def _show(self) -> None:
        """Show the order's recipe, where it is another than what stands here."""
        recipe = self.bench.order.etch.recipe
        if recipe != self._shown:
            self._shown = recipe
            for line, text in ((self.name, recipe.name), (self.cream, recipe.cream), (self.speaks_for, recipe.says),
                               (self.against, recipe.others)):
                show_anew(line, tr(text))
            self.phases.show_phases(recipe.phases)
            self._complain("")
        self._show_kept()

    def _show_kept(self) -> None:
        recipe = self.bench.order.etch.recipe
        kept = {one.name: one for one in self.card.recipe.own}
        usual = recipe in usual_recipes()
        self.forget.setVisible(recipe.name in kept)
        self.keep.setVisible(not usual and kept.get(recipe.name) != recipe)
        self.keep.setText(tr("Keep it in place of the one of this name") if recipe.name in kept else
                          tr("Keep it for other orders"))
        stands = tr("a usual way") if usual else tr("kept in your workshop") if kept.get(recipe.name) == recipe else tr(
            "of this order only, so far")
        self.says.setText(tr("{seconds} under cream; {stands}.", seconds=format_minutes(recipe.seconds), stands=stands))

    def _complain(self, sentence: str) -> None:
        self.wrong.setText(sentence)
        self.wrong.setVisible(bool(sentence))

    # -- changing ------------------------------------------------------------------------------------------------

    def recipe(self) -> Recipe:
        """What stands here. Raises VitrographError with one sentence where that is no recipe."""
        now = self.bench.order.etch.recipe
        typed = {"name": self.name, "cream": self.cream, "says": self.speaks_for, "others": self.against}
        words = {field: getattr(now, field) if line.text() == tr(getattr(now, field)) else line.text().strip()
                 for field, line in typed.items()}
        return read_record({**words, "phases": self.phases.read(), "clock": now.clock}, Recipe, tr("the recipe"))

    def _take(self) -> None:
        """Let the order go by what stands here."""
        now = self.bench.order.etch.recipe
        try:
            made = of_its_own(self.recipe())
        except VitrographError as error:
            self._complain(f"{capital(error.words(self.bench.unit))}.")
            return
        self._complain("")
        if made != now:
            self.bench.edit(tr("Recipe"), etch__recipe=made)

    def _keep(self) -> None:
        """Keep it in the workshop, in the place of one of the same name."""
        made = of_its_own(self.bench.order.etch.recipe)
        if made != self.bench.order.etch.recipe:
            self.bench.edit(tr("Recipe"), etch__recipe=made)
        self._change(lambda known: replace(known, recipes=(made, *_others(known, made))),
                     tr("kept: {name}, {seconds} under cream", name=made.name, seconds=format_minutes(made.seconds)))

    def _forget(self) -> None:
        made = self.bench.order.etch.recipe
        self._change(lambda known: replace(known, recipes=_others(known, made)),
                     tr("{name} is kept no longer; this order goes by it all the same", name=made.name))

    def _change(self, change: Callable[[Workshop], Workshop], told: str) -> None:
        self.bench.attempt(lambda: change_workshop(self.card.workshop, change), told)
        self.card.offer_recipes()
        self._show_kept()


def _others(workshop: Workshop, recipe: Recipe) -> tuple[Recipe, ...]:
    return tuple(one for one in workshop.recipes if one.name != recipe.name)
