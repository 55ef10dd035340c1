"""What a maker owns and is used to. All names are the maker's own; lengths are mm, prices in the maker's money."""

from typing import Annotated, Literal

from msgspec import Meta

from vitrograph.core.job import Cream, FilmKind, Recipe, Turning
from vitrograph.core.job.glass import Tools
from vitrograph.core.job.records import Give, Length, Margin, Offset, Record, Speed

WORKSHOP_VERSION = 2

Name = Annotated[str, Meta(min_length=1, max_length=80)]
Price = Annotated[float, Meta(ge=0, le=1e6)]


class Cutter(Record, frozen=True):
    """A cutter with the mat or the roll it takes: a roll has no length of its own. `offset` is its blade's.

    `port` is where it is driven: tcp:HOST:PORT, serial:PATH or file:PATH. `blade_m` are the metres its blade has cut.
    """

    name: Name = "Cutter"
    takes: Literal["mat", "roll"] = "mat"
    width: Length = 292.0
    length: Length = 292.0
    over_run: Margin = 0.6
    cut_speed: Speed = 60.0
    travel_speed: Speed = 200.0
    offset: Offset = 0.25
    leads_itself: bool = False
    port: Annotated[str, Meta(max_length=300)] = ""
    blade_m: Annotated[float, Meta(ge=0, le=1e6)] = 0.0


class Film(Record, frozen=True):
    """A film: what it is, its width, the length left of it, its price a metre, and limits and give found in use.

    `turning` is how parts may be turned on it: one with a grain wants them all as they stand on the glass. `force` is
    what a test cut came out clean with, in the cutter's own units.
    """

    name: Name = "Film"
    kind: FilmKind = "stencil"
    colour: Annotated[str, Meta(pattern="^#[0-9a-f]{6}$", examples=["#2f8f83"])] = "#2f8f83"
    width: Length = 305.0
    left: Annotated[float, Meta(ge=0, le=1e6, extra={"typed": "length"})] = 1000.0
    price: Price = 0.0
    turning: Turning = "free"
    least_web: Margin = 0.8
    least_opening: Margin = 0.8
    give: Give | None = None
    force: Annotated[float, Meta(ge=0, le=1e5)] | None = None


class Tape(Record, frozen=True):
    """A transfer tape."""

    name: Name = "Tape"
    roll_width: Length = 120.0
    clear: bool = True
    price: Price = 0.0


class OwnCream(Cream, frozen=True):
    """A cream of the maker's, with the recipe it is used by."""

    recipe: Recipe = Recipe()


class House(Record, frozen=True):
    """Rules of the house; the `bell` of clocks rings at a volume from 0 (it flashes only) to 1; what an `hour` of hands
    is worth, in the maker's money."""

    units: Literal["mm", "in"] = "mm"
    paper: Literal["A4", "Letter"] = "A4"
    border: Margin = 20.0
    least_border: Margin = 12.0
    viewing_mm: Length = 600.0
    hour: Price = 0.0
    bell: Annotated[float, Meta(ge=0, le=1)] = 0.7


class Workshop(Record, frozen=True):
    """Everything; the first of each kind is the one in use. `recipes` are the maker's own."""

    version: Literal[2] = 2
    cutters: Annotated[tuple[Cutter, ...], Meta(min_length=1, max_length=40)] = (Cutter(),)
    films: Annotated[tuple[Film, ...], Meta(min_length=1, max_length=200)] = (Film(),)
    tapes: Annotated[tuple[Tape, ...], Meta(min_length=1, max_length=40)] = (Tape(),)
    creams: Annotated[tuple[OwnCream, ...], Meta(min_length=1, max_length=40)] = (OwnCream(),)
    recipes: Annotated[tuple[Recipe, ...], Meta(max_length=100)] = ()
    tools: Tools = Tools()
    house: House = House()

    def label_minutes(self, cream: str) -> float | None:
        """How long the label of a cream of that name says, however it is written; None of a cream not owned."""
        return next((own.label_minutes for own in self.creams if own.name.casefold() == cream.casefold()), None)
