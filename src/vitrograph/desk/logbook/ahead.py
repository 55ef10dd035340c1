"""The order worked out as an entry of the logbook wants it, ahead of the click that writes it down."""

from contextlib import suppress

from PySide6.QtCore import QObject

from vitrograph.core.errors import VitrographError
from vitrograph.core.results import FinishedOrder, OrderResults
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask


class Ahead(QObject):
    """Lays the order in hand on its film off the window's thread, where film has a price: an entry tells its cost."""

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self._bench = bench
        self._kept: tuple[OrderResults, FinishedOrder] | None = None
        self._laying = BackgroundTask(self)

    @property
    def done(self) -> FinishedOrder:
        """The order in hand, made once for its results. Raises VitrographError where it is not worked out."""
        results = self._bench.order_results
        if self._kept is None or self._kept[0] is not results:
            self._kept = results, results.finished()
        return self._kept[1]

    def look(self) -> None:
        """Lay it out, if the logbook is entered and somebody may ask."""
        known = self._kept is not None and self._kept[0] is self._bench.order_results
        if known or self._bench.station != "logbook" or not self._bench.order_results.complete:
            return
        with suppress(VitrographError):                        # told where the entry is written
            done = self.done
            if any(stock.price for stock in done.order.cut.stock):
                self._laying.ask(lambda: done.bed)
