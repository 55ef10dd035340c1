"""The bed: one film with all that is cut of it, its leftover, and the stencil that is held; from its face.

A press takes hold of a stencil, dragging moves it, a double click pins it or lets it go. By keyboard: the arrows move
the chosen one by a millimetre, R turns it, P pins it, Page up and Page down go from film to film.
"""

from math import pi

import numpy as np
import shapely
from msgspec import Struct, field
from msgspec.structs import replace
from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPaintEvent, QPen, QTransform
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.cut import BedSheet, CutWork, SheetRun
from vitrograph.core.cut.laying.nest import Laid, Spot, lies_well
from vitrograph.core.geometry import Points, half_turn, length_of, stretch_of
from vitrograph.core.language import capital, tr
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.painter_paths import path_of_points
from vitrograph.desk.cut.keeper import CutKeeper
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import painting

_MARGINS = (28, 48, 24, 44)        # left, top, right, bottom px round the film
_STEPS = {Qt.Key.Key_Left: (-1.0, 0.0), Qt.Key.Key_Right: (1.0, 0.0), Qt.Key.Key_Up: (0.0, 1.0),
          Qt.Key.Key_Down: (0.0, -1.0)}
_TURN = pi / 12

Whose = tuple[int, int, int]


class _Drawn(Struct):
    """Painter paths of a stencil's openings, and of what stays within them, in mm on the film."""

    openings: QPainterPath = field(default_factory=QPainterPath)
    islands: QPainterPath = field(default_factory=QPainterPath)


class BedView(QWidget):
    """What lies on one film; `number` is which."""

    shown = Signal()

    def __init__(self, bench: Bench, keeper: CutKeeper) -> None:
        super().__init__()
        self.bench, self.keeper = bench, keeper
        self.setObjectName("bedView")
        self.setAccessibleName(tr("The film with all stencils that are cut of it"))
        self.setMinimumSize(theme.LEAST_VIEW)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.number = 0
        self.chosen: Whose | None = None
        self.trace: tuple[Points, ...] | None = None
        self.trace_mm = 0.0
        self._held: tuple[Laid, QPointF] | None = None
        self._moved: Laid | None = None
        self._drawn: dict[int, dict[Whose, _Drawn]] = {}        # by film, what is painted of each stencil, made once
        keeper.laid.connect(self._take)

    # -- what is shown -------------------------------------------------------------------------------------------

    @property
    def work(self) -> CutWork | None:
        """What was laid last."""
        return self.keeper.work

    @property
    def run(self) -> SheetRun | None:
        """The film shown, with its cuts."""
        runs = self.work.runs if self.work is not None else ()
        return runs[min(self.number, len(runs) - 1)] if runs else None

    def go(self, number: int) -> None:
        """Show another film."""
        runs = self.work.runs if self.work is not None else ()
        self.number = min(max(number, 0), max(len(runs) - 1, 0))
        self.show_trace(None)
        self.shown.emit()

    def show_trace(self, trace: tuple[Points, ...] | None, length: float = 0.0) -> None:
        """Show the first `length` mm of what the simulated cutter cut of this film."""
        self.trace, self.trace_mm = trace, length
        self.update()

    def _take(self) -> None:
        self._drawn = {}
        self._held = self._moved = None
        self.go(self.number)

    def frame(self) -> tuple[float, float, float]:
        """Pixels per mm, and the screen place of the film's corner; y runs up on the film."""
        run = self.run
        film = run.sheet.film if run is not None else None
        long, wide = (film.length, film.width) if film is not None else (300.0, 300.0)
        long = min(long, max(run.sheet.used[0] * 1.35, 1.3 * wide)) if run is not None else long    # a roll goes on
        room = QRectF(self.rect()).adjusted(_MARGINS[0], _MARGINS[1], -_MARGINS[2], -_MARGINS[3])
        scale = max(0.02, min(room.width() / long, room.height() / wide))
        return scale, room.center().x() - long * scale / 2, room.center().y() + wide * scale / 2

    def to_film(self, place: QPointF) -> tuple[float, float]:
        """A screen place on the film, mm."""
        scale, x, y = self.frame()
        return (place.x() - x) / scale, (y - place.y()) / scale

    def to_screen(self, points: Points) -> Points:
        """(n, 2) mm on the film to the screen."""
        scale, x, y = self.frame()
        return np.asarray(points * [scale, -scale] + [x, y])

    # -- painting ------------------------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.fillRect(self.rect(), QColor(theme.PAPER))
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.setFont(theme.font(0.95))
            painter.setPen(QColor(theme.PAPER_INK))
            run = self.run
            if run is None:
                painter.drawText(self.rect().adjusted(24, 0, -24, 0),
                                 Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap,
                                 capital(self.keeper.says) or tr("the stencils are being laid out"))
                return
            self._paint_film(painter, run.sheet)
            self._paint_stencils(painter, run)
            if self.trace is not None:
                self._paint_trace(painter, self.trace)
            self._paint_words(painter, run.sheet)

    def _rect(self, left: float, low: float, right: float, high: float) -> QRectF:
        (x1, y1), (x2, y2) = self.to_screen(np.array([[left, high], [right, low]]))
        return QRectF(x1, y1, x2 - x1, y2 - y1)

    def _paint_film(self, painter: QPainter, sheet: BedSheet) -> None:
        """The film: what is used in its colour, faint, what is left plain; its margin dashed."""
        film, used = sheet.film, sheet.used[0]
        tone = theme.colour(theme.FILM, 0.22)
        painter.fillRect(self._rect(0, 0, film.length, film.width), theme.colour(theme.FILM, 0.07))
        painter.fillRect(self._rect(0, 0, min(used, film.length), film.width), tone)
        painter.setPen(QPen(QColor(theme.PAPER_INK), 1.2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(self._rect(0, 0, film.length, film.width))
        painter.setPen(QPen(theme.colour(theme.PAPER_INK, 0.4), 1, Qt.PenStyle.DashLine))
        painter.drawRect(self._rect(film.margin, film.margin, film.length - film.margin, film.width - film.margin))
        if used < film.length - 0.5:
            painter.setPen(QPen(QColor(theme.PAPER_INK), 1.4, Qt.PenStyle.DashDotLine))
            (x, top), (_, foot) = self.to_screen(np.array([[used, film.width], [used, 0.0]]))
            painter.drawLine(QPointF(x, top), QPointF(x, foot))

    def _paint_stencils(self, painter: QPainter, run: SheetRun) -> None:
        for one in run.sheet.laid:
            moved = self._moved is not None and one.part.whose == self._moved.part.whose
            here = self._moved if moved and self._moved is not None else one
            self._paint_one(painter, run, one, here, moved)

    def _paint_one(self, painter: QPainter, run: SheetRun, one: Laid, here: Laid, moved: bool) -> None:
        """One stencil where it lies, or where it is held."""
        outline = path_of_points(self.to_screen(np.asarray(here.shape.exterior.coords)))
        well = not moved or self._lies_well(here)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.FILM) if well else theme.colour(theme.LIT_STOP, 0.8))
        painter.drawPath(outline)
        if not moved:
            drawn, (scale, x, y) = self._drawn_of(run)[one.part.whose], self.frame()
            painter.save()
            painter.setTransform(QTransform(scale, 0, 0, -scale, x, y))
            painter.fillPath(drawn.openings, QColor(theme.PAPER))
            painter.fillPath(drawn.islands, QColor(theme.FILM).darker(120))
            painter.restore()
        if one.part.whose == self.chosen or one.part.key == self.bench.job.key:
            chosen = one.part.whose == self.chosen
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(QColor(theme.LIT_ACCENT), 3.0 if chosen else 1.6,
                                Qt.PenStyle.SolidLine if chosen else Qt.PenStyle.DashLine))
            painter.drawPath(outline)
        self._paint_name(painter, here)

    def _drawn_of(self, run: SheetRun) -> "dict[Whose, _Drawn]":
        """What is painted of each stencil of a film, in its mm."""
        if self.number not in self._drawn:
            made = {one.part.whose: _Drawn() for one in run.sheet.laid}
            for cut in run.cuts:
                if cut.kind in ("opening", "island"):
                    drawn = made[cut.whose]
                    (drawn.openings if cut.kind == "opening" else drawn.islands).addPath(path_of_points(cut.tip))
            self._drawn[self.number] = made
        return self._drawn[self.number]

    def _paint_name(self, painter: QPainter, here: Laid) -> None:
        """Its name and which copy it is, on a plate that is read on any ground."""
        left, low, right, high = here.shape.bounds
        words = here.part.called + (tr(" · pinned") if here.pinned else "")
        box = painter.fontMetrics().boundingRect(words).adjusted(-5, -2, 5, 2)
        spot = self.to_screen(np.array([[(left + right) / 2, low + 0.08 * (high - low)]]))[0]
        plate = QRectF(box)
        plate.moveCenter(QPointF(*spot))
        assert self.run is not None
        film = self._rect(0, 0, self.run.sheet.film.length, self.run.sheet.film.width)
        plate.translate(max(film.left() - plate.left(), 0) - max(plate.right() - film.right(), 0), 0)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(theme.colour(theme.PAPER, 0.92))
        painter.drawRoundedRect(plate, 3, 3)
        painter.setPen(QColor(theme.PAPER_INK))
        painter.drawText(plate, Qt.AlignmentFlag.AlignCenter, words)

    def _paint_trace(self, painter: QPainter, trace: tuple[Points, ...]) -> None:
        left, at = self.trace_mm, None
        painter.setPen(QPen(QColor(theme.PAPER_INK), 1.6))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for line in trace:
            part = stretch_of(line, 0.0, min(left, length_of(line)))
            left -= length_of(line)
            if len(part) > 1:
                seen = self.to_screen(part)
                painter.drawPath(path_of_points(seen))
                at = seen[-1]
            if left <= 0:
                break
        if at is not None:
            painter.setBrush(QColor(theme.LIT_ACCENT))
            painter.drawEllipse(QPointF(*at), 6, 6)

    def _paint_words(self, painter: QPainter, sheet: BedSheet) -> None:
        """Above the film what it is, below it what is used and left."""
        assert self.work is not None
        film, length = sheet.film, self.bench.length
        painter.setPen(QColor(theme.PAPER_INK))
        number = min(self.number, len(self.work.runs) - 1)
        name = tr("Film {number} of {runs}: {name}, ", number=number + 1, runs=len(self.work.runs),
                  name=sheet.stock.name)
        box = self._rect(0, 0, film.length, film.width)
        painter.drawText(QPointF(_MARGINS[0], max(box.top() - 12, 20)),
                         tr("{name}{length} wide, {length2} long", name=name, length=length(film.width, 0),
                            length2=length(film.length, 0)))
        left = tr(", {length} left over", length=length(sheet.left_over, 0)) if sheet.left_over > 0.5 else ""
        painter.drawText(QPointF(_MARGINS[0], box.bottom() + 22), tr("{length} used{left}",
                                                                     length=length(sheet.used[0], 0), left=left))

    # -- by hand -------------------------------------------------------------------------------------------------

    def _lies_well(self, here: Laid) -> bool:
        run = self.run
        assert run is not None
        others = [one for one in run.sheet.laid if one.part.whose != here.part.whose]
        return lies_well([*others, here], run.sheet.film)

    def at(self, place: QPointF) -> Laid | None:
        """The stencil at a place on the screen."""
        run, point = self.run, shapely.Point(self.to_film(place))
        return next((one for one in run.sheet.laid if one.shape.contains(point)), None) if run is not None else None

    def mousePressEvent(self, event: QMouseEvent) -> None:
        one = self.at(event.position())
        self.chosen = one.part.whose if one is not None else None
        self._held = (one, event.position()) if one is not None else None
        self.update()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._held is None:
            return
        one, begun = self._held
        (x, y), (x0, y0) = self.to_film(event.position()), self.to_film(begun)
        self._moved = replace(one, spot=Spot(one.spot.x + x - x0, one.spot.y + y - y0, one.spot.turn), pinned=True)
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        moved, self._held, self._moved = self._moved, None, None
        if moved is not None:
            self.put(moved)
        self.update()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        one = self.at(event.position())
        if one is not None:
            self.put(replace(one, pinned=not one.pinned))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        run, key = self.run, Qt.Key(event.key())
        if key in (Qt.Key.Key_PageUp, Qt.Key.Key_PageDown) and not event.modifiers():
            self.go(self.number + (1 if key == Qt.Key.Key_PageDown else -1))
            return
        one = next((one for one in run.sheet.laid if one.part.whose == self.chosen), None) if run is not None else None
        if one is None:
            super().keyPressEvent(event)
        elif key in _STEPS:
            x, y = _STEPS[key]
            self.put(replace(one, spot=replace(one.spot, x=one.spot.x + x, y=one.spot.y + y), pinned=True))
        elif key == Qt.Key.Key_R:
            self.put(replace(one, spot=replace(one.spot, turn=half_turn(one.spot.turn + _TURN)), pinned=True))
        elif key == Qt.Key.Key_P:
            self.put(replace(one, pinned=not one.pinned))
        else:
            super().keyPressEvent(event)

    def put(self, moved: Laid) -> None:
        """Keep a stencil where it was put, and all others where they lie; say why where it cannot lie there."""
        run, work = self.run, self.work
        if run is None or work is None:
            return
        if not self._lies_well(moved):
            gap, edge = self.bench.length(run.sheet.film.gap), self.bench.length(run.sheet.film.margin)
            self.bench.refused.emit(tr("it cannot lie there: {gap} from other stencils and {edge} from the film's "
                                       "edge are kept free", gap=gap, edge=edge))
            return
        spot = moved.spot
        laid = tuple(
            replace(one, x=spot.x, y=spot.y, turn=spot.turn, pinned=moved.pinned)
            if (one.key, one.film, one.copy) == moved.part.whose else one for one in work.bed.lying())
        self.bench.edit(tr("Place of a stencil"), cut__laid=laid)
