"""`vitrograph quick`: a whole job from one line of flags."""

import argparse
from collections.abc import Callable
from math import radians
from pathlib import Path
from typing import Any, get_args

import msgspec

from vitrograph.core.artwork import face_named, label_of, sized, stacked
from vitrograph.core.artwork.opening import read_drawing
from vitrograph.core.artwork.words.fontfile import read_fonts
from vitrograph.core.errors import JobError, LengthError, VitrographError
from vitrograph.core.job import (
    Item,
    Job,
    Mode,
    Monogram,
    MonogramStyle,
    Order,
    OutlineName,
    Stand,
    StencilKind,
    TraceChoices,
    Words,
    new_id,
    with_settings,
)
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import SIDES
from vitrograph.core.units import parse_length, parse_size, parse_whole
from vitrograph.flags import add_settings, add_units

_FRAMES: dict[str, OutlineName] = {"circle": "oval", **{name: name for name in get_args(OutlineName)}}
_STANDS: dict[str, Stand] = {"opposite": "opposite handle", "between": "between handles", "others": "facing others",
                            "drinker": "facing drinker"}
_LARGEST = 5000.0                  # mm
# mm, before all is brought to the size asked for
_GAP, _CAP, _DRAWING_HIGH, _MONOGRAM_HIGH = 4.0, 10.0, 26.0, 40.0


class _InOrder(argparse.Action):
    """Keeps what several flags gave in one list, in the order they stood."""

    def __call__(self, parser: Any, namespace: Any, values: Any, option_string: str | None = None) -> None:
        setattr(namespace, self.dest, [*(getattr(namespace, self.dest) or []), (str(option_string)[2:], values)])


def add_flags(quick: argparse.ArgumentParser) -> None:
    """Give quick's parser its flags."""
    add = quick.add_argument
    _glass_flags(quick)
    for flag, metavar, says in (
            ("text", "WORDS", r"words; \n begins a new line"),
            ("art", "FILE", "a drawing or a picture: SVG, DXF, PNG, JPEG, WebP or TIFF"),
            ("monogram", "K,P,O", "initials from left to right, the middle one larger")):
        add(f"--{flag}", action=_InOrder, dest="items", metavar=metavar, help=f"{says}; may be given several times")
    add("--font", metavar="NAME|FILE", help="a shipped face, or a font file; Barlow Bold if left out")
    add("--monogram-style", choices=get_args(MonogramStyle), default="three")
    add("--name-in-monogram", default="", metavar="WORDS", help="a name that goes with the initials")
    add("--threshold", default="auto", metavar="auto|N", help="the grey, 0 to 255, below which a picture is ink")
    add("--background", metavar="COLOUR:N", help="a picture's background colour and how far from it counts, 0 to 255")
    add("--simplify", metavar="L", default="0", help="how far a traced outline may stray, at the picture's own size")
    add("--licence", default="", help="a note of the art's licence, kept with the job")
    size = quick.add_mutually_exclusive_group(required=True)
    size.add_argument("--width", metavar="L", help="the art's width on the glass")
    size.add_argument("--art-height", metavar="L", help="the art's height on the glass")
    up = quick.add_mutually_exclusive_group()
    up.add_argument("--from-rim", metavar="L", help="rim (or upper edge) to the art's top; centred if left out")
    up.add_argument("--baseline", metavar="L", help="table to the baseline of the lowest words, upright")
    up.add_argument("--middle", metavar="L", help="table to the art's middle, upright")
    add("--mode", choices=get_args(Mode), default="rim", help="follow the rim, keep letter shapes, lay it straight, or "
        "as the eye sees it from the front")
    add("--seen-from", metavar="L", default="600 mm", help="the eye's distance from the glass's axis")
    add("--up-to", metavar="DEG", default="60", help="how far to each side the front reads")
    add("--film", choices=["strain", "cone"], default="strain", help="on a wall curved both ways, cut the film for the "
        "least strain or by the best cone")
    add("--split", metavar="N", default="1", help="part the art into so many bands, laid one after the other")
    add("--columns", metavar="N", default="1", help="part the art into so many items side by side")
    add("--relief", action="store_true", help="snip the border where film on a curved wall gives too much")
    add("--warm", action="store_true", help="the film is laid warm, and gives more")
    add("--at", default="0", metavar="DEG|" + "|".join(_STANDS), help="where it stands: degrees round from the front, "
        "or as the handle has it")
    add("--hand", choices=["right", "left"], default="right", help="which hand holds the handle")
    add("--times", metavar="N", default="1", help="so many copies, equally spaced round the glass")
    add("--wrap", action="store_true", help="all copies on one sheet that closes round the glass")
    add("--face", choices=["outside", "back"], default="outside")
    _stencil_flags(add)
    add("--name", help="the piece's name")
    add_units(quick)
    add_settings(quick)
    add("--out", type=Path, required=True, metavar="DIR")


def _glass_flags(quick: argparse.ArgumentParser) -> None:
    add = quick.add_argument
    add("--glass", choices=["flat", "straight", "taper", "curved", "ball"], required=True)
    add("--top", metavar="L", help="across the rim (for a straight wall, its diameter)")
    add("--bottom", metavar="L", help="across the base")
    add("--measured", choices=["diameter", "circumference"], default="diameter", help="what --top and --bottom are")
    height = quick.add_mutually_exclusive_group()
    height.add_argument("--height", metavar="L", help="upright, beside the glass")
    height.add_argument("--slant", metavar="L", help="along the wall")
    add("--stem", metavar="L", default="0", help="the stem that the wall stands on, upright")
    add("--stations", metavar="H:D,...", help="a curved wall's upright heights and diameters, from the base up")
    add("--diameter", metavar="L", help="a ball's diameter")
    add("--size", metavar="WxH", help="a pane's width and height")
    add("--outline", choices=["rectangle", "oval"], default="rectangle", help="a pane's; a round one is oval")
    add("--frame", action="append", default=[], metavar="L|SHAPE",
        help=f"how much of a pane's edge a frame hides; or the shape that frames monograms: {', '.join(_FRAMES)}")
    add("--handle", metavar="L", help="a handle so wide, opposite the front")
    add("--foot", metavar="L", default="0", help="how far up the wall a foot reaches")
    add("--display", action="store_true", help="nobody drinks from it: its rim is no lip")
    add("--bead", metavar="L", default="0", help="how far down the wall a rim bead reaches")


def _stencil_flags(add: Callable[..., Any]) -> None:
    add("--border", metavar="L", default="20 mm")
    add("--kind", choices=get_args(StencilKind), default="resist", help="a resist, clear art on a frosted ground, or a "
        "decal that stays")
    add("--film-outline", choices=["fan", "art", "rectangle", "oval"], default="fan",
        help="what the film's edge follows")
    add("--corner", metavar="L", default="0", help="the radius of the film's corners")
    add("--tab", choices=["none", *SIDES], default="none", help="a tab to lift the film by")
    add("--marks", choices=["none", "drawn", "cut"], default="none", help="centre ticks, level line, arrow and name")
    add("--least-web", metavar="L", default="0.8 mm", help="film between openings, at least")
    add("--least-opening", metavar="L", default="0.8 mm", help="openings, at least")
    add("--ties", choices=["none", "auto"], default="none", help="strips of film that hold islands")
    add("--tie-width", metavar="L", default="1.6 mm")
    add("--mend", action="store_true", help="mend all that is too thin, too small or too sharp")


def quick_order(options: argparse.Namespace) -> Order:
    """The order of one piece that quick's flags describe, with its settings done. Raises VitrographError."""
    order = Order.of(quick_job(options), id=new_id(), units=options.units)
    return with_settings(order, options.set)


def quick_job(options: argparse.Namespace) -> Job:
    """The job that quick's flags describe. Raises VitrographError where they do not describe one."""
    _hidden_edge(options)                                     # a word that is neither is refused for any glass
    given = [(kind, text) for kind, text in options.items or [] if text.strip()]
    if not given:
        raise VitrographError("there is nothing to etch: give --text, --art or --monogram")
    width, height = _side(options, "--width", options.width), _side(options, "--art-height", options.art_height)
    items = [_QUICK[kind](options, text) for kind, text in given]
    artwork = sized(stacked(items, _GAP), width, height)
    return Job.read({
        "name": options.name or " ".join(label_of(items[0]).split())[:60] or "Untitled",
        "glass": _glass(options),
        "features": _features(options),
        "artwork": msgspec.to_builtins(artwork, builtin_types=(bytes,)),
        "fit": _fit(options),
        "stencil": _stencil(options),
    })


def _stencil(options: argparse.Namespace) -> dict[str, Any]:
    """The stencil part of the job."""
    return {
        "kind": options.kind, "border": _length(options, "--border", options.border), "outline": options.film_outline,
        "corner": _length(options, "--corner", options.corner), "tab": options.tab, "marks": options.marks,
        "least_web": _length(options, "--least-web", options.least_web),
        "least_opening": _length(options, "--least-opening", options.least_opening),
        "ties": {"placed": options.ties, "width": _length(options, "--tie-width", options.tie_width)},
        "reading_angle": 2 * _turn("--up-to", options.up_to),
        "viewing_mm": _length(options, "--seen-from", options.seen_from, least=0.0),
    }


def _fit(options: argparse.Namespace) -> dict[str, Any]:
    """The fit part of the job."""
    held = "baseline" if options.baseline is not None else "middle" if options.middle is not None else "top"
    up = options.baseline if held == "baseline" else options.middle
    stand = _STANDS.get(options.at)
    return {
        "mode": options.mode, "face": options.face, "held": held,
        "from_rim": None if options.from_rim is None else _length(options, "--from-rim", options.from_rim),
        **({} if up is None else {"above_table": _length(options, f"--{held}", up)}),
        "stand": stand or "angle", "hand": options.hand, "angle": 0.0 if stand else _turn("--at", options.at),
        "film_shape": "best cone" if options.film == "cone" else "least strain", "relief": options.relief,
        "warm": options.warm, "rows": _many("--split", options.split, 12),
        "columns": _many("--columns", options.columns, 12), "times": _many("--times", options.times, 60),
        "wrap": options.wrap,
    }


def _turn(flag: str, text: str) -> float:
    """Degrees as radians, within half a turn of the front."""
    try:
        degrees = float(text.removesuffix("°"))
    except ValueError:
        degrees = float("nan")
    if not abs(degrees) <= 360:
        raise VitrographError(f"{flag}: degrees or one of {', '.join(_STANDS)} were wanted, got '{text}'")
    return radians((degrees + 180) % 360 - 180)


def _many(flag: str, text: str, most: int) -> int:
    """A whole number of copies or stencils."""
    many = parse_whole(text, most, 1)
    if many is None:
        raise VitrographError(f"{flag}: a whole number from 1 to {most} was wanted, got '{text[:40]}'")
    return many


def _words(options: argparse.Namespace, text: str) -> Item:
    text = text.replace("\\n", "\n").encode("utf-8", "surrogateescape").decode("utf-8", "replace")
    return Item(Words(text, **_lettering(options)), size=_CAP, size_is="caps")


def _monogram(options: argparse.Namespace, initials: str) -> Item:
    frame = next((_FRAMES[word] for word in options.frame if word in _FRAMES), None)
    face = {} if options.font is None else _lettering(options)
    if "face" in face:
        face["text_face"] = face["face"]
    return Item(Monogram(options.monogram_style, initials, options.name_in_monogram, frame=frame, **face),
                 size=_MONOGRAM_HIGH, size_is="height")


def _lettering(options: argparse.Namespace) -> dict[str, Any]:
    """The face asked for: a shipped one, or a font file."""
    font = options.font or Words().face
    if Path(font).suffix or Path(font).is_file():              # no shipped face has a dot in its name
        return {"font": read_fonts(Path(font))[0]}
    return {"face": face_named(font).name}


def _art(options: argparse.Namespace, path: str) -> Item:
    """The drawing named, read as the flags say."""
    art = read_drawing(Path(path))
    colour, _, tolerance = (options.background or "").partition(":")
    choices = TraceChoices(
        threshold=None if options.threshold == "auto" else _of_255("--threshold", options.threshold) / 255,
        background=(colour,) if colour else (), simplify=_length(options, "--simplify", options.simplify),
        tolerance=_of_255("--background", tolerance) if tolerance else TraceChoices().tolerance)
    return Item(msgspec.structs.replace(art, trace=choices, licence=options.licence), size=_DRAWING_HIGH,
                 size_is="height")


_QUICK: dict[str, Callable[[argparse.Namespace, str], Item]] = {"text": _words, "art": _art, "monogram": _monogram}


def _glass(options: argparse.Namespace) -> dict[str, Any]:
    """The glass part of the job, from flags that belong to its kind."""
    if options.glass == "flat":
        width, height = _named(options, "--size", parse_size, _needed(options, "size"))
        return {"kind": "flat", "width": _positive("--size", width), "height": _positive("--size", height),
                "outline": options.outline, "frame": _hidden_edge(options)}
    stem = {"stem": _length(options, "--stem", options.stem)}
    if options.glass == "ball":
        across = _length(options, "--diameter", _needed(options, "diameter"), least=0.0)
        return {"kind": "ball", "diameter": across} | stem
    if options.glass == "curved":
        stations = _stations(options, _needed(options, "stations"))
        return {"kind": "curved", "girth": options.measured, "stations": stations}
    upright = options.height is not None
    flag, typed = ("--height", options.height) if upright else ("--slant", _needed(options, "slant"))
    height = _length(options, flag, typed, least=0.0)
    rim = _length(options, "--top", _needed(options, "top"), least=0.0)
    if options.glass == "straight":
        if options.bottom is not None and abs(_length(options, "--bottom", options.bottom, least=0.0) - rim) > 1e-9:
            raise VitrographError("a straight wall is as wide below as above: use --glass taper for two diameters")
        return {"kind": "straight", "rim": rim, "girth": options.measured, "height": height} | stem
    base = _length(options, "--bottom", _needed(options, "bottom"), least=0.0)
    return {"kind": "taper", "rim": rim, "base": base, "girth": options.measured, "height": height,
            "height_is": "upright" if upright else "slant"} | stem


def _hidden_edge(options: argparse.Namespace) -> float:
    """How much of a pane's edge a frame hides: the length among --frame's words, which may be shapes as well."""
    widths = [0.0]
    for word in options.frame:
        if word not in _FRAMES:
            try:
                widths.append(parse_length(word, options.units))
            except LengthError:
                raise LengthError(f"--frame: a length like 8 mm or a shape ({', '.join(_FRAMES)}) was wanted, "
                                  f"got '{word[:20]}'") from None
    return max(widths)


def _of_255(flag: str, text: str) -> float:
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0 <= value <= 255:
        raise JobError(f"{flag}: a number from 0 to 255 was wanted, got '{text[:20]}'")
    return value


def _features(options: argparse.Namespace) -> dict[str, Any]:
    """What the item has beside its wall, from flags."""
    handle = [] if options.handle is None else [
        {"what": "handle", "wide": _length(options, "--handle", options.handle, least=0.0)}]
    reach = {name: _length(options, f"--{name}", getattr(options, name)) for name in ("foot", "bead")}
    return {"use": "display" if options.display else "drinking", "keep_out": handle} | reach


def _stations(options: argparse.Namespace, text: str) -> list[tuple[float, float]]:
    """Read "0:62,40:88": upright height and girth, station by station."""
    stations = []
    for part in text.split(","):
        height, colon, girth = part.partition(":")
        if not colon:
            raise LengthError(f"--stations: each is HEIGHT:DIAMETER, as in 0:62,40:88, got '{part.strip()[:20]}'")
        stations.append((_length(options, "--stations", height), _length(options, "--stations", girth, least=0.0)))
    return stations


def _side(options: argparse.Namespace, flag: str, text: str | None) -> float | None:
    """A side of all the art, where one is asked for."""
    side = None if text is None else _length(options, flag, text, least=0.0)
    if side is not None and side > _LARGEST:
        raise JobError(Says("{flag}: at most {most}, got {side}", flag=flag, most=Length(_LARGEST, 0),
                            side=Length(side)))
    return side


def _needed(options: argparse.Namespace, name: str) -> str:
    value = getattr(options, name)
    if value is None:
        flag = "--height or --slant" if name == "slant" else f"--{name}"
        raise VitrographError(f"a {options.glass} glass needs {flag}")
    return str(value)


def _length(options: argparse.Namespace, flag: str, text: str, least: float | None = None) -> float:
    """Read a flag's length, naming the flag in the error; with `least`, it must be more than that."""
    value = _named(options, flag, parse_length, text)
    return value if least is None else _positive(flag, value)


def _named(options: argparse.Namespace, flag: str, read: Any, text: str) -> Any:
    try:
        return read(text, options.units)
    except LengthError as error:
        raise LengthError(f"{flag}: {error}") from None


def _positive(flag: str, value: float) -> float:
    if value <= 0:
        raise JobError(Says("{flag} must be more than 0, got {value}", flag=flag, value=Length(value)))
    return value
