"""A stage: what it gives, what it may read, and its work. A room declares its own in its `stage.py`.

The work is given the frozen choices that are its cache key, and the results it names, and nothing else: what is in
neither cannot be read, so a kept result can never be out of date.
"""

from collections.abc import Callable, Hashable, Mapping
from typing import Any

from msgspec import Struct

from vitrograph.core.job import Job
from vitrograph.core.stations import Station

StillWanted = Callable[[], None]
Known = Mapping[str, Any]


class Stage(Struct, frozen=True):
    """One stage of a piece's design or work: the result it gives, its station, and the results it needs.

    `reads` gathers its choices from a job. `work` takes them, the results named by `needs` and `wishes`, and a function
    that raises Cancelled when nobody waits any more; work that takes long asks it now and then. `wishes` are results it
    uses where there are any, and does without where there are none.
    """

    gives: str
    station: Station
    reads: Callable[[Job], Hashable]
    work: Callable[[Any, Known, StillWanted], Any]
    needs: tuple[str, ...] = ()
    wishes: tuple[str, ...] = ()
