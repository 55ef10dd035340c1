"""Transfer: from the weeded film to the glass: tape, where each film goes, the way it is set, and what masks the rest.

Practice here (a little more tape than stencil, extra at the top to hold, middle first) is common practice, no
published source.
"""

from collections.abc import Iterator
from functools import cached_property
from itertools import combinations

import numpy as np
import shapely
from msgspec import Struct

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.geometry import Points
from vitrograph.core.job import Features, FlatGlass, Glass, Job, MaterialName, TransferChoices
from vitrograph.core.job.change import put
from vitrograph.core.language import tr, within
from vitrograph.core.says import Length, Says
from vitrograph.core.stencil import Demands, Sheet
from vitrograph.core.transfer.bed import bedding
from vitrograph.core.transfer.mask import mask_of
from vitrograph.core.transfer.placing import LEAST_MM, Placing, Surroundings, end_of, placing_of
from vitrograph.core.transfer.taping import Strip, narrow_tape, strips_over
from vitrograph.core.transfer.walk import Circumstances, Setting, walk
from vitrograph.core.transfer.ways import Case, Offer, offers, refused, way_for
from vitrograph.core.weed import where_on
from vitrograph.core.work import Step

_BLIND: tuple[MaterialName, ...] = ("mirror", "coated", "coated inside")     # nothing is seen through these
_RISKS = 5                         # places of the seal that have a step of their own


class TransferInput(Struct, frozen=True):
    """What the transfer depends on beside the sheet and its demands."""

    choices: TransferChoices
    glass: Glass
    features: Features
    material: MaterialName
    mask_width: float

    @classmethod
    def of(cls, job: Job) -> "TransferInput":
        """What a job says of it."""
        return cls(job.transfer, job.glass, job.features, job.material, job.stencil.tape_width)


class TransferPlan(Struct, frozen=True, dict=True):
    """The films of every copy round the glass, each copy's in the order they are laid, and the steps of each.

    `needed` says whether tape must carry the film: one in one piece needs none. `ways` are all ways to set it.
    """

    needed: bool
    copies: tuple[tuple[Setting, ...], ...]
    walks: tuple[tuple[tuple[Step, ...], ...], ...]
    bedding: Says | str
    round_glass: bool
    has_rim: bool
    ways: tuple[Offer, ...]
    findings: tuple[Finding, ...] = ()

    @property
    def settings(self) -> tuple[Setting, ...]:
        """The films of the first copy."""
        return self.copies[0]

    @property
    def strips(self) -> tuple[Strip, ...]:
        """The tape of one copy's films."""
        return tuple(strip for setting in self.settings if setting.taped for strip in setting.strips)

    def taped(self, glasses: int) -> list[tuple[tuple[Strip, ...], int]]:
        """The tape of each film on a glass, and over how many it is laid for so many glasses."""
        return [(setting.strips, glasses) for films in self.copies for setting in films if setting.taped]

    @property
    def marks(self) -> tuple[tuple[float, float], ...]:
        """The centre marks of all films on the sheet."""
        return tuple(mark for setting in self.settings for mark in setting.marks)

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """What to do with the first copy, one step at a time, with this stencil's own numbers."""
        return self.steps_of(1)

    def steps_of(self, copy: int) -> tuple[Step, ...]:
        """What to do with a copy, from 1; each glass takes all the copies that stand round it, one after the other."""
        return tuple(step for film in self.walks[(copy - 1) % len(self.walks)] for step in film)

    def glass_of(self, copy: int) -> int:
        """Which glass a copy is for, from 1."""
        return (copy - 1) // len(self.walks) + 1

    def settings_of(self, copy: int) -> tuple[Setting, ...]:
        """The films of a copy, from 1."""
        return self.copies[(copy - 1) % len(self.copies)]


def plan_transfer(given: TransferInput, sheet: Sheet, demands: Demands) -> TransferPlan:
    """Work out tape, places, way, mask and steps for every film of a sheet, and for each copy round the glass."""
    wall, one_piece = sheet.fitted.wall, demands.proof.one_piece
    about = Surroundings(wall, given.glass, given.features)
    numbers = range(len(sheet.films))
    places = [[placing_of(sheet, number, about, by) for number in numbers] for by in (0.0, *sheet.fitted.elsewhere)]
    case = _case(given, sheet, places[0][0], one_piece=one_piece)
    way = way_for(given.choices, case)
    circumstances = Circumstances(
        given.choices, given.features, given.material, bedding(sheet, given.glass), wall.closed,
        given.material not in _BLIND,
        any(film.pressed is not None and film.pressed.snips for film in sheet.films), float(sheet.seen.length),
        given.mask_width, tuple((where_on(sheet, spot, sheet.film_of(spot)), risk) for risk, spot in (
            (one, shapely.Point(one.where)) for one in demands.seal.risks[:_RISKS])))
    copies = tuple(
        tuple(Setting(number + 1, len(sheet.films), *strips_over(sheet.outlines[number].bounds, given.choices),
                      centre_marks(sheet, number), placing, way, mask_of(sheet, number, demands, given.mask_width),
                      sheet.kind == "decal",
                      any(one.band.meets(sheet.films[number].band) for one in sheet.films[:number]))
              for number, placing in enumerate(of_copy)) for of_copy in places)
    found = (*narrow_tape(given.choices, any(len(one.strips) > 1 for one in copies[0])), *_laps(given.choices, sheet),
             *_over(copies), *_no_way(given.choices, case, way))
    return TransferPlan(not one_piece, copies, tuple(walk(settings, circumstances) for settings in copies),
                        circumstances.bedding, wall.closed, about.has_rim, offers(case), found)


def _case(given: TransferInput, sheet: Sheet, placing: Placing, *, one_piece: bool) -> Case:
    """All films of a glass are laid one way: that which suits the longest of them."""
    lies = given.glass.lies if isinstance(given.glass, FlatGlass) else ""
    return Case(sheet.fitted.wall.closed, lies, max(sheet.sizes, key=max), not one_piece, given.choices.clear,
                placing.has_corners)


def _laps(choices: TransferChoices, sheet: Sheet) -> Iterator[Finding]:
    """Yield films of one glass that lap by less than they should, or do not meet; no border of a decal is laid."""
    if sheet.kind == "decal":
        return
    for one, other in combinations(range(len(sheet.films)), 2):
        lap = _lap(sheet, one, other)
        if lap is not None and lap < choices.least_lap - 1e-6:
            says = Says("films {one} and {other} lap by {lap}", one=str(one + 1), other=str(other + 1),
                        lap=Length(max(0.0, lap)))
            yield Finding(Code.LAP, Level.WATCH, says, tr("cream runs into a joint that is too narrow: set their "
                                                          "lines farther apart, or make it one film"), None, lap,
                          choices.least_lap,
                          Remedy.of(tr("Make it one film"), put(lambda job: job.fit.rows, 1),
                                    put(lambda job: job.fit.columns, 1)))


def _lap(sheet: Sheet, one: int, other: int) -> float | None:
    """By how much two neighbouring films lie on each other, mm; negative where they do not meet, None where they are
    no neighbours, or stand apart round the glass."""
    a, b = sheet.films[one].band, sheet.films[other].band
    across, along = min(a.u_high, b.u_high) - max(a.u_low, b.u_low), min(a.s_high, b.s_high) - max(a.s_low, b.s_low)
    scale = float(sheet.fitted.wall.scale(np.array([a.middle[1]]))[0])
    if across > (a.u_high - a.u_low) / 2 and _next_up(sheet, one, other):
        return along
    if along > (a.s_high - a.s_low) / 2 and other - one == 1 and a.meets(b):
        return across * scale
    return None


def _next_up(sheet: Sheet, one: int, other: int) -> bool:
    """Whether no film lies between two that stand one above the other."""
    a, b = sheet.films[one].band, sheet.films[other].band
    low, high = sorted([a.middle[1], b.middle[1]])
    between = [film.band for at, film in enumerate(sheet.films) if at not in (one, other)]
    return not any(low < band.middle[1] < high and
                   min(a.u_high, band.u_high) > max(a.u_low, band.u_low) for band in between)


def _over(copies: tuple[tuple[Setting, ...], ...]) -> Iterator[Finding]:
    """Yield a film that reaches over the rim or the edge it is set by."""
    worst = max((setting.placing for settings in copies for setting in settings), key=lambda placing: placing.over)
    if worst.over > LEAST_MM:
        yield Finding(Code.OFF_GLASS, Level.WATCH, Says("the film reaches {over} over the {edge}",
                                                        over=Length(worst.over), edge=worst.edge),
                      tr("trim it there before it is laid, or make the border smaller"), None, worst.over, 0.0)


def _no_way(choices: TransferChoices, case: Case, way: str) -> Iterator[Finding]:
    """Yield that a way which was asked for cannot be gone."""
    offer = refused(choices.way, case)
    if offer is not None:
        instead = next(one.title for one in offers(case) if one.way == way)
        yield Finding(Code.WAY, Level.WATCH, tr("{way} cannot be done here: {why}", way=within(offer.title),
                                                why=offer.why),
                      tr("it is planned as: {instead}", instead=within(instead)), None, None, None,
                      Remedy.of(tr("Take the way that suits"), put(lambda job: job.transfer.way, "suits")))


def centre_marks(sheet: Sheet, number: int = 0) -> tuple[tuple[float, float], ...]:
    """Sheet points at the middles of a film's lower, right, upper and left sides, or of a decal's art."""
    chart = sheet.fitted.chart
    u, s = sheet.laid_bands[number].middle
    edge = sheet.laid_edges[number] - [chart.u0, 0.0]
    low, high = (end_of(edge, u, side) for side in (-1, 1))
    left, right = (end_of(edge[:, ::-1], s, side) for side in (-1, 1))
    wall: Points = np.array([[u, low], [right, s], [u, high], [left, s]])
    return tuple((float(x), float(y)) for x, y in chart.flipped(sheet.films[number].flat.develop(wall)))
