"""One kind of step for weeding, transfer and etching."""

from hashlib import sha256

from msgspec import Struct

from vitrograph.core.says import Says


class Step(Struct, frozen=True):
    """One step: what to do, a quieter line, a caution where someone can be hurt, and seconds where a clock runs.

    A step without `hands` only waits: other work goes on meanwhile. One with a `beginning` is timed: that is said of
    its first moment, and it is done at its last. Where its seconds are a `least`, longer does no harm.

    `key` names the step among those of its station: it stays the same as long as the step is about the same thing, so
    that what has been done is still known after an edit.
    """

    key: str
    says: Says | str
    note: Says | str = ""
    caution: str = ""
    seconds: float | None = None
    hands: bool = True
    beginning: str = ""
    least: bool = False


def step_key(*about: object) -> str:
    """A short key from what a step is about; floats are told apart to a tenth.

    >>> step_key("opening", 1.23) == step_key("opening", 1.19), len(step_key("tape"))
    (True, 12)
    """
    plain = "|".join(f"{thing:.1f}" if isinstance(thing, float) else str(thing) for thing in about)
    return sha256(plain.encode()).hexdigest()[:12]
