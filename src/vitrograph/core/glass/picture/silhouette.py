"""A glass measured from a picture of its side: from two edges in pixels to outside radii at upright heights.

The plane of the axis is the plane of measurement: X to the right of the axis, Y up from the eye's level, mm. The eye
stands d from the axis and looks level, at the picture's middle. It sees a round wall not at its diameter but where its
line of sight touches, nearer than the axis: a straight wall of radius r shows r' = d r / sqrt(d² - r²). In general a
point (r, z) of a wall with slope m = dr/dz is on the outline at the turn u from the front where the outward normal
(sin u, cos u, -m) is square to the line of sight,

    cos u = (r + m (e - z)) / d,      X = r sin u d / (d - r cos u),      Y = (z - e) d / (d - r cos u)

with the eye at height e. That is solved for (r, z) by fixed-point steps, which shrink by r/d each.
"""

from math import atan, cos, hypot, sin, sqrt

import numpy as np
from msgspec import Struct
from msgspec.structs import replace

from vitrograph.core.errors import GlassError, PictureError
from vitrograph.core.geometry import Points
from vitrograph.core.glass.picture.beside_wall import Beside, bead_under, bowl_above_stem
from vitrograph.core.glass.picture.ends import end_height, extended, flared_end, foot_height, whole_radius
from vitrograph.core.language import tr
from vitrograph.core.pictures.edges import Edges, Values, find_edges
from vitrograph.core.pictures.reading import Gray
from vitrograph.core.says import Length, Says

BENT_LENS = 0.01                   # of most telephones (from memory)
STRAIGHT_LENS = 0.002              # of a picture that was straightened (from memory)
_STEPS = 12
_SCALES, _TRIES = (0.5, 4.0), 40   # of the scale at which the widest is the rim: where it is looked for, and how often
_AS_TYPED_MM = 0.005               # the rim as found, against what was typed
_TURNS = 6
_SMOOTH_MM = 4.0                   # the stretch of wall over which the outline is smoothed
_GRID = 400
_MOST_STATIONS = 16

Pixel = tuple[float, float]


class Sighting(Struct, frozen=True):
    """What the maker knows of the picture, mm: the eye's distance from the axis, and one size.

    Either the `rim` diameter, or a `length` between two marks (column, row) in the plane of the axis. The axis is found
    unless two marks on it are given. `lens` is how far its lens may move the picture's upper edge, of its half height.
    """

    distance: float
    rim: float | None = None
    length: tuple[Pixel, Pixel, float] | None = None
    axis: tuple[Pixel, Pixel] | None = None
    lens: float = BENT_LENS


class Silhouette(Struct, frozen=True):
    """Radii and their errors at upright heights from the base, mm; the scale, the tilt, and the way to the picture.

    They are those of the wall: `beside` names what else the outline shows.
    """

    z: Values
    radius: Values
    error: Values
    mm_per_px: float
    tilt: float
    frame: "_Frame"
    distance: float
    eye: float
    beside: tuple[Beside, ...] = ()
    rim: float = 0.0               # across, bead and all

    @property
    def height(self) -> float:
        """Upright height, mm."""
        return float(self.z[-1])

    def bent_by(self, lens: float) -> "Silhouette":
        """The same, its errors as large as a lens makes them that moves what it shows by lens ρ³.

        ρ is how far off the picture's middle a place is, against half its height. The rim, by which the scale is told,
        is moved as well, so that what counts is how much more or less another place is moved than it.
        """
        y = (self.z - self.eye) / (self.mm_per_px * self.frame.foot[1])
        off = y**2 + (self.radius / (self.mm_per_px * self.frame.foot[1])) ** 2
        return replace(self, error=self.error + lens * np.abs(off - off[-1]) * self.radius)

    def to_picture(self, z: Values, radius: Values) -> tuple[Points, Points]:
        """Where wall points show in the picture: (n, 2) pixel places at the left and the right."""
        slope = np.gradient(np.interp(self.z, z, radius), self.z) if len(z) > 1 else np.zeros_like(self.z)
        x, y = _seen(radius, z, np.interp(z, self.z, slope), self.distance, self.eye)
        return (self.frame.to_pixels(np.column_stack([-x, y]), self.mm_per_px),
                self.frame.to_pixels(np.column_stack([x, y]), self.mm_per_px))

    def stations(self, max_deviation: float) -> tuple[tuple[float, float], ...]:
        """As few (height, diameter) stations as keep a monotone curve through them within `max_deviation` of the radii.

        Sixteen at most.
        """
        from scipy.interpolate import PchipInterpolator

        chosen = [0, len(self.z) - 1]
        while len(chosen) < _MOST_STATIONS:
            at = sorted(chosen)
            curve = PchipInterpolator(self.z[at], self.radius[at])
            off = np.abs(curve(self.z) - self.radius)
            if off.max() <= max_deviation:
                break
            chosen.append(int(off.argmax()))
        return tuple((round(float(self.z[i]), 2), round(2 * float(self.radius[i]), 2)) for i in sorted(chosen))


class _Frame(Struct, frozen=True):
    """The axis in the picture: its place at the picture's middle row, its lean from upright (rad), that middle."""

    foot: Pixel
    lean: float

    def from_pixels(self, pixels: Points) -> Points:
        """(n, 2) pixel places to (across, up) from the axis and the picture's middle, still in pixels."""
        x, y = pixels[:, 0] - self.foot[0], self.foot[1] - pixels[:, 1]
        return np.column_stack([x * cos(self.lean) - y * sin(self.lean), x * sin(self.lean) + y * cos(self.lean)])

    def to_pixels(self, plane: Points, mm_per_px: float) -> Points:
        """Back from the plane of the axis, mm, to pixel places."""
        x, y = plane.T / mm_per_px
        return np.column_stack([self.foot[0] + x * cos(self.lean) + y * sin(self.lean),
                                self.foot[1] + x * sin(self.lean) - y * cos(self.lean)])


def apparent_radius(radius: float, distance: float) -> float:
    """What a straight round wall shows from a distance: r' = d r / sqrt(d² - r²).

    >>> round(apparent_radius(40.0, 500.0), 4)
    40.1286
    """
    return distance * radius / sqrt(distance**2 - radius**2)


def measure_silhouette(picture: Gray, sighting: Sighting) -> Silhouette:
    """Measure the glass in a picture of (rows, columns) grey values.

    Raises PictureError where no glass is found, GlassError where what is known of the picture cannot be.
    """
    middle = (picture.shape[0] - 1) / 2
    frame = _frame_by_marks(sighting.axis, middle) if sighting.axis else _Frame((0.0, middle), 0.0)
    edges = find_edges(_set_upright(picture, frame))
    for _ in range(0 if sighting.axis else _TURNS):
        lean, frame = frame.lean, _upright_frame(edges, frame)
        if abs(frame.lean - lean) < 1e-4:
            break
        edges = find_edges(_set_upright(picture, frame))
    if sighting.length is not None:
        (x0, y0), (x1, y1), true = sighting.length
        apart = hypot(x1 - x0, y1 - y0)
        if apart < 10:
            raise GlassError(tr("the two marks of the known length lie on each other: drag them to its ends"))
        return _profile(edges, frame, true / apart, sighting.distance).bent_by(sighting.lens)
    if sighting.rim is None:
        raise GlassError(tr("one size must be known: type the rim's diameter, or mark a known length"))
    return _scaled_by_rim(edges, frame, sighting.distance, sighting.rim).bent_by(sighting.lens)


def _set_upright(picture: Gray, frame: "_Frame") -> Gray:
    """The picture turned about the axis's foot until the axis stands upright, so that its rows cut square across."""
    from scipy.ndimage import affine_transform

    if abs(frame.lean) < 1e-5:
        return picture
    turn = np.array([[cos(frame.lean), sin(frame.lean)], [-sin(frame.lean), cos(frame.lean)]])   # (row, column)
    centre = np.array([frame.foot[1], frame.foot[0]])
    turned = affine_transform(picture, turn, centre - turn @ centre, order=1, mode="nearest")
    return np.asarray(turned, dtype=np.float32)


def _scaled_by_rim(edges: Edges, frame: _Frame, distance: float, rim: float) -> Silhouette:
    """Find the scale at which the rim comes out as wide as it is known to be. Raises GlassError where none is found."""
    low = rim / float((edges.right - edges.left).max()) * _SCALES[0]
    high = low / _SCALES[0] * _SCALES[1]
    found = _profile(edges, frame, low / _SCALES[0], distance)
    scale = found.mm_per_px
    for _ in range(_TRIES):
        if abs(found.rim - rim) < _AS_TYPED_MM:
            return found
        low, high = (scale, high) if found.rim < rim else (low, scale)
        scale *= rim / found.rim
        scale = scale if low < scale < high else (low + high) / 2
        found = _profile(edges, frame, scale, distance)
    raise GlassError(Says("no scale was found at which the rim comes out {rim} across: mark a known length in the "
                          "picture instead, or measure the rim and the distance again", rim=Length(rim)))


def _frame_by_marks(axis: tuple[Pixel, Pixel], middle: float) -> _Frame:
    (x0, y0), (x1, y1) = sorted(axis, key=lambda mark: mark[1])
    if y1 - y0 < 10:
        raise GlassError(tr("the two marks of the axis must stand above each other"))
    return _Frame((x0 + (middle - y0) * (x1 - x0) / (y1 - y0), middle), atan((x0 - x1) / (y1 - y0)))


def _upright_frame(edges: Edges, turned: "_Frame") -> "_Frame":
    """The frame of edges found in a picture already set upright by one frame: their middles' line, fitted robustly."""
    up, half = turned.foot[1] - edges.rows, (edges.right - edges.left) / 2
    middles = (edges.left + edges.right) / 2
    # reflecting one edge in an axis that leans by d moves the middle of a level chord by d (y + half half'), not d y
    lever = up + half * np.gradient(_running_mean(half), up)
    keep = np.abs(up - np.median(up)) < 0.44 * float(np.ptp(up))           # rim and base turn about where a chord ends
    slope = shift = 0.0
    for _ in range(5):
        slope, shift = np.polyfit(lever[keep], middles[keep], 1) if np.ptp(lever[keep]) > 20 else (
            0.0, np.median(middles[keep]))
        off = np.abs(middles - slope * lever - shift)
        keep &= off < max(0.5, 3 * float(np.median(off[keep])))
    # the picture was turned about its own foot, so that foot moves square to the axis
    moved = float(shift) - turned.foot[0]
    return _Frame((turned.foot[0] + moved / cos(turned.lean), turned.foot[1]), turned.lean + atan(slope))


def _profile(edges: Edges, frame: "_Frame", scale: float, distance: float) -> Silhouette:
    """Radii at upright heights from the edges, at a scale in mm per pixel."""
    rows = np.arange(edges.rows[-1], edges.rows[0] - 0.5, -1.0)            # from the base up
    left, right = (np.interp(rows, edges.rows, side) for side in (edges.left, edges.right))
    y, half = (frame.foot[1] - rows) * scale, (right - left) / 2 * scale
    if half.max() >= 0.9 * distance:
        raise GlassError(Says("the camera would stand inside the glass: {distance} is too near",
                              distance=Length(distance, 0)))
    smooth = _smoothed(y, half)
    bead, bowl = bead_under(y, smooth) or len(y), bowl_above_stem(y, smooth) or 0
    mid = slice(bowl, bead)
    bottom, top = ((frame.foot[1] - row) * scale for row in (edges.bottom, edges.top))
    low = end_height(bottom, y, half, distance) if bowl == 0 else foot_height(bottom, y, half, distance)
    high = end_height(top, y[:bead], half[:bead], distance, closes=bead == len(y))
    r, z = _from_seen(smooth[mid], y[mid], distance)
    wall = _beside_the_ends(y[mid], r, z, z[0] if bowl else low, z[-1] if bead < len(y) else high, distance)
    if wall.sum() < 10:
        raise PictureError(tr("the wall of the glass could not be told from its rim and base: take the picture level"))
    ends = [(at, flared) for at, edge, plain in ((low, bottom, bowl == 0), (high, top, bead == len(y)))
            if plain and (flared := flared_end(edge, y, half, distance)) is not None]
    heights = np.linspace(z[wall][0] if bowl else low, high, _GRID)
    unlike = _running_mean(np.abs((left + right) / 2 - np.median((left + right) / 2))) * scale
    error = np.interp(heights, z[wall], unlike[mid][wall]) + scale / 2
    radius = extended(z[wall], r[wall], heights, ends)
    rim = 2 * (whole_radius(float(half[bead:].max()), distance) if bead < len(y) else float(radius[-1]))
    beside = _beside(edges, frame, scale, low, high, heights[0] if bowl else None, z[-1] if bead < len(y) else None)
    return Silhouette(heights - low, radius, error, scale, frame.lean, frame, distance, -low, beside, rim)


def _beside(
    edges: Edges, frame: "_Frame", scale: float, low: float, high: float, bowl: float | None, bead: float | None
) -> tuple[Beside, ...]:
    """What is beside the wall, from where a bowl begins and where the wall ends under a bead."""
    made = []
    if edges.handle is not None:
        upper, lower = ((frame.foot[1] - row) * scale - low for row in edges.handle)
        made.append(Beside("handle", lower, upper))
    if bowl is not None:
        made.append(Beside("stem and foot", 0.0, bowl - low))
    if bead is not None:
        made.append(Beside("rim bead", bead - low, high - low))
    return tuple(made)


def _beside_the_ends(y: Values, r: Values, z: Values, low: float, high: float, distance: float) -> Values:
    """Which rows show the wall itself, and not the front edge of base or rim nor what smoothing drew from it."""
    def last_row(end: float, inward: float) -> float:
        near = np.abs(z - end - inward * 0.1 * (high - low)) < 0.05 * (high - low)
        if near.sum() < 4:
            return end
        slope, at_zero = np.polyfit(z[near], r[near], 1)
        _, row = _seen(np.array([slope * end + at_zero]), np.array([end]), np.array([slope]), distance, 0.0)
        return float(row[0])

    return np.asarray((y > last_row(low, 1.0) + _SMOOTH_MM / 2) & (y < last_row(high, -1.0) - _SMOOTH_MM / 2))


def _smoothed(y: Values, half: Values) -> Values:
    """Half-widths by local parabolas (A. Savitzky and M. Golay, Analytical Chemistry 36, 1964)."""
    from scipy.signal import savgol_filter

    window = min(max(5, 2 * round(_SMOOTH_MM / float(y[1] - y[0]) / 2) + 1), len(y) - 1 + len(y) % 2)
    return np.asarray(savgol_filter(half, window, 2))


def _running_mean(values: Values) -> Values:
    from scipy.ndimage import uniform_filter1d

    return np.asarray(uniform_filter1d(values, min(41, len(values))))


def _seen(radius: Values, z: Values, slope: Values, distance: float, eye: float) -> tuple[Values, Values]:
    """Where wall points show in the plane of the axis: X, and Y above the eye."""
    near = np.clip((radius + slope * (eye - z)) / distance, -0.95, 0.95)
    grown = distance / (distance - radius * near)
    return radius * np.sqrt(1 - near**2) * grown, (z - eye) * grown


def _from_seen(x: Values, y: Values, distance: float) -> tuple[Values, Values]:
    """Wall points (r, z above the eye) that show at (x, y); the slope is taken anew from each step's own wall."""
    r, z = x.copy(), y.copy()
    for _ in range(_STEPS):
        near = np.clip((r - np.gradient(r, z, edge_order=1) * z) / distance, -0.95, 0.95)
        shrunk = (distance - r * near) / distance
        r, z = x * shrunk / np.sqrt(1 - near**2), y * shrunk
    return r, z
