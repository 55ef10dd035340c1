"""Outlines of SVG's shapes as flattened polylines; path data are read by fontTools."""

import cmath
import contextlib

import numpy as np

from vitrograph.core.artwork.vector.tree import Node
from vitrograph.core.artwork.vector.units import diagonal, length_px, numbers_of
from vitrograph.core.geometry import Points, flatten_cubics

_JOIN_TURN = 0.03                  # radians: a smaller turn is rounding
ROUNDING = 1e-9                    # of a line's reach: what is no farther apart is at one place

Segments = list[tuple[Points, list[int], bool]]
Places = frozenset[tuple[float, ...]]


def path_data(node: Node, size: tuple[float, float]) -> str:
    """A shape's path data; percentages are of the viewport's `size`."""
    def get(name: str, whole: float, default: float = 0.0) -> float:
        return length_px(node.attrib.get(name), default, whole)

    wide, high = size
    across = diagonal(size)
    if node.tag == "path":
        return node.style.get("d") or node.attrib.get("d", "")
    if node.tag == "rect":
        rx, ry = (length_px(node.attrib.get(name), -1.0, whole) for name, whole in (("rx", wide), ("ry", high)))
        rx, ry = (ry if rx < 0 else rx), (rx if ry < 0 else ry)
        return _rect(get("x", wide), get("y", high), get("width", wide), get("height", high), max(rx, 0), max(ry, 0))
    if node.tag == "circle":
        r = get("r", across)
        return _ellipse(get("cx", wide), get("cy", high), r, r)
    if node.tag == "ellipse":
        return _ellipse(get("cx", wide), get("cy", high), get("rx", wide), get("ry", high))
    if node.tag == "line":
        return f"M{get('x1', wide)},{get('y1', high)}L{get('x2', wide)},{get('y2', high)}"
    values = numbers_of(node.attrib.get("points"))
    pairs = [f"{x},{y}" for x, y in zip(values[::2], values[1::2], strict=False)]
    return "" if not pairs else "M" + "L".join(pairs) + ("Z" if node.tag == "polygon" else "")


def _rect(x: float, y: float, width: float, height: float, rx: float, ry: float) -> str:
    if width <= 0 or height <= 0:
        return ""
    rx, ry = min(rx, width / 2), min(ry, height / 2)
    if rx <= 0 or ry <= 0:
        return f"M{x},{y}h{width}v{height}h{-width}z"
    corner = f"a{rx},{ry} 0 0 1 "
    return (f"M{x + rx},{y}h{width - 2 * rx}{corner}{rx},{ry}v{height - 2 * ry}{corner}{-rx},{ry}"
            f"h{2 * rx - width}{corner}{-rx},{-ry}v{2 * ry - height}{corner}{rx},{-ry}z")


def _ellipse(cx: float, cy: float, rx: float, ry: float) -> str:
    if rx <= 0 or ry <= 0:
        return ""
    # dashes are counted, and markers set, from the right and on by the bottom (SVG 2, sections 10.3 and 10.4)
    quarters = ((-rx, ry), (-rx, -ry), (rx, -ry), (rx, ry))
    return f"M{cx + rx},{cy}" + "".join(f"a{rx},{ry} 0 0 1 {x},{y}" for x, y in quarters) + "z"


def segments_of(data: str) -> Segments:
    """The subpaths of path data: (n, 4, 2) cubic pieces, the numbers of those that end a segment, whether closed.

    One that is closed ends where it began. Data that go wrong are drawn up to where they do (SVG 2, section 9.5.4).
    """
    from fontTools.svgLib.path import parse_path

    pen = _Pen()
    with contextlib.suppress(ValueError, IndexError, TypeError, ZeroDivisionError, OverflowError, AssertionError):
        parse_path(data, pen, arc_class=_Arc)
    made = zip([np.array(pieces, dtype=float) for pieces in pen.lines], pen.ends, pen.closed, strict=True)
    return [one for one in made if len(one[0]) and np.isfinite(one[0]).all()]


def sharp_places(segments: Segments) -> Places:
    """Where one segment meets the next at an angle, so that a stroke has a join there; within a segment it has none.

    >>> sorted(sharp_places(segments_of("M0 0 H10 V10 C10 20 20 20 20 10 V0")))
    [(10.0, 0.0)]
    """
    found: list[Points] = []
    for subpath, ends, _ in segments:
        ended = np.zeros(len(subpath), dtype=bool)
        ended[ends] = True
        reach = np.abs(subpath - subpath[:, :1]).max(axis=(1, 2))
        drawn = reach > ROUNDING * reach.max()                 # a segment of no length goes nowhere
        pieces, ended = subpath[drawn], ended[drawn]
        if not len(pieces):
            continue
        comes, goes = way_to(pieces[:, ::-1]), np.roll(-way_to(pieces), -1, axis=0)
        turns = np.abs(np.arctan2(comes[:, 0] * goes[:, 1] - comes[:, 1] * goes[:, 0], (comes * goes).sum(axis=1)))
        ended[-1] &= bool((subpath[0, 0] == subpath[-1, 3]).all())
        sharp = ended & (turns > _JOIN_TURN)
        found += [pieces[sharp, 3], pieces[:1, 0][sharp[-1:]]]
    return frozenset(tuple(place) for places in found for place in places.tolist())


def way_to(pieces: Points) -> Points:
    """The way from each piece's second point, or the next that is elsewhere, to its first; of a mere point nothing."""
    reach = np.abs(pieces[:, 1:] - pieces[:, :1]).max(axis=2)
    apart = reach > ROUNDING * reach.max(axis=1, keepdims=True)
    return np.asarray(pieces[:, 0] - pieces[np.arange(len(pieces)), 1 + apart.argmax(axis=1)])


def polyline(pieces: Points, max_deviation: float) -> Points:
    """(n, 2) points along (k, 4, 2) cubic pieces, which stray at most `max_deviation`."""
    return np.concatenate([pieces[:1, 0], flatten_cubics(pieces, max_deviation)])


class _Pen:
    """Collects path data's segments, all as cubics, a list for each subpath."""

    def __init__(self) -> None:
        self.lines: list[list[list[tuple[float, float]]]] = []
        self.ends: list[list[int]] = []                        # of each, the pieces that end a segment
        self.closed: list[bool] = []
        self._start = self._here = (0.0, 0.0)

    def moveTo(self, point: tuple[float, float]) -> None:  # noqa: N802 - the reader's name for it
        self._start = self._here = point
        self.lines.append([])
        self.ends.append([])
        self.closed.append(False)

    def lineTo(self, point: tuple[float, float]) -> None:  # noqa: N802
        a, b = self._here, point
        self.curveTo(((2 * a[0] + b[0]) / 3, (2 * a[1] + b[1]) / 3), ((a[0] + 2 * b[0]) / 3, (a[1] + 2 * b[1]) / 3), b)

    def qCurveTo(self, control: tuple[float, float], point: tuple[float, float]) -> None:  # noqa: N802
        a, c, b = self._here, control, point
        self.curveTo(((a[0] + 2 * c[0]) / 3, (a[1] + 2 * c[1]) / 3), ((b[0] + 2 * c[0]) / 3, (b[1] + 2 * c[1]) / 3), b)

    def curveTo(self, *points: tuple[float, float]) -> None:  # noqa: N802
        if not self.lines:
            self.moveTo(self._here)
        self.ends[-1].append(len(self.lines[-1]))
        self.lines[-1].append([self._here, *points])
        self._here = points[-1]

    def closePath(self) -> None:  # noqa: N802
        if self._here != self._start or not (self.lines and self.lines[-1]):
            self.lineTo(self._start)
        self.closed[-1] = True
        start = self._start
        self.moveTo(start)                                     # what follows goes on from the closing point

    def endPath(self) -> None:  # noqa: N802
        return


class _Arc:
    """An elliptical arc by its ends (SVG 2, appendix B.2.4), drawn as cubics of at most a 16th of a turn."""

    def __init__(
        self, start: complex, rx: float, ry: float, rotation: float, large: int, sweep: int, end: complex
    ) -> None:
        self.start, self.end, self.turn = start, end, cmath.exp(1j * np.radians(rotation))
        self.rx, self.ry, self.large, self.sweep = abs(rx), abs(ry), bool(large), bool(sweep)

    def draw(self, pen: _Pen) -> None:
        """Draw it with a pen that stands at its start."""
        if self.start == self.end:
            return
        if self.rx == 0 or self.ry == 0:
            pen.lineTo((self.end.real, self.end.imag))
            return
        half = (self.start - self.end) / 2 / self.turn
        stretch = max(1.0, np.hypot(half.real / self.rx, half.imag / self.ry))
        rx, ry = self.rx * stretch, self.ry * stretch
        a = complex(half.real / rx, half.imag / ry)            # on the unit circle
        rise = np.sqrt(max(0.0, 1 / max(abs(a) ** 2, 1e-300) - 1)) * (-1 if self.large == self.sweep else 1)
        b = rise * complex(a.imag, -a.real)
        first, last = cmath.phase(a - b), cmath.phase(-a - b)
        span = (last - first) % (2 * np.pi) if self.sweep else -((first - last) % (2 * np.pi))
        middle = (self.start + self.end) / 2
        self._draw_pieces(pen, (rx, ry), middle + complex(b.real * rx, b.imag * ry) * self.turn, first, span)

    def _draw_pieces(
        self, pen: _Pen, radii: tuple[float, float], centre: complex, first: float, span: float
    ) -> None:
        count = max(1, int(np.ceil(abs(span) / (np.pi / 8) - 1e-9)))
        step = span / count
        handle = 4 / 3 * np.tan(step / 4)

        def placed(z: complex) -> tuple[float, float]:
            made = centre + complex(z.real * radii[0], z.imag * radii[1]) * self.turn
            return made.real, made.imag

        for number in range(count):
            here, there = cmath.exp(1j * (first + number * step)), cmath.exp(1j * (first + (number + 1) * step))
            end = placed(there) if number < count - 1 else (self.end.real, self.end.imag)
            pen.curveTo(placed(here + 1j * handle * here), placed(there - 1j * handle * there), end)
        del pen.ends[-1][-count:-1]                            # within an arc no segment ends
