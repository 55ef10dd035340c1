"""The packet's pages for the glass: where each film goes, the steps to lay it, and the collar to hang on the rim."""

from collections.abc import Hashable, Iterator, Sequence
from itertools import groupby

from vitrograph.core.errors import GlassError
from vitrograph.core.language import capital, tr
from vitrograph.core.paper.packet.book import SMALL_MM, Book
from vitrograph.core.paper.packet.pictures import collar_pattern, placed, pressed_first
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
_PRESSED_MM = (80.0, 50.0)
_COLLAR_MM = 1500.0                # a collar or a strip that is longer than that is no help

Hung = dict[Hashable, str]         # collars that were drawn, and whose they are


def placing_pages(book: Book, piece: FinishedPiece, hung: Hung) -> None:
    """For every copy and film of a piece where it goes, the steps, and the collar at true size."""
    plan, name = piece.transfer, piece.job.name
    about = Surroundings(piece.wall, piece.job.glass, piece.job.features)
    for copy, (settings, walks) in enumerate(zip(plan.copies, plan.walks, strict=True), start=1):
        whose = name if len(plan.copies) == 1 else tr("{name}, stencil {copy} of {copies} round it", name=name,
                                                      copy=copy, copies=len(plan.copies))
        book.page(tr("{whose}: on the glass", whose=whose))
        for setting, steps in zip(settings, walks, strict=True):
            book.keep(_SKETCH_MM[1] + 12)
            if setting.many > 1:
                book.line(capital(setting.which), 5.4)
            _where(book, piece, setting)
            _steps(book, piece, setting, steps)
        _collar(book, settings, about, whose, hung)


def _steps(book: Book, piece: FinishedPiece, setting: Setting, steps: Sequence[Step]) -> None:
    """The steps of a film; those at places that leak first are beside a picture that numbers the places."""
    for first, some in groupby(steps, key=lambda step: step.key.startswith(SEAL)):
        if first:
            says = [Joined(" ", (step.says, step.note)) for step in some]
            wide, high = _PRESSED_MM
            tall, draw = pressed_first(piece.sheet, piece.demands.seal.risks[:len(says)], wide, high)
            book.beside(tall, draw, wide, says, boxed=True)
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


def _collar(book: Book, settings: tuple[Setting, ...], about: Surroundings, title: str, hung: Hung) -> None:
    """The collar, or why there is none; one that was printed already serves again."""
    try:
        collar = collar_of(settings, about)
    except GlassError as error:
        book.line(tr("No collar: {error}.", error=error), SMALL_MM, grey=True)
        return
    left, low, right, high = collar.outline.bounds
    if max(right - left, high - low) > _COLLAR_MM:
        book.line(tr("No collar: this glass is too large for one. Measure with a tape.") if about.wall.closed else
                  tr("No paper strip: this pane is too large for one. Measure with a tape."), SMALL_MM, grey=True)
        return
    key = (about.glass, tuple((round(x, 1), round(y, 1)) for x, y in (mark.at for mark in collar.marks)))
    if key in hung:
        book.line(tr("The collar of {hung} serves here too.", hung=hung[key]), SMALL_MM)
        return
    hung[key] = title
    book.pattern(collar_pattern(collar, title))
