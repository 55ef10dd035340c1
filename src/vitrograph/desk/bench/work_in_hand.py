"""The steps of the piece in hand at a station, and how many of them are done."""

from collections.abc import Sequence
from typing import Protocol

from vitrograph.core.job import Job
from vitrograph.core.results import OrderResults, Results
from vitrograph.core.stations import Station
from vitrograph.core.work import State, Step, StepRef
from vitrograph.desk.bench.making import Making


class HasWork(Protocol):
    """What has a piece in hand, its results, and the making of its order."""

    making: Making
    job: Job
    order_results: OrderResults

    @property
    def results(self) -> Results:
        """What is known of it."""
        ...


class WorkInHand:
    """The work on the piece in hand."""

    def __init__(self, bench: HasWork) -> None:
        self._bench = bench

    def copies(self, station: Station) -> int:
        """How many times a station's steps are done: once a glass, or once a stencil."""
        return self._bench.job.count * _each(self._bench.results, station)

    def copy(self, station: Station) -> int:
        """Which of them is in hand, from 1: the glass is that which the stencil in hand is for."""
        stencil = self._bench.making.stencil_of(self._bench.job.key)
        return min((stencil - 1) // self._stencils_a(station) + 1, self.copies(station))

    def take(self, station: Station, copy: int) -> None:
        """Turn to another of them; of a glass the stencil in hand stays, or it is the glass's first."""
        if copy != self.copy(station):
            self._bench.making.take_stencil(self._bench.job.key, (copy - 1) * self._stencils_a(station) + 1)

    def _stencils_a(self, station: Station) -> int:
        """How many stencils are one of what a station counts: one, or as many as a glass takes."""
        return _each(self._bench.results, "weed") // _each(self._bench.results, station)

    def steps(self, station: Station) -> Sequence[Step]:
        """The steps of a station for one copy; empty where it has none, or none yet."""
        results = self._bench.results
        if station == "transfer" and results.transfer is not None:          # each copy round a glass has its own place
            return results.transfer.steps_of(self.copy(station))
        return _steps(results, station)

    def refs(self, station: Station) -> list[StepRef]:
        """The steps of the copy in hand, as they are kept."""
        return self._bench.making.refs(station, self._bench.job.key, self.copy(station), self.steps(station))

    def step_at(self, station: Station) -> int:
        """The step at hand, from 0, on the copy in hand."""
        return self._bench.making.progress.first_open(self.refs(station)) if self._bench.making.begun else 0

    def state(self, station: Station) -> State:
        """Whether a station's work on all copies is planned, under way or done."""
        if not self._bench.making.begun:
            return "planned"
        return self._bench.making.state(station, self._bench.job.key, self.copies(station), self.steps(station))

    def order_state(self, station: Station) -> State:
        """Whether a station's work on all that the order makes is planned, under way or done."""
        making = self._bench.making
        if not making.begun:
            return "planned"
        states = {making.state(station, results.job.key, results.job.count * _each(results, station), steps)
                  for results in self._bench.order_results.pieces if (steps := _steps(results, station))}
        return next(iter(states)) if len(states) == 1 else "under way" if states else "planned"

    def steps_done(self, station: Station) -> int:
        """How many of a station's steps are done, on all that the order makes."""
        planned = {(results.job.key, step.key): results.job.count * _each(results, station)
                   for results in self._bench.order_results.pieces for step in _steps(results, station)}
        return sum(ref.station == station and ref.copy <= planned.get((ref.piece, ref.step), 0)
                   for ref in self._bench.making.progress.done)


def _each(results: Results, station: Station) -> int:
    """How many times a station's steps are done for each glass."""
    return results.fitted.sheets if results.fitted is not None and station in ("weed", "transfer") else 1


def _steps(results: Results, station: Station) -> Sequence[Step]:
    plan = {"weed": results.weed, "transfer": results.transfer, "etch": results.etch}.get(station)
    return () if plan is None else plan.steps
