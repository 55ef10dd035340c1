"""The packet's pages for the glass: where each film goes, the steps to lay it, and the collar to hang on the rim."""

from collections.abc import Hashable, Iterator, Sequence
from itertools import groupby

from vitrograph.core.errors import GlassError
from vitrograph.core.language import capital, tr
from vitrograph.core.paper.packet.book import SMALL_MM, TITLE_MM, Book
from vitrograph.core.paper.packet.pictures import collar_pattern, placed, pressed_first
from vitrograph.core.paper.tiles import Pattern, together
from vitrograph.core.results import FinishedPiece
from vitrograph.core.says import Joined, Length, Says, Value
from vitrograph.core.transfer import (
    LEAST_MM,
    SEAL,
    Placing,
    Setting,
    Surroundings,
    collar_of,
    from_the_front,
    other_ways,
    what_a_slip_does,
    where_it_goes,
)
from vitrograph.core.work import Step

_SKETCH_MM = (80.0, 62.0)
_SMALL_SKETCH_MM = (60.0, 44.0)
_PRESSED_MM = (80.0, 50.0)
_COLLAR_MM = 1500.0                # a collar or a strip that is longer than that is no help

Hung = dict[Hashable, str]         # collars that were drawn, and whose they are


def placing_pages(book: Book, pieces: Sequence[FinishedPiece], hung: Hung) -> None:
    """For every copy and film where it goes, the steps, and the collars at true size.

    Pieces of one list of names come together: of those that have the steps of an earlier one there is what differs.
    """
    firsts: dict[Hashable, tuple[FinishedPiece, int]] = {}
    alike = []
    for piece in pieces:
        if _order_of(piece) in firsts:
            alike.append(piece)
        else:
            firsts[_order_of(piece)] = (piece, book.pages + 1)
            _whole(book, piece)
    if alike:
        book.page(tr("Others like {name}: what differs", name=pieces[0].job.name))
    for piece in alike:
        _likewise(book, piece, *firsts[_order_of(piece)])
    _collars(book, pieces, hung)


def _whole(book: Book, piece: FinishedPiece) -> None:
    for whose, settings, walks in zip(_called(piece), piece.transfer.copies, piece.transfer.walks, strict=True):
        book.page(tr("{whose}: on the glass", whose=whose))
        for setting, steps in zip(settings, walks, strict=True):
            book.keep(_SKETCH_MM[1] + 12)
            if setting.many > 1:
                book.line(capital(setting.which), TITLE_MM)
            _where(book, piece, setting)
            _steps(book, piece, setting, steps)


def _order_of(piece: FinishedPiece) -> Hashable:
    """Its steps by their keys, for each copy and film; where edges leak first is each film's own."""
    return tuple(tuple(tuple(step.key for step in film if not step.key.startswith(SEAL)) for film in films)
                 for films in piece.transfer.walks)


def _called(piece: FinishedPiece) -> list[str]:
    """What its copies round the glass are called."""
    name, copies = piece.job.name, len(piece.transfer.copies)
    return [name] if copies == 1 else [tr("{name}, stencil {copy} of {copies} round it", name=name, copy=copy,
                                          copies=copies) for copy in range(1, copies + 1)]


def _likewise(book: Book, piece: FinishedPiece, first: FinishedPiece, page: int) -> None:
    """What a piece has that another one, which is on a page, has not: its places, and the steps with other numbers."""
    for copy, whose in enumerate(_called(piece)):
        for setting, steps, theirs in zip(piece.transfer.copies[copy], piece.transfer.walks[copy],
                                          first.transfer.walks[copy], strict=True):
            told = {(step.key, book.words(words)) for step in theirs for words in (step.says, step.note)}
            own = [step for step in steps if not step.key.startswith(SEAL)
                   and (step.key == f"set {setting.number}" or (step.key, book.words(step.says)) not in told)]
            says: list[Value | str] = [
                step.says if (step.key, book.words(step.note)) in told else Joined(" ", (step.says, step.note))
                for step in own]
            wide, high = _SMALL_SKETCH_MM
            book.beside(high, placed(piece.sheet, setting, piece.wall, wide, high), wide, [
                *says, *_measures(setting.placing), tr("All else as for {name}, page {page}.", name=first.job.name,
                                                       page=page)],
                        title=whose if setting.many == 1 else f"{whose}, {setting.which}", boxed=len(says))
            _steps(book, piece, setting, [step for step in steps if step.key.startswith(SEAL)])


def _steps(book: Book, piece: FinishedPiece, setting: Setting, steps: Sequence[Step]) -> None:
    """The steps of a film; those at places that leak first are beside a picture that numbers the places."""
    for first, some in groupby(steps, key=lambda step: step.key.startswith(SEAL)):
        if first:
            says = [Joined(" ", (step.says, step.note)) for step in some]
            wide, high = _PRESSED_MM
            tall, draw = pressed_first(piece.sheet, piece.demands.seal.risks[:len(says)], wide, high)
            book.beside(tall, draw, wide, says, boxed=len(says))
            continue
        for step in some:
            note = what_a_slip_does(setting.placing) if step.key == f"set {setting.number}" else step.note
            book.step(step.says, note, step.caution)


def _where(book: Book, piece: FinishedPiece, setting: Setting) -> None:
    placing = setting.placing
    wide, high = _SKETCH_MM
    lines: list[Value | str] = [where_it_goes(placing, setting.which), *_measures(placing), *other_ways(placing)]
    if placing.no_water and piece.wall.closed:
        lines.append(tr("By water: {no_water}.", no_water=placing.no_water))
    book.beside(high, placed(piece.sheet, setting, piece.wall, wide, high), wide, lines)


def _measures(placing: Placing) -> Iterator[Value]:
    """Yield the places that are measured, each with its lengths."""
    for spot in placing.spots:
        if spot.across is not None:
            across: Value = Says("{mm} from the {side}", mm=Length(spot.across, tool=True), side=placing.side)
        else:
            mm = spot.round_glass or 0.0
            along = tr(" along the rim") if placing.has_rim and abs(mm) >= LEAST_MM else ""
            across = Says("{place}{along}", place=from_the_front(mm), along=along)
        yield Says("{name}: {across}, {down} below the {edge}.", name=capital(spot.name),
                   across=across, down=Length(spot.down, tool=True), edge=placing.edge)


def _collars(book: Book, pieces: Sequence[FinishedPiece], hung: Hung) -> None:
    """The collars, as many on a page as it holds, or why there is none; one that was printed already serves again."""
    drawn, said = [], dict[str, None]()                        # sixty names have one reason
    for piece in pieces:
        about = Surroundings(piece.wall, piece.job.glass, piece.job.features)
        for settings, whose in zip(piece.transfer.copies, _called(piece), strict=True):
            made = _collar(settings, about, whose, hung)
            if isinstance(made, Pattern):
                drawn.append(made)
            else:
                said[made] = None
    for words in said:
        book.line(words, SMALL_MM)
    for pattern in together(drawn, book.paper):
        book.pattern(pattern)


def _collar(settings: tuple[Setting, ...], about: Surroundings, title: str, hung: Hung) -> Pattern | str:
    """A collar to draw; or in words why there is none, or whose serves."""
    try:
        collar = collar_of(settings, about)
    except GlassError as error:
        return tr("No collar: {error}.", error=error)
    left, low, right, high = collar.outline.bounds
    if max(right - left, high - low) > _COLLAR_MM:
        return (tr("No collar: this glass is too large for one. Measure with a tape.") if about.wall.closed else
                tr("No paper strip: this pane is too large for one. Measure with a tape."))
    key = (about.glass, tuple((round(x, 1), round(y, 1)) for x, y in (mark.at for mark in collar.marks)))
    if key in hung:
        return tr("The collar of {hung} serves {title} too.", hung=hung[key], title=title)
    hung[key] = title
    return collar_pattern(collar, title)
