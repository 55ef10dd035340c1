"""The ways of laying side by side: the art on this glass by each of them, seen from the front."""

from dataclasses import replace
from typing import get_args

import numpy as np
import shapely
from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.fit import Fitted, Lay
from vitrograph.core.geometry import Points
from vitrograph.core.glass import eye_before
from vitrograph.core.job import Mode
from vitrograph.core.pipeline import Results
from vitrograph.desk import theme
from vitrograph.desk.drawing import path_of_points
from vitrograph.desk.views.camera import Camera

MODES: tuple[Mode, ...] = get_args(Mode)

_HIGH = 92
_SEEN = 0.15                       # mm: finer than this picture shows
_LEVEL_STEPS = 40


class WaysPicture(QWidget):
    """A small front view for each way; a click takes it. A level line through the middle shows what droops."""

    taken = Signal(object)

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("waysPicture")
        self.setAccessibleName("The art on this glass by each way of laying")
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self._fitted: Fitted | None = None
        self._points: Points = np.empty((0, 2))
        self._starts = np.zeros(0, dtype=int)
        self._eye = 600.0
        self.mode: Mode = "rim"

    def sizeHint(self) -> QSize:
        return QSize(260, _HIGH)

    def show_results(self, results: Results) -> None:
        """Take the art of new results, no finer than the picture shows."""
        if results.fitted is not self._fitted:
            self._fitted = results.fitted
            if self._fitted is not None:
                seen = shapely.simplify(self._fitted.art, _SEEN, preserve_topology=False)
                rings = shapely.segmentize(shapely.get_rings(shapely.get_parts(seen)), self._fitted.size[0] / 20)
                self._points, which = shapely.get_coordinates(rings, return_index=True)
                self._starts = np.flatnonzero(np.diff(which, prepend=-1))
        if results.wall is not None:
            self._eye = eye_before(results.wall, results.job.stencil.viewing_mm)
        self.mode = results.job.fit.mode
        self.update()

    def cell(self, mode: Mode) -> QRectF:
        """Where a way's picture is."""
        wide = self.width() / len(MODES)
        return QRectF(MODES.index(mode) * wide, 0, wide, self.height())

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.taken.emit(next(mode for mode in MODES if self.cell(mode).contains(event.position())))

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for mode in MODES:
            cell = self.cell(mode).adjusted(2, 2, -2, -2)
            painter.fillRect(cell, QColor(theme.BLACK_CARD))
            if self._fitted is not None and len(self._points):
                painter.save()
                painter.setClipRect(cell)
                self._paint_way(painter, cell, self._fitted, mode)
                painter.restore()
            if mode == self.mode:
                painter.setPen(QPen(QColor(theme.ACCENT), 2))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawRect(cell)
        painter.end()

    def _paint_way(self, painter: QPainter, cell: QRectF, fitted: Fitted, mode: Mode) -> None:
        lay = Lay(fitted.wall, fitted.films[0].flat if len(fitted.films) == 1 else fitted.wall.sheeting(
            fitted.films[0].band.s_low, fitted.films[-1].band.s_high), mode, fitted.lay.s0, 0.0, False,
            fitted.lay.turn, fitted.lay.eye_mm, fitted.lay.eye_angle)
        camera = self._camera(cell, fitted)
        level = np.linspace(-1.2, 1.2, _LEVEL_STEPS) if fitted.wall.closed else np.array([-0.5, 0.5]) * fitted.wall.span
        line = camera.wall_to_screen(np.column_stack([level, np.full_like(level, fitted.lay.s0)]))
        try:
            seen = camera.wall_to_screen(self._in_sight(lay, camera))
        except VitrographError:                                # this art cannot be laid so on this glass
            return
        painter.fillPath(path_of_points(seen, self._starts), theme.colour(theme.FROST, 0.95))
        painter.setPen(QPen(theme.colour(theme.ACCENT, 0.8), 1, Qt.PenStyle.DotLine))
        painter.drawPath(path_of_points(line))
        self._paint_sides(painter, camera, fitted)

    def _in_sight(self, lay: Lay, camera: Camera) -> Points:
        """The art on the wall; what turns out of sight is drawn at the edge."""
        wall = lay.to_wall(self._points)
        if not lay.wall.closed:
            return wall
        edge = camera.edge(np.clip(wall[:, 1], 0.0, lay.wall.length))
        return np.column_stack([np.clip(wall[:, 0], -edge, edge), wall[:, 1]])

    def _camera(self, cell: QRectF, fitted: Fitted) -> Camera:
        """The eye before the front, near enough that the art fills the picture."""
        wide, high = fitted.size
        turn = min(1.0, wide / 2 / fitted.lay.middle_scale) if fitted.wall.closed else 0.0
        across = 2 * fitted.lay.middle_scale * float(np.sin(turn)) if fitted.wall.closed else wide
        scale = 0.8 * min(cell.width() / max(across, 1.0), cell.height() / max(high * 1.3, 1.0))
        middle = fitted.wall.in_space(np.array([[0.0, fitted.lay.s0]]))[0]
        raised = (middle[2] - fitted.wall.upright / 2) * scale
        camera = Camera(fitted.wall, 0.0, 0.0, self._eye, (cell.center().x(), cell.center().y() + raised), scale)
        (_, y), = camera.wall_to_screen(np.array([[0.0, fitted.lay.s0]]))
        return replace(camera, centre=(camera.centre[0], camera.centre[1] + cell.center().y() - float(y)))

    def _paint_sides(self, painter: QPainter, camera: Camera, fitted: Fitted) -> None:
        """The sides of the glass, where they are in the picture."""
        heights = np.linspace(0.0, fitted.wall.length, 25)
        painter.setPen(QPen(theme.colour(theme.FROST, 0.5), 1.2))
        for side in (-1, 1):
            at = side * camera.edge(heights) if fitted.wall.closed else np.full(25, side * fitted.wall.span / 2)
            painter.drawPath(path_of_points(camera.wall_to_screen(np.column_stack([at, heights]))))
