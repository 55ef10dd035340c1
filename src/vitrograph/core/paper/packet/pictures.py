"""What the packet pictures: pieces as they come out, weeding sheets, collars, and how film lies on the bed."""

from collections.abc import Callable, Sequence
from itertools import pairwise
from typing import Any

import numpy as np
import shapely
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.cut import SheetRun
from vitrograph.core.geometry import Points, as_polygons, within
from vitrograph.core.glass import Pane, Wall, profile_at
from vitrograph.core.language import tr
from vitrograph.core.paper.letters import write
from vitrograph.core.paper.page import draw_shape
from vitrograph.core.paper.tiles import Pattern
from vitrograph.core.stencil import Risk, Sheet
from vitrograph.core.transfer import Collar, Setting
from vitrograph.core.weed import Bit, Label, WeedPlan, place_labels

_FILM, _OPENING, _ISLAND = 0.82, 1.0, 0.55
_NUMBER_MM = 3.0
_HOOK_MM, _PULL_MM = 0.9, 5.0
_CROSS_MM = 3.0
_FREE_MM, _ABOUT = 6.0, 0.15         # film that is shown about the art: at least, and as a share of the art
_APART_MM, _BESIDE_MM = 8.0, 180.0   # two pictures of one piece; as wide as is written on an A4 page

_NOTHING = MultiPolygon()

Draw = Callable[[Any], None]


def finished(sheet: Sheet, wide: float, high: float) -> Draw:
    """The piece as it comes out, within a box in mm: frost white on black."""
    left, low, right, top = sheet.outline.bounds
    scale = min(wide / (right - left), high / (top - low))

    def draw(canvas: Any) -> None:
        canvas.saveState()
        canvas.translate(0, high - (top - low) * scale)        # it hangs from the top, beside its words
        canvas.scale(scale, scale)
        canvas.translate(-left, -low)
        paint_finished(canvas, sheet, dark=True)
        canvas.restoreState()

    return draw


def paint_finished(canvas: Any, sheet: Sheet, *, dark: bool) -> None:
    """The frosted art at true size on its film's shape."""
    canvas.setFillGray(0.08 if dark else 1.0)
    draw_shape(canvas, sheet.outline, fill=True)
    canvas.setFillGray(1.0 if dark else 0.0)
    draw_shape(canvas, sheet.seen, fill=True)
    canvas.setLineWidth(0.15)
    draw_shape(canvas, sheet.outline, fill=False)
    canvas.setFillGray(0)


def finished_pattern(sheet: Sheet, title: str) -> Pattern:
    """The finished picture at true size, dark and light: beside each other, or what is too wide for that below."""
    left, low, right, high = sheet.outline.bounds
    beside = 2 * (right - left) + _APART_MM <= _BESIDE_MM
    across, down = (right - left + _APART_MM, 0.0) if beside else (0.0, high - low + _APART_MM)

    def draw(canvas: Any) -> None:
        paint_finished(canvas, sheet, dark=True)
        canvas.saveState()
        canvas.translate(across, -down)
        paint_finished(canvas, sheet, dark=False)
        canvas.restoreState()

    return Pattern(tr("{title}: finished, dark and light", title=title), (left, low - down, right + across, high),
                   _seen_words(sheet), draw)


def _seen_words(sheet: Sheet) -> str:
    if sheet.fitted.chart.mirrored:
        return tr("Mirrored: as it lies on the back of the glass. What is white on black, and black on white, is "
                  "frosted.")
    if sheet.kind == "decal":
        return tr("What is white on black, and black on white, is film that stays.")
    return tr("What is white on black, and black on white, is frosted; the rest stays clear.")


def pressed_first(sheet: Sheet, risks: Sequence[Risk], wide: float, high: float) -> tuple[float, Draw]:
    """Where at the art its edges are pressed first, numbered, in a box in mm: how tall that is, and its picture."""
    left, low, right, top = sheet.seen.bounds
    beside = max(_FREE_MM, _ABOUT * max(right - left, top - low))      # film about the art, on which numbers stand
    film = within(sheet.outline, shapely.box(left - beside, low - beside, right + beside, top + beside))
    left, low, right, top = film.bounds
    scale = min((wide - _NUMBER_MM) / (right - left), (high - _NUMBER_MM) / (top - low))

    def set_down(xy: Points) -> Points:
        return np.asarray((xy - [left, low]) * scale + _NUMBER_MM / 2)

    outline, openings, art = (as_polygons(shapely.transform(shape, set_down))
                              for shape in (film, within(sheet.openings, film), sheet.seen))
    spots = set_down(np.array([risk.where for risk in risks]).reshape(-1, 2))
    sizes = np.array([[_width_of(str(number)), _NUMBER_MM] for number in range(1, len(risks) + 1)])
    labels = place_labels(spots, sizes, [*shapely.get_parts(art), *shapely.points(spots)])

    def draw(canvas: Any) -> None:
        _draw_film(canvas, outline, openings)
        for number, label in enumerate(labels, start=1):
            if label is not None:
                canvas.circle(*label.to, _HOOK_MM / 2, stroke=0, fill=1)
                _draw_number(canvas, label, number, 0.2)

    return (top - low) * scale + _NUMBER_MM, draw


def weeding_pattern(sheet: Sheet, weed: WeedPlan, film: int, title: str) -> Pattern:
    """A film at true size: numbers beside what they mean, a dot at each hook, a line the way it is drawn off."""
    outline = sheet.outlines[film]
    left, low, right, high = outline.bounds
    pull = weed.openings_of(film)
    stay = [bit for bit in weed.stay if bit.film == film]
    numbered = [*pull, *stay]
    spots = np.array([bit.lead for bit in numbered]).reshape(-1, 2)
    sizes = np.array([[_width_of(str(bit.number)), _NUMBER_MM] for bit in numbered]).reshape(-1, 2)
    labels = place_labels(spots, sizes, [*shapely.get_parts(sheet.openings), *sheet.islands])
    openings = MultiPolygon([part for bit in pull for part in shapely.get_parts(bit.shape)])

    def draw(canvas: Any) -> None:
        islands = MultiPolygon([part for bit in stay for part in shapely.get_parts(bit.shape)])
        _draw_film(canvas, as_polygons(outline), openings, islands)
        for bit in pull:
            _draw_pull(canvas, bit)
        for bit, label in zip(numbered, labels, strict=True):
            if label is not None:
                _draw_number(canvas, label, bit.number, 0.1)

    margin = 6.0
    mirrored = tr(" Mirrored, as the film itself is.") if sheet.fitted.chart.mirrored else ""
    says = (tr("White is pulled, in the order of the numbers; dark stays. A dot: hook here; its line: pull that "
               "way.{mirrored}", mirrored=mirrored))
    return Pattern(title, (left - margin, low - margin, right + margin, high + margin), says, draw)


def _width_of(number: str) -> float:
    """About how wide a number is, mm."""
    return 0.6 * _NUMBER_MM * len(number)


def _draw_film(
    canvas: Any, outline: MultiPolygon, openings: MultiPolygon, islands: MultiPolygon = _NOTHING
) -> None:
    """Film with its openings, their edges drawn, and the islands within them."""
    for shape, grey in ((outline, _FILM), (openings, _OPENING), (islands, _ISLAND)):
        _fill(canvas, shape, grey)
    canvas.setFillGray(0)
    canvas.setLineWidth(0.12)
    draw_shape(canvas, outline, fill=False)
    draw_shape(canvas, openings, fill=False)


def _draw_number(canvas: Any, label: Label, number: int, line: float) -> None:
    """A number beside its place, tied to it by a line so wide, mm."""
    canvas.setLineWidth(line)
    canvas.line(*label.at, *label.to)
    _write(canvas, label.at, str(number))


def _draw_pull(canvas: Any, bit: Bit) -> None:
    if bit.pull is None:
        return
    x, y = bit.pull.hook
    canvas.circle(x, y, _HOOK_MM / 2, stroke=0, fill=1)
    if bit.pull.direction is not None:
        canvas.setLineWidth(0.2)
        long = min(_PULL_MM, max(1.5, float(np.sqrt(bit.shape.area))))
        canvas.line(x, y, x + long * np.cos(bit.pull.direction), y + long * np.sin(bit.pull.direction))


def _write(canvas: Any, at: tuple[float, float], words: str) -> None:
    wide = _width_of(words)
    canvas.setFillGray(1)
    canvas.rect(at[0] - wide / 2, at[1] - _NUMBER_MM / 2, wide, _NUMBER_MM, stroke=0, fill=1)
    canvas.setFillGray(0)
    write(canvas, at[0], at[1] - 0.36 * _NUMBER_MM, words, _NUMBER_MM, centred=True)


def _fill(canvas: Any, shape: Any, grey: float) -> None:
    canvas.setFillGray(grey)
    draw_shape(canvas, as_polygons(shape), fill=True)


def collar_pattern(collar: Collar, title: str) -> Pattern:
    """The collar at true size, its windows drawn to be cut out."""
    left, low, right, high = collar.outline.union(collar.flap.buffer(0)).bounds

    def draw(canvas: Any) -> None:
        canvas.setLineWidth(0.2)
        draw_shape(canvas, as_polygons(collar.outline), fill=False)
        if not collar.flap.is_empty:
            draw_shape(canvas, as_polygons(collar.flap), fill=False)
        _fill(canvas, collar.windows, 0.9)
        draw_shape(canvas, collar.windows, fill=False)
        canvas.setFillGray(0)
        for mark in collar.marks:
            x, y = mark.at
            arm = _CROSS_MM if mark.window else 2 * _CROSS_MM
            canvas.line(x, y - arm, x, y + arm)
            if mark.window:
                canvas.line(x - arm, y, x + arm, y)
            write(canvas, x, y - (7.4 if mark.window else arm + 3.0), mark.name, 2.6, centred=True)

    return Pattern(tr("{title}: collar", title=title), (left - 2, low - 2, right + 2, high + 2), collar.says, draw)


def bed(run: SheetRun, wide: float) -> tuple[float, Draw]:
    """How film lies on its sheet, so many mm wide: how tall that is, and its picture."""
    long, across = run.sheet.film.length, run.sheet.film.width
    shown = min(long, 1.15 * run.sheet.used[0])
    scale = wide / shown

    def draw(canvas: Any) -> None:
        canvas.saveState()
        canvas.scale(scale, scale)
        canvas.setLineWidth(0.2 / scale)
        canvas.rect(0, 0, shown, across, stroke=1, fill=0)
        for number, one in enumerate(run.sheet.laid, start=1):
            _fill(canvas, one.shape, _FILM)
            canvas.setFillGray(0)
            draw_shape(canvas, as_polygons(one.shape), fill=False)
            x, y = one.shape.centroid.coords[0]
            write(canvas, x, y, str(number), 3.0 / scale, centred=True)
        for cut in run.cuts:
            _path(canvas, shapely.get_coordinates(shapely.simplify(shapely.linestrings(cut.tip), 0.2)))
        used = run.sheet.used[0]
        canvas.setLineWidth(0.4 / scale)
        canvas.line(used, 0, used, across)
        canvas.restoreState()

    return across * scale, draw


def placed(sheet: Sheet, setting: Setting, wall: Wall, wide: float, high: float) -> Draw:
    """A film on its glass as one looks at it, with what is measured, in a box in mm."""
    number, placing = setting.number - 1, setting.placing
    turn = placing.middle.at[0] if wall.closed else 0.0
    side = -1.0 if placing.behind else 1.0
    standing = placing.middle.at[0] - sheet.fitted.chart.u0 - sheet.laid_bands[number].middle[0]
    edge = sheet.laid_edges[number] + [standing, 0.0]
    outline, film = _silhouette(wall), _seen(wall, edge, turn) * [side, 1.0]
    top, foot = (_seen(wall, np.array([spot.at]), turn)[0] * [side, 1.0] for spot in (placing.middle, placing.lower))
    low, up = outline.min(axis=0), outline.max(axis=0)
    scale = min((wide - 44) / (up[0] - low[0]), (high - 8) / (up[1] - low[1]))

    def draw(canvas: Any) -> None:
        canvas.saveState()
        canvas.translate(22 - low[0] * scale, 4 - low[1] * scale)
        canvas.setLineWidth(0.3)
        _path(canvas, outline * scale)
        canvas.setFillGray(0.85)
        draw_shape(canvas, as_polygons(Polygon(film * scale).buffer(0)), fill=True)
        canvas.setFillGray(0)
        _path(canvas, film * scale)
        canvas.setLineWidth(0.15)
        x, y = (top * scale).tolist()
        canvas.line(x, y, x, up[1] * scale)
        canvas.setDash([1, 1])
        canvas.line(x, (foot * scale).tolist()[1], x, low[1] * scale)
        canvas.setDash([])
        if not wall.closed:
            canvas.line(low[0] * scale, y, x, y)
        canvas.restoreState()

    return draw


def _silhouette(wall: Wall) -> Points:
    """(n, 2) the outline of a wall from the front, closed."""
    if isinstance(wall, Pane):
        edge = wall.edge(0.2)
        return np.concatenate([edge, edge[:1]])
    radius, up = profile_at(wall, np.linspace(0.0, wall.length, 60))
    right = np.column_stack([radius, up])
    return np.concatenate([right, right[::-1] * [-1, 1], right[:1]])


def _seen(wall: Wall, places: Points, turn: float) -> Points:
    """Wall places as they are seen from straight before the angle `turn`; what is behind lies on the side."""
    moved = places - [turn, 0.0]
    if wall.closed:
        moved[:, 0] = np.clip(moved[:, 0], -np.pi / 2, np.pi / 2)
    return wall.in_space(moved)[:, [0, 2]]


def _path(canvas: Any, points: Points) -> None:
    for (x0, y0), (x1, y1) in pairwise(points.tolist()):
        canvas.line(x0, y0, x1, y1)
