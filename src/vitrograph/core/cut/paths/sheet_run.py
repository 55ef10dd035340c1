"""What the cutter does: all lines of a sheet of film in their order, the way its blade is led, how long it takes."""

from collections.abc import Callable, Iterator, Mapping, Sequence
from functools import cached_property
from itertools import zip_longest

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.cut.laying.bed import Bed, BedSheet
from vitrograph.core.cut.laying.nest import Laid
from vitrograph.core.cut.paths.blade import SET_HEADING, SETTING, led
from vitrograph.core.cut.paths.curves import Curve
from vitrograph.core.cut.paths.lines import LOOSE, Kind, Line, begun_near
from vitrograph.core.cut.paths.order import Effort, order_rings
from vitrograph.core.cut.paths.timing import seconds_of, travel_of
from vitrograph.core.geometry import Points, length_of, stretch_of
from vitrograph.core.job import CutChoices

_HOME = np.zeros(2)                # the film's corner, where the blade stands before and after
_CORNER = np.array([1.0, 1.0])      # mm: where the cut begins that sets the blade
_SETTING_MM = 4.5                  # the room it takes

Whose = tuple[int, int, int]
Lines = Mapping[tuple[int, int], Sequence[Line]]


class Cut(Struct, frozen=True, eq=False, dict=True):
    """One line on the film, and whose stencil it is of: the job's key, its film and its copy."""

    kind: Kind
    whose: Whose
    curve: Curve

    @cached_property
    def tip(self) -> Points:
        """(n, 2) where the tip is to go, in chords."""
        return self.curve.flattened()


class SheetRun(Struct, frozen=True, eq=False, dict=True):
    """One sheet of film, and its cuts in their order."""

    sheet: BedSheet
    cuts: tuple[Cut, ...]
    choices: CutChoices

    @cached_property
    def tips(self) -> tuple[Points, ...]:
        """Where the tip is to go: each cut as often as there are passes, running on past its closing point."""
        return tuple(_passes(cut, self.choices) for cut in self.cuts)

    @cached_property
    def paths(self) -> tuple[Points, ...]:
        """What is sent: the tip's ways led by the blade's offset, after a small cut that sets the blade.

        A cutter that leads its blade itself is sent the tip's ways.
        """
        return self.setting + self.led_from(0)

    @property
    def setting(self) -> tuple[Points, ...]:
        """The small cut that sets the blade; none where the cutter leads it itself, or where there is no room for it.

        It lies in the margin's corner, or else beyond what is used of the film.
        """
        if self._offset <= 0:
            return ()
        film, used = self.sheet.film, self.sheet.used[0]
        if film.margin >= _SETTING_MM:
            return (SETTING + _CORNER,)
        return (SETTING + _CORNER + [used, 0.0],) if film.length - used >= _SETTING_MM else ()

    def led_from(self, first: int) -> tuple[Points, ...]:
        """The pivot's paths for the cuts from that number on, straight after the blade was set."""
        made, heading = [], SET_HEADING
        for tip in self.tips[first:]:
            way = led(tip, self._offset, heading)
            made.append(way.path)
            heading = way.heading
        return tuple(made)

    @property
    def _offset(self) -> float:
        return 0.0 if self.choices.leads_itself else self.choices.offset

    @property
    def nodes(self) -> int:
        """Points sent."""
        return sum(map(len, self.paths))

    @cached_property
    def cut_mm(self) -> float:
        """Length cut, passes and over-runs included."""
        return float(sum(map(length_of, self.tips)))

    @cached_property
    def travel_mm(self) -> float:
        """Length moved with the blade up, from the film's corner and back to it."""
        return travel_of(self.paths)

    @property
    def seconds(self) -> float:
        """How long it takes, lifts and passes included."""
        return seconds_of(self.cut_mm, self.travel_mm, len(self.paths), self.choices)


def runs_of(bed: Bed, lines: Lines, choices: CutChoices,
            still_wanted: Callable[[], None] = lambda: None) -> tuple[SheetRun, ...]:
    """The cutting of every sheet; `lines` are those of each job's films by the job's key and the film's number."""
    made = []
    for sheet in bed.sheets:
        still_wanted()
        made.append(SheetRun(sheet, _by_piece(sheet, lines) if choices.by_piece else _freely(sheet, lines), choices))
    return tuple(made)


def _laid_lines(one: Laid, lines: Lines) -> list[Cut]:
    key, film, _ = one.part.whose
    return [Cut(line.kind, one.part.whose, line.laid(one.part, one.spot).curve) for line in lines[key, film]]


def _by_piece(sheet: BedSheet, lines: Lines) -> tuple[Cut, ...]:
    """Stencil after stencil, each in its own order, which leads on to the next: film that shifts spoils one only."""
    order = [at for at, _ in order_rings([np.asarray(one.shape.exterior.coords) for one in sheet.laid])]
    made: list[Cut] = []
    here = _HOME
    for at, following in zip_longest(order, order[1:]):
        there = _HOME
        if following is not None:
            there = shapely.get_coordinates(shapely.shortest_line(sheet.laid[following].shape, sheet.laid[at].shape))[0]
        made += _in_order(_laid_lines(sheet.laid[at], lines), here, there, "settled")
        here = made[-1].curve.points[-1]
    return tuple(made)


def _freely(sheet: BedSheet, lines: Lines) -> tuple[Cut, ...]:
    """All lines of the sheet by the shortest way, insides before outsides; what ends at an edge comes first."""
    cuts = [cut for one in sheet.laid for cut in _laid_lines(one, lines)]
    return tuple(_in_order(cuts, _HOME, _HOME, "shaken"))


def _in_order(cuts: Sequence[Cut], here: Points, there: Points, effort: Effort) -> Iterator[Cut]:
    """Yield cuts as they are made on the way from one place to another."""
    loose, rings = ([cut for cut in cuts if (cut.kind in LOOSE) == ends_free] for ends_free in (True, False))
    while loose:
        near = min(range(len(loose)), key=lambda at: float(np.hypot(*(loose[at].curve.points[0] - here))))
        here = loose[near].curve.points[-1]
        yield loose.pop(near)
    for at, start in order_rings([cut.curve.points for cut in rings], here, effort, then=there):
        yield replace(rings[at], curve=begun_near(rings[at].curve, rings[at].curve.points[start]))


def _passes(cut: Cut, choices: CutChoices) -> Points:
    """A cut as often as it is passed over, in place, and on past its beginning for the over-run."""
    line = cut.tip
    if not cut.curve.closed:
        return line if choices.passes == 1 else np.concatenate([line if one % 2 == 0 else line[::-1]
                                                                for one in range(choices.passes)])
    around = np.concatenate([line[:1], *[line[1:]] * choices.passes])
    if choices.over_run == 0:
        return around
    return np.concatenate([around, stretch_of(line, 0.0, min(choices.over_run, length_of(line)))[1:]])
