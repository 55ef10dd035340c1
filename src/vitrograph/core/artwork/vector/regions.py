"""Where a drawing's parts may show: the page, what clip paths and masks are made of, boxes."""

import shapely
from msgspec.structs import replace
from shapely.geometry.base import BaseGeometry

from vitrograph.core.artwork.vector.context import Context
from vitrograph.core.artwork.vector.tree import Node
from vitrograph.core.artwork.vector.units import IDENTITY, carried, length_px, numbers_of, product, viewport_matrix
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points, within
from vitrograph.core.language import tr

LARGEST = 1e9                      # px: beyond any page


def page(root: Node) -> tuple[float, float, Points]:
    """The page's width and height in user units, and user space to page in px."""
    box = numbers_of(root.attrib.get("viewBox"))
    inner = (box[2], box[3]) if len(box) == 4 and box[2] > 0 and box[3] > 0 else (300.0, 150.0)
    width, height = (length_px(root.attrib.get(name), whole, whole)
                     for name, whole in (("width", inner[0]), ("height", inner[1])))
    if (root.attrib.get("width") and width <= 0) or (root.attrib.get("height") and height <= 0):
        raise ArtworkError(tr("the drawing's page has no size: give it a width and a height"))
    if len(box) != 4:
        return width, height, IDENTITY
    # where only one side is given, the viewBox gives the other its share
    if not root.attrib.get("height") and root.attrib.get("width") and box[2] > 0:
        height = width * box[3] / box[2]
    elif not root.attrib.get("width") and root.attrib.get("height") and box[3] > 0:
        width = height * box[2] / box[3]
    return inner[0], inner[1], viewport_matrix(box, (width, height), root.attrib.get("preserveAspectRatio", ""))


def in_viewport(node: Node, context: Context, size: tuple[float, float]) -> Context:
    """The inside of a viewport of a size at the origin: clipped unless it is told not to be, laid by its viewBox."""
    to_page, clip, box = context.to_page, context.clip, numbers_of(node.attrib.get("viewBox"))
    if node.style.get("overflow", "hidden") in {"hidden", "scroll"}:
        edge = shapely.transform(shapely.box(0, 0, *size), lambda xy: carried(xy, to_page))
        clip = edge if clip is None else within(clip, edge)
    if len(box) != 4:
        return context._replace(clip=clip, size=size)
    laid = product(to_page, viewport_matrix(box, size, node.attrib.get("preserveAspectRatio", "")))
    return context._replace(to_page=laid, clip=clip, size=(box[2], box[3]))


def without_style(node: Node, names: tuple[str, ...]) -> Node:
    """A part without some of its own style."""
    return replace(node, style={name: value for name, value in node.style.items() if name not in names})


def clip_shape(node: Node, named: dict[str, Node]) -> Node:
    """A clip path's shape: filled by its clip rule, whatever its own paint."""
    kept = {name: value for name, value in node.style.items()
            if name not in {"fill", "stroke", "opacity", "fill-opacity", "mask", "fill-rule"}}
    if "clip-rule" in node.style:
        kept["fill-rule"] = node.style["clip-rule"]
    if node.tag == "use" and node.href.startswith("#") and (target := named.get(node.href[1:])) is not None:
        bare = clip_shape(target, {})
        x, y = (length_px(node.attrib.get(name), 0.0) for name in ("x", "y"))
        kept["transform"] = f"{kept.get('transform', '')} translate({x} {y})"
        return Node("g", {}, kept, [bare])
    return replace(node, style=kept)


def mask_edge(mask: Node, box_to_page: Points, to_page: Points, size: tuple[float, float]) -> BaseGeometry:
    """The rectangle a mask works in: by default the part's box and a tenth more all round."""
    own = mask.attrib.get("maskUnits") != "userSpaceOnUse"
    sizes = ((1.0, 1.0) if own else size)
    x, y, wide, high = (length_px(mask.attrib.get(name), default * whole, whole) for name, default, whole in (
        ("x", -0.1, sizes[0]), ("y", -0.1, sizes[1]), ("width", 1.2, sizes[0]), ("height", 1.2, sizes[1])))
    space = box_to_page if own else to_page
    return shapely.transform(shapely.box(x, y, x + wide, y + high), lambda xy: carried(xy, space))


def everything() -> BaseGeometry:
    """A region that clips nothing."""
    return shapely.box(-LARGEST, -LARGEST, LARGEST, LARGEST)


def font_size(style: dict[str, str]) -> float:
    """The size letters are set in, px."""
    return length_px(style.get("font-size"), 16.0)
