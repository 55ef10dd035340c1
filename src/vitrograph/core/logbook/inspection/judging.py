"""What came out otherwise than drawn: leaks, voids, drips, ragged edges, each with its place and its area.

The picture laid flat is put in shares of the frost's own light: 0 is the ground, 1 the frost, both as uneven as a
curved surface of the second degree. It is held against the design as this very lens shows it, blurred alike; what is
brighter or darker than the design, and wider than edges may stray, is a fault. Areas are sums of what is too much or
too little, and so are true to parts of a pixel.
"""

from collections.abc import Iterator
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.errors import PictureError
from vitrograph.core.language import tr
from vitrograph.core.logbook.entry import Outcome
from vitrograph.core.logbook.inspection.unroll import Grid, Picture

Flags = NDArray[np.bool_]
FaultKind = Literal["leak", "drip", "void", "missed bit", "not pulled", "came off"]

LEAST_MM2 = 0.8                    # of a fault that is told
_EDGE_MM = 0.3                     # how far an edge may stray and be no fault
_OFF = 0.45                        # of the frost's light: what is so far off is no noise
_BLURS = (0.0, 0.06, 0.1, 0.15, 0.2, 0.3, 0.45)               # mm: lens and film, tried in turn
_CORE_MM = 0.45                    # from an edge: light is told by what lies farther in
_LEAST_CONTRAST = 0.06
_GLARE = 0.45                      # of the frost's light over it, and nearly white: a lamp
WHITE = 0.93
_DRIP_MM = 2.0                     # from the design: frost farther off is a drip
_WHOLE = 0.6                       # of an opening: it was not opened at all
_TURNS, _TUKEY = 6, 4.0


class Fault(Struct, frozen=True):
    """One fault: what, its middle on the sheet, mm; its area, mm²; its outline there; whether a hand drew it."""

    kind: FaultKind
    where: tuple[float, float]
    area: float
    outline: Polygon
    by_hand: bool = False

    @property
    def outcome(self) -> Outcome | None:
        """What a copy with it came out as, in the logbook's words; None of film, which can still be mended."""
        return _OUTCOMES.get(self.kind)


_OUTCOMES: dict[FaultKind, Outcome] = {"leak": "leak at an edge", "drip": "drip", "void": "faint",
                                       "missed bit": "missed bit"}


class Judged(Struct, frozen=True):
    """The faults; how far edges stray, mm, root mean square; the shares of the design out of sight and under glare."""

    faults: tuple[Fault, ...]
    edge: float
    hidden: float
    glare: float


def judge(seen: Picture, facing: Flags, there: Flags, grid: Grid, design: MultiPolygon, *, film: bool) -> Judged:
    """Hold a picture laid flat against its design; `film` says that film is bright, and not the frost.

    `facing` is what can be told from the picture, `there` what is on the glass and to be judged at all. Raises
    PictureError where there is no contrast.
    """
    drawn = grid.drawn(design)
    usable = facing & there
    light, ground = _lights(seen, drawn, usable, grid)
    contrast = float(np.median((light - ground)[usable]))
    if contrast < _LEAST_CONTRAST:
        what = tr("film") if film else tr("frost")
        raise PictureError(tr("no {what} is seen before the black: light it from the side, dry, and take it again",
                              what=what))
    glare = _glare(seen, light, ground, grid) & usable
    usable &= ~glare
    share = (seen - ground) / np.maximum(light - ground, contrast / 4)
    blur = _blur_of(share, drawn, usable, grid)
    meant = _blurred(drawn, blur, grid)
    reach = _EDGE_MM + blur
    apart = np.where(usable, share - meant, 0.0)
    more, less = (_thick(sign * apart > _OFF, grid) for sign in (1, -1))
    bright, dark = (list(_faults(seeds, np.clip(sign * apart, 0, 1.2), reach, grid))
                    for seeds, sign in ((more, 1), (less, -1)))
    told = [*(_bright(one, design, film=film) for one in bright), *(_dark(one, design, film=film) for one in dark)]
    whole = max(float(drawn.sum()), 1e-9)
    return Judged(tuple(sorted(told, key=lambda one: -one.area)), _edge(apart, meant, more | less, usable, grid),
                  float(drawn[~facing].sum()) / whole, float(drawn[glare].sum()) / whole)


def _thick(off: Flags, grid: Grid) -> Flags:
    """What is off and no mere sliver along an edge: what a disc as wide as an edge may stray fits into."""
    import cv2

    return np.asarray(cv2.morphologyEx(off.astype(np.uint8), cv2.MORPH_OPEN, _disc(_EDGE_MM, grid)) > 0)


def _blurred(drawn: Picture, blur: float, grid: Grid) -> Picture:
    import cv2

    return drawn if blur == 0 else np.asarray(cv2.GaussianBlur(drawn, (0, 0), blur / grid.step), dtype=np.float32)


def _disc(mm: float, grid: Grid) -> NDArray[np.uint8]:
    import cv2

    size = 2 * max(1, round(mm / grid.step)) + 1
    return np.asarray(cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (size, size)))


def _lights(seen: Picture, drawn: Picture, usable: Flags, grid: Grid) -> tuple[Picture, Picture]:
    """The light of the frost and of the ground at every pixel, by what lies well inside and well outside the design."""
    import cv2

    disc = _disc(_CORE_MM, grid)
    inside, outside = cv2.erode(drawn, disc) > 0.98, cv2.dilate(drawn, disc) < 0.02
    if (inside & usable).sum() < 200:                          # art of fine lines has no middle
        inside = drawn > 0.9
    return _surface(seen, inside & usable, grid), _surface(seen, outside & usable, grid)


def _surface(seen: Picture, where: Flags, grid: Grid) -> Picture:
    """A surface of the second degree through what is seen in places, by least squares that mind no outliers.

    Weights are Tukey's (A. E. Beaton and J. W. Tukey, Technometrics 16, 1974).
    """
    rows, columns = np.nonzero(where)
    if len(rows) < 20:
        return np.full(seen.shape, float(seen[where].mean()) if len(rows) else 0.0, dtype=np.float32)
    few = slice(None, None, max(1, len(rows) // 20_000))
    terms, values = _terms(columns[few], rows[few], grid), seen[rows[few], columns[few]].astype(float)
    weights = np.ones(len(values))
    told = np.zeros(terms.shape[1])
    off = values - np.median(values)
    for _ in range(_TURNS):
        spread = 1.4826 * float(np.median(np.abs(off))) + 1e-4
        weights = np.clip(1 - (off / (_TUKEY * spread)) ** 2, 0, None) ** 2
        told = np.linalg.lstsq(terms * weights[:, None], values * weights, rcond=None)[0]
        off = values - terms @ told
    all_rows, all_columns = np.mgrid[0:grid.rows, 0:grid.columns]
    x, y = (all_columns / grid.columns - 0.5).astype(np.float32), (all_rows / grid.rows - 0.5).astype(np.float32)
    return np.asarray(told[0] + told[1] * x + told[2] * y + told[3] * x * x + told[4] * x * y + told[5] * y * y,
                      dtype=np.float32)


def _terms(columns: NDArray[np.intp], rows: NDArray[np.intp], grid: Grid) -> NDArray[np.float64]:
    x, y = columns / grid.columns - 0.5, rows / grid.rows - 0.5
    return np.column_stack([np.ones(len(x)), x, y, x * x, x * y, y * y])


def _glare(seen: Picture, light: Picture, ground: Picture, grid: Grid) -> Flags:
    """Where a lamp is mirrored: nearly white, and much brighter than the frost; with what it outshines around."""
    import cv2

    lamp = (seen > WHITE) & (seen > light + _GLARE * (light - ground))
    return np.asarray(cv2.dilate(lamp.astype(np.uint8), _disc(1.5, grid)) > 0)


def _blur_of(share: Picture, drawn: Picture, usable: Flags, grid: Grid) -> float:
    """The blur, mm, at which the design is most like what was seen."""

    def apart(blur: float) -> float:
        meant = _blurred(drawn, blur, grid)
        return float(np.clip(np.abs(share - meant)[usable], 0, 1).mean())

    return min(_BLURS, key=apart)


class _Off(Struct, frozen=True):
    """Something off: its outline and middle on the sheet, mm, and its area, mm²."""

    outline: Polygon
    where: tuple[float, float]
    area: float


def _faults(seeds: Flags, apart: Picture, reach: float, grid: Grid) -> Iterator[_Off]:
    """Yield each place that was told, with what is off beside it; its middle is that of all light that is off."""
    import cv2

    grown = cv2.dilate(seeds.astype(np.uint8), _disc(reach + grid.step, grid))
    many, labels, stats, _ = cv2.connectedComponentsWithStats((grown > 0).astype(np.uint8), connectivity=8)
    for number in range(1, many):
        x, y, wide, high = stats[number, :4].tolist()
        part = (slice(y, y + high), slice(x, x + wide))
        here = labels[part] == number
        off = np.where(here, apart[part], 0.0)
        whole = float(off.sum())
        if whole * grid.step**2 >= LEAST_MM2:
            middle = grid.places(np.array([x + off.sum(axis=0) @ np.arange(wide) / whole]),
                                 np.array([y + off.sum(axis=1) @ np.arange(high) / whole]))[0]
            yield _Off(_outline((off > _OFF).astype(np.uint8), (x, y), grid), (float(middle[0]), float(middle[1])),
                       whole * grid.step**2)


def _outline(mask: NDArray[np.uint8], corner: tuple[int, int], grid: Grid) -> Polygon:
    """The outline on the sheet of the largest part of a mask whose first pixel is at a corner of the grid."""
    import cv2

    rings, _ = cv2.findContours(np.pad(mask, 1), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_SIMPLE)
    ring = max(rings, key=cv2.contourArea).reshape(-1, 2) - 1 + np.array(corner)
    places = grid.places(ring[:, 0].astype(float), ring[:, 1].astype(float))
    if len(places) < 3:
        return shapely.Point(places[0]).buffer(grid.step)
    shape = Polygon(places).buffer(grid.step / 2)
    return max(shape.geoms, key=lambda one: one.area) if isinstance(shape, MultiPolygon) else shape


def _bright(found: _Off, design: MultiPolygon, *, film: bool) -> Fault:
    far = shapely.distance(found.outline, design) > _DRIP_MM
    return Fault("not pulled" if film else "drip" if far else "leak", found.where, found.area, found.outline)


def _dark(found: _Off, design: MultiPolygon, *, film: bool) -> Fault:
    whole = min((part.area for part in design.geoms if part.intersects(found.outline)), default=float("inf"))
    kind: FaultKind = "came off" if film else "missed bit" if found.area > _WHOLE * whole else "void"
    return Fault(kind, found.where, found.area, found.outline)


def _edge(apart: Picture, meant: Picture, faults: Flags, usable: Flags, grid: Grid) -> float:
    """How far edges stray from the design, mm: what is off along a stretch of edge, over the length of that."""
    import cv2

    size = 2 * round(0.75 / grid.step) + 1
    slope = np.hypot(cv2.Sobel(meant, cv2.CV_32F, 1, 0, scale=1 / 8), cv2.Sobel(meant, cv2.CV_32F, 0, 1, scale=1 / 8))
    clean = usable & (cv2.dilate(faults.astype(np.uint8), _disc(1.5, grid)) == 0)
    off = cv2.boxFilter(np.where(clean, apart, 0.0).astype(np.float32), -1, (size, size), normalize=False)
    length = cv2.boxFilter(np.where(clean, slope, 0.0).astype(np.float32), -1, (size, size), normalize=False)
    there = clean & (length > 0.5 * size)
    if not there.any():
        return 0.0
    return float(np.sqrt(np.mean((off[there] / length[there]) ** 2))) * grid.step
