"""Checks of film and openings alone: each fault with its measured width, why it matters, and mends that do it."""

from collections.abc import Iterable, Iterator
from math import degrees, isfinite

import numpy as np
from shapely.geometry import Point

from vitrograph.core.findings import Code, Finding, Level, Remedy
from vitrograph.core.job import FilmMend, FilmMendName
from vitrograph.core.job.change import AddMend, put
from vitrograph.core.language import tr
from vitrograph.core.says import Area, Length, Says
from vitrograph.core.stencil.checks.given import CheckInput
from vitrograph.core.stencil.checks.letters import changed, doubtful, sturdier, words_at
from vitrograph.core.stencil.mending.faults import Fault, Limits
from vitrograph.core.stencil.sheet import Sheet
from vitrograph.core.stencil.tying.carry import MOST_DROOP

_CODES = {"web": Code.WEB, "near": Code.NEAR, "opening": Code.OPENING, "needle": Code.NEEDLE, "speck": Code.SPECK,
          "island": Code.ISLAND}
_WHY = {
    "web": tr("thin webs tear when weeded and lift in the cream"),
    "near": tr("where openings nearly touch, the film between tears and cream runs across"),
    "opening": tr("narrow openings fill badly and read as scratches"),
    "needle": tr("a needle of film lifts in the cream, and its edge comes out ragged"),
    "speck": tr("cream hardly gets into so small an opening, and nobody sees it"),
    "island": tr("so small an island is lost in weeding, or floats off in the cream"),
}
_NEEDED = {"resist": _WHY, "clear": _WHY, "decal": {
    **_WHY,
    "web": tr("thin strips of film tear when weeded, and wear off"),
    "opening": tr("a narrow gap closes when the film is laid, and is hard to weed"),
    "speck": tr("so small a gap is hardly weeded and hardly seen"),
    "near": tr("so thin a strip between two gaps tears when weeded"),
    "needle": tr("a needle of film lifts and wears off"),
}}

_OFFERS: dict[str, tuple[tuple[str, FilmMendName], ...]] = {
    "web": ((tr("Thicken it to {to}"), "fatten webs"), (tr("Remove this web"), "join openings")),
    "near": ((tr("Part them by {to}"), "fatten webs"), (tr("Join them"), "join openings")),
    "opening": ((tr("Widen it to {to}"), "widen openings"), (tr("Leave it out"), "fill openings")),
    "needle": ((tr("Blunt it at {to}"), "blunt tips"),),
    "speck": ((tr("Leave it out"), "fill specks"), (tr("Widen it to {to}"), "widen openings")),
    "island": ((tr("Remove this island"), "drop islands"),),
}


def film_faults(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Yield what of film and openings is too thin, too small or too sharp: kind by kind, the worst of each first."""
    told: set[str] = set()
    why = _NEEDED[sheet.kind]
    kinds = list(_CODES)
    faults = _of_what_is_cut(sheet, sheet.cutting.faults(Limits.of(given.stencil)))
    for fault in sorted(faults, key=lambda fault: (kinds.index(fault.kind), not fault.grave, fault.value)):
        first = fault.kind not in told
        told.add(fault.kind)
        remedies = [*_mends(sheet, fault), *(_sturdier(sheet, fault) if first else ())]
        if _by_finger(fault):
            yield Finding(Code.ISLAND, Level.NOTE, Says("an island of {area}", area=Area(fault.value)),
                          tr("that is less than a finger holds: keep the hook by when you press it down"),
                          fault.where, fault.value, fault.limit, remedies[0] if remedies else None, tuple(remedies[1:]))
            continue
        level = Level.WATCH if fault.grave else Level.NOTE
        note = tr("so fine a point comes out soft at its end; nothing tears") if not fault.grave else why[fault.kind]
        yield Finding(_CODES[fault.kind], level, _says(fault), note, fault.where, fault.value, fault.limit,
                      remedies[0] if remedies else None, tuple(remedies[1:]))


def _of_what_is_cut(sheet: Sheet, faults: Iterable[Fault]) -> list[Fault]:
    """Leave out slivers that are there only because the art runs off the glass: that is told, and has to be mended."""
    if sheet.beyond.is_empty:
        return list(faults)
    return [fault for fault in faults if sheet.beyond.distance(Point(fault.where)) > fault.limit]


def _by_finger(fault: Fault) -> bool:
    return fault.kind == "island" and not fault.grave


def _says(fault: Fault) -> Says:
    wide, long = Length(fault.value, 2), Length(fault.length)
    if fault.kind == "needle":
        return Says("a needle of {what}, thin for {long}", what=tr("film") if fault.grave else tr("frost"), long=long)
    if fault.kind in ("island", "speck"):
        what = tr("an island") if fault.kind == "island" else tr("an opening")
        return Says("{what} only {wide} across", what=what, wide=wide)
    if fault.kind == "near":
        return Says("two openings {wide} apart", wide=wide)
    names = {("web", False): tr("a web of film"), ("web", True): tr("a sliver of film"),
             ("opening", False): tr("an opening"),
             ("opening", True): tr("an opening all thin,")}
    return Says("{what} {wide} wide, {long} long", what=names[fault.kind, fault.alone], wide=wide, long=long)


def _mends(sheet: Sheet, fault: Fault) -> Iterator[Remedy]:
    """The mends for a fault, done about its place only."""
    if fault.kind == "needle" and not fault.grave:
        return
    at = sheet.fitted.in_artwork(fault.where)
    # an island too small for a finger is dropped by its own size, since its width is no fault
    to = float(np.sqrt(fault.limit)) if _by_finger(fault) else fault.limit
    for says, does in _OFFERS[fault.kind]:
        mend = FilmMend(does, to, (round(at[0], 3), round(at[1], 3)), round(fault.limit, 3))
        yield Remedy.of(Says(says, to=Length(to)), AddMend(mend))


def _sturdier(sheet: Sheet, fault: Fault) -> Iterator[Remedy]:
    """A sturdier face for the words that a fault lies in."""
    words = None if fault.kind == "island" else words_at(sheet, fault.where)
    if words is not None and (remedy := sturdier(words)) is not None:
        yield remedy


def ties(sheet: Sheet, given: CheckInput) -> Iterator[Finding]:
    """Yield islands that ties were to hold and do not, and ties placed where there is nothing to cross."""
    for spot in sheet.missed:
        yield Finding(Code.TIE, Level.WATCH, tr("a tie placed by hand crosses no opening"),
                      tr("the art has changed since: move it, or take it away"), spot)
    yield from doubtful(sheet)
    yield from changed(sheet, given)
    if given.stencil.ties.placed == "none" or not sheet.droops:
        return
    again = Remedy.of(tr("Place all ties again"), put(lambda job: job.stencil.ties.placed, "auto"))
    loose = len(sheet.islands)
    if loose:
        spot = sheet.islands[0].representative_point()
        yield Finding(Code.TIE, Level.WATCH, tr("{n} islands have no tie", "{n} island has no tie", n=loose),
                      tr("tape must keep what no tie holds"), (spot.x, spot.y), None, None, again if sheet.missed or (
                          given.stencil.ties.placed == "hand") else None)
    hangs = max((hang for hang in sheet.droops if isfinite(hang)), default=0.0)
    if hangs > MOST_DROOP:
        width = 1.5 * given.stencil.ties.width
        yield Finding(Code.TIE, Level.WATCH, tr("an island hangs {degrees:.0f}° down when the film is lifted",
                                                degrees=degrees(hangs)),
                      tr("up to {degrees:.0f}° it still lies down where it should", degrees=degrees(MOST_DROOP)), None,
                      None, None,
                      Remedy.of(Says("Ties {width} wide", width=Length(width)),
                                put(lambda job: job.stencil.ties.width, width)),
                      (again,) if given.stencil.ties.placed == "hand" else ())
