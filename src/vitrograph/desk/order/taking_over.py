"""Art that another glass takes over: what then fails is solved for off the window's thread, or left as it is."""

from threading import Event
from typing import TYPE_CHECKING, cast

from PySide6.QtCore import QObject, Signal

from vitrograph.core.errors import Cancelled
from vitrograph.core.glass import ShelvedGlass
from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit.ask_bar import Answer, AskBar

if TYPE_CHECKING:
    from vitrograph.core.solving import Settled


class TakingOver(QObject):
    """Looks for the place and the size at which a piece is sound on its glass. `asks` carries a bar for the window."""

    asks = Signal(object)
    _reached = Signal(int)

    def __init__(self, bench: Bench, parent: QObject) -> None:
        super().__init__(parent)
        self.bench = bench
        self._stop, self._bar = Event(), cast(AskBar | None, None)
        self._task = BackgroundTask(self)
        self._task.answered.connect(self._take)
        self._task.refused.connect(self._refuse)
        self._reached.connect(self._tell)

    @property
    def busy(self) -> bool:
        """Whether it is looking."""
        return self._task.busy

    def same_art_on(self, kept: ShelvedGlass, *, share: bool, together: bool) -> None:
        """Put the art in hand on a glass of the shelf, and look for how it is sound there."""
        self._stop.set()                                       # what was looked for before is of another order now
        if self.bench.pieces.same_art_on(kept, share=share, together=together):
            self._look()

    def _look(self) -> None:
        order, at, stop = self.bench.order, self.bench.pieces.at, Event()
        self._stop = stop

        def told(ways: int) -> None:
            if stop.is_set():
                raise Cancelled("stopped")
            self._reached.emit(ways)

        def work() -> object:
            from vitrograph.core.solving import settled  # at a start there is nothing to solve

            return order, at, settled(order, at, told=told)

        self._task.ask(work)
        self._bar = AskBar("", [Answer("leaveArt", tr("Leave it as it is"), self._leave)])
        self._tell(0)
        self.asks.emit(self._bar)

    def _leave(self) -> None:
        self._stop.set()
        self._task.forget()

    def _tell(self, ways: int) -> None:
        if self._bar is not None:
            self._bar.ask(tr("Looking for the place and the size at which this art is sound on {glass}: {ways} tried",
                             glass=self.bench.job.name, ways=ways))

    def _away(self) -> None:
        if self._bar is not None:
            self._bar.leave()
        self._bar = None

    def _take(self, answer: object) -> None:
        order, at, made = cast("tuple[Order, int, Settled]", answer)
        self._away()
        if self.bench.order != order:
            self.bench.told.emit(tr("the order was changed meanwhile: the art is left as it was put there"))
            return
        if made.order != order:
            self.bench.put(tr("Make it sound on its glass"), made.order, (at, 0))
        if made.stops:
            self.bench.refused.emit(tr("{glass}, still to mend: {wrong}", glass=self.bench.job.name,
                                       wrong=self.bench.words(made.stops[0])))
        else:
            self.bench.told.emit(tr("{glass}: the art is {wide} wide there; places mended: {mended}",
                                    glass=self.bench.job.name, wide=self.bench.length(made.wide), mended=made.mended))

    def _refuse(self, sentence: str) -> None:
        self._away()
        if not self._stop.is_set():
            self.bench.refused.emit(sentence)


