"""Job: the one frozen tree of everything the maker decided.

Lengths are mm and angles radians. A job is never changed in place: `changed` returns a new one, so undo is a
stack of jobs and every result can be cached by the parts of the job it depends on.
"""

from math import pi, radians
from typing import Annotated, Any, Literal, Self

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from vitrograph.core.errors import JobError

JOB_VERSION = 1                    # docs/formats.md; raised, with a migration, when the tree changes

Length = Annotated[float, Field(gt=0, le=5000)]
Margin = Annotated[float, Field(ge=0, le=500)]
Place = Annotated[float, Field(ge=-5000, le=5000)]
Girth = Literal["diameter", "circumference"]
Mode = Literal["rim", "straight"]
Face = Literal["outside", "back"]
FilmKind = Literal["stencil", "removable", "permanent", "shelf"]
SchoolName = Literal["brief-worked", "five-stir-five", "long-still"]


class Frozen(BaseModel):
    """Base of the job's parts: immutable, hashable, refusing unknown names and numbers that are not finite."""

    model_config = ConfigDict(frozen=True, extra="forbid", allow_inf_nan=False)


class FlatGlass(Frozen):
    """A pane, plaque or the underside of a dish: the visible width and height."""

    kind: Literal["flat"] = "flat"
    width: Length = 200.0
    height: Length = 150.0


class StraightGlass(Frozen):
    """A straight wall: one girth all the way up."""

    kind: Literal["straight"] = "straight"
    rim: Length = 80.0
    girth: Girth = "diameter"
    height: Length = 100.0


class TaperedGlass(Frozen):
    """A wall that widens or narrows evenly: girths at rim and base, and the height named upright or slant."""

    kind: Literal["taper"] = "taper"
    rim: Length = 80.0
    base: Length = 60.0
    girth: Girth = "diameter"
    height: Length = 120.0
    height_is: Literal["upright", "slant"] = "upright"


Glass = Annotated[FlatGlass | StraightGlass | TaperedGlass, Field(discriminator="kind")]


class Drawing(Frozen):
    """A vector drawing the maker opened: its file name and its SVG text."""

    name: str = Field(max_length=200)
    svg: str = Field(max_length=20_000_000, repr=False)


class Artwork(Frozen):
    """Lettering, a drawing, or both; spacings are in ems (the lettering's own size)."""

    text: str = Field(default="", max_length=2000)
    face: str = "Barlow Bold"
    align: Literal["left", "centre", "right"] = "centre"
    letter_spacing: float = Field(default=0.0, ge=-0.5, le=3)
    line_spacing: float = Field(default=1.1, ge=0.2, le=10)
    drawing: Drawing | None = None
    drawing_place: Literal["above", "below", "left", "right"] = "above"
    drawing_size: float = Field(default=1.6, gt=0, le=50, description="the drawing's height, in ems")
    gap: float = Field(default=0.35, ge=-5, le=20)


class Fit(Frozen):
    """How the art goes on the glass: its size there, the way it is laid, and the place."""

    size: Length = 70.0
    size_is: Literal["width", "height"] = "width"
    mode: Mode = "rim"
    face: Face = "outside"
    angle: float = Field(default=0.0, ge=-pi, le=pi, description="round the glass from the front, to the right")
    across: Place = Field(default=0.0, description="on a pane: from the middle, to the right")
    from_rim: Place | None = Field(default=None, description="rim to the art's top edge; none is centred")


class StencilChoices(Frozen):
    """The film round the art, and the limits its parts are held to (common practice, no published source)."""

    border: Margin = 20.0
    least_border: Margin = 12.0
    least_web: Margin = 0.8
    least_opening: Margin = 0.8
    reading_angle: float = Field(default=radians(120), gt=0, le=pi, description="what the eye reads from the front")


class CutChoices(Frozen):
    """Film, carrier mat and the cutter's habits; speeds in mm/s."""

    film: FilmKind = "stencil"
    over_run: Margin = 0.6
    mat_width: Length = 292.0
    mat_length: Length = 292.0
    cut_speed: float = Field(default=60.0, gt=0, le=2000)
    travel_speed: float = Field(default=200.0, gt=0, le=5000)


class TransferChoices(Frozen):
    """The tape on the roll, and how far it reaches beyond the stencil."""

    roll_width: Length = 120.0
    margin: Margin = 6.0
    top_extra: Margin = 38.0
    overlap: Margin = 8.0


class EtchChoices(Frozen):
    """Which school of timing the cream is left by."""

    school: SchoolName = "five-stir-five"


class Job(Frozen):
    """Everything the maker decided about one piece, or one set of equal pieces."""

    version: Literal[1] = 1
    name: str = Field(default="Untitled", min_length=1, max_length=120)
    how_many: int = Field(default=1, ge=1, le=1000)
    glass: Glass = TaperedGlass()
    artwork: Artwork = Artwork()
    fit: Fit = Fit()
    stencil: StencilChoices = StencilChoices()
    cut: CutChoices = CutChoices()
    transfer: TransferChoices = TransferChoices()
    etch: EtchChoices = EtchChoices()

    def changed(self, **changes: Any) -> Self:
        """Return a job with some values replaced; `part__field` reaches into a part.

        Raises JobError, saying which value cannot be and why.

        >>> Job().changed(stencil__border=25.0).stencil.border
        25.0
        """
        tree = self.model_dump()
        for path, value in changes.items():
            *parts, last = path.split("__")
            branch = tree
            for part in parts:
                branch = branch[part]
            branch[last] = value.model_dump() if isinstance(value, BaseModel) else value
        return self.read(tree)

    @classmethod
    def read(cls, tree: Any) -> Self:
        """Build a job from plain data. Raises JobError with one sentence about the first bad value."""
        try:
            return cls.model_validate(tree)
        except ValidationError as error:
            raise JobError(_sentence(error)) from None


def _sentence(error: ValidationError) -> str:
    """Say the first thing that is wrong, naming the place in the job and what came."""
    first = error.errors()[0]
    kinds = {"flat", "straight", "taper"}
    place = " ".join(str(step).replace("_", " ") for step in first["loc"] if step not in kinds) or "the job"
    came = repr(first["input"])
    got = f", got {came}" if len(came) <= 40 else ""
    return f"{place}: {first['msg'][0].lower()}{first['msg'][1:]}{got}"
