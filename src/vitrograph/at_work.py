"""Working an order out without a window: what takes long says so, how far it is, and that it can be stopped."""

import sys
from collections.abc import Iterator
from contextlib import contextmanager
from threading import Event, Thread
from time import perf_counter

from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import FinishedOrder
from vitrograph.core.stage_table import STAGES
from vitrograph.core.storing.whole import writable
from vitrograph.core.units import MINUS, NARROW_SPACE

_FIRST_S, _THEN_S = 1.5, 5.0


def worked_out(pipeline: Pipeline, order: Order, *, quietly: bool = False) -> FinishedOrder:
    """An order's results, told of on stderr while they are waited for; so is what is left out, if not `quietly`.

    Raises what keeps the first piece from an answer, where none has one.
    """
    with _telling(len(order.places) * len(STAGES)) as step:
        for results in pipeline.steps_of_order(order):
            step(results.done)
    done = results.finished()
    if done.lacking and not quietly:
        say_aside(done.says_lacking(order.units))
    return done


def say_aside(sentence: str) -> None:
    """Say something on stderr, in letters that any screen has."""
    plain = writable(sentence.replace(NARROW_SPACE, " ").replace(MINUS, "-"))
    print(tr("vitrograph: {plain}", plain=plain), file=sys.stderr, flush=True)


@contextmanager
def _telling(whole: int) -> Iterator["_Step"]:
    """Say now and then how far the work is, until it ends."""
    ended, step, begun = Event(), _Step(), perf_counter()

    def tell() -> None:
        wait = _FIRST_S
        while not ended.wait(wait):
            wait = _THEN_S
            print(tr("vitrograph: at work for {perf_counter:.0f} s, {done} % done (Ctrl+C stops it)",
                     perf_counter=perf_counter() - begun, done=100 * step.done // whole), file=sys.stderr, flush=True)

    teller = Thread(target=tell, daemon=True)
    teller.start()
    try:
        yield step
    finally:
        ended.set()
        teller.join()


class _Step:
    """How many stages are done."""

    done = 0

    def __call__(self, done: int) -> None:
        self.done = done
