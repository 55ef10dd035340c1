"""Writing finished work out: the writers by their kinds, and the packet of all files of an order.

A writer takes one finished piece, so that nothing half worked out, nor of another job, can be written.
"""

import json
from collections.abc import Callable
from dataclasses import dataclass
from pathlib import Path

from vitrograph.core.artwork import provenance
from vitrograph.core.cut import to_hpgl, to_svg
from vitrograph.core.errors import OrderFileError
from vitrograph.core.paper import band_pdf, to_pdf
from vitrograph.core.results import FinishedOrder, FinishedPiece
from vitrograph.core.says import in_words
from vitrograph.core.stations import Station
from vitrograph.core.storing.orderfile import save_order
from vitrograph.core.storing.whole import reason, write_whole
from vitrograph.core.telling.plan_json import plan_of
from vitrograph.core.units import THIN_SPACE, Unit

_SMALL_PRINT = 130                 # letters that go on a line of the narrowest page

@dataclass(frozen=True, slots=True)
class Writer:
    """A kind of file: its name, its ending, the station that offers it, and how a finished piece is written as one."""

    title: str
    suffix: str
    station: Station
    write: Callable[[FinishedPiece, Unit], bytes]


def svg_of(piece: FinishedPiece, unit: Unit) -> bytes:
    """The stencil as SVG."""
    return to_svg(piece.sheet, piece.job.name).encode("utf-8")


def hpgl_of(piece: FinishedPiece, unit: Unit) -> bytes:
    """The cut as HP-GL."""
    return to_hpgl(piece.cut).encode("ascii")


def pdf_of(piece: FinishedPiece, unit: Unit) -> bytes:
    """The page at true size."""
    print_ = "; ".join(in_words(says, unit) for says in provenance(piece.art)).replace(THIN_SPACE, " ")
    return to_pdf(piece.sheet, piece.job.name, print_[:_SMALL_PRINT], unit)


def paper_of(piece: FinishedPiece, unit: Unit) -> bytes:
    """The paper band at true size, to try the art on the glass before it is cut."""
    return band_pdf(piece.sheet, piece.job.name, unit)


WRITERS: dict[str, Writer] = {
    "svg": Writer("SVG", ".svg", "cut", svg_of), "hpgl": Writer("HP-GL", ".plt", "cut", hpgl_of),
    "pdf": Writer("PDF", ".pdf", "cut", pdf_of), "paper": Writer("Paper band", ".pdf", "fit", paper_of),
}
PACKET = {f"stencil{writer.suffix}": writer for writer in WRITERS.values() if writer.station == "cut"}
PLAN, ORDER = "plan.json", "job.vitro"


def plan_json_of(done: FinishedOrder) -> bytes:
    """The plan as JSON text."""
    return (json.dumps(plan_of(done), indent=1, ensure_ascii=False) + "\n").encode("utf-8")


def packet_names(done: FinishedOrder) -> tuple[str, ...]:
    """The files of a packet: of an order of several pieces, each piece's are numbered."""
    return (*_stencil_files(done), PLAN, ORDER)


def write_packet(done: FinishedOrder, folder: Path) -> tuple[Path, ...]:
    """Write every file of an order, and the order itself, into a folder that is made if need be.

    Raises OrderFileError.
    """
    contents = {name: writer.write(piece, done.order.units) for name, (writer, piece) in _stencil_files(done).items()}
    contents[PLAN] = plan_json_of(done)
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise OrderFileError(f"the folder {folder} cannot be made ({reason(error)}): choose another") from None
    for name, content in contents.items():
        write_whole(folder / name, content)
    save_order(done.order, folder / ORDER)
    return tuple(folder / name for name in packet_names(done))


def _stencil_files(done: FinishedOrder) -> dict[str, tuple[Writer, FinishedPiece]]:
    files = {}
    for number, piece in enumerate(done.pieces, start=1):
        for name, writer in PACKET.items():
            files[name if len(done.pieces) == 1 else f"{number:02d}-{name}"] = (writer, piece)
    return files
