"""The artwork's part of the job: pieces, each words, a drawing, a shape or a monogram, placed in mm as on the glass.

A piece lies in the artwork's own frame: x to the right from the artwork's upright middle line, y up. The line stands at
the place that the fit gives the art. Pieces lie on each other in their order, the first lowest; each frosts what it
covers, or clears it.
"""

from math import atan2, cos, hypot, pi, sin
from typing import Annotated, Any, Literal, Self

import msgspec
from msgspec import Meta

from vitrograph.core.parts import Length, Margin, Part, Place, Ratio, Turn

ToneName = Literal["frost", "clear", "leave"]
MendName = Literal["thicken", "round ends", "square ends", "close gaps", "drop specks", "fill pinholes", "remove",
                   "remove thin", "keep", "smooth", "straighten"]
OutlineName = Literal["rectangle", "rounded", "oval", "diamond", "shield", "plaque", "hexagon", "arch", "star"]
EdgeName = Literal["filled", "line", "two lines", "beads", "scallops"]
MonogramStyle = Literal["three", "split", "beside", "single", "block"]
SizeSide = Literal["width", "height", "caps"]
Matrix = tuple[tuple[float, float], tuple[float, float]]

MOST_WORDS = 20_000                # letters kept; how many are set is for the lettering to say


class Tone(Part, frozen=True):
    """What a colour of a drawing means, where the maker decided otherwise than the first guess."""

    colour: Annotated[str, Meta(pattern="^#[0-9a-f]{6}$")]
    does: ToneName


class TraceChoices(Part, frozen=True):
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


class Mend(Part, frozen=True):
    """A mend of a drawing: what is done, by how much, and where, in heights of the drawing from its lower left corner.

    Without a place it is done everywhere; `reach` is how far about the place.
    """

    does: MendName
    amount: Annotated[float, Meta(ge=-1, le=1)] = 0.0
    at: tuple[Place, Place] | None = None
    reach: Annotated[float, Meta(ge=0, le=100)] = 0.0


class Drawing(Part, frozen=True, tag_field="is", tag="drawing"):
    """What the maker brought: the file's name, kind and content, how it is read, how mended, and a licence note."""

    name: Annotated[str, Meta(max_length=200)]
    data: Annotated[bytes, Meta(max_length=64_000_000)]
    kind: Literal["svg", "dxf", "picture"] = "svg"
    tones: Annotated[tuple[Tone, ...], Meta(max_length=500)] = ()
    trace: TraceChoices = TraceChoices()
    mends: Annotated[tuple[Mend, ...], Meta(max_length=200)] = ()
    licence: Annotated[str, Meta(max_length=400)] = ""

    def __repr__(self) -> str:
        return f"Drawing({self.name!r}, {self.kind}, {len(self.data)} bytes)"


class FontFile(Part, frozen=True):
    """A font the maker brought: its name, its content, which face of a collection, the weight of a variable one."""

    name: Annotated[str, Meta(min_length=1, max_length=200)]
    data: Annotated[bytes, Meta(max_length=64_000_000)]
    number: Annotated[int, Meta(ge=0, le=1000)] = 0
    weight: Annotated[float, Meta(ge=1, le=1000)] | None = None

    def __repr__(self) -> str:
        return f"FontFile({self.name!r}, {len(self.data)} bytes)"


class Words(Part, frozen=True, tag_field="is", tag="words"):
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


class Shape(Part, frozen=True, tag_field="is", tag="shape"):
    """A plain shape or a frame: its outline, filled or drawn as an edge of lines so wide, in mm."""

    outline: OutlineName = "oval"
    edge: EdgeName = "line"
    line: Length = 1.2


class Monogram(Part, frozen=True, tag_field="is", tag="monogram"):
    """Initials, and perhaps a name, set by a recipe; framed by a shape where one is named.

    `initials` are left to right. `text` is the name, date or lines that go with them.
    """

    style: MonogramStyle = "three"
    initials: Annotated[str, Meta(max_length=20)] = ""
    text: Annotated[str, Meta(max_length=200)] = ""
    face: Annotated[str, Meta(max_length=200)] = "Cinzel Bold"
    text_face: Annotated[str, Meta(max_length=200)] = "Barlow Bold"
    font: FontFile | None = None
    frame: OutlineName | None = None
    edge: EdgeName = "line"


class Repeat(Part, frozen=True):
    """A piece several times: in a row or a column, or round a ring with the first copy at the top.

    `pitch` is from middle to middle, or the ring's radius, in mm.
    """

    times: Annotated[int, Meta(ge=1, le=200)] = 3
    way: Literal["row", "column", "ring"] = "row"
    pitch: Length = 20.0


Content = Words | Drawing | Shape | Monogram


class Piece(Part, frozen=True):
    """One piece of the art: what it is, whether it frosts or clears, and how it is placed.

    `x`, `y` are the place of its anchor: the middle of its box; of words, the middle of the ink across and, upright,
    half-way between the first line's capitals and the last line's foot, so that a letter typed moves no line.
    `size` is one copy's width or height before it is leant and turned, or its capitals' height. `stretch` is how much
    wider it is than its own proportions (for a shape, its width over its height); `lean` is the tangent of a slant.
    """

    what: Content
    key: Annotated[int, Meta(ge=0)] = 0
    name: Annotated[str, Meta(max_length=120)] = ""
    does: Literal["frosts", "clears"] = "frosts"
    shown: bool = True
    x: Place = 0.0
    y: Place = 0.0
    size: Length = 60.0
    size_is: SizeSide = "width"
    stretch: Ratio = 1.0
    lean: Annotated[float, Meta(ge=-5, le=5)] = 0.0
    turn: Turn = 0.0
    flip: bool = False
    repeat: Repeat | None = None

    def with_(self, **changes: Any) -> Self:
        """A copy with some fields replaced; bounds are checked when it is put into a job."""
        return msgspec.structs.replace(self, **changes)

    def stretched(self, across: float, upright: float) -> Self:
        """The piece after all of the art grew by two factors about the frame's (0, 0); a ring stays a ring."""
        repeat, both = self.repeat, (across * upright) ** 0.5
        if repeat is not None:
            grown = {"row": across, "column": upright, "ring": both}[repeat.way]
            repeat = msgspec.structs.replace(repeat, pitch=repeat.pitch * grown)
        if across == upright:
            what = self.what
            if isinstance(what, Shape):
                what = msgspec.structs.replace(what, line=what.line * both)
            return self.with_(what=what, repeat=repeat, size=self.size * both, x=self.x * both, y=self.y * both)
        return self.through(((across, 0.0), (0.0, upright))).with_(repeat=repeat)

    def round_the_ring(self) -> tuple[Self, ...]:
        """The copies of a piece that comes round a ring, each as a piece of its own; any other piece as it is."""
        repeat = self.repeat
        if repeat is None or repeat.way != "ring":
            return (self,)
        first = self.with_(repeat=None, x=0.0, y=repeat.pitch)
        angles = (-2 * pi * number / repeat.times for number in range(repeat.times))
        return tuple(first.through(((cos(a), -sin(a)), (sin(a), cos(a))), (self.x, self.y)) for a in angles)

    def through(self, matrix: Matrix, to: tuple[float, float] = (0.0, 0.0)) -> Self:
        """The piece after a linear map of the frame, then a step; a repeat is left as it is.

        Its new turn, lean and sides are the QR factors of the product of the matrices (G. Golub and C. Van Loan,
        Matrix Computations, section 5.2), so that it is skewed exactly as the frame is.
        """
        (a, b), (c, d) = matrix
        mirrored = a * d - b * c < 0
        turn, lean, wider, taller = _factors(matrix, self.turn, self.lean, mirrored)
        what = self.what
        if isinstance(what, Shape):
            what = msgspec.structs.replace(what, line=what.line * (wider * taller) ** 0.5)
        return self.with_(
            what=what, x=a * self.x + b * self.y + to[0], y=c * self.x + d * self.y + to[1], turn=turn, lean=lean,
            flip=self.flip != mirrored, size=self.size * (wider if self.size_is == "width" else taller),
            stretch=self.stretch * wider / taller)


def _factors(matrix: Matrix, turn: float, lean: float, mirrored: bool) -> tuple[float, float, float, float]:
    """Turn, lean, width and height factors of a matrix after a turn and a lean; a mirroring is taken out first."""
    (a, b), (c, d) = matrix
    right = (a * cos(turn) + b * sin(turn), c * cos(turn) + d * sin(turn))
    up = (b * cos(turn) - a * sin(turn) + lean * right[0], d * cos(turn) - c * sin(turn) + lean * right[1])
    if mirrored:
        right = (-right[0], -right[1])
    wider = hypot(*right)
    along = (right[0] * up[0] + right[1] * up[1]) / wider
    taller = (right[0] * up[1] - right[1] * up[0]) / wider
    return atan2(right[1], right[0]), along / taller, wider, taller


class Artwork(Part, frozen=True):
    """All pieces, the lowest first."""

    pieces: Annotated[tuple[Piece, ...], Meta(max_length=200)] = ()

    def __post_init__(self) -> None:
        keys = [piece.key for piece in self.pieces]
        if len(set(keys)) < len(keys):
            raise ValueError("two pieces have the same key, and each needs one of its own")

    def index_of(self, key: int) -> int | None:
        """Where the piece of that key stands, None where there is none."""
        return next((index for index, piece in enumerate(self.pieces) if piece.key == key), None)

    def piece(self, key: int) -> Piece | None:
        """The piece of that key."""
        index = self.index_of(key)
        return None if index is None else self.pieces[index]

    def free_key(self) -> int:
        """A key no piece has."""
        return max((piece.key for piece in self.pieces), default=0) + 1

    def added(self, piece: Piece) -> Self:
        """With a piece laid on top, under a key of its own."""
        return msgspec.structs.replace(self, pieces=(*self.pieces, piece.with_(key=self.free_key())))

    def without(self, keys: set[int]) -> Self:
        """Without some pieces."""
        return msgspec.structs.replace(self, pieces=tuple(p for p in self.pieces if p.key not in keys))

    def changed(self, changes: dict[int, dict[str, Any]]) -> Self:
        """With fields of some pieces replaced, by their keys."""
        return msgspec.structs.replace(
            self, pieces=tuple(p.with_(**changes[p.key]) if p.key in changes else p for p in self.pieces))

    def scaled(self, factor: float) -> Self:
        """All of it larger or smaller, proportions kept.

        >>> Artwork((Piece(Words("K"), x=3.0, size=20.0),)).scaled(1.5).pieces[0].size
        30.0
        """
        return self.stretched(factor, factor)

    def stretched(self, across: float, upright: float) -> Self:
        """All of it larger or smaller by a factor across and another upright.

        A ring that is stretched is a ring no more: its copies become pieces of their own.
        """
        if across == upright:
            return msgspec.structs.replace(self, pieces=tuple(p.stretched(across, upright) for p in self.pieces))
        pieces, free = [], self.free_key()
        for piece in self.pieces:
            first, *others = piece.round_the_ring()
            pieces.append(first.stretched(across, upright))
            pieces += [other.with_(key=free + at).stretched(across, upright) for at, other in enumerate(others)]
            free += len(others)
        return msgspec.structs.replace(self, pieces=tuple(pieces))


def half_turn(angle: float) -> float:
    """An angle brought within half a turn either way.

    >>> half_turn(1.5 * pi) == -pi / 2
    True
    """
    return (angle + pi) % (2 * pi) - pi


def kind_of_piece(piece: Piece) -> str:
    """The word for what a piece is, as in files: words, drawing, shape, monogram."""
    return str(piece.what.__struct_config__.tag)
