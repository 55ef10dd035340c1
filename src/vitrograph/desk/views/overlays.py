"""What each station draws over the sheet: fans, findings, blade paths, piece numbers, tape."""

from itertools import pairwise
from typing import TYPE_CHECKING

import numpy as np
import shapely
from PySide6.QtCore import QLineF, QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPen, QPolygonF
from shapely.geometry.base import BaseGeometry

from vitrograph.core.findings import Finding, Level
from vitrograph.core.geometry import Points
from vitrograph.core.pipeline import Results
from vitrograph.core.weed import Piece
from vitrograph.desk.bench.painter_paths import path_of, path_of_points
from vitrograph.desk.kit import theme

if TYPE_CHECKING:
    from vitrograph.desk.views.sheet_view import SheetView


class Overlay:
    """Draws over the sheet for one station."""

    def region(self, results: Results) -> BaseGeometry | None:
        """What, beside the stencil, must be in the picture."""
        return None

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        """Draw, in screen pixels."""


def paint_kept_clear(painter: QPainter, view: "SheetView") -> None:
    """Hatch what no film may lie on."""
    fitted, assessed = view.results.fitted, view.results.assessed
    if fitted is None or assessed is None:
        return
    wall, chart = fitted.wall, fitted.chart
    middle = chart.u0 if wall.closed else 0.0
    whole = shapely.box(middle - wall.span / 2, 0.0, middle + wall.span / 2, wall.length)
    hatch = QBrush(theme.colour(theme.PAPER_LEVELS["stop"], 0.6), Qt.BrushStyle.BDiagPattern)
    for block in assessed.blocks:
        for turn in (-1, 0, 1) if wall.closed else (0,):
            moved = shapely.transform(block.shape, lambda us, by=turn * wall.span: us + [by, 0.0])
            seen = shapely.segmentize(shapely.intersection(moved, whole), 0.05 if wall.closed else 1e6)
            if not seen.is_empty:
                on_sheet = shapely.transform(seen, lambda us: view.to_screen(chart.wall_to_sheet(us)))
                painter.fillPath(path_of(on_sheet), hatch)


class StencilOverlay(Overlay):
    """What is kept clear, where tape guards the glass, marks, ties, and a ring at each finding that has a place."""

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        paint_kept_clear(painter, view)
        demands, sheet = view.results.demands, view.results.sheet
        if demands is not None and sheet is not None and sheet.kind != "decal" and not demands.guard.zone.is_empty:
            zone = path_of(shapely.transform(demands.guard.zone, view.to_screen))
            painter.fillPath(zone, QBrush(theme.colour(theme.PAPER_QUIET, 0.35), Qt.BrushStyle.FDiagPattern))
        if sheet is not None and sheet.marks is not None:
            _stroke(painter, [view.to_screen(path) for path in sheet.marks.paths], QPen(QColor(theme.PAPER), 1.4))
        view.tying.paint(painter)
        for found in view.results.findings("stencil") if view.preview is None else ():
            if found.where is not None:                       # a change that is tried is not hidden by what it mends
                _mark_finding(painter, view, found)


def _mark_finding(painter: QPainter, view: "SheetView", found: Finding) -> None:
    x, y = view.to_screen(np.array([found.where]))[0]
    tone = QColor(theme.PAPER_LEVELS[found.level])
    painter.setPen(QPen(QColor(theme.PAPER), 4))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawEllipse(QPointF(x, y), 7, 7)
    painter.setPen(QPen(tone, 2))
    painter.drawEllipse(QPointF(x, y), 7, 7)
    if found.level is Level.STOP:
        painter.drawLine(QLineF(x - 5, y - 5, x + 5, y + 5))


class CutOverlay(Overlay):
    """The blade's planned paths with the moves between; or what the simulated cutter has cut so far."""

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        cut = view.results.cut
        if cut is None:
            return
        if view.trace is not None:
            self._paint_trace(painter, view, view.trace, view.trace_mm)
            return
        paths = [view.to_screen(path - cut.offset) for path in cut.paths]
        moves = [np.array([a[-1], b[0]]) for a, b in pairwise(paths)]
        _stroke(painter, moves, QPen(theme.colour(theme.PAPER_INK, 0.7), 1, Qt.PenStyle.DotLine))
        _stroke(painter, paths, QPen(QColor("#0E2B28"), 1.3))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.ACCENT))
        for path in paths:
            painter.drawEllipse(QPointF(*path[0]), 2.6, 2.6)

    def _paint_trace(self, painter: QPainter, view: "SheetView", trace: tuple[Points, ...], length: float) -> None:
        left = length
        shown = []
        for line in trace:
            part = _first(line, left)
            left -= float(np.hypot(*np.diff(line, axis=0).T).sum())
            if len(part) > 1:
                shown.append(view.to_screen(part))
            if left <= 0:
                break
        _stroke(painter, shown, QPen(QColor(theme.PAPER), 2.2))
        if shown:
            painter.setPen(QPen(QColor(theme.PAPER_INK), 1.5))
            painter.setBrush(QColor(theme.ACCENT))
            painter.drawEllipse(QPointF(*shown[-1][-1]), 6, 6)


def _first(line: Points, length: float) -> Points:
    """The first `length` mm of a line."""
    along = np.concatenate([[0.0], np.cumsum(np.hypot(*np.diff(line, axis=0).T))])
    if length >= along[-1]:
        return line
    whole = line[along < length]
    end = [np.interp(length, along, line[:, 0]), np.interp(length, along, line[:, 1])]
    return np.concatenate([whole, [end]])


def _stroke(painter: QPainter, lines: list[Points], pen: QPen) -> None:
    if not lines:
        return
    starts = np.cumsum([0, *(len(line) for line in lines[:-1])])
    painter.strokePath(path_of_points(np.concatenate(lines), starts), pen)


class WeedOverlay(Overlay):
    """Numbers on what is to be pulled; what is done turns to paper, what the step is about stands out."""

    def region(self, results: Results) -> BaseGeometry | None:
        return results.weed.pull[0].shape if results.weed else None

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        weed = view.results.weed
        if weed is None:
            return
        at = view.bench.step_at("weed")
        for index, piece in enumerate(weed.pull):
            self._paint_piece(painter, view, piece, done=index < at, now=index == at)
        for piece in weed.stay:
            _fill(painter, view, piece.shape, QColor(theme.ACCENT if at == len(weed.pull) else theme.ISLAND))
        taken: list[QRectF] = []
        for piece in weed.pull[max(at, 1):] if at < len(weed.pull) else weed.stay:
            _number(painter, view, piece, taken)

    def _paint_piece(self, painter: QPainter, view: "SheetView", piece: Piece, *, done: bool, now: bool) -> None:
        if now:
            _fill(painter, view, piece.shape, QColor(theme.ACCENT))
        elif done and piece.kind == "frame":
            return                                            # bare paper, as it is
        elif done:
            _fill(painter, view, piece.shape, QColor(theme.PAPER))
        else:
            _fill(painter, view, piece.shape, QColor("#8CC5BC"))


def _fill(painter: QPainter, view: "SheetView", shape: BaseGeometry, tone: QColor) -> None:
    painter.fillPath(path_of(shapely.transform(shape, view.to_screen)), tone)


def _number(painter: QPainter, view: "SheetView", piece: Piece, taken: list[QRectF]) -> None:
    """A piece's number on it, unless that would cover one already written; enlarging makes room for more."""
    x, y = view.to_screen(np.array([piece.spot]))[0]
    text = str(piece.number)
    painter.setFont(theme.font(0.8, bold=True))
    wide = max(16.0, painter.fontMetrics().horizontalAdvance(text) + 6.0)
    box = QRectF(x - wide / 2, y - 8, wide, 16)
    if any(box.intersects(other) for other in taken):
        return
    taken.append(box)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(theme.colour(theme.PAPER, 0.92))
    painter.drawRoundedRect(box, 8, 8)
    painter.setPen(QColor(theme.PAPER_INK))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)


class TransferOverlay(Overlay):
    """Tape over the stencil, the centre marks, and the rim with the distances to set it by."""

    def region(self, results: Results) -> BaseGeometry | None:
        plan, sheet = results.transfer, results.sheet
        if plan is None or sheet is None:
            return None
        tape = [shapely.box(s.x, s.y, s.x + s.width, s.y + s.height) for s in plan.strips]
        return shapely.union_all([*tape, shapely.linestrings(_rim_line(results))])

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        plan = view.results.transfer
        if plan is None:
            return
        for strip in plan.strips:
            corners = np.array([[strip.x, strip.y + strip.height], [strip.x + strip.width, strip.y]])
            (x0, y0), (x1, y1) = view.to_screen(corners)
            painter.setPen(QPen(QColor("#7A6A3A"), 1.2, Qt.PenStyle.DashLine))
            painter.setBrush(theme.colour("#F7E7B4", 0.35))
            painter.drawRect(QRectF(x0, y0, x1 - x0, y1 - y0))
        self._paint_marks(painter, view)
        self._paint_rim(painter, view)

    def _paint_marks(self, painter: QPainter, view: "SheetView") -> None:
        plan = view.results.transfer
        for setting in plan.settings if plan else ():
            self._paint_arrows(painter, view.to_screen(np.array(setting.marks)))

    def _paint_arrows(self, painter: QPainter, marks: Points) -> None:
        middle = marks.mean(axis=0)
        for x, y in marks:
            way = np.array([x, y]) - middle
            way = way / max(1e-9, float(np.hypot(*way)))
            across = np.array([-way[1], way[0]]) * 6
            tip = QPointF(x, y)
            back = np.array([x, y]) + way * 12
            triangle = QPolygonF([tip, QPointF(*(back + across)), QPointF(*(back - across))])
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(QColor(theme.PAPER_INK))
            painter.drawPolygon(triangle)

    def _paint_rim(self, painter: QPainter, view: "SheetView") -> None:
        results = view.results
        if results.transfer is None or results.sheet is None:
            return
        rim = _rim_line(results)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(QColor(theme.PAPER_LEVELS["watch"]), 2))
        painter.drawPath(path_of_points(view.to_screen(rim)))
        name = "rim" if results.sheet.fitted.wall.closed else "upper edge"
        top = results.transfer.settings[-1]
        gaps = (top.rim_left, top.rim_right)
        mirrored = results.sheet.fitted.chart.mirrored
        painter.setFont(theme.font(0.9))
        ends = view.to_screen(rim[[0, -1]])
        for at, (gap, (x, y)) in enumerate(zip(gaps[::-1] if mirrored else gaps, ends, strict=True)):
            words = f"{view.bench.length(gap, 1)} to the {name}"
            wide = painter.fontMetrics().horizontalAdvance(words) + 16
            outside = abs(ends[1, 0] - ends[0, 0]) < 2 * wide  # a short line has no room for both above it
            left = x - (0 if at == 1 else wide) if outside else x - (wide if at == 1 else 0)
            view.write(painter, QRectF(left, y - 26, wide, 20), words, theme.PAPER_INK, scale=0.9)


def _rim_line(results: Results) -> Points:
    """The rim over the stencil, on the sheet, from its left end to its right."""
    assert results.sheet is not None
    band, fitted = results.sheet.band, results.sheet.fitted
    across = np.linspace(band.u_low, band.u_high, 60)
    line = fitted.chart.wall_to_sheet(np.column_stack([across, np.full_like(across, fitted.wall.length)]))
    return line[np.argsort(line[:, 0])]


class EtchOverlay(Overlay):
    """Cream over the openings."""

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        if view.results.sheet is not None:
            _fill(painter, view, view.results.sheet.openings, QColor("#B9CDD6"))


class FrontOverlay(Overlay):
    """Where the front of the glass is on the whole wall, a tick at the rim and at the base; and what is kept clear."""

    def paint(self, painter: QPainter, view: "SheetView") -> None:
        paint_kept_clear(painter, view)
        fitted = view.results.fitted
        if fitted is None or not fitted.wall.closed:
            return
        low, high = (fitted.films[0].band.s_low, fitted.films[-1].band.s_high) if fitted.curved else (
            0.0, fitted.wall.length)
        tick = 0.04 * (high - low)
        front = np.array([[0.0, s] for s in (low, low + tick, high - tick, high)])
        ends = [QPointF(x, y) for x, y in view.to_screen(fitted.chart.wall_to_sheet(front))]
        painter.setPen(QPen(QColor(theme.PAPER_LEVELS["watch"]), 2))
        painter.drawLines([QLineF(ends[0], ends[1]), QLineF(ends[2], ends[3])])
        view.write(painter, QRectF(ends[3].x() - 40, ends[3].y() - 20, 80, 18), "front",
                   theme.PAPER_LEVELS["watch"], scale=0.85, align=Qt.AlignmentFlag.AlignHCenter)


OVERLAYS: dict[str, Overlay] = {
    "glass": FrontOverlay(), "stencil": StencilOverlay(),
    "cut": CutOverlay(), "weed": WeedOverlay(), "transfer": TransferOverlay(), "etch": EtchOverlay(),
}
