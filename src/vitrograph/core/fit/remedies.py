"""Remedies for film that must give too much: each is solved for, and offered only where it helps."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from math import sqrt
from typing import Any

from vitrograph.core.artwork import Art, compose
from vitrograph.core.errors import Cancelled, VitrographError
from vitrograph.core.findings import Remedy
from vitrograph.core.fit.films import Film
from vitrograph.core.fit.place import FitChoices, lay_art
from vitrograph.core.glass import Wall
from vitrograph.core.job import Job
from vitrograph.core.units import format_length

_COARSE = 500                      # nodes while something is looked for; a size is proved with all of them
_TURNS = 8
_LEAST_FACTOR = 0.05
_MOST_PARTS = 3
_NEAR = 0.97                       # of the limit is aimed at, so that the proof seldom fails


@dataclass(frozen=True)
class _Case:
    """Art on a wall, and a job whose other parts are kept."""

    art: Art
    wall: Wall
    job: Job
    going: Callable[[], None]

    def films(self, factor: float = 1.0, *, coarse: bool = True, **changes: Any) -> tuple[Film, ...]:
        """The films of the art at a size, with some of the job changed; none where it cannot be laid so."""
        self.going()
        job = self.job.changed(**changes) if changes else self.job
        choices = FitChoices.of(job)
        if coarse:
            choices = replace(choices, films=replace(choices.films, nodes=_COARSE))
        try:
            art = self.art if factor == 1 else compose(job.artwork.scaled(factor))
            return lay_art(art, self.wall, job.fit, choices, job.features).films.films
        except Cancelled:
            raise
        except VitrographError:
            return ()

    def strain(self, factor: float = 1.0, *, coarse: bool = True, **changes: Any) -> float:
        """The worst strain at their openings; boundless where there are none."""
        films = self.films(factor, coarse=coarse, **changes)
        return max((film.strain_at_openings for film in films), default=float("inf"))

    @property
    def limit(self) -> float:
        """What the film takes."""
        return self.job.fit.limit(self.job.cut.film)


def remedies_for(art: Art, wall: Wall, job: Job, strain: float, going: Callable[[], None]) -> Iterator[Remedy]:
    """Yield what brings film that gives `strain` at its openings under its limit: the least change first.

    Film cut by a cone is cut for the least strain first of all: whatever else is needed comes on top of that.
    """
    first: dict[str, Any] = {}
    if job.fit.film_shape == "best cone":
        first = {"fit__film_shape": "least strain"}
    case = _Case(art, wall, job.changed(**first), going)
    if first and (strain := case.strain()) <= case.limit:
        yield Remedy.of("Cut it for the least strain", **first)
    for label, changes in _helping(case, strain):
        yield Remedy.of(label, **first, **changes)


def _helping(case: _Case, strain: float) -> Iterator[tuple[str, dict[str, Any]]]:
    fit = case.job.fit
    if not fit.warm and case.limit < strain <= case.limit * fit.gives.warmed:
        yield "Lay it warm", {"fit__warm": True}
    if not fit.relief and case.strain(fit__relief=True) <= case.limit:
        yield "Snip the border", {"fit__relief": True}
    for name, says in (("rows", "Cut it as {} bands, laid one after the other"), ("columns", "Lay it as {} pieces")):
        many = _fewest_parts(case, name)
        if many is not None:
            yield says.format(many), {f"fit__{name}": many}
    yield from _smaller(case, strain)


def _fewest_parts(case: _Case, name: str) -> int | None:
    """The fewest bands or pieces that help, where the art has the gaps for them."""
    fit = case.job.fit
    other = fit.columns if name == "rows" else fit.rows
    for many in range(getattr(fit, name) + 1, _MOST_PARTS + 1):
        changes: dict[str, Any] = {f"fit__{name}": many}
        films = case.films(**changes)
        if len(films) < many * other:
            return None
        if max(film.strain_at_openings for film in films) <= case.limit:
            return many
    return None


def _smaller(case: _Case, strain: float) -> Iterator[tuple[str, dict[str, Any]]]:
    """The art so much smaller; where that alone does not do, with the least border besides."""
    width, least = case.art.size[0], case.job.stencil.least_border
    factor = _largest_factor(case, strain)
    if factor is not None:
        yield (f"Make it smaller: art {format_length(width * factor)} wide",
               case.job.resized(factor))
    elif case.job.stencil.border > least:
        narrow = replace(case, job=case.job.changed(stencil__border=least, stencil__sides=None))
        strain = narrow.strain()
        factor = 1.0 if strain <= case.limit else _largest_factor(narrow, strain)
        if factor is not None:
            yield (f"Border {format_length(least)}, art {format_length(width * factor)} wide",
                   {"stencil__border": least, "stencil__sides": None, **case.job.resized(factor)})


def _largest_factor(case: _Case, strain: float) -> float | None:
    """The largest factor at which the film gives no more than it may; None where even a twentieth of the size does not.

    Strain grows at most with the square of the size, so that each guess stays on the large side and the last is near.
    """
    factor = 1.0
    for _ in range(_TURNS):
        factor *= min(0.99, sqrt(_NEAR * case.limit / strain))
        if factor < _LEAST_FACTOR:
            return None
        strain = case.strain(factor)
        if strain <= case.limit:
            break
    else:
        return None
    while case.strain(factor, coarse=False) > case.limit:
        factor *= 0.98
        if factor < _LEAST_FACTOR:
            return None
    return factor
