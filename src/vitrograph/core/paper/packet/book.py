"""Pages of large type, filled from the top: headings, sentences, steps to tick off, tables and small pictures.

Black on white, for the bench. A canvas is anything that draws like reportlab's: the PDF's, or a printer's.
"""

from collections.abc import Callable, Sequence
from typing import Any

from msgspec import Struct, field

from vitrograph.core.language import tr
from vitrograph.core.paper.page import font, plain_words
from vitrograph.core.paper.tiles import SHEETS, PaperName, Pattern, begin_page, draw_pattern
from vitrograph.core.says import Value
from vitrograph.core.units import Unit

MARGIN_MM = 15.0
BODY_MM, SMALL_MM, HEAD_MM = 4.6, 3.6, 7.0
_LEADING = 1.32
_FOOT_MM = 12.0
_BOX_MM = 4.6                      # to tick
_GREY = 0.35
_CELL_MM = 1.6                     # left free beside a cell's words


class Book(Struct):
    """A document as it grows, page by page."""

    canvas: Any
    paper: PaperName
    unit: Unit
    title: str
    _y: float = 0.0
    _open: bool = False
    pages: int = field(default=0)

    @property
    def width(self) -> float:
        """Of what is written on, mm."""
        return SHEETS[self.paper][0] - 2 * MARGIN_MM

    def words(self, said: Value | str) -> str:
        """Words of the order's unit that the face can show."""
        return plain_words(said, self.unit)

    def page(self, heading: str) -> None:
        """Begin a page under a heading."""
        self.close()
        begin_page(self.canvas, SHEETS[self.paper])
        self._open, self.pages = True, self.pages + 1
        self._y = SHEETS[self.paper][1] - MARGIN_MM
        self._foot()
        self.line(heading, HEAD_MM)
        self.gap(2.0)

    def close(self) -> None:
        """End the page in hand."""
        if self._open:
            self.canvas.showPage()
            self._open = False

    def pattern(self, pattern: Pattern) -> None:
        """Pages at true size."""
        self.close()
        self.pages += draw_pattern(self.canvas, pattern, self.paper, self.unit)

    def gap(self, mm: float) -> None:
        """Leave some room."""
        self._y -= mm

    def line(self, said: Value | str, size: float = BODY_MM, *, indent: float = 0.0, grey: bool = False) -> None:
        """A paragraph, broken into lines."""
        for words in broken(self.words(said), size, self.width - indent):
            self._room(size * _LEADING)
            self._y -= size * _LEADING
            self._write(MARGIN_MM + indent, self._y + 0.3 * size, words, size, grey=grey)

    def step(self, says: Value | str, note: Value | str = "", caution: str = "", *, boxed: bool = True) -> None:
        """A step with a box to tick, a quieter line, and a caution that stands out."""
        many = len(broken(self.words(says), BODY_MM, self.width - 8)) * BODY_MM * _LEADING
        self._room(many + 2)
        if boxed:
            self.canvas.setLineWidth(0.3)
            self.canvas.rect(MARGIN_MM, self._y - BODY_MM * _LEADING + 0.1, _BOX_MM, _BOX_MM, stroke=1, fill=0)
        self.line(says, indent=8.0)
        if note:
            self.line(note, SMALL_MM, indent=8.0, grey=True)
        if caution:
            self.line(tr("Caution: {caution}", caution=caution), SMALL_MM, indent=8.0)
        self.gap(1.8)

    def keep(self, high: float) -> None:
        """Go on to another page where what comes next, so tall, would be parted."""
        self._room(high)

    def table(
        self, rows: Sequence[Sequence[Value | str]], widths: Sequence[float], size: float = SMALL_MM, *,
        boxed: bool = False
    ) -> None:
        """Rows of cells under a line each; `widths` are shares of the page. The first row is the heading.

        `boxed` rows have a box to tick at their right end.
        """
        whole = [share * self.width / sum(widths) for share in widths]
        for number, row in enumerate(rows):
            cells = [broken(self.words(cell), size, wide - _CELL_MM) for cell, wide in zip(row, whole, strict=True)]
            high = max(map(len, cells)) * size * _LEADING + 1.2
            self._room(high)
            x = MARGIN_MM
            for lines, wide in zip(cells, whole, strict=True):
                for k, words in enumerate(lines):
                    self._write(x, self._y - (k + 1) * size * _LEADING + 0.3 * size, words, size, grey=number == 0)
                x += wide
            self._y -= high
            if boxed and number:
                self.canvas.setLineWidth(0.3)
                side = 0.8 * size
                right = MARGIN_MM + self.width
                self.canvas.rect(right - side, self._y + (high - side) / 2, side, side, stroke=1, fill=0)
            self.canvas.setLineWidth(0.12)
            self.canvas.line(MARGIN_MM, self._y, MARGIN_MM + self.width, self._y)
        self.gap(3.0)

    def picture(self, high: float, draw: Callable[[Any], None], *, left: float = 0.0) -> None:
        """Draw something `high` mm tall; its lower left corner is (0, 0)."""
        self._room(high)
        self._y -= high
        self.canvas.saveState()
        self.canvas.translate(MARGIN_MM + left, self._y)
        draw(self.canvas)
        self.canvas.restoreState()

    def beside(self, high: float, draw: Callable[[Any], None], wide: float, lines: Sequence[Value | str]) -> None:
        """A picture at the left, words at its right."""
        self._room(high)
        top = self._y
        self.picture(high, draw)
        self._y = top
        for said in lines:
            for words in broken(self.words(said), SMALL_MM, self.width - wide - 4):
                self._y -= SMALL_MM * _LEADING
                self._write(MARGIN_MM + wide + 4, self._y + 0.3 * SMALL_MM, words, SMALL_MM)
        self._y = min(self._y, top - high) - 3.0

    def _room(self, high: float) -> None:
        """Go on to another page where there is no room for something so tall."""
        if self._y - high < MARGIN_MM + _FOOT_MM:
            self.close()
            begin_page(self.canvas, SHEETS[self.paper])
            self._open, self.pages = True, self.pages + 1
            self._y = SHEETS[self.paper][1] - MARGIN_MM
            self._foot()

    def _foot(self) -> None:
        self._write(MARGIN_MM, MARGIN_MM - 4, tr("{title}, page {pages}", title=self.title, pages=self.pages), 3.0,
                    grey=True)

    def _write(self, x: float, y: float, words: str, size: float, *, grey: bool = False) -> None:
        self.canvas.setFillGray(_GREY if grey else 0)
        self.canvas.setFont(font(), size)
        self.canvas.drawString(x, y, words)
        self.canvas.setFillGray(0)


def broken(words: str, size: float, wide: float) -> list[str]:
    """Words broken into lines that are no wider than so many mm; a word that is wider is broken itself."""
    from reportlab.pdfbase.pdfmetrics import stringWidth

    lines, line = [], ""
    for word in words.split():
        while stringWidth(word, font(), size) > wide:
            fits = next(k for k in range(len(word), 0, -1) if k == 1 or stringWidth(word[:k], font(), size) <= wide)
            if line:
                lines.append(line)
                line = ""
            lines.append(word[:fits])
            word = word[fits:]
            if not word:
                break
        longer = f"{line} {word}".strip()
        if line and stringWidth(longer, font(), size) > wide:
            lines.append(line)
            line = word
        else:
            line = longer
    return [*lines, line] if line or not lines else lines
