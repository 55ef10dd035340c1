"""What all pieces of an order share: film and cutter, tape, and the way of etching."""

from typing import Annotated, Literal

from msgspec import Meta

from vitrograph.core.job.recipe import Cream, Recipe
from vitrograph.core.job.records import LENGTH, Length, Margin, Offset, Place, Record, Speed, Turn

FilmKind = Literal["stencil", "removable", "permanent", "shelf"]
ToolOfCream = Literal["brush", "stick", "squeegee"]
ColourWay = Literal["none", "wax on", "wax off", "tint"]
SettingWay = Literal["suits", "middle", "hinge", "lowered", "edge", "hand", "on the glass"]


# how parts may be turned on film: as they like, by quarters, or not at all where the film has a grain
Turning = Literal["free", "quarter", "none"]
MOST_SPOTS = 5000


class Stock(Record, frozen=True):
    """A piece of film to cut from, or a roll: how wide it is and how much of its length is left; its price a metre."""

    name: Annotated[str, Meta(min_length=1, max_length=80)] = "Film"
    width: Length = 305.0
    length: Annotated[float, Meta(gt=0, le=1e6, extra={"typed": "length"})] = 1000.0
    price: Annotated[float, Meta(ge=0, le=1e6)] = 0.0
    turning: Turning = "free"


class Lying(Record, frozen=True):
    """Where a stencil lies on film: whose it is (its job's key, its film and its copy), the sheet, its corner, its
    turn.

    Sheets are numbered from 0 in the order they are cut; `x` is along the film, from its start.
    """

    key: Annotated[int, Meta(ge=0)]
    film: Annotated[int, Meta(ge=0, le=1000)] = 0
    copy: Annotated[int, Meta(ge=0, le=100000)] = 0
    sheet: Annotated[int, Meta(ge=0, le=100000)] = 0
    x: Place = 0.0
    y: Place = 0.0
    turn: Turn = 0.0
    pinned: bool = False


class CutChoices(Record, frozen=True):
    """Film, carrier mat and the cutter's habits; speeds in mm/s.

    The blade's `offset` is how far its tip trails its pivot; a cutter that `leads_itself` is sent the drawing. `gap`
    is the least film between two stencils, `edge` what of a mat or a roll is left free along its edges; where `parted`,
    the film round each stencil is cut into parts that are pulled one by one. `stock` is the film there is, the first
    used first; where none is named there is film as large as the mat, as often as wanted. `laid` are places chosen on
    it, by hand or by nesting.
    """

    film: FilmKind = "stencil"
    over_run: Margin = 0.6
    mat_width: Length = 292.0
    mat_length: Length = 292.0
    cut_speed: Speed = 60.0
    travel_speed: Speed = 200.0
    offset: Offset = 0.25
    leads_itself: bool = False
    passes: Annotated[int, Meta(ge=1, le=4)] = 1
    by_piece: bool = True
    gap: Margin = 12.0
    edge: Margin = 5.0
    boxes: bool = False
    parted: bool = False
    stock: Annotated[tuple[Stock, ...], Meta(max_length=200)] = ()
    laid: Annotated[tuple[Lying, ...], Meta(max_length=MOST_SPOTS)] = ()


class TransferChoices(Record, frozen=True):
    """The tape on the roll, how far it reaches beyond the stencil, and the way the film is set on the glass.

    A piece of tape serves for `uses` films. Films of one glass lap by `least_lap` at least. The film settles so many
    minutes, `warmed` or not.
    """

    roll_width: Length = 120.0
    margin: Margin = 6.0
    top_extra: Margin = 38.0
    overlap: Margin = 8.0
    clear: bool = True
    uses: Annotated[int, Meta(ge=1, le=50)] = 1
    way: SettingWay = "suits"
    least_lap: Margin = 3.0
    settle: Annotated[float, Meta(ge=0, le=1440)] = 15.0
    warmed: bool = False


class EtchChoices(Record, frozen=True):
    """The recipe and the cream, how it is laid on, and how the evening is planned.

    `coat` is how thick it lies, mm; `speed` how fast it is laid on, mm²/s, 0 where the tool's own is meant. `places`
    glasses may stand under cream at once; `calm` from 0 to 1 is the time to spare before clocks, None for as much as it
    takes. Where `halves`, a glass is etched in two parts.
    """

    recipe: Recipe = Recipe()
    cream: Cream = Cream()
    tool: ToolOfCream = "brush"
    coat: Annotated[float, Meta(gt=0, le=20, extra=LENGTH)] = 1.5
    speed: Annotated[float, Meta(ge=0, le=1e5)] = 0.0
    places: Annotated[int, Meta(ge=1, le=60)] = 4
    pots: Annotated[int, Meta(ge=1, le=20)] = 1
    calm: Annotated[float, Meta(ge=0, le=1)] | None = None
    halves: bool = False
    colour: ColourWay = "none"
