"""What use tells of what is owned: a blade grows older, film shorter, and a test cut finds a force."""

from msgspec.structs import replace

from vitrograph.core.job import MOST_WEIGHED, FilmKind, Weighing
from vitrograph.core.language import tr
from vitrograph.core.workshop.owned import Film, Workshop


def with_cut(workshop: Workshop, cut_mm: float) -> Workshop:
    """The workshop after the cutter in use has cut so much more."""
    first, *others = workshop.cutters
    return replace(workshop, cutters=(replace(first, blade_m=first.blade_m + cut_mm / 1000), *others))


def with_force(workshop: Workshop, force: float) -> Workshop:
    """The workshop with the force that the film in use came out clean with."""
    first, *others = workshop.films
    return replace(workshop, films=(replace(first, force=force), *others))


def with_weighed(workshop: Workshop, weighing: Weighing) -> Workshop:
    """The workshop after the pot of the cream in use was weighed."""
    first, *others = workshop.creams
    first = replace(first, grams=weighing.after, weighed=(*first.weighed, weighing)[-MOST_WEIGHED:])
    return replace(workshop, creams=(first, *others))


def with_left_over(
    workshop: Workshop, of: str, kind: FilmKind, used_mm: float, left_over: tuple[float, float]
) -> Workshop:
    """The workshop after a film was cut: so much less of it; what was left over, (length, width) mm, is used first."""
    length, width = left_over
    films = [replace(film, left=max(0.0, film.left - used_mm - length)) if film.name == of else film
             for film in workshop.films]
    like = next((film for film in films if film.name == of), Film(kind=kind))
    rest = replace(like, name=tr("{of}, left over", of=of[:60]), kind=kind, width=width, left=length)
    return replace(workshop, films=(rest, *films))
