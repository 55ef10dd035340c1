"""Changes of a job as data, typed: what a remedy does, done to the job as it is when it is asked for.

A change holds what is meant (a value put somewhere, art made larger, a mend added), not the job it was found in, so
that a remedy found before another edit undoes nothing of that edit.
"""

from collections.abc import Callable
from typing import Any, Protocol, TypeVar, cast

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.job.items import Content
from vitrograph.core.job.order import Job
from vitrograph.core.job.stencil import FilmMend

T = TypeVar("T")


class Change(Protocol):
    """Something to be done to a job."""

    def paths(self, job: Job) -> dict[str, Any]:
        """It as values by their paths, for `Job.changed` and `Order.changed`."""
        ...


class Put(Struct, frozen=True):
    """A value put in one place of the job, by its path."""

    path: str
    value: Any

    def paths(self, job: Job) -> dict[str, Any]:
        """The one value."""
        return {self.path: self.value}


def put(where: Callable[[Job], T], value: T) -> Put:
    """A value put where a function of the job says: the type checker knows every field of it.

    >>> put(lambda job: job.fit.mode, "rim")
    Put(path='fit__mode', value='rim')
    """
    place = where(cast(Job, _Place(())))
    assert isinstance(place, _Place)
    return Put("__".join(place.steps), value)


class _Place:
    """Stands in for a job and notes which fields are asked of it."""

    __slots__ = ("steps",)

    def __init__(self, steps: tuple[str, ...]) -> None:
        self.steps = steps

    def __getattr__(self, name: str) -> "_Place":
        return _Place((*self.steps, name))


class Resize(Struct, frozen=True):
    """All of the art made larger or smaller by a factor, with what is placed on it: mends and ties.

    Where long names are narrowed to the most that a row may take, that is made smaller too, or they would stay as wide;
    but it is not where a size is `typed` beside it, and never larger than it was typed itself.
    """

    factor: float
    typed: bool = False

    def paths(self, job: Job) -> dict[str, Any]:
        """The art, and its mends and ties where there are any, at their new size."""
        factor, stencil, art = self.factor, job.stencil, job.artwork.scaled(self.factor)
        if art.rule.by == "narrow" and factor < 1 and not self.typed:
            art = replace(art, rule=replace(art.rule, most=factor * art.rule.most))
        grown: dict[str, Any] = {"artwork": art}
        if stencil.mends:
            grown["stencil__mends"] = tuple(mend.scaled(factor) for mend in stencil.mends)
        if stencil.ties.at:
            grown["stencil__ties__at"] = tuple((x * factor, y * factor) for x, y in stencil.ties.at)
        return grown


class AddMend(Struct, frozen=True):
    """A mend of the film, added to those there are."""

    mend: FilmMend

    def paths(self, job: Job) -> dict[str, Any]:
        """The mends with this one at the end."""
        return {"stencil__mends": (*job.stencil.mends, self.mend)}


class SetContent(Struct, frozen=True):
    """What one item is, put anew; where that item is gone, nothing."""

    key: int
    what: Content

    def paths(self, job: Job) -> dict[str, Any]:
        """The item's content."""
        return _on_item(job, self.key, what=self.what)


class SetFace(Struct, frozen=True):
    """The words of one item set in a shipped face; where that item is gone, nothing."""

    key: int
    face: str

    def paths(self, job: Job) -> dict[str, Any]:
        """The face, and no brought font in its way."""
        return _on_item(job, self.key, what__face=self.face, what__font=None)


def _on_item(job: Job, key: int, **values: Any) -> dict[str, Any]:
    """Values of the item of a key, by their paths; none where it is gone."""
    index = job.artwork.index_of(key)
    return {} if index is None else {f"artwork__items__{index}__{path}": value for path, value in values.items()}


def paths_of(changes: tuple[Change, ...], job: Job) -> dict[str, Any]:
    """Changes done one after the other, as values by their paths."""
    paths: dict[str, Any] = {}
    for change in changes:
        paths |= change.paths(job)
    return paths
