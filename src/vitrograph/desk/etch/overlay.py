"""The etch station's overlay: cream over the openings."""

from PySide6.QtGui import QColor, QPainter

from vitrograph.desk.views.overlay import fill
from vitrograph.desk.views.sheet_view import Overlay, SheetView


class EtchOverlay(Overlay):
    """Cream over the openings."""

    def paint(self, painter: QPainter, view: SheetView) -> None:
        if view.results.sheet is not None:
            fill(painter, view, view.results.sheet.openings, QColor("#B9CDD6"))
