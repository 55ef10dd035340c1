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
from typing import Any, NoReturn

import msgspec

from vitrograph import __version__
from vitrograph.core.artwork import face_named
from vitrograph.core.errors import JobError, LengthError, VitrographError
from vitrograph.core.export import WRITERS, write_packet
from vitrograph.core.files import read_drawing, write_whole
from vitrograph.core.job import Drawing, Job, TraceChoices
from vitrograph.core.jobfile import load_job
from vitrograph.core.pipeline import Pipeline, Results
from vitrograph.core.plan import plan_of
from vitrograph.core.summary import summary_lines
from vitrograph.core.units import parse_length, parse_size

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
    demo.set_defaults(run=lambda options: _window(None))
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
    _add_quick(commands)
    return parser


def _add_quick(commands: Any) -> None:
    quick = commands.add_parser("quick", help="from measurements and words to files, in one line")
    add = quick.add_argument
    add("--glass", choices=["flat", "straight", "taper", "curved", "ball"], required=True)
    add("--top", metavar="L", help="across the rim (for a straight wall, its diameter)")
    add("--bottom", metavar="L", help="across the base")
    add("--measured", choices=["diameter", "circumference"], default="diameter", help="what --top and --bottom are")
    height = quick.add_mutually_exclusive_group()
    height.add_argument("--height", metavar="L", help="upright, beside the glass")
    height.add_argument("--slant", metavar="L", help="along the wall")
    add("--stations", metavar="H:D,...", help="a curved wall's upright heights and diameters, from the base up")
    add("--diameter", metavar="L", help="a ball's diameter")
    add("--size", metavar="WxH", help="a pane's width and height")
    add("--outline", choices=["rectangle", "oval"], default="rectangle", help="a pane's outline; a round one is oval")
    add("--frame", metavar="L", default="0", help="how much of a pane's edge a frame hides all round")
    add("--handle", metavar="L", help="a handle so wide, opposite the front")
    add("--foot", metavar="L", default="0", help="how far up the wall a foot reaches")
    add("--bead", metavar="L", default="0", help="how far down the wall a rim bead reaches")
    add("--text", default="", help=r"words; \n begins a new line")
    add("--font", default="Barlow Bold", metavar="NAME")
    add("--art", type=Path, metavar="FILE", help="a drawing or a picture: SVG, DXF, PNG, JPEG, WebP or TIFF")
    add("--threshold", default="auto", metavar="auto|N", help="the grey, 0 to 255, below which a picture is ink")
    add("--background", metavar="COLOUR:N", help="a picture's background colour and how far from it counts, 0 to 255")
    add("--simplify", metavar="L", default="0", help="how far a traced outline may stray, at the picture's own size")
    add("--licence", default="", help="a note of the art's licence, kept with the job")
    size = quick.add_mutually_exclusive_group(required=True)
    size.add_argument("--width", metavar="L", help="the art's width on the glass")
    size.add_argument("--art-height", metavar="L", help="the art's height on the glass")
    add("--from-rim", metavar="L", help="rim (or upper edge) to the art's top; centred if left out")
    add("--mode", choices=["rim", "straight"], default="rim")
    add("--face", choices=["outside", "back"], default="outside")
    add("--border", metavar="L", default="20 mm")
    add("--name", help="the job's name")
    add("--out", type=Path, required=True, metavar="DIR")
    quick.set_defaults(run=_quick)


def _window(path: Path | None) -> int:
    gc.disable()                                              # until the window stands (see __main__)
    from vitrograph.desk.app import open_window

    return int(open_window(path))


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
    results = Pipeline().run(quick_job(options)).need_all()
    write_packet(results, options.out)
    print("\n".join(summary_lines(results)))
    return STOPPED if results.stopped else FINE


def quick_job(options: argparse.Namespace) -> Job:
    """The job that quick's flags describe. Raises VitrographError where they do not describe one."""
    text = options.text.replace("\\n", "\n")
    if not text.strip() and options.art is None:
        raise VitrographError("there is nothing to etch: give --text or --art")
    art_size, is_width = (options.width, True) if options.width else (options.art_height, False)
    return Job.read({
        "name": options.name or " ".join(text.split())[:60] or options.art.stem[:60] or "Untitled",
        "glass": _glass(options),
        "features": _features(options),
        "artwork": {"text": text, "face": face_named(options.font).name,
                    "drawing": _drawing(options) if options.art else None},
        "fit": {"size": _length("--width" if is_width else "--art-height", art_size, least=0.0),
                "size_is": "width" if is_width else "height", "mode": options.mode, "face": options.face,
                "from_rim": None if options.from_rim is None else _length("--from-rim", options.from_rim)},
        "stencil": {"border": _length("--border", options.border)},
    })


def _glass(options: argparse.Namespace) -> dict[str, Any]:
    """The glass part of the job, from flags that belong to its kind."""
    if options.glass == "flat":
        width, height = _named("--size", parse_size, _needed(options, "size"))
        return {"kind": "flat", "width": _positive("--size", width), "height": _positive("--size", height),
                "outline": options.outline, "frame": _length("--frame", options.frame)}
    if options.glass == "ball":
        return {"kind": "ball", "diameter": _length("--diameter", _needed(options, "diameter"), least=0.0)}
    if options.glass == "curved":
        return {"kind": "curved", "girth": options.measured, "stations": _stations(_needed(options, "stations"))}
    upright = options.height is not None
    height = _length("--height" if upright else "--slant", options.height if upright else _needed(options, "slant"),
                     least=0.0)
    rim = _length("--top", _needed(options, "top"), least=0.0)
    if options.glass == "straight":
        if options.bottom is not None and abs(_length("--bottom", options.bottom, least=0.0) - rim) > 1e-9:
            raise VitrographError("a straight wall is as wide below as above: use --glass taper for two diameters")
        return {"kind": "straight", "rim": rim, "girth": options.measured, "height": height}
    base = _length("--bottom", _needed(options, "bottom"), least=0.0)
    return {"kind": "taper", "rim": rim, "base": base, "girth": options.measured, "height": height,
            "height_is": "upright" if upright else "slant"}


def _drawing(options: argparse.Namespace) -> Drawing:
    """The art named, read as the flags say."""
    art = read_drawing(options.art)
    colour, _, tolerance = (options.background or "").partition(":")
    choices = TraceChoices(
        threshold=None if options.threshold == "auto" else _of_255("--threshold", options.threshold) / 255,
        background=(colour,) if colour else (), simplify=_length("--simplify", options.simplify),
        tolerance=_of_255("--background", tolerance) if tolerance else TraceChoices().tolerance)
    return msgspec.structs.replace(art, trace=choices, licence=options.licence)


def _of_255(flag: str, text: str) -> float:
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0 <= value <= 255:
        raise JobError(f"{flag}: a number from 0 to 255 was wanted, got '{text[:20]}'")
    return value


def _features(options: argparse.Namespace) -> dict[str, Any]:
    """What the piece has beside its wall, from flags."""
    handle = [] if options.handle is None else [
        {"what": "handle", "wide": _length("--handle", options.handle, least=0.0)}]
    return {"foot": _length("--foot", options.foot), "bead": _length("--bead", options.bead), "keep_out": handle}


def _stations(text: str) -> list[tuple[float, float]]:
    """Read "0:62,40:88": upright height and girth, station by station."""
    stations = []
    for part in text.split(","):
        height, colon, girth = part.partition(":")
        if not colon:
            raise LengthError(f"--stations: each is HEIGHT:DIAMETER, as in 0:62,40:88, got '{part.strip()[:20]}'")
        stations.append((_length("--stations", height), _length("--stations", girth, least=0.0)))
    return stations


def _needed(options: argparse.Namespace, name: str) -> str:
    value = getattr(options, name)
    if value is None:
        flag = "--height or --slant" if name == "slant" else f"--{name}"
        raise VitrographError(f"a {options.glass} glass needs {flag}")
    return str(value)


def _length(flag: str, text: str, least: float | None = None) -> float:
    """Read a flag's length, naming the flag in the error; with `least`, it must be more than that."""
    value = _named(flag, parse_length, text)
    return value if least is None else _positive(flag, value)


def _named(flag: str, read: Any, text: str) -> Any:
    try:
        return read(text)
    except LengthError as error:
        raise LengthError(f"{flag}: {error}") from None


def _positive(flag: str, value: float) -> float:
    if value <= 0:
        raise JobError(f"{flag} must be more than 0, got {value:g} mm")
    return value


def _join_negatives(words: list[str]) -> list[str]:
    """Join `--flag -5mm` into one word, so that a negative length is told as such and not taken for a flag."""
    joined: list[str] = []
    for word in words:
        if joined and joined[-1].startswith("--") and "=" not in joined[-1] and re.match(r"-[\d.,]", word):
            joined[-1] += f"={word}"
        else:
            joined.append(word)
    return joined
