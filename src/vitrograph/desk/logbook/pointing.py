"""What came out wrong, clicked on the picture of the glass: which copy, what, and where on its stencil."""

from functools import partial
from math import pi

import numpy as np
from PySide6.QtCore import Signal
from PySide6.QtGui import QCursor
from PySide6.QtWidgets import QMenu
from shapely.geometry import Point
from shapely.geometry.base import BaseGeometry

from vitrograph.core.language import tr
from vitrograph.core.logbook import GRAVEST, OUTCOMES, Mark, Outcome
from vitrograph.core.results import Results
from vitrograph.core.value_words import word_of
from vitrograph.desk.bench import Bench
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.fields import Column, button, label
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steps_card import CopyRow
from vitrograph.desk.logbook.went_panel import WentPanel

_LIT_MM = 2.0                      # round a place that is marked


class Pointing(Column):
    """The marks of the piece in hand until it is written down; each copy is counted by the gravest of its own."""

    changed = Signal()

    def __init__(self, bench: Bench, went: WentPanel) -> None:
        super().__init__(2 * theme.STEP)
        self.bench, self._went = bench, went
        self.copies = CopyRow(bench, "logbook")
        self.says = named(label("", "quiet"), "pointedSays")
        self.back = named(button(tr("Take the last mark back")), "pointedBack")
        self.back.clicked.connect(self._take_back)
        self.stack(self.copies, self.says, self.back)
        bench.clicked.connect(self._ask)
        bench.making.changed.connect(lambda: self._put(self.marks))            # another copy may be in hand

    def show_results(self, results: Results) -> None:
        """Show the copy in hand and what is marked on it."""
        self.copies.show_many(tr("Glass"))
        here = [mark.what for mark in self.marks if mark.copy == self.copies.copy]
        told = ", ".join(f"{here.count(what)} {what}" for what in dict.fromkeys(here))
        self.says.setText(tr("Marked on this glass: {told}.", told=told) if told else
                          tr("Click on the glass where something went wrong."))
        self.back.setVisible(bool(self.marks))

    @property
    def marks(self) -> tuple[Mark, ...]:
        """Those of the piece in hand."""
        return self._went.marks

    @property
    def lit(self) -> list[BaseGeometry]:
        """What is marked on the copy in hand, on its sheet."""
        return [Point(mark.x, mark.y).buffer(_LIT_MM) for mark in self.marks
                if mark.copy == self.copies.copy and mark.x is not None and mark.y is not None]

    def clear(self) -> None:
        """Begin anew, for the next piece: what was counted is the panel's own."""
        self._put(())

    def mark(self, what: Outcome, where: tuple[float, float]) -> None:
        """Mark a place of the sheet on the copy in hand."""
        self._recount((*self.marks,
                       Mark(self.copies.copy, what, round(where[0], 2), round(where[1], 2), tr("by hand"))))

    def _take_back(self) -> None:
        self._recount(self.marks[:-1])

    def _recount(self, marks: tuple[Mark, ...]) -> None:
        """Count the copies whose gravest mark is another now."""
        before, now = _gravest(self.marks), _gravest(marks)
        for copy in before.keys() | now.keys():
            if before.get(copy) != now.get(copy):
                self._went.count_copy(now.get(copy), before.get(copy))
        self._put(marks)

    def _put(self, marks: tuple[Mark, ...]) -> None:
        self._went.put_marks(marks)
        self.show_results(self.bench.results)
        self.changed.emit()

    def _ask(self, at: tuple[float, float]) -> None:
        """A menu of what can have come out wrong at a place (u, s) on the wall."""
        where = on_sheet(self.bench.results, at)
        if where is None:
            return
        menu = named(QMenu(self), "pointedMenu")
        for what in OUTCOMES:
            if what != "good":
                menu.addAction(tr("Here: {what}", what=word_of(what)), partial(self.mark, what, where))
        menu.aboutToHide.connect(menu.deleteLater)
        menu.popup(QCursor.pos())


def on_sheet(results: Results, at: tuple[float, float]) -> tuple[float, float] | None:
    """The place of the stencil's sheet, mm, that lies at (u, s) on the wall; None where there is no stencil yet.

    Of several stencils round the glass it is the place on the nearest one.
    """
    fitted = results.fitted
    if fitted is None:
        return None
    u, s = at
    if fitted.wall.closed:
        step = 2 * pi / fitted.sheets
        u = fitted.chart.u0 + (u - fitted.chart.u0 + step / 2) % step - step / 2
    x, y = fitted.chart.wall_to_sheet(np.array([[u, s]]))[0]
    return (float(x), float(y)) if np.isfinite([x, y]).all() else None


def _gravest(marks: tuple[Mark, ...]) -> dict[int, Outcome]:
    """By what each copy is counted."""
    return {copy: min((mark.what for mark in marks if mark.copy == copy), key=GRAVEST.index)
            for copy in {mark.copy for mark in marks}}
