"""One station's pages: what is wanted on paper while the maker stands there."""

from typing import Any

from vitrograph.core.language import tr
from vitrograph.core.paper.packet.book import Book
from vitrograph.core.paper.packet.packet import (
    cut_pages,
    etch_pages,
    evening_pages,
    log_pages,
    of_one_list,
    weeding_pages,
)
from vitrograph.core.paper.packet.placing import Hung, placing_pages
from vitrograph.core.paper.patterns import band_pattern, stencil_pattern
from vitrograph.core.paper.tiles import PaperName
from vitrograph.core.results import FinishedOrder, FinishedPiece
from vitrograph.core.stations import Station

PRINTED: dict[Station, str] = {
    "glass": tr("the paper band"), "artwork": tr("the art"), "fit": tr("the paper band"), "stencil": tr("the stencil"),
    "cut": tr("the cutting"), "weed": tr("the weeding"), "transfer": tr("the placing"), "etch": tr("the etch"),
    "logbook": tr("the log")}


def draw_station(canvas: Any, done: FinishedOrder, piece: FinishedPiece, station: Station, paper: PaperName) -> None:
    """Draw a station's pages on anything that draws like a PDF's canvas.

    Up to the stencil they are of one piece, at true size; from the cut on of the whole order, as in the packet.
    """
    book = Book(canvas, paper, done.order.units, done.order.name)
    if station in ("glass", "fit"):
        book.pattern(band_pattern(piece.sheet, piece.job.name, done.order.units))
    elif station in ("artwork", "stencil"):
        book.pattern(stencil_pattern(piece.sheet, piece.job.name, done.order.units))
    else:
        _work_pages(book, done, station)
    book.close()


def _work_pages(book: Book, done: FinishedOrder, station: Station) -> None:
    hung: Hung = {}
    if station == "cut":
        cut_pages(book, done)
    elif station == "weed":
        for piece in done.pieces:
            weeding_pages(book, piece)
    elif station == "transfer":
        for pieces in of_one_list(done):
            placing_pages(book, pieces, hung)
    elif station == "etch":
        evening_pages(book, done)
        etch_pages(book, done)
    else:
        log_pages(book, done)
