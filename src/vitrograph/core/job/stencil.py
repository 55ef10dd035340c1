"""The stencil's part of a design: the film round the art, its mends and ties, and the limits its parts are held to."""

from math import pi, radians
from typing import Annotated, Literal

from msgspec import Meta
from msgspec.structs import replace

from vitrograph.core.job.records import ANGLE, LENGTH, Length, Margin, Place, Record

StencilKind = Literal["resist", "clear", "decal"]
FilmMendName = Literal["fatten webs", "widen openings", "join openings", "fill openings", "fill specks", "drop islands",
                       "blunt tips"]


_MOST_REACH = 500.0                 # mm: what a margin may be


class FilmMend(Record, frozen=True):
    """A mend of the film: what is done to what is thinner (or, of specks, smaller across) than `to` mm, and where.

    `at` is a place in the artwork's own frame, mm, and `reach` how far about it; without a place it is done everywhere.
    What is wide enough is left alone, so a mend does nothing more once it has done its work.
    """

    does: FilmMendName
    to: Length
    at: tuple[Place, Place] | None = None
    reach: Margin = 0.0

    def scaled(self, factor: float) -> "FilmMend":
        """It on art that is so much larger or smaller: at the same place of that."""
        if self.at is None:
            return self
        return replace(self, at=(self.at[0] * factor, self.at[1] * factor), reach=min(_MOST_REACH, self.reach * factor))


class TieChoices(Record, frozen=True):
    """Strips of film that hold islands to the film round them: none, placed by the program, or by hand.

    `each` island has so many, or with 0 as few as carry its weight. `at` are the places of ties placed by hand, in the
    artwork's own frame, mm.
    """

    placed: Literal["none", "auto", "hand"] = "none"
    width: Annotated[float, Meta(ge=0.2, le=50, extra=LENGTH)] = 1.6
    each: Annotated[int, Meta(ge=0, le=6)] = 0
    at: Annotated[tuple[tuple[Place, Place], ...], Meta(max_length=2000)] = ()


class StencilChoices(Record, frozen=True):
    """The kind of stencil, the film round the art, what is done to the film, and the limits its parts are held to.

    `sides` are borders at the left, lower, right and upper side, where they are not all `border`. A clear stencil's
    frosted ground reaches `ground` beyond the art. Cream is kept off the glass for `guard` round the openings, by tape
    `tape_width` wide where the film ends sooner. The limits are common practice, no published source; `least_island` is
    the area in mm² that a finger can press down. `reading_angle` is how much of a round wall the eye reads from the
    front, standing `viewing_mm` from its axis.
    """

    kind: StencilKind = "resist"
    border: Margin = 20.0
    sides: tuple[Margin, Margin, Margin, Margin] | None = None
    outline: Literal["fan", "art", "rectangle", "oval"] = "fan"
    corner: Margin = 0.0
    tab: Literal["none", "left", "lower", "right", "upper"] = "none"
    ground: Margin = 6.0
    ground_shape: Literal["rectangle", "oval", "art"] = "rectangle"
    marks: Literal["none", "drawn", "cut"] = "none"
    guard: Margin = 30.0
    tape_width: Length = 25.0
    mends: Annotated[tuple[FilmMend, ...], Meta(max_length=2000)] = ()
    ties: TieChoices = TieChoices()
    least_border: Margin = 12.0
    least_web: Margin = 0.8
    least_opening: Margin = 0.8
    least_island: Annotated[float, Meta(ge=0, le=10_000)] = 3.0
    seal: Margin = 3.0
    reading_angle: Annotated[float, Meta(gt=0, le=pi, extra=ANGLE)] = radians(120)
    viewing_mm: Length = 600.0

    @property
    def borders(self) -> tuple[float, float, float, float]:
        """The border asked for at the left, lower, right and upper side."""
        return self.sides or (self.border,) * 4
