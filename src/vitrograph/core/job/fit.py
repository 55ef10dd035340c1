"""The fit's part of a design: the way the art is laid, the place, and what the film gives there."""

from typing import Annotated, Literal

from msgspec import Meta

from vitrograph.core.job.records import Give, Place, Record, Turn
from vitrograph.core.job.shared import FilmKind

Mode = Literal["rim", "letters", "straight", "eye"]
Face = Literal["outside", "back"]
Stand = Literal["angle", "opposite handle", "between handles", "facing others", "facing drinker"]


class FilmGives(Record, frozen=True):
    """How much squeeze or stretch each film takes and still lies flat, and how many times that when laid warm.

    From memory, no published source.
    """

    stencil: Give = 0.015
    removable: Give = 0.02
    permanent: Give = 0.03
    shelf: Give = 0.015
    warmed: Annotated[float, Meta(ge=1, le=5)] = 1.5


class Fit(Record, frozen=True):
    """How the art goes on the glass: the way it is laid, and the place.

    `stand` says where the artwork's upright middle line stands round the glass: at `angle`, from the front to the
    right, or as a handle has it; `across` serves a pane: mm from its middle, to the right. `held` is the line of the
    art that keeps its distance: the top edge `from_rim` along the wall (None for centred), or the baseline or the
    middle, which stand `above_table`, upright. `turn` turns the art about its middle, to the left, from what
    it is `level` with: water in the glass, or its rim.

    `times` copies stand equally spaced round the glass: on one sheet if they are a `wrap`, else each on its own.
    `rows` by `columns` separate stencils share the art. On a wall curved both ways the film is cut to cost the least
    strain, or by the best `cone`; with `relief` its border is snipped; laid `warm` it gives more.
    """

    mode: Mode = "rim"
    face: Face = "outside"
    stand: Stand = "angle"
    hand: Literal["right", "left"] = "right"
    angle: Turn = 0.0
    across: Place = 0.0
    held: Literal["top", "baseline", "middle"] = "top"
    from_rim: Place | None = None
    above_table: Place = 40.0
    turn: Turn = 0.0
    level: Literal["water", "rim"] = "water"
    times: Annotated[int, Meta(ge=1, le=60)] = 1
    wrap: bool = False
    rows: Annotated[int, Meta(ge=1, le=12)] = 1
    columns: Annotated[int, Meta(ge=1, le=12)] = 1
    film_shape: Literal["least strain", "best cone"] = "least strain"
    relief: bool = False
    warm: bool = False
    gives: FilmGives = FilmGives()

    def limit(self, film: FilmKind) -> float:
        """How much a film may be squeezed or stretched, as it is laid."""
        give: float = getattr(self.gives, film)
        return give * (self.gives.warmed if self.warm else 1.0)
