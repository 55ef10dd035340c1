"""A cutting: openings in a film's outline, and what is too thin, too small or too sharp in them and between them.

Faults are found once. Where a cutting came from another by a change, they are looked for anew only about the parts of
the openings that changed: a width depends on nothing farther off than a few limits.
"""

from collections.abc import Iterable, Sequence
from functools import cached_property

import numpy as np
import shapely
from msgspec import Struct, field
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.geometry import as_polygons, distinct, multipolygon, parts_touched, sound, union, within, without
from vitrograph.core.stencil.mending.faults import Fault, Limits, faults_of
from vitrograph.core.widths import Thin, thin_places

_GRID_MM = 1e-6                    # finer than any cut: seams of a mend leave no slivers on it
_LEAST_MM2 = 1e-4                  # scraps that an overlay leaves
_BESIDE = 2.0                      # limits: a thin place so near to a part that changed is looked for anew,
_ABOUT = 8.0                       # among all parts so near to one,
_WITHIN = 4.0                      # if none of those places reaches farther
_WORTH = 0.7                       # of the parts: more of them are looked over all at once


class Cutting(Struct, frozen=True, eq=False, dict=True):
    """Openings in a film's outline, on the sheet; `stays` is the film beside them, where that is known already."""

    outline: MultiPolygon
    openings: MultiPolygon
    stays: MultiPolygon | None = None
    _before: list["Cutting"] = field(default_factory=list)      # what it came from, none or one
    _thin: dict[tuple[float, float], list[Thin]] = field(default_factory=dict)
    _told: dict[Limits, list[Fault]] = field(default_factory=dict)

    @cached_property
    def film(self) -> MultiPolygon:
        """What stays, without the scraps that rounding leaves along the outline."""
        if self.stays is not None:
            return self.stays
        parts = shapely.get_parts(as_polygons(without(self.outline, self.openings)))
        return multipolygon(parts[shapely.area(parts) > _LEAST_MM2])

    @cached_property
    def islands(self) -> NDArray[np.object_]:
        """Film that the openings surround, scraps aside."""
        parts = shapely.get_parts(self.film)
        loose = ~shapely.intersects(parts, self.outline.boundary) & (shapely.area(parts) > _LEAST_MM2)
        return np.asarray(parts[loose])

    def faults(self, limits: Limits) -> list[Fault]:
        """What is too thin, too small or too sharp."""
        if limits not in self._told:                           # several ask, and it takes long
            found = faults_of(self.openings, self.islands, self.thin(limits.opening, limits.web), limits)
            # where an opening comes to the film's edge, what lies beyond it is no film
            on_sheet = shapely.intersects_xy(self.outline, np.array([fault.where for fault in found]).reshape(-1, 2))
            self._told[limits] = [fault for fault, kept in zip(found, on_sheet, strict=True) if kept]
        return self._told[limits]

    def thin(self, opening: float, web: float) -> list[Thin]:
        """Where openings are thinner than `opening` mm, and what lies between them than `web` mm; 0 asks for none."""
        found = self._known(opening, web)
        if found is None:
            known = self._before[0]._known(opening, web) if self._before else None
            found = thin_places(self.openings, opening, web) if known is None else thin_since(
                self._before[0].openings, known, self.openings, opening, web)
            self._thin[opening, web] = found
        return found

    def _known(self, opening: float, web: float) -> list[Thin] | None:
        """What an earlier look told, at both sides or at the one that is asked for."""
        for (had_opening, had_web), places in self._thin.items():
            if opening in (0.0, had_opening) and web in (0.0, had_web):
                return [place for place in places if (opening if place.inside else web) > 0]
        return None

    def sound(self) -> "Cutting":
        """Itself, or where rounding made a drawing's outlines cross themselves, the same with outlines that do not."""
        openings = sound(self.openings)
        return self if openings is self.openings else Cutting(self.outline, openings)

    def with_more(self, film: Iterable[BaseGeometry] = (), openings: Iterable[BaseGeometry] = ()) -> "Cutting":
        """With shapes made film, or opened; and all of it on one fine grid."""
        shape: BaseGeometry = self.openings
        if film := list(film):
            shape = without(shape, union(film))
        if opened := list(openings):
            parts, touched = parts_touched(shape, np.array(opened, dtype=object))
            more = as_polygons(within(union([*parts[touched], *opened]), self.outline))
            shape = multipolygon(np.concatenate([parts[~touched], shapely.get_parts(more)]))
        tidy = shapely.get_parts(_on_grid(shape))
        self._before.clear()                                   # what came before that is asked no more
        openings = multipolygon(tidy[shapely.area(tidy) > _LEAST_MM2])
        return Cutting(self.outline, openings, _before=[self])


def thin_since(
    before: MultiPolygon, known: Sequence[Thin], now: MultiPolygon, inside: float, outside: float
) -> list[Thin]:
    """The thin places of a shape that changed, from those of the one before; as `thin_places` gives them.

    Only places near a part that is not as it was are looked for anew, among the parts about it. Where one of them
    reaches so far that others might belong to it, all are.
    """
    parts, limit = shapely.get_parts(now), max(inside, outside)
    changed = np.concatenate(unlike(_on_grid(before), parts))
    if not len(changed):
        return list(known)
    about = distinct(shapely.STRtree(parts).query(changed, predicate="dwithin", distance=_ABOUT * limit)[1])
    if len(about) <= _WORTH * len(parts):
        anew = thin_places(multipolygon(parts[about]), inside, outside)
        tree = shapely.STRtree(changed)
        gone, found = _beside(tree, known, limit), _beside(tree, anew, limit)
        if _all_within(tree, [*(known[at] for at in gone), *(anew[at] for at in found)], limit):
            return [*(place for at, place in enumerate(known) if at not in gone), *(anew[at] for at in sorted(found))]
    return thin_places(now, inside, outside)


def _on_grid(shape: MultiPolygon) -> NDArray[np.object_]:
    """The parts of a shape as they are after any change, even where none of it touches them."""
    parts = shapely.get_parts(shape)
    told = shapely.get_precision(parts) == _GRID_MM
    return np.concatenate([parts[told], shapely.set_precision(parts[~told], _GRID_MM)])


def unlike(
    one: NDArray[np.object_], other: NDArray[np.object_]
) -> tuple[NDArray[np.object_], NDArray[np.object_]]:
    """The parts of each of two shapes that the other has not."""
    parts = np.concatenate([one, other])
    _, number, many = np.unique(shapely.to_wkb(shapely.normalize(parts)), return_inverse=True, return_counts=True)
    alone = many[number] == 1
    return one[alone[:len(one)]], other[alone[len(one):]]


def _beside(changed: shapely.STRtree, places: Sequence[Thin], limit: float) -> set[int]:
    """The numbers of the places that are near a part that changed."""
    if not places:
        return set()
    near = changed.query([place.line for place in places], predicate="dwithin", distance=_BESIDE * limit)
    return set(near[0].tolist())


def _all_within(changed: shapely.STRtree, places: Sequence[Thin], limit: float) -> bool:
    """Whether every end of the axes of places is near some part that changed."""
    if not places:
        return True
    ends = shapely.points(np.concatenate([place.axis.reshape(-1, 2) for place in places]))
    return len(distinct(changed.query(ends, predicate="dwithin", distance=_WITHIN * limit)[0])) == len(ends)
