"""New orders begin from the workshop, and an order says where it differs from the workshop of today."""

from collections.abc import Iterator

from msgspec.structs import replace

from vitrograph.core.job import Cream, CutChoices, Order, Piece, Stock
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says, Value
from vitrograph.core.value_words import film_word
from vitrograph.core.workshop.owned import OwnCream, Workshop

_LONGEST_MM = 5000.0               # of a roll that is told as a mat


def begun(workshop: Workshop, order: Order) -> Order:
    """An order with what the workshop owns and is used to; its art, its glasses and all that is its own stay."""
    tape, cream = workshop.tapes[0], workshop.creams[0]
    return replace(order, units=workshop.house.units, cut=cut_begun(workshop, order.cut),
                   transfer=replace(order.transfer, roll_width=tape.roll_width, clear=tape.clear),
                   etch=replace(order.etch, recipe=cream.recipe, cream=bare(cream)),
                   pieces=tuple(piece_begun(workshop, one) for one in order.pieces))


def cut_begun(workshop: Workshop, cut: CutChoices) -> CutChoices:
    """The cut on the cutter and from the film in use; on other film nothing lies where it was laid."""
    cutter = workshop.cutters[0]
    made = replace(cut, film=workshop.films[0].kind, over_run=cutter.over_run, mat_width=cutter.width,
                   mat_length=cutter.length if cutter.takes == "mat" else _LONGEST_MM, cut_speed=cutter.cut_speed,
                   travel_speed=cutter.travel_speed, offset=cutter.offset, leads_itself=cutter.leads_itself,
                   stock=stock_of(workshop))
    return made if _film_of(made) == _film_of(cut) else replace(made, laid=())


def _film_of(cut: CutChoices) -> tuple[object, ...]:
    """What there is to lay stencils on."""
    return cut.film, cut.mat_width, cut.mat_length, cut.stock


def bare(cream: OwnCream) -> Cream:
    """A cream without its recipe, as an order has it."""
    return Cream(**{field: getattr(cream, field) for field in Cream.__struct_fields__})


def stock_of(workshop: Workshop) -> tuple[Stock, ...]:
    """The film there is of the kind in use, in the workshop's order; none where nobody has told yet what there is."""
    if workshop.films == Workshop().films:
        return ()
    kind = workshop.films[0].kind
    return tuple(Stock(film.name, film.width, film.left, film.price, film.turning) for film in workshop.films
                 if film.kind == kind and film.left > 0)


def piece_begun(workshop: Workshop, piece: Piece) -> Piece:
    """A piece with the house's border, limits, viewing distance and tools."""
    film, house = workshop.films[0], workshop.house
    stencil = replace(piece.stencil, border=house.border, least_border=house.least_border, viewing_mm=house.viewing_mm,
                      least_web=film.least_web, least_opening=film.least_opening)
    gives = piece.fit.gives
    if film.give is not None:
        gives = replace(gives, **{film.kind: film.give})
    tools = replace(workshop.tools, taken=piece.tools.taken)
    return replace(piece, stencil=stencil, tools=tools, fit=replace(piece.fit, gives=gives))


def differences(workshop: Workshop, order: Order) -> Iterator[Says]:
    """Yield where an order was made with other things, or by other rules, than the workshop has today."""
    today = begun(workshop, order)
    pairs: list[tuple[str, Value | str, Value | str]] = []
    pairs += [(tr("film"), film_word(order.cut.film), film_word(today.cut.film)),
              (tr("recipe"), tr(order.etch.recipe.name), tr(today.etch.recipe.name))]
    pairs += [(words, Length(mine), Length(theirs)) for words, mine, theirs in (
        (tr("the mat's width"), order.cut.mat_width, today.cut.mat_width),
        (tr("the mat's length"), order.cut.mat_length, today.cut.mat_length),
        (tr("over-run"), order.cut.over_run, today.cut.over_run),
        (tr("the blade's offset"), order.cut.offset, today.cut.offset),
        (tr("the tape's width"), order.transfer.roll_width, today.transfer.roll_width))]
    for piece, other in zip(order.pieces, today.pieces, strict=True):
        whose = f"{piece.name}, " if len(order.pieces) > 1 else ""
        pairs += [(f"{whose}{words}", Length(getattr(piece.stencil, name)), Length(getattr(other.stencil, name)))
                  for words, name in ((tr("border"), "border"), (tr("the least web"), "least_web"),
                                      (tr("the least opening"), "least_opening"),
                                      (tr("the eye's distance"), "viewing_mm"))]
    for words, mine, theirs in pairs:
        if mine != theirs:
            yield Says("{what}: {mine} here, {theirs} in the workshop", what=words, mine=mine, theirs=theirs)
