"""What opens beside the work or in its place: names, workshop, finder, guide, and the page an order begins on."""

import sys
from collections.abc import Callable
from typing import TYPE_CHECKING, TypeVar

from PySide6.QtCore import QProcess, Qt
from PySide6.QtWidgets import QWidget

from vitrograph.core.language import tr
from vitrograph.desk.seen import Seen
from vitrograph.start import NEW

if TYPE_CHECKING:
    from vitrograph.desk.begin_page import BeginPage
    from vitrograph.desk.etch.card import EtchCard
    from vitrograph.desk.etch.recipe_window import RecipeWindow
    from vitrograph.desk.finder import Finder
    from vitrograph.desk.guide_window import GuideWindow
    from vitrograph.desk.keys_window import KeysWindow
    from vitrograph.desk.order.names_window import NamesWindow
    from vitrograph.desk.order.owned_window import OwnedWindow
    from vitrograph.desk.order.workshop_window import WorkshopWindow
    from vitrograph.desk.practice import Practice
    from vitrograph.desk.shell import Shell

Window = TypeVar("Window", bound=QWidget)


class Windows:
    """Makes each when it is first wanted: the program opens sooner."""

    def __init__(self, shell: "Shell") -> None:
        self.shell = shell
        self.seen: Seen | None = None  # what is remembered of other orders
        self._names: NamesWindow | None = None
        self._guide: GuideWindow | None = None
        self._page: BeginPage | None = None
        self._practice: Practice | None = None

    def close(self) -> None:
        """Close all that stand beside the window: what is typed there later would go to an order that is left."""
        for window in self.shell.findChildren(QWidget):
            if window.isWindow():
                window.close()

    def names(self) -> "NamesWindow":
        """Open the list of names of the piece in hand beside the window."""
        from vitrograph.desk.order.names_window import NamesWindow

        if self._names is None:
            self._names = NamesWindow(self.shell.bench, self.shell)
        self._names.show()
        self._names.raise_()
        self._names.refresh()
        return self._names

    def workshop(self) -> "WorkshopWindow":
        """Open what the maker owns and is used to."""
        from vitrograph.desk.order.workshop_window import WorkshopWindow

        return self._one(WorkshopWindow, lambda: WorkshopWindow(
            self.shell.bench, self.shell.files.workshop, self.shell, own=self.shell.listed))

    def owned(self) -> "OwnedWindow":
        """Open all that the maker owns: over the workshop's window, which it goes with."""
        return self.workshop().open_owned()

    def recipe(self, card: "EtchCard") -> "RecipeWindow":
        """Open the recipe of the order in hand."""
        from vitrograph.desk.etch.recipe_window import RecipeWindow

        return self._one(RecipeWindow, lambda: RecipeWindow(self.shell.bench, card, self.shell))

    def _one(self, kind: type[Window], make: Callable[[], Window]) -> Window:
        """The window of a kind that is open, in front; a new one where none is."""
        window = next((one for one in self.shell.findChildren(kind) if one.isVisible()), None) or make()
        window.show()
        window.raise_()
        window.activateWindow()
        return window

    def keys(self) -> "KeysWindow":
        """Open the list of all commands and their keys."""
        from vitrograph.desk.keys_window import KeysWindow

        return self._one(KeysWindow, lambda: KeysWindow(self.shell.bench, self.shell.keys, self.shell))

    def finder(self) -> "Finder":
        """Open the window that finds a command or a field by its words."""
        from vitrograph.desk.finder import Finder

        finder = Finder(self.shell)
        finder.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        finder.open()
        return finder

    def guide(self) -> "GuideWindow":
        """Open the guide at the chapter of the station in hand."""
        from vitrograph.desk.guide_window import GuideWindow

        if self._guide is None:
            self._guide = GuideWindow(self.shell)
        self._guide.open_at(self.shell.bench.station)
        self._guide.show()
        self._guide.raise_()
        return self._guide

    def explain(self, term: str) -> "GuideWindow":
        """Open the guide where it says what a word means."""
        guide = self.guide()
        guide.open_term(term)
        return guide

    def demo(self) -> None:
        """Start the program once more, with the demo: its logbook and shelf are never mixed with the maker's."""
        if not _started("demo"):
            self.shell.say(tr("the demo could not be started: run vitrograph demo"), wrong=True)

    def another(self) -> None:
        """Open a window more, with a new order of the maker's own; from the demo in a program of its own."""
        from vitrograph.desk.front import take_word

        if self.shell.listed:
            take_word(NEW)
        elif not _started(NEW):
            self.shell.say(tr("another window could not be opened: run vitrograph new"), wrong=True)

    def practise(self) -> "Practice | None":
        """Begin the practice run, or go on with it; from an order of the maker's own, on the demo."""
        from vitrograph.desk.practice import Practice
        from vitrograph.desk.seen import default_folder

        if self.shell.listed:
            self.demo()
            return None
        if self._practice is None:
            folder = self.seen.folder if self.seen is not None else default_folder()
            practice = self._practice = Practice(self.shell, folder / "practice")
            practice.ended.connect(self._end_practice)
            self.shell.put_below_the_line(practice.bar)
        return self._practice

    def _end_practice(self) -> None:
        self._practice = None

    def begin(self) -> "BeginPage":
        """Show the page an order begins on, in the place of the work."""
        from vitrograph.desk.begin_page import BeginPage

        self.work()
        page = self._page = BeginPage(self.shell, self.seen)
        page.left.connect(self.work)
        self.shell.places.addWidget(page)
        self.shell.places.setCurrentWidget(page)
        return page

    def work(self) -> None:
        """Show the work again."""
        if self._page is not None:
            self.shell.places.removeWidget(self._page)
            self._page.deleteLater()
            self._page = None


def _started(command: str) -> bool:
    """Whether the program was started once more, with a command."""
    return QProcess.startDetached(sys.executable, ["-m", "vitrograph", command])[0]
