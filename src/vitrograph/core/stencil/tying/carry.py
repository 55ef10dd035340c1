"""Whether film carries its own weight when it is lifted with no tape: how far each tied island hangs down.

A tie is a cantilever of film, the island a weight at its end: with the weight W of the island, a lever d from the
nearest place that the ties hold together to the island's middle, n ties of length l and stiffness E I, the island hangs
by W (d + l/2) l / (n E I) radians; held from both sides, by W (d + l/8) l / (n E I). Source: J. Gere and S. Timoshenko,
Mechanics of Materials, appendix on deflections of beams: the end of a cantilever turns by M l / (E I) under a moment,
by P l² / (2 E I) under a load. Film is taken to be soft vinyl, 0.08 mm thick; its numbers are from memory, no published
source.
"""

from collections.abc import Sequence
from math import degrees, radians

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import Polygon

from vitrograph.core.geometry import Points
from vitrograph.core.language import tr

THICK_MM = 0.08
_WEIGHT = 1.35e-6 * 9.81           # N to a mm³
_STIFF = 300.0                     # N/mm², Young's modulus
_BETWEEN = 0.25                    # of the way to the nearest tie: the middle lies between the ties
MOST_DROOP = radians(15)           # an island that hangs farther swings under the film when it is laid


class Proof(Struct, frozen=True):
    """Whether a stencil is one piece that needs no tape, and why it is, or is not, a sentence each."""

    one_piece: bool
    says: tuple[str, ...]


def proof_of(parts: int, films: int, droops: Sequence[float], failing: int) -> Proof:
    """Judge film of so many parts in so many stencils, the droop of tied islands, and how many webs are too thin."""
    loose, worst = parts - films, max(droops, default=0.0)
    if loose > 0:
        return Proof(False, (tr("{n} islands not tied to the film round them: tape must carry them",
                                "{n} island not tied to the film round it: tape must carry it", n=loose),))
    says = [tr("all film is joined: every part of it can be reached from the edge without crossing an opening")]
    if droops:
        says.append(tr("lifted flat, no island hangs more than {degrees}; up to {degrees2} lies down well",
                       degrees=_degrees(worst), degrees2=_degrees(MOST_DROOP)) if worst <= MOST_DROOP else
                    tr("an island hangs by {degrees}, more than {degrees2}: it needs another tie, or wider ones",
                       degrees=_degrees(worst), degrees2=_degrees(MOST_DROOP)))
    if failing:
        says.append(tr("{n} webs of film too thin to be lifted by", "{n} web of film too thin to be lifted by",
                       n=failing))
    return Proof(worst <= MOST_DROOP and not failing, tuple(says))


def _degrees(angle: float) -> str:
    return f"{degrees(angle):.0f}°"


def droop(island: Polygon, load: float, spots: Points, lengths: Sequence[float], width: float) -> float:
    """How far an island hangs down, radians, on ties of a width with middles at (n, 2) spots; boundless on none.

    `load` is the film it carries, mm²: its own, and that of islands tied to it.

    >>> from shapely.geometry import box
    >>> one = droop(box(-5, -5, 5, 5), 100.0, np.array([[0.0, 6.0]]), [2.0], 1.6)
    >>> two = droop(box(-5, -5, 5, 5), 100.0, np.array([[0.0, 6.0], [0.0, -6.0]]), [2.0, 2.0], 1.6)
    >>> round(degrees(one), 1), round(degrees(two), 1)
    (4.1, 0.1)
    """
    if not len(spots):
        return float("inf")
    weight = load * THICK_MM * _WEIGHT
    held, middle = shapely.multipoints(spots), island.centroid
    lever = float(shapely.distance(shapely.convex_hull(held), middle))
    length = float(np.mean(lengths))
    # held from both sides it stays level, and each tie bends there and back
    both_sides = lever < _BETWEEN * float(shapely.distance(held, middle))
    arm = lever + (length / 8 if both_sides else length / 2)
    bending = _STIFF * width * THICK_MM**3 / 12
    return float(weight * arm * length / (len(spots) * bending))


