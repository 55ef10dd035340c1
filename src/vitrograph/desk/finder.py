"""Find a command or a field by its words: type some of them, press Return, and it is done or the keyboard is there."""

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

from msgspec import Struct
from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QLineEdit,
    QListWidget,
    QPlainTextEdit,
    QPushButton,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.language import capital, tr
from vitrograph.core.stations import STATIONS, Station, station_title
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.kit.terms import terms

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell

_FIELDS = (QLineEdit, QComboBox, QSpinBox, QPlainTextEdit, QPushButton)
_MOST = 60
_LISTED = {Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_PageUp, Qt.Key.Key_PageDown}


class Found(Struct, frozen=True):
    """Something that can be gone to: what is shown, the words it is found by, and what choosing it does."""

    shown: str
    words: str
    does: Callable[[], object]


class Finder(QDialog):
    """The window of it."""

    def __init__(self, shell: "Shell") -> None:
        super().__init__(shell)
        theme.dress(self, "finder", tr("Find a command or a field"), (520, 420))
        fields = (one for station in STATIONS for one in _fields(shell, station))
        self.all = [*_commands(shell), *fields, *_terms(shell)]
        self.found: list[Found] = []
        self.sought = named(Line(), "finderLine")
        self.sought.setPlaceholderText(tr("Type a few letters: border, packet, inches, minutes …"))
        self.sought.setAccessibleName(tr("What to find"))
        self.sought.textChanged.connect(self._show)
        self.sought.returnPressed.connect(self._take)
        self.sought.installEventFilter(self)
        self.listed = named(QListWidget(), "finderList")
        self.listed.setAccessibleName(tr("What was found"))
        self.listed.setWordWrap(True)
        self.listed.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.listed.itemActivated.connect(lambda _item: self._take())
        column = QVBoxLayout(self)
        column.addWidget(self.sought)
        column.addWidget(self.listed)
        self._show("")

    def _show(self, text: str) -> None:
        words = text.casefold().split()
        fitting = [one for one in self.all if all(word in one.words for word in words)]
        # what begins with what was typed stands before what only holds it
        self.found = sorted(fitting, key=lambda one: not one.words.startswith(text.casefold()))[:_MOST]
        self.listed.clear()
        self.listed.addItems([one.shown for one in self.found])
        self.listed.setCurrentRow(0)

    def _take(self) -> None:
        row = self.listed.currentRow()
        if 0 <= row < len(self.found):
            self.accept()
            self.found[row].does()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Arrows typed into the line move in the list."""
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress and event.key() in _LISTED:
            self.listed.event(event)
            return True
        return super().eventFilter(watched, event)


def _commands(shell: "Shell") -> list[Found]:
    keys = shell.keys
    return [Found(f"{one.words}    {keys.shown(one.name)}".rstrip(), f"{one.words} {one.also}".casefold(), one.does)
            for one in keys.commands]


def _fields(shell: "Shell", station: Station) -> list[Found]:
    """The fields and buttons of a station's card, by the names they have for all."""
    title = station_title(station)
    return [Found(f"{capital(title)}: {words}", f"{words} {title}".casefold(), partial(_go_to, shell, station, words))
            for words in _by_name(shell.card(station))]


def _by_name(card: QWidget) -> dict[str, QWidget]:
    made: dict[str, QWidget] = {}
    for field in card.findChildren(QWidget):
        words = field.accessibleName() or (field.text() if isinstance(field, QPushButton) else "")
        if isinstance(field, _FIELDS) and words and not field.isHidden():
            made.setdefault(words, field)
    return made


def _terms(shell: "Shell") -> list[Found]:
    """What the words of the trade mean."""
    return [Found(tr("What is it?  {term}: {says}", term=term, says=says),
                  tr("{term} what is {says}", term=term, says=says).casefold(),
                  partial(shell.windows.explain, term)) for term, says in terms().items()]


def _go_to(shell: "Shell", station: Station, words: str) -> None:
    """Go to a field by its name: results that came in since it was listed may have put another in its place."""
    shell.bench.go(station)
    card = shell.card(station)
    field = _by_name(card).get(words)
    if field is not None:
        card.ensureWidgetVisible(field)
        field.setFocus(Qt.FocusReason.ShortcutFocusReason)
