"""The glass that quick's flags describe."""

import argparse
from typing import Any, get_args

from vitrograph.core.errors import LengthError, VitrographError
from vitrograph.core.job import OutlineName
from vitrograph.core.language import tr
from vitrograph.core.units import parse_length, parse_size
from vitrograph.quick.lengths import length, named, needed, positive

FRAMES: dict[str, OutlineName] = {"circle": "oval", **{name: name for name in get_args(OutlineName)}}


def glass(options: argparse.Namespace) -> dict[str, Any]:
    """The glass part of the job, from flags that belong to its kind."""
    stem = {"stem": length(options, "--stem", options.stem)}
    if stem["stem"] and options.glass in ("flat", "curved"):
        raise VitrographError(tr("--stem belongs to straight, taper and ball: a pane has none, and the stations of a "
                                 "curved glass are measured from the table"))
    if options.glass == "flat":
        width, height = named(options, "--size", parse_size, needed(options, "size"))
        return {"kind": "flat", "width": positive("--size", width), "height": positive("--size", height),
                "outline": options.outline, "frame": hidden_edge(options)}
    if options.glass == "ball":
        across = length(options, "--diameter", needed(options, "diameter"), least=0.0)
        return {"kind": "ball", "diameter": across} | stem
    if options.glass == "curved":
        stations = _stations(options, needed(options, "stations"))
        return {"kind": "curved", "girth": options.measured, "stations": stations}
    upright = options.height is not None
    flag, typed = ("--height", options.height) if upright else ("--slant", needed(options, "slant"))
    height = length(options, flag, typed, least=0.0)
    rim = length(options, "--top", needed(options, "top"), least=0.0)
    if options.glass == "straight":
        if options.bottom is not None and abs(length(options, "--bottom", options.bottom, least=0.0) - rim) > 1e-9:
            raise VitrographError(tr("a straight wall is as wide below as above: use --glass taper for two diameters"))
        return {"kind": "straight", "rim": rim, "girth": options.measured, "height": height} | stem
    base = length(options, "--bottom", needed(options, "bottom"), least=0.0)
    return {"kind": "taper", "rim": rim, "base": base, "girth": options.measured, "height": height,
            "height_is": "upright" if upright else "slant"} | stem


def features(options: argparse.Namespace) -> dict[str, Any]:
    """What the item has beside its wall, from flags."""
    handle = [] if options.handle is None else [
        {"what": "handle", "wide": length(options, "--handle", options.handle, least=0.0)}]
    reach = {name: length(options, f"--{name}", getattr(options, name)) for name in ("foot", "bead")}
    return {"use": "display" if options.display else "drinking", "keep_out": handle} | reach


def hidden_edge(options: argparse.Namespace) -> float:
    """How much of a pane's edge a frame hides: the length among --frame's words, which may be shapes as well."""
    widths = [0.0]
    for word in options.frame:
        if word not in FRAMES:
            try:
                widths.append(parse_length(word, options.units))
            except LengthError:
                raise LengthError(tr("--frame: a length like 8 mm or a shape ({all}) was wanted, got '{word}'",
                                     all=', '.join(FRAMES), word=word[:20])) from None
    return max(widths)


def _stations(options: argparse.Namespace, text: str) -> list[tuple[float, float]]:
    """Read "0:62,40:88": upright height and girth, station by station."""
    stations = []
    for part in text.split(","):
        height, colon, girth = part.partition(":")
        if not colon:
            raise LengthError(tr("--stations: each is HEIGHT:DIAMETER, as in 0:62,40:88, got '{part}'",
                                 part=part.strip()[:20]))
        stations.append((length(options, "--stations", height), length(options, "--stations", girth, least=0.0)))
    return stations
