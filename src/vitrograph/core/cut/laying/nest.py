"""True shapes laid on film: each as far to the start of the film as it goes, a least gap from all others.

The film is a raster of cells, and what each shape and half the gap about it cover is too; where a shape may lie is
where the correlation of the two is nothing, told for all places at once by the Fourier transform. Two shapes nearer
than the gap have a point within half of it of both, and so a cell in common: no place that is told can be too near.
"""

from bisect import bisect_left
from collections.abc import Callable, Iterable, Sequence
from functools import cached_property
from math import ceil, cos, pi, sin

import numpy as np
import shapely
from msgspec import Struct, field
from numpy.typing import NDArray
from shapely.geometry import Polygon

from vitrograph.core.geometry import Points
from vitrograph.core.job import Turning
from vitrograph.core.language import tr

_LETTERS = 24                      # of a name that is written on its stencil
_CELLS = 150_000                   # of the raster of a sheet, about
_FINEST = 1.5                      # mm: the least cell
_MISSES = 8                        # parts in a row that have no room, after which one that has is looked for
_STAMPS = 16                       # parts whose cells are kept, a few MB each
_OUTLINE_MM = 0.02                 # how much a shape's outline is simplified before it is laid
TURNS: dict[Turning, tuple[float, ...]] = {
    "free": tuple(pi * k / 6 for k in range(-5, 7)), "quarter": tuple(pi * k / 2 for k in range(-1, 3)), "none": (0.0,)}

Raster = NDArray[np.bool_]


class Part(Struct, frozen=True, eq=False, dict=True):
    """One stencil to lay: whose it is (a job's key, the numbers of its film and its copy, of so many), its outline.

    The outline is as on its own sheet; its place there is kept by the lower left corner of its box, `corner`.
    """

    key: int
    film: int
    copy: int
    outline: Polygon
    name: str = ""
    many: int = 1
    films: int = 1

    @property
    def called(self) -> str:
        """What is written on it: its name, as far as it has room, and its number where there are several like it."""
        short = self.name if len(self.name) <= _LETTERS else f"{self.name[:_LETTERS - 1].rstrip()}…"
        return self._with_film(short) + (f", {self.copy + 1}" if self.many > 1 else "")

    @property
    def film_name(self) -> str:
        """Whose film it is, and which of them where there are several."""
        return self._with_film(self.name)

    def _with_film(self, name: str) -> str:
        return tr("{name}, film {film}", name=name, film=self.film + 1) if self.films > 1 else name

    @property
    def whose(self) -> tuple[int, int, int]:
        """What tells it from all others of its order."""
        return self.key, self.film, self.copy

    @cached_property
    def corner(self) -> tuple[float, float]:
        """The lower left corner of its box, on its own sheet."""
        left, low, _, _ = self.outline.bounds
        return left, low

    @cached_property
    def rough(self) -> Polygon:
        """Its outline from its corner on, and a hair larger, in few vertices."""
        whole = Polygon(self.outline.exterior).buffer(_OUTLINE_MM, quad_segs=2).simplify(_OUTLINE_MM)
        return shapely.transform(whole, lambda xy: xy - np.array(self.corner))

    def on(self, points: Points, at: "Spot") -> Points:
        """Points of its own sheet where it is laid."""
        return moved(points - np.array(self.corner), at)


class Spot(Struct, frozen=True):
    """Where a part's corner lies on a sheet of film, mm, after it is turned about it by `turn` rad."""

    x: float
    y: float
    turn: float = 0.0


class Laid(Struct, frozen=True, eq=False, dict=True):
    """A part in its place; a pinned one stays there."""

    part: Part
    spot: Spot
    pinned: bool = False

    @cached_property
    def shape(self) -> Polygon:
        """What it covers of the film."""
        return shapely.transform(self.part.rough, lambda xy: moved(xy, self.spot))


class Film(Struct, frozen=True):
    """Where parts may lie on a sheet of film: its length (the way it is fed) and width, less its margins; and how.

    `gap` is the least distance between two parts, mm.
    """

    length: float
    width: float
    margin: float
    gap: float
    turning: Turning = "free"

    @property
    def room(self) -> tuple[float, float]:
        """How long and how wide what lies on it may be, mm."""
        return self.length - 2 * self.margin, self.width - 2 * self.margin

    def holds(self, shape: Polygon) -> bool:
        """Whether a shape lies on it."""
        left, low, right, high = shape.bounds
        near, slack = self.margin - 1e-6, 1e-6
        return bool(left >= near and low >= near and right <= self.length - self.margin + slack
                and high <= self.width - self.margin + slack)


def moved(points: Points, at: Spot) -> Points:
    """(n, 2) points turned about the origin and moved."""
    c, s = cos(at.turn), sin(at.turn)
    return np.asarray(points @ np.array([[c, s], [-s, c]]) + (at.x, at.y))


def lies_well(laid: Sequence[Laid], film: Film) -> bool:
    """Whether parts lie on the film, none nearer to another than the gap."""
    shapes = np.array([one.shape for one in laid], dtype=object)
    if not all(film.holds(shape) for shape in shapes):
        return False
    tree = shapely.STRtree(shapes)
    one, other = tree.query(shapes, predicate="dwithin", distance=max(film.gap - 1e-6, 0.0))
    return not bool((one != other).any())


def nested(
    parts: Iterable[Part], film: Film, pinned: Sequence[Laid] = (), still_wanted: Callable[[], None] = lambda: None,
    stamps: "Stamps | None" = None,
) -> tuple[list[Laid], list[Part]]:
    """Lay parts on one sheet about those that are pinned, the largest first; those laid, and those without a place.

    Of all places the one that leaves the least length in use is taken, then the one nearest to the side. `stamps` are
    kept from one sheet to the next. Where many wait, a smaller part is taken to have room wherever a larger one has.
    """
    raster = _Raster.of(film)
    for one in pinned:
        raster.cover(one.shape)
    filling = _Filling(raster, {} if stamps is None else stamps, still_wanted)
    waiting = sorted(parts, key=lambda part: -part.rough.area)
    laid, rest = list(pinned), []
    at = missed = 0
    while at < len(waiting):
        if missed >= _MISSES:                                  # of hundreds that wait nearly all are too large by now
            first = bisect_left(waiting, True, lo=at, key=filling.fits)
            rest += waiting[at:first]
            at, missed = first, 0
            continue
        part = waiting[at]
        if spot := filling.place(part):
            laid.append(Laid(part, spot))
        else:
            rest.append(part)
        at, missed = at + 1, 0 if spot else missed + 1
    return laid, rest


class _Stamp(Struct, frozen=True, eq=False):
    """A turned shape as cells, (length, width); the shape's own corner lies `at` from the first cell's corner, mm."""

    cells: Raster
    at: tuple[float, float]
    turn: float
    reach: float                   # of the shape along the film, mm
    spectrum: NDArray[np.complex128]


Stamps = dict[tuple[Film, bytes], list[_Stamp]]


class _Filling(Struct, eq=False):
    """A sheet that is filled; copies of a part are turned and drawn once, and have no room where one has none."""

    raster: "_Raster"
    stamps: Stamps
    still_wanted: Callable[[], None]
    refused: set[bytes] = field(default_factory=set)

    def place(self, part: Part) -> Spot | None:
        """Lay a part in its best place; None where there is no room."""
        found = self._found(part)
        return None if found is None else self.raster.take(*found)

    def fits(self, part: Part) -> bool:
        """Whether there is room for a part."""
        return self._found(part) is not None

    def _found(self, part: Part) -> "tuple[_Stamp, tuple[int, int]] | None":
        self.still_wanted()
        shape = part.rough.wkb
        if shape in self.refused:
            return None
        told = self.raster.film, shape
        stamps = self.stamps.pop(told, None) or [self.raster.stamp(part.rough, turn)
                                                 for turn in TURNS[self.raster.film.turning]]
        self.stamps[told] = stamps                             # the last that are used are kept
        if len(self.stamps) > _STAMPS:
            del self.stamps[next(iter(self.stamps))]
        found = self.raster.find(stamps)
        if found is None:
            self.refused.add(shape)
        return found


class _Raster(Struct, eq=False, dict=True):
    """The cells of a sheet within its margins, half a gap wider on all sides; taken ones are True."""

    film: Film
    cell: float
    taken: Raster

    @classmethod
    def of(cls, film: Film) -> "_Raster":
        long, wide = (side - 2 * film.margin + film.gap for side in (film.length, film.width))
        cell = max(_FINEST, (max(long, 1.0) * max(wide, 1.0) / _CELLS) ** 0.5)
        return cls(film, cell, np.zeros((max(1, int(long / cell)), max(1, int(wide / cell))), dtype=bool))

    @property
    def _origin(self) -> float:
        """Of the first cell's corner on the sheet, both ways, mm."""
        return self.film.margin - self.film.gap / 2

    @property
    def _spread(self) -> float:
        return self.film.gap / 2 + self.cell * 0.7072

    def cover(self, shape: Polygon) -> None:
        """Take the cells that a shape and half a gap about it cover."""
        wide = shape.buffer(self._spread, quad_segs=4)
        long, many = self.taken.shape
        self.taken |= _covered(wide, self._middles(self._origin, long), self._middles(self._origin, many))

    def _middles(self, start: float, many: int) -> Points:
        """The middles of so many cells from a place on."""
        return np.asarray(start + (np.arange(many) + 0.5) * self.cell)

    def stamp(self, shape: Polygon, turn: float) -> _Stamp:
        """A shape's cells, turned; it lies so in them that it goes against a margin with nothing to spare."""
        turned = shapely.transform(shape, lambda xy: moved(xy, Spot(0.0, 0.0, turn)))
        left, low, right, high = turned.bounds
        half = self.film.gap / 2
        along, across = (max(1, ceil((reach + 2 * half) / self.cell)) for reach in (right - left, high - low))
        cells = _covered(turned.buffer(self._spread, quad_segs=4), self._middles(left - half, along),
                         self._middles(low - half, across))
        return _Stamp(cells, (half - left, half - low), turn, right - left, self._spectrum(cells))

    def _spectrum(self, cells: Raster) -> NDArray[np.complex128]:
        from scipy.fft import rfft2

        shape = self._padded
        fits = cells.shape[0] <= self.taken.shape[0] and cells.shape[1] <= self.taken.shape[1]
        return np.asarray(np.conj(rfft2(cells.astype(float), shape))) if fits else np.empty((0, 0), dtype=complex)

    @cached_property
    def _padded(self) -> tuple[int, int]:
        from scipy.fft import next_fast_len

        long, wide = self.taken.shape
        return next_fast_len(long, real=True), next_fast_len(wide, real=True)

    def find(self, stamps: Sequence[_Stamp]) -> tuple[_Stamp, tuple[int, int]] | None:
        """The best place for a shape, in any of its turns, and its first cell. None where there is no room."""
        from scipy.fft import rfft2

        spectrum = rfft2(self.taken.astype(float), self._padded)
        best: tuple[float, float, _Stamp, tuple[int, int]] | None = None
        for stamp in stamps:
            at = self._free(stamp, spectrum)
            if at is not None:
                reach, side = at[0] * self.cell + stamp.reach, at[1] * self.cell
                if best is None or (reach, side) < (best[0] - 1e-9, best[1]):
                    best = reach, side, stamp, at
        return None if best is None else best[2:]

    def take(self, stamp: _Stamp, at: tuple[int, int]) -> Spot:
        """Take the cells of a shape from one on; where it lies so."""
        row, column = at
        long, wide = stamp.cells.shape
        self.taken[row: row + long, column: column + wide] |= stamp.cells
        return Spot(self._origin + row * self.cell + stamp.at[0], self._origin + column * self.cell + stamp.at[1],
                    stamp.turn)

    def _free(self, stamp: _Stamp, spectrum: NDArray[np.complex128]) -> tuple[int, int] | None:
        """The first cell, along the film and then across, from which a stamp meets none that is taken."""
        from scipy.fft import irfft2

        long, wide = (whole - own + 1 for whole, own in zip(self.taken.shape, stamp.cells.shape, strict=True))
        if not stamp.spectrum.size or long < 1 or wide < 1:
            return None
        met = irfft2(spectrum * stamp.spectrum, self._padded)[:long, :wide]
        free = np.flatnonzero(met.ravel() < 0.5)
        return None if not len(free) else divmod(int(free[0]), wide)


def _covered(shape: Polygon, x: Points, y: Points) -> Raster:
    """Which cells of (len(x), len(y)) have their middles in a shape."""
    shapely.prepare(shape)
    return np.asarray(shapely.contains_xy(shape, x[:, None], y[None]))


def rows_of_boxes(parts: Iterable[Part], film: Film) -> tuple[list[Laid], list[Part]]:
    """Parts in rows across the film, by their boxes alone: what any nesting must better."""
    laid: list[Laid] = []
    rest: list[Part] = []
    x = y = film.margin
    deep = 0.0
    for part in sorted(parts, key=lambda part: -part.rough.bounds[2]):
        long, wide = part.rough.bounds[2:]
        if y > film.margin and y + wide > film.width - film.margin:
            x, y, deep = x + deep + film.gap, film.margin, 0.0
        if x + long > film.length - film.margin or y + wide > film.width - film.margin:
            rest.append(part)
            continue
        laid.append(Laid(part, Spot(x, y)))
        y, deep = y + wide + film.gap, max(deep, long)
    return laid, rest
