"""What use tells of what is owned: a blade grows older, film shorter, and a test cut finds a force."""

from msgspec.structs import replace

from vitrograph.core.errors import WorkshopError
from vitrograph.core.job import MOST_WEIGHED, CutChoices, FilmKind, Stock, Weighing
from vitrograph.core.language import tr
from vitrograph.core.workshop.owned import Film, Workshop


def with_cut(workshop: Workshop, cut_mm: float) -> Workshop:
    """The workshop after the cutter in use has cut so much more."""
    first, *others = workshop.cutters
    return replace(workshop, cutters=(replace(first, blade_m=first.blade_m + cut_mm / 1000), *others))


def film_in_use(workshop: Workshop, cut: CutChoices) -> Film | None:
    """The film that an order is cut from: by the name of its stock, else the first of its kind; None of a kind that
    nobody owns."""
    like = [film for film in workshop.films if film.kind == cut.film]
    named = [film for stock in cut.stock[:1] for film in like if film.name == stock.name]
    return next(iter((*named, *like)), None)


def with_force(workshop: Workshop, cut: CutChoices, force: float) -> Workshop:
    """The workshop with the force that the film of an order came out clean with; its leftovers are the same film.

    Raises WorkshopError where no film of its kind is owned.
    """
    used = film_in_use(workshop, cut)
    if used is None:
        raise WorkshopError(tr("your workshop has no film of this kind: write it down there, and keep the force again"))
    return replace(workshop, films=tuple(
        replace(film, force=force) if (film.kind, _whole_name(film)) == (used.kind, _whole_name(used)) else film
        for film in workshop.films))


def with_weighed(workshop: Workshop, cream: str, weighing: Weighing) -> Workshop:
    """The workshop after the pot of a cream was weighed. Raises WorkshopError where no cream of that name is owned."""
    at = next((at for at, own in enumerate(workshop.creams) if own.name.casefold() == cream.casefold()), None)
    if at is None:
        raise WorkshopError(tr("your workshop has no cream called “{name}”: this weighing is kept with the order only",
                               name=cream))
    own = workshop.creams[at]
    own = replace(own, grams=weighing.after, weighed=(*own.weighed, weighing)[-MOST_WEIGHED:])
    return replace(workshop, creams=(*workshop.creams[:at], own, *workshop.creams[at + 1:]))


def with_left_over(
    workshop: Workshop, stock: Stock, kind: FilmKind, used_mm: float, left_over: tuple[float, float] | None
) -> Workshop:
    """The workshop after a film was cut: so much less of it; what was left over, (length, width) mm, is used first.

    None is left over where that is too little to keep. A leftover that is used up is owned no longer.
    """
    length, width = left_over or (0.0, 0.0)
    films, at = list(workshop.films), _place_of(workshop, stock)
    like = films[at] if at is not None else Film(name=stock.name, kind=kind)
    if at is not None:
        films[at] = replace(like, left=max(0.0, like.left - used_mm - length))
        if not films[at].left and _whole_name(like) != like.name and (left_over or len(films) > 1):
            del films[at]
    if left_over is not None:
        name = tr("{of}, left over", of=_whole_name(like)[:60])
        films.insert(0, replace(like, name=name, kind=kind, width=width, left=length))
    return replace(workshop, films=tuple(films))


def _place_of(workshop: Workshop, stock: Stock) -> int | None:
    """Which of the films a piece of stock is: of several of one name the one that is as large."""
    named = [at for at, film in enumerate(workshop.films) if film.name == stock.name]
    as_large = [at for at in named if (workshop.films[at].width, workshop.films[at].left) == (
        stock.width, stock.length)]
    return next(iter((*as_large, *named)), None)


def _whole_name(film: Film) -> str:
    """What a film is called, without that it is left over."""
    return film.name.removesuffix(tr("{of}, left over", of=""))
