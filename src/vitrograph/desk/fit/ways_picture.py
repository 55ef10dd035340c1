"""The ways of laying side by side: the art on this glass by each of them, seen from the front."""

from math import sin

import numpy as np
import shapely
from msgspec.structs import replace
from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen, QPixmap
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.fit import MODES, Fitted
from vitrograph.core.geometry import Points
from vitrograph.core.job import Mode
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench.painter_paths import path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting
from vitrograph.desk.views.camera import Camera

_COLUMNS, _ROW_HIGH, _WORDS_HIGH = 2, 112, 18
_SEEN = 0.0025                     # of the art's width: finer than these pictures show
_WORDS: dict[Mode, str] = {"rim": tr("by the rim"), "letters": tr("letters keep shape"), "straight": tr("straight"),
                           "eye": tr("as the eye sees it")}


class WaysPicture(QWidget):
    """A small front view for each way; a click takes it. Thin lines show where following the rim would have it."""

    taken = Signal(object)

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("waysPicture")
        self.setAccessibleName(tr("The art on this glass by each way of laying"))
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self._fitted: Fitted | None = None
        self._points: Points = np.empty((0, 2))
        self._starts = np.zeros(0, dtype=int)
        self.mode: Mode = "rim"
        self._laid: dict[Mode, Points] = {}                    # the art's points on the wall
        self._picture = self._making = QPixmap()
        self._left: list[Mode] = []                            # still to be painted on what is being made
        self._key: object = None

    def sizeHint(self) -> QSize:
        return QSize(260, _ROW_HIGH * (len(MODES) // _COLUMNS))

    def show_results(self, results: Results) -> None:
        """Take the art of new results, no finer than the picture shows."""
        if results.fitted is not self._fitted:
            self._fitted, self._laid = results.fitted, {}
            if self._fitted is not None:
                wide = self._fitted.size[0]
                seen = shapely.simplify(self._fitted.art, _SEEN * wide, preserve_topology=False)
                rings = shapely.segmentize(shapely.get_rings(shapely.get_parts(seen)), wide / 20)
                self._points, which = shapely.get_coordinates(rings, return_index=True)
                self._starts = np.flatnonzero(np.diff(which, prepend=-1))
        self.mode = results.job.fit.mode
        self.update()

    def cell(self, mode: Mode) -> QRectF:
        """Where a way's picture is."""
        row, column = divmod(MODES.index(mode), _COLUMNS)
        wide = self.width() / _COLUMNS
        return QRectF(column * wide, row * _ROW_HIGH, wide, _ROW_HIGH)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        for mode in MODES:
            if self.cell(mode).contains(event.position()):
                self.taken.emit(mode)

    def paintEvent(self, event: QPaintEvent) -> None:
        key = (self._fitted, self.mode, self.size(), self.devicePixelRatioF())
        if key != self._key:
            self._key, self._left, self._making = key, list(MODES), self._blank()
        if self._left:
            self._paint_next()
        with painting(self) as painter:
            painter.drawPixmap(0, 0, self._picture)

    def _blank(self) -> QPixmap:
        blank = QPixmap(self.size() * self.devicePixelRatioF())
        blank.setDevicePixelRatio(self.devicePixelRatioF())
        blank.fill(Qt.GlobalColor.transparent)
        return blank

    def _paint_next(self) -> None:
        """Paint one way, and ask for the next: each lays the art anew, and four at once would hold up the window."""
        mode = self._left.pop(0)
        with painting(self._making) as painter:
            cell = self.cell(mode).adjusted(2, 2, -2, -2)
            painter.fillRect(cell, QColor(theme.BLACK_CARD))
            if self._fitted is not None and len(self._points):
                painter.setClipRect(cell)
                self._paint_way(painter, cell.adjusted(0, 0, 0, -_WORDS_HIGH), self._fitted, mode)
                painter.setClipping(False)
            self._paint_words(painter, cell, mode)
        if self._left:
            self.update()
        else:
            self._picture = self._making

    def _paint_words(self, painter: QPainter, cell: QRectF, mode: Mode) -> None:
        chosen = mode == self.mode
        painter.setFont(theme.font(0.85, bold=chosen))
        painter.setPen(QColor(theme.LIT_TEXT if chosen else theme.LIT_QUIET))
        foot = QRectF(cell.left(), cell.bottom() - _WORDS_HIGH, cell.width(), _WORDS_HIGH)
        painter.fillRect(foot, QColor(theme.CHROME))
        painter.drawText(foot, Qt.AlignmentFlag.AlignCenter, _WORDS[mode])
        if chosen:
            painter.setPen(QPen(QColor(theme.LIT_ACCENT), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(cell)

    def _paint_way(self, painter: QPainter, cell: QRectF, fitted: Fitted, mode: Mode) -> None:
        camera = _camera(cell, fitted)
        try:
            painter.fillPath(self._seen(fitted, camera, mode), theme.colour(theme.FROST, 0.95))
            if mode != "rim":
                painter.setPen(QPen(theme.colour(theme.LIT_ACCENT, 0.75), 0.8))
                painter.drawPath(self._seen(fitted, camera, "rim"))
        except VitrographError:                                # this art cannot be laid so on this glass
            return
        _paint_sides(painter, camera, fitted)

    def _seen(self, fitted: Fitted, camera: Camera, mode: Mode) -> QPainterPath:
        """The art laid by a way as it is seen; what turns out of sight is drawn at the edge."""
        if mode not in self._laid:
            film = fitted.films[0]
            flat = film.flat if len(fitted.films) == 1 else fitted.wall.sheeting(film.band.s_low, film.band.s_high)
            chart = replace(fitted.chart, flat=flat, mode=mode, u0=0.0, mirrored=False)
            self._laid[mode] = chart.to_wall(self._points)
        wall = self._laid[mode].copy()
        if fitted.wall.closed:
            wall[:, 0] -= _looked_at(fitted)[0]
            edge = camera.edge(np.clip(wall[:, 1], 0.0, fitted.wall.length))
            wall[:, 0] = np.clip(wall[:, 0], -edge, edge)
        return path_of_points(camera.wall_to_screen(wall), self._starts)


def _looked_at(fitted: Fitted) -> tuple[float, float]:
    """How far round from the art's middle what is looked at stands, and how far it goes: the widest of several."""
    if len(fitted.designs) == 1:
        return 0.0, fitted.size[0] / fitted.chart.middle_scale
    return fitted.widest.middle - fitted.chart.u0, fitted.widest.turn


def _camera(cell: QRectF, fitted: Fitted) -> Camera:
    """The eye before the middle of what is looked at, so near that it fills the picture."""
    wall, (wide, high) = fitted.wall, fitted.size
    radius, turn = fitted.chart.middle_scale, _looked_at(fitted)[1]
    across = 2 * radius * sin(min(1.4, turn / 2)) if wall.closed else wide
    scale = 0.8 * min(cell.width() / max(across, 1.0), cell.height() / max(high, 1.0))
    camera = Camera(wall, 0.0, 0.0, fitted.chart.eye_mm, (cell.center().x(), cell.center().y()), scale)
    (_, y), = camera.wall_to_screen(np.array([[0.0, fitted.chart.s0]]))
    return replace(camera, centre=(camera.centre[0], 2 * cell.center().y() - float(y)))


def _paint_sides(painter: QPainter, camera: Camera, fitted: Fitted) -> None:
    """The sides of the glass, where they are in the picture."""
    heights = np.linspace(0.0, fitted.wall.length, 25)
    painter.setPen(QPen(theme.colour(theme.FROST, 0.5), 1.2))
    for side in (-1, 1):
        at = side * camera.edge(heights) if fitted.wall.closed else np.full(25, side * fitted.wall.span / 2)
        painter.drawPath(path_of_points(camera.wall_to_screen(np.column_stack([at, heights]))))
