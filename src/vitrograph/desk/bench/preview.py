"""A change tried before it is made: the sheet it would give, worked out beside the job in hand."""

from collections.abc import Mapping
from typing import Any

import shapely
from msgspec import Struct
from PySide6.QtCore import QObject
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import as_polygons, multipolygon, without
from vitrograph.core.job import Job
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.stencil import Sheet
from vitrograph.desk.bench.background import BackgroundTask

_LEAST_MM = 0.002                  # half the width of a sliver


class Preview(Struct, frozen=True, eq=False):
    """The sheet a change would give: what would be film, and what open, that is not so now.

    Where the art itself changes its place or size, the two are not told apart: `elsewhere` are its new openings.
    """

    to_film: MultiPolygon
    to_opening: MultiPolygon
    elsewhere: MultiPolygon


class Previewer(BackgroundTask):
    """Tries changes one at a time, with a pipeline of its own; `answered` carries a Tried."""

    def __init__(self, parent: QObject) -> None:
        super().__init__(parent)
        self._pipeline = Pipeline()

    def try_out(self, job: Job, now: Sheet, changes: Mapping[str, Any]) -> None:
        """Ask for the sheet of a job with some changes, against the sheet as it is now."""
        self.ask(lambda: self._tried(job.changed(**changes), now))

    def _tried(self, job: Job, now: Sheet) -> Preview:
        then = next((results.sheet for results in self._pipeline.steps(job) if results.sheet is not None), None)
        nothing = MultiPolygon()
        if then is None:
            return Preview(nothing, nothing, nothing)
        if then.fitted.sheet_art.bounds != now.fitted.sheet_art.bounds or then.kind != now.kind:
            return Preview(nothing, nothing, then.openings)
        to_film, to_opening = without(now.openings, then.openings), without(then.openings, now.openings)
        return Preview(_seen(to_film), _seen(to_opening), nothing)


def _seen(shape: BaseGeometry) -> MultiPolygon:
    """What of a difference can be seen: edges that only rounding moved leave slivers."""
    parts = shapely.get_parts(as_polygons(shape))
    return multipolygon(parts[shapely.area(parts) > _LEAST_MM * shapely.length(parts)])
