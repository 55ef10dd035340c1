"""What lies in the sheet's place at the logbook: advice, an entry, what it came to, or the photograph in hand."""

from collections.abc import Sequence
from typing import TYPE_CHECKING, Literal

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QLabel, QStackedWidget, QVBoxLayout, QWidget

from vitrograph.core.language import tr
from vitrograph.core.logbook import Listed
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit.fields import ChoiceRow, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.logbook.advice_view import AdviceView
from vitrograph.desk.logbook.came_to import CameTo
from vitrograph.desk.logbook.entry_page import EntryPage
from vitrograph.desk.logbook.looking import Looked
from vitrograph.desk.logbook.photo_view import PhotoView

if TYPE_CHECKING:
    from vitrograph.core.logbook.inspection import Taken

Page = Literal["advice", "entry", "months", "photo"]
_PAGES: tuple[tuple[Page, str], ...] = (("advice", tr("How long?")), ("entry", tr("The entry")),
                                        ("months",
                                         tr("What it came to")),
                                        ("photo", tr("Photograph")))


class LogbookView(QWidget):
    """Four pages; one is brought forward when something new is on it, and by its button. `turned` carries its name."""

    turned = Signal(str)

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        named(self, "logbookView")
        self.bench = bench
        self.advice, self.entry, self.months, self.photo = AdviceView(), EntryPage(bench), CameTo(bench), PhotoView()
        self.choice = ChoiceRow("", "logbookPage", _PAGES)
        self.choice.setAccessibleName(tr("What the logbook shows"))
        self.choice.offer("photo", False)
        self.choice.edited.connect(self.turn_to)
        self.way: QLabel = label("", "quiet")
        self.way.setObjectName("photoWay")
        self.way.hide()
        self.stack = QStackedWidget()
        for page in (self.advice, self.entry, self.months, self.photo):
            self.stack.addWidget(page)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        for made in (self.choice, self.way, self.stack):
            column.addWidget(made)
        column.setStretch(2, 1)
        self.turn_to("advice")

    def turn_to(self, page: Page) -> None:
        """Bring a page forward."""
        self.choice.show_choice(page)
        self.stack.setCurrentWidget({"advice": self.advice, "entry": self.entry, "months": self.months,
                                     "photo": self.photo}[page])
        if page == "months":
            self.months.ask()
        self.turned.emit(page)

    def show_looked(self, looked: Looked | None) -> None:
        """Show a photograph with what was found; put away, the advice again."""
        self.choice.offer("photo", looked is not None)
        if looked is not None:
            self.photo.show_looked(looked, self.bench.unit)
            self.turn_to("photo")
        elif self.stack.currentWidget() is self.photo:
            self.turn_to("advice")

    def show_opened(self, photo: "Taken") -> None:
        """Ask for the corners of the piece in a photograph without a card."""
        self.choice.offer("photo", True)
        self.photo.ask_corners(photo.light)
        self.turn_to("photo")

    def show_entries(self, chosen: Sequence[Listed]) -> None:
        """Show what is chosen in the list."""
        self.entry.show_entries(chosen)
        if chosen:
            self.turn_to("entry")

    def show_under_way(self, says: str) -> None:
        """Say what is being done with a photograph."""
        self.way.setText(tr("The photograph: {says} …", says=says))
        self.way.setVisible(bool(says))
