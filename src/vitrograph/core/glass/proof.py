"""The paper proof: what a band or fan of paper cut for the readings does on the true glass, and back from that.

Paper laid on a taper is an isometry between two cones' developments. Laid with its rim on the glass's rim at the
front, its ends meet behind with an overlap at the rim and at the base; where the fan bends more or less than the glass
does, its rim edge leaves the rim besides: it *climbs* (or sinks) towards the back.
"""

from math import pi

import msgspec
import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.errors import GlassError
from vitrograph.core.glass.measure import frustum_of
from vitrograph.core.glass.walls import Frustum
from vitrograph.core.job import Glass, StraightGlass, TaperedGlass
from vitrograph.core.language import tr

Values = NDArray[np.float64]

_CLOSE = 1e-12
_NO_GLASS = tr("what the paper did fits no glass: lay it on again, rim on rim at the front")


class ProofSeen(Struct, frozen=True):
    """What the paper does at the back, mm: overlap at its rim and base edges (a gap is negative), and its climb."""

    rim_overlap: float
    base_overlap: float
    climb: float


def wrap_paper(paper: Frustum, glass: Frustum) -> ProofSeen:
    """Wrap paper cut for one wall round another, rim on rim at the front.

    An overlap is measured along the parallel the end's corner lies on.
    """
    ends = np.array([[pi, paper.slant], [pi, 0.0]])
    on_sheet = paper.sheeting().develop(ends) - [0.0, paper.slant - glass.slant]
    u, s = glass.sheeting().undevelop(on_sheet).T
    rim, base = 2 * (u - pi) * glass.scale(s)
    return ProofSeen(float(rim), float(base), float(s[0] - glass.slant))


def correct_by_proof(
    glass: StraightGlass | TaperedGlass, rim_overlap: float, base_overlap: float, climb: float | None = None
) -> Glass:
    """The glass as its paper proof shows it.

    With no climb told, the paper was held to the rim all the way: an overlap g means that the true way round is g
    shorter there. With a climb, the paper was laid flat as it wants to lie, and the girths that answer best to all
    three are solved for. The height stays either way.
    Raises GlassError where no glass answers to it.
    """
    if climb is None or isinstance(glass, StraightGlass):
        changes = {"rim": _corrected(glass.rim, glass, rim_overlap)}
        if isinstance(glass, TaperedGlass):
            changes["base"] = _corrected(glass.base, glass, base_overlap)
    else:
        changes = _solved(glass, np.array([rim_overlap, base_overlap, climb]))
    if min(changes.values()) <= 0:
        raise GlassError(tr("the overlap is longer than the way round: measure it again"))
    return msgspec.structs.replace(glass, **changes)


def _corrected(reading: float, glass: StraightGlass | TaperedGlass, overlap: float) -> float:
    return reading - (overlap if glass.girth == "circumference" else overlap / pi)


def _solved(glass: TaperedGlass, seen: Values) -> dict[str, float]:
    """Rim and base by least squares: two girths answer best to the three things seen; the height stays."""
    paper = frustum_of(glass)

    def off(girths: Values) -> Values:
        if min(girths) <= 0:
            raise GlassError(_NO_GLASS)
        true = msgspec.structs.replace(glass, rim=float(girths[0]), base=float(girths[1]))
        does = wrap_paper(paper, frustum_of(true))
        return np.asarray([does.rim_overlap, does.base_overlap, does.climb] - seen)

    from scipy.optimize import least_squares  # for this helper only: it is slow to import

    found = least_squares(off, [glass.rim, glass.base], xtol=_CLOSE, ftol=_CLOSE, gtol=_CLOSE)
    if not found.success:
        raise GlassError(_NO_GLASS)
    return {"rim": float(found.x[0]), "base": float(found.x[1])}
