"""The guide inside the program: chapters on the left, a search over all of it, and nothing that needs a network."""

import re

from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QShowEvent, QTextCursor, QTextDocument
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QTextBrowser, QVBoxLayout, QWidget

from vitrograph.core.language import tr
from vitrograph.core.stations import STATIONS, Station
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.kit.terms import guide_text

_HEADING = re.compile(r"^(#{2,3}) (.+)$", re.MULTILINE)


class GuideWindow(QDialog):
    """The window of it; it stays beside the work."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        theme.dress(self, "guide", tr("The guide"), (860, 680))
        text = guide_text()
        self.headings = [(len(found[1]), found[2]) for found in _HEADING.finditer(text)]
        self.chapters = named(QListWidget(), "guideChapters")
        self.chapters.setAccessibleName(tr("Chapters"))
        self.chapters.addItems([("      " if deep > 2 else "") + words for deep, words in self.headings])
        self.chapters.setFixedWidth(270)
        self.chapters.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.sought = named(Line(), "guideSearch")
        self.sought.setPlaceholderText(tr("Search the guide; Return finds the next"))
        self.sought.setAccessibleName(tr("Search the guide"))
        self.says = label("", "quiet", scale=0.9)
        self.says.setObjectName("guideSays")
        self.text = named(QTextBrowser(), "guideText")
        self.text.setAccessibleName(tr("The guide"))
        self.text.setFont(theme.font(1.05))
        self.text.setMarkdown(text)
        self.text.setOpenLinks(False)
        left = QVBoxLayout()
        for made in (self.sought, self.says, self.chapters):
            left.addWidget(made)
        self.text.document().setDocumentMargin(18)
        columns = QHBoxLayout(self)
        columns.addLayout(left)
        columns.addWidget(self.text, 1)
        self.chapters.currentRowChanged.connect(self._go)
        self.sought.textEdited.connect(lambda _text: self._find(anew=True))
        self.sought.returnPressed.connect(lambda: self._find(anew=False))

    def showEvent(self, event: QShowEvent) -> None:
        """The chapters were measured before they were dressed, and the text before it had its width."""
        super().showEvent(event)
        self.chapters.doItemsLayout()
        QTimer.singleShot(0, self, lambda: self._go(self.chapters.currentRow()))

    def open_at(self, station: Station) -> None:
        """Show the chapter of a station."""
        number = STATIONS.index(station) + 1
        row = next((row for row, (_, words) in enumerate(self.headings) if words.startswith(f"{number} ")), 0)
        if self.chapters.currentRow() == row:
            self._go(row)
        self.chapters.setCurrentRow(row)

    def open_term(self, term: str) -> None:
        """Show what a word of the trade means."""
        self.text.moveCursor(QTextCursor.MoveOperation.End)
        self.text.find(f"{term}: ", QTextDocument.FindFlag.FindBackward)
        self.text.ensureCursorVisible()

    def _go(self, row: int) -> None:
        """Bring a heading to the top of the text."""
        if not 0 <= row < len(self.headings):
            return
        deep, words = self.headings[row]
        block = self.text.document().begin()
        while block.isValid() and not (block.blockFormat().headingLevel() == deep and block.text() == words):
            block = block.next()
        if block.isValid():
            self.text.moveCursor(QTextCursor.MoveOperation.End)
            self.text.setTextCursor(QTextCursor(block))
            self.text.ensureCursorVisible()

    def _find(self, *, anew: bool) -> None:
        """Go to the next place that holds what is sought, beginning at the top after the last."""
        words = self.sought.text().strip()
        if anew:
            self.text.moveCursor(QTextCursor.MoveOperation.Start)
        if not words:
            self.says.setText("")
            return
        found = self.text.find(words)
        if not found:
            self.text.moveCursor(QTextCursor.MoveOperation.Start)
            found = self.text.find(words, QTextDocument.FindFlag(0))
        many = self.text.toPlainText().casefold().count(words.casefold())
        self.says.setText(tr("{n} places", "{n} place", n=many) if found else
                          tr("Not in the guide; try another word."))
