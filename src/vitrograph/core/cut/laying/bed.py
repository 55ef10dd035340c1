"""The bed: all stencils of an order laid on the film there is, one piece after the other; what is left; its cost."""

from collections.abc import Callable, Iterator, Sequence
from functools import cached_property

from msgspec import Struct

from vitrograph.core.cut.laying.nest import Film, Laid, Part, Spot, Stamps, lies_well, nested, rows_of_boxes
from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.job import CutChoices, Lying, Stock
from vitrograph.core.language import tr
from vitrograph.core.says import Joined, Length, Says

_MOST_SHEETS = 2000
_NAMED = 4                         # stencils that a sentence names


class BedSheet(Struct, frozen=True, eq=False, dict=True):
    """One sheet of film as it is cut: of which stock, how large it is, and what lies on it.

    What no film there is can hold lies on one that is `lacking`, as large as it needs.
    """

    stock: Stock
    film: Film
    laid: tuple[Laid, ...]
    lacking: bool = False

    @cached_property
    def used(self) -> tuple[float, float]:
        """How much of its length and width is used, to the far edges of what lies on it and the margin there, mm."""
        bounds = [one.shape.bounds for one in self.laid]
        return (max(b[2] for b in bounds) + self.film.margin, max(b[3] for b in bounds) + self.film.margin)

    @property
    def left_over(self) -> float:
        """How long a piece of the sheet is left, in its full width, mm."""
        return max(0.0, self.film.length - self.used[0])

    @property
    def says_lacking(self) -> Says | None:
        """What is told before it is cut all the same: that no film or mat there is holds it; None where one does."""
        long, wide = Length(self.film.length, 0), Length(self.film.width, 0)
        return Says("no film or mat is large enough for this: {long} by {wide} is needed", long=long,
                    wide=wide) if self.lacking else None

    @property
    def cost(self) -> float:
        """Of the film used, by its price a metre, in the maker's money."""
        return self.stock.price * self.used[0] / 1000


class Bed(Struct, frozen=True, eq=False):
    """All sheets in the order they are cut, and what was found."""

    sheets: tuple[BedSheet, ...]
    findings: tuple[Finding, ...] = ()

    @property
    def cost(self) -> float:
        """Of all film used."""
        return sum(sheet.cost for sheet in self.sheets)

    @property
    def used_mm(self) -> float:
        """The length of film used in all."""
        return sum(sheet.used[0] for sheet in self.sheets)

    def lying(self) -> tuple[Lying, ...]:
        """Where everything lies, as an order keeps it."""
        return tuple(Lying(*one.part.whose, number, one.spot.x, one.spot.y, one.spot.turn, one.pinned)
                     for number, sheet in enumerate(self.sheets) for one in sheet.laid)


Packer = Callable[[Sequence[Part], Film, Sequence[Laid]], tuple[Sequence[Laid], Sequence[Part]]]


def bed_of(
    parts: Sequence[Part], choices: CutChoices, still_wanted: Callable[[], None] = lambda: None,
    pack: Packer | None = None
) -> Bed:
    """Lay parts on film: those with a place of their own stay in it where they lie well; the others go about.

    `pack` lays the parts of one sheet about those that stay there; without one they are nested as `nest` does, or
    in rows of boxes where those are shorter.
    """
    pack = pack or packer(still_wanted)
    waiting = {part.whose: part for part in parts}
    kept = _kept(choices.laid, waiting)
    sheets: list[BedSheet] = []
    for stock, film in _films(choices, sheets):
        if not waiting or len(sheets) >= _MOST_SHEETS:
            break
        stay = _staying(kept.get(len(sheets), []), film)
        free = [part for whose, part in waiting.items() if whose not in {one.part.whose for one in stay}]
        later = {one.part.whose for number, laid in kept.items() if number > len(sheets) for one in laid}
        now = [part for part in free if part.whose not in later]
        laid, _ = pack(now, film, stay)
        if not laid:
            continue
        sheets.append(BedSheet(stock, film, tuple(laid)))
        for one in laid:
            del waiting[one.part.whose]
    left = tuple(waiting.values())
    return Bed((*sheets, *(_lacking(part, choices) for part in left)), tuple(_unlaid(left, choices)))


def _staying(laid: Sequence[Laid], film: Film) -> list[Laid]:
    """Those that can stay where they lie: pinned ones before others, none nearer to another than the gap."""
    if lies_well(laid, film):
        return list(laid)
    stay: list[Laid] = []
    for one in sorted(laid, key=lambda one: not one.pinned):
        if lies_well([*stay, one], film):
            stay.append(one)
    return stay


def _lacking(part: Part, choices: CutChoices) -> BedSheet:
    """A sheet of its own for a part that no film holds."""
    edge = choices.edge
    long, wide = part.rough.bounds[2:]
    film = Film(long + 2 * edge, wide + 2 * edge, edge, choices.gap)
    wanting = Stock(tr("Film that is wanting"), film.width, film.length)
    return BedSheet(wanting, film, (Laid(part, Spot(edge, edge)),), True)


def packer(still_wanted: Callable[[], None] = lambda: None) -> Packer:
    """The usual packer: parts nested, or in rows of boxes where those are shorter."""
    stamps: Stamps = {}

    def pack(parts: Sequence[Part], film: Film, stay: Sequence[Laid]) -> tuple[Sequence[Laid], Sequence[Part]]:
        laid, rest = nested(parts, film, stay, still_wanted, stamps)
        if stay:
            return laid, rest
        rows, others = rows_of_boxes(parts, film)
        shorter = len(others) == len(rest) and reach_of(rows) < reach_of(laid)
        return (rows, others) if len(others) < len(rest) or shorter else (laid, rest)

    return pack


def reach_of(laid: Sequence[Laid]) -> float:
    """How far along the film parts reach, mm."""
    return max((one.shape.bounds[2] for one in laid), default=0.0)


def _kept(laid: Sequence[Lying], parts: dict[tuple[int, int, int], Part]) -> dict[int, list[Laid]]:
    """By sheet, the parts that have places of their own."""
    kept: dict[int, list[Laid]] = {}
    for one in laid:
        part = parts.get((one.key, one.film, one.copy))
        if part is not None:
            kept.setdefault(one.sheet, []).append(Laid(part, Spot(one.x, one.y, one.turn), one.pinned))
    # of sheets whose stencils are all gone nothing is left to wait for
    return {number: kept[sheet] for number, sheet in enumerate(sorted(kept))}


def _films(choices: CutChoices, sheets: Sequence[BedSheet]) -> Iterator[tuple[Stock, Film]]:
    """Yield sheets of film in the order they are used: of each piece in stock as much at a time as the cutter takes.

    `sheets` are those used so far; what they left of a piece comes next.
    """
    if not choices.stock:
        endless = Stock("Film", choices.mat_width, choices.mat_length)
        used = -1
        while len(sheets) > used:                              # until nothing that waits goes on one
            used = len(sheets)
            yield endless, film_of(choices, endless, choices.mat_length)
    for stock in choices.stock:
        left = stock.length
        while left > 2 * choices.edge:
            before = len(sheets)
            yield stock, film_of(choices, stock, left)
            if len(sheets) == before:                          # nothing that waits goes on it
                break
            left -= sheets[-1].used[0]


def film_of(choices: CutChoices, stock: Stock, left: float) -> Film:
    """As much of a piece of film as the cutter takes at once."""
    return Film(min(left, choices.mat_length), min(stock.width, choices.mat_width), choices.edge, choices.gap,
                stock.turning)


def _unlaid(left: Sequence[Part], choices: CutChoices) -> Iterator[Finding]:
    """Yield that stencils have no place on any film, and what would do."""
    if not left:
        return
    names = dict.fromkeys(part.name for part in left)
    most = max(left, key=lambda part: max(part.rough.bounds[2:]))
    long, short = sorted(most.rough.bounds[2:], reverse=True)
    some = Joined(", ", tuple(list(names)[:_NAMED]))
    says = Says("{n} stencils are without film that holds them: {some}{more}; the largest is {long} by {short}",
                "a stencil is without film that holds it: {some}{more}; the largest is {long} by {short}",
                n=len(left), some=some,
                more=tr(" and {names} more", names=len(names) - _NAMED) if len(names) > _NAMED else "",
                long=Length(long), short=Length(short))
    films = [film_of(choices, one, one.length) for one in choices.stock] or [
        film_of(choices, Stock("Film", choices.mat_width, choices.mat_length), choices.mat_length)]
    sides = [sorted(film.room) for film in films]
    small = short > max(narrow for narrow, _ in sides)
    limit = max(narrow if small else wide for narrow, wide in sides) + 2 * choices.edge
    why = _what_would_do(most, films, small=small)
    yield Finding(Code.BED, Level.STOP if choices.stock else Level.WATCH, says, why, value=short if small else long,
                  limit=limit)


def _what_would_do(part: Part, films: Sequence[Film], *, small: bool) -> str:
    """What lets a part lie on one of the films, which has no place on any; `small` where all are too narrow."""
    wide, tall = part.rough.bounds[2:]
    if small:
        return tr("wider film and a wider mat or cutter would do, or two stencils with a lap: part it at the fit "
                  "station")
    as_it_is = any(wide <= film.room[0] and tall <= film.room[1] for film in films)
    if as_it_is or any(tall <= film.room[0] and wide <= film.room[1] for film in films if film.turning != "none"):
        return tr("the film in stock does not suffice: add film to it")
    if any(tall <= film.room[0] and wide <= film.room[1] for film in films):
        return tr("it would go on the film if it were turned, which the film's grain does not allow")
    return tr("longer film and a longer mat, or a roll, would do, or two stencils with a lap: part it at the fit "
              "station")
