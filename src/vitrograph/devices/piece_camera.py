"""A simulated camera for pieces: pictures of a frosted glass before the inspection card, with faults of one's choice.

It follows each line of sight to the glass, or past it to the card: the other way round from the inspection, which goes
from the glass to the picture.
"""

from collections.abc import Sequence
from itertools import pairwise
from typing import Any

import numpy as np
import shapely
from msgspec import Struct, field
from numpy.typing import NDArray
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import as_polygons
from vitrograph.core.glass import Pane, profile_at
from vitrograph.core.logbook.inspection.camera import Camera
from vitrograph.core.logbook.inspection.card import BASE_MM, card_of, squares
from vitrograph.core.logbook.inspection.seat import looks_at
from vitrograph.core.logbook.inspection.unroll import Grid, Picture
from vitrograph.core.paper.tiles import SHEETS, PaperName
from vitrograph.core.results import FinishedPiece

Values = NDArray[np.float64]

_FROST, _PAPER, _BLACK, _TABLE, _FILM = 0.72, 0.9, 0.05, 0.45, 0.6
_FROST_STEP, _CARD_STEP = 0.06, 0.2                            # mm a pixel of what is drawn on glass and card
_COARSE = 6                                                    # pixels between lines of sight that are followed
_ALONG, _NARROWINGS = 60, 14                                   # places along a line of sight, and halvings between two


class Laid(Struct, frozen=True):
    """How the film really lay: mm to the right along the wall, mm up, and turned to the left, radians; and how far
    right of the arrow the glass stands, mm."""

    across: float = 0.0
    up: float = 0.0
    tilt: float = 0.0
    aside: float = 0.0


class PieceCamera(Struct, frozen=True):
    """Where it stands and what it does badly.

    Its distance from the arrow, mm; `yaw` and `pitch` are how far to the right and above it stands, `roll` how far it
    is turned, radians. `focal` is in widths of the picture, `lens` the first term of its distortion. `noise` is a
    standard deviation of light (0 to 1), `blur` one of pixels; `uneven` how much the light falls off over the picture.
    A lamp's `glare` is given as where it lies in the picture and how large, in shares of its width. Of designs on
    several sides of a glass the one numbered `side` is turned to it.
    """

    size: tuple[int, int] = (2000, 1500)
    distance: float = 600.0
    yaw: float = 0.0
    pitch: float = 0.0
    roll: float = 0.0
    height: float = 90.0
    focal: float = 0.9
    lens: float = 0.0
    noise: float = 0.0
    blur: float = 0.0
    uneven: float = 0.0
    glare: tuple[float, float, float] | None = None
    paper: PaperName = "A4"
    seed: int = 1
    laid: Laid = field(default_factory=Laid)
    side: int = 0

    def photograph(
        self, piece: FinishedPiece, leaks: Sequence[BaseGeometry] = (), voids: Sequence[BaseGeometry] = (), *,
        film: bool = False, card: bool = True
    ) -> NDArray[np.uint8]:
        """A grey picture, (rows, columns); faults are shapes on the stencil's sheet, mm.

        With `film` the weeded film is photographed on the clear glass, bits that were not pulled being leaks of it.
        """
        shape = as_polygons(shapely.difference(shapely.union_all([piece.sheet.film if film else piece.sheet.frosted,
                                                                  *leaks]), shapely.union_all(list(voids))))
        width, height = self.size
        columns, rows = (np.arange(0, many + _COARSE, _COARSE, dtype=float) for many in (width, height))
        across, down = np.meshgrid(columns, rows)
        eye, sight = self._sight(across.ravel(), down.ravel())
        right, low = (np.arange(many, dtype=np.float32) / _COARSE for many in (width, height))
        fine = [np.asarray(one, dtype=np.float32) for one in np.meshgrid(right, low)]

        def spread(values: Values) -> Picture:
            return _looked_up(values.reshape(across.shape), fine[0], fine[1])

        ground = eye + sight * (-eye[2] / sight[:, 2])[:, None]
        picture = np.full((height, width), _BLACK, dtype=np.float32)
        if card:
            picture = self._card(spread(ground[:, 0]), spread(ground[:, 1]))
        wall = self._on_wall(piece, eye, sight)
        sheet = self._on_sheet(piece, wall)
        grid = Grid.over(tuple(np.add(shape.bounds, (-1, -1, 1, 1))), _FROST_STEP)
        there = spread(np.isfinite(sheet[:, 0]).astype(float)) > 0.999
        x, y = (spread(np.nan_to_num(one, nan=1e5)) for one in sheet.T)
        frost = there * _looked_up(grid.drawn(shape), (x - grid.left) / grid.step - 0.5,
                                   (y - grid.low) / grid.step - 0.5, 0.0)
        picture = picture * (1 - frost) + (_FILM if film else _FROST) * frost
        return self._taken(picture, fine[0] / fine[0].max(), fine[1] / fine[1].max())

    def _taken(self, picture: Picture, right: Picture, down: Picture) -> NDArray[np.uint8]:
        import cv2

        picture = picture * (1 + self.uneven * ((right - 0.5) + (down - 0.5) / 2)).astype(np.float32)
        if self.glare is not None:
            x, y, wide = self.glare
            off: Picture = np.hypot(right - x, (down - y) * self.size[1] / self.size[0]) / wide
            picture = picture + (1.6 * np.exp(-(off**4))).astype(np.float32)
        if self.blur:
            picture = np.asarray(cv2.GaussianBlur(picture, (0, 0), self.blur), dtype=np.float32)
        chance = np.random.default_rng(self.seed)
        picture = picture + self.noise * chance.standard_normal(picture.shape, dtype=np.float32)
        return np.asarray(np.clip(np.round(picture * 255), 0, 255), dtype=np.uint8)

    @property
    def pinhole(self) -> Camera:
        """The same camera as the inspection knows it."""
        turn = self._turn.T * [[1.0], [-1.0], [-1.0]]
        return Camera(self.focal * self.size[0], (self.size[0] / 2 - 0.5, self.size[1] / 2 - 0.5), self.lens, turn,
                      -turn @ self._eye)

    @property
    def _turn(self) -> Values:
        from scipy.spatial.transform import Rotation

        return np.asarray(Rotation.from_euler("yxz", [self.yaw, -self.pitch, self.roll]).as_matrix())

    @property
    def _eye(self) -> Values:
        return np.asarray(self._turn @ np.array([0.0, 0.0, self.distance]) + [0.0, self.height, 0.0])

    def _sight(self, across: Values, down: Values) -> tuple[Values, Values]:
        """Where the eye stands before the card, and (n, 3) lines of sight of pixels."""
        focal = self.focal * self.size[0]
        bent = np.column_stack([across - (self.size[0] / 2 - 0.5), down - (self.size[1] / 2 - 0.5)]) / focal
        plain = bent.copy()
        for _ in range(8):
            plain = bent / (1 + self.lens * (plain**2).sum(axis=1, keepdims=True))
        return self._eye, np.column_stack([plain[:, 0], -plain[:, 1], -np.ones(len(plain))]) @ self._turn.T

    def _card(self, x: Picture, y: Picture) -> Picture:
        """The light of the card's plane, table all round."""
        card, (wide, high) = card_of(self.paper), SHEETS[self.paper]
        grid = Grid.over((-wide / 2, -BASE_MM, wide / 2, high - BASE_MM), _CARD_STEP)
        light: dict[bool, list[BaseGeometry]] = {True: [], False: []}
        for left, low, across, up, white in squares(card):
            light[white].append(shapely.box(left, low, left + across, low + up))
        dark = shapely.difference(shapely.box(*card.black), shapely.difference(shapely.union_all(light[True]),
                                                                               shapely.union_all(light[False])))
        page = _PAPER + (_BLACK - _PAPER) * grid.drawn(as_polygons(dark))
        return _looked_up(page, (x - grid.left) / grid.step - 0.5, (y - grid.low) / grid.step - 0.5, _TABLE)

    def _on_wall(self, piece: FinishedPiece, eye: Values, sight: Values) -> Values:
        """(n, 2) wall points that lines of sight meet first, u from the art's front; NaN where they meet none."""
        wall = piece.wall
        if isinstance(wall, Pane):
            met = eye + sight * (-eye[2] / sight[:, 2])[:, None]
            across, up = met[:, 0] - self.laid.aside, met[:, 1]
            inside = (np.abs(across) <= wall.span / 2) & (up >= 0) & (up <= wall.length)
            return np.where(inside[:, None], np.column_stack([across, up]), np.nan)
        s = np.linspace(0.0, wall.length, 800)
        radius, z = profile_at(wall, s)
        deepest = float(radius.max())
        axis = np.array([self.laid.aside, 0.0, deepest])
        near, far = (eye[2] - 2.02 * deepest) / -sight[:, 2], (eye[2] - 0.98 * deepest) / -sight[:, 2]

        def outside(t: Values) -> Values:
            at = eye + sight * t[:, None] - axis
            up = at[:, 1] - wall.stands
            return np.asarray(np.hypot(at[:, 0], at[:, 2]) - np.interp(up, z, radius, left=-1e3, right=-1e3))

        steps = np.linspace(0.0, 1.0, _ALONG)
        before, after = np.full(len(sight), np.nan), np.full(len(sight), np.nan)
        last = outside(near)
        for step, ahead in pairwise(steps.tolist()):
            now = outside(near + (far - near) * ahead)
            enters = (last > 0) & (now <= 0) & np.isnan(before)
            before[enters], after[enters] = step, ahead
            last = now
        for _ in range(_NARROWINGS):
            half = (before + after) / 2
            within = outside(near + (far - near) * np.nan_to_num(half)) <= 0
            after, before = np.where(within, half, after), np.where(within, before, half)
        at = eye + sight * (near + (far - near) * after)[:, None] - axis
        return np.column_stack([np.arctan2(at[:, 0], at[:, 2]), np.interp(at[:, 1] - wall.stands, z, s)])

    def _on_sheet(self, piece: FinishedPiece, wall: Values) -> Values:
        """(n, 2) sheet places of wall points, as the film lay."""
        chart = piece.fitted.chart
        shape = piece.sheet.film if piece.sheet.frosted.is_empty else piece.sheet.frosted
        left, low, right, high = looks_at(piece, shape)[self.side].bounds
        middle = np.array([(left + right) / 2, (low + high) / 2])
        front = float(chart.sheet_to_wall(middle[None])[0, 0]) if piece.wall.closed else 0.0
        scale = float(piece.wall.scale(np.array([chart.s0]))[0])
        planned = wall + [front - self.laid.across / scale, -self.laid.up]
        sheet = np.full(wall.shape, np.nan)
        there = np.isfinite(planned).all(axis=1)
        sheet[there] = chart.wall_to_sheet(planned[there])
        tilt = -self.laid.tilt if chart.mirrored else self.laid.tilt
        by = np.array([[np.cos(tilt), -np.sin(tilt)], [np.sin(tilt), np.cos(tilt)]])
        return np.asarray((sheet - middle) @ by + middle)


def _looked_up(texture: NDArray[Any], columns: Picture, rows: Picture, beyond: float | None = None) -> Picture:
    """What a texture has between its pixels; beyond its edge the same as there, or a value."""
    import cv2

    edge = cv2.BORDER_REPLICATE if beyond is None else cv2.BORDER_CONSTANT
    light, x, y = (np.asarray(one, dtype=np.float32) for one in (texture, columns, rows))
    told = cv2.remap(light, x, y, cv2.INTER_LINEAR, borderMode=edge, borderValue=beyond or 0.0)
    return np.asarray(told, dtype=np.float32)


