"""Printing through the system's dialog, at true size: what is drawn for a PDF is drawn on the printer's painter."""

from collections.abc import Callable
from functools import partial
from typing import Any, cast

from PySide6.QtCore import QMarginsF, QObject, QPointF, QRectF, QSizeF, Qt, QTimer, Signal, SignalInstance
from PySide6.QtGui import QColor, QFont, QPageLayout, QPageSize, QPainter, QPainterPath, QPen, QTransform
from PySide6.QtPrintSupport import QPrintDialog, QPrinter
from PySide6.QtWidgets import QWidget

from vitrograph.core.errors import Cancelled, VitrographError
from vitrograph.core.language import tr
from vitrograph.core.paper import PaperName
from vitrograph.desk.bench.background import BackgroundTask
from vitrograph.desk.kit import theme

_PT_PER_IN = 72
_FONT_PX = 100                     # letters are drawn as shapes of that size, and scaled

Page = list[tuple[str, tuple[Any, ...], dict[str, Any]]]       # what was asked of a canvas, in order

Pages = Callable[["Recording"], None]


class PrinterError(VitrographError):
    """A printer that takes nothing."""


class Printing(QObject):
    """Prints: what is drawn is worked out off the window's thread, and then printed page after page.

    `far` tells how far it is, `told` how it ended.
    """

    far = Signal(str)
    told = Signal(str)
    refused = Signal(str)
    done = Signal()                # printed, or given up

    def __init__(self, window: QWidget) -> None:
        super().__init__(window)
        self._window = window
        self._what = ""
        self._canvas: PrinterCanvas | None = None
        self._recording = Recording()
        self._pages: list[Page] = []
        self._printed = 0
        self._task = BackgroundTask(self)
        self._task.answered.connect(self._begin)
        self._task.refused.connect(lambda sentence: self._end(self.refused, sentence))

    @property
    def busy(self) -> bool:
        """Whether something is being printed."""
        return self._canvas is not None

    def ask(self, what: str, draw: Pages, paper: PaperName) -> None:
        """Ask which printer, and print what draws its pages on it at 100 %."""
        if self.busy:
            self.refused.emit(tr("{what} is being printed: wait a moment", what=self._what))
            return
        printer = printer_for(paper)
        dialog = QPrintDialog(printer, self._window)
        dialog.setWindowTitle(tr("Print {what} at 100 %", what=what))
        if dialog.exec() == QPrintDialog.DialogCode.Accepted:
            self._what, self._canvas, self._recording = what, PrinterCanvas(printer), Recording()
            self.far.emit(tr("{what} is worked out for the printer", what=what))
            self._task.ask(partial(_recorded, draw, self._recording))

    def stop(self) -> None:
        """Print no more of it; the printer is asked to drop what it has."""
        if self._canvas is None:
            return
        self._recording.wanted = False
        self._task.forget()
        self._canvas.give_up()
        self._end(self.told, tr("{what}: printing is stopped", what=self._what))

    def _begin(self, pages: object) -> None:
        canvas, all_of_them = self._canvas, cast(list[Page], pages)
        assert canvas is not None                              # a stop forgets what was asked
        self._pages, self._printed = canvas.chosen(all_of_them), 0
        if not self._pages:
            self._end(self.refused, tr("{what} has {n} pages: none of those you chose is among them",
                                       "{what} has {n} page: none of those you chose is among them",
                                       n=len(all_of_them), what=self._what))
            return
        self._next(canvas)

    def _next(self, canvas: "PrinterCanvas | None") -> None:
        """Print a page; between two the window answers."""
        if canvas is None or self._canvas is not canvas:       # it was stopped
            return
        if self._printed == len(self._pages):
            self._end(self.told, tr("{what}: {n} pages are printed", "{what}: {n} page is printed", n=self._printed,
                                    what=self._what))
            return
        try:
            for name, given, named in self._pages[self._printed]:
                getattr(canvas, name)(*given, **named)
        except PrinterError as error:
            self._end(self.refused, tr("{what} could not be printed by the printer you chose: {why}", what=self._what,
                                       why=error))
            return
        except Exception:          # a fault of ours, told as such: nobody waits for the rest
            self._end(self.refused, tr("{what} could not be printed to its end", what=self._what))
            raise
        self._printed += 1
        self.far.emit(tr("{what}: page {page} of {pages} is printed", what=self._what, page=self._printed,
                         pages=len(self._pages)))
        QTimer.singleShot(0, self, partial(self._next, canvas))

    def _end(self, tell: SignalInstance, sentence: str) -> None:
        if self._canvas is not None:
            self._canvas.end()
        self._canvas, self._pages = None, []
        tell.emit(sentence)
        self.done.emit()


def printer_for(paper: PaperName) -> QPrinter:
    """A printer for pages of that size, measured from the paper's own edges."""
    printer = QPrinter(QPrinter.PrinterMode.HighResolution)
    printer.setPageSize(QPageSize(QPageSize.PageSizeId.A4 if paper == "A4" else QPageSize.PageSizeId.Letter))
    printer.setPageMargins(QMarginsF(0, 0, 0, 0), QPageLayout.Unit.Millimeter)
    printer.setFullPage(True)
    return printer


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


class Recording:
    """Keeps what is drawn, page by page, to be drawn again: no printer may be touched from another thread."""

    def __init__(self) -> None:
        self.pages: list[Page] = []
        self.wanted = True                                     # until it is stopped, on another thread

    def setPageSize(self, size: tuple[float, float]) -> None:
        """Begin a page. Raises Cancelled where nobody wants it any more."""
        if not self.wanted:
            raise Cancelled
        self.pages.append([("setPageSize", (size,), {})])

    def beginPath(self) -> _Path:
        return _Path()

    def __getattr__(self, name: str) -> Callable[..., None]:
        return lambda *given, **named: self.pages[-1].append((name, given, named))


def _recorded(draw: Pages, recording: Recording) -> list[Page]:
    draw(recording)
    return recording.pages


class PrinterCanvas:
    """Draws as reportlab's canvas does, with the same words and units (points, y upward), on a printer's pages."""

    def __init__(self, printer: QPrinter) -> None:
        self._printer = printer
        self._painter: QPainter | None = None
        self._size = 10.0
        self._line = 1.0
        self._fill = QColor(0, 0, 0)
        self._dash: list[float] = []

    def chosen(self, pages: list[Page]) -> list[Page]:
        """Those that were chosen in the printer's dialog, in the order chosen there: the system leaves both to us."""
        if self._printer.printRange() == QPrinter.PrintRange.PageRange:
            ranges = self._printer.pageRanges()
            pages = [page for number, page in enumerate(pages, start=1) if ranges.contains(number)]
        return pages[::-1] if self._printer.pageOrder() == QPrinter.PageOrder.LastPageFirst else pages

    @property
    def _on(self) -> QPainter:
        assert self._painter is not None
        return self._painter

    def setPageSize(self, size: tuple[float, float]) -> None:
        """Begin a page of so many points. Raises PrinterError where nothing can be printed."""
        across = size[0] > size[1]
        self._printer.setPageOrientation(QPageLayout.Orientation.Landscape if across else
                                         QPageLayout.Orientation.Portrait)
        self._printer.setPageSize(QPageSize(QSizeF(min(size), max(size)), QPageSize.Unit.Point, "",
                                            QPageSize.SizeMatchPolicy.FuzzyMatch))
        if self._painter is None:
            self._painter = QPainter(self._printer)
            if not self._painter.isActive():
                raise PrinterError(tr("it takes nothing: is it there, switched on, or its file in a place that can be "
                                      "written?"))
        else:
            self._printer.newPage()
        scale = self._printer.resolution() / _PT_PER_IN
        self._on.setTransform(QTransform(scale, 0, 0, -scale, 0, size[1] * scale))
        self._on.setRenderHint(QPainter.RenderHint.Antialiasing)

    def showPage(self) -> None:
        """The next page begins with its size."""

    def give_up(self) -> None:
        """Have the printer drop what it was given, as far as it can."""
        if self._painter is not None:
            self._printer.abort()

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
        path.addText(0.0, 0.0, face, getattr(words, "logical", words))      # Qt shapes them itself
        scale = self._size / _FONT_PX
        self._on.fillPath(QTransform(scale, 0, 0, -scale, x, y).map(path), self._fill)

    def _pen(self) -> Any:
        pen = QPen(QColor(0, 0, 0), self._line)
        if self._dash:
            pen.setDashPattern([part / self._line for part in self._dash])
        return pen
