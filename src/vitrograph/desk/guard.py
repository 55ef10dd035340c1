"""What leaves an order asks first what would be lost: changes that are not saved, clocks that nobody would hear."""

from collections.abc import Callable, Sequence
from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from vitrograph.core.language import tr
from vitrograph.core.work import StepRef
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.ask_bar import Answer, AskBar

if TYPE_CHECKING:
    from vitrograph.desk.cut.ends import Cuts


class Guard(QObject):
    """Over the order in hand; `asks` hands out the bar of a question."""

    asks = Signal(object)

    def __init__(self, parent: QObject, bench: Bench) -> None:
        super().__init__(parent)
        self.bench = bench
        self._left_ringing: frozenset[StepRef] = frozenset()   # clocks that the maker is leaving on purpose
        self._of = bench.order.id                              # the order that they are of
        self._gave_up = False                                  # what is not saved, for what is being done now
        self._lets_steps_go = False                            # though they could be written down nowhere
        self.cutter: Cuts | None = None                        # a cutter that may be at work
        bench.order_changed.connect(self._turn)

    def save(self) -> None:
        """Save the order in hand."""
        raise NotImplementedError

    def _turn(self) -> None:
        """Of another order the clocks are others, and leaving it is another matter."""
        if self.bench.order.id != self._of:
            self._of, self._left_ringing = self.bench.order.id, frozenset()

    @property
    def unsaved(self) -> bool:
        """Whether the order in hand differs from what was saved."""
        return not self.bench.undo_stack.isClean()

    @property
    def held(self) -> bool:
        """Whether the order in hand is not left without a question: it is not saved, or cream stands by its clock."""
        return self.unsaved or bool(self._ringing())

    def close_guarded(self, close: Callable[[], object]) -> bool:
        """Whether the window may close at once; else it does so when all that would be lost has been asked about."""
        def close_all_the_same() -> None:
            self._lets_steps_go = True
            close()

        if self.cutter is not None and self.cutter.busy:
            self._ask(tr("A film is being cut. If this window closes it stops with the blade up, and can be gone on "
                         "with as long as the film has not moved."), (
                Answer("stay", tr("Stay here"), lambda: None),
                Answer("stopCutting", tr("Stop it and close"), partial(self.cutter.stop, close))))
            return False
        if self.held:
            self.guarded(close)
            return False
        if not self.bench.making.unkept or self._lets_steps_go:
            return True
        self._ask(tr("Steps and clocks could be written down nowhere: neither in the logbook nor beside it. They are "
                     "lost if this window closes now."), (
            Answer("stay", tr("Stay here"), lambda: None),
            Answer("leaveSteps", tr("Close it all the same"), close_all_the_same)))
        return False

    def _ringing(self) -> frozenset[StepRef]:
        return self.bench.making.minded - self._left_ringing

    def give_up(self) -> None:
        """Let the order in hand be left as it is: what is not saved is given up, and clocks go on by themselves."""
        self.bench.undo_stack.setClean()
        self._left_ringing |= self._ringing()

    def guarded(self, then: Callable[[], object]) -> None:
        """Do what leaves the order in hand, once it may: its clocks are seen to, its work is saved or given up."""
        def leave() -> None:
            self._left_ringing |= self._ringing()
            self._once_saved(then)

        if not self._ringing():
            self._once_saved(then)
            return
        self._ask(tr("A clock of “{name}” is running. It goes on, but nobody is called once this order is left.",
                     name=self.bench.order.name), (
            Answer("stay", tr("Stay here"), lambda: None), Answer("leaveClocks", tr("Leave it all the same"), leave)))

    def _once_saved(self, then: Callable[[], object]) -> None:
        def save_first() -> None:
            self.save()
            if not self.unsaved:
                then()

        def go_on() -> None:
            self.give_up()
            self._gave_up = True
            then()
            self._gave_up = False

        if not self.unsaved:
            then()
            return
        self._ask(tr("“{name}” has changes that are not saved.", name=self.bench.order.name), (
            Answer("saveFirst", tr("Save them"), save_first), Answer("giveUp", tr("Go on without them"), go_on),
            Answer("stay", tr("Stay here"), self._stay)))

    def _stay(self) -> None:
        self._left_ringing = frozenset()

    def _ask(self, question: str, answers: Sequence[Answer], *, of_order: bool = True) -> AskBar:
        bar = AskBar(question, answers, of_order=of_order)
        self.asks.emit(bar)
        return bar
