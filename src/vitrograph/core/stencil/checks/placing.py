"""Checks of a stencil's place and size: off the glass, on what is kept clear, border, width against the eye, face, mat.

The limits come from the job; their defaults are common practice, no published source.
"""

from collections.abc import Iterator
from math import degrees

import numpy as np
import shapely
from shapely.geometry import MultiPolygon

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.fit import Fitted, at_top, stood
from vitrograph.core.glass import Block, Pane, blocks_of, largest_motif
from vitrograph.core.job import Job
from vitrograph.core.stencil.sheet import Sheet
from vitrograph.core.units import format_length

SIDES = ("left", "lower", "right", "upper")


def off_glass(sheet: Sheet, job: Job) -> Iterator[Finding]:
    """Art beyond an edge of the glass would be cut in the air: always a stop."""
    wall = sheet.fitted.wall
    u_low, s_low, u_high, s_high = sheet.fitted.wall_bounds
    lower, upper = ("base", "rim") if wall.closed else ("lower edge", "upper edge")
    past = {lower: -s_low, upper: s_high - wall.length}
    if isinstance(wall, Pane) and wall.oval:
        past = {"edge": float(wall.beyond(shapely.get_coordinates(sheet.fitted.wall_art)).max(initial=0.0))}
    elif not wall.closed:
        past |= {"left edge": -wall.span / 2 - u_low, "right edge": u_high - wall.span / 2}
    for edge, excess in past.items():
        if excess > 0.005:
            yield Finding(Code.OFF_GLASS, Level.STOP, f"the art runs {format_length(excess)} past the {edge}",
                          "what is off the glass cannot be etched", _middle(sheet.beyond), excess, 0.0,
                          _back_on_glass(sheet, job))


def keep_out(sheet: Sheet, job: Job) -> Iterator[Finding]:
    """Art on a handle, a seam or another place kept clear is a stop; film there must be cut away."""
    fitted = sheet.fitted
    middle = (fitted.wall_bounds[0] + fitted.wall_bounds[2]) / 2
    outline = shapely.transform(MultiPolygon(list(sheet.covers)), fitted.lay.sheet_to_wall)
    for block in _blocks_before(fitted, middle, job):
        struck, covered = fitted.wall_art.intersection(block.shape), outline.intersection(block.shape)
        if not struck.is_empty:
            where = fitted.lay.wall_to_sheet(np.array([[struck.centroid.x, struck.centroid.y]]))[0]
            yield Finding(Code.KEEP_OUT, Level.STOP, f"the art runs over the {block.what}",
                          "film does not lie down there, and cream gets under it", (float(where[0]), float(where[1])),
                          None, None, _clear_of_blocks(sheet, job))
        elif not covered.is_empty:
            yield Finding(Code.KEEP_OUT, Level.WATCH, f"the border lies over the {block.what}",
                          "cut the film away there before you press it down, and seal that edge with tape")


def _blocks_before(fitted: Fitted, middle: float, job: Job) -> Iterator[Block]:
    """What is kept clear, as it stands before the art and before each of its copies elsewhere round the glass."""
    for turn in (0.0, *fitted.elsewhere):
        for kept in blocks_of(fitted.wall, job.features):
            yield kept.shifted(-turn).near(middle, fitted.wall)


def overlap(sheet: Sheet, job: Job) -> Iterator[Finding]:
    """Art longer than the way round meets itself."""
    wall, (u_low, _, u_high, _) = sheet.fitted.wall, sheet.fitted.wall_bounds
    if wall.closed and u_high - u_low > wall.span + 1e-9:
        round_mm = wall.span * sheet.fitted.lay.middle_scale
        wide = (u_high - u_low) * sheet.fitted.lay.middle_scale
        yield Finding(Code.OVERLAP, Level.STOP, "the art is longer than the way round the glass and overlaps itself",
                      "the ends would lie on each other", None, wide, round_mm,
                      _resized(sheet, job, round_mm / wide, "Just once round"))


def border(sheet: Sheet, job: Job) -> Iterator[Finding]:
    """Too little film round the art to catch stray cream."""
    least = job.stencil.least_border
    short = [(width, name) for width, name in zip(sheet.border, SIDES, strict=True) if width < least - 1e-9
             and not (job.fit.wrap and name in ("left", "right"))]      # round the glass, film meets film
    if not short or sheet.openings.is_empty:
        return
    width, _ = min(short)
    names = " and ".join(name for _, name in short)
    yield Finding(Code.BORDER, Level.WATCH, f"only {format_length(width)} of film at the {names} side",
                  "stray cream runs over a narrow border: let tape make up the rest, or give it more film",
                  None, width, least, _more_border(sheet, job))


def reading_width(sheet: Sheet, job: Job) -> Iterator[Finding]:
    """A design wider than the eye reads from the front is a wrap, not a motif."""
    if job.fit.wrap:
        return
    fitted, limit = sheet.fitted, job.stencil.reading_angle
    turn = fitted.wall_bounds[2] - fitted.wall_bounds[0]
    if fitted.wall.closed and turn > limit:
        wide, most = turn * fitted.lay.middle_scale, limit * fitted.lay.middle_scale
        yield Finding(Code.READING_WIDTH, Level.WATCH, f"the art goes {degrees(turn):.0f}° round; the front shows "
                      f"{degrees(limit):.0f}°", "its ends turn out of sight: good for a wrap, not for a motif",
                      None, wide, most, _resized(sheet, job, most / wide, "Fit the front"))


def face(sheet: Sheet, job: Job) -> Iterator[Finding]:
    """The face worked, and so whether the sheet is mirrored."""
    if job.fit.face == "back" and isinstance(sheet.fitted.wall, Pane):
        yield Finding(Code.FACE, Level.NOTE, "cut mirrored, for the back of the pane",
                      "seen from the front, through the glass, it reads the right way round")
    elif job.fit.face == "back":
        yield Finding(Code.FACE, Level.STOP, "the back of a drinking glass is its inside",
                      "nothing is etched where drink or lips touch: work the outside", None, 1.0, 0.0,
                      Remedy.of("Work the outside", fit__face="outside"))


def carrier(sheet: Sheet, job: Job) -> Iterator[Finding]:
    """A stencil larger than the carrier mat."""
    left, low, right, high = sheet.outline.bounds
    sides, mat = sorted([right - left, high - low]), sorted([job.cut.mat_width, job.cut.mat_length])
    if sides[0] > mat[0] or sides[1] > mat[1]:
        yield Finding(Code.SHEET, Level.WATCH, f"the stencil is {format_length(sides[1])} long; the mat takes "
                      f"{format_length(mat[1])}", "use a longer mat or a roll, or make the border smaller",
                      None, sides[1], mat[1], Remedy.of("Use the long mat", cut__mat_length=597.0))


def _middle(shape: shapely.Geometry) -> tuple[float, float] | None:
    return None if shape.is_empty else (float(shape.centroid.x), float(shape.centroid.y))


def _resized(sheet: Sheet, job: Job, factor: float, says: str) -> Remedy:
    width, _ = sheet.fitted.size
    return Remedy.of(f"{says}: art {format_length(width * factor * 0.999)} wide",
                     **job.resized(factor * 0.999))


def _back_on_glass(sheet: Sheet, job: Job) -> Remedy:
    """Centre art that would fit there; otherwise make it small enough to."""
    wall, (u_low, s_low, u_high, s_high) = sheet.fitted.wall, sheet.fitted.wall_bounds
    room = min(wall.length / (s_high - s_low), 1e9 if wall.closed else wall.span / (u_high - u_low))
    if room >= 1:
        return Remedy.of("Centre it on the glass", **at_top(None), fit__across=0.0)
    return Remedy.of(f"Art {format_length(sheet.fitted.size[0] * room * 0.9)} wide, centred",
                     **job.resized(room * 0.9), **at_top(None), fit__across=0.0)


def _clear_of_blocks(sheet: Sheet, job: Job) -> Remedy | None:
    """Move the art, and shrink it if need be, to the largest place that is clear."""
    fitted = sheet.fitted
    width, height = fitted.size
    room = largest_motif(fitted.wall, blocks_of(fitted.wall, job.features), job.stencil.least_border, width / height)
    if room is None:
        return None
    grown = min(1.0, 0.999 * room.width / width)
    beside = fitted.middle[0] * grown / float(fitted.wall.scale(np.array([room.s]))[0])
    place = stood(fitted.wall, room.u - beside, 0.0)
    if grown < 1:
        place |= job.resized(grown)
    says = "Move it clear" if grown == 1 else f"Move it clear, {format_length(width * grown)} wide"
    return Remedy.of(says, **at_top(fitted.wall.length - room.s - height * grown / 2), **place)


def _more_border(sheet: Sheet, job: Job) -> Remedy | None:
    least = job.stencil.least_border
    if job.stencil.border < least:
        return Remedy.of(f"Border {format_length(least)}", stencil__border=least)
    _, s_low, _, s_high = sheet.fitted.wall_bounds
    placed = job.fit.held != "top" or job.fit.from_rim is not None
    if placed and sheet.fitted.wall.length - (s_high - s_low) >= 2 * least:
        nearer_rim = sheet.border[3] < least
        rim_gap = sheet.fitted.wall.length - s_high
        step = least - sheet.border[3] if nearer_rim else sheet.border[1] - least
        return Remedy.of(f"Move it {format_length(abs(step))} {'down' if step > 0 else 'up'}",
                         **at_top(rim_gap + step))
    return None
