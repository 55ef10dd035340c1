"""Etching: the named schools of timing, the steps round them, and the cautions.

The trade disagrees on time, so each school is offered under a name of its own; all of it is common practice, no
published source. The cream's label and safety data sheet come before anything written here.
"""

from collections.abc import Iterable, Iterator
from dataclasses import dataclass

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.glass import MATERIALS, TEST_SPOT
from vitrograph.core.job import Job, MaterialName, SchoolName, StencilKind
from vitrograph.core.job.change import put
from vitrograph.core.units import format_minutes
from vitrograph.core.work import Step

COVERED_MM2_PER_SECOND = 400.0     # how fast cream is dabbed on: a hand's breadth in about twenty seconds
UNEVEN_SHARE = 0.4                 # of the time under cream: when covering takes longer, the frost shows it


@dataclass(frozen=True, slots=True)
class Phase:
    """A stretch of time under the cream: what is done, for how many seconds."""

    does: str
    seconds: float


@dataclass(frozen=True, slots=True)
class School:
    """A way of timing the cream, by name."""

    name: SchoolName
    title: str
    says: str
    phases: tuple[Phase, ...]

    @property
    def seconds(self) -> float:
        """Time under cream, in all."""
        return sum(phase.seconds for phase in self.phases)


SCHOOLS: dict[SchoolName, School] = {
    school.name: school
    for school in (
        School("brief-worked", "Brief and worked", "a short time, the cream moved all the while", (
            Phase("Work the cream all the while, in several directions", 150.0),
        )),
        School("five-stir-five", "Five, stir, five", "two rests of five minutes with a stir between", (
            Phase("Leave the cream alone", 300.0),
            Phase("Stir it gently where it lies, dabbing; thicken thin places", 30.0),
            Phase("Leave the cream alone", 300.0),
        )),
        School("long-still", "Long and still", "a long rest, never moved, for a deep frost", (
            Phase("Leave the cream alone: moving it lets air in", 900.0),
        )),
    )
}

CAUTIONS = (
    "Follow the cream's label and safety data sheet first, and your local rules; they outrank this plan.",
    "Gloves and goggles on, fresh air, children and pets away. The cream burns skin and eyes.",
    "Never on cracked glass, nor where food, drink or lips will touch.",
)


@dataclass(frozen=True, slots=True)
class EtchInput:
    """What the etch of a piece depends on beside the area under cream."""

    school: SchoolName
    material: MaterialName
    kind: StencilKind

    @classmethod
    def of(cls, job: Job) -> "EtchInput":
        """What a job says of it."""
        return cls(job.etch.school, job.material, job.stencil.kind)


@dataclass(frozen=True, slots=True)
class EtchPlan:
    """The school, the steps for one glass with their clocks, the area under cream in mm², and what was found."""

    school: School
    area: float
    steps: tuple[Step, ...]
    findings: tuple[Finding, ...] = ()

    @property
    def seconds(self) -> float:
        """Time under cream, in all; 0 where nothing is etched."""
        return self.school.seconds if self.area else 0.0


def plan_etch(given: EtchInput, area: float) -> EtchPlan:
    """Write the steps for one glass by a school; where film is the decoration there is none but to leave it."""
    school, material = SCHOOLS[given.school], MATERIALS[given.material]
    if given.kind == "decal":
        return EtchPlan(school, 0.0, (Step(
            "nothing", "Nothing is etched: the film is the decoration, and stays. Rub every edge down once more."),))
    before = (
        Step("gloves", "Put on gloves and goggles, open a window. Read the label.", caution=CAUTIONS[1]),
        Step("look over", "Look the piece over: clean, dry, no crack, no scratch." + (
             f" {material.title} glass: {TEST_SPOT[:1].lower()}{TEST_SPOT[1:]}" if material.doubtful else ""),
             caution=material.cautions),
        Step("cream on", "Stir the cream. Dab it on thick, until no glass shows through. Hold it to the light.",
             caution="Cup the tape's edge to catch drips; keep the cream off skin and steel sinks."),
    )
    timed = tuple(Step(f"{school.name} {number}", f"{phase.does}.", seconds=phase.seconds)
                  for number, phase in enumerate(school.phases, start=1))
    after = (
        Step("test spot",
             "Clean one small spot near the edge, dry it and look. Put cream back on it if it is too faint."),
        Step("scrape", "Scrape the cream back into the pot, never dragging it past the film. Nothing metal."),
        Step("rinse", "Rinse in low, gentle water with the stencil still on.",
             caution="Keep gloves and goggles on until the last of the cream is gone."),
        Step("dry", "Dry it, then look. Wet frost cannot be seen. Missed spots: cream again while the stencil is on."),
        Step("peel", "Peel the stencil. Wash the glass, wipe it with alcohol, and look at it on black card."),
    )
    return EtchPlan(school, area, before + timed + after, tuple(_uneven(school, area)))


def _uneven(school: School, area: float) -> Iterator[Finding]:
    """Yield that so large an area cannot be covered fast enough for so short a time to come out even.

    The place covered first stands longest; how fast cream is laid on is common practice put in a number, no published
    source.
    """
    covering = area / COVERED_MM2_PER_SECOND
    if covering > UNEVEN_SHARE * school.seconds:
        longer = SCHOOLS["five-stir-five"]
        remedy = Remedy.of(f"Use {longer.title.lower()}", put(lambda job: job.etch.school, longer.name))
        offered = remedy if longer.seconds > school.seconds else None
        yield Finding(Code.TIMING, Level.WATCH,
                      f"covering it takes about {format_minutes(covering)} of the {format_minutes(school.seconds)}",
                      "the place covered first stands longest, and comes out deeper: a longer time evens it out",
                      None, covering, UNEVEN_SHARE * school.seconds, offered)


@dataclass(frozen=True, slots=True)
class EtchTally:
    """Of a whole order: how many glasses are etched, the area under cream in mm², and the seconds each stands."""

    glasses: int
    area: float
    seconds: float


def tally_etch(plans: Iterable[tuple[EtchPlan, int]]) -> EtchTally:
    """Add up the etch of pieces, each with how many there are of it."""
    etched = [(plan, count) for plan, count in plans if plan.area]
    return EtchTally(sum(count for _, count in etched), sum(plan.area * count for plan, count in etched),
                     max((plan.seconds for plan, _ in etched), default=0.0))
