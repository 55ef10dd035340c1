"""Several of a kind are owned, the first of each in use: one more, one taken out, another one taken up."""

from collections.abc import Callable
from itertools import count
from typing import Literal, get_args

from msgspec.structs import replace

from vitrograph.core.errors import WorkshopError
from vitrograph.core.job.tree import changed_record
from vitrograph.core.language import decimals, tr
from vitrograph.core.says import Joined, Length, Says, Value
from vitrograph.core.workshop.owned import Cutter, Film, OwnCream, Tape, Workshop

Kind = Literal["films", "cutters", "tapes", "creams"]
KINDS: tuple[Kind, ...] = get_args(Kind)
Owned = Film | Cutter | Tape | OwnCream

_LONGEST_NAME = 80
_OF_ONE = {                        # what only the very one is or has that another was begun from
    "films": {}, "cutters": {"port": "", "blade_m": 0.0}, "tapes": {},
    "creams": {"opened_on": "", "grams": 0.0, "uses": 0, "gritty": False, "weighed": ()},
}


def owned(workshop: Workshop, kind: Kind) -> tuple[Owned, ...]:
    """All of a kind, the one in use first."""
    return tuple(getattr(workshop, kind))


def with_value(workshop: Workshop, kind: Kind, at: int, field: str, value: object) -> Workshop:
    """One of a kind with another value. Raises JobError where that cannot be."""
    return changed_record(workshop, {f"{kind}__{at}__{field}": value})


def with_another(workshop: Workshop, kind: Kind, at: int) -> Workshop:
    """One more behind another, like that, under a name of its own. Raises JobError where there are too many."""
    before = owned(workshop, kind)
    more = replace(before[at], name=_free_name(before[at].name, {one.name.casefold() for one in before}),
                   **_OF_ONE[kind])
    return changed_record(workshop, {kind: (*before[:at + 1], more, *before[at + 1:])})


def with_first(workshop: Workshop, kind: Kind, at: int) -> Workshop:
    """One of a kind in use from now on."""
    before = owned(workshop, kind)
    return changed_record(workshop, {kind: (before[at], *before[:at], *before[at + 1:])})


def without(workshop: Workshop, kind: Kind, at: int) -> Workshop:
    """One fewer of a kind. Raises WorkshopError of the last one: orders begin from it."""
    before = owned(workshop, kind)
    if len(before) == 1:
        raise WorkshopError(tr("it is the only one, and new orders begin from it: type over it what you have instead"))
    return changed_record(workshop, {kind: (*before[:at], *before[at + 1:])})


def as_seen(kind: Kind, seen: Workshop, change: Callable[[Workshop], Workshop]) -> Callable[[Workshop], Workshop]:
    """A change of what is owned by its place, as long as the same ones stand there that were seen.

    The change raises WorkshopError where others do: a leftover was kept, or another window put in or took out one.
    """
    def changed(known: Workshop) -> Workshop:
        if [one.name for one in owned(known, kind)] != [one.name for one in owned(seen, kind)]:
            raise WorkshopError(tr("what you own was changed meanwhile, by a cut or in another window: look again"))
        return change(known)

    return changed


def line_of(one: Owned) -> Value:
    """One that is owned, in a line."""
    told: Value
    if isinstance(one, Film):
        told = Says("{wide} wide, {left} left", wide=Length(one.width, 0), left=Length(one.left, 0))
    elif isinstance(one, Cutter):
        told = (Says("a mat, {wide} by {long}", wide=Length(one.width, 0), long=Length(one.length, 0))
                if one.takes == "mat" else Says("a roll, {wide} wide", wide=Length(one.width, 0)))
    elif isinstance(one, Tape):
        told = Says("{wide} wide", wide=Length(one.roll_width, 0))
    else:
        told = Says("{minutes} min by its label", minutes=decimals(f"{one.label_minutes:g}"))
    return Joined(": ", (one.name, told))


def _free_name(name: str, taken: set[str]) -> str:
    return next(free for number in count(2)
                if (free := f"{name[:_LONGEST_NAME - 5]} {number}").casefold() not in taken)
