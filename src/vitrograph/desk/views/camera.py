"""The eye in front of the glass: perspective projection of wall points to the screen.

Space is x right, y towards the eye, z up, mm; the glass is turned about its axis before it is looked at. Refraction
is left out: the far side is drawn where it would be without glass before it.
"""

from math import cos, pi, sin

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.fit import Chart
from vitrograph.core.geometry import Points, as_polygons, multipolygon, split_edges, within
from vitrograph.core.glass import Frustum, Wall, horizon

_EDGE_MM = 2.0                     # of an edge that runs round the glass: its chord is not told from its arc
_UNSEEN_MM = 0.02                  # less than a tenth of a pixel at any size the view has


class Camera(Struct, frozen=True):
    """Eye distance from the axis (mm), height above the middle as an angle, the turn of the glass, and the screen."""

    wall: Wall
    turn: float
    rise: float
    distance: float
    centre: tuple[float, float]
    scale: float

    def project(self, space: Points) -> Points:
        """(n, 3) space points to (n, 2) screen points, y down."""
        middle = self.wall.upright / 2
        x, y, z = space[:, 0], space[:, 1], space[:, 2] - middle
        depth = self.distance - (y * cos(self.rise) + z * sin(self.rise))
        height = z * cos(self.rise) - y * sin(self.rise)
        grown = self.scale * self.distance / depth
        return np.column_stack([self.centre[0] + x * grown, self.centre[1] - height * grown])

    def wall_to_screen(self, wall: Points) -> Points:
        """(n, 2) wall points to the screen."""
        if self.wall.closed:
            return self.project(self.wall.in_space(wall - [self.turn, 0.0]))
        space = self.wall.in_space(wall)
        turned = np.column_stack([space[:, 0] * cos(self.turn), space[:, 0] * sin(self.turn), space[:, 2]])
        return self.project(turned)

    def edge(self, s: Points) -> Points:
        """How far round, from the middle of the view, the wall is in sight at heights s; a pane is all in sight."""
        if not self.wall.closed:
            return np.full_like(s, pi)
        eye = self.distance * cos(self.rise), self.wall.upright / 2 + self.distance * sin(self.rise)
        return horizon(self.wall, s, *eye)

    def screen_to_wall(self, x: float, y: float) -> tuple[float, float] | None:
        """The near wall point under a screen point; None beside the glass. Newton on the projection."""
        guess = np.array([self.turn if self.wall.closed else 0.0, self.wall.length / 2])
        step = np.array([1e-4 if self.wall.closed else 1e-2, 1e-2])
        target = np.array([x, y])
        for _ in range(25):
            near = self.wall_to_screen(np.array([guess, guess + [step[0], 0], guess + [0, step[1]]]))
            gap = target - near[0]
            slope = np.column_stack([(near[1] - near[0]) / step[0], (near[2] - near[0]) / step[1]])
            if abs(np.linalg.det(slope)) < 1e-9:
                return None
            move = np.linalg.solve(slope, gap)
            limit = 0.4 if self.wall.closed else 1e4
            guess = guess + np.array([np.clip(move[0], -limit, limit), move[1]])
            if np.hypot(*gap) < 0.05:
                break
        else:
            return None
        if not 0 <= guess[1] <= self.wall.length:
            return None
        edge = float(self.edge(guess[1:])[0])
        if abs(guess[0] - self.turn) > edge if self.wall.closed else abs(guess[0]) > self.wall.span / 2:
            return None
        return float(guess[0]), float(guess[1])


def frost_for_projection(art: MultiPolygon, chart: Chart, elsewhere: tuple[float, ...] = ()) -> MultiPolygon:
    """Art (mm) on the wall as the eye sees it: no finer than a screen shows, its edges split where they bend.

    `elsewhere` says how much farther round copies of it stand, radians.
    """
    seen = split_edges(shapely.simplify(art, _UNSEEN_MM, preserve_topology=False), _EDGE_MM)
    here = shapely.transform(seen, chart.to_wall)
    if not elsewhere:
        return here
    copies = [shapely.get_parts(shapely.transform(here, lambda us, by=turn: us + [by, 0.0]))
              for turn in (0.0, *elsewhere)]
    return multipolygon(np.concatenate(copies))


def ready_for_projection(shape: MultiPolygon, wall: Wall) -> MultiPolygon:
    """Split edges that run round a curved wall, so that they bend on the screen as they do on the glass."""
    if not wall.closed:
        return shape
    middle = float(wall.scale(np.array([wall.length / 2]))[0])
    unrolled = split_edges(shapely.transform(shape, lambda us: us * [middle, 1.0]), _EDGE_MM)
    return shapely.transform(unrolled, lambda us: us / [middle, 1.0])


def in_sight(shape: BaseGeometry, camera: Camera, *, near: bool) -> list[BaseGeometry]:
    """The parts of a wall shape on the near or on the far side, one for each way the turn lets them be seen."""
    if shape.is_empty:
        return []
    if not camera.wall.closed:
        return [shape] if near else []
    low, s_low, high, s_high = shape.bounds
    heights = np.linspace(max(0.0, s_low), min(camera.wall.length, s_high), 2 if _is_cone(camera.wall) else 60)
    edge = camera.edge(heights)
    middle, half = (camera.turn, edge) if near else (camera.turn + pi, pi - edge)
    seen = []
    for whole_turn in range(-3, 4):
        left, right = (middle + side * half + 2 * pi * whole_turn for side in (-1, 1))
        if low < right.max() and high > left.min():
            part = shape if left.max() <= low and high <= right.min() else _seen_of(shape, heights, left, right)
            if not part.is_empty:
                seen.append(part)
    return seen


def _is_cone(wall: Wall) -> bool:
    """Whether the wall leaves sight at one angle from rim to base."""
    return isinstance(wall, Frustum)


def _seen_of(shape: BaseGeometry, heights: Points, left: Points, right: Points) -> BaseGeometry:
    """What of a wall shape lies between two curves of sight: only the few parts that a curve crosses are cut."""
    parts = shapely.get_parts(shape)
    low, _, high, _ = shapely.bounds(parts).T
    whole = (low >= left.max()) & (high <= right.min())
    crossed = ~whole & (high > left.min()) & (low < right.max())
    cut = [shapely.get_parts(as_polygons(part)) for part in _between(parts[crossed], heights, left, right)]
    return multipolygon(np.concatenate([parts[whole], *cut]))


def _between(parts: NDArray[np.object_], heights: Points, left: Points, right: Points) -> list[BaseGeometry]:
    """What of each part lies between two curves of sight: one by one, as films that lap are no sound area together."""
    if len(heights) == 2:
        return list(shapely.clip_by_rect(parts, left[0], -1e4, right[0], 1e4))
    heights = heights.copy()
    heights[[0, -1]] += [-1e4, 1e4]
    outline = np.concatenate([np.column_stack([left, heights]), np.column_stack([right, heights])[::-1]])
    between = shapely.polygons(outline).buffer(0)
    return [within(part, between) for part in parts]
