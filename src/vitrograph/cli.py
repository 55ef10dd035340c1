"""The program without a window, and the door to the one with it.

Exit code 0: fine; 1: something found is a stop, or left out; 2: unusable input. Errors are one line on stderr.
"""

import argparse
import gc
import io
import json
import os
import re
import sys
from collections.abc import Callable, Sequence
from contextlib import suppress
from pathlib import Path
from typing import Any, NoReturn, get_args

from vitrograph import __version__
from vitrograph.at_work import at_work, say_aside, worked_out
from vitrograph.core.demo import DemoName
from vitrograph.core.errors import VitrographError
from vitrograph.core.export import (
    ENDINGS,
    ORDER,
    PATTERNS,
    SHEET_WRITERS,
    WRITERS,
    patterns_pdf,
    says_left,
    write_files,
    write_numbered,
    written_as,
)
from vitrograph.core.faults import told
from vitrograph.core.findings import Level
from vitrograph.core.job import Order
from vitrograph.core.job.pieces import with_mends
from vitrograph.core.language import tr, tr_later
from vitrograph.core.paper import PaperName
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import FinishedOrder
from vitrograph.core.says import in_words
from vitrograph.core.stencil import mend_all
from vitrograph.core.storing.orderfile import load_order
from vitrograph.core.storing.whole import keep_apart, reason
from vitrograph.core.telling.answers import summary_lines
from vitrograph.core.telling.plan_json import plan_of
from vitrograph.core.units import parse_whole
from vitrograph.core.value_words import word_of
from vitrograph.cutting import add_cutting
from vitrograph.evening import add_evening
from vitrograph.flags import add_order, add_settings, add_units
from vitrograph.inspecting import add_inspect
from vitrograph.logbook import add_logbook
from vitrograph.orders import change_order, put_together
from vitrograph.quick import add_flags, quick_order
from vitrograph.start import NEW
from vitrograph.workshop import add_workshop_flags, owned_here

FINE, STOPPED, UNUSABLE = 0, 1, 2
FILES = (*SHEET_WRITERS, *WRITERS, *PATTERNS)
_IS = {
    "svg": tr("the film as it is cut, as SVG"),
    "dxf": tr("as DXF, for a cutting program"),
    "hpgl": tr("as HP-GL, for a cutter"),
    "png": tr("a picture of the film"),
    "stencil": tr("a piece's stencil as SVG"),
    "pdf": tr("a piece's stencil at true size"),
    "paper": tr("a paper band to try on the glass"),
    "tiles": tr("the art as it is seen, tiled over pages at true size"),
    "knife": tr("lines to follow with a knife, tiled at true size"),
    "packet": tr("the work packet, for the bench"),
}
_SAID_MOST = 200                   # letters
_WRITING = tr("laying it on film and writing it down")


_PARSERS = tuple((words, re.compile(re.sub(r"\\{(\w+)\\}", r"(?P<\1>.+?)", re.escape(words)))) for words in (
    tr_later("the following arguments are required: {all}"), tr_later("unrecognized arguments: {all}"),
    tr_later("argument {which}: invalid choice: {got} (choose from {all})"),
    tr_later("argument {which}: expected one argument"), tr_later("argument {which}: expected {many} arguments"),
    tr_later("argument {which}: expected at least one argument"),
    tr_later("argument {which}: not allowed with argument {other}"),
    tr_later("one of the arguments {all} is required"), tr_later("ambiguous option: {got} could match {all}")))


class _Help(argparse.HelpFormatter):
    """The library's own headings, in the language that is spoken."""

    def add_usage(self, usage: Any, actions: Any, groups: Any, prefix: str | None = None) -> None:
        super().add_usage(usage, actions, groups, tr("usage: ") if prefix is None else prefix)

    def start_section(self, heading: str | None) -> None:
        super().start_section(tr(heading) if heading in _HEADINGS else heading)


_HEADINGS = (tr_later("positional arguments"), tr_later("options"))


class _OneLineParser(argparse.ArgumentParser):
    """Says what is wrong in one line, without the usage."""

    def __init__(self, **given: Any) -> None:
        # a name is given whole: --base, meant for a glass's, was taken for --baseline
        super().__init__(**given, formatter_class=_Help, allow_abbrev=False)
        for action in self._actions:                          # its own -h, the only one there is by now
            action.help = tr("show this help message and exit")

    def parse_known_args(self, args: Any = None, namespace: Any = None) -> Any:
        """Raises VitrographError already here, since here it is known whose help to look at."""
        made, rest = super().parse_known_args(args, namespace)
        if rest:
            self.error(f"unrecognized arguments: {' '.join(rest)}")
        return made, rest

    def error(self, message: str) -> NoReturn:
        message = next((tr(words, **found.groupdict()) for words, known in _PARSERS
                        if (found := known.fullmatch(message))), message)
        told = message if len(message) <= _SAID_MOST else f"{message[:_SAID_MOST]}…"     # it repeats what was typed
        raise VitrographError(tr("{told}; see '{prog} --help'", told=told, prog=self.prog))


def main(argv: Sequence[str] | None = None) -> int:
    """Run one command and return its exit code."""
    gc.enable()
    if isinstance(sys.stdout, io.TextIOWrapper):
        sys.stdout.reconfigure(errors="replace")              # names of files need not be words that can be written
    options = argparse.Namespace()
    try:
        command_line().parse_args(_join_negatives(sys.argv[1:] if argv is None else list(argv)), options)
        code = int(options.run(options))
        sys.stdout.flush()
        return code
    except VitrographError as error:
        return _refuse(error.words(getattr(options, "units", None) or "mm"))
    except BrokenPipeError:                                   # who reads has read enough
        _silence()
        return FINE
    except KeyboardInterrupt:
        return _refuse(tr("stopped: files that were written before are whole"))
    except OSError as error:
        _silence()
        return _refuse(tr("the answer could not be written ({reason}): make room, or send it elsewhere",
                          reason=reason(error)))
    except Exception as error:                                # a fault of ours is one line as well
        return _refuse(told(error))


def _refuse(sentence: str) -> int:
    say_aside(sentence)
    return UNUSABLE


def _silence() -> None:
    """Let the interpreter's last flush go nowhere: what cannot be written was told already."""
    with suppress(OSError, ValueError):
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())


def command_line() -> argparse.ArgumentParser:
    """All commands and their flags."""
    parser = _OneLineParser(prog="vitrograph", description=tr("Vinyl resist stencils that fit the glass."))
    parser.add_argument("--version", action="version", version=f"vitrograph {__version__}",
                        help=tr("show program's version number and exit"))
    commands = parser.add_subparsers(required=True, metavar="COMMAND", parser_class=_OneLineParser)

    demo = commands.add_parser("demo", help=tr("open the window with the demo order, or with one piece of it"))
    demo.add_argument("piece", nargs="?", choices=get_args(DemoName), help=tr("one piece of it"))
    _add_clock(demo)
    demo.set_defaults(run=lambda options: _window(None, options.piece or "", _faster(options.clock)))
    new = commands.add_parser(NEW, help=tr("open the window with a new order; without a command it opens the last one"))
    _add_clock(new)
    new.set_defaults(run=lambda options: _window(None, NEW, _faster(options.clock)))
    opened = commands.add_parser("open", help=tr("open the window with an order"))
    add_order(opened)
    _add_clock(opened)
    opened.set_defaults(run=lambda options: _window(options.order, faster=_faster(options.clock)))
    plan = _on_order(commands, "plan", tr("print an order's plan"), _plan)
    plan.add_argument("--json", action="store_true", help=tr("as JSON (docs/formats.md)"))
    _on_order(commands, "check", tr("print what was found; exit code 1 if anything is a stop"), _check)
    export = _on_order(commands, "export", tr("write an order's files"), _export)
    for kind in FILES:
        export.add_argument(f"--{kind}", type=Path, metavar="FILE", help=_IS[kind])
    export.add_argument("--piece", metavar="NAME", help=tr("one piece of an order of several, by its name or number"))
    export.add_argument("--page", choices=get_args(PaperName),
                        help=tr("the printer's paper for --tiles, --knife and --packet; the workshop's where it is "
                                "not said"))
    export.add_argument("--mirror", action="store_true", help=tr("--knife mirrored, for under the glass"))
    put = commands.add_parser("order", help=tr("put jobs and orders together into one order"))
    put.add_argument("--add", action="append", required=True, metavar="FILE[:COUNT]",
                     help=tr("its pieces, in their order; may be given several times"))
    put.add_argument("--name", help=tr("the order's name"))
    put.add_argument("--out", type=Path, required=True, metavar="FILE", help=tr("the file it is written into"))
    put.set_defaults(run=put_together)
    change = commands.add_parser("change", help=tr("change an order's file by settings"))
    add_order(change)
    add_settings(change)
    change.add_argument("--piece", metavar="NAME", help=tr("whose design is changed, by its name or number"))
    change.add_argument("--out", type=Path, metavar="FILE",
                        help=tr("write it there, and leave the first file as it is"))
    change.set_defaults(run=change_order)
    add_cutting(commands)
    add_evening(commands)
    add_logbook(commands)
    add_inspect(commands)
    add_workshop_flags(commands.add_parser("workshop",
                                           help=tr("what you own and are used to: new orders begin from it")))
    quick = commands.add_parser("quick", help=tr("from measurements and words to files, in one line"))
    add_flags(quick)
    quick.set_defaults(run=_quick)
    return parser


def _on_order(
    commands: Any, name: str, says: str, run: Callable[[argparse.Namespace], int]
) -> argparse.ArgumentParser:
    """A command that works out an order's file."""
    parser: argparse.ArgumentParser = commands.add_parser(name, help=says)
    add_order(parser)
    add_units(parser, default=None)
    parser.set_defaults(run=run)
    return parser


def _add_clock(parser: argparse.ArgumentParser) -> None:
    parser.add_argument("--clock", metavar="60x", default="1x",
                        help=tr("clocks go so much faster, to try an evening out"))


def _faster(text: str) -> float:
    times = parse_whole(text.removesuffix("x"), 3600, 1)
    if times is None:
        raise VitrographError(tr("--clock: from 1x to 3600x was wanted, got '{text}'", text=text[:20]))
    return float(times)


def _window(path: Path | None, demo: str | None = None, faster: float = 1.0) -> int:
    gc.disable()                                              # until the window stands (see `start`)
    from vitrograph.desk.front import NoScreen, open_window

    if path is not None and not path.is_file():
        load_order(path)                                      # says why it cannot be opened
    try:
        return open_window(path, demo, faster)
    except NoScreen as error:
        raise VitrographError(str(error)) from None


def _finished(options: argparse.Namespace, *, quietly: bool = False) -> FinishedOrder:
    """An order's file worked out, to be told in the unit asked for, or in the order's own."""
    order = load_order(options.order)
    if options.units:
        order = order.changed(units=options.units)
    options.units = order.units                               # errors are told in it as well
    return worked_out(Pipeline(), order, quietly=quietly)


def _code_of(done: FinishedOrder) -> int:
    return STOPPED if done.stopped or done.lacking else FINE


def _plan(options: argparse.Namespace) -> int:
    done = _finished(options)
    with at_work(_WRITING):
        lines = [json.dumps(plan_of(done), indent=1, ensure_ascii=False)] if options.json else summary_lines(done)
    print("\n".join(lines))
    return _code_of(done)


def _check(options: argparse.Namespace) -> int:
    done = _finished(options, quietly=True)
    found = [(f"{piece.job.name}: ", one) for piece in done.pieces for one in piece.findings()]
    with at_work(_WRITING):
        found += [("", one) for one in done.cut.findings]
    for name, one in found:
        whose = name if len(done.pieces) > 1 else ""
        print(f"{word_of(one.level.value)}: {whose}{in_words(one.says, done.order.units)} ({one.code.value})")
    for error in done.lacking:
        print(f"{word_of(Level.STOP.value)}: {error.words(done.order.units)}")
    if not found and not done.lacking:
        print(tr("nothing to watch"))
    return _code_of(done)


def _export(options: argparse.Namespace) -> int:
    wanted = {kind: path for kind in FILES if (path := getattr(options, kind)) is not None}
    if not wanted:
        raise VitrographError(tr("say what to write: {all}", all=", ".join(f"--{kind} FILE" for kind in FILES)))
    for kind, path in wanted.items():
        if not path.name:
            raise VitrographError(tr("--{kind}: a file's name was wanted", kind=kind))
    keep_apart(options.order, *wanted.values())
    done = _finished(options)
    pieces = done.pieces
    if options.piece is not None:
        pieces = done.called(options.piece)
    with at_work(_WRITING) as step:
        for kind, path in wanted.items():
            if kind in PATTERNS:
                paper = options.page or owned_here().house.paper
                contents = [patterns_pdf(kind, done, pieces, paper, mirrored=options.mirror, told=step.tell)]
            else:
                contents = written_as(kind, done, pieces)
            write_numbered(path, contents)
    return _code_of(done)


def _quick(options: argparse.Namespace) -> int:
    if options.out.suffix.lower() in ENDINGS and not options.out.is_dir():
        raise VitrographError(tr("--out: a folder was wanted, and {out} is called as a file is: all files go into it, "
                                 "the order as {order}", out=options.out, order=ORDER))
    pipeline = Pipeline()
    order = quick_order(options)
    done = worked_out(pipeline, order, quietly=options.mend)
    lines: list[str] = []
    if options.mend:
        order, lines = _mended(done)
        done = worked_out(pipeline, order)
    with at_work(_WRITING) as step:
        written = write_files(done, options.out, owned_here().house.paper, step.tell)
        lines = [*summary_lines(done), *lines]
    if left := says_left(options.out, written):
        say_aside(left)
    print("\n".join(lines))
    return _code_of(done)


def _mended(done: FinishedOrder) -> tuple[Order, list[str]]:
    """The order with all that is mended in its pieces, and a line of each."""
    order, lines, many = done.order, [], len(done.pieces)
    with at_work(tr("mending")) as step:
        for number, (piece, (at, row)) in enumerate(zip(done.pieces, done.places, strict=True)):
            step.tell(tr("mending, {done} of {many} done", done=number, many=many))
            proposal = mend_all(piece.sheet, piece.job.stencil)
            order = with_mends(order, at, row, proposal.mends)
            whose = f"{piece.job.name}, " if many > 1 else ""
            lines.append(tr("  {whose}mended: {says}", whose=whose, says=proposal.says.words(order.units)))
    return order, lines


def _join_negatives(words: list[str]) -> list[str]:
    """Join `--flag -5mm` into one word, so that a negative length is told as such and not taken for a flag."""
    joined: list[str] = []
    for word in words:
        if joined and joined[-1].startswith("--") and "=" not in joined[-1] and re.match(r"-[\d.,]", word):
            joined[-1] += f"={word}"
        else:
            joined.append(word)
    return joined
