"""Mend all: the fewest mends after which nothing fails, and how much of the art they change.

Several orders of work are tried: webs fattened before openings are widened, or after, or what is thin is done without
from the start. What still fails after two rounds is done without. Of the ways that leave the least failing the one
that does without the least, and then changes the least, is taken; every step that it does as well without is left out.
A step that takes away or joins three tenths of the openings is no mend: art so fine must be made larger.
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from math import ceil, exp, log, log1p, log2

import numpy as np
import shapely
from numpy.typing import NDArray

from vitrograph.core.geometry import Points, without
from vitrograph.core.job import FilmMend, FilmMendName, StencilChoices
from vitrograph.core.says import Area, Joined, Length, Says
from vitrograph.core.search import smallest_that
from vitrograph.core.stencil.mending.faults import Fault, Limits
from vitrograph.core.stencil.mending.mends import Cutting, mended
from vitrograph.core.stencil.sheet import Sheet

_FIRST: tuple[FilmMendName, ...] = ("fill specks", "drop islands")
_MOVED: tuple[FilmMendName, ...] = ("fatten webs", "widen openings")
_GONE: tuple[FilmMendName, ...] = ("join openings", "fill openings")
_LAST: tuple[FilmMendName, ...] = ("blunt tips", *_FIRST)
_ORDERS: tuple[tuple[FilmMendName, ...], ...] = (
    (*_FIRST, *_MOVED, "blunt tips", *_MOVED, *_GONE, *_LAST, *_GONE, *_LAST),
    (*_FIRST, *_MOVED[::-1], "blunt tips", *_MOVED[::-1], *_GONE[::-1], *_LAST, *_GONE[::-1], *_LAST),
    (*_FIRST, *_GONE, *_LAST, *_MOVED, *_GONE, *_LAST),
)
_LARGEST, _NEAR = 3.0, 0.005
_LITTLE = 0.02                     # of the openings: a way that changes less need not be bettered
_MOST = 0.3                        # of the openings: what changes more is another picture, and no mend
_SCRAP_MM2 = 1e-3                  # what an overlay leaves along an edge that did not move
_FILM: frozenset[FilmMendName] = frozenset(("fatten webs", "join openings", "drop islands", "blunt tips"))


@dataclass(frozen=True)
class Proposal:
    """Mends, in their order, what failed before and what fails after them, and the areas they change, mm².

    `to_film` was opening and is film; `to_opening` was film. `share` is both against all openings.
    """

    mends: tuple[FilmMend, ...]
    before: tuple[Fault, ...]
    after: tuple[Fault, ...]
    to_film: float
    to_opening: float
    share: float

    @property
    def says(self) -> Says:
        """What is done, what failed before and after, and how much of the openings changes."""
        steps = tuple(dict.fromkeys(Says("{does} to {to}", does=mend.does, to=Length(mend.to))
                                    for mend in self.mends))
        share = f"{100 * self.share:.1f} %" if self.share >= 0.0005 else "less than 0.1 %"
        return Says("{steps}: {before} failing before, {after} after; {film} becomes film, {open} opens ({share} of "
                    "the openings)", steps=Joined(", ", steps or ("nothing to do",)), before=len(self.before),
                    after=len(self.after), film=Area(self.to_film), open=Area(self.to_opening), share=share)


def mend_all(sheet: Sheet, choices: StencilChoices, still_wanted: Callable[[], None] = lambda: None) -> Proposal:
    """What a stencil is to be mended by, beside the mends it has; before it is tied, since ties come last."""
    cutting = mended(Cutting(sheet.outline, sheet.drawn), choices.mends, sheet.fitted.on_sheet)
    return propose(cutting, Limits.of(choices), still_wanted)


def propose(cutting: Cutting, limits: Limits, still_wanted: Callable[[], None] = lambda: None) -> Proposal:
    """Find the mends of a cutting; `still_wanted` raises where the answer is no longer wanted."""
    cutting = cutting.sound()
    before = _grave(cutting, limits)
    if not before:
        return Proposal((), (), (), 0.0, 0.0, 0.0)
    preview: list[_Way] = []
    for order in _ORDERS:
        preview.append(_way(cutting, limits, order, still_wanted))
        if not preview[-1].left and not preview[-1].gone and preview[-1].changed < _LITTLE * cutting.openings.area:
            break
    best = _fewest(cutting, limits, min(preview, key=_worth), still_wanted)
    mends, made, after = best.mends, best.made, best.left
    to_film = float(without(cutting.openings, made.openings).area)
    to_opening = float(without(made.openings, cutting.openings).area)
    return Proposal(mends, tuple(before), after, to_film, to_opening,
                    (to_film + to_opening) / max(cutting.openings.area, 1e-9))


def smallest_factor(
    cutting: Cutting, limits: Limits, still_wanted: Callable[[], None] = lambda: None
) -> float | None:
    """The least factor to make art larger by at which nothing fails, by halving; None where none up to three does.

    Widths grow as the art does, so that art made larger is held to limits as much smaller.
    """
    def fails(factor: float) -> bool:
        still_wanted()
        return bool(_grave(cutting, limits.over(factor)))

    if not fails(1.0):
        return 1.0
    if fails(_LARGEST):
        return None
    # a factor is as near as another of the same share: its logarithm is halved
    halvings = ceil(log2(log(_LARGEST) / log1p(_NEAR)))
    return exp(smallest_that(lambda power: not fails(exp(power)), 0.0, log(_LARGEST), halvings))


@dataclass(frozen=True)
class _Way:
    """One way of mending: its mends, what comes of them, and what fails still.

    `gone` counts places done without, where they could not be made wide enough; `changed` is area in mm².
    """

    mends: tuple[FilmMend, ...]
    made: Cutting
    left: tuple[Fault, ...]
    gone: int
    changed: float


def _worth(way: _Way) -> tuple[int, int, float]:
    """Ways are told apart by what fails still, then by what is done without, then by the area changed."""
    return len(way.left), way.gone, way.changed


def _way(
    cutting: Cutting, limits: Limits, order: Sequence[FilmMendName], still_wanted: Callable[[], None]
) -> _Way:
    """Mend after mend until nothing fails; those that do nothing, or change the picture too much, are left out."""
    mends: list[FilmMend] = []
    made, left, gone = cutting, _grave(cutting, limits), 0
    for does in order:
        still_wanted()
        if not left:
            break
        mend = FilmMend(does, limits.web if does in _FILM else limits.opening)
        preview = mended(made, (mend,), _nowhere) if mend.to > 0 else made
        if preview is made:
            continue
        changed = _changes(made, preview)
        if does != "widen openings" and changed.sum() > _MOST * cutting.openings.area:
            continue
        mends.append(mend)
        gone += 0 if does in _MOVED else int((changed > _SCRAP_MM2).sum())
        made, left = preview, _grave(preview, limits)
    return _Way(tuple(mends), made, tuple(left), gone, _changed(cutting, made))


def _fewest(cutting: Cutting, limits: Limits, best: _Way, still_wanted: Callable[[], None]) -> _Way:
    """The same without the steps that are not needed."""
    at = 0
    while len(best.mends) > 1 and at < len(best.mends):
        still_wanted()
        fewer = best.mends[:at] + best.mends[at + 1:]
        made = mended(cutting, fewer, _nowhere)
        left, changed = tuple(_grave(made, limits)), _changed(cutting, made)
        if len(left) <= len(best.left) and changed <= best.changed * 1.001:
            best = _Way(fewer, made, left, best.gone, changed)
        else:
            at += 1
    return best


def _nowhere(place: tuple[float, float]) -> Points:
    """No mend proposed here has a place."""
    return np.array([place])


def _grave(cutting: Cutting, limits: Limits) -> list[Fault]:
    return [fault for fault in cutting.faults(limits) if fault.grave]


def _changes(before: Cutting, after: Cutting) -> NDArray[np.float64]:
    """The areas of all places that changed from film to opening or back, mm²."""
    return np.concatenate([shapely.area(shapely.get_parts(without(one.openings, other.openings)))
                           for one, other in ((before, after), (after, before))])


def _changed(before: Cutting, after: Cutting) -> float:
    return float(_changes(before, after).sum())
