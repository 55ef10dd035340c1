"""The program without a window, and the door to the one with it.

Exit code 0: fine; 1: something found is a stop; 2: unusable input. Errors are one line on stderr.
"""

import argparse
import gc
import json
import re
import sys
from collections.abc import Sequence
from pathlib import Path
from typing import NoReturn, get_args

from vitrograph import __version__
from vitrograph.core.demo import DemoName
from vitrograph.core.errors import VitrographError
from vitrograph.core.export import WRITERS, write_packet
from vitrograph.core.files import write_whole
from vitrograph.core.jobfile import load_job
from vitrograph.core.pipeline import Pipeline, Results
from vitrograph.core.plan import plan_of
from vitrograph.core.stencil import mend_all
from vitrograph.core.summary import summary_lines
from vitrograph.quick import add_flags, quick_job

FINE, STOPPED, UNUSABLE = 0, 1, 2


class _OneLineParser(argparse.ArgumentParser):
    """Says what is wrong in one line, without the usage."""

    def error(self, message: str) -> NoReturn:
        raise VitrographError(f"{message}; see '{self.prog} --help'")


def main(argv: Sequence[str] | None = None) -> int:
    """Run one command and return its exit code."""
    gc.enable()
    try:
        options = _parser().parse_args(_join_negatives(sys.argv[1:] if argv is None else list(argv)))
        return int(options.run(options))
    except VitrographError as error:
        print(f"vitrograph: {error}", file=sys.stderr)
        return UNUSABLE
    except BrokenPipeError:
        return FINE


def _parser() -> argparse.ArgumentParser:
    parser = _OneLineParser(prog="vitrograph", description="Vinyl resist stencils that fit the glass.")
    parser.add_argument("--version", action="version", version=f"vitrograph {__version__}")
    commands = parser.add_subparsers(required=True, metavar="COMMAND", parser_class=_OneLineParser)

    demo = commands.add_parser("demo", help="open the window with the demo job")
    demo.add_argument("piece", nargs="?", choices=get_args(DemoName), default="tumbler")
    demo.set_defaults(run=lambda options: _window(None, options.piece))
    opened = commands.add_parser("open", help="open the window with a job")
    opened.add_argument("job", type=Path)
    opened.set_defaults(run=lambda options: _window(options.job))
    plan = commands.add_parser("plan", help="print a job's plan")
    plan.add_argument("job", type=Path)
    plan.add_argument("--json", action="store_true", help="as JSON (docs/formats.md)")
    plan.set_defaults(run=_plan)
    check = commands.add_parser("check", help="print what was found; exit code 1 if anything is a stop")
    check.add_argument("job", type=Path)
    check.set_defaults(run=_check)
    export = commands.add_parser("export", help="write a job's files")
    export.add_argument("job", type=Path)
    for kind in WRITERS:
        export.add_argument(f"--{kind}", type=Path, metavar="FILE")
    export.set_defaults(run=_export)
    quick = commands.add_parser("quick", help="from measurements and words to files, in one line")
    add_flags(quick)
    quick.set_defaults(run=_quick)
    return parser


def _window(path: Path | None, demo: DemoName = "tumbler") -> int:
    gc.disable()                                              # until the window stands (see __main__)
    from vitrograph.desk.app import open_window

    return int(open_window(path, demo))


def _results(path: Path) -> Results:
    return Pipeline().run(load_job(path)).need_all()


def _plan(options: argparse.Namespace) -> int:
    results = _results(options.job)
    print(json.dumps(plan_of(results), indent=1, ensure_ascii=False) if options.json else
          "\n".join(summary_lines(results)))
    return STOPPED if results.stopped else FINE


def _check(options: argparse.Namespace) -> int:
    results = _results(options.job)
    for found in results.findings():
        print(f"{found.level.value}: {found.says} ({found.code.value})")
    if not results.findings():
        print("nothing to watch")
    return STOPPED if results.stopped else FINE


def _export(options: argparse.Namespace) -> int:
    wanted = {kind: path for kind in WRITERS if (path := getattr(options, kind)) is not None}
    if not wanted:
        raise VitrographError(f"say what to write: {', '.join(f'--{kind} FILE' for kind in WRITERS)}")
    results = _results(options.job)
    for kind, path in wanted.items():
        write_whole(path, WRITERS[kind](results))
    return STOPPED if results.stopped else FINE


def _quick(options: argparse.Namespace) -> int:
    pipeline = Pipeline()
    results = pipeline.run(quick_job(options)).need_all()
    lines = []
    if options.mend:
        assert results.sheet is not None
        proposal = mend_all(results.sheet, results.job)
        results = pipeline.run(results.job.changed(stencil__mends=proposal.mends)).need_all()
        lines = [f"  mended: {proposal.says}"]
    write_packet(results, options.out)
    print("\n".join([*summary_lines(results), *lines]))
    return STOPPED if results.stopped else FINE


def _join_negatives(words: list[str]) -> list[str]:
    """Join `--flag -5mm` into one word, so that a negative length is told as such and not taken for a flag."""
    joined: list[str] = []
    for word in words:
        if joined and joined[-1].startswith("--") and "=" not in joined[-1] and re.match(r"-[\d.,]", word):
            joined[-1] += f"={word}"
        else:
            joined.append(word)
    return joined
