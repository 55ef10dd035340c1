"""`inspect`: a photograph of a piece before the inspection card, measured against what was drawn."""

import argparse
import json
import re
from pathlib import Path
from typing import Any, get_args

from vitrograph.at_work import worked_out
from vitrograph.core.errors import VitrographError
from vitrograph.core.language import tr
from vitrograph.core.logbook import Logbook, Photo, default_path
from vitrograph.core.paper import PaperName
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.says import in_words
from vitrograph.core.storing.orderfile import load_order
from vitrograph.core.storing.whole import keep_apart, write_whole
from vitrograph.core.value_words import word_of
from vitrograph.flags import add_units, entry_number
from vitrograph.workshop import owned_here


def add_inspect(commands: Any) -> None:
    """Give the parser the command."""
    parser: argparse.ArgumentParser = commands.add_parser("inspect",
                                                          help=tr("measure a photograph of a piece, or of its weeded "
                                                                  "film, against what was drawn"))
    add = parser.add_argument
    add("photo", type=Path, nargs="?", metavar="PHOTO", help=tr("a photograph of the piece on its card"))
    add("--order", type=Path, metavar="FILE", help=tr("the order the piece is of"))
    add("--piece", metavar="NAME", help=tr("the piece, by its name or number; of a list of names the one, by its own"))
    add("--film", action="store_true", help=tr("the weeded film on the glass, before the cream"))
    add("--corners", metavar="X,Y;X,Y;X,Y;X,Y", help=tr("no card: the piece's own four corners in the picture, in "
                                                        "pixels, upper left first and round to the right"))
    add("--json", action="store_true", help=tr("as JSON (docs/formats.md)"))
    add("--overlay", type=Path, metavar="FILE.jpg", help=tr("write the photograph with what was found drawn on it"))
    add("--keep", metavar="NUMBER", help=tr("keep it with this entry of the logbook"))
    add("--card", type=Path, metavar="FILE.pdf", help=tr("write the inspection card, to print at true size"))
    add("--page", choices=get_args(PaperName), help=tr("the printer's paper for --card, if not the workshop's"))
    add_units(parser, default=None)
    parser.set_defaults(run=_run)


def _run(options: argparse.Namespace) -> int:
    if options.card is not None:
        from vitrograph.core.logbook.inspection import card_pdf

        write_whole(options.card, card_pdf(options.page or owned_here().house.paper))
        print(tr("the inspection card: {card}; print it at 100 %, and measure its line", card=options.card))
        if options.photo is None:
            return 0
    if options.photo is None or options.order is None:
        raise VitrographError(tr("inspect: a photograph and --order FILE were wanted, or --card FILE.pdf"))
    return _inspected(options)


def _inspected(options: argparse.Namespace) -> int:
    """Judge the photograph; 1 where there is a fault in it."""
    from vitrograph.core.logbook.inspection import inspect_photo, inspection_json, read_photo

    corners = _corners(options.corners)
    keep_apart(options.photo, options.order, *(path for path in (options.overlay,) if path is not None))
    photo = read_photo(options.photo)                          # an odd file is refused before the order is worked out
    order = load_order(options.order)
    unit = options.units = options.units or order.units
    done = worked_out(Pipeline(), order)
    piece = done.only_piece if options.piece is None else done.one_called(options.piece)
    seen = inspect_photo(photo, piece, film=options.film, corners=corners)
    told = {"piece": piece.job.name, **inspection_json(seen, unit)}
    if options.overlay is not None or options.keep is not None:
        _keep(options, photo.light, seen, json.dumps(told, ensure_ascii=False))
    if options.json:
        print(json.dumps(told, indent=1, ensure_ascii=False))
    else:
        print(f"{piece.job.name}: {', '.join(map(word_of, seen.outcomes))}")
        print("\n".join(f"  {in_words(said, unit)}" for said in seen.says))
    return 0 if seen.outcomes == ("good",) and not seen.faults else 1


def _keep(options: argparse.Namespace, light: Any, seen: Any, told: str) -> None:
    from vitrograph.core.logbook.inspection import overlay_jpeg

    picture = overlay_jpeg(light, seen)
    if options.overlay is not None:
        write_whole(options.overlay, picture)
    if options.keep is not None:
        number = entry_number("--keep", options.keep)
        Logbook(default_path()).add_photo(number, Photo(options.photo.name, picture, told))


def _corners(text: str | None) -> list[tuple[float, float]] | None:
    """Four places typed as pixels."""
    if text is None:
        return None
    places = re.findall(r"(\d+(?:\.\d+)?)\s*,\s*(\d+(?:\.\d+)?)", text)
    if len(places) != 4:
        raise VitrographError(tr("--corners: four places like 120,80;910,95;905,1280;130,1270 were wanted, got "
                                 "'{text}'", text=text[:40]))
    return [(float(x), float(y)) for x, y in places]
