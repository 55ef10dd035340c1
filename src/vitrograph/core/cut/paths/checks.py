"""What a blade and its language cannot do: parts smaller than its offset, and numbers beyond what cutters read."""

from collections.abc import Iterator

import numpy as np

from vitrograph.core.cut.files.hpgl import MOST_UNITS, UNITS_PER_MM
from vitrograph.core.cut.paths.sheet_run import SheetRun
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job.change import put
from vitrograph.core.language import tr
from vitrograph.core.says import Length, Says

LONGEST_MM = MOST_UNITS / UNITS_PER_MM


def findings_of(run: SheetRun) -> Iterator[Finding]:
    """Yield what of one sheet's cuts the blade, or the cutter's language, is not fit for."""
    yield from _too_small(run)
    yield from _too_long(run)


def _too_small(run: SheetRun) -> Iterator[Finding]:
    """Yield that openings are smaller than the blade can turn in: both sides under two offsets."""
    offset = run.choices.offset
    if offset <= 0:
        return
    sides = (np.ptp(cut.curve.points, axis=0).max() for cut in run.cuts if cut.kind in ("opening", "island"))
    small = [side for side in sides if side < 2 * offset]
    if small:
        yield Finding(Code.BLADE, Level.WATCH,
                      Says("{n} openings are smaller than the blade can turn in: {least} across, its tip trails by "
                           "{offset}", "an opening is smaller than the blade can turn in: {least} across, its tip "
                           "trails by {offset}", n=len(small), least=Length(float(min(small)), 2),
                           offset=Length(offset, 2)),
                      tr("leave them out, make them larger, or cut slower with a blade of less offset"),
                      value=float(min(small)), limit=2 * offset)


def _too_long(run: SheetRun) -> Iterator[Finding]:
    """Yield that a sheet is longer than a number of HP-GL can tell."""
    far = run.sheet.used[0]
    if far > LONGEST_MM:
        yield Finding(Code.BED, Level.WATCH,
                      Says("a piece of film is used over {far}; HP-GL tells places up to {most}", far=Length(far, 0),
                           most=Length(LONGEST_MM, 0)),
                      tr("many cutters take no larger numbers and would cut it wrong: cut shorter pieces of film"),
                      value=far, limit=LONGEST_MM,
                      remedy=Remedy.of(tr("Cut shorter pieces"), put(lambda job: job.cut.mat_length, LONGEST_MM)))
