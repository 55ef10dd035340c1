"""Mend all: the fewest mends after which nothing fails, and how much of the art they change.

Several orders of work are tried: webs fattened before openings are widened, or after, or what is thin is done without
from the start. What still fails after two rounds is done without. Of the ways that leave the least failing the one
that does without the least, and then changes the least, is taken; every step that it does as well without is left out.
A step that takes away or joins three tenths of the openings is no mend: art so fine must be made larger.
"""

from collections.abc import Callable, Sequence
from math import ceil, exp, inf, log, log1p, log2

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon

from vitrograph.core.geometry import Points, multipolygon, without
from vitrograph.core.job import FilmMend, FilmMendName, StencilChoices
from vitrograph.core.language import decimals, tr
from vitrograph.core.says import Area, Joined, Length, Says
from vitrograph.core.search import smallest_that
from vitrograph.core.stencil.mending.cutting import Cutting, unlike
from vitrograph.core.stencil.mending.faults import Fault, Limits
from vitrograph.core.stencil.mending.mends import mended
from vitrograph.core.stencil.sheet import Sheet
from vitrograph.core.stencil.tying.ties import tie_islands

_FIRST: tuple[FilmMendName, ...] = ("fill specks", "drop islands")
_MOVED: tuple[FilmMendName, ...] = ("fatten webs", "widen openings")
_GONE: tuple[FilmMendName, ...] = ("join openings", "fill openings")
_LAST: tuple[FilmMendName, ...] = ("blunt tips", *_FIRST)
_GIVING_UP: tuple[FilmMendName, ...] = (*_FIRST, *_GONE, *_LAST, *_MOVED, *_GONE, *_LAST)
_ORDERS: tuple[tuple[FilmMendName, ...], ...] = (
    (*_FIRST, *_MOVED, "blunt tips", *_MOVED, *_GONE, *_LAST, *_GONE, *_LAST),
    (*_FIRST, *_MOVED[::-1], "blunt tips", *_MOVED[::-1], *_GONE[::-1], *_LAST, *_GONE[::-1], *_LAST),
    _GIVING_UP,
)
_SAYS: dict[FilmMendName, str] = {
    "fatten webs": tr("thicken webs to {to}"), "widen openings": tr("widen openings to {to}"),
    "join openings": tr("remove webs under {to}"), "fill openings": tr("leave out openings under {to}"),
    "fill specks": tr("leave out specks"), "drop islands": tr("remove islands that are too small"),
    "blunt tips": tr("blunt tips at {to}"),
}
_LARGEST, _NEAR = 3.0, 0.005
_LITTLE = 0.02                     # of the openings: a way that changes less need not be bettered
_MOST = 0.3                        # of the openings: what changes more is another picture, and no mend
_HARDLY = 2                        # faults more than allowed
_SCRAP_MM2 = 1e-3                  # what an overlay leaves along an edge that did not move
_FILM: frozenset[FilmMendName] = frozenset(("fatten webs", "join openings", "drop islands", "blunt tips"))
_OPENING: frozenset[FilmMendName] = frozenset(("widen openings", "join openings", "drop islands", "blunt tips"))


class Proposal(Struct, frozen=True):
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
        if not self.mends:
            return (Says("{after} failing, which no mend helps", after=len(self.after)) if self.after else
                    Says("nothing needs mending"))
        steps = tuple(dict.fromkeys(Says(_SAYS[mend.does], to=Length(mend.to)) for mend in self.mends))
        share = decimals(f"{100 * self.share:.1f} %") if self.share >= 0.0005 else tr("less than 0.1 %")
        return Says("{steps}: {before} failing before, {after} after; {film} becomes film, {open} opens ({share} of "
                    "the openings)", steps=Joined(", ", steps), before=len(self.before),
                    after=len(self.after), film=Area(self.to_film), open=Area(self.to_opening), share=share)


def mend_all(sheet: Sheet, choices: StencilChoices, still_wanted: Callable[[], None] = lambda: None) -> Proposal:
    """What a stencil is to be mended by, beside the mends it has; what fails after is told of the tied film."""
    limits, placed = Limits.of(choices), sheet.fitted.on_sheet
    cutting = mended(Cutting(sheet.outline, sheet.drawn), choices.mends, placed)
    proposal, made = _proposed(cutting, limits, still_wanted)
    if choices.ties.placed == "none" or sheet.kind == "decal":
        return proposal
    tied = tie_islands(made, choices.ties, limits, placed).cutting
    return replace(proposal, after=tuple(_grave(Cutting(tied.outline, tied.openings), limits)))


def propose(cutting: Cutting, limits: Limits, still_wanted: Callable[[], None] = lambda: None) -> Proposal:
    """Find the mends of a cutting; `still_wanted` raises where the answer is no longer wanted."""
    return _proposed(cutting, limits, still_wanted)[0]


def _proposed(cutting: Cutting, limits: Limits, still_wanted: Callable[[], None]) -> tuple[Proposal, Cutting]:
    """The mends of a cutting, and what they make of it."""
    cutting = cutting.sound()
    before = _grave(cutting, limits)
    if not before:
        return Proposal((), (), (), 0.0, 0.0, 0.0), cutting
    tries = _Tries(cutting, limits, still_wanted)
    preview: list[_Way] = []
    for order in _ORDERS:
        if order is _GIVING_UP and any(_keeps_all(way) for way in preview):
            break                                              # it does without from the start, and another need not
        preview.append(_way(tries, order))
        if _keeps_all(preview[-1]) and preview[-1].changed < _LITTLE * cutting.openings.area:
            break
    best = _fewest(tries, min(preview, key=_worth))
    # told of the film as it will be cut, looked over as a whole
    made = mended(cutting, best.mends, _nowhere)
    after = tuple(_grave(Cutting(made.outline, made.openings), limits))
    to_film, to_opening = (float(areas.sum()) for areas in _turned(cutting, made))
    return Proposal(best.mends, tuple(before), after, to_film, to_opening,
                    (to_film + to_opening) / max(cutting.openings.area, 1e-9)), made


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


class _Way(Struct, frozen=True):
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


def _keeps_all(way: _Way) -> bool:
    """Whether nothing fails after it, and nothing was done without."""
    return not way.left and not way.gone


class _Tries:
    """What comes of mends one after the other, worked out once for all ways that begin alike."""

    def __init__(self, cutting: Cutting, limits: Limits, still_wanted: Callable[[], None]) -> None:
        self.cutting, self.limits, self._still_wanted = cutting, limits, still_wanted
        self._made: dict[tuple[FilmMend, ...], Cutting] = {(): cutting}

    def after(self, mends: tuple[FilmMend, ...]) -> Cutting:
        """The cutting after all of them."""
        if mends not in self._made:
            self._still_wanted()
            self._made[mends] = mended(self.after(mends[:-1]), mends[-1:], _nowhere)
        return self._made[mends]


def _way(tries: _Tries, order: Sequence[FilmMendName]) -> _Way:
    """Mend after mend until nothing fails; those that do nothing, or change the picture too much, are left out."""
    cutting, limits = tries.cutting, tries.limits
    mends: tuple[FilmMend, ...] = ()
    made, left, gone = cutting, _grave(cutting, limits), 0
    for does in order:
        if not left:
            break
        mend = FilmMend(does, limits.web if does in _FILM else limits.opening)
        preview = tries.after((*mends, mend)) if mend.to > 0 else made
        if preview is made:
            continue
        # every mend moves edges one way only, so that areas tell how much it changed
        changed = abs(made.openings.area - preview.openings.area)
        if does != "widen openings" and changed > _MOST * cutting.openings.area:
            continue
        mends = (*mends, mend)
        gone += 0 if does in _MOVED else int((_turned_by(does, made, preview) > _SCRAP_MM2).sum())
        made, left = preview, _grave(preview, limits)
    return _Way(mends, made, tuple(left), gone, _changed(cutting, made))


def _fewest(tries: _Tries, best: _Way) -> _Way:
    """The same without the steps that are not needed."""
    at = 0
    while len(best.mends) > 1 and at < len(best.mends):
        fewer = best.mends[:at] + best.mends[at + 1:]
        made = tries.after(fewer)
        left = _left_of(made, tries.limits, len(best.left))
        changed = _changed(tries.cutting, made) if len(left) <= len(best.left) else inf
        if changed <= best.changed * 1.001:
            best, at = _Way(fewer, made, left, best.gone, changed), 0      # one that was needed may be so no more
        else:
            at += 1
    return best


def _left_of(made: Cutting, limits: Limits, allowed: int) -> tuple[Fault, ...]:
    """What fails; where that is hardly more than allowed the whole is looked over: parts may be told a hair off."""
    left = tuple(_grave(made, limits))
    if allowed < len(left) <= allowed + _HARDLY:
        return tuple(_grave(Cutting(made.outline, made.openings), limits))
    return left


def _nowhere(place: tuple[float, float]) -> Points:
    """No mend proposed here has a place."""
    return np.array([place])


def _grave(cutting: Cutting, limits: Limits) -> list[Fault]:
    return [fault for fault in cutting.faults(limits) if fault.grave]


def _turned(before: Cutting, after: Cutting) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """The areas of all places that turned from opening to film, and from film to opening, mm²."""
    one, other = _unlike(before, after)
    return _areas_without(one, other), _areas_without(other, one)


def _turned_by(does: FilmMendName, before: Cutting, after: Cutting) -> NDArray[np.float64]:
    """The areas of all places that one mend turned, mm²."""
    one, other = _unlike(before, after)
    return _areas_without(other, one) if does in _OPENING else _areas_without(one, other)


def _unlike(before: Cutting, after: Cutting) -> tuple[MultiPolygon, MultiPolygon]:
    """The openings of each that the other has not."""
    one, other = unlike(shapely.get_parts(before.openings), shapely.get_parts(after.openings))
    return multipolygon(one), multipolygon(other)


def _areas_without(one: MultiPolygon, other: MultiPolygon) -> NDArray[np.float64]:
    return np.asarray(shapely.area(shapely.get_parts(without(one, other))))


def _changed(before: Cutting, after: Cutting) -> float:
    return float(np.concatenate(_turned(before, after)).sum())
