"""The undo stack's steps: the order before and after. Edits of one kind made in a row become one step."""

from typing import Protocol

from PySide6.QtGui import QUndoCommand

from vitrograph.core.job import Order


class HoldsOrder(Protocol):
    """What has an order in hand."""

    order: Order

    def take(self, order: Order) -> None:
        """Make an order the one in hand."""


class Edit(QUndoCommand):
    """One undo step named `label`; steps of one label and one `merge` number, other than -1, made in a row are one."""

    def __init__(self, bench: HoldsOrder, label: str, after: Order, merge: int) -> None:
        super().__init__(label)
        self.bench, self.before, self.after, self.merge = bench, bench.order, after, merge

    def id(self) -> int:
        return self.merge

    def mergeWith(self, later: QUndoCommand) -> bool:
        if not isinstance(later, Edit) or later.text() != self.text():
            return False
        self.after = later.after
        return True

    def redo(self) -> None:
        self.bench.take(self.after)

    def undo(self) -> None:
        self.bench.take(self.before)
