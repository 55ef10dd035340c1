"""A drawing's own lettering, set in a shipped face: a drawing names fonts but does not carry them."""

import shapely
from msgspec import Struct

from vitrograph.core.artwork.vector.tree import Node
from vitrograph.core.artwork.vector.units import length_px, numbers_of
from vitrograph.core.artwork.words import MOST_LETTERS, face_named, faces, glyph_shape, shape_line
from vitrograph.core.errors import ArtworkError
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr

_FALLBACK = "Barlow Bold"


class _Pen(Struct):
    x: float = 0.0
    y: float = 0.0
    letters: int = 0


def text_outlines(
    node: Node, style: dict[str, str], max_deviation: float
) -> tuple[str, list[tuple[list[Points], dict[str, str]]]]:
    """The face used, and for each run of letters its closed outlines in user space and its own style."""
    face = _face_for(style.get("font-family", ""))
    made: list[tuple[list[Points], dict[str, str]]] = []
    _run(node, style, face, max_deviation, _Pen(), made)
    return face, made


def _face_for(families: str) -> str:
    """A shipped face named among the families wanted, or the sturdy one."""
    for family in families.split(","):
        wanted = family.strip().strip("'\"").casefold()
        for name in faces():
            if wanted and name.casefold().startswith(wanted):
                return name
    return _FALLBACK


def _run(
    node: Node, style: dict[str, str], face: str, max_deviation: float, pen: _Pen,
    made: list[tuple[list[Points], dict[str, str]]],
) -> None:
    for axis in ("x", "y"):
        places = numbers_of(node.attrib.get(axis))
        if places:
            setattr(pen, axis, places[0])
        setattr(pen, axis, getattr(pen, axis) + (numbers_of(node.attrib.get(f"d{axis}")) or [0.0])[0])
    _set(node.text, style, face, max_deviation, pen, made)
    for child in node.children:
        if child.tag in {"tspan", "a"}:
            _run(child, {**style, **child.style}, face, max_deviation, pen, made)
        _set(child.tail, style, face, max_deviation, pen, made)


def _set(
    text: str, style: dict[str, str], face: str, max_deviation: float, pen: _Pen,
    made: list[tuple[list[Points], dict[str, str]]],
) -> None:
    words = " ".join(text.split())
    if not words:
        return
    size = length_px(style.get("font-size"), 16.0)
    pen.letters += len(words)
    if pen.letters > MOST_LETTERS:
        raise ArtworkError(tr("the drawing's text has more than {most} letters: turn it into outlines, or "
                              "leave it out", most=MOST_LETTERS))
    if size <= 0:                                              # it is there, and cannot be seen
        return
    line = shape_line(face_named(face), words)
    start = pen.x - size * line.width * {"middle": 0.5, "end": 1.0}.get(style.get("text-anchor", ""), 0.0)
    outlines: list[Points] = []
    for glyph in line.glyphs:
        shape = glyph_shape(face_named(face), glyph.font, glyph.number, max_deviation / size)
        for ring in shapely.get_rings(shapely.get_parts(shape)):
            points = shapely.get_coordinates(ring)
            placed = (points + [glyph.x, glyph.y]) * [size, -size] + [start, pen.y]
            outlines.append(placed)
    pen.x = start + size * line.width
    if outlines:
        made.append((outlines, {**style, "fill-rule": "evenodd"}))
