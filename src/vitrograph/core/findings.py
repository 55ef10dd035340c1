"""Findings: flaws in the maker's work, as data that every stage can yield and every view can show."""

from collections.abc import Iterable
from enum import StrEnum
from typing import Any

from msgspec import Struct

from vitrograph.core.job.change import Change, paths_of
from vitrograph.core.job.order import Job
from vitrograph.core.language import decimals, tr
from vitrograph.core.says import Area, Length, Says
from vitrograph.core.units import Unit, format_minutes


class Level(StrEnum):
    """How serious a finding is."""

    NOTE = "note"
    WATCH = "watch"
    STOP = "stop"


_GRAVER = list(Level)


class Code(StrEnum):
    """What a finding is about; the words are stable and documented in docs/formats.md."""

    MATERIAL = "material"
    MEASURE = "measure"
    SET = "set"
    OFF_GLASS = "off-glass"
    KEEP_OUT = "keep-out"
    LIP = "lip"
    OVERLAP = "overlap"
    BORDER = "border"
    SIZE = "size"
    WEB = "web"
    NEAR = "near"
    OPENING = "opening"
    SPECK = "speck"
    NEEDLE = "needle"
    ISLAND = "island"
    TIE = "tie"
    READING_WIDTH = "reading-width"
    FACE = "face"
    DROOP = "droop"
    EYE = "eye"
    STRAIN = "strain"
    PARTS = "parts"
    CLOSURE = "closure"
    LETTERS = "letters"
    ROW = "row"
    LICENCE = "licence"
    PIECE = "piece"
    DRAWING = "drawing"
    INVERTED = "inverted"
    SHEET = "sheet"
    BED = "bed"
    BLADE = "blade"
    TAPE = "tape"
    SURPLUS = "surplus"
    LAP = "lap"
    WAY = "way"
    TIMING = "timing"
    CREAM = "cream"
    COLOUR = "colour"
    BEFORE = "before"
    CAUSE = "cause"


class Remedy(Struct, frozen=True):
    """What mends a finding: `label` says it, `changes` do it to the job as it is when they are asked for."""

    label: Says | str
    changes: tuple[Change, ...]

    @classmethod
    def of(cls, label: Says | str, *changes: Change) -> "Remedy":
        """A remedy, as in `Remedy.of("Follow the rim", put(lambda job: job.fit.mode, "rim"))`."""
        return cls(label, changes)

    def paths(self, job: Job) -> dict[str, Any]:
        """Its changes as values by their paths, for `Job.changed`."""
        return paths_of(self.changes, job)


class Finding(Struct, frozen=True, eq=False):
    """One flaw: where on the sheet (mm), what was measured, the limit it broke, why it matters.

    `value` and `limit` are lengths in mm unless the code says otherwise (docs/formats.md). `others` are remedies that
    serve as well. Findings are the same whose words and numbers are, whatever mends them.
    """

    code: Code
    level: Level
    says: Says | str
    why: Says | str = ""
    where: tuple[float, float] | None = None
    value: float | None = None
    limit: float | None = None
    remedy: Remedy | None = None
    others: tuple[Remedy, ...] = ()

    def _told(self) -> tuple[object, ...]:
        return self.code, self.level, self.says, self.why, self.where, self.value, self.limit

    def __eq__(self, other: object) -> bool:
        return isinstance(other, Finding) and self._told() == other._told()

    def __hash__(self) -> int:
        return hash(self._told())

    def amount(self, number: float, unit: Unit) -> str:
        """Its value or its limit in words of a unit; empty where they are counts, or no numbers to show."""
        if self.code is Code.ISLAND and self.level is Level.NOTE:
            return Area(number).words(unit)
        if self.code is Code.STRAIN:
            return decimals(f"{number:.1f} %")
        if self.code is Code.TIMING:
            return tr("{number} min", number=format_minutes(number))
        return "" if self.code in _COUNTED else Length(number, 2).words(unit)

    @property
    def remedies(self) -> tuple[Remedy, ...]:
        """All that is offered, the likeliest first."""
        return ((self.remedy,) if self.remedy is not None else ()) + self.others


_COUNTED = {Code.PARTS, Code.LETTERS, Code.DRAWING, Code.FACE}


def worst(findings: Iterable[Finding]) -> Level | None:
    """The most serious level among findings, None where there are none.

    >>> worst([Finding(Code.WEB, Level.WATCH, "thin"), Finding(Code.FACE, Level.NOTE, "mirrored")]).value
    'watch'
    """
    return worst_of(found.level for found in findings)


def worst_of(levels: Iterable[Level | None]) -> Level | None:
    """The most serious of some levels, None where there are none."""
    return max((level for level in levels if level is not None), key=_GRAVER.index, default=None)
