"""What bits of film are called: by the letters whose ink they are, and by where they lie."""

from collections.abc import Sequence
from functools import cached_property
from typing import get_args

import numpy as np
import shapely
from shapely.geometry import Point, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork import DRAWING
from vitrograph.core.geometry import Box, Points, within
from vitrograph.core.job import OutlineName
from vitrograph.core.language import tr
from vitrograph.core.stencil import Sheet
from vitrograph.core.value_words import word_of

_SHAPES = frozenset(get_args(OutlineName))          # the names that marks of plain shapes have
_DETAIL = tr("detail")
_GROUND = 3                        # islands in a part without a letter of its own: it is what is round others
_OWN = 0.5                         # of a part's area: what one letter has of it, at least, to give it its name


class Names:
    """Names for the bits of a sheet.

    A bit is called by the letters whose ink it takes the most of: by their marks, which lie surely on their ink, and
    where ties or mends parted a letter, by the drawn part that it came from.
    """

    def __init__(self, sheet: Sheet) -> None:
        self.sheet = sheet
        self._names = [name for name, _, _ in sheet.fitted.marks]
        self._spots: Points = np.array([[x, y] for _, x, y in sheet.fitted.marks]).reshape(-1, 2)

    @cached_property
    def _drawn(self) -> shapely.STRtree:
        """The parts of the art as they were drawn, before ties and mends."""
        return shapely.STRtree(shapely.get_parts(self.sheet.fitted.sheet_art))

    @cached_property
    def _filled_film(self) -> shapely.STRtree:
        """The parts of the film without holes."""
        return shapely.STRtree([Polygon(one.exterior) for one in self.sheet.film.geoms])

    def of(self, part: Polygon) -> str:
        """What a bit that takes ink away is called."""
        own = self._inside(part)
        if not own and self.sheet.recut:
            own = self._inside_drawn(part)
        return tr("ground") if not own and len(part.interiors) > _GROUND else _called(own)

    def of_gap(self, part: Polygon) -> str:
        """What is pulled where the art stays: the film round it, or a gap within it."""
        if self.sheet.kind != "decal":
            largest = max(opening.area for opening in self.sheet.openings.geoms)
            return tr("gap") if part.area < largest else tr("ground")
        around = _around(part, self._filled_film)
        if around is None:
            return tr("film round the art") if part.intersects(self.sheet.outline.boundary) else tr("gap")
        letters = _called(self._inside(self.sheet.film.geoms[around]))
        return tr("gap") if letters == _DETAIL else tr("inside of {it}", it=letters)

    def of_island(self, part: Polygon, filled: shapely.STRtree) -> str:
        """An island is named by its own letters, or by the opening round it; `filled` are openings without holes."""
        own = _called(self._inside(part))
        if own != _DETAIL:
            return own
        around = _around(part, filled)
        if around is None:
            return tr("island")
        return tr("inside of {it}", it=self.of(self.sheet.openings.geoms[around]))

    def _inside(self, part: Polygon) -> list[str]:
        """The names of the marks in a bit, in reading order."""
        hits = np.flatnonzero(shapely.intersects_xy(part, self._spots[:, 0], self._spots[:, 1]))
        return [self._names[at] for at in sorted(hits.tolist(), key=lambda at: float(self._spots[at, 0]))]

    def _inside_drawn(self, part: Polygon) -> list[str]:
        """The names in the drawn part that most of a bit lies in, nearest mark alone where it holds several."""
        tree = self._drawn
        at = tree.query(part, predicate="intersects")
        if not len(at):
            return []
        shares = np.array([within(drawn, part).area for drawn in tree.geometries[at]])
        if shares.max() < _OWN * part.area:
            return []
        names = self._inside(tree.geometries[at[int(shares.argmax())]])
        return names if len(names) < 2 else [self._nearest(part, names)]

    def _nearest(self, part: Polygon, names: Sequence[str]) -> str:
        """Of letters that are joined, the one whose mark is nearest to a bit."""
        wanted = [at for at, name in enumerate(self._names) if name in names]
        away = shapely.distance(part, shapely.points(self._spots[wanted]))
        return self._names[wanted[int(np.argmin(away))]]


def _around(part: Polygon, filled: shapely.STRtree) -> int | None:
    """The number of the smallest of what is filled that a part lies in."""
    inside = filled.query(part.representative_point(), predicate="within").tolist()
    return min(inside, key=lambda at: float(filled.geometries[at].area), default=None)


def _called(names: Sequence[str]) -> str:
    if any(name == DRAWING for name in names):
        return tr("drawing")
    letters = "".join(name for name in names if name not in _SHAPES)
    if names and not letters:                                 # a shape, called by its outline
        return word_of(names[0])
    if not letters:
        return _DETAIL
    if len(letters) > 1:
        return tr("letters {letters}", letters=letters)
    if letters.isdecimal():
        return tr("digit {digit}", digit=letters)
    return tr("letter {letter}", letter=letters) if letters.isalnum() else tr("sign {sign}", sign=letters)


_PLACES = ((tr("lower left"), tr("lower"), tr("lower right")), (tr("left"), tr("in the middle"), tr("right")),
           (tr("upper left"), tr("upper"), tr("upper right")))


def where_on(sheet: Sheet, part: BaseGeometry, film: int, *, of: Box | None = None) -> str:
    """Where a bit, or a place, lies on its film, by thirds of its art, or `of` another box; of several, which film."""
    left, low, right, high = of or sheet.art_boxes[film]
    spot: Point = part.centroid
    across, up = (min(2, max(0, int(3 * (at - least) / (most - least))))
                  for at, least, most in ((spot.x, left, right), (spot.y, low, high)))
    where = _PLACES[up][across]
    return where if len(sheet.outlines) == 1 else tr("film {film}, {where}", film=film + 1, where=where)
