"""The glass's part of a design: what kind it is, how it was measured, and what it has beside its wall."""

from math import pi
from typing import Annotated, Literal

from msgspec import Meta

from vitrograph.core.job.records import Height, Length, Margin, Place, Record, Turn

Girth = Literal["diameter", "circumference"]
MaterialName = Literal["ordinary", "strengthened", "bakeware", "crystal", "coated", "coated inside", "mirror",
                       "unknown"]
ToolName = Literal["ruler", "tape", "calipers"]
Obstacle = Literal["handle", "seam", "raised mark", "other"]


class _Glass(Record, frozen=True, tag_field="kind"):
    """Base of the kinds of glass, told apart in files by `kind`."""

    @property
    def kind(self) -> str:
        """The word for this kind of glass."""
        return str(self.__struct_config__.tag)


class FlatGlass(_Glass, frozen=True, tag="flat"):
    """A pane, plaque or the underside of a dish: its width and height, and the edge a frame hides all round.

    It lies loose on the bench, stands upright in its place, or is the hollow underside of a dish.
    """

    width: Length = 200.0
    height: Length = 150.0
    outline: Literal["rectangle", "oval"] = "rectangle"
    frame: Margin = 0.0
    lies: Literal["loose", "upright", "hollow"] = "loose"


class StraightGlass(_Glass, frozen=True, tag="straight"):
    """A straight wall: one girth all the way up. It stands on a stem, or a foot, so high."""

    rim: Length = 80.0
    girth: Girth = "diameter"
    height: Length = 100.0
    stem: Height = 0.0


class TaperedGlass(_Glass, frozen=True, tag="taper"):
    """A wall that widens or narrows evenly: girths at rim and base, and the height named upright or slant.

    It stands on a stem, or a foot, so high.
    """

    rim: Length = 80.0
    base: Length = 60.0
    girth: Girth = "diameter"
    height: Length = 120.0
    height_is: Literal["upright", "slant"] = "upright"
    stem: Height = 0.0


class CurvedGlass(_Glass, frozen=True, tag="curved"):
    """A wall curved both ways, from stations: the height above the table, and the girth there.

    Heights are upright, or measured along the wall from the lowest station.
    """

    stations: tuple[tuple[Height, Length], ...] = ((0.0, 60.0), (45.0, 92.0), (110.0, 64.0))
    girth: Girth = "diameter"
    joined: Literal["smooth", "parts"] = "smooth"
    height_is: Literal["upright", "slant"] = "upright"

    @property
    def height(self) -> float:
        """From the lowest station to the highest, as measured."""
        return self.stations[-1][0] - self.stations[0][0] if self.stations else 0.0


class BallGlass(_Glass, frozen=True, tag="ball"):
    """A ball, such as a round ornament, that stands on a stem so high."""

    diameter: Length = 80.0
    stem: Height = 0.0

    @property
    def height(self) -> float:
        """Its diameter."""
        return self.diameter


Glass = FlatGlass | StraightGlass | TaperedGlass | CurvedGlass | BallGlass


class KeepOut(Record, frozen=True):
    """A place no film may lie on: its middle round the glass (or across a pane), its width, and its upright heights."""

    what: Obstacle = "handle"
    angle: Turn = pi
    across: Place = 0.0
    wide: Length = 30.0
    low: Height = 0.0
    high: Height = 5000.0


class Features(Record, frozen=True):
    """What a piece has beside its wall: thicknesses, the wall a foot and a rim bead take, places to keep out of.

    Its rim stands `rim_rise` higher at the angle `rim_high` than across from there. `use` tells whether somebody
    drinks from it, and so whether its rim is a lip. `on_it` is what must come off before the film goes on; a piece that
    is painted, gilded or silvered may bear `no_alcohol`.
    """

    thickness: Margin = 0.0
    bottom: Margin = 0.0
    foot: Margin = 0.0
    bead: Margin = 0.0
    rim_rise: Margin = 0.0
    rim_high: Turn = 0.0
    use: Literal["drinking", "display"] = "drinking"
    on_it: Literal["nothing", "label", "paint", "wax"] = "nothing"
    no_alcohol: bool = False
    keep_out: Annotated[tuple[KeepOut, ...], Meta(max_length=40)] = ()


class Taken(Record, frozen=True):
    """Several readings of one place, by a tape so thick where one went round; the glass holds their mean."""

    place: Annotated[str, Meta(max_length=20)]
    readings: Annotated[tuple[Length, ...], Meta(min_length=1, max_length=100)]
    tape: Margin = 0.0


class Tools(Record, frozen=True):
    """What the girths and the height were measured with, and what each tool may be off by (common practice)."""

    girth: ToolName = "ruler"
    height: ToolName = "ruler"
    ruler_error: Margin = 0.5
    tape_error: Margin = 1.0
    calipers_error: Margin = 0.05
    taken: Annotated[tuple[Taken, ...], Meta(max_length=40)] = ()

    def error_of(self, tool: ToolName) -> float:
        """What one reading of a tool may be off by, mm."""
        return {"ruler": self.ruler_error, "tape": self.tape_error, "calipers": self.calipers_error}[tool]
