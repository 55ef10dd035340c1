"""From finding to finding: each is brought into both views and told."""

from typing import TYPE_CHECKING

import numpy as np

from vitrograph.core.findings import Finding
from vitrograph.core.language import tr
from vitrograph.core.value_words import word_of

if TYPE_CHECKING:
    from vitrograph.desk.shell import Shell


class FindingWalk:
    """Goes through the findings that have a place on the sheet, round and round."""

    def __init__(self, shell: "Shell") -> None:
        self.shell = shell
        self.at = -1

    def begin(self) -> None:
        """Begin with the first again."""
        self.at = -1

    def next(self) -> None:
        """Go to the next, at the stencil station."""
        bench = self.shell.bench
        bench.go("stencil")
        placed = [found for found in bench.results.findings() if found.where is not None]
        if not placed:
            self.shell.say(tr("nothing found that has a place on the sheet"))
            return
        at = (self.at + 1) % len(placed)
        self.at = at
        self.show(placed[at])

    def show(self, found: Finding) -> None:
        """Bring both views to a finding's place, and tell it."""
        bench = self.shell.bench
        fitted = bench.results.fitted
        if found.where is None or fitted is None:
            return
        u, s = fitted.chart.sheet_to_wall(np.array([found.where]))[0]
        if fitted.wall.closed:
            self.shell.glass_view.turn_to(float(u))
        self.shell.sheet_view.go_to(found.where)
        bench.pointed.emit((float(u), float(s)))
        self.shell.say(f"{word_of(found.level.value)}: {bench.words(found.says)}")
