"""The work of the hands as plain data: weeding and transfer, film by film and copy by copy (docs/formats.md)."""

from math import degrees
from typing import Any

from msgspec.structs import asdict

from vitrograph.core.results import FinishedPiece
from vitrograph.core.says import in_words
from vitrograph.core.transfer import Placing, Run, Setting, where_it_goes
from vitrograph.core.units import Unit
from vitrograph.core.weed import Bit
from vitrograph.core.work import Step


def weed_of(r: FinishedPiece, unit: Unit) -> dict[str, Any]:
    """The bits of a stencil, and for each of its films the openings in the order they are pulled."""
    return {
        "pieces": [
            {"number": bit.number, "kind": bit.kind, "name": bit.name, "where": bit.where, "at_mm": list(bit.spot),
             "area_mm2": bit.shape.area, "how": in_words(bit.how, unit)} for bit in r.weed.bits],
        "stencils": [{"film": film + 1, "openings": [_opening(bit, unit) for bit in r.weed.openings_of(film)],
                      "stays": sum(bit.film == film for bit in r.weed.stay)}
                     for film in range(len(r.sheet.outlines))],
    }


def _opening(bit: Bit, unit: Unit) -> dict[str, Any]:
    pull = bit.pull
    assert pull is not None
    return {"order": bit.number, "name": bit.name, "hook_mm": list(pull.hook),
            "pull_deg": None if pull.direction is None else degrees(pull.direction),
            "hold_mm": None if pull.hold is None else list(pull.hold), "risk": pull.risk,
            "why": in_words(pull.why, unit)}


def transfer_of(r: FinishedPiece, unit: Unit) -> dict[str, Any]:
    """The tape, and every film of every copy with its place, its steps and what masks it."""
    plan, first = r.transfer, r.transfer.settings[0]
    films = [_film(setting, steps, copy, unit)
             for copy, (settings, walks) in enumerate(zip(plan.copies, plan.walks, strict=True), start=1)
             for setting, steps in zip(settings, walks, strict=True)]
    return {
        "tape_needed": plan.needed,
        "tape_mm": list(first.tape_size),
        "strips": [asdict(strip) for strip in plan.strips],
        "marks_mm": [list(mark) for mark in plan.marks],
        "from_rim_mm": {"left": first.placing.left.down, "right": first.placing.right.down},
        "above_table_mm": first.placing.lower.up,
        "films": films,
        "steps": [in_words(step.says, unit) for step in plan.steps],
    }


def _film(setting: Setting, steps: tuple[Step, ...], copy: int, unit: Unit) -> dict[str, Any]:
    return {"film": setting.number, "copy": copy, "placing": _placing(setting.placing, unit), "setting": setting.way,
            "tape_mm": list(setting.tape_size) if setting.taped else None,
            "steps": [step_of(step, unit) for step in steps], "mask": [_run(run) for run in setting.mask],
            "says": in_words(where_it_goes(setting.placing, setting.which), unit)}


def _placing(placing: Placing, unit: Unit) -> dict[str, Any]:
    middle = placing.middle
    return {
        "across_mm": middle.across, "round_mm": middle.round_glass, "angle_deg": placing.angle_deg,
        "from": placing.edge, "across_from": placing.side or None, "seen_from": "behind" if placing.behind else "front",
        "rim_mm": [spot.down for spot in placing.spots], "at": [spot.name for spot in placing.spots],
        "round_at_mm": [spot.round_glass for spot in placing.spots],
        "across_at_mm": [spot.across for spot in placing.spots],
        "above_table_mm": placing.lower.up, "height_by": "table" if placing.by == "table" else placing.edge,
        "water_ml": placing.water, "no_water": placing.no_water or None,
        "beside": [{"what": one.what, "mm": one.mm, "side": one.side} for one in placing.beside],
        "end_moves_per_mm": placing.turn_per_mm, "art_moves_per_mm": placing.shift_per_mm,
    }


def _run(run: Run) -> dict[str, Any]:
    return {"side": run.side, "length_mm": run.length, "courses": run.courses}


def step_of(step: Step, unit: Unit) -> dict[str, Any]:
    """A step: what to do, whether it takes hands, how long it waits, and its caution."""
    return {"says": in_words(step.says, unit), "note": in_words(step.note, unit), "seconds": step.seconds,
            "hands": step.hands, "wait_s": 0.0 if step.hands or step.seconds is None else step.seconds,
            "caution": step.caution}
