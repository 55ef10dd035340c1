"""Where the camera stood, from what it saw of known places: a pinhole with one lens term, by least squares.

Source: R. Hartley and A. Zisserman, Multiple View Geometry, 2nd ed., 2004, chapters 6 to 8. A single picture of a plane
tells the focal length badly where it was taken from straight before it, so that is held near what phones and cameras
usually have, or near what the picture's own data say.
"""

import numpy as np
from msgspec import Struct
from msgspec.structs import replace
from numpy.typing import NDArray

from vitrograph.core.errors import PictureError
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr

Values = NDArray[np.float64]

_USUAL_FOCAL = 0.78                # of the picture's longer side: about 28 mm on small film, common practice
_FOCAL_SPREAD, _KNOWN_SPREAD = 0.25, 0.05
_LENS_SPREAD = 0.05
_MOST_OFF = 0.01                   # of the picture's longer side: a fit that is farther off is no picture of the card
_SMALL_FILM_MM = 43.266615         # the diagonal of 36 by 24 mm


class Camera(Struct, frozen=True):
    """A pinhole: focal length and middle in pixels, one lens term, and where the card stands before it.

    `turn` is (3, 3) from card places (x right, y up, z to the viewer) to the camera's (x right, y down, z away from
    it), `at` the card's origin there, mm. `off` is by how many pixels what was seen strays, root mean square.
    """

    focal: float
    middle: tuple[float, float]
    lens: float
    turn: Values
    at: Values
    off: float = 0.0

    def seen(self, places: Values) -> Points:
        """(n, 2) pixels of (n, 3) card places; NaN behind the camera."""
        x, y, z = (places @ self.turn.T + self.at).T
        z = np.where(z > 1e-6, z, np.nan)
        plain = np.column_stack([x / z, y / z])
        squared = (plain**2).sum(axis=1, keepdims=True)
        return np.asarray(self.focal * plain * (1 + self.lens * squared) + self.middle)

    @property
    def eye(self) -> Values:
        """(3,) where it stands, in card places."""
        return np.asarray(-self.turn.T @ self.at)

    def with_focal(self, factor: float) -> "Camera":
        """It with another focal length, so much farther away: the card looks the same, what stands before it not."""
        return replace(self, focal=self.focal * factor, at=self.at * [1.0, 1.0, factor])


def focal_from_exif(small_film_mm: float, size: tuple[int, int]) -> float:
    """Focal length in pixels from that for small film (36 by 24 mm), by the picture's diagonal."""
    return small_film_mm / _SMALL_FILM_MM * float(np.hypot(*size))


def camera_from(places: Points, seen: Points, size: tuple[int, int], focal: float | None = None) -> Camera:
    """The camera that saw (n, 2) places of the card at (n, 2) pixels of a picture of that size, width and height.

    `focal` is its focal length in pixels where that is known. Raises PictureError where the places fit no camera.
    """
    from scipy.optimize import least_squares
    from scipy.spatial.transform import Rotation

    long = float(max(size))
    known = focal or _USUAL_FOCAL * long
    spread = _KNOWN_SPREAD if focal else _FOCAL_SPREAD
    middle = (size[0] / 2 - 0.5, size[1] / 2 - 0.5)
    solid = np.column_stack([places, np.zeros(len(places))])
    turn, at = _first_guess(places, seen, known, middle)

    def camera(p: Values) -> Camera:
        return Camera(known * float(np.exp(p[6])), middle, float(p[7]), Rotation.from_rotvec(p[:3]).as_matrix(), p[3:6])

    def off(p: Values) -> Values:
        apart = np.nan_to_num(camera(p).seen(solid) - seen, nan=long)
        held = np.array([p[6] / spread, p[7] / _LENS_SPREAD]) * _corner_noise(long)
        return np.concatenate([apart.ravel(), held])

    start = np.concatenate([Rotation.from_matrix(turn).as_rotvec(), at, [0.0, 0.0]])
    found = least_squares(off, start, x_scale=[0.1, 0.1, 0.1, 10, 10, 100, 0.1, 0.05], loss="soft_l1", max_nfev=200)
    strays = float(np.sqrt(((camera(found.x).seen(solid) - seen) ** 2).sum(axis=1).mean()))
    if not strays < _MOST_OFF * long:
        raise PictureError(tr("the card in the picture is bent, or its markers lie elsewhere than printed: lay it "
                              "flat, and print it at 100 %"))
    return replace(camera(found.x), off=strays)


def _corner_noise(long: float) -> float:
    """By how many pixels a marker's corner is usually off."""
    return 1e-4 * long


def _first_guess(places: Points, seen: Points, focal: float, middle: tuple[float, float]) -> tuple[Values, Values]:
    """Turn and place from the homography of the plane (Hartley and Zisserman, example 8.1)."""
    plain = (seen - middle) / focal
    homography = _homography(places, plain)
    scale = 2 / (np.linalg.norm(homography[:, 0]) + np.linalg.norm(homography[:, 1]))
    homography = homography * (scale if homography[2, 2] > 0 else -scale)
    across, up = homography[:, 0], homography[:, 1]
    left, _, right = np.linalg.svd(np.column_stack([across, up, np.cross(across, up)]))
    turn = left @ np.diag([1.0, 1.0, np.linalg.det(left @ right)]) @ right
    return np.asarray(turn), np.asarray(homography[:, 2])


def _homography(places: Points, seen: Points) -> Values:
    """The (3, 3) map of the plane that carries places to what is seen of them: the direct linear transformation.

    Hartley and Zisserman, algorithm 4.2, the places brought to a mean of 0 and a spread of 1 first.
    """
    first, second = _levelled(places), _levelled(seen)
    a, b = _carried(first, places), _carried(second, seen)
    rows = []
    for (x, y), (u, v) in zip(a, b, strict=True):
        rows += [[-x, -y, -1, 0, 0, 0, u * x, u * y, u], [0, 0, 0, -x, -y, -1, v * x, v * y, v]]
    solved = np.linalg.svd(np.array(rows))[2][-1].reshape(3, 3)
    return np.asarray(np.linalg.inv(second) @ solved @ first)


def _levelled(points: Points) -> Values:
    middle, spread = points.mean(axis=0), float(points.std()) or 1.0
    return np.array([[1 / spread, 0, -middle[0] / spread], [0, 1 / spread, -middle[1] / spread], [0, 0, 1]])


def _carried(by: Values, points: Points) -> Points:
    return np.asarray(points @ by[:2, :2].T + by[:2, 2])
