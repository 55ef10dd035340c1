"""Bands of film: the patch of wall that each stencil covers, with its border, and how an art is parted into them."""

from collections.abc import Iterator, Sequence
from itertools import pairwise

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiPolygon

from vitrograph.core.geometry import Box, Points, arc_pieces, multipolygon
from vitrograph.core.glass import Sheeting, Wall

EDGE_DEVIATION_MM = 0.004          # how far the sheet's arcs may stray from their chords
SEAL_MM = 2.0                      # film keeps at least so far from another stencil's openings (common practice)
_FILM_BEND = 0.01                  # 1/mm: no meridian of a film is taken to bend less, nor by much more
SIDES = ("left", "lower", "right", "upper")                    # of a film, as its borders are told
LEAST_LAP_MM = 3.0                 # films that lap by less let cream into the joint (common practice)
_EVEN = 0.25                       # of an even part, by which a better gap may stand off the even place
NEAR_MM = 0.5                      # films no farther apart than that are joined
_SHARE = 0.5                       # of the shorter of two films' sides, by which they lie along each other
OVERLAP_MM = 6.0                   # by which neighbouring borders lie on each other, where the gap allows
_BARE_MM = 6.0                     # of glass between films that stand apart, at least: a slit would be hard to mask
_CLOSED = 1e-6                     # radians: ends no farther apart meet
_FAR = 1e6                         # mm: farther than any art reaches
ALL: Box = (-_FAR, -_FAR, _FAR, _FAR)

Sides = tuple[float, float, float, float]                      # mm at the left, lower, right and upper side


class Seams(Struct, frozen=True):
    """How films of one glass meet: the border wanted at each side, and the least that they lap by, mm.

    `far` says that the art goes farther round than is read at one look: it is several designs then, where its gaps
    allow it, and their films stand apart.
    """

    border: Sides = (20.0, 20.0, 20.0, 20.0)
    lap: float = LEAST_LAP_MM
    far: bool = False

    def apart(self, gap: float, axis: int) -> bool:
        """Whether films stand apart in a gap between openings, across (0) or upright (1): each has its own border.

        The glass between them is masked.
        """
        return self.far and axis == 0 and gap >= self.border[0] + self.border[2] + _BARE_MM

    def reach(self, gap: float, side: int) -> float:
        """How far a film reaches at a side (as in SIDES) into the gap to its neighbour's openings, mm.

        Each reaches so far that they lap, unless they stand apart.
        """
        border = self.border[side]
        if self.apart(gap, side % 2):
            return border
        return min(gap - SEAL_MM, max(border, (gap + max(OVERLAP_MM, self.lap)) / 2))


class Band(Struct, frozen=True):
    """A patch of wall between two heights (mm along it) and two turns (u)."""

    u_low: float
    s_low: float
    u_high: float
    s_high: float

    @property
    def middle(self) -> tuple[float, float]:
        """Its middle (u, s)."""
        return (self.u_low + self.u_high) / 2, (self.s_low + self.s_high) / 2

    def shifted(self, u: float) -> "Band":
        """The same band farther round."""
        return Band(self.u_low + u, self.s_low, self.u_high + u, self.s_high)

    def meets(self, other: "Band") -> bool:
        """Whether it lies on another, or next to it above or below."""
        return min(self.u_high, other.u_high) >= max(self.u_low, other.u_low) and min(
            self.s_high, other.s_high) >= max(self.s_low, other.s_low) - NEAR_MM

    def closes(self, wall: Wall) -> bool:
        """Whether it goes all round a glass, so that its ends meet."""
        return wall.closed and self.u_high - self.u_low > wall.span - _CLOSED


def band_round(wall: Wall, box: Box, border: Sides, stands: float = 0.0) -> tuple[Band, Sides]:
    """The band that film covers round art of a box (u_low, s_low, u_high, s_high), and the border left at each side.

    The film ends where the glass does, and goes round it once at most; u is told from where the art stands, on a pane
    so far (mm) to the right of its middle.
    """
    u_low, s_low, u_high, s_high = box
    middle = float(wall.scale(np.array([(s_low + s_high) / 2]))[0])
    low, high = max(0.0, s_low - border[1]), min(wall.length, s_high + border[3])
    left, right = border[0] / middle, border[2] / middle
    if not wall.closed:
        left = max(0.0, min(left, u_low + stands + wall.span / 2))
        right = max(0.0, min(right, wall.span / 2 - stands - u_high))
    start, end = _within_span(u_low - left, u_high + right, wall, stands)
    if low >= high or start >= end:                            # all of the art lies off the glass: keep its own patch
        return Band(u_low, s_low, u_high, s_high), (0.0, 0.0, 0.0, 0.0)
    sides = ((u_low - start) * middle, s_low - low, (end - u_high) * middle, high - s_high)
    return Band(start, low, end, high), tuple(max(0.0, side) for side in sides)   # type: ignore[return-value]


def _within_span(start: float, end: float, wall: Wall, stands: float) -> tuple[float, float]:
    """Keep a stretch of u on the glass: inside a pane's edges, and no more than one turn of a round wall."""
    if not wall.closed:
        return max(start, -wall.span / 2 - stands), min(end, wall.span / 2 - stands)
    middle, half = (start + end) / 2, min(end - start, wall.span) / 2
    return middle - half, middle + half


def band_edge(flat: Sheeting, band: Band) -> Points:
    """(n, 2) wall points round a band, close enough that its edge on the sheet is within EDGE_DEVIATION_MM."""
    across = along = 1
    cone = flat.cone
    if cone is not None:
        bend = max(abs(cone.bend), 0.0 if cone is flat else _FILM_BEND)
        reach = 1 / max(bend, 1e-12) + max(abs(band.s_high - cone.at), abs(band.s_low - cone.at))
        across = arc_pieces(reach, (band.u_high - band.u_low) * cone.radius * bend, EDGE_DEVIATION_MM) if bend else 1
        if cone is not flat:                                   # meridians bend too, where film is not cut by a cone
            along = arc_pieces(1 / _FILM_BEND, (band.s_high - band.s_low) * _FILM_BEND, EDGE_DEVIATION_MM)
    u = np.linspace(band.u_low, band.u_high, across + 1)
    s = np.linspace(band.s_low, band.s_high, along + 1)[1:-1]
    return np.concatenate([
        np.column_stack([u, np.full_like(u, band.s_low)]), np.column_stack([np.full_like(s, band.u_high), s]),
        np.column_stack([u[::-1], np.full_like(u, band.s_high)]),
        np.column_stack([np.full_like(s, band.u_low), s[::-1]])])


def gaps_in(shape: MultiPolygon, axis: int) -> list[tuple[float, float]]:
    """The stretches, between its ends, that no part of a shape reaches over: along x (0) or up y (1), in order."""
    boxes = shapely.bounds(shapely.get_parts(shape))[:, [axis, axis + 2]]
    boxes = boxes[np.argsort(boxes[:, 0])]
    reached = np.maximum.accumulate(boxes[:, 1])
    return [(float(end), float(start)) for end, start in zip(reached[:-1], boxes[1:, 0], strict=True) if start > end]


def cut_places(
    shape: MultiPolygon, axis: int, many: int, seams: Seams, least: float = 2 * SEAL_MM
) -> list[tuple[float, float]]:
    """The gaps that part a shape into `many` as even as may be, fewer where it has not so many; in order.

    A gap narrower than `least` parts nothing: by itself, neither film could keep off the other's openings. Gaps so wide
    that films stand apart in them part designs that have nothing to do with each other, and are taken first; then one
    in which the films lap enough, before a narrower one that is a little more even.
    """
    low, high = shape.bounds[axis], shape.bounds[axis + 2]
    free = [gap for gap in gaps_in(shape, axis) if gap[1] - gap[0] >= least]
    chosen: list[tuple[float, float]] = []
    for k in range(1, many):
        wanted = low + (high - low) * k / many
        left = [gap for gap in free if gap not in chosen]
        wide = [gap for gap in left if seams.apart(gap[1] - gap[0], axis)]
        near = [gap for gap in left if gap[1] - gap[0] >= least + seams.lap
                and abs((gap[0] + gap[1]) / 2 - wanted) <= _EVEN * (high - low) / many]
        if left:
            chosen.append(min(wide or near or left, key=lambda gap: abs((gap[0] + gap[1]) / 2 - wanted)))
    return sorted(chosen)


def parts_of(
    art: MultiPolygon, axis: int, many: int, cell: Box, seams: Seams, least: float = 2 * SEAL_MM
) -> Iterator[tuple[Box, MultiPolygon]]:
    """A cell of art parted at its gaps, along x (0) or up y (1): the smaller cells and what lies in each."""
    places = [(low + high) / 2 for low, high in cut_places(art, axis, many, seams, least)] if many > 1 else []
    ends = [cell[axis], *places, cell[axis + 2]]
    shapes = shapely.get_parts(art)
    middles = shapely.bounds(shapes)[:, [axis, axis + 2]].mean(axis=1)
    for low, high in pairwise(ends):
        box = (low, cell[1], high, cell[3]) if axis == 0 else (cell[0], low, cell[2], high)
        yield box, multipolygon(shapes[(middles >= low) & (middles < high)])


def joints_of(bands: Sequence[Band], number: int) -> set[str]:
    """The sides of a film's band at which another one lies beside it, or on it."""
    own, found = bands[number], set()
    for other in (band for at, band in enumerate(bands) if at != number):
        beside = min(own.s_high, other.s_high) - max(own.s_low, other.s_low)
        over = min(own.u_high, other.u_high) - max(own.u_low, other.u_low)
        stacked = over > _SHARE * min(own.u_high - own.u_low, other.u_high - other.u_low)
        in_a_row = beside > _SHARE * min(own.s_high - own.s_low, other.s_high - other.s_low)
        if stacked and own.s_high < other.s_high and other.s_low <= own.s_high + NEAR_MM:
            found.add("upper")
        if stacked and own.s_low > other.s_low and other.s_high >= own.s_low - NEAR_MM:
            found.add("lower")
        if in_a_row and own.u_high < other.u_high and other.u_low <= own.u_high:
            found.add("right")
        if in_a_row and own.u_low > other.u_low and other.u_high >= own.u_low:
            found.add("left")
    return found
