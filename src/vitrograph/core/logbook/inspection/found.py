"""The card in a picture: its markers found, and the camera that saw them; or four corners that were pointed at."""

from collections.abc import Sequence

import numpy as np
import shapely
from msgspec import Struct
from numpy.typing import NDArray

from vitrograph.core.errors import PictureError
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.core.logbook.inspection.camera import Camera, camera_from
from vitrograph.core.logbook.inspection.card import MARKER_MM, QUIET_MM, Card, Marker, card_with, dictionary

_LEAST_MARKERS = 4
_LEAST_SPREAD = 0.35               # of the card's width and height that the markers found must span
_BESIDE_MM = 1.5                   # of white that a lens may spread over the black beside it
_LARGE_PX = 2000                   # pictures are looked through at about that size first


class CardSeen(Struct, frozen=True):
    """A card as it was found: the camera, and how many of its markers were seen."""

    card: Card
    camera: Camera
    markers: int


def find_card(gray: NDArray[np.uint8], focal: float | None = None) -> CardSeen:
    """Find the card in a picture, (rows, columns) of grey. Raises PictureError: no card, only a part of one."""
    numbers, corners = _markers(gray)
    card = next((one for number in numbers if (one := card_with(number)) is not None), None)
    if card is None:
        raise PictureError(tr("no inspection card was found in the picture: put the printed card behind the piece, "
                              "all of it in the picture, or point at four corners"))
    known = {marker.number: marker for marker in card.markers}
    pairs = [(known[number], corner) for number, corner in zip(numbers, corners, strict=True) if number in known]
    if len(pairs) < _LEAST_MARKERS or not _spread(card, [marker for marker, _ in pairs]):
        raise PictureError(tr("only {pairs} of the card's {known} markers can be seen: take the picture with all of "
                              "the card in it, and nothing over its edges", pairs=len(pairs), known=len(known)))
    places = np.vstack([marker.corners for marker, _ in pairs])
    seen = np.vstack([corner for _, corner in pairs])
    return CardSeen(card, camera_from(places, seen, (gray.shape[1], gray.shape[0]), focal), len(pairs))


def black_behind(seen: CardSeen, size: tuple[int, int]) -> NDArray[np.float32]:
    """(rows, columns) which pixels of a picture the card's black lies behind, 0 or 1; `size` is width and height."""
    import cv2

    out = np.zeros((size[1], size[0]), dtype=np.float32)
    left, low, right, high = seen.card.black
    around = MARKER_MM / 2 + QUIET_MM + _BESIDE_MM
    boxes = [((left + _BESIDE_MM, low + _BESIDE_MM, right - _BESIDE_MM, high - _BESIDE_MM), 1.0)]
    boxes += [((one.x - around, one.y - around, one.x + around, one.y + around), 0.0) for one in seen.card.markers]
    for (x0, y0, x1, y1), value in boxes:
        edge = np.asarray(shapely.segmentize(shapely.box(x0, y0, x1, y1), _BESIDE_MM).exterior.coords)
        pixels = seen.camera.seen(np.column_stack([edge, np.zeros(len(edge))]))
        cv2.fillPoly(out, [np.round(np.nan_to_num(pixels)).astype(np.int32)], value)
    return out


def camera_by_corners(
    places: Points, seen: Sequence[tuple[float, float]], size: tuple[int, int], focal: float | None = None
) -> Camera:
    """The camera from four places (n, 2), mm, that were pointed at in a picture, in the same order.

    Raises PictureError where the four lie so that they show no plane.
    """
    points = np.array(seen, dtype=float)
    if len(points) != 4 or _turns(points) != 4:
        raise PictureError(tr("the four corners were pointed at out of order: upper left first, then round to the "
                              "right"))
    return camera_from(places, points, size, focal)


def _turns(points: Points) -> int:
    """How many of the corners turn to the right as a picture is seen."""
    ahead, after = np.roll(points, -1, axis=0) - points, np.roll(points, -2, axis=0) - np.roll(points, -1, axis=0)
    return int((ahead[:, 0] * after[:, 1] - ahead[:, 1] * after[:, 0] > 1e-6).sum())


def _markers(gray: NDArray[np.uint8]) -> tuple[list[int], list[Points]]:
    """Numbers and corners (4, 2), in pixels, of all markers in a picture."""
    import cv2

    options = cv2.aruco.DetectorParameters()
    options.cornerRefinementMethod = cv2.aruco.CORNER_REFINE_SUBPIX
    detector = cv2.aruco.ArucoDetector(dictionary(), options)
    share = max(1.0, max(gray.shape) / _LARGE_PX)
    small = gray if share == 1.0 else cv2.resize(gray, None, fx=1 / share, fy=1 / share, interpolation=cv2.INTER_AREA)
    found, numbers, _ = detector.detectMarkers(small)
    if numbers is None:
        return [], []
    corners = np.concatenate(found).reshape(-1, 1, 2)
    if share > 1.0:                                            # the corners again, in the whole picture
        corners = ((corners + 0.5) * share - 0.5).astype(np.float32)
        reach = max(3, round(2 * share))
        stop = (cv2.TERM_CRITERIA_EPS + cv2.TERM_CRITERIA_COUNT, 40, 0.01)
        corners = cv2.cornerSubPix(gray, corners, (reach, reach), (-1, -1), stop)
    return [int(one) for one in numbers.ravel()], list(corners.reshape(-1, 4, 2).astype(float))


def _spread(card: Card, markers: Sequence[Marker]) -> bool:
    """Whether markers lie far enough apart, both ways, to tell how the card stands."""
    places = np.array([[marker.x, marker.y] for marker in markers])
    whole = np.array([[marker.x, marker.y] for marker in card.markers])
    return bool((np.ptp(places, axis=0) >= _LEAST_SPREAD * np.ptp(whole, axis=0)).all())
