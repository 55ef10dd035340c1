"""Printing through the system's dialog, at true size: what is drawn for a PDF is drawn on the printer's painter."""

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QMarginsF, QPointF, QRectF, QSizeF, Qt
from PySide6.QtGui import QColor, QFont, QPageLayout, QPageSize, QPainter, QPainterPath, QPen, QTransform
from PySide6.QtPrintSupport import QPrintDialog, QPrinter
from PySide6.QtWidgets import QWidget

from vitrograph.core.language import tr
from vitrograph.core.paper import PaperName
from vitrograph.desk.kit import theme

_PT_PER_IN = 72
_FONT_PX = 100                     # letters are drawn as shapes of that size, and scaled


Pages = Callable[["PrinterCanvas"], None]


def ask_and_print(window: QWidget, what: str, draw: Pages, paper: PaperName) -> None:
    """Ask which printer, and print what draws its pages on it at 100 %."""
    printer = printer_for(paper)
    dialog = QPrintDialog(printer, window)
    dialog.setWindowTitle(tr("Print {what} at 100 %", what=what))
    if dialog.exec() == QPrintDialog.DialogCode.Accepted:
        print_pages(printer, draw)


def printer_for(paper: PaperName) -> QPrinter:
    """A printer for pages of that size, measured from the paper's own edges."""
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setPageSize(QPageSize(QPageSize.PageSizeId.A4 if paper == "A4" else QPageSize.PageSizeId.Letter))
    printer.setPageMargins(QMarginsF(0, 0, 0, 0), QPageLayout.Unit.Millimeter)
    printer.setFullPage(True)
    return printer


def print_pages(printer: QPrinter, draw: Pages) -> None:
    """Print pages that are drawn."""
    canvas = PrinterCanvas(printer)
    draw(canvas)
    canvas.end()


class _Path:
    """A path as reportlab's canvas has it."""

    def __init__(self) -> None:
        self.made = QPainterPath()

    def moveTo(self, x: float, y: float) -> None:
        self.made.moveTo(x, y)

    def lineTo(self, x: float, y: float) -> None:
        self.made.lineTo(x, y)

    def rect(self, x: float, y: float, wide: float, high: float) -> None:
        self.made.addRect(QRectF(x, y, wide, high))

    def close(self) -> None:
        self.made.closeSubpath()


class PrinterCanvas:
    """Draws as reportlab's canvas does, with the same words and units (points, y upward), on a printer's pages."""

    def __init__(self, printer: QPrinter) -> None:
        self._printer = printer
        self._painter: QPainter | None = None
        self._size = 10.0
        self._line = 1.0
        self._fill = QColor(0, 0, 0)
        self._dash: list[float] = []

    @property
    def _on(self) -> QPainter:
        assert self._painter is not None
        return self._painter

    def setPageSize(self, size: tuple[float, float]) -> None:
        """Begin a page of so many points."""
        across = size[0] > size[1]
        self._printer.setPageOrientation(QPageLayout.Orientation.Landscape if across else
                                         QPageLayout.Orientation.Portrait)
        self._printer.setPageSize(QPageSize(QSizeF(min(size), max(size)), QPageSize.Unit.Point, "",
                                            QPageSize.SizeMatchPolicy.FuzzyMatch))
        if self._painter is None:
            self._painter = QPainter(self._printer)
        else:
            self._printer.newPage()
        scale = self._printer.resolution() / _PT_PER_IN
        self._on.setTransform(QTransform(scale, 0, 0, -scale, 0, size[1] * scale))
        self._on.setRenderHint(QPainter.RenderHint.Antialiasing)

    def showPage(self) -> None:
        """The next page begins with its size."""

    def end(self) -> None:
        """All is printed."""
        if self._painter is not None:
            self._painter.end()

    def saveState(self) -> None:
        self._on.save()

    def restoreState(self) -> None:
        self._on.restore()

    def translate(self, x: float, y: float) -> None:
        self._on.translate(x, y)

    def scale(self, x: float, y: float) -> None:
        self._on.scale(x, y)

    def setFillGray(self, grey: float) -> None:
        self._fill = QColor.fromRgbF(grey, grey, grey)

    def setLineWidth(self, wide: float) -> None:
        self._line = wide

    def setDash(self, dash: list[float]) -> None:
        self._dash = dash

    def line(self, x0: float, y0: float, x1: float, y1: float) -> None:
        self._on.setPen(self._pen())
        self._on.drawLine(QPointF(x0, y0), QPointF(x1, y1))

    def rect(self, x: float, y: float, wide: float, high: float, stroke: int = 1, fill: int = 0) -> None:
        path = self.beginPath()
        path.rect(x, y, wide, high)
        self.drawPath(path, stroke=stroke, fill=fill)

    def circle(self, x: float, y: float, radius: float, stroke: int = 1, fill: int = 0) -> None:
        path = self.beginPath()
        path.made.addEllipse(QPointF(x, y), radius, radius)
        self.drawPath(path, stroke=stroke, fill=fill)

    def beginPath(self) -> _Path:
        return _Path()

    def drawPath(self, path: _Path, stroke: int = 1, fill: int = 0, fillMode: int = 1) -> None:  # noqa: N803
        path.made.setFillRule(Qt.FillRule.WindingFill if fillMode else Qt.FillRule.OddEvenFill)
        if fill:
            self._on.fillPath(path.made, self._fill)
        if stroke:
            self._on.strokePath(path.made, self._pen())

    def clipPath(self, path: _Path, stroke: int = 0, fill: int = 0) -> None:
        self._on.setClipPath(path.made)

    def setFont(self, name: str, size: float) -> None:
        self._size = size

    def drawString(self, x: float, y: float, words: str) -> None:
        """Write letters as shapes, so that they are as large as they are on the PDF's page."""
        face = QFont(theme.font().family())
        face.setPixelSize(_FONT_PX)
        path = QPainterPath()
        path.addText(0.0, 0.0, face, words)
        scale = self._size / _FONT_PX
        self._on.fillPath(QTransform(scale, 0, 0, -scale, x, y).map(path), self._fill)

    def _pen(self) -> Any:
        pen = QPen(QColor(0, 0, 0), self._line)
        if self._dash:
            pen.setDashPattern([part / self._line for part in self._dash])
        return pen
