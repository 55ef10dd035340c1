"""Commands about the blade: stencils nested closer, a cutter driven, and the simulated cutter."""

import argparse
import signal
import sys
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from time import monotonic
from typing import Any

from msgspec.structs import replace

from vitrograph.at_work import at_work, say_aside, worked_out
from vitrograph.core.cut import CutWork, closer
from vitrograph.core.cut.ladder import forces_in, ladder, ladder_hpgl, ladder_mm
from vitrograph.core.errors import CutterError, VitrographError
from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import FinishedOrder
from vitrograph.core.says import Length
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.storing.whole import write_whole
from vitrograph.core.units import format_minutes, parse_length, parse_whole
from vitrograph.core.workshop import change_workshop, default_file, with_cut
from vitrograph.flags import add_order
from vitrograph.workshop import owned_here

_TELL_S = 5.0


def add_cutting(commands: Any) -> None:
    """Add `nest`, `cut` and `cutter` to the program's commands."""
    nest = commands.add_parser("nest", help=tr("lay an order's stencils on less film, and keep their places in its "
                                               "file"))
    add_order(nest)
    nest.add_argument("--seconds", metavar="S", default="10", help=tr("how long to look, for each piece of film"))
    nest.add_argument("--out", type=Path, metavar="FILE", help=tr("write it there, and leave the first file as it is"))
    nest.set_defaults(run=_nest)
    cut = commands.add_parser("cut", help=tr("send an order's cuts to a cutter"))
    add_order(cut)
    _add_port(cut)
    cut.add_argument("--film", metavar="N", default="1", help=tr("which piece of film is in the cutter, from 1"))
    cut.add_argument("--from", dest="start", metavar="STENCIL:PATH", help=tr("go on after a cut that was broken off"))
    cut.add_argument("--again", metavar="PIECE[:FILM]",
                     help=tr("one stencil alone, once more, by its piece's name or number, and the number of its film "
                             "where it has several"))
    cut.set_defaults(run=_cut)
    test = commands.add_parser("ladder", help=tr("cut a test: a square with a triangle for each force"))
    _add_port(test)
    test.add_argument("--forces", required=True, metavar="F,F,...", help=tr("in the cutter's own units, as 60,80,100"))
    test.set_defaults(run=_ladder)
    cutter = commands.add_parser("cutter", help=tr("be a simulated cutter, to try things on"))
    way = cutter.add_mutually_exclusive_group(required=True)
    way.add_argument("--tcp", metavar="PORT", help=tr("on a TCP port of this computer; 0 takes a free one"))
    way.add_argument("--pty", action="store_true", help=tr("on a pseudo-terminal, as on a serial port"))
    cutter.add_argument("--faster", metavar="TIMES", default="1", help=tr("than a real one"))
    cutter.add_argument("--buffer", metavar="BYTES", default="1024", help=tr("how much it takes in before it works"))
    cutter.add_argument("--offset", metavar="L", default="0.25mm", help=tr("how far its blade's tip trails"))
    cutter.add_argument("--worn", action="store_true", help=tr("its blade skips acute corners"))
    cutter.add_argument("--power-cut", metavar="L", help=tr("its power goes after it has moved so far"))
    cutter.add_argument("--svg", type=Path, metavar="FILE", help=tr("write what its blade cut"))
    cutter.set_defaults(run=_cutter)


def _add_port(parser: argparse.ArgumentParser) -> None:
    parser.add_argument("--to", required=True, metavar="tcp:HOST:PORT|serial:PATH|file:PATH",
                        help=tr("where the cutter is, or a file in its language"))


def _finished(path: Path) -> tuple[Order, FinishedOrder]:
    order = load_order(path)
    return order, worked_out(Pipeline(), order)


def _nest(options: argparse.Namespace) -> int:
    seconds = parse_whole(options.seconds, 3600, 1)
    if seconds is None:
        raise VitrographError(tr("--seconds: a whole number from 1 to 3600 was wanted, got '{seconds}'",
                                 seconds=options.seconds[:20]))
    order, done = _finished(options.order)
    with at_work(tr("laying it on film")):
        before = done.cut.bed
    last = monotonic()

    def told(length: float) -> None:
        nonlocal last
        if monotonic() - last > _TELL_S:
            last = monotonic()
            print(tr("vitrograph: {length} of this film by now (Ctrl+C stops it)",
                     length=Length(length, 0).words(order.units)),
                  file=sys.stderr, flush=True)

    nested = order.changed(cut__laid=done.nested(closer(float(seconds), told=told)))
    after = replace(done, order=nested).cut.bed
    if (len(after.sheets), after.used_mm) >= (len(before.sheets), before.used_mm) and order.cut.laid:
        nested, after = order, before
    save_order(nested, options.out or options.order)
    was, now = (Length(bed.used_mm, 0).words(order.units) for bed in (before, after))
    print(tr("{n} pieces of film, {now} used; {was} before", "{n} piece of film, {now} used; {was} before",
             n=len(after.sheets), now=now, was=was))
    return 0


def _cut(options: argparse.Namespace) -> int:
    from vitrograph.devices.driver import Control, Sending, send
    from vitrograph.devices.ports import open_port

    order, done = _finished(options.order)
    with at_work(tr("laying it on film")):
        runs = (done.cut if options.again is None else _again(done, options.again)).runs
    number = parse_whole(options.film, len(runs), 1)
    if number is None:
        raise VitrographError(tr("--film: a number from 1 to {runs} was wanted, got '{film}'", runs=len(runs),
                                 film=options.film[:20]))
    if done.stopped:
        raise VitrographError(tr("something found is a stop, see 'check': mend that before film is cut"))
    if (lacking := runs[number - 1].sheet.says_lacking) is not None:
        say_aside(tr("film {number}: {lacking}", number=number, lacking=lacking.words(order.units)))
    start, control, last = _start(options.start), Control(), monotonic()

    def told(sending: Sending) -> None:
        nonlocal last
        if monotonic() - last > _TELL_S:
            last = monotonic()
            left = (sending.of_mm - sending.cut_mm) / order.cut.cut_speed
            print(tr("vitrograph: {last}, {done} of {of} paths, {left} to go (Ctrl+C lifts the blade and stops)",
                     last=sending.last, done=sending.done, of=sending.of, left=format_minutes(left)), file=sys.stderr,
                  flush=True)

    with _stopping(control):
        sent = send(runs[number - 1], open_port(options.to), start, told, control)
    if control.stopped and sent.next is not None:
        raise CutterError(tr("stopped {where}, the blade is up: {done} of {of} paths are cut; if the film has not "
                             "moved, go on with --from {place}", where=sent.where, place=sent.next.typed,
                             done=sent.done, of=sent.of))
    if not options.to.startswith("file:"):                    # what is only written wears no blade
        _wear(sent.cut_mm)
    print(tr("film {number} of {runs}: {n} paths, {length} cut", "film {number} of {runs}: {n} path, {length} cut",
             number=number, runs=len(runs), n=sent.done, length=Length(sent.cut_mm, 0).words(order.units)))
    return 0


def _again(done: FinishedOrder, words: str) -> CutWork:
    """One stencil of a piece by itself, as its name and the number of its film say."""
    names = {one.job.name: one for one in done.pieces}
    name, colon, film = words.rpartition(":") if ":" in words and words not in names else (words, "", "")
    piece = names.get(name) or done.one_called(name)
    many = len(piece.sheet.outlines)
    number = parse_whole(film, many, 1) if colon else None
    if colon and number is None:
        raise VitrographError(tr("--again: a film from 1 to {many} was wanted, got '{film}'", many=many,
                                 film=film[:20]))
    return done.again(piece.job.key, None if number is None else number - 1)


@contextmanager
def _stopping(control: Any) -> Iterator[None]:
    """While a cutter is driven, Ctrl+C lifts its blade before anything ends; so do a kill, and a terminal closed."""
    from vitrograph.devices.driver import ENDS

    before = [signal.signal(end, lambda _number, _frame: control.stop()) for end in ENDS]
    try:
        yield
    finally:
        for end, was in zip(ENDS, before, strict=True):
            signal.signal(end, was)


def _wear(cut_mm: float) -> None:
    """Count what was cut in the blade's age; a workshop that cannot be written does not undo the cut."""
    try:
        change_workshop(default_file(), lambda known: with_cut(known, cut_mm))
    except VitrographError as error:
        print(f"vitrograph: {error}", file=sys.stderr)


def _ladder(options: argparse.Namespace) -> int:
    from vitrograph.devices.driver import say_all
    from vitrograph.devices.ports import open_port

    rungs = ladder(forces_in(options.forces))
    held = owned_here()
    say_all(open_port(options.to), ladder_hpgl(rungs, 0.0 if held.cutters[0].leads_itself else held.cutters[0].offset))
    _wear(ladder_mm(rungs))
    for rung in rungs:
        print(tr("{n} ticks  force {force:g}", "{n} tick   force {force:g}", n=rung.number, force=rung.force))
    print(tr("lift each triangle: the least force that came out clean is kept by 'workshop --set films.0.force=...'"))
    return 0


def _start(text: str | None) -> Any:
    """The place typed as STENCIL:PATH; None for the beginning. Raises CutterError."""
    from vitrograph.devices.driver import Place

    try:
        return None if text is None else Place.read(text)
    except CutterError as error:
        raise CutterError(tr("--from: {error}", error=error)) from None


def _cutter(options: argparse.Namespace) -> int:
    from vitrograph.devices.simulated import Habits, as_svg, serve_pty, serve_tcp

    bounds = {"faster": (1, 100_000), "buffer": (16, 1_000_000)}
    numbers = {}
    for name, (least, most) in bounds.items():
        text = getattr(options, name)
        number = parse_whole(text, most, least)
        if number is None:
            raise VitrographError(tr("--{name}: a whole number from {least} to {most} was wanted, got '{text}'",
                                     name=name, least=least, most=most, text=text[:20]))
        numbers[name] = number
    power = float("inf") if options.power_cut is None else parse_length(options.power_cut)
    habits = Habits(faster=numbers["faster"], buffer=numbers["buffer"], offset=parse_length(options.offset),
                    worn=options.worn, power_mm=power)

    def told(where: str) -> None:
        print(tr("the simulated cutter is at {where}", where=where), flush=True)

    if options.pty:
        machine = serve_pty(habits, told)
    else:
        port = parse_whole(options.tcp, 65535, 0)
        if port is None:
            raise VitrographError(tr("--tcp: a number up to 65535 was wanted, got '{tcp}'", tcp=options.tcp[:20]))
        machine = serve_tcp(port, habits, told)
    if options.svg is not None:
        write_whole(options.svg, as_svg(machine).encode())
    print(tr("{n} paths, {cut_mm:.0f} mm cut", "{n} path, {cut_mm:.0f} mm cut", n=len(machine.trace.cuts),
             cut_mm=machine.trace.cut_mm))
    return 0
