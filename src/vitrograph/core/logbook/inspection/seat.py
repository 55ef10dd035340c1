"""How a piece stands before the camera, and the way from its stencil's sheet to the picture."""

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.fit import Chart
from vitrograph.core.geometry import Points, as_polygons, union, within
from vitrograph.core.glass import Pane, Wall, profile_at
from vitrograph.core.logbook.inspection.camera import Camera
from vitrograph.core.results import FinishedPiece

Values = NDArray[np.float64]

_STEP = 1e-3                       # of u and s, by which the wall's facing is told


class Seat(Struct, frozen=True):
    """A piece before the camera: its chart, the middle of its art on the sheet, and how it and its film stand.

    `depth` is how far before the card its axis stands (or a pane's art), mm; `aside` how far right of the card's
    middle. The film lies `round_by` (radians; mm across a pane) and `up_by` mm from where it was planned, and is
    turned by `tilt` about the art's middle, radians, to the left on the sheet.
    """

    chart: Chart
    middle: Points
    depth: float
    front: float
    aside: float = 0.0
    round_by: float = 0.0
    up_by: float = 0.0
    tilt: float = 0.0

    @property
    def wall(self) -> Wall:
        """What it stands on."""
        return self.chart.wall

    def on_wall(self, sheet: Points) -> Points:
        """(n, 2) wall points (u, s) of (n, 2) sheet points, as the film really lies."""
        if self.tilt:
            by = np.array([[np.cos(self.tilt), np.sin(self.tilt)], [-np.sin(self.tilt), np.cos(self.tilt)]])
            sheet = (sheet - self.middle) @ by + self.middle
        return self.chart.sheet_to_wall(sheet) + [self.round_by, self.up_by]

    def _placed(self, wall: Points) -> Values:
        """(n, 3) places before the card: x right, y up, z to the viewer.

        The glass stands turned so that its art's middle, as planned, faces the viewer.
        """
        space = self.wall.in_space(wall - [self.front, 0.0])
        return np.column_stack([space[:, 0] + self.aside, space[:, 2] + self.wall.stands, space[:, 1] + self.depth])

    def seen(self, sheet: Points, camera: Camera) -> tuple[Points, Values]:
        """(n, 2) pixels of sheet points, and how squarely the wall faces the camera there: 1 is straight on."""
        wall = self.on_wall(sheet)
        places = self._placed(wall)
        round_step = _STEP / max(float(self.wall.scale(np.array([self.wall.length / 2]))[0]), 1.0)
        across = self._placed(wall + [round_step, 0.0]) - places
        up = self._placed(wall + [0.0, _STEP]) - places
        normal = np.cross(across, up)
        sight = camera.eye - places
        lengths = np.linalg.norm(normal, axis=1) * np.linalg.norm(sight, axis=1)
        facing = np.abs((normal * sight).sum(axis=1)) if not self.wall.closed else (normal * sight).sum(axis=1)
        return camera.seen(places), np.asarray(facing / np.maximum(lengths, 1e-12))


def looks_at(piece: FinishedPiece, shape: MultiPolygon) -> tuple[MultiPolygon, ...]:
    """What of a shape on a piece's sheet is seen at one look: what lies on each design's own films."""
    designs, outlines = piece.fitted.designs, piece.sheet.outlines
    if len(designs) == 1:
        return (shape,)
    return tuple(as_polygons(within(shape, union([outlines[number] for number in design.films])))
                 for design in designs)


def seat_of(chart: Chart, middle: Points, *, card: bool) -> Seat:
    """A piece as it should stand: touching the card, or where four of its own corners were pointed at."""
    wall = chart.wall
    if isinstance(wall, Pane):
        return Seat(chart, middle, 0.0, 0.0)
    front = float(chart.sheet_to_wall(middle[None])[0, 0])
    radii, _ = profile_at(wall, np.linspace(0.0, wall.length, 200))
    return Seat(chart, middle, float(radii.max()) if card else 0.0, front)


def corners_of(wall: Wall) -> Points:
    """(4, 2) places of a piece's own corners as seen from the front, upper left first, then round to the right."""
    if isinstance(wall, Pane):
        half, high = wall.width / 2, wall.height
        return np.array([[-half, high], [half, high], [half, 0.0], [-half, 0.0]])
    radii, heights = profile_at(wall, np.array([0.0, wall.length]))
    low, high = heights + wall.stands
    return np.array([[-radii[1], high], [radii[1], high], [radii[0], low], [-radii[0], low]])
