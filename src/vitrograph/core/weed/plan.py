"""Weeding: what to pull, in what order and how, and the islands that must stay.

The surplus round the stencil goes first, then the openings, film after film (common practice, no published source).
"""

from collections.abc import Iterator, Sequence
from functools import cached_property
from typing import Literal

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.cut import parting_lines
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.geometry import without
from vitrograph.core.job import Job, StencilKind
from vitrograph.core.job.change import put
from vitrograph.core.language import capital, tr
from vitrograph.core.says import Joined, Length, Says
from vitrograph.core.stencil import Limits, Sheet
from vitrograph.core.weed.naming import Names, where_on
from vitrograph.core.weed.order import weeding_order
from vitrograph.core.weed.pulling import HOOK_MM2, SURROUNDS, Pull, ThinFilm, pulls_of
from vitrograph.core.work import Step, step_key

_NAMED = 8                         # islands named in one line
SURPLUS_MM = 6.0                   # how much of the surplus round the stencil the picture shows
_LONG_MM = 600.0                   # a strip of surplus as long as that falls back on the film


class WeedInput(Struct, frozen=True):
    """What the weeding depends on beside the sheet: the limits of what is thin, and whether the surplus is parted."""

    limits: Limits
    parted: bool

    @classmethod
    def of(cls, job: Job) -> "WeedInput":
        """What a job says of it."""
        return cls(Limits.of(job.stencil), job.cut.parted)


class Bit(Struct, frozen=True, dict=True):
    """One bit of film: its number in the order of work (islands carry on), kind, shape, and how to find it.

    `film` is the number of its film, from 0; `pull` says how an opening is pulled.
    """

    number: int
    kind: Literal["frame", "opening", "island"]
    shape: Polygon | MultiPolygon
    name: str
    where: str
    how: Says | str
    film: int = 0
    pull: Pull | None = None

    @property
    def key(self) -> str:
        """What tells it from the others, whatever its number: its kind, size and place."""
        if self.kind == "frame" and not self.where:
            return step_key("surplus", self.film) if self.film else step_key("surplus")
        return step_key(self.kind, float(self.shape.area), float(self.shape.centroid.x), float(self.shape.centroid.y))

    @cached_property
    def spot(self) -> tuple[float, float]:
        """A point on the bit, for its number."""
        at = self.shape if self.kind == "frame" else shapely.maximum_inscribed_circle(self.shape, tolerance=0.2)
        x, y = shapely.get_coordinates(at)[0]
        return float(x), float(y)

    @property
    def lead(self) -> tuple[float, float]:
        """The place that the line from its number leads to: its hook, or a point on it."""
        return self.spot if self.pull is None else self.pull.hook


class WeedPlan(Struct, frozen=True, dict=True):
    """Bits to pull, in order, and islands that stay.

    They are worked out when they are first asked for: of sixty names one is weeded at a time.
    """

    given: WeedInput
    sheet: Sheet

    @property
    def many(self) -> int:
        """How many bits there are to pull."""
        return len(self._frames) + len(self.sheet.openings.geoms)

    @cached_property
    def findings(self) -> tuple[Finding, ...]:
        """What makes weeding harder than it need be."""
        crowded = any(_stand_in(part) > SURROUNDS for part in self.sheet.openings.geoms)
        found = _crowded(self.pull, self.sheet.kind) if crowded else ()
        return (*found, *_strips(self.sheet, parted=self.given.parted))

    @cached_property
    def _frames(self) -> tuple[Bit, ...]:
        return tuple(_surplus(self.sheet, parted=self.given.parted))

    @cached_property
    def _names(self) -> Names:
        return Names(self.sheet)

    @cached_property
    def pull(self) -> tuple[Bit, ...]:
        """The surplus, and then the openings, each with how it is pulled."""
        sheet, first = self.sheet, len(self._frames) + 1
        openings, pulls, films = _in_order(sheet, ThinFilm(sheet, sheet.cutting.faults(self.given.limits)))
        called = self._names.of if sheet.kind == "resist" else self._names.of_gap
        return (*self._frames, *(
            Bit(number, "opening", part, called(part), where_on(sheet, part, film), _how(part, one), film, one)
            for number, (part, one, film) in enumerate(zip(openings, pulls, films, strict=True), start=first)))

    @cached_property
    def stay(self) -> tuple[Bit, ...]:
        """The islands, the largest first; their numbers carry on."""
        sheet = self.sheet
        filled = shapely.STRtree([Polygon(opening.exterior) for opening in sheet.openings.geoms])
        islands = sorted(sheet.islands, key=lambda part: -part.area)
        return tuple(
            Bit(number, "island", part, self._names.of_island(part, filled), where_on(sheet, part, film),
                tr("stays: press it down"), film)
            for number, (part, film) in enumerate(((one, sheet.film_of(one)) for one in islands), start=self.many + 1))

    @property
    def bits(self) -> tuple[Bit, ...]:
        """All, numbered through."""
        return self.pull + self.stay

    def openings_of(self, film: int) -> tuple[Bit, ...]:
        """The openings of one film, in order."""
        return tuple(bit for bit in self.pull if bit.kind == "opening" and bit.film == film)

    @cached_property
    def edges(self) -> tuple[float, ...]:
        """How long the edge of each bit to pull is, mm."""
        return tuple(float(bit.shape.length) for bit in self.pull)

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """A step for each bit to pull, and a last look at the islands, where there are any."""
        pulls = tuple(_step(bit) for bit in self.pull)
        return pulls if not self.stay else (*pulls, self._look())

    def _look(self) -> Step:
        names = ", ".join(f"{bit.number} {bit.name}" for bit in self.stay[:_NAMED])
        more = tr(" and {stay} more", stay=len(self.stay) - _NAMED) if len(self.stay) > _NAMED else ""
        must = tr("{stay} islands must", stay=len(self.stay)) if len(self.stay) > 1 else tr("1 island must")
        return Step(step_key("islands", len(self.stay)), tr("Look: {must} still be there", must=must), f"{names}{more}")


def _step(bit: Bit) -> Step:
    where = f"{capital(bit.where)}: " if bit.where else ""
    return Step(bit.key, tr("Pull {number}: {name}", number=bit.number, name=bit.name),
                Says("{where}{how}.", where=where, how=bit.how))


def plan_weeding(given: WeedInput, sheet: Sheet) -> WeedPlan:
    """The weeding of a sheet, and what is found of it."""
    plan = WeedPlan(given, sheet)
    _ = plan.findings, plan.many           # now, in the background: the window asks for those of every piece
    return plan


def _surplus(sheet: Sheet, *, parted: bool) -> Iterator[Bit]:
    """Yield the film round each stencil: in one, or in the parts that cuts make of it."""
    how, number = tr("lift a corner and pull low, at a diagonal"), 0
    for film, outline in enumerate(sheet.outlines):
        whole = without(outline.buffer(SURPLUS_MM, join_style="mitre"), outline)
        if not parted:
            name = tr("the surplus") if len(sheet.outlines) == 1 else tr("the surplus of film {film}", film=film + 1)
            yield Bit(film + 1, "frame", whole, name, "", how, film)
            continue
        cuts = shapely.multilinestrings(parting_lines(outline, 3 * SURPLUS_MM))
        parts = sorted(shapely.get_parts(without(whole, cuts.buffer(1e-3))),
                       key=lambda part: (-part.centroid.y, part.centroid.x))
        for at, part in enumerate(parts, start=1):
            number += 1
            where = where_on(sheet, part, film, of=outline.bounds)
            yield Bit(number, "frame", part, tr("surplus {number} of {parts}", number=at, parts=len(parts)), where, how,
                      film)


def _in_order(sheet: Sheet, thin: ThinFilm) -> tuple[list[Polygon], list[Pull], list[int]]:
    """The openings of every film in the order they are pulled, how each is, and whose film it is in."""
    parts = shapely.get_parts(sheet.openings)
    every = pulls_of(parts, thin)
    joined = thin.between()
    films = np.array([sheet.film_of(part) for part in parts], dtype=int)
    order: list[int] = []
    for film, outline in enumerate(sheet.outlines):
        own = np.flatnonzero(films == film)
        if not len(own):
            continue
        left, _, _, high = outline.bounds
        spots = np.array([every[at].hook for at in own])
        index = {int(at): k for k, at in enumerate(own)}
        webs = [(index[a], index[b]) for a, b in sorted(joined) if a in index and b in index]
        order += [int(own[at]) for at in weeding_order(spots, shapely.area(parts[own]), webs, np.array([left, high]))]
    return [parts[at] for at in order], [every[at] for at in order], [int(films[at]) for at in order]


def _stand_in(part: Polygon) -> int:
    """How many islands stand in a bit."""
    return len(part.interiors)


def _crowded(pull: Sequence[Bit], kind: StencilKind) -> Iterator[Finding]:
    """Yield the openings that stand round so many islands that pulling them takes some along.

    Ties would show on a decal: there is none to offer.
    """
    held = tr("what is pulled takes small islands along: hold them down with a finger")
    tied = tr("what is pulled takes small islands along: hold them down with a finger, or tie them")
    tie = Remedy.of(tr("Tie the islands"), put(lambda job: job.stencil.ties.placed, "auto"))
    for bit in pull:
        inside = 0 if bit.kind == "frame" else sum(_stand_in(part) for part in shapely.get_parts(bit.shape))
        if inside > SURROUNDS:
            x, y = shapely.get_coordinates(shapely.point_on_surface(bit.shape))[0].tolist()
            yield Finding(Code.ISLAND, Level.NOTE, tr("{inside} islands stand in opening {number} ({name})",
                                                      inside=inside, number=bit.number, name=bit.name),
                          held if kind == "decal" else tied, (x, y), None, None, None if kind == "decal" else tie)


def _strips(sheet: Sheet, *, parted: bool) -> Iterator[Finding]:
    """Yield that the surplus is one long sticky strip, and offer the cuts that part it."""
    longest = max(float(outline.exterior.length) for outline in sheet.outlines)
    if not parted and longest > _LONG_MM:
        says = Says("the surplus is one sticky strip, {long} long", long=Length(longest, 0))
        yield Finding(Code.SURPLUS, Level.NOTE, says,
                      tr("it falls back on the film as it is pulled: short cuts across it make parts of it"), None,
                      longest,
                      _LONG_MM, Remedy.of(tr("Cut it into parts"), put(lambda job: job.cut.parted, True)))


def _how(part: Polygon, pull: Pull) -> Says:
    """How a bit is pulled, in words."""
    hook = tr("hook it from a corner") if part.area < HOOK_MM2 else tr("pull slowly")
    way = f", {_compass(pull.direction)}" if pull.direction is not None else tr(", straight up")
    many = sum(1 for _ in part.interiors) > SURROUNDS
    watch = tr("; watch that what it surrounds stays") if many else ""
    hold = (tr("; hold down what stands in it") if part.interiors and not many
            else tr("; hold down the thin film beside "
                    "it")
            ) if pull.hold is not None and not many else ""
    risk = Joined("", (Says("; risk: {why}", why=pull.why),) if pull.risk != "low" else ())
    return Says("{hook}, low{way}{watch}{hold}{risk}", hook=hook, way=way, watch=watch, hold=hold, risk=risk)


def _compass(direction: float) -> str:
    """A direction on the sheet in words.

    >>> _compass(0.0), _compass(2.4), _compass(-1.5)
    ('to the right', 'to the upper left', 'downward')
    """
    names = (tr("to the right"), tr("to the upper right"), tr("upward"), tr("to the upper left"), tr("to the left"),
             tr("to the lower left"), tr("downward"), tr("to the lower right"))
    return names[round(direction / (np.pi / 4)) % 8]
