"""Job: the one frozen tree of everything the maker decided.

Lengths are mm and angles radians. A job is never changed in place: `changed` returns a new one, so undo is a
stack of jobs and every result can be cached by the parts of the job it depends on. The parts are msgspec structs:
immutable, hashable, and checked against their types and bounds whenever plain data is read into them.
"""

import re
from collections.abc import Iterator
from math import isfinite, pi, radians
from typing import Annotated, Any, Literal, Self

import msgspec
from msgspec import Meta

from vitrograph.core.errors import JobError
from vitrograph.core.parts import Give, Height, Length, Margin, Part, Place, Speed, Turn
from vitrograph.core.pieces import Artwork

JOB_VERSION = 5                    # docs/formats.md; raised, with a migration, when the tree changes

Girth = Literal["diameter", "circumference"]
Mode = Literal["rim", "letters", "straight", "eye"]
Face = Literal["outside", "back"]
FilmKind = Literal["stencil", "removable", "permanent", "shelf"]
MaterialName = Literal["ordinary", "strengthened", "bakeware", "crystal", "coated", "unknown"]
ToolName = Literal["ruler", "tape", "calipers"]
Obstacle = Literal["handle", "seam", "raised mark", "other"]
Stand = Literal["angle", "opposite handle", "between handles", "facing others", "facing drinker"]
StencilKind = Literal["resist", "clear", "decal"]
FilmMendName = Literal["fatten webs", "widen openings", "join openings", "fill openings", "fill specks", "drop islands",
                       "blunt tips"]
SchoolName = Literal["brief-worked", "five-stir-five", "long-still"]


class _Glass(Part, frozen=True, tag_field="kind"):
    """Base of the kinds of glass, told apart in files by `kind`."""

    @property
    def kind(self) -> str:
        """The word for this kind of glass."""
        return str(self.__struct_config__.tag)


class FlatGlass(_Glass, frozen=True, tag="flat"):
    """A pane, plaque or the underside of a dish: its width and height, and the edge a frame hides all round."""

    width: Length = 200.0
    height: Length = 150.0
    outline: Literal["rectangle", "oval"] = "rectangle"
    frame: Margin = 0.0


class StraightGlass(_Glass, frozen=True, tag="straight"):
    """A straight wall: one girth all the way up."""

    rim: Length = 80.0
    girth: Girth = "diameter"
    height: Length = 100.0


class TaperedGlass(_Glass, frozen=True, tag="taper"):
    """A wall that widens or narrows evenly: girths at rim and base, and the height named upright or slant."""

    rim: Length = 80.0
    base: Length = 60.0
    girth: Girth = "diameter"
    height: Length = 120.0
    height_is: Literal["upright", "slant"] = "upright"


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
    """A ball, such as a round ornament."""

    diameter: Length = 80.0

    @property
    def height(self) -> float:
        """Its diameter."""
        return self.diameter


Glass = FlatGlass | StraightGlass | TaperedGlass | CurvedGlass | BallGlass


class KeepOut(Part, frozen=True):
    """A place no film may lie on: its middle round the glass (or across a pane), its width, and its upright heights."""

    what: Obstacle = "handle"
    angle: Turn = pi
    across: Place = 0.0
    wide: Length = 30.0
    low: Height = 0.0
    high: Height = 5000.0


class Features(Part, frozen=True):
    """What a piece has beside its wall: thicknesses, the wall a foot and a rim bead take, places to keep out of.

    Its rim stands `rim_rise` higher at the angle `rim_high` than across from there.
    """

    thickness: Margin = 0.0
    bottom: Margin = 0.0
    foot: Margin = 0.0
    bead: Margin = 0.0
    rim_rise: Margin = 0.0
    rim_high: Turn = 0.0
    keep_out: Annotated[tuple[KeepOut, ...], Meta(max_length=40)] = ()


class Taken(Part, frozen=True):
    """Several readings of one place, by a tape so thick where one went round; the glass holds their mean."""

    place: Annotated[str, Meta(max_length=20)]
    readings: Annotated[tuple[Length, ...], Meta(min_length=1, max_length=100)]
    tape: Margin = 0.0


class Tools(Part, frozen=True):
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


class FilmGives(Part, frozen=True):
    """How much squeeze or stretch each film takes and still lies flat, and how many times that when laid warm.

    From memory, no published source.
    """

    stencil: Give = 0.015
    removable: Give = 0.02
    permanent: Give = 0.03
    shelf: Give = 0.015
    warmed: Annotated[float, Meta(ge=1, le=5)] = 1.5


class Fit(Part, frozen=True):
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


class FilmMend(Part, frozen=True):
    """A mend of the film: what is done to what is thinner (or, of specks, smaller across) than `to` mm, and where.

    `at` is a place in the artwork's own frame, mm, and `reach` how far about it; without a place it is done everywhere.
    What is wide enough is left alone, so a mend does nothing more once it has done its work.
    """

    does: FilmMendName
    to: Length
    at: tuple[Place, Place] | None = None
    reach: Margin = 0.0


class TieChoices(Part, frozen=True):
    """Strips of film that hold islands to the film round them: none, placed by the program, or by hand.

    `each` island has so many, or with 0 as few as carry its weight. `at` are the places of ties placed by hand, in the
    artwork's own frame, mm.
    """

    placed: Literal["none", "auto", "hand"] = "none"
    width: Annotated[float, Meta(ge=0.2, le=50)] = 1.6
    each: Annotated[int, Meta(ge=0, le=6)] = 0
    at: Annotated[tuple[tuple[Place, Place], ...], Meta(max_length=2000)] = ()


class StencilChoices(Part, frozen=True):
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
    outline: Literal["fan", "art", "rectangle"] = "fan"
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
    reading_angle: Annotated[float, Meta(gt=0, le=pi)] = radians(120)
    viewing_mm: Length = 600.0

    @property
    def borders(self) -> tuple[float, float, float, float]:
        """The border asked for at the left, lower, right and upper side."""
        return self.sides or (self.border,) * 4


class CutChoices(Part, frozen=True):
    """Film, carrier mat and the cutter's habits; speeds in mm/s."""

    film: FilmKind = "stencil"
    over_run: Margin = 0.6
    mat_width: Length = 292.0
    mat_length: Length = 292.0
    cut_speed: Speed = 60.0
    travel_speed: Speed = 200.0


class TransferChoices(Part, frozen=True):
    """The tape on the roll, and how far it reaches beyond the stencil."""

    roll_width: Length = 120.0
    margin: Margin = 6.0
    top_extra: Margin = 38.0
    overlap: Margin = 8.0


class EtchChoices(Part, frozen=True):
    """Which school of timing the cream is left by."""

    school: SchoolName = "five-stir-five"


class Job(Part, frozen=True):
    """Everything the maker decided about one piece, or one set of equal pieces.

    `pieces` are the measured pieces of a set that is meant to be equal; `glass` is what the stencil is made for.
    """

    version: Literal[5] = 5
    name: Annotated[str, Meta(min_length=1, max_length=120)] = "Untitled"
    how_many: Annotated[int, Meta(ge=1, le=1000)] = 1
    glass: Glass = TaperedGlass()
    features: Features = Features()
    pieces: Annotated[tuple[Glass, ...], Meta(max_length=200)] = ()
    material: MaterialName = "ordinary"
    tools: Tools = Tools()
    artwork: Artwork = Artwork()
    fit: Fit = Fit()
    stencil: StencilChoices = StencilChoices()
    cut: CutChoices = CutChoices()
    transfer: TransferChoices = TransferChoices()
    etch: EtchChoices = EtchChoices()

    def changed(self, **changes: Any) -> Self:
        """Return a job with some values replaced; `part__field` reaches into a part, and a number into a row.

        Raises JobError, saying which value cannot be and why.

        >>> Job().changed(stencil__border=25.0).stencil.border
        25.0
        """
        tree = self.as_tree()
        for path, value in changes.items():
            *parts, last = path.split("__")
            branch = tree
            for part in parts:
                step = int(part) if isinstance(branch, list) else part
                branch[step] = list(branch[step]) if isinstance(branch[step], tuple) else branch[step]
                branch = branch[step]
            branch[int(last) if isinstance(branch, list) else last] = _plain(value)
        return self.read(tree)

    def resized(self, factor: float) -> dict[str, Any]:
        """The changes, for `changed`, that make all of the art larger or smaller, with what is placed on it."""
        stencil = self.stencil
        grown: dict[str, Any] = {"artwork": self.artwork.scaled(factor)}
        if stencil.mends:
            grown["stencil__mends"] = tuple(
                mend if mend.at is None else msgspec.structs.replace(
                    mend, at=(mend.at[0] * factor, mend.at[1] * factor), reach=min(500.0, mend.reach * factor))
                for mend in stencil.mends)
        if stencil.ties.at:
            grown["stencil__ties__at"] = tuple((x * factor, y * factor) for x, y in stencil.ties.at)
        return grown

    def as_tree(self) -> dict[str, Any]:
        """The job as plain data, ready for JSON."""
        tree: dict[str, Any] = _plain(self)
        return tree

    @classmethod
    def read(cls, tree: Any) -> Self:
        """Build a job from plain data. Raises JobError with one sentence about the first bad value."""
        for place, number in _numbers(tree):
            if not isfinite(number):
                raise JobError(f"{place}: expected a finite number, got {number}")
        try:
            return msgspec.convert(tree, cls, builtin_types=(bytes,))
        except msgspec.ValidationError as error:
            raise JobError(_sentence(str(error), tree)) from None


def _plain(value: Any) -> Any:
    """Plain data of a part; a file's content stays as it is, and is not copied. An array's numbers are plain too."""
    return msgspec.to_builtins(value, builtin_types=(bytes,), enc_hook=float)


def _numbers(tree: Any, place: str = "") -> Iterator[tuple[str, float]]:
    """Every float in plain data, with the words for its place; bounds alone would let a NaN through."""
    if isinstance(tree, dict):
        for key, value in tree.items():
            yield from _numbers(value, f"{place} {key}".strip().replace("_", " "))
    elif isinstance(tree, list | tuple):
        for value in tree:
            yield from _numbers(value, place)
    elif isinstance(tree, float):
        yield place, tree


def _sentence(message: str, tree: Any) -> str:
    """Turn "Expected `float` > 0.0 - at `$.fit.size`" into "fit size: expected a number > 0.0, got -5"."""
    wanted, _, path = message.partition(" - at `$.")
    steps = re.findall(r"[^.\[\]]+", path.rstrip("`"))
    if "unknown field" in wanted:
        return f"{wanted[:1].lower()}{wanted[1:]}".replace("`", "'").replace("object contains", "the job holds the")
    for step in steps:
        tree = tree.get(step) if isinstance(tree, dict) else tree[int(step)] if step.isdigit() else None
    got = f", got {tree!r}" if steps and not isinstance(tree, dict) and len(repr(tree)) <= 40 else ""
    if wanted.startswith("Invalid"):
        wanted, got = f"{tree!r} is not one of the choices", ""
    for ours, theirs in (("a number", "`float`"), ("a number", "`float | null`"), ("a whole number", "`int`"),
                         ("words", "`str`"), ("'", "`")):
        wanted = wanted.replace(theirs, ours)
    steps = [str(int(step) + 1) if step.isdigit() else step for step in steps]
    return f"{' '.join(steps).replace('_', ' ') or 'the job'}: {wanted[:1].lower()}{wanted[1:]}{got}"
