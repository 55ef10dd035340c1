"""The rows of a card in one column, or where there is room in two of about the same height."""

from itertools import accumulate

from PySide6.QtWidgets import QHBoxLayout, QLabel, QVBoxLayout, QWidget

from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import label

_GAP = 3 * theme.STEP
_STAYS = 1.3                       # a division that is worse by less is kept: what is typed into must not jump


def section_heading(title: str) -> QLabel:
    """A heading within a card; it stays with what comes below it."""
    made = label(title, bold=True)
    made.setContentsMargins(0, 2 * theme.STEP, 0, 0)
    made.setProperty("heading", True)
    return made


class Columns:
    """Rows in their order, which is that of the keyboard as well: down the left column, then down the right one."""

    def __init__(self, body: QWidget) -> None:
        across = QHBoxLayout(body)
        across.setContentsMargins(5 * theme.STEP, 4 * theme.STEP, 5 * theme.STEP, 4 * theme.STEP)
        across.setSpacing(6 * theme.STEP)
        self.rows: list[QWidget] = []
        self.parted = 0                # how many rows stand in the left column; 0: all of them
        self._sides = QVBoxLayout(), QVBoxLayout()
        for side in self._sides:
            side.setSpacing(_GAP)
            side.addStretch(1)
            across.addLayout(side, 1)
        across.setStretch(1, 0)
        self._across = across

    def add(self, *widgets: QWidget) -> None:
        """Add rows below what there is."""
        self.rows.extend(widgets)
        self._stand()

    def put(self, at: int, widget: QWidget) -> None:
        """Put a row at a place, from 0; one that stands elsewhere is moved."""
        if widget in self.rows:
            self._side_of(widget).removeWidget(widget)
            self.rows.remove(widget)
        self.rows.insert(at, widget)
        self._stand()

    def arrange(self, wide: int) -> None:
        """Divide the rows into two columns so wide, px, or for 0 put them into one again."""
        parted = self._division(wide) if wide else 0
        if parted != self.parted:
            self.parted = parted
            self._across.setStretch(1, 1 if parted else 0)
            self._stand()

    def _side_of(self, widget: QWidget) -> QVBoxLayout:
        return self._sides[1] if self._sides[1].indexOf(widget) >= 0 else self._sides[0]

    def _stand(self) -> None:
        """Let every row stand where it belongs."""
        left = len(self.rows) if not self.parted else self.parted
        for side, rows in zip(self._sides, (self.rows[:left], self.rows[left:]), strict=True):
            for at, widget in enumerate(rows):
                if side.indexOf(widget) != at:
                    self._side_of(widget).removeWidget(widget)
                    side.insertWidget(at, widget)

    def _division(self, wide: int) -> int:
        """How many rows the left column has, for the least height of both; a heading never ends a column."""
        down = [0, *accumulate(_height(row, wide) for row in self.rows)]
        heights = {at: max(down[at], down[-1] - down[at]) for at in range(2, len(self.rows))
                   if not self.rows[at - 1].property("heading")}
        if not heights:
            return 0
        best = min(heights, key=lambda at: heights[at])
        return self.parted if heights.get(self.parted, 1e9) <= _STAYS * heights[best] else best


def _height(row: QWidget, wide: int) -> int:
    if row.isHidden():
        return 0
    high = row.heightForWidth(wide) if row.hasHeightForWidth() else row.sizeHint().height()
    return _GAP + min(max(high, row.minimumHeight()), row.maximumHeight())
