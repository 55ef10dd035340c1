"""DXF drawings: closed outlines as one even-odd area, in mm by the file's own units.

Reading, blocks, arcs, ellipses, splines and hatches are ezdxf's. Lines and arcs that meet end to end are joined; what
is drawn twice, as an outline and the hatch that fills it are, counts once; what encloses nothing is named.
"""

import io
import struct
from collections.abc import Iterable, Iterator
from functools import lru_cache
from typing import Any

import numpy as np
import shapely

from vitrograph.core.artwork.fill import fill_outlines
from vitrograph.core.artwork.vector.limits import Tally, refuse_beyond
from vitrograph.core.artwork.vector.paint import Paint
from vitrograph.core.artwork.vector.svg import VectorDrawing
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points, arc_pieces, as_polygons, distinct, multipolygon, union
from vitrograph.core.language import tr

_MOST_ENTITIES = 50_000
_MEET = 1e-5                       # of the drawing's size: ends as near as this are one
_BLACK = (0, 0, 0)
_WORDS = frozenset({"TEXT", "MTEXT", "ATTRIB", "ATTDEF"})
_UNSEEN = frozenset({"POINT", "DIMENSION", "LEADER", "MULTILEADER", "VIEWPORT", "TOLERANCE", "XLINE", "RAY"})
_BINARY = b"AutoCAD Binary DXF"
_LEAST_PIECES, _MOST_PIECES = 4, 400      # of a spline's span
# mm to the unit of a $INSUNITS that the library does not convert; a US survey foot is 1200/3937 m
_MM_PER_UNIT = {8: 25.4e-6, 9: 25.4e-3} | {
    number: feet * 1200e3 / 3937 for number, feet in ((21, 1.0), (22, 1 / 12), (23, 3.0), (24, 5280.0))}
_MOST_ALIKE = 20                   # lines of one box that are compared with another
_COARSE = 1e9                      # a step that leaves curves at their fewest segments


@lru_cache(maxsize=4)
def read_dxf(content: bytes, max_deviation: float) -> VectorDrawing:
    """Read a drawing whose curves stray at most `max_deviation` of its own height. Raises ArtworkError."""
    notes: dict[str, None] = {}
    document, factor = _opened(content, notes)
    entities = list(_entities(document, notes))
    rough = [line for entity in entities for line in _lines(entity, _COARSE, notes)]
    if not rough:
        raise ArtworkError(tr("the DXF drawing holds no outline: save its curves as polylines, splines or arcs"))
    points = np.concatenate(rough)
    refuse_beyond(points)
    size = np.ptp(points, axis=0)
    step = float(size[1] or size[0] or 1.0) * max_deviation
    drawn = [(line, width) for entity, width in ((entity, _width_of(entity, notes)) for entity in entities)
             for line in _lines(entity, step, {})]
    lines = [line for line, width in drawn if not width]
    Tally().take([line for line, _ in drawn])
    meet = float(size.max()) * _MEET
    closed, open_ends = _joined(_once(lines, meet + 2 * step), meet)
    if open_ends:
        notes[tr("1 open line, which encloses nothing") if open_ends == 1 else
              tr("{open_ends} open lines, which enclose nothing", open_ends=open_ends)] = None
    bands = [_band(line, width, step) for line, width in drawn if width]
    area = as_polygons(union([fill_outlines(_once(closed, meet + 2 * step), "evenodd"), *bands]))
    area = _thick(area, meet, notes)
    if area.is_empty:
        raise ArtworkError(tr("no outline in the DXF drawing is closed: close its curves and save it again"))
    return VectorDrawing((Paint(shapely.transform(area, lambda xy: xy * factor), _BLACK),), tuple(notes))


def _opened(content: bytes, notes: dict[str, None]) -> tuple[Any, float]:
    """The document, healed where it can be, and mm per drawing unit."""
    from ezdxf import recover, units
    from ezdxf.document import Drawing
    from ezdxf.enums import InsertUnits
    from ezdxf.lldxf.const import DXFError
    from ezdxf.lldxf.tagger import binary_tags_loader

    try:
        if content.startswith(_BINARY):
            document = Drawing.load(binary_tags_loader(content))
        else:
            document, _ = recover.read(io.BytesIO(content))
    except (DXFError, ValueError, KeyError, IndexError, AttributeError, TypeError, OSError, RecursionError,
            struct.error):
        raise ArtworkError(tr("the file is not a DXF drawing, or it was cut short: save it again as DXF R2000 or later")
                           ) from None
    named = int(document.header.get("$INSUNITS", 0))
    if named == 0:
        notes[tr("sizes without a unit, read as mm")] = None
        return document, 1.0
    if named in _MM_PER_UNIT:
        return document, _MM_PER_UNIT[named]
    try:
        return document, float(units.conversion_factor(InsertUnits(named), InsertUnits.Millimeters))
    except (ValueError, KeyError, TypeError, DXFError):
        notes[tr("sizes in a unit that is not known (number {named}), read as mm", named=named)] = None
        return document, 1.0


def _entities(document: Any, notes: dict[str, None]) -> Iterator[Any]:
    """What is drawn, blocks taken apart, on layers that are seen."""
    from ezdxf.disassemble import recursive_decompose

    if sum(insert.mcount for insert in document.modelspace().query("INSERT")) > _MOST_ENTITIES:
        raise ArtworkError(tr("the drawing repeats its blocks more than {most} times: simplify it first",
                              most=_MOST_ENTITIES))
    hidden = {layer.dxf.name for layer in document.layers if layer.is_off() or layer.is_frozen()}
    for count, entity in enumerate(_taken_apart(recursive_decompose(document.modelspace()))):
        if count > _MOST_ENTITIES:
            raise ArtworkError(tr("the drawing unfolds to more than {most} parts: simplify it first",
                                  most=_MOST_ENTITIES))
        kind = entity.dxftype()
        if entity.dxf.get("layer", "0") in hidden or entity.dxf.get("invisible", 0):
            continue
        if kind in _WORDS:
            notes[tr("lettering")] = None
        elif kind == "IMAGE":
            notes[tr("a picture in another file")] = None
        elif kind not in _UNSEEN:
            if kind == "HATCH" and not entity.dxf.solid_fill:
                notes[tr("a hatching of lines, taken as solid")] = None
            yield entity


def _taken_apart(parts: Iterable[Any]) -> Iterator[Any]:
    try:
        yield from parts
    except RecursionError:
        raise ArtworkError(tr("a block of the DXF drawing holds itself: take it out, or explode the blocks")) from None


def _lines(entity: Any, step: float, notes: dict[str, None]) -> Iterator[Points]:
    """An entity's curves as (n, 2) points that stray at most `step`."""
    from ezdxf import path
    from ezdxf.lldxf.const import DXFError

    try:
        if entity.dxftype() == "SPLINE" and (line := _unclamped(entity, step)) is not None:
            yield line
            return
        made = path.from_hatch(entity) if entity.dxftype() in {"HATCH", "MPOLYGON"} else [path.make_path(entity)]
        for whole in made:
            for part in whole.sub_paths():
                flat = part.flattening(step, segments=4)
                points = np.array([[vertex.x, vertex.y] for vertex in flat], dtype=float).reshape(-1, 2)
                if len(points) > 1:
                    yield points
    except (TypeError, ValueError, DXFError, ZeroDivisionError, IndexError):
        notes[tr("a part of the kind {dxftype}", dxftype=entity.dxftype().lower())] = None


def _width_of(entity: Any, notes: dict[str, None]) -> float:
    """The width that a polyline is drawn with all along; 0 for one without, or with several, which are named."""
    if entity.dxftype() not in {"LWPOLYLINE", "POLYLINE"} or not entity.has_width:
        return 0.0
    if entity.dxftype() == "LWPOLYLINE":
        widths = {float(width) for *_, start, end in entity.get_points("xyse") for width in (start, end)}
        widths = {float(entity.dxf.const_width)} if entity.dxf.hasattr("const_width") else widths
    else:
        ends = (entity.dxf.default_start_width, entity.dxf.default_end_width)
        widths = {float(width) for corner in entity.vertices for width in (
            corner.dxf.get("start_width", ends[0]), corner.dxf.get("end_width", ends[1]))}
    if len(widths) > 1:
        notes[tr("lines whose width changes, taken as thin")] = None
        return 0.0
    return widths.pop()


def _band(line: Points, width: float, step: float) -> shapely.Geometry:
    """What a line of some width covers, its corners sharp."""
    drawn = shapely.linearrings(line) if _closes(line, 0.0) else shapely.linestrings(line)
    quarter = max(4, arc_pieces(width / 2, np.pi / 2, step))
    return shapely.buffer(drawn, width / 2, quad_segs=quarter, cap_style="flat", join_style="mitre")


def _unclamped(entity: Any, step: float) -> Points | None:
    """Points along a spline that does not begin and end at its first and last control point; None for any other.

    It is defined between the knots number p and n, of degree p with n control points (L. Piegl and W. Tiller, The NURBS
    Book, 2.2), which is not all of its knots. A chord over 1/m of a span strays at most |B''| / (8 m²).
    """
    from scipy.interpolate import BSpline

    degree, knots = entity.dxf.degree, np.array(entity.knots, dtype=float)
    control = np.array([tuple(point)[:2] for point in entity.control_points], dtype=float)
    many = len(control)
    if len(knots) != many + degree + 1 or many <= degree or (
            knots[0] == knots[degree] and knots[many] == knots[-1]):
        return None
    weights = np.array(entity.weights if len(entity.weights) == many else np.ones(many), dtype=float)[:, None]
    bound = degree * (degree - 1) * float(np.hypot(*np.diff(control, 2, axis=0).T).max(initial=0.0))
    pieces = int(np.clip(np.ceil(np.sqrt(bound / (8 * step))), _LEAST_PIECES, _MOST_PIECES))
    spans = distinct(knots[degree:many + 1])
    at = np.append(np.linspace(spans[:-1], spans[1:], pieces, endpoint=False, axis=1).ravel(), spans[-1])
    told = BSpline(knots, np.hstack([control * weights, weights]), degree)(at)
    return np.asarray(told[:, :2] / told[:, 2:])


def _thick(area: shapely.Geometry, least: float, notes: dict[str, None]) -> shapely.Geometry:
    """An area without slivers thinner than ends that meet may be apart."""
    parts = shapely.get_parts(area)
    thick = 2 * shapely.area(parts) > least * shapely.length(parts)
    if not thick.all():
        slivers = int((~thick).sum())
        notes[tr("{n} slivers too thin to cut, left out", "{n} sliver too thin to cut, left out", n=slivers)] = None
    return multipolygon(parts[thick])


def _joined(lines: list[Points], meet: float) -> tuple[list[Points], int]:
    """Closed outlines, from lines that close themselves and from chains of those that do not; how many stay open."""
    closed = [line for line in lines if _closes(line, meet)]
    rest = [line for line in lines if not _closes(line, meet)]
    if not rest:
        return closed, 0
    chained = shapely.get_parts(shapely.line_merge(_snapped(rest, meet)))
    rings = [shapely.get_coordinates(chain) for chain in chained]
    closing = [ring for ring in rings if _closes(ring, meet)]
    return closed + closing, len(rings) - len(closing)


def _once(lines: list[Points], near: float) -> list[Points]:
    """Lines without those that lie on an earlier one, wherever they begin and whichever way they go."""
    from scipy.spatial import cKDTree

    if len(lines) < 2:
        return lines
    drawn = np.array([shapely.linestrings(line) for line in lines], dtype=object)
    boxes = cKDTree(shapely.bounds(drawn))
    kept = np.ones(len(lines), dtype=bool)
    crowded = boxes.query_ball_point(boxes.data, near, p=np.inf, return_length=True) > 1
    for one in np.flatnonzero(crowded).tolist():
        if kept[one]:
            alike = sorted(boxes.query_ball_point(boxes.data[one], near, p=np.inf))
            others = np.array([at for at in alike if at > one and kept[at]][:_MOST_ALIKE], dtype=int)
            kept[others[shapely.hausdorff_distance(drawn[one], drawn[others]) <= near]] = False
    return [line for line, stays in zip(lines, kept.tolist(), strict=True) if stays]


def _closes(line: Points, meet: float) -> bool:
    return len(line) > 3 and bool(np.hypot(*(line[0] - line[-1])) <= meet)


def _snapped(lines: list[Points], meet: float) -> Any:
    """Lines as one geometry, their ends moved on to each other where they nearly meet."""
    from scipy.spatial import cKDTree

    ends = np.array([end for line in lines for end in (line[0], line[-1])])
    nearest = np.arange(len(ends))
    for one, other in sorted(cKDTree(ends).query_pairs(meet)):
        nearest[other] = nearest[one]
    made = []
    for number, line in enumerate(lines):
        moved = line.copy()
        moved[0], moved[-1] = ends[nearest[2 * number]], ends[nearest[2 * number + 1]]
        made.append(shapely.linestrings(moved))
    return shapely.multilinestrings(made)
