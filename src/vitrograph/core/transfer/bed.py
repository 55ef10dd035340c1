"""The bed: how a glass is kept still while its film goes on, and by how much one end is raised."""

from math import asin, atan, cos, sin

import numpy as np

from vitrograph.core.glass import Wall, profile_at
from vitrograph.core.job import FlatGlass, Glass
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import Sheet
from vitrograph.core.value_words import word_of

_LEVEL = 0.01                      # radians that need no raising
_PLACES = 600                      # along a wall, where its profile is looked at; even, for a ball rests between two


def bedding(sheet: Sheet, glass: Glass) -> Says | str:
    """How to keep the glass still while the film goes on; in mm by how much one end is raised."""
    wall, behind = sheet.fitted.wall, sheet.fitted.chart.mirrored
    if isinstance(glass, FlatGlass):
        side = tr("its back upward") if behind else tr("its front upward")
        return {
            "loose": tr("Lay the pane in its frame flat on a towel, {side}.", side=side) if glass.frame > 0 else
                     tr("Lay the pane flat on a towel, {side}.", side=side),
            "upright": tr("The pane stays where it is: work on its back, with a towel below it, from above downward.")
                       if behind else
                       tr("The pane stays where it is: work on its front, with a towel below it, from above downward."),
            "hollow": tr("Turn the dish upside down on a folded towel, so that its underside is level and still."),
        }[glass.lies]
    stem = tr(" Leave stem and foot free of it.") if wall.stands > 0 else ""
    low, raise_mm = raised(wall, sheet.band.middle[1])
    says = tr("Lay the glass in a rolled towel, the place for the film on top.{stem}", stem=stem)
    if not low:
        return says
    return Says("{says} Raise the {low} by {by}, until the wall on top is level.", says=says, low=word_of(low),
                by=Length(raise_mm, 0, tool=True))


def raised(wall: Wall, s: float) -> tuple[str, float]:
    """Which end of a glass that lies on its side is raised, and by how many mm, so that the wall on top is level at s.

    The line it rests on, as long as the glass, is turned by its own lean and the wall's at s: of a tapered glass, which
    rests along its lower side, slant x sin(2 a). "" and 0 where the wall is level.
    """
    step = min(1.0, wall.length / 100)
    below, above = wall.scale(np.array([s - step, s + step])).tolist()
    rests = _resting(wall)
    turn = asin(float(np.clip((above - below) / (2 * step), -1.0, 1.0))) + rests
    if abs(turn) < _LEVEL:
        return "", 0.0
    return "base" if turn > 0 else "rim", wall.upright / cos(rests) * sin(abs(turn))


def _resting(wall: Wall) -> float:
    """How much a glass's axis leans when it lies on its side, radians; positive with its base lower than its rim.

    It rests on two places of its profile with its centre of gravity between them, all of the rest above their line: no
    other two have a line farther from the axis there. Its weight is taken for that of an even wall without a base.
    """
    radius, up = profile_at(wall, np.linspace(0.0, wall.length, _PLACES))
    centre = float((radius * up).sum() / radius.sum())
    before, behind = up < centre, up > centre
    run = up[behind] - up[before][:, None]
    slope = (radius[behind] - radius[before][:, None]) / run
    reach = radius[before][:, None] + slope * (centre - up[before][:, None])
    return atan(float(slope.flat[reach.argmax()]))
