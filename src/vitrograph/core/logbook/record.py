"""The record that writes itself: what a finished piece was made of, with what, and what it really took."""

from collections.abc import Iterator
from datetime import date

from msgspec import Struct

from vitrograph.core.artwork import label_of, provenance
from vitrograph.core.etch import cream_for
from vitrograph.core.glass import Shelf
from vitrograph.core.job import Drawing, Job, Monogram, Words
from vitrograph.core.logbook.entry import Entry, outcome_of
from vitrograph.core.logbook.makings import NOTHING_DONE, Worked
from vitrograph.core.results import FinishedOrder, FinishedPiece
from vitrograph.core.says import in_words
from vitrograph.core.telling.answers import glass_line
from vitrograph.core.transfer import cut_list
from vitrograph.core.workshop import Workshop

_WIDEST_WEB_MM = 3.0               # a web wider than that is no thin place of any film


class Owned(Struct, frozen=True):
    """What the order's file does not know: the cutter's name, the glass's on the shelf, prices in the maker's money.

    `tape` is the price of a metre of tape, `hands` that of an hour, `glass` that of one glass.
    """

    cutter: str = ""
    shelf: str = ""
    tape: float = 0.0
    hands: float = 0.0
    glass: float = 0.0


def owned_of(workshop: Workshop, shelf: Shelf, job: Job) -> Owned:
    """What workshop and shelf know that an order's file does not: a tape is told by its width, a glass by its readings.

    Raises ShelfError.
    """
    tape = next((one for one in workshop.tapes if one.roll_width == job.transfer.roll_width), workshop.tapes[0])
    name, price = next(((one.name, one.price) for one in shelf.glasses() if one.glass == job.glass), ("", 0.0))
    return Owned(workshop.cutters[0].name, name, tape.price, workshop.house.hour, price)


def record_of(
    done: FinishedOrder, piece: FinishedPiece, today: date, owned: Owned, worked: Worked = NOTHING_DONE
) -> Entry:
    """The entry of a piece of an order: its copies good but for those that broke, until the maker says otherwise.

    It is of the day on which it was rinsed; of `today`, where nothing of it was ticked off. What was not timed stands
    as it was planned under cream, and is left out of the minutes of hands.
    """
    job, sheet = piece.job, piece.sheet
    many, hands = job.count, dict(worked.hands)
    cream, grams = job.etch.cream, _grams(piece) if piece.etch.area else None
    islands, webs = sheet.islands, [thin.width for thin in sheet.cutting.thin(0.0, _WIDEST_WEB_MM)]
    minutes = worked.under_cream if worked.under_cream is not None else piece.etch.seconds / 60
    settled = worked.settled if worked.settled is not None else job.transfer.settle
    took, broken, day = sum(hands.values()), worked.broken(many), worked.day(today)
    return Entry(
        made_on=day.isoformat(), job=job.name, glass=f"{job.glass.kind} {glass_line(piece.wall)}",
        material=job.material, shelf=owned.shelf,
        art=", ".join(dict.fromkeys(label_of(item) for item in job.artwork.items if item.shown)),
        faces=", ".join(dict.fromkeys(_faces(job))), files=", ".join(dict.fromkeys(_files(job))),
        licences="; ".join(in_words(says, "mm") for says in provenance(piece.art)),
        width_mm=round(piece.fitted.on_glass[0], 2), height_mm=round(piece.fitted.on_glass[1], 2),
        area_mm2=round(many * piece.etch.area, 1), film=job.cut.film, cutter=owned.cutter, passes=job.cut.passes,
        mends=len(job.stencil.mends), ties=len(sheet.ties), bits=piece.weed.many * piece.fitted.sheets,
        web_mm=_rounded(min(webs, default=None)), island_mm2=_rounded(min((one.area for one in islands), default=None)),
        strain_pct=round(100 * piece.fitted.strain_at_openings, 3),
        recipe=job.etch.recipe.name if piece.etch.area else "", cream=cream.name if piece.etch.area else "",
        cream_days=_age(cream.opened_on, day), cream_g=_rounded(grams),
        minutes=_rounded(minutes) if piece.etch.area else None, settled_min=_rounded(settled),
        cut_min=_rounded(hands.get("cut")), weed_min=_rounded(hands.get("weed")),
        transfer_min=_rounded(hands.get("transfer")), etch_min=_rounded(hands.get("etch")),
        cost_film=_rounded(_film_cost(done, piece)), cost_tape=_rounded(_tape_cost(piece, owned.tape)),
        cost_cream=_rounded(grams * cream.price / cream.full) if grams and cream.full and cream.price else None,
        cost_glass=_rounded(many * owned.glass) if owned.glass else None,
        cost_hands=_rounded(took / 60 * owned.hands) if owned.hands and took else None,
        how_many=many, outcome=outcome_of({"good": many - broken, "spoiled": broken}),
        note="\n".join(worked.noted(job)), order_id=done.order.id)


def _grams(piece: FinishedPiece) -> float | None:
    """What its copies use up of the cream by the maker's own weighings; before there are any, nobody knows."""
    need = cream_for(piece.job.count * piece.etch.area, 0.0, piece.job.etch.coat, piece.job.etch.cream)
    return need.used if need.weighed else None


def _film_cost(done: FinishedOrder, piece: FinishedPiece) -> float | None:
    """Its share by area of the film that was cut for the order; None where the film has no price."""
    if not any(stock.price for stock in done.order.cut.stock):     # nor is it laid out, which takes a while
        return None
    laid = [(one.part.key, one.shape.area) for sheet in done.bed.sheets for one in sheet.laid]
    whole = sum(area for _, area in laid)
    mine = sum(area for key, area in laid if key == piece.job.key)
    return done.bed.cost * mine / whole if whole and done.bed.cost else None


def _tape_cost(piece: FinishedPiece, price: float) -> float | None:
    """Of the tape that is cut off the roll for its films."""
    if not price:
        return None
    cuts = cut_list(piece.transfer.taped(piece.job.count), piece.job.transfer)
    return price / 1000 * sum(cut.many * cut.length for cut in cuts)


def _age(opened_on: str, day: date) -> int | None:
    return max(0, (day - date.fromisoformat(opened_on)).days) if opened_on else None


def _rounded(value: float | None) -> float | None:
    return None if value is None else round(value, 2)


def _faces(job: Job) -> Iterator[str]:
    for item in job.artwork.items:
        what = item.what
        if item.shown and isinstance(what, Words | Monogram):
            yield what.font.name if what.font else what.face
        if item.shown and isinstance(what, Monogram) and what.text.strip():
            yield what.text_face


def _files(job: Job) -> Iterator[str]:
    return (item.what.name for item in job.artwork.items if item.shown and isinstance(item.what, Drawing))
