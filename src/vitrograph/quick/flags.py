"""Quick's flags."""

import argparse
from collections.abc import Callable
from pathlib import Path
from typing import Any, get_args

from vitrograph.core.fit import SIDES
from vitrograph.core.job import Mode, MonogramStyle, StencilKind
from vitrograph.core.language import tr
from vitrograph.flags import add_settings, add_units
from vitrograph.quick.glass import FRAMES
from vitrograph.quick.lengths import STANDS


class _InOrder(argparse.Action):
    """Keeps what several flags gave in one list, in the order they stood."""

    def __call__(self, parser: Any, namespace: Any, values: Any, option_string: str | None = None) -> None:
        setattr(namespace, self.dest, [*(getattr(namespace, self.dest) or []), (str(option_string)[2:], values)])


def add_flags(quick: argparse.ArgumentParser) -> None:
    """Give quick's parser its flags."""
    add = quick.add_argument
    _glass_flags(quick)
    for flag, metavar, says in (
            ("text", "WORDS", tr(r"words; \n begins a new line")),
            ("art", "FILE", tr("a drawing or a picture: SVG, DXF, PDF, PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC or AVIF; "
                                "FILE.pdf#page=2 is a PDF's second page")),
            ("monogram", "K,P,O", tr("initials from left to right, the middle one larger"))):
        add(f"--{flag}", action=_InOrder, dest="items", metavar=metavar, help=tr("{says}; may be given several times",
                                                                                 says=says))
    add("--font", metavar="NAME|FILE", help=tr("a shipped face, or a font file; Barlow Bold if left out"))
    add("--monogram-style", choices=get_args(MonogramStyle), default="three", help=tr("how the initials stand"))
    add("--name-in-monogram", default="", metavar="WORDS", help=tr("a name that goes with the initials"))
    add("--threshold", default="auto", metavar="auto|N", help=tr("the grey, 0 to 255, below which a picture is ink"))
    add("--background", metavar="COLOUR:N", help=tr("a picture's background colour and how far from it counts, 0 to "
                                                    "255"))
    add("--simplify", metavar="L", default="0",
        help=tr("how far a traced outline may stray, at the picture's own size"))
    add("--licence", default="", help=tr("a note of the art's licence, kept with the job"))
    size = quick.add_mutually_exclusive_group()
    size.add_argument("--width", metavar="L", help=tr("the art's width on the glass; of names, the most that one may "
                                                      "take"))
    size.add_argument("--art-height", metavar="L", help=tr("the art's height on the glass"))
    add("--cap-height", metavar="L", help=tr("the height of the capitals, instead of the art's own"))
    add("--count", metavar="N", default="1", help=tr("how many are made"))
    add("--recipe", metavar="NAME|FILE", help=tr("how it is etched: a usual way or one of your own by its name, or a "
                                                 "file (docs/formats.md); the workshop's cream's if left out"))
    add("--names", type=Path, metavar="FILE",
        help=tr("a list of names, a spreadsheet (XLSX, ODS), CSV or text: each row is a stencil of its own"))
    add("--size-rule", metavar="caps|width|narrow:PCT",
        help=tr("how large the rows of names are: capitals alike, each as wide as --width, or capitals alike and long "
                "ones narrowed by at most so many percent"))
    up = quick.add_mutually_exclusive_group()
    up.add_argument("--from-rim", metavar="L", help=tr("rim (or upper edge) to the art's top; centred if left out"))
    up.add_argument("--baseline", metavar="L", help=tr("table to the baseline of the lowest words, upright"))
    up.add_argument("--middle", metavar="L", help=tr("table to the art's middle, upright"))
    add("--mode", choices=get_args(Mode), default="rim",
        help=tr("follow the rim, keep letter shapes, lay it straight, or as the eye sees it from the front"))
    add("--seen-from", metavar="L", help=tr("the eye's distance from the glass's axis: else the workshop's"))
    add("--up-to", metavar="DEG", default="60", help=tr("how far to each side the front reads"))
    add("--film", choices=["strain", "cone"], default="strain",
        help=tr("on a wall curved both ways, cut the film for the least strain or by the best cone"))
    add("--split", metavar="N", default="1", help=tr("part the art into so many bands, laid one after the other"))
    add("--columns", metavar="N", default="1", help=tr("part the art into so many items side by side"))
    add("--relief", action="store_true", help=tr("snip the border where film on a curved wall gives too much"))
    add("--warm", action="store_true", help=tr("the film is laid warm, and gives more"))
    add("--at", default="0", metavar="DEG|" + "|".join(STANDS),
        help=tr("where it stands: degrees round from the front, or as the handle has it"))
    add("--hand", choices=["right", "left"], default="right", help=tr("which hand holds the handle"))
    add("--times", metavar="N", default="1", help=tr("so many copies, equally spaced round the glass"))
    add("--wrap", action="store_true", help=tr("all copies on one sheet that closes round the glass"))
    add("--face", choices=["outside", "back"], default="outside", help=tr("which side of the glass is etched"))
    _stencil_flags(add)
    add("--name", help=tr("the piece's name"))
    add_units(quick)
    add_settings(quick)
    add("--out", type=Path, required=True, metavar="DIR", help=tr("the folder all files are written into"))
    quick.set_defaults(usual=quick.get_default)


def _glass_flags(quick: argparse.ArgumentParser) -> None:
    add = quick.add_argument
    add("--glass", choices=["flat", "straight", "taper", "curved", "ball"], required=True,
        help=tr("the kind of wall"))
    add("--top", metavar="L", help=tr("across the rim (for a straight wall, its diameter)"))
    add("--bottom", metavar="L", help=tr("across the base"))
    add("--measured", choices=["diameter", "circumference"], default="diameter", help=tr("what --top and --bottom are"))
    height = quick.add_mutually_exclusive_group()
    height.add_argument("--height", metavar="L", help=tr("upright, beside the glass"))
    height.add_argument("--slant", metavar="L", help=tr("along the wall"))
    add("--stem", metavar="L", default="0", help=tr("the stem that the wall stands on, upright"))
    add("--stations", metavar="H:D,...", help=tr("a curved wall's upright heights and diameters, from the base up"))
    add("--diameter", metavar="L", help=tr("a ball's diameter"))
    add("--size", metavar="WxH", help=tr("a pane's width and height"))
    add("--outline", choices=["rectangle", "oval"], default="rectangle", help=tr("a pane's; a round one is oval"))
    add("--frame", action="append", default=[], metavar="L|SHAPE",
        help=tr("how much of a pane's edge a frame hides; or the shape that frames monograms: {all}",
                all=', '.join(FRAMES)))
    add("--handle", metavar="L", help=tr("a handle so wide, opposite the front"))
    add("--foot", metavar="L", default="0", help=tr("how far up the wall a foot reaches"))
    add("--display", action="store_true", help=tr("nobody drinks from it: its rim is no lip"))
    add("--bead", metavar="L", default="0", help=tr("how far down the wall a rim bead reaches"))


def _stencil_flags(add: Callable[..., Any]) -> None:
    add("--border", metavar="L", help=tr("film round the art: else the workshop's"))
    add("--kind", choices=get_args(StencilKind), default="resist",
        help=tr("a resist, clear art on a frosted ground, or a decal that stays"))
    add("--film-outline", choices=["fan", "art", "rectangle", "oval"], default="fan",
        help=tr("what the film's edge follows"))
    add("--corner", metavar="L", default="0", help=tr("the radius of the film's corners"))
    add("--tab", choices=["none", *SIDES], default="none", help=tr("a tab to lift the film by"))
    add("--marks", choices=["none", "drawn", "cut"], default="none",
        help=tr("centre ticks, level line, arrow and name"))
    add("--least-web", metavar="L", help=tr("film between openings, at least: else the workshop's"))
    add("--least-opening", metavar="L", help=tr("openings, at least: else the workshop's"))
    add("--ties", choices=["none", "auto"], default="none", help=tr("strips of film that hold islands"))
    add("--tie-width", metavar="L", default="1.6 mm", help=tr("how wide ties are"))
    add("--mend", action="store_true", help=tr("mend all that is too thin, too small or too sharp"))
