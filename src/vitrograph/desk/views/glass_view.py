"""The glass on black card: a real projection that turns, frost in cool white, the far side faint through the glass."""

from collections.abc import Callable
from concurrent.futures import Future, ThreadPoolExecutor
from math import degrees, pi, radians

import numpy as np
import shapely
from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QBrush, QColor, QPainter, QPainterPath, QPen, QPixmap
from shapely.geometry import MultiPolygon, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import half_turn
from vitrograph.core.glass import Block, Frustum
from vitrograph.core.language import tr
from vitrograph.core.results import Results
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.held import HeldArt
from vitrograph.desk.bench.painter_paths import Outlines, outlines_of, path_of, path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.painting import fill, painting
from vitrograph.desk.views.camera import Camera, in_sight, ready_for_projection
from vitrograph.desk.views.dimensions import draw_dimensions
from vitrograph.desk.views.glass_body import Seen, camera_before, paint_body
from vitrograph.desk.views.view import View

TURN_STEP = radians(5)
_AHEAD = ThreadPoolExecutor(1, "frost")
_ROOM_FOR_HINTS = 1.4             # times what stands there, so that it meets nothing
# commands as they are told here, and their names: the first alone of a pane
_HINTS = ((tr("behind"), "See the glass from behind"), (tr("eye level"), "See the glass at eye level"))
_TURNS = ("Turn the glass left", "Turn the glass right")
_BARELY = 1.0002                   # larger: a picture of its own size would be laid on whole pixels only
_SOFT = ((-0.7, 0.45), (0.7, 0.45), (0.0, 0.72))      # frost laid so many pixels apart ends softly, as cream does


class GlassView(View):
    """The near view of the piece. Drag turns it; dragging the frost moves the art round and up or down the glass."""

    drawn_of = (*View.drawn_of, "assessed")
    waits_ms = 40
    next_ms = 10

    def __init__(self, bench: Bench) -> None:
        super().__init__(bench)
        self.setObjectName("glassView")
        self.setAccessibleName(tr("The glass, seen from the front"))
        self.keys_of: Callable[[str], str] = lambda _name: ""       # of a command, by its name
        self.turn = 0.0
        self.level = False
        self._frost = MultiPolygon()
        self._film = Polygon()
        self._room: BaseGeometry = Polygon()
        self._kept_clear: list[BaseGeometry] = []
        self._outlines = outlines_of(self._frost)
        self._seen: Seen | None = None             # what the frost is of
        self._ahead: tuple[Seen, Future[tuple[MultiPolygon, Outlines]]] | None = None
        self._still_of: tuple[object, ...] = (None,) * 3
        self._blocks: tuple[Block, ...] = ()
        self._ground: QPixmap | None = None        # the glass without its frost, for as long as it stays as it is
        self._ground_key: object = None
        self._bare: QPixmap | None = None          # the glass with nothing on it, for as long as it is seen so
        self._bare_of: tuple[object, ...] = ()
        self._glass: QPixmap | None = None         # with its frost, likewise
        self._glass_of: object = None
        self._spot: BaseGeometry | None = None
        bench.spotlight.connect(self._take_spotlight)

    # -- what is shown -------------------------------------------------------------------------------------------

    def take_results(self, results: Results) -> None:
        """Prepare the shapes of new results for projection."""
        if results.fitted is None or results.sheet is None or results.wall is None:
            self._frost, self._film, self._room, self._kept_clear = MultiPolygon(), Polygon(), Polygon(), []
            self._outlines, self._still_of, self._seen = outlines_of(self._frost), (None,) * 3, None
            return
        seen = Seen.of(results)
        if not seen.same_as(self._seen):                       # a new stencil of the same art looks no other
            self._seen, (self._frost, self._outlines) = seen, self._frost_ahead(seen)
        blocks = results.assessed.blocks if results.assessed is not None else ()
        still = (results.sheet, results.room, results.wall)
        if blocks != self._blocks or any(a is not b for a, b in zip(self._still_of, still, strict=True)):
            self._still_of, self._blocks = still, blocks
            self._take_still(results)

    def prepare(self, results: Results) -> None:
        """Begin on what the glass will show while the window is busy with the card and the sheet."""
        if results.fitted is None or results.sheet is None:
            return
        seen, begun = Seen.of(results), self._ahead
        if not seen.same_as(self._seen) and not (begun is not None and seen.same_as(begun[0])):
            self._ahead = seen, _AHEAD.submit(_frost_and_outlines, seen)

    def _frost_ahead(self, seen: Seen) -> tuple[MultiPolygon, Outlines]:
        begun, self._ahead = self._ahead, None
        return begun[1].result() if begun is not None and seen.same_as(begun[0]) else _frost_and_outlines(seen)

    def _take_still(self, results: Results) -> None:
        """What does not change with each letter: the film's edge, the room, what is kept clear."""
        assert results.sheet is not None and results.wall is not None
        self._film = ready_for_projection(MultiPolygon(results.sheet.on_wall), results.wall)
        room = results.room.outline if results.room is not None else np.empty((0, 2))
        self._room = ready_for_projection(MultiPolygon([Polygon(room)] if len(room) else []), results.wall)
        self._kept_clear = [ready_for_projection(MultiPolygon([block.shape]), results.wall)
                            for block in self._blocks]
        self._ground_key = None

    def _take_spotlight(self, shape: BaseGeometry | None) -> None:
        fitted = self.results.fitted
        self._spot = None
        if shape is not None and fitted is not None and self.results.wall is not None:
            on_wall = shapely.transform(shape, fitted.chart.sheet_to_wall)
            self._spot = ready_for_projection(on_wall, self.results.wall)
        self.update()

    def camera(self) -> Camera:
        """The eye for the present size of the view."""
        wall = self.results.wall or Frustum(40.0, 40.0, 100.0)
        room = QRectF(self.rect()).adjusted(96, 56, -64, -72)
        return camera_before(wall, room, self.turn, self.results.job.stencil.viewing_mm, level=self.level)

    # -- painting ------------------------------------------------------------------------------------------------

    def paint(self, painter: QPainter) -> None:
        if self.results.wall is None:
            painter.fillRect(self.rect(), QColor(theme.BLACK_CARD))
            told = tr("These readings describe no glass") if self.results.error("glass") else tr("Working it out")
            self.say(painter, told, theme.LIT_QUIET)
            return
        camera = self.camera()
        if self.bench.held_art is None:
            painter.drawPixmap(0, 0, self._painted_glass(camera))
        else:
            painter.drawPixmap(0, 0, self._painted_ground(camera))
            self._paint_live(painter, camera, self.bench.held_art, moving=False)
        if self._spot is not None:
            self._fill(painter, camera, self._spot, QColor(theme.LIT_ACCENT), near=True)
        draw_dimensions(painter, camera, self.bench)
        self._paint_mark(painter, camera)
        self._paint_turn(painter, camera)

    def _painted_ground(self, camera: Camera) -> QPixmap:
        """The glass without its frost; painted anew only when it is turned or resized, or something on it changed."""
        composing = self.bench.station == "artwork"
        bare = self._painted_bare(camera)
        key = (bare.cacheKey(), composing)
        if self._ground is None or key != self._ground_key:
            self._ground, self._ground_key = bare.copy(), key
            with painting(self._ground) as painter:
                self._paint_still(painter, camera, composing=composing)
        return self._ground

    def _painted_bare(self, camera: Camera) -> QPixmap:
        """The glass with nothing on it; painted anew only when it is another, or seen otherwise."""
        of = (self.size(), self.devicePixelRatioF(), camera)
        if self._bare is None or of != self._bare_of:
            self._bare, self._bare_of = self.blank(QColor(theme.BLACK_CARD)), of
            with painting(self._bare) as painter:
                paint_body(painter, camera)
        return self._bare

    def _painted_glass(self, camera: Camera) -> QPixmap:
        """The glass with its frost; painted anew only when either changed."""
        ground, frost = self._painted_ground(camera), self._frost
        tone = theme.FILM if self.results.job.stencil.kind == "decal" else theme.FROST
        if self._glass is None or self._glass_of != (ground.cacheKey(), frost, tone):
            self._glass_of, self._glass = (ground.cacheKey(), frost, tone), ground.copy()
            with painting(self._glass) as painter:
                self._fill(painter, camera, frost, theme.colour(tone, 0.20), near=False)
                paths = self._paths(camera, frost, near=True)
                if tone == theme.FROST:
                    self._paint_softly(painter, paths)
                else:
                    fill(painter, paths, theme.colour(tone, 0.95))
        return self._glass

    def _paint_softly(self, painter: QPainter, paths: list[QPainterPath]) -> None:
        """Frost is filled once, and that picture laid several times: filling is what takes long."""
        box = QRectF()
        for path in paths:
            box = box.united(path.controlPointRect())
        seen = box.toAlignedRect().adjusted(-1, -1, 1, 1).intersected(self.rect())
        if seen.isEmpty():
            return
        corner = QPointF(seen.topLeft())
        frost = self.blank(QColor(Qt.GlobalColor.transparent), seen.size())
        with painting(frost) as alone:
            alone.translate(-corner)
            fill(alone, paths, QColor(theme.FROST))
        for across, alpha in _SOFT:
            painter.save()
            painter.setOpacity(alpha)
            painter.translate(corner + QPointF(across, across))
            painter.scale(_BARELY, _BARELY)
            painter.drawPixmap(0, 0, frost)
            painter.restore()

    def _paint_still(self, painter: QPainter, camera: Camera, *, composing: bool) -> None:
        """What is kept clear, the room for a motif, and the film's edge."""
        hatch = QBrush(theme.colour(theme.LIT_STOP, 0.55), Qt.BrushStyle.BDiagPattern)
        for block in self._kept_clear:
            self._fill(painter, camera, block, hatch, near=True)
        room = QPen(theme.colour(theme.LIT_QUIET, 0.9), 1.2, Qt.PenStyle.DashDotLine)
        film = QPen(theme.colour(theme.FILM, 0.95), 1.4, Qt.PenStyle.DashLine)
        for shape, pen in ((self._room if composing else Polygon(), room), (self._film, film)):
            for part in in_sight(shape, camera, near=True):
                painter.strokePath(_screen_path(part, camera), pen)

    def paint_held(self, painter: QPainter, held_art: HeldArt) -> None:
        self._paint_live(painter, self.camera(), held_art, moving=True)

    def _paint_live(self, painter: QPainter, camera: Camera, held_art: HeldArt, *, moving: bool) -> None:
        """Pieces while some are held, each frosting or clearing; what turns out of sight is drawn at the edge."""
        edge_at = np.linspace(0.0, camera.wall.length, 33)
        edges = camera.edge(edge_at)
        for frosts, points, starts in held_art.on_wall(moving=moving):
            seen = points
            if camera.wall.closed:
                middle = camera.turn + 2 * pi * np.round((points[:, 0].mean() - camera.turn) / (2 * pi))
                edge = np.interp(points[:, 1], edge_at, edges)
                seen = np.column_stack([np.clip(points[:, 0], middle - edge, middle + edge), points[:, 1]])
            tone = theme.colour(theme.FROST, 0.93) if frosts else QColor(theme.BLACK_CARD)
            painter.fillPath(path_of_points(camera.wall_to_screen(seen), starts), tone)

    def _fill(
        self, painter: QPainter, camera: Camera, shape: BaseGeometry, tone: QBrush | QColor, *, near: bool
    ) -> None:
        fill(painter, self._paths(camera, shape, near=near), tone)

    def _paths(self, camera: Camera, shape: BaseGeometry, *, near: bool) -> list[QPainterPath]:
        """A shape on the wall as it is seen, on the near side or the far one."""
        made: list[QPainterPath] = []
        for part in in_sight(shape, camera, near=near):
            outlines = self._outlines if part is self._frost else outlines_of(part)
            made += outlines.paths(camera.wall_to_screen(outlines.points))
        return made

    def _paint_mark(self, painter: QPainter, camera: Camera) -> None:
        """The linked pointer: where the other view is pointed at."""
        if self.mark is None:
            return
        u, s = self.mark
        away = abs(half_turn(u - camera.turn))
        hidden = camera.wall.closed and away > float(camera.edge(np.array([s]))[0])
        (x, y), = camera.wall_to_screen(np.array([[u, s]]))
        painter.setPen(QPen(theme.colour(theme.LIT_ACCENT, 0.4 if hidden else 1.0), 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(QPointF(x, y), 6, 6)

    def _paint_turn(self, painter: QPainter, camera: Camera) -> None:
        """How far the glass is turned, in words and as a ring seen from above with the eye below it."""
        foot = self.height() - 28
        if not camera.wall.closed:
            words = tr("seen from the front") if abs(self.turn) < pi / 2 else tr("seen from behind")
        else:
            turn = (degrees(self.turn) + 180) % 360 - 180
            words = (tr("front") if abs(turn) < 0.5 else tr("turned {turn:.0f}° right", turn=turn) if turn > 0 else
                     tr("turned {turn:.0f}° left", turn=-turn))
            self._paint_ring(painter, QPointF(30, foot))
        left = 54 if camera.wall.closed else 16
        if self.level:
            words += tr(", eye level")
        self.write(painter, QRectF(left, foot - 14, 260, 28), words, theme.LIT_QUIET)
        hint = self._hint(closed=camera.wall.closed)
        if self.width() < _ROOM_FOR_HINTS * self.fontMetrics().horizontalAdvance(hint):
            return
        if camera.wall.closed:
            self.write(painter, QRectF(self.width() - 316, foot + 4, 300, 20),
                       tr("the far side as without refraction"), theme.LIT_QUIET, scale=0.75,
                       align=Qt.AlignmentFlag.AlignRight)
        self.write(painter, QRectF(self.width() - 316, foot - 14, 300, 28), hint, theme.LIT_QUIET, scale=0.85,
                   align=Qt.AlignmentFlag.AlignRight)

    def _hint(self, *, closed: bool) -> str:
        """What the pointer and the keys do here, by the keys as they are."""
        told = [f"{key} {says}" for says, name in (_HINTS if closed else _HINTS[:1]) if (key := self.keys_of(name))]
        if closed:
            turns = " ".join(filter(None, map(self.keys_of, _TURNS)))
            told.insert(0, tr("drag or {keys} to turn", keys=turns) if turns else tr("drag to turn"))
        return "     ".join(told)

    def _paint_ring(self, painter: QPainter, centre: QPointF) -> None:
        painter.setPen(QPen(QColor(theme.LIT_QUIET), 1.4))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawEllipse(centre, 12, 12)
        box = QRectF(centre.x() - 12, centre.y() - 12, 24, 24)
        if self.results.fitted is not None:
            left, _, right, _ = self.results.fitted.wall_bounds
            painter.setPen(QPen(QColor(theme.FROST), 4))
            painter.drawArc(box, round((degrees(left - self.turn) - 90) * 16), round(degrees(right - left) * 16))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(QColor(theme.LIT_QUIET))
        painter.drawEllipse(QPointF(centre.x(), centre.y() + 20), 2, 2)

    # -- pointing ------------------------------------------------------------------------------------------------

    def wall_at(self, x: float, y: float) -> tuple[float, float] | None:
        return self.camera().screen_to_wall(x, y) if self.results.wall is not None else None

    def drag_view(self, dx: float, dy: float) -> None:
        camera = self.camera()
        across = float(camera.wall.scale(np.array([camera.wall.length / 2]))[0]) if camera.wall.closed else 160.0
        self.turn_to(self.turn - dx / (camera.scale * across))

    def turn_to(self, angle: float) -> None:
        """Turn the glass so that `angle` faces the eye; a pane can be looked at from either side."""
        self.turn = half_turn(angle)
        self.setAccessibleDescription(tr("turned {degrees:.0f} degrees", degrees=degrees(self.turn)))
        self.update()

    def turn_by(self, steps: int) -> None:
        """Turn by whole steps, for the keyboard."""
        self.turn_to(self.turn + steps * TURN_STEP)

    def see_behind(self) -> None:
        """Look from the other side, or back."""
        self.turn_to(self.turn + pi)

    def see_level(self) -> None:
        """Stand the eye level with the glass, as a drinker across the table would see it, or back."""
        self.level = not self.level
        self.update()


def _frost_and_outlines(seen: Seen) -> tuple[MultiPolygon, Outlines]:
    frost = seen.frost()
    return frost, outlines_of(frost)


def _screen_path(part: BaseGeometry, camera: Camera) -> QPainterPath:
    return path_of(shapely.transform(part, camera.wall_to_screen))
