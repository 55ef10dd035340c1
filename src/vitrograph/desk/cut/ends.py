"""What ends a program (a session that is left, a kill) waits for the blades of the cutters it drives."""

import signal
from collections.abc import Callable
from functools import partial
from typing import Any, Protocol

from vitrograph.devices.driver import ENDS


class Cuts(Protocol):
    """What drives a cutter."""

    @property
    def busy(self) -> bool:
        """Whether a cutter is being driven."""
        ...

    def stop(self, then: Callable[[], object]) -> None:
        """Stop with the blade up, and do something once it is."""
        ...


_at_work: list[Cuts] = []                                      # in all windows of this program
_before: dict[signal.Signals, Any] = {}                        # what was done by each end while none was at work


def mind(cutter: Cuts) -> None:
    """Have the program's end wait for a cutter while it is busy; told anew when that changes."""
    if cutter.busy and cutter not in _at_work:
        _at_work.append(cutter)
    elif not cutter.busy and cutter in _at_work:
        _at_work.remove(cutter)
    if _at_work and not _before:
        _before.update({end: signal.signal(end, _lift_all) for end in ENDS})
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
