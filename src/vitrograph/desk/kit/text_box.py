"""A box for several lines of a maker's own words."""

from PySide6.QtCore import QMimeData
from PySide6.QtWidgets import QPlainTextEdit

from vitrograph.core.language import tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme

MOST_LETTERS = 20_000              # as many as words may have: a line of ten times that is laid out for a minute


class TextBox(QPlainTextEdit):
    """So many lines are in sight. Tab leaves it, as every other field; text that is too long is not taken in."""

    def __init__(self, bench: Bench, name: str, title: str, lines: int, *, empty: str = "", scale: float = 1.0) -> None:
        super().__init__()
        self._bench = bench
        self.setObjectName(name)
        self.setAccessibleName(title)
        self.setPlaceholderText(empty)
        self.setTabChangesFocus(True)
        self.setFont(theme.font(scale))
        self.setFixedHeight(lines * self.fontMetrics().lineSpacing() + 24)

    def canInsertFromMimeData(self, source: QMimeData) -> bool:
        """Text, but no files: those dropped here are for the window, which knows what each is for."""
        return not source.hasUrls() and super().canInsertFromMimeData(source)

    def insertFromMimeData(self, source: QMimeData) -> None:
        """Put in what was pasted or dropped, unless it is too much."""
        stays = len(self.toPlainText()) - len(self.textCursor().selectedText())
        letters = stays + len(source.text())
        if letters > MOST_LETTERS:
            self._bench.refused.emit(tr("that would be {letters} letters: at most {most} go in here", letters=letters,
                                        most=MOST_LETTERS))
        else:
            super().insertFromMimeData(source)

    def words(self) -> str:
        """What is typed; half a character that came with pasted text is replaced."""
        return self.toPlainText().encode("utf-16", "surrogatepass").decode("utf-16", "replace")
