"""Where the film really lay: the design moved until it lies on what the camera saw.

The unknowns are told by least squares on the picture itself, as in B. D. Lucas and T. Kanade, An iterative image
registration technique, 1981, from coarse to fine. Light is free to be uneven: at each step the picture is told by the
design, a plane of light on the frost and one on the ground.
"""

from collections.abc import Callable

import numpy as np
from msgspec import Struct
from msgspec.structs import replace
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.geometry import Box
from vitrograph.core.logbook.inspection.camera import Camera
from vitrograph.core.logbook.inspection.seat import Seat
from vitrograph.core.logbook.inspection.unroll import Grid, Photo, Picture, unroll

Values = NDArray[np.float64]

_ASIDE_MM, _FOCAL = 4.0, 0.12      # how far a piece usually stands off the arrow, and the focal length off the guess
_SEARCH_MM, _SEARCH_STEP, _STARTS = (24.0, 18.0), 3.0, 4
_FILM_ALONE = 3                    # of the unknowns: how the film lies, and not where the glass and the camera stand
_LEVELS = ((1.2, 2.5), (0.5, 0.8), (0.25, 0.3))                # mm a pixel, and the blur in mm
_MOST_PIXELS = 40_000
_LEAST = 50                        # pixels in sight that tell anything
# of the unknowns: mm across and up, tilt (radians), mm aside, log of the focal length; and the most they can be
_UNITS = np.array([1.0, 1.0, 0.02, 2.0, 0.05])
_MOST = np.array([60.0, 60.0, 0.2, 25.0, 0.5])
_FAR, _SHARE, _STILL = 1000.0, 3e-5, 3e-6
_FAULT = 0.25                      # of the frost's light: what is farther off is a fault, and hardly heard


class Registered(Struct, frozen=True):
    """The seat and the camera that lay the design on what was seen, and how well it does: a correlation, up to 1."""

    seat: Seat
    camera: Camera
    likeness: float


class Drawn(Struct, frozen=True):
    """What is bright in the picture where all went well: its shape on the sheet, the box that is looked at, and what
    alone is looked at within it: all of it, where that is None."""

    shape: MultiPolygon
    box: Box
    within: MultiPolygon | None = None

    def looked_at(self, grid: Grid) -> NDArray[np.bool_]:
        """The pixels of a grid that are looked at."""
        if self.within is None:
            return np.ones((grid.rows, grid.columns), dtype=bool)
        return np.asarray(grid.drawn(self.within) > 0.5)


def register(photo: Photo, camera: Camera, seat: Seat, design: Drawn) -> Registered:
    """Move the film over the glass, and the glass before the card, until the design lies on the picture."""
    from scipy.optimize import least_squares

    closed = seat.wall.closed
    scale = float(seat.wall.scale(np.array([seat.chart.s0]))[0])

    def at(p: Values) -> tuple[Seat, Camera]:
        moved = replace(seat, round_by=p[0] / scale, up_by=p[1], tilt=p[2], aside=p[3] if closed else 0.0)
        return moved, camera.with_focal(float(np.exp(p[4]))) if closed else camera

    def settle(level: "_Level", p: Values, free: int) -> tuple[float, Values]:
        """The best near some values, the first so many of them free to move: a likeness and the values."""
        def off(z: Values) -> Values:
            q = p.copy()
            q[:free] = (z - _FAR) * _UNITS[:free]
            held = np.array([q[3] / _ASIDE_MM, q[4] / _FOCAL]) * level.held
            return np.concatenate([level.off(*at(q)), held])

        # told from far off, so that SciPy's steps, which are shares of the values, are the same everywhere
        most = _MOST[:free] / _UNITS[:free]
        found = least_squares(off, p[:free] / _UNITS[:free] + _FAR, diff_step=_SHARE, max_nfev=20, ftol=_STILL,
                              loss="cauchy", f_scale=_FAULT, bounds=(_FAR - most, _FAR + most))
        best = p.copy()
        best[:free] = (found.x - _FAR) * _UNITS[:free]
        return level.likeness(*at(best)), best

    levels = [_Level.of(photo, design, step, blur) for step, blur in _LEVELS]
    starts = _search(levels[0], at)
    likeness, p = max((settle(levels[0], start, _FILM_ALONE) for start in starts), key=lambda one: one[0])
    for level in levels[1:]:
        likeness, p = settle(level, p, len(p) if closed else _FILM_ALONE)
    return Registered(*at(p), likeness)


class _Level(Struct, frozen=True):
    """The design and the picture at one fineness."""

    photo: Photo
    grid: Grid
    drawn: Picture
    within: NDArray[np.bool_]
    pixel: float

    @classmethod
    def of(cls, photo: Photo, design: Drawn, step: float, blur: float) -> "_Level":
        import cv2

        left, low, right, high = design.box
        step = max(step, float(np.sqrt((right - left) * (high - low) / _MOST_PIXELS)))
        grid = Grid.over(design.box, step)
        drawn = grid.drawn(design.shape)
        blurred = np.asarray(cv2.GaussianBlur(drawn, (0, 0), blur / step), dtype=np.float32)
        return cls(photo, grid, blurred, design.looked_at(grid), blur / step)

    @property
    def held(self) -> float:
        """How hard what is usual holds against what is seen: as much as a strip of the picture."""
        return float(np.sqrt(self.drawn.size)) * 0.01

    def off(self, seat: Seat, camera: Camera) -> Values:
        """What the picture shows that the design under uneven light does not, of its own contrast."""
        seen, facing = self._seen(seat, camera)
        whole = np.zeros(self.drawn.size)
        if facing.sum() < _LEAST:
            return whole + 1.0
        left, contrast = self._lit(seen, facing)
        whole[facing.ravel()] = left / max(contrast, 1e-3)
        return np.clip(whole, -2.0, 2.0)

    def likeness(self, seat: Seat, camera: Camera) -> float:
        """The correlation of the picture with the design, light put even."""
        seen, facing = self._seen(seat, camera)
        if facing.sum() < _LEAST:
            return 0.0
        left, contrast = self._lit(seen, facing)
        if contrast <= 0:
            return 0.0
        told = seen[facing] - self._ground(facing, seen)
        return float(np.sqrt(max(0.0, 1 - (left**2).sum() / max(float((told**2).sum()), 1e-12))))

    def _seen(self, seat: Seat, camera: Camera) -> tuple[Picture, NDArray[np.bool_]]:
        import cv2

        seen, facing = unroll(self.photo, camera, seat, self.grid)
        return np.asarray(cv2.GaussianBlur(seen, (0, 0), self.pixel), dtype=np.float32), facing & self.within

    def _planes(self, facing: NDArray[np.bool_]) -> Values:
        rows, columns = np.nonzero(facing)
        return np.column_stack([np.ones(len(rows)), columns / self.grid.columns - 0.5, rows / self.grid.rows - 0.5])

    def _ground(self, facing: NDArray[np.bool_], seen: Picture) -> Values:
        planes = self._planes(facing)
        return np.asarray(planes @ _least_squares(planes, seen[facing]))

    def _lit(self, seen: Picture, facing: NDArray[np.bool_]) -> tuple[Values, float]:
        """What is left of the picture after the design under its best light, and the contrast of that."""
        planes, drawn = self._planes(facing), self.drawn[facing][:, None]
        terms = np.hstack([planes, planes * drawn])
        told = _least_squares(terms, seen[facing])
        return np.asarray(seen[facing] - terms @ told), float(told[3])


def _least_squares(terms: Values, values: Picture) -> Values:
    """By the normal equations: few terms, well apart, many places."""
    return np.asarray(np.linalg.solve(terms.T @ terms + 1e-9 * np.eye(terms.shape[1]), terms.T @ values))


def _search(level: _Level, at: Callable[[Values], tuple[Seat, Camera]]) -> list[Values]:
    """The likeliest places all about where the art should be, far apart: a film may lie off, and a glass be turned."""
    tried = []
    for across in np.arange(-_SEARCH_MM[0], _SEARCH_MM[0] + 1, _SEARCH_STEP):
        for up in np.arange(-_SEARCH_MM[1], _SEARCH_MM[1] + 1, _SEARCH_STEP):
            p = np.array([across, up, 0.0, 0.0, 0.0])
            tried.append((level.likeness(*at(p)), p))
    tried.sort(key=lambda one: -one[0])
    kept: list[Values] = []
    for _, p in tried:
        if all(np.abs(p - other).max() > _SEARCH_STEP * 1.5 for other in kept):
            kept.append(p)
    return kept[:_STARTS]
