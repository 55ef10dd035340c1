"""The pipeline: pure stages from an order to its results, each cached by the choices it is given.

A stage's key is its choices and which results of the stages before it are used, so changing the etch school recomputes
no geometry, and two pieces that share choices share work. Work is cancelled between stages.
"""

from collections import OrderedDict
from collections.abc import Hashable, Iterator
from itertools import count
from threading import Event
from typing import Any

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.errors import Cancelled, StageFault, VitrographError
from vitrograph.core.job import Job, Order
from vitrograph.core.results import OrderResults, Results
from vitrograph.core.stage_table import STAGES
from vitrograph.core.stages import Stage, StillWanted
from vitrograph.core.stations import Station, station_title

_KEPT = 24                         # results kept for each stage and piece, so that undo and redo cost nothing



class Pipeline:
    """Runs the stages of pieces, keeping recent results. One thread at a time."""

    def __init__(self) -> None:
        self._kept: dict[str, OrderedDict[Hashable, _Kept]] = {}
        self._most = _KEPT
        self._numbers = count()
        self._known: dict[int, Results] = {}                  # of the order worked out last, by the jobs' keys

    def run(self, job: Job, cancel: Event | None = None) -> Results:
        """All results of one job. Raises Cancelled when `cancel` is set meanwhile."""
        *_, last = self.steps(job, cancel)
        return last

    def run_order(self, order: Order, cancel: Event | None = None) -> OrderResults:
        """All results of an order. Raises Cancelled when `cancel` is set meanwhile."""
        *_, last = self.steps_of_order(order, cancel=cancel)
        return last

    def steps_of_order(self, order: Order, first: int = 0, cancel: Event | None = None) -> Iterator[OrderResults]:
        """Yield growing results of an order: one of its jobs stage by stage, then the others; the last are complete.

        Raises Cancelled.
        """
        begun = OrderResults.begun(order).pieces
        self._most = max(_KEPT, 3 * len(begun))
        made = OrderResults(order, tuple(self._known_of(results) for results in begun))
        wanted = [at for at in range(len(begun)) if not made.pieces[at].complete]
        if len(wanted) < len(begun):
            yield made
        for at in sorted(wanted, key=lambda at: at != first):
            for results in self.steps(begun[at].job, cancel):
                made = made.with_piece(at, results)
                if at == first and not results.complete:
                    yield made
            yield made
        self._known = {results.job.key: results for results in made.pieces}

    def _known_of(self, begun: Results) -> Results:
        """What is known of a job, where it is as it was when the order was worked out last."""
        known = self._known.get(begun.job.key)
        return known if known is not None and known.job == begun.job else begun

    def steps(self, job: Job, cancel: Event | None = None) -> Iterator[Results]:
        """Yield growing results of a job, one stage at a time; the last is complete. Raises Cancelled."""
        def still_wanted() -> None:
            if cancel is not None and cancel.is_set():
                raise Cancelled("a newer change outdates this work")

        known: dict[str, Any] = {}
        given: dict[str, Hashable] = {}
        numbers: dict[str, int] = {}
        failed: list[tuple[Station, VitrographError]] = []
        made = Results(job)
        for stage in STAGES:
            still_wanted()
            if any(need not in known for need in stage.needs):
                continue
            choices = stage.reads(job)
            key = (choices, *(numbers.get(name) for name in (*stage.needs, *stage.wishes)))
            try:
                kept = self._cached(stage, key, choices, known, still_wanted)
                known[stage.gives], numbers[stage.gives], given[stage.gives] = kept.result, kept.number, choices
            except Cancelled:
                raise
            except VitrographError as error:
                failed.append((stage.station, error))
            except Exception as error:               # a fault of ours must not take the whole order along
                failed.append((stage.station, StageFault(station_title(stage.station), error)))
            made = Results(job, **known, failed=tuple(failed), given=dict(given))
            yield made
        yield replace(made, complete=True)

    def _cached(
        self, stage: Stage, key: Hashable, choices: Hashable, known: dict[str, Any], still_wanted: StillWanted
    ) -> "_Kept":
        kept = self._kept.setdefault(stage.gives, OrderedDict())
        found = kept.get(key)
        if found is None:
            used = {name: known[name] for name in (*stage.needs, *stage.wishes) if name in known}
            found = kept[key] = _Kept(next(self._numbers), stage.work(choices, used, still_wanted))
            while len(kept) > self._most:
                kept.popitem(last=False)
        else:
            kept.move_to_end(key)
        return found


class _Kept(Struct, frozen=True):
    """A result that is kept, under a number that no other ever has: later stages' keys tell by it what they used."""

    number: int
    result: Any
