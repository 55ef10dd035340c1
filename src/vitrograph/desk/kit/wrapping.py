"""What gives way where there is little room: widgets in more rows, the words of a box to tick in more lines."""

import re
from collections.abc import Sequence
from typing import TYPE_CHECKING

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QCheckBox, QGridLayout, QLabel, QPushButton, QSizePolicy, QStyle, QWidget

if TYPE_CHECKING:
    _Button = QPushButton          # what breaks words is mixed into a button of either kind
else:
    _Button = object

_UNBROKEN = re.compile(r"\S{16}(?=\S{8})")
_MAY_BREAK = "\u200b"              # Unicode's zero width space
_AIR_PX = 14                       # on either side of a button's words


class Wrapping(QWidget):
    """At most so many stand in a row; as wide as the row where they are `even`, else as wide as they need be."""

    def __init__(self, widgets: Sequence[QWidget], most: int, gap: int, *, even: bool = True) -> None:
        super().__init__()
        self._widgets, self._most, self._gap, self._even = list(widgets), most, gap, even
        self._laid: tuple[int, int] | None = None              # columns, and how many are shown
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.setSpacing(gap)
        self._lay(most)

    def minimumSizeHint(self) -> QSize:
        """One of them wide is enough."""
        return QSize(self._wide(1), super().minimumSizeHint().height())

    def resizeEvent(self, event: QResizeEvent) -> None:
        """As many stand side by side as there is room for."""
        super().resizeEvent(event)
        self.refresh()

    def refresh(self) -> None:
        """Lay them out anew, where others are shown than before."""
        self._lay(next((many for many in range(self._most, 1, -1) if self._wide(many) <= self.width()), 1))

    @property
    def _shown(self) -> list[QWidget]:
        """Those that were not left out on purpose: before a window stands all are hidden."""
        return [made for made in self._widgets
                if not (made.isHidden() and made.testAttribute(Qt.WidgetAttribute.WA_WState_ExplicitShowHide))]

    def _wide(self, columns: int) -> int:
        """How wide it is in so many columns."""
        widths = [made.minimumSizeHint().width() for made in self._shown]
        return sum(max(widths[at::columns], default=0) for at in range(columns)) + self._gap * (columns - 1)

    def _lay(self, columns: int) -> None:
        shown = self._shown
        if (columns, len(shown)) == self._laid:
            return
        self._laid = columns, len(shown)
        for at, made in enumerate(shown):
            self._grid.addWidget(made, at // columns, at % columns)
        used = min(columns, len(shown))
        for at in range(self._most + 1):
            self._grid.setColumnStretch(at, int(at < used if self._even else at == self._most))


class Sentence(QLabel):
    """Wrapped words. A name too long for any line, as of a file, goes on in the next, and widens no window."""

    def __init__(self, text: str) -> None:
        super().__init__()
        self.setWordWrap(True)
        self.setText(text)

    def setText(self, text: str) -> None:
        """Show a sentence."""
        super().setText(text if "<" in text else _UNBROKEN.sub(rf"\g<0>{_MAY_BREAK}", text))

    def text(self) -> str:
        """The sentence, without the places where a name may break."""
        return super().text().replace(_MAY_BREAK, "")


class _Breaking(_Button):
    """A button whose words go on in a second line where they are too long for one."""

    def __init__(self, words: str) -> None:
        super().__init__(words)
        self.words = words
        self.setAccessibleName(words)
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)

    @property
    def _beside(self) -> int:
        """How much of its width is not for words."""
        return 2 * _AIR_PX

    def minimumSizeHint(self) -> QSize:
        """The longest word is room enough."""
        longest = max(map(self.fontMetrics().horizontalAdvance, self.words.split()), default=0)
        return QSize(self._beside + longest, super().minimumSizeHint().height())

    def resizeEvent(self, event: QResizeEvent) -> None:
        """Break the words where they are too long."""
        super().resizeEvent(event)
        lines, room = [""], self.width() - self._beside
        for word in self.words.split(" "):
            longer = f"{lines[-1]} {word}".strip()
            if lines[-1] and self.fontMetrics().horizontalAdvance(longer) > room:
                lines.append(word)
            else:
                lines[-1] = longer
        if self.text() != "\n".join(lines):
            self.setText("\n".join(lines))


class Tick(_Breaking, QCheckBox):
    """A box to tick with words that break."""

    @property
    def _beside(self) -> int:
        """How wide the box is, with the air beside it."""
        style = self.style()
        return (style.pixelMetric(QStyle.PixelMetric.PM_IndicatorWidth, None, self)
                + style.pixelMetric(QStyle.PixelMetric.PM_CheckBoxLabelSpacing, None, self) + 4)


class WordyButton(_Breaking, QPushButton):
    """A button that says much in a narrow place."""
