"""Weeding: what to pull and in what order, and the islands that must stay.

Order (common practice, no published source): the surplus round the stencil first, then the openings, large to small.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from functools import cached_property
from typing import Literal, get_args

import shapely
from shapely.geometry import MultiPolygon, Point, Polygon

from vitrograph.core.artwork import DRAWING
from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import OutlineName
from vitrograph.core.job.change import put
from vitrograph.core.stencil import Sheet
from vitrograph.core.work import Step, step_key

HOOK_MM2 = 12.0                    # a smaller bit is lifted with the hook, from a corner
_SHAPES = frozenset(get_args(OutlineName))          # the names that marks of plain shapes have
_SURROUNDS = 3                     # parts: film round so many must not take them along
_NAMED = 8                         # islands named in one line
SURPLUS_MM = 6.0                   # how much of the surplus round the stencil the picture shows


@dataclass(frozen=True)
class Bit:
    """One bit of film: its number in the order of work (islands carry on), kind, shape, and how to find it."""

    number: int
    kind: Literal["frame", "opening", "island"]
    shape: Polygon | MultiPolygon
    name: str
    where: str
    how: str

    @property
    def key(self) -> str:
        """What tells it from the others, whatever its number: its kind, size and place."""
        if self.kind == "frame":
            return step_key("surplus")
        return step_key(self.kind, float(self.shape.area), float(self.shape.centroid.x), float(self.shape.centroid.y))

    @cached_property
    def spot(self) -> tuple[float, float]:
        """A point on the bit, for its number."""
        at = self.shape if self.kind == "frame" else shapely.maximum_inscribed_circle(self.shape, tolerance=0.2)
        x, y = shapely.get_coordinates(at)[0]
        return float(x), float(y)


@dataclass(frozen=True)
class WeedPlan:
    """Bits to pull, in order, and islands that stay."""

    pull: tuple[Bit, ...]
    stay: tuple[Bit, ...]
    findings: tuple[Finding, ...] = ()

    @property
    def bits(self) -> tuple[Bit, ...]:
        """All, numbered through."""
        return self.pull + self.stay

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        """A step for each bit to pull, and a last look at the islands, where there are any."""
        pulls = tuple(Step(bit.key, f"Pull {bit.number}: {bit.name}", f"{bit.where}; {bit.how}") for bit in self.pull)
        return pulls if not self.stay else (*pulls, self._look())

    def _look(self) -> Step:
        names = ", ".join(f"{bit.number} {bit.name}" for bit in self.stay[:_NAMED])
        more = f" and {len(self.stay) - _NAMED} more" if len(self.stay) > _NAMED else ""
        must = f"{len(self.stay)} islands must" if len(self.stay) > 1 else "1 island must"
        return Step(step_key("islands", len(self.stay)), f"Look: {must} still be there", f"{names}{more}")


def plan_weeding(sheet: Sheet) -> WeedPlan:
    """Number the bits of a sheet in the order of weeding."""
    surplus = sheet.outline.buffer(SURPLUS_MM, join_style="mitre").difference(sheet.outline)
    frame = Bit(1, "frame", surplus, "the surplus", "all round", "lift a corner and pull low, at a diagonal")
    openings = sorted(sheet.openings.geoms, key=lambda part: -part.area)
    islands = sorted(sheet.islands, key=lambda part: -part.area)
    naming = _name if sheet.kind == "resist" else _gap_name
    pull = [frame] + [
        Bit(number, "opening", part, naming(part, sheet), _where(part, sheet.openings), _how(part))
        for number, part in enumerate(openings, start=2)
    ]
    filled = shapely.STRtree([Polygon(opening.exterior) for opening in sheet.openings.geoms])
    stay = [
        Bit(number, "island", part, _island_name(part, filled, sheet), _where(part, sheet.openings),
              "stays: press it down")
        for number, part in enumerate(islands, start=len(pull) + 1)
    ]
    return WeedPlan(tuple(pull), tuple(stay), tuple(_crowded(pull)))


def _crowded(pull: list[Bit]) -> Iterator[Finding]:
    """Yield the openings that stand round so many islands that pulling them takes some along."""
    for bit in pull:
        inside = 0 if bit.kind == "frame" else sum(len(part.interiors) for part in shapely.get_parts(bit.shape))
        if inside > _SURROUNDS:
            yield Finding(Code.ISLAND, Level.NOTE, f"{inside} islands stand in opening {bit.number} ({bit.name})",
                          "what is pulled takes small islands along: hold them down with a finger, or tie them",
                          _inside(bit.shape), None, None,
                          Remedy.of("Tie the islands", put(lambda job: job.stencil.ties.placed, "auto")))


def _inside(shape: Polygon | MultiPolygon) -> tuple[float, float]:
    """A point on an area."""
    x, y = shapely.get_coordinates(shapely.point_on_surface(shape))[0].tolist()
    return x, y


def _how(part: Polygon) -> str:
    if len(part.interiors) > _SURROUNDS:
        return "peel it off low, at a diagonal; watch that what it surrounds stays"
    return "hook it from a corner" if part.area < HOOK_MM2 else "pull slowly, low and at a diagonal"


def _name(part: Polygon, sheet: Sheet) -> str:
    """The letters whose ink lies in a bit, in reading order."""
    marks = sheet.fitted.marks
    hits = shapely.intersects_xy(part, [x for _, x, _ in marks], [y for _, _, y in marks])
    inside = sorted((x, name) for (name, x, _), hit in zip(marks, hits, strict=True) if hit)
    if any(name == DRAWING for _, name in inside):
        return DRAWING
    letters = "".join(name for _, name in inside if name not in _SHAPES)
    if inside and not letters:                                 # a shape, called by its outline
        return inside[0][1]
    return f"letter{'s' if len(letters) > 1 else ''} {letters}" if letters else "detail"


def _gap_name(part: Polygon, sheet: Sheet) -> str:
    """What is pulled where the art stays: the film round it, or a gap within it."""
    if part.area < max(opening.area for opening in sheet.openings.geoms):
        return "gap"
    return "film round the art" if sheet.kind == "decal" else "ground"


def _island_name(part: Polygon, filled: shapely.STRtree, sheet: Sheet) -> str:
    """An island is named by its own letters, or by the opening round it; `filled` are the openings without holes."""
    own = _name(part, sheet)
    if own != "detail":
        return own
    inside = filled.query(part.representative_point(), predicate="within").tolist()
    around = min(inside, key=lambda i: float(filled.geometries[i].area), default=None)
    return f"inside of {_name(sheet.openings.geoms[around], sheet)}" if around is not None else "island"


def _where(part: Polygon, art: MultiPolygon) -> str:
    """Where a bit lies in the art, in words, by thirds."""
    left, low, right, high = art.bounds
    spot: Point = part.centroid
    across = ["left", "middle", "right"][min(2, int(3 * (spot.x - left) / (right - left)))]
    along = ["lower", "middle", "upper"][min(2, int(3 * (spot.y - low) / (high - low)))]
    return across if along == "middle" else along if across == "middle" else f"{along} {across}"

