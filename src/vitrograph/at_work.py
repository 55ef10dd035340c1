"""Work without a window: what takes long says so, how far it is, and that it can be stopped."""

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


class Step:
    """What is being done, and how far it is."""

    def __init__(self, says: str) -> None:
        self.says = says

    def tell(self, says: str) -> None:
        """Say what is done from now on."""
        self.says = says


@contextmanager
def at_work(says: str) -> Iterator[Step]:
    """Say now and then on stderr what is being done, until it ends."""
    ended, step, begun = Event(), Step(says), perf_counter()

    def tell() -> None:
        wait = _FIRST_S
        while not ended.wait(wait):
            wait = _THEN_S
            say_aside(tr("at work for {seconds:.0f} s, {says} (Ctrl+C stops it)", seconds=perf_counter() - begun,
                         says=step.says))

    teller = Thread(target=tell, daemon=True)
    teller.start()
    try:
        yield step
    finally:
        ended.set()
        teller.join()


def worked_out(pipeline: Pipeline, order: Order, *, quietly: bool = False) -> FinishedOrder:
    """An order's results, told of on stderr while they are waited for; so is what is left out, if not `quietly`.

    Raises what keeps the first piece from an answer, where none has one.
    """
    whole = len(order.places) * len(STAGES)
    with at_work(tr("{done} % done", done=0)) as step:
        for results in pipeline.steps_of_order(order):
            step.tell(tr("{done} % done", done=100 * results.done // whole))
    done = results.finished()
    if done.lacking and not quietly:
        say_aside(done.says_lacking(order.units))
    return done


def say_aside(sentence: str) -> None:
    """Say something on stderr, in letters that any screen has."""
    plain = writable(sentence.replace(NARROW_SPACE, " ").replace(MINUS, "-"))
    print(tr("vitrograph: {plain}", plain=plain), file=sys.stderr, flush=True)
