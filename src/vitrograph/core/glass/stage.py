"""The glass room's stages: the wall, and what it takes."""

from vitrograph.core.glass.assess import AssessInput, assess
from vitrograph.core.glass.measure import wall_of
from vitrograph.core.stages import Known, Stage, StillWanted


def _assess(given: AssessInput, known: Known, _still_wanted: StillWanted) -> object:
    fitted = known.get("fitted")
    art = None if fitted is None else (*fitted.size, fitted.chart.s0)          # width, height and middle on the glass
    return assess(given, known["wall"], art)


STAGES = (
    Stage("wall", "glass", lambda job: job.glass, lambda glass, _known, _still_wanted: wall_of(glass)),
    Stage("assessed", "glass", AssessInput.of, _assess, needs=("wall",), wishes=("fitted",)),
)
