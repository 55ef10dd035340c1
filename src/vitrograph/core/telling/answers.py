"""One-line answers of each station, for the line of stations and for the plan in plain words."""

from collections.abc import Callable, Sequence
from math import degrees

from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import head_of, tally_etch
from vitrograph.core.findings import Level
from vitrograph.core.glass import Frustum, Turned, Wall, fan_of
from vitrograph.core.job import BallGlass, CurvedGlass, FlatGlass, Glass, TaperedGlass
from vitrograph.core.language import tr
from vitrograph.core.results import FinishedOrder, FinishedPiece, OrderResults, Results
from vitrograph.core.says import Length, Says, in_words
from vitrograph.core.stations import STATIONS, Station, station_title
from vitrograph.core.transfer import cut_list
from vitrograph.core.units import Unit, format_minutes, format_number
from vitrograph.core.value_words import word_of
from vitrograph.core.weed import weeding_seconds


def glass_line(wall: Wall, unit: Unit = "mm") -> str:
    """The glass in one line: diameters (rim > base, or the widest) and upright height, or a pane's width by height.

    >>> glass_line(Frustum(30.0, 40.0, 50.0))
    '80>60 × 49 mm'
    """
    if isinstance(wall, Frustum):
        rim, base = (format_number(2 * r, unit) for r in (wall.rim_radius, wall.base_radius))
        across = rim if rim == base else f"{rim}>{base}"
    elif isinstance(wall, Turned):
        across = format_number(2 * wall.widest, unit)
    else:
        across = format_number(wall.span, unit)
    return f"{across} × {format_number(wall.upright, unit)} {unit}"


def readings_line(glass: Glass, unit: Unit = "mm") -> str:
    """A glass in one line from its readings alone, for lists: its girths, at the rim first or the widest, and height.

    >>> readings_line(BallGlass(diameter=80.0)), readings_line(TaperedGlass(rim=80.0, base=60.0, height=110.0))
    ('80 × 80 mm', '80>60 × 110 mm')
    """
    if isinstance(glass, CurvedGlass):
        girths = [max((girth for _, girth in glass.stations), default=0.0)]
    elif isinstance(glass, TaperedGlass):
        girths = [glass.rim, glass.base]
    elif isinstance(glass, BallGlass):
        girths = [glass.diameter]
    else:
        girths = [glass.width if isinstance(glass, FlatGlass) else glass.rim]
    across, height = ">".join(format_number(girth, unit) for girth in girths), format_number(glass.height, unit)
    if getattr(glass, "girth", "") == "circumference":
        return tr("{girths} round × {height} {unit}", girths=across, height=height, unit=unit)
    return f"{across} × {height} {unit}"


def answer(results: Results, station: Station, unit: Unit = "mm") -> str:
    """A station's answer in a few words; empty where there is none yet."""
    if results.error(station) is not None:
        return ""
    return _ANSWERS[station](results, unit)


def order_answer(results: OrderResults, station: Station) -> str:
    """A station's answer for all that an order can make, from the blade on; empty where it is not all known."""
    pieces = [piece for piece in results.pieces if not piece.failed]
    if not pieces or not all(piece.complete for piece in results.pieces):
        return ""
    if station == "cut":
        return _cut_in(sum(piece.stencils for piece in pieces), sum(map(_cut_seconds, pieces)))
    if station == "weed":
        return tr("{many} to pull", many=sum(piece.weed.many * piece.job.count * piece.fitted.sheets for piece in pieces
                                             if piece.weed and piece.fitted))
    if station == "transfer":
        return _tape_over(pieces, results.order.units)
    if station == "etch":
        seconds = tally_etch((piece.etch, piece.job.count) for piece in pieces if piece.etch is not None).seconds
        return tr("{seconds} min", seconds=format_minutes(seconds)) if seconds else tr("nothing")
    return ""


def _glass(r: Results, unit: Unit) -> str:
    return glass_line(r.wall, unit) if r.wall else ""


def _artwork(r: Results, unit: Unit) -> str:
    if r.fitted is None:
        return ""
    width, height = (format_number(side, unit, digits=None if unit == "in" else 0) for side in r.fitted.size)
    return f"{width} × {height} {unit}"


def _fit(r: Results, unit: Unit) -> str:
    if r.fitted is None or r.wall is None:
        return ""
    fan = fan_of(r.wall)
    if fan is not None:
        return tr("fan {degrees:.1f}°", degrees=degrees(fan.sweep))
    if isinstance(r.wall, Turned):
        return tr("strain {strain:.1f} %", strain=100 * r.fitted.strain_at_openings)
    return tr("straight wall") if r.wall.closed else tr("flat")


def _stencil(r: Results, unit: Unit) -> str:
    if r.stencil_findings is None:
        return tr("checking") if r.sheet is not None else ""
    levels = [found.level for found in r.findings("stencil")]
    stops, count = levels.count(Level.STOP), len(levels) - levels.count(Level.NOTE)
    return (tr("{stops} to mend", stops=stops) if stops else
            tr("{count} to watch", count=count) if count else tr("all sound"))


def _cut(r: Results, unit: Unit) -> str:
    return "" if r.cut is None else _cut_in(r.stencils, _cut_seconds(r))


def _cut_seconds(r: Results) -> float:
    """What cutting all that is made of a piece takes, each by itself."""
    return 0.0 if r.cut is None or r.fitted is None else r.job.count * r.fitted.sheets * r.cut.seconds


def _cut_in(stencils: int, seconds: float) -> str:
    """In whole minutes: how the stencils will lie on film, and so the way between them, is not known here."""
    return tr("{n} stencils, {minutes} min", "{n} stencil, {minutes} min", n=stencils,
              minutes=max(1, round(seconds / 60)))


def _weed(r: Results, unit: Unit) -> str:
    return tr("{many} to pull", many=r.weed.many) if r.weed else ""


def _transfer(r: Results, unit: Unit) -> str:
    return _tape_over([r], unit) if r.transfer else ""


def _tape_over(pieces: Sequence[Results], unit: Unit) -> str:
    """How much is cut off the roll for all that is made of pieces."""
    taped = [one for piece in pieces if piece.transfer for one in piece.transfer.taped(piece.job.count)]
    cuts = cut_list(taped, pieces[0].job.transfer)
    length = Length(sum(cut.many * cut.length for cut in cuts), 0, tool=True)
    return tr("tape {length}", length=length.words(unit)) if cuts else tr("no tape")


def _etch(r: Results, unit: Unit) -> str:
    if r.etch is None:
        return ""
    return tr("{seconds} min", seconds=format_minutes(r.etch.seconds)) if r.etch.seconds else tr("nothing")


_ANSWERS: dict[Station, Callable[[Results, Unit], str]] = {
    "glass": _glass, "artwork": _artwork, "fit": _fit, "stencil": _stencil, "cut": _cut, "weed": _weed,
    "transfer": _transfer, "etch": _etch, "logbook": lambda r, unit: "",
}


def summary_lines(done: FinishedOrder) -> list[str]:
    """The plan in plain words: for each piece an answer of each station, then what was found."""
    unit = done.order.units
    lines = [] if len(done.pieces) == 1 else [tr("{name}: {pieces} pieces", name=done.order.name,
                                                 pieces=len(done.pieces))]
    for piece in done.pieces:
        lines.append(f"{piece.job.name} ({piece.job.count})")
        lines += [f"  {station_title(station):9} {text}" for station in STATIONS
                  if (text := answer(piece.results, station, unit))]
        lines += [f"  {word_of(found.level.value)}: {in_words(found.says, unit)}" for found in piece.findings()]
        lines += _hand_lines(piece, unit)
    return lines + _cut_lines(done) + _evening_lines(done)


def _evening_lines(done: FinishedOrder) -> list[str]:
    try:
        return head_of(done.evening)
    except VitrographError as error:
        return [tr("evening: {error}", error=error)]


def _hand_lines(piece: FinishedPiece, unit: Unit) -> list[str]:
    """The steps of weeding, in a line, and of transfer for every stencil that one glass takes."""
    lines = ["  " + tr("weed ({seconds} min, a guess): {many} to pull, {stay} to stay",
                       seconds=format_minutes(weeding_seconds(piece.weed.edges, None)), many=piece.weed.many,
                       stay=len(piece.weed.stay))]
    many = len(piece.transfer.copies)
    for copy in range(1, many + 1):
        lines.append("  " + tr("transfer") if many == 1 else
                     "  " + tr("transfer, stencil {copy} of {many} round the glass", copy=copy, many=many))
        for number, step in enumerate(piece.transfer.steps_of(copy), start=1):
            lines.append(f"    {number:2}  {in_words(step.says, unit)}")
            lines += [f"        {text}" for said in (step.note, step.caution) if (text := in_words(said, unit))]
    return lines


def _cut_lines(done: FinishedOrder) -> list[str]:
    """How all of it lies on film: each piece of film, what is found, and how long it takes."""
    work, unit = done.cut, done.order.units
    lines = [tr("film: {n} stencils, {seconds} to cut", "film: {n} stencil, {seconds} to cut", n=work.stencils,
                seconds=format_minutes(work.seconds))]
    for number, sheet in enumerate(work.bed.sheets, start=1):
        cost = tr(", costs {cost:.2f}", cost=sheet.cost) if sheet.cost > 0 else ""
        long, wide = Length(sheet.film.length, 0), Length(sheet.film.width, 0)
        says = Says("{used} used of {long} by {wide}, {left} left over", used=Length(sheet.used[0], 0), long=long,
                    wide=wide, left=Length(sheet.left_over, 0))
        lines.append(f"  {number}  {sheet.stock.name}: {len(sheet.laid)}, {in_words(says, unit)}{cost}")
    return lines + [f"  {word_of(found.level.value)}: {in_words(found.says, unit)}" for found in work.findings]
