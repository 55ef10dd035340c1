"""What the stencil station finds, gravest first."""

from collections.abc import Callable, Iterator

from vitrograph.core.findings import Finding, Level
from vitrograph.core.job import Job
from vitrograph.core.stencil.checks.film import film_faults, ties
from vitrograph.core.stencil.checks.placing import (
    SIDES,
    border,
    carrier,
    face,
    keep_out,
    off_glass,
    overlap,
    reading_width,
)
from vitrograph.core.stencil.sheet import Sheet

__all__ = ["CHECKS", "SIDES", "check_stencil"]

CHECKS: tuple[Callable[[Sheet, Job], Iterator[Finding]], ...] = (
    off_glass, keep_out, overlap, border, film_faults, ties, reading_width, face, carrier,
)


def check_stencil(sheet: Sheet, job: Job) -> tuple[Finding, ...]:
    """Run every check over a sheet, gravest first."""
    order = [Level.STOP, Level.WATCH, Level.NOTE]
    return tuple(sorted((f for check in CHECKS for f in check(sheet, job)), key=lambda f: order.index(f.level)))
