"""The stencil as SVG at true size: width and height in mm, one user unit a millimetre (CSS: 96 px to the inch)."""

import shapely
from shapely.geometry import MultiPolygon

from vitrograph.core.language import one_line
from vitrograph.core.stencil import Sheet


def to_svg(sheet: Sheet, title: str, colour: str = "#2F8F83") -> str:
    """Write film and islands as one even-odd path on a page that is the stencil's own box; y runs down.

    The edge of a decal's surplus is a path of its own, since the film that stays does not reach it; so are relief cuts
    that open nothing, as lines, and the marks.
    """
    from html import escape  # wanted when a file is written: the window opens sooner without it

    left, low, right, high = sheet.outline.bounds
    width, height = right - left, high - low
    page = shapely.transform(sheet.film, lambda xy: (xy - [left, high]) * [1, -1])
    return (
        '<?xml version="1.0" encoding="UTF-8"?>\n'
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{width:.4f}mm" height="{height:.4f}mm" '
        f'viewBox="0 0 {width:.4f} {height:.4f}">\n'
        f"<title>{escape(one_line(title), quote=False)}</title>\n"
        f'<path id="film" fill="{colour}" fill-rule="evenodd" d="{path_data(page)}"/>\n'
        f"{_edge(sheet, left, high)}{_snips(sheet, left, high)}{_marks(sheet, left, high)}"
        "</svg>\n"
    )


def _edge(sheet: Sheet, left: float, high: float) -> str:
    if sheet.kind != "decal":
        return ""
    page = shapely.transform(sheet.outline, lambda xy: (xy - [left, high]) * [1, -1])
    return f'<path id="edge" fill="none" stroke="#000000" stroke-width="0.1" d="{path_data(page)}"/>\n'


def _snips(sheet: Sheet, left: float, high: float) -> str:
    if not sheet.snips:
        return ""
    lines = "".join(f"M{snip.tip[0] - left:.4f} {high - snip.tip[1]:.4f}L{snip.edge[0] - left:.4f} "
                    f"{high - snip.edge[1]:.4f}" for snip in sheet.snips)
    return f'<path id="snips" fill="none" stroke="#000000" stroke-width="0.1" d="{lines}"/>\n'


def _marks(sheet: Sheet, left: float, high: float) -> str:
    if sheet.marks is None:
        return ""
    lines = "".join("M" + "L".join(f"{x - left:.4f} {high - y:.4f}" for x, y in path) for path in sheet.marks.paths)
    return f'<path id="marks" fill="none" stroke="#000000" stroke-width="0.1" d="{lines}"/>\n'


def path_data(shape: MultiPolygon) -> str:
    """SVG path data of polygons, to a tenth of a micrometre.

    >>> path_data(MultiPolygon([shapely.Polygon([(0, 0), (1, 0), (0, 1.5)])]))
    'M0 0L1 0 0 1.5Z'
    """
    return "".join(_ring(ring) for part in shape.geoms for ring in (part.exterior, *part.interiors))


def _ring(ring: shapely.LinearRing) -> str:
    first, *others = [f"{x:.4f}".rstrip("0").rstrip(".") + " " + f"{y:.4f}".rstrip("0").rstrip(".")
                      for x, y in ring.coords[:-1]]
    return f"M{first}L{' '.join(others)}Z"
