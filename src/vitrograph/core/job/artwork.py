"""The artwork's part of the job: items, each words, a drawing, a shape or a monogram, placed in mm as on the glass.

An item lies in the artwork's own frame: x to the right from the artwork's upright middle line, y up. The line stands at
the place that the fit gives the art. Items lie on each other in their order, the first lowest; each frosts what it
covers, or clears it.
"""

from math import atan2, cos, hypot, pi, sin
from typing import Annotated, Any, Literal, Self

import msgspec
from msgspec import Meta

from vitrograph.core.job.items import Content, Shape
from vitrograph.core.job.records import Length, Place, Ratio, Record, Turn
from vitrograph.core.language import tr

SizeSide = Literal["width", "height", "caps"]
Matrix = tuple[tuple[float, float], tuple[float, float]]

_ALIKE = 1e-6                      # of a size: the same, but for rounding


class Repeat(Record, frozen=True):
    """An item several times: in a row or a column, or round a ring with the first copy at the top.

    `pitch` is from middle to middle, or the ring's radius, in mm.
    """

    times: Annotated[int, Meta(ge=1, le=200)] = 3
    way: Literal["row", "column", "ring"] = "row"
    pitch: Length = 20.0


class Item(Record, frozen=True):
    """One item of the art: what it is, whether it frosts or clears, and how it is placed.

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
        """The item after all of the art grew by two factors about the frame's (0, 0); a ring stays a ring."""
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
        """The copies of an item that comes round a ring, each as an item of its own; any other item as it is."""
        repeat = self.repeat
        if repeat is None or repeat.way != "ring":
            return (self,)
        first = self.with_(repeat=None, x=0.0, y=repeat.pitch)
        angles = (-2 * pi * number / repeat.times for number in range(repeat.times))
        return tuple(first.through(((cos(a), -sin(a)), (sin(a), cos(a))), (self.x, self.y)) for a in angles)

    def through(self, matrix: Matrix, to: tuple[float, float] = (0.0, 0.0)) -> Self:
        """The item after a linear map of the frame, then a step; a repeat is left as it is.

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


class SizeRule(Record, frozen=True):
    """How large the art of each row of a list of names is.

    `caps`: as its items are typed, so that all rows have the same capitals. `width`: all of it `most` wide. `narrow`:
    as typed, and where that is wider than `most`, narrowed down to `narrowest` of its own width at the utmost.
    """

    by: Literal["caps", "width", "narrow"] = "caps"
    most: Length = 60.0
    narrowest: Annotated[float, Meta(ge=0.3, le=1)] = 0.85

    def factors(self, width: float) -> tuple[float, float]:
        """What art of a width is multiplied by, across and upright.

        >>> SizeRule("narrow", 50.0, 0.8).factors(56.0)
        (0.8928571428571429, 1.0)
        """
        if self.by == "width":
            return self.most / width, self.most / width
        return (max(self.narrowest, min(1.0, self.most / width)), 1.0) if self.by == "narrow" else (1.0, 1.0)


class Artwork(Record, frozen=True):
    """All items, the lowest first; of rows of names, how large each row is."""

    items: Annotated[tuple[Item, ...], Meta(max_length=200)] = ()
    rule: SizeRule = SizeRule()

    def __post_init__(self) -> None:
        keys = [item.key for item in self.items]
        if len(set(keys)) < len(keys):
            raise ValueError(tr("two items have the same key, and each needs one of its own"))

    def index_of(self, key: int) -> int | None:
        """Where the item of that key stands, None where there is none."""
        return next((index for index, item in enumerate(self.items) if item.key == key), None)

    def item(self, key: int) -> Item | None:
        """The item of that key."""
        index = self.index_of(key)
        return None if index is None else self.items[index]

    @property
    def first_size(self) -> float:
        """The size of the item that lies lowest, by which art is told larger or smaller; 1 where there is none."""
        return self.items[0].size if self.items else 1.0

    def free_key(self) -> int:
        """A key no item has."""
        return max((item.key for item in self.items), default=0) + 1

    def added(self, item: Item) -> Self:
        """With an item laid on top, under a key of its own."""
        return msgspec.structs.replace(self, items=(*self.items, item.with_(key=self.free_key())))

    def without(self, keys: set[int]) -> Self:
        """Without some items."""
        return msgspec.structs.replace(self, items=tuple(p for p in self.items if p.key not in keys))

    def changed(self, changes: dict[int, dict[str, Any]]) -> Self:
        """With fields of some items replaced, by their keys."""
        return msgspec.structs.replace(
            self, items=tuple(p.with_(**changes[p.key]) if p.key in changes else p for p in self.items))

    def scaled(self, factor: float) -> Self:
        """All of it larger or smaller, proportions kept; of rows that are all as wide, each.

        What is the most that long ones are narrowed to stays.

        >>> Artwork((Item(Shape(), x=3.0, size=20.0),)).scaled(1.5).items[0].size
        30.0
        """
        made = self.stretched(factor, factor)
        if self.rule.by != "width":
            return made
        return msgspec.structs.replace(made, rule=msgspec.structs.replace(self.rule, most=factor * self.rule.most))

    def size_against(self, other: "Artwork") -> float:
        """How large it is against other art, told by the first item that both have; 1 where they share none."""
        sizes = {item.key: item.size for item in self.items}
        return next((sizes[item.key] / item.size for item in other.items if item.key in sizes), 1.0)

    def only_resized(self, before: "Artwork") -> bool:
        """Whether it is other art made larger or smaller, and nothing else."""
        factor = self.size_against(before)
        if len(self.items) != len(before.items) or factor == 1.0:
            return False
        return all(was.with_(size=0, x=0, y=0) == now.with_(size=0, x=0, y=0)
                   and all(abs(getattr(was, side) - getattr(now, side)) <= _ALIKE * now.size
                           for side in ("size", "x", "y"))
                   for was, now in zip(before.scaled(factor).items, self.items, strict=True))

    def stretched(self, across: float, upright: float) -> Self:
        """All of it larger or smaller by a factor across and another upright.

        A ring that is stretched is a ring no more: its copies become items of their own.
        """
        if across == upright:
            return msgspec.structs.replace(self, items=tuple(p.stretched(across, upright) for p in self.items))
        items, free = [], self.free_key()
        for item in self.items:
            first, *others = item.round_the_ring()
            items.append(first.stretched(across, upright))
            items += [other.with_(key=free + at).stretched(across, upright) for at, other in enumerate(others)]
            free += len(others)
        return msgspec.structs.replace(self, items=tuple(items))


def kind_of_item(item: Item) -> str:
    """The word for what an item is, as in files: words, drawing, shape, monogram."""
    return str(item.what.__struct_config__.tag)
