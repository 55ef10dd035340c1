"""The order that quick's flags describe."""

import argparse
from collections.abc import Callable
from pathlib import Path
from typing import Any

import msgspec

from vitrograph.at_work import say_aside
from vitrograph.core.artwork import face_named, label_of, sized, stacked
from vitrograph.core.artwork.opening import read_drawing
from vitrograph.core.artwork.words.fontfile import read_fonts
from vitrograph.core.errors import VitrographError
from vitrograph.core.etch import read_recipe, recipe_named
from vitrograph.core.job import (
    Artwork,
    Item,
    Job,
    Monogram,
    Order,
    Recipe,
    SizeRule,
    TraceChoices,
    Words,
    new_id,
    with_settings,
)
from vitrograph.core.language import tr
from vitrograph.core.storing.names_file import read_names
from vitrograph.core.units import parse_whole
from vitrograph.core.workshop import begun, default_file, load_workshop
from vitrograph.quick.glass import FRAMES, features, glass, hidden_edge
from vitrograph.quick.idle import idle_flags
from vitrograph.quick.lengths import STANDS, length, many, side, turn, up_to
from vitrograph.workshop import owned_here

# mm, before all is brought to the size asked for
_HOUSE = {"border": "border", "least_web": "least_web", "least_opening": "least_opening", "viewing_mm": "seen_from"}
_GAP, _CAP, _DRAWING_HIGH, _MONOGRAM_HIGH = 4.0, 10.0, 26.0, 40.0


def quick_order(options: argparse.Namespace) -> Order:
    """The order of one piece that quick's flags describe, with its settings done. Raises VitrographError."""
    order = _with_what_is_owned(Order.of(quick_job(options), id=new_id(), units=options.units), options)
    if options.names is not None:
        listed = read_names(options.names, order.pieces[0].artwork)
        for note in listed.notes:
            say_aside(f"{options.names.name}: {note}")
        order = order.changed(names=listed.names)
    if options.recipe is not None:
        order = order.changed(etch__recipe=_recipe(options.recipe))
    order = with_settings(order, options.set)
    for sentence in idle_flags(options):
        say_aside(sentence)
    return order


def _recipe(text: str) -> Recipe:
    """The recipe of a name, or in a file."""
    path = Path(text)
    if path.suffix or path.exists():
        return read_recipe(path)
    return recipe_named(text, load_workshop(default_file()).recipes)


def _with_what_is_owned(order: Order, options: argparse.Namespace) -> Order:
    """The order begun from the workshop, in the unit that is asked for; what flags say goes before that."""
    made = begun(owned_here(), order)
    (piece,), stencil = made.pieces, order.pieces[0].stencil
    said = {field: getattr(stencil, field) for field, flag in _HOUSE.items() if getattr(options, flag) is not None}
    piece = msgspec.structs.replace(piece, stencil=msgspec.structs.replace(piece.stencil, **said))
    return msgspec.structs.replace(made, units=order.units, pieces=(piece,))


def quick_job(options: argparse.Namespace) -> Job:
    """The job that quick's flags describe. Raises VitrographError where they do not describe one."""
    hidden_edge(options)                                     # a word that is neither is refused for any glass
    given = [(kind, text) for kind, text in options.items or [] if text.strip()]
    if not given and options.names is None:
        raise VitrographError(tr("there is nothing to etch: give --text, --art, --monogram or --names"))
    items = [_QUICK[kind](options, text) for kind, text in given] or [_words(options, "Name")]
    artwork = _sized(options, stacked(items, _GAP))
    called = " ".join(label_of(items[0]).split()) if given else options.names.stem
    return Job.read({
        "name": options.name or called[:60] or "Untitled",
        "count": many("--count", options.count, 1000),
        "glass": glass(options),
        "features": features(options),
        "artwork": msgspec.to_builtins(artwork, builtin_types=(bytes,)),
        "fit": _fit(options),
        "stencil": _stencil(options),
    })


def _sized(options: argparse.Namespace, artwork: Artwork) -> Artwork:
    """The art at the size asked for; of a list of names, with the rule for its rows."""
    width, height = side(options, "--width", options.width), side(options, "--art-height", options.art_height)
    caps = side(options, "--cap-height", options.cap_height)
    rule = _rule(options, width, caps)
    if caps is None:
        return msgspec.structs.replace(sized(artwork, width, height), rule=rule)
    words = next((item for item in artwork.items if isinstance(item.what, Words)), None)
    if words is None:
        raise VitrographError(tr("--cap-height is for words: give --text, or --width or --art-height"))
    if height is not None or (width is not None and options.names is None):
        raise VitrographError(tr("--cap-height says how large the art is already: leave out --width and --art-height"))
    return msgspec.structs.replace(artwork.scaled(caps / words.size), rule=rule)


def _rule(options: argparse.Namespace, width: float | None, caps: float | None) -> SizeRule:
    """The rule for the sizes of rows; without a list the art is as typed. Raises VitrographError."""
    if options.names is None:
        if options.size_rule is not None:
            raise VitrographError(tr("--size-rule is for a list of names: give --names FILE"))
        if width is None and caps is None and options.art_height is None:
            raise VitrographError(tr("say how large the art is: one of --width, --art-height or --cap-height is "
                                     "required"))
        return SizeRule()
    if not options.size_rule and width is not None and caps is not None:
        raise VitrographError(tr("names with both --width and --cap-height want --size-rule narrow:PCT, PCT being 1 to "
                                 "70; or leave one of the two out"))
    by, _, percent = (options.size_rule or ("caps" if width is None else "width")).partition(":")
    if by == "width" and width is not None and caps is None:
        return SizeRule("width", width)
    if by == "caps" and caps is not None and width is None:
        return SizeRule("caps")
    share = parse_whole(percent.removesuffix("%"), 70, 1) if by == "narrow" else None
    if share is not None and width is not None and caps is not None:
        return SizeRule("narrow", width, 1 - share / 100)
    raise VitrographError(tr("--size-rule: caps with --cap-height L, width with --width L, or narrow:PCT (1 to 70) "
                             "with both were wanted, got '{value}'", value=(options.size_rule or by)[:20]))


def _stencil(options: argparse.Namespace) -> dict[str, Any]:
    """The stencil part of the job."""
    return {
        "kind": options.kind, "outline": options.film_outline,
        "corner": length(options, "--corner", options.corner), "tab": options.tab, "marks": options.marks,
        "ties": {"placed": options.ties, "width": length(options, "--tie-width", options.tie_width)},
        "reading_angle": 2 * turn("--up-to", options.up_to),
        **{field: length(options, f"--{flag.replace('_', '-')}", typed, least=0.0 if flag == "seen_from" else None)
           for field, flag in _HOUSE.items() if (typed := getattr(options, flag)) is not None},
    }


def _fit(options: argparse.Namespace) -> dict[str, Any]:
    """The fit part of the job."""
    held = "baseline" if options.baseline is not None else "middle" if options.middle is not None else "top"
    up = options.baseline if held == "baseline" else options.middle
    stand = STANDS.get(options.at)
    return {
        "mode": options.mode, "face": options.face, "held": held,
        "from_rim": None if options.from_rim is None else length(options, "--from-rim", options.from_rim),
        **({} if up is None else {"above_table": length(options, f"--{held}", up)}),
        "stand": stand or "angle", "hand": options.hand, "angle": 0.0 if stand else turn("--at", options.at),
        "film_shape": "best cone" if options.film == "cone" else "least strain", "relief": options.relief,
        "warm": options.warm, "rows": many("--split", options.split, 12),
        "columns": many("--columns", options.columns, 12), "times": many("--times", options.times, 60),
        "wrap": options.wrap,
    }


def _words(options: argparse.Namespace, text: str) -> Item:
    text = text.replace("\\n", "\n").encode("utf-8", "surrogateescape").decode("utf-8", "replace")
    return Item(Words(text, **_lettering(options)), size=_CAP, size_is="caps")


def _monogram(options: argparse.Namespace, initials: str) -> Item:
    frame = next((FRAMES[word] for word in options.frame if word in FRAMES), None)
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
        threshold=None if options.threshold == "auto" else up_to("--threshold", options.threshold, 255) / 255,
        background=(colour,) if colour else (), simplify=length(options, "--simplify", options.simplify),
        tolerance=up_to("--background", tolerance, 255) if tolerance else TraceChoices().tolerance)
    return Item(msgspec.structs.replace(art, trace=choices, licence=options.licence), size=_DRAWING_HIGH,
                 size_is="height")


_QUICK: dict[str, Callable[[argparse.Namespace, str], Item]] = {"text": _words, "art": _art, "monogram": _monogram}
