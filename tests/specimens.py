"""Named specimens the tests share. The sizes and drawings are invented for the tests."""

import json
from importlib import resources
from math import pi
from pathlib import Path
from typing import Any

from vitrograph.core.etch import recipe_named
from vitrograph.core.findings import Remedy
from vitrograph.core.job import (
    Artwork,
    BallGlass,
    Content,
    CurvedGlass,
    Drawing,
    FlatGlass,
    Item,
    Job,
    Order,
    StraightGlass,
    TaperedGlass,
    Words,
)
from vitrograph.core.pipeline import Pipeline
from vitrograph.core.results import FinishedOrder, Results
from vitrograph.core.says import Value, in_words
from vitrograph.core.telling.plan_json import plan_of

TUMBLER = TaperedGlass(rim=90.0, base=64.0, height=132.0)
FLARE_IN = TaperedGlass(rim=52.0, base=74.0, height=110.0)
LANTERN = StraightGlass(rim=98.0, height=140.0)
PLAQUE = FlatGlass(width=240.0, height=160.0)
CARAFE = CurvedGlass(stations=((0.0, 74.0), (55.0, 122.0), (120.0, 98.0), (165.0, 52.0)))
ORNAMENT = BallGlass(diameter=96.0)
BRIEF, FIFTEEN = recipe_named("Label's time, worked"), recipe_named("Fifteen, thick")

SVG = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {size} {size}">{body}</svg>'


def svg(body: str, size: int = 100) -> str:
    """An SVG page round a body."""
    return SVG.format(body=body, size=size)


STAR = svg('<path d="M50 5 61 39 97 39 68 60 79 95 50 74 21 95 32 60 3 39 39 39Z"/>')


def job(
    text: str = "Kestrel", *, width: float = 60.0, height: float | None = None, face: str = "Barlow Bold",
    letter_spacing: float = 0.0, **changes: Any,
) -> Job:
    """A sound job on the tumbler: sturdy words, well inside the glass."""
    return _with_piece(Words(text, face, letter_spacing=letter_spacing), width, height, changes)


def star_job(*, width: float = 40.0, height: float | None = None, **changes: Any) -> Job:
    """A job with a drawing and no words."""
    return _with_piece(Drawing(name="star.svg", data=STAR.encode()), width, height, changes)


def _with_piece(what: Content, width: float, height: float | None, changes: dict[str, Any]) -> Job:
    item = Item(what, key=1, size=height or width, size_is="height" if height else "width")
    plain = Job(glass=TUMBLER).changed(artwork=Artwork((item,)), fit__from_rim=40.0)
    return plain.changed(**changes) if changes else plain


def two_sided(**changes: Any) -> Job:
    """Words on the front and the year on the other side of the tumbler, a film each."""
    made = job("Kestrel", width=52.0, **({"fit__columns": 2} | changes))
    half = pi * run(made).fitted.chart.middle_scale
    year = Item(Words("1887"), key=2, size=20.0, x=half)
    return made.changed(artwork=Artwork((*made.artwork.items, year)))


def run(made: Job) -> Results:
    """Results of a job, all stages answered."""
    results = Pipeline().run(made)
    results.finished()
    return results


def remedied(made: Job, remedy: Remedy) -> Job:
    """A job with a remedy done."""
    return made.changed(**remedy.paths(made))


def finished(made: Job) -> FinishedOrder:
    """A job worked out as an order of its own."""
    return Pipeline().run_order(Order.of(made)).finished()


def plan_piece(made: Job) -> dict[str, Any]:
    """The one piece of a job's plan."""
    return plan_of(finished(made))["pieces"][0]


def in_mm(said: Value | str) -> str:
    """A sentence in mm."""
    return in_words(said, "mm")


def fonts_folder(name: str) -> list[Path]:
    """The files of a shipped face, main file first."""
    folder = Path(str(resources.files("vitrograph.data"))) / "fonts"
    entry = json.loads((folder / "faces.json").read_text("utf-8"))[name]
    return [folder / entry["folder"] / file for file in entry["files"]]
