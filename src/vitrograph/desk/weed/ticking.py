"""Weeding on the sheet: a click on a bit ticks it off, another click takes the tick back."""

import shapely
from PySide6.QtCore import QPointF, Qt

from vitrograph.core.weed import Bit
from vitrograph.desk.views.sheet_tool import SheetTool
from vitrograph.desk.views.sheet_view import SheetView

_MOVED_PX = 4.0                    # before that a press is a click
_NEAR_PX = 5.0                     # small bits are hit so far beside them


class Ticking(SheetTool):
    """What the pointer does at the weed station. The sheet itself can be taken hold of all the same."""

    def __init__(self, view: SheetView) -> None:
        self.view = view
        self._pressed: QPointF | None = None

    @property
    def works(self) -> bool:
        """Whether the weed station is in hand."""
        return self.view.bench.station == "weed" and self.view.results.weed is not None

    def press(self, at: QPointF, modifiers: Qt.KeyboardModifier) -> bool:
        """Remember where; what is dragged is the sheet."""
        self._pressed = at if self.works else None
        return False

    def move(self, at: QPointF) -> bool:
        """Carried farther than a click, it is the sheet that moves."""
        if self._pressed is not None and (at - self._pressed).manhattanLength() > _MOVED_PX:
            self._pressed = None
        return False

    def release(self) -> None:
        """A click: tick off what is there."""
        at, self._pressed = self._pressed, None
        bit = self.under(at) if at is not None and self.works else None
        if bit is not None:
            bench = self.view.bench
            ref = bench.work.refs("weed")[bit.number - 1]
            (bench.making.untick if ref in bench.making.progress.done else bench.making.tick)(ref)

    def under(self, at: QPointF) -> Bit | None:
        """The bit to be pulled under a screen point, the smallest of several."""
        weed = self.view.results.weed
        if weed is None:
            return None
        spot = shapely.Point(self.view.to_sheet(at.x(), at.y()))
        near = [bit for bit in weed.pull if bit.shape.distance(spot) * self.view.frame()[0] <= _NEAR_PX]
        return min(near, key=lambda bit: (bit.shape.distance(spot) > 0, float(bit.shape.area)), default=None)
