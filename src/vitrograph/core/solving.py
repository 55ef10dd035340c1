"""Sizes solved for: of a piece, or of all rows of its names, the smallest or the largest at which nothing fails."""

from collections.abc import Callable
from functools import partial
from typing import Literal

from vitrograph.core.errors import FitError
from vitrograph.core.findings import Code, Level, worst
from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import Results
from vitrograph.core.says import Length, Says
from vitrograph.core.stations import Station

End = Literal["smallest", "largest"]

_FAILS: dict[End, frozenset[Code]] = {
    "smallest": frozenset((Code.WEB, Code.NEAR, Code.OPENING, Code.SPECK, Code.NEEDLE, Code.ISLAND, Code.DROOP)),
    "largest": frozenset((Code.READING_WIDTH, Code.OFF_GLASS, Code.KEEP_OUT, Code.LIP, Code.OVERLAP, Code.BORDER,
                          Code.EYE, Code.STRAIN, Code.SHEET, Code.ROW)),
}
_CLOSE_MM = 0.05                   # of the size that tells: how near to the true end it is found
_STEP = 1.25                       # from one size tried to the next, until one does
_MOST_STEPS = 12


def fails(results: Results, end: End) -> bool:
    """Whether a stencil is too small to be sound, or too large for its place on the glass and its front."""
    stations: tuple[Station, ...] = ("artwork", "stencil") if end == "smallest" else ("glass", "fit")
    if any(results.error(station) is not None for station in stations):
        return True
    return worst(found for found in results.findings() if found.code in _FAILS[end]) in (Level.WATCH, Level.STOP)


def solved_factor(
    order: Order, at: int, end: End, pipeline: Pipeline | None = None, told: Callable[[int], None] = lambda _rows: None
) -> float:
    """What all art of a piece is to be multiplied by, so that no row of it fails and 0.1 mm more, or less, would.

    `told` is given how many rows are known to do, and may raise to stop. Raises FitError where no size does.
    """
    pipeline = pipeline or Pipeline()
    jobs = [order.job(*place) for place in order.places if place[0] == at]
    size = max((item.size for item in order.pieces[at].artwork.items), default=1.0)
    close, up = _CLOSE_MM / size, end == "smallest"

    def does(row: int, factor: float) -> bool:
        scaled = jobs[row].changed(artwork=jobs[row].artwork.scaled(factor))
        return not fails(pipeline.run(scaled), end)

    best = _first(does, up)
    row = sound = 0
    while sound < len(jobs):
        told(sound)
        if does(row, best):
            sound += 1
        else:
            best, sound = _nearest(partial(does, row), best, close, up), 1
        row = (row + 1) % len(jobs)
    return best


def _first(does: Callable[[int, float], bool], up: bool) -> float:
    """The end of the first row: from where it does not do."""
    factor = 1.0
    for _ in range(_MOST_STEPS):
        if not does(0, factor):
            break
        factor = factor / _STEP if up else factor * _STEP
    return factor


def _nearest(does: Callable[[float], bool], fails_at: float, close: float, up: bool) -> float:
    """The factor nearest to one that fails at which a row does. Raises FitError where none does."""
    good = fails_at
    for _ in range(_MOST_STEPS):
        good = good * _STEP if up else good / _STEP
        if does(good):
            break
        fails_at = good
    else:
        raise FitError(tr("no size does for all rows: mend what is found first, or choose another face"))
    while abs(good - fails_at) > close:
        middle = (good + fails_at) / 2
        good, fails_at = (middle, fails_at) if does(middle) else (good, middle)
    return good


def size_line(order: Order, at: int, factor: float) -> Says:
    """A solved size in words."""
    item = order.pieces[at].artwork.items[0]
    side = {"caps": tr("capitals {size} high"), "height": tr("{size} high"), "width": tr("{size} wide")}[item.size_is]
    return Says(side, size=Length(item.size * factor, 2))
