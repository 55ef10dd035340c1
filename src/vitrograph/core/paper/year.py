"""A year of the logbook on paper: what it came to by months, how pieces failed, and every piece in a line."""

import io
from collections.abc import Sequence

from vitrograph.core.language import day_words, decimals, tr
from vitrograph.core.logbook import Entry
from vitrograph.core.logbook.advice import Failure, Month
from vitrograph.core.logbook.entry import outcome_words
from vitrograph.core.paper.packet.book import SMALL_MM, Book
from vitrograph.core.paper.page import PT_PER_MM
from vitrograph.core.paper.tiles import SHEETS, PaperName
from vitrograph.core.units import Unit
from vitrograph.core.value_words import word_of


def year_pdf(
    year: str, entries: Sequence[Entry], months: Sequence[Month], failures: Sequence[Failure], paper: PaperName,
    unit: Unit = "mm"
) -> bytes:
    """The pages of a year; all is told in the order it is given."""
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    canvas = Canvas(out, pagesize=tuple(side * PT_PER_MM for side in SHEETS[paper]), invariant=True)
    canvas.setTitle(tr("Logbook {year}", year=year))
    canvas.setCreator("Vitrograph")
    book = Book(canvas, paper, unit, tr("Logbook {year}", year=year))
    book.page(tr("Logbook {year}", year=year))
    heads = [(tr("month"), tr("pieces"), tr("not good"), tr("hours of hands"), tr("cream, g"), tr("cost"))]
    book.table(heads + [(month.month, str(month.pieces), str(month.failed), decimals(f"{month.hours:.1f}"),
                         f"{month.grams:.0f}",
                         decimals(f"{month.cost:.2f}")) for month in months], (2, 1, 1, 2, 1, 1))
    for failure in failures:
        book.line(tr("{what}: {many} of {of}", what=word_of(failure.what), many=failure.many, of=failure.of), SMALL_MM)
    book.page(tr("Every piece"))
    rows = [(tr("made"), tr("piece"), tr("glass"), tr("cream, minutes"), tr("how it went"), tr("note", "a column"))]
    rows += [(day_words(entry.made_on), f"{entry.how_many} × {entry.job}", entry.glass,
              ", ".join(part for part in (entry.cream, entry.stood) if part),
              outcome_words(entry.outcome) + (tr(", {stars} of 5", stars=entry.stars) if entry.stars is not None
                                              else ""), entry.note)
             for entry in entries]
    book.table(rows, (2, 4, 4, 3, 3, 4), 3.0)
    book.close()
    canvas.save()
    return out.getvalue()
