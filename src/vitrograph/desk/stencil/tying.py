"""Ties by hand on the sheet: a click places one, a drag moves it, Delete takes it away."""

import numpy as np
import shapely
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from vitrograph.core.language import tr
from vitrograph.core.stencil import Tie
from vitrograph.desk.bench.painter_paths import path_of
from vitrograph.desk.kit import theme
from vitrograph.desk.views.sheet_tool import SheetTool
from vitrograph.desk.views.sheet_view import SheetView

_NEAR_PX = 8.0                     # how near a tie a press must be to take hold of it
_MOVED_PX = 4.0                    # before that a press is a click
_DELETES = (Qt.Key.Key_Delete, Qt.Key.Key_Backspace)


class Tying(SheetTool):
    """What the pointer does to ties at the stencil station."""

    def __init__(self, view: SheetView) -> None:
        self.view = view
        self.chosen: int | None = None
        self._from: QPointF | None = None
        self._at: QPointF | None = None

    @property
    def works(self) -> bool:
        """Whether there are ties to take hold of, or to be placed."""
        bench = self.view.bench
        return bench.station == "stencil" and (bench.tying or bool(self._ties))

    @property
    def _ties(self) -> tuple[Tie, ...]:
        sheet = self.view.results.sheet
        return sheet.ties if sheet is not None else ()

    def press(self, at: QPointF, modifiers: Qt.KeyboardModifier) -> bool:
        """Take hold of the tie there, or place one; whether the press was meant for ties."""
        if not self.works:
            return False
        self.chosen = self._under(at)
        self._from = self._at = None
        if self.chosen is not None:
            self._from = at
            self.view.setFocus()
        elif self.view.bench.tying:
            self.view.bench.set_ties(tr("Place a tie"), [*(tie.at for tie in self._ties),
                                                     self.view.to_sheet(at.x(), at.y())])
        self.view.update()
        return self.chosen is not None or self.view.bench.tying

    def move(self, at: QPointF) -> bool:
        """Carry the tie that is held."""
        if self._from is None:
            return False
        if (at - self._from).manhattanLength() > _MOVED_PX:
            self._at = at
            self.view.update()
        return True

    def release(self) -> None:
        """Let go of the tie where it is."""
        if self._at is not None and self.chosen is not None:
            spots = [tie.at for tie in self._ties]
            spots[self.chosen] = self.view.to_sheet(self._at.x(), self._at.y())
            self.view.bench.set_ties(tr("Move a tie"), spots)
        self._from = self._at = None

    def take_key(self, key: int, modifiers: Qt.KeyboardModifier) -> bool:
        """Take away the chosen tie, or end placing."""
        if not self.works:
            return False
        if key == Qt.Key.Key_Escape:
            self.view.bench.set_tying(False)
            return True
        if key not in _DELETES or self.chosen is None or self.chosen >= len(self._ties):
            return False
        spots = [tie.at for number, tie in enumerate(self._ties) if number != self.chosen]
        self.chosen = None
        self.view.bench.set_ties(tr("Take a tie away"), spots)
        return True

    def _under(self, at: QPointF) -> int | None:
        """The tie under a screen point."""
        if not self._ties:
            return None
        spot = shapely.Point(self.view.to_sheet(at.x(), at.y()))
        away = shapely.distance(np.array([tie.shape for tie in self._ties]), spot)
        return int(away.argmin()) if away.min() * self.view.frame()[0] <= _NEAR_PX else None

    def paint(self, painter: QPainter) -> None:
        """Outline the ties, the chosen one in the accent, and the place of one that is carried."""
        view = self.view
        for number, tie in enumerate(self._ties):
            chosen = number == self.chosen
            painter.setPen(QPen(QColor(theme.LIT_ACCENT if chosen else theme.ISLAND), 3.0 if chosen else 1.6))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPath(path_of(shapely.transform(tie.shape, view.to_screen)))
        if self._at is not None:
            painter.setPen(QPen(QColor(theme.LIT_ACCENT), 2.4))
            painter.drawEllipse(self._at, 8, 8)
