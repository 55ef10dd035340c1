"""What the artwork's items are: words, drawings, shapes and monograms, and how a drawing is read."""

from typing import Annotated, Literal

from msgspec import Meta

from vitrograph.core.job.records import Length, Margin, Place, Record, Turn

ToneName = Literal["frost", "clear", "leave"]
MendName = Literal["thicken", "round ends", "square ends", "close gaps", "drop specks", "fill pinholes", "remove",
                   "remove thin", "keep", "smooth", "straighten"]
OutlineName = Literal["rectangle", "rounded", "oval", "diamond", "shield", "plaque", "hexagon", "arch", "star"]
EdgeName = Literal["filled", "line", "two lines", "beads", "scallops"]
MonogramStyle = Literal["three", "split", "beside", "single", "block"]

MOST_WORDS = 20_000                # letters kept; how many are set is for the lettering to say


class Tone(Record, frozen=True):
    """What a colour of a drawing means, where the maker decided otherwise than the first guess."""

    colour: Annotated[str, Meta(pattern="^#[0-9a-f]{6}$", examples=["#2f8f83"])]
    does: ToneName


class TraceChoices(Record, frozen=True):
    """How a picture becomes outlines; sizes are mm at the picture's own size, the tolerance is in 255ths."""

    tones: Literal["two", "lines"] = "two"
    threshold: Annotated[float, Meta(ge=0, le=1)] | None = None
    even_light: bool = False
    light_frosts: bool = False
    background: Annotated[tuple[Annotated[str, Meta(max_length=40)], ...], Meta(max_length=20)] = ()
    tolerance: Annotated[float, Meta(ge=0, le=255)] = 24.0
    speck: Margin = 0.25
    pinhole: Margin = 0.25
    smooth: Margin = 0.0
    simplify: Margin = 0.0
    turn: Turn = 0.0
    line_pitch: Annotated[float, Meta(ge=0.2, le=100)] = 2.0
    line_least: Annotated[float, Meta(ge=0.05, le=50)] = 0.5
    dpi: Annotated[float, Meta(ge=20, le=5000)] | None = None


class Mend(Record, frozen=True):
    """A mend of a drawing: what is done, by how much, and where, in heights of the drawing from its lower left corner.

    Without a place it is done everywhere; `reach` is how far about the place.
    """

    does: MendName
    amount: Annotated[float, Meta(ge=-1, le=1)] = 0.0
    at: tuple[Place, Place] | None = None
    reach: Annotated[float, Meta(ge=0, le=100)] = 0.0


class Drawing(Record, frozen=True, tag_field="is", tag="drawing"):
    """What the maker brought: the file's name, kind and content, how it is read, how mended, and a licence note.

    `drawn` says what its ink is: the art, or the film of a stencil whose holes are the art. A guess takes it
    for the art. `between` is how wide a line stays film where two colours that frost meet, of the drawing's height.
    """

    name: Annotated[str, Meta(max_length=200)]
    data: Annotated[bytes, Meta(max_length=64_000_000)]
    kind: Literal["svg", "dxf", "picture"] = "svg"
    tones: Annotated[tuple[Tone, ...], Meta(max_length=500)] = ()
    trace: TraceChoices = TraceChoices()
    mends: Annotated[tuple[Mend, ...], Meta(max_length=200)] = ()
    licence: Annotated[str, Meta(max_length=400)] = ""
    drawn: Literal["guess", "art", "film"] = "guess"
    between: Annotated[float, Meta(ge=0, le=0.5)] = 0.0

    def __repr__(self) -> str:
        return f"Drawing({self.name!r}, {self.kind}, {len(self.data)} bytes)"


class FontFile(Record, frozen=True):
    """A font the maker brought: its name, its content, which face of a collection, the weight of a variable one."""

    name: Annotated[str, Meta(min_length=1, max_length=200)]
    data: Annotated[bytes, Meta(max_length=64_000_000)]
    number: Annotated[int, Meta(ge=0, le=1000)] = 0
    weight: Annotated[float, Meta(ge=1, le=1000)] | None = None

    def __repr__(self) -> str:
        return f"FontFile({self.name!r}, {len(self.data)} bytes)"


class Words(Record, frozen=True, tag_field="is", tag="words"):
    """Lettering, a line a line: in a shipped face, or in a brought font if there is one. Spacings are in ems.

    `line_sizes` are the sizes of single lines against the others (1 where none is given). `even` makes all lines
    equally wide. `bend` is the radius of the arc the first line stands on, in ems of the letters: 0 is straight,
    negative hangs in a bowl.
    """

    text: Annotated[str, Meta(max_length=MOST_WORDS)] = ""
    face: Annotated[str, Meta(max_length=200)] = "Barlow Bold"
    font: FontFile | None = None
    align: Literal["left", "centre", "right", "even"] = "centre"
    letter_spacing: Annotated[float, Meta(ge=-0.5, le=3)] = 0.0
    line_spacing: Annotated[float, Meta(ge=0.2, le=10)] = 1.1
    line_sizes: Annotated[tuple[Annotated[float, Meta(ge=0.05, le=20)], ...], Meta(max_length=200)] = ()
    bend: Annotated[float, Meta(ge=-1000, le=1000)] = 0.0


class Shape(Record, frozen=True, tag_field="is", tag="shape"):
    """A plain shape or a frame: its outline, filled or drawn as an edge of lines so wide, in mm."""

    outline: OutlineName = "oval"
    edge: EdgeName = "line"
    line: Length = 1.8


class Monogram(Record, frozen=True, tag_field="is", tag="monogram"):
    """Initials, and perhaps a name, set by a recipe; framed by a shape where one is named.

    `initials` are left to right. `text` is the name, date or lines that go with them. Initials in a row reach into each
    other by `overlap`, of the largest one's height, so that they are one; with 0 they stand apart.
    """

    style: MonogramStyle = "three"
    initials: Annotated[str, Meta(max_length=20)] = ""
    text: Annotated[str, Meta(max_length=200)] = ""
    face: Annotated[str, Meta(max_length=200)] = "Cinzel Bold"
    text_face: Annotated[str, Meta(max_length=200)] = "Barlow Bold"
    font: FontFile | None = None
    frame: OutlineName | None = None
    edge: EdgeName = "line"
    overlap: Annotated[float, Meta(ge=0, le=0.5)] = 0.0


Content = Words | Drawing | Shape | Monogram
