"""The weed station's overlay: what is to be pulled, the bit at hand with its hook and pull, and how far the work is."""

import numpy as np
import shapely
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPainterPath, QPen, QPolygonF
from shapely.geometry.base import BaseGeometry

from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.core.weed import Bit, WeedPlan, place_labels
from vitrograph.desk.bench.painter_paths import path_of_each
from vitrograph.desk.kit import theme
from vitrograph.desk.views.sheet_view import Overlay, SheetView

_NUMBERS = 6                       # of the bits that come next
_PULL_PX, _HOOK_PX, _HOLD_PX = 46.0, 5.0, 9.0


class WeedOverlay(Overlay):
    """Numbers beside what comes next; what is done turns to paper, the bit at hand stands out with its hook."""

    def region(self, results: Results) -> BaseGeometry | None:
        return shapely.union_all([bit.shape for bit in results.weed.pull if bit.kind == "frame"]
                                 ) if results.weed else None

    def __init__(self) -> None:
        self._paths: dict[int, QPainterPath] = {}             # of each bit by its number, in sheet mm
        self._plan: WeedPlan | None = None
        self._labels: tuple[object, dict[int, tuple[QPointF, QPointF]]] = (None, {})

    def paint(self, painter: QPainter, view: SheetView) -> None:
        weed = view.results.weed
        if weed is None:
            return
        if weed is not self._plan:
            paths = path_of_each([bit.shape for bit in weed.bits])
            self._plan, self._paths = weed, {bit.number: path for bit, path in zip(weed.bits, paths, strict=True)}
            self._labels = (None, {})
        making = view.bench.making                            # of the plan that is shown, which may not be the newest
        refs = making.refs("weed", view.results.job.key, view.bench.work.copy("weed"), weed.steps)
        done = [ref in making.progress.done for ref in refs]
        at = making.progress.first_open(refs)
        with view.in_sheet_mm(painter):
            for index, bit in enumerate(weed.pull):
                self._paint_bit(painter, bit, done=done[index], now=index == at)
            stays = QColor(theme.LIT_ACCENT if at == len(weed.pull) else theme.ISLAND)
            for bit in weed.stay:
                painter.fillPath(self._paths[bit.number], stays)
        if at < len(weed.pull):
            coming = [bit for bit, gone in zip(weed.pull, done, strict=False) if not gone and bit.kind == "opening"]
            self._paint_numbers(painter, view, coming[:_NUMBERS])
            _paint_pull(painter, view, weed.pull[at])
        else:
            self._paint_numbers(painter, view, list(weed.stay[:_NUMBERS]))

    def _paint_bit(self, painter: QPainter, bit: Bit, *, done: bool, now: bool) -> None:
        if done and bit.kind == "frame":
            return                                            # bare paper, as it is
        tone = theme.LIT_ACCENT if now else theme.PAPER if done else "#8CC5BC"
        painter.fillPath(self._paths[bit.number], QColor(tone))

    def _paint_numbers(self, painter: QPainter, view: SheetView, bits: list[Bit]) -> None:
        """Numbers beside the bits that come next, each with a thin line to it, never upon a letter."""
        key = (view.frame(), tuple(bit.number for bit in bits))
        if self._labels[0] != key:
            self._labels = (key, _labels(painter, view, bits))
        painter.setFont(theme.font(0.85, bold=True))
        for bit in bits:
            place = self._labels[1].get(bit.number)
            if place is None:
                continue
            at, to = place
            painter.setPen(QPen(QColor(theme.PAPER_INK), 1))
            painter.drawLine(at, to)
            box = QRectF(at.x() - 14, at.y() - 9, 28, 18)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(theme.colour(theme.PAPER, 0.94))
            painter.drawRoundedRect(box, 9, 9)
            painter.setPen(QColor(theme.PAPER_INK))
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, str(bit.number))


def _labels(painter: QPainter, view: SheetView, bits: list[Bit]) -> dict[int, tuple[QPointF, QPointF]]:
    """Where numbers stand on the screen, and the places that their lines lead to."""
    sheet = view.results.sheet
    if sheet is None or not bits:
        return {}
    mm = 1 / view.frame()[0]
    spots = np.array([bit.lead for bit in bits])
    sizes = np.tile([28.0 * mm, 18.0 * mm], (len(bits), 1))
    placed = place_labels(spots, sizes, [*shapely.get_parts(sheet.openings), *sheet.islands])
    made = {}
    for bit, label in zip(bits, placed, strict=True):
        if label is not None:
            (x, y), (to_x, to_y) = view.to_screen(np.array([label.at, label.to])).tolist()
            made[bit.number] = (QPointF(x, y), QPointF(to_x, to_y))
    return made


def _paint_pull(painter: QPainter, view: SheetView, bit: Bit) -> None:
    """Where to hook the bit at hand, which way to draw it off, and what a finger holds down."""
    pull = bit.pull
    if pull is None:
        return
    x, y = view.to_screen(np.array([pull.hook]))[0].tolist()
    ink = QColor(theme.PAPER_INK)
    if pull.hold is not None:
        held = QPointF(*view.to_screen(np.array([pull.hold]))[0].tolist())
        painter.setPen(QPen(ink, 2, Qt.PenStyle.DotLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(held, _HOLD_PX, _HOLD_PX)
        view.write(painter, QRectF(held.x() - 30, held.y() + _HOLD_PX, 60, 18), tr("hold"), theme.PAPER_INK, scale=0.8,
                   align=Qt.AlignmentFlag.AlignHCenter)
    painter.setPen(QPen(ink, 2))
    painter.setBrush(QColor(theme.PAPER))
    painter.drawEllipse(QPointF(x, y), _HOOK_PX, _HOOK_PX)
    if pull.direction is None:
        return
    way = np.array([np.cos(pull.direction), -np.sin(pull.direction)])
    tip, across = np.array([x, y]) + _PULL_PX * way, np.array([way[1], -way[0]])
    painter.drawLine(QPointF(x, y), QPointF(*tip))
    painter.setBrush(ink)
    painter.drawPolygon(QPolygonF([QPointF(*tip), QPointF(*(tip - 10 * way + 5 * across)),
                                   QPointF(*(tip - 10 * way - 5 * across))]))
