"""A photograph of a piece becomes a measurement: the card found, the design laid on the picture, and judged."""

from collections.abc import Callable, Sequence
from math import degrees
from pathlib import Path
from typing import Any

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray
from shapely.geometry import MultiPolygon, Polygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.errors import PictureError
from vitrograph.core.geometry import Box, Points, as_polygons, union
from vitrograph.core.language import tr
from vitrograph.core.logbook.entry import Outcome
from vitrograph.core.logbook.inspection.camera import Camera, focal_from_exif
from vitrograph.core.logbook.inspection.found import black_behind, camera_by_corners, find_card
from vitrograph.core.logbook.inspection.judging import WHITE, Fault, Judged, judge
from vitrograph.core.logbook.inspection.registering import Drawn, Registered, register
from vitrograph.core.logbook.inspection.seat import Seat, corners_of, looks_at, seat_of
from vitrograph.core.logbook.inspection.unroll import Grid, Photo, Picture, unroll
from vitrograph.core.pictures.reading import gray_of, read_picture
from vitrograph.core.results import FinishedPiece
from vitrograph.core.says import Area, Length, Says, Value
from vitrograph.core.value_words import word_of

MOST_PIXELS = 26_000_000           # a larger picture is reduced: its lens shows no more
_LEAST_PIXELS = 400                # of the shorter side
_ROUND_MM = 12.0                   # beyond the design that is looked over for leaks and drips
_STEPS_MM = (0.06, 0.25)
_PER_PIXEL = 0.75
_MOST_GRID = 9_000_000
_ON_GLASS_PX = 16                 # between places where it is asked whether they are on the glass
_LEAST_LIKE = 0.55                 # of the picture to the design: less is another piece, or none
_MOST_GLARE, _MOST_HIDDEN = 0.2, 0.6
_LAMP_SHARE = 0.005                # of the black before which the piece stands
_CROOKED_DEG, _RAGGED_MM = 0.5, 0.2
_FOCAL_TAG, _EXIF = 41989, 0x8769  # EXIF 2.3: focal length in 35 mm film, and where that stands

Corners = Sequence[tuple[float, float]]


class Inspection(Struct, frozen=True):
    """What a photograph shows of a piece.

    `crooked` is how far the art is turned to the left as it is seen, radians; `across` how far right of where it was
    planned it lies, mm, None round a glass, where the picture cannot tell; `up` how far above; `from_rim` is where its
    upper edge came to lie. `bounds` are the design's on the sheet.
    """

    faults: tuple[Fault, ...]
    crooked: float
    across: float | None
    up: float
    from_rim: float
    judged: Judged
    registered: Registered
    film: bool
    bounds: Box = (0.0, 0.0, 0.0, 0.0)

    @property
    def outcomes(self) -> tuple[Outcome, ...]:
        """What a copy that looks so came out as, in the logbook's words; good where nothing is wrong."""
        told = [fault.outcome for fault in self.faults if fault.outcome is not None]
        if abs(degrees(self.crooked)) > _CROOKED_DEG:
            told.append("crooked")
        return tuple(dict.fromkeys(told)) or ("good",)

    @property
    def says(self) -> tuple[Value | str, ...]:
        """It in sentences, in the order of what matters."""
        said: list[Value | str] = [
            Says("{what}: {area} at {x} across, {y} up on the sheet{hand}", what=word_of(fault.kind),
                 area=Area(fault.area),
                 x=Length(fault.where[0]), y=Length(fault.where[1]),
                 hand=tr(", marked by hand") if fault.by_hand else "")
            for fault in self.faults]
        if not self.faults:
            said.append(tr("nothing that was to be film is bright, and nothing of the film came off") if self.film else
                        tr("no leak and no void: the frost lies where it was drawn"))
        turned = degrees(self.crooked)
        said.append(tr("it is straight, within half a degree") if abs(turned) <= _CROOKED_DEG else
                    tr("it is turned {turned:.1f}° to the left", turned=turned) if turned > 0 else
                    tr("it is turned {turned:.1f}° to the right", turned=-turned))
        edge = tr("the rim") if self.across is None else tr("the glass's upper edge")
        said.append(Says("its upper edge is {rim} from {edge}, {by} {way} than planned", rim=Length(self.from_rim),
                         edge=edge, by=Length(abs(self.up)),
                         way=tr("higher") if self.up > 0 else tr("lower", "than planned")))
        if self.judged.edge > _RAGGED_MM:
            said.append(Says("its edges are ragged: they stray by {edge}", edge=Length(self.judged.edge, 2)))
        for share, what in ((self.judged.hidden, tr("is out of sight")),
                            (self.judged.glare, tr("lies under a lamp's glare"))):
            if share > 0.01:
                said.append(tr("{share:.0%} of the art {what} in this picture, and was not judged", share=share,
                               what=what))
        return tuple(said)


class Taken(Struct, frozen=True):
    """A photograph: (rows, columns) of light, 0 to 1; and the camera's focal length in pixels where it tells it."""

    light: Picture
    focal: float | None = None


def read_photo(path: Path) -> Taken:
    """Read a photograph's file. Raises PictureError with one sentence."""
    image = read_picture(path, MOST_PIXELS)
    return Taken(gray_of(image), _focal(image))


def inspect_photo(
    photo: Taken, piece: FinishedPiece, *, film: bool = False, corners: Corners | None = None,
    went: Callable[[str], None] | None = None
) -> Inspection:
    """Judge a photograph; see `inspect`."""
    return inspect(photo.light, piece, film=film, corners=corners, focal=photo.focal, went=went)


def inspect(
    gray: Picture, piece: FinishedPiece, *, film: bool = False, corners: Corners | None = None,
    focal: float | None = None, went: Callable[[str], None] | None = None
) -> Inspection:
    """Judge a picture, (rows, columns) of light from 0 to 1, of a piece before a card or with four corners told.

    With `film` it is of the weeded film on the glass, before the cream. `corners` are the piece's own, in pixels, upper
    left first and round to the right; `focal` is the camera's focal length in pixels where it is known. `went` is told
    what is done next. Raises PictureError: no card, another piece, glare.
    """
    went = went or (lambda _says: None)
    film = film or piece.sheet.kind == "decal"
    shape = piece.sheet.film if film else piece.sheet.frosted
    if shape.is_empty:
        raise PictureError(tr("nothing is etched on this piece, so there is no frost to look for"))
    if min(gray.shape) < _LEAST_PIXELS:
        raise PictureError(tr("the picture has {shape} x {shape2} pixels: take one of at least {least} each way",
                              shape=gray.shape[1], shape2=gray.shape[0], least=_LEAST_PIXELS))
    went(tr("looking for the card"))
    size = (gray.shape[1], gray.shape[0])
    if corners is None:
        found = find_card((gray * 255).astype(np.uint8), focal)
        camera, black = found.camera, black_behind(found, size)
    else:
        camera, black = camera_by_corners(corners_of(piece.wall), corners, size, focal), np.ones_like(gray)
    went(tr("laying the design on it"))
    lamp = _lamp(gray)
    # of designs on several sides of a glass, the one that is turned to the camera
    placed, design = max((_laid(piece, Photo(gray, black * ~lamp), camera, side, film=film, card=corners is None)
                          for side in looks_at(piece, shape)), key=lambda one: one[0].likeness)
    if placed.likeness < _LEAST_LIKE and lamp[black > 0].mean() > _LAMP_SHARE:
        raise PictureError(tr("what is seen there is not this piece, or a lamp's glare lies over it: choose the piece "
                              "it is of, or move the lamp and take the picture again"))
    if placed.likeness < _LEAST_LIKE:
        raise PictureError(tr("what is seen there is not this piece, or its art is turned away: choose the piece it "
                              "is of, and turn the art to the camera"))
    went(tr("judging it"))
    judged = _judged(Photo(gray, black), placed, design, film=film)
    if judged.glare > _MOST_GLARE or judged.hidden > _MOST_HIDDEN:
        share, what = max((judged.glare, tr("lies under a lamp's glare: move the lamp")),
                          (judged.hidden, tr("is out of sight: turn the art to the camera")))
        raise PictureError(tr("{share:.0%} of the art {what}, and take the picture again", share=share, what=what))
    side = -1 if piece.fitted.chart.mirrored else 1
    moved = placed.seat
    return Inspection(judged.faults, side * moved.tilt, None if piece.wall.closed else moved.round_by, moved.up_by,
                      piece.fitted.from_rim - moved.up_by, judged, placed, film, design.shape.bounds)


def _lamp(gray: Picture) -> NDArray[np.bool_]:
    """Where a lamp may be mirrored: nearly white, and what is beside that."""
    import cv2

    reach = max(3, max(gray.shape) // 300)
    return np.asarray(cv2.dilate((gray > WHITE).astype(np.uint8), np.ones((reach, reach), np.uint8)) > 0)


def _focal(image: Any) -> float | None:
    """The focal length in pixels by what the picture tells of itself; None where it tells nothing that can be."""
    try:
        small_film = float(image.getexif().get_ifd(_EXIF).get(_FOCAL_TAG, 0))
    except (AttributeError, TypeError, ValueError, KeyError):
        return None
    return focal_from_exif(small_film, image.size) if 8 <= small_film <= 400 else None


def _laid(
    piece: FinishedPiece, photo: Photo, camera: Camera, shape: MultiPolygon, *, film: bool, card: bool
) -> tuple[Registered, Drawn]:
    """What is seen at one look, laid on the picture."""
    films = [outline for outline in piece.sheet.outlines if outline.intersects(shape)]
    left, low, right, high = shape.bounds
    alone = len(piece.sheet.outlines) == 1
    design = Drawn(shape, _box(union(films) if film else shape, film=film),
                   None if alone and not film else _inner(films))
    seat = seat_of(piece.fitted.chart, np.array([(left + right) / 2, (low + high) / 2]), card=card)
    return register(photo, camera, seat, design), design


def _box(shape: BaseGeometry, *, film: bool) -> Box:
    """What is looked over: the films, or the frost and some of the glass round it."""
    left, low, right, high = shape.bounds
    by = 2.0 if film else _ROUND_MM
    return left - by, low - by, right + by, high + by


def _judged(photo: Photo, placed: Registered, design: Drawn, *, film: bool) -> Judged:
    left, low, right, high = design.box
    pixel = float(np.linalg.norm(placed.camera.eye)) / placed.camera.focal
    coarsest = float(np.sqrt((right - left) * (high - low) / _MOST_GRID))
    step = max(float(np.clip(_PER_PIXEL * pixel, *_STEPS_MM)), coarsest)
    grid = Grid.over(design.box, step)
    seen, facing = unroll(photo, placed.camera, placed.seat, grid)
    there = _on_glass(grid, placed.seat) & design.looked_at(grid)
    return judge(seen, facing, there, grid, design.shape, film=film)


def _inner(films: Sequence[Polygon]) -> MultiPolygon:
    """The films, a little in from their edges: what lies between two of them on the sheet is no place of the glass."""
    return as_polygons(shapely.buffer(MultiPolygon(films), -1.0))


def _on_glass(grid: Grid, seat: Seat) -> NDArray[np.bool_]:
    """Which places of a grid lie on the wall at all, told at some and laid between."""
    def told(sheet: Points) -> Sequence[NDArray[np.float64]]:
        u, s = seat.on_wall(sheet).T
        there = (s >= 0) & (s <= seat.wall.length)
        if not seat.wall.closed:
            there &= np.abs(u) <= seat.wall.span / 2
        return (there.astype(float),)

    (there,) = grid.followed(told, _ON_GLASS_PX)
    return np.asarray(there > 0.99)
