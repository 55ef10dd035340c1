"""Pages of large type, filled from the top: headings, sentences, steps to tick off, tables and small pictures.

Black on white, for the bench. A canvas is anything that draws like reportlab's: the PDF's, or a printer's.
"""

from collections.abc import Callable, Sequence
from typing import Any

from msgspec import Struct, field

from vitrograph.core.language import tr
from vitrograph.core.paper.letters import broken, write
from vitrograph.core.paper.page import plain_words, true_line
from vitrograph.core.paper.tiles import SHEETS, PaperName, Pattern, begin_page, draw_pattern
from vitrograph.core.says import Value
from vitrograph.core.units import Unit

MARGIN_MM = 15.0
BODY_MM, SMALL_MM, TITLE_MM, HEAD_MM = 4.6, 3.6, 5.4, 7.0
_LEADING = 1.32
_FOOT_MM = 12.0
_BOX_MM = 4.6                      # to tick
_GREY = 0.35
_CELL_MM = 1.6                     # left free beside a cell's words
_APART_MM = 5.0                    # between patterns on one page
_LINE_MM = 12.0                    # the line to check a print by, and its words
_OF_PAGE = 0.68                    # so much of a page patterns may take that share it with what is read


class Book(Struct):
    """A document as it grows, page by page."""

    canvas: Any
    paper: PaperName
    unit: Unit
    title: str
    _y: float = 0.0
    _open: bool = False
    _heading: str = ""
    pages: int = field(default=0)

    @property
    def width(self) -> float:
        """Of what is written on, mm."""
        return SHEETS[self.paper][0] - 2 * MARGIN_MM

    def words(self, said: Value | str) -> str:
        """Words of the order's unit that the face can show."""
        return plain_words(said, self.unit)

    def page(self, heading: str) -> None:
        """Begin a page under a heading; where it does not hold all of it, the next ones bear it too."""
        self._begin()
        self._heading = heading
        self.line(heading, HEAD_MM)
        self.gap(2.0)

    def _begin(self) -> None:
        self.close()
        begin_page(self.canvas, SHEETS[self.paper])
        self._open, self.pages = True, self.pages + 1
        self._y = SHEETS[self.paper][1] - MARGIN_MM
        self._foot()

    def close(self) -> None:
        """End the page in hand."""
        if self._open:
            self.canvas.showPage()
            self._open = False

    def pattern(self, pattern: Pattern) -> None:
        """Pages at true size."""
        self.close()
        self.pages += draw_pattern(self.canvas, pattern, self.paper, self.unit)

    def set_out(self, heading: str, patterns: Sequence[Pattern]) -> bool:
        """Begin a page with patterns at true size, where there is room on it for them all; else nothing is done."""
        rows = _in_rows(patterns, self.width)
        tall = [max(_size(one)[1] + len(self._under(one)) * SMALL_MM * _LEADING for one in row) for row in rows]
        wide = max(_size(one)[0] for one in patterns)
        if wide > self.width or sum(tall) + _APART_MM * len(rows) + _LINE_MM > _OF_PAGE * SHEETS[self.paper][1]:
            return False
        self.page(heading)
        for row, high in zip(rows, tall, strict=True):
            left = MARGIN_MM
            for one in row:
                self._set(one, left)
                left += _size(one)[0] + _APART_MM
            self._y -= high + _APART_MM
        for says in dict.fromkeys(one.says for one in patterns):
            self.line(says, SMALL_MM)
        true_line(self.canvas, MARGIN_MM, self._y - 4, self.unit)
        self._y -= _LINE_MM + 2
        return True

    def _set(self, pattern: Pattern, left: float) -> None:
        """Draw a pattern below what there is, and its title below it."""
        low = self._y - _size(pattern)[1]
        self.canvas.saveState()
        self.canvas.translate(left - pattern.box[0], low - pattern.box[1])
        pattern.draw(self.canvas)
        self.canvas.restoreState()
        for number, words in enumerate(self._under(pattern), start=1):
            self._write(left, low - number * SMALL_MM * _LEADING + 0.3 * SMALL_MM, words, SMALL_MM, grey=True)

    def _under(self, pattern: Pattern) -> list[str]:
        return broken(self.words(pattern.title), SMALL_MM, _size(pattern)[0])

    def gap(self, mm: float) -> None:
        """Leave some room."""
        self._y -= mm

    def line(self, said: Value | str, size: float = BODY_MM, *, indent: float = 0.0, grey: bool = False) -> None:
        """A paragraph, broken into lines."""
        self._lines(broken(self.words(said), size, self.width - indent), size, indent, grey=grey)

    def _lines(self, lines: Sequence[str], size: float, indent: float, *, grey: bool = False) -> None:
        for words in lines:
            self._room(size * _LEADING)
            self._y -= size * _LEADING
            self._write(MARGIN_MM + indent, self._y + 0.3 * size, words, size, grey=grey)

    def step(self, says: Value | str, note: Value | str = "", caution: str = "", *, boxed: bool = True) -> None:
        """A step with a box to tick, a quieter line, and a caution that stands out."""
        warned = tr("Caution: {caution}", caution=caution) if caution else ""
        paragraphs = [(broken(self.words(said), size, self.width - 8), size, grey) for said, size, grey in (
            (says, BODY_MM, False), (note, SMALL_MM, True), (warned, SMALL_MM, False)) if said]
        self._room(2 + _LEADING * sum(size * len(lines) for lines, size, _ in paragraphs))
        if boxed:
            self._tick_box(MARGIN_MM)
        for lines, size, grey in paragraphs:
            self._lines(lines, size, 8.0, grey=grey)
        self.gap(1.8)

    def keep(self, high: float) -> None:
        """Go on to another page where what comes next, so tall, would be parted."""
        self._room(high)

    def table(
        self, rows: Sequence[Sequence[Value | str]], widths: Sequence[float], size: float = SMALL_MM, *,
        boxed: bool = False
    ) -> None:
        """Rows of cells under a line each; `widths` are shares of the page. The first row heads every page of it.

        `boxed` rows have a box to tick at their right end.
        """
        whole = [share * self.width / sum(widths) for share in widths]
        made = [[broken(self.words(cell), size, wide - _CELL_MM) for cell, wide in zip(row, whole, strict=True)]
                for row in rows]
        tall = [max(map(len, cells)) * size * _LEADING + 1.2 for cells in made]
        self._room(sum(tall[:2]))
        for number, (cells, high) in enumerate(zip(made, tall, strict=True)):
            if self._room(high):
                self._row(made[0], tall[0], whole, size, grey=True)
            self._row(cells, high, whole, size, grey=number == 0)
            if boxed and number:
                self.canvas.setLineWidth(0.3)
                side = 0.8 * size
                right = MARGIN_MM + self.width
                self.canvas.rect(right - side, self._y + (high - side) / 2, side, side, stroke=1, fill=0)
        self.gap(3.0)

    def _row(self, cells: list[list[str]], high: float, whole: list[float], size: float, *, grey: bool) -> None:
        x = MARGIN_MM
        for lines, wide in zip(cells, whole, strict=True):
            for k, words in enumerate(lines):
                self._write(x, self._y - (k + 1) * size * _LEADING + 0.3 * size, words, size, grey=grey)
            x += wide
        self._y -= high
        self.canvas.setLineWidth(0.12)
        self.canvas.line(MARGIN_MM, self._y, MARGIN_MM + self.width, self._y)

    def picture(self, high: float, draw: Callable[[Any], None], *, left: float = 0.0) -> None:
        """Draw something `high` mm tall; its lower left corner is (0, 0)."""
        self._room(high)
        self._y -= high
        self.canvas.saveState()
        self.canvas.translate(MARGIN_MM + left, self._y)
        draw(self.canvas)
        self.canvas.restoreState()

    def beside(
        self, high: float, draw: Callable[[Any], None], wide: float, lines: Sequence[Value | str], *,
        title: str = "", boxed: int = 0
    ) -> None:
        """A picture at the left, words at its right, and a title above both; they are never parted.

        The first `boxed` lines are steps, each with a box to tick.
        """
        left = MARGIN_MM + wide + 4
        indent = 8.0 if boxed else 0.0
        written = [broken(self.words(said), SMALL_MM, self.width - wide - 4 - indent) for said in lines]
        step = SMALL_MM * _LEADING
        self._room(max(high, step * sum(map(len, written)) + 1.8 * boxed) + (TITLE_MM * _LEADING if title else 0.0))
        if title:
            self.line(title, TITLE_MM)
        top = self._y
        self.picture(high, draw)
        self._y = top
        for number, paragraph in enumerate(written):
            if number < boxed:
                self._tick_box(left)
            for words in paragraph:
                self._y -= step
                self._write(left + indent, self._y + 0.3 * SMALL_MM, words, SMALL_MM)
            self.gap(1.8 if number < boxed else 0.0)
        self._y = min(self._y, top - high) - 3.0

    def _tick_box(self, left: float) -> None:
        self.canvas.setLineWidth(0.3)
        self.canvas.rect(left, self._y - BODY_MM * _LEADING + 0.1, _BOX_MM, _BOX_MM, stroke=1, fill=0)

    def _room(self, high: float) -> bool:
        """Whether there was no room for something so tall, and it was gone on to another page."""
        if self._y - high >= MARGIN_MM + _FOOT_MM:
            return False
        self._begin()
        for words in broken(tr("{heading}, continued", heading=self.words(self._heading)), SMALL_MM, self.width):
            self._y -= SMALL_MM * _LEADING
            self._write(MARGIN_MM, self._y + 0.3 * SMALL_MM, words, SMALL_MM, grey=True)
        self.gap(2.0)
        return True

    def _foot(self) -> None:
        self._write(MARGIN_MM, MARGIN_MM - 4, tr("{title}, page {pages}", title=self.title, pages=self.pages), 3.0,
                    grey=True)

    def _write(self, x: float, y: float, words: str, size: float, *, grey: bool = False) -> None:
        self.canvas.setFillGray(_GREY if grey else 0)
        write(self.canvas, x, y, words, size)
        self.canvas.setFillGray(0)


def _size(pattern: Pattern) -> tuple[float, float]:
    left, low, right, high = pattern.box
    return right - left, high - low


def _in_rows(patterns: Sequence[Pattern], wide: float) -> list[list[Pattern]]:
    """Patterns beside each other, in another row where the page ends."""
    rows: list[list[Pattern]] = []
    left = 0.0
    for one in patterns:
        if not rows or left + _size(one)[0] > wide:
            rows.append([])
            left = 0.0
        rows[-1].append(one)
        left += _size(one)[0] + _APART_MM
    return rows
