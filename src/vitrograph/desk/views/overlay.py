"""What overlays of the rooms have in common: what is kept clear, lines and areas told in sheet mm, and the front."""

import numpy as np
import shapely
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPen
from shapely.geometry.base import BaseGeometry

from vitrograph.core.fit import Film, Fitted, Parted
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.desk.bench.painter_paths import path_of, path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.sheet_view import Overlay, SheetView

_SEEN_PX = 0.2                     # less than an eye sees
_ROUND_A_FILM_MM = 5.0             # of wall is shown round each of several films; the next on the sheet is 12 mm off


def on_sheet(fitted: Fitted, shape: BaseGeometry) -> BaseGeometry:
    """A shape on the wall (u, s) as the sheet shows it: of several films, what lies on each and a little round it."""
    chart = fitted.chart
    if not isinstance(chart.flat, Parted):
        return shapely.transform(shape, chart.wall_to_sheet)
    parts = []
    for number, film in enumerate(fitted.films):
        band, beside = film.band, _ROUND_A_FILM_MM / chart.middle_scale
        near = shapely.box(band.u_low - beside, band.s_low - _ROUND_A_FILM_MM, band.u_high + beside,
                           band.s_high + _ROUND_A_FILM_MM).intersection(shapely.box(*chart.flat.own(number)))
        here = shapely.transform(near, lambda us: us + [chart.u0, 0.0])
        parts.append(shapely.transform(shapely.intersection(shape, here), chart.wall_to_sheet))
    return shapely.union_all(parts)


def paint_kept_clear(painter: QPainter, view: SheetView) -> None:
    """Hatch what no film may lie on."""
    fitted, assessed = view.results.fitted, view.results.assessed
    if fitted is None or assessed is None:
        return
    wall = fitted.wall
    middle = fitted.chart.u0 if wall.closed else 0.0
    whole = shapely.box(middle - wall.span / 2, 0.0, middle + wall.span / 2, wall.length)
    hatch = QBrush(theme.colour(theme.PAPER_LEVELS["stop"], 0.6), Qt.BrushStyle.BDiagPattern)
    for block in assessed.blocks:
        for turn in (-1, 0, 1) if wall.closed else (0,):
            moved = shapely.transform(block.shape, lambda us, by=turn * wall.span: us + [by, 0.0])
            seen = shapely.segmentize(shapely.intersection(moved, whole), 0.05 if wall.closed else 1e6)
            if not seen.is_empty:
                painter.fillPath(path_of(shapely.transform(on_sheet(fitted, seen), view.to_screen)), hatch)


def stroke(painter: QPainter, lines: list[Points], pen: QPen) -> None:
    """Stroke lines of screen points, with no more of them than can be seen."""
    long = [line for line in lines if len(line) > 1]
    if long:
        index = np.repeat(np.arange(len(long)), [len(line) for line in long])
        seen = shapely.simplify(shapely.linestrings(np.concatenate(long), indices=index), _SEEN_PX)
        points, which = shapely.get_coordinates(seen, return_index=True)
        painter.strokePath(path_of_points(points, np.flatnonzero(np.diff(which, prepend=-1))), pen)


def fill(painter: QPainter, view: SheetView, shape: BaseGeometry, tone: QColor) -> None:
    """Fill an area of the sheet."""
    painter.fillPath(path_of(shapely.transform(shape, view.to_screen)), tone)


class FrontOverlay(Overlay):
    """Where the front of the glass is on the whole wall, a tick at the rim and at the base; and what is kept clear."""

    def paint(self, painter: QPainter, view: SheetView) -> None:
        paint_kept_clear(painter, view)
        fitted = view.results.fitted
        if fitted is None or not fitted.wall.closed:
            return
        painter.setPen(QPen(QColor(theme.PAPER_LEVELS["watch"]), 2))
        for film in _films_at_the_front(fitted):
            low, high = (0.0, fitted.wall.length) if fitted.on_one_wall else (film.band.s_low, film.band.s_high)
            tick = 0.04 * (high - low)
            front = np.array([[-fitted.chart.u0, s] for s in (low, low + tick, high - tick, high)])
            at = view.to_screen(fitted.chart.flipped(film.flat.develop(front)))    # its own: films lap
            ends = [QPointF(x, y) for x, y in at]
            painter.drawLines([QLineF(ends[0], ends[1]), QLineF(ends[2], ends[3])])
            view.write(painter, QRectF(ends[3].x() - 40, ends[3].y() - 20, 80, 18), tr("front"),
                       theme.PAPER_LEVELS["watch"], scale=0.85, align=Qt.AlignmentFlag.AlignHCenter)


def _films_at_the_front(fitted: Fitted) -> list[Film]:
    """A single film, wherever it stands; of several those that the front crosses."""
    films = fitted.films
    return [film for film in films if len(films) == 1 or film.band.u_low <= -fitted.chart.u0 <= film.band.u_high]
