"""The collar: a paper ring that hangs on the rim, with windows where a film's corners go; for a pane a paper strip.

A wall is laid flat by the cone that touches it at the rim, with every distance down a meridian kept (on a ball: the
equidistant conic with its one standard parallel at the rim, J. P. Snyder, Map Projections, USGS Professional Paper
1395, chapter 16). Its upper edge is as long as the rim. On straight and tapered walls the whole ring lies on the glass;
on curved ones only a narrow band does, and tongues that bend along a meridian each reach down to one place.
"""

from collections.abc import Callable, Iterator, Sequence
from math import pi

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiPolygon, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.errors import GlassError
from vitrograph.core.fit import EDGE_DEVIATION_MM
from vitrograph.core.geometry import Points, arc_pieces, as_polygons, half_turn
from vitrograph.core.glass import Cone, Frustum, Pane, Wall
from vitrograph.core.language import tr
from vitrograph.core.transfer.placing import Spot, Surroundings
from vitrograph.core.transfer.walk import Setting
from vitrograph.core.value_words import word_of

Flat = Callable[[Points, Points], Points]

_BELOW_MM = 14.0                   # paper below the lowest place
_BAND_MM = 12.0                    # of a collar on a curved wall: what of it lies on the glass
_TONGUE_MM = 14.0                  # wide
_WINDOW_MM = 8.0                   # a window's side
_FLAP_MM = 10.0                    # to glue the ring by


class Mark(Struct, frozen=True):
    """A place on the paper: a window at a film's corner, or a tick at the front mark, a handle or a seam."""

    name: str
    at: tuple[float, float]
    window: bool


class Collar(Struct, frozen=True):
    """The paper, in mm: its outline, its upper edge (n, 2), windows to cut out, the flap to glue by, and its marks."""

    outline: Polygon
    upper: Points
    windows: MultiPolygon
    flap: Polygon
    marks: tuple[Mark, ...]
    says: str


def collar_cone(wall: Wall, s: float) -> Cone:
    """The cone that touches a wall at a height s along it. Raises GlassError where the wall closes there."""
    step = min(0.05, wall.length / 1000)
    low, high = wall.scale(np.array([s - 2 * step, s])).tolist() if s > wall.length - step else wall.scale(
        np.array([s - step, s + step])).tolist()
    here = float(wall.scale(np.array([s]))[0])
    if here < 1.0:
        raise GlassError(tr("this glass has no rim to hang a collar on: find the film's height from the table"))
    taper = wall.taper if isinstance(wall, Frustum) else (high - low) / (2 * step)
    return Cone(here, float(np.clip(taper, -0.999, 0.999)), s)


def collar_of(settings: Sequence[Setting], about: Surroundings) -> Collar:
    """The collar of all films of one copy. Raises GlassError where there is no rim to hang it on."""
    spots = [(f"{setting.number} " if setting.many > 1 else "", spot) for setting in settings
             for spot in setting.placing.spots]
    if isinstance(about.wall, Pane) and about.wall.oval:
        return _cap(spots, about.wall, about, behind=settings[0].placing.behind)
    return _ring(spots, about) if about.wall.closed else _strip(spots, about)


def _ring(spots: Sequence[tuple[str, Spot]], about: Surroundings) -> Collar:
    wall = about.wall
    cone = collar_cone(wall, wall.length)
    middle = float(np.mean([spot.at[0] for _, spot in spots]))

    def flat(u: Points, down: Points) -> Points:
        """Paper for places so far below the rim as it leans."""
        rim = np.array([about.rim_at(angle + middle) for angle in np.atleast_1d(u)])
        return cone.develop(np.column_stack([u, rim - down]))

    many = max(64, arc_pieces(cone.radius, 2 * pi, EDGE_DEVIATION_MM))
    turn = np.linspace(-pi, pi, many + 1)
    upper = flat(turn, np.zeros(many + 1))
    exact = isinstance(wall, Frustum)
    deep = max(_BAND_MM, max(spot.down for _, spot in spots) + _BELOW_MM) if exact else _BAND_MM
    shape: BaseGeometry = Polygon(np.concatenate([upper, flat(turn, np.full(many + 1, deep))[::-1]]))
    for _, spot in spots if not exact else ():
        shape = shape.union(_tongue(flat, half_turn(spot.at[0] - middle), spot.down))
    marks = [Mark(f"{film}{spot.name}", _at(flat, half_turn(spot.at[0] - middle), spot.down), True)
             for film, spot in spots]
    marks += [Mark(name, _at(flat, half_turn(angle - middle), 0.0), False) for name, angle in _ticks(about)]
    flap = flat(np.array([pi, pi + _FLAP_MM / cone.radius]), np.zeros(2))
    lower = flat(np.array([pi + _FLAP_MM / cone.radius, pi]), np.full(2, min(deep, _BAND_MM)))
    kind = (tr("It lies on the glass all over.") if exact else
            tr("Cut the tongues apart: each bends down to its own place."))
    says = tr("Hang it by its upper edge, level with the rim, the tick on the front mark. {kind}", kind=kind)
    return Collar(_outline(shape), upper, _windows(marks), Polygon(np.concatenate([flap, lower])), tuple(marks), says)


def _tongue(flat: Flat, u: float, down: float) -> Polygon:
    """A tongue that hangs straight down from the band to a place."""
    half = _TONGUE_MM / 2
    root, tip = (_at(flat, u, depth) for depth in (0.0, max(down, _BAND_MM) + _BELOW_MM / 2))
    way = np.array(tip) - np.array(root)
    across = np.array([-way[1], way[0]]) / np.hypot(*way) * half
    corners = [np.array(root) + across, np.array(root) - across, np.array(tip) - across, np.array(tip) + across]
    return Polygon(corners)


def _at(flat: Flat, u: float, down: float) -> tuple[float, float]:
    x, y = flat(np.array([u]), np.array([down]))[0].tolist()
    return x, y


def _ticks(about: Surroundings) -> Iterator[tuple[str, float]]:
    yield tr("front"), 0.0
    for kept in about.features.keep_out:
        if kept.what in ("handle", "seam"):
            yield word_of(kept.what), kept.angle


def _strip(spots: Sequence[tuple[str, Spot]], about: Surroundings) -> Collar:
    """A strip that lies along a pane's upper edge, its left end at the left edge."""
    right = max(spot.across or 0.0 for _, spot in spots) + _BELOW_MM
    deep = max(_BAND_MM, max(spot.down for _, spot in spots) + _BELOW_MM)
    marks = tuple(Mark(f"{film}{spot.name}", (spot.across or 0.0, -spot.down), True) for film, spot in spots)
    upper = np.array([[0.0, 0.0], [right, 0.0]])
    return Collar(shapely.box(0.0, -deep, right, 0.0), upper, _windows(marks), Polygon(), marks,
                  tr("Lay its upper edge along the {edge}, its left end on the {side}.", edge=about.edge,
                     side=about.side))


def _cap(spots: Sequence[tuple[str, Spot]], pane: Pane, about: Surroundings, *, behind: bool) -> Collar:
    """What lies along an oval pane's edge: its upper edge is the pane's own, with a tick where that is highest."""
    marks = tuple(Mark(f"{film}{spot.name}", (-spot.at[0] if behind else spot.at[0], spot.at[1] - pane.height), True)
                  for film, spot in spots)
    across, down = np.array([mark.at for mark in marks]).T
    half = max(float(np.abs(across).max()) + _BELOW_MM, pane.width / 4)
    reach = shapely.box(-half, min(float(down.min()) - _BELOW_MM, -_BAND_MM), half, 0.0)
    edge = pane.edge(EDGE_DEVIATION_MM) - [0.0, pane.height]
    shape = _outline(Polygon(edge).intersection(reach))
    above = edge[(edge[:, 1] >= -pane.height / 2) & (np.abs(edge[:, 0]) <= half)]
    top = Mark(tr("middle"), (0.0, 0.0), False)
    return Collar(shape, above[np.argsort(above[:, 0])], _windows(marks), Polygon(), (*marks, top),
                  tr("Lay its round edge along the {edge}, the tick where that is highest.", edge=about.edge))


def _windows(marks: Sequence[Mark]) -> MultiPolygon:
    half = _WINDOW_MM / 2
    return as_polygons(shapely.union_all([shapely.box(mark.at[0] - half, mark.at[1] - half, mark.at[0] + half,
                                                      mark.at[1] + half) for mark in marks if mark.window]))


def _outline(shape: BaseGeometry) -> Polygon:
    parts = shapely.get_parts(shape)
    outline: Polygon = parts[int(np.argmax(shapely.area(parts)))]
    return outline
