"""A vector drawing (SVG) as one two-tone shape: what is painted dark frosts, what is painted light clears.

Parsing, transforms, styles and units are svgelements'; this module flattens, fills and strokes what it finds, in the
order painted. Nothing is fetched and no other file is read. Result: y up, height 1, lower left corner at (0, 0).
"""

import io
from collections.abc import Iterator
from dataclasses import dataclass
from functools import lru_cache, partial
from typing import Any

import numpy as np
import shapely
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.fill import FillRule, fill_outlines
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points, arc_pieces, as_polygons, flatten_bezier

_MOST_ELEMENTS = 50_000
_LIGHT = 0.85                      # relative luminance above which a paint is taken for the page's white
_NOT_SHOWN = {"text": "lettering", "image": "a picture"}
_CAPS = {"butt": "flat", "round": "round", "square": "square"}
_JOINS = {"miter": "mitre", "round": "round", "bevel": "bevel"}


@dataclass(frozen=True, slots=True)
class DrawnShape:
    """A drawing reduced to two tones, its width for height 1, and what was in the file but is not in the shape."""

    shape: MultiPolygon
    width: float
    left_out: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class _Paint:
    area: BaseGeometry
    light: bool


@lru_cache(maxsize=8)
def draw(svg: str, max_deviation: float) -> DrawnShape:
    """Reduce SVG text to a shape of height 1 whose outlines stray at most `max_deviation`.

    Raises ArtworkError where the text is not a drawing, or nothing in it is painted.
    """
    elements = _parse(svg)
    rough = max((_reach(element) for element in elements if _is_shape(element)), default=0.0)
    if not np.isfinite(rough) or rough > 1e12:
        raise ArtworkError("the drawing holds numbers beyond any page: save it again at its real size")
    paints = [paint for element in elements for paint in _paints(element, max(rough, 1e-9) * max_deviation)]
    shape = _two_tones(paints)
    if shape.is_empty:
        raise ArtworkError("nothing in the drawing is painted: fill its shapes with black and save it again")
    left, low, right, high = shape.bounds
    size = high - low or 1.0
    upright = shapely.transform(shape, lambda xy: (xy - [left, high]) / [size, -size])
    return DrawnShape(upright, (right - left) / size, _left_out(elements))


def _parse(svg: str) -> list[Any]:
    """All elements in painting order, with their transforms. Refuses entities, other files and endless reuse."""
    import defusedxml.ElementTree as SafeTree
    from defusedxml.common import DefusedXmlException
    from svgelements import SVG

    try:
        root = SafeTree.fromstring(svg.encode("utf-8"))
    except DefusedXmlException:
        raise ArtworkError("the drawing defines XML entities, which are not read: save it as plain SVG") from None
    except (SyntaxError, ValueError):
        raise ArtworkError("the file is not an SVG drawing, or it was cut short") from None
    if not str(root.tag).endswith("svg"):
        raise ArtworkError(f"the file is XML but not an SVG drawing: it begins with <{str(root.tag)[:40]}>")
    _refuse_endless_reuse(root)
    try:
        return list(SVG.parse(io.BytesIO(svg.encode("utf-8")), reify=False).elements())
    except (ValueError, TypeError, AttributeError, KeyError, IndexError, ZeroDivisionError, RecursionError) as error:
        raise ArtworkError(f"the drawing could not be read ({type(error).__name__}): save it as plain SVG") from None


def _refuse_endless_reuse(root: Any) -> None:
    """Count what <use> unfolds to; svgelements would follow a loop or a doubling chain for ever."""
    named = {element.get("id"): element for element in root.iter() if element.get("id")}
    known: dict[int, int] = {}

    def unfolded(element: Any, above: frozenset[int]) -> int:
        key = id(element)
        if key in above or len(above) > 400:
            raise ArtworkError("the drawing reuses a part inside itself: expand its clones and save it again")
        if key not in known:
            href = next((v for k, v in element.attrib.items() if k.endswith("href")), "")
            target = named.get(href[1:]) if str(element.tag).endswith("use") and href.startswith("#") else None
            inner = [*element, target] if target is not None else list(element)
            known[key] = 1 + sum(unfolded(part, above | {key}) for part in inner)
        return known[key]

    if unfolded(root, frozenset()) > _MOST_ELEMENTS:
        raise ArtworkError(f"the drawing unfolds to more than {_MOST_ELEMENTS} parts: simplify it first")


def _is_shape(element: Any) -> bool:
    from svgelements import Shape

    hidden = element.values.get("visibility") == "hidden" or element.values.get("display") == "none"
    return isinstance(element, Shape) and not hidden and _number(element.values.get("opacity"), 1.0) > 0


def _number(text: Any, default: float) -> float:
    try:
        return float(text)
    except (TypeError, ValueError):
        return default


def _reach(element: Any) -> float:
    """The larger side of an element's box on the page: enough to set the flattening by."""
    box = element.bbox(transformed=True)
    return max(box[2] - box[0], box[3] - box[1]) if box else 0.0


def _paints(element: Any, max_deviation: float) -> Iterator[_Paint]:
    """An element's fill, then its stroke, on the page (y down)."""
    if not _is_shape(element):
        return
    matrix = np.array([[element.transform.a, element.transform.c], [element.transform.b, element.transform.d]])
    shift = np.array([element.transform.e, element.transform.f])
    grows = float(np.linalg.norm(matrix, 2))
    if grows == 0:
        return
    lines = _polylines(element, max_deviation / grows)
    rule: FillRule = "evenodd" if element.values.get("fill-rule") == "evenodd" else "nonzero"
    fill = partial(fill_outlines, lines, rule)
    stroke = partial(_stroked, element, lines, max_deviation / grows)
    for paint, area in ((element.fill, fill), (element.stroke, stroke)):
        if paint is not None and paint.value is not None and paint.alpha:
            yield _Paint(shapely.transform(area(), lambda xy: xy @ matrix.T + shift), _luminance(paint) > _LIGHT)


def _polylines(element: Any, max_deviation: float) -> list[Points]:
    """The element's subpaths in its own units; one that is closed ends where it began."""
    from svgelements import Arc, Close, CubicBezier, Move, Path, QuadraticBezier

    lines: list[list[Points]] = []
    for segment in Path(element).segments(transformed=False):
        if isinstance(segment, Move):
            lines.append([np.array([[segment.end.x, segment.end.y]])])
        elif not lines or segment.end is None:
            continue
        elif isinstance(segment, QuadraticBezier | CubicBezier):
            lines[-1].append(flatten_bezier(np.array([[p.x, p.y] for p in segment]), max_deviation))
        elif isinstance(segment, Arc):
            pieces = arc_pieces(max(segment.rx, segment.ry), segment.sweep, max_deviation)
            lines[-1].append(np.array([segment.point(t) for t in np.linspace(0, 1, pieces + 1)[1:]], dtype=float))
        else:
            lines[-1].append(np.array([[segment.end.x, segment.end.y]]))
            if isinstance(segment, Close):
                lines.append([lines[-1][-1]])                  # what follows goes on from the closing point
    return [points for parts in lines if len(points := np.concatenate(parts)) > 1]


def _stroked(element: Any, lines: list[Points], max_deviation: float) -> BaseGeometry:
    width = float(element.stroke_width or 0)
    cap = _CAPS.get(str(element.values.get("stroke-linecap")), "flat")
    join = _JOINS.get(str(element.values.get("stroke-linejoin")), "mitre")
    limit = _number(element.values.get("stroke-miterlimit"), 4.0)
    quarter = max(4, arc_pieces(width / 2, np.pi / 2, max_deviation))
    buffered = [_ring_or_line(line).buffer(width / 2, quad_segs=quarter, cap_style=cap, join_style=join,
                                           mitre_limit=limit) for line in lines]
    return shapely.union_all(buffered)


def _ring_or_line(line: Points) -> BaseGeometry:
    closed = len(line) > 3 and (line[0] == line[-1]).all()
    return shapely.linearrings(line) if closed else shapely.linestrings(line)


def _luminance(paint: Any) -> float:
    """Relative luminance of a paint, 0 black to 1 white (WCAG 2.2, from linearised sRGB)."""
    srgb = np.array([paint.red, paint.green, paint.blue]) / 255
    linear = np.where(srgb <= 0.04045, srgb / 12.92, ((srgb + 0.055) / 1.055) ** 2.4)
    return float(linear @ [0.2126, 0.7152, 0.0722])


def _two_tones(paints: list[_Paint]) -> MultiPolygon:
    """Join paints in order: dark adds, light takes away; where all are light, they are the picture and all add."""
    all_light = all(paint.light for paint in paints)
    shape: BaseGeometry = MultiPolygon()
    waiting: list[BaseGeometry] = []
    for paint in paints:
        if paint.light and not all_light:
            shape = shapely.union_all([shape, *waiting]).difference(paint.area)
            waiting = []
        else:
            waiting.append(paint.area)
    return as_polygons(shapely.union_all([shape, *waiting]))


def _left_out(elements: list[Any]) -> tuple[str, ...]:
    """Name what the file holds that the shape does not show as drawn."""
    found = []
    for element in elements:
        values = element.values
        found += [_NOT_SHOWN[tag]] if (tag := values.get("tag")) in _NOT_SHOWN else []
        found += [name for key, name in (("clip-path", "a clipping path"), ("mask", "a mask"),
                                         ("stroke-dasharray", "a dashed line")) if values.get(key, "none") != "none"]
        if str(values.get("fill", "")).startswith("url("):
            found.append("a gradient or pattern")
    return tuple(dict.fromkeys(found))
