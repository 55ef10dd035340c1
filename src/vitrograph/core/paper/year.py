"""A year of the logbook on paper: what it came to by months, how pieces failed, and every piece in a line."""

import io
from collections.abc import Sequence

from vitrograph.core.logbook import Entry, Outcome
from vitrograph.core.paper.packet.book import SMALL_MM, Book
from vitrograph.core.paper.page import PT_PER_MM
from vitrograph.core.paper.tiles import SHEETS, PaperName
from vitrograph.core.units import Unit


def year_pdf(year: str, entries: Sequence[Entry], paper: PaperName, unit: Unit = "mm") -> bytes:
    """The pages of a year; entries are told in the order they are given."""
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    canvas = Canvas(out, pagesize=tuple(side * PT_PER_MM for side in SHEETS[paper]), invariant=True)
    canvas.setTitle(f"Logbook {year}")
    canvas.setCreator("Vitrograph")
    book = Book(canvas, paper, unit, f"Logbook {year}")
    book.page(f"Logbook {year}")
    _months(book, entries)
    _failures(book, entries)
    book.page("Every piece")
    rows = [("made", "piece", "glass", "cream, minutes", "how it went", "note")]
    rows += [(entry.made_on, f"{entry.how_many} × {entry.job}", entry.glass,
              ", ".join(part for part in (entry.cream, _number(entry.minutes, " min")) if part),
              entry.outcome + (f", {entry.stars} of 5" if entry.stars is not None else ""), entry.note)
             for entry in entries]
    book.table(rows, (2, 4, 4, 3, 3, 4), 3.0)
    book.close()
    canvas.save()
    return out.getvalue()


def _months(book: Book, entries: Sequence[Entry]) -> None:
    rows = [("month", "pieces", "not good", "hours of hands", "cream, g", "cost")]
    for month in sorted({entry.made_on[:7] for entry in entries}):
        made = [entry for entry in entries if entry.made_on.startswith(month)]
        rows.append((month, str(sum(entry.how_many for entry in made)), str(sum(map(_failed, made))),
                     f"{sum(entry.hands_min or 0.0 for entry in made) / 60:.1f}",
                     f"{sum(entry.cream_g or 0.0 for entry in made):.0f}",
                     f"{sum(entry.cost or 0.0 for entry in made):.2f}"))
    book.table(rows, (2, 1, 1, 2, 1, 1))


def _failures(book: Book, entries: Sequence[Entry]) -> None:
    told: dict[Outcome, int] = {}
    for entry in entries:
        for what, many in entry.counts.items():
            told[what] = told.get(what, 0) + many
    told.pop("good", None)
    for what, many in sorted(told.items(), key=lambda one: -one[1]):
        book.line(f"{what}: {many} of {sum(entry.how_many for entry in entries)}", SMALL_MM)


def _failed(entry: Entry) -> int:
    return entry.how_many - entry.counts.get("good", 0)


def _number(value: float | None, unit: str) -> str:
    return "" if value is None else f"{value:g}{unit}"
