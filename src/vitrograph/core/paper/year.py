"""A year of the logbook on paper: what it came to by months, how pieces failed, and every piece in a line."""

import io
from collections.abc import Sequence

from vitrograph.core.logbook import Entry
from vitrograph.core.logbook.advice import Failure, Month
from vitrograph.core.paper.packet.book import SMALL_MM, Book
from vitrograph.core.paper.page import PT_PER_MM
from vitrograph.core.paper.tiles import SHEETS, PaperName
from vitrograph.core.units import Unit


def year_pdf(
    year: str, entries: Sequence[Entry], months: Sequence[Month], failures: Sequence[Failure], paper: PaperName,
    unit: Unit = "mm"
) -> bytes:
    """The pages of a year; all is told in the order it is given."""
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    canvas = Canvas(out, pagesize=tuple(side * PT_PER_MM for side in SHEETS[paper]), invariant=True)
    canvas.setTitle(f"Logbook {year}")
    canvas.setCreator("Vitrograph")
    book = Book(canvas, paper, unit, f"Logbook {year}")
    book.page(f"Logbook {year}")
    heads = [("month", "pieces", "not good", "hours of hands", "cream, g", "cost")]
    book.table(heads + [(month.month, str(month.pieces), str(month.failed), f"{month.hours:.1f}", f"{month.grams:.0f}",
                         f"{month.cost:.2f}") for month in months], (2, 1, 1, 2, 1, 1))
    for failure in failures:
        book.line(f"{failure.what}: {failure.many} of {failure.of}", SMALL_MM)
    book.page("Every piece")
    rows = [("made", "piece", "glass", "cream, minutes", "how it went", "note")]
    rows += [(entry.made_on, f"{entry.how_many} × {entry.job}", entry.glass,
              ", ".join(part for part in (entry.cream, entry.stood) if part),
              entry.outcome + (f", {entry.stars} of 5" if entry.stars is not None else ""), entry.note)
             for entry in entries]
    book.table(rows, (2, 4, 4, 3, 3, 4), 3.0)
    book.close()
    canvas.save()
    return out.getvalue()
