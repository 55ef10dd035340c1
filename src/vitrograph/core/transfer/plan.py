"""Transfer: the tape, the marks to aim by, and how the glass is bedded.

Practice here (a little more tape than stencil, extra at the top to hold, middle first) is common practice, no
published source.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from functools import cached_property
from math import ceil

import numpy as np

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.fit import Fitted
from vitrograph.core.geometry import Points
from vitrograph.core.glass import Frustum, Pane
from vitrograph.core.job import TransferChoices
from vitrograph.core.job.change import put
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import Sheet
from vitrograph.core.work import Step

LEAST_MARGIN_MM = 2.0
PRESS_EDGES = "press edges"       # the key of the step at which every edge is pressed down
SETTLE_MINUTES = 15                # letting the film grip before the cream; 10 to 40 is usual


@dataclass(frozen=True, slots=True)
class Strip:
    """One strip of tape laid across the stencil: its lower left corner on the sheet, width and height, mm."""

    x: float
    y: float
    width: float
    height: float


@dataclass(frozen=True)
class Setting:
    """One film to be set: its tape, the four centre marks on the sheet, and the distances to set it by, in mm.

    `rim_left` and `rim_right` are measured along the wall from the rim (a pane's upper edge) to the film's upper
    corners; `above_table` is the upright height of the film's lower edge at its middle.
    """

    tape_size: tuple[float, float]
    strips: tuple[Strip, ...]
    marks: tuple[tuple[float, float], ...]
    rim_left: float
    rim_right: float
    above_table: float


@dataclass(frozen=True)
class TransferPlan:
    """Whether tape is needed, each film's setting in the order they are laid, and how the glass is bedded.

    `guard` is what is said of masking tape round the film; nothing where the film is the decoration. `edge` is how long
    the openings' edges are, mm.
    """

    needed: bool
    settings: tuple[Setting, ...]
    bedding: str
    round_glass: bool
    relieved: bool = False
    guard: str = ""
    edge: float = 0.0
    findings: tuple[Finding, ...] = ()

    @property
    def strips(self) -> tuple[Strip, ...]:
        """The tape of all films."""
        return tuple(strip for setting in self.settings for strip in setting.strips)

    @property
    def marks(self) -> tuple[tuple[float, float], ...]:
        """The centre marks of all films."""
        return tuple(mark for setting in self.settings for mark in setting.marks)

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """What to do, one step at a time, with this stencil's own numbers."""
        return (
            *self._tape_steps(),
            Step("backing", "Rub the tape down, turn over, rub the back, and peel the backing slowly at a diagonal. "
                 "Press back whatever stays behind."),
            Step("clean", "Clean the glass with alcohol and let it dry. Touch it no more."),
            Step("bed", self.bedding),
            *self._set_steps(),
            Step("middle first", "Press the middle down first, then outward to each side." + self._snip_words()),
            Step(PRESS_EDGES, Says("Peel the tape flat back on itself. Press every edge again, the marked places "
                                   "first: {edge} in all. Look from behind.", edge=Length(self.edge, 0, tool=True))),
            Step("settle", f"Let the film settle {SETTLE_MINUTES} minutes.{self.guard}", seconds=60.0 * SETTLE_MINUTES),
        )

    def _set_steps(self) -> Iterator[Step]:
        edge = "rim" if self.round_glass else "upper edge"
        many = len(self.settings)
        for number, setting in enumerate(self.settings, start=1):
            which = "the stencil" if many == 1 else f"stencil {number} of {many}"
            joint = "" if number == 1 else " Lay its edge over the last one's, so that their notches line up."
            yield Step(f"set {number}", Says(
                "Set {which}: film's upper corners {left} (left) and {right} (right) from the {edge}.{joint}",
                which=which, left=Length(setting.rim_left, tool=True), right=Length(setting.rim_right, tool=True),
                edge=edge, joint=joint))

    def _snip_words(self) -> str:
        if self.relieved:
            return " Let the border close, or lap, at each snip, and cover it with tape."
        return " If the border lifts, snip it at the sides." if self.round_glass else ""

    def _tape_steps(self) -> Iterator[Step]:
        if not self.needed:
            yield Step("tape", "One piece: this stencil can be lifted with no tape. Tape still helps to aim.")
            return
        for number, setting in enumerate(self.settings, start=1):
            yield Step(f"tape {number}", _tape_words(setting, f" {number}" if len(self.settings) > 1 else ""))


def _tape_words(setting: Setting, which: str) -> Says:
    count, strip = len(setting.strips), setting.strips[0]
    return Says("Cut tape: {cut} {width} by {height}. Lay it over {stencil}{overlapped}, the extra at the top.",
                cut="one piece," if count == 1 else f"{count} strips, each", width=Length(strip.width, 0, tool=True),
                height=Length(strip.height, 0, tool=True), stencil="the stencil" if not which else f"stencil{which}",
                overlapped=", overlapped" if count > 1 else "")


def plan_transfer(choices: TransferChoices, sheet: Sheet, *, one_piece: bool) -> TransferPlan:
    """Cut the tape for a sheet and work out where its films go on the glass; one piece of film needs none."""
    settings = tuple(_setting(sheet, number, choices) for number in range(len(sheet.films)))
    relieved = any(film.pressed is not None and film.pressed.snips for film in sheet.films)
    guard = "" if sheet.kind == "decal" else " Widen the border and cover slits with tape."
    return TransferPlan(not one_piece, settings, bedding(sheet.fitted), sheet.fitted.wall.closed, relieved, guard,
                        float(sheet.openings.length), tuple(_narrow_tape(choices, settings)))


def _narrow_tape(choices: TransferChoices, settings: tuple[Setting, ...]) -> Iterator[Finding]:
    """Yield that a roll is too narrow for its strips to lap as asked."""
    if choices.roll_width <= choices.overlap and any(len(setting.strips) > 1 for setting in settings):
        half = choices.roll_width / 2
        yield Finding(Code.TAPE, Level.WATCH, Says("the tape is {roll} wide, and strips are to lap by {lap}",
                                                   roll=Length(choices.roll_width), lap=Length(choices.overlap)),
                      "strips that lie wholly on each other cover nothing", None, choices.roll_width, choices.overlap,
                      Remedy.of(Says("Lap by {half}", half=Length(half)), put(lambda job: job.transfer.overlap, half)))


def _setting(sheet: Sheet, number: int, choices: TransferChoices) -> Setting:
    left, low, right, high = sheet.outlines[number].bounds
    side = _side_margin(right - left, choices)
    width, height = right - left + 2 * side, high - low + 2 * choices.margin + choices.top_extra
    strips = tuple(Strip(left - side + strip.x, low - choices.margin + strip.y, strip.width, strip.height)
                   for strip in tape_strips(width, height, choices.roll_width, choices.overlap))
    wall, band = sheet.fitted.wall, sheet.films[number].band
    lowest = wall.in_space(np.array([[sheet.fitted.chart.u0, band.s_low]]))
    return Setting((width, height), strips, centre_marks(sheet, number), *rim_distances(sheet, number),
                   wall.stands + float(lowest[0, 2]))


def _side_margin(width: float, choices: TransferChoices) -> float:
    """Tape beyond the stencil at each side: a little less of it, rather than a second strip for a few mm."""
    spare = (choices.roll_width - width) / 2
    return spare if LEAST_MARGIN_MM <= spare < choices.margin else choices.margin


def tape_strips(width: float, height: float, roll: float, overlap: float) -> tuple[Strip, ...]:
    """Cover width by height from a roll: upright or level strips, whichever needs fewer, each overlapping the last.

    >>> [strip.x for strip in tape_strips(200.0, 300.0, 120.0, 10.0)]
    [0.0, 80.0]
    """
    across, along = (_strips_over(size, roll, overlap) for size in (width, height))
    if across <= along:
        step = (width - min(roll, width)) / max(1, across - 1)
        return tuple(Strip(i * step, 0.0, min(roll, width), height) for i in range(across))
    step = (height - min(roll, height)) / max(1, along - 1)
    return tuple(Strip(0.0, i * step, width, min(roll, height)) for i in range(along))


def _strips_over(size: float, roll: float, overlap: float) -> int:
    if size <= roll:
        return 1
    return ceil((size - overlap) / max(roll - overlap, roll / 4) - 1e-9)


def centre_marks(sheet: Sheet, number: int = 0) -> tuple[tuple[float, float], ...]:
    """Sheet points at the middles of a film's lower, right, upper and left sides."""
    film = sheet.films[number]
    u, s = (film.band.u_low + film.band.u_high) / 2, (film.band.s_low + film.band.s_high) / 2
    wall: Points = np.array([[u, film.band.s_low], [film.band.u_high, s], [u, film.band.s_high], [film.band.u_low, s]])
    return tuple((float(x), float(y)) for x, y in sheet.fitted.chart.flipped(film.flat.develop(wall)))


def rim_distances(sheet: Sheet, number: int = 0) -> tuple[float, float]:
    """From the rim, along the wall, to a film's upper left and upper right corner as the viewer sees them.

    Read off the film's own outline carried back to the wall, so they hold however the sheet was shaped.
    """
    wall, chart = sheet.fitted.wall, sheet.fitted.chart
    edge = chart.sheet_to_wall(np.asarray(sheet.covers[number].exterior.coords)[:, :2])
    across, up = ((edge - edge.min(axis=0)) / np.ptp(edge, axis=0)).T
    left, right = wall.length - edge[[int(np.argmax(up - across)), int(np.argmax(up + across))], 1]
    return float(left), float(right)


def bedding(fitted: Fitted) -> str:
    """How to keep the glass still while the film goes on."""
    if isinstance(fitted.wall, Pane):
        return "Lay the pane flat on a towel, the face to be worked upward."
    wall = fitted.wall
    slope = ""
    if isinstance(wall, Frustum) and abs(wall.taper) > 0.01:
        low = "rim" if wall.rim_radius < wall.base_radius else "base"
        slope = f" Raise the {low}, the narrower end, until the wall on top is level."
    return "Lay the glass in a rolled towel, the place for the stencil on top." + slope

