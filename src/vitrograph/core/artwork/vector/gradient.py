"""Gradients reduced to plain paints: where a gradient passes a limit of tone or opacity, the area is cut.

SVG 2, chapter 14: stops are interpolated in sRGB. A linear gradient is cut along lines square to its vector, a radial
one along circles (about its centre; a focus elsewhere is not followed).
"""

from collections.abc import Callable, Iterator
from itertools import pairwise

import numpy as np
import shapely
from msgspec import Struct
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.paint import LEAST_OPACITY, LIGHT, Rgb
from vitrograph.core.artwork.vector.tree import Node
from vitrograph.core.artwork.vector.units import carried, colour_of, length_px, luminance, matrix_of, product
from vitrograph.core.geometry import Points, within, without

_SAMPLES = 513
_FAR = 1e4                         # times the gradient's own size: beyond any drawing


class _Band(Struct, frozen=True):
    """A stretch of the gradient in which tone and opacity stay on one side of their limits."""

    start: float
    end: float
    rgb: Rgb
    opacity: float


class Place(Struct, frozen=True):
    """Where a gradient lies: user space to the page, the painted element's box in user space, the viewport's size."""

    to_page: Points
    box: tuple[float, float, float, float]
    whole: float


def resolved(node: Node, named: Callable[[str], Node | None]) -> tuple[dict[str, str], list[Node], str]:
    """A gradient's attributes and stops with those of the gradients it refers to, and its kind."""
    attrib: dict[str, str] = {}
    stops: list[Node] = []
    seen: set[int] = set()
    kind, here = node.tag, node
    while here is not None and id(here) not in seen:
        seen.add(id(here))
        attrib = {**here.attrib, **attrib}
        stops = stops or [child for child in here.children if child.tag == "stop"]
        target = named(here.href[1:]) if here.href.startswith("#") else None
        if target is None or not target.tag.endswith("Gradient"):
            break
        here = target
    return attrib, stops, kind


def gradient_paints(
    area: BaseGeometry, source: tuple[dict[str, str], list[Node], str], place: "Place", opacity: float, current: str
) -> Iterator[tuple[BaseGeometry, Rgb, float]]:
    """(area, colour, opacity) of the plain paints that a resolved gradient over an area on the page comes to."""
    attrib, stops, kind = source
    bands = _bands(stops, opacity, current)
    if not bands:
        return
    if len(bands) == 1 or attrib.get("spreadMethod", "pad") != "pad":
        widest = max(bands, key=lambda band: band.end - band.start)
        yield area, widest.rgb, widest.opacity
        return
    own = attrib.get("gradientUnits") != "userSpaceOnUse"
    space = matrix_of(attrib.get("gradientTransform"))
    if own:
        x, y, right, top = place.box
        space = product(np.array([[right - x, 0, x], [0, top - y, y]]), space)
    region = _linear if kind == "linearGradient" else _radial
    for number, band in enumerate(bands):
        first, last = number == 0, number == len(bands) - 1
        shape = region(attrib, band, first, last, 1.0 if own else place.whole)
        if shape is not None:
            on_page = shapely.transform(shape, lambda xy: carried(xy, product(place.to_page, space)))
            yield within(area, on_page.buffer(0)), band.rgb, band.opacity


def _bands(stops: list[Node], opacity: float, current: str) -> list[_Band]:
    at = [0.0]
    colours: list[list[float]] = []
    for stop in stops:
        offset = min(1.0, max(at[-1], length_px(stop.attrib.get("offset"), 0.0, 1.0)))
        text = stop.style.get("stop-color", "black")
        colour = colour_of(current if text == "currentColor" else text) or (0, 0, 0, 1.0)
        at.append(offset)
        colours.append([*colour[:3], colour[3] * length_px(stop.style.get("stop-opacity"), 1.0, 1.0) * opacity])
    if not colours:
        return []
    t = np.linspace(0.0, 1.0, _SAMPLES)
    table = np.array(colours, dtype=float)
    values = np.column_stack([np.interp(t, np.maximum.accumulate(at[1:]), column) for column in table.T])
    rgb = [(int(r), int(g), int(b)) for r, g, b in np.rint(values[:, :3])]
    kinds = np.array([(luminance(colour) > LIGHT) + 2 * (seen >= LEAST_OPACITY)
                      for colour, seen in zip(rgb, values[:, 3], strict=True)])
    edges = [0, *(np.flatnonzero(np.diff(kinds)) + 1).tolist(), _SAMPLES]
    made = []
    for low, high in pairwise(edges):
        mean = values[low:high].mean(axis=0)
        tint = (int(mean[0]), int(mean[1]), int(mean[2]))
        start = 0.0 if low == 0 else (t[low - 1] + t[low]) / 2
        end = 1.0 if high == _SAMPLES else (t[high - 1] + t[high]) / 2
        # a mean may lie across the limit from its band: it is held on the band's own side
        opaque = max(float(mean[3]), LEAST_OPACITY) if kinds[low] >= 2 else min(float(mean[3]), 0.99 * LEAST_OPACITY)
        made.append(_Band(float(start), float(end), tint, opaque))
    return made


def _linear(attrib: dict[str, str], band: _Band, first: bool, last: bool, whole: float) -> BaseGeometry | None:
    x1, y1, x2, y2 = (length_px(attrib.get(name), default * whole, whole)
                      for name, default in (("x1", 0.0), ("y1", 0.0), ("x2", 1.0), ("y2", 0.0)))
    along = np.array([x2 - x1, y2 - y1])
    if not along.any():
        return None
    across, origin = np.array([-along[1], along[0]]) * _FAR, np.array([x1, y1])
    low, high = origin + along * (-_FAR if first else band.start), origin + along * (_FAR if last else band.end)
    return shapely.polygons([low - across, high - across, high + across, low + across])


def _radial(attrib: dict[str, str], band: _Band, first: bool, last: bool, whole: float) -> BaseGeometry | None:
    cx, cy, r = (length_px(attrib.get(name), 0.5 * whole, whole) for name in ("cx", "cy", "r"))
    if r <= 0:
        return None
    centre = shapely.points(cx, cy)
    outer = shapely.box(cx - r * _FAR, cy - r * _FAR, cx + r * _FAR, cy + r * _FAR) if last else (
        centre.buffer(r * band.end, quad_segs=64))
    return outer if first else without(outer, centre.buffer(r * band.start, quad_segs=64))
