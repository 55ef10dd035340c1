"""Transfer tape: the strips that carry a film to the glass, and what the whole order takes of it."""

from collections import Counter
from collections.abc import Iterable, Iterator
from math import ceil

from msgspec import Struct

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import TransferChoices
from vitrograph.core.job.change import put
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says

LEAST_MARGIN_MM = 2.0


class Strip(Struct, frozen=True):
    """One strip of tape laid across the stencil: its lower left corner on the sheet, width and height, mm."""

    x: float
    y: float
    width: float
    height: float


class CutOff(Struct, frozen=True):
    """Pieces of tape to cut off a roll for an order: how many, each so long, from a roll so wide, mm."""

    many: int
    length: float
    roll: float


def strips_over(
    box: tuple[float, float, float, float], choices: TransferChoices
) -> tuple[tuple[float, float], tuple[Strip, ...]]:
    """The tape over a film's box on the sheet: its size in all, mm, and its strips."""
    left, low, right, high = box
    side = _side_margin(right - left, choices)
    width, height = right - left + 2 * side, high - low + 2 * choices.margin + choices.top_extra
    return (width, height), tuple(
        Strip(left - side + strip.x, low - choices.margin + strip.y, strip.width, strip.height)
        for strip in tape_strips(width, height, choices.roll_width, choices.overlap))


def _side_margin(width: float, choices: TransferChoices) -> float:
    """Tape beyond the stencil at each side: a little less of it, rather than a second strip for a few mm."""
    spare = (choices.roll_width - width) / 2
    return spare if LEAST_MARGIN_MM <= spare < choices.margin else choices.margin


def tape_strips(width: float, height: float, roll: float, overlap: float) -> tuple[Strip, ...]:
    """Cover width by height from a roll: upright or level strips, whichever needs fewer, each overlapping the last.

    >>> [strip.x for strip in tape_strips(200.0, 300.0, 120.0, 10.0)]
    [0.0, 80.0]
    """
    across, along = (_strips_over(size, roll, overlap) for size in (width, height))
    if across <= along:
        step = (width - min(roll, width)) / max(1, across - 1)
        return tuple(Strip(i * step, 0.0, min(roll, width), height) for i in range(across))
    step = (height - min(roll, height)) / max(1, along - 1)
    return tuple(Strip(0.0, i * step, width, min(roll, height)) for i in range(along))


def _strips_over(size: float, roll: float, overlap: float) -> int:
    if size <= roll:
        return 1
    return ceil((size - overlap) / max(roll - overlap, roll / 4) - 1e-9)


def cut_list(pieces: Iterable[tuple[Iterable[Strip], int]], choices: TransferChoices) -> tuple[CutOff, ...]:
    """What is cut off the roll for all films, each set of strips with how many times it is laid; the longest first.

    A piece of tape serves for `uses` films, one after the other. Strips are as long as their longer side, where that
    is not the roll's width.
    """
    wanted: Counter[float] = Counter()
    for strips, many in pieces:
        for strip in strips:
            wanted[round(_off_the_roll(strip, choices.roll_width), 1)] += many
    return tuple(CutOff(ceil(many / choices.uses), length, choices.roll_width)
                 for length, many in sorted(wanted.items(), reverse=True))


def _off_the_roll(strip: Strip, roll: float) -> float:
    """How much of the roll's length a strip takes: the side that is not across it."""
    fits = [along for across, along in ((strip.width, strip.height), (strip.height, strip.width)) if across <= roll]
    return min(fits, default=max(strip.width, strip.height))


def narrow_tape(choices: TransferChoices, many: bool) -> Iterator[Finding]:
    """Yield that a roll is too narrow for its strips to lap as asked; `many` says that films take more than one."""
    if choices.roll_width <= choices.overlap and many:
        half = choices.roll_width / 2
        yield Finding(Code.TAPE, Level.WATCH, Says("the tape is {roll} wide, and strips are to lap by {lap}",
                                                   roll=Length(choices.roll_width), lap=Length(choices.overlap)),
                      tr("strips that lie wholly on each other cover nothing"), None, choices.roll_width,
                      choices.overlap,
                      Remedy.of(Says("Lap by {half}", half=Length(half)), put(lambda job: job.transfer.overlap, half)))
