"""Checks of a stencil's place and size: off the glass, on what is kept clear, border, width against the eye, face.

The limits come from the job; their defaults are common practice, no published source. The lip area, 20 mm
below the rim of ware that is drunk from, is that of ISO 7086-1 and ASTM C927; the 5 mm of a stop are common practice.
"""

from bisect import bisect
from collections.abc import Iterator
from math import degrees

import numpy as np
import shapely
from shapely.geometry import Polygon

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.fit import SIDES, Fitted, Seams, gaps_in, held_from_rim, moved_round
from vitrograph.core.geometry import within
from vitrograph.core.glass import Block, Pane, blocks_of, largest_motif, profile_at
from vitrograph.core.job.change import Put, Resize, put
from vitrograph.core.language import tr, tr_later
from vitrograph.core.says import Joined, Length, Says
from vitrograph.core.stencil.checks.given import CheckInput
from vitrograph.core.stencil.sheet import Sheet
from vitrograph.core.value_words import word_of

LIP_MM, _LIP_STOP_MM = 20.0, 5.0
_AS_TYPED_MM = 0.05                # no ruler tells less
_TOLD_SHARE = 0.95                 # of the border at the sides: less is told by itself
_NARROW = tr("stray cream runs over a narrow border: let tape make up the rest, or give it more film")
_CENTRED = (*held_from_rim(None), put(lambda job: job.fit.across, 0.0))


def off_glass(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Art beyond an edge of the glass would be cut in the air: always a stop."""
    wall = sheet.fitted.wall
    u_low, s_low, u_high, s_high = sheet.fitted.wall_bounds
    lower, upper = (tr("base"), tr("rim")) if wall.closed else (tr("lower edge"), tr("upper edge"))
    past = {lower: -s_low, upper: s_high - wall.length}
    if isinstance(wall, Pane) and wall.oval:
        past = {tr("edge"): float(wall.beyond(shapely.get_coordinates(sheet.fitted.wall_art)).max(initial=0.0))}
    elif not wall.closed:
        past |= {tr("left edge"): -wall.span / 2 - u_low, tr("right edge"): u_high - wall.span / 2}
    for edge, excess in past.items():
        if excess > 0.005:
            yield Finding(Code.OFF_GLASS, Level.STOP, Says("the art runs {excess} past the {edge}",
                                                           excess=Length(excess), edge=edge),
                          tr("what is off the glass cannot be etched"), _middle(sheet.beyond), excess, 0.0,
                          _back_on_glass(sheet))


def keep_out(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Art on a handle, a seam or another place kept clear is a stop; film there must be cut away.

    Each place is told of once, by the stencils round the glass that come to it.
    """
    fitted = sheet.fitted
    for kept in blocks_of(fitted.wall, given.features):
        places = _before_each_copy(fitted, kept)
        struck = [within(fitted.wall_art, place) for place in places]
        hit = [number for number, shape in enumerate(struck, start=1) if not shape.is_empty]
        covered = [number for number, place in enumerate(places, start=1) if number not in hit
                   and any(not within(film, place).is_empty for film in sheet.on_wall)]
        what = word_of(kept.what)
        if hit:
            at = struck[hit[0] - 1].centroid
            where = fitted.chart.wall_to_sheet(np.array([[at.x, at.y]]))[0]
            mends = tuple(_ways_clear(sheet, given))
            yield Finding(Code.KEEP_OUT, Level.STOP,
                          tr("the art runs over the {what}{which}", what=what, which=_which(hit, sheet)),
                          tr("film does not lie down there, and cream gets under it"),
                          (float(where[0]), float(where[1])), None, None, next(iter(mends), None), mends[1:])
        if covered:
            yield Finding(Code.KEEP_OUT, Level.WATCH,
                          tr("the border lies over the {what}{which}", what=what, which=_which(covered, sheet)),
                          tr("cut the film away there before you press it down, and seal that edge with tape"))


def _before_each_copy(fitted: Fitted, kept: Block) -> list[Polygon]:
    """A place kept clear, as it lies before the art and before each of its copies elsewhere round the glass."""
    middle = (fitted.wall_bounds[0] + fitted.wall_bounds[2]) / 2
    return [kept.shifted(-turn).near(middle, fitted.wall).shape for turn in (0.0, *fitted.elsewhere)]


def _which(stencils: list[int], sheet: Sheet) -> str:
    """Which stencils round the glass are meant; nothing where there is one."""
    if sheet.fitted.sheets == 1:
        return ""
    return tr(", in stencil {which} of {many}", which=", ".join(map(str, stencils)), many=sheet.fitted.sheets)


def below_rim(sheet: Sheet) -> float | None:
    """How far below the rim, upright, what is seen of a sheet begins, mm; None on a pane, or past the rim."""
    wall = sheet.fitted.wall
    if not wall.closed or sheet.seen.is_empty:
        return None
    top = _top_of(sheet)
    if top > wall.length:                                      # past the rim it is off the glass
        return None
    _, (rim, height) = profile_at(wall, np.array([wall.length, top]))
    return float(rim - height)


def _top_of(sheet: Sheet) -> float:
    """How far up the wall what is seen of a sheet reaches, mm."""
    return float(sheet.fitted.chart.sheet_to_wall(shapely.get_coordinates(sheet.seen))[:, 1].max())


def lip(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Frost, or film that stays, where lips touch a glass that somebody drinks from."""
    below = None if given.features.use == "display" else below_rim(sheet)
    if below is None or below > LIP_MM - _AS_TYPED_MM:
        return
    what = tr("film that stays") if sheet.kind == "decal" else tr("frost")
    yield Finding(Code.LIP, Level.STOP if below < _LIP_STOP_MM else Level.WATCH,
                  Says("{what} reaches to {below} below the rim", what=what, below=Length(below)),
                  Says("lips touch the upper {lip} of a glass that is drunk from: keep that bare, or say at the Glass "
                       "station that this one is for display only", lip=Length(LIP_MM, 0)),
                  None, below, LIP_MM, _below_lip(sheet, given, _top_of(sheet)))


def _below_lip(sheet: Sheet, given: CheckInput, top: float) -> Remedy | None:
    """Move the art below the lip area; None where it is too high for that."""
    wall = sheet.fitted.wall
    free = float(wall.along(np.array([wall.upright - LIP_MM]))[0]) if wall.upright > LIP_MM else 0.0
    s_low = sheet.fitted.wall_bounds[1]
    return None if s_low - (top - free) < 0 else _moved(sheet, given, top - free)


def overlap(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Art longer than the way round meets itself."""
    wall, (u_low, _, u_high, _) = sheet.fitted.wall, sheet.fitted.wall_bounds
    if wall.closed and u_high - u_low > wall.span + 1e-9:
        round_mm = wall.span * sheet.fitted.chart.middle_scale
        wide = (u_high - u_low) * sheet.fitted.chart.middle_scale
        yield Finding(Code.OVERLAP, Level.STOP,
                      tr("the art is longer than the way round the glass and overlaps itself"),
                      tr("the ends would lie on each other"), None, wide, round_mm,
                      _resized(sheet, round_mm / wide, tr("Just once round")))


def border(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Too little film round the art to catch stray cream."""
    least = given.stencil.least_border
    short = [(width, name) for width, name in zip(sheet.border, SIDES, strict=True) if width < least - 1e-9
             and not (given.fit.wrap and name in ("left", "right"))]      # round the glass, film meets film
    if sheet.openings.is_empty:
        return
    yield from _cut_corner(sheet, given)
    if not short:
        return
    width, _ = min(short)
    alike = {round(wide, 1): [name for other, name in short if round(other, 1) == round(wide, 1)]
             for wide, _ in sorted(short)}
    each = tuple(Says("{width} of film at the {names} side", width=Length(wide),
                      names=tr(" and ").join(map(word_of, names)))
                 for wide, names in alike.items())
    yield Finding(Code.BORDER, Level.WATCH, Says("only {each}", each=Joined(tr(" and "), each)),
                  _NARROW, None, width, least, _more_border(sheet, given))


def _cut_corner(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Film that is narrower somewhere than at its sides: where its corners are rounded, or end with an oval pane.

    Snips, notches and films that meet are narrow on purpose; sides are told at their middle, and run together on a
    taper.
    """
    least, film, wall = given.stencil.least_border, sheet.fitted.films[0], sheet.fitted.wall
    cut = given.stencil.corner > 0 or (isinstance(wall, Pane) and wall.oval)
    if not cut or len(sheet.covers) > 1 or film.snips or given.fit.wrap:
        return
    edge, told = sheet.covers[0].exterior, _TOLD_SHARE * min(least, *sheet.border)
    if shapely.dwithin(sheet.openings, edge, told):
        near = shapely.shortest_line(sheet.openings, edge)
        square = Remedy.of(tr("Square corners"), put(lambda job: job.stencil.corner, 0.0))
        yield Finding(Code.BORDER, Level.WATCH,
                      Says("only {width} of film from an opening to the nearest edge", width=Length(near.length)),
                      _NARROW, _middle(near), near.length, least, square if given.stencil.corner else None)


def size_cut(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Mends and ties that move the art's outer edges: what is cut is not as wide, or else as high, as it was typed."""
    if not sheet.recut or sheet.seen.is_empty or not sheet.beyond.is_empty or sheet.kind == "clear":
        return
    now, before = (np.ptp(np.reshape(art.bounds, (2, 2)), axis=0)
                   for art in (shapely.transform(sheet.seen, sheet.fitted.chart.sheet_to_art), sheet.fitted.art))
    for typed, cut, told, offer in zip(sheet.fitted.size, sheet.fitted.size + now - before, _SIZE_CUT, _CUT_AS_TYPED,
                                       strict=True):
        if abs(cut - typed) > _AS_TYPED_MM and cut > 0:
            factor = (2 * typed - cut) / typed                 # the mends stay as wide on smaller art
            yield Finding(Code.SIZE, Level.NOTE, Says(told, cut=Length(cut, 2), typed=Length(typed, 2)),
                          tr("mends and ties move its outer edges"), None, cut, typed,
                          Remedy.of(Says(offer, typed=Length(typed)), Resize(factor)) if factor > 0 else None)
            return


_SIZE_CUT = (tr_later("with its mends the art is cut {cut} wide; without them it is {typed}"),
             tr_later("with its mends the art is cut {cut} high; without them it is {typed}"))
_CUT_AS_TYPED = tr_later("Cut it {typed} wide"), tr_later("Cut it {typed} high")


def reading_width(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """A design wider than the eye reads from the front is a wrap, not a motif."""
    if given.fit.wrap:
        return
    fitted, limit = sheet.fitted, given.stencil.reading_angle
    turn = fitted.widest.turn if fitted.wall.closed else 0.0
    if turn > limit:
        wide, most = turn * fitted.chart.middle_scale, limit * fitted.chart.middle_scale
        yield Finding(Code.READING_WIDTH, Level.WATCH, tr("the art goes {degrees:.0f}° round; the front shows "
                                                          "{degrees2:.0f}°", degrees=degrees(turn),
                                                          degrees2=degrees(limit)),
                      tr("its ends turn out of sight: good for a wrap, not for a motif"),
                      None, wide, most, *_parted_first(sheet, given, _resized(sheet, most / wide, tr("Fit the front"))))


def _parted_first(sheet: Sheet, given: CheckInput, smaller: Remedy) -> tuple[Remedy, tuple[Remedy, ...]]:
    """Of art that is several designs far apart, each seen by itself: a film for each, before all is made smaller."""
    fitted, seams = sheet.fitted, Seams(given.stencil.borders, far=True)
    gaps = [gap for gap in gaps_in(fitted.art, 0) if seams.apart(gap[1] - gap[0], 0)]
    ends = [fitted.art.bounds[0], *(end for gap in gaps for end in gap), fitted.art.bounds[2]]
    widest = max(high - low for low, high in zip(ends[::2], ends[1::2], strict=True))
    if len(sheet.films) > 1 or not gaps or widest > given.stencil.reading_angle * fitted.chart.middle_scale:
        return smaller, ()
    many = len(gaps) + 1
    return Remedy.of(tr("Cut a film for each of {many} designs", many=many),
                     put(lambda job: job.fit.columns, many)), (smaller,)


def face(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """The face worked, and so whether the sheet is mirrored."""
    outside = Remedy.of(tr("Work the outside"), put(lambda job: job.fit.face, "outside"))
    if given.fit.face == "back" and given.material == "mirror":
        yield Finding(Code.FACE, Level.WATCH, tr("the back of a mirror is coated"),
                      tr("cream does not reach the glass there, and nothing on it is seen from the front"),
                      None, 1.0, 0.0, outside)
    elif given.fit.face == "back" and isinstance(sheet.fitted.wall, Pane):
        yield Finding(Code.FACE, Level.NOTE, tr("cut mirrored, for the back of the pane"),
                      tr("seen from the front, through the glass, it reads the right way round"))
    elif given.fit.face == "back":
        yield Finding(Code.FACE, Level.STOP, tr("the back of a drinking glass is its inside"),
                      tr("nothing is etched where drink or lips touch: work the outside"), None, 1.0, 0.0, outside)


def _middle(shape: shapely.Geometry) -> tuple[float, float] | None:
    return None if shape.is_empty else (float(shape.centroid.x), float(shape.centroid.y))


def _resized(sheet: Sheet, factor: float, says: str) -> Remedy:
    width, _ = sheet.fitted.size
    return Remedy.of(Says("{says}: art {width} wide", says=says, width=Length(width * factor * 0.999)),
                     Resize(factor * 0.999))


def _back_on_glass(sheet: Sheet) -> Remedy:
    """Centre art that would fit there; otherwise make it small enough to."""
    wall, (u_low, s_low, u_high, s_high) = sheet.fitted.wall, sheet.fitted.wall_bounds
    room = min(wall.length / (s_high - s_low), 1e9 if wall.closed else wall.span / (u_high - u_low))
    if room >= 1:
        return Remedy.of(tr("Centre it on the glass"), *_CENTRED)
    return Remedy.of(Says("Art {width} wide, centred", width=Length(sheet.fitted.size[0] * room * 0.9)),
                     Resize(room * 0.9), *_CENTRED)


def _ways_clear(sheet: Sheet, given: CheckInput) -> Iterator[Remedy]:
    """Move the art and its copies, smaller if need be, to the largest clear place; or, as large, fewer of them."""
    fitted = sheet.fitted
    copies = fitted.sheets * len(fitted.copy_angles)
    grown, place = _clear_place(fitted, copies, given)
    if grown == 1:
        yield Remedy.of(tr("Move it clear"), *place)
        return
    if grown > 0:
        width = Length(fitted.size[0] * grown)
        yield Remedy.of(Says("Move it clear, {width} wide", width=width), Resize(grown), *place)
    fewer = bisect(range(1, copies), False, key=lambda many: _clear_place(fitted, many, given)[0] < 1)
    if fewer:
        yield Remedy.of(tr("Move it clear, only {n} round the glass", "Move it clear, only one on the glass", n=fewer),
                        put(lambda job: job.fit.times, fewer), *_clear_place(fitted, fewer, given)[1])


def _clear_place(fitted: Fitted, many: int, given: CheckInput) -> tuple[float, tuple[Put, ...]]:
    """How large the art may be, 1 at most, in the largest place clear for so many copies, and what puts it there.

    The size is 0 where no place is clear.
    """
    width, height = fitted.size
    kept = blocks_of(fitted.wall, given.features)
    room = largest_motif(fitted.wall, kept, given.stencil.least_border, width / height, times=many)
    if room is None:
        return 0.0, ()
    grown = min(1.0, 0.999 * room.width / width)
    return grown, fitted.put_at(room.u, room.s, grown)


def _more_border(sheet: Sheet, given: CheckInput) -> Remedy | None:
    least = given.stencil.least_border
    if given.stencil.border < least:
        return Remedy.of(Says("Border {least}", least=Length(least)), put(lambda job: job.stencil.border, least))
    wall, (left, lower, right, upper) = sheet.fitted.wall, sheet.border
    u_low, s_low, u_high, s_high = sheet.fitted.wall_bounds
    if isinstance(wall, Pane) and wall.oval:                   # which way there is more film depends on the art's shape
        return None
    down = _away((wall.length - s_high, upper), (s_low, lower), least)
    across = 0.0 if wall.closed else _away((u_low + wall.span / 2, left), (wall.span / 2 - u_high, right), least)
    return _moved(sheet, given, down, across) if down or across else None


def _away(here: tuple[float, float], there: tuple[float, float], least: float) -> float:
    """How far art must go away from one edge, or less than 0 from the other; each is how far off it is, and its film.

    0 where no edge of the glass makes film narrower than the least, or where the glass has no room for it.
    """
    if here[0] + there[0] >= 2 * least:
        for way, (free, film) in ((1.0, here), (-1.0, there)):
            if free < least and film < least:
                return way * (least - min(free, film))             # past the edge there is none
    return 0.0


def _moved(sheet: Sheet, given: CheckInput, down: float, across: float = 0.0) -> Remedy:
    """Move the art down the wall and to the right; up, and to the left, where that is less than 0."""
    rim_gap = sheet.fitted.wall.length - sheet.fitted.wall_bounds[3]
    steps: list[Says] = []
    changes: list[Put] = []
    if down:
        step = Length(abs(down))
        steps.append(Says("{step} down", step=step) if down > 0 else Says("{step} up", step=step))
        changes += held_from_rim(rim_gap + down)
    if across:
        step = Length(abs(across))
        steps.append(Says("{step} to the right", step=step) if across > 0 else Says("{step} to the left", step=step))
        changes += moved_round(sheet.fitted.wall, given.fit.across, across)
    return Remedy.of(Says("Move it {steps}", steps=Joined(tr(" and "), tuple(steps))), *changes)
