"""The workshop as its windows hold it: every change is kept at once, and an order that is new follows."""

from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QWidget

from vitrograph.core.errors import JobError, VitrographError
from vitrograph.core.etch import label_recipe, recipe_named, usual_recipes
from vitrograph.core.job import Recipe
from vitrograph.core.language import tr
from vitrograph.core.workshop import OwnCream, Workshop, begun, change_workshop, load_workshop, read_workshop
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.fields import Field


def told_by(field: QWidget, change: Callable[[Workshop], Workshop]) -> Callable[[Workshop], Workshop]:
    """A change that is refused by the name its field has on screen."""
    called = (field.line if isinstance(field, Field) else field).accessibleName()

    def told(known: Workshop) -> Workshop:
        try:
            return change(known)
        except JobError as error:
            raise error.about(called) from None

    return told


class WorkshopKeeper(QObject):
    """Says on the bench why something could not be kept; `changed` once anything was, or was asked for in vain.

    The maker's `own` order in hand follows while it is not saved and made as the workshop was.
    """

    changed = Signal()

    def __init__(self, bench: Bench, place: Path, *, own: bool = True) -> None:
        super().__init__()
        self.bench, self.place, self.own = bench, place, own
        self.held = Workshop()

    def load(self) -> None:
        """Read it, and keep it at once, so that it is not asked again; say what is wrong. Raises WorkshopError."""
        _, wrong = read_workshop(self.place)
        self.held = change_workshop(self.place, lambda known: known, by_hand=True)
        if wrong:
            self.bench.refused.emit(wrong[0])

    def value(self, path: str) -> Any:
        """What is held at a path."""
        at: Any = self.held
        for step in path.split("__"):
            at = at[int(step)] if step.isdigit() else getattr(at, step)
        return at

    def recipes(self, cream: OwnCream) -> list[str]:
        """The names of what a cream may be used by: its own recipe, its label's time, the maker's, the usual ones."""
        of_label = label_recipe(cream.label_minutes)
        return list(dict.fromkeys(one.name for one in (cream.recipe, of_label, *self.held.recipes, *usual_recipes())))

    def recipe(self, cream: OwnCream, name: str) -> Recipe:
        """The recipe of such a name."""
        return recipe_named(name, (label_recipe(cream.label_minutes), cream.recipe, *self.held.recipes))

    def change(self, change: Callable[[Workshop], Workshop]) -> bool:
        """Keep a change, and return True, or say why it cannot be; what is in the file by then is seen again."""
        order = self.bench.order
        follows = self.own and self.bench.path is None and begun(self.held, order) == order
        try:
            made = change_workshop(self.place, change, by_hand=True)
        except VitrographError as error:
            self.bench.refused.emit(error.words(self.held.house.units))
            with suppress(VitrographError):                    # that it cannot be read is said already
                self.held = load_workshop(self.place)
            self.changed.emit()
            return False
        self.held = made
        if follows:
            self.bench.put(tr("The workshop"), begun(made, order))
        self.changed.emit()
        return True
