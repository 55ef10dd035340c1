"""Writing finished work out: the writers by their kinds, the packet, and all files of an order at once.

A writer takes one finished piece, so that nothing half worked out, nor of another job, can be written.
"""

import json
import re
from collections.abc import Callable, Sequence
from functools import partial
from pathlib import Path

from msgspec import Struct

from vitrograph.core.artwork import provenance
from vitrograph.core.cut import SheetRun, sheet_dxf, sheet_png, sheet_svg, to_hpgl, to_svg
from vitrograph.core.errors import OrderFileError
from vitrograph.core.job import Order
from vitrograph.core.language import tr
from vitrograph.core.paper import PaperName, band_pdf, knife_patterns, stencil_pattern, tiled_pdf, to_pdf
from vitrograph.core.paper.packet import collar_pattern, packet_pdf
from vitrograph.core.results import FinishedOrder, FinishedPiece
from vitrograph.core.says import in_words
from vitrograph.core.stations import Station
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.storing.whole import names_of, reason, write_whole
from vitrograph.core.telling.plan_json import plan_of
from vitrograph.core.transfer import Surroundings, collar_of
from vitrograph.core.units import NARROW_SPACE, Unit

Told = Callable[[str], None]       # how far something is


class Writer(Struct, frozen=True):
    """A kind of file: its name, its ending, the station that offers it, and how a finished piece is written as one."""

    title: str
    suffix: str
    station: Station
    write: Callable[[FinishedPiece, Unit], bytes]


class SheetWriter(Struct, frozen=True):
    """A kind of file of one sheet of film, with all that is cut of it: its name, its ending, how it is written."""

    title: str
    suffix: str
    write: Callable[[SheetRun, str], bytes]


def stencil_svg_of(piece: FinishedPiece, unit: Unit) -> bytes:
    """The stencil as SVG, film as one shape."""
    return to_svg(piece.sheet, piece.job.name).encode("utf-8")


def pdf_of(piece: FinishedPiece, unit: Unit) -> bytes:
    """The page at true size."""
    print_ = "; ".join(in_words(says, unit) for says in provenance(piece.art)).replace(NARROW_SPACE, " ")
    return to_pdf(piece.sheet, piece.job.name, print_, unit)


def paper_of(piece: FinishedPiece, unit: Unit) -> bytes:
    """The paper band at true size, to try the art on the glass before it is cut."""
    return band_pdf(piece.sheet, piece.job.name, unit)


WRITERS: dict[str, Writer] = {
    "stencil": Writer(tr("Stencil as SVG"), ".svg", "cut", stencil_svg_of), "pdf": Writer("PDF", ".pdf", "cut", pdf_of),
    "paper": Writer(tr("Paper band"), ".pdf", "fit", paper_of),
}
SHEET_WRITERS: dict[str, SheetWriter] = {
    "svg": SheetWriter("SVG", ".svg", lambda run, title: sheet_svg(run, title).encode("utf-8")),
    "dxf": SheetWriter("DXF", ".dxf", lambda run, title: sheet_dxf(run, title).encode("utf-8")),
    "hpgl": SheetWriter("HP-GL", ".plt", lambda run, title: to_hpgl(run.paths).encode("ascii")),
    "png": SheetWriter(tr("Picture"), ".png", sheet_png),
}
PATTERNS = ("tiles", "knife", "packet")      # one document of all pieces, on the printer's own paper
OF_A_PIECE = {f"stencil{writer.suffix}": writer for writer in WRITERS.values() if writer.station == "cut"}
PACKET, PLAN, ORDER = "packet.pdf", "plan.json", "job.vitro"
ENDINGS = {Path(name).suffix for name in (PACKET, PLAN, ORDER, *OF_A_PIECE)} | {
    writer.suffix for writer in SHEET_WRITERS.values()}
_NUMBERED = re.compile("|".join([*(rf"(\d{{2,}}-)?{re.escape(name)}" for name in OF_A_PIECE),
                                 *(rf"cut(-\d+)?{re.escape(one.suffix)}" for one in SHEET_WRITERS.values())]))


def plan_json_of(done: FinishedOrder) -> bytes:
    """The plan as JSON text."""
    return (json.dumps(plan_of(done), indent=1, ensure_ascii=False) + "\n").encode("utf-8")


def write_files(
    done: FinishedOrder, folder: Path, paper: PaperName = "A4", told: Told = lambda _says: None
) -> tuple[Path, ...]:
    """Write every file of an order, its packet, and the order itself, into a folder that is made if need be.

    `told` is given how far that is; what it raises ends it before anything is written. Raises OrderFileError.
    """
    told(tr("laying it on film"))
    plan = plan_json_of(done)                                  # the most memory, and before there is anything to keep
    contents = {PACKET: patterns_pdf("packet", done, done.pieces, paper, told=told)}
    writers = _contents(done)
    for number, (name, write) in enumerate(writers.items()):
        told(tr("making the files, {number} of {many} done", number=number, many=len(writers)))
        contents[name] = write()
    contents[PLAN] = plan
    told(tr("writing the files"))
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise OrderFileError(tr("the folder {folder} cannot be made ({reason}): choose another", folder=folder,
                                reason=reason(error))) from None
    for name, content in contents.items():
        write_whole(folder / name, content)
    save_order(done.order, folder / ORDER)
    return tuple(folder / name for name in (*contents, ORDER))


def other_order(folder: Path, order: Order) -> str | None:
    """What another order is called whose files lie in a folder, so that this one's would take their places."""
    if not (folder / ORDER).is_file():
        return None
    try:
        there = load_order(folder / ORDER)
    except OrderFileError:
        return ORDER
    return None if there.id == order.id else there.name


def says_left(folder: Path, written: Sequence[Path]) -> str:
    """That files of an earlier writing lie among those of an order; "" where none do: one could be cut by mistake."""
    now = {path.name for path in written}
    left = sorted(path for path in folder.iterdir() if _NUMBERED.fullmatch(path.name) and path.name not in now)
    return tr("{n} files there were written earlier and do not belong to this order as it is now: {names}",
              "a file there was written earlier and does not belong to this order as it is now: {names}",
              n=len(left), names=names_of(left)) if left else ""


def written_as(kind: str, done: FinishedOrder, pieces: Sequence[FinishedPiece]) -> list[bytes]:
    """All files of one kind for some pieces of an order: one for each piece, or for each sheet of film they lie on."""
    if kind in WRITERS:
        return [WRITERS[kind].write(piece, done.order.units) for piece in pieces]
    work = done.cut if len(pieces) == len(done.pieces) else done.cut_of(pieces)
    return [SHEET_WRITERS[kind].write(run, done.order.name) for run in work.runs]


def patterns_pdf(
    kind: str, done: FinishedOrder, pieces: Sequence[FinishedPiece], paper: PaperName, *, mirrored: bool = False,
    told: Told = lambda _says: None
) -> bytes:
    """All pieces on the printer's own paper: `tiles` at true size as they are seen, `knife` as lines to follow.

    `packet` is the whole packet to work from; of some pieces, as if there were no others. `told` is given how far that
    is.
    """
    if kind == "packet":
        return packet_pdf(done.only(pieces), paper, lambda drawn: told(
            tr("drawing the packet, {drawn} of {many} done", drawn=drawn, many=len(pieces))))
    if kind == "tiles":
        patterns = [stencil_pattern(piece.sheet, piece.job.name, done.order.units) for piece in pieces]
    else:
        patterns = [one for piece in pieces for one in knife_patterns(piece.sheet, piece.job.name, mirrored=mirrored)]
    return tiled_pdf(patterns, paper, done.order.units)


def collar_pdf(piece: FinishedPiece, copy: int, paper: PaperName, unit: Unit) -> bytes:
    """The collar for one of the copies that stand round a glass, from 1, at true size.

    Raises GlassError where there is no rim to hang it on.
    """
    about = Surroundings(piece.wall, piece.job.glass, piece.job.features)
    collar = collar_of(piece.transfer.settings_of(copy), about)
    return tiled_pdf([collar_pattern(collar, piece.job.name)], paper, unit)


def numbered(path: Path, of: int) -> list[Path]:
    """The places of several files, told apart by a number before their ending; of a single one as it is.

    >>> [path.name for path in (*numbered(Path("cut.plt"), 2), *numbered(Path("cut.plt"), 1))]
    ['cut-1.plt', 'cut-2.plt', 'cut.plt']
    """
    return [path] if of == 1 else [path.with_name(f"{path.stem}-{number}{path.suffix}") for number in range(1, of + 1)]


def write_numbered(path: Path, contents: Sequence[bytes]) -> list[Path]:
    """Write files of one kind, and return where. Raises OrderFileError."""
    places = numbered(path, len(contents))
    for place, content in zip(places, contents, strict=True):
        write_whole(place, content)
    return places


def _contents(done: FinishedOrder) -> dict[str, Callable[[], bytes]]:
    """The files of an order and how each is written, without its packet, the plan and the order itself."""
    files: dict[str, Callable[[], bytes]] = {}
    for number, piece in enumerate(done.pieces, start=1):
        for name, writer in OF_A_PIECE.items():
            files[name if len(done.pieces) == 1 else f"{number:02d}-{name}"] = partial(
                writer.write, piece, done.order.units)
    for sheets in SHEET_WRITERS.values():
        for path, run in zip(numbered(Path(f"cut{sheets.suffix}"), len(done.cut.runs)), done.cut.runs, strict=True):
            files[path.name] = partial(sheets.write, run, done.order.name)
    return files
