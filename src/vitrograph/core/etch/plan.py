"""Etching: the steps of one glass by its recipe, from the first look at it to the wash.

The trade disagrees on time: the usual ways are told beside each other (recipes.py), and each is common practice, no
published source. The cream's label and safety data sheet come before anything written here.
"""

from collections.abc import Iterable, Iterator
from functools import cached_property

from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.etch.cautions import CAUTIONS, NO_METAL, STILL_ON
from vitrograph.core.etch.colour import check_colour, colour_first, wax_steps
from vitrograph.core.etch.covering import BEGIN_S, speed_of, uneven
from vitrograph.core.etch.phases import TimedStep, phase_steps
from vitrograph.core.findings import Finding
from vitrograph.core.glass import MATERIALS, TEST_SPOT
from vitrograph.core.job import ColourWay, Job, MaterialName, Recipe, StencilKind
from vitrograph.core.language import tr, within
from vitrograph.core.work import Step

DRY_S = 300.0                      # by air after a towel, until frost shows what it is


class EtchInput(Struct, frozen=True):
    """What the etch of a piece depends on beside the area under cream; `speed` is how fast that is covered, mm²/s."""

    recipe: Recipe
    material: MaterialName
    kind: StencilKind
    speed: float
    halves: bool
    colour: ColourWay

    @classmethod
    def of(cls, job: Job) -> "EtchInput":
        """What a job says of it."""
        etch = job.etch
        return cls(etch.recipe, job.material, job.stencil.kind, etch.speed or speed_of(etch.tool), etch.halves,
                   etch.colour)


class EtchPlan(Struct, frozen=True, dict=True):
    """The recipe, the steps for one glass with their clocks, the area under cream in mm², and what was found.

    `first` are the steps before all other work on the glass; `under` those under cream, in one part or in halves,
    each with a rinse; `after` those from the last rinse on. `covering` is how long one coat takes, in seconds.
    """

    recipe: Recipe
    area: float
    first: tuple[Step, ...]
    before: tuple[Step, ...]
    under: tuple[tuple[TimedStep, ...], ...]
    between: tuple[Step, ...]
    rinses: tuple[tuple[Step, ...], ...]
    after: tuple[Step, ...]
    covering: float
    findings: tuple[Finding, ...] = ()

    @property
    def seconds(self) -> float:
        """Time under cream, of each place of the glass; 0 where nothing is etched."""
        return self.recipe.seconds if self.area else 0.0

    @property
    def at_once(self) -> float:
        """How much of the area is under cream at once, mm²: of a glass that is etched in halves, a half."""
        return self.area / max(1, len(self.under))

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """All steps of the etch station, in order."""
        parts: list[Step] = [*self.first, *self.before]
        for number, part in enumerate(self.under):
            if number:
                parts += self.between
            parts += [timed.step for timed in part]
            parts += self.rinses[number]
        return (*parts, *self.after)


def plan_etch(given: EtchInput, area: float, below_rim: float | None = None) -> EtchPlan:
    """Write the steps for one glass by its recipe; where film is the decoration there is none but to leave it.

    `below_rim` is how far below the rim the frost begins, mm; None where there is no rim.
    """
    if given.kind == "decal":
        leave = tr("Nothing is etched: the film is the decoration, and stays. Rub every edge down once more.")
        return EtchPlan(given.recipe, 0.0, (), (Step("nothing", leave),), (), (), (), (), 0.0)
    parts = ("", "second ") if given.halves else ("",)
    covering = area / len(parts) / given.speed
    under = tuple(tuple(phase_steps(given.recipe, covering + BEGIN_S, part)) for part in parts)
    rinses = (_FIRST_RINSE, _RINSE) if given.halves else (_RINSE,)
    found = (*uneven(given.recipe, covering, halves=given.halves), *check_colour(given.colour, below_rim))
    return EtchPlan(given.recipe, area, colour_first(given.colour), tuple(_before(given)), under, _BETWEEN, rinses,
                    tuple(_after(given)), covering, found)


def _before(given: EtchInput) -> Iterator[Step]:
    material = MATERIALS[given.material]
    yield Step("gloves", tr("Put on gloves and goggles, open a window. Read the label."), caution=CAUTIONS[1])
    yield Step("look over", tr("Look the piece over: clean, dry, no crack, no scratch.") + (
        tr(" {title} glass: {spot}", title=material.title, spot=within(TEST_SPOT)) if material.doubtful else ""),
        material.expect, material.cautions)
    if given.halves:
        yield Step("half", tr("Cover the second half with tape and paper, along a line that no opening crosses."))


_RINSE = (
    Step("scrape", tr("Scrape the cream back into the pot, never dragging it past the film."), caution=NO_METAL),
    Step("rinse", tr("Rinse in low, gentle water with the stencil still on."), caution=STILL_ON),
)
_BETWEEN = (
    Step("other half", tr("Dry it. Take the cover off the second half, and cover the first one."),
         tr("Frost that gets cream again comes out deeper: cover it well.")),
)


_FIRST_RINSE = tuple(replace(step, key=f"first {step.key}") for step in _RINSE)


def _after(given: EtchInput) -> Iterator[Step]:
    yield Step("dry", tr("Dry it with a soft towel, and let the air do the rest."), tr("Wet frost cannot be seen."),
               seconds=DRY_S, hands=False, least=True)
    yield Step("look", tr("Hold it against the light and look. Missed spots: cream again while the stencil is on."),
               tr("Wet frost is invisible; what looks gone is not."))
    if given.colour == "wax on":
        yield from wax_steps(given.colour)
    yield Step("peel", tr("Peel the stencil, slowly and flat. Warm air loosens what holds."))
    yield Step("wash", tr("Wash the glass, wipe it with alcohol, and look at it on black card."))
    if given.colour == "wax off":
        yield from wax_steps(given.colour)


class EtchTally(Struct, frozen=True):
    """Of a whole order: how many glasses are etched, the area under cream in mm², and the seconds each stands."""

    glasses: int
    area: float
    seconds: float


def tally_etch(plans: Iterable[tuple[EtchPlan, int]]) -> EtchTally:
    """Add up the etch of pieces, each with how many there are of it."""
    etched = [(plan, count) for plan, count in plans if plan.area]
    return EtchTally(sum(count for _, count in etched), sum(plan.area * count for plan, count in etched),
                     max((plan.seconds for plan, _ in etched), default=0.0))
