"""Remedies for film that must give too much: each is solved for, and offered only where it helps."""

from collections.abc import Iterator
from dataclasses import replace
from math import sqrt

import msgspec
import shapely

from vitrograph.core.artwork import Art
from vitrograph.core.errors import VitrographError
from vitrograph.core.findings import Remedy
from vitrograph.core.fit.place import FitChoices, lay_art
from vitrograph.core.glass import Wall
from vitrograph.core.job import Fit, Job
from vitrograph.core.units import format_length

_COARSE = 500                      # nodes while a size is looked for; it is proved with all of them
_TURNS = 8
_LEAST_FACTOR = 0.2
_MOST_PARTS = 3
_NEAR = 0.94                       # of the limit: a size is not looked for more closely


def remedies_for(art: Art, wall: Wall, job: Job, strain: float, limit: float) -> Iterator[Remedy]:
    """Yield what brings film that gives `strain` at its openings under its limit: the least change first."""
    fit, choices = job.fit, FitChoices.of(job)
    if fit.film_shape == "best cone" and _helps(art, wall, job, film_shape="least strain"):
        yield Remedy.of("Cut it for the least strain", fit__film_shape="least strain")
    if not fit.relief and fit.film_shape != "best cone" and _helps(art, wall, job, relief=True):
        yield Remedy.of("Snip the border", fit__relief=True)
    for name, says in (("rows", "Cut it as {} bands, laid one after the other"), ("columns", "Lay it as {} pieces")):
        many = _fewest_parts(art, wall, job, name)
        if many is not None:
            yield Remedy.of(says.format(many), **{f"fit__{name}": many})
    if not fit.warm and strain <= limit * fit.gives.warmed:
        yield Remedy.of("Lay it warm", fit__warm=True)
    factor = _smaller(art, wall, fit, choices, strain)
    if factor is not None:
        yield Remedy.of(f"Make it smaller: art {format_length(art.size[0] * factor)} wide",
                        artwork=job.artwork.scaled(factor))


def _helps(art: Art, wall: Wall, job: Job, **changes: object) -> bool:
    """Whether the film then gives no more than it may."""
    changed = job.changed(**{f"fit__{name}": value for name, value in changes.items()})
    choices = FitChoices.of(changed)
    return _strain(art, wall, changed.fit, choices) <= choices.films.limit


def _fewest_parts(art: Art, wall: Wall, job: Job, name: str) -> int | None:
    """The fewest bands or pieces that help, where the art has the gaps for them."""
    now = getattr(job.fit, name)
    other = job.fit.columns if name == "rows" else job.fit.rows
    for many in range(now + 1, _MOST_PARTS + 1):
        fit = msgspec.structs.replace(job.fit, **{name: many})
        choices = _coarse(FitChoices.of(job))
        try:
            laid = lay_art(art, wall, fit, choices)
        except VitrographError:
            return None
        if len(laid.films.films) < many * other:
            return None
        if max(film.strain_at_openings for film in laid.films.films) <= choices.films.limit:
            return many
    return None


def _smaller(art: Art, wall: Wall, fit: Fit, choices: FitChoices, strain: float) -> float | None:
    """The largest factor at which the film gives no more than it may; None where even a fifth of the size does not.

    Strain grows nearly with the square of the size, which makes each guess a good one.
    """
    limit, factor = choices.films.limit, 1.0
    coarse = _coarse(choices)
    for _ in range(_TURNS):
        factor *= min(0.995, sqrt(_NEAR / 2 * limit / strain + limit / strain / 2)) if strain > limit else 1.0
        if factor < _LEAST_FACTOR:
            return None
        strain = _strain(_scaled(art, factor), wall, fit, coarse)
        if strain <= limit:
            break
    proof = _strain(_scaled(art, factor), wall, fit, choices)
    while proof > limit and factor > _LEAST_FACTOR:
        factor *= 0.98
        proof = _strain(_scaled(art, factor), wall, fit, choices)
    return factor if proof <= limit else None


def _strain(art: Art, wall: Wall, fit: Fit, choices: FitChoices) -> float:
    """The worst strain at the openings of art so laid; boundless where it cannot be."""
    try:
        return max(film.strain_at_openings for film in lay_art(art, wall, fit, choices).films.films)
    except VitrographError:
        return float("inf")


def _coarse(choices: FitChoices) -> FitChoices:
    return replace(choices, films=replace(choices.films, nodes=_COARSE))


def _scaled(art: Art, factor: float) -> Art:
    x, y = art.middle
    return replace(art, shape=shapely.transform(art.shape, lambda xy: xy * factor), middle=(x * factor, y * factor))
