"""The sheet on pale paper with a 10 mm grid: film in the maker's colour, openings paper, islands a deeper tone."""

from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from math import pi

import numpy as np
import shapely
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPen, QPixmap, QWheelEvent
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.fit import whole_wall
from vitrograph.core.geometry import Points
from vitrograph.core.language import capital, tr
from vitrograph.core.results import Results
from vitrograph.core.stencil import Sheet
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.held import HeldArt
from vitrograph.desk.bench.painter_paths import path_of, path_of_points, paths_of
from vitrograph.desk.bench.preview import Preview
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import fill
from vitrograph.desk.views.cutting_paper import CuttingPaper
from vitrograph.desk.views.sheet_tool import SheetTool
from vitrograph.desk.views.view import View, bounds_of

_WHOLE_WALL = {"glass", "fit"}
_MARGINS = (44, 44, 24, 40)        # left, top, right, bottom px round what is fitted


class Overlay:
    """Draws over the sheet for one station."""

    def region(self, results: Results) -> BaseGeometry | None:
        """What, beside the stencil, must be in the picture."""
        return None

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        """Draw, in screen pixels."""


class SheetView(View):
    """The stencil on the cutting sheet. The wheel enlarges, dragging shifts, a double click fits it again."""

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.setObjectName("sheetView")
        self.setAccessibleName(tr("The sheet, seen from the film's coloured face"))
        self.zoom = 1.0
        self.shift = QPointF(0, 0)
        self.spot: BaseGeometry | None = None
        self.handling = self.tying = self.ticking = SheetTool()
        self._overlays: Mapping[str, Overlay] = {}
        self.preview: Preview | None = None
        self._held_frame: tuple[float, float, float] | None = None     # while pieces are held, the sheet lies still
        self._paths: dict[str, list[QPainterPath]] = {}
        self._outlined: Sheet | None = None
        self._paper = CuttingPaper(self)
        self._seen: tuple[Results, str, tuple[float, float, float, float]] | None = None
        self._wall_outline: Points | None = None
        bench.spotlight.connect(self._take_spotlight)
        bench.previewed.connect(self._take_preview)
        bench.station_changed.connect(lambda _station: self.fit_again())

    def hand_in(
        self, overlays: Mapping[str, Overlay], handling: SheetTool, tying: SheetTool, ticking: SheetTool
    ) -> None:
        """Take what the rooms draw over the sheet at their stations, and the tools of artwork, ties and weeding."""
        self._overlays, self.handling, self.tying, self.ticking = overlays, handling, tying, ticking

    # -- what is shown -------------------------------------------------------------------------------------------

    def take_results(self, results: Results) -> None:
        """Make painter paths of new results, in sheet mm."""
        self._paths = {}
        if results.sheet is None:
            self._wall_outline = None
            return
        sheet = results.sheet
        if self._outlined is not sheet:
            self._outlined, self._wall_outline = sheet, _whole_wall(sheet)
        self._paths = {"film": [path_of(sheet.outline)]}
        if results.fitted is not None and sheet.fitted is not results.fitted:       # its film is still being cut
            self._paths["openings"] = paths_of(results.fitted.sheet_art)
            return
        self._paths |= {"openings": paths_of(sheet.openings), "islands": paths_of(MultiPolygon(list(sheet.islands))),
                        "beyond": paths_of(sheet.beyond)}

    def _take_spotlight(self, shape: BaseGeometry | None) -> None:
        self.spot = shape
        self.update()

    def _take_preview(self, preview: Preview | None) -> None:
        self.preview = preview
        self.update()

    def fit_again(self) -> None:
        """Show the whole of what the station is about."""
        self.zoom, self.shift = 1.0, QPointF(0, 0)
        self.update()

    # -- from sheet to screen ------------------------------------------------------------------------------------

    def frame(self) -> tuple[float, float, float]:
        """Pixels per mm, and the screen place of sheet (0, 0); y runs up on the sheet and down on the screen."""
        if self.bench.held_art is not None and self._held_frame is not None:
            return self._held_frame
        left, low, right, high = self._region()
        room = QRectF(self.rect()).adjusted(_MARGINS[0], _MARGINS[1], -_MARGINS[2], -_MARGINS[3])
        scale = max(0.05, min(room.width() / max(right - left, 1), room.height() / max(high - low, 1))) * self.zoom
        x = room.center().x() - (left + right) / 2 * scale + self.shift.x()
        y = room.center().y() + (low + high) / 2 * scale + self.shift.y()
        self._held_frame = (scale, x, y) if self.bench.held_art is not None else None
        return scale, x, y

    def _region(self) -> tuple[float, float, float, float]:
        """What must be in the picture, worked out once for the same results."""
        if self._seen is None or self._seen[0] is not self.results or self._seen[1] != self.bench.station:
            self._seen = (self.results, self.bench.station, self._find_region())
        return self._seen[2]

    def _find_region(self) -> tuple[float, float, float, float]:
        sheet = self.results.sheet
        if sheet is None:
            return 0.0, 0.0, 200.0, 150.0
        overlay = self._overlays.get(self.bench.station)
        extra = overlay.region(self.results) if overlay else None
        off = sheet.outline.is_empty                                  # all of it: what reaches beyond is to be seen
        shown = [sheet.beyond if off else sheet.outline, *([extra] if extra is not None else [])]
        if (off or self.bench.station in _WHOLE_WALL) and self._wall_outline is not None:
            shown.append(shapely.multipoints(self._wall_outline))
        return bounds_of(*shown)

    def to_screen(self, points: Points) -> Points:
        """(n, 2) sheet mm to the screen."""
        scale, x, y = self.frame()
        return points * [scale, -scale] + [x, y]

    def to_sheet(self, x: float, y: float) -> tuple[float, float]:
        """A screen point to sheet mm."""
        scale, x0, y0 = self.frame()
        return (x - x0) / scale, (y0 - y) / scale

    @contextmanager
    def in_sheet_mm(self, painter: QPainter) -> Iterator[None]:
        """Paint in the sheet's own mm meanwhile."""
        scale, x, y = self.frame()
        painter.save()
        painter.translate(x, y)
        painter.scale(scale, -scale)
        yield
        painter.restore()

    # -- painting ------------------------------------------------------------------------------------------------

    def paint(self, painter: QPainter) -> None:
        scale, x, y = self.frame()
        paper = self._paper.painted(scale, x, y)
        painter.drawPixmap(0, 0, paper)
        if self.results.sheet is None:
            error = next((error for _, error in self.results.failed), None)
            words = error.words(self.bench.unit) if error else tr("working it out")
            self.say(painter, capital(words), theme.PAPER_INK)
            return
        with self.in_sheet_mm(painter):
            self._paint_sheet(painter, scale, paper)
        overlay = self._overlays.get(self.bench.station)
        if overlay:
            overlay.paint(painter, self)
        if self.preview is not None:
            self._say_preview(painter)
        self._paint_mark(painter)

    def _paint_sheet(self, painter: QPainter, scale: float, paper: QPixmap) -> None:
        if self.bench.station in _WHOLE_WALL and self._wall_outline is not None:
            painter.setPen(QPen(theme.colour(theme.PAPER_QUIET, 0.8), 1.2 / scale, Qt.PenStyle.DashLine))
            painter.drawPath(path_of_points(self._wall_outline))
        fill(painter, self._paths["film"], QColor(theme.FILM))
        if self.bench.held_art is not None:
            for frosts, path in self.bench.held_art.on_sheet(moving=False):
                painter.fillPath(path, QColor(theme.PAPER if frosts else theme.FILM))
            return
        if self.bench.station not in {"cut", "weed"}:         # there the openings are still to be weeded
            through = QBrush(paper)
            through.setTransform(painter.worldTransform().inverted()[0])
            fill(painter, self._paths["openings"], through)
        fill(painter, self._paths.get("islands", []), QColor(theme.ISLAND))
        fill(painter, self._paths.get("beyond", []), theme.colour(theme.PAPER_LEVELS["stop"], 0.75))
        if self.results.sheet is not None:
            painter.setPen(QPen(QColor(theme.PAPER), 1.6 / scale))
            painter.drawLines([QLineF(*snip.edge, *snip.tip) for snip in self.results.sheet.snips])
        if self.preview is not None:
            _paint_preview(painter, self.preview, scale)
        if self.spot is not None and self.bench.station != "weed":
            painter.fillPath(path_of(self.spot), theme.colour(theme.LIT_ACCENT, 0.9))

    def _say_preview(self, painter: QPainter) -> None:
        """What the hatches mean, while a change is tried."""
        painter.setFont(theme.font(0.9))
        words = tr("tried, not done: hatched dark would be film, amber would be open")
        wide = painter.fontMetrics().horizontalAdvance(words) + 20
        box = QRectF((self.width() - wide) / 2, self.height() - 52, wide, 26)
        painter.fillRect(box, theme.colour(theme.PAPER, 0.95))
        self.write(painter, box, words, theme.PAPER_INK, scale=0.9, align=Qt.AlignmentFlag.AlignHCenter)

    def paint_held(self, painter: QPainter, held_art: HeldArt) -> None:
        scale, x, y = self.frame()
        painter.save()
        painter.translate(x, y)
        painter.scale(scale, -scale)
        for frosts, path in held_art.on_sheet(moving=True):
            painter.fillPath(path, QColor(theme.PAPER if frosts else theme.FILM))
        painter.restore()
        self.handling.paint(painter)

    def _paint_mark(self, painter: QPainter) -> None:
        """The linked pointer, and what it points at in words."""
        fitted = self.results.fitted
        if self.mark is None or fitted is None:
            return
        near = np.array([self.mark])
        if fitted.wall.closed:
            near = near + [2 * pi * np.round((fitted.chart.u0 - near[0, 0]) / (2 * pi)), 0.0]
        sheet = fitted.chart.wall_to_sheet(near)[0]
        x, y = self.to_screen(sheet[None])[0]
        painter.setPen(QPen(QColor(theme.PAPER_INK), 3.4))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(QPointF(x, y), 6, 6)
        painter.setPen(QPen(QColor(theme.LIT_ACCENT), 1.8))
        painter.drawEllipse(QPointF(x, y), 6, 6)
        edge = tr("rim") if fitted.wall.closed else tr("upper edge")
        words = (tr("{length} across, {length2} from the {edge}", length=self.bench.length(sheet[0], 1),
                    length2=self.bench.length(fitted.wall.length - self.mark[1], 1), edge=edge))
        painter.setFont(theme.font(0.9))
        wide = painter.fontMetrics().horizontalAdvance(words) + 16
        box = QRectF(self.width() - wide - 8, 8, wide, 24)
        painter.fillRect(box, theme.colour(theme.PAPER, 0.92))
        self.write(painter, box.adjusted(8, 0, -8, 0), words, theme.PAPER_INK, scale=0.9)

    # -- handling ------------------------------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton and (
                self.tying.press(event.position(), event.modifiers())
                or self.ticking.press(event.position(), event.modifiers())
                or self.handling.press(event.position(), event.modifiers())):
            return
        super().mousePressEvent(event)
        if self.handling.works:                               # beside the items the sheet itself is taken hold of
            self._held = None

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if any(tool.move(event.position()) for tool in (self.tying, self.ticking, self.handling)):
            return
        super().mouseMoveEvent(event)
        if self.handling.works and not event.buttons():
            self.setCursor(self.handling.cursor_at(event.position()))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        for tool in (self.tying, self.ticking, self.handling):
            tool.release()
        super().mouseReleaseEvent(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if not (self.tying.take_key(event.key(), event.modifiers())
                or (self.handling.works and self.handling.take_key(event.key(), event.modifiers()))):
            super().keyPressEvent(event)

    # -- pointing ------------------------------------------------------------------------------------------------

    def hold(self) -> Callable[[float, float], tuple[float, float] | None]:
        """The wall under the pointer by the picture as it is now: the sheet moves along with the art it carries."""
        fitted, (scale, x0, y0) = self.results.fitted, self.frame()

        def wall_under(x: float, y: float) -> tuple[float, float] | None:
            if fitted is None:
                return None
            u, s = fitted.chart.sheet_to_wall(np.array([[(x - x0) / scale, (y0 - y) / scale]]))[0]
            return float(u), float(s)

        return wall_under

    def wall_at(self, x: float, y: float) -> tuple[float, float] | None:
        fitted = self.results.fitted
        if fitted is None:
            return None
        u, s = fitted.chart.sheet_to_wall(np.array([self.to_sheet(x, y)]))[0]
        off = abs(u - fitted.chart.u0) > pi if fitted.wall.closed else abs(u) > fitted.wall.span / 2
        return None if off or not 0 <= s <= fitted.wall.length else (float(u), float(s))

    def drag_view(self, dx: float, dy: float) -> None:
        self.shift += QPointF(dx, dy)
        self.update()

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom_by(1.2 ** (event.angleDelta().y() / 120), event.position())

    def zoom_by(self, factor: float, about: QPointF | None = None) -> None:
        """Enlarge about a screen point, the middle if none is given."""
        about = about or QPointF(self.width() / 2, self.height() / 2)
        before = self.to_sheet(about.x(), about.y())
        self.zoom = min(60.0, max(0.3, self.zoom * factor))
        after = self.to_screen(np.array([before]))[0]
        self.shift += about - QPointF(*after)
        self.update()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.fit_again()

    def go_to(self, place: tuple[float, float]) -> None:
        """Bring a sheet point to the middle, enlarged enough to see a thin web."""
        self.fit_again()
        scale = self.frame()[0]
        self.zoom = max(1.0, min(12.0, 9.0 / scale))
        x, y = self.to_screen(np.array([place]))[0]
        self.shift += QPointF(self.width() / 2 - x, self.height() / 2 - y)
        self.update()


def _whole_wall(sheet: Sheet) -> Points | None:
    """Closed sheet outline of the whole wall; None where no sheet is a part of it."""
    if not sheet.fitted.on_one_wall:
        return None
    outline = whole_wall(sheet.fitted.chart)
    return np.concatenate([outline, outline[:1]])


def _paint_preview(painter: QPainter, preview: Preview, scale: float) -> None:
    """What a change would make film, hatched dark, and what it would open, in the accent."""
    painter.fillPath(path_of(preview.to_film), QColor(theme.FILM))
    for shape, tone, pattern in ((preview.to_film, theme.colour(theme.PAPER_INK, 0.8), Qt.BrushStyle.Dense4Pattern),
                                 (preview.to_opening, QColor(theme.LIT_ACCENT), Qt.BrushStyle.SolidPattern)):
        hatch = QBrush(tone, pattern)
        hatch.setTransform(painter.worldTransform().inverted()[0])
        painter.fillPath(path_of(shape), hatch)
        painter.strokePath(path_of(shape), QPen(tone, 1.5 / scale))
    painter.strokePath(path_of(preview.elsewhere), QPen(QColor(theme.LIT_ACCENT), 2.0 / scale))
