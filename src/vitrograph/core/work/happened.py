"""What happened of an evening beside steps done: when it was begun, pauses, troubles, glasses broken, coats timed, pots
weighed, a piece written down."""

from typing import Literal

from msgspec import Struct

Kind = Literal["begun", "pause", "go on", "broken", "trouble", "skip", "again", "coat", "weighed", "written"]


class Happened(Struct, frozen=True):
    """One thing that happened, when (seconds since 1970), to which copy of which piece where it is about one.

    `note` tells more (of a trouble its key and words); `number` and `area` are a coat's seconds and mm², or `number`
    is that of a logbook's entry.
    """

    at: float
    kind: Kind
    piece: int = 0
    copy: int = 0
    note: str = ""
    number: float = 0.0
    area: float = 0.0
