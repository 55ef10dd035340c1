"""Etching: the named schools of timing, the steps round them, and the cautions.

The trade disagrees on time, so each school is offered under a name of its own; all of it is common practice, no
published source. The cream's label and safety data sheet come before anything written here.
"""

from dataclasses import dataclass

from vitrograph.core.glass import CARE, MATERIALS, TEST_SPOT
from vitrograph.core.job import Job, SchoolName


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
class EtchStep:
    """One step; `seconds` is set where a timer runs, `caution` where someone can be hurt."""

    says: str
    seconds: float | None = None
    caution: str = ""


@dataclass(frozen=True, slots=True)
class EtchPlan:
    """The school, the steps with their timers, and the area under cream in mm²."""

    school: School
    area: float
    how_many: int
    steps: tuple[EtchStep, ...]


def plan_etch(frosted_area: float, job: Job) -> EtchPlan:
    """Write the steps for one piece by the job's school; where film is the decoration there is none but to leave it."""
    if job.stencil.kind == "decal":
        return EtchPlan(SCHOOLS[job.etch.school], 0.0, job.how_many, (
            EtchStep("Nothing is etched: the film is the decoration, and stays. Rub every edge down once more."),))
    school, material = SCHOOLS[job.etch.school], MATERIALS[job.material]
    before = (
        EtchStep("Put on gloves and goggles, open a window. Read the label.", caution=CAUTIONS[1]),
        EtchStep(f"{material.title} glass: {TEST_SPOT[:1].lower()}{TEST_SPOT[1:]}" if material.doubtful else
                 "Look the piece over: clean, dry, no crack, no scratch.", caution=material.caution or CARE),
        EtchStep("Stir the cream. Dab it on thick, until no glass shows through. Hold it to the light.",
                 caution="Cup the tape's edge to catch drips; keep the cream off skin and steel sinks."),
    )
    timed = tuple(EtchStep(f"{phase.does}.", phase.seconds) for phase in school.phases)
    after = (
        EtchStep("Clean one small spot near the edge, dry it and look. Put cream back on it if it is too faint."),
        EtchStep("Scrape the cream back into the pot, never dragging it past the film. Nothing metal."),
        EtchStep("Rinse in low, gentle water with the stencil still on.",
                 caution="Keep gloves and goggles on until the last of the cream is gone."),
        EtchStep("Dry it, then look. Wet frost cannot be seen. Missed spots: cream again while the stencil is on."),
        EtchStep("Peel the stencil. Wash the glass, wipe it with alcohol, and look at it on black card."),
    )
    return EtchPlan(school, frosted_area, job.how_many, before + timed + after)
