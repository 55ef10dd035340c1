"""The stencil: a sheet of film round the art, its openings, and the islands that only the tape holds in place."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np
import shapely
from shapely.geometry import MultiPolygon, Polygon

from vitrograph.core.fit import Fitted, Lay
from vitrograph.core.geometry import Points, arc_pieces, as_polygons
from vitrograph.core.glass import Cone, Pane, Wall
from vitrograph.core.job import StencilChoices

EDGE_DEVIATION_MM = 0.004          # how far the sheet's arcs may stray from their chords


@dataclass(frozen=True, slots=True)
class Band:
    """A patch of wall between two heights (mm along it) and two turns (u)."""

    u_low: float
    s_low: float
    u_high: float
    s_high: float


@dataclass(frozen=True)
class Sheet:
    """The film cut for a fitted piece, in sheet coordinates (mm); sheet = film + openings."""

    fitted: Fitted
    band: Band
    border: tuple[float, float, float, float]
    outline: Polygon
    openings: MultiPolygon
    film: MultiPolygon
    beyond: MultiPolygon

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
        at_edge = shapely.intersects(parts, self.outline.exterior)
        return MultiPolygon(list(parts[at_edge])), MultiPolygon(list(parts[~at_edge]))


def build_sheet(fitted: Fitted, choices: StencilChoices) -> Sheet:
    """Cut a sheet round the fitted art, following the wall, with as much of the border as the glass allows."""
    band, border = border_band(fitted, choices.border)
    outline = _on_the_pane(Polygon(band_outline(fitted.lay, band)), fitted)
    inside = shapely.contains_properly(outline, fitted.sheet_art)
    openings = fitted.sheet_art if inside else as_polygons(shapely.intersection(fitted.sheet_art, outline))
    film = as_polygons(shapely.difference(outline, openings))
    beyond = MultiPolygon() if inside else as_polygons(shapely.difference(fitted.sheet_art, outline))
    return Sheet(fitted, band, border, outline, openings, film, beyond)


def _on_the_pane(outline: Polygon, fitted: Fitted) -> Polygon:
    """End the sheet where an oval pane does; other walls end where the band does."""
    if not isinstance(fitted.wall, Pane) or not fitted.wall.oval:
        return outline
    pane = Polygon(fitted.lay.wall_to_sheet(fitted.wall.edge(EDGE_DEVIATION_MM)))
    clipped = as_polygons(shapely.intersection(outline, pane))
    return max(clipped.geoms, key=lambda part: part.area, default=outline)


def border_band(fitted: Fitted, border: float) -> tuple[Band, tuple[float, float, float, float]]:
    """The band the sheet covers, and the border left at its left, lower, right and upper side in mm.

    The sheet ends where the glass does; a border wider than half the turn that is left meets itself behind.
    """
    wall = fitted.wall
    u_low, s_low, u_high, s_high = fitted.wall_bounds
    middle = wall.scale(np.array([fitted.lay.s0]))[0]
    low, high = max(0.0, s_low - border), min(wall.length, s_high + border)
    if wall.closed:
        spare = max(0.0, wall.span - (u_high - u_low)) / 2
        left = right = min(border / middle, spare)
    else:
        left = max(0.0, min(border, u_low + wall.span / 2))
        right = max(0.0, min(border, wall.span / 2 - u_high))
    start, end = _within_span(u_low - left, u_high + right, wall)
    if low >= high or start >= end:                          # all of the art lies off the glass: keep its own patch
        return Band(u_low, s_low, u_high, s_high), (0.0, 0.0, 0.0, 0.0)
    sides = (left * middle, max(0.0, s_low - low), right * middle, max(0.0, high - s_high))
    return Band(start, low, end, high), (float(sides[0]), sides[1], float(sides[2]), sides[3])


def _within_span(start: float, end: float, wall: Wall) -> tuple[float, float]:
    """Keep a stretch of u on the glass: inside a pane's edges, and no more than one turn of a round wall."""
    if not wall.closed:
        return max(start, -wall.span / 2), min(end, wall.span / 2)
    middle, half = (start + end) / 2, min(end - start, wall.span) / 2
    return middle - half, middle + half


def band_outline(lay: Lay, band: Band) -> Points:
    """(n, 2) sheet outline of a band, its arcs within EDGE_DEVIATION_MM of the true ones."""
    pieces = 1
    if isinstance(lay.flat, Cone) and lay.flat.taper:
        reach = lay.flat.radius / abs(lay.flat.taper) + abs(band.s_high - lay.flat.at)
        pieces = arc_pieces(reach, (band.u_high - band.u_low) * abs(lay.flat.taper), EDGE_DEVIATION_MM)
    across = np.linspace(band.u_low, band.u_high, pieces + 1)
    lower = np.column_stack([across, np.full_like(across, band.s_low)])
    upper = np.column_stack([across[::-1], np.full_like(across, band.s_high)])
    return lay.wall_to_sheet(np.concatenate([lower, upper]))
