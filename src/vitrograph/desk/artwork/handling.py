"""Handling items on the sheet: pick, drag, size, turn; they snap to the middle line and to each other."""

from collections.abc import Callable
from itertools import count

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from PySide6.QtCore import QPointF, Qt, QTimer
from PySide6.QtGui import QColor, QPainter, QPen

from vitrograph.core.artwork import Placed
from vitrograph.core.artwork.composing.grip import Snap, pulled_by_corner, pulled_by_side, snapped, turned_towards
from vitrograph.core.artwork.composing.place import common_box
from vitrograph.core.geometry import Points
from vitrograph.core.job import Item
from vitrograph.core.language import tr
from vitrograph.desk.artwork.overlay import paint_dot, paint_line, paint_quad
from vitrograph.desk.bench.held import HeldArt
from vitrograph.desk.bench.painter_paths import path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.sheet_tool import SheetTool
from vitrograph.desk.views.sheet_view import SheetView

_REACH_PX = 8.0                    # how near the pointer must be to a handle, and sides to each other to snap
_TURN_PX = 26.0                    # from the top side to the turning handle
_STARTS_PX = 3.0                   # a press that moves less than this only picks
_FIRST_PULL = 1_000_000              # each pull is an undo step of its own
_REST_MS = 60                      # of rest before what is held is taken over into the job
_FINE_PX = 0.3                     # how far outlines may stray while they are held
_NUDGE_MM, _FAR_MM = 0.5, 5.0
_MANY = Qt.KeyboardModifier.ShiftModifier | Qt.KeyboardModifier.ControlModifier


class _Grip(Struct, frozen=True):
    """What was taken hold of: a pull turns the pointer's place into held items."""

    label: str
    start: Points
    pull: Callable[[Points], list[Item]]
    merge: int


class Handling(SheetTool):
    """What the pointer and the arrow keys do to items on one sheet view."""

    def __init__(self, view: SheetView) -> None:
        self.view, self.bench = view, view.bench
        self._grip: _Grip | None = None
        self._pressed: QPointF | None = None
        self._snap = Snap((0.0, 0.0))
        self._turns = count(_FIRST_PULL)
        self._rest = QTimer(view, singleShot=True, interval=_REST_MS)
        self._rest.timeout.connect(self._commit)

    # -- frames --------------------------------------------------------------------------------------------------

    @property
    def works(self) -> bool:
        """Whether items can be handled now; those of a row whose size follows a rule are placed by that."""
        results = self.view.results
        return (self.bench.station == "artwork" and results.art is not None and results.fitted is not None
                and results.art.grown == (1.0, 1.0))

    def _placed(self) -> tuple[Placed, ...]:
        art = self.view.results.art
        return art.placed if art is not None else ()

    def to_art(self, x: float, y: float) -> Points:
        """A screen point in the artwork's frame, by the map in use."""
        fitted = self.view.results.fitted
        assert fitted is not None
        return np.asarray(fitted.chart.sheet_to_art(np.array([self.view.to_sheet(x, y)]))[0] + fitted.middle)

    def to_screen(self, points: Points) -> Points:
        """(n, 2) points of the artwork to the screen."""
        fitted = self.view.results.fitted
        assert fitted is not None
        return self.view.to_screen(fitted.chart.to_sheet(points - fitted.middle))

    # -- picking -------------------------------------------------------------------------------------------------

    def piece_at(self, x: float, y: float) -> Placed | None:
        """The uppermost item whose ink is under the pointer, else the uppermost whose box is."""
        point = self.to_art(x, y)
        near = _STARTS_PX / self.view.frame()[0]
        upper = [placed for placed in reversed(self._placed()) if not placed.shape.is_empty]
        spot = shapely.Point(point)
        on_ink = next((placed for placed in upper if shapely.dwithin(placed.shape, spot, near)), None)
        return on_ink or next((p for p in upper if shapely.Polygon(p.corners).contains(spot)), None)

    def press(self, at: QPointF, modifiers: Qt.KeyboardModifier) -> bool:
        """Take hold of a handle or an item; False where there is none."""
        if not self.works:
            return False
        if self.bench.held_art is not None:                       # the last pull is still being worked out
            return True
        point = self.to_art(at.x(), at.y())
        grip = self._handle_at(at, point)
        if grip is None:
            placed = self.piece_at(at.x(), at.y())
            if placed is None:
                return False
            self._pick(placed.item.key, many=bool(modifiers & _MANY))
            grip = self._by_body(point)
        self._grip, self._pressed = grip, at
        return True

    def _pick(self, key: int, *, many: bool) -> None:
        chosen = self.bench.chosen
        if many:
            kept = tuple(other for other in chosen if other != key)
            self.bench.choose(*(kept if key in chosen and kept else (*kept, key)))
        elif key not in chosen:
            self.bench.choose(key)

    def _handle_at(self, at: QPointF, point: Points) -> _Grip | None:
        placed = self.chosen_alone()
        if placed is None:
            return None
        for number, (name, place) in enumerate(self._handles(placed)):
            if np.hypot(*(place - [at.x(), at.y()])) <= _REACH_PX + 2:
                return self._by_handle(placed, name, number, point)
        return None

    def chosen_alone(self) -> Placed | None:
        """The chosen item, where it is one and can be seen."""
        chosen = self.bench.chosen
        if len(chosen) != 1:
            return None
        return next((p for p in self._placed() if p.item.key == chosen[0] and not p.shape.is_empty), None)

    def _handles(self, placed: Placed) -> list[tuple[str, Points]]:
        """The chosen item's handles on the screen: turning first, then corners, then sides if they may be pulled."""
        corners = placed.corners
        top = (corners[2] + corners[3]) / 2
        up = top - corners.mean(axis=0)
        ends = self.to_screen(np.array([top, top + up / max(float(np.hypot(*up)), 1e-9)]))
        way = ends[1] - ends[0]
        handles = [("turn", ends[0] + way / max(float(np.hypot(*way)), 1e-9) * _TURN_PX)]
        handles += [("corner", place) for place in self.to_screen(corners)]
        if self.bench.free:
            sides = (np.roll(corners, -1, axis=0) + np.roll(corners, -2, axis=0)) / 2
            handles += [("side", place) for place in self.to_screen(sides)]
        return handles

    # -- grips ---------------------------------------------------------------------------------------------------

    def _by_handle(self, placed: Placed, name: str, number: int, point: Points) -> _Grip:
        off = np.zeros(2)
        if name == "turn":
            return _Grip(tr("Turn an item"), point, lambda to: [turned_towards(placed, (to[0], to[1]))],
                         next(self._turns))
        if name == "corner":
            off = placed.corners[number - 1] - point
            return _Grip(tr("Size an item"), point, lambda to: [pulled_by_corner(
                placed, number - 1, tuple(to + off), free=self.bench.free)], next(self._turns))
        return _Grip(tr("Stretch an item"), point, lambda to: [pulled_by_side(placed, number - 5, (to[0], to[1]))],
                     next(self._turns))

    def _by_body(self, start: Points) -> _Grip:
        chosen = [placed for placed in self._placed() if placed.item.key in self.bench.chosen]
        whole = common_box(placed.box for placed in chosen)
        others = [placed.box for placed in self._placed() if placed not in chosen and not placed.shape.is_empty]

        def pull(to: Points) -> list[Item]:
            reach = _REACH_PX / self.view.frame()[0]
            self._snap = snapped(whole, (float(to[0] - start[0]), float(to[1] - start[1])), others, reach)
            dx, dy = self._snap.step
            return [placed.item.with_(x=placed.item.x + dx, y=placed.item.y + dy) for placed in chosen]

        return _Grip(tr("Move items") if len(chosen) > 1 else tr("Move an item"), start, pull, next(self._turns))

    def move(self, at: QPointF) -> bool:
        """Pull what is held; False where nothing is."""
        if self._grip is None or self._pressed is None:
            return False
        if self.bench.held_art is None:
            if (at - self._pressed).manhattanLength() < _STARTS_PX:
                return True
            self.bench.hold(HeldArt(self.view.results, self.bench.chosen, _FINE_PX / self.view.frame()[0]))
        held_art = self.bench.held_art
        assert held_art is not None
        held_art.move(self._grip.pull(self.to_art(at.x(), at.y())))
        self.bench.held_changed.emit()
        self._rest.start()
        return True

    def _commit(self) -> None:
        """Take over into the job what the hand has made of the items: when it rests, and when it lets go."""
        held_art = self.bench.held_art
        if self._grip is None or held_art is None:
            return
        held = {key: {"x": item.x, "y": item.y, "size": item.size, "stretch": item.stretch, "turn": item.turn,
                      "what": item.what, "repeat": item.repeat} for key, item in held_art.held.items()}
        self.bench.arrange(self._grip.label, self.bench.job.artwork.changed(held), merge=self._grip.merge,
                           top=held_art.top())

    def release(self) -> None:
        """Let go; what follows from it is worked out."""
        self._rest.stop()
        self._commit()
        self._grip, self._pressed, self._snap = None, None, Snap((0.0, 0.0))
        self.bench.let_go()

    def cursor_at(self, at: QPointF) -> Qt.CursorShape:
        """What the pointer would take hold of."""
        if self._handle_at(at, self.to_art(at.x(), at.y())) is not None:
            return Qt.CursorShape.PointingHandCursor
        over = self.piece_at(at.x(), at.y())
        return Qt.CursorShape.ArrowCursor if over is None else Qt.CursorShape.SizeAllCursor

    def take_key(self, key: int, modifiers: Qt.KeyboardModifier) -> bool:
        """Arrow keys nudge the chosen items, with Shift far; Delete takes them out. False for any other key."""
        step = _FAR_MM if modifiers & Qt.KeyboardModifier.ShiftModifier else _NUDGE_MM
        ways = {int(Qt.Key.Key_Left): (-step, 0.0), int(Qt.Key.Key_Right): (step, 0.0),
                int(Qt.Key.Key_Up): (0.0, step), int(Qt.Key.Key_Down): (0.0, -step)}
        if key in ways:
            self.nudge(*ways[key])
        elif key == Qt.Key.Key_Delete:
            self.bench.arrange(tr("Take an item out"), self.bench.job.artwork.without(set(self.bench.chosen)))
        else:
            return False
        return True

    def nudge(self, across: float, upright: float) -> None:
        """Move the chosen items by a step in mm."""
        artwork = self.bench.job.artwork
        steps = {key: {"x": item.x + across, "y": item.y + upright} for key in self.bench.chosen
                 if (item := artwork.item(key)) is not None}
        self.bench.arrange(tr("Nudge"), artwork.changed(steps), merge=1)

    # -- painting ------------------------------------------------------------------------------------------------

    def paint(self, painter: QPainter) -> None:
        """Boxes of the chosen items, the handles of one, and the lines that were snapped to."""
        if not self.works:
            return
        held_art = self.bench.held_art
        for placed in self._placed():
            if placed.item.key in self.bench.chosen and not placed.shape.is_empty:
                now = placed if held_art is None or placed.item.key not in held_art.held else _as_held(placed, held_art)
                self._paint_box(painter, now)
        alone = self.chosen_alone()
        if alone is not None and held_art is None:
            handles = self._handles(alone)
            top = self.to_screen((alone.corners[2:3] + alone.corners[3:4]) / 2)[0]
            paint_line(painter, top, handles[0][1], QPen(QColor(theme.PAPER_INK), 1.2))
            for name, place in handles:
                paint_dot(painter, place, round_=name == "turn")
        self._paint_snap(painter)

    def _paint_box(self, painter: QPainter, placed: Placed) -> None:
        pens = QPen(QColor(theme.PAPER), 3.2), QPen(QColor(theme.PAPER_INK), 1.4)
        paint_quad(painter, placed.corners, self.to_screen, pens)

    def _paint_snap(self, painter: QPainter) -> None:
        if self.bench.held_art is None:
            return
        left, low, right, high = common_box(self.bench.held_art.box(key) for key in self.bench.held_art.placed)
        left, low, right, high = left - 4, low - 4, right + 4, high + 4
        lines = []
        if self._snap.x is not None:
            lines.append(np.column_stack([np.full(20, self._snap.x), np.linspace(low, high, 20)]))
        if self._snap.y is not None:
            lines.append(np.column_stack([np.linspace(left, right, 20), np.full(20, self._snap.y)]))
        painter.setPen(QPen(QColor(theme.PAPER_LEVELS["watch"]), 1.6))
        for line in lines:
            painter.drawPath(path_of_points(self.to_screen(line)))


def _as_held(placed: Placed, held_art: HeldArt) -> Placed:
    """A placed item with the place it has in the hand, for its box."""
    item = held_art.held[placed.item.key]
    return replace(placed, item=item, affines=placed.affines_as(item))
