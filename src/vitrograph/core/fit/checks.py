"""What the fit station finds: straight lettering that will not look level, and film that must give on a curve."""

from collections.abc import Iterator
from math import sqrt

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.fit.place import Fitted
from vitrograph.core.job import FilmKind, Job
from vitrograph.core.units import format_length

LEAST_DROOP_MM = 0.8               # a smaller bow is not seen (common practice, no published source)


FILM_LIMITS: dict[FilmKind, float] = {"stencil": 0.015, "removable": 0.02, "permanent": 0.03, "shelf": 0.015}
"""How much squeeze or stretch film takes and still lies flat (from memory, no published source)."""


def check_fit(fitted: Fitted, job: Job) -> Iterator[Finding]:
    """Yield what the way of laying costs: level lines that leave the level, film that must give."""
    yield from droop(fitted)
    yield from strain(fitted, job)


def strain(fitted: Fitted, job: Job) -> Iterator[Finding]:
    """Yield the worst hoop strain where the wall is curved both ways, so that no flat film fits it exactly."""
    worst, limit = fitted.hoop_strain, FILM_LIMITS[job.cut.film]
    if abs(worst) > limit:
        does = "be squeezed" if worst < 0 else "stretch"
        # on a smooth wall the strain grows with the square of the art's height
        smaller = sqrt(limit / abs(worst)) * 0.98
        yield Finding(Code.STRAIN, Level.WATCH, f"the film must {does} by {100 * abs(worst):.1f} %",
                      "on a wall curved both ways a flat sheet wrinkles or creeps back: keep the stencil small",
                      None, 100 * abs(worst), 100 * limit,
                      Remedy.of(f"Make it smaller: art {format_length(fitted.size[0] * smaller)} wide",
                                artwork=job.artwork.scaled(smaller)))


def droop(fitted: Fitted) -> Iterator[Finding]:
    """Yield how far the ends of level lines leave the level, where art is laid straight on a taper."""
    off = fitted.droop
    if abs(off) > LEAST_DROOP_MM:
        looks = "rise: it smiles" if off > 0 else "drop: it droops"
        yield Finding(Code.DROOP, Level.WATCH, f"laid straight, the ends {looks}, by {format_length(abs(off))}",
                      "on a tapered wall a straight line is not level", None, abs(off), LEAST_DROOP_MM,
                      Remedy.of("Follow the rim", fit__mode="rim"))
