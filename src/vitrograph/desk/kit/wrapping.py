"""What gives way where there is little room: widgets in more rows, the words of a box to tick in more lines."""

from collections.abc import Sequence

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QAbstractButton, QCheckBox, QGridLayout, QPushButton, QSizePolicy, QStyle, QWidget

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


class Tick(QCheckBox):
    """A box to tick whose words go on in a second line where they are too long for one."""

    def __init__(self, words: str) -> None:
        super().__init__(words)
        _take(self, words)
        self.words = words

    def minimumSizeHint(self) -> QSize:
        """The longest word is room enough."""
        return QSize(self._box + _longest(self, self.words), super().minimumSizeHint().height())

    @property
    def _box(self) -> int:
        """How wide the box is, with the air beside it."""
        style = self.style()
        return (style.pixelMetric(QStyle.PixelMetric.PM_IndicatorWidth, None, self)
                + style.pixelMetric(QStyle.PixelMetric.PM_CheckBoxLabelSpacing, None, self) + 4)

    def resizeEvent(self, event: QResizeEvent) -> None:
        """Break the words where they are too long."""
        super().resizeEvent(event)
        _break(self, self.words, self.width() - self._box)


class WordyButton(QPushButton):
    """A button that says much in a narrow place: its words go on in a second line, too."""

    def __init__(self, words: str) -> None:
        super().__init__(words)
        _take(self, words)
        self.words = words

    def minimumSizeHint(self) -> QSize:
        """The longest word is room enough."""
        return QSize(2 * _AIR_PX + _longest(self, self.words), super().minimumSizeHint().height())

    def resizeEvent(self, event: QResizeEvent) -> None:
        """Break the words where they are too long."""
        super().resizeEvent(event)
        _break(self, self.words, self.width() - 2 * _AIR_PX)


def _take(made: QAbstractButton, words: str) -> None:
    made.setAccessibleName(words)
    made.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)


def _longest(made: QAbstractButton, words: str) -> int:
    """How wide its longest word is."""
    return max(map(made.fontMetrics().horizontalAdvance, words.split()), default=0)


def _break(made: QAbstractButton, words: str, room: int) -> None:
    """Set words in lines that are no wider than there is room."""
    lines = [""]
    for word in words.split(" "):
        longer = f"{lines[-1]} {word}".strip()
        if lines[-1] and made.fontMetrics().horizontalAdvance(longer) > room:
            lines.append(word)
        else:
            lines[-1] = longer
    if made.text() != "\n".join(lines):
        made.setText("\n".join(lines))
