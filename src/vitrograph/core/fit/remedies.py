"""Remedies for film that must give too much: each is solved for, and offered only where it helps."""

from collections.abc import Callable, Iterator
from math import sqrt
from typing import Literal

from msgspec import Struct
from msgspec.structs import replace
from msgspec.structs import replace as with_fields

from vitrograph.core.artwork import Art, compose
from vitrograph.core.errors import Cancelled, VitrographError
from vitrograph.core.findings import Remedy
from vitrograph.core.fit.films import Film
from vitrograph.core.fit.placing import FitChoices, map_art
from vitrograph.core.glass import Wall
from vitrograph.core.job import Artwork, Features, Fit, Job
from vitrograph.core.job.change import Change, Resize, put
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says

_COARSE = 500                      # nodes while something is looked for; a size is proved with all of them
_TURNS = 8
_LEAST_FACTOR = 0.05
_MOST_PARTS = 3
_NEAR = 0.97                       # of the limit is aimed at, so that the proof seldom fails

_Offer = tuple[Says | str, tuple[Change, ...]]


class FitCheckInput(Struct, frozen=True):
    """What the fit's findings and their remedies depend on beside the art as it lies; `border` is that of all sides."""

    artwork: Artwork
    fit: Fit
    features: Features
    choices: FitChoices
    border: float

    @classmethod
    def of(cls, job: Job) -> "FitCheckInput":
        """What a job says of it."""
        return cls(job.artwork, job.fit, job.features, FitChoices.of(job), job.stencil.border)

    @property
    def limit(self) -> float:
        """What the film takes, as it is laid."""
        return self.choices.films.limit

    def with_fit(self, fit: Fit) -> "FitCheckInput":
        """With another way of laying; how warm the film is stays as it was."""
        return replace(self, fit=fit)

    def with_border(self, border: float) -> "FitCheckInput":
        """With one border on all sides."""
        films = self.choices.films
        films = replace(films, seams=replace(films.seams, border=(border,) * 4))
        return replace(self, border=border, choices=replace(self.choices, films=films))


class _Case(Struct, frozen=True):
    """Art on a wall, and what is asked of it."""

    art: Art
    wall: Wall
    given: FitCheckInput
    still_wanted: Callable[[], None]

    def films(self, fit: Fit | None = None, factor: float = 1.0, *, coarse: bool = True) -> tuple[Film, ...]:
        """The films of the art at a size, laid so or otherwise; none where it cannot be."""
        self.still_wanted()
        given, choices = self.given, self.given.choices
        if coarse:
            choices = replace(choices, films=replace(choices.films, nodes=_COARSE))
        try:
            art = self.art if factor == 1 else compose(given.artwork.scaled(factor))
            return map_art(art, self.wall, fit or given.fit, choices, given.features).films.films
        except Cancelled:
            raise
        except VitrographError:
            return ()

    def strain(self, fit: Fit | None = None, factor: float = 1.0, *, coarse: bool = True) -> float:
        """The worst strain at their openings; boundless where there are none."""
        return max((film.strain_at_openings for film in self.films(fit, factor, coarse=coarse)), default=float("inf"))

    @property
    def limit(self) -> float:
        """What the film takes."""
        return self.given.limit


def remedies_for(
    art: Art, wall: Wall, given: FitCheckInput, strain: float, still_wanted: Callable[[], None]
) -> Iterator[Remedy]:
    """Yield what brings film that gives `strain` at its openings under its limit: the least change first.

    Film cut by a cone is cut for the least strain first of all: whatever else is needed comes on top of that.
    """
    first: tuple[Change, ...] = ()
    if given.fit.film_shape == "best cone":
        first = (put(lambda job: job.fit.film_shape, "least strain"),)
        given = given.with_fit(with_fields(given.fit, film_shape="least strain"))
    case = _Case(art, wall, given, still_wanted)
    if first and (strain := case.strain()) <= case.limit:
        yield Remedy.of(tr("Cut it for the least strain"), *first)
    for label, changes in _helping(case, strain):
        yield Remedy.of(label, *first, *changes)


def _helping(case: _Case, strain: float) -> Iterator[_Offer]:
    fit = case.given.fit
    if not fit.warm and case.limit < strain <= case.limit * fit.gives.warmed:
        yield tr("Lay it warm"), (put(lambda job: job.fit.warm, True),)
    if not fit.relief and case.strain(with_fields(fit, relief=True)) <= case.limit:
        yield tr("Snip the border"), (put(lambda job: job.fit.relief, True),)
    if (many := _fewest_parts(case, "rows")) is not None:
        yield parting("rows", many)
    if (many := _fewest_parts(case, "columns")) is not None:
        yield parting("columns", many)
    yield from _smaller(case, strain)


def parting(name: Literal["rows", "columns"], many: int) -> _Offer:
    """What parts the art into so many films: bands one above the other, or pieces side by side."""
    if name == "rows":
        return tr("Cut it as {many} bands, laid one after the other", many=many), (put(lambda job: job.fit.rows, many),)
    return tr("Lay it as {many} pieces", many=many), (put(lambda job: job.fit.columns, many),)


def _fewest_parts(case: _Case, name: str) -> int | None:
    """The fewest bands or pieces that help, where the art has the gaps for them."""
    fit = case.given.fit
    other = fit.columns if name == "rows" else fit.rows
    for many in range(getattr(fit, name) + 1, _MOST_PARTS + 1):
        films = case.films(with_fields(fit, **{name: many}))
        if len(films) < many * other:
            return None
        if max(film.strain_at_openings for film in films) <= case.limit:
            return many
    return None


def _smaller(case: _Case, strain: float) -> Iterator[_Offer]:
    """The art so much smaller; where that alone does not do, with the least border besides."""
    width, least = case.art.size[0], case.given.choices.films.safe
    factor = _largest_factor(case, strain)
    if factor is not None:
        yield Says("Make it smaller: art {width} wide", width=Length(width * factor)), (Resize(factor),)
    elif case.given.border > least:
        narrow = replace(case, given=case.given.with_border(least))
        strain = narrow.strain()
        factor = 1.0 if strain <= case.limit else _largest_factor(narrow, strain)
        if factor is not None:
            yield (Says("Border {least}, art {width} wide", least=Length(least), width=Length(width * factor)),
                   (put(lambda job: job.stencil.border, least), put(lambda job: job.stencil.sides, None),
                    Resize(factor)))


def _largest_factor(case: _Case, strain: float) -> float | None:
    """The largest factor at which the film gives no more than it may; None where even a twentieth of the size does not.

    Strain grows at most with the square of the size, so that each guess stays on the large side and the last is near.
    """
    factor = 1.0
    for _ in range(_TURNS):
        factor *= min(0.99, sqrt(_NEAR * case.limit / strain))
        if factor < _LEAST_FACTOR:
            return None
        strain = case.strain(factor=factor)
        if strain <= case.limit:
            break
    else:
        return None
    while case.strain(factor=factor, coarse=False) > case.limit:
        factor *= 0.98
        if factor < _LEAST_FACTOR:
            return None
    return factor
