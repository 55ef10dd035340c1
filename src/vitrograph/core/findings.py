"""Findings: flaws in the maker's work, as data that every stage can yield and every view can show."""

from collections.abc import Iterable
from dataclasses import dataclass, field
from enum import StrEnum
from types import MappingProxyType
from typing import Any


class Level(StrEnum):
    """How serious a finding is."""

    NOTE = "note"
    WATCH = "watch"
    STOP = "stop"


class Code(StrEnum):
    """What a finding is about; the words are stable and documented in docs/formats.md."""

    MATERIAL = "material"
    MEASURE = "measure"
    SET = "set"
    OFF_GLASS = "off-glass"
    KEEP_OUT = "keep-out"
    OVERLAP = "overlap"
    BORDER = "border"
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
    LICENCE = "licence"
    PIECE = "piece"
    DRAWING = "drawing"
    SHEET = "sheet"


@dataclass(frozen=True, slots=True)
class Remedy:
    """A change of the job that mends a finding: `label` says it, `changes` are for `Job.changed`."""

    label: str
    changes: MappingProxyType[str, Any]

    @classmethod
    def of(cls, label: str, **changes: Any) -> "Remedy":
        """A remedy from keyword changes, as in `Remedy.of("Border 15 mm", stencil__border=15.0)`."""
        return cls(label, MappingProxyType(changes))


@dataclass(frozen=True, slots=True)
class Finding:
    """One flaw: where on the sheet (mm), what was measured, the limit it broke, why it matters.

    `value` and `limit` are lengths in mm unless the code says otherwise (docs/formats.md). `others` are remedies that
    serve as well.
    """

    code: Code
    level: Level
    says: str
    why: str = ""
    where: tuple[float, float] | None = None
    value: float | None = None
    limit: float | None = None
    remedy: Remedy | None = field(default=None, compare=False)
    others: tuple[Remedy, ...] = field(default=(), compare=False)

    @property
    def unit(self) -> str:
        """What `value` and `limit` are told in; empty where they are counts, or no numbers to show."""
        if self.code is Code.ISLAND and self.level is Level.NOTE:
            return "mm²"
        return {Code.STRAIN: "%", Code.PARTS: "", Code.LETTERS: "", Code.DRAWING: "", Code.FACE: ""}.get(
            self.code, "mm")

    @property
    def remedies(self) -> tuple[Remedy, ...]:
        """All that is offered, the likeliest first."""
        return ((self.remedy,) if self.remedy is not None else ()) + self.others


def worst(findings: Iterable[Finding]) -> Level | None:
    """The most serious level among findings, None where there are none.

    >>> worst([Finding(Code.WEB, Level.WATCH, "thin"), Finding(Code.FACE, Level.NOTE, "mirrored")]).value
    'watch'
    """
    order = list(Level)
    return max((f.level for f in findings), key=order.index, default=None)
