"""A panel: fields about one item of the art, on the artwork card or in the window that tidies its drawing."""

from typing import Any

from vitrograph.core.artwork import Placed
from vitrograph.core.job import Item
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column, label


class Panel(Column):
    """Base of the panels: it shows the item in hand and asks the bench for changes of it."""

    title = ""

    def __init__(self, bench: Bench) -> None:
        super().__init__(2 * theme.STEP, 3 * theme.STEP if self.title else 0)
        self.bench = bench
        self.item: Item | None = None
        if self.title:
            self.stack(label(self.title, scale=1.1, bold=True))
        self.build()

    @property
    def placed(self) -> Placed | None:
        """The item in hand as it was last worked out, if it was."""
        art = self.bench.results.art
        return art.of(self.item.key) if art is not None and self.item is not None else None

    def build(self) -> None:
        """Make the fields."""

    def suits(self, item: Item) -> bool:
        """Whether this panel has a meaning for an item."""
        return True

    def show_piece(self, item: Item, placed: Placed | None) -> None:
        """Show what was decided; `placed` is the item as it was last worked out, if it was."""

    def take(self, item: Item, placed: Placed | None) -> None:
        """Show an item, if it is one for this panel; otherwise hide."""
        suits = self.suits(item)
        self.setVisible(suits)
        self.item = item if suits else None
        if suits:
            self.show_piece(item, placed)

    def change(self, label: str, *, merge: int = 0, **changes: Any) -> None:
        """Change the item in hand as one undo step; `what__text` reaches into what it is."""
        if self.item is not None:
            self.bench.edit_item(label, self.item.key, merge=merge, **changes)
