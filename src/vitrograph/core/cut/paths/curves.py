"""Outlines refitted with lines and arcs: as they were drawn, in far fewer pieces, so that a blade runs smoothly.

Between corners the longest stretch is taken each time that one line, or one arc through its ends, follows to within a
tolerance. The arc is the least-squares circle through two given points: with u along their chord c and v across it,
all its points obey u² - uc + v² = 2kv, which is linear in k, the height of its centre (algebraic circle fit: I. Kåsa,
A circle fitting procedure and its error analysis, IEEE Trans. Instrum. Meas. 25, 1976).
"""

from functools import cached_property
from math import atan, pi, radians, tan

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.geometry import Points, arc_pieces, distinct, turns_of

REFIT_MM = 0.01                    # how far a refitted line may lie from what was drawn, at a drawn point
CHORD_MM = 0.01                    # and from the true line half-way between two
DRAWN_MM = 0.008                   # drawn chords lie so far inside the true line at most (as art is flattened)
FLAT_MM = 0.011                    # how far chords may lie from an arc, on either side
_CORNER = radians(18)              # a turn at a vertex beyond which the blade has a corner to cut
_MOST_TURN = radians(150)          # of one arc
_FIRST_GUESS = 8                   # vertices of a stretch

Bulges = NDArray[np.float64]


class Curve(Struct, frozen=True, eq=False, dict=True):
    """A line of lines and arcs through (n, 2) points; `bulges` are n - 1 tangents of a quarter of each arc's angle.

    A bulge is 0 for a line and positive where the arc turns to the left, as in DXF. A closed one ends where it begins.
    """

    points: Points
    bulges: Bulges

    @property
    def closed(self) -> bool:
        """Whether it ends where it begins."""
        return len(self.points) > 2 and bool((self.points[0] == self.points[-1]).all())

    @cached_property
    def length(self) -> float:
        """Along it, mm."""
        chords = np.hypot(*np.diff(self.points, axis=0).T)
        quarter = np.arctan(np.abs(self.bulges))
        arcs = np.divide(2 * quarter, np.sin(2 * quarter), out=np.ones_like(quarter), where=quarter > 1e-9)
        return float((chords * arcs).sum())

    def moved(self, by: Points, turn: float = 0.0) -> "Curve":
        """It turned about the origin by so many radians, then moved."""
        cos, sin = np.cos(turn), np.sin(turn)
        return Curve(self.points @ np.array([[cos, sin], [-sin, cos]]) + by, self.bulges)

    def flattened(self, within: float = FLAT_MM) -> Points:
        """Chords that lie no farther from it than so many mm; those along an arc as much outside as inside."""
        made = [self.points[:1]]
        for start, end, bulge in zip(self.points[:-1], self.points[1:], self.bulges.tolist(), strict=True):
            made.append(_chords(start, end, bulge, within))
        return np.concatenate(made)


def _chords(start: Points, end: Points, bulge: float, within: float) -> Points:
    """The points after its start of an arc in chords."""
    sweep = 4 * atan(bulge)
    chord = end - start
    across = float(np.hypot(*chord))
    if abs(sweep) < 1e-9 or across == 0:
        return end[None]
    radius = across * (1 + bulge * bulge) / (4 * abs(bulge))
    off = min(within / 1.5, radius / 4)                        # from the arc outward a chord falls deeper
    many = max(arc_pieces(radius, abs(sweep), 2 * off), 1)
    if many == 1:
        return end[None]
    centre = (start + end) / 2 + np.array([-chord[1], chord[0]]) * (1 - bulge * bulge) / (4 * bulge)
    begun = np.arctan2(*(start - centre)[::-1])
    angle = begun + sweep * np.arange(1, many) / many
    inner = centre + (radius + off) * np.column_stack([np.cos(angle), np.sin(angle)])
    return np.concatenate([inner, end[None]])


def refit(line: Points, within: float = REFIT_MM) -> Curve:
    """A line of (n, 2) points as a Curve that lies no farther from it than `within` mm; closed if the line is."""
    line = line[np.concatenate([[True], (np.diff(line, axis=0) != 0).any(axis=1)])]
    if len(line) < 3:
        return Curve(line, np.zeros(len(line) - 1))
    closed = bool((line[0] == line[-1]).all())
    corners = corners_in(line)
    if closed and len(corners):
        line = np.concatenate([line[corners[0]: -1], line[: corners[0] + 1]])
        corners = corners - corners[0]
    stops = distinct(np.concatenate([[0], corners, [len(line) - 1]]))
    at, bulges = [0], []
    for first, last in zip(stops[:-1].tolist(), stops[1:].tolist(), strict=True):
        for end, bulge in _stretches(line[first: last + 1], within, closed and len(stops) == 2):
            at.append(first + end)
            bulges.append(bulge)
    return Curve(line[at], np.array(bulges))


def corners_in(line: Points, least: float = _CORNER) -> NDArray[np.intp]:
    """Numbers of the vertices where a (n, 2) line turns more than so far, rad; the ends of an open one are none."""
    closed = bool((line[0] == line[-1]).all())
    turns = turns_of(line[:-1] if closed else line)
    if not closed:
        turns[[0, -1]] = 0.0
    return np.flatnonzero(turns > least)


def _stretches(line: Points, within: float, whole_ring: bool) -> list[tuple[int, float]]:
    """The vertices at which stretches of a smooth line end, and their bulges; a ring is parted in three at least."""
    made, at, guess, last = [], 0, _FIRST_GUESS, len(line) - 1
    most = -(-last // 3) if whole_ring else last
    while at < last:
        reach = min(last - at, most)
        good, bulge = 1, 0.0
        bad = reach + 1
        size = min(guess, reach)
        while bad - good > 1 or size > good:
            fitted = _one_piece(line[at: at + size + 1], within)
            if fitted is None:
                bad = size
            else:
                good, bulge = size, fitted
            if good >= reach or bad - good <= 1:
                break
            size = min(2 * good, reach) if bad > reach else (good + bad) // 2
        made.append((at + good, bulge))
        at, guess = at + good, max(good, 2)
    return made


def _one_piece(points: Points, within: float) -> float | None:
    """The bulge of the line or arc through the first and last point that follows all between; None if none does."""
    chord = points[-1] - points[0]
    long = float(np.hypot(*chord))
    if long == 0:
        return None
    way = chord / long
    local = points - points[0]
    u, v = local @ way, local @ np.array([-way[1], way[0]])
    if np.abs(v).max() <= within:
        return 0.0 if u.min() >= -within and u.max() <= long + within else None
    k = float((v * (u * u - u * long + v * v)).sum() / (2 * (v * v).sum()))
    radius = float(np.hypot(long / 2, k))
    off = np.hypot(u - long / 2, v - k) - radius
    # what was drawn is chords already, between places on the true line: half-way that lies a chord's sagitta outside
    middle = np.hypot((u[1:] + u[:-1]) / 2 - long / 2, (v[1:] + v[:-1]) / 2 - k) - radius
    middle += np.minimum(((u[1:] - u[:-1]) ** 2 + (v[1:] - v[:-1]) ** 2) / (8 * radius), DRAWN_MM)
    if np.abs(off).max() > within or np.abs(middle).max() > max(within, CHORD_MM):
        return None
    return _bulge(u, v, long, k, radius)


def _bulge(u: Bulges, v: Bulges, long: float, k: float, radius: float) -> float | None:
    """The bulge of an arc whose centre is `k` above its chord, on the points' side; None where it turns too far."""
    side = 1.0 if v[np.abs(v).argmax()] < 0 else -1.0         # an arc that turns left lies right of its chord
    half = float(np.arcsin(min(1.0, long / (2 * radius))))
    sweep = 2 * half if side * k >= 0 else 2 * (pi - half)
    return None if sweep > _MOST_TURN else side * tan(sweep / 4)
