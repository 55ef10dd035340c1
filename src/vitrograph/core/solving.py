"""What is solved for: the smallest or largest size at which nothing of a piece fails, and how it lies soundly on
another glass."""

from collections.abc import Callable, Iterator
from contextlib import suppress
from functools import partial
from typing import Literal

from msgspec import Struct

from vitrograph.core.errors import FitError
from vitrograph.core.findings import Code, Level, Remedy, worst
from vitrograph.core.fit.room import make_it_fit
from vitrograph.core.job import Job, Order
from vitrograph.core.job.change import Resize
from vitrograph.core.language import tr
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import Results
from vitrograph.core.says import Length, Says
from vitrograph.core.stations import Station
from vitrograph.core.stencil import mend_all

End = Literal["smallest", "largest"]

_FAILS: dict[End, frozenset[Code]] = {
    "smallest": frozenset((Code.WEB, Code.NEAR, Code.OPENING, Code.SPECK, Code.NEEDLE, Code.ISLAND, Code.DROOP)),
    "largest": frozenset((Code.READING_WIDTH, Code.OFF_GLASS, Code.KEEP_OUT, Code.LIP, Code.OVERLAP, Code.BORDER,
                          Code.EYE, Code.STRAIN, Code.SHEET, Code.ROW)),
}
_CLOSE_MM = 0.05                   # of the size that tells: how near to the true end it is found
_STEP = 1.25                       # from one size tried to the next, until one does
_MOST_STEPS = 12
_MOST_TRIED, _MOST_SOLVED = 8, 2    # ways of laying it; of the best of them sizes are looked for
_LEAST_SHARE = 0.5                 # of the size that art came with: smaller, it is another piece


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

    A row that has no art at any size, for want of a letter, is passed over. `told` is given how many rows are known to
    do, and may raise to stop. Raises FitError where no size does, or where there is no art.
    """
    if not order.pieces[at].artwork.items:
        raise FitError(tr("there is no art yet: put words or a drawing on the piece first"))
    pipeline = pipeline or Pipeline()
    every = [order.job(*place) for place in order.places if place[0] == at]
    jobs = [job for job in every if _has_art(job, pipeline)] or every
    art = order.pieces[at].artwork
    size = art.rule.most if art.rule.by == "width" else max((item.size for item in art.items), default=1.0)
    close, up = _CLOSE_MM / size, end == "smallest"

    def does(row: int, factor: float) -> bool:
        return not fails(pipeline.run(jobs[row].changed(**Resize(factor).paths(jobs[row]))), end)

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


def _has_art(job: Job, pipeline: Pipeline) -> bool:
    """Whether there is art to make larger or smaller; no other stage is worked out for that."""
    known = next(one for one in pipeline.steps(job) if one.art is not None or one.error("artwork") is not None)
    return known.art is not None


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


class Settled(Struct, frozen=True):
    """An order in which a piece was brought to lie soundly on its glass.

    `wide` is how wide it is there, mm, `mended` how many places were mended, `stops` what stops it all the same.
    """

    order: Order
    wide: float
    mended: int
    stops: tuple[Says | str, ...]


def settled(
    order: Order, at: int, pipeline: Pipeline | None = None, told: Callable[[int], None] = lambda _steps: None
) -> Settled:
    """Solve what fails of a piece whose art came from another glass: its place and size, how it is laid, its mends.

    It is moved first, and made smaller only where it must be, but not to less than half; of names all rows are to do,
    and each is mended by itself later. `told` is given how many steps were taken, and may raise to stop.
    """
    pipeline = pipeline or Pipeline()
    least, seen = _LEAST_SHARE * order.pieces[at].artwork.first_size, dict[Order, tuple[int, int]]()

    def better() -> Order | None:
        """What is offered now, done: nothing twice, and nothing that makes the art too small."""
        job = order.job(at)
        results = pipeline.run(job)
        seen[order] = _how_bad(results)
        told(len(seen))
        made = (order.changed(at, **remedy.paths(job)) for remedy in _remedies_for(results))
        return next((one for one in made if one not in seen and one.pieces[at].artwork.first_size >= least), None)

    while len(seen) < _MOST_TRIED and (found := better()) is not None:
        order = found
    best = sorted(seen, key=lambda one: seen[one])
    sound = (one for begun in best[:_MOST_SOLVED] if (one := _small_enough(
        begun, at, least, pipeline, lambda: told(len(seen)))) is not None)
    order = next(sound, best[0])
    results = pipeline.run(order.job(at))
    mends = 0
    if results.sheet is not None and not order.pieces[at].names.rows:
        proposal = mend_all(results.sheet, results.job.stencil, lambda: told(len(seen)))
        mends = len(proposal.before) - len(proposal.after)
        order = order.changed(at, stencil__mends=(*results.job.stencil.mends, *proposal.mends))
        results = pipeline.run(order.job(at))
    wide = results.fitted.size[0] if results.fitted is not None else order.pieces[at].artwork.first_size
    stops = (*(error.says for _, error in results.failed),
             *(found.says for found in results.findings() if found.level is Level.STOP))
    return Settled(order, wide, mends, stops)


def _how_bad(results: Results) -> tuple[int, int]:
    """How many stops and warnings there are of a place and a size; no stencil at all is worst."""
    levels = [found.level for found in results.findings() if found.code in _FAILS["largest"]]
    return levels.count(Level.STOP) + 100 * len(results.failed), levels.count(Level.WATCH)


def _small_enough(
    order: Order, at: int, least: float, pipeline: Pipeline, still_wanted: Callable[[], None]
) -> Order | None:
    """An order with a piece as large as it is where that does, or as large as does; None where that is under a size."""
    def sized(factor: float) -> Order:
        return order.changed(at, **Resize(factor).paths(order.job(at)))

    def does(made: Order) -> bool:
        return not any(fails(pipeline.run(made.job(*place)), "largest") for place in made.places if place[0] == at)

    if does(order):
        return order
    # what fails as small as that fails for another reason
    if not does(sized(least / order.pieces[at].artwork.first_size)):
        return None
    with suppress(FitError):
        return sized(solved_factor(order, at, "largest", pipeline, lambda _rows: still_wanted()))
    return None


def _remedies_for(results: Results) -> Iterator[Remedy]:
    """Yield what may be done of art that is too large for its place, or cannot lie there, the first to try first."""
    if results.fitted is None:
        yield Remedy.of("", Resize(1 / _STEP))
    elif results.room is not None and not results.room.fits and results.room.factor > 0:
        yield make_it_fit(results.room, results.fitted)
    for found in results.findings():
        if found.code in _FAILS["largest"] and found.level in (Level.WATCH, Level.STOP):
            yield from (remedy for remedy in (found.remedy, *found.others) if remedy is not None)
