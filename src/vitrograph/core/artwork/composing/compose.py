"""Composing: the items of an artwork joined to one two-tone shape, in mm as on the glass, centred on (0, 0)."""

from collections.abc import Iterator, Sequence
from functools import lru_cache

import numpy as np
import shapely
from msgspec import Struct
from msgspec.structs import replace
from shapely.affinity import translate
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.composing.found import found_in, label_of, too_wide
from vitrograph.core.artwork.composing.local import local_drawing, local_shape, local_words, rough_width
from vitrograph.core.artwork.composing.monogram import local_monogram
from vitrograph.core.artwork.composing.place import (
    Affine,
    Local,
    Mark,
    Placed,
    carried,
    carry,
    copies,
    fineness,
    joined,
    matrix_of,
    scales,
    sides,
)
from vitrograph.core.artwork.source import Source
from vitrograph.core.errors import ArtworkError, NothingYet
from vitrograph.core.findings import Code, Finding, Level
from vitrograph.core.geometry import as_polygons, without
from vitrograph.core.job import Artwork, Drawing, Item, Monogram, Shape, Words
from vitrograph.core.language import tr

CURVE_DEVIATION_MM = 0.008         # how far art's own curves may stray, at its size on the glass
_MOST_SCALE = 1e4                  # mm per own unit tried when an item's own size is not known yet


class Art(Struct, frozen=True):
    """The art as one shape, mm, centred on its box; names; what was found.

    `middle` is where the box's middle lies in the artwork's own frame; `placed` are the items shown, lowest first, in
    that frame. `failed` tells by their keys why other items could not be made. `grown` is what the rule for rows of
    names made of the sizes typed, across and upright.
    """

    shape: MultiPolygon
    middle: tuple[float, float]
    placed: tuple[Placed, ...]
    marks: tuple[Mark, ...]
    findings: tuple[Finding, ...]
    failed: tuple[tuple[int, ArtworkError], ...] = ()
    grown: tuple[float, float] = (1.0, 1.0)

    @property
    def size(self) -> tuple[float, float]:
        """Width and height of the shape's box."""
        left, low, right, high = self.shape.bounds
        return right - left, high - low

    @property
    def baseline(self) -> float:
        """The lowest foot of a line of words, mm above the middle of the box; the box's lower edge where none is."""
        feet = [carry(np.array([[0.0, one.local.foot]]), affine)[0, 1] - self.middle[1]
                for one in self.placed if one.local.foot is not None for affine in one.affines]
        return float(min(feet, default=-self.size[1] / 2))

    @property
    def keys(self) -> tuple[int, ...]:
        """The keys of the items that are shown, lowest first."""
        return tuple(placed.item.key for placed in self.placed)

    def of(self, key: int) -> Placed | None:
        """The placed item of a key; None where it is not shown or could not be made."""
        return next((placed for placed in self.placed if placed.item.key == key), None)

    def source(self, key: int) -> Source | None:
        """The drawing of that key as it was brought."""
        placed = self.of(key)
        return None if placed is None else placed.local.source


def compose(artwork: Artwork, max_deviation: float = CURVE_DEVIATION_MM) -> Art:
    """Join the items; outlines stray at most `max_deviation` mm.

    Where the artwork has a rule for rows of names, it is made as large as that says. Raises NothingYet where there is
    nothing to join, ArtworkError where no item can be made, or nothing stays frosted.
    """
    art = _composed(artwork, max_deviation)
    grown = artwork.rule.factors(art.size[0])
    if grown != (1.0, 1.0):
        art = replace(_composed(artwork.stretched(*grown), max_deviation), grown=grown)
    return replace(art, findings=(*art.findings, *too_wide(artwork, art.size[0])))


def _composed(artwork: Artwork, max_deviation: float) -> Art:
    placed, failed = _place_all(artwork, max_deviation)
    findings = [_left_out(artwork, key, error) for key, error in failed]
    findings += [found for one in placed for found in found_in(one)]
    shape = _layered(placed)
    if shape.is_empty:
        raise _why_nothing(artwork, placed, failed, findings)
    left, low, right, high = shape.bounds
    middle = ((left + right) / 2, (low + high) / 2)
    marks = tuple(Mark(mark.name, mark.x - middle[0], mark.y - middle[1])
                  for one in placed for mark in _marks_of(one))
    return Art(as_polygons(translate(shape, -middle[0], -middle[1])), middle, placed, marks, tuple(findings),
               failed)


def _left_out(artwork: Artwork, key: int, error: ArtworkError) -> Finding:
    item = artwork.item(key)
    name = label_of(item) if item is not None else tr("an item")
    return Finding(Code.PIECE, Level.STOP, tr("{name} is left out: {error}", name=name, error=error),
                   tr("the others are shown without it"))


def _place_all(
    artwork: Artwork, max_deviation: float
) -> tuple[tuple[Placed, ...], tuple[tuple[int, ArtworkError], ...]]:
    """All shown items that can be made, and why others cannot: they do not keep these from being shown."""
    placed, failed = [], []
    for index, item in enumerate(artwork.items):
        if not item.shown or _is_unwritten(item):
            continue
        try:
            placed.append(place(item, index, max_deviation))
        except ArtworkError as error:
            failed.append((item.key, error))
    return tuple(placed), tuple(failed)


def place(item: Item, index: int = 0, max_deviation: float = CURVE_DEVIATION_MM) -> Placed:
    """Make and place one item, the artwork's row `index`. Raises ArtworkError where it cannot be."""
    made = _placed(item.with_(key=0, name="", does="frosts", shown=True), max_deviation)
    return Placed(item, index, *made)


@lru_cache(maxsize=256)
def _placed(
    item: Item, max_deviation: float
) -> tuple[MultiPolygon, Local, tuple[Affine, ...], tuple[float, float]]:
    if isinstance(item.what, Shape):
        width, height = sides(item)
        local, units = local_shape(item.what, width, height, max_deviation), (1.0, 1.0)
    else:
        local, units = _fine_enough(item, max_deviation)
    affines = tuple(copies(item, matrix_of(item, *units)))
    made = [carried(local.shape, affine) for affine in affines]
    return as_polygons(made[0]) if len(made) == 1 else joined(made), local, affines, units


def _fine_enough(item: Item, max_deviation: float) -> tuple[Local, tuple[float, float]]:
    """An item's own shape with curves fine enough for its size on the glass, and its mm per own unit."""
    guess = rough_width(item.what) if isinstance(item.what, Words) and item.size_is == "width" else None
    scale = item.size / (guess or 1.0) * max(1.0, 1 / item.stretch)
    while True:
        deviation = fineness(max_deviation, min(scale, _MOST_SCALE))
        local = _local(item, deviation)
        units = scales(item, local.size, local.cap_height)
        if max(units) * deviation <= max_deviation or scale >= _MOST_SCALE:
            return local, units
        scale = max(units)


def _local(item: Item, max_deviation: float) -> Local:
    if isinstance(item.what, Words):
        return local_words(item.what, max_deviation)
    if isinstance(item.what, Drawing):
        return local_drawing(item.what, max_deviation)
    assert isinstance(item.what, Monogram)
    return local_monogram(item.what, max_deviation)


def _layered(placed: Sequence[Placed]) -> BaseGeometry:
    """The items laid on each other: each frosts, or clears, what it covers."""
    if len(placed) == 1 and placed[0].item.does == "frosts":
        return placed[0].shape
    shape: BaseGeometry = MultiPolygon()
    waiting: list[BaseGeometry] = []                          # neighbours that frost are joined all at once
    for one in placed:
        if one.item.does == "frosts":
            waiting.append(one.shape)
            continue
        shape, waiting = without(_with(shape, waiting), one.shape), []
    return _with(shape, waiting)


def _with(shape: BaseGeometry, more: list[BaseGeometry]) -> BaseGeometry:
    return joined(shapely.get_parts(np.array([shape, *more], dtype=object))) if more else shape


def _why_nothing(
    artwork: Artwork, placed: Sequence[Placed], failed: Sequence[tuple[int, ArtworkError]], findings: Sequence[Finding]
) -> ArtworkError | NothingYet:
    if all(one.shape.is_empty for one in placed) and (failed or findings):
        return failed[0][1] if failed else ArtworkError(tr("{says}: choose another face", says=findings[0].says))
    if any(one.item.does == "frosts" and not one.shape.is_empty for one in placed):
        return ArtworkError(tr("nothing is left frosted: an item that clears covers all that lies below it"))
    if any(not one.shape.is_empty for one in placed):
        return ArtworkError(tr("nothing is frosted: every item clears, so let one of them frost"))
    if any(not item.shown for item in artwork.items):
        return NothingYet(tr("every item is hidden: show one of them"))
    return NothingYet(tr("type some words, open a drawing, or add a shape or a monogram"))


def _is_unwritten(item: Item) -> bool:
    """Words and monograms that wait to be typed are no fault."""
    what = item.what
    if isinstance(what, Words):
        return not what.text.strip()
    return isinstance(what, Monogram) and not (what.initials + what.text).strip()


def _marks_of(placed: Placed) -> Iterator[Mark]:
    spots = np.array([[mark.x, mark.y] for mark in placed.local.marks]).reshape(-1, 2)
    for affine in placed.affines:
        for mark, (x, y) in zip(placed.local.marks, carry(spots, affine).tolist(), strict=True):
            yield Mark(mark.name, x, y)
