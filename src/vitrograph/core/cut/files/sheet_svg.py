"""A sheet of film as SVG at true size: a group for each stencil, in it one for each kind of line; arcs stay arcs."""

from itertools import groupby
from math import atan

from vitrograph.core.cut.paths.curves import Curve
from vitrograph.core.cut.paths.lines import KINDS
from vitrograph.core.cut.paths.sheet_run import SheetRun
from vitrograph.core.language import one_line


def sheet_svg(run: SheetRun, title: str) -> str:
    """Write the lines of a sheet on a page as large as the film that is used; y runs down, one unit a millimetre."""
    from html import escape  # wanted when a file is written: the window opens sooner without it

    wide, high = run.sheet.used
    names = {one.part.whose: one.part.name for one in run.sheet.laid}
    groups = []
    for number, (whose, cuts) in enumerate(groupby(sorted(run.cuts, key=lambda cut: cut.whose),
                                                   lambda cut: cut.whose), start=1):
        of_kind: dict[str, list[str]] = {}
        for cut in cuts:
            of_kind.setdefault(cut.kind, []).append(_data(cut.curve, high))
        lines = "".join(f'<path class="{kind}" d="{"".join(of_kind[kind])}"/>\n' for kind in KINDS if kind in of_kind)
        name = escape(one_line(names[whose]), quote=False)
        groups.append(f'<g id="stencil-{number}">\n<title>{name}</title>\n{lines}</g>\n')
    return (
        '<?xml version="1.0" encoding="UTF-8"?>\n'
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide:.4f}mm" height="{high:.4f}mm" '
        f'viewBox="0 0 {wide:.4f} {high:.4f}">\n<title>{escape(one_line(title), quote=False)}</title>\n'
        f'<g fill="none" stroke="#000000" stroke-width="0.1">\n{"".join(groups)}</g>\n</svg>\n'
    )


def _data(curve: Curve, high: float) -> str:
    """One line as path data; `high` is where y begins."""
    points = [(x, high - y) for x, y in curve.points.tolist()]
    said = [f"M{_pair(points[0])}"]
    for start, end, bulge in zip(points[:-1], points[1:], curve.bulges.tolist(), strict=True):
        if abs(bulge) < 1e-9:
            said.append(f"L{_pair(end)}")
            continue
        chord = ((end[0] - start[0]) ** 2 + (end[1] - start[1]) ** 2) ** 0.5
        radius = chord * (1 + bulge * bulge) / (4 * abs(bulge))
        # an arc that turns left as y runs up turns right as it runs down
        large, sweep = int(4 * atan(abs(bulge)) > 3.14159265), int(bulge < 0)
        said.append(f"A{radius:.4f} {radius:.4f} 0 {large} {sweep} {_pair(end)}")
    return "".join(said) + ("Z" if curve.closed else "")


def _pair(point: tuple[float, float]) -> str:
    return f"{point[0]:.4f} {point[1]:.4f}"
