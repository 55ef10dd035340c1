"""Nesting closer, for some seconds: by `spyrrow`, a packer of true shapes into strips (J. Gardeyn, G. Vanden Berghe and
T. Wauters, An open-source heuristic to reboot 2D nesting research, 2025).

It looks for the shortest strip that holds all; where a sheet is too short for all that waits, it is tried with as many
more as may fit. What it finds is used only where it is checked to lie well, and is shorter than what was there.
"""

from collections.abc import Callable, Sequence
from math import degrees, radians
from threading import Thread
from time import monotonic
from typing import Any

from msgspec.structs import replace

from vitrograph.core.cut.laying.bed import Packer, packer, reach_of
from vitrograph.core.cut.laying.nest import TURNS, Film, Laid, Part, Spot, lies_well
from vitrograph.core.geometry import half_turn

_LOOK_SECONDS = 0.1
_TRIES = 3                         # how many more are tried on a sheet that does not hold all
_DENSE = 0.85                      # of a sheet's area: no more is ever laid
_FEASIBLE = (0, 3, 4)              # kinds of report whose parts do not overlap
_SEED = 1                          # the same stencils are nested alike, as far as a search by time can be


def closer(
    seconds: float, still_wanted: Callable[[], None] = lambda: None,
    told: Callable[[float], None] = lambda length: None,
) -> Packer:
    """A packer for `bed_of` that takes so many seconds for a sheet; `told` hears the shortest length so far, mm.

    Stencils that stay in their places are gone round as `nest` does it.
    """
    usual = packer(still_wanted)

    def pack(parts: Sequence[Part], film: Film, stay: Sequence[Laid]) -> tuple[Sequence[Laid], Sequence[Part]]:
        laid, rest = usual(parts, film, stay)
        if stay or not laid:
            return laid, rest
        shortest = reach_of(laid) + film.margin
        told(shortest)

        def tell(length: float) -> None:
            nonlocal shortest
            if length < shortest:
                shortest = length
                told(length)

        for wanted in _sets(laid, rest, film):
            found = _strip(wanted, film, seconds / _TRIES if rest else seconds, still_wanted, tell)
            if found and lies_well(found, film) and (len(found) > len(laid) or reach_of(found) < reach_of(laid)):
                tell(reach_of(found) + film.margin)
                taken = {one.part.whose for one in found}
                return found, [part for part in parts if part.whose not in taken]
        return laid, rest

    return pack


def _sets(laid: Sequence[Laid], rest: Sequence[Part], film: Film) -> list[list[Part]]:
    """The parts to try together on a sheet: those it holds and as many more as its area may take, then fewer."""
    there = [one.part for one in laid]
    room = _DENSE * film.length * film.width - sum(part.rough.area for part in there)
    more: list[Part] = []
    for part in sorted(rest, key=lambda part: part.rough.area):
        room -= part.rough.area
        if room < 0:
            break
        more.append(part)
    counts = sorted({len(more), len(more) // 2, min(1, len(more)), 0}, reverse=True)[:_TRIES]
    return [there + more[:count] for count in counts]


def _strip(
    parts: Sequence[Part], film: Film, seconds: float, still_wanted: Callable[[], None], told: Callable[[float], None]
) -> list[Laid]:
    """The shortest strip found for parts; empty where nothing was."""
    import spyrrow

    turns = None if film.turning == "free" else [degrees(turn) for turn in TURNS[film.turning]]
    items = [spyrrow.Item(str(number), [(float(x), float(y)) for x, y in part.rough.exterior.coords], 1, turns)
             for number, part in enumerate(parts)]
    # it keeps the distance from the strip's edges too
    strip = spyrrow.StripPackingInstance("film", film.width - 2 * film.margin + 2 * film.gap, items)
    config = spyrrow.StripPackingConfig(min_items_separation=film.gap, total_computation_time=max(1, round(seconds)),
                                        seed=_SEED, early_termination=True)
    queue, best = spyrrow.ProgressQueue(), _Best()
    worker = Thread(target=lambda: best.take(strip.solve(config, queue)), daemon=True)
    worker.start()
    begun = monotonic()
    while worker.is_alive() and monotonic() - begun < 2 * seconds + 5:
        still_wanted()
        worker.join(_LOOK_SECONDS)
        for kind, solution in queue.drain():
            if int(kind) in _FEASIBLE and best.take(solution):
                told(solution.width - 2 * film.gap + 2 * film.margin)
    return [] if best.found is None else _laid(best.found, parts, film)


class _Best:
    """The shortest solution so far."""

    def __init__(self) -> None:
        self.found: Any = None

    def take(self, solution: Any) -> bool:
        """Keep a solution where it is shorter; whether it is."""
        shorter = self.found is None or solution.width < self.found.width
        if shorter:
            self.found = solution
        return shorter


def _laid(solution: Any, parts: Sequence[Part], film: Film) -> list[Laid]:
    """A solution's parts on film, moved so that they lie against its margins."""
    made = [Laid(parts[int(one.id)], Spot(one.translation[0], one.translation[1], half_turn(radians(one.rotation))))
            for one in solution.placed_items]
    left, low = (min(one.shape.bounds[side] for one in made) for side in (0, 1))
    return [replace(one, spot=replace(one.spot, x=one.spot.x - left + film.margin, y=one.spot.y - low + film.margin))
            for one in made]
