"""Sentences, lengths and sizes in words of the maker's unit."""

from collections.abc import Callable

from PySide6.QtCore import SignalInstance

from vitrograph.core.errors import VitrographError
from vitrograph.core.glass import Motif
from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Value, in_words
from vitrograph.core.units import Unit


class Spoken:
    """What has an order in hand, and says things in its unit."""

    order: Order
    refused: SignalInstance             # one sentence: why something was not done
    told: SignalInstance                # one sentence: that it was

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
        return tr("none") if motif is None else f"{self.length(motif.width, 0)} × {self.length(motif.height, 0)}"

    def attempt(self, work: Callable[[], object], told: str = "") -> bool:
        """Do what may be refused, and say in one sentence that it was done, or why it could not be."""
        try:
            work()
        except VitrographError as error:
            self.refused.emit(error.words(self.unit))
            return False
        if told:
            self.told.emit(told)
        return True
