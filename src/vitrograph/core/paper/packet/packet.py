"""The packet's pages, in the order of the work: cover, cut, weeding, placing, masking, etch, and a log to fill in."""

import io
from collections.abc import Callable, Hashable, Iterator
from itertools import count, groupby
from typing import Any

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import CAUTIONS, head_of
from vitrograph.core.findings import Level
from vitrograph.core.glass import MATERIALS
from vitrograph.core.language import capital, tr
from vitrograph.core.paper.packet.book import SMALL_MM, TITLE_MM, Book
from vitrograph.core.paper.packet.pictures import bed, finished, finished_pattern, weeding_pattern
from vitrograph.core.paper.packet.placing import Hung, placing_pages
from vitrograph.core.paper.tiles import PaperName
from vitrograph.core.results import FinishedOrder, FinishedPiece
from vitrograph.core.says import Joined, Length, Says, Value, in_words
from vitrograph.core.telling.answers import glass_line
from vitrograph.core.transfer import cut_list
from vitrograph.core.units import NARROW_SPACE, format_minutes

_LOG_ROWS = 14
_PICTURE_MM = (52.0, 42.0)
_BED_MM = 90.0                     # tall, at most
_MOST_WATCHED = 3                  # findings that the cover names of a piece


def packet_pdf(done: FinishedOrder, paper: PaperName, told: Callable[[int], None] = lambda _drawn: None) -> bytes:
    """All of an order as one document of A4 or Letter pages, patterns at true size (ISO 32000: 72 pt to the inch).

    `told` is given how many pieces are drawn, and may end it by what it raises.
    """
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    canvas = Canvas(out, invariant=True)
    canvas.setTitle(tr("{name}: packet", name=done.order.name))
    canvas.setCreator("Vitrograph")
    draw_packet(canvas, done, paper, told)
    canvas.save()
    return out.getvalue()


def draw_packet(
    canvas: Any, done: FinishedOrder, paper: PaperName, told: Callable[[int], None] = lambda _drawn: None
) -> None:
    """Draw the packet on anything that draws like a PDF's canvas."""
    book = Book(canvas, paper, done.order.units, done.order.name)
    _cover(book, done)
    cut_pages(book, done)
    hung: Hung = {}
    drawn = count()
    for pieces in of_one_list(done):
        for piece in pieces:
            told(next(drawn))
            weeding_pages(book, piece)
        placing_pages(book, pieces, hung)
    evening_pages(book, done)
    etch_pages(book, done)
    log_pages(book, done)
    book.close()


def of_one_list(done: FinishedOrder) -> list[list[FinishedPiece]]:
    """The pieces, those of one list of names together."""
    return [list(some) for _, some in groupby(done.pieces, lambda piece: done.order.piece_with(piece.job.key).key)]


def _cover(book: Book, done: FinishedOrder) -> None:
    book.page(tr("{name}: work packet", name=done.order.name))
    glasses = sum(piece.job.count for piece in done.pieces)
    stencils = sum(piece.results.stencils for piece in done.pieces)
    book.line(tr("{glasses}, {stencils} to cut.", glasses=tr("{n} glasses", "{n} glass", n=glasses),
                 stencils=tr("{n} stencils", "{n} stencil", n=stencils)))
    if done.lacking:
        book.line(capital(f"{done.says_lacking(book.unit)}."))
    book.gap(3)
    wide, high = _PICTURE_MM
    for piece in done.pieces:
        lines: list[Value | str] = [
            f"{piece.job.name}: {piece.job.count}",
            tr("Glass: {glass}, {title}", glass=glass_line(piece.wall, book.unit),
               title=MATERIALS[piece.job.material].title),
            Says("Film: {sizes}", sizes=Joined("; ", tuple(_sizes(piece)))),
            *_watched(piece)]
        book.beside(high, finished(piece.sheet, wide, high), wide, lines)
    book.gap(2)
    book.line(tr("Before you begin"), TITLE_MM)
    for caution in _cautions(done):
        book.line(caution, SMALL_MM, indent=4)
        book.gap(1)


def _sizes(piece: FinishedPiece) -> Iterator[Says]:
    """Yield how wide and high each of its films is."""
    for wide, high in piece.sheet.sizes:
        yield Says("{wide} by {high}", wide=Length(wide, 0), high=Length(high, 0))


def _watched(piece: FinishedPiece) -> Iterator[Value | str]:
    """Yield what is to watch on a piece, the gravest first."""
    found = [one for one in piece.findings() if one.level is not Level.NOTE]
    found.sort(key=lambda one: one.level is not Level.STOP)
    for one in found[:_MOST_WATCHED]:
        yield Says("Watch: {says}", says=one.says)
    if len(found) > _MOST_WATCHED:
        yield tr("and {found} more", found=len(found) - _MOST_WATCHED)


def _cautions(done: FinishedOrder) -> list[str]:
    """The cautions of the cream, and of every kind of glass there is; each once."""
    cream = any(piece.sheet.kind != "decal" for piece in done.pieces)
    said = [*CAUTIONS] if cream else []
    said += [MATERIALS[piece.job.material].caution for piece in done.pieces]
    return [words for words in dict.fromkeys(said) if words]


def cut_pages(book: Book, done: FinishedOrder) -> None:
    """How all of it lies on film, and the tape to cut."""
    order, work = done.order, done.cut
    book.page(tr("Cut"))
    choices = order.cut
    passes = tr("once") if choices.passes == 1 else tr("{passes} times", passes=choices.passes)
    book.line(Says("Blade offset {offset}, over-run {over}, each line cut {passes}. {minutes} to cut in all.",
                   offset=Length(choices.offset, 2), over=Length(choices.over_run, 1), passes=passes,
                   minutes=format_minutes(work.seconds)))
    book.line(tr("Colour side up, straight along the sheet's edge, bubbles smoothed out. Lift a corner before you "
                 "unload: not through, cut again in place."), SMALL_MM, grey=True)
    for number, run in enumerate(work.runs, start=1):
        sheet = run.sheet
        high, draw = bed(run, book.width)
        if high > _BED_MM:
            high, draw = bed(run, book.width * _BED_MM / high)
        book.gap(3)
        book.keep(high + 20)
        book.step(Says("Film {number}, {name}: cut a piece {long} by {wide}.", number=str(number),
                       name=sheet.stock.name, long=Length(sheet.used[0], 0), wide=Length(sheet.film.width, 0)),
                  Says("There is no film so large: {long} by {wide} is wanted.", long=Length(sheet.film.length, 0),
                       wide=Length(sheet.film.width, 0)) if sheet.lacking else
                  Says("{left} is left over.", left=Length(sheet.left_over, 0)))
        book.picture(high, draw)
        book.gap(2)
        book.table([("", tr("stencil"), tr("copy"), tr("from the left"), tr("from below")), *(
            (str(k), one.part.film_name, str(one.part.copy + 1),
             Length(one.shape.bounds[0], 0), Length(one.shape.bounds[1], 0))
            for k, one in enumerate(sheet.laid, start=1))], (1, 5, 1, 2, 2))
    _tape(book, done)


def _tape(book: Book, done: FinishedOrder) -> None:
    """The tape to cut for all of it."""
    choices = done.order.transfer
    cuts = cut_list([taped for piece in done.pieces for taped in piece.transfer.taped(piece.job.count)], choices)
    if not cuts:
        return
    book.line(tr("Transfer tape"), TITLE_MM)
    again = tr(", each piece used {uses} times", uses=choices.uses) if choices.uses > 1 else ""
    see = tr("Clear tape: you see the place through it.") if choices.clear else (
        tr("Opaque tape hides the place: draw the film's middle lines on it."))
    book.line(Says("From a roll {wide} wide{again}. {see}", wide=Length(choices.roll_width, 0, tool=True), again=again,
                   see=see), SMALL_MM, grey=True)
    for cut in cuts:
        book.step(Says("{many} x {long}", many=str(cut.many), long=Length(cut.length, 0, tool=True)))


def weeding_pages(book: Book, piece: FinishedPiece) -> None:
    """A film's weeding sheet and its finished picture at true size, and the list to tick; on one page what has room."""
    name, films = piece.job.name, len(piece.sheet.outlines)
    drawn = []
    for film in range(films):
        which = name if films == 1 else tr("{name}, film {film} of {films}", name=name, film=film + 1, films=films)
        drawn.append(weeding_pattern(piece.sheet, piece.weed, film, tr("{which}: weed", which=which)))
    drawn.append(finished_pattern(piece.sheet, name))
    heading = tr("{name}: weed {sheets} of them", name=name, sheets=piece.sheets) if piece.sheets > 1 else tr(
        "{name}: weed", name=name)
    if not book.set_out(heading, drawn):
        for pattern in drawn:
            book.pattern(pattern)
        book.page(heading)
    book.line(tr("Peel the mat from the film, not the film from the mat. Slow, low, in good light."), SMALL_MM,
              grey=True)
    book.gap(2)
    rows: list[tuple[Value | str, ...]] = [("", tr("pull"), tr("where"), tr("how"), "")]
    rows += [(str(bit.number), bit.name, bit.where or tr("all round"), bit.how, "") for bit in piece.weed.pull]
    book.table(rows, (0.7, 3, 2, 7, 0.5), boxed=True)
    stay = piece.weed.stay
    book.line(tr("{n} islands must stay: {all}.", "{n} island must stay: {all}.", n=len(stay),
                 all=", ".join(f"{bit.number} {bit.name}" for bit in stay)) if stay else
              tr("No islands: what stays is in one piece."))


def etch_pages(book: Book, done: FinishedOrder) -> None:
    """The steps with the cream, a page a piece, or one for all of its names where they are the same."""
    for pieces in _etched_alike(done):
        glasses = [piece.job.called(copy) for piece in pieces for copy in range(1, piece.job.count + 1)]
        name = pieces[0].job.name if len(pieces) == 1 else done.order.piece_with(pieces[0].job.key).name
        book.page(tr("{name}: etch {count}", name=name, count=len(glasses)) if len(glasses) > 1 else tr(
            "{name}: etch", name=name))
        for caution in CAUTIONS[:2]:
            book.line(tr("Caution: {caution}", caution=caution), SMALL_MM)
        book.gap(2)
        clocks = 0
        for step in max(pieces, key=lambda piece: piece.etch.area).etch.steps:     # covering the others takes less
            clocks += step.seconds is not None
            book.step(step.says, step.note if step.seconds is None else Joined(
                " ", (step.note, _clock(step.seconds, clocks, len(glasses)))), step.caution)
        if len(glasses) > 1 and clocks:
            heads = [tr("clock {number}", number=number) for number in range(1, clocks + 1)]
            book.table([(tr("glass"), *heads), *((called, *["__:__ - __:__"] * clocks) for called in glasses)],
                       (2, *[1] * clocks), size=4.4)


def _clock(seconds: float, number: int, glasses: int) -> str:
    """How long a step lasts, and a blank for the clock: of several glasses each has its own in the table below."""
    if glasses > 1:
        return tr("{seconds} min: clock {number}, below.", seconds=format_minutes(seconds), number=number)
    return tr("{seconds} min.   Begun ____ : ____   Off at ____ : ____", seconds=format_minutes(seconds))


def _etched_alike(done: FinishedOrder) -> list[list[FinishedPiece]]:
    """What takes cream, and of one piece's names together those that have the same steps."""
    alike: dict[Hashable, list[FinishedPiece]] = {}
    for number, piece in enumerate(done.pieces):
        if piece.sheet.kind != "decal":
            steps = tuple((in_words(step.says, "mm"), step.seconds) for step in piece.etch.steps)
            whose = done.order.piece_with(piece.job.key).key
            alike.setdefault((whose, steps) if piece.job.row else number, []).append(piece)
    return list(alike.values())


def evening_pages(book: Book, done: FinishedOrder) -> None:
    """What the hands do when; too much for one evening has no page."""
    try:
        evening = done.evening
    except VitrographError:
        return
    book.page(tr("The evening, one pair of hands"))
    head, *more = head_of(evening)
    book.line(f"{capital(head)}.", SMALL_MM)
    for line in more:
        book.line(line.strip(), SMALL_MM, grey=True)
    book.gap(2)
    rows: list[tuple[Value | str, ...]] = [(tr("from"), tr("done"), tr("glass"), tr("what"), tr("until it is late"))]
    for slot in evening.plan.evening.slots:
        glass = evening.glasses[slot.glass]
        task = glass.chain.tasks[slot.task]
        room = tr("{most} min", most=format_minutes(task.most - task.planned)) if task.timed else ""
        rows.append((format_minutes(slot.start), "____", glass.called.replace(NARROW_SPACE, " "), task.name, room))
    book.table(rows, (1, 1, 4, 2, 2), size=4.4)


def log_pages(book: Book, done: FinishedOrder) -> None:
    """A table to fill in by hand."""
    book.page(tr("Log"))
    book.line(tr("Look at each piece dry, on black. Write down what came out, and type it in at the logbook."),
              SMALL_MM,
              grey=True)
    book.gap(2)
    rows = [(tr("piece"), tr("no."), tr("cream, minutes"), tr("good / faint / uneven / leak / missed"),
             tr("note", "a column"))]
    rows += [(in_words(piece.job.name, book.unit).replace(NARROW_SPACE, " "), str(copy), "", "", "")
             for piece in done.pieces for copy in range(1, piece.job.count + 1)]
    rows += [("", "", "", "", "")] * max(0, _LOG_ROWS - len(rows))
    book.table(rows, (3, 1, 2, 3, 3), size=5.0)
