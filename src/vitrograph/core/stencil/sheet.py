"""The stencil: film round the art, its openings, and the islands that only the tape holds in place."""

from collections.abc import Iterator
from dataclasses import dataclass
from functools import cached_property

import numpy as np
import shapely
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.fit import EDGE_DEVIATION_MM, Band, Film, Fitted, Snip
from vitrograph.core.geometry import as_polygons, within, without
from vitrograph.core.glass import Pane


@dataclass(frozen=True)
class Sheet:
    """The films cut for a fitted piece, in sheet coordinates (mm); all of them are film and openings together.

    `outlines` are the films' edges in the order they are laid; `snips` are relief cuts that open nothing.
    """

    fitted: Fitted
    outlines: tuple[Polygon, ...]
    openings: MultiPolygon
    film: MultiPolygon
    beyond: MultiPolygon
    snips: tuple[Snip, ...] = ()

    @cached_property
    def outline(self) -> MultiPolygon:
        """All films' edges together."""
        return MultiPolygon(list(self.outlines))

    @property
    def films(self) -> tuple[Film, ...]:
        """The films, in the order they are laid."""
        return self.fitted.films

    @cached_property
    def band(self) -> Band:
        """The patch of wall that all films cover together, where the art stands."""
        bands = [film.band for film in self.films]
        whole = Band(min(b.u_low for b in bands), min(b.s_low for b in bands), max(b.u_high for b in bands),
                     max(b.s_high for b in bands))
        return whole.shifted(self.fitted.lay.u0)

    @cached_property
    def border(self) -> tuple[float, float, float, float]:
        """The least film at the left, lower, right and upper side of any of the films' openings, mm."""
        left, lower, right, upper = np.array([film.border for film in self.films]).min(axis=0).tolist()
        return left, lower, right, upper

    @cached_property
    def frame(self) -> MultiPolygon:
        """The film joined to the sheet's edge: what stays in one piece."""
        return self._film_by_edge[0]

    @cached_property
    def islands(self) -> tuple[Polygon, ...]:
        """Film that touches no edge of the sheet: it needs tape to keep its place."""
        return tuple(self._film_by_edge[1].geoms)

    @cached_property
    def _film_by_edge(self) -> tuple[MultiPolygon, MultiPolygon]:
        parts = shapely.get_parts(self.film)
        at_edge = shapely.intersects(parts, self.outline.boundary)
        return MultiPolygon(list(parts[at_edge])), MultiPolygon(list(parts[~at_edge]))


def build_sheet(fitted: Fitted) -> Sheet:
    """Cut the films round the fitted art; art beyond them all is told of."""
    outlines = tuple(_on_the_pane(_on_sheet(film, fitted), fitted) for film in fitted.films)
    outline = outlines[0] if len(outlines) == 1 else MultiPolygon(list(outlines))
    inside = shapely.contains_properly(outline, fitted.sheet_art)
    openings = fitted.sheet_art if inside else as_polygons(within(fitted.sheet_art, outline))
    film = as_polygons(without(outline, openings))
    beyond = MultiPolygon() if inside else as_polygons(without(fitted.sheet_art, outline))
    return Sheet(fitted, outlines, openings, film, beyond, tuple(_snips(fitted)))


def _on_sheet(film: Film, fitted: Fitted) -> Polygon:
    return shapely.transform(film.outline, lambda xy: xy * [-1.0, 1.0]) if fitted.lay.mirrored else film.outline


def _snips(fitted: Fitted) -> Iterator[Snip]:
    """The relief cuts that are no notch of the outline, where they lie on the sheet."""
    side = -1.0 if fitted.lay.mirrored else 1.0
    for snip in (snip for film in fitted.films for snip in film.snips):
        if not snip.cut_out:
            yield Snip((side * snip.edge[0], snip.edge[1]), (side * snip.tip[0], snip.tip[1]), snip.parts)


def _on_the_pane(outline: Polygon, fitted: Fitted) -> Polygon:
    """End the sheet where an oval pane does; other walls end where the band does."""
    if not isinstance(fitted.wall, Pane) or not fitted.wall.oval:
        return outline
    pane = Polygon(fitted.lay.wall_to_sheet(fitted.wall.edge(EDGE_DEVIATION_MM)))
    clipped = as_polygons(shapely.intersection(outline, pane))
    return max(clipped.geoms, key=lambda part: part.area, default=outline)
