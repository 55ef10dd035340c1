"""Walls of glass and their flat development: the map from glass to sheet and back.

Wall points are (u, s): u goes round the glass (radians about the axis; mm across on a flat pane), positive to the
viewer's right; s is mm along the wall, up from the base. Sheet points are (x, y) in mm, y up, origin on the base at
u = 0. Flat, straight and tapered walls are developable, so each map is an isometry.
Source: M. P. do Carmo, Differential Geometry of Curves and Surfaces, section 4-2 (isometries; the cone's development).
"""

from math import hypot, pi, sqrt
from typing import Protocol

import numpy as np
from msgspec import Struct

from vitrograph.core.errors import GlassError
from vitrograph.core.geometry import Points, arc_pieces
from vitrograph.core.says import Length, Says


class Sheeting(Protocol):
    """What can be laid flat. `bend` is the curvature of its level lines when flat, 1/mm.

    `cone` is the cone it is, or is near to; None for a pane.
    """

    @property
    def bend(self) -> float: ...
    @property
    def cone(self) -> "Cone | None": ...
    def develop(self, wall: Points) -> Points: ...
    def undevelop(self, sheet: Points) -> Points: ...


class Wall(Protocol):
    """What every wall can say of itself; `scale` is the mm per unit of u along a parallel.

    It `stands` so many mm above the table; `along` gives the distance along the wall at upright heights above its
    lower edge, and `scale_at` the scale there. `sheeting` is the developable that stands for it between two heights:
    the wall itself where it is one.
    """

    @property
    def length(self) -> float: ...
    @property
    def span(self) -> float: ...
    @property
    def closed(self) -> bool: ...
    @property
    def upright(self) -> float: ...
    @property
    def stands(self) -> float: ...
    def scale(self, s: Points) -> Points: ...
    def along(self, z: Points) -> Points: ...
    def scale_at(self, z: Points) -> Points: ...
    def in_space(self, wall: Points) -> Points: ...
    def sheeting(self, low: float, high: float) -> Sheeting: ...


class Pane(Struct, frozen=True):
    """A flat pane, width by height in mm, or the oval within them; u runs from -width/2 to width/2."""

    width: float
    height: float
    oval: bool = False

    @property
    def length(self) -> float:
        """From the lower edge to the upper, mm."""
        return self.height

    @property
    def upright(self) -> float:
        """The same: a pane is worked upright."""
        return self.height

    @property
    def span(self) -> float:
        """The extent of u, mm."""
        return self.width

    @property
    def closed(self) -> bool:
        """A pane has two side edges."""
        return False

    @property
    def stands(self) -> float:
        """A pane's lower edge is its own table."""
        return 0.0

    @property
    def bend(self) -> float:
        """No bend: the lower edge develops straight."""
        return 0.0

    @property
    def cone(self) -> None:
        """No cone: it is flat."""
        return None

    def scale(self, s: Points) -> Points:
        """One mm across is one mm, at every height."""
        return np.ones_like(s)

    def along(self, z: Points) -> Points:
        """The same: a pane is upright."""
        return z

    def scale_at(self, z: Points) -> Points:
        """The same."""
        return self.scale(z)

    def beyond(self, wall: Points) -> Points:
        """How far (n, 2) wall points lie off the pane's edge, mm, 0 on it; on an oval, by the ray from its middle."""
        x, y = np.abs(wall[:, 0]), np.abs(wall[:, 1] - self.height / 2)
        if self.oval:
            reach = np.hypot(x / (self.width / 2), y / (self.height / 2))
            return np.asarray(np.hypot(x, y) * np.maximum(0.0, 1 - 1 / np.maximum(reach, 1e-12)))
        return np.maximum(0.0, np.maximum(x - self.width / 2, y - self.height / 2))

    def edge(self, max_deviation: float) -> Points:
        """(n, 2) wall points along the pane's edge."""
        half, middle = self.width / 2, self.height / 2
        if not self.oval:
            return np.array([[-half, 0.0], [half, 0.0], [half, self.height], [-half, self.height]])
        turn = np.linspace(0.0, 2 * pi, arc_pieces(max(half, middle), 2 * pi, max_deviation), endpoint=False)
        return np.column_stack([half * np.cos(turn), middle + middle * np.sin(turn)])

    def sheeting(self, low: float, high: float) -> "Pane":
        """A pane is its own sheet."""
        return self

    def develop(self, wall: Points) -> Points:
        """The identity: a pane is its own sheet."""
        return wall.copy()

    def undevelop(self, sheet: Points) -> Points:
        """The identity."""
        return sheet.copy()

    def in_space(self, wall: Points) -> Points:
        """(n, 3) points seen from the front: x right, y towards the viewer, z up."""
        return np.column_stack([wall[:, 0], np.zeros(len(wall)), wall[:, 1]])


class Cone(Struct, frozen=True):
    """A cone by its radius at one height `at` along the wall and its taper, the radius gained per mm: laid flat."""

    radius: float
    taper: float
    at: float = 0.0

    @property
    def bend(self) -> float:
        """Curvature of the developed level line at `at`, 1/mm: 0 for a cylinder."""
        return self.taper / self.radius

    @property
    def cone(self) -> "Cone":
        """Itself."""
        return self

    def develop(self, wall: Points) -> Points:
        """Unroll (n, 2) wall points to (n, 2) sheet points; works beyond either edge of a glass too.

        >>> Cone(40.0, 0.0).develop(np.array([[0.5, 10.0]]))
        array([[20., 10.]])
        """
        u, s = wall[:, 0], wall[:, 1] - self.at
        arc = (self.radius + self.taper * s) * u
        half = self.taper / 2 * u
        sine = np.sin(half)
        # sin(a/2) / (a/2), 1 at 0, keeps full precision as the apex runs off to infinity: a nearly straight wall needs
        # no branch, since sinc(a) is it times cos(a/2)
        arc *= np.divide(sine, half, out=np.ones_like(half), where=half != 0)
        return np.column_stack([arc * np.cos(half), self.at + s - arc * sine])

    def undevelop(self, sheet: Points) -> Points:
        """Roll (n, 2) sheet points back on to the wall: the inverse of `develop` within one turn.

        >>> Cone(40.0, 0.0).undevelop(np.array([[20.0, 10.0]]))
        array([[ 0.5, 10. ]])
        """
        x, y = sheet[:, 0], sheet[:, 1] - self.at
        k = self.bend
        kx, ky1 = k * x, 1 + k * y
        far = np.hypot(kx, ky1)                                # distance to the apex over that of the level line
        s = (k * (x * x + y * y) + 2 * y) / (1 + far)
        angle = np.arctan2(kx, ky1)
        # angle / kx tends to 1 / ky1 as the wall becomes straight; dividing keeps every digit above the tiniest
        ratio = np.divide(angle, kx, out=1 / np.where(ky1 == 0, 1.0, ky1), where=np.abs(kx) > 1e-150)
        return np.column_stack([x / self.radius * ratio, self.at + s])


class Round(Struct, frozen=True, dict=True):
    """What every round wall has in common."""

    @property
    def span(self) -> float:
        """The extent of u: one turn."""
        return 2 * pi

    @property
    def closed(self) -> bool:
        """A round wall meets itself."""
        return True

    def scale(self, s: Points) -> Points:
        """The outside radius at s: mm of arc per radian."""
        raise NotImplementedError

    def along(self, z: Points) -> Points:
        """Distance along the wall at upright heights."""
        raise NotImplementedError

    def scale_at(self, z: Points) -> Points:
        """The outside radius at upright heights."""
        return self.scale(self.along(z))


class Frustum(Round, frozen=True):
    """A straight or tapered round wall: outside radii at base and rim, and the slant length, in mm."""

    base_radius: float
    rim_radius: float
    slant: float
    stands: float = 0.0            # on a stem

    @property
    def length(self) -> float:
        """Along the wall from base to rim, mm."""
        return self.slant

    @property
    def taper(self) -> float:
        """Radius gained per mm of slant: the sine of the wall's half-angle."""
        return (self.rim_radius - self.base_radius) / self.slant

    @property
    def upright(self) -> float:
        """The height a ruler standing beside the glass reads, in mm."""
        gain = self.rim_radius - self.base_radius
        return sqrt((self.slant - gain) * (self.slant + gain))

    def scale(self, s: Points) -> Points:
        """The outside radius at s: mm of arc per radian."""
        return self.base_radius + self.taper * s

    def along(self, z: Points) -> Points:
        """Distance along the wall at upright heights."""
        return z * (self.slant / max(self.upright, 1e-9))

    def sheeting(self, low: float = 0.0, high: float = 0.0) -> Cone:
        """The wall's own cone, whatever the heights."""
        return Cone(self.base_radius, self.taper)

    def in_space(self, wall: Points) -> Points:
        """(n, 3) points: x right, y towards the viewer, z up from the base."""
        u, s = wall.T
        radius = self.scale(s)
        rise = self.upright / self.slant
        return np.column_stack([radius * np.sin(u), radius * np.cos(u), s * rise])


class Fan(Struct, frozen=True):
    """The whole wall's development, rim to base: two arcs about the apex (mm) and their sweep (radians)."""

    outer_radius: float
    inner_radius: float
    sweep: float

    @property
    def area(self) -> float:
        """Area of the fan, mm²."""
        return self.sweep / 2 * (self.outer_radius - self.inner_radius) * (self.outer_radius + self.inner_radius)


def fan_of(wall: Wall) -> Fan | None:
    """The fan of a tapered wall; None for a pane or a straight wall, whose sheet is a rectangle.

    >>> round(fan_of(Frustum(30.0, 40.0, 50.0)).outer_radius)
    200
    """
    if not isinstance(wall, Frustum) or wall.taper == 0:
        return None
    taper = abs(wall.taper)
    radii = sorted([wall.base_radius / taper, wall.rim_radius / taper])
    return Fan(radii[1], radii[0], 2 * pi * taper)


def profile_at(wall: Wall, s: Points) -> tuple[Points, Points]:
    """Radii and upright heights above the base at distances s along a wall; on a pane every radius is 0."""
    space = wall.in_space(np.column_stack([np.zeros_like(s), s]))
    return space[:, 1], space[:, 2]


def horizon(wall: Wall, s: Points, distance: float, eye_height: float) -> Points:
    """The angles round the glass, in radians, at which it turns away from an eye in front of it, at heights s.

    The eye is `distance` mm from the axis and `eye_height` mm above the base. With the outward normal (cos a, -sin a),
    "towards the eye" reads d cos u > r + tan a (z_eye - z). On a cone the right side is the same at every height: a
    generator is in sight as a whole or not at all. Raises GlassError where the eye would stand inside the glass.
    """
    step = 1e-3
    (inner, below), (outer, above) = (profile_at(wall, s + shift) for shift in (-step, step))
    radius, rise = (inner + outer) / 2, np.maximum(above - below, 1e-9)
    if distance <= radius.max():
        raise GlassError(Says("the eye must stand outside the glass, got {distance} from its axis",
                              distance=Length(distance, 0)))
    lean = (outer - inner) / rise
    facing = (radius + lean * (eye_height - (below + above) / 2)) / distance
    return np.asarray(np.arccos(np.clip(facing, -1.0, 1.0)))


def slant_of(upright: float, base_radius: float, rim_radius: float) -> float:
    """Slant length of a frustum from its upright height: hypot(h, r_rim - r_base)."""
    return hypot(upright, rim_radius - base_radius)
