"""Sentences, lengths and sizes in words of the maker's unit."""

from vitrograph.core.glass import Motif
from vitrograph.core.job import Order
from vitrograph.core.says import Length, Value, in_words
from vitrograph.core.units import Unit


class Spoken:
    """What has an order in hand, and says things in its unit."""

    order: Order

    @property
    def unit(self) -> Unit:
        """What lengths are shown and typed in."""
        return self.order.units

    def words(self, said: Value | str) -> str:
        """A sentence, a length or an area in words of the maker's unit."""
        return in_words(said, self.unit)

    def length(self, mm: float, digits: int = 1, *, tool: bool = False) -> str:
        """A length written in the maker's unit; `digits` are for mm. One for a `tool` is told as tapes read."""
        return Length(mm, digits, tool=tool).words(self.unit)

    def size(self, motif: Motif | None) -> str:
        """A motif's width and height in the maker's unit."""
        return "none" if motif is None else f"{self.length(motif.width, 0)} × {self.length(motif.height, 0)}"
