"""Patterns at true size on the printer's own paper: on one page where it holds them, else on several with laps.

Each page of several has crosses where it meets its neighbours, its place ("B2": second row, second column), and a line
to check the print by; a map comes first. Put together cross on cross they are as large as one sheet would be.
"""

import io
from collections.abc import Callable, Iterator, Sequence
from math import ceil
from typing import Any, Literal

from msgspec import Struct

from vitrograph.core.language import tr
from vitrograph.core.paper.letters import broken, shortened, wide, write
from vitrograph.core.paper.page import PAPERS, PT_PER_MM, check_line
from vitrograph.core.units import MM_PER_IN, Unit

PaperName = Literal["A4", "Letter"]
SHEETS: dict[PaperName, tuple[float, float]] = {"A4": PAPERS["A4"], "Letter": (8.5 * MM_PER_IN, 11 * MM_PER_IN)}
EDGE_MM = 10.0                     # of a page that printers leave white (common practice, no published source)
LAP_MM = 10.0
FOOT_MM = 24.0                     # for the check line and its words
_CROSS_MM = 4.0
_TITLE_MM, _APART_MM = 3.0, 4.0    # below a pattern that shares a page
_TITLES_MM = 180.0                 # that a title takes at most: the narrowest page has so much
_MAP_MM = 4.2                      # of the words below the map
_MOST_PAGES = 400


class Pattern(Struct, frozen=True):
    """Something to print: what it is called, its box (left, low, right, high, mm), small print, and how it is drawn."""

    title: str
    box: tuple[float, float, float, float]
    says: str
    draw: Callable[[Any], None]


class Tile(Struct, frozen=True):
    """One page of a pattern: its place, and the lower left corner of what it shows, mm; `shows` is its size."""

    row: int
    column: int
    left: float
    low: float
    shows: tuple[float, float]

    @property
    def name(self) -> str:
        """Its place, rows by letters from above."""
        letters, row = "", self.row
        while row >= 0:
            letters, row = chr(ord("A") + row % 26) + letters, row // 26 - 1
        return f"{letters}{self.column + 1}"


def tiles_of(box: tuple[float, float, float, float], paper: PaperName) -> tuple[tuple[float, float], list[Tile]]:
    """The page (width and height, mm) and the tiles that show a box on the fewest of them; neighbours share a lap.

    >>> tiles_of((0, 0, 120, 90), "A4")[0], len(tiles_of((0, 0, 400, 90), "A4")[1])
    ((210.0, 297.0), 2)
    """
    left, low, right, high = box
    short, long = SHEETS[paper]
    best: tuple[tuple[float, float], list[Tile]] | None = None
    for page in ((short, long), (long, short)):
        shows = page[0] - 2 * EDGE_MM, page[1] - 2 * EDGE_MM - FOOT_MM
        columns, rows = (1 if side <= whole else ceil((side - LAP_MM) / (whole - LAP_MM))
                         for side, whole in ((right - left, shows[0]), (high - low, shows[1])))
        # what is over is shared out on both sides
        x0 = (left + right) / 2 - (columns * shows[0] - (columns - 1) * LAP_MM) / 2
        y1 = (low + high) / 2 + (rows * shows[1] - (rows - 1) * LAP_MM) / 2
        made = [Tile(row, column, x0 + column * (shows[0] - LAP_MM), y1 - shows[1] - row * (shows[1] - LAP_MM), shows)
                for row in range(min(rows, _MOST_PAGES)) for column in range(min(columns, _MOST_PAGES))]
        if best is None or len(made) < len(best[1]):
            best = page, made
    assert best is not None
    return best


def tiled_pdf(patterns: Sequence[Pattern], paper: PaperName, unit: Unit) -> bytes:
    """All patterns as one document."""
    from reportlab.pdfgen.canvas import Canvas

    out = io.BytesIO()
    canvas = Canvas(out, invariant=True)
    canvas.setTitle(patterns[0].title if patterns else "Vitrograph")
    canvas.setCreator("Vitrograph")
    for pattern in patterns:
        draw_pattern(canvas, pattern, paper, unit)
    canvas.save()
    return out.getvalue()


def draw_pattern(canvas: Any, pattern: Pattern, paper: PaperName, unit: Unit) -> int:
    """Draw the pages of one pattern, and where it takes several a map of them first; how many pages those are."""
    page, tiles = tiles_of(pattern.box, paper)
    if len(tiles) > 1:
        begin_page(canvas, page)
        _map(canvas, pattern, page, tiles)
        canvas.showPage()
    for tile in tiles:
        begin_page(canvas, page)
        _tile(canvas, pattern, tile, tiles, unit)
        canvas.showPage()
    return len(tiles) + (len(tiles) > 1)


def together(patterns: Sequence[Pattern], paper: PaperName) -> list[Pattern]:
    """Patterns below one another, each with its title, as many as a page holds of those that say the same."""
    made: list[list[Pattern]] = []
    for one in patterns:
        more = [*made[-1], one] if made else []
        if more and one.says == more[0].says and len(tiles_of(_below_one_another(more).box, paper)[1]) == 1:
            made[-1] = more
        else:
            made.append([one])
    return [_below_one_another(some) if len(some) > 1 else some[0] for some in made]


def _below_one_another(patterns: Sequence[Pattern]) -> Pattern:
    lows, low = [], 0.0
    for one in patterns:
        low -= one.box[3] - one.box[1]
        lows.append(low)
        low -= _TITLE_MM + _APART_MM

    titles = max(wide(one.title, _TITLE_MM) for one in patterns) + 2.0
    across = max(*(one.box[2] - one.box[0] for one in patterns), min(titles, _TITLES_MM))

    def draw(canvas: Any) -> None:
        for one, at in zip(patterns, lows, strict=True):
            canvas.saveState()
            canvas.translate(-one.box[0], at - one.box[1])
            one.draw(canvas)
            canvas.restoreState()
            write(canvas, 2.0, at - _TITLE_MM, shortened(one.title, _TITLE_MM, across - 2.0), _TITLE_MM)

    return Pattern(tr("{title} and {n} more", title=patterns[0].title, n=len(patterns) - 1),
                   (0.0, low + _APART_MM, across, 0.0), patterns[0].says, draw)


def begin_page(canvas: Any, page: tuple[float, float]) -> None:
    """Begin a page of a size in mm, told in mm from then on."""
    canvas.setPageSize((page[0] * PT_PER_MM, page[1] * PT_PER_MM))
    canvas.scale(PT_PER_MM, PT_PER_MM)


def _tile(canvas: Any, pattern: Pattern, tile: Tile, tiles: Sequence[Tile], unit: Unit) -> None:
    """One page: the part of the pattern it shows, its crosses, and its foot."""
    across, high = tile.shows
    canvas.saveState()
    clip = canvas.beginPath()
    clip.rect(EDGE_MM, EDGE_MM + FOOT_MM, across, high)
    canvas.clipPath(clip, stroke=0, fill=0)
    canvas.translate(EDGE_MM - tile.left, EDGE_MM + FOOT_MM - tile.low)
    pattern.draw(canvas)
    canvas.restoreState()
    name = tr(" · {name} of {name2}", name=tile.name, name2=tiles[-1].name) if len(tiles) > 1 else ""
    if len(tiles) > 1:
        canvas.setLineWidth(0.15)
        for x, y in _crosses(tile, tiles):
            there, up = x - tile.left + EDGE_MM, y - tile.low + EDGE_MM + FOOT_MM
            canvas.line(there - _CROSS_MM, up, there + _CROSS_MM, up)
            canvas.line(there, up - _CROSS_MM, there, up + _CROSS_MM)
    check_line(canvas, pattern.title, name, pattern.says, unit, across)


def _crosses(tile: Tile, tiles: Sequence[Tile]) -> Iterator[tuple[float, float]]:
    """Yield where this page and a neighbour both have a cross: two at least on each lap, or a page could be turned."""
    wide, high = tile.shows
    columns, rows = (max(getattr(one, name) for one in tiles) for name in ("column", "row"))
    sides = [tile.left + LAP_MM / 2] * (tile.column > 0) + [tile.left + wide - LAP_MM / 2] * (tile.column < columns)
    ends = [tile.low + high - LAP_MM / 2] * (tile.row > 0) + [tile.low + LAP_MM / 2] * (tile.row < rows)
    middle_x, middle_y = tile.left + wide / 2, tile.low + high / 2
    across, upright = ([*ends_of_laps, *([] if len(ends_of_laps) == 2 else [middle - size / 4, middle + size / 4])]
                       for ends_of_laps, middle, size in ((sides, middle_x, wide), (ends, middle_y, high)))
    yield from dict.fromkeys([(x, y) for x in sides for y in upright] + [(x, y) for x in across for y in ends])


def _map(canvas: Any, pattern: Pattern, page: tuple[float, float], tiles: Sequence[Tile]) -> None:
    """A small picture of how the pages lie together."""
    left, low = min(tile.left for tile in tiles), min(tile.low for tile in tiles)
    right, high = (max(tile.left + tile.shows[0] for tile in tiles), max(tile.low + tile.shows[1] for tile in tiles))
    room = page[0] - 4 * EDGE_MM, page[1] - 4 * EDGE_MM - FOOT_MM
    scale = min(room[0] / (right - left), room[1] / (high - low))
    canvas.saveState()
    canvas.translate(2 * EDGE_MM, EDGE_MM + FOOT_MM)
    canvas.scale(scale, scale)
    canvas.translate(-left, -low)
    pattern.draw(canvas)
    canvas.setLineWidth(0.3 / scale)
    canvas.setFillGray(0)
    for tile in tiles:
        canvas.rect(tile.left, tile.low, *tile.shows, stroke=1, fill=0)
        write(canvas, tile.left + 3 / scale, tile.low + 3 / scale, tile.name, 6 / scale)
    canvas.restoreState()
    canvas.setFillGray(0)
    says = tr("{title}: {tiles} pages, {name} to {name2}. Lay cross on cross, tape, then measure the whole.",
              title=pattern.title, tiles=len(tiles), name=tiles[0].name, name2=tiles[-1].name)
    for line, words in enumerate(broken(says, _MAP_MM, room[0]), start=1):
        write(canvas, 2 * EDGE_MM, EDGE_MM + FOOT_MM - 1.4 * line * _MAP_MM, words, _MAP_MM)
