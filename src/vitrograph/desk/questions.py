"""The question that waits for an answer under the line of stations: one at a time, and gone with the order it is of."""

from collections.abc import Callable

from PySide6.QtCore import QObject
from PySide6.QtWidgets import QWidget

from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.ask_bar import AskBar


class Questions(QObject):
    """Takes bars and puts them up by `put`. What was asked of an order is not answered once another is in hand."""

    def __init__(self, bench: Bench, put: Callable[[QWidget], None]) -> None:
        super().__init__()
        self._bench, self._put = bench, put
        self._bar: AskBar | None = None
        self._taken = bench.taken
        bench.order_changed.connect(self._turn)

    @property
    def waiting(self) -> bool:
        """Whether one waits for its answer."""
        return self._bar is not None and self._bar.waits

    def ask(self, bar: AskBar) -> None:
        """Put up a question, in the place of one that was asked before."""
        self._leave()
        self._bar, self._taken = bar, self._bench.taken
        self._put(bar)

    def _turn(self) -> None:
        if self._taken != self._bench.taken and self._bar is not None and self._bar.of_order:
            self._leave()

    def _leave(self) -> None:
        if self._bar is not None:
            self._bar.leave()
        self._bar = None
