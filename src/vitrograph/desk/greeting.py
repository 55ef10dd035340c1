"""What a window asks and says as it opens: work left unsaved, what the maker owns, the practice run."""

from collections.abc import Callable, Iterator

from PySide6.QtWidgets import QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.language import tr
from vitrograph.core.storing.unsaved import LeftBehind, Unreadable
from vitrograph.core.workshop import Workshop, change_workshop, default_file, read_workshop
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.recovery import Recovery
from vitrograph.desk.guard import Guard
from vitrograph.desk.kit.ask_bar import Answer


class Greeting(Guard):
    """Over the order in hand, and the maker's own workshop; `recovery` keeps safety copies of the order."""

    def __init__(self, window: QWidget, bench: Bench, recovery: Recovery | None) -> None:
        super().__init__(window, bench)
        self.recovery, self.workshop = recovery, default_file()

    def owned(self) -> Workshop:
        """What the maker owns; the usual wherever its file cannot be used, which is said."""
        try:
            made, wrong = read_workshop(self.workshop)
        except VitrographError as error:
            made, wrong = Workshop(), (str(error),)
        if wrong:
            self.bench.refused.emit(wrong[0])
        return made

    def offer_workshop(self, open_it: Callable[[], object]) -> None:
        """Ask once, at the first start, what the maker owns; skipped, the usual is taken. Later say what is wrong."""
        def skip() -> None:
            self.bench.attempt(lambda: change_workshop(self.workshop, lambda known: known))

        if self.workshop.exists():
            self.owned()
        else:
            self._ask(tr("What do you work with? Five short questions; new orders then begin from the answers."), (
                Answer("tellWorkshop", tr("Answer them"), open_it), Answer("skipWorkshop", tr("Skip"), skip)),
                of_order=False)

    def offer_practice(self, begin: Callable[[], object], skip: Callable[[], object]) -> None:
        """Offer the practice run on the demo, once."""
        self._ask(
            tr("New here? Practise at the nine stations: ten minutes, one thing to do at each, by your own hand."),
            (Answer("practise", tr("Practise"), begin), Answer("lookRound", tr("Just look round"), skip)),
            of_order=False)

    def offer(self, left: Iterator[LeftBehind | Unreadable]) -> None:
        """Offer work that earlier runs left unsaved, one after the other; what is not answered is offered next time."""
        found = next(left, None)
        if found is None:
            return
        if isinstance(found, Unreadable):
            self._ask(tr("Unsaved work was left behind, but its copy is damaged and cannot be read. It is kept as "
                         "{kept}.", kept=found.kept), (Answer("goOn", tr("Go on"), lambda: self.offer(left)),),
                      of_order=False)
            return

        def bring_back() -> None:
            self.guarded(lambda: self._bring_back(found))

        def let_go() -> None:
            found.copy.drop()
            self.offer(left)

        self._ask(tr("Unsaved work on “{name}” was left behind when the program last ended.", name=found.order.name), (
            Answer("bringBack", tr("Bring it back"), bring_back), Answer("letGo", tr("Let it go"), let_go)),
            of_order=False)

    def _bring_back(self, found: LeftBehind) -> None:
        self.bench.bring_back(found.order, found.path)
        if self.recovery is not None:
            self.recovery.adopt(found)
