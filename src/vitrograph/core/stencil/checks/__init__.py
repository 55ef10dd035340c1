"""What the stencil station finds, gravest first."""

from collections.abc import Callable, Iterator

from vitrograph.core.findings import Finding, Level
from vitrograph.core.stencil.checks.film import film_faults, ties
from vitrograph.core.stencil.checks.given import CheckInput
from vitrograph.core.stencil.checks.placing import (
    LIP_MM,
    below_rim,
    border,
    face,
    keep_out,
    lip,
    off_glass,
    overlap,
    reading_width,
    size_cut,
)
from vitrograph.core.stencil.sheet import Sheet

__all__ = ["CHECKS", "LIP_MM", "CheckInput", "below_rim", "check_stencil"]

CHECKS: tuple[Callable[[Sheet, CheckInput], Iterator[Finding]], ...] = (
    off_glass, keep_out, lip, overlap, border, film_faults, ties, size_cut, reading_width, face,
)


def check_stencil(given: CheckInput, sheet: Sheet) -> tuple[Finding, ...]:
    """Run every check over a sheet, gravest first."""
    order = [Level.STOP, Level.WATCH, Level.NOTE]
    return tuple(sorted((f for check in CHECKS for f in check(sheet, given)), key=lambda f: order.index(f.level)))
