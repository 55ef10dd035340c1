"""The undo stack's steps: the order before and after. Edits of one kind made in a row become one step."""

from typing import Protocol

from msgspec.structs import replace
from PySide6.QtGui import QUndoCommand

from vitrograph.core.job import Order

Place = tuple[int, int]            # the number of a piece, and of a row of its names


class HoldsOrder(Protocol):
    """What has an order in hand."""

    order: Order
    place: Place

    def take(self, order: Order, place: Place) -> None:
        """Make an order the one in hand, with one of its pieces."""


class Edit(QUndoCommand):
    """One undo step named `label`; steps of one label and one `merge` number, other than -1, made in a row are one.

    The piece in hand is then the one it was done to.
    """

    def __init__(self, bench: HoldsOrder, label: str, after: Order, place: Place, merge: int) -> None:
        super().__init__(label)
        self.bench, self.before, self.after, self.merge = bench, bench.order, after, merge
        self.place_before, self.place_after = bench.place, place

    def id(self) -> int:
        return self.merge

    def mergeWith(self, later: QUndoCommand) -> bool:
        if not isinstance(later, Edit) or later.text() != self.text() or later.place_after != self.place_after:
            return False
        self.after = later.after
        return True

    def redo(self) -> None:
        self._take(self.after, self.place_after)

    def undo(self) -> None:
        self._take(self.before, self.place_before)

    def _take(self, order: Order, place: Place) -> None:
        """Take an order in hand as the one it is by now: a copy has its own id in what was before it as well."""
        own = self.bench.order.id
        self.bench.take(order if order.id == own else replace(order, id=own), place)
