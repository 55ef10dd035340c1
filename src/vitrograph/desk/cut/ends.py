"""What ends a program (a session that is left, a kill) waits for the blades of the cutters it drives."""

import signal
from collections.abc import Callable
from functools import partial
from typing import Any, Protocol

_ENDS = signal.SIGTERM, signal.SIGHUP, signal.SIGINT


class Driven(Protocol):
    """A cutter at work."""

    def stop(self, then: Callable[[], object]) -> None:
        """Stop with the blade up, and do something once it is."""
        ...


_at_work: list[Driven] = []                                    # in all windows of this program
_before: dict[signal.Signals, Any] = {}                        # what was done by each end while none was at work


def mind(cutter: Driven, at_work: bool) -> None:
    """Have the program's end wait for a cutter from now on, or no longer."""
    if at_work and cutter not in _at_work:
        _at_work.append(cutter)
    elif not at_work and cutter in _at_work:
        _at_work.remove(cutter)
    if _at_work and not _before:
        _before.update({end: signal.signal(end, _lift_all) for end in _ENDS})
    elif not _at_work:
        for end, was in _before.items():
            signal.signal(end, was)
        _before.clear()


def _lift_all(end: int, _frame: object) -> None:
    for cutter in tuple(_at_work):
        cutter.stop(partial(_end, end))


def _end(end: int) -> None:
    """End as it was wanted, once the last blade is up."""
    if not _at_work:
        signal.raise_signal(end)
