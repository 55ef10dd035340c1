"""The plan: a finished order as plain data for `plan --json` and for scripts (docs/formats.md)."""

from math import degrees
from typing import Any

from vitrograph.core.artwork import Placed, Source, label_of, provenance
from vitrograph.core.findings import Finding
from vitrograph.core.fit import SIDES
from vitrograph.core.glass import Assessment, Fan, Frustum, Motif, Turned, Wall, fan_of
from vitrograph.core.job import Drawing, Item, kind_of_item
from vitrograph.core.job.tree import plain
from vitrograph.core.results import FinishedOrder, FinishedPiece
from vitrograph.core.says import in_words
from vitrograph.core.stations import STATIONS
from vitrograph.core.telling.evening_json import evening_json
from vitrograph.core.telling.hands_json import step_of, transfer_of, weed_of
from vitrograph.core.units import Unit

_DIGITS = 4


def plan_of(done: FinishedOrder) -> dict[str, Any]:
    """Write out a finished order; lengths in mm, angles in degrees, sentences in the order's own unit."""
    order = done.order
    return rounded_tree({
        "order": {"id": order.id, "name": order.name, "units": order.units, "pieces": len(order.pieces),
                  "count": order.count, "film": order.cut.film,
                  "recipe": order.etch.recipe.name},
        "pieces": [_piece(piece, order.units) for piece in done.pieces],
        "left_out": [error.words(order.units) for error in done.lacking],
        "cut": _cut(done),
        "etch": _etch(done),
    })


def _cut(done: FinishedOrder) -> dict[str, Any]:
    """How the stencils lie on film, and what cutting them takes."""
    work, jobs = done.cut, {piece.job.key: piece.job for piece in done.pieces}
    sheets = [{
        "film": run.sheet.stock.name, "film_mm": [run.sheet.film.length, run.sheet.film.width],
        "lacking": run.sheet.lacking, "used_mm": list(run.sheet.used), "left_over_mm": run.sheet.left_over,
        "cost": run.sheet.cost, "paths": len(run.cuts), "nodes": run.nodes, "cut_mm": run.cut_mm,
        "travel_mm": run.travel_mm, "seconds": run.seconds,
        "stencils": [{
            "piece": one.part.name, "row": dict(jobs[one.part.key].row), "copy": one.part.copy + 1,
            "film": one.part.film + 1, "at_mm": [one.spot.x, one.spot.y], "turn_deg": degrees(one.spot.turn),
            "pinned": one.pinned, "outline_mm": [list(map(list, one.shape.exterior.coords))],
        } for one in run.sheet.laid],
    } for run in work.runs]
    return {"sheets": sheets, "stencils": work.stencils, "paths": work.paths, "nodes": work.nodes,
            "cut_mm": work.cut_mm, "travel_mm": work.travel_mm, "seconds": work.seconds, "cost": work.bed.cost,
            "findings": [_finding(found, "cut", done.order.units) for found in work.findings],
            "pieces": [{"name": piece.job.name, "stencils": piece.sheets, "paths": len(piece.cut.paths),
                        "cut_mm": piece.cut.cut_mm, "travel_mm": piece.cut.travel_mm, "seconds": piece.cut.seconds}
                       for piece in done.pieces]}


def _piece(r: FinishedPiece, unit: Unit) -> dict[str, Any]:
    """One piece of the order: its design, and the work on it."""
    left, low, right, high = r.sheet.outline.bounds
    return {
        "name": r.job.name,
        "count": r.job.count,
        "row": dict(r.job.row),
        "glass": {**_glass(r.wall, r.job.glass.kind), "material": r.job.material, **_assessed(r.assessed, unit)},
        "artwork": _artwork(r, unit),
        "fit": {
            "fan": _fan(fan_of(r.wall)),
            "sheet_mm": [right - left, high - low],
            "art_mm": list(r.fitted.size),
            "art_is": r.fitted.size_is,
            "art_on_glass_mm": list(r.fitted.on_glass),
            "mode": r.job.fit.mode,
            "face": r.job.fit.face,
            "mirrored": r.fitted.chart.mirrored,
            **_films(r),
        },
        "stencil": {
            "film_area_mm2": r.sheet.film.area,
            "opening_area_mm2": r.sheet.openings.area,
            "openings": len(r.sheet.openings.geoms),
            "islands": len(r.sheet.islands),
            "kind": r.sheet.kind,
            "frosted_area_mm2": r.sheet.frosted.area,
            "border_mm": _by_side(r.sheet.border),
            **_demands(r, unit),
            "findings": [_finding(f, station, unit) for station in STATIONS for f in r.findings(station)],
        },
        "weed": weed_of(r, unit),
        "transfer": transfer_of(r, unit),
    }


def _etch(done: FinishedOrder) -> dict[str, Any]:
    """The etching of the order, and for each piece its area under cream and its steps."""
    recipe = done.order.etch.recipe
    return {
        "recipe": recipe.name,
        "phases": [plain(phase) for phase in recipe.phases],
        "clock": recipe.clock,
        "seconds": done.etch.seconds,
        **evening_json(done),
        "glasses": done.etch.glasses,
        "area_mm2": done.etch.area,
        "pieces": [{"name": piece.job.name, "count": piece.job.count, "area_mm2": piece.etch.area,
                    "steps": [step_of(step, done.order.units) for step in piece.etch.steps]} for piece in done.pieces],
    }


def _demands(r: FinishedPiece, unit: Unit) -> dict[str, Any]:
    """Ties and mends, the seal and its places, the work, the tape that guards the glass, whether it is one piece."""
    seal, work, guard, proof = r.demands.seal, r.demands.work, r.demands.guard, r.demands.proof
    return {
        "mends": [{"does": m.does, "to_mm": m.to, "at_mm": m.at} for m in r.job.stencil.mends],
        "ties": [{"at_mm": list(tie.at), "length_mm": tie.length, "width_mm": tie.width} for tie in r.sheet.ties],
        "one_piece": proof.one_piece,
        "one_piece_says": [in_words(says, unit) for says in proof.says],
        "seal": {"length_mm": seal.length, "area_mm2": seal.area,
                 "places": [{"why": in_words(k.says, unit), "at_mm": list(k.where), "risk": k.score}
                            for k in seal.risks]},
        "work": {"grade": work.grade, "reasons": [in_words(says, unit) for says in work.reasons],
                 "pieces": work.openings, "edge_mm": work.edge,
                 "smallest_mm2": work.smallest, "failing": work.failing},
        "guard": {"tape_mm": guard.tape, "sides_mm": _by_side(guard.sides),
                  "allowed_mm": _by_side(guard.allowed)},
    }


def _by_side(lengths: tuple[float, float, float, float]) -> dict[str, float]:
    return dict(zip(SIDES, lengths, strict=True))


def _films(r: FinishedPiece) -> dict[str, Any]:
    """What the films give, where they are snipped, how they are parted, and what a full turn misses by."""
    strain = {"max_squeeze_pct": 100 * r.fitted.squeeze, "max_stretch_pct": 100 * r.fitted.stretch,
              "at_openings_pct": 100 * r.fitted.strain_at_openings,
              "limit_pct": 100 * r.job.fit.limit(r.job.cut.film)}
    left, _, _, high = r.sheet.outline.bounds
    outlines = [[list(map(list, ring.coords)) for ring in (outline.exterior, *outline.interiors)]
                for outline in r.sheet.outlines]
    bands = [{"order": number, "outline_mm": list(outline.bounds),
              "from_rim_mm": [setting.placing.left.down, setting.placing.right.down],
              "strain_at_openings_pct": 100 * film.strain_at_openings, "marks_mm": [list(mark) for mark in film.marks]}
             for number, (film, outline, setting) in enumerate(
                 zip(r.fitted.films, r.sheet.outlines, r.transfer.settings, strict=True), start=1)]
    snips = [{"from_mm": list(snip.edge), "to_mm": list(snip.tip), "parts_mm": snip.parts, "cut_out": snip.cut_out}
             for film in r.fitted.films for snip in film.snips]
    return {"film_outlines_mm": outlines, "svg_corner_mm": [left, high], "strain": strain, "relief_cuts": snips,
            "bands": bands if len(bands) > 1 else [],
            "closure_mm": r.assessed.trust.closing, "angle_deg": degrees(r.fitted.angle), "times": r.job.fit.times}


def _artwork(r: FinishedPiece, unit: Unit) -> dict[str, Any]:
    items = [_item(item, r.art.of(item.key)) for item in r.job.artwork.items]
    drawing = next((item["drawing"] for item in items if item.get("drawing")), None)
    return {"provenance": [in_words(says, unit) for says in provenance(r.art)], "pieces": items, "drawing": drawing}


def _item(item: Item, placed: Placed | None) -> dict[str, Any]:
    """An item as it stands in the artwork; one that is hidden or empty has no box."""
    made: dict[str, Any] = {"name": label_of(item), "is": kind_of_item(item), "does": item.does,
                            "shown": item.shown, "box_mm": None}
    if placed is not None:
        made |= {"box_mm": list(placed.box), "size_mm": list(placed.size), "cap_height_mm": placed.cap_height}
        if placed.local.source is not None and isinstance(item.what, Drawing):
            made["drawing"] = _drawing(placed.local.source, item.what)
    return made


def _drawing(source: Source, drawing: Drawing) -> dict[str, Any]:
    return {
        "name": drawing.name, "kind": drawing.kind, "own_size_mm": list(source.size_mm), "nodes": source.nodes,
        "smallest_mm": source.smallest, "threshold": source.threshold, "traced_by_opacity": source.by_opacity,
        "colours": [{"colour": c.hex, "share": c.share, "does": c.does} for c in source.colours],
        "mends": len(drawing.mends), "licence": drawing.licence}


def _glass(wall: Wall, kind: str) -> dict[str, Any]:
    if isinstance(wall, Frustum):
        return {"kind": kind, "rim_diameter_mm": 2 * wall.rim_radius, "base_diameter_mm": 2 * wall.base_radius,
                "slant_mm": wall.slant, "upright_mm": wall.upright}
    if isinstance(wall, Turned):
        return {"kind": kind, "widest_diameter_mm": 2 * wall.widest, "along_wall_mm": wall.length,
                "upright_mm": wall.upright}
    return {"kind": kind, "width_mm": wall.span, "height_mm": wall.length}


def _assessed(assessed: Assessment, unit: Unit) -> dict[str, Any]:
    trust = assessed.trust
    return {"trust": {"corner_mm": trust.corner, "closing_mm": trust.closing, "repeat": trust.repeat},
            "largest_motif_mm": _motif(assessed.largest), "reading_motif_mm": _motif(assessed.reading),
            "set": in_words(assessed.alike.says, unit) if assessed.alike else None}


def _motif(motif: Motif | None) -> list[float] | None:
    return [motif.width, motif.height] if motif else None


def _fan(fan: Fan | None) -> dict[str, float] | None:
    if fan is None:
        return None
    return {"outer_radius_mm": fan.outer_radius, "inner_radius_mm": fan.inner_radius, "sweep_deg": degrees(fan.sweep)}


def _finding(found: Finding, station: str, unit: Unit) -> dict[str, Any]:
    return {"code": found.code.value, "level": found.level.value, "station": station,
            "where_mm": list(found.where) if found.where else None, "value": found.value, "limit": found.limit,
            "says": in_words(found.says, unit), "why": in_words(found.why, unit),
            "remedy": in_words(found.remedy.label, unit) if found.remedy else None}


def rounded_tree(tree: dict[str, Any]) -> dict[str, Any]:
    return {key: _rounded(value) for key, value in tree.items()}


def _rounded(node: Any) -> Any:
    """Round every float: a tenth of a micrometre is more than any of them means."""
    if isinstance(node, dict):
        return rounded_tree(node)
    if isinstance(node, list | tuple):
        return [_rounded(value) for value in node]
    return round(float(node), _DIGITS) if isinstance(node, float) else node
