"""The walk over an SVG drawing: what each part paints on the page, in px and y down, in painting order.

It follows SVG 2: nested viewports and viewBox, use and symbol, inherited style, clip paths, masks (kept where
half or more shows), gradients (cut at the limits of tone and opacity), strokes with caps, joins and dashes. Lettering
is set in a shipped face, since fonts are not carried in the file; pictures within are handed on to be traced.
"""

from collections.abc import Iterator

import numpy as np
import shapely
from shapely.geometry import MultiPolygon
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.fill import FillRule, fill_outlines
from vitrograph.core.artwork.vector.context import Context
from vitrograph.core.artwork.vector.embedded import embedded_picture
from vitrograph.core.artwork.vector.gradient import Place, gradient_paints, resolved
from vitrograph.core.artwork.vector.lettering import text_outlines
from vitrograph.core.artwork.vector.limits import Tally, refuse_beyond, refuse_many
from vitrograph.core.artwork.vector.markers import MARKED, marker_paints
from vitrograph.core.artwork.vector.outline import Places, Segments, path_data, polyline, segments_of, sharp_places
from vitrograph.core.artwork.vector.paint import LEAST_OPACITY, Rgb
from vitrograph.core.artwork.vector.pattern import pattern_paints
from vitrograph.core.artwork.vector.regions import (
    clip_shape,
    everything,
    font_size,
    in_viewport,
    mask_edge,
    page,
    without_style,
)
from vitrograph.core.artwork.vector.strokes import dashes_by_own_length, paint_order, stroke_on_page
from vitrograph.core.artwork.vector.tree import INHERITED, MOST_PARTS, Node, referred
from vitrograph.core.artwork.vector.units import (
    IDENTITY,
    carried,
    colour_of,
    diagonal,
    length_px,
    luminance,
    matrix_of,
    moved,
    product,
    stretch,
)
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points, as_polygons, union, within, without
from vitrograph.core.language import tr

_SHAPES = frozenset({"path", "rect", "circle", "ellipse", "line", "polyline", "polygon"})
_GROUPS = frozenset({"g", "a", "svg"})
_NOT_FOLLOWED = {"foreignObject": tr("a piece of a web page"), "video": tr("a film")}
_MOST_DEEP = 60
# by the identity of the node, which is kept with its outlines so that no other takes its place
Outlines = dict[int, tuple[Node, Segments]]


class Walker:
    """One walk over a drawing; curves stray at most `max_deviation` px. `outlines` are those an earlier walk read."""

    def __init__(self, root: Node, max_deviation: float, outlines: "Outlines | None" = None) -> None:
        self.root = root
        self.max_deviation = max_deviation
        self.outlines: Outlines = {} if outlines is None else outlines
        self.notes: dict[str, None] = {}
        self.pictures: list[bytes] = []
        self._named = {node.attrib["id"]: node for node in root.walk() if "id" in node.attrib}
        self._parts = 0
        self._tally = Tally()
        self._regions: dict[tuple[int, int, bytes], tuple[Node, BaseGeometry]] = {}

    # -- the walk ------------------------------------------------------------------------------------------------

    def paints(self) -> Iterator[tuple[BaseGeometry, Rgb]]:
        """(area, colour) on the page in px, y down, in painting order."""
        refuse_many(sum(node.tag in _SHAPES for node in self.root.walk()))
        width, height, to_page = page(self.root)
        context = Context(to_page, {}, 1.0, None, (width, height), 0)
        yield from self._children(self.root, self._styled(self.root, context))

    def _children(self, node: Node, context: Context) -> Iterator[tuple[BaseGeometry, Rgb]]:
        for child in node.children:
            yield from self._part(child, context)

    def _part(self, node: Node, context: Context) -> Iterator[tuple[BaseGeometry, Rgb]]:
        self._count(context)
        if node.style.get("display") == "none":
            return
        if node.tag in _NOT_FOLLOWED:
            self.notes[_NOT_FOLLOWED[node.tag]] = None
        inner = self._styled(node, context)
        if (inner.clip is not None and inner.clip.is_empty) or inner.opacity < LEAST_OPACITY:
            if inner.opacity < LEAST_OPACITY and node.tag in _SHAPES | _GROUPS | {"text", "use"}:
                self.notes[tr("faint parts")] = None
            return
        if node.tag in _SHAPES:
            yield from self._shape(node, inner)
        elif node.tag == "svg":
            yield from self._children(node, self._viewport(node, inner, node))
        elif node.tag in _GROUPS:
            yield from self._children(node, inner)
        elif node.tag == "switch":
            yield from self._part_of_switch(node, inner)
        elif node.tag == "use":
            yield from self._use(node, inner)
        elif node.tag == "text":
            yield from self._text(node, inner)
        elif node.tag == "image":
            self._image(node)

    def _count(self, context: Context) -> None:
        self._parts += 1
        if self._parts > 2 * MOST_PARTS:
            raise ArtworkError(tr("the drawing unfolds to more than {most} parts: simplify it first", most=MOST_PARTS))
        if context.deep > _MOST_DEEP:
            raise ArtworkError(tr("the drawing reuses a part inside itself: expand its clones and save it again"))

    def _part_of_switch(self, node: Node, context: Context) -> Iterator[tuple[BaseGeometry, Rgb]]:
        for child in node.children:
            plain = not child.attrib.get("requiredExtensions") and child.tag not in _NOT_FOLLOWED
            if plain and child.attrib.get("systemLanguage", "en").startswith("en"):
                yield from self._part(child, context)
                return

    def _use(self, node: Node, context: Context) -> Iterator[tuple[BaseGeometry, Rgb]]:
        target = self._named.get(node.href[1:]) if node.href.startswith("#") else None
        if target is None:
            here = node.href.startswith("#") or not node.href
            self.notes[tr("a missing part") if here else tr("a part of another file")] = None
            return
        x, y = (length_px(node.attrib.get(name), 0.0, whole) for name, whole in zip("xy", context.size, strict=True))
        inner = context._replace(to_page=product(context.to_page, moved(x, y)), deep=context.deep + 1)
        if target.tag in {"symbol", "svg"}:
            if target.style.get("display") != "none":
                placed = self._styled(target, inner)
                yield from self._children(target, self._viewport(target, placed, node))
        else:
            yield from self._part(target, inner)

    def _viewport(self, node: Node, context: Context, sized_by: Node) -> Context:
        """A nested viewport: its place, its size, and what its viewBox does; it clips unless it is told not to."""
        wide, high = (length_px(sized_by.attrib.get(name) or node.attrib.get(name), whole, whole)
                      for name, whole in (("width", context.size[0]), ("height", context.size[1])))
        x, y = (length_px(node.attrib.get(name), 0.0, whole) for name, whole in zip("xy", context.size, strict=True))
        return in_viewport(node, context._replace(to_page=product(context.to_page, moved(x, y))), (wide, high))

    def _styled(self, node: Node, context: Context) -> Context:
        """What a part's own style and transform make of what it inherits."""
        style = {name: value for name, value in context.style.items() if name in INHERITED}
        for name, value in node.style.items():
            if value == "inherit":
                style[name] = context.style.get(name, "")
            elif value and not value.startswith("var("):
                style[name] = value
        if "font-size" in node.style:
            style["font-size"] = str(length_px(node.style["font-size"], 16.0, font_size(context.style),
                                               font_size(context.style)))
        to_page = context.to_page
        if node is not self.root and ("transform" in node.style):
            to_page = product(to_page, matrix_of(node.style["transform"]))
        if style.get("filter", "none") != "none":
            self.notes[tr("a filter")] = None
        seen = context.opacity * length_px(style.get("opacity"), 1.0, 1.0)
        inner = context._replace(to_page=to_page, style=style, opacity=seen)
        if context.bare:
            return inner
        for name, region in (("clip-path", self._clip_region), ("mask", self._mask_region)):
            wanted = self._referred(style.get(name, "none"))
            if wanted is not None:
                # the same mask on the same part comes to the same area, however often its holder is met
                key = id(wanted), id(node), inner.to_page.tobytes()
                if key not in self._regions:
                    self._regions[key] = node, region(wanted, node, inner)
                area = self._regions[key][1]
                clip = inner.clip
                inner = inner._replace(clip=area if clip is None else within(clip, area))
        return inner

    def _referred(self, text: str) -> Node | None:
        return referred(text, self._named)

    # -- shapes --------------------------------------------------------------------------------------------------

    def _deviation(self, to_page: Points) -> float:
        """How far a curve may stray in user units so that it strays no more than is wanted on the page."""
        refuse_beyond(to_page)
        grows = max(stretch(to_page), 1e-12)
        return self.max_deviation / grows

    def _segments(self, node: Node, context: Context) -> Segments:
        """A shape's subpaths as cubics in user space, read once for each place it is used in."""
        if id(node) not in self.outlines:
            data = path_data(node, context.size)
            refuse_many(data.count("M") + data.count("m"))
            self.outlines[id(node)] = node, segments_of(data)
        return self.outlines[id(node)][1]

    def _shape(self, node: Node, context: Context) -> Iterator[tuple[BaseGeometry, Rgb]]:
        segments, deviation = self._segments(node, context), self._deviation(context.to_page)
        lines = [polyline(pieces, deviation) for pieces, _, _ in segments]
        dashes = dashes_by_own_length(node, context.style, lines)
        stroked = context.style.get("stroke", "none") != "none"
        yield from self._painted(lines, context._replace(style={**context.style, **dashes}),
                                 sharp_places(segments) if stroked else frozenset())
        if node.tag in MARKED and not context.bare:
            yield from marker_paints(node, self._named, self._part, context)

    def _painted(
        self, lines: list[Points], context: Context, sharp: Places | None = None
    ) -> Iterator[tuple[BaseGeometry, Rgb]]:
        """The fill and the stroke of outlines in user space, in the order the style asks for.

        `sharp` are the places where a stroke has a join; at all points where that is not known.
        """
        style = context.style
        if context.bare:
            for line in lines:
                yield shapely.multipoints(carried(line, context.to_page)), (0, 0, 0)
            return
        if not lines or style.get("visibility", "visible") in {"hidden", "collapse"}:
            return
        self._tally.take(lines)
        points = np.concatenate(lines)
        box = (*points.min(axis=0).tolist(), *points.max(axis=0).tolist())
        for name in paint_order(style):
            paint = style.get(name, "black" if name == "fill" else "none")
            if paint != "none":
                area = (self._filled(lines, context) if name == "fill" else
                        stroke_on_page(lines, sharp, context, (self.max_deviation, self._deviation(context.to_page))))
                yield from self._tinted(area, paint, f"{name}-opacity", context, box)

    def _filled(self, lines: list[Points], context: Context) -> BaseGeometry:
        """A fill's area on the page."""
        rule: FillRule = "evenodd" if context.style.get("fill-rule") == "evenodd" else "nonzero"
        return fill_outlines([carried(line, context.to_page) for line in lines], rule)

    def _tinted(
        self, area: BaseGeometry, paint: str, opacity_name: str, context: Context, box: tuple[float, ...]
    ) -> Iterator[tuple[BaseGeometry, Rgb]]:
        """An area in its paint's colour or colours, clipped, if it is opaque enough to count."""
        opacity = context.opacity * length_px(context.style.get(opacity_name), 1.0, 1.0)
        if context.clip is not None:
            area = as_polygons(within(area, context.clip))
        for tinted, rgb, seen in self._colours(area, paint, opacity, context, box):
            if seen >= LEAST_OPACITY and not tinted.is_empty:
                yield tinted, rgb
            elif seen > 0 and not tinted.is_empty:
                self.notes[tr("faint parts")] = None

    def _colours(
        self, area: BaseGeometry, paint: str, opacity: float, context: Context, box: tuple[float, ...]
    ) -> Iterator[tuple[BaseGeometry, Rgb, float]]:
        current = context.style.get("color", "black")
        if paint.startswith("url("):
            source = self._referred(paint)
            if source is not None and source.tag.endswith("Gradient"):
                place = Place(context.to_page, (box[0], box[1], box[2], box[3]), diagonal(context.size))
                yield from gradient_paints(area, resolved(source, self._named.get), place, opacity, current)
                return
            if source is not None and source.tag == "pattern":
                self._count(context)
                if (laid := pattern_paints(area, source, self._named.get, self._part, context, box, opacity)) is None:
                    self.notes[tr("a pattern too fine to lay")] = None
                yield from laid or ()
                return
            paint = paint.partition(")")[2].strip() or "none"
        made = colour_of(current if paint.lower() in {"currentcolor", "context-fill", "context-stroke"} else paint)
        if made is not None:
            yield area, made[:3], opacity * made[3]

    # -- clip paths and masks ------------------------------------------------------------------------------------

    def _boxed(self, node: Node, context: Context) -> Points:
        """A part's bounding box as a space: (0, 0) to (1, 1) fill it."""
        box = self._box_of(node, context._replace(to_page=IDENTITY, deep=context.deep + 1))
        if box is None:
            return IDENTITY
        left, low, right, high = box
        return np.array([[right - left, 0.0, left], [0.0, high - low, low]])

    def _box_of(self, node: Node, context: Context) -> tuple[float, float, float, float] | None:
        """The box of all outlines below a part, in its own space (SVG 2, section 8.10)."""
        outlines = context._replace(clip=None, opacity=1.0, bare=True)
        areas = [area for area, _ in self._part(without_style(node, ("transform",)), outlines)]
        bounds = shapely.bounds(areas) if areas else np.zeros((0, 4))
        bounds = bounds[np.isfinite(bounds).all(axis=1)]
        if not len(bounds):
            return None
        low, high = bounds[:, :2].min(axis=0), bounds[:, 2:].max(axis=0)
        return float(low[0]), float(low[1]), float(high[0]), float(high[1])

    def _clip_region(self, clip: Node, node: Node, context: Context) -> BaseGeometry:
        """What a clip path lets through: its shapes, each by its clip rule, themselves clipped if it says so."""
        if clip.tag != "clipPath":
            return everything()
        self._count(context)
        space = product(context.to_page, matrix_of(clip.style.get("transform") or clip.attrib.get("transform")))
        if clip.attrib.get("clipPathUnits") == "objectBoundingBox":
            space = product(space, self._boxed(node, context))
        # its shapes inherit from the clip path, not from the part that is clipped
        plain = {"fill": "black", "fill-rule": clip.style.get("clip-rule", "nonzero")}
        inner = Context(space, plain, 1.0, None, context.size, context.deep + 1)
        areas = [area for child in clip.children for area, _ in self._part(clip_shape(child, self._named), inner)]
        region = union(areas)
        own = self._referred(clip.style.get("clip-path", "none"))
        return region if own is None else within(
            region, self._clip_region(own, node, context._replace(deep=context.deep + 1)))

    def _mask_region(self, mask: Node, node: Node, context: Context) -> BaseGeometry:
        """Where a mask shows half or more: its own paints in order, light opening and dark closing."""
        if mask.tag != "mask":
            return everything()
        self._count(context)
        space, by_box = context.to_page, self._boxed(node, context)
        if mask.attrib.get("maskContentUnits") == "objectBoundingBox":
            space = product(space, by_box)
        inner = Context(space, {}, 1.0, None, context.size, context.deep + 1)
        alpha = mask.style.get("mask-type") == "alpha"
        shows: BaseGeometry = MultiPolygon()
        for child in mask.children:
            for area, rgb in self._part(child, inner):
                opens = alpha or luminance(rgb) >= LEAST_OPACITY
                shows = union([shows, area]) if opens else without(shows, area)
        edge = mask_edge(mask, product(context.to_page, by_box), context.to_page, context.size)
        return within(shows, edge)

    # -- lettering and pictures ----------------------------------------------------------------------------------

    def _text(self, node: Node, context: Context) -> Iterator[tuple[BaseGeometry, Rgb]]:
        face, pieces = text_outlines(node, context.style, self._deviation(context.to_page))
        if pieces:
            self.notes[tr("lettering, set in {face}", face=face)] = None
        for piece, style in pieces:
            placed = context._replace(style={**context.style, **style})
            yield from self._painted(piece, placed)

    def _image(self, node: Node) -> None:
        inside = embedded_picture(node.href) if (own := node.href.startswith("data:")) else None
        self.notes[tr("a picture") if own else tr("a picture in another file")] = None
        self.pictures += [] if inside is None else [inside]
