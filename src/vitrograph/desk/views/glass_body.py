"""The glass as it is looked at: the eye before it, its silhouette, sheen, rim and base, the frost on it."""

from math import pi, radians

import numpy as np
import shapely
from msgspec import Struct
from PySide6.QtCore import QRectF
from PySide6.QtGui import QLinearGradient, QPainter, QPainterPath, QPen
from shapely.geometry import MultiPolygon

from vitrograph.core.fit import Fitted
from vitrograph.core.geometry import Points, sound, union
from vitrograph.core.glass import Pane, Wall, eye_before
from vitrograph.core.results import Results
from vitrograph.core.stencil import Sheet
from vitrograph.desk.bench.painter_paths import path_of, path_of_points
from vitrograph.desk.kit import theme
from vitrograph.desk.views.camera import Camera, frost_for_projection

RISE = radians(9)                  # a little above, so that the rim reads as a ring
_ROUND = 96                        # steps round a ring, or up a side


def silhouette(camera: Camera) -> QPainterPath:
    """The silhouette of the glass."""
    wall = camera.wall
    if isinstance(wall, Pane):
        edge = wall.edge(0.05)
        return path_of_points(camera.wall_to_screen(np.concatenate([edge, edge[:1]])))
    heights = np.linspace(0.0, wall.length, _ROUND)
    edge = camera.edge(heights)
    sides = [camera.wall_to_screen(np.column_stack([camera.turn + side * edge, heights])) for side in (-1, 1)]
    rings = [sound(shapely.polygons(ring(camera, s))) for s in (0.0, wall.length)]     # a near eye sees them twisted
    wall_seen = shapely.polygons(np.concatenate([sides[0], sides[1][::-1]])).buffer(0)
    return path_of(union([wall_seen, *rings]))


def paint_body(painter: QPainter, camera: Camera) -> None:
    """The glass without its frost."""
    body = silhouette(camera)
    box = body.boundingRect()
    sheen = QLinearGradient(box.left(), 0, box.right(), 0)
    for at, alpha in ((0.0, 0.20), (0.07, 0.05), (0.30, 0.02), (0.72, 0.02), (0.93, 0.06), (1.0, 0.20)):
        sheen.setColorAt(at, theme.colour(theme.FROST, alpha))
    painter.fillPath(body, sheen)
    painter.setPen(QPen(theme.colour(theme.FROST, 0.55), 1.4))
    painter.drawPath(body)
    if camera.wall.closed:
        painter.setPen(QPen(theme.colour(theme.FROST, 0.75), 1.6))
        painter.drawPath(path_of_points(ring(camera, camera.wall.length)))
        painter.setPen(QPen(theme.colour(theme.FROST, 0.35), 1.2))
        painter.drawPath(path_of_points(ring(camera, 0.0)))


def ring(camera: Camera, s: float) -> Points:
    """The (n, 2) points of a level ring round the wall on the screen."""
    around = np.linspace(-pi, pi, _ROUND + 1)
    return camera.wall_to_screen(np.column_stack([around, np.full_like(around, s)]))


def camera_before(wall: Wall, room: QRectF, turn: float, viewing_mm: float, *, level: bool = False) -> Camera:
    """The eye before a glass that is to fill a part of the screen."""
    rise = 0.0 if level or not wall.closed else RISE
    across = wall.span if not wall.closed else 2 * float(wall.scale(np.linspace(0.0, wall.length, 101)).max())
    high = wall.upright * np.cos(rise) + across * np.sin(rise) * (1 if wall.closed else 0)
    scale = max(0.01, min(room.width() / across, room.height() / high)) * 0.97
    return Camera(wall, turn, rise, eye_before(wall, viewing_mm), (room.center().x(), room.center().y()), scale)


class Seen(Struct, frozen=True, eq=False):
    """What is seen on the glass: fitted art, or what the mends and ties of its sheet made of it; a decal's film."""

    fitted: Fitted
    recut: Sheet | None

    @classmethod
    def of(cls, results: Results) -> "Seen":
        """What is seen of results that have art and a sheet, if only the last art's."""
        fitted, sheet = results.fitted, results.sheet
        assert fitted is not None and sheet is not None
        return cls(fitted, sheet if sheet.recut and sheet.fitted is fitted else None)

    def same_as(self, other: "Seen | None") -> bool:
        """Whether another is the very same."""
        return other is not None and self.fitted is other.fitted and self.recut is other.recut

    def frost(self) -> MultiPolygon:
        """It on the wall, for projection."""
        chart = self.fitted.chart
        art = self.fitted.art if self.recut is None else shapely.transform(self.recut.seen, chart.sheet_to_art)
        return frost_for_projection(art, chart, self.fitted.elsewhere)
