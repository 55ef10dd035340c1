"""A sheet of film as DXF R2010 in millimetres: a layer for each kind of line, arcs as bulges."""

import io

from vitrograph.core.cut.paths.lines import KINDS
from vitrograph.core.cut.paths.sheet_run import SheetRun
from vitrograph.core.language import one_line

_COLOURS = {kind: number for number, kind in enumerate(KINDS, start=1)}


def sheet_dxf(run: SheetRun, title: str) -> str:
    """Write the lines of a sheet in the order they are cut, as light polylines; the film's corner is the origin."""
    import ezdxf
    from ezdxf import units

    drawing = ezdxf.new("R2010", units=units.MM)              # type: ignore[attr-defined]
    drawing.header["$LASTSAVEDBY"] = "Vitrograph"
    drawing.header.custom_vars.append("Title", one_line(title))
    for kind, colour in _COLOURS.items():
        drawing.layers.add(kind.upper(), color=colour)
    space = drawing.modelspace()
    for cut in run.cuts:
        points, bulges = cut.curve.points, [*cut.curve.bulges.tolist(), 0.0]
        many = len(points) - 1 if cut.curve.closed else len(points)
        space.add_lwpolyline([(x, y, bulge) for (x, y), bulge in zip(points[:many].tolist(), bulges, strict=False)],
                             format="xyb", close=cut.curve.closed, dxfattribs={"layer": cut.kind.upper()})
    out = io.StringIO()
    drawing.write(out)
    return out.getvalue()
