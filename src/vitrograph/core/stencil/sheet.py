"""The stencil: film round the art, its openings, and the islands that only the tape holds in place."""

from collections.abc import Iterator, Sequence
from functools import cached_property

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from msgspec.structs import replace as with_fields
from shapely.geometry import MultiPolygon, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.errors import FitError
from vitrograph.core.fit import SIDES, Band, Film, Fitted, Snip, joints_of
from vitrograph.core.geometry import Box, Points, as_polygons, largest, multipolygon, sound, union, within, without
from vitrograph.core.job import Job, StencilChoices, StencilKind
from vitrograph.core.language import tr
from vitrograph.core.stencil.mending.cutting import Cutting
from vitrograph.core.stencil.mending.faults import Limits
from vitrograph.core.stencil.mending.mends import mended
from vitrograph.core.stencil.outlines.marks import Marks, marks_for
from vitrograph.core.stencil.outlines.outline import film_cover, tab_of
from vitrograph.core.stencil.tying.ties import Tie, tie_islands

_BENT_MM = 1.0                     # steps along an edge that bends on the wall
_BOX_STEPS = 64                    # places along a box's upper and lower side, which are bent on a wall


class Sheet(Struct, frozen=True, dict=True):
    """The films cut for a fitted piece, in sheet coordinates (mm); all of them are film and openings together.

    `openings` are what is weeded, `film` what stays: of a decal the art itself. `outlines` are the films' edges in the
    order they are laid, with their tabs; `covers` are the same without, as they lie on the glass. `snips` are relief
    cuts that open nothing. `drawn` are the openings before they were mended and tied; `droops` tell how far each island
    that is to be tied hangs, `missed` where a tie placed by hand has no opening to cross, and `doubtful` where a letter
    reads as another with any tie.
    """

    fitted: Fitted
    outlines: tuple[Polygon, ...]
    openings: MultiPolygon
    film: MultiPolygon
    beyond: MultiPolygon
    snips: tuple[Snip, ...]
    kind: StencilKind
    covers: tuple[Polygon, ...]
    drawn: MultiPolygon
    ties: tuple[Tie, ...] = ()
    droops: tuple[float, ...] = ()
    missed: tuple[tuple[float, float], ...] = ()
    doubtful: tuple[tuple[float, float], ...] = ()
    marks: Marks | None = None

    @cached_property
    def outline(self) -> MultiPolygon:
        """All films' edges together."""
        return MultiPolygon(list(self.outlines))

    @property
    def films(self) -> tuple[Film, ...]:
        """The films, in the order they are laid."""
        return self.fitted.films

    def require_on_glass(self, number: int) -> None:
        """Raise FitError where none of a film lies on the glass: there is nothing to cut, nor to place."""
        if self.covers[number].is_empty:
            raise FitError(tr("none of this film lies on the glass: move the art on to it"))

    def film_of(self, part: BaseGeometry) -> int:
        """The number of the film that a part, or a place, lies in, from 0; the nearest where it lies in none."""
        if len(self.outlines) == 1:
            return 0
        spot = part.representative_point()
        return min(range(len(self.outlines)), key=lambda film: float(self.outlines[film].distance(spot)))

    @cached_property
    def art_boxes(self) -> tuple[Box, ...]:
        """Of each film the box of its art, mm; its own where it has none."""
        if len(self.outlines) == 1 and not self.seen.is_empty:
            return (self.seen.bounds,)
        parts = shapely.get_parts(self.seen)
        films = np.array([self.film_of(part) for part in parts], dtype=int)
        return tuple(MultiPolygon(parts[films == film]).bounds if (films == film).any() else outline.bounds
                     for film, outline in enumerate(self.outlines))

    @property
    def recut(self) -> bool:
        """Whether mends or ties changed the openings."""
        return self.openings is not self.drawn

    @property
    def frosted(self) -> MultiPolygon:
        """What is etched: the openings, or nothing where the film is the decoration."""
        return self.openings if self.kind != "decal" else MultiPolygon()

    @property
    def sizes(self) -> list[tuple[float, float]]:
        """How wide and high each of its films is, mm."""
        return [(right - left, high - low) for left, low, right, high in (one.bounds for one in self.outlines)]

    @property
    def seen(self) -> MultiPolygon:
        """What is seen on the glass in the end: the openings as frost, or the film of a decal."""
        return self.film if self.kind == "decal" else self.openings

    @cached_property
    def cutting(self) -> Cutting:
        """Outline and openings alone."""
        return Cutting(self.outline, self.openings, self.film)

    @cached_property
    def band(self) -> Band:
        """The patch of wall that all films cover together, where the art stands."""
        bands = [film.band for film in self.films]
        whole = Band(min(b.u_low for b in bands), min(b.s_low for b in bands), max(b.u_high for b in bands),
                     max(b.s_high for b in bands))
        return whole.shifted(self.fitted.chart.u0)

    @cached_property
    def on_wall(self) -> tuple[Polygon, ...]:
        """What each film covers of the wall, by (u, s): edges that are straight on the sheet bend as the wall does."""
        return tuple(shapely.transform(film, self.fitted.chart.sheet_to_wall) for film in self._in_steps)

    @cached_property
    def _in_steps(self) -> tuple[Polygon, ...]:
        """The covers, their edges in short steps: one that is straight on the sheet is seldom so on the wall."""
        return tuple(shapely.segmentize(cover, _BENT_MM) for cover in self.covers)

    @cached_property
    def laid_bands(self) -> tuple[Band, ...]:
        """The patch of wall that each film is laid on; of a decal, whose border is weeded before, what its art takes.

        Like the films' own bands they are told from where the art stands.
        """
        if self.kind != "decal":
            return tuple(film.band for film in self.films)
        parts = shapely.get_parts(self.film)
        films = np.array([self.film_of(part) for part in parts], dtype=int)
        return tuple(self._band_of(parts[films == number]) or film.band for number, film in enumerate(self.films))

    def _band_of(self, parts: Sequence[Polygon]) -> Band | None:
        """The patch of wall that parts of the sheet take, from where the art stands; none of none."""
        spots = self.fitted.chart.sheet_to_wall(shapely.get_coordinates(parts))
        if not len(spots):
            return None
        return Band(*spots.min(axis=0).tolist(), *spots.max(axis=0).tolist()).shifted(-self.fitted.chart.u0)

    @cached_property
    def laid(self) -> tuple[Polygon, ...]:
        """What of each film is laid, on the sheet, in short steps: all it covers, or of a decal a box round its art."""
        if self.kind != "decal":
            return self._in_steps
        return tuple(self._box_on(film, band) for film, band in zip(self.films, self.laid_bands, strict=True))

    @cached_property
    def laid_edges(self) -> tuple[Points, ...]:
        """(n, 2) the closed outline of what is laid of each film, by (u, s) where the art stands."""
        return tuple(self.fitted.chart.sheet_to_wall(shapely.get_coordinates(film.exterior)) for film in self.laid)

    def _box_on(self, film: Film, band: Band) -> Polygon:
        """A patch of wall as it lies in a film, on the sheet."""
        across = np.linspace(band.u_low, band.u_high, _BOX_STEPS)
        lower, upper = (np.column_stack([across, np.full(_BOX_STEPS, s)]) for s in (band.s_low, band.s_high))
        return Polygon(self.fitted.chart.flipped(film.flat.develop(np.concatenate([lower, upper[::-1]]))))

    @cached_property
    def border(self) -> tuple[float, float, float, float]:
        """The least film at the left, lower, right and upper side of the openings, mm: not where films lap."""
        bands = [film.band for film in self.films]
        joined = [[side in joints_of(bands, number) for side in SIDES] for number in range(len(bands))]
        outer = np.where(joined, np.inf, [film.border for film in self.films])
        left, lower, right, upper = outer.min(axis=0).tolist()
        return left, lower, right, upper

    @cached_property
    def frame(self) -> MultiPolygon:
        """The film joined to the sheet's edge: what stays in one piece."""
        parts = shapely.get_parts(self.film)
        return multipolygon(parts[shapely.intersects(parts, self.outline.boundary)])

    @property
    def islands(self) -> tuple[Polygon, ...]:
        """Film that touches no edge of the sheet: it needs tape to keep its place."""
        return tuple(self.cutting.islands)


class SheetInput(Struct, frozen=True):
    """What the films' shapes depend on beside the fitted art: not the limits, which they are only held to.

    `name` is the words of the marks, empty where none are made.
    """

    choices: StencilChoices
    name: str

    @classmethod
    def of(cls, job: Job) -> "SheetInput":
        """What a job says of it; what does not matter to the films stands at its usual value."""
        plain = StencilChoices()
        limits = {name: getattr(plain, name) for name in ("least_web", "least_opening", "least_island")}
        free = limits if job.stencil.ties.placed == "none" else {}         # what ties leave beside them keeps to these
        choices = with_fields(job.stencil, seal=plain.seal, guard=plain.guard, tape_width=plain.tape_width, **free)
        return cls(choices, job.name if job.stencil.marks != "none" else "")


def build_sheet(fitted: Fitted, choices: StencilChoices | None = None, name: str = "") -> Sheet:
    """Cut the films round the fitted art, mended, tied and marked as chosen; art beyond them all is told of."""
    choices = choices or StencilChoices()
    covers = tuple(film_cover(number, fitted, choices) for number in range(len(fitted.films)))
    outlines = covers if choices.tab == "none" else tuple(_with_tab(cover, choices.tab, fitted) for cover in covers)
    outline = outlines[0] if len(outlines) == 1 else MultiPolygon(list(outlines))
    mapped = sound(fitted.sheet_art)
    inside = shapely.contains_properly(outline, mapped)
    art = mapped if inside else as_polygons(within(mapped, outline))
    beyond = MultiPolygon() if inside else as_polygons(without(mapped, outline))
    rest = as_polygons(without(outline, art))
    openings, film = (rest, art) if choices.kind == "decal" else (art, rest)
    made = Sheet(fitted, outlines, openings, film, beyond, tuple(_snips(fitted)), choices.kind, covers, openings)
    if choices.mends:
        made = _recut(made, mended(made.cutting, choices.mends, fitted.on_sheet))
    if choices.ties.placed != "none" and choices.kind != "decal":
        tied = tie_islands(made.cutting, choices.ties, Limits.of(choices), fitted.on_sheet)
        made = replace(_recut(made, tied.cutting), ties=tied.ties, droops=tied.droops, missed=tied.missed,
                       doubtful=tied.doubtful)
    if choices.marks == "none":
        return made
    return replace(made, marks=marks_for(fitted, covers, made.openings, name, cut=choices.marks == "cut"))


def _recut(sheet: Sheet, cutting: Cutting) -> Sheet:
    """A sheet with other openings in the same outline."""
    if cutting is sheet.cutting:
        return sheet
    return replace(sheet, openings=cutting.openings, film=cutting.film)


def _with_tab(cover: Polygon, side: str, fitted: Fitted) -> Polygon:
    joined = union([cover, tab_of(cover, side, mirrored=fitted.chart.mirrored).buffer(1e-6)])
    return largest(joined)


def _snips(fitted: Fitted) -> Iterator[Snip]:
    """The relief cuts that are no notch of the outline, where they lie on the sheet."""
    for snip in (snip for film in fitted.films for snip in film.snips):
        if not snip.cut_out:
            edge, tip = fitted.chart.flipped(np.array([snip.edge, snip.tip])).tolist()
            yield Snip((edge[0], edge[1]), (tip[0], tip[1]), snip.parts)
